import fc from 'fast-check';
import { customaryFirming } from '../firming';
import { cookRounds, WAY_PRACTICE } from '.';

describe('what cooks do (common practice)', () => {
  test.each([[20, 30], [25, 30], [50, 60], [50, 120], [60, 90], [60, 120], [70, 120]])('a piece %d mm tall may take %d min to firm', (heightMm, minutes) => {
    const { from, to } = customaryFirming(heightMm);
    expect(minutes).toBeGreaterThanOrEqual(from);
    expect(minutes).toBeLessThanOrEqual(to);
  });
  test('thin skewers take 1 to 1.5 min a side', () => expect(cookRounds('flat-skewers', 600, 4).minutesPerSide).toEqual({ from: 1, to: 1.5 }));
  test('stir-fry slabs of 3 to 6 mm in strips of 6 mm, flat skewers of 3 to 5 mm', () =>
    expect([WAY_PRACTICE['stir-fry'].thicknessMm, WAY_PRACTICE['stir-fry'].stripWidthMm, WAY_PRACTICE['flat-skewers'].thicknessMm]).toEqual([{ from: 3, usual: 4, to: 6 }, 6, { from: 3, usual: 4, to: 5 }]));
});

test('a taller piece never firms sooner', () =>
  fc.assert(fc.property(fc.double({ min: 5, max: 200, noNaN: true }), fc.double({ min: 0, max: 50, noNaN: true }), (heightMm, more) => {
    const [low, high] = [customaryFirming(heightMm), customaryFirming(heightMm + more)];
    expect(high.from).toBeGreaterThanOrEqual(low.from);
    expect(high.to).toBeGreaterThanOrEqual(low.to);
    expect(low.to).toBeGreaterThan(low.from);
  })));

test('twice the meat is twice the rounds at most, and a round takes as long', () =>
  fc.assert(fc.property(fc.double({ min: 50, max: 15_000, noNaN: true }), fc.constantFrom('stir-fry' as const, 'flat-skewers' as const), (massG, way) => {
    const [one, two] = [cookRounds(way, massG, 4), cookRounds(way, 2 * massG, 4)];
    expect(two.rounds).toBeGreaterThanOrEqual(one.rounds);
    expect(two.rounds).toBeLessThanOrEqual(2 * one.rounds);
    expect(two.minutesPerRound).toBe(one.minutesPerRound);
  })));
