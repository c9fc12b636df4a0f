/** What the knife makes of the piece. */
export const SHAPES = [
  'strips',
  'ribbons',
  'shaved',
  'cubes',
  'unrolled',
  'butterflied',
  'pounded',
  'steaks',
  'sliced-after',
] as const;
export type Shape = (typeof SHAPES)[number];

export interface Band {
  from: number;
  usual: number;
  to: number;
}

export interface ShapeRow {
  /** Can only be done well to firm meat. */
  cutFirm: boolean;
  /** Heated in one piece, too thick for what works from the surface. */
  whole: boolean;
  /** Scored or beaten by itself: no further force is added to it. */
  forced: boolean;
  /** The knife is set by hand, not by turn and lean on the drawing. */
  level: boolean;
  /** Lies in the pan as whole pieces, none of which is parted for a round. */
  panWhole: boolean;
  /** Cut across the fibres after the heat. */
  carved: boolean;
  /** Force by hand that it can take without tearing. */
  takes: { beating: boolean; piercing: boolean };
  /** Customary thickness where the way asked does not say, mm (common practice). */
  band: Band;
}

const slice = { cutFirm: true, whole: false, forced: false, level: false, panWhole: false, carved: false } as const;
const both = { beating: true, piercing: true } as const;
const neither = { beating: false, piercing: false } as const;

/** One row a shape: whatever depends on the shape is asked here. */
export const SHAPE_ROWS = {
  strips: { ...slice, takes: { beating: true, piercing: false }, band: { from: 3, usual: 4, to: 6 } },
  ribbons: { ...slice, takes: both, band: { from: 3, usual: 4, to: 5 } },
  shaved: { ...slice, takes: neither, band: { from: 2, usual: 3, to: 4 } },
  cubes: { ...slice, cutFirm: false, whole: true, level: true, takes: both, band: { from: 25, usual: 25, to: 30 } },
  unrolled: {
    ...slice,
    cutFirm: false,
    forced: true,
    level: true,
    panWhole: true,
    takes: neither,
    band: { from: 5, usual: 6, to: 7 },
  },
  butterflied: { ...slice, level: true, panWhole: true, takes: both, band: { from: 6, usual: 10, to: 15 } },
  pounded: {
    ...slice,
    cutFirm: false,
    forced: true,
    level: true,
    panWhole: true,
    takes: neither,
    band: { from: 4, usual: 6, to: 8 },
  },
  steaks: {
    ...slice,
    cutFirm: false,
    whole: true,
    panWhole: true,
    carved: true,
    takes: both,
    band: { from: 10, usual: 15, to: 20 },
  },
  'sliced-after': {
    ...slice,
    cutFirm: false,
    whole: true,
    panWhole: true,
    carved: true,
    takes: both,
    band: { from: 4, usual: 6, to: 10 },
  },
} as const satisfies Record<Shape, ShapeRow>;

export const shapeRow = (shape: Shape): ShapeRow => SHAPE_ROWS[shape];
