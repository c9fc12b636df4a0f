import { formatWeekday, wallTimeOf } from '@/core/times';

/** "Saturday lunch": a name for a meal that nobody named. */
export function mealName(tableAtMs: number, zone: string): string {
  const { hour } = wallTimeOf(tableAtMs, zone);
  const which = hour < 4 ? 'night' : hour < 11 ? 'breakfast' : hour < 16 ? 'lunch' : 'dinner';
  return `${formatWeekday(tableAtMs, zone, 'en')} ${which}`;
}
