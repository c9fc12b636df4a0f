import fc from 'fast-check';
import { dialFor, evennessOf, evennessOfStacks, fitDial, thicknessByWeightMm } from '.';

describe('how even slices are', () => {
  test('mean and sample deviation of 2, 4, 4, 4, 5, 5, 7, 9: 5 and 2.138 (textbook example)', () =>
    expect(evennessOf([2, 4, 4, 4, 5, 5, 7, 9])).toMatchObject({
      meanMm: 5,
      spreadMm: expect.closeTo(2.13809, 5),
      thinnestMm: 2,
      thickestMm: 9,
    }));
  test('twice as thick takes two to four times as long in the heat, and between to dry', () => {
    const { timesLonger } = evennessOf([3, 6]);
    expect(timesLonger.cook).toEqual({ from: 2, to: 4 });
    expect(timesLonger.dry).toBeCloseTo(2 ** (1.3 / 0.95), 9);
  });
  test('thin and thick are sorted apart when it matters, and only then', () => {
    expect(evennessOf([3, 3.2, 3.1, 6, 6.2, 5.9]).lots).toEqual([
      { count: 3, meanMm: expect.closeTo(3.1, 9), fromMm: 3, toMm: 3.2 },
      { count: 3, meanMm: expect.closeTo(6.0333, 3), fromMm: 5.9, toMm: 6.2 },
    ]);
    expect(evennessOf([4, 4.1, 3.9, 4, 4.2, 4]).lots).toBeUndefined();
  });
  test('one stack gives the mean alone; several give the spread between them, weighted by their slices', () => {
    expect(evennessOfStacks([{ slices: 10, heightMm: 42 }])).toMatchObject({ meanMm: 4.2, spreadMm: null });
    const many = evennessOfStacks([
      { slices: 4, heightMm: 16 },
      { slices: 8, heightMm: 40 },
      { slices: 4, heightMm: 18 },
    ]);
    expect(many.meanMm).toBeCloseTo(74 / 16, 9);
    // Means 4, 5 and 4.5.
    expect(many).toMatchObject({ spreadMm: expect.closeTo(0.5, 9), thinnestMm: 4, thickestMm: 5 });
  });
  test('by weight: 42.2 g over 100 x 100 mm is 4 mm', () =>
    expect(thicknessByWeightMm(42.2, 10_000)).toBeCloseTo(4, 9));
  test.each([[[]], [[0]], [[NaN]], [[4, -1]]])('%j is a bad call', (values) =>
    expect(() => evennessOf(values)).toThrow(RangeError),
  );
});

describe('the dial of a slicing machine', () => {
  const stack = (dial: number, mm: number, slices = 10) => ({ dial, slices, stackMm: mm * slices });
  test('two stacks on a line: 1.4 mm a mark, 0.6 mm at zero', () => {
    const result = fitDial([stack(1, 2), stack(3, 4.8)]);
    expect(result).toMatchObject({
      ok: true,
      fit: { mmPerMark: expect.closeTo(1.4, 9), zeroMm: expect.closeTo(0.6, 9) },
    });
    // Each stack of ten is read to half a millimetre, so a slice to 0.05; the slope is their difference over two marks.
    if (result.ok) expect(result.fit.mmPerMarkError).toBeCloseTo((0.05 * Math.SQRT2) / 2, 9);
    if (result.ok) expect(dialFor(result.fit, 4.1)!.dial).toBeCloseTo(2.5, 9);
  });
  test('finds any straight line, whatever the slices in the stacks', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.array(fc.integer({ min: 3, max: 20 }), { minLength: 3, maxLength: 6 }),
        (slope, zero, counts) => {
          const result = fitDial(counts.map((slices, index) => stack(index + 1, zero + slope * (index + 1), slices)));
          expect(result).toMatchObject({
            ok: true,
            fit: { mmPerMark: expect.closeTo(slope, 6), zeroMm: expect.closeTo(zero, 6) },
          });
        },
      ),
    ));
  test('more stacks leave less doubt, and doubt grows away from them', () => {
    const [two, four] = [
      fitDial([stack(2, 3), stack(4, 6)]),
      fitDial([stack(2, 3), stack(4, 6), stack(2, 3), stack(4, 6)]),
    ];
    if (!two.ok || !four.ok) throw new Error('refused');
    expect(four.fit.mmPerMarkError).toBeLessThan(two.fit.mmPerMarkError);
    expect(dialFor(two.fit, 12)!.error).toBeGreaterThan(dialFor(two.fit, 4.5)!.error);
  });
  test('what contradicts is said', () => {
    expect(fitDial([stack(2, 3), stack(2, 3.1)])).toEqual({ ok: false, problem: { code: 'one-setting' } });
    expect(fitDial([stack(2, 5), stack(4, 3)])).toEqual({ ok: false, problem: { code: 'not-rising', dial: 4 } });
    expect(fitDial([stack(1, 2), stack(2, 3), stack(3, 9), stack(4, 5)])).toMatchObject({
      ok: false,
      problem: { code: 'off-the-line', dial: 3 },
    });
  });
  test('thinner than the dial goes is no setting', () => {
    const result = fitDial([stack(1, 2), stack(3, 4)]);
    if (result.ok) expect(dialFor(result.fit, 0.5)).toBeUndefined();
  });
});
