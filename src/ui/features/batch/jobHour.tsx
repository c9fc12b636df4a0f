'use client';

import { useState } from 'react';
import type { Job } from '@/core/scheduling';
import { formatClock } from '@/core/times';
import { InstantField } from '../../primitives/instantField';
import { PinMark } from '../../primitives/pinMark';
import { usePreferences } from '../../shell/preferences';

interface Props {
  job: Job;
  title: string;
  zone: string;
  /** Gives it an hour of its own, or lets it follow again. */
  onHour?: (atMs: number | undefined) => void;
}

/** When a job begins; pressed, it can be given an hour of its own. */
export function JobHour({ job, title, zone, onHour }: Props) {
  const { style } = usePreferences();
  const [open, setOpen] = useState(false);
  const clock = formatClock(job.startMs, zone, style.locale);
  if (!onHour) return <>{clock}</>;
  if (open)
    return (
      <span className="block w-56">
        <InstantField
          label={`${title}: begins`}
          hideLabel
          instantMs={job.startMs}
          zone={zone}
          onChange={(atMs) => {
            onHour(atMs);
            setOpen(false);
          }}
        />
        <button
          type="button"
          className="min-h-8 text-[13px] font-medium text-muted underline underline-offset-4"
          onClick={() => setOpen(false)}
        >
          Leave it
        </button>
      </span>
    );
  return (
    <>
      <button
        type="button"
        className="underline decoration-dotted decoration-1 underline-offset-4"
        aria-label={`${title} at ${clock}: give it an hour of its own`}
        onClick={() => setOpen(true)}
      >
        {clock}
      </button>
      {job.atMs !== undefined && (
        <span className="mt-1 block">
          <PinMark what={`the hour of “${title.toLowerCase()}”`} onUnpin={() => onHour(undefined)} />
        </span>
      )}
    </>
  );
}
