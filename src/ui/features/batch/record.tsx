'use client';

import type { EventResource } from '@/contract/resources';
import { jobProgress, minutesOut, type BatchEvent } from '@/core/progress';
import { formatDayClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import type { FirmnessReport } from '@/core/firming';
import { JOB_SHORT, REPORT_NAMES, STAGE_NAMES } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import type { stageLines } from './stageLines';

const toBatchEvent = ({ id, kind, jobKey, at, payload }: EventResource): BatchEvent => ({
  id,
  kind,
  jobKey,
  atMs: Date.parse(at),
  payload,
});

interface Props {
  lines: ReturnType<typeof stageLines>;
  events: readonly EventResource[];
  zone: string;
}

/** Beside the scores: what was planned, and what was done when. */
export function Record({ lines, events, zone }: Props) {
  const { style } = usePreferences();
  const told = events.filter(({ kind }) => kind !== 'job-started' && kind !== 'timer-extended');
  const done = events.map(toBatchEvent);
  const progress = jobProgress(done);
  const minutesOf = (event: EventResource) => {
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
                {formatDayClock(Date.parse(event.at), zone, style.locale)}
              </span>
              <span>
                {event.kind === 'firmness-reported'
                  ? `It cut: ${REPORT_NAMES[event.payload.report as FirmnessReport]?.toLowerCase() ?? 'said'}`
                  : event.kind === 'caution-acknowledged'
                    ? `Read and acknowledged: ${String(event.payload.text ?? 'a caution')}`
                    : event.kind === 'meat-in-fridge'
                      ? 'Put back in the fridge'
                      : event.jobKey &&
                        `${JOB_SHORT[event.jobKey]}${event.kind === 'job-undone' ? ', taken back' : minutesOf(event)}`}
              </span>
            </li>
          ))}
        </ol>
      </section>
    </>
  );
}
