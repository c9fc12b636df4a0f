import fc from 'fast-check';
import { reduceGlaze, slurryFor, SLURRY_WATER_PARTS } from '.';

describe('a glaze', () => {
  test('keeps half of what it began with, and takes the longer the more there is', () => {
    const [small, large] = [reduceGlaze(100), reduceGlaze(300)];
    expect(small.toMl).toBe(50);
    expect(large.minutes.from).toBeGreaterThan(small.minutes.from);
    expect(small.minutes.from).toBeLessThan(small.minutes.to);
  });
  test('a cupful takes about a quarter of an hour (own estimate around common practice)', () => {
    const { from, to } = reduceGlaze(240).minutes;
    expect(from).toBeLessThanOrEqual(15);
    expect(to).toBeGreaterThanOrEqual(15);
  });
  test.each([0, -5, NaN])('from %p ml is a bad call', (ml) => expect(() => reduceGlaze(ml)).toThrow(RangeError));
});

describe('a slurry', () => {
  const bare = { heldBackMl: 60, people: 4, starchOnMeatG: 0 };
  test('is one part of starch to two of water by spoons (common practice)', () => {
    const { starchG, waterMl } = slurryFor(bare);
    expect(waterMl / (starchG / 0.54)).toBeCloseTo(SLURRY_WATER_PARTS, 9);
  });
  test('takes less where the meat carried starch into the pan (common practice), never none', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        (starchOnMeatG, people) => {
          const [without, carried] = [slurryFor({ ...bare, people }), slurryFor({ ...bare, people, starchOnMeatG })];
          expect(carried.starchG).toBeLessThanOrEqual(without.starchG);
          expect(carried.starchG).toBeGreaterThan(0);
        },
      ),
    ));
  test('tops up a small held-back part for more people, and leaves a large one as it is', () => {
    expect(slurryFor({ ...bare, people: 10 }).topUpMl).toBe(240);
    expect(slurryFor({ ...bare, heldBackMl: 500 })).toMatchObject({ sauceMl: 500, topUpMl: 0 });
  });
  test.each([{ heldBackMl: 0 }, { people: 0 }, { starchOnMeatG: -1 }])('%j is a bad call', (bad) =>
    expect(() => slurryFor({ ...bare, ...bad })).toThrow(RangeError),
  );
});
