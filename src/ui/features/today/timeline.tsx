'use client';

import clsx from 'clsx';
import { Bar } from './bar';
import { fits, shareOf } from './labels';
import type { PlannedBatch, PlannedJob } from '@/contract/views';
import { isTurn, mayHaveHour, type JobKey } from '@/core/scheduling';
import type { JobProgress } from '@/core/progress';
import { dailyInstants, formatClock, formatDate, quietIntervals, type Interval } from '@/core/times';
import { formatDuration, formatMass } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { Link } from '../../primitives/link';

const HOUR_MS = 3_600_000;
const NEAR_MS = 4 * 24 * HOUR_MS;
/** Room after the table, for its clock time. */
const MARGIN_SHARE = 0.04;

interface Props {
  batches: readonly PlannedBatch[];
  tableAtMs: number;
  zone: string;
  now: number;
  /** When nobody is in the kitchen. */
  away: readonly Interval[];
  progressOf: (batchId: string) => ReadonlyMap<JobKey, JobProgress>;
  /** Keeps a job at an hour. */
  onMove: (job: PlannedJob, startMs: number) => void;
}

/** Every batch of the meal on one line of time that ends at the hour on the table, or when the last of them is done; one with its table on quite another day would leave no room for the others. */
export function Timeline({ batches: all, tableAtMs, zone, now, away, progressOf, onMove }: Props) {
  const { style } = usePreferences();
  const isNear = (batch: PlannedBatch) => Math.abs(batch.tableAtMs - tableAtMs) <= NEAR_MS;
  const batches = all.filter(isNear);
  const firstMs = Math.min(...batches.map((batch) => batch.startMs), tableAtMs - 2 * HOUR_MS);
  const spanMs = tableAtMs - firstMs;
  const lastMs = Math.max(
    tableAtMs,
    ...batches.map((batch) => batch.tableAtMs),
    // What is late is still to be seen.
    ...batches.flatMap(({ jobs }) => jobs.map((job) => job.endMs)),
  );
  const endMs = lastMs + MARGIN_SHARE * spanMs;
  const startMs = firstMs - 0.02 * spanMs;
  const at = (ms: number) => (100 * (ms - startMs)) / (endMs - startMs);
  const hours = (endMs - startMs) / HOUR_MS;
  const every = [1, 2, 3, 6, 12, 24].find((step) => hours / step <= 11) ?? 24;
  const marks = Array.from({ length: 24 / every }, (_, index) => index * every)
    .flatMap((hour) => dailyInstants(startMs, endMs, zone, { hour, minute: 0 }))
    .sort((a, b) => a - b);
  const nights = quietIntervals(startMs, endMs, zone);
  const rowWidth = Math.max(680, hours * 54);

  return (
    <div className="panel overflow-x-auto" role="region" aria-label="Timeline of the meal" tabIndex={0}>
      <div
        className="grid grid-cols-[11rem_1fr] sm:grid-cols-[13.5rem_1fr]"
        style={{ minWidth: `${Math.min(rowWidth, 1600)}px` }}
      >
        <div className="sticky left-0 z-20 border-b border-grout bg-panel" />
        <div className="relative h-9 border-b border-grout">
          {marks
            .filter((ms) => Math.abs(at(ms) - at(tableAtMs)) > 4 && at(ms) > 1.5)
            .map((ms) => (
              <span
                key={ms}
                className="condensed absolute top-2 -translate-x-1/2 text-[13px] text-muted"
                style={{ left: `${at(ms)}%` }}
              >
                {formatClock(ms, zone, style.locale).replace(/:00/, '')}
              </span>
            ))}
          <span
            className="figure absolute top-1.5 z-10 -translate-x-1/2 whitespace-nowrap bg-panel px-1 text-[18px] text-ox"
            style={{ left: `${at(tableAtMs)}%` }}
          >
            {formatClock(tableAtMs, zone, style.locale)}
          </span>
        </div>
        {batches.map((batch) => (
          <Row
            key={batch.id}
            batch={batch}
            at={at}
            nights={nights}
            away={away}
            spanMs={endMs - startMs}
            onMove={onMove}
            marks={marks}
            now={now}
            tableAtMs={tableAtMs}
            progress={progressOf(batch.id)}
            zone={zone}
          />
        ))}
      </div>
      <OtherDays batches={all.filter((batch) => !isNear(batch))} zone={zone} />
      <Legend hot={batches.some(({ jobs }) => jobs.some(({ thenHotMin }) => thenHotMin))} away={away.length > 0} />
    </div>
  );
}

/** What the looks mean. */
function Legend({ hot, away }: { hot: boolean; away: boolean }) {
  return (
    <div className="sticky left-0 flex flex-wrap gap-x-5 gap-y-1 px-4 py-2 text-[13px] text-muted">
      {[
        ['bg-enamel', 'your hands'],
        ['bg-ice-tint cold-dots border border-ice-line', 'freezer'],
        ['waiting-stripes bg-[#eef3f1] border border-grout', 'it waits'],
        ['bg-ox heat-hatch', 'heat'],
        ...(hot ? [['border-y border-ox bg-ox-tint', 'kept hot'] as const] : []),
        ['bg-[#f0efea]', 'night'],
        ...(away ? [['away-hatch border border-grout', 'nobody in the kitchen'] as const] : []),
      ].map(([look, word]) => (
        <span key={word} className="flex items-center gap-1.5">
          <span aria-hidden="true" className={clsx('inline-block h-3 w-5 rounded-sm', look)} />
          {word}
        </span>
      ))}
    </div>
  );
}

/** Batches of this meal that are on the table on another day than it is. */
function OtherDays({ batches, zone }: Pick<Props, 'batches' | 'zone'>) {
  const { style } = usePreferences();
  if (batches.length === 0) return null;
  return (
    <div className="sticky left-0 border-b border-grout px-4 py-3">
      <strong>On another day than the meal:</strong>
      <ul>
        {batches.map(({ id, name, tableAtMs }) => (
          <li key={id} className="wrap-anywhere">
            <Link href={`/batches/${id}?stage=piece`} className="underline underline-offset-4">
              {name}
            </Link>
            , on the table {formatDate(tableAtMs, zone, style.locale)}, {formatClock(tableAtMs, zone, style.locale)}
          </li>
        ))}
      </ul>
    </div>
  );
}

interface RowProps extends Omit<Props, 'batches' | 'progressOf'> {
  batch: PlannedBatch;
  at: (ms: number) => number;
  nights: readonly Interval[];
  /** All the time that is drawn. */
  spanMs: number;
  marks: readonly number[];
  progress: ReadonlyMap<JobKey, JobProgress>;
}

/** Names below the line for what is too narrow to carry its own, as far as they do not run into each other. */
function labelled(jobs: readonly PlannedJob[], at: RowProps['at'], endMs: number): PlannedJob[] {
  let free = 0;
  return jobs.filter((job) => {
    const from = at(job.startMs);
    const shown = from >= free && from + shareOf(job.short) <= at(endMs) + 1;
    if (shown) free = from + shareOf(job.short);
    return shown;
  });
}

function Row({ batch, at, nights, away, spanMs, marks, now, tableAtMs, progress, zone, onMove }: RowProps) {
  const { style } = usePreferences();
  const side = batch.jobs.filter((job) => job.place === 'none' || isTurn(job.key));
  const main = batch.jobs.filter((job) => !side.includes(job));
  return (
    <>
      <div className="sticky left-0 z-20 border-b border-grout-soft bg-panel px-4 py-3">
        <Link
          href={`/batches/${batch.id}`}
          className="line-clamp-2 font-semibold leading-tight wrap-anywhere hover:underline"
        >
          {batch.name}
        </Link>
        <div className="text-[13px] text-muted">
          {batch.cutName}, {formatMass(batch.massG, style)}
          <br />
          {batch.sticks ? `${batch.sticks} sticks, ` : ''}
          {batch.rounds} {batch.rounds === 1 ? 'round' : 'rounds'}
        </div>
      </div>
      <div className="relative min-h-24 border-b border-grout-soft">
        <Hours nights={nights} away={away} marks={marks} at={at} />
        {batch.refusal && (
          <p className="absolute inset-x-3 top-3 rounded border border-ox bg-ox-tint px-3 py-2 text-[13px]">
            {batch.refusal}
          </p>
        )}
        {main.map((job) => (
          <Bar
            key={job.key}
            job={job}
            at={at}
            zone={zone}
            spanMs={spanMs}
            done={progress.get(job.key)?.doneAtMs !== undefined}
            onMove={
              mayHaveHour(job) && !job.passed && progress.get(job.key)?.startedAtMs === undefined
                ? (startMs) => onMove(job, startMs)
                : undefined
            }
          />
        ))}
        {main.map((job) => (
          <Held key={job.key} job={job} at={at} />
        ))}
        {labelled(
          batch.jobs.filter((job) => side.includes(job) || (job.hands && !fits(job, at))),
          at,
          tableAtMs,
        ).map((job) => (
          <span
            key={job.key}
            title={`${job.title}, ${formatClock(job.startMs, zone, style.locale)}`}
            className="condensed absolute top-[64px] flex items-center gap-1 whitespace-nowrap text-[12px] text-muted"
            style={{ left: `${at(job.startMs)}%` }}
          >
            <span
              aria-hidden="true"
              className={clsx('inline-block h-2.5 w-[3px]', side.includes(job) ? 'bg-brass' : 'bg-enamel')}
            />
            {job.short}
          </span>
        ))}
        <span
          aria-hidden="true"
          className="absolute inset-y-0 border-l-2 border-dashed border-ox"
          style={{ left: `${at(tableAtMs)}%` }}
        />
        {at(now) >= 0 && at(now) <= 100 && (
          <span className="absolute inset-y-0 z-10 w-0.5 bg-ink" style={{ left: `${at(now)}%` }}>
            <span className="sr-only">now</span>
          </span>
        )}
      </div>
    </>
  );
}

/** Nights, hours when nobody is there, and the marks of the clock, behind the bars. */
function Hours({ nights, away, marks, at }: Pick<RowProps, 'nights' | 'away' | 'marks' | 'at'>) {
  const within = (share: number) => Math.min(100, Math.max(0, share));
  return (
    <>
      {nights.map(({ fromMs, toMs }) => (
        <span
          key={fromMs}
          className="absolute inset-y-0 bg-[#f0efea]"
          style={{ left: `${within(at(fromMs))}%`, width: `${within(at(toMs)) - within(at(fromMs))}%` }}
        />
      ))}
      {away.map(({ fromMs, toMs }) => (
        <span
          key={fromMs}
          title="nobody in the kitchen"
          className="away-hatch absolute inset-y-0"
          style={{ left: `${within(at(fromMs))}%`, width: `${within(at(toMs)) - within(at(fromMs))}%` }}
        />
      ))}
      {marks.map((ms) => (
        <span key={ms} className="absolute inset-y-0 w-px bg-grout-soft" style={{ left: `${at(ms)}%` }} />
      ))}
    </>
  );
}

/** What the meat does between two jobs that hands have no time to join: it lies in the fridge, or it is kept hot. */
function Held({ job, at }: { job: PlannedJob; at: RowProps['at'] }) {
  const { thenColdMin = 0, thenHotMin = 0, endMs, title } = job;
  const minutes = thenColdMin || thenHotMin;
  if (minutes === 0) return null;
  return (
    <span
      title={`${title}, then ${thenHotMin ? 'kept hot' : 'into the fridge'} for ${formatDuration(minutes)}`}
      className={clsx(
        'absolute top-[34px] h-3 border-y',
        thenHotMin ? 'border-ox bg-ox-tint' : 'waiting-stripes border-grout bg-[#eef3f1]',
      )}
      style={{ left: `${at(endMs)}%`, width: `${at(endMs + minutes * 60_000) - at(endMs)}%` }}
    />
  );
}
