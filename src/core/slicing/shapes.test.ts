import fc from 'fast-check';
import { SHAPES } from '../ways';
import { flattestLeanDeg, pound, shapeCuts, unroll } from '.';

const block = { lengthMm: 200, widthMm: 100, heightMm: 60, thicknessMm: 4 };

describe('sheets (exact)', () => {
  test('12 mm beaten to 4 triples the area: 9600 becomes 28800 mm², each side by the root of three', () => {
    const beaten = pound({ lengthMm: 120, widthMm: 80, fromMm: 12, toMm: 4 });
    expect(beaten.lengthMm * beaten.widthMm).toBeCloseTo(28_800, 6);
    expect(beaten.lengthMm / 120).toBeCloseTo(1.732051, 6);
  });
  test.each([
    [{ widthMm: 70, heightMm: 90, toMm: 10 }, 630],
    [{ widthMm: 80, heightMm: 80, toMm: 8, round: true }, 628.3185],
  ])('%j unrolls to %f mm', (piece, lengthMm) => expect(unroll(piece).sheetLengthMm).toBeCloseTo(lengthMm, 4));
  test('beating and unrolling keep the volume', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 10, max: 80, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (side, heightMm, share) => {
          const toMm = heightMm * share;
          const beaten = pound({ lengthMm: side, widthMm: side, fromMm: heightMm, toMm });
          expect((beaten.lengthMm * beaten.widthMm * toMm) / (side * side * heightMm)).toBeCloseTo(1, 9);
          if (toMm <= side)
            expect((unroll({ widthMm: side, heightMm, toMm }).sheetLengthMm * toMm) / (side * heightMm)).toBeCloseTo(
              1,
              9,
            );
        },
      ),
    ));
  test.each([[{ fromMm: 4, toMm: 12 }], [{ fromMm: 4, toMm: 0 }]])(
    'beaten thicker or to nothing is a bad call',
    (sizes) => expect(() => pound({ lengthMm: 10, widthMm: 10, ...sizes })).toThrow(RangeError),
  );
  test('a sheet thicker than its piece is a bad call', () =>
    expect(() => unroll({ widthMm: 30, heightMm: 5, toMm: 6 })).toThrow(RangeError));
});

describe('shapes', () => {
  test('opened like a book: half the height, twice the area, one cut', () =>
    expect(shapeCuts({ ...block, shape: 'butterflied' })).toMatchObject({
      knifeCuts: 1,
      pieceMm: { lengthMm: 200, widthMm: 200, thicknessMm: 30 },
      coatAreaM2: expect.closeTo(2 * 0.2 * 0.2, 9),
    }));
  test('cubes of 25 mm from 200 x 100 x 50: 8 x 4 x 2', () => {
    const cubes = shapeCuts({ ...block, heightMm: 50, thicknessMm: 25, shape: 'cubes' });
    expect(cubes).toMatchObject({ pieceCount: 64, coatAreaM2: expect.closeTo((64 * 6 * 25 * 25) / 1e6, 9) });
    // Seven cuts across the length; each of the eight slabs three times across the width, each of the 32 bars once.
    expect(cubes.knifeCuts).toBe(7 + 8 * (3 + 1));
  });
  test('cubes use the meat there is: a side that does not go up evenly is parted evenly', () => {
    const made = shapeCuts({ ...block, lengthMm: 300, widthMm: 55, heightMm: 35, thicknessMm: 25, shape: 'cubes' });
    expect(made.pieceCount).toBe(12 * 2 * 1);
    const { lengthMm, widthMm, thicknessMm } = made.pieceMm;
    expect(made.pieceCount * lengthMm * widthMm * thicknessMm).toBeCloseTo(300 * 55 * 35, 6);
  });
  test('steaks of a tall piece straight across, carved leaning after the heat', () => {
    const made = shapeCuts({ ...block, thicknessMm: 15, shape: 'steaks', bevelDeg: 30 });
    expect(made).toMatchObject({
      pieceCount: 13,
      knifeCuts: 12,
      pieceMm: { thicknessMm: expect.closeTo(200 / 13, 9) },
    });
    // Carved 6 mm thick at a lean of 30°: fibres of 12 mm, shorter than the steak is thick.
    expect(made.fibreLengthMm).toBeCloseTo(12, 9);
    expect(made.carving.map(({ code }) => code)).toEqual(['lean', 'slice']);
  });
  test('a piece too tall to beat is cut into steaks first', () => {
    const made = shapeCuts({ ...block, thicknessMm: 6, shape: 'pounded' });
    expect(made.steps.map(({ code }) => code)).toEqual(['steaks', 'score', 'beat']);
    expect(made.pieceCount).toBe(13);
    expect(shapeCuts({ ...block, heightMm: 20, thicknessMm: 6, shape: 'pounded' }).steps[0]!.code).toBe('score');
  });
  test('no slice goes through a bone: shaved off beside it, or boned first', () => {
    expect(shapeCuts({ ...block, shape: 'shaved', onBone: true }).steps[0]).toEqual({ code: 'beside-the-bone' });
    for (const shape of ['strips', 'ribbons', 'cubes', 'butterflied', 'steaks'] as const)
      expect(shapeCuts({ ...block, shape, onBone: true }).steps[0]).toEqual({ code: 'off-the-bone' });
  });
  test('a sheet left unscored carries no surface inside', () =>
    expect([true, false].map((scored) => shapeCuts({ ...block, shape: 'unrolled', scored }).scored)).toEqual([
      true,
      false,
    ]));
  test('fibres that run across a flat steak: parted with the grain before it is carved', () =>
    expect(
      shapeCuts({ ...block, lengthMm: 400, widthMm: 90, heightMm: 18, shape: 'sliced-after', grainDeg: 90, yawDeg: 90 })
        .carving[0],
    ).toMatchObject({ code: 'lengths', count: 5, lengthMm: 80 }));
  test('ribbons cut again: to a width and a length', () =>
    expect(shapeCuts({ ...block, shape: 'ribbons', againWidthMm: 30, againLengthMm: 50 })).toMatchObject({
      pieceCount: 50 * 4,
      pieceMm: { lengthMm: 50, widthMm: 30 },
    }));
  test('a rib of 55 x 60 mm at 6 mm: about half a metre of sheet, nine turns, scored both faces', () => {
    const rib = shapeCuts({
      shape: 'unrolled',
      lengthMm: 120,
      widthMm: 60,
      heightMm: 55,
      thicknessMm: 6,
      onBone: true,
    });
    expect(rib.unrolled).toMatchObject({ sheetLengthMm: 550, turns: 9 });
    expect(rib.steps.map(({ code }) => code)).toEqual(['rod', 'along-the-bone', 'turn-back', 'score']);
  });
  test('strips: every slab cut again', () =>
    expect(shapeCuts({ ...block, shape: 'strips', stripWidthMm: 6 })).toMatchObject({
      sliceCount: 50,
      // Parted once with the grain; slabs of 50 x 60 mm, ten strips each, four slabs cut at a time.
      pieceCount: 50 * 2 * 10,
      knifeCuts: 1 + 100 + 2 * 13 * 9,
      pieceMm: { lengthMm: 50, widthMm: 6, thicknessMm: 4 },
    }));
  test('sliced after cooking: the marinade meets the whole steak', () =>
    expect(shapeCuts({ ...block, shape: 'sliced-after' })).toMatchObject({
      pieceMm: { thicknessMm: 60 },
      sliceCount: 50,
      coatAreaM2: expect.closeTo(2 * (0.2 * 0.1 + 0.2 * 0.06 + 0.1 * 0.06), 9),
    }));
  test('scored and beaten fibres are no longer than a square of the grid', () =>
    expect(shapeCuts({ ...block, heightMm: 20, thicknessMm: 6, shape: 'pounded' }).fibreLengthMm).toBeLessThanOrEqual(
      6,
    ));
  test('each has numbered steps and never gives fibres shorter than nothing, whatever the piece', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...SHAPES),
        fc.double({ min: 40, max: 400, noNaN: true }),
        fc.double({ min: 40, max: 300, noNaN: true }),
        fc.double({ min: 40, max: 150, noNaN: true }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        (shape, lengthMm, widthMm, heightMm, thicknessMm) => {
          const cuts = shapeCuts({ shape, lengthMm, widthMm, heightMm, thicknessMm, stripWidthMm: 6 });
          expect(cuts.steps.length + cuts.carving.length).toBeGreaterThan(0);
          for (const value of [
            cuts.fibreLengthMm,
            cuts.coatAreaM2,
            cuts.knifeCuts,
            cuts.pieceCount,
            ...Object.values(cuts.pieceMm),
          ])
            expect(Number.isFinite(value) && value >= 0).toBe(true);
          expect(cuts.fibreLengthMm).toBeGreaterThan(0);
        },
      ),
    ));
});

test('the flattest lean still holds a full slice', () => {
  const piece = { lengthMm: 60, heightMm: 60 };
  expect(flattestLeanDeg(piece)).toBeCloseTo(45, 9);
  expect(flattestLeanDeg({ lengthMm: 1000, heightMm: 10 })).toBe(75);
});

test('a width that is asked for is kept as nearly as even parts allow, by ratio', () => {
  const cut = (againWidthMm: number) =>
    shapeCuts({ shape: 'ribbons', lengthMm: 160, widthMm: 90, heightMm: 43, thicknessMm: 4, againWidthMm }).pieceMm;
  expect(cut(30).widthMm).toBeCloseTo(21.5, 6);
  expect(cut(31).widthMm).toBeCloseTo(43, 6);
  expect(cut(100).widthMm).toBeCloseTo(43, 6);
  expect(cut(14).widthMm).toBeCloseTo(43 / 3, 6);
});

test.each([
  [53, 26.7, 2],
  [40, 30, 1],
  [41, 40, 2],
  [150, 15, 10],
])(
  'a piece %d mm long, steaks of %d mm asked for: %d, none thicker than direct heat cooks',
  (lengthMm, thicknessMm, count) => {
    const { pieceMm, pieceCount } = shapeCuts({ ...block, shape: 'steaks', lengthMm, thicknessMm, steakMostMm: 40 });
    expect(pieceCount).toBe(count);
    expect(pieceMm.thicknessMm).toBeLessThanOrEqual(40);
  },
);
