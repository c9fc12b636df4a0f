/** True when both say the same, whatever the order of their keys. */
export const sameValue = (one: unknown, other: unknown): boolean =>
  JSON.stringify(sortKeys(one)) === JSON.stringify(sortKeys(other));

function sortKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sortKeys);
  if (!value || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, one]) => one !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, one]) => [key, sortKeys(one)]),
  );
}

export interface Merged<T> {
  /** What only one side changed, from that side; what both changed, as mine. */
  merged: T;
  /** Changed there and not here. */
  joined: (keyof T)[];
  /** Changed on both sides, and not to the same. */
  clashes: (keyof T)[];
}

/** Joins two changes of one thing, field by field. @param base what both began with */
export function mergeFields<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  const keys = [...new Set([base, mine, theirs].flatMap((one) => Object.keys(one)))] as (keyof T)[];
  const merged = { ...mine };
  const joined: (keyof T)[] = [];
  const clashes: (keyof T)[] = [];
  for (const key of keys) {
    if (sameValue(mine[key], theirs[key]) || sameValue(theirs[key], base[key])) continue;
    if (!sameValue(mine[key], base[key])) {
      clashes.push(key);
      continue;
    }
    joined.push(key);
    if (theirs[key] === undefined) delete merged[key];
    else merged[key] = theirs[key];
  }
  return { merged, joined, clashes };
}
