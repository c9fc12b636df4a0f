import type { JobKey } from '../scheduling';
import type { BatchEvent } from './event';
import { jobProgress, type JobProgress } from './jobProgress';
import { pressOf, standing } from './standing';

/** What the board, the scale and the thermometer answer. */
export const MEASURES = ['trimmedG', 'boneG', 'thicknessMm', 'centreC'] as const;
export type Measure = (typeof MEASURES)[number];

export interface Measured {
  value: number;
  atMs: number;
  /** By which it can be taken back. */
  press: string;
}

/** What is true of a batch, whatever its plan says. */
export interface Facts {
  jobs: ReadonlyMap<JobKey, JobProgress>;
  /** As measured last. */
  measured: Readonly<Partial<Record<Measure, Measured>>>;
}

/** What is true by these events, in whatever order they have come in: presses that were taken back are as if they had not been. */
export function facts(events: readonly BatchEvent[]): Facts {
  const measured: Partial<Record<Measure, Measured>> = {};
  for (const event of standing(events)) {
    const { measure, value } = event.payload;
    const of = MEASURES.find((one) => one === measure);
    if (event.kind === 'measured' && of && typeof value === 'number')
      measured[of] = { value, atMs: event.atMs, press: pressOf(event) };
  }
  return { jobs: jobProgress(events), measured };
}
