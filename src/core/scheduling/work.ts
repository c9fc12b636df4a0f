import type { Interval } from '../times';
import type { FlexibleTask, SideTask, Task } from './job';

/** What one batch wants done, before any clock: the question that its schedule answers. */
export interface Work {
  tableAtMs: number;
  /** Nothing can start before this: usually when the plan was made. */
  notBeforeMs?: number;
  /** In working order; the last ends at the table. */
  chain: readonly (Task | FlexibleTask)[];
  side: readonly SideTask[];
  /** To keep free of handwork: nights, and when nobody is in the kitchen. */
  quiet: readonly Interval[];
  /** Of these, when nobody is in the kitchen. */
  away?: readonly Interval[];
  warmLimitMin: number;
  lots: number;
  /** Where it is cooked: what else wants that place waits. */
  heat: string;
  /** Minutes that it stays as it should once it is off the heat. */
  staysHotMin: number;
  /** Raw poultry: worked last, so that nothing follows it on the board. */
  poultry: boolean;
}

/** Pairs of hands at work at once in one kitchen. */
export const COOKS = { min: 1, max: 4 } as const;
/** How many batches may be on one heat at once: pans, grills, trays in the oven. */
export const HEATS = { min: 1, max: 4 } as const;

/** What the batches of a meal share; one of each where it is not said. */
export interface Shared {
  cooks?: number;
  /** Of each heat, by its name. */
  heats?: Readonly<Partial<Record<string, number>>>;
}

/** A wait on the board shorter than this is not worth the way to the fridge: it counts as out. */
export const TO_THE_FRIDGE_MIN = 10;
/** How long meat may wait in the fridge after a task before the next, min; own estimates of what does it no harm (docs/sources.md, "Several batches"). */
export const MAY_WAIT_MIN = {
  temper: 30,
  'rinse-bones': 120,
  trim: 120,
  slice: 120,
  pound: 120,
  beat: 120,
  pierce: 60,
  score: 60,
  drain: 60,
  thread: 180,
} as const satisfies Partial<Record<Task['key'], number>>;

export const waitsAfter = ({ key, mayWaitMin }: Pick<Task, 'key' | 'mayWaitMin'>): number =>
  mayWaitMin ?? (MAY_WAIT_MIN as Partial<Record<Task['key'], number>>)[key] ?? 0;
