import 'server-only';
import type { Db } from './connection';
import type { Scope } from './versioned';

export const PUT_AWAY_KINDS = ['batch', 'meal', 'marinade', 'cut', 'ingredient'] as const;
export type PutAwayKind = (typeof PUT_AWAY_KINDS)[number];

export interface PutAwayRow {
  kind: PutAwayKind;
  id: string;
  name: string;
  deleted_at: Date;
}

/** What was put away and can come back, the latest first. */
export async function listPutAway(db: Db, { householdId }: Scope, limit: number): Promise<PutAwayRow[]> {
  const one = (kind: PutAwayKind) =>
    db(kind)
      .select(db.raw('?::text as kind', [kind]), db.raw('id::text as id'), 'name', 'deleted_at')
      .where({ household_id: householdId })
      .whereNotNull('deleted_at');
  const [first, ...others] = PUT_AWAY_KINDS.map(one);
  const all = others.reduce((union, next) => union.unionAll(next), first!);
  return db.from(all.as('put_away')).select('*').orderBy('deleted_at', 'desc').limit(limit);
}
