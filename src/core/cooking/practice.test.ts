import fc from 'fast-check';
import { bandOf, cookRounds, SHAPES, shapesOf, WAY_PRACTICE, WAYS } from '.';

describe('what cooks do (common practice)', () => {
  test('thin skewers take 1 to 1.5 min a side, a table grill 2 to 3, a thin steak 1 to 2, cubes 25 to 30 in the oven', () => {
    expect(cookRounds('flat-skewers', 600, 4).minutesPerSide).toEqual({ from: 1, to: 1.5 });
    expect(cookRounds('table-grill', 600, 3).minutesPerSide).toEqual({ from: 2, to: 3 });
    expect(cookRounds('thin-steak', 600, 15).minutesPerSide).toEqual({ from: 1, to: 2 });
    const { minutesPerSide } = cookRounds('cube-skewers', 600, 25);
    expect([2 * minutesPerSide.from, 2 * minutesPerSide.to]).toEqual([25, 30]);
  });
  test.each([
    ['stir-fry', 'strips', 3, 6],
    ['flat-skewers', 'ribbons', 3, 5],
    ['cube-skewers', 'cubes', 25, 30],
    ['table-grill', 'shaved', 2, 4],
    ['table-grill', 'unrolled', 5, 7],
  ] as const)('%s, %s: %d to %d mm', (way, shape, from, to) => expect(bandOf(way, shape)).toMatchObject({ from, to }));
  test('stir-fry slabs become strips of 6 mm', () => expect(WAY_PRACTICE['stir-fry'].stripWidthMm).toBe(6));
});

test('every way has a usual shape, every shape a band, and what is usual lies in it', () => {
  for (const way of WAYS) {
    expect(shapesOf(way).length).toBeGreaterThan(0);
    for (const shape of SHAPES) {
      const { from, usual, to } = bandOf(way, shape);
      expect(usual).toBeGreaterThanOrEqual(from);
      expect(usual).toBeLessThanOrEqual(to);
    }
  }
});

test('twice the meat is twice the rounds at most, and a round takes as long', () =>
  fc.assert(
    fc.property(fc.double({ min: 50, max: 15_000, noNaN: true }), fc.constantFrom(...WAYS), (massG, way) => {
      const [one, two] = [cookRounds(way, massG, 4), cookRounds(way, 2 * massG, 4)];
      expect(two.rounds).toBeGreaterThanOrEqual(one.rounds);
      expect(two.rounds).toBeLessThanOrEqual(2 * one.rounds);
      expect(two.minutesPerRound).toBe(one.minutesPerRound);
    }),
  ));
