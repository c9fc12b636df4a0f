'use client';

import clsx from 'clsx';
import { ReactNode, useEffect, useEffectEvent, useState } from 'react';
import type { KitchenPage, PlannedJob } from '@/contract/views';
import { formatClock } from '@/core/times';
import { formatDuration } from '@/core/units';
import { behindWords } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { Link } from '../../primitives/link';
import { usePreferences } from '../../shell/preferences';
import { countdown } from '../../shell/runningTimers';
import { useNow } from '../../shell/useNow';
import { isBehind } from '../today/behindNotes';
import { ring, speak, stopSpeaking, useScreenAwake } from './senses';
import { KitchenTimer, useKitchen } from './useKitchen';
import { useCurrentJob, ADD_MIN } from './useCurrentJob';
import { Beside } from './beside';
import { JobNow } from './jobNow';
import { Key } from './key';

/** One job at a time, big enough for a propped-up phone and worked with an elbow: space goes on, arrows look around. */
export function KitchenScreen({ title, mealId, zone, nowMs, ...meal }: KitchenPage & { nowMs: number }) {
  const now = useNow(nowMs);
  const kitchen = useKitchen({ ...meal, nowMs }, now);
  const current = useCurrentJob(kitchen);
  const [reading, setReading] = useState(false);
  const alive = useAlive();
  useScreenAwake();
  const { batches, jobs, timers } = kitchen;
  const { job, state, index } = current;
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

  useKeys({
    ArrowLeft: current.back,
    ArrowRight: current.ahead,
    u: current.takeBack,
    r: () => setReading((on) => !on),
    ' ': current.goOn,
    Enter: current.goOn,
  });

  return (
    <div
      className="dark-ground flex min-h-dvh flex-col bg-kitchen text-kitchen-text"
      data-job={job?.key}
      data-alive={alive}
    >
      <Head title={batch?.name ?? title} tableAtMs={batch?.tableAtMs} zone={zone} now={now}>
        {job && `job ${index + 1} of ${jobs.length}`}
      </Head>
      <Late batches={batches} mealId={mealId} zone={zone} />
      <div className="grid grow content-start gap-x-6 gap-y-4 px-5 py-5 wide:grid-cols-[minmax(0,1fr)_300px] wide:grid-rows-[auto_1fr] wide:px-7">
        <div aria-live="polite" className="wide:row-span-2">
          {!job && <AllDone done={current.allDone} batches={batches} />}
          {job && state && (
            <JobNow
              job={job}
              state={state}
              then={current.then}
              batch={batch!}
              kitchen={kitchen}
              onRecord={current.record}
              zone={zone}
              now={now}
            />
          )}
        </div>
        <Timers timers={timers} zone={zone} now={now} onLook={current.lookAt} onAdd={current.addTime} />
        <Beside
          batch={batch}
          current={current}
          kitchen={kitchen}
          now={now}
          reading={reading}
          onRead={() => setReading(!reading)}
        />
      </div>
      <Presses current={current} jobs={jobs} alive={alive} />
    </div>
  );
}

/** What is late by now, said where the hands are; the ways out are on Today. */
function Late({ batches, mealId, zone }: Pick<KitchenPage, 'batches' | 'mealId' | 'zone'>) {
  const { style } = usePreferences();
  const late = batches.filter(isBehind);
  const alarms = batches.flatMap(({ id, name, alarm }) => (alarm ? [{ id, text: `${name}: ${alarm}` }] : []));
  if (late.length + alarms.length === 0) return null;
  return (
    <div role="status" className="mx-5 mt-3 rounded border border-brass-line px-4 py-2 text-[19px] wide:mx-7">
      {alarms.map(({ id, text }) => (
        <p key={id} className="font-semibold">
          {text}
        </p>
      ))}
      {late.map(({ id, name, standing }) => (
        <p key={id}>{behindWords(standing!, { name, zone }, style)}</p>
      ))}
      {late.length > 0 && (
        <Link href={`/?meal=${mealId}`} className="underline underline-offset-4">
          Ways out
        </Link>
      )}
    </div>
  );
}

/** What the keys do; on a button or link, space and Enter are its own. */
function useKeys(does: Record<string, () => void>) {
  const press = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
    // What is typed is typed.
    if (event.target instanceof HTMLElement && event.target.closest('input, textarea, select')) return;
    const onControl = event.target instanceof HTMLElement && event.target.closest('a, button');
    const act = onControl && (event.key === ' ' || event.key === 'Enter') ? undefined : does[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => press(event);
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

interface HeadProps {
  title: string;
  tableAtMs: number | undefined;
  zone: string;
  now: number;
  children: ReactNode;
}

/** Which batch, which job, and how long until the table. */
function Head({ title, tableAtMs, zone, now, children }: HeadProps) {
  const { style } = usePreferences();
  const left = tableAtMs === undefined ? undefined : (tableAtMs - now) / 60_000;
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-5 pt-4 text-[17px] wide:px-7">
      <h1 className="text-[22px]">{title}</h1>
      {children && <span className="text-kitchen-muted">{children}</span>}
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
  );
}

interface TimersProps {
  timers: readonly KitchenTimer[];
  zone: string;
  now: number;
  onLook: (job: PlannedJob) => void;
  onAdd: (job: PlannedJob) => void;
}

/** What runs beside the hands; a press shows its job. */
function Timers({ timers, zone, now, onLook, onAdd }: TimersProps) {
  const { style } = usePreferences();
  return (
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
            <button type="button" className="block w-full text-left" onClick={() => onLook(timer.job)}>
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
              onClick={() => onAdd(timer.job)}
            >
              {ADD_MIN} min more
            </button>
          </div>
        );
      })}
    </aside>
  );
}

interface PressesProps {
  current: ReturnType<typeof useCurrentJob>;
  jobs: readonly PlannedJob[];
  alive: boolean;
}

/** Three zones for an elbow: back, go on, look ahead. */
function Presses({ current, jobs, alive }: PressesProps) {
  const { index, job, state, back, goOn, ahead } = current;
  const says = () => {
    if (!job || !state) return 'All done';
    if (state.doneAtMs !== undefined) return 'Go on';
    if (state.startedAtMs !== undefined) return job.hands ? 'Done' : 'It is ready';
    return job.hands
      ? `Start: ${job.title.toLowerCase()}`
      : `It is ${job.key === 'heat-up' ? 'on' : 'in'}: start the timer`;
  };
  return (
    <div className="sticky bottom-0 grid min-h-[118px] grid-cols-[minmax(92px,26%)_1fr_minmax(64px,12%)] text-[26px] font-semibold">
      <Zone onPress={back} disabled={index === 0} look="bg-kitchen-panel">
        Back <Key name="←" />
      </Zone>
      <Zone onPress={goOn} disabled={!job || !alive} look="bg-kitchen-text text-kitchen">
        {says()} <Key name="space" dark />
      </Zone>
      <Zone onPress={ahead} disabled={index >= jobs.length - 1} look="bg-kitchen-panel" label="Look ahead">
        <span aria-hidden="true">→</span>
      </Zone>
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
