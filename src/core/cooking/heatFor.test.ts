import fc from 'fast-check';
import { PART_COOKED_WAIT_MAX_MIN } from '../safety';
import { bandOf, SHAPES, shapesOf, wayRecipe, WAYS } from '../ways';
import { directHeatCheck, heatFor, leastMinutesTo, type HeatInput } from '.';

const input: HeatInput = { way: 'stir-fry', massG: 600, thicknessMm: 4, centreC: 63, sugary: false };
const heat = (change: Partial<HeatInput> = {}) => heatFor({ ...input, ...change });

describe('what cooks do (common practice)', () => {
  test('thin skewers take 1 to 1.5 min a side, a table grill 2 to 3, a thin steak 1 to 2, cubes 25 to 30 in the oven', () => {
    expect(heat({ way: 'flat-skewers' }).minutesPerSide).toEqual({ from: 1, to: 1.5 });
    expect(heat({ way: 'table-grill', thicknessMm: 3 }).minutesPerSide).toEqual({ from: 2, to: 3 });
    expect(heat({ way: 'thin-steak', thicknessMm: 6 }).minutesPerSide).toEqual({ from: 1, to: 2 });
    const { minutesPerSide } = heat({ way: 'cube-skewers', thicknessMm: 25 });
    expect([2 * minutesPerSide.from, 2 * minutesPerSide.to]).toEqual([25, 30]);
  });
  test.each([
    ['stir-fry', 'strips', 3, 6],
    ['flat-skewers', 'ribbons', 3, 5],
    ['cube-skewers', 'cubes', 25, 30],
    ['table-grill', 'shaved', 2, 4],
    ['table-grill', 'unrolled', 5, 7],
    ['thin-steak', 'steaks', 10, 20],
  ] as const)('%s, %s: %d to %d mm', (way, shape, from, to) => expect(bandOf(way, shape)).toMatchObject({ from, to }));
  test('only a stir-fry finishes in the pan, five minutes with its sauce: everything else is done when its sides are', () => {
    for (const way of WAYS) expect([way, wayRecipe(way).heat.finishMin]).toEqual([way, way === 'stir-fry' ? 5 : 0]);
  });
  test('between rounds: a tray of cubes takes five minutes to turn and change, a grill of sticks three, pan and plate one', () =>
    expect(Object.fromEntries(WAYS.map((way) => [way, wayRecipe(way).heat.handlingMin]))).toMatchObject({
      'stir-fry': 1,
      'flat-skewers': 3,
      'cube-skewers': 5,
      'table-grill': 1,
    }));
  test('stir-fry slabs become strips of 6 mm', () => expect(wayRecipe('stir-fry').stripWidthMm).toBe(6));
});

test('every way has a usual shape, every shape a band, and what is usual lies in it', () => {
  for (const way of WAYS) {
    expect(shapesOf(way).length).toBeGreaterThan(0);
    for (const shape of SHAPES) {
      const { from, usual, to } = bandOf(way, shape);
      expect(usual).toBeGreaterThanOrEqual(from);
      expect(usual).toBeLessThanOrEqual(to);
    }
  }
});

describe('the least time any heat needs (slab, both faces at 100 °C, first term of the series)', () => {
  // From 5 °C to 63 and to 74 °C, seconds, worked out by hand from the series.
  test.each([
    [3, 8.3, 10.8],
    [6, 33, 42],
    [12, 133, 172],
    [20, 370, 470],
    [25, 577, 740],
    [50, 2310, 2950],
  ])('%d mm: %d s to 63 °C, %d s to 74 °C', (thicknessMm, whole, poultry) => {
    const seconds = (centreC: number) => 60 * leastMinutesTo({ thicknessMm, startC: 5, centreC });
    for (const share of [seconds(63) / whole, seconds(74) / poultry]) {
      expect(share).toBeGreaterThan(0.96);
      expect(share).toBeLessThan(1.04);
    }
  });
  test('agrees with the whole series where it is long enough', () => {
    const fourier = (leastMinutesTo({ thicknessMm: 20, startC: 5, centreC: 63 }) * 60 * 1.3e-7) / 0.01 ** 2;
    const theta = Array.from({ length: 30 }, (_, n) => {
      const root = ((2 * n + 1) * Math.PI) / 2;
      return ((2 * (-1) ** n) / root) * Math.exp(-(root ** 2) * fourier);
    }).reduce((sum, term) => sum + term);
    expect(100 - theta * 95).toBeCloseTo(63, 0);
  });
  test.each([{ thicknessMm: 0 }, { centreC: 100 }, { startC: 70 }])('%j is a bad call', (bad) =>
    expect(() => leastMinutesTo({ thicknessMm: 10, startC: 5, centreC: 63, ...bad })).toThrow(RangeError),
  );
});

describe('minutes at the heat follow the thickness', () => {
  test('a steak of 20 mm takes the bound to twice of it, both sides together', () =>
    expect(heat({ way: 'thin-steak', thicknessMm: 20 }).minutesPerSide).toEqual({ from: 3.5, to: 6.5 }));
  test('never below what physics allows, for any way, thickness and animal', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...WAYS),
        fc.double({ min: 1, max: 80, noNaN: true }),
        fc.constantFrom(63, 71, 74),
        (way, thicknessMm, centreC) => {
          const { minutesPerSide } = heat({ way, thicknessMm, centreC });
          expect(2 * minutesPerSide.from).toBeGreaterThanOrEqual(
            leastMinutesTo({ thicknessMm, startC: 5, centreC }) - 1e-9,
          );
          expect(minutesPerSide.to).toBeGreaterThanOrEqual(minutesPerSide.from);
        },
      ),
    ));
  test('direct heat alone: over 25 mm it is said, over 40 mm nothing is planned; the oven takes both', () => {
    expect([25, 25.1, 40, 40.1].map((mm) => directHeatCheck('thin-steak', mm))).toEqual([
      'fits',
      'thick',
      'thick',
      'refused',
    ]);
    expect(directHeatCheck('cube-skewers', 60)).toBe('fits');
  });
});

describe('rounds', () => {
  test('twice the meat is twice the rounds at most, and a round takes as long', () =>
    fc.assert(
      fc.property(fc.double({ min: 50, max: 15_000, noNaN: true }), fc.constantFrom(...WAYS), (massG, way) => {
        const [one, two] = [heat({ way, massG }), heat({ way, massG: 2 * massG })];
        expect(two.rounds).toBeGreaterThanOrEqual(one.rounds);
        expect(two.rounds).toBeLessThanOrEqual(2 * one.rounds);
        expect(two.minutesPerRound).toBe(one.minutesPerRound);
      }),
    ));
  test('half-cooked meat is back within a quarter of an hour, or each round is cooked through', () => {
    expect(heat({ massG: 1200 })).toMatchObject({ rounds: 4, finish: 'back-soon', partCookedWaitMin: 12 });
    expect(heat({ massG: 10_000 })).toMatchObject({ rounds: 34, finish: 'through', partCookedWaitMin: 0 });
    expect(heat({ massG: 10_000, finish: 'dishes' })).toMatchObject({ finish: 'dishes', dishes: 9, finishMin: 45 });
  });
  test('no plan lets it wait longer, whatever the weight', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 30_000, noNaN: true }),
        fc.constantFrom(...WAYS),
        fc.constantFrom(undefined, 'through' as const, 'dishes' as const),
        (massG, way, finish) =>
          expect(heat({ massG, way, finish }).partCookedWaitMin).toBeLessThanOrEqual(PART_COOKED_WAIT_MAX_MIN),
      ),
    ));
  test('whole pieces are not parted for the pan', () => {
    // 250 g steaks, a pan for 300 g: one at a time; 140 g ones: two.
    expect(heat({ way: 'thin-steak', massG: 1000, pieces: 4 })).toMatchObject({ rounds: 4, piecesPerRound: 1 });
    expect(heat({ way: 'thin-steak', massG: 700, pieces: 5 })).toMatchObject({ rounds: 3, piecesPerRound: 2 });
  });
  test('a sweet mix has one heat, not two', () => {
    expect(heat({ sugary: true }).setting).toBe('medium-high');
    expect(heat().setting).toBe('very-hot');
    expect(heat({ way: 'cube-skewers', sugary: true }).setting).toBe('oven-180');
  });
  test.each([{ massG: 0 }, { thicknessMm: 0 }])('%j is a bad call', (bad) =>
    expect(() => heat(bad)).toThrow(RangeError),
  );
});

test('part-cooked meat waits 15 min at most: this app’s own limit', () => expect(PART_COOKED_WAIT_MAX_MIN).toBe(15));
