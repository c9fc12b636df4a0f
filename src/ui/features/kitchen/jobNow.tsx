'use client';

import type { PlannedBatch, PlannedJob } from '@/contract/views';
import { JobProgress, ringsAtMs } from '@/core/progress';
import { formatClock } from '@/core/times';
import clsx from 'clsx';
import { formatDuration, formatMass } from '@/core/units';
import { FIRMNESS_REPORTS, type FirmnessReport } from '@/core/firming';
import { cautionWords, GUIDANCE_LINE, REPORT_NAMES } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import { countdown } from '../../shell/runningTimers';
import { Ask } from './ask';
import { useKitchen } from './useKitchen';

interface JobNowProps {
  job: PlannedJob;
  state: JobProgress;
  then: PlannedJob | undefined;
  batch: PlannedBatch;
  onRecord: ReturnType<typeof useKitchen>['record'];
  kitchen: ReturnType<typeof useKitchen>;
  zone: string;
  now: number;
}

/** The job in front of the cook: what to do, how long, what to mind, what comes then. */
export function JobNow({ job, state, then, batch, kitchen, onRecord, zone, now }: JobNowProps) {
  const { style } = usePreferences();
  const firmed = kitchen.jobs.some((one) => one.key === 'firm' && one.batchId === job.batchId);
  return (
    <>
      <p className="text-[18px] text-kitchen-muted">
        {state.doneAtMs !== undefined
          ? `Done at ${formatClock(state.doneAtMs, zone, style.locale)}`
          : job.passed
            ? 'passed over'
            : `${state.startedAtMs === undefined ? 'planned for' : 'begun at'} ${formatClock(job.startMs, zone, style.locale)}, ${formatDuration(job.minutes)}`}
      </p>
      <h2 className="mt-1 text-[clamp(38px,6.2vw,68px)] leading-none">{job.title}</h2>
      <p className="mt-4 max-w-[38ch] text-[25px] leading-snug text-[#d6e6e0]">{job.text}</p>
      <Lines lines={job.lines} />
      <Clock job={job} startedAtMs={state.startedAtMs} doneAtMs={state.doneAtMs} extraMin={state.extraMin} now={now} />
      <div className="flex flex-wrap items-start gap-x-8">
        {job.key === 'slice' && state.startedAtMs !== undefined && firmed && (
          <HowItCut
            told={kitchen.reports.get(job.batchId)}
            onTell={(report) => onRecord([{ job, kind: 'firmness-reported', payload: { report } }])}
          />
        )}
        {state.startedAtMs !== undefined &&
          job.asks.map((measure) => (
            <Ask
              key={`${job.batchId}/${measure}`}
              measure={measure}
              known={kitchen.measuredOf(job.batchId)[measure]}
              expected={batch.expected[measure]}
              zone={zone}
              onAnswer={(value) => onRecord([{ job, kind: 'measured', payload: { measure, value } }])}
            />
          ))}
      </div>
      <ul className="mt-5 space-y-3">
        {job.cautions.map((caution) => {
          const words = cautionWords(caution, style);
          return (
            <li key={caution.code} className="max-w-[60ch] border-l-4 border-[#e0c383] pl-3 text-[19px] leading-snug">
              <strong>{words.title}.</strong> {words.text}
            </li>
          );
        })}
      </ul>
      {then && (
        <p className="mt-6 text-[18px] text-kitchen-muted">
          Then, {formatClock(then.startMs, zone, style.locale)}: <span className="text-kitchen-text">{then.title}</span>
        </p>
      )}
      {job.cautions.some(({ guards }) => guards === 'illness') && (
        <p className="mt-3 text-[14px] text-kitchen-muted">{GUIDANCE_LINE}</p>
      )}
    </>
  );
}

/** What goes in, in the order of adding: grams, and the measure this kitchen owns. */
function Lines({ lines }: Pick<PlannedJob, 'lines'>) {
  const { style } = usePreferences();
  // A single one is said in the text.
  if (lines.length < 2) return null;
  return (
    <ol
      aria-label="What goes in"
      className="mt-5 max-w-[34ch] gap-x-8 text-[25px] leading-tight wide:max-w-[880px] wide:columns-2"
    >
      {lines.map(({ name, massG, spoken, heldBack }, at) => (
        <li
          key={at}
          className={clsx(
            'flex break-inside-avoid items-baseline gap-x-4 border-t border-[#2b5a50] py-2',
            heldBack && 'text-[#f2d9a0]',
          )}
        >
          <span className="figure w-[4.2em] shrink-0 text-right">{formatMass(massG, style)}</span>
          <span className="grow">
            {name}
            {spoken && <span className="block text-[19px] text-kitchen-muted">{spoken}</span>}
          </span>
        </li>
      ))}
    </ol>
  );
}

/** Asked while it is sliced, answered with an elbow: it teaches the freezer. */
function HowItCut({ told, onTell }: { told?: string; onTell: (report: FirmnessReport) => void }) {
  return (
    <div className="mt-5" role="group" aria-label="How does it cut?">
      <p className="text-[19px] text-kitchen-muted">
        {told
          ? `Said: ${REPORT_NAMES[told as FirmnessReport]?.toLowerCase()}. The next plan uses it.`
          : 'How does it cut?'}
      </p>
      {!told && (
        <div className="mt-2 flex flex-wrap gap-3">
          {FIRMNESS_REPORTS.map((report) => (
            <button
              key={report}
              type="button"
              className="min-h-16 rounded bg-kitchen-panel px-5 text-[22px] font-semibold"
              onClick={() => onTell(report)}
            >
              {REPORT_NAMES[report]}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

function Clock({
  job,
  startedAtMs,
  doneAtMs,
  extraMin,
  now,
}: {
  job: PlannedJob;
  startedAtMs?: number;
  doneAtMs?: number;
  extraMin: number;
  now: number;
}) {
  if (doneAtMs !== undefined) return null;
  if (startedAtMs === undefined)
    return (
      <p className="figure mt-6 text-[clamp(64px,11vw,120px)]">
        {Math.round(job.minutes)}
        <span className="ml-2 text-[0.32em] text-kitchen-muted">min</span>
      </p>
    );
  const endMs = ringsAtMs({ startedAtMs, extraMin }, job.minutes)!;
  const overMin = (now - endMs) / 60_000;
  return (
    <p className="mt-6 flex flex-wrap items-end gap-5">
      <span role="timer" className="figure text-[clamp(76px,14vw,150px)]">
        {countdown(endMs, now)}
      </span>
      <span className="max-w-56 pb-3 text-[20px] leading-tight text-kitchen-muted">
        {overMin >= 1
          ? `${formatDuration(overMin)} over; take the time you need`
          : job.hands
            ? 'left in the plan for this'
            : 'until it is ready'}
      </span>
    </p>
  );
}
