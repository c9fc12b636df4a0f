'use client';

import clsx from 'clsx';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { PlannedJob } from '@/contract/views';
import { formatClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { fits } from './labels';

const STEP_MS = 300_000;
/** A finger that moves less than this has only touched it. */
const TOUCHED_PX = 4;

/** Colour, pattern and word tell what a stretch is: hands, cold, waiting, heat. */
function lookOf(job: PlannedJob): string {
  if (job.place === 'heat') return 'bg-ox text-white heat-hatch border-ox';
  if (job.place === 'freezer') return 'bg-ice-tint text-ice border-ice-line cold-dots';
  if (job.hands) return 'bg-enamel text-white border-enamel';
  return 'bg-[#eef3f1] text-enamel border-grout waiting-stripes';
}

interface BarProps {
  job: PlannedJob;
  at: (ms: number) => number;
  zone: string;
  /** All the time that the row shows. */
  spanMs: number;
  done: boolean;
  /** Keeps it at an hour; absent where it has none of its own. */
  onMove?: (startMs: number) => void;
}

/** One job as long as it takes, with its name where it fits; dragged, or moved by the arrow keys and kept with Enter, it stays at that hour. */
export function Bar({ job, at, zone, spanMs, done, onMove }: BarProps) {
  const { style } = usePreferences();
  const [byMs, setByMs] = useState(0);
  const [grip, setGrip] = useState<{ x: number; msPerPx: number }>();
  const startMs = Math.round((job.startMs + byMs) / STEP_MS) * STEP_MS;
  const shownMs = byMs === 0 ? job.startMs : startMs;
  const width = at(job.endMs) - at(job.startMs);
  const clock = formatClock(shownMs, zone, style.locale);
  const said = `${job.title}, ${clock}, ${formatDuration(job.minutes)}`;
  const keep = () => {
    if (byMs !== 0 && startMs !== job.startMs) onMove?.(startMs);
    setByMs(0);
    setGrip(undefined);
  };
  const movable = onMove && {
    role: 'slider',
    tabIndex: 0,
    'aria-label': `${job.title}: when it begins`,
    'aria-valuenow': Math.round(shownMs / 60_000),
    'aria-valuetext': `${clock}${byMs ? ', press Enter to keep it there' : ''}`,
    onPointerDown: (event: PointerEvent<HTMLSpanElement>) => {
      const row = event.currentTarget.parentElement!.getBoundingClientRect().width;
      event.currentTarget.setPointerCapture(event.pointerId);
      setGrip({ x: event.clientX, msPerPx: spanMs / row });
    },
    onPointerMove: (event: PointerEvent) => {
      if (!grip) return;
      const px = event.clientX - grip.x;
      setByMs(Math.abs(px) < TOUCHED_PX ? 0 : px * grip.msPerPx);
    },
    onPointerUp: keep,
    onPointerCancel: () => {
      setByMs(0);
      setGrip(undefined);
    },
    onKeyDown: (event: KeyboardEvent) => {
      const step = { ArrowLeft: -STEP_MS, ArrowRight: STEP_MS }[event.key];
      if (step) setByMs((before) => before + step);
      else if (event.key === 'Enter') keep();
      else if (event.key === 'Escape') setByMs(0);
      else return;
      event.preventDefault();
    },
    onBlur: () => setByMs(0),
  };
  return (
    <span
      title={onMove ? `${said}. Drag it to keep it at another hour.` : said}
      {...movable}
      className={clsx(
        'condensed absolute top-5 flex h-10 items-center overflow-hidden rounded-sm border text-[13px] font-semibold',
        lookOf(job),
        (done || job.passed) && 'opacity-55',
        onMove && 'cursor-ew-resize touch-pan-y select-none',
        byMs !== 0 && 'z-30 outline-2 outline-offset-1 outline-brass',
      )}
      style={{ left: `${at(shownMs)}%`, width: `calc(${width}% - 1px)`, minWidth: onMove ? 8 : 3 }}
    >
      {byMs !== 0 ? (
        <span className="px-1">{clock}</span>
      ) : (
        fits(job, at) && (
          <span className="truncate px-1.5">
            {done && '✓ '}
            {job.atMs !== undefined && (
              <svg width="7" height="10" viewBox="0 0 9 12" aria-label="kept at its hour" className="mr-1 inline-block">
                <path d="M1 0h7v2H7v3l2 2H5v5H4V7H0l2-2V2H1z" fill="currentColor" />
              </svg>
            )}
            {job.short}
            {width > 16 && `, ${formatDuration(job.minutes)}`}
          </span>
        )
      )}
    </span>
  );
}
