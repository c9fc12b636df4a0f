import type { Shape } from '../ways';
import { cutStrips, lengthsOf, LENGTH_MOST_MM, STACKED_SLABS, type Strips } from './cutStrips';
import { HINGE_MM, pound, SCORE_MM, SCORE_SHEET_MM, unroll, type Pounded, type Unrolled } from './sheets';
import {
  fibresInPart,
  fibresThrough,
  knifeToGrainDeg,
  RAW_MEAT_G_PER_MM3,
  ROUND_FILLS,
  sliceGeometry,
  type SliceGeometry,
  type SliceInput,
} from './sliceGeometry';

/** What to do with the knife, in order; words for each are elsewhere. */
export type CutStep =
  | { code: 'find-fibres'; withGrain: boolean }
  | { code: 'lay-flat' }
  | { code: 'off-the-bone' }
  | { code: 'beside-the-bone' }
  | { code: 'lengths'; lengthMm: number; count: number; withGrain: boolean }
  | { code: 'lean'; deg: number }
  | { code: 'slice'; thicknessMm: number; count: number; whole: number }
  | { code: 'steaks'; thicknessMm: number; count: number }
  | { code: 'stack-strips'; widthMm: number; perSlab: number; stacked: number; lengths: number }
  | { code: 'again'; widthMm: number; lengthMm: number; perSlice: number }
  | { code: 'divide'; sideMm: number; along: 'length' | 'width' | 'height'; count: number }
  | { code: 'along-the-bone'; hingeMm: number }
  | { code: 'rod'; rodMm: number }
  | { code: 'turn-back'; turns: number }
  | { code: 'score'; gapMm: number; lines: number; grid: boolean }
  | { code: 'open-like-a-book'; hingeMm: number }
  | { code: 'beat'; fromMm: number; toMm: number };

export interface ShapeInput extends SliceInput {
  shape: Shape;
  /** For strips of a tall piece: slabs are cut again to this width. */
  stripWidthMm?: number;
  /** Set by the cook for strips and ribbons: cut again to this width, and to no more than this length. */
  /** No steak is thicker than this. */
  steakMostMm?: number;
  againWidthMm?: number;
  againLengthMm?: number;
  /** A sheet off a rib is scored or left whole. */
  scored?: boolean;
  /** Sits on a bone that no slice goes through. */
  onBone?: boolean;
  /** How thick it is carved after the heat. */
  carveMm?: number;
}

export interface ShapeCuts extends SliceGeometry {
  shape: Shape;
  /** Strokes of the knife through one piece. */
  knifeCuts: number;
  /** What one piece gives: slices, strips, cubes or one sheet. */
  pieceCount: number;
  /** Length, width and thickness of what goes into the marinade; of a round piece the rectangle of the same area. */
  pieceMm: { lengthMm: number; widthMm: number; thicknessMm: number };
  /** At the board, before the heat. */
  steps: CutStep[];
  /** After the heat; empty where nothing is carved. */
  carving: CutStep[];
  /** Scored through or beaten by the shape itself: the surface is carried inside. */
  scored: boolean;
  strips?: Strips;
  unrolled?: Unrolled;
  pounded?: Pounded;
}

/** Carved on the table this thick where nothing else is asked (common practice for a thin steak: 4 to 10 mm). */
const CARVE_MM = 6;
/** A piece taller than this is cut into steaks before it is beaten, this thick: own estimate around customary steaks. */
export const STEAK_TALLEST_MM = 25;
const STEAK_TO_BEAT_MM = 15;

/** Even parts of a side, each as near as can be to the size asked for: nothing is left over. */
const evenParts = (sideMm: number, wishedMm: number) => Math.max(1, Math.round(sideMm / wishedMm));

/** So many parts that each is as near to the size asked for as can be, by ratio: 43 mm asked at 30 becomes two, not one. */
function nearestParts(sideMm: number, wishedMm: number): number {
  const fewer = Math.max(1, Math.floor(sideMm / wishedMm));
  return sideMm / fewer / wishedMm > wishedMm / (sideMm / (fewer + 1)) ? fewer + 1 : fewer;
}

/** The piece as it lies, everything that the shapes share. */
interface Block {
  input: ShapeInput;
  geometry: SliceGeometry;
  /** Width and height of the rectangle with the area of the section. */
  fills: number;
}

/**
 * One piece cut into a shape: how many strokes, what comes of it, how it is done. Counts are by volume; what sticks to the knife is not taken
 * off (five to ten in a hundred, common practice).
 *
 * @throws RangeError for what the piece does not allow: a sheet thicker than it is
 */
export function shapeCuts(input: ShapeInput): ShapeCuts {
  const block: Block = { input, geometry: sliceGeometry(input), fills: input.round ? ROUND_FILLS : 1 };
  const cuts = CUT_INTO[input.shape](block);
  const bone: CutStep[] =
    !input.onBone || input.shape === 'unrolled'
      ? []
      : [{ code: input.shape === 'shaved' ? 'beside-the-bone' : 'off-the-bone' }];
  return { carving: [], ...cuts, steps: [...bone, ...cuts.steps] };
}

/** Fibres of a sheet that was cut level: through its thickness where they dip, else along it. */
const inSheet = ({ input }: Block, sheetMm: number) =>
  fibresThrough(input, { yawDeg: 0, bevelDeg: 90, layerMm: sheetMm });

const leanStep = ({ bevelDeg = 0 }: ShapeInput): CutStep[] => (bevelDeg ? [{ code: 'lean', deg: bevelDeg }] : []);
/** The blade runs with the fibres rather than across them. */
const WITH_GRAIN_DEG = 45;
const withGrain = ({ yawDeg = 0, bevelDeg = 0, grainDeg, grainPitchDeg }: ShapeInput) =>
  knifeToGrainDeg({ yawDeg, bevelDeg, grainDeg, grainPitchDeg }) < WITH_GRAIN_DEG;

const sliceSteps = ({ input, geometry }: Block, thicknessMm = input.thicknessMm): CutStep[] => [
  { code: 'find-fibres', withGrain: withGrain(input) },
  ...leanStep(input),
  { code: 'slice', thicknessMm, count: geometry.sliceCount, whole: geometry.wholeSliceCount },
];

type Cuts = Omit<ShapeCuts, 'carving'> & Partial<Pick<ShapeCuts, 'carving'>>;
const CUT_INTO: Record<Shape, (block: Block) => Cuts> = {
  strips,
  ribbons: slices,
  shaved: slices,
  cubes,
  unrolled,
  butterflied,
  pounded,
  steaks,
  'sliced-after': wholeSteak,
};

function strips(block: Block): Cuts {
  const { input, geometry } = block;
  const { thicknessMm } = input;
  const cut = cutStrips(geometry, {
    thicknessMm,
    usualWidthMm: input.stripWidthMm ?? thicknessMm,
    widthMm: input.againWidthMm,
    mostLengthMm: input.againLengthMm,
    round: input.round,
  });
  const stacks = Math.ceil(geometry.sliceCount / STACKED_SLABS);
  const partedFirst = cut.partedFirst ? cut.lengths - 1 : 0;
  const inSlabs = (cut.partedFirst ? cut.lengths : 1) * stacks * (cut.perSlab - 1);
  const partsOfSlabs = cut.partedFirst ? 0 : stacks * (cut.lengths - 1);
  const part = cut.along
    ? { lengthMm: cut.stripLengthMm, widthMm: cut.stripWidthMm }
    : { lengthMm: cut.stripWidthMm, widthMm: cut.stripLengthMm };
  return {
    ...geometry,
    fibreLengthMm: fibresInPart(geometry.fibreLengthMm, input, part),
    shape: 'strips',
    scored: false,
    strips: cut,
    coatAreaM2: cut.coatAreaM2,
    knifeCuts: partedFirst + geometry.sliceCount * (cut.partedFirst ? cut.lengths : 1) + inSlabs + partsOfSlabs,
    pieceCount: cut.stripCount,
    pieceMm: { lengthMm: cut.stripLengthMm, widthMm: cut.stripWidthMm, thicknessMm },
    steps: [
      ...lengthsStep(input, cut.partedFirst ? geometry.sliceLengthMm : 0, input.againLengthMm),
      ...sliceSteps(block),
      ...(cut.perSlab > 1 || (!cut.partedFirst && cut.lengths > 1)
        ? [
            {
              code: 'stack-strips' as const,
              widthMm: cut.stripWidthMm,
              perSlab: cut.perSlab,
              stacked: STACKED_SLABS,
              lengths: cut.partedFirst ? 1 : cut.lengths,
            },
          ]
        : []),
    ],
  };
}

function lengthsStep(input: ShapeInput, longMm: number, mostMm = LENGTH_MOST_MM): CutStep[] {
  const count = lengthsOf(longMm, mostMm);
  return count > 1 ? [{ code: 'lengths', lengthMm: longMm / count, count, withGrain: withGrain(input) }] : [];
}

function slices(block: Block): Cuts {
  const { input, geometry, fills } = block;
  const { thicknessMm, shape, againWidthMm, againLengthMm } = input;
  const across = againWidthMm ? nearestParts(geometry.sliceWidthMm, againWidthMm) : 1;
  const along = againLengthMm ? lengthsOf(geometry.sliceLengthMm, againLengthMm) : 1;
  const perSlice = across * along;
  const pieceMm = {
    lengthMm: (geometry.sliceLengthMm / along) * fills,
    widthMm: geometry.sliceWidthMm / across,
    thicknessMm,
  };
  const steps = shape === 'shaved' ? [{ code: 'lay-flat' as const }, ...sliceSteps(block)] : sliceSteps(block);
  return {
    ...geometry,
    fibreLengthMm: fibresInPart(geometry.fibreLengthMm, input, {
      lengthMm: geometry.sliceLengthMm / along,
      widthMm: pieceMm.widthMm,
    }),
    shape,
    scored: false,
    knifeCuts: geometry.sliceCount + Math.ceil(geometry.sliceCount / STACKED_SLABS) * (across - 1 + along - 1),
    pieceCount: geometry.sliceCount * perSlice,
    pieceMm,
    steps:
      perSlice > 1
        ? [...steps, { code: 'again', widthMm: pieceMm.widthMm, lengthMm: geometry.sliceLengthMm / along, perSlice }]
        : steps,
  };
}

/** Carved after the heat, first into lengths with the grain where the fibres run across the piece. */
const carvingSteps = (block: Block): CutStep[] => [
  ...(Math.abs(block.input.grainDeg ?? 0) >= 45 ? lengthsStep(block.input, block.geometry.sliceLengthMm) : []),
  ...sliceSteps(block, block.input.carveMm ?? CARVE_MM),
];

function wholeSteak(block: Block): Cuts {
  const { lengthMm, widthMm, heightMm } = block.input;
  return {
    ...block.geometry,
    knifeCuts: block.geometry.sliceCount,
    steps: [],
    carving: carvingSteps(block),
    shape: 'sliced-after',
    scored: false,
    coatAreaM2: 2 * (lengthMm * widthMm + lengthMm * heightMm + widthMm * heightMm) * 1e-6 * block.fills,
    pieceCount: 1,
    pieceMm: { lengthMm, widthMm: widthMm * block.fills, thicknessMm: heightMm },
  };
}

/** Steaks straight across the fibres from a tall piece; carved leaning after the heat, which shortens the fibres again. */
function steaks({ input, geometry, fills }: Block): Cuts {
  const { lengthMm, widthMm, heightMm, carveMm = CARVE_MM, bevelDeg = 0 } = input;
  const upright = sliceGeometry({ ...input, bevelDeg: 0, thicknessMm: Math.min(input.thicknessMm, lengthMm) });
  // As near to what is asked for as even steaks can be.
  const count = Math.max(
    nearestParts(lengthMm, input.thicknessMm),
    Math.ceil(lengthMm / (input.steakMostMm ?? Infinity) - 1e-9),
  );
  const thicknessMm = lengthMm / count;
  const leaned = carveMm / Math.max(Math.sin((bevelDeg * Math.PI) / 180), 1e-9);
  return {
    ...geometry,
    shape: 'steaks',
    scored: false,
    fibreLengthMm: Math.min(upright.fibreLengthMm, leaned),
    sliceCount: count,
    wholeSliceCount: count,
    sliceLengthMm: widthMm,
    sliceWidthMm: heightMm,
    wedgeMm: 0,
    coatAreaM2: 2 * count * widthMm * heightMm * fills * 1e-6,
    knifeCuts: count - 1,
    pieceCount: count,
    pieceMm: { lengthMm: widthMm * fills, widthMm: heightMm, thicknessMm },
    steps: [
      { code: 'find-fibres', withGrain: false },
      { code: 'steaks', thicknessMm, count },
    ],
    carving: [...leanStep(input), { code: 'slice', thicknessMm: carveMm, count: 0, whole: 0 }],
  };
}

/** All of the meat in even cubes, as near to the size asked for as the piece allows. */
function cubes({ input, geometry, fills }: Block): Cuts {
  const { lengthMm, widthMm, heightMm, thicknessMm, massG } = input;
  const sides = { length: lengthMm, width: widthMm, height: heightMm } as const;
  const [along, over, up] = [lengthMm, widthMm, heightMm].map((side) => evenParts(side, thicknessMm)) as [
    number,
    number,
    number,
  ];
  const count = along * over * up;
  const [x, y, z] = [lengthMm / along, widthMm / over, heightMm / up].sort((a, b) => b - a) as [number, number, number];
  const facesMm2 = 2 * (x * y + y * z + x * z) * count * fills;
  return {
    ...geometry,
    shape: 'cubes',
    scored: false,
    fibreLengthMm: Math.abs(input.grainDeg ?? 0) < 45 ? lengthMm / along : widthMm / over,
    sliceCount: along,
    wholeSliceCount: along,
    wedgeMm: 0,
    coatAreaM2: (massG ? (facesMm2 * massG) / RAW_MEAT_G_PER_MM3 / (x * y * z * count * fills) : facesMm2) * 1e-6,
    knifeCuts: along - 1 + along * (over - 1 + (up - 1)),
    pieceCount: count,
    pieceMm: { lengthMm: x, widthMm: y * fills, thicknessMm: z },
    steps: (
      [
        ['length', along],
        ['width', over],
        ['height', up],
      ] as const
    ).map(([side, parts]) => ({
      code: 'divide' as const,
      sideMm: sides[side] / parts,
      along: side,
      count: parts,
    })),
  };
}

function unrolled(block: Block): Cuts {
  const { lengthMm, widthMm, heightMm, thicknessMm, round, scored = true } = block.input;
  const sheet = unroll({ widthMm, heightMm, toMm: thicknessMm, round });
  const fibreLengthMm = inSheet(block, thicknessMm);
  return {
    ...block.geometry,
    shape: 'unrolled',
    scored,
    unrolled: sheet,
    fibreLengthMm: scored ? Math.min(SCORE_SHEET_MM, fibreLengthMm) : fibreLengthMm,
    sliceCount: 1,
    wholeSliceCount: 1,
    wedgeMm: 0,
    sliceLengthMm: sheet.sheetLengthMm,
    sliceWidthMm: lengthMm,
    coatAreaM2: 2 * sheet.sheetLengthMm * lengthMm * 1e-6,
    knifeCuts: sheet.turns + 1,
    pieceCount: 1,
    pieceMm: { lengthMm: sheet.sheetLengthMm, widthMm: lengthMm, thicknessMm },
    steps: [
      { code: 'rod', rodMm: thicknessMm },
      ...(block.input.onBone ? [{ code: 'along-the-bone' as const, hingeMm: HINGE_MM }] : []),
      { code: 'turn-back', turns: sheet.turns },
      ...(scored ? [{ code: 'score' as const, gapMm: SCORE_SHEET_MM, lines: 2 * sheet.scoreLines, grid: false }] : []),
    ],
  };
}

function butterflied(block: Block): Cuts {
  const { lengthMm, widthMm, heightMm } = block.input;
  const half = heightMm / 2;
  return {
    ...block.geometry,
    shape: 'butterflied',
    scored: false,
    fibreLengthMm: inSheet(block, half),
    sliceCount: 1,
    wholeSliceCount: 1,
    wedgeMm: 0,
    sliceLengthMm: lengthMm,
    sliceWidthMm: 2 * widthMm,
    coatAreaM2: 4 * lengthMm * widthMm * block.fills * 1e-6,
    knifeCuts: 1,
    pieceCount: 1,
    pieceMm: { lengthMm, widthMm: 2 * widthMm * block.fills, thicknessMm: half },
    steps: [{ code: 'lay-flat' }, { code: 'open-like-a-book', hingeMm: HINGE_MM }],
  };
}

function pounded(block: Block): Cuts {
  const { input, geometry, fills } = block;
  const tall = input.heightMm > STEAK_TALLEST_MM;
  const count = tall ? evenParts(input.lengthMm, STEAK_TO_BEAT_MM) : 1;
  const one = tall
    ? { lengthMm: input.widthMm, widthMm: input.heightMm, fromMm: input.lengthMm / count }
    : { lengthMm: input.lengthMm, widthMm: input.widthMm, fromMm: input.heightMm };
  const toMm = Math.min(input.thicknessMm, one.fromMm);
  const beaten = pound({ ...one, toMm });
  const lines = 2 * (Math.floor(one.lengthMm / SCORE_MM) + Math.floor(one.widthMm / SCORE_MM));
  const through = tall ? one.fromMm : inSheet(block, one.fromMm);
  return {
    ...geometry,
    shape: 'pounded',
    scored: true,
    pounded: beaten,
    fibreLengthMm: Math.min(SCORE_MM, through),
    sliceCount: count,
    wholeSliceCount: count,
    wedgeMm: 0,
    sliceLengthMm: beaten.lengthMm,
    sliceWidthMm: beaten.widthMm,
    coatAreaM2: 2 * beaten.lengthMm * beaten.widthMm * count * fills * 1e-6,
    knifeCuts: lines * count + count - 1,
    pieceCount: count,
    pieceMm: { lengthMm: beaten.lengthMm, widthMm: beaten.widthMm * fills, thicknessMm: toMm },
    steps: [
      ...(tall ? [{ code: 'steaks' as const, thicknessMm: one.fromMm, count }] : []),
      { code: 'score', gapMm: SCORE_MM, lines, grid: true },
      { code: 'beat', fromMm: one.fromMm, toMm },
    ],
  };
}
