import fc from 'fast-check';
import { enzyme, exposurePerHour, exposureSpans, findFruit, FRUITS, swapFruit } from '.';

const clock = (fruit: string, dosePercent: number, hours: number, thicknessMm = 5, tempC = 4) =>
  enzyme({ fruit: findFruit(fruit)!, dosePercent, thicknessMm, tempC, hours });

describe('the enzyme clock (fitted to common practice)', () => {
  test.each([
    ['pear', 10, 24, 5, 4, 1, 'tender'],
    ['pear', 10, 48, 6, 4, 1.67, 'tender'],
    ['pear', 15, 48, 5, 4, 2.77, 'stop'],
    ['kiwi', 10, 2, 5, 4, 1, 'tender'],
    ['kiwi', 10, 12, 5, 4, 6, 'mush'],
    ['pineapple', 10, 1 / 3, 5, 4, 0.67, 'tender'],
    ['pineapple', 10, 1, 5, 4, 2, 'stop'],
    ['pineapple', 10, 2, 3, 4, 6.67, 'mush'],
    ['pineapple', 10, 1, 3, 20, 11.8, 'mush'],
    ['canned pineapple', 10, 48, 3, 20, 0, 'little'],
  ] as const)('%s %d %% for %f h at %d mm and %d °C: %f, %s', (fruit, dose, hours, mm, tempC, exposure, verdict) => {
    const advice = clock(fruit, dose, hours, mm, tempC);
    expect(Math.abs(advice.exposure - exposure)).toBeLessThan(Math.max(0.01, exposure * 0.01));
    expect(advice.verdict).toBe(verdict);
  });
  test('the order of strength that cooks know (common practice)', () => {
    const order = ['pear', 'onion', 'kiwi', 'pineapple'].map((name) => findFruit(name)!.activity);
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    for (const strongest of ['papaya', 'pineapple'])
      for (const other of ['ginger', 'fig', 'kiwi'])
        expect(findFruit(strongest)!.activity).toBeGreaterThan(findFruit(other)!.activity);
  });
  test('western, canned and cooked fruit only flavours (common practice)', () => {
    for (const name of ['western pear', 'tinned pineapple', 'jam', 'canned fruit'])
      expect(clock(name, 30, 48)).toEqual({ exposure: 0, verdict: 'little', stopAfterHours: null });
  });
  test('mild fruit stops at two days at the latest, strong fruit never stays overnight at a tenth of the meat (common practice)', () => {
    expect(clock('pear', 2, 1).stopAfterHours).toEqual({ from: 48, to: 48 });
    for (const { id, strength } of FRUITS)
      if (strength === 'strong') expect(clock(id, 10, 1).stopAfterHours!.to).toBeLessThan(8);
  });
  test('the clock goes from gentle to tender to stop without a gap, and each ends where its verdict does', () => {
    const perHour = exposurePerHour({ fruit: findFruit('kiwi')!, dosePercent: 10, thicknessMm: 5, tempC: 4 });
    const { gentle, tender, stop } = exposureSpans(perHour)!;
    expect([gentle, tender, stop]).toEqual([
      { from: 0.3, to: 1 },
      { from: 1, to: 4 },
      { from: 4, to: 6 },
    ]);
    for (const [span, verdict] of [
      [gentle, 'slight'],
      [tender, 'tender'],
      [stop, 'stop'],
    ] as const)
      expect(clock('kiwi', 10, (span.from + span.to) / 2).verdict).toBe(verdict);
    expect(clock('kiwi', 10, stop.to + 0.1).verdict).toBe('mush');
    expect(exposureSpans(0)).toBeUndefined();
    // Hardly any pear would take longer than the two days after which fruit has to be out (common practice).
    expect(exposureSpans(1e-3)).toEqual({
      gentle: { from: 48, to: 48 },
      tender: { from: 48, to: 48 },
      stop: { from: 48, to: 48 },
    });
  });
  test('longer, warmer, thinner and more never work less', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FRUITS),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        (fruit, dosePercent, tempC, thicknessMm) => {
          const rate = exposurePerHour({ fruit, dosePercent, tempC, thicknessMm });
          expect(exposurePerHour({ fruit, dosePercent: dosePercent * 1.1, tempC, thicknessMm })).toBeGreaterThanOrEqual(
            rate,
          );
          expect(exposurePerHour({ fruit, dosePercent, tempC: tempC + 3, thicknessMm })).toBeGreaterThanOrEqual(rate);
          expect(exposurePerHour({ fruit, dosePercent, tempC, thicknessMm: thicknessMm * 1.1 })).toBeLessThanOrEqual(
            rate,
          );
          expect(exposurePerHour({ fruit, dosePercent, tempC, thicknessMm, ph: 3 })).toBeLessThanOrEqual(rate);
        },
      ),
    ));
  test('swapping one fruit for another keeps the exposure', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FRUITS.filter(({ activity }) => activity > 0)),
        fc.constantFrom(...FRUITS.filter(({ activity }) => activity > 0)),
        fc.double({ min: 0.5, max: 30, noNaN: true }),
        (from, to, dosePercent) => {
          const rate = (fruit: typeof from, dose: number) =>
            exposurePerHour({ fruit, dosePercent: dose, thicknessMm: 5, tempC: 4 });
          expect(rate(to, swapFruit(from, dosePercent, to)!) / rate(from, dosePercent)).toBeCloseTo(1, 9);
        },
      ),
    ));
  test('kiwi for pear: less of it (common practice); canned is no swap', () => {
    expect(swapFruit(findFruit('pear')!, 10, findFruit('kiwi')!)!).toBeLessThan(3);
    expect(swapFruit(findFruit('pear')!, 10, findFruit('canned fruit')!)).toBeUndefined();
  });
  test.each([{ dosePercent: -1 }, { thicknessMm: 0 }, { tempC: 80 }, { hours: -1 }])('%j is a bad call', (bad) =>
    expect(() =>
      enzyme({ fruit: { activity: 1 }, dosePercent: 10, thicknessMm: 5, tempC: 4, hours: 1, ...bad }),
    ).toThrow(RangeError),
  );
  test('every fruit is found by any of its names', () => {
    for (const fruit of FRUITS)
      for (const name of [fruit.id, fruit.name, ...fruit.otherNames])
        expect([name, findFruit(name.toUpperCase())?.id]).toEqual([name, fruit.id]);
    expect(findFruit('cucumber')).toBeUndefined();
  });
});
