'use client';

import type { BatchPlan } from '@/core/batches';
import { formatDayClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { usePreferences } from '../../shell/preferences';

/** The first thing a cook needs: when to begin, and how long the hands are needed. */
export function BeginStrip({ plan: { schedule }, zone, dark }: { plan: BatchPlan; zone: string; dark?: boolean }) {
  const { style } = usePreferences();
  if (!schedule.ok) return null;
  const hands = schedule.jobs.filter((job) => job.hands).reduce((sum, { minutes }) => sum + minutes, 0);
  const muted = dark ? 'text-kitchen-muted' : 'text-muted';
  return (
    <p className="flex flex-wrap items-baseline gap-x-6 gap-y-1" aria-label="When to begin">
      <span>
        <span className={`mr-2 text-[14px] ${muted}`}>begin</span>
        <span className="figure text-[34px]">{formatDayClock(schedule.startMs, zone, style.locale)}</span>
      </span>
      <span>
        <span className={`mr-2 text-[14px] ${muted}`}>hands</span>
        <span className="figure text-[34px]">{formatDuration(hands)}</span>
      </span>
    </p>
  );
}
