'use client';

import type { EventResource } from '@/contract/resources';
import { formatDayClock } from '@/core/times';
import type { FirmnessReport } from '@/core/firming';
import { JOB_SHORT, REPORT_NAMES, STAGE_NAMES } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import type { stageLines } from './stageLines';

interface Props {
  lines: ReturnType<typeof stageLines>;
  events: readonly EventResource[];
  zone: string;
}

/** Beside the scores: what was planned, and what was done when. */
export function Record({ lines, events, zone }: Props) {
  const { style } = usePreferences();
  const told = events.filter(({ kind }) => kind !== 'job-started' && kind !== 'timer-extended');
  return (
    <>
      <section className="rounded border border-grout bg-tile px-3.5 py-3">
        <h2 className="text-[17px]">What it was</h2>
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
                    : event.jobKey && `${JOB_SHORT[event.jobKey]}${event.kind === 'job-undone' ? ', taken back' : ''}`}
              </span>
            </li>
          ))}
        </ol>
      </section>
    </>
  );
}
