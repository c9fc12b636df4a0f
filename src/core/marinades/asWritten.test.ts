import { asWritten } from './asWritten';
import { findIngredient, INGREDIENTS } from './ingredients';
import { measureLine } from './measureIngredient';
import { parseLines } from './parseLines';

/** Each line as a cook wrote it, and what it is at a share of that. */
const SAID: readonly [line: string, times: number, spoken: string | undefined][] = [
  ['1/2 cup soy sauce', 1, '½ cup'],
  ['1/2 cup soy sauce', 2, '1 cup'],
  ['1/2 cup soy sauce', 4.5, '2¼ cups'],
  ['1/2 cup soy sauce', 4 / 3, '⅔ cup'],
  ['1/2 cup soy sauce', 0.25, '⅛ cup'],
  ['1/2 cup soy sauce', 0.16, undefined],
  ['1/2 cup soy sauce', 40, undefined],
  ['2 tbsp honey', 1, '2 tbsp'],
  ['2 tbsp honey', 0.75, '1½ tbsp'],
  ['2 tbsp honey', 0.6, undefined],
  ['1 tsp black pepper', 3, '3 tsp'],
  ['1 tsp black pepper', 8, undefined],
  ['3 cloves garlic', 2, '6 cloves'],
  ['3 cloves garlic', 0.5, '1½ cloves'],
  ['2 EL Sojasauce', 1.5, '3 EL'],
  ['1 TL Honig', 2, '2 TL'],
  ['2.5 cm ginger', 2, '5 cm'],
  ['1 inch ginger', 1.5, '1½ in'],
  ['60 g soy sauce', 1, undefined],
  ['1 lb 4 oz tomatoes', 1, undefined],
];

test.each(SAID)('%s, times %d, is said as %s', (line, times, spoken) => {
  const [read] = parseLines(line, INGREDIENTS);
  const ingredient = findIngredient(read!.ingredientId!)!;
  const again = asWritten(read!.said, ingredient, read!.massG! * times);
  expect(again?.spoken).toBe(spoken);
  if (again) expect(Math.abs(again.errorPercent)).toBeLessThanOrEqual(5);
});

test('what is off by up to five in a hundred is still said, with its error; more is not', () => {
  const soy = findIngredient('soy-sauce')!;
  const cupG = parseLines('1 cup soy sauce', INGREDIENTS)[0]!.massG!;
  expect(asWritten('1 cup', soy, cupG / 1.04)).toMatchObject({ spoken: '1 cup', errorPercent: expect.closeTo(4, 5) });
  expect(asWritten('1 cup', soy, cupG * 1.06)).toBeUndefined();
  expect(asWritten('a good glug', soy, cupG)).toBeUndefined();
});

test('the measure of the cook comes first, whole pieces stand in brackets, and the drawer speaks where neither fits', () => {
  const lemon = findIngredient('lemon-juice')!;
  const cup = parseLines('1/2 cup lemon juice', INGREDIENTS)[0]!;
  const line = { ingredient: lemon, massG: cup.massG!, said: cup.said };
  expect(measureLine(line).spoken).toMatch(/^½ cup \(\d½? lemons?\)$/);
  expect(measureLine({ ...line, said: undefined }).spoken).toMatch(/^\d½? lemons?$/);
  const soy = findIngredient('soy-sauce')!;
  expect(measureLine({ ingredient: soy, massG: 14.4, said: '1/2 cup' }).spoken).toBe('2 tsp + ½ tsp');
});
