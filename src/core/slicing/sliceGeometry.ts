export interface SliceInput {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  /** Turn of the blade from straight across the length, seen from above; the other way negative. */
  yawDeg?: number;
  /** Lean of the blade from upright. */
  bevelDeg?: number;
  /** Turn of the fibres from the length of the piece, seen from above; 0 runs along it. */
  grainDeg?: number;
  /** Dip of the fibres into the board; 0 is level. */
  grainPitchDeg?: number;
  /** When known, the surface to coat is taken from the weight instead of the counted slices. */
  massG?: number;
  /** A round piece: its section is an ellipse of this width and height. */
  round?: boolean;
}

/** Of a rectangle, what an ellipse fills. */
export const ROUND_FILLS = Math.PI / 4;

export interface SliceGeometry {
  /** How long the fibres are within one slice: what the teeth meet. At most the piece itself. */
  fibreLengthMm: number;
  sliceWidthMm: number;
  sliceLengthMm: number;
  /** From cut to cut along the edge of the piece that the knife walks. */
  stepMm: number;
  /** By volume: what is cut up, the slanted ends included. */
  sliceCount: number;
  /** Of these, whole ones between the slanted ends. */
  wholeSliceCount: number;
  /** Both faces of all slices; the narrow edges are left out. */
  coatAreaM2: number;
  /** Length along which the first and last slices are slanted. */
  wedgeMm: number;
}

export const RAW_MEAT_G_PER_MM3 = 1.055e-3;
/** How far a line of this direction cosine runs before it leaves a layer this thick. */
const reach = (layerMm: number, cosine: number) => layerMm / Math.max(Math.abs(cosine), 1e-9);
const rad = (deg: number) => (deg * Math.PI) / 180;

/**
 * Plane cuts through a rectangular block: normal n = (cos b cos y, cos b sin y, sin b), fibres f = (cos p cos a, cos p sin a, sin p),
 * fibre length t / |n.f|. Past the turn at which the blade leaves through the ends instead of the sides, the slices are
 * counted along the width. Exact geometry of the block; a real piece has rounded ends.
 *
 * @throws RangeError for sizes that are not positive or angles outside yaw -90..90, bevel -75..75, pitch -90..90
 * @example sliceGeometry({ lengthMm: 200, widthMm: 100, heightMm: 30, thicknessMm: 4, bevelDeg: 45 }).sliceCount // 35
 */
export function sliceGeometry(input: SliceInput): SliceGeometry {
  const {
    lengthMm,
    widthMm,
    heightMm,
    thicknessMm,
    yawDeg = 0,
    bevelDeg = 0,
    grainDeg = 0,
    grainPitchDeg = 0,
    massG,
    round = false,
  } = input;
  for (const size of [lengthMm, widthMm, heightMm, thicknessMm])
    if (!(size > 0)) throw new RangeError('sizes must be positive');
  if (
    !(Math.abs(yawDeg) <= 90) ||
    !(Math.abs(bevelDeg) <= 75) ||
    !(Math.abs(grainPitchDeg) <= 90) ||
    !(Math.abs(grainDeg) <= 90)
  )
    throw new RangeError('angle out of range');

  const [yaw, bevel] = [rad(Math.abs(yawDeg)), rad(bevelDeg)];
  const endToEnd = Math.tan(yaw) > lengthMm / widthMm;
  const boardStepMm = thicknessMm / Math.cos(bevel);
  const stepMm = boardStepMm / (endToEnd ? Math.sin(yaw) : Math.cos(yaw));
  const sliceWidthMm = heightMm / Math.cos(bevel);
  const sliceLengthMm = endToEnd ? lengthMm / Math.sin(yaw) : widthMm / Math.cos(yaw);
  const walkMm = endToEnd ? widthMm : lengthMm;
  const sliceCount = Math.max(1, Math.floor(walkMm / stepMm + 1e-9));
  // How far a plane of this turn and lean reaches along the walk, from one corner of the block to the other.
  const wedgeMm =
    (endToEnd ? lengthMm / Math.tan(yaw) : widthMm * Math.tan(yaw)) +
    (heightMm * Math.abs(Math.tan(bevel))) / (endToEnd ? Math.sin(yaw) : Math.cos(yaw));
  const wholeSliceCount = Math.min(sliceCount, Math.max(0, Math.floor((walkMm - wedgeMm) / stepMm + 1e-9)));
  const coatAreaMm2 = massG
    ? (2 * massG) / RAW_MEAT_G_PER_MM3 / thicknessMm
    : 2 * sliceCount * sliceWidthMm * sliceLengthMm * (round ? ROUND_FILLS : 1);

  return {
    fibreLengthMm: fibresThrough(
      { lengthMm, widthMm, heightMm, grainDeg, grainPitchDeg },
      { yawDeg, bevelDeg, layerMm: thicknessMm },
    ),
    sliceWidthMm,
    sliceLengthMm,
    stepMm,
    sliceCount,
    wholeSliceCount,
    coatAreaM2: coatAreaMm2 * 1e-6,
    wedgeMm,
  };
}

/** Blade to fibres, degrees: 90 is straight across, 0 along. */
export function knifeToGrainDeg({
  yawDeg = 0,
  bevelDeg = 0,
  grainDeg = 0,
  grainPitchDeg = 0,
}: Pick<SliceInput, 'yawDeg' | 'bevelDeg' | 'grainDeg' | 'grainPitchDeg'>): number {
  const [yaw, bevel, grain, pitch] = [rad(yawDeg), rad(bevelDeg), rad(grainDeg), rad(grainPitchDeg)];
  const crossing = Math.cos(bevel) * Math.cos(pitch) * Math.cos(yaw - grain) + Math.sin(bevel) * Math.sin(pitch);
  return (Math.asin(Math.min(1, Math.abs(crossing))) * 180) / Math.PI;
}

/** How long the fibres are within a layer cut by a plane of this turn and lean: t / |n.f|, at most as long as the piece allows. */
export function fibresThrough(
  { lengthMm, widthMm, heightMm, grainDeg = 0, grainPitchDeg = 0 }: Omit<SliceInput, 'thicknessMm'>,
  { yawDeg, bevelDeg, layerMm }: { yawDeg: number; bevelDeg: number; layerMm: number },
): number {
  const [yaw, bevel, grain, pitch] = [rad(yawDeg), rad(bevelDeg), rad(grainDeg), rad(grainPitchDeg)];
  const crossing = Math.abs(
    Math.cos(bevel) * Math.cos(pitch) * Math.cos(yaw - grain) + Math.sin(bevel) * Math.sin(pitch),
  );
  return Math.min(
    reach(layerMm, crossing),
    reach(lengthMm, Math.cos(pitch) * Math.cos(grain)),
    reach(widthMm, Math.cos(pitch) * Math.sin(grain)),
    reach(heightMm, Math.sin(pitch)),
  );
}

/**
 * How long the fibres are in a part of a slice: no longer than in the slice, and within the part's own sides.
 * @param part its sides along the slice's length and along its width, mm
 */
export function fibresInPart(
  fibreLengthMm: number,
  { yawDeg = 0, bevelDeg = 0, grainDeg = 0, grainPitchDeg = 0 }: Partial<SliceInput>,
  part: { lengthMm: number; widthMm: number },
): number {
  const [turned, bevel, pitch] = [rad(grainDeg - yawDeg), rad(bevelDeg), rad(grainPitchDeg)];
  return Math.min(
    fibreLengthMm,
    reach(part.lengthMm, Math.cos(pitch) * Math.sin(turned)),
    reach(part.widthMm, Math.cos(bevel) * Math.sin(pitch) - Math.sin(bevel) * Math.cos(pitch) * Math.cos(turned)),
  );
}

/** The flattest lean at which a full slice still fits in the length of the piece, degrees from upright. */
export const flattestLeanDeg = ({ lengthMm, heightMm }: Pick<SliceInput, 'lengthMm' | 'heightMm'>): number =>
  Math.min(75, (Math.atan2(lengthMm, heightMm) * 180) / Math.PI);
