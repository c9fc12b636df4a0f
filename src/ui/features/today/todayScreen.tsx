'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Meal } from '@/contract/resources';
import type { TodayPage } from '@/contract/views';
import { warmForecast } from '@/core/progress';
import { allergensOnTable } from '@/core/safety';
import { formatClock, formatDay, formatDayClock, formatWeekday, fromFieldValue, toFieldValue } from '@/core/times';
import { formatDuration } from '@/core/units';
import { allergenWords, cautionWords, GUIDANCE_LINE } from '@/core/words';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { countdown } from '../../shell/runningTimers';
import { useNow } from '../../shell/useNow';
import { useKitchen } from '../kitchen/useKitchen';
import { Timeline } from './timeline';

const SHOWN_JOBS = 6;

export function TodayScreen({ zone, meal, meals, batches, events, nowMs }: TodayPage & { nowMs: number }) {
  const now = useNow(nowMs, 1000);
  const { style } = usePreferences();
  const { jobs, progress, progressOf, eventsOf, timers } = useKitchen({ batches, events });
  const clock = (ms: number) => formatClock(ms, zone, style.locale);
  const day = (ms: number) => formatWeekday(ms, zone, style.locale);

  if (!meal) {
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

  const tableAtMs = Date.parse(meal.tableAt);
  const next = jobs.filter((job) => job.hands && progress(job).doneAtMs === undefined).slice(0, SHOWN_JOBS);
  const nameOf = (batchId: string) => batches.find(({ id }) => id === batchId)!.name;
  const allergens = allergensOnTable(
    batches.map(({ cautions }) => ({
      allergens: cautions.flatMap((one) => (one.code === 'allergens' ? one.allergens : [])),
    })),
  );
  const unread = batches.flatMap(({ cautions }) =>
    cautions.flatMap((one) => (one.code === 'allergens' ? one.unread : [])),
  );
  const alcohol = batches.some(({ cautions }) => cautions.some((one) => one.code === 'allergens' && one.alcohol));
  const inMeal = (tableAtMs - now) / 60_000;
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
    <div className="mx-auto max-w-[1500px] px-4 py-6 wide:px-6">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <div className="grow">
          <MealHead key={meal.id + meal.version} meal={meal} zone={zone} />
          <p className="mt-1 text-[16px]">
            {formatDay(tableAtMs, zone, style.locale)}, on the table at <strong>{clock(tableAtMs)}</strong> for{' '}
            {meal.people}{' '}
            <span className="text-muted">
              {inMeal >= 0 ? `in ${formatDuration(inMeal)}` : `${formatDuration(-inMeal)} ago`}
            </span>
          </p>
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
          <Timeline batches={batches} tableAtMs={tableAtMs} zone={zone} now={now} progressOf={progressOf} />
        )}
      </div>

      {batches.length > 0 && (
        <div className="mt-4 grid gap-4 md:grid-cols-2 wide:grid-cols-[1.5fr_1fr_1.1fr]">
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
                    <span className="text-[13px] text-muted">{nameOf(job.batchId)}</span>
                    <span className="line-clamp-2 text-[14px] text-muted">{job.text}</span>
                  </Link>
                </li>
              ))}
            </ol>
          </section>

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
                    <span
                      role="timer"
                      className={`figure block text-[40px] ${timer.ringsAtMs <= now ? 'text-ox' : ''}`}
                    >
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
                .filter(({ lateByMin }) => lateByMin > 0)
                .map((batch) => (
                  <li key={batch.id} className="text-ox">
                    <strong>
                      {batch.name} is {formatDuration(batch.lateByMin)} late.
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
        </div>
      )}
    </div>
  );
}

function MealPicker({ meals, current, zone }: { meals: readonly Meal[]; current: string; zone: string }) {
  const router = useRouter();
  const { style } = usePreferences();
  return (
    <label>
      <span className="sr-only">Another meal</span>
      <select
        value={current}
        onChange={(event) => router.push(`/?meal=${event.target.value}`)}
        className="h-11 max-w-64 rounded border border-grout bg-panel px-3 font-semibold"
      >
        {meals.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}, {formatDayClock(Date.parse(one.tableAt), zone, style.locale)}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Name and hour of the meal; changing the hour moves every batch that is planned for it. */
function MealHead({ meal, zone }: { meal: Meal; zone: string }) {
  const router = useRouter();
  const [editing, setEditing] = useState(false);
  const [name, setName] = useState(meal.name);
  const [when, setWhen] = useState(toFieldValue(Date.parse(meal.tableAt), zone));
  const [people, setPeople] = useState(String(meal.people));
  const [problem, setProblem] = useState<string>();

  const save = async () => {
    const instantMs = fromFieldValue(when, zone);
    const count = Number(people);
    if (!name.trim()) return setProblem('Give the meal a name.');
    if (instantMs === undefined) return setProblem('Give the day and the hour.');
    if (!Number.isInteger(count) || count < 1 || count > 1000) return setProblem('How many people, 1 to 1000?');
    const result = await callApi('PUT', `/meals/${meal.id}`, {
      version: meal.version,
      body: { name: name.trim(), tableAt: new Date(instantMs).toISOString(), people: count },
    });
    if (!result.ok)
      return setProblem(
        result.problem.status === 412
          ? 'The meal was changed elsewhere. Reload to see it; what you typed is still here.'
          : `${result.problem.title} ${result.problem.detail ?? ''}`,
      );
    setEditing(false);
    router.refresh();
  };

  if (!editing) {
    return (
      <div className="flex flex-wrap items-baseline gap-3">
        <h1 className="break-words">{meal.name}</h1>
        <button
          type="button"
          className="text-[14px] text-muted underline underline-offset-4"
          onClick={() => setEditing(true)}
        >
          Change
        </button>
      </div>
    );
  }
  const look = 'h-11 rounded border border-grout bg-panel px-3';
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label className="text-[13px] text-muted">
        Meal
        <br />
        <input className={look} value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </label>
      <label className="text-[13px] text-muted">
        On the table
        <br />
        <input className={look} type="datetime-local" value={when} onChange={(event) => setWhen(event.target.value)} />
      </label>
      <label className="text-[13px] text-muted">
        People
        <br />
        <input
          className={`${look} w-20`}
          inputMode="numeric"
          value={people}
          onChange={(event) => setPeople(event.target.value)}
        />
      </label>
      <Button type="submit" look="plain">
        Keep
      </Button>
      <Button look="quiet" onClick={() => setEditing(false)}>
        Leave it
      </Button>
      {problem && (
        <p role="alert" className="w-full font-medium text-ox">
          {problem}
        </p>
      )}
    </form>
  );
}
