import fc from 'fast-check';
import { answers, around, dryCumin, soyFennel, TABLE_MS } from '../../../tests/fixtures/batch';
import { CUTS } from '../pieces';
import { wallTimeOf } from '../times';
import { cautionWords, jobWords, scheduleWords } from '../words';
import { LIMITS, planBatch } from '.';

const plan = (change: Parameters<typeof answers>[0] = {}, cutId = 'chicken-thigh', marinade = soyFennel) => planBatch(answers({ cutId, ...change }), around(cutId, marinade));
const codes = (one: ReturnType<typeof plan>) => one.cautions.map(({ code }) => code);

describe('the plan', () => {
  test('uses the trimmed weight for every dose', () => {
    const pinned = plan({ pins: { trimmedG: 500, soda: 'leave-in' } });
    expect(pinned.tenderize.schools['leave-in'].sodaG).toBeCloseTo(2, 6);
    expect(pinned.marinate.whole.massG).toBeCloseTo(153 / 2, 6);
  });
  test('keeps a pin and lets the rest follow', () => {
    const pinned = plan({ pins: { marinadeMin: 45, lengthMm: 260 } });
    expect(pinned.marinate.minutes).toBe(45);
    expect(pinned.piece.lengthMm).toBe(260);
    expect(pinned.piece.widthMm).not.toBeCloseTo(plan().piece.widthMm, 3);
  });
  test('amounts scale with the weight, times do not, rounds follow the pan', () => {
    const [one, two] = [plan({ massG: 450, pins: { lots: 1 } }), plan({ massG: 900, pins: { lots: 1 } })];
    expect(two.marinate.whole.saltG).toBeCloseTo(2 * one.marinate.whole.saltG, 6);
    expect(two.tenderize.schools['leave-in'].sodaG).toBeCloseTo(2 * one.tenderize.schools['leave-in'].sodaG, 6);
    expect(two.marinate.uptake.minutesTo).toEqual(one.marinate.uptake.minutesTo);
    expect(two.marinate.minutes).toBe(one.marinate.minutes);
    expect([one.cook.rounds, two.cook.rounds]).toEqual([2, 3]);
    expect(two.cook.minutesPerSide).toEqual(one.cook.minutesPerSide);
  });
  test('thicker slices marinate longer, up to what is customary', () => {
    const minutes = [2, 3, 4, 5, 6].map((thicknessMm) => plan({ thicknessMm, pins: {} }, 'chicken-breast').marinate.minutes);
    minutes.slice(1).forEach((value, index) => expect(value).toBeGreaterThanOrEqual(minutes[index]!));
    expect(minutes[4]).toBeGreaterThan(minutes[0]!);
  });
  test('counts the sodium of soda left in', () => {
    const [skip, leave] = [plan({ pins: { soda: 'skip' } }), plan({ pins: { soda: 'leave-in' } })];
    expect(leave.marinate.sodiumMgPerPortion.from - skip.marinate.sodiumMgPerPortion.from).toBeCloseTo(leave.tenderize.schools['leave-in'].sodiumMg / 5, 6);
  });
  test('every job has words and every caution too', () => {
    const style = { system: 'metric', locale: 'en-GB' } as const;
    for (const [cutId, way] of [['beef-flank', 'flat-skewers'], ['lamb-leg', 'stir-fry']] as const) {
      const inputs = answers({ cutId, way, pins: { pierced: true, soda: 'rinse-off', roomTempC: 33, splitAfterMixing: true } });
      const made = planBatch(inputs, around(cutId));
      expect(made.schedule.ok).toBe(true);
      if (!made.schedule.ok) return;
      for (const job of made.schedule.jobs) expect(jobWords(job, { plan: made, inputs, around: around(cutId) }, style).text).not.toMatch(/undefined|NaN/);
      for (const caution of made.cautions) expect(Object.values(cautionWords(caution, style)).join()).not.toMatch(/undefined|NaN/);
    }
  });
});

describe('safety', () => {
  test('130 min out of the fridge is refused, with the reason', () => {
    const { schedule } = plan({ pins: { marinadePlace: 'counter', marinadeMin: 60, lots: 1 }, massG: 1800 });
    expect(schedule).toMatchObject({ ok: false, problem: { code: 'too-long-warm', limitMin: 120 } });
    if (!schedule.ok) expect(scheduleWords(schedule.problem)).toMatch(/out of the fridge for 2 h.*the limit is 2 h/);
  });
  test('a room at 33 °C halves the limit', () => {
    const hot = plan({ massG: 1400, pins: { roomTempC: 33 } });
    expect(hot.schedule).toMatchObject({ ok: true, warmLimitMin: 60 });
    expect(hot.lots).toBeGreaterThan(plan().lots);
    expect(codes(hot)).toContain('hot-room');
    expect(plan({ pins: { roomTempC: 32 } }).schedule).toMatchObject({ warmLimitMin: 120 });
  });
  test('a part held back after mixing is flagged as raw', () => {
    expect(codes(plan({ pins: { splitAfterMixing: true } }))).toContain('held-back-raw');
    expect(codes(plan())).toContain('hold-back-first');
  });
  test('holding back comes before the mix meets the meat', () => {
    const { schedule } = plan();
    if (!schedule.ok) throw new Error('refused');
    const keys = schedule.jobs.map(({ key }) => key);
    expect(keys.indexOf('mix')).toBeLessThan(keys.indexOf('coat'));
  });
  test('pierced beef shows the stricter figure', () => expect(plan({ pins: { pierced: true, doneness: 'pink' } }, 'beef-flank').cook.temperature).toEqual({ tempC: 71, restMin: 0, pink: 'refused', stricter: true }));
  test('pink lamb is offered from the pan and refused on the skewer', () => {
    expect(codes(plan({ pins: { doneness: 'pink' } }, 'lamb-leg'))).toContain('pink-offered');
    expect(codes(plan({ way: 'flat-skewers', pins: { doneness: 'pink' } }, 'lamb-leg'))).toContain('pink-refused');
  });
  test('pork asked for pink is refused in favour of 63 °C', () => {
    const pork = plan({ pins: { doneness: 'pink' } }, 'pork-loin');
    expect(pork.cook.temperature).toMatchObject({ tempC: 63, restMin: 3, pink: 'refused' });
    expect(codes(pork)).toContain('pink-refused');
  });
  test.each([['chicken-thigh', 74, 0], ['turkey-breast', 74, 0], ['beef-flank', 63, 3], ['lamb-leg', 63, 3], ['pork-loin', 63, 3]])('%s to %d °C (USDA FSIS, from memory)', (cutId, tempC, restMin) =>
    expect(plan({}, cutId).cook.temperature).toMatchObject({ tempC, restMin }));
  test('rinsing brings its caution', () => expect(codes(plan({ pins: { soda: 'rinse-off' } }))).toContain('rinse-in-bowl'));
  test('soda left in at 1 % is called soapy', () => expect(codes(plan({ pins: { soda: 'leave-in', sodaPercent: 1 } }))).toContain('soapy'));
});

describe('counted back', () => {
  test('skips the night: handwork before an overnight marinade is done in the evening', () => {
    const morning = TABLE_MS - 3 * 3_600_000;
    const { schedule } = plan({ tableAtMs: morning, way: 'flat-skewers', pins: {} }, 'lamb-leg', dryCumin);
    if (!schedule.ok) throw new Error('refused');
    for (const job of schedule.jobs.filter(({ hands, key }) => hands && key !== 'thread' && key !== 'cook')) {
      const { hour } = wallTimeOf(job.startMs, 'Europe/London');
      expect(hour >= 7 && hour < 23).toBe(true);
    }
  });
  test('shortens the marinade when there is little time, and says when even that is too late', () => {
    const soon = plan({ notBeforeMs: TABLE_MS - 170 * 60_000, thicknessMm: 6 }, 'chicken-breast');
    expect(soon.marinate.minutes).toBeLessThan(plan({ thicknessMm: 6 }, 'chicken-breast').marinate.minutes);
    expect(soon.schedule).toMatchObject({ ok: true, lateByMin: 0 });
    expect(plan({ notBeforeMs: TABLE_MS - 30 * 60_000 }).schedule).toMatchObject({ ok: true, lateByMin: expect.any(Number) });
  });
  test('an hour lost to daylight saving changes no length, only the clock', () => {
    const spring = Date.UTC(2026, 2, 29, 11, 0);
    const { schedule } = plan({ tableAtMs: spring, way: 'flat-skewers', pins: { marinadeMin: 720 } }, 'lamb-leg', dryCumin);
    if (!schedule.ok) throw new Error('refused');
    const soak = schedule.jobs.find(({ key }) => key === 'marinate')!;
    expect(soak.endMs - soak.startMs).toBe(720 * 60_000);
    const clock = (wallTimeOf(soak.endMs, 'Europe/London').hour - wallTimeOf(soak.startMs, 'Europe/London').hour + 24) % 24;
    expect(clock).toBe(13);
  });

  const anyInputs = fc.record({
    way: fc.constantFrom('stir-fry' as const, 'flat-skewers' as const), cut: fc.constantFrom(...CUTS),
    massG: fc.double({ min: LIMITS.massG.min, max: LIMITS.massG.max, noNaN: true }), heightMm: fc.double({ min: 5, max: 200, noNaN: true }), thicknessMm: fc.double({ min: 1, max: 30, noNaN: true }),
    people: fc.integer({ min: 1, max: 200 }), tableAtMs: fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2040, 0, 1) }),
    pins: fc.record({ soda: fc.constantFrom('leave-in' as const, 'rinse-off' as const, 'skip' as const), roomTempC: fc.integer({ min: 5, max: 45 }), marinadePlace: fc.constantFrom('fridge' as const, 'counter' as const), lots: fc.integer({ min: 1, max: 40 }) }, { requiredKeys: [] }),
  });
  test('never ends after the table, never breaks the warm limit, never runs backwards', () =>
    fc.assert(fc.property(anyInputs, ({ cut, ...rest }) => {
      const { schedule, lots } = planBatch({ ...rest, cutId: cut.id, marinadeId: 'x' }, around(cut.id));
      if (!schedule.ok) return;
      expect(Math.max(...schedule.jobs.map(({ endMs }) => endMs))).toBe(rest.tableAtMs);
      expect(schedule.warmMin).toBeLessThanOrEqual((rest.pins.roomTempC ?? 21) > 32 ? 60 : 120);
      const warm = schedule.jobs.filter(({ place }) => place === 'counter').reduce((sum, job) => sum + (job.endMs - job.startMs) / 60_000 / (job.hands ? lots : 1), 0);
      expect(warm).toBeLessThanOrEqual(schedule.warmMin + 1e-6);
      for (const job of schedule.jobs) expect(job.endMs).toBeGreaterThanOrEqual(job.startMs);
    }), { numRuns: 300 }));
  test('a plan without pins is never refused', () =>
    fc.assert(fc.property(anyInputs, ({ cut, ...rest }) => {
      expect(planBatch({ ...rest, pins: {}, cutId: cut.id, marinadeId: 'x' }, around(cut.id)).schedule.ok).toBe(true);
    })));
});
