'use client';

import { useMemo } from 'react';
import type { PlannedJob, TodayPage } from '@/contract/views';
import { warmForecast } from '@/core/progress';
import { allergensOnTable } from '@/core/safety';
import { formatClock, formatDay, formatDayClock, formatWeekday, intervalsOf } from '@/core/times';
import { formatDuration } from '@/core/units';
import { allergenWords, cautionWords, GIVES_HELP, GUIDANCE_LINE } from '@/core/words';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { Link } from '../../primitives/link';
import { usePreferences } from '../../shell/preferences';
import { countdown } from '../../shell/runningTimers';
import { useNow } from '../../shell/useNow';
import { KitchenTimer, useKitchen } from '../kitchen/useKitchen';
import { AwayHours } from './awayHours';
import { BehindNotes, lateNowMin } from './behindNotes';
import { Timeline } from './timeline';
import { useMoveJob } from './useMoveJob';
import { MealHead, MealPicker } from './mealHead';

const SHOWN_JOBS = 6;
const SHOWN_SENTENCES = 5;

export function TodayScreen({ zone, meal, meals, nowMs, ...given }: TodayPage & { nowMs: number }) {
  const now = useNow(nowMs, 1000);
  const { style } = usePreferences();
  const kitchen = useKitchen({ ...given, nowMs }, now);
  const { batches } = kitchen;
  const moveJob = useMoveJob(given.day, kitchen.eventsOf, zone);
  const away = useMemo(() => intervalsOf(meal?.away ?? []), [meal?.away]);
  if (!meal) return <NoMeal />;

  const tableAtMs = Date.parse(meal.tableAt);
  const inMeal = (tableAtMs - now) / 60_000;
  const next = kitchen.jobs
    .filter((job) => job.hands && !job.passed && kitchen.progress(job).doneAtMs === undefined)
    .slice(0, SHOWN_JOBS);
  return (
    <div className="mx-auto max-w-[1500px] px-4 py-6 wide:px-6">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <div className="grow">
          <MealHead key={meal.id + meal.version} meal={meal} zone={zone} />
          <p className="mt-1 text-[16px]">
            {formatDay(tableAtMs, zone, style.locale)}, on the table at{' '}
            <strong>{formatClock(tableAtMs, zone, style.locale)}</strong> for {meal.people}{' '}
            <span className="text-muted">
              {inMeal >= 0 ? `in ${formatDuration(inMeal)}` : `${formatDuration(-inMeal)} ago`}
            </span>
          </p>
          <AwayHours meal={meal} zone={zone} />
        </div>
        {meals.length > 1 && <MealPicker meals={meals} current={meal.id} zone={zone} />}
        <Link href={`/batches/new?meal=${meal.id}`} className={buttonLook('plain')}>
          Add a batch
        </Link>
        {batches.length > 0 && (
          <Link href={`/cook?meal=${meal.id}`} className={buttonLook()}>
            Start cooking
          </Link>
        )}
      </div>

      <BehindNotes batches={batches} meal={meal} zone={zone} />
      <div className="mt-5">
        {batches.length === 0 ? (
          <EmptyState
            title="This meal has no batch yet"
            text="Add what goes on the board; its jobs will line up to end at the hour on the table."
          >
            <Link href={`/batches/new?meal=${meal.id}`} className={buttonLook()}>
              Add a batch
            </Link>
          </EmptyState>
        ) : (
          <Timeline
            batches={batches}
            tableAtMs={tableAtMs}
            zone={zone}
            now={now}
            away={away}
            progressOf={kitchen.progressOf}
            onMove={moveJob}
          />
        )}
      </div>

      <WhatGives batches={batches} />
      {batches.length > 0 && (
        <div className="mt-4 grid gap-4 wrap-anywhere md:grid-cols-2 wide:grid-cols-[1.5fr_1fr_1.1fr]">
          <NextForYourHands next={next} batches={batches} kitchen={kitchen} zone={zone} now={now} />
          <RunningTimers timers={kitchen.timers} zone={zone} now={now} />
          <MindThese next={next} batches={batches} kitchen={kitchen} zone={zone} now={now} />
        </div>
      )}
    </div>
  );
}

/** What the meal's clock could not do for every batch. */
function WhatGives({ batches }: Pick<TodayPage, 'batches'>) {
  const sentences = batches.flatMap(({ id, gives }) => gives.map((text) => ({ id, text })));
  if (sentences.length === 0) return null;
  return (
    <ul
      aria-label="What gives"
      className="mt-4 space-y-1 rounded border border-brass-line bg-brass-tint px-4 py-3 text-[15px] wrap-anywhere"
    >
      {sentences.slice(0, SHOWN_SENTENCES).map(({ id, text }) => (
        <li key={id + text}>{text}</li>
      ))}
      {sentences.length > SHOWN_SENTENCES && <li>And {sentences.length - SHOWN_SENTENCES} more like these.</li>}
      <li className="text-muted">
        {GIVES_HELP}{' '}
        <Link href="/kitchen" className="underline underline-offset-4">
          Cooks at work
        </Link>
      </li>
    </ul>
  );
}

function NoMeal() {
  return (
    <div className="mx-auto max-w-5xl px-5 py-10">
      <h1 className="mb-5">Today</h1>
      <EmptyState
        title="Nothing on the board yet"
        text="Say what you have and when it should be on the table. Mince counts back from there."
      >
        <Link href="/batches/new" className={buttonLook()}>
          Plan the first batch
        </Link>
      </EmptyState>
    </div>
  );
}

interface PartProps extends Pick<TodayPage, 'zone' | 'batches'> {
  next: readonly PlannedJob[];
  kitchen: ReturnType<typeof useKitchen>;
  now: number;
}

const nameIn = (batches: TodayPage['batches'], batchId: string) => batches.find(({ id }) => id === batchId)!.name;

function NextForYourHands({ next, batches, kitchen, zone, now }: PartProps) {
  const { style } = usePreferences();
  const { progress } = kitchen;
  const clock = (ms: number) => formatClock(ms, zone, style.locale);
  const day = (ms: number) => formatWeekday(ms, zone, style.locale);
  return (
    <section className="panel px-4 py-3.5">
      <h2 className="text-[18px]">Next for your hands</h2>
      {next.length === 0 && (
        <p className="mt-3 text-muted">
          Everything is done.{' '}
          <Link href="/log" className="underline">
            Taste it and write it down.
          </Link>
        </p>
      )}
      <ol className="mt-2">
        {next.map((job, index) => (
          <li
            key={`${job.batchId}/${job.key}`}
            className="grid grid-cols-[5.6rem_1fr] gap-x-3 border-t border-grout-soft py-2.5"
          >
            <span className="figure pt-1 text-[20px]">
              {day(job.startMs) !== day(next[index - 1]?.startMs ?? now) && (
                <span className="block text-[13px] font-medium text-muted">{day(job.startMs)}</span>
              )}
              {clock(job.startMs)}
              {job.startMs < now && progress(job).startedAtMs === undefined && (
                <span className="mt-1 block text-[12px] font-semibold text-ox">due</span>
              )}
              {progress(job).startedAtMs !== undefined && (
                <span className="mt-1 block text-[12px] font-semibold text-enamel-soft">under way</span>
              )}
            </span>
            <Link href={`/cook?batch=${job.batchId}`} className="group min-w-0">
              <span className="font-semibold group-hover:underline">{job.title}</span>{' '}
              <span className="text-[13px] text-muted">{nameIn(batches, job.batchId)}</span>
              <span className="line-clamp-2 text-[14px] text-muted">{job.text}</span>
            </Link>
          </li>
        ))}
      </ol>
    </section>
  );
}

function RunningTimers({ timers, zone, now }: { timers: readonly KitchenTimer[]; zone: string; now: number }) {
  const { style } = usePreferences();
  const clock = (ms: number) => formatClock(ms, zone, style.locale);
  return (
    <section className="panel px-4 py-3.5">
      <h2 className="text-[18px]">Running timers</h2>
      {timers.length === 0 && (
        <p className="mt-3 text-muted">
          None. They start in the kitchen, when something goes in the freezer, the fridge or the soda.
        </p>
      )}
      <ul className="mt-2 space-y-3">
        {timers.map((timer) => (
          <li key={`${timer.batchId}/${timer.jobKey}`}>
            <Link href={`/cook?batch=${timer.batchId}`} className="block">
              <span role="timer" className={`figure block text-[40px] ${timer.ringsAtMs <= now ? 'text-ox' : ''}`}>
                {countdown(timer.ringsAtMs, now)}
              </span>
              <span className="text-[14px] text-muted">
                {timer.label}
                {timer.ringsAtMs <= now ? ', ready now' : `, until ${clock(timer.ringsAtMs)}`}
              </span>
              {timer.checkAtMs !== undefined && timer.ringsAtMs > now && (
                <span
                  className={
                    timer.checkAtMs <= now
                      ? 'mt-1 block rounded bg-brass-tint px-2 py-1 text-[14px] font-semibold'
                      : 'block text-[14px] text-muted'
                  }
                >
                  {timer.checkAtMs <= now
                    ? 'Press it now: it may be firm already.'
                    : `press it from ${clock(timer.checkAtMs)}`}
                </span>
              )}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Allergens, minutes out of the fridge, what is late, and the cautions of what comes next. */
function MindThese({ next, batches, kitchen, zone, now }: PartProps) {
  const { style } = usePreferences();
  const { jobs, eventsOf, progressOf } = kitchen;
  const nameOf = (batchId: string) => nameIn(batches, batchId);
  const allergens = allergensOnTable(
    batches.map(({ cautions }) => ({
      allergens: cautions.flatMap((one) => (one.code === 'allergens' ? one.allergens : [])),
    })),
  );
  const unread = batches.flatMap(({ cautions }) =>
    cautions.flatMap((one) => (one.code === 'allergens' ? one.unread : [])),
  );
  const alcohol = batches.some(({ cautions }) => cautions.some((one) => one.code === 'allergens' && one.alcohol));
  const soon = new Set(next.slice(0, 3).map(({ batchId, key }) => `${batchId}/${key}`));
  const minded = jobs
    .filter((job) => soon.has(`${job.batchId}/${job.key}`))
    .flatMap((job) =>
      job.cautions
        .filter(({ guards, code }) => guards === 'illness' && !['allergens', 'warm-minutes'].includes(code))
        .map((caution) => ({ job, caution })),
    )
    .slice(0, 3);
  return (
    <section className="panel px-4 py-3.5 md:col-span-2 wide:col-span-1">
      <h2 className="text-[18px]">Mind these</h2>
      <ul className="mt-2 space-y-2.5 text-[14px]">
        <li>
          <strong>
            On the table: {allergenWords({ allergens, unread }).replace(/^./, (first) => first.toLowerCase())}.
          </strong>
          {alcohol && ' Also alcohol.'} Check the labels of what you pour.
        </li>
        {batches.map((batch) => {
          const warm = warmForecast(eventsOf(batch.id), {
            jobs: batch.jobs,
            progress: progressOf(batch.id),
            lots: batch.lots,
            limitMin: batch.warmLimitMin,
            nowMs: now,
          });
          return warm.minutes > 0 ? (
            <li key={batch.id} className={warm.verdict === 'fine' ? undefined : 'text-ox'}>
              <strong>Out of the fridge so far:</strong> {batch.name} {Math.floor(warm.minutes)} min of{' '}
              {formatDuration(warm.limitMin)}, {Math.ceil(warm.forecastMin)} with what is planned.
            </li>
          ) : null;
        })}
        {batches
          .filter((batch) => lateNowMin(batch) > 0)
          .map((batch) => (
            <li key={batch.id} className="text-ox">
              <strong>
                {batch.name} is {formatDuration(lateNowMin(batch))} late.
              </strong>{' '}
              <Link href={`/batches/${batch.id}`} className="underline underline-offset-4">
                See what helps
              </Link>
            </li>
          ))}
        {minded.map(({ job, caution }) => {
          const words = cautionWords(caution, style);
          return (
            <li key={`${job.batchId}/${job.key}/${caution.code}`}>
              <strong>{words.title}.</strong> {words.text}{' '}
              <span className="text-muted">
                {nameOf(job.batchId)}, {formatDayClock(job.startMs, zone, style.locale)}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-3 text-[12px] text-muted">{GUIDANCE_LINE}</p>
    </section>
  );
}
