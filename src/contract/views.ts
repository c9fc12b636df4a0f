import type { Freezer, MealBatch, Pins } from '@/core/batches';
import type { Ingredient, Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import type { Caution } from '@/core/safety';
import type { Job, JobKey, Work } from '@/core/scheduling';
import type { DialFit } from '@/core/slicing';
import type { OwnedMeasure } from '@/core/units';
import type { Batch, EventResource, MarinadeResource, MarinadeWrite, Meal, Tasting } from './resources';

/** A job of one batch with its words, ready for a screen. */
export interface PlannedJob extends Job {
  batchId: string;
  title: string;
  short: string;
  text: string;
  cautions: Caution[];
}

/** A batch as timeline and kitchen show it. */
export interface PlannedBatch {
  id: string;
  name: string;
  cutName: string;
  massG: number;
  people: number;
  tableAtMs: number;
  jobs: PlannedJob[];
  /** Minutes in the freezer from which it wants to be pressed. */
  checkFirmMin?: number;
  /** Why there is no schedule. */
  refusal?: string;
  /** What it could not have in this meal, and what would help. */
  gives: string[];
  version: number;
  /** What its clock times are an answer to: how it stands is worked out from it as the day goes on. */
  work?: Work;
  marinadeMin: number;
  /** Its work without what may be left out, as long as that job has not begun. */
  quicker: {
    code: 'skip-soda' | 'no-freezer';
    before: JobKey;
    pins: Pins;
    work: Work;
    marinadeMin: number;
  }[];
  lots: number;
  warmMin: number;
  warmLimitMin: number;
  lateByMin: number;
  startMs: number;
  rounds: number;
  sticks: number;
  cautions: Caution[];
}

export interface KitchenPage {
  title: string;
  mealId: string;
  zone: string;
  batches: PlannedBatch[];
  events: EventResource[];
}

export interface TodayPage {
  zone: string;
  meal?: Meal;
  /** Other meals to go to, newest first. */
  meals: Meal[];
  batches: PlannedBatch[];
  events: EventResource[];
}

/** What of the kitchen a plan in the browser needs. */
export interface KitchenAround {
  sodaIngredient: Ingredient;
  measures: OwnedMeasure[];
  zone: string;
  freezer: Freezer;
  slicer?: DialFit;
  currency: string;
  cooks: number;
  /** The cook's own cuts, beside those of the catalogue. */
  ownCuts: Cut[];
}

export interface BatchPage extends KitchenAround {
  /** The other batches of its meal. */
  neighbours: MealBatch[];
  cut: Cut;
  batch: Omit<Batch, 'schedule'>;
  marinades: Marinade[];
  events: EventResource[];
  tastings: Tasting[];
}

export interface NewBatchPage extends KitchenAround {
  /** To begin with. */
  cut: Cut;
  marinades: Marinade[];
  meals: Meal[];
  /** Of meals that are still to come, by their ids: the batches that a new one would share hands and heat with. */
  neighbours: Record<string, MealBatch[]>;
}

export interface MarinadePage {
  resource: MarinadeResource;
  marinade: Marinade;
  measures: OwnedMeasure[];
}

export interface MarinadeBook {
  /** In the book, or of what was sought in it. */
  total: number;
  marinades: MarinadePage[];
  /** What comes with Mince and is not in the book. */
  missing: MarinadeWrite[];
}

/** One marinade with all ingredients there are, to change it with. */
export interface MarinadeWork extends MarinadePage {
  ingredients: Ingredient[];
}

export interface MarinadeFormPage {
  ingredients: Ingredient[];
  /** The one to change, or the one to copy. */
  from?: MarinadeResource;
  edit: boolean;
}

/** A tasting with the batch it is of, batches put away included. */
export interface LogEntry {
  tasting: Tasting;
  batch?: { id: string; name: string; cutName: string; marinadeName: string; thicknessMm: number; removed: boolean };
}
