import fc from 'fast-check';
import { COAT_PRACTICE } from '../marinades';
import { ADDED, biteOfPlan, enzyme, findFruit, worthAdding, type AdditionInput } from '.';

const input: AdditionInput = {
  cut: { work: 'hard' },
  shape: 'ribbons',
  thicknessMm: 4,
  fibreLengthMm: 4,
  tempC: 4,
  inPan: false,
  marinadeMin: 120,
  longestMin: 960,
  choice: { soda: 'rinse-off', force: 'none' },
  pierced: false,
  mix: { acid: false, fruitExposure: 0, saltPercent: 1.1, starchPercent: 1, sodaPercent: 0 },
};
const offered = (change: Partial<AdditionInput> = {}) => worthAdding({ ...input, ...change }).map(({ means }) => means);

describe('what a mix lacks (common practice)', () => {
  test('slices for the pan get a coat of starch, cubes and what has one do not', () => {
    const bare = { ...input.mix, starchPercent: 0 };
    expect(offered({ inPan: true, mix: bare, longestMin: 60 })).toEqual(['coat']);
    expect(offered({ inPan: true, longestMin: 60 })).toEqual([]);
    expect(offered({ inPan: true, mix: bare, shape: 'cubes', longestMin: 60 })).toEqual([]);
    expect(offered({ mix: bare, longestMin: 60 })).toEqual([]);
  });
  test('the coat that is offered is the low end of common practice', () =>
    expect(ADDED.starchPercent).toBe(COAT_PRACTICE.starchPercent.from));
  test('salt is offered to whole pieces that have time for it', () => {
    const mild = { ...input.mix, saltPercent: 0.4 };
    expect(offered({ shape: 'cubes', mix: mild })).toEqual(['salt']);
    expect(offered({ shape: 'cubes', mix: mild, marinadeMin: 10 })).toEqual([]);
    expect(offered({ shape: 'cubes' })).toEqual([]);
    expect(offered({ mix: mild, longestMin: 60 })).toEqual([]);
  });
  test('mild fruit is for tough slices with a night before them, and not on acid or on other fruit', () => {
    expect(offered()).toEqual(['fruit']);
    expect(worthAdding(input)[0]).toMatchObject({ insteadOfSoda: true });
    expect(worthAdding({ ...input, choice: { soda: 'skip', force: 'none' } })[0]).toMatchObject({
      insteadOfSoda: false,
    });
    for (const none of [
      { longestMin: 240 },
      { cut: { work: 'some' } },
      { cut: { work: 'tender' } },
      { shape: 'cubes' },
      { pierced: true },
      { mix: { ...input.mix, acid: true } },
      { mix: { ...input.mix, fruitExposure: 0.6 } },
    ] as const)
      expect(offered(none)).not.toContain('fruit');
  });
  test('the fruit that is offered is mild, and tender by then, never further', () => {
    const fruit = findFruit(ADDED.fruitId)!;
    expect(fruit.strength).toBe('mild');
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 10, noNaN: true }),
        fc.integer({ min: 30, max: 960 }),
        (thicknessMm, longestMin) => {
          const { verdict } = enzyme({
            fruit,
            dosePercent: ADDED.fruitPercent,
            thicknessMm,
            tempC: 4,
            hours: longestMin / 60,
          });
          expect(offered({ thicknessMm, longestMin }).includes('fruit')).toBe(verdict === 'tender');
        },
      ),
    );
  });
  test('what is added leaves less to bite through than the same plan without it', () => {
    const bare = { ...input.mix, starchPercent: 0, saltPercent: 0 };
    const choice = { soda: 'skip', force: 'none' } as const;
    const without = biteOfPlan({ cut: input.cut, fibreLengthMm: input.fibreLengthMm, mix: bare }, choice).likely;
    const added = (['strips', 'cubes'] as const).flatMap((shape) =>
      worthAdding({ ...input, shape, inPan: true, mix: bare, choice }),
    );
    expect(added.map(({ means }) => means)).toEqual(['coat', 'fruit', 'salt']);
    for (const { bite } of added) expect(bite.likely).toBeLessThan(without);
  });
});
