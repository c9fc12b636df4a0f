import type { JobKey } from '../scheduling';
import type { BatchEvent } from './event';
import { standing } from './standing';

export interface JobProgress {
  startedAtMs?: number;
  doneAtMs?: number;
  /** Minutes added to its timer. */
  extraMin: number;
}

/**
 * Where every job stands by its events: a press that was taken back is as if it had not been; in older records an undo takes back the last start or
 * finish of its job. Jobs without an event are absent.
 */
export function jobProgress(events: readonly BatchEvent[]): Map<JobKey, JobProgress> {
  const progress = new Map<JobKey, JobProgress>();
  for (const { kind, jobKey, atMs, payload } of standing(events)) {
    if (!jobKey) continue;
    const known = progress.get(jobKey) ?? { extraMin: 0 };
    if (kind === 'job-started') progress.set(jobKey, { ...known, startedAtMs: known.startedAtMs ?? atMs });
    if (kind === 'job-done') progress.set(jobKey, { ...known, startedAtMs: known.startedAtMs ?? atMs, doneAtMs: atMs });
    if (kind === 'job-undone')
      progress.set(jobKey, known.doneAtMs === undefined ? { extraMin: 0 } : { ...known, doneAtMs: undefined });
    if (kind === 'timer-extended')
      progress.set(jobKey, { ...known, extraMin: known.extraMin + Number(payload.minutes ?? 0) });
  }
  return progress;
}

/** When a running timer rings, or undefined for a job that was not started or is done. */
export function ringsAtMs({ startedAtMs, doneAtMs, extraMin }: JobProgress, minutes: number): number | undefined {
  return startedAtMs === undefined || doneAtMs !== undefined ? undefined : startedAtMs + (minutes + extraMin) * 60_000;
}
