import type { Stage } from '../ways';

/** A long marinade is turned morning and evening, each time a job of its own. */
export const TURN_KEYS = ['turn', 'turn-2', 'turn-3', 'turn-4', 'turn-5', 'turn-6', 'turn-7', 'turn-8'] as const;

export const JOB_KEYS = [
  'temper',
  'rinse-bones',
  'trim',
  'firm',
  'slice',
  'pound',
  'beat',
  'pierce',
  'score',
  'soda',
  'soda-wait',
  'rinse',
  'drain',
  'mix',
  'cool',
  'coat',
  'marinate',
  ...TURN_KEYS,
  'boil',
  'glaze',
  'dip',
  'slurry',
  'soak',
  'thread',
  'dry',
  'cook',
  'carve',
] as const;
export type JobKey = (typeof JOB_KEYS)[number];

export const isTurn = (key: JobKey): key is (typeof TURN_KEYS)[number] =>
  (TURN_KEYS as readonly JobKey[]).includes(key);

/** What the cook may give an hour of its own: handwork, and what is put to soak. A wait begins when what is before it ends. */
export const mayHaveHour = ({ key, hands }: { key: JobKey; hands: boolean }): boolean =>
  !isTurn(key) && (hands || key === 'soak');

/** Where the meat is meanwhile; `none` where the job does not touch it. */
export type Place = 'counter' | 'fridge' | 'freezer' | 'heat' | 'none';

export interface Task {
  key: JobKey;
  stage: Stage;
  minutes: number;
  /** True where someone has to stand there. */
  hands: boolean;
  place: Place;
  /** It begins exactly then: the cook has said so, or it runs. */
  atMs?: number;
  /** How long the meat may wait after it, where that is not the usual of its kind. */
  mayWaitMin?: number;
}

/** The one task whose length may give: the marinade. */
export interface FlexibleTask extends Task {
  flex: { fromMin: number; toMin: number };
}

export interface SideTask extends Task {
  /** Ends when this task starts: one of the chain, or a side task listed before it. */
  before: Task['key'];
}

export interface Job extends Task {
  startMs: number;
  endMs: number;
  /** After it the meat waits in the fridge so long until the next, because hands are busy elsewhere. */
  thenColdMin?: number;
  /** After it the meat is kept hot so long until it is on the table. */
  thenHotMin?: number;
  /** After raw poultry other raw meat comes to the board: it is washed first. */
  thenWash?: true;
}
