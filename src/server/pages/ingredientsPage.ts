import 'server-only';
import type { IngredientResource } from '@/contract/resources';
import { notFound } from '../api/failures';
import { listIngredients, readIngredient } from '../ingredients/ingredients';

const ALL = { limit: 10_000, offset: 0 };

export const loadIngredients = async (): Promise<IngredientResource[]> => (await listIngredients(ALL)).items;

/** Only the cook's own have a page to change them on. */
export async function loadOwnIngredient(id: string): Promise<IngredientResource> {
  const known = await readIngredient(id);
  if (!known.own) throw notFound('ingredient');
  return known;
}
