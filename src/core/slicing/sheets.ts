/** Score lines on a face: a grid or stripes this far apart (common practice). */
export const SCORE_MM = 6;
/** On a sheet off a rib the lines may stand further apart, and are the cook's choice: an own estimate. */
export const SCORE_SHEET_MM = 20;
/** The cut along the bone stops this far before the edge (common practice). */
export const HINGE_MM = 6;

export interface Pounded {
  areaFactor: number;
  lengthMm: number;
  widthMm: number;
}

/**
 * A slice beaten from one thickness to another: its volume stays, so its area grows as the thickness falls. Evenly outward; a mallet
 * in practice spreads it more across the fibres than along them.
 * @throws RangeError unless 0 < toMm <= fromMm and the sizes are positive
 * @example pound({ lengthMm: 120, widthMm: 80, fromMm: 12, toMm: 4 }).areaFactor // 3
 */
export function pound({
  lengthMm,
  widthMm,
  fromMm,
  toMm,
}: {
  lengthMm: number;
  widthMm: number;
  fromMm: number;
  toMm: number;
}): Pounded {
  if (!(lengthMm > 0) || !(widthMm > 0) || !(toMm > 0) || !(toMm <= fromMm))
    throw new RangeError('beaten thinner, from positive sizes');
  const areaFactor = fromMm / toMm;
  return { areaFactor, lengthMm: lengthMm * Math.sqrt(areaFactor), widthMm: widthMm * Math.sqrt(areaFactor) };
}

export interface Unrolled {
  sheetLengthMm: number;
  /** Times the blade turns back. */
  turns: number;
  /** Lines across each face. */
  scoreLines: number;
}

/**
 * A block or round cut round and round into one sheet, like paper off a roll: the section becomes length times thickness.
 * @throws RangeError for sizes that are not positive or a sheet thicker than the piece
 * @example unroll({ widthMm: 70, heightMm: 90, toMm: 10 }).sheetLengthMm // 630
 */
export function unroll({
  widthMm,
  heightMm,
  toMm,
  round = false,
}: {
  widthMm: number;
  heightMm: number;
  toMm: number;
  round?: boolean;
}): Unrolled {
  if (!(widthMm > 0) || !(heightMm > 0) || !(toMm > 0) || toMm > Math.min(widthMm, heightMm))
    throw new RangeError('the sheet is thinner than the piece');
  const sheetLengthMm = ((round ? Math.PI / 4 : 1) * widthMm * heightMm) / toMm;
  return {
    sheetLengthMm,
    turns: Math.max(1, Math.ceil(heightMm / toMm - 1e-9) - 1),
    scoreLines: Math.floor(sheetLengthMm / SCORE_SHEET_MM),
  };
}
