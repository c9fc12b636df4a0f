import type { JobKey } from '../scheduling';

export const EVENT_KINDS = [
  'job-started',
  'job-done',
  'job-undone',
  'timer-extended',
  'caution-acknowledged',
  'firmness-reported',
  'meat-in-fridge',
  'measured',
  'press-undone',
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** One thing that was done, as kept in the append-only record. */
export interface BatchEvent {
  id: string;
  kind: EventKind;
  jobKey?: JobKey;
  atMs: number;
  payload: Readonly<Record<string, string | number | boolean>>;
}
