import type { Kitchen, MealBatch } from '@/core/batches';
import type { DayBatch, PlannedBatch } from '@/core/day';
import type { Ingredient, Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import type { Interval } from '@/core/times';
import type { OwnedMeasure } from '@/core/units';
import type { Batch, EventResource, MarinadeResource, MarinadeWrite, Meal, Tasting } from './resources';

/** The batches of a meal, and what they are planned from: with it the plan goes on as things are done, without the network. */
export interface MealPage {
  batches: PlannedBatch[];
  /** All batches of the meal; none where there are too many to be placed together. */
  day: DayBatch[];
  events: EventResource[];
}

export interface KitchenPage extends MealPage {
  title: string;
  mealId: string;
  zone: string;
}

export interface TodayPage extends MealPage {
  zone: string;
  meal?: Meal;
  /** Other meals to go to, newest first. */
  meals: Meal[];
}

export type { DayBatch, PlannedBatch, PlannedJob } from '@/core/day';

/** What of the kitchen a plan in the browser needs. */
export interface KitchenAround {
  kitchen: Kitchen;
  zone: string;
  currency: string;
  /** The cook's own cuts, beside those of the catalogue. */
  ownCuts: Cut[];
}

export interface BatchPage extends KitchenAround {
  /** The other batches of its meal, and what was done for them. */
  neighbours: DayBatch[];
  /** When nobody is in the kitchen. */
  away?: readonly Interval[];
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
