import type { Network } from './project';

/**
 * Tasks so that each comes after what must come before it, the lowest key first among those that may come next (ties: as they were given).
 * Shorter than the project where it has a cycle.
 */
export function inOrder({ n, before }: Pick<Network, 'n' | 'before'>, keys: ArrayLike<number>): number[] {
  const left = before.map((one) => one.length);
  const next: number[][] = Array.from({ length: n }, () => []);
  for (let to = 0; to < n; to++) for (const from of before[to]!) next[from]!.push(to);
  const heap: number[] = [];
  const sooner = (a: number, b: number) => keys[a]! < keys[b]! || (keys[a] === keys[b] && a < b);
  for (let task = 0; task < n; task++) if (left[task] === 0) push(heap, task, sooner);
  const order: number[] = [];
  while (heap.length > 0) {
    const task = pop(heap, sooner);
    order.push(task);
    for (const to of next[task]!) if (--left[to]! === 0) push(heap, to, sooner);
  }
  return order;
}

type Sooner = (a: number, b: number) => boolean;

function push(heap: number[], item: number, sooner: Sooner) {
  let at = heap.length;
  heap.push(item);
  while (at > 0) {
    const up = (at - 1) >> 1;
    if (!sooner(item, heap[up]!)) break;
    heap[at] = heap[up]!;
    at = up;
  }
  heap[at] = item;
}

function pop(heap: number[], sooner: Sooner): number {
  const first = heap[0]!;
  const last = heap.pop()!;
  if (heap.length === 0) return first;
  let at = 0;
  for (;;) {
    let down = 2 * at + 1;
    if (down >= heap.length) break;
    if (down + 1 < heap.length && sooner(heap[down + 1]!, heap[down]!)) down++;
    if (!sooner(heap[down]!, last)) break;
    heap[at] = heap[down]!;
    at = down;
  }
  heap[at] = last;
  return first;
}

/** Tasks of one cycle, in its order from the first that was given; undefined where there is none. */
export function cycleOf({ n, before }: Pick<Network, 'n' | 'before'>): number[] | undefined {
  const inIt = new Set(inOrder({ n, before }, new Float64Array(n)));
  let at = Array.from({ length: n }, (_, task) => task).find((task) => !inIt.has(task));
  if (at === undefined) return undefined;
  const seen: number[] = [];
  while (!seen.includes(at)) {
    seen.push(at);
    at = before[at]!.find((from) => !inIt.has(from))!;
  }
  const cycle = seen.slice(seen.indexOf(at)).reverse();
  const first = cycle.indexOf(Math.min(...cycle));
  return [...cycle.slice(first), ...cycle.slice(0, first)];
}
