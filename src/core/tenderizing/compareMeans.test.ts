import fc from 'fast-check';
import { biteOf, compareMeans, MEANS } from '.';

const input = { cut: { work: 'hard' }, shape: 'ribbons', fibreLengthMm: 4, thicknessMm: 4, massG: 800, fruitExposure: 0 } as const;
const of = (change: Partial<Parameters<typeof compareMeans>[0]> = {}) => Object.fromEntries(compareMeans({ ...input, ...change }).map((one) => [one.means, one]));

describe('ways to tenderize, side by side', () => {
  test('soda is never for cubes (common practice), force is', () => expect(of({ shape: 'cubes', thicknessMm: 25 })).toMatchObject({ 'soda-left-in': { fits: false }, 'soda-rinsed': { fits: false }, pounding: { fits: true } }));
  test('soda stays in strips up to 5 mm only (common practice)', () => expect([of({ thicknessMm: 5 })['soda-left-in']!.fits, of({ thicknessMm: 6 })['soda-left-in']!.fits]).toEqual([true, false]));
  test('left in at 0.4 % it adds 109 mg sodium to 100 g (molar masses)', () => expect(of()['soda-left-in']!.sodiumMgPer100G.from).toBeCloseTo(109.5, 0));
  test('rinsing leaves a part of 411 mg, as a range', () => {
    const { from, to } = of()['soda-rinsed']!.sodiumMgPer100G;
    expect(from).toBeGreaterThan(10);
    expect(to).toBeLessThan(411);
    expect(to).toBeGreaterThan(from);
  });
  test('needles carry their caution, fruit and soda together go too soft', () => {
    expect(of().needling!.risk).toBe('pierced');
    expect(of({ fruitExposure: 1 })['soda-rinsed']!.risk).toBe('too-soft');
  });
  test('hands grow with the weight, waiting does not', () => {
    const [one, three] = [of({ massG: 500 }), of({ massG: 1500 })];
    expect(three.pounding!.handsMin).toBeGreaterThan(one.pounding!.handsMin);
    expect(three['soda-rinsed']!.waitMin).toBe(one['soda-rinsed']!.waitMin);
  });
  test('bite falls with every means, rises with the fibres and with the work of the muscle, and stays on its scale', () =>
    fc.assert(fc.property(fc.double({ min: 1, max: 200, noNaN: true }), fc.constantFrom('tender' as const, 'some' as const, 'hard' as const), fc.double({ min: 0, max: 5, noNaN: true }), (fibreLengthMm, work, fruitExposure) => {
      const bite = (means: (typeof MEANS)[number], fibre = fibreLengthMm) => biteOf({ cut: { work }, fibreLengthMm: fibre, fruitExposure }, means);
      for (const means of MEANS) {
        expect(bite(means).likely).toBeLessThanOrEqual(bite('nothing').likely);
        expect(bite(means, fibreLengthMm * 1.5).likely).toBeGreaterThanOrEqual(bite(means).likely);
        expect(bite(means).from >= 0 && bite(means).to <= 10 && bite(means).from <= bite(means).to).toBe(true);
      }
      expect(biteOf({ cut: { work: 'hard' }, fibreLengthMm, fruitExposure }, 'nothing').likely).toBeGreaterThanOrEqual(biteOf({ cut: { work: 'tender' }, fibreLengthMm, fruitExposure }, 'nothing').likely);
    })));
  test.each([{ massG: 0 }, { thicknessMm: -1 }, { fibreLengthMm: 0 }])('%j is a bad call', (bad) => expect(() => of(bad)).toThrow(RangeError));
});
