export const ANIMALS = ['beef', 'lamb', 'pork', 'chicken', 'turkey'] as const;
export type Animal = (typeof ANIMALS)[number];

/** Mass fractions of the trimmed raw meat, 0 to 1. */
export interface Composition {
  water: number;
  protein: number;
  fat: number;
  ash: number;
}

export interface Cut {
  id: string;
  animal: Animal;
  name: string;
  /** Other names in US, UK and Australian use; all find the cut. */
  otherNames: readonly string[];
  work: 'tender' | 'some' | 'hard';
  composition: Composition;
  /** Length to width of the piece as it lies. */
  lengthToWidth: number;
  usualHeightMm: number;
  /** How the fibres usually run from the length of the piece, seen from above; a piece may differ. */
  grainDeg: number;
  /** What usually comes off, as a share of the raw weight. */
  trimLoss: { from: number; to: number };
  trim: string;
}

/** Where raw meat begins to freeze, °C: typical, from memory. */
export const freezingPointC = (animal: Animal): number => (isPoultry(animal) ? -1.0 : -1.1);

export const isPoultry = (animal: Animal): boolean => animal === 'chicken' || animal === 'turkey';
