import 'server-only';
import type { PutAway } from '@/contract/resources';
import { database } from '@/data/connection';
import { listPutAway as rows } from '@/data/putAway';
import { currentHousehold } from '../kitchen/kitchen';

const MOST = 200;
const PLURALS = {
  batch: 'batches',
  meal: 'meals',
  marinade: 'marinades',
  cut: 'cuts',
  ingredient: 'ingredients',
} as const;

/** Batches, meals, marinades, cuts and ingredients that were put away, the latest first; each can be brought back. */
export async function listPutAway(): Promise<{ items: PutAway[]; zone: string }> {
  const household = await currentHousehold();
  const found = await rows(database(), { householdId: household.id }, MOST);
  return {
    zone: household.zone,
    items: found.map(({ kind, id, name, deleted_at }) => ({
      kind,
      id,
      name,
      putAwayAt: deleted_at.toISOString(),
      restore: `/${PLURALS[kind]}/${id}/restore`,
    })),
  };
}
