import { answers, around, dryCumin } from '../../../tests/fixtures/batch';
import { kindOf, type Job } from '../scheduling';
import { lastsOf } from './jobDetails';
import { planBatch, planMeal } from './planMeal';
import type { BatchInputs } from './inputs';
import type { MealBatch } from './plan';

const MIN = 60_000;
const chicken = (id: string, change: Partial<BatchInputs> = {}): MealBatch => ({
  id,
  inputs: answers(change),
  around: around('chicken-thigh'),
});
const beef = (id: string, change: Partial<BatchInputs> = {}): MealBatch => ({
  id,
  inputs: answers({ cutId: 'beef-flank', way: 'flat-skewers', marinadeId: 'cumin-orange', ...change }),
  around: around('beef-flank', dryCumin),
});
const jobsOf = (batches: readonly MealBatch[]): Job[][] =>
  planMeal(batches).plans.map(({ schedule }) => (schedule.ok ? schedule.jobs : []));
const has = (jobs: readonly Job[], kind: string) => jobs.filter(({ key }) => kindOf(key) === kind);

test('other raw meat that comes to the board after raw poultry waits for a wash', () => {
  const [bird, other] = jobsOf([
    chicken('a', { pins: { marinadeMin: 480 } }),
    beef('b', { pins: { marinadeMin: 60 } }),
  ]);
  const lastOfBird = bird!
    .filter(({ hands, place, startMs }) => hands && place === 'counter' && startMs < other![0]!.startMs + 1)
    .at(-1)!;
  const [wash] = has(other!, 'wash');
  const firstOfBeef = other!.find(({ hands, place }) => hands && place === 'counter')!;
  expect(wash).toMatchObject({ hands: true, minutes: 5, place: 'none' });
  expect(wash!.startMs).toBeGreaterThanOrEqual(lastOfBird.endMs);
  expect(wash!.endMs).toBeLessThanOrEqual(firstOfBeef.startMs);
  expect(has(bird!, 'wash')).toEqual([]);
  expect([...bird!, ...other!].some(({ washFirst }) => washFirst)).toBe(false);
});

test('no wash where poultry comes last, or no other meat', () => {
  const later = answers().tableAtMs + 120 * MIN;
  const last = jobsOf([chicken('a', { tableAtMs: later, pins: { marinadeMin: 20 } }), beef('b')]);
  const alike = jobsOf([chicken('a', { pins: { marinadeMin: 480 } }), chicken('b', { pins: { marinadeMin: 60 } })]);
  for (const jobs of [...last, ...alike]) expect(has(jobs, 'wash')).toEqual([]);
});

test('one grill is heated up once for two that follow each other on it', () => {
  const both = jobsOf([beef('a'), beef('b', { massG: 1200 })]);
  expect(both.flatMap((jobs) => has(jobs, 'heat-up'))).toHaveLength(1);
  const [first, second] = both.sort((a, b) => has(a, 'cook')[0]!.startMs - has(b, 'cook')[0]!.startMs);
  expect(has(first!, 'heat-up')[0]!.endMs).toBe(has(first!, 'cook')[0]!.startMs);
  expect(has(first!, 'cook')[0]!.staysOn).toBe(true);
  expect(has(second!, 'cook')[0]!.staysOn).toBeUndefined();
});

test('hours apart it is heated up each time', () => {
  const { tableAtMs } = answers();
  const both = jobsOf([beef('a'), beef('b', { tableAtMs: tableAtMs + 180 * MIN })]);
  for (const jobs of both) {
    expect(has(jobs, 'heat-up')).toHaveLength(1);
    expect(has(jobs, 'cook')[0]!.staysOn).toBeUndefined();
  }
});

test('an oven, a grill and a table grill are heated up before the meat comes to them, a pan while it is dried', () => {
  for (const [way, minutes] of [
    ['cube-skewers', 15],
    ['flat-skewers', 30],
    ['table-grill', 10],
    ['stir-fry', undefined],
  ] as const) {
    const { inputs, around: about } = beef('a', { way, thicknessMm: way === 'cube-skewers' ? 25 : 4, heightMm: 30 });
    const plan = planBatch(inputs, about);
    const jobs = plan.schedule.ok ? plan.schedule.jobs : [];
    const [up] = has(jobs, 'heat-up');
    expect([way, up?.minutes]).toEqual([way, minutes]);
    if (!up) continue;
    expect(up).toMatchObject({ hands: false, place: 'none', endMs: has(jobs, 'cook')[0]!.startMs });
    const { fromMin, toMin } = lastsOf(up, plan, { pins: {} });
    expect(fromMin).toBeLessThan(up.minutes);
    expect(toMin).toBeGreaterThan(up.minutes);
  }
});

test('a wash that was done stands for no other: each has the number of what it is before', () => {
  const [, other] = jobsOf([chicken('a', { pins: { marinadeMin: 480 } }), beef('b', { pins: { marinadeMin: 60 } })]);
  const { plans } = planMeal([
    chicken('a', { pins: { marinadeMin: 480 } }),
    beef('b', { pins: { marinadeMin: 60, readyToCut: true } }),
  ]);
  const ready = plans[1]!.schedule;
  const before = has(other!, 'wash').map(({ key }) => key);
  const after = has(ready.ok ? ready.jobs : [], 'wash').map(({ key }) => key);
  expect(before).toHaveLength(1);
  expect(after).toHaveLength(1);
  // Before trimming, and where there is none before slicing.
  expect(after).not.toEqual(before);
});

test('a grill that is lit at an hour of its own leaves the meal as it is', () => {
  const alone = jobsOf([beef('a'), chicken('b')]);
  const cookMs = has(alone[0]!, 'cook')[0]!.startMs;
  const early = cookMs - 120 * MIN;
  const [lit, bird] = jobsOf([beef('a', { pins: { jobAtMs: { 'heat-up': early } } }), chicken('b')]);
  expect(has(lit!, 'heat-up')[0]!.startMs).toBe(early);
  // Nothing is kept hot for it.
  for (const jobs of [lit!, bird!]) expect(has(jobs, 'cook')[0]!.thenHotMin ?? 0).toBeLessThan(45);
});
