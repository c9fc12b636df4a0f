import { overlaps } from './disturbed';
import type { MealNetwork } from './mealNetwork';
import { warmMinutes } from './warmMinutes';
import { TO_THE_FRIDGE_MIN, type Work } from './work';

const MIN_MS = 60_000;
/** A wash of board, knife and hands between is to be spared like so many tens of minutes that meat waits in the fridge. */
const WASH = 15;
/** Less longer kept hot than this is no reason to work at night. */
const COOLED_STEP_MIN = 15;

/** In the order of what matters: unsafe, late or no longer hot, handwork at night, waits beside the wish, changes between batches, an early beginning. */
export function costOf(
  { network, nodes, chains, tableMs }: MealNetwork,
  works: readonly Work[],
  { start, wishes }: { start: Float64Array; wishes: readonly number[] },
): number[] {
  const { lasts } = network;
  let [unsafe, late, cooled, night, beside, held, earliest] = [0, 0, 0, 0, 0, 0, 0];
  /** Backwards from the table: when a node begins by the clock, and when it ends. */
  const begins = (id: number) => start[id]! + lasts[id]!;
  const first = works.map(() => 0);
  for (const [id, { work, task }] of nodes.entries()) {
    first[work] = Math.max(first[work]!, begins(id));
    if (
      task.hands &&
      overlaps({ startMs: tableMs - begins(id) * MIN_MS, endMs: tableMs - start[id]! * MIN_MS }, works[work]!.quiet)
    )
      night += lasts[id]!;
  }
  for (const [at, work] of works.entries()) {
    const ids = chains[at]!;
    let warm = warmMinutes(work.chain, work.lots);
    for (let index = 0; index + 1 < ids.length; index++) {
      const [one, next] = [ids[index]!, ids[index + 1]!];
      if (one < 0) continue;
      if (next < 0) {
        const { place, minutes } = work.chain[index + 1]!;
        const lies = start[one]! - begins(ids[index + 2]!);
        beside += Math.abs(lies - wishes[at]!) / (60 + wishes[at]!);
        if (place === 'counter') warm += lies - minutes;
        continue;
      }
      const gap = start[one]! - begins(next);
      held += gap;
      if (gap < TO_THE_FRIDGE_MIN && nodes[one]!.task.place === 'counter') warm += gap;
    }
    unsafe += Math.max(0, warm - work.warmLimitMin);
    cooled += Math.max(0, start[ids.at(-1)!]! - (tableMs - work.tableAtMs) / MIN_MS - work.staysHotMin);
    late += Math.max(0, ((work.notBeforeMs ?? -Infinity) - tableMs) / MIN_MS + first[at]!);
    earliest = Math.max(earliest, first[at]!);
  }
  const { changes, washes } = changesOf(nodes, works, start);
  return [
    unsafe,
    late,
    Math.ceil(cooled / COOLED_STEP_MIN),
    night,
    Math.round(100 * beside) + Math.round(held / 10) + Math.round(cooled / 5) + WASH * washes,
    changes,
    earliest,
  ];
}

/** How often hands go from one batch to another, and how often other raw meat comes to the board after raw poultry: it has to be washed between. */
function changesOf(nodes: MealNetwork['nodes'], works: readonly Work[], start: Float64Array) {
  const hands = nodes.flatMap(({ task }, id) => (task.hands ? [id] : [])).sort((a, b) => start[b]! - start[a]!);
  let [changes, washes] = [0, 0];
  let before: number | undefined;
  let onBoard: number | undefined;
  for (const id of hands) {
    const { work, task } = nodes[id]!;
    if (before !== undefined && before !== work) changes++;
    before = work;
    if (task.place !== 'counter') continue;
    if (onBoard !== undefined && works[onBoard]!.poultry && !works[work]!.poultry) washes++;
    onBoard = work;
  }
  return { changes, washes };
}

export function isLess(cost: readonly number[], than: readonly number[]): boolean {
  for (const [at, one] of cost.entries()) if (Math.abs(one - than[at]!) > 1e-6) return one < than[at]!;
  return false;
}
