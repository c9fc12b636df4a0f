'use client';

import clsx from 'clsx';
import { remediesFor, type BatchInputs, type BatchPlan, type Remedy, type Surroundings } from '@/core/batches';
import { formatDayClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { AWAY_WORDS, leftOutWords, nightWords, remedyWords, scheduleWords } from '@/core/words';
import { useMemo } from 'react';
import { useSettled } from '../../primitives/useSettled';
import { usePreferences } from '../../shell/preferences';

interface Props {
  plan: BatchPlan;
  inputs: BatchInputs;
  around: Surroundings;
  onTake: (change: Remedy['change']) => void;
  /** It is under way: how late it is by now is said with its jobs. */
  begun?: boolean;
  /** On enamel instead of tile. */
  dark?: boolean;
}

/** What stands against a plan, in words, and what mends it, each at one press. */
export function PlanNotes({ plan, inputs, around, onTake, begun, dark }: Props) {
  const { style } = usePreferences();
  const { schedule, leftOut } = plan;
  const asked = useMemo(() => ({ plan, inputs, around }), [plan, inputs, around]);
  // Each remedy is a plan of its own: while a slider moves they follow a moment later.
  const settled = useSettled(asked, 120);
  const remedies = useMemo(() => remediesFor(settled.plan, settled.inputs, settled.around), [settled]);
  const clock = (ms: number) => formatDayClock(ms, around.zone, style.locale);
  const notes = [
    ...(schedule.ok ? [] : [{ text: scheduleWords(schedule.problem, style), hurts: true }]),
    ...(schedule.ok && schedule.lateByMin > 0 && !begun
      ? [
          {
            text: `${formatDuration(schedule.lateByMin)} late: this would have had to begin ${clock(schedule.startMs)}.`,
            hurts: true,
          },
        ]
      : []),
    ...(leftOut.length ? [{ text: leftOutWords(leftOut), hurts: false }] : []),
    ...(schedule.ok && schedule.whileAway ? [{ text: AWAY_WORDS, hurts: false }] : []),
    ...(schedule.ok && schedule.inTheNight ? [{ text: nightWords(style), hurts: false }] : []),
  ];
  if (notes.length === 0 && remedies.length === 0) return null;
  return (
    <div
      role="group"
      aria-label="What stands against it"
      className={clsx(
        'rounded px-4 py-3',
        dark
          ? 'border border-brass-line'
          : notes.some(({ hurts }) => hurts)
            ? 'border-2 border-ox bg-ox-tint'
            : 'border border-brass-line bg-brass-tint',
      )}
    >
      {notes.map(({ text, hurts }) => (
        <p key={text} role={hurts ? 'alert' : undefined} className={clsx(hurts && 'font-medium')}>
          {text}
        </p>
      ))}
      {remedies.length > 0 && (
        <div className={clsx('flex flex-wrap gap-2', notes.length > 0 && 'mt-2')}>
          {remedies.map((remedy) => (
            <button
              key={remedy.code + remedyWords(remedy, { zone: around.zone, style })}
              type="button"
              onClick={() => onTake(remedy.change)}
              className={clsx(
                'min-h-10 rounded border px-3 py-1.5 text-left font-semibold',
                dark ? 'border-kitchen-muted hover:bg-[#17564b]' : 'border-muted bg-panel hover:bg-tile',
              )}
            >
              {remedyWords(remedy, { zone: around.zone, style })}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
