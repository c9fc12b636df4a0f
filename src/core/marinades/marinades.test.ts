import fc from 'fast-check';
import { soyFennel } from '../../../tests/fixtures/batch';
import {
  equilibriumSalt,
  findIngredient,
  INGREDIENTS,
  measureIngredient,
  readIngredient,
  saltDiffusivity,
  scaleMarinade,
  uptake,
  uptakeCurve,
} from '.';
import { bathRoots, fourierAt, slabInBath } from './diffusion';

describe('slab in a bath (Crank 1975, chapter 4)', () => {
  test.each([
    [0.05, 0.25231, 0.00313],
    [0.1, 0.35682, 0.05069],
    [0.2, 0.50409, 0.22769],
    [0.5, 0.76395, 0.62922],
    [1, 0.93126, 0.89202],
  ])('large bath at Fo %f', (fourier, average, centre) => {
    const slab = slabInBath(Infinity);
    expect(Math.abs(slab.average(fourier) - average)).toBeLessThan(1e-5);
    expect(Math.abs(slab.centre(fourier) - centre)).toBeLessThan(1e-5);
  });
  test.each([
    [0.25, [2.5704]],
    [1, [2.0288, 4.9132, 7.9787, 11.0855]],
    [4, [1.7155]],
  ])('roots for alpha %f', (alpha, roots) =>
    roots.forEach((root, index) => expect(Math.abs(bathRoots(alpha)[index]! - root)).toBeLessThan(6e-5)),
  );
  test.each([
    [1, [0.41925, 0.55284, 0.71163, 0.91647, 0.98933]],
    [0.25, [0.67719, 0.79408, 0.89908, 0.98619, 0.99949]],
    [4, [0.3004, 0.41654, 0.57255, 0.82369, 0.95952]],
  ])('small bath, alpha %f', (alpha, averages) =>
    [0.05, 0.1, 0.2, 0.5, 1].forEach((fourier, index) =>
      expect(Math.abs(slabInBath(alpha).average(fourier) - averages[index]!)).toBeLessThan(1e-5),
    ),
  );
  test.each([
    [Infinity, [0.1967, 0.8481, 1.129], [0.3787, 1.0311, 1.312]],
    [1, [0.0773, 0.4563, 0.6247], [0.2629, 0.6546, 0.823]],
    [0.2, [0.0128, 0.1688, 0.2656], [0.1827, 0.4131, 0.5115]],
  ])('Fo to 50, 90 and 95 percent, alpha %f', (alpha, average, centre) => {
    const slab = slabInBath(alpha);
    [0.5, 0.9, 0.95].forEach((share, index) => {
      expect(Math.abs(fourierAt(slab.average, share) - average[index]!)).toBeLessThan(1e-4);
      expect(Math.abs(fourierAt(slab.centre, share) - centre[index]!)).toBeLessThan(1e-4);
    });
  });

  test.each([[0.2], [1], [5]])('agrees with finite differences of the same problem, alpha %f', (alpha) => {
    const { average, centre } = finiteDifferences(alpha, [0.02, 0.1, 0.3, 0.8]);
    const slab = slabInBath(alpha);
    [0.02, 0.1, 0.3, 0.8].forEach((fourier, index) => {
      expect(Math.abs(slab.average(fourier) - average[index]!)).toBeLessThan(4e-3);
      expect(Math.abs(slab.centre(fourier) - centre[index]!)).toBeLessThan(4e-3);
    });
  });
});

/** Explicit scheme on half a slab beside a stirred bath, salt conserved to rounding; shares no code with the series. */
function finiteDifferences(alpha: number, times: number[]): { average: number[]; centre: number[] } {
  const cells = 200;
  const dx = 1 / cells;
  const dt = 0.4 * dx * dx;
  const slab = new Float64Array(cells);
  let bath = 1;
  const final = alpha / (1 + alpha);
  const result = { average: [] as number[], centre: [] as number[] };
  let time = 0;
  for (const wanted of times) {
    for (; time < wanted; time += dt) {
      const flux = (bath - slab[cells - 1]!) / (dx / 2);
      const next = slab.slice();
      for (let cell = 0; cell < cells; cell++) {
        const left = cell === 0 ? 0 : (slab[cell - 1]! - slab[cell]!) / dx;
        const right = cell === cells - 1 ? flux : (slab[cell + 1]! - slab[cell]!) / dx;
        next[cell] = slab[cell]! + (dt * (left + right)) / dx;
      }
      slab.set(next);
      bath -= (dt * flux) / alpha;
    }
    const total = slab.reduce((sum, value) => sum + value, 0) * dx;
    expect(total + bath * alpha).toBeCloseTo(alpha, 9);
    result.average.push(total / final);
    result.centre.push(slab[0]! / final);
  }
  return result;
}

describe('salt at equilibrium (worked examples)', () => {
  test('500 g with 60 ml soy sauce of 16 g salt per 100 ml', () => {
    const result = equilibriumSalt({
      meatG: 500,
      meatWaterFraction: 0.72,
      bathWaterG: 60 * 0.73,
      saltG: 9.6,
      ownSaltFraction: 0.001,
    });
    expect(result.alpha).toBeCloseTo(0.1217, 4);
    expect(result.saltInMeatG).toBeCloseTo(9.0, 2);
    expect(result.saltPercent).toBeCloseTo(1.8, 2);
  });
  test('500 g in 500 g of 5 % brine', () => {
    const result = equilibriumSalt({ meatG: 500, meatWaterFraction: 0.72, bathWaterG: 475, saltG: 25 });
    expect(result).toMatchObject({
      alpha: expect.closeTo(1.3194, 4),
      saltInMeatG: expect.closeTo(10.78, 2),
      saltPercent: expect.closeTo(2.156, 3),
    });
  });
});

describe('time by thickness', () => {
  const bag = { tempC: 4, meatG: 1000, meatWaterFraction: 0.72, bathWaterG: 144, saltG: 12 };
  test.each([
    [2, 12, 26],
    [4, 47, 108],
    [5, 73, 168],
    [8, 186, 426],
  ])('little marinade, %d mm: middle at 50 %% in %d min and at 90 %% in %d', (thicknessMm, p50, p90) => {
    const { centre } = uptake({ ...bag, thicknessMm }).minutesTo;
    expect(Math.abs(centre.p50 / p50 - 1)).toBeLessThan(0.03);
    expect(Math.abs(centre.p90 / p90 - 1)).toBeLessThan(0.03);
  });
  test.each([
    [2, 2.44e-10],
    [4, 2.6e-10],
    [10, 3.13e-10],
    [20, 4.18e-10],
  ])('diffusivity at %d °C (from memory)', (tempC, d) =>
    expect(Math.abs(saltDiffusivity(tempC) / d - 1)).toBeLessThan(0.01),
  );
  test('grows with the square of the thickness and not with the weight', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 30, noNaN: true }),
        fc.double({ min: 1.1, max: 20, noNaN: true }),
        (thicknessMm, times) => {
          const one = uptake({ ...bag, thicknessMm }).minutesTo.average.p90;
          expect(uptake({ ...bag, thicknessMm: 2 * thicknessMm }).minutesTo.average.p90).toBeCloseTo(4 * one, 4);
          const larger = {
            ...bag,
            meatG: bag.meatG * times,
            bathWaterG: bag.bathWaterG * times,
            saltG: bag.saltG * times,
          };
          expect(uptake({ ...larger, thicknessMm }).minutesTo.average.p90).toBeCloseTo(one, 4);
        },
      ),
    ));
  test('fractions rise from nothing to all', () => {
    const at = (minutes: number) => uptake({ ...bag, thicknessMm: 4, minutes });
    expect(at(0)).toMatchObject({ averageFraction: 0, centreFraction: 0 });
    expect(at(100_000).centreFraction).toBeCloseTo(1, 6);
    expect(uptake({ ...bag, thicknessMm: 4 }).averageFraction).toBeNull();
  });
  test('a dry rub is a film, not a bath without water', () =>
    expect(Number.isFinite(uptake({ ...bag, bathWaterG: 0, thicknessMm: 4 }).minutesTo.centre.p90)).toBe(true));
});

describe('scaling', () => {
  test('is linear in the weight', () =>
    fc.assert(
      fc.property(fc.double({ min: 50, max: 30_000, noNaN: true }), (meatG) => {
        const scaled = scaleMarinade(soyFennel, meatG);
        const unit = scaleMarinade(soyFennel, 1000);
        scaled.lines.forEach((line, index) =>
          expect(line.massG).toBeCloseTo((unit.lines[index]!.massG * meatG) / 1000, 6),
        );
        expect(scaled.heldBackG + scaled.onMeat.massG).toBeCloseTo(scaled.whole.massG, 6);
        expect(scaled.whole.allergens).toEqual(['gluten', 'sesame', 'soy', 'sulphites']);
      }),
    ));
  test('adds starch next to last and oil last', () =>
    expect(
      scaleMarinade(soyFennel, 500)
        .lines.slice(-2)
        .map(({ ingredient }) => ingredient.kind),
    ).toEqual(['starch', 'oil']));
});

describe('ingredients', () => {
  test('are found by other names', () => {
    expect(findIngredient('bicarb')?.id).toBe('soda');
    expect(findIngredient('Scallion')?.id).toBe('spring-onion');
    expect(findIngredient('cornflour')?.id).toBe('corn-starch');
    expect(findIngredient('unobtainium')).toBeUndefined();
  });
  test('hold no more than themselves', () => {
    for (const one of INGREDIENTS)
      expect(one.waterFraction + one.saltFraction + one.sugarFraction).toBeLessThanOrEqual(1.0001);
  });
  test('salt of the sauces lies in the usual ranges (USDA-type sodium x 2.54, from memory)', () => {
    const per100Ml = (id: string) => 100 * findIngredient(id)!.saltFraction * findIngredient(id)!.densityGPerMl;
    for (const [id, from, to] of [
      ['soy-sauce', 14, 18],
      ['soy-sauce-reduced', 8, 10],
      ['fish-sauce', 20, 29],
      ['oyster-sauce', 7, 11],
    ] as const) {
      expect(per100Ml(id)).toBeGreaterThanOrEqual(from);
      expect(per100Ml(id)).toBeLessThanOrEqual(to);
    }
  });
  test('a clove weighs 3 to 5 g and a teaspoon of minced garlic 2.8 g (USDA SR, from memory)', () => {
    const garlic = findIngredient('garlic')!;
    expect(measureIngredient(garlic, 8).spoken).toBe('2 cloves');
    expect(garlic.piece!.massG).toBeGreaterThanOrEqual(3);
    expect(garlic.piece!.massG).toBeLessThanOrEqual(5);
    expect(Math.abs(garlic.densityGPerMl * 4.93 - 2.8)).toBeLessThan(0.1);
  });
  test('a level teaspoon of table salt is 6 g', () => {
    const read = readIngredient(findIngredient('salt-fine')!, '1 tsp');
    expect(read).toMatchObject({ ok: true, value: { massG: expect.closeTo(6, 1) } });
  });
  test('grams to measures and back stay within the stated error', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...INGREDIENTS.filter((one) => !one.piece)),
        fc.double({ min: 1, max: 2000, noNaN: true }),
        (ingredient, massG) => {
          const measured = measureIngredient(ingredient, massG);
          if (measured.parts.length === 0) return;
          const back = readIngredient(ingredient, measured.spoken);
          expect(back.ok && Math.abs(back.value.massG / massG - 1) * 100).toBeLessThanOrEqual(
            Math.abs(measured.errorPercent) + 1e-6,
          );
        },
      ),
    ));
});

describe('what else moves in', () => {
  const input = { thicknessMm: 5, tempC: 4, meatG: 1000, meatWaterFraction: 0.72, bathWaterG: 144, saltG: 12 };
  const at = (minutes: number) => uptakeCurve(input, minutes, 8).at(-1)!;
  test('salt first, then acid, then sugar, each within its range (free-water figures, from memory)', () => {
    const { average, acid, sugar } = at(90);
    expect(average).toBeGreaterThan(acid[1]);
    expect(acid[1]).toBeGreaterThan(acid[0]);
    expect(acid[0]).toBeGreaterThanOrEqual(sugar[1]);
    expect(sugar[1]).toBeGreaterThan(sugar[0]);
  });
  test('sugar is where salt was in 0.9 / 2.6 of the time', () =>
    expect(at(260).sugar[0]).toBeCloseTo(at(90).average, 9));
  test('a pair of slices stuck together is a slab of twice the thickness: four times as slow', () => {
    const twice = uptakeCurve({ ...input, thicknessMm: 10 }, 120, 8).at(-1)!;
    expect(at(120).averageStacked).toBeCloseTo(twice.average, 9);
    expect(at(120).centreStacked).toBeCloseTo(twice.centre, 9);
  });
  test('everything known lies between slowest and fastest', () => {
    for (const { centre, centreStacked, centreSlow, centreFast } of uptakeCurve(input, 600))
      expect(
        centreSlow <= centreStacked + 1e-12 && centreStacked <= centre + 1e-12 && centre <= centreFast + 1e-12,
      ).toBe(true);
  });
});
