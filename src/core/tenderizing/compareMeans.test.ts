import fc from 'fast-check';
import { biteOf, compareMeans, MEANS } from '.';

const input = {
  cut: { work: 'hard' },
  shape: 'ribbons',
  fibreLengthMm: 4,
  thicknessMm: 4,
  massG: 800,
  fruitExposure: 0,
} as const;
const of = (change: Partial<Parameters<typeof compareMeans>[0]> = {}) =>
  Object.fromEntries(compareMeans({ ...input, ...change }).map((one) => [one.means, one]));

describe('means to tenderize, side by side', () => {
  test('soda is never for cubes (common practice), force is', () =>
    expect(of({ shape: 'cubes', thicknessMm: 25 })).toMatchObject({
      'soda-left-in': { fits: false },
      'soda-rinsed': { fits: false },
      fruit: { fits: false },
      pounding: { fits: true },
    }));
  test('soda stays in strips up to 7 mm, the usual edge (common practice)', () =>
    expect([of({ thicknessMm: 7 })['soda-left-in']!.fits, of({ thicknessMm: 7.5 })['soda-left-in']!.fits]).toEqual([
      true,
      false,
    ]));
  test('shaved slices take neither mallet nor needles, strips no needles', () => {
    expect(of({ shape: 'shaved' })).toMatchObject({
      pounding: { fits: false },
      needling: { fits: false },
      scoring: { fits: false },
    });
    expect(of({ shape: 'strips' })).toMatchObject({ pounding: { fits: true }, needling: { fits: false } });
  });
  test('left in at 0.4 % it adds 109 mg sodium to 100 g (molar masses)', () =>
    expect(of()['soda-left-in']!.sodiumMgPer100G.from).toBeCloseTo(109.5, 0));
  test('a per cent of salt early is 393 mg sodium to 100 g (molar masses)', () =>
    expect(of().salt!.sodiumMgPer100G.from).toBeCloseTo((1000 * 22.98977) / 58.44277, 0));
  test('rinsing leaves a part of 411 mg, as a range', () => {
    const { from, to } = of()['soda-rinsed']!.sodiumMgPer100G;
    expect(from).toBeGreaterThan(10);
    expect(to).toBeLessThan(411);
    expect(to).toBeGreaterThan(from);
  });
  test('needles and scores carry their caution, fruit and soda together go too soft', () => {
    expect([of().needling!.risk, of().scoring!.risk, of().pounding!.risk]).toEqual(['pierced', 'pierced', 'uneven']);
    expect(of({ fruitExposure: 1 })['soda-rinsed']!.risk).toBe('too-soft');
  });
  test('hands grow with the weight, waiting does not', () => {
    const [one, three] = [of({ massG: 500 }), of({ massG: 1500 })];
    expect(three.pounding!.handsMin).toBeGreaterThan(one.pounding!.handsMin);
    expect(three['soda-rinsed']!.waitMin).toBe(one['soda-rinsed']!.waitMin);
  });
  test.each(['nothing', 'fruit', 'acid'])('%s takes no minutes and adds no sodium', (means) =>
    expect(of()[means]).toMatchObject({ handsMin: 0, waitMin: 0, sodiumMgPer100G: { from: 0, to: 0 } }),
  );
  test('what is a matter of the mix offers no choice by hand, everything else does', () =>
    expect(
      compareMeans(input)
        .filter(({ choice }) => !choice)
        .map(({ means }) => means),
    ).toEqual(['fruit', 'salt', 'acid', 'coat']));
  test.each([{ massG: 0 }, { thicknessMm: -1 }, { fibreLengthMm: 0 }])('%j is a bad call', (bad) =>
    expect(() => of(bad)).toThrow(RangeError),
  );
});

describe('bite', () => {
  const anyWork = fc.constantFrom('tender' as const, 'some' as const, 'hard' as const);
  const anyFibre = fc.double({ min: 1, max: 200, noNaN: true });
  const anyMeans = fc.subarray([...MEANS]);
  test('falls with every further means, rises with the fibres and with the work of the muscle, and stays on its scale', () =>
    fc.assert(
      fc.property(
        anyFibre,
        anyWork,
        fc.double({ min: 0, max: 5, noNaN: true }),
        anyMeans,
        fc.constantFrom(...MEANS),
        (fibreLengthMm, work, fruitExposure, means, further) => {
          const bite = (list: readonly (typeof MEANS)[number][], fibre = fibreLengthMm) =>
            biteOf({ cut: { work }, fibreLengthMm: fibre, fruitExposure, means: list });
          expect(bite([...means, further]).likely).toBeLessThanOrEqual(bite(means).likely + 1e-9);
          expect(bite(means, fibreLengthMm * 1.5).likely).toBeGreaterThanOrEqual(bite(means).likely);
          expect(bite(means).from >= 0 && bite(means).to <= 10 && bite(means).from <= bite(means).to).toBe(true);
          expect(biteOf({ cut: { work: 'hard' }, fibreLengthMm, fruitExposure, means }).likely).toBeGreaterThanOrEqual(
            biteOf({ cut: { work: 'tender' }, fibreLengthMm, fruitExposure, means }).likely,
          );
        },
      ),
    ));
  test('two means together take less than the product of both: they soften the same fibres', () => {
    const of = (...means: (typeof MEANS)[number][]) =>
      biteOf({ cut: { work: 'hard' }, fibreLengthMm: 4, fruitExposure: 0, means }).likely;
    expect(of('soda-rinsed', 'pounding')).toBeGreaterThan((of('soda-rinsed') * of('pounding')) / of('nothing'));
    expect(of('soda-rinsed', 'pounding')).toBeLessThan(of('soda-rinsed'));
  });
  test('pink is softer than cooked through, and a cook’s own tastings move it', () => {
    const bite = { cut: { work: 'some' }, fibreLengthMm: 4, fruitExposure: 0, means: ['nothing'] } as const;
    expect(biteOf({ ...bite, pink: true }).likely).toBeLessThan(biteOf(bite).likely);
    expect(biteOf({ ...bite, lnTasted: Math.log(1.2) }).likely / biteOf(bite).likely).toBeCloseTo(1.2, 9);
  });
});
