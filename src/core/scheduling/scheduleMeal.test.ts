import { countBack, scheduleMeal, whatGives, type FlexibleTask, type Schedule, type Task, type Work } from '.';

const MIN = 60_000;
const TABLE = Date.UTC(2026, 5, 6, 12, 0);

const hands = (key: Task['key'], minutes: number, stage: Task['stage'] = 'slice'): Task => ({
  key,
  stage,
  minutes,
  hands: true,
  place: key === 'cook' ? 'heat' : 'counter',
});
const marinate: FlexibleTask = {
  key: 'marinate',
  stage: 'marinate',
  minutes: 60,
  hands: false,
  place: 'fridge',
  flex: { fromMin: 30, toMin: 240 },
};
const work = (change: Partial<Work> = {}): Work => ({
  tableAtMs: TABLE,
  chain: [
    hands('slice', 20),
    hands('coat', 5, 'marinate'),
    marinate,
    hands('dry', 5, 'cook'),
    hands('cook', 15, 'cook'),
  ],
  side: [],
  quiet: [],
  warmLimitMin: 120,
  lots: 1,
  heat: 'pan',
  staysHotMin: 10,
  poultry: false,
  ...change,
});
const together = (works: Work[], cooks?: number) =>
  scheduleMeal(
    works,
    works.map((one) => countBack(one)),
    { cooks },
  );
const accepted = (schedule: Schedule | undefined) => {
  if (!schedule?.ok) throw new Error('refused');
  return schedule;
};
/** Minutes before the table at which a job begins and ends. */
const at = (schedule: Schedule | undefined, key: Task['key']) => {
  const job = accepted(schedule).jobs.find((one) => one.key === key)!;
  return [(TABLE - job.startMs) / MIN, (TABLE - job.endMs) / MIN];
};
const hotOf = (schedules: readonly Schedule[]) =>
  schedules.map((one) => Math.max(...accepted(one).jobs.map(({ thenHotMin = 0 }) => thenHotMin)));

test('two alike: one is cooked when the other is done being cooked, and hands are never wanted twice', () => {
  const { schedules, clashes } = together([work(), work()]);
  expect(clashes).toEqual([]);
  // The last is at the table when it is done, the first before the last is dripped dry: 15 and 5 min.
  expect(hotOf(schedules).sort((a, b) => a - b)).toEqual([0, 20]);
});

test('two on heats of their own still share the one pair of hands', () => {
  const { schedules } = together([work(), work({ heat: 'grill' })]);
  expect(hotOf(schedules).sort((a, b) => a - b)).toEqual([0, 20]);
});

test('with two cooks, two heats are used at once and nothing waits', () => {
  const works = [work(), work({ heat: 'grill' })];
  const { schedules } = together(works, 2);
  expect(hotOf(schedules)).toEqual([0, 0]);
  expect(schedules.map((one) => at(one, 'cook'))).toEqual([
    [15, 0],
    [15, 0],
  ]);
});

test('a second cook never makes a meal later, nor keeps it hot for longer', () => {
  for (const size of [2, 3, 4])
    for (const notice of [80, 150, 400]) {
      const works = Array.from({ length: size }, (_, index) =>
        work({ notBeforeMs: TABLE - notice * MIN, heat: index % 2 ? 'grill' : 'pan', poultry: index === 0 }),
      );
      const late = (cooks: number) =>
        together(works, cooks).schedules.reduce((sum, one) => sum + accepted(one).lateByMin, 0);
      const hot = (cooks: number) =>
        Math.ceil(hotOf(together(works, cooks).schedules).reduce((sum, one) => sum + Math.max(0, one - 10), 0) / 15);
      expect(late(2)).toBeLessThanOrEqual(late(1));
      if (late(2) === late(1)) expect(hot(2)).toBeLessThanOrEqual(hot(1));
    }
});

test('one more batch never brings a meal forward', () => {
  const late = (size: number) =>
    Math.max(
      ...together(Array.from({ length: size }, () => work({ notBeforeMs: TABLE - 100 * MIN }))).schedules.map(
        (one) => accepted(one).lateByMin,
      ),
    );
  expect([1, 2, 3, 4].map(late)).toEqual([1, 2, 3, 4].map(late).sort((a, b) => a - b));
  expect(late(1)).toBe(0);
  expect(late(3)).toBeGreaterThan(0);
});

test('courses of their own hours do not disturb each other', () => {
  const works = [work(), work({ tableAtMs: TABLE + 180 * MIN })];
  const alone = works.map((one) => countBack(one));
  expect(scheduleMeal(works, alone).schedules).toEqual(alone);
});

test('raw poultry comes to the board last', () => {
  const { schedules } = together([work({ poultry: true }), work(), work()]);
  const [poultry, ...others] = schedules.map((one) => accepted(one).jobs.find(({ key }) => key === 'slice')!);
  for (const other of others) expect(poultry!.startMs).toBeGreaterThanOrEqual(other.endMs);
});

test('a wait under ten minutes is spent on the board and counts, and no plan breaks the limit for it', () => {
  const { schedules } = together([work({ warmLimitMin: 31 }), work({ warmLimitMin: 31 })]);
  for (const one of schedules) expect(accepted(one).warmMin).toBeLessThanOrEqual(31);
});

test('one that is refused takes no part', () => {
  const refused = work({ warmLimitMin: 5 });
  const { schedules } = together([refused, work()]);
  expect(schedules[0]).toMatchObject({ ok: false, problem: { code: 'too-long-warm' } });
  expect(schedules[1]).toEqual(countBack(work()));
});

test('thirteen are left as they are alone, and what clashes is told', () => {
  const works = Array.from({ length: 13 }, () => work());
  const { schedules, clashes } = together(works);
  expect(schedules).toEqual(works.map((one) => countBack(one)));
  expect(clashes.length).toBeGreaterThan(12);
});

test('what does not fit with the others leaves them as they are', () => {
  // Four hours are as long as anything is kept hot: six of 70 min at the heat are too many.
  const long = work({ chain: work().chain.map((task) => (task.key === 'cook' ? { ...task, minutes: 70 } : task)) });
  const { schedules, clashes } = together(Array.from({ length: 6 }, () => long));
  const three = schedules.slice(0, 3).map((schedule) => ({ schedule, work: long }));
  expect(new Set(whatGives(three).map(({ code }) => code))).toEqual(new Set(['kept-hot']));
  expect(schedules[5]).toEqual(countBack(long));
  expect(clashes.length).toBeGreaterThan(0);
});

test('of too many it is said that there are too many', () => {
  const crowd = Array.from({ length: 13 }, () => ({ work: work(), schedule: countBack(work()) }));
  expect(whatGives(crowd)).toEqual([{ code: 'crowded', work: 0, minutes: 0, batches: 13 }]);
});

test('what gives: kept hot for longer than does it good, and what could not be kept apart', () => {
  const works = [work(), work()];
  const { schedules } = together(works);
  const placed = works.map((one, index) => ({ work: one, schedule: schedules[index]! }));
  expect(whatGives(placed)).toEqual([{ code: 'kept-hot', work: hotOf(schedules).indexOf(20), minutes: 20 }]);
  const alone = works.map((one) => ({ work: one, schedule: countBack(one) }));
  expect(whatGives(alone).map(({ code, minutes }) => [code, minutes])).toEqual([
    ['clash', 20],
    ['clash', 5],
    ['clash', 5],
    ['clash', 15],
  ]);
});

test('an hour that one job has of its own stays in a meal, and the others make room', () => {
  const pinned = work({
    chain: [{ ...hands('slice', 20), atMs: TABLE - 120 * MIN }, ...work().chain.slice(1)],
  });
  const { schedules, clashes } = together([pinned, work()]);
  expect(clashes).toEqual([]);
  expect(at(schedules[0], 'slice')).toEqual([120, 100]);
  const both = [pinned, { ...pinned }];
  // Two at one hour cannot be: both keep theirs, and it is told.
  expect(
    together(both).clashes.some(({ first, second }) => first.job.key === 'slice' && second.job.key === 'slice'),
  ).toBe(true);
});

test('nobody in the kitchen: no batch of the meal has handwork then', () => {
  const away = { fromMs: TABLE - 130 * MIN, toMs: TABLE - 70 * MIN };
  const works = [work({ quiet: [away], away: [away] }), work({ quiet: [away], away: [away] })];
  const { schedules } = together(works);
  for (const schedule of schedules) {
    expect(accepted(schedule).whileAway).toBe(false);
    for (const job of accepted(schedule).jobs)
      if (job.hands) expect(job.startMs >= away.toMs || job.endMs <= away.fromMs).toBe(true);
  }
});

test('two cooks and two pans: both are done at the table; one pan, or one cook, and one of them waits hot', () => {
  const works = [work(), work()];
  const kept = (shared: Parameters<typeof scheduleMeal>[2]) =>
    hotOf(
      scheduleMeal(
        works,
        works.map((one) => countBack(one)),
        shared,
      ).schedules,
    );
  expect(kept({ cooks: 2, heats: { pan: 2 } })).toEqual([0, 0]);
  expect(Math.max(...kept({ cooks: 2, heats: { grill: 2 } }))).toBe(15);
  expect(Math.max(...kept({ cooks: 1, heats: { pan: 2 } }))).toBeGreaterThanOrEqual(15);
});
