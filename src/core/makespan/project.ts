/** A task of a project: how long, whose hands and which places it takes, what must come before it. */
export interface ProjectTask {
  id: string;
  minutes: number;
  /** Takes one of the cooks. */
  hands?: boolean;
  /** Takes one of the capacity of each of these. */
  uses?: readonly string[];
  /** Lags run from the end of the earlier task to the start of this one. */
  after?: readonly { id: string; minLagMin?: number; maxLagMin?: number }[];
  /** Begins exactly then, counted from the beginning. */
  startMin?: number;
}

export interface Project {
  /** 1 where it is not said. */
  cooks?: number;
  /** 1 where a name is not in it. */
  capacities?: Readonly<Record<string, number>>;
  tasks: readonly ProjectTask[];
}

/** Why there is no schedule, with the tasks that stand in each other's way. */
export type ProjectProblem =
  | { code: 'twice'; tasks: string[] }
  | { code: 'unknown-task'; tasks: string[]; named: string }
  | { code: 'cycle'; tasks: string[] }
  | { code: 'lag-reversed'; tasks: string[] }
  | { code: 'lags-contradict'; tasks: string[] }
  | { code: 'no-capacity'; tasks: string[]; uses: string }
  | { code: 'same-time'; tasks: string[]; uses: string }
  | { code: 'none-found'; tasks: string[] };

/** `startTo >= startFrom + min` for every arc; a longest gap is an arc that runs backwards. */
export interface Arc {
  from: number;
  to: number;
  min: number;
}

/** The project as numbers. Node `n` is the beginning, at 0. */
export interface Network {
  n: number;
  lasts: Float64Array;
  /** Resources of each task; none for a task that takes no time. */
  takes: readonly (readonly number[])[];
  capacity: readonly number[];
  /** Names of the resources, hands first. */
  names: readonly string[];
  /** Tasks that must come before, by index. */
  before: readonly (readonly number[])[];
  /** From the beginning and between tasks, forwards. */
  arcs: readonly Arc[];
  /** Longest gaps and fixed hours, backwards. */
  backArcs: readonly Arc[];
}

/** Two times nearer than this are the same: a thousandth of a second. */
export const SAME_MIN = 1e-5;
/** What lasts no longer takes nobody's hands and no place. */
const AT_ONCE_MIN = 1e-3;
const HANDS = 0;

/** The project as a network, or what is wrong with it whatever the clock says. */
export function networkOf({ cooks = 1, capacities = {}, tasks }: Project): Network | ProjectProblem {
  const index = new Map(tasks.map(({ id }, at) => [id, at]));
  if (index.size < tasks.length) {
    const twice = tasks.find(({ id }, at) => index.get(id) !== at)!;
    return { code: 'twice', tasks: [twice.id] };
  }
  const names = ['hands', ...new Set(tasks.flatMap(({ uses = [] }) => uses))];
  const capacity = names.map((name, at) =>
    at === HANDS ? cooks : Object.hasOwn(capacities, name) ? capacities[name]! : 1,
  );
  const n = tasks.length;
  const arcs: Arc[] = [];
  const backArcs: Arc[] = [];
  const before: number[][] = tasks.map(() => []);
  for (const [to, { id, after = [], startMin }] of tasks.entries()) {
    arcs.push({ from: n, to, min: startMin ?? 0 });
    if (startMin !== undefined) backArcs.push({ from: to, to: n, min: -startMin });
    for (const { id: earlier, minLagMin = 0, maxLagMin } of after) {
      const from = index.get(earlier);
      if (from === undefined) return { code: 'unknown-task', tasks: [id], named: earlier };
      if (from === to) return { code: 'cycle', tasks: [id] };
      if (maxLagMin !== undefined && maxLagMin < minLagMin) return { code: 'lag-reversed', tasks: [earlier, id] };
      const lasts = tasks[from]!.minutes;
      before[to]!.push(from);
      arcs.push({ from, to, min: lasts + minLagMin });
      if (maxLagMin !== undefined) backArcs.push({ from: to, to: from, min: -(lasts + maxLagMin) });
    }
  }
  for (const [at, name] of names.entries()) {
    const taker = tasks.find((task) => (at === HANDS ? task.hands : task.uses?.includes(name)));
    if (taker && capacity[at]! < 1) return { code: 'no-capacity', tasks: [taker.id], uses: name };
  }
  const takes = tasks.map(({ minutes, hands, uses = [] }) =>
    minutes > AT_ONCE_MIN ? [...(hands ? [HANDS] : []), ...new Set(uses.map((name) => names.indexOf(name, 1)))] : [],
  );
  return {
    n,
    lasts: Float64Array.from(tasks, ({ minutes }) => minutes),
    takes,
    capacity,
    names,
    before,
    arcs,
    backArcs,
  };
}
