import { SHAPE_ROWS, type Band, type Shape } from './shape';

export const WAYS = ['stir-fry', 'flat-skewers', 'cube-skewers', 'table-grill', 'thin-steak'] as const;
export type Way = (typeof WAYS)[number];

/** What a cut or a marinade is for: a way that is planned here, or drying. */
export const USES = [...WAYS, 'jerky'] as const;
export type Use = (typeof USES)[number];

export const HEAT_METHODS = ['pan', 'grill', 'oven', 'table'] as const;
export type HeatMethod = (typeof HEAT_METHODS)[number];
export const HEAT_SETTINGS = ['very-hot', 'hot', 'medium-high', 'oven-180'] as const;
export type HeatSetting = (typeof HEAT_SETTINGS)[number];

/** What cooks do at the heat (common practice): which heat, how long by thickness, what goes on around it. */
export interface HeatRecipe {
  method: HeatMethod;
  setting: HeatSetting;
  /** Minutes a side by thickness, each row up to its own thickness; the oven counts both halves, turned in between. */
  perSide: readonly { uptoMm: number; from: number; to: number }[];
  /** Loading and clearing of one round, min. */
  handlingMin: number;
  /** After the last round: vegetables, sauce, everything back, min. */
  finishMin: number;
  /** What a round holds. */
  holds: 'pan' | 'grill-sticks' | 'tray-sticks';
  /** What is seared goes back in at the end. */
  back: boolean;
  /** A held-back sauce is thickened in the pan; elsewhere it is served beside. */
  sauceInPan: boolean;
  /** With nothing meant to stay on, the surface is wiped dry for the sear. */
  sear: boolean;
}

export interface WayRecipe {
  /** Shapes it goes with and the customary thickness of each, mm (common practice); the first is the usual one. */
  shapes: Partial<Record<Shape, Band>>;
  /** Customary marinade, min (common practice). */
  marinadeMin: { from: number; to: number };
  /** Lean of the knife the plan starts with. */
  bevelDeg: number;
  /** Strips of a tall piece: slabs are cut again to this width. */
  stripWidthMm?: number;
  /** Thin slices of it are kept soft by a little soda or beating even where they are short already. */
  softened: boolean;
  heat: HeatRecipe;
}

/** "Overnight": from the evening before until the cooking at lunch. */
const OVERNIGHT_MIN = 16 * 60;

/** One row a way: whatever depends on the way is asked here. */
export const WAY_RECIPES = {
  'stir-fry': {
    shapes: { strips: SHAPE_ROWS.strips.band, ribbons: SHAPE_ROWS.ribbons.band, shaved: SHAPE_ROWS.shaved.band },
    marinadeMin: { from: 10, to: OVERNIGHT_MIN },
    bevelDeg: 0,
    stripWidthMm: 6,
    softened: true,
    heat: {
      method: 'pan',
      setting: 'very-hot',
      perSide: [{ uptoMm: 8, from: 1, to: 1.5 }],
      handlingMin: 1,
      finishMin: 5,
      holds: 'pan',
      back: true,
      sauceInPan: true,
      sear: true,
    },
  },
  'flat-skewers': {
    shapes: { ribbons: SHAPE_ROWS.ribbons.band },
    marinadeMin: { from: 30, to: OVERNIGHT_MIN },
    bevelDeg: 20,
    softened: true,
    heat: {
      method: 'grill',
      setting: 'hot',
      perSide: [
        { uptoMm: 4, from: 1, to: 1.5 },
        { uptoMm: 8, from: 1.5, to: 3 },
      ],
      handlingMin: 3,
      finishMin: 0,
      holds: 'grill-sticks',
      back: false,
      sauceInPan: false,
      sear: false,
    },
  },
  'cube-skewers': {
    shapes: { cubes: SHAPE_ROWS.cubes.band },
    marinadeMin: { from: 60, to: 120 },
    bevelDeg: 0,
    softened: false,
    heat: {
      method: 'oven',
      setting: 'oven-180',
      // 25 to 30 min at 180 °C, turned at half time.
      perSide: [{ uptoMm: 30, from: 12.5, to: 15 }],
      handlingMin: 5,
      finishMin: 0,
      holds: 'tray-sticks',
      back: false,
      sauceInPan: false,
      sear: false,
    },
  },
  'table-grill': {
    shapes: {
      shaved: SHAPE_ROWS.shaved.band,
      unrolled: SHAPE_ROWS.unrolled.band,
      ribbons: SHAPE_ROWS.ribbons.band,
    },
    marinadeMin: { from: 60, to: OVERNIGHT_MIN },
    bevelDeg: 0,
    softened: false,
    heat: {
      method: 'table',
      setting: 'very-hot',
      perSide: [{ uptoMm: 8, from: 2, to: 3 }],
      handlingMin: 1,
      finishMin: 0,
      holds: 'pan',
      back: false,
      sauceInPan: false,
      sear: false,
    },
  },
  'thin-steak': {
    shapes: {
      'sliced-after': SHAPE_ROWS['sliced-after'].band,
      steaks: SHAPE_ROWS.steaks.band,
      pounded: SHAPE_ROWS.pounded.band,
      butterflied: SHAPE_ROWS.butterflied.band,
    },
    marinadeMin: { from: 60, to: 480 },
    bevelDeg: 30,
    softened: false,
    heat: {
      method: 'pan',
      setting: 'very-hot',
      perSide: [{ uptoMm: 8, from: 1, to: 2 }],
      handlingMin: 2,
      finishMin: 0,
      holds: 'pan',
      back: false,
      sauceInPan: false,
      sear: true,
    },
  },
} as const satisfies Record<Way, WayRecipe>;

export const wayRecipe = (way: Way): WayRecipe => WAY_RECIPES[way];

/** Shapes that a way goes with, the usual one first. */
export const shapesOf = (way: Way): Shape[] => Object.keys(WAY_RECIPES[way].shapes) as Shape[];

/** The customary thickness of a shape in a way; for a shape it does not usually take, that of the shape. */
export const bandOf = (way: Way, shape: Shape): Band => wayRecipe(way).shapes[shape] ?? SHAPE_ROWS[shape].band;
