import fc from 'fast-check';
import { cutStrips, sliceGeometry } from '.';
import { fibresInPart } from './sliceGeometry';

const block = { lengthMm: 200, widthMm: 100, heightMm: 30 };

describe('plane cuts through a block (analytic cases)', () => {
  test.each([
    [{ thicknessMm: 4 }, 4],
    [{ thicknessMm: 4, bevelDeg: 45 }, 5.656854],
    [{ thicknessMm: 3, bevelDeg: 45, yawDeg: 30 }, 4.898979],
    [{ thicknessMm: 5, bevelDeg: 30, grainPitchDeg: 30 }, 5],
    [{ thicknessMm: 5, grainPitchDeg: 30 }, 5.773503],
    [{ thicknessMm: 5, bevelDeg: -30, grainPitchDeg: 30 }, 10],
    [{ thicknessMm: 5, yawDeg: 60 }, 10],
    [{ thicknessMm: 5, yawDeg: 80 }, 28.793852],
  ])('fibre length of %j is %f mm', (cut, fibreMm) =>
    expect(sliceGeometry({ ...block, ...cut }).fibreLengthMm).toBeCloseTo(fibreMm, 6),
  );

  test('leaning 45 degrees', () => {
    const cut = sliceGeometry({ ...block, thicknessMm: 4, bevelDeg: 45 });
    expect(cut).toMatchObject({
      sliceWidthMm: expect.closeTo(42.426407, 6),
      stepMm: expect.closeTo(5.656854, 6),
      sliceCount: 35,
      wedgeMm: expect.closeTo(30, 6),
    });
  });
  test('leaning 60 degrees', () => {
    const cut = sliceGeometry({ lengthMm: 150, widthMm: 100, heightMm: 25, thicknessMm: 5, bevelDeg: 60 });
    expect(cut).toMatchObject({
      sliceWidthMm: expect.closeTo(50, 6),
      stepMm: expect.closeTo(10, 6),
      sliceCount: 15,
      wedgeMm: expect.closeTo(43.30127, 6),
    });
  });
  test('turned 20 degrees', () => {
    const cut = sliceGeometry({ lengthMm: 180, widthMm: 90, heightMm: 30, thicknessMm: 3, yawDeg: 20 });
    expect(cut).toMatchObject({
      stepMm: expect.closeTo(3.192533, 6),
      sliceLengthMm: expect.closeTo(95.775999, 5),
      sliceCount: 56,
    });
  });
  test('with the grain the fibres run the length of the piece', () =>
    expect(sliceGeometry({ ...block, thicknessMm: 5, yawDeg: 90 }).fibreLengthMm).toBeCloseTo(200, 6));
  test('turned the other way it is the mirror image', () => {
    const [left, right] = [-30, 30].map((deg) =>
      sliceGeometry({ ...block, thicknessMm: 4, yawDeg: deg, grainDeg: deg }),
    );
    expect(left).toEqual(right);
    expect(sliceGeometry({ ...block, thicknessMm: 4, yawDeg: -30, grainDeg: 30 }).fibreLengthMm).toBeCloseTo(8, 9);
  });
  test('fibres across the piece are crossed by a blade along it', () =>
    expect(sliceGeometry({ ...block, thicknessMm: 4, yawDeg: 90, grainDeg: 90 }).fibreLengthMm).toBeCloseTo(4, 6));
});

describe('for any block and blade', () => {
  const any = fc.record({
    lengthMm: fc.double({ min: 10, max: 400, noNaN: true }),
    widthMm: fc.double({ min: 10, max: 400, noNaN: true }),
    heightMm: fc.double({ min: 10, max: 150, noNaN: true }),
    thicknessMm: fc.double({ min: 1, max: 10, noNaN: true }),
    yawDeg: fc.double({ min: 0, max: 90, noNaN: true }),
    bevelDeg: fc.double({ min: 0, max: 70, noNaN: true }),
  });
  test('fibres are never shorter than the slice is thick', () =>
    fc.assert(
      fc.property(any, (input) =>
        expect(sliceGeometry(input).fibreLengthMm).toBeGreaterThanOrEqual(input.thicknessMm - 1e-9),
      ),
    ));
  test('slices hold the volume of the block, the last incomplete one aside', () =>
    fc.assert(
      fc.property(any, (input) => {
        const { sliceCount, sliceWidthMm, sliceLengthMm, stepMm } = sliceGeometry({ ...input, yawDeg: 0 });
        const volume = sliceCount * sliceWidthMm * sliceLengthMm * input.thicknessMm;
        const perSlice = sliceWidthMm * sliceLengthMm * input.thicknessMm;
        const whole = input.lengthMm * input.widthMm * input.heightMm;
        // A block shorter than one slice is one slice all the same.
        expect(volume).toBeLessThanOrEqual(Math.max(whole, perSlice) * (1 + 1e-6));
        expect(volume).toBeGreaterThan(whole - perSlice * 1.000001);
        expect(stepMm).toBeGreaterThanOrEqual(input.thicknessMm - 1e-9);
      }),
    ));
  test('the count does not jump where the blade starts to leave through the ends', () => {
    const at = (yawDeg: number) => sliceGeometry({ ...block, thicknessMm: 2, yawDeg });
    const turn = (Math.atan(2) * 180) / Math.PI;
    expect(Math.abs(at(turn - 0.01).sliceCount - at(turn + 0.01).sliceCount)).toBeLessThanOrEqual(1);
    expect(at(turn - 0.01).sliceLengthMm).toBeCloseTo(at(turn + 0.01).sliceLengthMm, 0);
  });
  test('surface from weight and from counted slices agree', () => {
    const massG = 200 * 100 * 30 * 1.055e-3;
    expect(sliceGeometry({ ...block, thicknessMm: 4, massG }).coatAreaM2).toBeCloseTo(
      sliceGeometry({ ...block, thicknessMm: 4 }).coatAreaM2,
      3,
    );
  });
});

test.each([
  { thicknessMm: 0 },
  { thicknessMm: NaN },
  { thicknessMm: 4, lengthMm: -1 },
  { thicknessMm: 4, yawDeg: 91 },
  { thicknessMm: 4, bevelDeg: 80 },
])('%j is a bad call', (bad) => expect(() => sliceGeometry({ ...block, ...bad })).toThrow(RangeError));

describe('strips as cooks cut them (common practice)', () => {
  const usual = { thicknessMm: 4, usualWidthMm: 6 };
  test('a flat piece: the slice is the strip, parted with the grain into lengths of 60 to 80 mm', () => {
    const slices = sliceGeometry({ ...block, widthMm: 200, heightMm: 25, thicknessMm: 4 });
    expect(cutStrips(slices, usual)).toMatchObject({
      stripLengthMm: expect.closeTo(200 / 3, 9),
      stripWidthMm: 25,
      perSlab: 1,
      lengths: 3,
      partedFirst: true,
      stripCount: 3 * slices.sliceCount,
      coatAreaM2: expect.closeTo(slices.coatAreaM2 * (1 + 4 / 25), 9),
    });
  });
  test('a tall piece: slabs, cut again along their longer side', () => {
    const slabs = sliceGeometry({ ...block, widthMm: 70, heightMm: 60, thicknessMm: 4 });
    expect(cutStrips(slabs, usual)).toMatchObject({ stripLengthMm: 70, stripWidthMm: 6, perSlab: 10, lengths: 1 });
    const taller = sliceGeometry({ ...block, widthMm: 50, heightMm: 120, thicknessMm: 4 });
    expect(cutStrips(taller, usual)).toMatchObject({ stripLengthMm: 60, lengths: 2, partedFirst: false });
  });
  test('the edge: 30 mm is a strip still, 31 is a slab', () =>
    expect(
      [30, 31].map((heightMm) => cutStrips(sliceGeometry({ ...block, heightMm, thicknessMm: 4 }), usual).perSlab > 1),
    ).toEqual([false, true]));
  test('a width that the cook sets cuts flat slices again too', () =>
    expect(
      cutStrips(sliceGeometry({ ...block, heightMm: 24, thicknessMm: 4 }), { ...usual, widthMm: 8 }),
    ).toMatchObject({ perSlab: 3, stripWidthMm: 8 }));
  test('strips of a slab hold all of its meat, whatever the piece', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 300, noNaN: true }),
        fc.double({ min: 10, max: 150, noNaN: true }),
        (widthMm, heightMm) => {
          const slabs = sliceGeometry({ ...block, widthMm, heightMm, thicknessMm: 4 });
          const { stripCount, stripLengthMm, stripWidthMm } = cutStrips(slabs, usual);
          expect((stripCount * stripLengthMm * stripWidthMm) / (slabs.sliceCount * widthMm * heightMm)).toBeCloseTo(
            1,
            9,
          );
        },
      ),
    ));
});

describe('whole slices between the slanted ends', () => {
  // The worked case: t 5, H 25, W 100, L 150, lean 60: 15 by volume, a wedge of 43.301 mm, 10 whole.
  test('15, of them 10 whole', () =>
    expect(sliceGeometry({ lengthMm: 150, widthMm: 100, heightMm: 25, thicknessMm: 5, bevelDeg: 60 })).toMatchObject({
      sliceCount: 15,
      wholeSliceCount: 10,
      wedgeMm: expect.closeTo(43.301, 3),
    }));
  test('a turned blade slants the ends too: W tan of the turn', () =>
    expect(sliceGeometry({ lengthMm: 180, widthMm: 90, heightMm: 30, thicknessMm: 3, yawDeg: 20 }).wedgeMm).toBeCloseTo(
      90 * Math.tan(Math.PI / 9),
      9,
    ));
  test('turned and leaned, the plane reaches W tan(turn) + H tan(lean) / cos(turn)', () => {
    const [turn, lean] = [Math.PI / 6, Math.PI / 4];
    const { wedgeMm, wholeSliceCount, stepMm } = sliceGeometry({
      lengthMm: 300,
      widthMm: 80,
      heightMm: 40,
      thicknessMm: 4,
      yawDeg: 30,
      bevelDeg: 45,
    });
    expect(wedgeMm).toBeCloseTo(80 * Math.tan(turn) + (40 * Math.tan(lean)) / Math.cos(turn), 9);
    expect(wholeSliceCount).toBe(Math.floor((300 - wedgeMm) / stepMm));
  });
  test('upright and straight, all are whole', () => {
    const { sliceCount, wholeSliceCount } = sliceGeometry({ ...block, thicknessMm: 4 });
    expect(wholeSliceCount).toBe(sliceCount);
  });
});

/** The blade's plane has the normal (cos lean cos turn, cos lean sin turn, sin lean); the corners of the block farthest apart along it say how far the cuts reach (analytic). */
test.each([
  [0, 0],
  [35, 20],
  [-50, 0],
  [75, 0],
  [75, 35],
  [-85, 50],
])('turned by %d and leaning by %d degrees the wedge is what the corners of the block say', (yawDeg, bevelDeg) => {
  const block = { lengthMm: 160, widthMm: 90, heightMm: 30 };
  const { wedgeMm } = sliceGeometry({ ...block, thicknessMm: 4, yawDeg, bevelDeg });
  const [turn, lean] = [(Math.abs(yawDeg) * Math.PI) / 180, (bevelDeg * Math.PI) / 180];
  const normal = [Math.cos(lean) * Math.cos(turn), Math.cos(lean) * Math.sin(turn), Math.sin(lean)];
  const span = block.lengthMm * normal[0]! + block.widthMm * normal[1]! + block.heightMm * normal[2]!;
  // The cuts walk along the length until they run so steep that they walk along the width.
  const endToEnd = Math.tan(turn) > block.lengthMm / block.widthMm;
  const [walked, along] = endToEnd ? [block.widthMm, normal[1]!] : [block.lengthMm, normal[0]!];
  expect(wedgeMm).toBeCloseTo(span / along - walked, 6);
});

test('cut with the grain, the fibres are as long as the strip that is parted from it; across it the slice alone decides', () => {
  const along = { yawDeg: 90, grainDeg: 0 };
  expect(fibresInPart(284, along, { lengthMm: 71, widthMm: 20 })).toBeCloseTo(71, 9);
  expect(fibresInPart(4, { yawDeg: 0, grainDeg: 0 }, { lengthMm: 71, widthMm: 20 })).toBe(4);
  // Half-way between, the length counts by its share along the fibres.
  expect(fibresInPart(200, { yawDeg: 45, grainDeg: 0 }, { lengthMm: 50, widthMm: 20 })).toBeCloseTo(
    50 / Math.SQRT1_2,
    9,
  );
  // Fibres that dip end at the upper and lower side of an upright slice.
  expect(fibresInPart(200, { grainDeg: 90, grainPitchDeg: 30 }, { lengthMm: 300, widthMm: 20 })).toBeCloseTo(40, 9);
});
