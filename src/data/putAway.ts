import 'server-only';
import type { Db } from './connection';
import { containing } from './containing';
import type { Page, Scope } from './versioned';

export const PUT_AWAY_KINDS = ['batch', 'meal', 'marinade', 'cut', 'ingredient'] as const;
export type PutAwayKind = (typeof PUT_AWAY_KINDS)[number];

export interface PutAwayRow {
  kind: PutAwayKind;
  id: string;
  name: string;
  deleted_at: Date;
}

/** What was put away and can come back, the latest first; with `find`, what has it in its name or kind. */
export async function listPutAway(
  db: Db,
  { householdId }: Scope,
  { find, limit, offset }: Page & { find: string },
): Promise<{ rows: PutAwayRow[]; total: number }> {
  const one = (kind: PutAwayKind) =>
    db(kind)
      .select(db.raw('?::text as kind', [kind]), db.raw('id::text as id'), 'name', 'deleted_at')
      .where({ household_id: householdId })
      .whereNotNull('deleted_at');
  const [first, ...others] = PUT_AWAY_KINDS.map(one);
  const all = others.reduce((union, next) => union.unionAll(next), first!);
  const matching = () =>
    db.from(all.clone().as('put_away')).where(db.raw(`name || ' ' || kind ilike ?`, [containing(find)]));
  const [rows, counted] = await Promise.all([
    matching().select('*').orderBy('deleted_at', 'desc').orderBy('id').limit(limit).offset(offset),
    matching().count({ count: '*' }).first(),
  ]);
  return { rows, total: Number(counted?.count ?? 0) };
}
