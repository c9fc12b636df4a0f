import { SAME_MIN, type Arc, type Network } from './project';

/** Arcs by the task they belong to: those of task `t` stand from `at[t]` to `at[t + 1]`. */
interface Table {
  at: Int32Array;
  other: Int32Array;
  min: Float64Array;
}

function tableOf(n: number, arcs: readonly Arc[]): Table {
  const sorted = [...arcs].sort((a, b) => a.from - b.from);
  const at = new Int32Array(n + 1);
  for (const { from } of sorted) at[from + 1]!++;
  for (let task = 0; task < n; task++) at[task + 1]! += at[task]!;
  return { at, other: Int32Array.from(sorted, ({ to }) => to), min: Float64Array.from(sorted, ({ min }) => min) };
}

/**
 * A schedule as chains: every hand and every place hands its tasks on in an order of their own, and begins are the longest paths through
 * projects' arcs and chains alike. Moving a task is taking it out of its chains and putting it elsewhere.
 *
 * A slot is a task on one of the resources that it takes; before the first slot of a chain stands the chain's own head slot.
 */
export class Chains {
  readonly slotTask: Int32Array;
  readonly slotResource: Int32Array;
  readonly slotsOf: number[][];
  readonly headsOf: number[][];
  readonly prev: Int32Array;
  readonly next: Int32Array;
  private readonly out: Table;
  private readonly into: Table;
  private readonly release: Float64Array;
  private readonly backs: Network['backArcs'];
  private readonly order: Int32Array;
  private readonly left: Int32Array;
  /** Tasks looked at so far. */
  looked = 0;

  constructor(
    private readonly network: Network,
    start: Float64Array,
  ) {
    const { n, takes, capacity, arcs, backArcs } = network;
    this.headsOf = [];
    const slotTask: number[] = [];
    const slotResource: number[] = [];
    for (const [resource, of] of capacity.entries()) {
      this.headsOf.push([]);
      for (let unit = 0; unit < Math.min(of, n); unit++) {
        this.headsOf[resource]!.push(slotTask.length);
        slotTask.push(-1);
        slotResource.push(resource);
      }
    }
    this.slotsOf = takes.map((resources, task) =>
      resources.map((resource) => {
        slotTask.push(task);
        slotResource.push(resource);
        return slotTask.length - 1;
      }),
    );
    this.slotTask = Int32Array.from(slotTask);
    this.slotResource = Int32Array.from(slotResource);
    this.prev = new Int32Array(slotTask.length).fill(-1);
    this.next = new Int32Array(slotTask.length).fill(-1);
    this.release = new Float64Array(n);
    for (const { from, to, min } of arcs) if (from === n) this.release[to] = Math.max(this.release[to]!, min);
    const between = arcs.filter(({ from }) => from < n);
    this.out = tableOf(n, between);
    this.into = tableOf(
      n,
      between.map(({ from, to, min }) => ({ from: to, to: from, min })),
    );
    this.backs = backArcs;
    this.order = new Int32Array(n);
    this.left = new Int32Array(n);
    this.follow(start);
  }

  /** Chains that keep these begins: each task to the hand that was free last. */
  follow(start: Float64Array) {
    const { n, lasts } = this.network;
    this.prev.fill(-1);
    this.next.fill(-1);
    const lastSlot = this.headsOf.map((heads) => [...heads]);
    const freeAt = this.headsOf.map((heads) => heads.map(() => -Infinity));
    const byStart = Array.from({ length: n }, (_, task) => task).sort((a, b) => start[a]! - start[b]! || a - b);
    for (const task of byStart)
      for (const slot of this.slotsOf[task]!) {
        const resource = this.slotResource[slot]!;
        const free = freeAt[resource]!;
        let unit = -1;
        for (let one = 0; one < free.length; one++)
          if (free[one]! <= start[task]! + SAME_MIN && (unit < 0 || free[one]! > free[unit]!)) unit = one;
        if (unit < 0) throw new RangeError('More is taken at once than there is.');
        this.insert(slot, lastSlot[resource]![unit]!);
        lastSlot[resource]![unit] = slot;
        free[unit] = start[task]! + lasts[task]!;
      }
  }

  /** Whether one slot stands before the other in the same chain. */
  comesBefore(slot: number, other: number): boolean {
    for (let at = this.next[slot]!; at >= 0; at = this.next[at]!) if (at === other) return true;
    return false;
  }

  insert(slot: number, after: number) {
    const next = this.next[after]!;
    this.prev[slot] = after;
    this.next[slot] = next;
    this.next[after] = slot;
    if (next >= 0) this.prev[next] = slot;
  }

  remove(slot: number) {
    const prev = this.prev[slot]!;
    const next = this.next[slot]!;
    this.next[prev] = next;
    if (next >= 0) this.prev[next] = prev;
    this.prev[slot] = -1;
    this.next[slot] = -1;
  }

  /** Earliest begins into `head`; false where the chains run against the arcs. @param without a task that is counted as taking no time */
  heads(head: Float64Array, without = -1): boolean {
    const { n, lasts } = this.network;
    const { order, left, out, into, slotsOf, prev, next, slotTask } = this;
    this.looked += n;
    let filled = 0;
    for (let task = 0; task < n; task++) {
      let count = into.at[task + 1]! - into.at[task]!;
      const slots = slotsOf[task]!;
      for (let index = 0; index < slots.length; index++) {
        const before = prev[slots[index]!]!;
        if (before >= 0 && slotTask[before]! >= 0) count++;
      }
      left[task] = count;
      head[task] = this.release[task]!;
      if (count === 0) order[filled++] = task;
    }
    for (let at = 0; at < filled; at++) {
      const task = order[at]!;
      const begin = task === without ? head[task]! - lasts[task]! : head[task]!;
      for (let arc = out.at[task]!; arc < out.at[task + 1]!; arc++) {
        const to = out.other[arc]!;
        const from = begin + out.min[arc]!;
        if (from > head[to]!) head[to] = from;
        if (--left[to]! === 0) order[filled++] = to;
      }
      const end = begin + lasts[task]!;
      const slots = slotsOf[task]!;
      for (let index = 0; index < slots.length; index++) {
        const following = next[slots[index]!]!;
        if (following < 0) continue;
        const to = slotTask[following]!;
        if (end > head[to]!) head[to] = end;
        if (--left[to]! === 0) order[filled++] = to;
      }
    }
    return filled === n && (this.backs.length === 0 || this.pullHeads(head, without));
  }

  /** Longest gaps draw earlier tasks after them until all is at rest; what never rests contradicts itself. */
  private pullHeads(head: Float64Array, without: number): boolean {
    const { n } = this.network;
    for (let pass = 0; pass <= n; pass++) {
      let moved = false;
      this.looked += n;
      for (const { from, to, min } of this.backs) {
        if (to === n) {
          if (head[from]! > -min + SAME_MIN) return false;
        } else if (head[from]! + min > head[to]! + SAME_MIN) {
          head[to] = head[from]! + min;
          moved = true;
        }
      }
      if (!moved) return true;
      for (let at = 0; at < n; at++) this.pushOn(this.order[at]!, head, without);
    }
    return false;
  }

  private pushOn(task: number, head: Float64Array, without: number) {
    const { lasts } = this.network;
    const { out, next, slotTask } = this;
    const begin = task === without ? head[task]! - lasts[task]! : head[task]!;
    for (let arc = out.at[task]!; arc < out.at[task + 1]!; arc++)
      if (begin + out.min[arc]! > head[out.other[arc]!]!) head[out.other[arc]!] = begin + out.min[arc]!;
    for (const slot of this.slotsOf[task]!) {
      const following = next[slot]!;
      if (following < 0) continue;
      const to = slotTask[following]!;
      if (begin + lasts[task]! > head[to]!) head[to] = begin + lasts[task]!;
    }
  }

  /** Least time from each end to the end of all into `tail`; asked after `heads`, whose order it runs backwards. */
  tails(tail: Float64Array, without = -1) {
    const { n, lasts } = this.network;
    const { order, out, slotsOf, next, slotTask } = this;
    this.looked += n;
    for (let at = n - 1; at >= 0; at--) {
      const task = order[at]!;
      let most = 0;
      for (let arc = out.at[task]!; arc < out.at[task + 1]!; arc++) {
        const to = out.other[arc]!;
        const length = out.min[arc]! - lasts[task]! + (to === without ? 0 : lasts[to]!) + tail[to]!;
        if (length > most) most = length;
      }
      const slots = slotsOf[task]!;
      for (let index = 0; index < slots.length; index++) {
        const following = next[slots[index]!]!;
        if (following < 0) continue;
        const to = slotTask[following]!;
        const length = (to === without ? 0 : lasts[to]!) + tail[to]!;
        if (length > most) most = length;
      }
      tail[task] = most;
    }
  }

  /** Earliest begin of a task by everything but its chain of this slot; `headBeside` of the latest heads. */
  headBeside(task: number, slot: number, head: Float64Array): number {
    const { lasts } = this.network;
    let most = this.release[task]!;
    for (let arc = this.into.at[task]!; arc < this.into.at[task + 1]!; arc++)
      most = Math.max(most, head[this.into.other[arc]!]! + this.into.min[arc]!);
    for (const one of this.slotsOf[task]!) {
      const other = one === slot ? -1 : this.slotTask[this.prev[one]!]!;
      if (other >= 0) most = Math.max(most, head[other]! + lasts[other]!);
    }
    return most;
  }

  /** Least time after a task by everything but its chain of this slot. */
  tailBeside(task: number, slot: number, tail: Float64Array): number {
    const { lasts } = this.network;
    let most = 0;
    for (let arc = this.out.at[task]!; arc < this.out.at[task + 1]!; arc++) {
      const to = this.out.other[arc]!;
      most = Math.max(most, this.out.min[arc]! - lasts[task]! + lasts[to]! + tail[to]!);
    }
    for (const one of this.slotsOf[task]!) {
      const following = one === slot ? -1 : this.next[one]!;
      if (following < 0) continue;
      const to = this.slotTask[following]!;
      most = Math.max(most, lasts[to]! + tail[to]!);
    }
    return most;
  }

  makespan(head: Float64Array): number {
    const { n, lasts } = this.network;
    let most = 0;
    for (let task = 0; task < n; task++) most = Math.max(most, head[task]! + lasts[task]!);
    return most;
  }

  /** Tasks of one longest path, from its end back to the beginning. @param pick a number in [0, 1) where several are as long */
  critical(head: Float64Array, pick: () => number): number[] {
    const { n, lasts } = this.network;
    const most = this.makespan(head);
    const ends: number[] = [];
    for (let task = 0; task < n; task++) if (head[task]! + lasts[task]! > most - SAME_MIN) ends.push(task);
    let task = ends[Math.floor(pick() * ends.length)]!;
    const path = [task];
    for (let steps = 0; head[task]! > SAME_MIN && steps < 4 * n; steps++) {
      const from: number[] = [];
      for (let arc = this.into.at[task]!; arc < this.into.at[task + 1]!; arc++) {
        const other = this.into.other[arc]!;
        if (head[other]! + this.into.min[arc]! > head[task]! - SAME_MIN) from.push(other);
      }
      for (const slot of this.slotsOf[task]!) {
        const prev = this.prev[slot]!;
        const other = prev >= 0 ? this.slotTask[prev]! : -1;
        if (other >= 0 && head[other]! + lasts[other]! > head[task]! - SAME_MIN) from.push(other);
      }
      if (from.length === 0)
        for (const arc of this.backs)
          if (arc.to === task && arc.from < n && head[arc.from]! + arc.min > head[task]! - SAME_MIN)
            from.push(arc.from);
      if (from.length === 0) break;
      task = from[Math.floor(pick() * from.length)]!;
      path.push(task);
    }
    return path;
  }
}
