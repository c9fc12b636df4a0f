import { asItStands, met, planDay, showDay, type DayBatch, type Planned } from '@/core/day';
import { randomFrom } from '@/core/makespan';
import type { BatchEvent } from '@/core/progress';
import { isTurn, kindOf, type Job } from '@/core/scheduling';
import { formatDuration } from '@/core/units';
import { questions } from './plans';

const DAYS = 48;
const MOST_IN_A_MEAL = 3;
const MIN = 60_000;
const BIRDS: readonly string[] = ['chicken', 'turkey', 'duck', 'goose'];
const STYLE = { system: 'metric', locale: 'en-GB' } as const;

interface Day {
  name: string;
  batches: DayBatch[];
  planned: Planned[];
  nowMs: number;
  /** Hours of what was done, by batch and job. */
  done: Map<string, { startMs: number; endMs?: number }>;
}

const random = randomFrom(11);
const between = (from: number, to: number) => from + random() * (to - from);
const days: Day[] = [];

/** Cooks work through a meal in the order of the clock, each job at its own pace and after its own delay, until some moment. */
beforeAll(() => {
  const all = [...questions()];
  for (let at = 0; at < DAYS; at++) {
    const picked = Array.from({ length: 1 + (at % MOST_IN_A_MEAL) }, () => all[Math.floor(random() * all.length)]!);
    const batches = picked.map(({ inputs, around, name }, index): DayBatch => ({
      id: `batch ${index}`,
      name,
      version: 1,
      inputs: { ...inputs },
      around,
      events: [],
    }));
    days.push({ name: picked.map(({ name }) => name).join(' + '), ...worked(batches) });
  }
}, 120_000);

function worked(batches: DayBatch[]): Omit<Day, 'name'> {
  const planned = planDay(batches.map(met));
  const jobs = planned
    .flatMap(({ plan }, at) =>
      plan?.schedule.ok ? plan.schedule.jobs.map((job) => ({ id: batches[at]!.id, job })) : [],
    )
    .filter(({ job }) => !isTurn(job.key))
    .sort((a, b) => a.job.startMs - b.job.startMs);
  const upTo = Math.floor(random() * jobs.length);
  const done: Day['done'] = new Map();
  const events = new Map<string, BatchEvent[]>(batches.map(({ id }) => [id, []]));
  let lateMs = 0;
  let nowMs = Math.floor(jobs[0]!.job.startMs / MIN) * MIN;
  for (const [at, { id, job }] of jobs.slice(0, upTo + 1).entries()) {
    if (random() < 0.3) lateMs += Math.round(between(0, 40)) * MIN;
    const startMs = Math.max(job.startMs + lateMs, nowMs);
    const lasts = job.hands ? Math.round(job.minutes * between(0.6, 1.8)) * MIN : job.minutes * MIN;
    const runs = at === upTo && random() < 0.7;
    const endMs = runs ? undefined : startMs + lasts;
    done.set(`${id} ${job.key}`, { startMs, endMs });
    const event = (kind: BatchEvent['kind'], atMs: number): BatchEvent => ({
      id: `${id} ${job.key} ${kind}`,
      kind,
      jobKey: job.key,
      atMs,
      payload: { place: job.place, lots: 1 },
    });
    events.get(id)!.push(event('job-started', startMs), ...(endMs === undefined ? [] : [event('job-done', endMs)]));
    nowMs = job.hands ? (endMs ?? startMs + Math.round(between(0, 1.5) * lasts)) : startMs;
  }
  return {
    planned,
    batches: batches.map((batch) => ({ ...batch, events: events.get(batch.id)! })),
    nowMs,
    done,
  };
}

const again = ({ batches, planned, nowMs }: Day) => asItStands(batches, planned, { nowMs });
const known = new Map<Day, ReturnType<typeof again>>();
function live(day: Day): ReturnType<typeof again> {
  const found = known.get(day) ?? again(day);
  known.set(day, found);
  return found;
}
const jobsOf = (day: ReturnType<typeof live>[number]): Job[] => (day.plan?.schedule.ok ? day.plan.schedule.jobs : []);

/** Every day, and what is wrong with it. */
const wrong = (check: (day: Day) => string | undefined) =>
  days.flatMap((day) => {
    const found = check(day);
    return found === undefined ? [] : [`${day.name}: ${found}`];
  });

test('what was done has the hours it had, whatever follows from it', () =>
  expect(
    wrong((day) =>
      live(day)
        .flatMap((one) => jobsOf(one).map((job) => ({ job, fact: day.done.get(`${one.batch.id} ${job.key}`) })))
        .map(({ job, fact }) =>
          fact && (job.startMs !== fact.startMs || (fact.endMs !== undefined && job.endMs !== fact.endMs))
            ? `${job.key} moved`
            : undefined,
        )
        .find(Boolean),
    ),
  ).toEqual([]));

test('no handwork that is left begins before now, but what was passed over', () =>
  expect(
    wrong((day) =>
      live(day)
        .flatMap((one) => {
          if (!one.standing?.open) return [];
          return jobsOf(one).flatMap((job) =>
            job.hands &&
            !isTurn(job.key) &&
            !one.standing!.passed.includes(job.key) &&
            !day.done.has(`${one.batch.id} ${job.key}`) &&
            job.startMs < day.nowMs - MIN
              ? [`${one.batch.id} ${job.key} ${(day.nowMs - job.startMs) / MIN} min ago`]
              : [],
          );
        })
        .at(0),
    ),
  ).toEqual([]));

test('hands that are left are wanted once at a time, or it is told', () =>
  expect(
    wrong((day) => {
      const all = live(day);
      const told = all.some(({ gives }) => gives.some(({ code }) => code === 'clash'));
      const hands = all
        .flatMap((one) =>
          jobsOf(one)
            .filter((job) => !one.standing?.passed.includes(job.key))
            .filter((job) => job.hands && !isTurn(job.key) && job.endMs > Math.max(day.nowMs, job.startMs))
            .filter((job) => day.done.get(`${one.batch.id} ${job.key}`)?.endMs === undefined)
            .map((job) => ({ id: one.batch.id, job })),
        )
        .sort((a, b) => a.job.startMs - b.job.startMs);
      const twice = hands.find(({ id, job }, at) =>
        hands.slice(0, at).some((one) => one.id !== id && one.job.endMs > job.startMs + 1),
      );
      return twice && !told ? `${twice.id} ${twice.job.key}` : undefined;
    }),
  ).toEqual([]));

test('where batches were in each other’s way, they are placed anew, and nothing is left to tell', () => {
  const told = days.filter((day) => live(day).some(({ gives }) => gives.some(({ code }) => code === 'clash')));
  expect(told.map(({ name }) => name)).toEqual([]);
});

test('on the table as late as is said, and no later', () =>
  expect(
    wrong((day) =>
      live(day)
        .map((one) => {
          const { standing } = one;
          const last = jobsOf(one)
            .filter(({ place, key }) => place === 'heat' && !day.done.has(`${one.batch.id} ${key}`))
            .at(-1);
          return standing?.open && last && last.endMs > standing.tableMs + MIN
            ? `${one.batch.id} is done ${(last.endMs - standing.tableMs) / MIN} min after the hour that is said`
            : undefined;
        })
        .find(Boolean),
    ),
  ).toEqual([]));

test('what the marinade says is what it gets', () =>
  expect(
    wrong((day) => {
      const shown = showDay(live(day), STYLE);
      return shown
        .flatMap(({ id, jobs }) =>
          jobs.flatMap(({ key, text, startMs, endMs }) =>
            key === 'marinate' && !text.includes(formatDuration(Math.round((endMs - startMs) / MIN)))
              ? [`${id}: ${text} for ${(endMs - startMs) / MIN}`]
              : [],
          ),
        )
        .at(0);
    }),
  ).toEqual([]));

test('the same day at the same minute is told the same', () => {
  for (const day of days.slice(0, 12)) expect(showDay(again(day), STYLE)).toEqual(showDay(live(day), STYLE));
});

test('before anything is done it is the plan, to the last word', () => {
  for (const { batches } of days.slice(0, 24)) {
    const fresh = batches.map((batch) => ({ ...batch, events: [] }));
    const planned = planDay(fresh.map(met));
    const nowMs = Math.min(...planned.flatMap(({ plan }) => (plan?.schedule.ok ? [plan.schedule.startMs] : [])));
    for (const [at, { plan }] of asItStands(fresh, planned, { nowMs }).entries()) {
      expect(plan!.schedule).toEqual(planned[at]!.plan!.schedule);
      expect(plan!.marinate).toEqual(planned[at]!.plan!.marinate);
    }
  }
});

test('other raw meat that comes to the board after raw poultry by now is washed for, or told to', () =>
  expect(
    wrong((day) => {
      const now = live(day);
      const atBoard = now
        .flatMap((one) =>
          jobsOf(one)
            .filter(({ key }) => !one.standing?.passed.includes(key))
            .map((job) => ({ job, name: one.batch.name, raw: one.batch.around.cut.animal })),
        )
        .filter(({ job }) => job.hands && (job.place === 'counter' || kindOf(job.key) === 'wash'))
        .sort((a, b) => a.job.startMs - b.job.startMs);
      let birdMs = -Infinity;
      for (const { job, name, raw } of atBoard) {
        if (kindOf(job.key) === 'wash') birdMs = -Infinity;
        else if (BIRDS.includes(raw)) birdMs = job.endMs;
        else {
          if (job.startMs - birdMs < 24 * 60 * MIN && !job.washFirst && job.startMs > day.nowMs)
            return `${name}: ${job.key}`;
          birdMs = -Infinity;
        }
      }
      return undefined;
    }),
  ).toEqual([]));
