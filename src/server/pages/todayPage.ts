import 'server-only';
import type { TodayPage } from '@/contract/views';
import type { FormatStyle } from '@/core/units';
import { nearestMealId } from '@/data/batches';
import { database } from '@/data/connection';
import { remembered } from '@/data/memory';
import { currentHousehold } from '../kitchen/kitchen';
import { listMeals, readMeal } from '../meals/meals';
import { loadMealBatches } from './kitchenPage';

const STAYS_TODAY_MS = 3 * 3_600_000;

/** The meal asked for, else the next one on the table; one that was just served stays for a while. */
export const loadToday = (nowMs: number, style: FormatStyle, mealId?: string): Promise<TodayPage> =>
  remembered(JSON.stringify(['today', mealId, style, Math.floor(nowMs / 60_000)]), () =>
    readToday(nowMs, style, mealId),
  );

async function readToday(nowMs: number, style: FormatStyle, mealId?: string): Promise<TodayPage> {
  const household = await currentHousehold();
  const { items: meals } = await listMeals({ limit: 30, offset: 0 });
  const id =
    mealId ?? (await nearestMealId(database(), { householdId: household.id }, new Date(nowMs - STAYS_TODAY_MS)));
  if (!id) return { zone: household.zone, meals, batches: [], day: [], events: [] };
  const meal = await readMeal(id);
  return { zone: household.zone, meal, meals, ...(await loadMealBatches(id, style)) };
}
