import type { Distances } from './distances';
import { SAME_MIN, type Network } from './project';
import { Taken } from './taken';

/** How often tasks may be taken back for one whose longest gap they broke, for every task. */
const MOST_TAKEN_BACK = 8;

/**
 * Serial generation: task after task in this order, each as early as what came before it, hands and places allow. Where that is later than a longest
 * gap allows, the tasks that it is tied to are begun so much later and placed anew (after Franck, Neumann and Schwindt).
 *
 * @param order so that each comes after what must come before it
 * @param around.effort counted down by every task that is placed, around.busy what is not to be had from the beginning
 * @returns starts, or undefined where that came to nothing
 */
export function decode(
  network: Network,
  order: readonly number[],
  { distances, effort, busy }: { distances?: Distances; effort: Effort; busy?: readonly Busy[] },
): Float64Array | undefined {
  return distances
    ? decodeBounded(network, order, { ...distances, effort, busy })
    : decodeFree(network, order, { effort, busy });
}

/** A hand or a place that is not to be had for a time. */
export interface Busy {
  resource: number;
  from: number;
  to: number;
}

function takenAtFirst(capacity: readonly number[], busy: readonly Busy[] = []): Taken[] {
  const taken = capacity.map((of) => new Taken(of));
  for (const { resource, from, to } of busy) taken[resource]!.take(from, to);
  return taken;
}

/** What may still be tried, in tasks placed. */
export interface Effort {
  left: number;
}

/** `decode` where there are no longest gaps and no fixed hours: it always comes to something. */
function decodeFree(
  { n, lasts, takes, capacity, arcs }: Network,
  order: readonly number[],
  { effort, busy }: { effort: Effort; busy?: readonly Busy[] },
): Float64Array {
  effort.left -= 3 * n;
  const start = new Float64Array(n);
  const taken = takenAtFirst(capacity, busy);
  const earliest = new Float64Array(n);
  const out = outgoing({ n, arcs });
  for (const { from, to, min } of arcs) if (from === n) earliest[to] = Math.max(earliest[to]!, min);
  for (const task of order) {
    const at = firstFree(earliest[task]!, { minutes: lasts[task]!, of: takes[task]!, taken });
    start[task] = at;
    for (const resource of takes[task]!) taken[resource]!.take(at, at + lasts[task]!);
    for (const { to, min } of out[task]!) if (at + min > earliest[to]!) earliest[to] = at + min;
  }
  return start;
}

const known = new WeakMap<Network['arcs'], Network['arcs'][number][][]>();
/** Arcs by the task they leave; kept, since every try asks again. */
function outgoing({ n, arcs }: Pick<Network, 'n' | 'arcs'>) {
  let out = known.get(arcs);
  if (!out) {
    out = Array.from({ length: n }, () => []);
    for (const arc of arcs) if (arc.from < n) out[arc.from]!.push(arc);
    known.set(arcs, out);
  }
  return out;
}

function firstFree(
  earliest: number,
  { minutes, of, taken }: { minutes: number; of: readonly number[]; taken: readonly Taken[] },
): number {
  let at = earliest;
  for (let settled = 0, index = 0; settled < of.length; index = (index + 1) % of.length) {
    const free = taken[of[index]!]!.freeFrom(at, minutes);
    settled = free > at ? 1 : settled + 1;
    at = free;
  }
  return at;
}

function decodeBounded(
  { n, lasts, takes, capacity }: Network,
  order: readonly number[],
  { far, size, ties, effort, busy }: Distances & { effort: Effort; busy?: readonly Busy[] },
): Float64Array | undefined {
  const start = new Float64Array(n).fill(NaN);
  const taken = takenAtFirst(capacity, busy);
  const notBefore = Float64Array.from({ length: n }, (_, task) => far[n * size + task]!);
  const latest = (task: number) => -far[task * size + n]!;
  let takenBack = 0;
  for (let next = 0; next < n; next++) {
    const task = order[next]!;
    if (!Number.isNaN(start[task]!)) continue;
    effort.left -= 3 + (ties[task]!.length >> 3);
    let from = notBefore[task]!;
    let to = latest(task);
    for (const other of ties[task]!) {
      if (Number.isNaN(start[other]!)) continue;
      from = Math.max(from, start[other]! + far[other * size + task]!);
      to = Math.min(to, start[other]! - far[task * size + other]!);
    }
    const at = firstFree(from, { minutes: lasts[task]!, of: takes[task]!, taken });
    if (at <= to + SAME_MIN) {
      start[task] = at;
      for (const resource of takes[task]!) taken[resource]!.take(at, at + lasts[task]!);
      continue;
    }
    // What it is tied to has to begin later; with the beginning itself there is nothing to move.
    if (at > latest(task) + SAME_MIN || effort.left <= 0 || ++takenBack > MOST_TAKEN_BACK * n) return undefined;
    const moved = ties[task]!.filter(
      (other) => !Number.isNaN(start[other]!) && at > start[other]! - far[task * size + other]! + SAME_MIN,
    );
    for (const other of moved) {
      notBefore[other] = Math.max(notBefore[other]!, start[other]! + at - to);
      if (notBefore[other]! > latest(other) + SAME_MIN) return undefined;
    }
    for (const other of moved.flatMap((one) => [one, ...ties[one]!])) {
      if (Number.isNaN(start[other]!)) continue;
      for (const resource of takes[other]!) taken[resource]!.giveBack(start[other]!, start[other]! + lasts[other]!);
      start[other] = NaN;
    }
    next = -1;
  }
  return start;
}
