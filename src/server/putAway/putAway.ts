import 'server-only';
import type { PutAway } from '@/contract/resources';
import { database } from '@/data/connection';
import { listPutAway as rows } from '@/data/putAway';
import type { Page } from '@/data/versioned';
import { currentHousehold } from '../kitchen/kitchen';

const PLURALS = {
  batch: 'batches',
  meal: 'meals',
  marinade: 'marinades',
  cut: 'cuts',
  ingredient: 'ingredients',
} as const;

/** Batches, meals, marinades, cuts and ingredients that were put away, the latest first; each can be brought back. */
export async function listPutAway(
  { find = '', ...page }: Page & { find?: string } = { limit: 200, offset: 0 },
): Promise<{ items: PutAway[]; total: number; zone: string }> {
  const household = await currentHousehold();
  const found = await rows(database(), { householdId: household.id }, { ...page, find: find.trim() });
  return {
    zone: household.zone,
    total: found.total,
    items: found.rows.map(({ kind, id, name, deleted_at }) => ({
      kind,
      id,
      name,
      putAwayAt: deleted_at.toISOString(),
      restore: `/${PLURALS[kind]}/${id}/restore`,
    })),
  };
}
