'use client';

import type { BatchPlan } from '@/core/batches';
import { formatDayClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { usePreferences } from '../../shell/preferences';

interface Props {
  plan: BatchPlan;
  zone: string;
  /** When it was begun, once it is. */
  begunMs?: number;
  dark?: boolean;
}

/** The first thing a cook needs: when to begin, and how long the hands are needed. */
export function BeginStrip({ plan: { schedule }, zone, begunMs, dark }: Props) {
  const { style } = usePreferences();
  if (!schedule.ok) return null;
  const hands = schedule.jobs.filter((job) => job.hands).reduce((sum, { minutes }) => sum + minutes, 0);
  const muted = dark ? 'text-kitchen-muted' : 'text-muted';
  return (
    <p className="flex flex-wrap items-baseline gap-x-6 gap-y-1" aria-label="When to begin">
      <span>
        <span className={`mr-2 text-[14px] ${muted}`}>{begunMs === undefined ? 'begin' : 'begun'}</span>
        <span className="figure text-[34px]">{formatDayClock(begunMs ?? schedule.startMs, zone, style.locale)}</span>
      </span>
      <span>
        <span className={`mr-2 text-[14px] ${muted}`}>hands</span>
        <span className="figure text-[34px]">{formatDuration(hands)}</span>
      </span>
    </p>
  );
}
