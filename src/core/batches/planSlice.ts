import type { Cut } from '../pieces';
import { DIRECT_HEAT } from '../safety';
import {
  dialFor,
  knifeToGrainDeg,
  RAW_MEAT_G_PER_MM3,
  shapeCuts,
  STEAK_TALLEST_MM,
  type DialFit,
  type ShapeCuts,
} from '../slicing';
import { bandOf, shapesOf, wayRecipe, type Shape, type Way } from '../ways';
import type { BatchInputs, Pins } from './inputs';
import type { PiecePlan, SlicePlan } from './plan';

/** Bought in slices, sawn across the bones, or sliced by the butcher: there is nothing left to slice. */
export const comesSliced = ({ form }: Pick<Cut, 'form'>, pins: Pick<Pins, 'comesSliced'> = {}): boolean =>
  form === 'sliced' || form === 'cross-cut-ribs' || Boolean(pins.comesSliced);

/**
 * The shape a way usually takes for this piece: a rib on its bone is unrolled, slices from the shop stay as they are, a piece too tall for a
 * thin steak is cut into steaks.
 */
export function usualShape(
  way: Way,
  cut: Pick<Cut, 'form'>,
  { heightMm, pins = {} }: { heightMm?: number; pins?: Pick<Pins, 'comesSliced'> } = {},
): Shape {
  const { shapes } = wayRecipe(way);
  if (comesSliced(cut, pins)) return 'ribbons';
  if (cut.form === 'bone-block' && shapes.unrolled) return 'unrolled';
  if (shapes.steaks && heightMm !== undefined && heightMm > STEAK_TALLEST_MM) return 'steaks';
  return shapesOf(way)[0]!;
}

export const shapeOf = (
  { way, pins, heightMm }: Pick<BatchInputs, 'way' | 'pins' | 'heightMm'>,
  cut: Pick<Cut, 'form'>,
): Shape => (comesSliced(cut, pins) ? 'ribbons' : (pins.shape ?? usualShape(way, cut, { heightMm, pins })));

/** The usual thickness of what this piece will be cut into. */
export const usualThicknessMm = (way: Way, cut: Pick<Cut, 'form' | 'usualHeightMm'>, heightMm: number): number =>
  comesSliced(cut) ? cut.usualHeightMm : bandOf(way, usualShape(way, cut, { heightMm })).usual;

/** Cuts of one piece, counted over all of them. A sheet is never thicker than its piece. */
export function planSlice(
  inputs: BatchInputs,
  { piece, cut, slicer }: { piece: PiecePlan; cut: Cut; slicer?: DialFit },
): SlicePlan {
  const { way, pins } = inputs;
  const shape = shapeOf(inputs, cut);
  const { lengthMm, widthMm, heightMm, pieces } = piece;
  const sliced = comesSliced(cut, pins);
  const thicknessMm = thicknessOf(inputs, { piece, cut, shape });
  const grainDeg = pins.grainDeg ?? cut.grainDeg;
  const angles = {
    grainDeg,
    grainPitchDeg: pins.grainPitchDeg ?? 0,
    yawDeg: pins.yawDeg ?? grainDeg,
    bevelDeg: pins.bevelDeg ?? wayRecipe(way).bevelDeg,
  };
  const one = sliced
    ? boughtSlice(piece, { thicknessMm, cut })
    : shapeCuts({
        shape,
        lengthMm,
        widthMm,
        heightMm,
        thicknessMm,
        massG: piece.meatG / pieces,
        round: cut.form === 'round',
        onBone: cut.form === 'bone-block',
        scored: pins.scored,
        stripWidthMm: wayRecipe(way).stripWidthMm,
        againWidthMm: pins.stripWidthMm,
        againLengthMm: pins.stripLengthMm,
        steakMostMm: DIRECT_HEAT.refusedOverMm,
        ...(shape === 'sliced-after' ? { carveMm: thicknessMm } : {}),
        ...angles,
      });
  return {
    ...overAll(one, pieces),
    ...angles,
    thicknessMm,
    knifeToGrainDeg: sliced ? 90 : knifeToGrainDeg(angles),
    band: bandOf(way, shape),
    shapes: shapesOf(way),
    soakThicknessMm: Math.min(one.pieceMm.thicknessMm, one.pieceMm.widthMm),
    comesSliced: sliced,
    ...(slicer && !sliced ? { dial: dialFor(slicer, thicknessMm) } : {}),
  };
}

function thicknessOf(
  { thicknessMm, pins }: BatchInputs,
  { piece: { widthMm, heightMm }, cut, shape }: { piece: PiecePlan; cut: Cut; shape: Shape },
): number {
  if (pins.comesSliced) return thicknessMm;
  if (comesSliced(cut)) return heightMm;
  return shape === 'unrolled' ? Math.min(thicknessMm, widthMm, heightMm) : thicknessMm;
}

/** Counts and surfaces of all pieces together. */
function overAll<T extends ShapeCuts>(one: T, pieces: number): T {
  return {
    ...one,
    sliceCount: one.sliceCount * pieces,
    wholeSliceCount: one.wholeSliceCount * pieces,
    pieceCount: one.pieceCount * pieces,
    knifeCuts: one.knifeCuts * pieces,
    coatAreaM2: one.coatAreaM2 * pieces,
    ...(one.strips
      ? {
          strips: {
            ...one.strips,
            stripCount: one.strips.stripCount * pieces,
            coatAreaM2: one.strips.coatAreaM2 * pieces,
          },
        }
      : {}),
  };
}

/** As the shop cut it: taken to be across the fibres, which can be seen but not changed. A cut sold in slices is one to a piece, a butcher's many. */
function boughtSlice(
  { lengthMm, widthMm, heightMm, meatG, pieces }: PiecePlan,
  { thicknessMm, cut }: { thicknessMm: number; cut: Pick<Cut, 'form'> },
): ShapeCuts {
  const each = comesSliced(cut);
  const [longMm, wideMm] = each ? [lengthMm, widthMm] : [Math.max(widthMm, heightMm), Math.min(widthMm, heightMm)];
  const count = each ? 1 : Math.max(1, Math.round(lengthMm / thicknessMm));
  return {
    shape: 'ribbons',
    scored: false,
    fibreLengthMm: thicknessMm,
    sliceWidthMm: wideMm,
    sliceLengthMm: longMm,
    stepMm: thicknessMm,
    sliceCount: count,
    wholeSliceCount: count,
    pieceCount: count,
    knifeCuts: 0,
    wedgeMm: 0,
    coatAreaM2: ((2 * meatG) / pieces / RAW_MEAT_G_PER_MM3 / thicknessMm) * 1e-6,
    pieceMm: { lengthMm: longMm, widthMm: wideMm, thicknessMm },
    steps: [],
    carving: [],
  };
}
