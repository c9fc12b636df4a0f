import fc from 'fast-check';
import { fractionsOf, SALT_PER_SODIUM } from '.';

describe('shares from a label', () => {
  test('16 g salt in 100 ml of soy sauce is 13.9 % at 1.15 g/ml', () =>
    expect(fractionsOf({ amount: 100, unit: 'ml', saltG: 16, densityGPerMl: 1.15 })!.saltFraction).toBeCloseTo(
      0.1391,
      4,
    ));
  test('sodium is reckoned as labels do, times 2.5 (EU Regulation 1169/2011, Annex I)', () =>
    expect(fractionsOf({ amount: 100, unit: 'g', sodiumMg: 5600, densityGPerMl: 1.2 })!.saltFraction).toBeCloseTo(
      (5.6 * SALT_PER_SODIUM) / 100,
      9,
    ));
  test('a US label: 920 mg sodium in a tablespoon of soy sauce of 15 ml is as salty as 15 g in 100 ml', () =>
    expect(fractionsOf({ amount: 15, unit: 'ml', sodiumMg: 920, densityGPerMl: 1.15 })!.saltFraction).toBeCloseTo(
      15.33 / 115,
      3,
    ));
  test('what is not named is water, alcohol aside', () => {
    expect(
      fractionsOf({
        amount: 100,
        unit: 'g',
        carbohydrateG: 30,
        sugarG: 25,
        fatG: 5,
        proteinG: 10,
        saltG: 5,
        densityGPerMl: 1.2,
      })!.waterFraction,
    ).toBeCloseTo(0.5, 9);
    // Whisky of 40 % by volume holds 31.6 g ethanol in 94 g.
    expect(
      fractionsOf({ amount: 100, unit: 'ml', alcoholPercent: 40, densityGPerMl: 0.94 })!.waterFraction,
    ).toBeCloseTo(1 - 31.56 / 94, 3);
  });
  test('sugar without carbohydrate counts once', () =>
    expect(fractionsOf({ amount: 100, unit: 'g', sugarG: 40, densityGPerMl: 1 })!.waterFraction).toBeCloseTo(0.6, 9));
  test('more than there is has no answer', () =>
    expect(fractionsOf({ amount: 100, unit: 'g', fatG: 60, proteinG: 50, densityGPerMl: 1 })).toBeUndefined());
  test.each([{ densityGPerMl: 0 }, { saltG: -1 }, { amount: 0 }])('%j is a bad call', (bad) =>
    expect(() => fractionsOf({ amount: 100, unit: 'g', densityGPerMl: 1, ...bad })).toThrow(RangeError),
  );
  test('shares are shares', () => {
    const part = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(
        part,
        part,
        part,
        part,
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        fc.constantFrom('g' as const, 'ml' as const),
        fc.double({ min: 5, max: 100, noNaN: true }),
        (saltG, sugarG, fatG, proteinG, densityGPerMl, unit, amount) => {
          const found = fractionsOf({
            amount,
            unit,
            saltG: (saltG * amount) / 100,
            sugarG: (sugarG * amount) / 100,
            fatG: (fatG * amount) / 100,
            proteinG: (proteinG * amount) / 100,
            densityGPerMl,
          });
          const whole = fractionsOf({ amount: 100, unit, saltG, sugarG, fatG, proteinG, densityGPerMl });
          expect(found === undefined).toBe(whole === undefined);
          for (const [part, value] of Object.entries(found ?? {}))
            expect(value).toBeCloseTo(whole![part as keyof typeof whole & string], 9);
          for (const value of Object.values(found ?? {})) expect(value >= 0 && value <= 1).toBe(true);
          if (found)
            expect(
              found.waterFraction + found.saltFraction + found.sugarFraction + found.fatFraction,
            ).toBeLessThanOrEqual(1 + 1e-9);
        },
      ),
    );
  });
});
