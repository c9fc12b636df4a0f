'use client';

import type { EventResource } from '@/contract/resources';
import { jobProgress, minutesOut, standing, type BatchEvent, type Measure } from '@/core/progress';
import { formatDayClock } from '@/core/times';
import { formatDuration, type FormatStyle } from '@/core/units';
import type { FirmnessReport } from '@/core/firming';
import { jobShort, measuredWords, REPORT_NAMES, STAGE_NAMES } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import { toBatchEvent } from '../../shell/batchEvents';
import type { stageLines } from './stageLines';

interface Props {
  lines: ReturnType<typeof stageLines>;
  events: readonly EventResource[];
  zone: string;
}

/** Beside the scores: what was planned, and what was done when. */
export function Record({ lines, events, zone }: Props) {
  const { style } = usePreferences();
  const done = events.map(toBatchEvent);
  const told = standing(done).filter(({ kind }) => kind !== 'job-started' && kind !== 'timer-extended');
  const progress = jobProgress(done);
  const minutesOf = (event: BatchEvent) => {
    const { startedAtMs, doneAtMs } = (event.jobKey && progress.get(event.jobKey)) || {};
    return event.kind === 'job-done' && startedAtMs !== undefined && doneAtMs !== undefined && doneAtMs > startedAtMs
      ? `, ${formatDuration((doneAtMs - startedAtMs) / 60_000)}`
      : '';
  };
  const out = events.length ? minutesOut(done, Math.max(...done.map(({ atMs }) => atMs))).minutes : 0;
  return (
    <>
      <section className="rounded border border-grout bg-tile px-3.5 py-3">
        <h2 className="text-[17px]">What was planned</h2>
        <dl className="mt-1 space-y-1 text-[14px]">
          {(Object.keys(lines) as (keyof typeof lines)[]).map((stage) => (
            <div key={stage}>
              <dt className="inline text-muted">{STAGE_NAMES[stage]}: </dt>
              <dd className="inline">{lines[stage]}</dd>
            </div>
          ))}
        </dl>
      </section>
      <section className="rounded border border-grout bg-tile px-3.5 py-3">
        <h2 className="text-[17px]">What was done</h2>
        {told.length === 0 && (
          <p className="mt-1 text-[14px] text-muted">
            Nothing yet. Every job finished in the kitchen is kept here with its time.
          </p>
        )}
        {out > 0 && (
          <p className="mt-1 text-[14px]">
            Out of the fridge <strong>{formatDuration(out)}</strong> in all.
          </p>
        )}
        <ol className="mt-1 text-[14px]">
          {told.map((event) => (
            <li key={event.id} className="flex gap-3 border-t border-grout-soft py-1">
              <span className="condensed w-24 shrink-0 text-muted">
                {formatDayClock(event.atMs, zone, style.locale)}
              </span>
              <span>{saysOf(event, minutesOf(event), style)}</span>
            </li>
          ))}
        </ol>
      </section>
    </>
  );
}

function saysOf({ kind, jobKey, payload }: BatchEvent, minutes: string, style: FormatStyle): string {
  switch (kind) {
    case 'firmness-reported':
      return `It cut: ${REPORT_NAMES[payload.report as FirmnessReport]?.toLowerCase() ?? 'said'}`;
    case 'caution-acknowledged':
      return `Read and acknowledged: ${String(payload.text ?? 'a caution')}`;
    case 'meat-in-fridge':
      return 'Put back in the fridge';
    case 'measured':
      return measuredWords(payload.measure as Measure, Number(payload.value), style);
    default:
      return jobKey ? `${jobShort(jobKey)}${kind === 'job-undone' ? ', taken back' : minutes}` : '';
  }
}
