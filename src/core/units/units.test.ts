import fc from 'fast-check';
import {
  areaFigure,
  joinFigure,
  formatDuration,
  formatLength,
  formatMass,
  formatMassRange,
  formatRoughly,
  formatTemperature,
  fromMeasures,
  G_PER_LB,
  ML_PER_CUP,
  ML_PER_TBSP,
  ML_PER_TSP,
  parseDuration,
  parseLength,
  parseMass,
  parseNumber,
  parseSides,
  parseTemperature,
  roughSpoons,
  toMeasures,
  readKindly,
  USUAL_MEASURES,
  WEIGH_IT,
} from '.';

const mass = (text: string, decimalComma = false) =>
  parseMass(text, { bareUnit: 'g', min: 1, max: 30_000, decimalComma });
const length = (text: string) => parseLength(text, { bareUnit: 'mm', min: 1, max: 1000 });

describe('customary units (exact definitions, NIST Handbook 44 appendix C)', () => {
  test.each([
    [G_PER_LB, 453.59237],
    [ML_PER_CUP, 236.5882365],
    [ML_PER_TSP, 4.92892159375],
    [ML_PER_TBSP, 14.78676478125],
  ])('%f is exactly %f', (ours, exact) => expect(ours).toBe(exact));
});

test('what rounds to nothing has no sign', () => {
  expect(formatTemperature(-18, { system: 'us', locale: 'en-US' })).toBe('0 °F');
  expect(formatTemperature(-18, { system: 'metric', locale: 'en-GB' })).toBe('-18 °C');
});

describe('what a cook types', () => {
  test.each([
    ['1 1/2 lb', 680.388555],
    ['1½ lb', 680.388555],
    ['700 g', 700],
    ['700', 700],
    ['0.7kg', 700],
    ['0,7 kg', 700],
    ['1 lb 4 oz', 566.9904625],
    ['1,250 g', 1250],
    ['one pound', 453.59237],
    ['half a pound', 226.796185],
    ['3/4 lb', 340.1942775],
    ['16 ounces', 453.59237],
    ['1.25 KG', 1250],
    ['1 1⁄2 lb', 680.388555],
  ])('%s is a weight of %f g', (text, massG) =>
    expect(mass(text)).toEqual({ ok: true, value: expect.closeTo(massG, 6) }),
  );

  test.each([
    ['1/4 in', 6.35],
    ['6mm', 6],
    ['quarter inch', 6.35],
    ['a quarter of an inch', 6.35],
    ['three quarters of an inch', 19.05],
    ['2.5 cm', 25],
    ['1 1/4"', 31.75],
    ['6', 6],
    ['¼ inch', 6.35],
  ])('%s is a length of %f mm', (text, mm) => expect(length(text)).toEqual({ ok: true, value: expect.closeTo(mm, 6) }));

  test.each([
    ['2 h 10', 130],
    ['90', 90],
    ['1:30', 90],
    ['1 1/2 h', 90],
    ['45 min', 45],
  ])('%s is %d minutes', (text, minutes) =>
    expect(parseDuration(text, { bareUnit: 'min' })).toEqual({ ok: true, value: minutes }),
  );

  test('a comma groups thousands or marks decimals as the locale writes it', () => {
    expect(mass('1,250 kg', true)).toEqual({ ok: true, value: 1250 });
    expect(mass('1,250 g', false)).toEqual({ ok: true, value: 1250 });
    expect(mass('1.250 g', true)).toEqual({ ok: true, value: 1250 });
  });

  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['lots', 'not-a-number'],
    ['-5 g', 'not-a-number'],
    ['NaN', 'not-a-number'],
    ['Infinity kg', 'not-a-number'],
    ['5 miles', 'unknown-unit'],
    ['0 g', 'too-small'],
    ['900 kg', 'too-large'],
    ['1e9', 'unknown-unit'],
    ['<script>alert(1)</script>', 'not-a-number'],
    ['1/0 lb', 'unknown-unit'],
    ['6mm', 'unknown-unit'],
    ['1.2.3 g', 'not-a-number'],
  ])('%j is refused as a weight: %s', (text, code) =>
    expect(mass(text)).toMatchObject({ ok: false, problem: { code } }),
  );

  test('10 kB of text is refused at once', () => expect(mass('1 g '.repeat(2500))).toMatchObject({ ok: false }));

  test('never throws and never yields a number outside the limits', () =>
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = mass(text);
        if (read.ok) expect(read.value >= 1 && read.value <= 30_000).toBe(true);
      }),
    ));

  test('words for a number end where the unit begins', () =>
    expect(parseNumber('half a pound')).toEqual({ ok: true, value: { value: 0.5, rest: 'pound' } }));
});

describe('the sides of a piece', () => {
  const sides = (text: string) => parseSides(text, { bareUnit: 'mm', min: 5, max: 200, side: { min: 10, max: 1000 } });
  test.each([
    ['45', { heightMm: 45 }],
    ['200 x 120 x 45', { lengthMm: 200, widthMm: 120, heightMm: 45 }],
    ['200 × 120 × 45 mm', { lengthMm: 200, widthMm: 120, heightMm: 45 }],
    ['200x120x45mm', { lengthMm: 200, widthMm: 120, heightMm: 45 }],
    ['8 by 5 by 2 in', { lengthMm: 203.2, widthMm: 127, heightMm: 50.8 }],
    ['20 cm x 12 cm x 45 mm', { lengthMm: 200, widthMm: 120, heightMm: 45 }],
    ['8 x 5 x 1 3/4 inches', { lengthMm: 203.2, widthMm: 127, heightMm: 44.45 }],
  ])('%s', (text, read) =>
    expect(sides(text)).toEqual({
      ok: true,
      value: Object.fromEntries(Object.entries(read).map(([side, mm]) => [side, expect.closeTo(mm, 6)])),
    }),
  );
  test.each([
    ['200 x 45', 'not-a-number'],
    ['200 x x 45', 'empty'],
    ['2000 x 100 x 45', 'too-large'],
    ['200 x 100 x 450', 'too-large'],
    ['200 x -1 x 45', 'not-a-number'],
    ['1 x 2 x 3 x 4', 'not-a-number'],
    ['a x b x c', 'not-a-number'],
  ])('%s is refused: %s', (text, code) => expect(sides(text)).toMatchObject({ ok: false, problem: { code } }));
});

test.each([
  [47, '45 min'],
  [408, '7 h'],
  [150, '2 h 30'],
  [1447, '24 h'],
  [1, '5 min'],
])('%d min is said roughly: %s', (minutes, said) => expect(formatRoughly(minutes)).toBe(said));

test.each([
  ['21', 'c', 21],
  ['70 °F', 'c', 21.1111],
  ['-18', 'c', -18],
  ['70', 'f', 21.1111],
  ['33 C', 'f', 33],
  ['−5 °C', 'c', -5],
])('%s is a temperature (%s) of %f °C', (text, bareUnit, tempC) =>
  expect(parseTemperature(text, { bareUnit })).toEqual({ ok: true, value: expect.closeTo(tempC, 3) }),
);
test('warm is not a temperature', () =>
  expect(parseTemperature('warm', { bareUnit: 'c' })).toMatchObject({ ok: false }));

describe('figures', () => {
  const metric = { system: 'metric', locale: 'en-GB' } as const;
  const us = { system: 'us', locale: 'en-US' } as const;
  test.each([
    [formatMass(1250, metric), '1.25 kg'],
    [formatMass(35, metric), '35 g'],
    [formatMassRange({ from: 21, to: 56 }, us), '0.7 to 2 oz'],
    [formatMassRange({ from: 21, to: 56 }, metric), '21 to 56 g'],
    [formatMassRange({ from: 900, to: 1200 }, metric), '0.9 to 1.2 kg'],
    [formatMass(680.4, us), '1.5 lb'],
    [formatLength(6.35, us), '1/4 in'],
    [formatLength(4, metric), '4 mm'],
    [formatLength(4, us), '5/32 in'],
    [formatMass(1250, { system: 'metric', locale: 'de-DE' }), '1,25 kg'],
    [joinFigure(areaFigure(0.5, us)), '5.4 ft²'],
    [joinFigure(areaFigure(0.5, metric)), '0.5 m²'],
    [formatDuration(130), '2 h 10'],
    [formatDuration(59.7), '1 h'],
  ])('%s', (shown, wanted) => expect(shown).toBe(wanted));
});

describe('spoons and cups', () => {
  test.each([
    [ML_PER_CUP / 2 + ML_PER_TBSP, '½ cup + 1 tbsp'],
    [ML_PER_CUP / 8, 'half of your ¼ cup'],
    [ML_PER_TSP * 4.5, '1 tbsp + 1 ½ tsp'],
    [ML_PER_TSP * 2, '2 tsp'],
    [ML_PER_CUP, '1 cup'],
    [ML_PER_TSP / 8, 'half of your ¼ tsp'],
  ])('%f ml is within 5 percent of what is said', (volumeMl) => {
    const measured = toMeasures(volumeMl);
    expect(Math.abs(measured.errorPercent)).toBeLessThanOrEqual(5);
  });
  test('says plain things plainly', () => {
    expect(toMeasures(ML_PER_TSP * 2).spoken).toBe('2 tsp');
    expect(toMeasures(ML_PER_CUP / 8).spoken).toMatch(/half of your ¼ cup|2 tbsp/);
    expect(toMeasures(ML_PER_CUP / 2 + ML_PER_TBSP).spoken).toBe('½ cup + 1 tbsp');
  });
  test('what no measure holds: pinches of a sixteenth of a teaspoon (common practice), and words where even they say nothing', () => {
    expect(toMeasures(0.3)).toMatchObject({ spoken: 'a pinch', volumeMl: ML_PER_TSP / 16 });
    expect(toMeasures(0.1)).toEqual({ parts: [], spoken: 'a pinch', volumeMl: 0.1, errorPercent: 0 });
    const spoons = USUAL_MEASURES.filter(({ id }) => id === 'tsp');
    expect(toMeasures(0.95, spoons).spoken).toBe('3 pinches');
    const cups = USUAL_MEASURES.filter(({ id }) => id === 'cup-1/4');
    expect(toMeasures(10, cups)).toMatchObject({ spoken: WEIGH_IT, errorPercent: 0 });
    // No scoop that misses by a quarter, and nobody fills one a hundred times.
    expect(
      toMeasures(
        600,
        USUAL_MEASURES.filter(({ id }) => id === 'tsp-1/2'),
      ).spoken,
    ).toBe(WEIGH_IT);
    for (const volumeMl of [0.2, 0.5, 0.95, 1.3])
      expect(fromMeasures(toMeasures(volumeMl, spoons).spoken)).toMatchObject({
        ok: true,
        value: { volumeMl: expect.closeTo(toMeasures(volumeMl, spoons).volumeMl, 6) },
      });
  });
  test('what need not be exact is said to half a spoon', () => {
    expect([1, 4.9, 8.1, 13, 22, 60].map(roughSpoons)).toEqual([
      '½ tsp',
      '1 tsp',
      '1½ tsp',
      '1 tbsp',
      '1½ tbsp',
      '4 tbsp',
    ]);
    expect(() => roughSpoons(0)).toThrow(RangeError);
  });
  test('uses only the measures the cook owns', () => {
    const owned = USUAL_MEASURES.filter(({ id }) => id === 'cup-1/4');
    expect(toMeasures(ML_PER_CUP / 8, owned).spoken).toBe('half of your ¼ cup');
    expect(toMeasures(ML_PER_CUP, owned).parts).toEqual([{ measureId: 'cup-1/4', count: 4, half: false }]);
  });
  test('states the error of what it says, and reads its own words back', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.7, max: 5000, noNaN: true }), (volumeMl) => {
        const measured = toMeasures(volumeMl);
        expect(volumeMl * (1 + measured.errorPercent / 100)).toBeCloseTo(measured.volumeMl, 6);
        if (measured.parts.length === 0) return;
        const back = fromMeasures(measured.spoken);
        expect(back).toEqual({ ok: true, value: { volumeMl: expect.closeTo(measured.volumeMl, 6), errorPercent: 0 } });
      }),
    ));
  test('three halves are one and a half, never three of the smaller', () => {
    expect(toMeasures(1.5 * ML_PER_TSP).spoken).toBe('1 tsp + ½ tsp');
    fc.assert(
      fc.property(fc.double({ min: 1.2, max: 3000, noNaN: true }), (volumeMl) =>
        expect(toMeasures(volumeMl).spoken).not.toMatch(/\d × [½¼]/),
      ),
    );
  });
  test('stays within 6 percent from two tablespoons up, below within as much or a quarter of a teaspoon', () =>
    fc.assert(
      fc.property(fc.double({ min: 1.2, max: 3000, noNaN: true }), (volumeMl) => {
        expect(Math.abs(toMeasures(volumeMl).errorPercent)).toBeLessThanOrEqual(
          volumeMl < 2 * ML_PER_TBSP ? Math.max((25 * ML_PER_TSP) / volumeMl, 6) + 1e-6 : 6,
        );
      }),
    ));
  test('a heaped teaspoon holds 1.5 to 2 level ones (common practice)', () => {
    const read = fromMeasures('2 heaped tsp');
    expect(read).toMatchObject({ ok: true });
    if (read.ok) {
      expect(read.value.volumeMl * (1 - read.value.errorPercent / 100)).toBeCloseTo(3 * ML_PER_TSP, 6);
      expect(read.value.volumeMl * (1 + read.value.errorPercent / 100)).toBeCloseTo(4 * ML_PER_TSP, 6);
    }
  });
  test('refuses nonsense', () => {
    expect(() => toMeasures(0)).toThrow(RangeError);
    expect(() => toMeasures(NaN)).toThrow(RangeError);
    expect(fromMeasures('three handfuls')).toMatchObject({ ok: false });
  });
});

describe('what leaves something open is read kindly, and said', () => {
  const massIn = (text: string, bareUnit: string) => parseMass(text, { bareUnit, min: 50, max: 30_000 });
  const lengthIn = (text: string, bareUnit: string) => parseLength(text, { bareUnit, min: 1, max: 200 });
  test.each([
    ['700', ['lb', 'g'], 700, { as: 'unit', unit: 'g' }],
    ['2', ['g', 'kg', 'lb'], 2000, { as: 'unit', unit: 'kg' }],
    ['1.5', ['lb', 'g'], 1.5 * G_PER_LB, undefined],
    ['700', ['g', 'kg'], 700, undefined],
    ['600-800', ['g', 'kg'], 700, { as: 'middle', from: 600, to: 800 }],
    ['1-1/2 lb', ['g', 'kg'], 1.5 * G_PER_LB, undefined],
    ['1 to 2 kg', ['g', 'kg'], 1500, { as: 'middle', from: 1000, to: 2000 }],
  ] as const)('%s in %j: %d g', (text, units, massG, readAs) => {
    const read = readKindly(text, massIn, units);
    expect(read).toMatchObject({ ok: true, value: expect.closeTo(massG, 6) });
    if (read.ok) expect(read.readAs).toEqual(readAs);
  });
  test.each([
    ['2-3', ['mm', 'in'], 2.5],
    ['3-4 mm', ['in', 'mm'], 3.5],
    ['45', ['in', 'mm'], 45],
    ['1/4 in', ['mm', 'in'], 6.35],
  ] as const)('%s in %j: %d mm', (text, units, mm) =>
    expect(readKindly(text, lengthIn, units)).toMatchObject({ ok: true, value: expect.closeTo(mm, 6) }),
  );
  test.each(['nonsense', '9000 kg', '0', '-', '3-'])('%s stays a problem', (text) =>
    expect(readKindly(text, massIn, ['g', 'kg']).ok).toBe(false),
  );
});

test('something is never said as nothing', () => {
  const [metric, us] = [
    { system: 'metric', locale: 'en' },
    { system: 'us', locale: 'en-US' },
  ] as const;
  expect(formatMass(0.02, metric)).toBe('0.02 g');
  expect(formatMass(0.004, us)).toBe('0.004 g');
  expect(formatLength(0.03, metric)).toBe('0.03 mm');
  expect(formatLength(0.05, us)).toBe('0.002 in');
  expect(formatMass(0, metric)).toBe('0 g');
});
