import { planBatch } from '../batches';
import { WAYS } from '../ways';
import { CUTS } from '../pieces';
import {
  findIngredient,
  INGREDIENTS,
  SALT_BAND_PERCENT,
  saltLanding,
  scaleMarinade,
  STARTER_BOOK,
  USUAL_WATER_FRACTION,
  type Marinade,
} from '.';

const marinades: Marinade[] = STARTER_BOOK.map(({ lines, ...entry }) => ({
  ...entry,
  id: entry.name,
  lines: lines.map(({ ingredientId, massG, note }) => ({ ingredient: findIngredient(ingredientId)!, massG, note })),
}));

describe('the starter book', () => {
  test('uses only ingredients there are', () => {
    for (const { lines } of STARTER_BOOK) {
      for (const { ingredientId } of lines) expect(INGREDIENTS.map(({ id }) => id)).toContain(ingredientId);
    }
  });

  // The band the app itself calls "most like" (common practice); what is dried is saltier.
  test.each(marinades.map((one, index) => [one.name, one, STARTER_BOOK[index]!.ways] as const))(
    '%s lands in what most like',
    (_, marinade, ways) => {
      const { lines } = scaleMarinade(marinade, 1000);
      const meat = { meatG: 1000, meatWaterFraction: USUAL_WATER_FRACTION, holdBackShare: marinade.holdBackShare };
      const { from, to } = SALT_BAND_PERCENT;
      expect(saltLanding(lines, meat)).toBeGreaterThanOrEqual(from);
      expect(saltLanding(lines, meat)).toBeLessThanOrEqual(ways.includes('jerky') ? 1.5 : to);
    },
  );

  test('has something for every way, with and without soy', () => {
    for (const way of WAYS) {
      const fitting = marinades.filter((_, index) => STARTER_BOOK[index]!.ways.includes(way));
      const soy = fitting.map((one) => scaleMarinade(one, 1000).whole.allergens.includes('soy'));
      expect(soy).toContain(true);
      expect(soy).toContain(false);
    }
  });

  test('keeps strong fruit to an hour', () => {
    for (const marinade of marinades) {
      const strong = marinade.lines.some(({ ingredient, massG }) => ingredient.strongEnzyme && massG >= 20);
      if (strong) expect(marinade.minutes.to).toBeLessThanOrEqual(60);
    }
  });

  test('makes a safe plan of every cut in every way, each marinade in its turn', () => {
    for (const [index, cut] of CUTS.entries()) {
      for (const [turn, way] of WAYS.entries()) {
        // All marinades with a few cuts; with the others two of them each.
        for (const marinade of index % 12 === 0
          ? marinades
          : [marinades[(index + turn) % marinades.length]!, marinades[(index + 2 * turn + 5) % marinades.length]!]) {
          const plan = planBatch(
            {
              way,
              cutId: cut.id,
              massG: 1000,
              heightMm: cut.usualHeightMm,
              thicknessMm: 4,
              marinadeId: marinade.id,
              people: 5,
              tableAtMs: Date.UTC(2026, 5, 6, 12),
              pins: {},
            },
            { cut, marinade, zone: 'Europe/London', sodaIngredient: findIngredient('soda')! },
          );
          expect(plan.schedule.ok).toBe(true);
          expect(plan.marinate.uptake.equilibriumSaltPercent).toBeGreaterThan(0.37);
          expect(plan.marinate.uptake.equilibriumSaltPercent).toBeLessThan(1.6);
          expect(
            plan.cautions.filter(({ code }) => code === 'centre-temperature' || code === 'game-through'),
          ).toHaveLength(1);
        }
      }
    }
  });
});

test('every name of an ingredient finds that one', () => {
  for (const { id, name, otherNames } of INGREDIENTS)
    for (const one of [id, name, ...otherNames]) expect([one, findIngredient(one)?.id]).toEqual([one, id]);
});

test('names of ingredients find one ingredient each', () => {
  const names = INGREDIENTS.flatMap(({ name, otherNames }) => [name, ...otherNames].map((one) => one.toLowerCase()));
  expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
});
