import type { Use } from '../ways';

export const ANIMALS = [
  'beef',
  'veal',
  'pork',
  'lamb',
  'goat',
  'venison',
  'boar',
  'bear',
  'bison',
  'rabbit',
  'chicken',
  'turkey',
  'duck',
  'goose',
] as const;
export type Animal = (typeof ANIMALS)[number];

/** Mass fractions of the trimmed raw meat, 0 to 1. */
export interface Composition {
  water: number;
  protein: number;
  fat: number;
  ash: number;
}

export const WORKS = ['tender', 'some', 'hard'] as const;
export const FATS = ['lean', 'some', 'marbled', 'rich'] as const;
/** How a piece stands on the board: a block; a slab, thin for its width; a round; bought in slices; ribs sawn across the bones; one bone to a block. */
export const FORMS = ['block', 'slab', 'round', 'sliced', 'cross-cut-ribs', 'bone-block'] as const;
export type Form = (typeof FORMS)[number];

/** Why a cut suits a way. */
export const SUITS = [
  'tender',
  'short-fibres',
  'marbled',
  'lean',
  'dark-meat',
  'flat',
  'unrolls',
  'cubes',
  'shaves',
  'sliced',
] as const;
export type SuitsBecause = (typeof SUITS)[number];

export interface Cut {
  id: string;
  animal: Animal;
  name: string;
  /** Other names in US, UK, Australian and regional use; all find the cut. */
  otherNames: readonly string[];
  work: (typeof WORKS)[number];
  fat: (typeof FATS)[number];
  form: Form;
  composition: Composition;
  /** Where it begins to freeze. */
  freezingPointC: number;
  /** Length to width of the piece as it lies. */
  lengthToWidth: number;
  usualHeightMm: number;
  /** One trimmed piece as shops sell it. */
  usualMassG: number;
  /** How the fibres usually run from the length of the piece, seen from above; a piece may differ. */
  grainDeg: number;
  /** Several muscles whose fibres run in different directions. */
  seams: boolean;
  /** What usually comes off, as a share of the raw weight. */
  trimLoss: { from: number; to: number };
  trim: string;
  /** Bone that stays on, as a share of the trimmed weight; absent where there is none. */
  boneShare?: { from: number; to: number };
  suits: Partial<Record<Use, SuitsBecause>>;
  /** Made by the cook. */
  own?: boolean;
}

/** Where raw meat begins to freeze, °C: typical, from memory. */
export const usualFreezingPointC = (animal: Animal): number => (isPoultry(animal) ? -1.0 : -1.1);

const POULTRY: readonly Animal[] = ['chicken', 'turkey', 'duck', 'goose'];
export const isPoultry = (animal: Animal): boolean => POULTRY.includes(animal);

/** Where sources put the beginning of freezing, °C: they differ (from memory). Other red meat is taken like beef. */
const FREEZING_POINT_C = {
  pork: { from: -2.2, to: -1 },
  poultry: { from: -2.8, to: -1 },
  red: { from: -1.7, to: -1 },
} as const;
export const freezingPointRangeC = (animal: Animal): { from: number; to: number } =>
  FREEZING_POINT_C[isPoultry(animal) ? 'poultry' : animal === 'pork' || animal === 'boar' ? 'pork' : 'red'];

const GAME: readonly Animal[] = ['venison', 'boar', 'bear', 'bison', 'rabbit'];
export const isGame = (animal: Animal): boolean => GAME.includes(animal);
