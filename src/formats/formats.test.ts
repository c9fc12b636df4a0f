import fc from 'fast-check';
import { INGREDIENTS, parseLines, STARTER_BOOK } from '@/core/marinades';
import { writeMarinade } from './markdown/writeMarinade';
import { readRecipe } from './recipeJsonLd/read';
import { writeRecipe } from './recipeJsonLd/write';

const nameOf = (id: string) => INGREDIENTS.find((one) => one.id === id)!.name;
const textOf = (entry: (typeof STARTER_BOOK)[number]) => ({
  ...entry,
  lines: entry.lines.map(({ ingredientId, massG, note = '' }) => ({ name: nameOf(ingredientId), massG, note })),
});

describe('recipe JSON-LD', () => {
  test('out and in again is the same, for the whole book', () => {
    for (const entry of STARTER_BOOK) {
      const { lines, ...read } = readRecipe(JSON.stringify(writeRecipe(textOf(entry))))!;
      expect(read).toMatchObject({
        name: entry.name,
        note: entry.note,
        ways: expect.arrayContaining(entry.ways),
        forMassG: entry.forMassG,
        minutes: entry.minutes,
        holdBackShare: entry.holdBackShare,
      });
      const back = parseLines(lines.map((line) => line.split(' | ')[0]!).join('\n'), INGREDIENTS);
      expect(back.map(({ ingredientId, massG }) => [ingredientId, massG])).toEqual(
        entry.lines.map(({ ingredientId, massG }) => [ingredientId, massG]),
      );
    }
  });
  test('finds a recipe in a graph of another page, and takes tags for what they are', () => {
    const page = {
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': ['Thing', 'Recipe'],
          name: 'River <b>marinade</b>',
          recipeIngredient: ['2 tbsp soy&nbsp;sauce', '<script>x</script>1 tsp honey', 7],
        },
      ],
    };
    expect(readRecipe(JSON.stringify(page))).toMatchObject({
      name: 'River marinade',
      lines: ['2 tbsp soy sauce', 'x 1 tsp honey'],
    });
  });
  test.each(['', 'not json', '[]', '{"@type":"Person"}', 'null', '7', '{"@type":"Recipe"}'])(
    '%s never throws',
    (text) => {
      const read = readRecipe(text);
      if (read) expect(read.lines).toEqual([]);
    },
  );
  test('anything that is JSON is taken or left, within bounds', () =>
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const read = readRecipe(
          JSON.stringify({
            '@type': 'Recipe',
            name: value,
            recipeIngredient: value,
            'marinade:forMassG': value,
            'marinade:minutes': value,
            'marinade:ways': value,
          }),
        )!;
        expect(read.name.length).toBeLessThanOrEqual(120);
        expect(read.forMassG === undefined || read.forMassG >= 50).toBe(true);
      }),
    ));
});

test('Markdown holds the lines, the measures and what to hold back; marks of its own are escaped', () => {
  const entry = STARTER_BOOK[0]!;
  const text = writeMarinade(
    { ...textOf(entry), name: '*Cumin*' },
    entry.lines.map(() => '1 tbsp'),
  );
  expect(text).toMatch(/^# \\\*Cumin\\\*\n/);
  expect(text).toContain('- 110 g Orange juice (1 tbsp)');
  expect(text).toContain('Hold back');
});
