import type { BatchPlan } from '@/core/batches';
import type { Cut } from '@/core/pieces';
import type { DrawnPiece } from '../drawing/pieceDrawing';

/** The numbers of a plan that its drawing shows. */
export function drawnPiece({ piece, slice }: BatchPlan, cut: Cut): DrawnPiece {
  const { lengthMm, widthMm, heightMm } = piece;
  const { shape, thicknessMm, yawDeg, bevelDeg, grainDeg, grainPitchDeg } = slice;
  return {
    animal: cut.animal,
    lengthMm,
    widthMm,
    heightMm,
    shape,
    thicknessMm,
    yawDeg,
    bevelDeg,
    grainDeg,
    grainPitchDeg,
  };
}
