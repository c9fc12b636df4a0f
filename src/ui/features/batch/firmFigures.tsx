'use client';

import { formatClock } from '@/core/times';
import { formatDuration, formatNumber, formatTemperature } from '@/core/units';
import { spanWords } from '@/core/words';
import { FigureBox } from '../../primitives/figureBox';
import { usePreferences } from '../../shell/preferences';
import { useFirming } from '../board/useFirming';
import { useBatchWork } from './batchContext';

/** The plan's own figures, as rail, job and kitchen say them; the finer solution only adds how long it stays firm on the board. */
export function FirmFigures() {
  const { plan, zone } = useBatchWork();
  const { style } = usePreferences();
  const { firm, schedule, piece } = plan;
  const { solved } = useFirming(firm.state);
  const job = schedule.ok ? schedule.jobs.find(({ key }) => key === 'firm' || key === 'temper') : undefined;
  const clock = (ms: number) => formatClock(ms, zone, style.locale);
  const span = (minutes: number | null) => ({ value: minutes === null ? '–' : formatDuration(minutes), unit: '' });
  if (firm.state.is === 'frozen') {
    const times = solved?.is === 'frozen' ? solved.result : firm.state.times;
    return (
      <>
        <FigureBox
          label={job ? 'Out of the freezer at' : 'Tempers for'}
          size="huge"
          figure={{ value: job ? clock(job.startMs) : formatDuration(firm.minutes), unit: '' }}
          note={`then ${formatDuration(firm.minutes)} ${firm.state.input.place === 'fridge' ? 'in the fridge' : 'on the board'}`}
        />
        <FigureBox label="The blade goes in from" figure={span(times.sliceFromMin)} />
        <FigureBox
          label="Best between"
          figure={{ value: spanWords(times.idealFromMin, times.idealToMin), unit: '' }}
          note={
            times.idealFromMin === null
              ? 'here the outside is soft before the middle is ready: temper it in the fridge'
              : undefined
          }
        />
        <FigureBox label="Too soft after" figure={span(times.softFromMin)} />
      </>
    );
  }
  const fresh = solved?.is === 'fresh' ? solved.result : undefined;
  const { times } = firm.state;
  return (
    <>
      <FigureBox
        label={job ? 'Put it in at' : 'In the freezer'}
        size="huge"
        figure={{ value: job ? clock(job.startMs) : formatDuration(firm.minutes), unit: '' }}
        note={`for ${formatDuration(firm.minutes)}; press it from ${job ? clock(job.startMs + firm.checkFromMin * 60_000) : formatDuration(firm.checkFromMin)}`}
      />
      <FigureBox
        label="Slices well"
        figure={{ value: spanWords(firm.from, firm.to), unit: '' }}
        note="in the freezer; an estimate"
      />
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox label="Best from" figure={span(times.idealFromMin)} />
        <FigureBox label="Too hard after" figure={span(times.tooHardFromMin)} />
      </div>
      {fresh?.bench && (
        <FigureBox
          label="Back on the board, slice within"
          figure={span(fresh.bench.sliceWithinMin)}
          note={`then the face softens; put it back after ${formatDuration(fresh.bench.returnAfterMin)} at ${formatTemperature(21, style)}. Work with half, keep half cold.`}
        />
      )}
      {piece.pieces > 1 && (
        <p className="text-[13px] text-muted">
          {formatNumber(piece.pieces, style.locale)} pieces side by side, not touching: each firms by itself. Stacked
          they take far longer.
        </p>
      )}
    </>
  );
}
