'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import type { EventWrite } from '@/contract/resources';
import { facts, lastPress, ringsAtMs, standing, type BatchEvent, type Facts, type JobProgress } from '@/core/progress';
import type { JobKey } from '@/core/scheduling';
import type { DayBatch, MealPage, PlannedBatch, PlannedJob } from '@/contract/views';
import { toBatchEvent } from '../../shell/batchEvents';
import { newId } from '../../shell/newId';
import { flush, post, readOutbox, settleRefused, type OutboxState } from '../../shell/outbox';
import { writeTimers, type RunningTimer } from '../../shell/runningTimers';
import { useDay } from './useDay';

const FLUSH_MS = 4000;

export interface KitchenTimer extends RunningTimer {
  job: PlannedJob;
}

/** An event with the batch that it is of. */
export interface KitchenEvent extends BatchEvent {
  batchId: string;
}

/** One thing that a press does: to a job, or to a batch. */
interface Item {
  job?: PlannedJob;
  batchId?: string;
  kind: BatchEvent['kind'];
  payload?: EventWrite['payload'];
}

/** Jobs of all batches in the order of the clock as it stands now, their progress, and what the cook can do with them. */
export function useKitchen({ batches: seen, day, events, nowMs }: MealPage & { nowMs: number }, now: number) {
  const { made, outbox, record, settle } = useMadeEvents(seen, day);
  const known = useMemo<KitchenEvent[]>(() => {
    const stored = events.map((event) => ({ ...toBatchEvent(event), batchId: event.batchId }));
    const ids = new Set(stored.map(({ id }) => id));
    return [...stored, ...made.filter(({ id }) => !ids.has(id))];
  }, [events, made]);
  const eventsOf = useCallback(
    (batchId: string): readonly BatchEvent[] => known.filter((one) => one.batchId === batchId),
    [known],
  );
  const batches = useDay({ batches: seen, day, eventsOf, nowMs: now }, nowMs);
  const jobs = useMemo(
    () =>
      batches.flatMap((batch) => batch.jobs).sort((a, b) => a.startMs - b.startMs || Number(a.hands) - Number(b.hands)),
    [batches],
  );
  const truth = useMemo(() => new Map(batches.map(({ id }) => [id, facts(eventsOf(id))])), [batches, eventsOf]);
  const of = useCallback(
    (job: PlannedJob): JobProgress => truth.get(job.batchId)?.jobs.get(job.key) ?? { extraMin: 0 },
    [truth],
  );

  const timers = useMemo(() => timersOf(jobs, batches, of), [batches, jobs, of]);

  useEffect(() => {
    writeTimers(
      batches.map(({ id }) => id),
      timers.map(({ job: _job, ...timer }) => timer),
    );
  }, [batches, timers]);

  /** How it cut, as last said for each batch. */
  const reports = useMemo(
    () =>
      new Map(
        standing(known)
          .filter(({ kind }) => kind === 'firmness-reported')
          .map(({ batchId, payload }) => [batchId, String(payload?.report)]),
      ),
    [known],
  );

  return {
    batches,
    jobs,
    reports,
    progress: of,
    progressOf: (batchId: string): ReadonlyMap<JobKey, JobProgress> => truth.get(batchId)?.jobs ?? new Map(),
    measuredOf: (batchId: string): Facts['measured'] => truth.get(batchId)?.measured ?? {},
    timers,
    record,
    /** What the last press did, of the batches that are shown. */
    lastPress: () => lastPress(known.filter(({ batchId }) => truth.has(batchId))),
    eventsOf,
    outbox,
    settle,
  };
}

const shortName = (batch: PlannedBatch) => (batch.name.length > 28 ? `${batch.name.slice(0, 27)}…` : batch.name);

/** What runs beside the hands, each with the time it rings. */
function timersOf(
  jobs: readonly PlannedJob[],
  batches: readonly PlannedBatch[],
  progressOf: (job: PlannedJob) => JobProgress,
): KitchenTimer[] {
  return jobs.flatMap((job) => {
    const { startedAtMs } = progressOf(job);
    const rings = job.hands ? undefined : ringsAtMs(progressOf(job), job.minutes);
    if (rings === undefined) return [];
    const batch = batches.find(({ id }) => id === job.batchId)!;
    const checkAtMs =
      job.key === 'firm' && batch.checkFirmMin !== undefined && startedAtMs !== undefined
        ? startedAtMs + batch.checkFirmMin * 60_000
        : undefined;
    return [
      {
        batchId: job.batchId,
        jobKey: job.key,
        label: `${job.short}, ${shortName(batch)}`,
        ringsAtMs: rings,
        ...(checkAtMs ? { checkAtMs } : {}),
        job,
      },
    ];
  });
}

/** Events made here: kept on the device first, sent until they arrive, and counted from the moment they are made. */
function useMadeEvents(batches: readonly PlannedBatch[], day: readonly DayBatch[]) {
  const [made, setMade] = useState<KitchenEvent[]>([]);
  const [outbox, setOutbox] = useState<OutboxState>({ waiting: 0, refused: [] });
  useEffect(() => {
    // What was made before a reload and has not arrived yet still counts.
    const restore = setTimeout(() => {
      const ids = new Set([...batches, ...day].map(({ id }) => id));
      setMade(
        readOutbox()
          .filter(({ batchId }) => ids.has(batchId))
          .map(({ batchId, event }) => ({ ...event, batchId, atMs: Date.parse(event.at) })),
      );
      void flush().then(setOutbox);
    }, 0);
    const timer = setInterval(() => void flush().then(setOutbox), FLUSH_MS);
    return () => {
      clearTimeout(restore);
      clearInterval(timer);
    };
  }, [batches, day]);

  /** One press: all that it does can be taken back together. */
  const record = useCallback(
    (items: Item[]) => {
      const at = new Date().toISOString();
      const press = newId();
      const fresh = items.map(({ batchId, job, kind, payload = {} }) => ({
        batchId: batchId ?? job!.batchId,
        // Place and lots as they are now: what was out of the fridge stays a fact, whatever the plan says later.
        event: {
          id: newId(),
          kind,
          ...(job ? { jobKey: job.key } : {}),
          at,
          payload: {
            press,
            // What it teaches, as it was when it was done.
            ...(job && kind === 'job-done' ? job.teaches : {}),
            ...(job && kind.startsWith('job-')
              ? { place: job.place, lots: batches.find(({ id }) => id === job.batchId)?.lots ?? 1 }
              : {}),
            ...payload,
          },
        },
      }));
      fresh.forEach(post);
      setMade((before) => [
        ...before,
        ...fresh.map(({ batchId, event }) => ({ ...event, batchId, atMs: Date.parse(at) })),
      ]);
      void flush().then(setOutbox);
    },
    [batches],
  );

  const settle = (what: 'again' | 'let-go') => {
    settleRefused(what);
    void flush().then(setOutbox);
  };
  return { made, outbox, record, settle };
}
