import { countBack, warmMinutes, type FlexibleTask, type Task } from '.';

const MIN = 60_000;
const TABLE = Date.UTC(2026, 5, 6, 12, 0);

const slice: Task = { key: 'slice', stage: 'slice', minutes: 30, hands: true, place: 'counter' };
const marinate: FlexibleTask = {
  key: 'marinate',
  stage: 'marinate',
  minutes: 60,
  hands: false,
  place: 'fridge',
  flex: { fromMin: 30, toMin: 900 },
};
const cook: Task = { key: 'cook', stage: 'cook', minutes: 20, hands: true, place: 'heat' };
const chain = [slice, marinate, cook];

const plan = (more: Partial<Parameters<typeof countBack>[0]> = {}) =>
  countBack({ tableAtMs: TABLE, chain, warmLimitMin: 120, ...more });

function accepted(schedule: ReturnType<typeof countBack>) {
  if (!schedule.ok) throw new Error(`refused: ${schedule.problem.code}`);
  return schedule;
}

const minutesOf = (schedule: ReturnType<typeof countBack>, key: Task['key']) =>
  accepted(schedule).jobs.find((job) => job.key === key)!.minutes;

describe('counting back', () => {
  test('each task ends when the next begins, the last at the table', () => {
    const { jobs, startMs } = accepted(plan());
    expect(jobs.map(({ key }) => key)).toEqual(['slice', 'marinate', 'cook']);
    expect(jobs.at(-1)!.endMs).toBe(TABLE);
    jobs.slice(1).forEach((job, index) => expect(job.startMs).toBe(jobs[index]!.endMs));
    expect(startMs).toBe(TABLE - 110 * MIN);
  });

  test('a side task ends when the task it serves begins', () => {
    const soak = { key: 'soak', stage: 'cook', minutes: 45, hands: false, place: 'none', before: 'cook' } as const;
    const { jobs } = accepted(plan({ side: [soak] }));
    expect(jobs.find(({ key }) => key === 'soak')).toMatchObject({
      startMs: TABLE - 65 * MIN,
      endMs: TABLE - 20 * MIN,
    });
  });

  test('a side task for something that is not in the chain is left out', () => {
    const soak = { key: 'soak', stage: 'cook', minutes: 45, hands: false, place: 'none', before: 'thread' } as const;
    expect(accepted(plan({ side: [soak] })).jobs.map(({ key }) => key)).not.toContain('soak');
  });

  test('a side task that begins before the chain moves the start', () => {
    const mix = { key: 'mix', stage: 'marinate', minutes: 15, hands: true, place: 'none', before: 'slice' } as const;
    expect(accepted(plan({ side: [mix] })).startMs).toBe(TABLE - 125 * MIN);
  });
});

describe('the flexible task', () => {
  test('keeps its wished length when nothing is in the way', () => expect(minutesOf(plan(), 'marinate')).toBe(60));

  test('is cut to fit what time is left, but not below its least', () => {
    expect(minutesOf(plan({ notBeforeMs: TABLE - 95 * MIN }), 'marinate')).toBe(45);
    const late = accepted(plan({ notBeforeMs: TABLE - 60 * MIN }));
    expect(minutesOf(late, 'marinate')).toBe(30);
    expect(late.lateByMin).toBe(20);
  });

  test('is stretched so that the handwork before it is done before the night', () => {
    const night = { fromMs: TABLE - 6 * 60 * MIN, toMs: TABLE - 45 * MIN };
    const schedule = accepted(plan({ quiet: [night] }));
    const cutting = schedule.jobs.find(({ key }) => key === 'slice')!;
    expect(cutting.endMs).toBeLessThanOrEqual(night.fromMs);
    expect(schedule.inTheNight).toBe(false);
  });

  test('is cut rather than stretched when that is nearer to the wish', () => {
    const night = { fromMs: TABLE - 6 * 60 * MIN, toMs: TABLE - 80 * MIN };
    expect(minutesOf(plan({ quiet: [night] }), 'marinate')).toBe(30);
  });

  test('would rather work at night than start too late', () => {
    const night = { fromMs: TABLE - 6 * 60 * MIN, toMs: TABLE - 60 * MIN };
    const schedule = accepted(plan({ quiet: [night], notBeforeMs: TABLE - 120 * MIN }));
    expect(schedule.lateByMin).toBe(0);
    expect(schedule.inTheNight).toBe(true);
  });

  test('once pinned stays as it is, night or not', () => {
    const { flex: _flex, ...pinned } = marinate;
    const night = { fromMs: TABLE - 6 * 60 * MIN, toMs: TABLE - 80 * MIN };
    const schedule = plan({ chain: [slice, { ...pinned, minutes: 77 }, cook], quiet: [night] });
    expect(minutesOf(schedule, 'marinate')).toBe(77);
    expect(accepted(schedule).inTheNight).toBe(true);
  });

  test('on the counter is never stretched past the warm limit', () => {
    const counter: FlexibleTask = { ...marinate, place: 'counter', minutes: 45 };
    const night = { fromMs: TABLE - 5 * 60 * MIN, toMs: TABLE - 60 * MIN };
    const schedule = accepted(plan({ chain: [slice, counter, cook], quiet: [night] }));
    expect(schedule.warmMin).toBeLessThanOrEqual(120);
  });

  test('on the counter is shortened when its wish would break the warm limit', () => {
    const counter: FlexibleTask = { ...marinate, place: 'counter', minutes: 110 };
    expect(minutesOf(plan({ chain: [slice, counter, cook] }), 'marinate')).toBeLessThanOrEqual(90);
  });
});

describe('refusals', () => {
  const long: Task = { ...slice, minutes: 130 };

  test('130 minutes on the counter, with both figures', () =>
    expect(plan({ chain: [long, cook] })).toEqual({
      ok: false,
      problem: { code: 'too-long-warm', warmMin: 130, limitMin: 120 },
    }));

  test('the same work in two lots is within the limit', () =>
    expect(accepted(plan({ chain: [long, cook], lots: 2 })).warmMin).toBe(65));

  test('a hot room refuses what a cool one allows', () => {
    const hour: Task = { ...slice, minutes: 70 };
    expect(plan({ chain: [hour, cook], warmLimitMin: 60 }).ok).toBe(false);
    expect(plan({ chain: [hour, cook] }).ok).toBe(true);
  });

  test.each([NaN, -5, Infinity])('a task of %f minutes', (minutes) =>
    expect(plan({ chain: [{ ...slice, minutes }, cook] })).toEqual({
      ok: false,
      problem: { code: 'task-length', key: 'slice' },
    }),
  );
});

describe('warm minutes', () => {
  test('count the counter, not the fridge, the freezer or the fire', () =>
    expect(
      warmMinutes([slice, marinate, cook, { key: 'firm', stage: 'firm', minutes: 40, hands: false, place: 'freezer' }]),
    ).toBe(30));

  test('waiting on the counter counts in full for every lot, handwork by its share', () => {
    const waiting: Task = { key: 'drain', stage: 'tenderize', minutes: 20, hands: false, place: 'counter' };
    expect(warmMinutes([slice, waiting], 3)).toBe(30);
  });
});

describe('a job with an hour of its own', () => {
  const before = (minutes: number) => TABLE - minutes * MIN;
  const at = (task: Task, minutes: number): Task => ({ ...task, atMs: before(minutes) });
  const hours = (schedule: ReturnType<typeof countBack>) =>
    Object.fromEntries(
      accepted(schedule).jobs.map(({ key, startMs, endMs }) => [key, [(TABLE - startMs) / MIN, (TABLE - endMs) / MIN]]),
    );

  test('stays there; the marinade after it is as long as that leaves, to the minute', () =>
    expect(hours(plan({ chain: [at(slice, 163), marinate, cook] }))).toEqual({
      slice: [163, 133],
      marinate: [133, 20],
      cook: [20, 0],
    }));

  test('what comes before it is counted back from it', () => {
    const firm: Task = { key: 'firm', stage: 'firm', minutes: 40, hands: false, place: 'freezer' };
    expect(hours(plan({ chain: [firm, at(slice, 163), marinate, cook] })).firm).toEqual([203, 163]);
  });

  test('without a marinade to give, the meat waits in the fridge as long as does it good, and that is said', () => {
    const schedule = accepted(plan({ chain: [at(slice, 140), cook] }));
    expect(schedule.jobs[0]).toMatchObject({ key: 'slice', thenColdMin: 90 });
    expect(schedule.warmMin).toBe(30);
    // A short wait is on the board, and counts as out.
    expect(accepted(plan({ chain: [at(slice, 56), cook] })).warmMin).toBe(36);
  });

  test.each([
    ['too late for what follows', [at(slice, 60), marinate, cook], { key: 'slice', is: 'late', minutes: 20 }],
    [
      'so early that the meat would wait for too long',
      [at(slice, 400), cook],
      { key: 'slice', is: 'early', minutes: 230 },
    ],
    ['cooked five hours early', [slice, at(cook, 320)], { key: 'cook', is: 'early', minutes: 60 }],
  ] as const)('%s, it is refused, and by how much is said', (_, tasks, problem) => {
    const refused = plan({ chain: tasks, warmLimitMin: 600 });
    expect(refused).toMatchObject({ ok: false, problem: { code: 'pinned-hour', ...problem } });
  });

  test('a wait that is too long is shared with what may wait further on', () => {
    const thread: Task = { key: 'thread', stage: 'cook', minutes: 20, hands: true, place: 'counter' };
    const { flex: _flex, ...hour } = marinate;
    // 60 min marinade, 20 thread, 20 cook: sliced 130 min before its time, it waits 120, the threaded sticks 10.
    const schedule = plan({ chain: [at(slice, 260), hour, thread, cook] });
    expect(accepted(schedule).jobs.map(({ key, thenColdMin = 0 }) => [key, thenColdMin])).toEqual([
      ['slice', 120],
      ['marinate', 0],
      ['thread', 10],
      ['cook', 0],
    ]);
    expect(hours(schedule)).toMatchObject({ slice: [260, 230], marinate: [110, 50], thread: [50, 30], cook: [20, 0] });
    // Beyond both it is refused, by what is over.
    expect(plan({ chain: [at(slice, 450), hour, thread, cook] })).toMatchObject({
      problem: { is: 'early', minutes: 20 },
    });
  });

  test('cooked early it is kept hot until the table', () =>
    expect(accepted(plan({ chain: [slice, at(cook, 45)] })).jobs.at(-1)).toMatchObject({
      key: 'cook',
      thenHotMin: 25,
    }));

  test('what is made beside keeps its hour, and is refused where it would come too late', () => {
    const mix = { key: 'mix', stage: 'marinate', minutes: 5, hands: true, place: 'none', before: 'cook' } as const;
    expect(hours(plan({ side: [{ ...mix, atMs: before(300) }] })).mix).toEqual([300, 295]);
    expect(plan({ side: [{ ...mix, atMs: before(22) }] })).toMatchObject({
      problem: { code: 'pinned-hour', key: 'mix', is: 'late', minutes: 3 },
    });
  });
});

describe('hours when nobody is in the kitchen', () => {
  const away = { fromMs: TABLE - 150 * MIN, toMs: TABLE - 100 * MIN };

  test('are kept free of handwork where the marinade can give', () => {
    // Wished for 60 min it would be sliced from 110 to 80 min before the table.
    const schedule = accepted(plan({ quiet: [away], away: [away] }));
    const sliced = schedule.jobs.find(({ key }) => key === 'slice')!;
    expect(sliced.startMs >= away.toMs || sliced.endMs <= away.fromMs).toBe(true);
    expect(schedule).toMatchObject({ whileAway: false, inTheNight: false, lateByMin: 0 });
  });

  test('where it cannot, that is told apart from the night', () => {
    const all = { fromMs: TABLE - 1000 * MIN, toMs: TABLE - 90 * MIN };
    const { flex: _flex, ...pinned } = marinate;
    const schedule = accepted(plan({ chain: [slice, pinned, cook], quiet: [all], away: [all] }));
    expect(schedule).toMatchObject({ whileAway: true, inTheNight: false });
  });
});
