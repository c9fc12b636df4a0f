import fc from 'fast-check';
import { soda, SODA_G_PER_TSP, SODA_PRACTICE, SODIUM_IN_SODA, sodiumLeftMg } from '.';

test('without a rinse all sodium stays; a range of one rinse either way holds what each rinse leaves', () => {
  expect(sodiumLeftMg({ sodiumMg: 1000, rinses: 0 })).toEqual({ from: 1000, to: 1000 });
  const { from, to } = sodiumLeftMg({ sodiumMg: 1000, rinses: 1 });
  expect([from, to]).toEqual([expect.closeTo(302.5, 6), 1000]);
  expect(sodiumLeftMg({ sodiumMg: 1000, rinses: 3 }).to).toBeLessThan(to);
});

const thin = { massG: 1000, thicknessMm: 5 };

test('sodium in soda from the molar masses of NaHCO3 (IUPAC atomic weights)', () =>
  expect(SODIUM_IN_SODA).toBeCloseTo(22.99 / (22.99 + 1.008 + 12.011 + 3 * 15.999), 4));

test('soda left in at 1 % warns of soapiness and adds 2.7 g sodium per kilogram', () => {
  const advice = soda({ ...thin, school: 'leave-in', percent: 1, minutes: 20 });
  expect(advice.verdict).toBe('effective, soapy');
  expect(advice.sodiumMg / 1000).toBeCloseTo(2.74, 2);
});

describe('indices (fitted to kitchen practice, from memory)', () => {
  test.each([
    [0.3, 10, 0, 0.47, 0.47, 'effective, clean'],
    [0.3, 30, 0, 0.71, 0.71, 'effective, clean'],
    [0.4, 20, 0, 0.86, 0.86, 'effective, clean'],
    [0.5, 10, 0, 0.79, 0.79, 'effective, clean'],
    [0.5, 30, 0, 1.19, 1.19, 'effective, clean'],
    [1.2, 20, 2, 2.59, 0.78, 'effective, clean'],
    [1.5, 25, 2, 3.44, 1.04, 'effective, clean'],
    [2, 30, 3, 4.75, 0.79, 'effective, clean'],
    [2.8, 30, 3, 6.65, 1.11, 'effective, clean'],
    [2.8, 20, 2, 6.05, 1.83, 'effective, borderline'],
    [1.5, 25, 0, 3.44, 3.44, 'effective, soapy'],
    [1, 20, 0, 2.16, 2.16, 'effective, soapy'],
    [0.1, 30, 0, 0.24, 0.24, 'weak, clean'],
  ])('%f %% for %d min with %d rinses', (percent, minutes, rinses, strength, taste, verdict) => {
    const advice = soda({ ...thin, school: 'rinse-off', percent, minutes, rinses });
    expect(advice.strength).toBeCloseTo(strength, 1);
    expect(Math.abs(advice.strength - strength)).toBeLessThan(0.01);
    expect(Math.abs(advice.taste - taste)).toBeLessThan(0.01);
    expect(advice.verdict).toBe(verdict);
  });
});

describe('doses people use lie in the advice (common practice)', () => {
  const percentOf = (teaspoons: number, massG: number) => (100 * teaspoons * SODA_G_PER_TSP) / massG;
  test('1 1/2 tsp to the pound, rinsed', () => {
    const { from, to } = SODA_PRACTICE['rinse-off'].percent;
    expect(percentOf(1.5, 453.59)).toBeGreaterThanOrEqual(from);
    expect(percentOf(1.5, 453.59)).toBeLessThanOrEqual(to);
  });
  test('1/4 tsp to 280 g, left in', () =>
    expect(percentOf(0.25, 280)).toBeCloseTo(SODA_PRACTICE['leave-in'].percent.usual, 1));
  test('20 to 30 minutes, rinsed in 2 to 3 changes, 20 minutes draining', () =>
    expect(soda({ ...thin, school: 'rinse-off' })).toMatchObject({
      minutes: { from: 20, to: 30 },
      rinses: 3,
      drainMin: 20,
    }));
});

test('amounts follow the weight in proportion and times not at all; times never fall with thickness', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 50, max: 30_000, noNaN: true }),
      fc.double({ min: 1, max: 30, noNaN: true }),
      fc.constantFrom('leave-in' as const, 'rinse-off' as const),
      (massG, thicknessMm, school) => {
        const one = soda({ massG, thicknessMm, school });
        const three = soda({ massG: 3 * massG, thicknessMm, school });
        expect(three.sodaG).toBeCloseTo(3 * one.sodaG, 6);
        expect(three.minutes).toEqual(one.minutes);
        expect(soda({ massG, thicknessMm: thicknessMm * 1.5, school }).minutes.to).toBeGreaterThanOrEqual(
          one.minutes.to,
        );
      },
    ),
  ));

test('nothing weighs nothing', () =>
  expect(() => soda({ massG: 0, thicknessMm: 4, school: 'leave-in' })).toThrow(RangeError));
