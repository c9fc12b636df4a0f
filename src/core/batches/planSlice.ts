import { bandOf, shapesOf, WAY_PRACTICE, type Shape, type Way } from '../cooking';
import type { Cut } from '../pieces';
import { dialFor, RAW_MEAT_G_PER_MM3, shapeCuts, type DialFit, type ShapeCuts } from '../slicing';
import { judgeTenderizing } from '../tenderizing';
import type { BatchInputs, Pins } from './inputs';
import { comesSliced } from './planFirm';
import type { PiecePlan, SlicePlan } from './plan';

/** The shape a way usually takes; a rib on its bone is unrolled, slices from the shop stay as they are. */
export function usualShape(way: Way, cut: Pick<Cut, 'form'>): Shape {
  if (cut.form === 'bone-block' && WAY_PRACTICE[way].shapes.unrolled) return 'unrolled';
  if (comesSliced(cut)) return 'ribbons';
  return shapesOf(way)[0]!;
}

export const shapeOf = ({ way, pins }: { way: Way; pins: Pins }, cut: Pick<Cut, 'form'>): Shape =>
  pins.shape ?? usualShape(way, cut);

/** Cuts of one piece, counted over all of them. A sheet is never thicker than its piece. */
export function planSlice(
  { way, thicknessMm: wishedMm, pins }: BatchInputs,
  { piece, cut, slicer }: { piece: PiecePlan; cut: Cut; slicer?: DialFit },
): SlicePlan {
  const practice = WAY_PRACTICE[way];
  const shape = shapeOf({ way, pins }, cut);
  const { lengthMm, widthMm, heightMm, pieces } = piece;
  const thicknessMm = comesSliced(cut)
    ? heightMm
    : shape === 'unrolled'
      ? Math.min(wishedMm, widthMm, heightMm)
      : wishedMm;
  const grainDeg = pins.grainDeg ?? cut.grainDeg;
  const angles = {
    grainDeg,
    grainPitchDeg: pins.grainPitchDeg ?? 0,
    yawDeg: pins.yawDeg ?? grainDeg,
    bevelDeg: pins.bevelDeg ?? practice.bevelDeg,
  };
  const one = comesSliced(cut)
    ? boughtSlice(piece)
    : shapeCuts({
        shape,
        lengthMm,
        widthMm,
        heightMm,
        thicknessMm,
        massG: piece.trimmedG / pieces,
        round: cut.form === 'round',
        stripWidthMm: pins.stripWidthMm ?? practice.stripWidthMm,
        ...angles,
      });
  const cuts = {
    ...one,
    sliceCount: one.sliceCount * pieces,
    pieceCount: one.pieceCount * pieces,
    knifeCuts: one.knifeCuts * pieces,
    coatAreaM2: one.coatAreaM2 * pieces,
  };
  return {
    ...cuts,
    ...angles,
    ...(one.strips
      ? {
          strips: {
            ...one.strips,
            stripCount: one.strips.stripCount * pieces,
            coatAreaM2: one.strips.coatAreaM2 * pieces,
          },
        }
      : {}),
    thicknessMm,
    knifeToGrainDeg: (Math.asin(Math.min(1, thicknessMm / one.fibreLengthMm)) * 180) / Math.PI,
    band: bandOf(way, shape),
    shapes: shapesOf(way),
    soakThicknessMm: Math.min(one.pieceMm.thicknessMm, one.pieceMm.widthMm),
    judgement: judgeTenderizing(cut, { way, fibreLengthMm: one.fibreLengthMm, thicknessMm }),
    ...(slicer ? { dial: dialFor(slicer, thicknessMm) } : {}),
  };
}

/** One slice as the shop cut it: taken to be across the fibres, which can be seen but not changed. */
function boughtSlice({ lengthMm, widthMm, heightMm, trimmedG, pieces }: PiecePlan): ShapeCuts {
  return {
    shape: 'ribbons',
    fibreLengthMm: heightMm,
    sliceWidthMm: widthMm,
    sliceLengthMm: lengthMm,
    stepMm: heightMm,
    sliceCount: 1,
    pieceCount: 1,
    knifeCuts: 0,
    wedgeMm: 0,
    coatAreaM2: ((2 * trimmedG) / pieces / RAW_MEAT_G_PER_MM3 / heightMm) * 1e-6,
    pieceMm: { lengthMm, widthMm, thicknessMm: heightMm },
    steps: [],
  };
}
