'use client';

import clsx from 'clsx';
import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import type { KitchenPage, PlannedJob } from '@/contract/views';
import { ringsAtMs, warmForecast, type WarmForecast } from '@/core/progress';
import { formatClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { FIRMNESS_REPORTS, type FirmnessReport } from '@/core/firming';
import { cautionWords, GUIDANCE_LINE, REPORT_NAMES } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { usePreferences } from '../../shell/preferences';
import { countdown } from '../../shell/runningTimers';
import { useNow } from '../../shell/useNow';
import { ring, speak, stopSpeaking, useScreenAwake } from './senses';
import { useKitchen } from './useKitchen';

const ADD_MIN = 5;

/** One job at a time, big enough for a propped-up phone and worked with an elbow: space goes on, arrows look around. */
export function KitchenScreen({ title, zone, batches, events, nowMs }: KitchenPage & { nowMs: number }) {
  const now = useNow(nowMs);
  const { style } = usePreferences();
  const { jobs, progress, progressOf, timers, reports, record, outbox, settle, eventsOf } = useKitchen({
    batches,
    events,
  });
  const [looking, setLooking] = useState<number | undefined>();
  const [reading, setReading] = useState(false);
  const alive = useAlive();
  useScreenAwake();

  const firstOpen = jobs.findIndex(
    (job) => progress(job).doneAtMs === undefined && (job.hands || progress(job).startedAtMs === undefined),
  );
  const firstUndone = jobs.findIndex((job) => progress(job).doneAtMs === undefined);
  const allDone = firstUndone < 0;
  const index = looking ?? (firstOpen >= 0 ? firstOpen : firstUndone >= 0 ? firstUndone : jobs.length);
  const job: PlannedJob | undefined = jobs[index];
  const state = job ? progress(job) : undefined;
  const batch = job && batches.find(({ id }) => id === job.batchId)!;

  const rung = timers
    .filter(({ ringsAtMs: at }) => at <= now)
    .map(({ jobKey, batchId }) => `${batchId}/${jobKey}`)
    .join();
  useEffect(() => {
    if (rung) ring();
  }, [rung]);

  useEffect(() => {
    if (reading && job) speak(`${job.title}. ${job.text}`);
    return stopSpeaking;
  }, [reading, job]);

  const goOn = useCallback(() => {
    if (!job || !state) return;
    if (state.doneAtMs !== undefined) {
      setLooking(index + 1 < jobs.length ? index + 1 : undefined);
      return;
    }
    if (state.startedAtMs === undefined) {
      // What waited for this job of the same batch is over once it begins.
      const over = jobs.filter(
        (one) =>
          one.batchId === job.batchId &&
          !one.hands &&
          one.endMs <= job.startMs &&
          progress(one).startedAtMs !== undefined &&
          progress(one).doneAtMs === undefined,
      );
      record([...over.map((one) => ({ job: one, kind: 'job-done' as const })), { job, kind: 'job-started' }]);
      setLooking(job.hands ? index : undefined);
      return;
    }
    const follower = jobs
      .slice(index + 1)
      .find((one) => one.batchId === job.batchId && progress(one).doneAtMs === undefined);
    // While the meat still waits in the freezer or the soda, the cook says when the next job begins.
    const waits = jobs.some(
      (one) =>
        one.batchId === job.batchId &&
        !one.hands &&
        follower &&
        one.endMs <= follower.startMs &&
        progress(one).startedAtMs !== undefined &&
        progress(one).doneAtMs === undefined,
    );
    const straightOn =
      job.hands && follower?.hands && follower.startMs <= job.endMs && !waits
        ? [{ job: follower, kind: 'job-started' as const }]
        : [];
    record([{ job, kind: 'job-done' }, ...straightOn]);
    setLooking(undefined);
  }, [job, state, index, jobs, progress, record]);

  const back = useCallback(() => setLooking(Math.max(0, index - 1)), [index]);
  const ahead = useCallback(() => setLooking(Math.min(jobs.length - 1, index + 1)), [index, jobs.length]);
  const takeBack = useCallback(() => {
    if (job && state && (state.doneAtMs !== undefined || state.startedAtMs !== undefined)) {
      record([{ job, kind: 'job-undone' }]);
      setLooking(index);
    }
  }, [job, state, index, record]);
  const addTime = useCallback(
    (to: PlannedJob) => record([{ job: to, kind: 'timer-extended', payload: { minutes: ADD_MIN } }]),
    [record],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const onControl = event.target instanceof HTMLElement && event.target.closest('a, button');
      const does: Record<string, (() => void) | undefined> = {
        ArrowLeft: back,
        ArrowRight: ahead,
        u: takeBack,
        r: () => setReading((on) => !on),
        ...(onControl ? {} : { ' ': goOn, Enter: goOn }),
      };
      const act = does[event.key];
      if (!act || event.repeat) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [ahead, back, goOn, takeBack]);

  const firmed = new Set(jobs.filter(({ key }) => key === 'firm').map(({ batchId }) => batchId));
  const left = batch && (batch.tableAtMs - now) / 60_000;
  const warm =
    batch &&
    warmForecast(eventsOf(batch.id), {
      jobs: batch.jobs,
      progress: progressOf(batch.id),
      lots: batch.lots,
      limitMin: batch.warmLimitMin,
      nowMs: now,
    });
  const onTheBoard = Boolean(
    warm?.outNow &&
    !jobs.some(
      (one) =>
        one.batchId === batch?.id &&
        one.hands &&
        progress(one).startedAtMs !== undefined &&
        progress(one).doneAtMs === undefined,
    ),
  );

  return (
    <div
      className="dark-ground flex min-h-dvh flex-col bg-kitchen text-kitchen-text"
      data-job={job?.key}
      data-alive={alive}
    >
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-5 pt-4 text-[17px] wide:px-7">
        <h1 className="text-[22px]">{batch?.name ?? title}</h1>
        {job && (
          <span className="text-kitchen-muted">
            job {index + 1} of {jobs.length}
          </span>
        )}
        <span className="grow" />
        <span className="figure text-[22px]">{formatClock(now, zone, style.locale)}</span>
        {left !== undefined && (
          <span className="text-kitchen-muted">
            {left >= 0 ? `on the table in ${formatDuration(left)}` : `${formatDuration(-left)} past the table`}
          </span>
        )}
        <Link href="/" className="underline underline-offset-4">
          Leave
        </Link>
      </div>

      <div className="grid grow content-start gap-x-6 gap-y-4 px-5 py-5 wide:grid-cols-[minmax(0,1fr)_300px] wide:grid-rows-[auto_1fr] wide:px-7">
        <div aria-live="polite" className="wide:row-span-2">
          {!job && <AllDone done={allDone} batches={batches} />}
          {job && state && (
            <>
              <p className="text-[18px] text-kitchen-muted">
                {state.doneAtMs !== undefined
                  ? `Done at ${formatClock(state.doneAtMs, zone, style.locale)}`
                  : `planned for ${formatClock(job.startMs, zone, style.locale)}, ${formatDuration(job.minutes)}`}
              </p>
              <h2 className="mt-1 text-[clamp(38px,6.2vw,68px)] leading-none">{job.title}</h2>
              <p className="mt-4 max-w-[38ch] text-[25px] leading-snug text-[#d6e6e0]">{job.text}</p>
              {job.key === 'slice' && state.startedAtMs !== undefined && firmed.has(job.batchId) && (
                <HowItCut
                  told={reports.get(job.batchId)}
                  onTell={(report) => record([{ job, kind: 'firmness-reported', payload: { report } }])}
                />
              )}
              <Clock
                job={job}
                startedAtMs={state.startedAtMs}
                doneAtMs={state.doneAtMs}
                extraMin={state.extraMin}
                now={now}
              />
              <ul className="mt-5 space-y-3">
                {job.cautions.map((caution) => {
                  const words = cautionWords(caution, style);
                  return (
                    <li
                      key={caution.code}
                      className="max-w-[60ch] border-l-4 border-[#e0c383] pl-3 text-[19px] leading-snug"
                    >
                      <strong>{words.title}.</strong> {words.text}
                    </li>
                  );
                })}
              </ul>
              {jobs[index + 1] && (
                <p className="mt-6 text-[18px] text-kitchen-muted">
                  Then, {formatClock(jobs[index + 1]!.startMs, zone, style.locale)}:{' '}
                  <span className="text-kitchen-text">{jobs[index + 1]!.title}</span>
                </p>
              )}
              {job.cautions.some(({ guards }) => guards === 'illness') && (
                <p className="mt-3 text-[14px] text-kitchen-muted">{GUIDANCE_LINE}</p>
              )}
            </>
          )}
        </div>

        <aside
          className="order-first grid gap-3 empty:hidden sm:grid-cols-2 wide:order-none wide:col-start-2 wide:row-start-1 wide:grid-cols-1"
          aria-label="Timers"
        >
          {timers.map((timer) => {
            const isOver = timer.ringsAtMs <= now;
            return (
              <div
                key={`${timer.batchId}/${timer.jobKey}`}
                role="timer"
                className={clsx('rounded px-4 py-3', isOver ? 'bg-ox' : 'bg-kitchen-panel')}
              >
                <button
                  type="button"
                  className="block w-full text-left"
                  onClick={() => setLooking(jobs.indexOf(timer.job))}
                >
                  <span className="figure block text-[36px] wide:text-[46px]">{countdown(timer.ringsAtMs, now)}</span>
                  <span className="text-[17px]">
                    {timer.label}
                    {isOver && ', ready now'}
                  </span>
                  {!isOver && timer.checkAtMs !== undefined && (
                    <span className="block text-[16px] text-[#f2d9a0]">
                      {timer.checkAtMs <= now
                        ? 'press it now'
                        : `press it from ${formatClock(timer.checkAtMs, zone, style.locale)}`}
                    </span>
                  )}
                </button>
                <button
                  type="button"
                  className="mt-1 min-h-10 text-[17px] underline underline-offset-4"
                  onClick={() => addTime(timer.job)}
                >
                  {ADD_MIN} min more
                </button>
              </div>
            );
          })}
        </aside>

        <aside className="space-y-3 wide:col-start-2" aria-label="Out of the fridge, and hands">
          {batch && batch.warmLimitMin > 0 && (
            <OutOfFridge
              warm={warm!}
              onPutIn={
                onTheBoard && job
                  ? () => record([{ job, kind: 'meat-in-fridge', payload: { place: 'none' } }])
                  : undefined
              }
            />
          )}
          <div className="space-y-1 rounded border border-[#2b5a50] px-4 py-3 text-[16px]">
            <p>Wash your hands before you touch the screen. Or use an elbow, or the keys.</p>
            <p className="flex flex-wrap gap-x-4">
              <button
                type="button"
                aria-pressed={reading}
                className="min-h-10 underline underline-offset-4"
                onClick={() => setReading(!reading)}
              >
                {reading ? 'Stop reading aloud' : 'Read aloud'} <Key name="R" />
              </button>
              {state && (state.startedAtMs !== undefined || state.doneAtMs !== undefined) && (
                <button type="button" className="min-h-10 underline underline-offset-4" onClick={takeBack}>
                  Undo <Key name="U" />
                </button>
              )}
            </p>
            {outbox.waiting > 0 && (
              <p className="text-[#f2d9a0]">
                {outbox.waiting} {outbox.waiting === 1 ? 'entry waits' : 'entries wait'} for the network; kept on this
                device.
              </p>
            )}
            {outbox.refused.length > 0 && (
              <div role="alert" className="text-[#f2d9a0]">
                <p>
                  {outbox.refused.length} {outbox.refused.length === 1 ? 'entry was' : 'entries were'} not taken:{' '}
                  {outbox.refused[0]!.refused} Kept on this device.
                </p>
                <p className="flex gap-x-4">
                  <button
                    type="button"
                    className="min-h-10 underline underline-offset-4"
                    onClick={() => settle('again')}
                  >
                    Send again
                  </button>
                  <button
                    type="button"
                    className="min-h-10 underline underline-offset-4"
                    onClick={() => settle('let-go')}
                  >
                    Let it go
                  </button>
                </p>
              </div>
            )}
          </div>
        </aside>
      </div>

      <div className="sticky bottom-0 grid min-h-[118px] grid-cols-[minmax(92px,26%)_1fr_minmax(64px,12%)] text-[26px] font-semibold">
        <Zone onPress={back} disabled={index === 0} look="bg-kitchen-panel">
          Back <Key name="←" />
        </Zone>
        <Zone onPress={goOn} disabled={!job || !alive} look="bg-kitchen-text text-kitchen">
          {!job
            ? 'All done'
            : state!.doneAtMs !== undefined
              ? 'Go on'
              : state!.startedAtMs === undefined
                ? job.hands
                  ? `Start: ${job.title.toLowerCase()}`
                  : 'It is in: start the timer'
                : job.hands
                  ? 'Done'
                  : 'It is ready'}{' '}
          <Key name="space" dark />
        </Zone>
        <Zone onPress={ahead} disabled={index >= jobs.length - 1} look="bg-kitchen-panel" label="Look ahead">
          <span aria-hidden="true">→</span>
        </Zone>
      </div>
    </div>
  );
}

/** Minutes out so far, and with what is still planned; said before the limit. */
function OutOfFridge({ warm, onPutIn }: { warm: WarmForecast; onPutIn?: () => void }) {
  const said = {
    fine: `out of the fridge so far; ${Math.ceil(warm.forecastMin)} with what is planned`,
    close: `out of the fridge; ${Math.ceil(warm.forecastMin)} with what is planned: put it in between jobs, or work in more lots`,
    over: 'out of the fridge: over the limit. Usual guidance is to throw it away.',
  };
  return (
    <div
      data-warm={warm.verdict}
      className={clsx(
        'rounded border px-4 py-3',
        warm.verdict === 'over'
          ? 'border-ox-bright bg-ox'
          : warm.verdict === 'close'
            ? 'border-[#e0c383]'
            : 'border-[#2b5a50]',
      )}
    >
      <span className="figure block text-[30px]">
        {Math.floor(warm.minutes)}
        <span className="text-[0.6em]"> of {warm.limitMin} min</span>
      </span>
      <span className="text-[16px]">{said[warm.verdict]}</span>
      {onPutIn && (
        <button
          type="button"
          className="mt-2 block min-h-16 w-full rounded bg-kitchen-panel px-4 text-[20px] font-semibold"
          onClick={onPutIn}
        >
          It waits: put it in the fridge
        </button>
      )}
    </div>
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

function Zone({
  onPress,
  disabled,
  look,
  label,
  children,
}: {
  onPress: () => void;
  disabled: boolean;
  look: string;
  label?: string;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      disabled={disabled}
      className={clsx(
        'condensed flex flex-wrap items-center justify-center gap-x-3 px-3 py-4 disabled:opacity-55',
        look,
      )}
    >
      {children}
    </button>
  );
}

const Key = ({ name, dark = false }: { name: string; dark?: boolean }) => (
  <kbd
    aria-hidden="true"
    className={clsx(
      'hidden rounded border px-1.5 font-sans text-[14px] font-medium sm:inline-block',
      dark ? 'border-[#57756d]' : 'border-[#5d8a80]',
    )}
  >
    {name}
  </kbd>
);

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

function AllDone({ done, batches }: { done: boolean; batches: KitchenPage['batches'] }) {
  if (batches.every(({ jobs }) => jobs.length === 0))
    return <p className="text-[28px]">{batches[0]?.refusal ?? 'There is nothing to cook in this meal yet.'}</p>;
  return (
    <>
      <h2 className="text-[clamp(38px,6vw,68px)]">{done ? 'On the table' : 'Nothing for your hands'}</h2>
      {done && (
        <ul className="mt-6 space-y-3 text-[25px]">
          {batches.map(({ id, name }) => (
            <li key={id}>
              <Link className="underline underline-offset-4" href={`/batches/${id}?stage=taste`}>
                Taste {name}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
