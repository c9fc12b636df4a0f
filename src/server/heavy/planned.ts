import type { Batch, MealSchedule } from '@/contract/resources';
import type { PlannedBatch } from '@/contract/views';
import { figuresOf, type BatchPlan } from '@/core/batches';
import { asItStands, met, planDay, showDay, type DayBatch, type Planned } from '@/core/day';
import { facts } from '@/core/progress';
import type { FormatStyle } from '@/core/units';
import { NOT_PLANNED, scheduleWords } from '@/core/words';
import { API_STYLE } from '../api/style';

/** A meal is planned as a whole: all of its batches, of whom only some may be asked for. */
export interface MealQuestion {
  batches: DayBatch[];
  wanted: string[];
  /** Too many to be placed together: each is planned as if it were the only one. */
  alone?: boolean;
}

type Meal = Pick<MealQuestion, 'batches' | 'alone'>;

const MOST_REMEMBERED = 60;
const remembered = new Map<string, Planned[]>();

/** The plans of a meal: the same question, and it comes with every look at a page, is answered once. */
function plansOf({ batches, alone }: Meal): Planned[] {
  const asked = batches.map(met);
  const question = JSON.stringify([asked, alone]);
  let known = remembered.get(question);
  if (!known) {
    if (remembered.size >= MOST_REMEMBERED) remembered.clear();
    const onProblem = (id: string, error: unknown) => console.error(`batch ${id} cannot be planned:`, error);
    remembered.set(question, (known = planDay(asked, { alone, onProblem })));
  }
  return known;
}

const shownOf = (meal: Meal, nowMs: number, style: FormatStyle): PlannedBatch[] =>
  showDay(asItStands(meal.batches, plansOf(meal), { nowMs, alone: meal.alone }), style);

export function scheduleOf({ schedule, lots }: BatchPlan): Batch['schedule'] {
  if (!schedule.ok) return { ok: false, reason: scheduleWords(schedule.problem, API_STYLE) };
  const { startMs, warmMin, warmLimitMin, lateByMin, jobs } = schedule;
  const iso = (ms: number) => new Date(ms).toISOString();
  return {
    ok: true,
    startAt: iso(startMs),
    warmMin,
    warmLimitMin,
    lateByMin,
    lots,
    jobs: jobs.map(({ startMs: from, endMs: to, atMs: _at, mayWaitMin: _may, ...job }) => ({
      ...job,
      startAt: iso(from),
      endAt: iso(to),
    })),
  };
}

/** Of each wanted batch in turn. */
const wantedOf = <T>({ wanted, batches }: MealQuestion, all: readonly T[]): T[] =>
  wanted.map((id) => all[batches.findIndex((batch) => batch.id === id)]!);

/** As they were planned, with what was measured since. */
export const schedules = (meals: readonly MealQuestion[]): Pick<Batch, 'schedule' | 'figures'>[] =>
  meals.flatMap((meal) => {
    const planned = plansOf(meal);
    const answers = meal.batches.map((batch, at): Pick<Batch, 'schedule' | 'figures'> => {
      const { plan } = planned[at]!;
      if (!plan) return { schedule: { ok: false, reason: NOT_PLANNED } };
      return { schedule: scheduleOf(plan), figures: figuresOf(plan, { ...batch, ...facts(batch.events) }) };
    });
    return wantedOf(meal, answers);
  });

export const plannedBatches = (meals: readonly MealQuestion[], nowMs: number, style: FormatStyle): PlannedBatch[] =>
  meals.flatMap((meal) => wantedOf(meal, shownOf(meal, nowMs, style)));

/** The schedule of a whole meal as it stands: every job of every batch by one clock, and what could not be kept apart. */
export function mealSchedule(batches: DayBatch[], nowMs: number): Omit<MealSchedule, 'mealId' | 'tableAt'> {
  const days = asItStands(batches, plansOf({ batches }), { nowMs });
  const shown = showDay(days, API_STYLE);
  const iso = (ms: number) => new Date(ms).toISOString();
  const jobs = shown
    .flatMap((batch) => batch.jobs)
    .sort((a, b) => a.startMs - b.startMs)
    .map(
      ({
        startMs,
        endMs,
        cautions: _cautions,
        short: _short,
        text: _text,
        teaches: _teaches,
        passed: _passed,
        mayWaitMin: _may,
        atMs: _at,
        ...job
      }) => ({
        ...job,
        startAt: iso(startMs),
        endAt: iso(endMs),
      }),
    );
  return {
    ok: days.every(({ plan, gives }) => plan?.schedule.ok && gives.every(({ code }) => code === 'kept-hot')),
    ...(jobs[0] ? { startAt: jobs[0].startAt } : {}),
    lateByMin: Math.max(0, ...shown.map(({ lateByMin }) => lateByMin)),
    jobs,
    batches: days.map(({ batch: { id, name }, plan, standing, ways }) => ({
      id,
      name,
      schedule: plan ? scheduleOf(plan) : { ok: false, reason: NOT_PLANNED },
      ...(standing
        ? {
            standing: {
              open: standing.open,
              byMin: standing.byMin,
              tableAt: iso(standing.tableMs),
              ...(standing.marinade ? { marinade: standing.marinade } : {}),
              ways: ways.map(({ code, soonerMin }) => ({ code, soonerMin })),
            },
          }
        : {}),
    })),
    gives: days.flatMap(({ batch, gives }, at) =>
      gives.map(({ code, minutes }, index) => ({
        batchId: batch.id,
        code,
        minutes,
        detail: shown[at]!.gives[index]!,
      })),
    ),
  };
}
