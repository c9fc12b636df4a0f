import fc from 'fast-check';
import { answers, around, dryCumin, soyFennel, TABLE_MS } from '../../../tests/fixtures/batch';
import { SHAPES, WAYS } from '../ways';
import { findIngredient } from '../marinades';
import { firming } from '../firming';
import { fitDial } from '../slicing';
import { CUTS, findCut } from '../pieces';
import { wallTimeOf } from '../times';
import { cautionWords, jobWords, scheduleWords } from '../words';
import { comesSliced, LIMITS, planBatch } from '.';

const plan = (change: Parameters<typeof answers>[0] = {}, cutId = 'chicken-thigh', marinade = soyFennel) =>
  planBatch(answers({ cutId, ...change }), around(cutId, marinade));
const METRIC = { system: 'metric', locale: 'en' } as const;
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
    const minutes = [2, 3, 4, 5, 6].map(
      (thicknessMm) => plan({ thicknessMm, pins: {} }, 'chicken-breast').marinate.minutes,
    );
    minutes.slice(1).forEach((value, index) => expect(value).toBeGreaterThanOrEqual(minutes[index]!));
    expect(minutes[4]).toBeGreaterThan(minutes[0]!);
  });
  test('counts the sodium of soda left in', () => {
    const [skip, leave] = [plan({ pins: { soda: 'skip' } }), plan({ pins: { soda: 'leave-in' } })];
    expect(leave.marinate.sodiumMgPerPortion.from - skip.marinate.sodiumMgPerPortion.from).toBeCloseTo(
      leave.tenderize.schools['leave-in'].sodiumMg / 5,
      6,
    );
  });
  test('every job has words and every caution too', () => {
    const style = { system: 'metric', locale: 'en-GB' } as const;
    for (const [cutId, way] of [
      ['beef-flank', 'flat-skewers'],
      ['lamb-leg', 'stir-fry'],
    ] as const) {
      const inputs = answers({
        cutId,
        way,
        pins: { pierced: true, soda: 'rinse-off', roomTempC: 33, splitAfterMixing: true },
      });
      const made = planBatch(inputs, around(cutId));
      expect(made.schedule.ok).toBe(true);
      if (!made.schedule.ok) return;
      for (const job of made.schedule.jobs)
        expect(jobWords(job, { plan: made, inputs, around: around(cutId) }, style).text).not.toMatch(/undefined|NaN/);
      for (const caution of made.cautions)
        expect(Object.values(cautionWords(caution, style)).join()).not.toMatch(/undefined|NaN/);
    }
  });
});

describe('safety', () => {
  test('130 min out of the fridge is refused, with the reason', () => {
    const { schedule } = plan({ pins: { marinadePlace: 'counter', marinadeMin: 60, lots: 1 }, massG: 2400 });
    expect(schedule).toMatchObject({ ok: false, problem: { code: 'too-long-warm', limitMin: 120 } });
    if (!schedule.ok)
      expect(scheduleWords(schedule.problem, METRIC)).toMatch(/out of the fridge for 2 h.*the limit is 2 h/);
  });
  test('a room at 33 °C halves the limit', () => {
    const hot = plan({ massG: 2000, pins: { roomTempC: 33 } });
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
  test('pierced beef shows the stricter figure', () =>
    expect(plan({ pins: { pierced: true, doneness: 'pink' } }, 'beef-flank').cook.temperature).toEqual({
      tempC: 71,
      restMin: 0,
      pink: 'refused',
      stricter: true,
    }));
  test('pink lamb is offered from the pan and refused on the skewer', () => {
    expect(codes(plan({ pins: { doneness: 'pink' } }, 'lamb-leg'))).toContain('pink-offered');
    expect(codes(plan({ way: 'flat-skewers', pins: { doneness: 'pink' } }, 'lamb-leg'))).toContain('pink-refused');
  });
  test('pork asked for pink is refused in favour of 63 °C', () => {
    const pork = plan({ pins: { doneness: 'pink' } }, 'pork-loin');
    expect(pork.cook.temperature).toMatchObject({ tempC: 63, restMin: 3, pink: 'refused' });
    expect(codes(pork)).toContain('pink-refused');
  });
  test.each([
    ['chicken-thigh', 74, 0],
    ['turkey-breast', 74, 0],
    ['beef-flank', 63, 3],
    ['lamb-leg', 63, 3],
    ['pork-loin', 63, 3],
  ])('%s to %d °C (USDA FSIS, from memory)', (cutId, tempC, restMin) =>
    expect(plan({}, cutId).cook.temperature).toMatchObject({ tempC, restMin }),
  );
  test('rinsing brings its caution', () =>
    expect(codes(plan({ pins: { soda: 'rinse-off' } }))).toContain('rinse-in-bowl'));
  test('soda left in at 1 % is called soapy', () =>
    expect(codes(plan({ pins: { soda: 'leave-in', sodaPercent: 1 } }))).toContain('soapy'));
});

describe('salt where it should land', () => {
  test('salt asked for is salt in the plan, whatever the cut and the part held back', () => {
    for (const [cutId, marinade] of [
      ['chicken-thigh', soyFennel],
      ['lamb-leg', dryCumin],
    ] as const) {
      const made = plan({ pins: { saltPercent: 1.25, holdBackShare: 0.2 } }, cutId, marinade);
      expect(made.marinate.uptake.equilibriumSaltPercent).toBeCloseTo(1.25, 4);
      expect(made.marinate.saltReach).toBeUndefined();
      expect(made.marinate.whole.allergens).toEqual(plan({}, cutId, marinade).marinate.whole.allergens);
    }
  });
  test('what cannot be reached is said, and the mix stays as it is written', () => {
    const briny = { ...soyFennel, lines: [{ ingredient: findIngredient('water')!, massG: 4000 }] };
    const made = plan({ pins: { saltPercent: 3 } }, 'chicken-thigh', briny);
    expect(made.marinate.saltReach!.to).toBeLessThan(3);
    expect(made.marinate.whole.saltG).toBe(0);
  });
});

describe('fruit in the marinade', () => {
  const line = (id: string, massG: number) => ({ ingredient: findIngredient(id)!, massG });
  const kiwi = { ...soyFennel, minutes: { from: 20, to: 960 }, lines: [line('tamari', 60), line('kiwi', 60)] };
  const pear = { ...soyFennel, minutes: { from: 60, to: 1440 }, lines: [line('soy-sauce', 60), line('pear', 100)] };
  test('the schedule refuses to leave strong fruit overnight, and says when to stop', () => {
    const { schedule } = plan({ pins: { marinadeMin: 900 } }, 'beef-flank', kiwi);
    expect(schedule).toMatchObject({ ok: false, problem: { code: 'fruit-too-long', minutes: 900 } });
    if (!schedule.ok) expect(scheduleWords(schedule.problem, METRIC)).toMatch(/mush in 15 h.*between/);
    expect(plan({ pins: { marinadeMin: 900 } }, 'beef-flank', pear).schedule.ok).toBe(true);
  });
  test('left to itself the plan stops before the fruit goes too far, sooner for thinner slices', () => {
    const [thin, thick] = [2, 6].map((thicknessMm) => plan({ thicknessMm, pins: {} }, 'beef-flank', kiwi).marinate);
    for (const { fruit, window, minutes } of [thin!, thick!]) {
      expect(fruit!.exposure).toBeLessThanOrEqual(2);
      expect(minutes).toBeLessThanOrEqual(window.to);
    }
    expect(thin!.window.to).toBeLessThan(thick!.window.to);
  });
  test('only what goes on the meat counts, and what does not tenderize is left out', () => {
    const dose = (holdBackShare: number) =>
      plan({ pins: { holdBackShare } }, 'beef-flank', pear).marinate.fruit!.fruits[0]!.dosePercent;
    expect(dose(0.5) / dose(0)).toBeCloseTo(0.5, 9);
    expect(plan({}, 'beef-flank').marinate.fruit).toBeUndefined();
  });
});

describe('the board', () => {
  const keys = (one: ReturnType<typeof plan>) => (one.schedule.ok ? one.schedule.jobs.map(({ key }) => key) : []);
  test('the freezer’s minutes follow the piece, and a learned freezer changes them', () => {
    const made = plan({ heightMm: 60 }, 'pork-loin');
    expect(made.firm.minutes).toBeGreaterThan(plan({ heightMm: 30 }, 'pork-loin').firm.minutes);
    expect(made.firm.checkFromMin).toBeLessThan(made.firm.from);
    const weak = planBatch(answers({ cutId: 'pork-loin', heightMm: 60 }), {
      ...around('pork-loin'),
      freezer: { tempC: -18, lies: 'fan', known: { lnStrength: -0.5, lnError: 0.1 } },
    });
    expect(weak.firm.minutes).toBeGreaterThan(made.firm.minutes);
    // What the screen solves again is the freezer as it was learned.
    if (weak.firm.state.is === 'fresh')
      expect(firming(weak.firm.state.input).idealFromMin! / weak.firm.state.times.idealFromMin!).toBeCloseTo(1, 1);
  });
  test('frozen solid it is tempered first, in the fridge, and the freezer is left out', () => {
    const made = plan({ heightMm: 40, pins: { frozen: true } }, 'pork-loin');
    expect(keys(made)[0]).toBe('temper');
    expect(keys(made)).not.toContain('firm');
    expect(codes(made)).toContain('temper-not-chop');
    expect(made.firm.minutes).toBeGreaterThan(120);
  });
  test('tempering on the board counts as out of the fridge', () =>
    expect(
      plan({ heightMm: 80, massG: 2000, pins: { frozen: true, thawPlace: 'bench', firmMin: 130 } }, 'pork-loin')
        .schedule,
    ).toMatchObject({ ok: false, problem: { code: 'too-long-warm' } }));
  test('slices from the shop and cross-cut ribs start further down; bone dust is rinsed in a bowl', () => {
    const bought = plan({ way: 'table-grill', heightMm: 3 }, 'beef-shaved');
    expect(keys(bought)).not.toContain('slice');
    expect(keys(bought)).not.toContain('firm');
    const ribs = plan({ way: 'table-grill', heightMm: 8 }, 'beef-cross-cut-rib');
    expect(keys(ribs)[0]).toBe('rinse-bones');
    expect(codes(ribs)).toContain('rinse-bones');
  });
  test('a scored and pounded steak is treated like pierced meat, and is not firmed', () => {
    const made = plan(
      { way: 'thin-steak', heightMm: 15, thicknessMm: 6, pins: { shape: 'pounded' } },
      'beef-top-round',
    );
    expect(keys(made)).toContain('pound');
    expect(keys(made)).not.toContain('firm');
    expect(made.cook.temperature).toMatchObject({ tempC: 71, stricter: true });
  });
  test('a whole steak is sliced after it was cooked', () =>
    expect(keys(plan({ way: 'thin-steak', heightMm: 15 }, 'beef-flank')).at(-1)).toBe('carve'));
  test('pieces are counted together: ten thighs give ten times the slices of one', () => {
    const [one, ten] = [
      plan({ massG: 110, pins: { pieces: 1, trimmedG: 100 } }),
      plan({ massG: 1100, pins: { pieces: 10, trimmedG: 1000 } }),
    ];
    expect(ten.slice.sliceCount).toBe(10 * one.slice.sliceCount);
    expect(ten.slice.coatAreaM2).toBeCloseTo(10 * one.slice.coatAreaM2, 9);
    expect(ten.firm.minutes).toBe(one.firm.minutes);
  });
  test('with the grain is possible and says what it does', () =>
    expect(codes(plan({ pins: { yawDeg: 90, grainDeg: 0 } }, 'beef-top-round'))).toContain('with-the-grain'));
  test('a price in gives a price per trimmed kilogram', () =>
    expect(plan({ massG: 1000, pins: { trimmedG: 800, pricePerKg: 20 } }).piece).toMatchObject({
      pricePerTrimmedKg: 25,
      pricePerPerson: 4,
      perPersonG: 160,
    }));
  test('a measured slicing machine is named in the job', () => {
    const dial = fitDial([
      { dial: 1, slices: 10, stackMm: 20 },
      { dial: 3, slices: 10, stackMm: 48 },
    ]);
    if (!dial.ok) throw new Error('refused');
    const inputs = answers({ cutId: 'pork-loin', heightMm: 60 });
    const where = { ...around('pork-loin'), slicer: dial.fit };
    const made = planBatch(inputs, where);
    expect(made.slice.dial!.dial).toBeCloseTo((4 - 0.6) / 1.4, 6);
    expect(
      jobWords({ key: 'slice' }, { plan: made, inputs, around: where }, { system: 'metric', locale: 'en-GB' }).text,
    ).toContain('Slicing machine at 2.4');
  });
  test('every cut in every way and shape has words without a hole in them', () => {
    const style = { system: 'us', locale: 'en-US' } as const;
    for (const cut of CUTS) {
      for (const way of WAYS) {
        const inputs = answers({
          cutId: cut.id,
          way,
          heightMm: cut.usualHeightMm,
          pins: { frozen: way === 'thin-steak' },
        });
        const made = planBatch(inputs, { ...around('chicken-thigh'), cut: findCut(cut.id)! });
        for (const job of made.schedule.ok ? made.schedule.jobs : [])
          expect(
            jobWords(job, { plan: made, inputs, around: { ...around('chicken-thigh'), cut } }, style).text,
          ).not.toMatch(/undefined|NaN|Infinity/);
        for (const caution of made.cautions)
          expect(Object.values(cautionWords(caution, style)).join()).not.toMatch(/undefined|NaN|Infinity/);
      }
    }
  });
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
    const notBeforeMs = TABLE_MS - 30 * 60_000;
    const { schedule: late } = plan({ notBeforeMs });
    if (!late.ok) throw new Error('a late plan is still a plan');
    expect(late.lateByMin).toBeGreaterThan(0);
    expect(late.startMs + late.lateByMin * 60_000).toBeGreaterThanOrEqual(notBeforeMs);
    expect(late.startMs + (late.lateByMin - 1) * 60_000).toBeLessThan(notBeforeMs);
  });
  test('an hour lost to daylight saving changes no length, only the clock', () => {
    const spring = Date.UTC(2026, 2, 29, 11, 0);
    const { schedule } = plan(
      { tableAtMs: spring, way: 'flat-skewers', pins: { marinadeMin: 720 } },
      'lamb-leg',
      dryCumin,
    );
    if (!schedule.ok) throw new Error('refused');
    const soak = schedule.jobs.find(({ key }) => key === 'marinate')!;
    expect(soak.endMs - soak.startMs).toBe(720 * 60_000);
    const clock =
      (wallTimeOf(soak.endMs, 'Europe/London').hour - wallTimeOf(soak.startMs, 'Europe/London').hour + 24) % 24;
    expect(clock).toBe(13);
  });

  const anyInputs = fc.record({
    way: fc.constantFrom(...WAYS),
    cut: fc.constantFrom(...CUTS),
    massG: fc.double({ min: LIMITS.massG.min, max: LIMITS.massG.max, noNaN: true }),
    heightMm: fc.double({ min: 5, max: 200, noNaN: true }),
    thicknessMm: fc.double({ min: 1, max: 40, noNaN: true }),
    people: fc.integer({ min: 1, max: 200 }),
    tableAtMs: fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2040, 0, 1) }),
    pins: fc.record(
      {
        soda: fc.constantFrom('leave-in' as const, 'rinse-off' as const, 'skip' as const),
        roomTempC: fc.integer({ min: 5, max: 45 }),
        marinadePlace: fc.constantFrom('fridge' as const, 'counter' as const),
        lots: fc.integer({ min: 1, max: 40 }),
        shape: fc.constantFrom(...SHAPES),
        frozen: fc.boolean(),
        freezerC: fc.integer({ min: -40, max: -8 }),
        solid: fc.constantFrom('block' as const, 'round' as const, 'slab' as const),
        pieces: fc.integer({ min: 1, max: 200 }),
      },
      { requiredKeys: [] },
    ),
  });
  test('never ends after the table, never breaks the warm limit, never runs backwards', () =>
    fc.assert(
      fc.property(anyInputs, ({ cut, ...rest }) => {
        const { schedule, lots } = planBatch({ ...rest, cutId: cut.id, marinadeId: 'x' }, around(cut.id));
        if (!schedule.ok) return;
        expect(Math.max(...schedule.jobs.map(({ endMs }) => endMs))).toBe(rest.tableAtMs);
        expect(schedule.warmMin).toBeLessThanOrEqual((rest.pins.roomTempC ?? 21) > 32 ? 60 : 120);
        const warm = schedule.jobs
          .filter(({ place }) => place === 'counter')
          .reduce((sum, job) => sum + (job.endMs - job.startMs) / 60_000 / (job.hands ? lots : 1), 0);
        expect(warm).toBeLessThanOrEqual(schedule.warmMin + 1e-6);
        for (const job of schedule.jobs) expect(job.endMs).toBeGreaterThanOrEqual(job.startMs);
      }),
      { numRuns: 300 },
    ));
  test('minutes are finite for any freezer and any piece', () =>
    fc.assert(
      fc.property(anyInputs, ({ cut, ...rest }) => {
        const { firm } = planBatch({ ...rest, cutId: cut.id, marinadeId: 'x' }, around(cut.id));
        for (const value of [firm.minutes, firm.from, firm.to, firm.checkFromMin])
          expect(Number.isFinite(value) && value >= 0).toBe(true);
      }),
      { numRuns: 60 },
    ));
  test('a plan without pins is never refused, slices from the shop that are no slices aside', () =>
    fc.assert(
      fc.property(anyInputs, ({ cut, ...rest }) => {
        fc.pre(!comesSliced(cut) || rest.heightMm <= 25);
        expect(planBatch({ ...rest, pins: {}, cutId: cut.id, marinadeId: 'x' }, around(cut.id)).schedule.ok).toBe(true);
      }),
    ));
});
