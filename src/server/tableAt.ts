import { isPlannable, PLAN_YEARS } from '@/core/times';
import { breaksRule } from './api/failures';
import { nowMs } from './clock';

/** @throws Refusal for a table that was mistyped into another age; one that stands already may stay where it is */
export function checkTableAt(tableAt: string, before?: Date): void {
  const instantMs = Date.parse(tableAt);
  if (instantMs !== before?.getTime() && !isPlannable(instantMs, nowMs()))
    throw breaksRule(`The table is more than ${PLAN_YEARS} years from now. Is the year right?`, '/tableAt');
}
