import fc from 'fast-check';
import { answers, around, dryCumin, soyFennel, TABLE_MS } from '../../../tests/fixtures/batch';
import { findIngredient, FRUIT_INGREDIENTS, type Marinade } from '../marinades';
import { FORCES } from '../tenderizing';
import { additionWords, cautionWords, jobWords } from '../words';
import { additionsInTime, cautionsAt, pinsOfAddition, planBatch, type BatchInputs } from '.';

const plan = (change: Partial<BatchInputs> = {}, cutId = 'beef-flank', marinade: Marinade = soyFennel) =>
  planBatch(answers({ cutId, ...change }), around(cutId, marinade));
const codes = (one: ReturnType<typeof plan>) => one.cautions.map(({ code }) => code);
const keys = (one: ReturnType<typeof plan>) => (one.schedule.ok ? one.schedule.jobs.map(({ key }) => key) : []);
const line = (id: string, massG: number) => ({ ingredient: findIngredient(id)!, massG });
const STYLE = { system: 'metric', locale: 'en-GB' } as const;

describe('force in the plan', () => {
  test('hard-working cubes are pounded after trimming, before the knife', () => {
    const made = plan({ way: 'cube-skewers', thicknessMm: 25, heightMm: 60 }, 'beef-clod');
    expect(made.tenderize).toMatchObject({
      choice: 'skip',
      force: { force: 'mallet', when: 'before' },
      means: expect.arrayContaining(['pounding']),
    });
    const order = keys(made);
    expect(order.indexOf('trim')).toBeLessThan(order.indexOf('beat'));
    expect(order.indexOf('beat')).toBeLessThan(order.indexOf('slice'));
  });
  test('beaten slices are thinner and larger, and soda, salt, coat and heat go by that', () => {
    const [cut, flat] = [
      plan({ way: 'flat-skewers', pins: { soda: 'rinse-off' } }),
      plan({ way: 'flat-skewers', pins: { soda: 'rinse-off', force: 'mallet', beatToMm: 2 } }),
    ];
    expect(flat.slice.pieceMm.thicknessMm).toBe(2);
    expect(flat.slice.coatAreaM2).toBeCloseTo(cut.slice.coatAreaM2 * 2, 9);
    expect(flat.marinate.uptake.minutesTo.centre.p90).toBeCloseTo(cut.marinate.uptake.minutesTo.centre.p90 / 4, 6);
    expect(flat.tenderize.schools['rinse-off'].sodaG).toBe(cut.tenderize.schools['rinse-off'].sodaG);
    expect(keys(flat).indexOf('beat')).toBe(keys(flat).indexOf('slice') + 1);
  });
  test('needles and scores follow the batch to the end: stricter figure, caution at the heat', () => {
    for (const force of ['needle', 'score'] as const) {
      const made = plan({ way: 'flat-skewers', pins: { force } });
      expect(made.cook.temperature).toMatchObject({ tempC: 71, stricter: true });
      expect(cautionsAt('cook', made.cautions).map(({ code }) => code)).toContain('pierced');
      expect(keys(made)).toContain(force === 'needle' ? 'pierce' : 'score');
    }
    expect(plan({ way: 'flat-skewers', pins: { force: 'mallet' } }).cook.temperature).toMatchObject({
      tempC: 63,
      stricter: false,
    });
  });
  test('force counts in the minutes out of the fridge', () => {
    const warm = (pins: BatchInputs['pins']) => {
      const { schedule } = plan({ way: 'flat-skewers', pins: { lots: 1, ...pins } });
      return schedule.ok ? schedule.warmMin : NaN;
    };
    expect(warm({ force: 'needle' }) - warm({})).toBeGreaterThanOrEqual(8);
  });
  test('any force in any way has words without a hole in them', () => {
    for (const force of FORCES) {
      for (const way of ['stir-fry', 'flat-skewers', 'cube-skewers', 'table-grill', 'thin-steak'] as const) {
        for (const forceWhen of ['before', 'after'] as const) {
          const inputs = answers({ cutId: 'beef-flank', way, pins: { force, forceWhen } });
          const made = planBatch(inputs, around('beef-flank'));
          for (const job of made.schedule.ok ? made.schedule.jobs : [])
            expect(jobWords(job, { plan: made, inputs, around: around('beef-flank') }, STYLE).text).not.toMatch(
              /undefined|NaN|Infinity/,
            );
        }
      }
    }
  });
});

describe('one plan with what the mix does', () => {
  test('names everything that works together, and expects less to bite through than without', () => {
    const made = plan({ pins: {} });
    expect(made.tenderize.means).toEqual(['soda-rinsed', 'salt', 'coat']);
    const bare = plan({ pins: { soda: 'skip', starchPercent: 0, saltPercent: 0.4 } });
    expect(bare.tenderize.means).toEqual(['nothing']);
    expect(made.tenderize.bite.likely).toBeLessThan(bare.tenderize.bite.likely);
  });
  test('in a hurry the soak gives way, where that saves the plan, and says so', () => {
    const soon = plan({ notBeforeMs: TABLE_MS - 130 * 60_000, thicknessMm: 4 });
    expect(soon.tenderize).toMatchObject({ choice: 'leave-in', judgement: { sodaReason: 'in-a-hurry' } });
    expect(soon.leftOut).toContain('soak');
    expect(soon.schedule).toMatchObject({ ok: true, lateByMin: 0 });
    // Nothing saves a plan for a table in ten minutes: it is as little late as it can be, and what was left out is told.
    const hopeless = plan({ notBeforeMs: TABLE_MS - 10 * 60_000 });
    expect(hopeless.leftOut).toEqual(['soak', 'freezer', 'marinade']);
    if (hopeless.schedule.ok) expect(hopeless.schedule.lateByMin).toBeLessThan(75);
  });
  test('what the mix lacks is offered: done, it is in the plan and not offered again', () => {
    const bare: Marinade = { ...soyFennel, lines: [line('soy-sauce', 60), line('garlic', 15)] };
    const where = around('beef-flank', bare);
    const offers = (inputs: BatchInputs) => additionsInTime(planBatch(inputs, where), inputs, where);
    const inputs = answers({ cutId: 'beef-flank' });
    expect(offers(inputs).map(({ means }) => means)).toEqual(['coat', 'fruit']);
    for (const { means, bite } of offers(inputs)) {
      const pins = pinsOfAddition(means, planBatch(inputs, where).tenderize.judgement.soda);
      const made = planBatch({ ...inputs, pins }, where);
      expect(made.tenderize.means).toContain(means);
      expect(made.tenderize.means).not.toContain(means === 'fruit' ? 'soda-rinsed' : 'fruit');
      expect(made.schedule).toMatchObject({ ok: true, lateByMin: 0 });
      expect(offers({ ...inputs, pins }).map((one) => one.means)).not.toContain(means);
      expect(Math.abs(made.tenderize.bite.likely - bite.likely)).toBeLessThan(0.7);
      expect(additionWords({ means, insteadOfSoda: false }, STYLE).text).toBeTruthy();
    }
    // In every hole of a needle fruit would go too deep.
    expect(offers({ ...inputs, pins: { pierced: true } }).map(({ means }) => means)).toEqual(['coat']);
    // Five hours before the table there is no night for fruit.
    expect(offers({ ...inputs, notBeforeMs: TABLE_MS - 300 * 60_000 }).map(({ means }) => means)).toEqual(['coat']);
  });
  test('salt is offered to cubes that would have too little, and lands where it says', () => {
    const inputs = answers({ cutId: 'beef-clod', way: 'cube-skewers', thicknessMm: 25, heightMm: 60 });
    const where = around('beef-clod', {
      ...soyFennel,
      lines: [line('olive-oil', 40), line('soy-sauce', 20), line('garlic', 15)],
    });
    const made = planBatch(inputs, where);
    expect(made.tenderize.additions.map(({ means }) => means)).toEqual(['salt']);
    expect(
      planBatch({ ...inputs, pins: pinsOfAddition('salt', made.tenderize.judgement.soda) }, where).marinate.uptake
        .equilibriumSaltPercent,
    ).toBeCloseTo(1, 4);
  });
  test('what fights is said where it matters', () => {
    const sour: Marinade = {
      ...soyFennel,
      minutes: { from: 60, to: 960 },
      lines: [...soyFennel.lines, line('lime-juice', 50)],
    };
    const made = plan({ pins: { soda: 'leave-in', marinadeMin: 600 } }, 'beef-flank', sour);
    expect(made.tenderize.conflicts).toEqual(['soda-and-acid', 'acid-too-long']);
    for (const caution of made.cautions.filter(({ code }) => code === 'means-conflict'))
      expect(cautionWords(caution, STYLE).title).toBeTruthy();
    expect(codes(made).filter((code) => code === 'means-conflict')).toHaveLength(2);
  });
});

describe('another fruit in the mix', () => {
  const kiwi: Marinade = { ...soyFennel, minutes: { from: 20, to: 60 }, lines: [line('tamari', 60), line('kiwi', 35)] };
  test('pear for kiwi: the clock runs slower, and the schedule gives it the hours', () => {
    const [before, after] = [
      plan({ way: 'flat-skewers', pins: {} }, 'beef-flank', kiwi),
      plan({ way: 'flat-skewers', pins: { fruitId: 'pear', fruitPercent: 15 } }, 'beef-flank', kiwi),
    ];
    expect(after.marinate.fruit!.stopAfterHours.from).toBeGreaterThan(2 * before.marinate.fruit!.stopAfterHours.from);
    expect(after.marinate.minutes).toBeGreaterThan(before.marinate.minutes);
    expect(after.schedule.ok && before.schedule.ok && after.schedule.startMs < before.schedule.startMs).toBe(true);
    expect(after.marinate.lines.map(({ ingredient }) => ingredient.id)).not.toContain('kiwi');
  });
  test('the dose asked for is the dose on the meat, whatever is held back', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FRUIT_INGREDIENTS),
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        fc.integer({ min: 0, max: 50 }),
        (fruit, fruitPercent, heldBackPercent) => {
          const holdBackShare = heldBackPercent / 100;
          const { marinate, piece } = plan(
            { pins: { fruitId: fruit.id, fruitPercent, holdBackShare, marinadeMin: 20 } },
            'beef-flank',
            kiwi,
          );
          const inMix = marinate.lines.find(({ ingredient }) => ingredient.id === fruit.id)!.massG;
          expect((100 * inMix * (1 - holdBackShare)) / piece.trimmedG).toBeCloseTo(fruitPercent, 9);
        },
      ),
      { numRuns: 40 },
    ));
  test('none takes it out and stops the clock', () => {
    const made = plan({ pins: { fruitId: 'none' } }, 'beef-flank', kiwi);
    expect(made.marinate.fruit).toBeUndefined();
    expect(made.tenderize.choice).toBe('rinse-off');
  });
  test('with it the salt is solved for still', () =>
    expect(
      plan({ pins: { fruitId: 'pear', fruitPercent: 12, saltPercent: 1.2 } }, 'beef-flank', kiwi).marinate.uptake
        .equilibriumSaltPercent,
    ).toBeCloseTo(1.2, 4));
});

describe('coat', () => {
  test('starch and oil go where they are asked to, present or not', () => {
    for (const marinade of [soyFennel, dryCumin]) {
      const { marinate, piece } = plan(
        { pins: { starchPercent: 2, oilPercent: 3, holdBackShare: 0.2 } },
        'beef-flank',
        marinade,
      );
      const onMeat = (kind: string) =>
        (100 *
          0.8 *
          marinate.lines
            .filter(({ ingredient }) => ingredient.kind === kind)
            .reduce((sum, { massG }) => sum + massG, 0)) /
        piece.trimmedG;
      expect(onMeat('starch')).toBeCloseTo(2, 9);
      expect(onMeat('oil')).toBeCloseTo(3, 9);
    }
  });
  test('two schools of oil: last by default, first when asked; starch next to last or last', () => {
    const order = (pins: BatchInputs['pins']) => plan({ pins }).marinate.lines.map(({ ingredient }) => ingredient.kind);
    expect(order({}).slice(-2)).toEqual(['starch', 'oil']);
    expect(order({ oilFirst: true })[0]).toBe('oil');
    expect(order({ oilFirst: true }).at(-1)).toBe('starch');
  });
  test('none takes it out', () =>
    expect(plan({ pins: { starchPercent: 0 } }).marinate.lines.map(({ ingredient }) => ingredient.kind)).not.toContain(
      'starch',
    ));
});

describe('beside the meat', () => {
  const held = (change: Partial<Marinade>): Marinade => ({ ...soyFennel, ...change });
  const minute = (made: ReturnType<typeof plan>, key: string, which: 'startMs' | 'endMs') =>
    made.schedule.ok ? made.schedule.jobs.find((job) => job.key === key)![which] : NaN;
  test('a glaze is reduced, a dip is made, a slurry is stirred, each before the heat', () => {
    for (const [way, marinade, key] of [
      ['flat-skewers', held({ holdBackFor: 'glaze' }), 'glaze'],
      ['flat-skewers', held({ holdBackFor: 'dip' }), 'dip'],
      ['stir-fry', soyFennel, 'slurry'],
      ['table-grill', soyFennel, 'dip'],
    ] as const) {
      const made = plan({ way }, 'beef-flank', marinade);
      expect(keys(made)).toContain(key);
      expect(minute(made, key, 'endMs')).toBeLessThanOrEqual(minute(made, 'cook', 'startMs'));
    }
    expect(keys(plan({ pins: { holdBackShare: 0 } }))).not.toContain('slurry');
  });
  test('nobody is told to taste raw egg or flour, nor to serve it as a dip', () => {
    const text = (key: 'mix' | 'dip', ...more: Marinade['lines'][number][]) => {
      const inputs = answers({ cutId: 'beef-flank', way: 'table-grill' });
      const where = around('beef-flank', held({ holdBackFor: 'dip', lines: [...soyFennel.lines, ...more] }));
      return jobWords({ key }, { plan: planBatch(inputs, where), inputs, around: where }, STYLE).text;
    };
    expect(text('mix')).toContain('Taste it now.');
    expect(text('dip')).not.toMatch(/cook it through/);
    for (const id of ['egg', 'egg-white', 'flour', 'rice-flour']) {
      expect([id, text('mix', line(id, 30))]).toEqual([
        id,
        expect.stringMatching(/Taste it before raw egg or flour goes in/),
      ]);
      expect([id, text('dip', line(id, 30))]).toEqual([id, expect.stringMatching(/cook it through first/)]);
    }
  });
  test('what was taken after mixing is boiled first', () => {
    const inputs = answers({ cutId: 'beef-flank', way: 'flat-skewers', pins: { splitAfterMixing: true } });
    const where = around('beef-flank', held({ holdBackFor: 'glaze' }));
    const made = planBatch(inputs, where);
    expect(jobWords({ key: 'glaze' }, { plan: made, inputs, around: where }, STYLE).text).toMatch(/rolling boil first/);
    expect(cautionsAt('glaze', made.cautions).map(({ code }) => code)).toContain('held-back-raw');
  });
  test('a mix from the stove cools before it meets the meat, in iced water much sooner', () => {
    const hot = held({ heated: true });
    const [bench, ice] = [plan({}, 'beef-flank', hot), plan({ pins: { coolIn: 'ice-bath' } }, 'beef-flank', hot)];
    expect(minute(bench, 'mix', 'endMs')).toBe(minute(bench, 'cool', 'startMs'));
    expect(minute(bench, 'cool', 'endMs')).toBeLessThanOrEqual(minute(bench, 'coat', 'startMs'));
    expect(ice.sides.cooling!.minutes.to).toBeLessThan(bench.sides.cooling!.minutes.to / 3);
    expect(codes(bench)).toContain('cool-first');
    expect(keys(plan())).not.toContain('cool');
  });
});

describe('turning', () => {
  const turns = (marinadeMin: number) => {
    const made = plan({ way: 'flat-skewers', pins: { marinadeMin } }, 'beef-flank', dryCumin);
    if (!made.schedule.ok) throw new Error('refused');
    return made.schedule.jobs
      .filter(({ key }) => key.startsWith('turn'))
      .map(({ startMs }) =>
        new Date(startMs).toLocaleTimeString('en-GB', {
          timeZone: 'Europe/London',
          hour: '2-digit',
          minute: '2-digit',
        }),
      );
  };
  test('morning and evening in a long marinade, on the kitchen clock (common practice)', () => {
    expect(turns(24 * 60)).toEqual(['20:00', '08:00']);
    expect(turns(48 * 60)).toEqual(['20:00', '08:00', '20:00', '08:00']);
  });
  test('once half-way in a shorter one, not at all in a short one', () => {
    expect(turns(240)).toHaveLength(1);
    expect(turns(60)).toEqual([]);
  });
  test('every turn is a job of its own', () => {
    const made = plan({ way: 'flat-skewers', pins: { marinadeMin: 4320 } }, 'beef-flank', dryCumin);
    const all = keys(made);
    expect(new Set(all).size).toBe(all.length);
    expect(all.filter((key) => key.startsWith('turn'))).toHaveLength(6);
  });
});
