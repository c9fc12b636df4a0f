import 'server-only';
import type { KitchenPage, MealPage } from '@/contract/views';
import type { FormatStyle } from '@/core/units';
import { database } from '@/data/connection';
import { remembered } from '@/data/memory';
import type { MealRow } from '@/data/tables';
import { findRow } from '@/data/versioned';
import { notFound } from '../api/failures';
import { thisMinute } from '../clock';
import { listEvents } from '../batches/batches';
import type { LoadedBatch } from '../batches/loadBatches';
import { mealOfBatch, plannedBatches, wholeMeal } from '../batches/schedules';
import { currentHousehold } from '../kitchen/kitchen';

/** Everything kitchen mode needs at once, so that it goes on when the network does not. */
export const loadKitchen = (which: { batchId?: string; mealId?: string }, style: FormatStyle): Promise<KitchenPage> =>
  remembered(JSON.stringify(['kitchen', which, style, thisMinute()]), () => readKitchen(which, style));

async function readKitchen(which: { batchId?: string; mealId?: string }, style: FormatStyle): Promise<KitchenPage> {
  const household = await currentHousehold();
  if (which.batchId) {
    const loaded = await mealOfBatch(household, which.batchId);
    const [{ resource }] = loaded.loaded as [LoadedBatch];
    const planned = await plannedBatches(loaded, style);
    // Those of its neighbours too: their hands are the same.
    const ids = new Set([which.batchId, ...planned.day.map(({ id }) => id)]);
    return {
      title: resource.name,
      mealId: resource.mealId,
      zone: household.zone,
      ...planned,
      events: await listEvents([...ids]),
    };
  }
  const meal = which.mealId
    ? await findRow<MealRow>(database(), 'meal', { householdId: household.id }, which.mealId)
    : undefined;
  if (!meal) throw notFound('meal');
  return { title: meal.name, mealId: meal.id, zone: household.zone, ...(await loadMealBatches(meal.id, style)) };
}

export async function loadMealBatches(mealId: string, style: FormatStyle): Promise<MealPage> {
  const household = await currentHousehold();
  const meal = await wholeMeal(household, mealId);
  return {
    ...(await plannedBatches(meal, style)),
    events: await listEvents(meal.loaded.map(({ resource }) => resource.id)),
  };
}
