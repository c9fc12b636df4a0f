import type { Band, Shape } from './shape';

/** What is done with a batch, a screen each. */
export const STAGES = ['piece', 'firm', 'slice', 'tenderize', 'marinate', 'cook', 'taste'] as const;
export type Stage = (typeof STAGES)[number];
export const USUAL_STAGES: readonly Stage[] = STAGES;

/** Parts of the work, each of some jobs or none as the batch wants it. */
export const WORK_PARTS = [
  'freezer',
  'knife',
  'beating',
  'soda',
  'coat',
  'marinate',
  'ready',
  'heat',
  'carve',
] as const;
export type WorkPart = (typeof WORK_PARTS)[number];
export const USUAL_WORK: readonly WorkPart[] = [
  'freezer',
  'knife',
  'beating',
  'soda',
  'coat',
  'marinate',
  'ready',
  'heat',
  'carve',
];

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

/** What is called what at the heat, and what is done with fat; the words themselves are in `core/words`. */
export const HEAT_TITLES = ['stir-fry', 'sear', 'grill-sticks', 'roast-sticks', 'at-table'] as const;
export type HeatTitle = (typeof HEAT_TITLES)[number];
export const FAT_ADVICES = ['melts-not', 'edge', 'bastes'] as const;
export type FatAdvice = (typeof FAT_ADVICES)[number];

/** Everything that makes a way a way. One folder holds one of them; nothing else knows a way by its name. */
export interface WayRecipe {
  id: string;
  /** Its stages in the order of their screens. */
  stages: readonly Stage[];
  /** Shapes that are cut when the heat is over: the stage Slice comes after Cook. */
  slicedAfterHeat?: readonly Shape[];
  /** Its work, in order. */
  work: readonly WorkPart[];
  /** Which words are said of it. */
  says: { heat: HeatTitle; fat: FatAdvice };
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
  /** Off the heat it is as it should be for so long, min; kept hot beyond that it loses. */
  staysHotMin: number;
  heat: HeatRecipe;
}

/** "Overnight": from the evening before until the cooking at lunch. */
export const OVERNIGHT_MIN = 16 * 60;

/** Keeps the name as it is written, so that the compiler knows the ways there are. */
export const defineWay = <const Id extends string>(way: WayRecipe & { id: Id }): WayRecipe & { id: Id } => way;
