import { answers, around, dryCumin, soyFennel, TABLE_MS } from '../../../tests/fixtures/batch';
import { findIngredient, type Marinade } from '../marinades';
import { leastMinutesTo } from '../cooking';
import { wallTimeOf } from '../times';
import { heatWords, jobWords, leftOutWords, remedyWords, scheduleWords } from '../words';
import { planBatch, remediesFor, saltAtTakeOut, type BatchInputs, type BatchPlan } from '.';

const STYLE = { system: 'metric', locale: 'en' } as const;
const line = (id: string, massG: number) => ({ ingredient: findIngredient(id)!, massG });
const make = (change: Partial<BatchInputs> = {}, cutId = 'chicken-thigh', marinade: Marinade = soyFennel) => {
  const inputs = answers({ cutId, ...change });
  const where = around(cutId, marinade);
  return { inputs, where, plan: planBatch(inputs, where) };
};
const codes = ({ cautions }: BatchPlan) => cautions.map(({ code }) => code);
const keys = ({ schedule }: BatchPlan) => (schedule.ok ? schedule.jobs.map(({ key }) => key) : []);
const offers = (made: ReturnType<typeof make>) => remediesFor(made.plan, made.inputs, made.where);
const problemOf = ({ schedule }: BatchPlan) => (schedule.ok ? undefined : schedule.problem.code);

describe('thin steak means steaks', () => {
  const turkey = (change: Partial<BatchInputs> = {}) =>
    make({ way: 'thin-steak', heightMm: 50, massG: 1500, thicknessMm: 15, ...change }, 'turkey-breast');
  test('a breast 50 mm tall is cut into steaks first, and its minutes follow their thickness', () => {
    const { plan } = turkey();
    expect(plan.slice.shape).toBe('steaks');
    expect(plan.cook.thicknessMm).toBeLessThan(20);
    expect(2 * plan.cook.minutesPerSide.from).toBeGreaterThanOrEqual(
      leastMinutesTo({ thicknessMm: plan.cook.thicknessMm, startC: 5, centreC: 74 }),
    );
    expect(heatWords(plan, STYLE).text).toMatch(/at a time/);
  });
  test('whole it is refused, with the reason and what to do', () => {
    const made = turkey({ pins: { shape: 'sliced-after' } });
    expect(problemOf(made.plan)).toBe('too-thick-for-heat');
    if (!made.plan.schedule.ok)
      expect(scheduleWords(made.plan.schedule.problem, STYLE)).toMatch(/50 mm is too thick.*over 40 mm.*steaks/);
    expect(offers(made).map(({ code }) => code)).toEqual(['steaks', 'butterfly']);
    // Nor is it told how long to sear it.
    expect(heatWords(made.plan, STYLE).text).not.toMatch(/a side/);
  });
  test('between 25 and 40 mm it is planned and said', () => {
    const { plan } = turkey({ heightMm: 32, pins: { shape: 'sliced-after' } });
    expect(plan.schedule.ok).toBe(true);
    expect(codes(plan)).toContain('thick-for-heat');
  });
});

describe('half-cooked meat', () => {
  test('10 kg of chicken: every round is cooked through, none waits', () => {
    const { plan } = make({ massG: 10_000, people: 30 });
    expect(plan.cook).toMatchObject({ finish: 'through', partCookedWaitMin: 0 });
    expect(codes(plan)).toContain('rounds-through');
    expect(heatWords(plan, STYLE).text).toMatch(/each round through, to 74 °C/);
  });
  test('a few rounds are back within the quarter of an hour, and pink is offered only there', () => {
    const small = make({ massG: 900, pins: { doneness: 'pink' } }, 'lamb-leg').plan;
    expect(small.cook).toMatchObject({ finish: 'back-soon', temperature: { pink: 'offered' } });
    expect(small.cook.partCookedWaitMin).toBeLessThanOrEqual(15);
    expect(make({ massG: 10_000, pins: { doneness: 'pink' } }, 'lamb-leg').plan.cook.temperature.pink).toBe('refused');
  });
});

describe('refused alike for pins, for the API and after the fact', () => {
  test.each(
    (<[string, Partial<BatchInputs>, string?][]>[
      ['counter-too-long', { pins: { marinadePlace: 'counter', marinadeMin: 100 } }],
      ['counter-too-long', { pins: { marinadePlace: 'counter', marinadeMin: 61, lots: 40 } }],
      ['fridge-too-warm', { pins: { fridgeTempC: 5.5 } }],
      ['poultry-too-long', { pins: { marinadeMin: 72 * 60 } }],
      ['soda-unrinsed', { pins: { soda: 'leave-in', sodaPercent: 3 } }, 'lamb-leg'],
      ['soda-unrinsed', { pins: { soda: 'rinse-off', sodaPercent: 3.5, sodaRinses: 0 } }, 'lamb-leg'],
    ]).map(([code, change, cutId]) => ({ code, change, cutId })),
  )('$code: $change', ({ code, change, cutId }) => {
    const { plan } = make(change, cutId);
    expect(problemOf(plan)).toBe(code);
    if (!plan.schedule.ok) expect(scheduleWords(plan.schedule.problem, STYLE)).toMatch(/at most/);
  });
  test.each(
    (<[Partial<BatchInputs>, string?][]>[
      [{ pins: { marinadePlace: 'counter', marinadeMin: 60 } }],
      [{ pins: { fridgeTempC: 5 } }],
      [{ pins: { marinadeMin: 48 * 60 } }],
      [{ pins: { marinadeMin: 72 * 60 } }, 'lamb-leg'],
      [{ pins: { soda: 'leave-in', sodaPercent: 1 } }, 'lamb-leg'],
      [{ pins: { soda: 'rinse-off', sodaPercent: 3.5 } }, 'lamb-leg'],
    ]).map(([change, cutId]) => ({ change, cutId })),
  )('up to the limit it is planned: $change', ({ change, cutId }) =>
    expect(make(change, cutId).plan.schedule.ok).toBe(true),
  );
  test('a fridge between 4 and 5 °C and meat put in at 15 °C are said', () => {
    expect(make({ pins: { fridgeTempC: 4.5 } }).plan.cautions).toContainEqual(
      expect.objectContaining({ code: 'fridge', isC: 4.5 }),
    );
    expect(codes(make({ pins: { startC: 15 } }).plan)).toContain('meat-warm');
    expect(codes(make({ pins: { startC: 7 } }).plan)).not.toContain('meat-warm');
  });
  test('game: one figure for the centre, never two', () => {
    for (const [cutId, tempC] of [
      ['venison-leg', 63],
      ['boar-leg', 71],
      ['bear-round', 71],
    ] as const) {
      const centre = make({}, cutId).plan.cautions.filter(({ code }) => /centre-temperature|game-through/.test(code));
      expect(centre).toEqual([expect.objectContaining({ tempC })]);
    }
    const pierced = make({ pins: { pierced: true } }, 'venison-leg').plan;
    expect(codes(pierced)).toContain('pierced');
    expect(codes(pierced)).not.toContain('game-through');
  });
});

describe('the held-back part has a use, with its grams', () => {
  test('brushing is said at the heat', () => {
    const { plan } = make({ way: 'flat-skewers' }, 'lamb-leg', { ...soyFennel, holdBackFor: 'brushing' });
    expect(heatWords(plan, STYLE).text).toMatch(/Brush with the held-back [\d.]+ g in the last minutes/);
  });
  test('nothing clean to brush with: nothing is brushed', () =>
    expect(
      heatWords(make({ way: 'cube-skewers', thicknessMm: 25, heightMm: 50 }, 'lamb-leg', dryCumin).plan, STYLE).text,
    ).not.toMatch(/[Bb]rush/));
  test('taken out of the used mix it is boiled first, by a job', () => {
    const marinade = { ...soyFennel, holdBackFor: 'brushing' as const };
    const { plan, inputs, where } = make(
      { way: 'flat-skewers', pins: { splitAfterMixing: true } },
      'lamb-leg',
      marinade,
    );
    expect(keys(plan)).toContain('boil');
    expect(jobWords({ key: 'boil' }, { plan, inputs, around: where }, STYLE).text).toMatch(
      /\d+ g of it touched raw meat.*rolling boil/,
    );
  });
  test('what was held back for nothing in particular is served beside', () =>
    expect(make({}, 'lamb-leg', { ...soyFennel, holdBackFor: undefined }).plan.sides.dip).toBeDefined());
});

describe('soda in a mix is soda', () => {
  const withSoda = { ...soyFennel, lines: [...soyFennel.lines, line('soda', 4)] };
  test('it is the leave-in dose, nothing is added to it, and it counts', () => {
    const { plan } = make({}, 'lamb-leg', withSoda);
    const dosePercent = 0.4 * (1 - soyFennel.holdBackShare);
    expect(plan.tenderize).toMatchObject({ choice: 'leave-in', inMixPercent: expect.closeTo(dosePercent, 6) });
    expect(plan.tenderize.schools['leave-in'].percent).toBeCloseTo(dosePercent, 6);
    expect(make({ pins: { soda: 'rinse-off' } }, 'lamb-leg', withSoda).plan.tenderize.choice).toBe('leave-in');
    const without = make({ pins: { soda: 'skip' } }, 'lamb-leg').plan.marinate.sodiumMgPerPortion;
    const sodaMg = (0.9 * 0.945 * 4 * (1 - soyFennel.holdBackShare) * 273.7) / 5;
    expect(plan.marinate.sodiumMgPerPortion.to - without.to).toBeGreaterThan(0.9 * sodaMg);
  });
  test('in a sour mix the two are said to fight', () =>
    expect(
      make({}, 'lamb-leg', { ...withSoda, lines: [...withSoda.lines, line('lime-juice', 60)] }).plan.tenderize
        .conflicts,
    ).toContain('soda-and-acid'));
  test('soda left in is judged by the minutes the marinade takes', () => {
    const { plan } = make({ pins: { soda: 'leave-in', marinadeMin: 720 } }, 'lamb-leg');
    expect(plan.tenderize.schools['leave-in'].soakMin).toBe(720);
    expect(plan.tenderize.schools['leave-in'].verdict).toMatch(/clean$/);
  });
});

describe('fruit by its clock', () => {
  const withFruit = (id: string, massG: number): Marinade => ({
    ...dryCumin,
    lines: [line('salt-fine', 11), line(id, massG)],
  });
  test('ginger under 5 % is seasoning, from 5 % it has a clock', () => {
    expect(make({}, 'beef-flank', withFruit('ginger', 49)).plan.marinate.fruit).toBeUndefined();
    expect(make({}, 'beef-flank', withFruit('ginger', 55)).plan.marinate.fruit).toBeDefined();
  });
  test('onion may caution, it refuses nothing: its activity is a guess', () => {
    const { plan } = make({ thicknessMm: 2, pins: { marinadeMin: 48 * 60 } }, 'beef-flank', withFruit('onion', 400));
    expect(plan.marinate.fruit!.verdict).toBe('mush');
    expect(plan.schedule.ok).toBe(true);
    expect(codes(plan)).toContain('strong-fruit');
  });
  test('a cook’s own fruit has the clock of its class, the strongest where none was given', () => {
    const own = (more: object) => ({
      ...dryCumin,
      lines: [
        line('salt-fine', 11),
        { ingredient: { ...findIngredient('pear')!, id: 'own-1', own: true, ...more }, massG: 60 },
      ],
    });
    const rate = (more: object) => make({}, 'beef-flank', own(more)).plan.marinate.fruit?.perHour;
    expect(rate({ enzymeClass: 'mild' })).toBeLessThan(rate({ enzymeClass: 'strong' })!);
    expect(rate({ strongEnzyme: true })).toBe(rate({ enzymeClass: 'strongest' }));
    expect(rate({})).toBeUndefined();
  });
});

describe('bone, arrivals and the freezer', () => {
  test('doses go by the meat, not by the bone, and by the bones once they are weighed', () => {
    const rib = (pins: BatchInputs['pins']) =>
      make(
        { way: 'table-grill', heightMm: 55, massG: 1000, thicknessMm: 6, pins: { trimmedG: 1000, pieces: 2, ...pins } },
        'beef-short-rib',
      ).plan;
    expect(rib({}).piece).toMatchObject({ trimmedG: 1000, meatG: 725, boneG: { from: 200, to: 350, weighed: false } });
    expect(rib({ boneG: 300 }).piece.meatG).toBe(700);
    expect(rib({ boneG: 300 }).marinate.whole.massG / rib({}).marinate.whole.massG).toBeCloseTo(700 / 725, 9);
    expect(rib({ boneG: 300 }).slice.unrolled!.sheetLengthMm).toBeLessThan(rib({}).slice.unrolled!.sheetLengthMm);
  });
  test('ready to cut: nothing comes off, nothing is trimmed', () => {
    const { plan } = make({ massG: 800, pins: { readyToCut: true } });
    expect(plan.piece.meatG).toBe(800);
    expect(keys(plan)).not.toContain('trim');
  });
  test('any cut can come sliced: neither freezer nor knife', () => {
    const { plan } = make({ massG: 800, thicknessMm: 2, pins: { comesSliced: true, readyToCut: true } }, 'pork-loin');
    expect(keys(plan)).not.toEqual(expect.arrayContaining(['firm']));
    expect(keys(plan)).not.toContain('slice');
    expect(plan.slice).toMatchObject({ comesSliced: true, thicknessMm: 2, knifeCuts: 0 });
  });
  test('no freezer is an answer, and the usual one for 6 mm by hand from a flat piece and for an unrolled sheet', () => {
    expect(keys(make({ heightMm: 60, pins: { firmMin: 0 } }, 'pork-loin').plan)).not.toContain('firm');
    expect(codes(make({ heightMm: 60, pins: { firmMin: 0 } }, 'pork-loin').plan)).not.toContain('half-frozen-slips');
    expect(keys(make({ heightMm: 25, thicknessMm: 6 }, 'beef-flank').plan)).not.toContain('firm');
    expect(keys(make({ heightMm: 25, thicknessMm: 4 }, 'beef-flank').plan)).toContain('firm');
    expect(keys(make({ way: 'table-grill', heightMm: 55, thicknessMm: 6 }, 'beef-short-rib').plan)).not.toContain(
      'firm',
    );
  });
  test('an unscored sheet is not pierced meat', () =>
    expect(
      [true, false].map(
        (scored) =>
          make({ way: 'table-grill', heightMm: 55, thicknessMm: 6, pins: { scored } }, 'beef-short-rib').plan.cook
            .temperature.tempC,
      ),
    ).toEqual([71, 63]));
});

describe('words and clock', () => {
  test('with starch on it the coat stays; bare for a sear it is wiped dry', () => {
    expect(make().plan.cook.surface).toBe('drip');
    const bare = { ...dryCumin, lines: [line('soy-sauce', 60)] };
    expect(make({ way: 'thin-steak', heightMm: 20 }, 'beef-flank', bare).plan.cook.surface).toBe('wipe');
    expect(make({ way: 'flat-skewers' }, 'beef-flank', bare).plan.cook.surface).toBe('drip');
  });
  test('the marinade’s own window wins over the custom of the way', () => {
    const long = { ...dryCumin, minutes: { from: 720, to: 4320 } };
    expect(make({}, 'beef-flank', long).plan.marinate).toMatchObject({
      window: { from: 720, to: 4320 },
      custom: { from: 10, to: 960 },
    });
  });
  test('a long marinade for a table at 19:00 begins the evening before, not before dawn', () => {
    const evening = Date.UTC(2026, 5, 6, 18);
    const long = { ...dryCumin, minutes: { from: 720, to: 1440 } };
    const { plan } = make({ tableAtMs: evening, notBeforeMs: evening - 3 * 86_400_000 }, 'lamb-leg', long);
    if (!plan.schedule.ok) throw new Error('refused');
    expect(plan.schedule.inTheNight).toBe(false);
    const { hour, day } = wallTimeOf(plan.schedule.startMs, 'Europe/London');
    expect([day, hour >= 17 && hour < 23]).toEqual([5, true]);
  });
  test('pinned into the night it is said what would avoid it', () => {
    const evening = Date.UTC(2026, 5, 6, 18);
    const made = make(
      { tableAtMs: evening, notBeforeMs: evening - 3 * 86_400_000, pins: { marinadeMin: 720 } },
      'lamb-leg',
      dryCumin,
    );
    expect(made.plan.schedule).toMatchObject({ ok: true, inTheNight: true });
    const byDay = offers(made).filter(({ code }) => code === 'marinade-for-nights');
    expect(byDay.length).toBeGreaterThan(0);
    for (const { change } of byDay) {
      const mended = planBatch({ ...made.inputs, pins: { ...made.inputs.pins, ...change.pins } }, made.where);
      expect(mended.schedule).toMatchObject({ ok: true, inTheNight: false });
    }
  });
  test('a tenderloin for two fits into 45 minutes, and what was left out is said', () => {
    const { plan } = make(
      { massG: 400, people: 2, heightMm: 55, notBeforeMs: TABLE_MS - 45 * 60_000 },
      'pork-tenderloin',
    );
    expect(plan.schedule).toMatchObject({ ok: true, lateByMin: 0 });
    expect(leftOutWords(plan.leftOut)).toMatch(/massage/);
  });
  test('late: the hour it can be served, and what would be sooner, each at one press', () => {
    const made = make(
      { heightMm: 60, massG: 1500, notBeforeMs: TABLE_MS - 60 * 60_000, pins: { soda: 'rinse-off' } },
      'beef-top-round',
    );
    if (!made.plan.schedule.ok) throw new Error('refused');
    expect(made.plan.schedule.lateByMin).toBeGreaterThan(0);
    const said = offers(made).map((one) => remedyWords(one, { zone: 'Europe/London', style: STYLE }));
    expect(said).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^Serve at \d/),
        expect.stringMatching(/^Skip the soda: .* sooner$/),
      ]),
    );
    const serve = offers(made).find(({ code }) => code === 'serve-at')!;
    expect(planBatch({ ...made.inputs, tableAtMs: serve.change.tableAtMs! }, made.where).schedule).toMatchObject({
      lateByMin: 0,
    });
  });
  test.each([
    [96, false],
    [104, true],
  ])('%d g of sugar for four is 24 or 26 g each: too sweet from over 25 g', (sugarG, said) => {
    const mix = { ...dryCumin, forMassG: 800, lines: [line('salt-fine', 8), line('sugar', sugarG)] };
    const { plan } = make({ massG: 800, people: 4, pins: { trimmedG: 800 } }, 'lamb-leg', mix);
    expect(plan.marinate.whole.sugarG / 4).toBeCloseTo(sugarG / 4, 0);
    expect(codes(plan).includes('too-sweet')).toBe(said);
  });
  test('too salty and too sweet are said, and one press mends them', () => {
    const briny = { ...dryCumin, lines: [line('salt-fine', 30), line('sugar', 250)] };
    const made = make({ pins: { marinadeMin: 900 } }, 'lamb-leg', briny);
    expect(codes(made.plan)).toEqual(expect.arrayContaining(['too-salty', 'much-sodium', 'too-sweet']));
    const land = offers(made).find(({ code }) => code === 'land-salt')!;
    const mended = planBatch({ ...made.inputs, pins: { ...made.inputs.pins, ...land.change.pins } }, made.where);
    expect(saltAtTakeOut(mended.marinate)).toBeLessThanOrEqual(1.2 + 1e-6);
    const half = offers(made).find(({ code }) => code === 'halve-sugar')!;
    const milder = planBatch({ ...made.inputs, pins: { ...made.inputs.pins, ...half.change.pins } }, made.where);
    expect(milder.marinate.onMeat.sugarG / made.plan.marinate.onMeat.sugarG).toBeCloseTo(0.5, 1);
  });
});

test('no minutes in the marinade: no such job, no caution of fridge or counter, straight to the heat; half a minute is none', () => {
  for (const marinadeMin of [0, 0.4]) {
    const { plan } = make({ pins: { marinadeMin } });
    expect(keys(plan)).not.toContain('marinate');
    expect(codes(plan)).not.toContain('fridge');
    expect(plan.marinate.minutes).toBe(0);
  }
});

test('the bag is turned when hands are free', () => {
  const { plan } = make(
    { massG: 30_000, people: 90, heightMm: 1.5, thicknessMm: 40, way: 'thin-steak' },
    'duck-breast',
  );
  if (!plan.schedule.ok) throw new Error('refused');
  const hands = plan.schedule.jobs.filter((job) => job.hands && job.minutes > 0);
  for (const job of hands)
    expect(hands.filter((other) => other !== job && other.startMs < job.endMs && other.endMs > job.startMs)).toEqual(
      [],
    );
});

test('an oven is set as its dial is marked: 180 °C, or 350 °F', () => {
  const { plan } = make({ way: 'cube-skewers', thicknessMm: 25, heightMm: 40 }, 'chicken-breast');
  expect(heatWords(plan, STYLE).setting).toBe('at 180 °C');
  expect(heatWords(plan, { system: 'us', locale: 'en-US' }).setting).toBe('at 350 °F');
});

test('a tenderloin of 600 g for five is on the table in 45 minutes: massaged in, nothing left to drip, no job before it can begin', () => {
  const notBeforeMs = TABLE_MS - 45 * 60_000;
  const { plan, inputs, where } = make({ massG: 600, people: 5, heightMm: 50, notBeforeMs }, 'pork-tenderloin');
  expect(plan.schedule).toMatchObject({ ok: true, lateByMin: 0 });
  if (plan.schedule.ok) for (const job of plan.schedule.jobs) expect(job.startMs).toBeGreaterThanOrEqual(notBeforeMs);
  expect(plan.leftOut).toEqual(expect.arrayContaining(['freezer', 'marinade']));
  expect(keys(plan)).not.toContain('dry');
  expect(jobWords({ key: 'coat' }, { plan, inputs, around: where }, STYLE).text).toMatch(/Massage it in/);
});

test('a sheet opened like a book is one piece in one round; steaks go in whole', () => {
  const sheet = make({ way: 'thin-steak', heightMm: 40, pins: { shape: 'butterflied' } }, 'pork-loin').plan;
  expect(sheet.cook).toMatchObject({ rounds: 1, piecesPerRound: 1 });
  const { cook, slice } = make({ way: 'thin-steak', massG: 1500, heightMm: 50, thicknessMm: 15 }, 'turkey-breast').plan;
  expect(cook.rounds * cook.piecesPerRound!).toBeGreaterThanOrEqual(slice.pieceCount);
});
