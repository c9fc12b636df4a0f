import type { Shape } from '../cooking';
import { cutStrips, type Strips } from './cutStrips';
import { HINGE_MM, pound, SCORE_MM, unroll, type Pounded, type Unrolled } from './sheets';
import { fibresThrough, RAW_MEAT_G_PER_MM3, sliceGeometry, type SliceGeometry, type SliceInput } from './sliceGeometry';

/** What to do with the knife, in order; words for each are elsewhere. */
export type CutStep =
  | { code: 'find-fibres' }
  | { code: 'lay-flat' }
  | { code: 'lean'; deg: number }
  | { code: 'slice'; thicknessMm: number; count: number }
  | { code: 'stack-strips'; widthMm: number; perSlab: number }
  | { code: 'divide'; sideMm: number; along: 'length' | 'width' | 'height'; count: number }
  | { code: 'along-the-bone'; hingeMm: number }
  | { code: 'rod'; rodMm: number }
  | { code: 'turn-back'; turns: number }
  | { code: 'score'; gapMm: number; lines: number; grid: boolean }
  | { code: 'open-like-a-book'; hingeMm: number }
  | { code: 'beat'; fromMm: number; toMm: number }
  | { code: 'cook-whole' }
  | { code: 'rest' };

export interface ShapeInput extends SliceInput {
  shape: Shape;
  /** For strips: slabs are cut again to this width. */
  stripWidthMm?: number;
  /** A round unrolls by the area of a circle. */
  round?: boolean;
}

export interface ShapeCuts extends SliceGeometry {
  shape: Shape;
  /** Strokes of the knife through one piece. */
  knifeCuts: number;
  /** What one piece gives: slices, strips, cubes or one sheet. */
  pieceCount: number;
  /** Length, width and thickness of what goes into the marinade. */
  pieceMm: { lengthMm: number; widthMm: number; thicknessMm: number };
  steps: CutStep[];
  strips?: Strips;
  unrolled?: Unrolled;
  pounded?: Pounded;
}

const across = (sideMm: number, cubeMm: number) => Math.max(1, Math.floor(sideMm / cubeMm + 1e-9));

/**
 * One piece cut into a shape: how many strokes, what comes of it, how it is done. Slices leave out the end wedges and what sticks to
 * the knife: expect five to ten in a hundred fewer (common practice).
 *
 * @throws RangeError for what the piece does not allow: a sheet or cube larger than it is
 */
export function shapeCuts(input: ShapeInput): ShapeCuts {
  const { shape, lengthMm, widthMm, heightMm, thicknessMm, bevelDeg = 0, massG } = input;
  const geometry = sliceGeometry(input);
  const lean: CutStep[] = bevelDeg ? [{ code: 'lean', deg: bevelDeg }] : [];
  const sliced: CutStep[] = [
    { code: 'find-fibres' },
    ...lean,
    { code: 'slice', thicknessMm, count: geometry.sliceCount },
  ];
  const sliceMm = { lengthMm: geometry.sliceLengthMm, widthMm: geometry.sliceWidthMm, thicknessMm };
  /** Fibres of a sheet that was cut level: through its thickness where they dip, else along it. */
  const inSheet = (sheetMm: number) => fibresThrough(input, { yawDeg: 0, bevelDeg: 90, layerMm: sheetMm });

  switch (shape) {
    case 'strips': {
      const strips = cutStrips(geometry, thicknessMm, input.stripWidthMm ?? thicknessMm);
      const perSlab = Math.round(strips.stripCount / Math.max(1, geometry.sliceCount));
      return {
        ...geometry,
        shape,
        strips,
        coatAreaM2: strips.coatAreaM2,
        knifeCuts: geometry.sliceCount + geometry.sliceCount * Math.max(0, perSlab - 1),
        pieceCount: strips.stripCount,
        pieceMm: { lengthMm: strips.stripLengthMm, widthMm: strips.stripWidthMm, thicknessMm },
        steps: [...sliced, { code: 'stack-strips', widthMm: strips.stripWidthMm, perSlab }],
      };
    }
    case 'ribbons':
    case 'shaved':
      return {
        ...geometry,
        shape,
        knifeCuts: geometry.sliceCount,
        pieceCount: geometry.sliceCount,
        pieceMm: sliceMm,
        steps: shape === 'shaved' ? [{ code: 'lay-flat' }, ...sliced] : sliced,
      };
    case 'sliced-after': {
      const faces = 2 * (lengthMm * widthMm + lengthMm * heightMm + widthMm * heightMm) * 1e-6;
      return {
        ...geometry,
        shape,
        coatAreaM2: faces,
        knifeCuts: geometry.sliceCount,
        pieceCount: geometry.sliceCount,
        pieceMm: { lengthMm, widthMm, thicknessMm: heightMm },
        steps: [{ code: 'cook-whole' }, { code: 'rest' }, ...sliced],
      };
    }
    case 'cubes': {
      const [along, over, up] = [
        across(lengthMm, thicknessMm),
        across(widthMm, thicknessMm),
        across(heightMm, thicknessMm),
      ];
      const count = along * over * up;
      return {
        ...geometry,
        shape,
        fibreLengthMm: thicknessMm,
        sliceCount: along,
        coatAreaM2: massG
          ? ((6 * massG) / RAW_MEAT_G_PER_MM3 / thicknessMm) * 1e-6
          : 6 * count * thicknessMm ** 2 * 1e-6,
        knifeCuts: along - 1 + along * (over - 1 + (up - 1)),
        pieceCount: count,
        pieceMm: { lengthMm: thicknessMm, widthMm: thicknessMm, thicknessMm: Math.min(thicknessMm, heightMm) },
        steps: [
          { code: 'divide', sideMm: thicknessMm, along: 'length', count: along },
          { code: 'divide', sideMm: thicknessMm, along: 'width', count: over },
          { code: 'divide', sideMm: thicknessMm, along: 'height', count: up },
        ],
      };
    }
    case 'unrolled': {
      const sheet = unroll({ widthMm, heightMm, toMm: thicknessMm, round: input.round });
      return {
        ...geometry,
        shape,
        unrolled: sheet,
        fibreLengthMm: Math.min(SCORE_MM, inSheet(thicknessMm)),
        sliceCount: 1,
        sliceLengthMm: sheet.sheetLengthMm,
        sliceWidthMm: lengthMm,
        coatAreaM2: 2 * sheet.sheetLengthMm * lengthMm * 1e-6,
        knifeCuts: sheet.turns + 1,
        pieceCount: 1,
        pieceMm: { lengthMm: sheet.sheetLengthMm, widthMm: lengthMm, thicknessMm },
        steps: [
          { code: 'rod', rodMm: thicknessMm },
          { code: 'along-the-bone', hingeMm: HINGE_MM },
          { code: 'turn-back', turns: sheet.turns },
          { code: 'score', gapMm: SCORE_MM, lines: 2 * sheet.scoreLines, grid: false },
        ],
      };
    }
    case 'butterflied': {
      const half = heightMm / 2;
      return {
        ...geometry,
        shape,
        fibreLengthMm: inSheet(half),
        sliceCount: 1,
        sliceLengthMm: lengthMm,
        sliceWidthMm: 2 * widthMm,
        coatAreaM2: 4 * lengthMm * widthMm * 1e-6,
        knifeCuts: 1,
        pieceCount: 1,
        pieceMm: { lengthMm, widthMm: 2 * widthMm, thicknessMm: half },
        steps: [{ code: 'lay-flat' }, { code: 'open-like-a-book', hingeMm: HINGE_MM }],
      };
    }
    case 'pounded': {
      const beaten = pound({ lengthMm, widthMm, fromMm: heightMm, toMm: Math.min(thicknessMm, heightMm) });
      const lines = 2 * (Math.floor(lengthMm / SCORE_MM) + Math.floor(widthMm / SCORE_MM));
      return {
        ...geometry,
        shape,
        pounded: beaten,
        fibreLengthMm: Math.min(SCORE_MM, inSheet(heightMm)),
        sliceCount: 1,
        sliceLengthMm: beaten.lengthMm,
        sliceWidthMm: beaten.widthMm,
        coatAreaM2: 2 * beaten.lengthMm * beaten.widthMm * 1e-6,
        knifeCuts: lines,
        pieceCount: 1,
        pieceMm: { lengthMm: beaten.lengthMm, widthMm: beaten.widthMm, thicknessMm: Math.min(thicknessMm, heightMm) },
        steps: [
          { code: 'score', gapMm: SCORE_MM, lines, grid: true },
          { code: 'beat', fromMm: heightMm, toMm: Math.min(thicknessMm, heightMm) },
        ],
      };
    }
  }
}
