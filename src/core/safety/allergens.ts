import type { Allergen } from '../marinades';

/** All allergens of a meal: what is in one marinade is on the table. */
export function allergensOnTable(batches: readonly { allergens: readonly Allergen[] }[]): Allergen[] {
  return [...new Set(batches.flatMap(({ allergens }) => allergens))].sort();
}
