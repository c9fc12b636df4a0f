/** A table is laid this many years from now at most, before or after: what is further was mistyped. */
export const PLAN_YEARS = 2;
const YEAR_MS = 365.25 * 86_400_000;

/** True where a plan may be made for that instant. */
export const isPlannable = (instantMs: number, nowMs: number): boolean =>
  Math.abs(instantMs - nowMs) <= PLAN_YEARS * YEAR_MS;
