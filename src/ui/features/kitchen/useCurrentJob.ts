'use client';

import { useState } from 'react';
import type { PlannedJob } from '@/contract/views';
import { pressOf } from '@/core/progress';
import { type KitchenEvent, useKitchen } from './useKitchen';

export const ADD_MIN = 5;

/** The job in front of the cook and what a press does with it: one press goes on, the arrows only look around. */
export function useCurrentJob(kitchen: ReturnType<typeof useKitchen>) {
  const { jobs, progress } = kitchen;
  /** The job looked at, by name: its place in the order may change as hours move. */
  const [looked, setLooked] = useState<string | undefined>();
  /** What was taken back last, until something else is done. */
  const [takenBack, setTakenBack] = useState<readonly KitchenEvent[]>([]);
  const looking = looked === undefined ? -1 : jobs.findIndex((job) => nameOf(job) === looked);
  const isOpen = (job: PlannedJob) => !job.passed && progress(job).doneAtMs === undefined;
  const firstOpen = jobs.findIndex((job) => isOpen(job) && (job.hands || progress(job).startedAtMs === undefined));
  const firstUndone = jobs.findIndex(isOpen);
  const allDone = firstUndone < 0;
  const index = looking >= 0 ? looking : firstOpen >= 0 ? firstOpen : firstUndone >= 0 ? firstUndone : jobs.length;
  const job: PlannedJob | undefined = jobs[index];
  const state = job ? progress(job) : undefined;

  const lookAt = (at: PlannedJob | undefined) => setLooked(at && nameOf(at));
  const record: typeof kitchen.record = (items) => {
    setTakenBack([]);
    kitchen.record(items);
  };

  const goOn = () => {
    if (!job || !state) return;
    if (state.doneAtMs !== undefined) {
      lookAt(jobs[index + 1]);
      return;
    }
    if (state.startedAtMs === undefined) {
      // What waited for this job of the same batch is over once it begins.
      const over = waitingFor(job, kitchen);
      record([...over.map((one) => ({ job: one, kind: 'job-done' as const })), { job, kind: 'job-started' }]);
      lookAt(job.hands ? job : undefined);
      return;
    }
    const follower = followerOf(job, index, kitchen);
    record([{ job, kind: 'job-done' }, ...(follower ? [{ job: follower, kind: 'job-started' as const }] : [])]);
    lookAt(undefined);
  };

  const last = kitchen.lastPress();
  /** The whole last press, whatever is shown; the job it was about is looked at again. */
  const takeBack = () => {
    if (last.length === 0) return;
    const press = pressOf(last[0]!);
    const batchIds = [...new Set(last.map(({ batchId }) => batchId))];
    kitchen.record(batchIds.map((batchId) => ({ batchId, kind: 'press-undone' as const, payload: { press } })));
    setTakenBack(last);
    const of = last.find(({ jobKey }) => jobKey);
    lookAt(of && jobs.find((one) => one.batchId === of.batchId && one.key === of.jobKey));
  };

  return {
    index,
    job,
    state,
    /** What comes after it. */
    then: jobs.slice(index + 1).find(isOpen),
    allDone,
    goOn,
    back: () => lookAt(jobs[Math.max(0, index - 1)]),
    ahead: () => lookAt(jobs[Math.min(jobs.length - 1, index + 1)]),
    takeBack,
    /** There is a press to take back. */
    canTakeBack: last.length > 0,
    takenBack,
    addTime: (to: PlannedJob) => record([{ job: to, kind: 'timer-extended', payload: { minutes: ADD_MIN } }]),
    record,
    lookAt,
  };
}

const nameOf = ({ batchId, key }: PlannedJob) => `${batchId}/${key}`;

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
