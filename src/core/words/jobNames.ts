import type { Handwork } from '../batches';
import { TURN_KEYS, type JobKey } from '../scheduling';

/** One word for each, apart from its sentences. */
export const JOB_SHORT: Record<JobKey, string> = {
  temper: 'Temper',
  'rinse-bones': 'Rinse',
  pound: 'Pound',
  carve: 'Slice',
  trim: 'Trim',
  firm: 'Firm',
  slice: 'Slice',
  soda: 'Soda on',
  'soda-wait': 'Soda',
  rinse: 'Rinse',
  drain: 'Drain',
  mix: 'Mix',
  coat: 'Coat',
  marinate: 'Marinate',
  ...(Object.fromEntries(TURN_KEYS.map((key) => [key, 'Turn'])) as Record<(typeof TURN_KEYS)[number], string>),
  beat: 'Beat',
  pierce: 'Pierce',
  score: 'Score',
  cool: 'Cool',
  boil: 'Boil',
  glaze: 'Glaze',
  dip: 'Dip',
  slurry: 'Slurry',
  soak: 'Soak sticks',
  thread: 'Thread',
  dry: 'Wipe dry',
  cook: 'Cook',
};

/** Handwork of which a pace is learned. */
export const HANDWORK_NAMES: Record<Handwork, string> = {
  trim: 'trimming',
  slice: 'slicing',
  'rinse-bones': 'rinsing ribs',
  pound: 'scoring and pounding',
  carve: 'slicing after the heat',
  soda: 'soda on',
  rinse: 'rinsing soda off',
  coat: 'coating',
  thread: 'threading',
  wipe: 'wiping dry',
  drip: 'letting it drip',
};
