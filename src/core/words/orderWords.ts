import type { MarinadeLine } from '../marinades';

/** What matters in the order of adding, of lines that stand in it: oil by its school, starch next to last or last. Empty where neither is in the mix. */
export function orderWords(lines: readonly MarinadeLine[]): string {
  const kinds = lines.map(({ ingredient }) => ingredient.kind);
  const [oil, starch] = [kinds.includes('oil'), kinds.includes('starch')];
  if (oil && kinds[0] === 'oil') return starch ? 'Oil first, starch last.' : 'Oil first.';
  if (oil) return starch ? 'Starch next to last, oil last.' : 'Oil last.';
  return starch ? 'Starch last.' : '';
}
