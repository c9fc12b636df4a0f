import type { BatchInputs, Freezer } from '@/core/batches';
import type { Allergen, IngredientKind } from '@/core/marinades';
import type { Use } from '@/core/ways';
import type { Cut } from '@/core/pieces';
import type { DialStack } from '@/core/slicing';

/** Rows as the driver gives them. */
export interface Versioned {
  id: string;
  household_id: string;
  version: number;
  created_at: Date;
  updated_at: Date;
  deleted_at: Date | null;
}

export interface HouseholdRow {
  id: string;
  name: string;
  zone: string;
  version: number;
  measures: string[] | null;
  freezer: Freezer | null;
  slicer_stacks: DialStack[] | null;
  currency: string;
  cooks: number;
  heats: Record<string, number>;
  /** Hands are learned from what was done since. */
  paces_since: Date | null;
}

/** Those that come with Mince have a row for marinade lines to point at; their figures are the data's. */
export interface IngredientRow extends Versioned {
  own: boolean;
  acid_fraction: number;
  fat_fraction: number;
  starch_fraction: number;
  name: string;
  other_names: string[];
  kind: IngredientKind;
  density_g_per_ml: number;
  water_fraction: number;
  salt_fraction: number;
  sugar_fraction: number;
  allergens: Allergen[];
  strong_enzyme: boolean;
  enzyme_class: 'mild' | 'strong' | 'strongest' | null;
  alcohol: boolean;
  glutamate: boolean;
  piece_name: string | null;
  piece_mass_g: number | null;
}

export interface MarinadeRow extends Versioned {
  name: string;
  note: string;
  ways: Use[];
  heated: boolean;
  oil_first: boolean;
  for_mass_g: number;
  minutes_from: number;
  minutes_to: number;
  hold_back_share: number;
  hold_back_for: string | null;
  /** Lines that were never read, as written. */
  unread: string[];
}

export interface MarinadeLineRow {
  marinade_id: string;
  position: number;
  ingredient_id: string;
  mass_g: number;
  note: string;
  /** The amount as it was written, empty where it was none of the cook's. */
  said: string;
}

export interface MealRow extends Versioned {
  name: string;
  table_at: Date;
  zone: string;
  people: number;
  /** Instants as text. */
  away: { from: string; to: string }[];
}

/** The versioned part of a batch that no query asks for. */
export interface StoredPlan {
  thicknessMm: number;
  notBeforeMs?: number;
  pins: BatchInputs['pins'];
}

export interface BatchRow extends Versioned {
  meal_id: string;
  marinade_id: string;
  name: string;
  way: string;
  people: number;
  table_at: Date;
  zone: string;
  plan_version: number;
  plan: StoredPlan;
}

/** A cut of the cook's own; what no query asks for is versioned JSON. */
export interface CutRow extends Versioned {
  name: string;
  animal: string;
  cut_version: number;
  cut: Omit<Cut, 'id' | 'name' | 'animal' | 'own'>;
}

export interface PieceRow {
  batch_id: string;
  cut_id: string;
  mass_g: number;
  height_mm: number;
}

export interface EventRow {
  id: string;
  household_id: string;
  batch_id: string;
  sequence: string;
  kind: string;
  job_key: string | null;
  at: Date;
  zone: string;
  payload: Record<string, unknown>;
  recorded_at: Date;
}

export interface TastingRow extends Versioned {
  batch_id: string;
  tenderness: number;
  juiciness: number;
  salt: number;
  sweetness: number;
  mush: number;
  soapiness: number;
  note: string;
  change_next: string;
  tasted_at: Date;
}
