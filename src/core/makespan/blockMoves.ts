import type { Chains } from './chains';
import { SAME_MIN } from './project';

/** One task of a block put behind a later one, or before an earlier one. */
export interface Shift {
  /** Slots of the block, and the part of it that changes, both ends included. */
  block: readonly number[];
  from: number;
  to: number;
  behind: boolean;
  estimate: number;
}

interface Times {
  head: Float64Array;
  tail: Float64Array;
  lasts: Float64Array;
}

/**
 * On a longest path only moves at the ends of its blocks can shorten it: every task of a block behind its last or before its first
 * (Balas and Vazacopoulos), each with an estimate of the longest path through what was moved (Taillard). Left out is what might run against the arcs.
 *
 * @param path from its first task to its last
 */
export function blockMoves(chains: Chains, path: readonly number[], times: Times): Shift[] {
  const shifts: Shift[] = [];
  for (const block of blocksOf(chains, path, times)) {
    const ends = blockTimes(chains, block, times);
    const last = block.length - 1;
    const offer = (from: number, to: number, behind: boolean) => {
      const estimate = behind ? lengthBehind(ends, from, to) : lengthBefore(ends, from, to);
      if (estimate < Infinity) shifts.push({ block, from, to, behind, estimate });
    };
    for (let at = 0; at < last; at++) offer(at, last, true);
    // Of two neighbours the one behind the other is the other before the one.
    for (let at = last > 1 ? 1 : 2; at <= last; at++) offer(0, at, false);
    if (last > 1) {
      offer(0, 1, true);
      offer(last - 1, last, false);
    }
  }
  return shifts;
}

/** What bounds each task of a block beside its own chain, and how the chain stands before and after each. */
interface BlockTimes {
  lasts: number[];
  heads: number[];
  tails: number[];
  headBeside: number[];
  tailBeside: number[];
  freeBefore: number;
  restAfter: number;
  /** Room for the begins that are tried. */
  begins: number[];
}

function blockTimes(chains: Chains, block: readonly number[], { head, tail, lasts }: Times): BlockTimes {
  const tasks = block.map((slot) => chains.slotTask[slot]!);
  const before = chains.slotTask[chains.prev[block[0]!]!]!;
  const following = chains.next[block.at(-1)!]!;
  const next = following < 0 ? -1 : chains.slotTask[following]!;
  return {
    lasts: tasks.map((task) => lasts[task]!),
    heads: tasks.map((task) => head[task]!),
    tails: tasks.map((task) => tail[task]!),
    headBeside: tasks.map((task, at) => chains.headBeside(task, block[at]!, head)),
    tailBeside: tasks.map((task, at) => chains.tailBeside(task, block[at]!, tail)),
    freeBefore: before >= 0 ? head[before]! + lasts[before]! : 0,
    restAfter: next < 0 ? 0 : lasts[next]! + tail[next]!,
    begins: tasks.map(() => 0),
  };
}

/** The longest path when the task at `from` goes behind the one at `to`; Infinity where something that must follow it might come before that. */
function lengthBehind(ends: BlockTimes, from: number, to: number): number {
  const { lasts, heads, tails, headBeside, tailBeside, begins } = ends;
  if (tailBeside[from]! > lasts[to]! + tails[to]! + SAME_MIN) return Infinity;
  let free = from === 0 ? ends.freeBefore : heads[from - 1]! + lasts[from - 1]!;
  for (let at = from + 1; at <= to; at++) {
    begins[at] = Math.max(free, headBeside[at]!);
    free = begins[at]! + lasts[at]!;
  }
  const begin = Math.max(free, headBeside[from]!);
  const after = to + 1 < lasts.length ? lasts[to + 1]! + tails[to + 1]! : ends.restAfter;
  let rest = lasts[from]! + Math.max(after, tailBeside[from]!);
  let longest = begin + rest;
  for (let at = to; at > from; at--) {
    rest = lasts[at]! + Math.max(rest, tailBeside[at]!);
    longest = Math.max(longest, begins[at]! + rest);
  }
  return longest;
}

/** The longest path when the task at `to` goes before the one at `from`; Infinity where something that must precede it might come after that. */
function lengthBefore(ends: BlockTimes, from: number, to: number): number {
  const { lasts, heads, tails, headBeside, tailBeside, begins } = ends;
  if (headBeside[to]! > heads[from]! + lasts[from]! + SAME_MIN) return Infinity;
  const before = from === 0 ? ends.freeBefore : heads[from - 1]! + lasts[from - 1]!;
  const begin = Math.max(before, headBeside[to]!);
  let free = begin + lasts[to]!;
  for (let at = from; at < to; at++) {
    begins[at] = Math.max(free, headBeside[at]!);
    free = begins[at]! + lasts[at]!;
  }
  let rest = to + 1 < lasts.length ? lasts[to + 1]! + tails[to + 1]! : ends.restAfter;
  let longest = 0;
  for (let at = to - 1; at >= from; at--) {
    rest = lasts[at]! + Math.max(rest, tailBeside[at]!);
    longest = Math.max(longest, begins[at]! + rest);
  }
  return Math.max(longest, begin + lasts[to]! + Math.max(rest, tailBeside[to]!));
}

/** Runs of slots of one chain that follow each other without a pause on the path. */
function blocksOf(chains: Chains, path: readonly number[], { head, lasts }: Times): number[][] {
  const blocks: number[][] = [];
  let block: number[] = [];
  for (let at = 0; at + 1 < path.length; at++) {
    const task = path[at]!;
    const following = path[at + 1]!;
    const tight = head[task]! + lasts[task]! > head[following]! - SAME_MIN;
    const link = tight ? linkOf(chains, { task, following, on: block.at(-1) }) : -1;
    if (link < 0 || link !== block.at(-1)) {
      if (block.length > 1) blocks.push(block);
      block = link < 0 ? [] : [link];
    }
    if (link >= 0) block.push(chains.next[link]!);
  }
  if (block.length > 1) blocks.push(block);
  return blocks;
}

/** The slot of a task whose chain goes on with the other task: that of the block where it is one of them; -1 where none does. */
function linkOf(chains: Chains, { task, following, on }: { task: number; following: number; on?: number }): number {
  let link = -1;
  for (const slot of chains.slotsOf[task]!) {
    const next = chains.next[slot]!;
    if (next < 0 || chains.slotTask[next] !== following) continue;
    if (slot === on) return slot;
    if (link < 0) link = slot;
  }
  return link;
}
