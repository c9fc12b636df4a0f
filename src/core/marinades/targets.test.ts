import fc from 'fast-check';
import { soyFennel, dryCumin } from '../../../tests/fixtures/batch';
import {
  ALLERGENS,
  COAT_PRACTICE,
  coatCheck,
  findIngredient,
  hasStandIn,
  INGREDIENTS,
  measureIngredient,
  meatForBag,
  saltLanding,
  scaleMarinade,
  solveSalt,
  solveSugar,
  substitute,
  type MarinadeLine,
} from '.';

const salt = findIngredient('salt-fine')!;
const sugar = findIngredient('sugar')!;
const meat = { meatG: 1000, meatWaterFraction: 0.72 };
const line = (id: string, massG: number): MarinadeLine => ({ ingredient: findIngredient(id)!, massG });
const total = (lines: readonly MarinadeLine[], fraction: 'saltFraction' | 'sugarFraction') =>
  lines.reduce((sum, { ingredient, massG }) => sum + massG * ingredient[fraction], 0);

describe('make it land at so much salt', () => {
  test('500 g of meat and 60 ml of soy sauce land at 1.80 % (Crank’s equilibrium, computed)', () =>
    expect(
      saltLanding(
        [
          {
            ingredient: { ...findIngredient('soy-sauce')!, saltFraction: 9.6 / 69, waterFraction: 43.8 / 69 },
            massG: 69,
          },
        ],
        { meatG: 500, meatWaterFraction: 0.72, ownSaltFraction: 0.001 },
      ),
    ).toBeCloseTo(1.8, 2));
  test('salt solved for is salt found, for any mix that can reach it', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...INGREDIENTS), fc.double({ min: 1, max: 120, noNaN: true })), {
          maxLength: 8,
        }),
        fc.double({ min: 0.3, max: 2.2, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (pairs, targetPercent, holdBackShare) => {
          const lines = pairs.map(([ingredient, massG]) => ({ ingredient, massG }));
          const solved = solveSalt(lines, { ...meat, holdBackShare }, { targetPercent, salt });
          if (solved.ok) expect(saltLanding(solved.lines, { ...meat, holdBackShare })).toBeCloseTo(targetPercent, 4);
          else expect(targetPercent < solved.from + 1e-6 || targetPercent > solved.to - 1e-6).toBe(true);
        },
      ),
    ));
  test('the rest stays, salt and sauces move together', () => {
    const solved = solveSalt(soyFennel.lines, meat, { targetPercent: 1.2, salt });
    if (!solved.ok) throw new Error('refused');
    for (const { ingredient, massG } of soyFennel.lines)
      if (ingredient.saltFraction < 0.03)
        expect(solved.lines.find((one) => one.ingredient.id === ingredient.id)!.massG).toBe(massG);
    expect(solved.lines.find(({ ingredient }) => ingredient.id === 'soy-sauce')!.massG).toBeGreaterThan(60);
  });
  test('a mix without salt gets some; what cannot be reached says what can', () => {
    const plain = solveSalt([line('olive-oil', 40), line('lemon-juice', 20)], meat, { targetPercent: 1, salt });
    expect(plain.ok && plain.lines.some(({ ingredient }) => ingredient.id === 'salt-fine')).toBe(true);
    const refused = solveSalt(dryCumin.lines, meat, { targetPercent: 9, salt });
    if (refused.ok) throw new Error('9 % of salt should be out of reach');
    for (const [targetPercent, ok] of [
      [refused.to - 0.02, true],
      [refused.to + 0.02, false],
    ] as const)
      expect(solveSalt(dryCumin.lines, meat, { targetPercent, salt }).ok).toBe(ok);
  });
});

describe('sweeter or less sweet', () => {
  test('lands at the share of the meat', () => {
    const lines = [line('soy-sauce', 60), line('honey', 20)];
    const solved = solveSugar(lines, meat, { targetPercent: 4, sugar });
    expect(solved.ok && total(solved.lines, 'sugarFraction')).toBeCloseTo(40, 6);
    expect(solveSugar([line('soy-sauce', 60)], meat, { targetPercent: 2, sugar })).toMatchObject({
      ok: true,
      lines: [{}, { ingredient: { id: 'sugar' } }],
    });
    expect(solveSugar([line('apple-juice', 200)], meat, { targetPercent: 0.5, sugar })).toMatchObject({
      ok: false,
      from: 2,
    });
  });
});

describe('without something', () => {
  test('the same salt and sugar, and none of the allergen, for any mix', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...INGREDIENTS), fc.double({ min: 5, max: 80, noNaN: true })), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.subarray([...ALLERGENS], { minLength: 1, maxLength: 3 }),
        fc.boolean(),
        (pairs, without, noAlcohol) => {
          const unique = [
            ...new Map(pairs.map(([ingredient, massG]) => [ingredient.id, { ingredient, massG }])).values(),
            { ingredient: salt, massG: 60 },
            { ingredient: sugar, massG: 90 },
          ].filter(
            (one, index, all) => all.findIndex(({ ingredient }) => ingredient.id === one.ingredient.id) === index,
          );
          const { lines, left } = substitute(unique, { without, noAlcohol }, INGREDIENTS);
          const stuck = lines.filter(
            ({ ingredient }) =>
              without.some((one) => ingredient.allergens.includes(one)) || (noAlcohol && ingredient.alcohol),
          );
          expect(stuck.map(({ ingredient }) => ingredient.name).every((name) => left.includes(name))).toBe(true);
          if (total(lines, 'saltFraction') > 1)
            expect(total(lines, 'saltFraction')).toBeCloseTo(total(unique, 'saltFraction'), 2);
        },
      ),
    ));
  test('no soy and no wheat: coconut seasoning for soy sauce, with the salt made up', () => {
    const { lines, changes, left } = substitute(soyFennel.lines, { without: ['soy', 'gluten'] }, INGREDIENTS);
    expect(left).toEqual([]);
    expect(changes).toEqual([
      { from: 'Soy sauce', to: ['Coconut sap seasoning'], effect: 'sweeter, less salty, no soy' },
    ]);
    expect(total(lines, 'saltFraction')).toBeCloseTo(total(soyFennel.lines, 'saltFraction'), 6);
  });
  test('no alcohol: the wine gives place, nothing else does', () => {
    const { lines, changes } = substitute(soyFennel.lines, { noAlcohol: true }, INGREDIENTS);
    expect(changes.map(({ from }) => from)).toEqual(['Rice wine']);
    expect(scaleMarinade({ ...soyFennel, lines }, 1000).whole.alcohol).toBe(false);
  });
  test('less sodium makes nothing up', () =>
    expect(total(substitute(soyFennel.lines, { lowSodium: true }, INGREDIENTS).lines, 'saltFraction')).toBeLessThan(
      0.7 * total(soyFennel.lines, 'saltFraction'),
    ));
  test('what is not in the house gives place, with the same salt and sugar (stand-ins are common practice)', () => {
    const lines = [
      line('brown-sugar', 40),
      line('shallot', 30),
      line('corn-starch', 12),
      line('tamarind', 20),
      line('salt-fine', 10),
    ];
    const {
      lines: now,
      changes,
      left,
    } = substitute(lines, { lacking: ['brown-sugar', 'shallot', 'corn-starch', 'tamarind'] }, INGREDIENTS);
    expect(changes.map(({ to }) => to[0])).toEqual(['Honey', 'Onion, grated', 'Potato starch', 'Lemon juice']);
    expect(left).toEqual([]);
    expect(total(now, 'saltFraction')).toBeCloseTo(total(lines, 'saltFraction'), 1);
    expect(total(now, 'sugarFraction')).toBeCloseTo(total(lines, 'sugarFraction'), 6);
  });
  test('sweet dark soy is a quarter cup of dark soy with a tablespoon of molasses (common practice), or tamari where wheat is out', () => {
    const ML = { cup: 236.5882365, tbsp: 14.78676478125 };
    const [dark, molasses] = ['dark-soy-sauce', 'molasses'].map((id) => findIngredient(id)!);
    const share =
      (ML.tbsp * molasses!.densityGPerMl) / ((ML.cup / 4) * dark!.densityGPerMl + ML.tbsp * molasses!.densityGPerMl);
    const { lines } = substitute([line('sweet-dark-soy', 100)], { lacking: ['sweet-dark-soy'] }, INGREDIENTS);
    expect(lines.find(({ ingredient }) => ingredient.id === 'molasses')!.massG / 100).toBeCloseTo(share, 1);
    expect(substitute([line('sweet-dark-soy', 100)], { without: ['gluten'] }, INGREDIENTS).changes[0]!.to[0]).toBe(
      'Tamari',
    );
  });
  test('whatever is lacking: stand-ins keep salt and sugar, bring nothing that is unwanted, and scale with the batch', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...INGREDIENTS.filter(({ id }) => hasStandIn(id))),
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        fc.constantFrom(...ALLERGENS),
        ({ id }, massG, factor, unwanted) => {
          const lines = [line(id, massG), line('salt-fine', 80), line('sugar', 200)];
          const wish = { lacking: [id], without: [unwanted] };
          const { lines: now, left } = substitute(lines, wish, INGREDIENTS);
          const larger = substitute(
            lines.map((one) => ({ ...one, massG: one.massG * factor })),
            wish,
            INGREDIENTS,
          ).lines;
          expect(larger.map(({ ingredient }) => ingredient.id)).toEqual(now.map(({ ingredient }) => ingredient.id));
          larger.forEach((one, index) => expect(one.massG / now[index]!.massG).toBeCloseTo(factor, 6));
          if (left.length > 0) return;
          expect(now.some(({ ingredient }) => ingredient.allergens.includes(unwanted))).toBe(false);
          for (const fraction of ['saltFraction', 'sugarFraction'] as const)
            expect(total(now, fraction)).toBeCloseTo(total(lines, fraction), 6);
        },
      ),
    ));
  test('kiwi for pear is much less of it (common practice)', () => {
    const [kiwi] = substitute([line('pear', 100)], { lacking: ['pear'] }, INGREDIENTS).lines;
    expect(kiwi!.ingredient.id).toBe('kiwi');
    expect(kiwi!.massG).toBeLessThan(10);
  });
  test('a stand-in that is lacking too is passed over, and every stand-in there is can be found', () => {
    expect(
      substitute([line('brown-sugar', 40)], { lacking: ['brown-sugar', 'honey'] }, INGREDIENTS).changes[0]!.to[0],
    ).toBe('Sugar, white');
    for (const { id } of INGREDIENTS.filter((one) => hasStandIn(one.id)))
      expect([id, substitute([line(id, 50)], { lacking: [id] }, INGREDIENTS).left]).toEqual([id, []]);
  });
  test('nothing in the way, nothing changed', () =>
    expect(substitute(dryCumin.lines, { without: ['peanut'] }, INGREDIENTS)).toEqual({
      lines: dryCumin.lines,
      changes: [],
      left: [],
    }));
  test('an allergen of any line is in the mix, scaled, solved or copied', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...INGREDIENTS), fc.double({ min: 1, max: 50, noNaN: true })), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.double({ min: 50, max: 5000, noNaN: true }),
        (pairs, meatG) => {
          const lines = pairs.map(([ingredient, massG]) => ({ ingredient, massG }));
          const wanted = new Set(lines.flatMap(({ ingredient }) => ingredient.allergens));
          const solved = solveSalt(lines, meat, { targetPercent: 1.2, salt });
          for (const one of [lines, ...(solved.ok ? [solved.lines] : [])])
            expect(scaleMarinade({ ...soyFennel, lines: one }, meatG).whole.allergens).toEqual([...wanted].sort());
        },
      ),
    ));
});

test.each([
  [100, 0.5, 'enough'],
  [20, 0.5, 'short'],
  [900, 0.5, 'plenty'],
] as const)('%d ml over %f m2 is %s', (mixMl, areaM2, enough) =>
  expect(coatCheck({ mixMl, areaM2, meatG: 1000 })).toMatchObject({ enough, filmMm: mixMl / areaM2 / 1000 }),
);
test('a bag takes what its coat check says it takes', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(500, 1000, 2000, 4000, 10_000),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (bagMl, mixMlPerMeatG) => {
        const meatG = meatForBag(bagMl, mixMlPerMeatG);
        expect(
          coatCheck({ mixMl: meatG * mixMlPerMeatG * 0.999, areaM2: 1, meatG: meatG * 0.999 }).bagMl,
        ).toBeLessThanOrEqual(bagMl);
      },
    ),
  ));
test('ingredients hold no more than they weigh, and about 220 of them and more', () => {
  expect(INGREDIENTS.length).toBeGreaterThanOrEqual(220);
  for (const one of INGREDIENTS)
    expect([
      one.id,
      one.waterFraction +
        one.saltFraction +
        one.sugarFraction +
        (one.acidFraction ?? 0) +
        (one.fatFraction ?? 0) +
        (one.starchFraction ?? 0) <=
        1.005,
    ]).toEqual([one.id, true]);
});
test('cloves are said to the half', () => {
  const garlic = findIngredient('garlic')!;
  expect(measureIngredient(garlic, 6).spoken).toBe('1½ cloves');
});
test('starch from a teaspoon to 280 g up to a quarter cup to a kilogram (common practice)', () => {
  const { densityGPerMl } = findIngredient('corn-starch')!;
  expect(COAT_PRACTICE.starchPercent.from).toBeCloseTo((100 * 4.92892159375 * densityGPerMl) / 280, 0);
  expect(COAT_PRACTICE.starchPercent.to).toBeCloseTo((100 * (236.5882365 / 4) * densityGPerMl) / 1000, 1);
});

test('a spice mix of its parts weighs what it stands in for; no stand-in weighs more than one and a half times as much', () => {
  const only = (id: string) => substitute([line(id, 100)], { lacking: [id] }, INGREDIENTS).lines;
  const massOf = (lines: readonly MarinadeLine[]) =>
    lines
      .filter(({ ingredient }) => ingredient.kind !== 'salt' && ingredient.kind !== 'sugar')
      .reduce((sum, { massG }) => sum + massG, 0);
  for (const id of ['curry-powder', 'five-spice', 'garam-masala'].filter((one) => hasStandIn(one)))
    expect([id, Math.round(massOf(only(id)))]).toEqual([id, 100]);
  const heavier = INGREDIENTS.filter(({ id }) => hasStandIn(id) && massOf(only(id)) > 150).map(({ id }) => id);
  // A sharp paste gives place to more of what is less sour.
  expect(heavier).toEqual(['tamarind']);
});
