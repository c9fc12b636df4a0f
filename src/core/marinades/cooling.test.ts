import fc from 'fast-check';
import { COOL_ENOUGH_C, coolingMinutes, OFF_THE_STOVE_C } from '.';

const middle = ({ from, to }: { from: number; to: number }) => Math.sqrt(from * to);

describe('a hot mix cools', () => {
  test('by Newton’s law: each halving of the distance to the room takes as long as the one before (analytic)', () => {
    const to = (toC: number) => middle(coolingMinutes({ massG: 800, toC, fromC: 100, place: 'bench' }));
    expect(to(40) / to(60)).toBeCloseTo(2, 1);
    expect(to(30) / to(60)).toBeCloseTo(3, 1);
  });
  test('eight times the mass takes twice as long: its surface grows with the power two thirds (analytic)', () =>
    expect(
      middle(coolingMinutes({ massG: 4000, place: 'bench' })) / middle(coolingMinutes({ massG: 500, place: 'bench' })),
    ).toBeCloseTo(2, 1));
  test('is much quicker in iced water', () =>
    expect(coolingMinutes({ massG: 400, place: 'ice-bath' }).to).toBeLessThan(
      coolingMinutes({ massG: 400, place: 'bench' }).from,
    ));
  test('what is cool already needs no time', () =>
    expect(coolingMinutes({ massG: 400, fromC: COOL_ENOUGH_C, place: 'bench' })).toEqual({ from: 0, to: 0 }));
  test('longer for more and for hotter, and a range always', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 5000, noNaN: true }),
        fc.double({ min: 40, max: OFF_THE_STOVE_C, noNaN: true }),
        fc.constantFrom('bench' as const, 'ice-bath' as const),
        (massG, fromC, place) => {
          const now = coolingMinutes({ massG, fromC, place });
          expect(now.from).toBeLessThanOrEqual(now.to);
          expect(coolingMinutes({ massG: massG * 1.5, fromC, place }).to).toBeGreaterThanOrEqual(now.to);
          expect(coolingMinutes({ massG, fromC: fromC + 10, place }).to).toBeGreaterThanOrEqual(now.to);
        },
      ),
    ));
  test.each([{ massG: 0 }, { toC: 15 }])('%j is a bad call', (bad) =>
    expect(() => coolingMinutes({ massG: 500, place: 'bench', ...bad })).toThrow(RangeError),
  );
});
