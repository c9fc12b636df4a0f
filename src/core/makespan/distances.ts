import { SAME_MIN, type Arc, type Network } from './project';

/** Longest distances between all starts, `far[from * size + to]`; -Infinity where nothing ties them. Node `n` is the beginning. */
export interface Distances {
  size: number;
  far: Float64Array;
  /** For each task the others that its begin is tied to, either way. */
  ties: readonly (readonly number[])[];
}

/**
 * All longest paths (Floyd and Warshall). Answers with the tasks of a contradiction where a path comes back to its beginning with time to spare,
 * that is, where shortest and longest gaps or fixed hours cannot be kept together.
 */
export function distancesOf({ n, arcs, backArcs }: Network): Distances | { contradiction: number[] } {
  const size = n + 1;
  const far = new Float64Array(size * size).fill(-Infinity);
  const via = new Int32Array(size * size).fill(-1);
  for (let at = 0; at < size; at++) far[at * size + at] = 0;
  for (const { from, to, min } of [...arcs, ...backArcs]) if (min > far[from * size + to]!) far[from * size + to] = min;
  for (let by = 0; by < size; by++) {
    const row = by * size;
    for (let from = 0; from < size; from++) {
      const first = far[from * size + by]!;
      if (first === -Infinity || from === by) continue;
      for (let to = 0; to < size; to++) {
        const length = first + far[row + to]!;
        if (length > far[from * size + to]! + SAME_MIN) {
          far[from * size + to] = length;
          via[from * size + to] = by;
          if (from === to) return { contradiction: pathBack({ via, size }, from, by).filter((task) => task < n) };
        }
      }
    }
  }
  return { size, far, ties: tiesOf(far, size) };
}

function tiesOf(far: Float64Array, size: number): number[][] {
  const n = size - 1;
  return Array.from({ length: n }, (_, task) => {
    const ties: number[] = [];
    for (let other = 0; other < n; other++)
      if (other !== task && Math.max(far[task * size + other]!, far[other * size + task]!) > -Infinity)
        ties.push(other);
    return ties;
  });
}

/** The tasks of the way from one through another and back. */
function pathBack({ via, size }: { via: Int32Array; size: number }, start: number, by: number): number[] {
  const between = (from: number, to: number, depth: number): number[] => {
    const middle = via[from * size + to]!;
    if (middle < 0 || depth > size || middle === from || middle === to) return [];
    return [...between(from, middle, depth + 1), middle, ...between(middle, to, depth + 1)];
  };
  return [...new Set([start, ...between(start, by, 0), by, ...between(by, start, 0)])];
}

/** Earliest starts where nothing is scarce; undefined where the arcs contradict each other. */
export function earliest({ n, arcs, backArcs }: Pick<Network, 'n' | 'arcs' | 'backArcs'>): Float64Array | undefined {
  const start = new Float64Array(n + 1);
  const all: readonly Arc[] = [...arcs, ...backArcs];
  for (let pass = 0; pass <= n + 1; pass++) {
    let moved = false;
    for (const { from, to, min } of all)
      if (start[from]! + min > start[to]! + SAME_MIN) {
        start[to] = start[from]! + min;
        moved = true;
      }
    if (start[n]! > SAME_MIN) return undefined;
    if (!moved) return start;
  }
  return undefined;
}
