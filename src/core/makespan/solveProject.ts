import { lowerBound } from './bound';
import { decode } from './decode';
import { distancesOf, earliest, type Distances } from './distances';
import { flatten } from './flatten';
import { improve, makespanOf } from './improve';
import { cycleOf, inOrder } from './inOrder';
import { networkOf, SAME_MIN, type Arc, type Network, type Project, type ProjectProblem } from './project';
import { randomFrom } from './random';

export interface ScheduledTask {
  id: string;
  startMin: number;
  endMin: number;
}

export type ProjectSchedule =
  | { ok: true; makespanMin: number; lowerBoundMin: number; jobs: ScheduledTask[] }
  | { ok: false; problem: ProjectProblem };

/** How much is tried, counted in tasks placed: so many take about a second on a slow machine. */
export const SECOND_OF_WORK = 4_000_000;
/** For every pair of tasks. */
const WORK_A_PAIR = 4000;
/** Larger projects are too slow to flatten. */
const MOST_FLATTENED = 300;

/**
 * The shortest schedule that was found: every task once, in its order and its gaps, no hand and no place taken twice. First serial generation by
 * several orders, forwards and (justified) backwards, then around the best of them; then tabu search on the chains of hands and places.
 * Deterministic: the same project gives the same schedule.
 *
 * @param atMost tasks placed at most, see SECOND_OF_WORK; a small project is given less, it has fewer orders to try
 * @returns with a lower bound that no schedule can beat, or what stands in the way
 */
export function solveProject(project: Project, atMost = SECOND_OF_WORK): ProjectSchedule {
  const network = networkOf(project);
  if ('code' in network) return { ok: false, problem: network };
  const named = (indices: readonly number[]) => indices.map((index) => project.tasks[index]!.id);
  const cycle = cycleOf(network);
  if (cycle) return { ok: false, problem: { code: 'cycle', tasks: named(cycle) } };
  const work = Math.min(atMost, WORK_A_PAIR * network.n ** 2);
  const bounded = network.backArcs.length > 0;
  const distances = bounded ? distancesOf(network) : undefined;
  if (distances && 'contradiction' in distances)
    return { ok: false, problem: { code: 'lags-contradict', tasks: named(distances.contradiction) } };
  const clash = clashOf(network, project);
  if (clash) return { ok: false, problem: clash };

  const heads = earliest(network)!;
  const tails = tailsOf(network, distances);
  const bound = lowerBound(network, heads, tails);
  const random = randomFrom(1);
  const generated = generate(network, { distances, heads, tails, bound, work: work / 8, random });
  const first =
    distances && network.n <= MOST_FLATTENED
      ? flatten(network, distances, { known: generated, effort: { left: (work * 5) / 8 }, bound, random })
      : generated;
  if (!first) return { ok: false, problem: { code: 'none-found', tasks: hardest(network, project) } };
  const { start, makespan } = improve(network, first, { work: work / (bounded ? 4 : 1.2), bound, random });
  return {
    ok: true,
    makespanMin: makespan,
    lowerBoundMin: Math.min(bound, makespan),
    jobs: project.tasks.map(({ id, minutes }, task) => ({
      id,
      startMin: start[task]!,
      endMin: start[task]! + minutes,
    })),
  };
}

/** Two tasks with fixed hours that want the same at once. */
function clashOf({ n, names, takes, capacity, lasts }: Network, { tasks }: Project): ProjectProblem | undefined {
  const fixed = Array.from({ length: n }, (_, task) => task).filter((task) => tasks[task]!.startMin !== undefined);
  for (const [resource, uses] of names.entries())
    for (const task of fixed) {
      const from = tasks[task]!.startMin!;
      const there = fixed.filter(
        (other) =>
          takes[other]!.includes(resource) &&
          tasks[other]!.startMin! <= from + SAME_MIN &&
          tasks[other]!.startMin! + lasts[other]! > from + SAME_MIN,
      );
      if (takes[task]!.includes(resource) && there.length > capacity[resource]!)
        return { code: 'same-time', tasks: there.map((other) => tasks[other]!.id), uses };
    }
  return undefined;
}

/** Tasks that are tied by longest gaps or hours and compete for hands or places. */
function hardest({ n, takes, backArcs }: Network, { tasks }: Project): string[] {
  const tied = new Set(backArcs.flatMap(({ from, to }) => [from, to]));
  return Array.from({ length: n }, (_, task) => task)
    .filter((task) => tied.has(task) && takes[task]!.length > 0)
    .map((task) => tasks[task]!.id);
}

/** Least time from each end to the end of all where nothing is scarce. */
function tailsOf(network: Network, distances?: Distances): Float64Array {
  const { n, lasts, arcs } = network;
  const tails = new Float64Array(n);
  if (distances) {
    const { far, size } = distances;
    for (let task = 0; task < n; task++)
      for (let other = 0; other < n; other++)
        tails[task] = Math.max(tails[task]!, far[task * size + other]! + lasts[other]! - lasts[task]!);
    return tails;
  }
  const out = arcs.filter(({ from }) => from < n);
  for (let moved = true; moved;) {
    moved = false;
    for (const { from, to, min } of out) {
      const tail = min - lasts[from]! + lasts[to]! + tails[to]!;
      if (tail > tails[from]! + SAME_MIN) [tails[from], moved] = [tail, true];
    }
  }
  return tails;
}

interface Search {
  distances?: Distances;
  heads: Float64Array;
  tails: Float64Array;
  bound: number;
  work: number;
  random: () => number;
}

/** From the orders of several rules, then from orders near the best; undefined where none of them came to a schedule. */
function generate(
  network: Network,
  { distances, heads, tails, bound, work, random }: Search,
): Float64Array | undefined {
  const { n, lasts } = network;
  const back = mirrored(network, tails, distances);
  const effort = { left: work };
  let best: Float64Array | undefined;
  let shortest = Infinity;
  const forwards = (keys: ArrayLike<number>) => {
    const start = decode(network, inOrder(network, keys), { distances, effort });
    const span = start ? makespanOf(network, start) : Infinity;
    if (span < shortest) [best, shortest] = [start, span];
    return start && { start, span };
  };
  const tryKeys = (keys: ArrayLike<number>) => {
    const found = forwards(keys);
    if (!found || !back) return found;
    // Backwards from the end and forwards again: often shorter (double justification, Valls, Ballestín and Quintanilla).
    const order = inOrder(
      back.network,
      found.start.map((at, task) => -(at + lasts[task]!)),
    );
    const late = decode(back.network, order, { distances: back.distances, effort });
    if (!late) return found;
    const span = makespanOf(network, late);
    const again = forwards(late.map((at, task) => span - at - lasts[task]!));
    return again && again.span < found.span ? again : found;
  };
  const all = Array.from({ length: n }, (_, task) => task);
  const groups = groupsOf(network);
  const span = 1 + bound;
  const rules: ((task: number) => number)[] = [
    (task) => -(tails[task]! + lasts[task]!),
    (task) => -tails[task]!,
    (task) => heads[task]!,
    (task) => heads[task]! + lasts[task]!,
    (task) => lasts[task]!,
    (task) => -lasts[task]!,
    // One group of tied tasks after the other: where gaps are tight, all else may fail.
    (task) => groups[task]! * span + heads[task]!,
    (task) => -groups[task]! * span + heads[task]!,
  ];
  let now: { start: Float64Array; span: number } | undefined;
  for (const rule of rules) {
    const found = tryKeys(all.map(rule));
    if (found && (!now || found.span < now.span)) now = found;
    if (effort.left <= 0 || shortest <= bound + SAME_MIN) break;
  }
  while (effort.left > 0 && shortest > bound + SAME_MIN) {
    const around = now?.start ?? heads;
    const spread = (0.02 + 0.2 * random()) * Math.max(1, now?.span ?? bound);
    const found = tryKeys(all.map((task) => around[task]! + (random() - 0.5) * spread));
    if (found && (!now || found.span <= now.span * (1 + 0.02 * (effort.left / work) * random()))) now = found;
  }
  return best;
}

/** Tasks that gaps tie to each other, however far, bear the same number. */
function groupsOf({ n, backArcs }: Pick<Network, 'n' | 'backArcs'>): number[] {
  const groups = Array.from({ length: n }, (_, task) => task);
  for (const { from, to } of backArcs)
    if (to < n && groups[from] !== groups[to]) {
      const [kept, given] = [Math.min(groups[from]!, groups[to]!), Math.max(groups[from]!, groups[to]!)];
      for (let task = 0; task < n; task++) if (groups[task] === given) groups[task] = kept;
    }
  return groups;
}

/** The project run backwards from its end; undefined where an hour is fixed from its beginning. */
function mirrored(
  network: Network,
  tails: Float64Array,
  distances?: Distances,
): { network: Network; distances?: Distances } | undefined {
  const { n, lasts, arcs, backArcs, before } = network;
  if (backArcs.some(({ to }) => to === n)) return undefined;
  const after: number[][] = before.map(() => []);
  before.forEach((earlier, task) => earlier.forEach((from) => after[from]!.push(task)));
  const turned = ({ from, to, min }: Arc): Arc => ({ from: to, to: from, min: min - lasts[from]! + lasts[to]! });
  const back = {
    ...network,
    before: after,
    arcs: arcs.filter(({ from }) => from < n).map(turned),
    backArcs: backArcs.map(turned),
  };
  if (!distances) return { network: back };
  const { far, size, ties } = distances;
  const turnedFar = new Float64Array(size * size).fill(-Infinity);
  for (let from = 0; from < n; from++)
    for (let to = 0; to < n; to++) turnedFar[from * size + to] = far[to * size + from]! + lasts[from]! - lasts[to]!;
  for (let to = 0; to < n; to++) turnedFar[n * size + to] = tails[to]!;
  return { network: back, distances: { far: turnedFar, size, ties } };
}
