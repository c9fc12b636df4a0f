'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import type { EventWrite } from '@/contract/resources';
import { jobProgress, ringsAtMs, type BatchEvent, type JobProgress } from '@/core/progress';
import type { JobKey } from '@/core/scheduling';
import type { KitchenPage, PlannedBatch, PlannedJob } from '@/contract/views';
import { newId } from '../../shell/newId';
import { flush, post, readOutbox, settleRefused, type OutboxState } from '../../shell/outbox';
import { writeTimers, type RunningTimer } from '../../shell/runningTimers';

const FLUSH_MS = 4000;

export interface KitchenTimer extends RunningTimer {
  job: PlannedJob;
}

interface Kept extends BatchEvent {
  batchId: string;
}

/** Jobs of all batches in the order of the clock, their progress, and what the cook can do with them. */
export function useKitchen({ batches, events }: Pick<KitchenPage, 'batches' | 'events'>) {
  const { made, outbox, record, settle } = useMadeEvents(batches);
  const jobs = useMemo(
    () =>
      batches.flatMap((batch) => batch.jobs).sort((a, b) => a.startMs - b.startMs || Number(a.hands) - Number(b.hands)),
    [batches],
  );

  const known = useMemo<Kept[]>(() => {
    const stored = events.map(({ id, batchId, kind, jobKey, at, payload }) => ({
      id,
      batchId,
      kind,
      jobKey,
      atMs: Date.parse(at),
      payload,
    }));
    const ids = new Set(stored.map(({ id }) => id));
    return [...stored, ...made.filter(({ id }) => !ids.has(id))];
  }, [events, made]);

  const progress = useMemo(
    () => new Map(batches.map(({ id }) => [id, jobProgress(known.filter(({ batchId }) => batchId === id))])),
    [batches, known],
  );
  const of = useCallback(
    (job: PlannedJob): JobProgress => progress.get(job.batchId)?.get(job.key) ?? { extraMin: 0 },
    [progress],
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
        known
          .filter(({ kind }) => kind === 'firmness-reported')
          .map(({ batchId, payload }) => [batchId, String(payload?.report)]),
      ),
    [known],
  );

  return {
    jobs,
    reports,
    progress: of,
    progressOf: (batchId: string): ReadonlyMap<JobKey, JobProgress> => progress.get(batchId) ?? new Map(),
    timers,
    record,
    eventsOf: (batchId: string): readonly BatchEvent[] => known.filter((one) => one.batchId === batchId),
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
function useMadeEvents(batches: readonly PlannedBatch[]) {
  const [made, setMade] = useState<Kept[]>([]);
  const [outbox, setOutbox] = useState<OutboxState>({ waiting: 0, refused: [] });
  useEffect(() => {
    // What was made before a reload and has not arrived yet still counts.
    const restore = setTimeout(() => {
      const ids = new Set(batches.map(({ id }) => id));
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
  }, [batches]);

  const record = useCallback(
    (items: { job: PlannedJob; kind: BatchEvent['kind']; payload?: EventWrite['payload'] }[]) => {
      const at = new Date().toISOString();
      const fresh = items.map(({ job, kind, payload = {} }) => ({
        batchId: job.batchId,
        // Place and lots as they are now: what was out of the fridge stays a fact, whatever the plan says later.
        event: {
          id: newId(),
          kind,
          jobKey: job.key,
          at,
          payload: kind.startsWith('job-')
            ? { place: job.place, lots: batches.find(({ id }) => id === job.batchId)?.lots ?? 1, ...payload }
            : payload,
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
