export const WAYS = ['stir-fry', 'flat-skewers', 'cube-skewers', 'table-grill', 'thin-steak'] as const;
export type Way = (typeof WAYS)[number];

/** What a cut or a marinade is for: a way that is planned here, or drying. */
export const USES = [...WAYS, 'jerky'] as const;
export type Use = (typeof USES)[number];

/** What the knife makes of the piece. */
export const SHAPES = [
  'strips',
  'ribbons',
  'shaved',
  'cubes',
  'unrolled',
  'butterflied',
  'pounded',
  'sliced-after',
] as const;
export type Shape = (typeof SHAPES)[number];

export interface WayPractice {
  /** Recommended thickness band of each shape that this way goes with, mm (common practice); the first is the usual shape. */
  shapes: Partial<Record<Shape, { from: number; usual: number; to: number }>>;
  /** Customary marinade, min (common practice). */
  marinadeMin: { from: number; to: number };
  /** Lean of the knife the plan starts with. */
  bevelDeg: number;
  /** Strips: slabs are cut again to this width. */
  stripWidthMm?: number;
}

/** "Overnight": from the evening before until the cooking at lunch. */
const OVERNIGHT_MIN = 16 * 60;

export const WAY_PRACTICE: Record<Way, WayPractice> = {
  'stir-fry': {
    shapes: {
      strips: { from: 3, usual: 4, to: 6 },
      ribbons: { from: 3, usual: 4, to: 5 },
      shaved: { from: 2, usual: 3, to: 4 },
    },
    marinadeMin: { from: 10, to: OVERNIGHT_MIN },
    bevelDeg: 0,
    stripWidthMm: 6,
  },
  'flat-skewers': {
    shapes: { ribbons: { from: 3, usual: 4, to: 5 } },
    marinadeMin: { from: 30, to: OVERNIGHT_MIN },
    bevelDeg: 20,
  },
  'cube-skewers': {
    shapes: { cubes: { from: 25, usual: 25, to: 30 } },
    marinadeMin: { from: 60, to: 120 },
    bevelDeg: 0,
  },
  'table-grill': {
    shapes: {
      shaved: { from: 2, usual: 3, to: 4 },
      unrolled: { from: 5, usual: 6, to: 7 },
      ribbons: { from: 3, usual: 4, to: 5 },
    },
    marinadeMin: { from: 60, to: OVERNIGHT_MIN },
    bevelDeg: 0,
  },
  'thin-steak': {
    shapes: {
      'sliced-after': { from: 4, usual: 6, to: 10 },
      pounded: { from: 4, usual: 6, to: 8 },
      butterflied: { from: 6, usual: 10, to: 15 },
    },
    marinadeMin: { from: 60, to: 480 },
    bevelDeg: 30,
  },
};

/** Shapes that a way goes with, the usual one first. */
export const shapesOf = (way: Way): Shape[] => Object.keys(WAY_PRACTICE[way].shapes) as Shape[];

/** The recommended band of a way for a shape; for a shape it does not usually take, the band of a way that does. */
export function bandOf(way: Way, shape: Shape): { from: number; usual: number; to: number } {
  return (
    WAY_PRACTICE[way].shapes[shape] ??
    WAYS.map((other) => WAY_PRACTICE[other].shapes[shape]).find((band) => band !== undefined)!
  );
}
