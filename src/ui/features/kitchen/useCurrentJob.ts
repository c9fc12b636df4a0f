'use client';

import { useCallback, useState } from 'react';
import type { PlannedJob } from '@/contract/views';
import { useKitchen } from './useKitchen';

export const ADD_MIN = 5;

/** The job in front of the cook and what a press does with it: one press goes on, the arrows only look around. */
export function useCurrentJob(kitchen: ReturnType<typeof useKitchen>) {
  const { jobs, progress, record } = kitchen;
  const [looking, setLooking] = useState<number | undefined>();
  const firstOpen = jobs.findIndex(
    (job) => progress(job).doneAtMs === undefined && (job.hands || progress(job).startedAtMs === undefined),
  );
  const firstUndone = jobs.findIndex((job) => progress(job).doneAtMs === undefined);
  const allDone = firstUndone < 0;
  const index = looking ?? (firstOpen >= 0 ? firstOpen : firstUndone >= 0 ? firstUndone : jobs.length);
  const job: PlannedJob | undefined = jobs[index];
  const state = job ? progress(job) : undefined;

  const goOn = useCallback(() => {
    if (!job || !state) return;
    if (state.doneAtMs !== undefined) {
      setLooking(index + 1 < jobs.length ? index + 1 : undefined);
      return;
    }
    if (state.startedAtMs === undefined) {
      // What waited for this job of the same batch is over once it begins.
      const over = waitingFor(job, kitchen);
      record([...over.map((one) => ({ job: one, kind: 'job-done' as const })), { job, kind: 'job-started' }]);
      setLooking(job.hands ? index : undefined);
      return;
    }
    const follower = followerOf(job, index, kitchen);
    record([{ job, kind: 'job-done' }, ...(follower ? [{ job: follower, kind: 'job-started' as const }] : [])]);
    setLooking(undefined);
  }, [job, state, index, jobs.length, kitchen, record]);

  const back = useCallback(() => setLooking(Math.max(0, index - 1)), [index]);
  const ahead = useCallback(() => setLooking(Math.min(jobs.length - 1, index + 1)), [index, jobs.length]);
  const takeBack = useCallback(() => {
    if (job && state && (state.doneAtMs !== undefined || state.startedAtMs !== undefined)) {
      record([{ job, kind: 'job-undone' }]);
      setLooking(index);
    }
  }, [job, state, index, record]);
  const addTime = useCallback(
    (to: PlannedJob) => record([{ job: to, kind: 'timer-extended', payload: { minutes: ADD_MIN } }]),
    [record],
  );

  return { index, job, state, allDone, goOn, back, ahead, takeBack, addTime, lookAt: setLooking };
}

type Steps = Pick<ReturnType<typeof useKitchen>, 'jobs' | 'progress'>;

/** What of the same batch runs beside the hands and is due before this job begins. */
function waitingFor(job: PlannedJob, { jobs, progress }: Steps): PlannedJob[] {
  return jobs.filter(
    (one) =>
      one.batchId === job.batchId &&
      !one.hands &&
      one.endMs <= job.startMs &&
      progress(one).startedAtMs !== undefined &&
      progress(one).doneAtMs === undefined,
  );
}

/** The job that begins with the end of this one; while meat still waits in the freezer or the soda, the cook says when. */
function followerOf(job: PlannedJob, index: number, steps: Steps): PlannedJob | undefined {
  const follower = steps.jobs
    .slice(index + 1)
    .find((one) => one.batchId === job.batchId && steps.progress(one).doneAtMs === undefined);
  return job.hands && follower?.hands && follower.startMs <= job.endMs && waitingFor(follower, steps).length === 0
    ? follower
    : undefined;
}
