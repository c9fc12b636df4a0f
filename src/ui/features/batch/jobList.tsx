'use client';

import clsx from 'clsx';
import { memo } from 'react';
import type { BatchInputs, BatchPlan } from '@/core/batches';
import type { Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import type { JobProgress } from '@/core/progress';
import { mayHaveHour, type JobKey } from '@/core/scheduling';
import { formatClock, formatWeekday } from '@/core/times';
import { formatDuration } from '@/core/units';
import { jobWords } from '@/core/words';
import { JobHour } from './jobHour';
import { usePreferences } from '../../shell/preferences';

export interface JobListProps {
  plan: BatchPlan;
  inputs: BatchInputs;
  cut: Cut;
  marinade: Marinade;
  zone: string;
  progress?: ReadonlyMap<JobKey, JobProgress>;
  /** Never begun, and made needless by what came after them. */
  passed?: readonly JobKey[];
  /** When it is on the table, where that is not when it was to be. */
  tableMs?: number;
  /** Gives a job an hour of its own, or lets it follow again. */
  onHour?: (key: JobKey, atMs: number | undefined) => void;
}

const NONE: readonly JobKey[] = [];

/** All jobs of a batch with their clock times, counted back from the table. */
export const JobList = memo(function JobList({
  plan,
  inputs,
  cut,
  marinade,
  zone,
  progress,
  passed = NONE,
  tableMs = inputs.tableAtMs,
  onHour,
}: JobListProps) {
  const { style } = usePreferences();
  const { schedule } = plan;
  if (!schedule.ok) return null;
  const context = { plan, inputs, around: { cut, marinade } };
  return (
    <ol className="border-t border-grout">
      {schedule.jobs.map((job, index) => {
        const words = jobWords(job, context, style);
        const weekday = formatWeekday(job.startMs, zone, style.locale);
        const newDay = index === 0 || weekday !== formatWeekday(schedule.jobs[index - 1]!.startMs, zone, style.locale);
        const { doneAtMs: done, startedAtMs: begun } = progress?.get(job.key) ?? {};
        const over = done !== undefined || passed.includes(job.key);
        return (
          <li
            key={job.key}
            className="grid grid-cols-[6.5rem_1fr_auto] items-baseline gap-x-3 border-b border-grout py-2.5"
          >
            <span className="figure text-[19px]">
              {newDay && <span className="block text-[13px] font-medium text-muted">{weekday}</span>}
              <JobHour
                job={job}
                title={words.title}
                zone={zone}
                onHour={
                  onHour && mayHaveHour(job) && begun === undefined && !over
                    ? (atMs) => onHour(job.key, atMs)
                    : undefined
                }
              />
            </span>
            <span>
              <span className={clsx('font-semibold', over && 'line-through decoration-muted')}>{words.title}</span>
              {done !== undefined && (
                <span className="ml-2 text-[13px] font-semibold text-enamel-soft">
                  done {formatClock(done, zone, style.locale)}
                </span>
              )}
              {begun !== undefined && done === undefined && (
                <span className="ml-2 text-[13px] font-semibold text-enamel-soft">
                  since {formatClock(begun, zone, style.locale)}
                </span>
              )}
              {done === undefined && over && (
                <span className="ml-2 text-[13px] font-semibold text-muted">passed over</span>
              )}
              <span className="block text-[14px] text-muted">{words.text}</span>
            </span>
            <span className="whitespace-nowrap text-right text-[14px] text-muted">
              {formatDuration(job.minutes)}
              <span className="block">{job.hands ? 'hands' : 'waits'}</span>
            </span>
          </li>
        );
      })}
      <li className="grid grid-cols-[6.5rem_1fr] items-baseline gap-x-3 border-b border-grout py-2.5 text-ox">
        <span className="figure text-[19px]">{formatClock(tableMs, zone, style.locale)}</span>
        <span className="font-semibold">On the table</span>
      </li>
    </ol>
  );
});
