import type { Stage } from '../ways';

/** Every kind of job there is; new ones at the end, for a wash has the number of what it is before. */
export const JOB_KINDS = [
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
  'turn',
  'boil',
  'glaze',
  'dip',
  'slurry',
  'soak',
  'thread',
  'dry',
  'cook',
  'carve',
  'heat-up',
  'wash',
] as const;
export type JobKind = (typeof JOB_KINDS)[number];

/** A kind of job; what is done again and again has a number: turn, turn-2, turn-3. */
export type JobKey = JobKind | `${JobKind}-${number}`;
const MOST_PARTS = 99;

/** The name of the n-th time, from 1. */
export const nthKey = (kind: JobKind, n: number): JobKey => (n === 1 ? kind : `${kind}-${n}`);

/** What a job is, and which time it is. */
export function partOf(key: JobKey): { kind: JobKind; n: number } {
  const numbered = /^(.+)-(\d+)$/.exec(key);
  const isKind = (JOB_KINDS as readonly string[]).includes(key);
  return isKind || !numbered
    ? { kind: key as JobKind, n: 1 }
    : { kind: numbered[1] as JobKind, n: Number(numbered[2]) };
}
export const kindOf = (key: JobKey): JobKind => partOf(key).kind;

/** Whether a text names a job. */
export function isJobKey(text: string): text is JobKey {
  const { kind, n } = partOf(text as JobKey);
  return (JOB_KINDS as readonly string[]).includes(kind) && n >= 1 && n <= MOST_PARTS && nthKey(kind, n) === text;
}

export const isTurn = (key: JobKey): boolean => kindOf(key) === 'turn';

/** Begun by the cook though no hands are in it until it ends. */
const LEFT_TO_ITSELF: readonly JobKey[] = ['soak', 'heat-up'];

/** What the cook may give an hour of its own: handwork, and what is put to soak or to heat up. A wait begins when what is before it ends, a wash when others leave the board. */
export const mayHaveHour = ({ key, hands }: { key: JobKey; hands: boolean }): boolean =>
  !isTurn(key) && kindOf(key) !== 'wash' && (hands || LEFT_TO_ITSELF.includes(key));

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
  /** What cannot begin without it, where that is later. */
  serves?: Task['key'];
  /** It may be ready so much sooner, min; hours where it does not say. */
  readyMin?: number;
}

export interface Job extends Task {
  startMs: number;
  endMs: number;
  /** After it the meat waits in the fridge so long until the next, because hands are busy elsewhere. */
  thenColdMin?: number;
  /** After it the meat is kept hot so long until it is on the table. */
  thenHotMin?: number;
  /** Raw poultry of another batch was on the board, and no wash of its own found a place between: it is washed first. */
  washFirst?: true;
  /** What was heated up stays on for another batch. */
  staysOn?: true;
}
