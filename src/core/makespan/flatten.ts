import type { Effort } from './decode';
import type { Distances } from './distances';
import { makespanOf } from './improve';
import { SAME_MIN, type Network } from './project';

/** One of two tasks that want the same goes before the other. */
interface Order {
  first: number;
  second: number;
}

interface Budget {
  effort: Effort;
  bound: number;
  random: () => number;
}

/** Entries of a table of distances that take as long as placing a task. */
const ENTRIES_A_TASK = 20;
/** Dead ends after which a part is given up. */
const MOST_DEAD_ENDS = 40;

/**
 * Large neighbourhood search over orders, meant for projects with longest gaps, where a task moved alone would break them. Some tasks are freed, the rest
 * keep the order they have; then the freed ones are put before or behind what they compete with, by depth-first search with all that follows
 * from each order (Carlier and Pinson's immediate selection), until nothing clashes and it is shorter than before.
 *
 * @param known begins that keep everything, where there are any
 * @returns begins, undefined where none were found
 */
export function flatten(
  network: Network,
  distances: Distances,
  { known, effort, bound, random }: Budget & { known?: Float64Array },
): Float64Array | undefined {
  let best = known;
  let shortest = known ? makespanOf(network, known) : Infinity;
  let now = known;
  let since = 0;
  while (effort.left > 0 && shortest > bound + SAME_MIN) {
    effort.left -= network.n;
    const span = now ? makespanOf(network, now) : Infinity;
    // As long as before will do at times, to come to another place.
    const under = random() < 0.5 ? span : span + 2 * SAME_MIN;
    const kept = now ? ordersKept(network, now, freed(network, now, random)) : [];
    const found = new Flattening(network, distances, effort).search({ orders: kept, under, random });
    since++;
    if (!found) {
      // Where nothing is known yet, and where nothing gets better for long, it begins from nothing.
      if (now && since > 200) [now, since] = [best, 0];
      continue;
    }
    now = found;
    const length = makespanOf(network, found);
    if (length < shortest - SAME_MIN) [best, shortest, since] = [found, length, 0];
  }
  return best;
}

/** Tasks to be placed anew: those of a stretch of time, or some of them all. */
function freed({ n, lasts }: Network, start: Float64Array, random: () => number): boolean[] {
  const span = makespanOf({ n, lasts }, start);
  if (random() < 0.5) {
    const share = 0.2 + 0.5 * random();
    return Array.from(start, () => random() < share);
  }
  const width = (0.15 + 0.35 * random()) * span;
  const from = random() * (span + width) - width;
  return Array.from(start, (at, task) => at + lasts[task]! > from && at < from + width);
}

/** How a schedule hands on hands and places, from task to task, freed ones left out. */
function ordersKept({ n, takes, lasts, capacity }: Network, start: Float64Array, free: readonly boolean[]): Order[] {
  const orders: Order[] = [];
  const byStart = Array.from({ length: n }, (_, task) => task).sort((a, b) => start[a]! - start[b]!);
  for (const resource of capacity.keys()) {
    /** The last task of each hand or place of this kind. */
    const lastOf: number[] = [];
    for (const task of byStart) {
      if (free[task] || !takes[task]!.includes(resource)) continue;
      let unit = -1;
      for (const [one, last] of lastOf.entries()) {
        const end = start[last]! + lasts[last]!;
        if (end <= start[task]! + SAME_MIN && (unit < 0 || end > start[lastOf[unit]!]! + lasts[lastOf[unit]!]!))
          unit = one;
      }
      if (unit >= 0) orders.push({ first: lastOf[unit]!, second: task });
      lastOf[unit >= 0 ? unit : lastOf.length] = task;
    }
  }
  return orders;
}

class Flattening {
  private readonly size: number;
  private readonly toEnd: Float64Array;
  /** Pairs that can never be at once. */
  private readonly apart: readonly [number, number][];
  private deadEnds = 0;

  constructor(
    private readonly network: Network,
    private readonly distances: Distances,
    private readonly effort: Effort,
  ) {
    const { n, takes, capacity } = network;
    this.size = distances.size;
    this.toEnd = new Float64Array(n);
    const apart: [number, number][] = [];
    for (let one = 0; one < n; one++)
      for (let other = one + 1; other < n; other++)
        if (takes[one]!.some((resource) => capacity[resource] === 1 && takes[other]!.includes(resource)))
          apart.push([one, other]);
    this.apart = apart;
  }

  /** @param orders to begin with @param under what the makespan must stay below */
  search({
    orders,
    under,
    random,
  }: {
    orders: readonly Order[];
    under: number;
    random: () => number;
  }): Float64Array | undefined {
    const far = this.distances.far.slice();
    for (const order of orders) if (!this.post(far, order)) return undefined;
    return this.deepen(far, under, random);
  }

  /** Depth first: the cheaper order of the pair with least choice, then the other. */
  private deepen(far: Float64Array, under: number, random: () => number): Float64Array | undefined {
    if (this.effort.left <= 0 || !this.follow(far, under)) {
      this.deadEnds++;
      return undefined;
    }
    const { size } = this;
    const { n } = this.network;
    const pair = this.worstClash(far, random);
    if (!pair) return far.slice(n * size, n * size + n);
    for (const order of pair) {
      const deeper = far.slice();
      this.effort.left -= (size * size) / ENTRIES_A_TASK / 4;
      if (!this.post(deeper, order)) continue;
      const found = this.deepen(deeper, under, random);
      if (found) return found;
      if (this.deadEnds > MOST_DEAD_ENDS) return undefined;
    }
    return undefined;
  }

  /** Puts one before the other with all that follows from it; false where that cannot be. */
  private post(far: Float64Array, { first, second }: Order): boolean {
    const { size } = this;
    const weight = this.network.lasts[first]!;
    if (far[second * size + first]! + weight > SAME_MIN) return false;
    if (far[first * size + second]! >= weight - SAME_MIN) return true;
    const row = second * size;
    let rows = 2;
    for (let from = 0; from < size; from++) {
      const length = far[from * size + first]! + weight;
      if (length === -Infinity || length <= far[from * size + second]!) continue;
      rows++;
      const into = from * size;
      for (let to = 0; to < size; to++) {
        const whole = length + far[row + to]!;
        if (whole > far[into + to]!) far[into + to] = whole;
      }
    }
    this.effort.left -= (rows * size) / ENTRIES_A_TASK;
    return true;
  }

  /** Every order that has no other choice, until there is none; false where that comes to nothing below `under`. */
  private follow(far: Float64Array, under: number): boolean {
    const { n, lasts } = this.network;
    const { size, toEnd } = this;
    for (let changed = true; changed;) {
      changed = false;
      this.effort.left -= (size * size + this.apart.length * 4) / ENTRIES_A_TASK;
      const begin = n * size;
      for (let task = 0; task < n; task++) {
        let most = 0;
        const row = task * size;
        for (let other = 0; other < n; other++) {
          const length = far[row + other]! + lasts[other]!;
          if (length > most) most = length;
        }
        toEnd[task] = most;
        if (far[begin + task]! + most >= under - SAME_MIN) return false;
      }
      for (const [one, other] of this.apart) {
        if (far[one * size + other]! >= lasts[one]! - SAME_MIN || far[other * size + one]! >= lasts[other]! - SAME_MIN)
          continue;
        const costs = this.costs(far, one, other);
        const way = costs[0] < under - SAME_MIN;
        const back = costs[1] < under - SAME_MIN;
        if (!way && !back) return false;
        if (way && back) continue;
        if (!this.post(far, way ? { first: one, second: other } : { first: other, second: one })) return false;
        changed = true;
      }
    }
    return true;
  }

  /** How long it all takes at least with one before the other, and with the other before the one. */
  private costs(far: Float64Array, one: number, other: number): [number, number] {
    const { n, lasts } = this.network;
    const { size, toEnd } = this;
    const begin = n * size;
    const can = (first: number, second: number) =>
      far[second * size + first]! + lasts[first]! <= SAME_MIN
        ? Math.max(far[begin + first]! + lasts[first]!, far[begin + second]!) + toEnd[second]!
        : Infinity;
    return [can(one, other), can(other, one)];
  }

  /** Of the pairs that clash with everything as early as it can be, the one with least choice: the cheaper order first. */
  private worstClash(far: Float64Array, random: () => number): [Order, Order] | undefined {
    let chosen: [Order, Order] | undefined;
    let rank = -Infinity;
    for (const [one, other] of this.clashes(far)) {
      const [way, back] = this.costs(far, one, other);
      const regret = Math.min(1e6, Math.abs(way - back)) + 3 * random();
      if (regret <= rank) continue;
      rank = regret;
      const orders: [Order, Order] = [
        { first: one, second: other },
        { first: other, second: one },
      ];
      chosen = way < back || (way === back && random() < 0.5) ? orders : [orders[1], orders[0]];
    }
    return chosen;
  }

  /** Pairs of tasks that are at once where more is wanted than there is, everything as early as it can be. */
  private clashes(far: Float64Array): [number, number][] {
    const { n, takes, capacity, lasts } = this.network;
    const begin = n * this.size;
    const found: [number, number][] = [];
    this.effort.left -= 2 * n;
    for (const [resource, of] of capacity.entries()) {
      const users: number[] = [];
      for (let task = 0; task < n; task++) if (takes[task]!.includes(resource)) users.push(task);
      if (users.length <= of) continue;
      for (const task of users) {
        const at = far[begin + task]!;
        const there = users.filter((other) => {
          const from = far[begin + other]!;
          return from <= at + SAME_MIN && from + lasts[other]! > at + SAME_MIN;
        });
        if (there.length <= of) continue;
        for (const other of there) if (other !== task) found.push([task, other]);
      }
    }
    return found;
  }
}
