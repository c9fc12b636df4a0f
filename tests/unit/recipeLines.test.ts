import { INGREDIENTS, parseLines } from '@/core/marinades';
import { RECIPE_LINES } from '../fixtures/recipeLines';

const read = (text: string) => parseLines(text, INGREDIENTS)[0]!;

test('the table has at least 200 lines beside the sixty of the unit tests', () =>
  expect(RECIPE_LINES.length).toBeGreaterThanOrEqual(200));

test.each(RECIPE_LINES.map(([text, names, massG]) => ({ text, names, massG })))(
  '$text: $names',
  ({ text, names, massG }) => {
    const line = read(text);
    const said = line.flags.includes('curing-salt')
      ? 'curing'
      : line.suggestionId
        ? `${line.suggestionId}?`
        : line.ingredientId;
    expect(said).toBe(names);
    if (massG !== undefined) expect(line.massG! / massG).toBeCloseTo(1, 1);
  },
);

test('what is asked about, not known or kept out counts as unread', () => {
  for (const [text, names] of RECIPE_LINES) {
    const line = read(text);
    const open = names === null || names === 'curing' || names.endsWith('?');
    expect([text, line.ingredientId === null]).toEqual([text, open]);
    if (open)
      expect(line.flags.some((flag) => ['unknown-ingredient', 'read-as', 'curing-salt'].includes(flag))).toBe(true);
  }
});
