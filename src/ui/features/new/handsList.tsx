'use client';

import type { BatchInputs, BatchPlan } from '@/core/batches';
import type { Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import { formatClock, formatDayClock, formatWeekday } from '@/core/times';
import { formatDuration } from '@/core/units';
import { jobWords } from '@/core/words';
import { usePreferences } from '../../shell/preferences';

/** When someone has to stand at the board. */
export function HandsList({
  plan,
  inputs,
  cut,
  marinade,
  zone,
}: {
  plan: BatchPlan;
  inputs: BatchInputs;
  cut: Cut;
  marinade: Marinade;
  zone: string;
}) {
  const { style } = usePreferences();
  if (!plan.schedule.ok) return null;
  return (
    <ol className="mt-2">
      {plan.schedule.jobs
        .filter(({ hands }) => hands)
        .map((job, index, all) => {
          const newDay =
            index === 0 ||
            formatWeekday(job.startMs, zone, style.locale) !==
              formatWeekday(all[index - 1]!.startMs, zone, style.locale);
          return (
            <li key={job.key} className="grid grid-cols-[7rem_1fr_auto] gap-x-3 border-t border-[#2b5a50] py-1.5">
              <span className="figure pt-0.5 text-[18px]">
                {newDay
                  ? formatDayClock(job.startMs, zone, style.locale)
                  : formatClock(job.startMs, zone, style.locale)}
              </span>
              <span>{jobWords(job, { plan, inputs, around: { cut, marinade } }, style).title}</span>
              <span className="text-kitchen-muted">{formatDuration(job.minutes)}</span>
            </li>
          );
        })}
    </ol>
  );
}
