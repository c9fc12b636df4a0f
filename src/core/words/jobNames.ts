import type { Handwork } from '../batches';
import { kindOf, type JobKey, type JobKind } from '../scheduling';

/** One word for each, apart from its sentences. */
export const JOB_SHORT: Record<JobKind, string> = {
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
  turn: 'Turn',
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
  'heat-up': 'Heat up',
  wash: 'Wash',
  cook: 'Cook',
};

export const jobShort = (key: JobKey): string => JOB_SHORT[kindOf(key)];

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
