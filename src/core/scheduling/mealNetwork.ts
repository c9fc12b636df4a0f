import type { Arc, Network } from '../makespan';
import { KEPT_HOT_MAX_MIN } from '../safety';
import type { Job, SideTask, Task } from './job';
import { waitsAfter, type Shared, type Work } from './work';

const MIN_MS = 60_000;
/** What is made beside the meat may be ready so much sooner, min: own choice; sticks may lie in water for 4 h (common practice). */
const SIDE_READY_MIN = 240;
/** What the cook has given an hour of its own may be as early as that. */
const AT_ITS_HOUR_MIN = 2 * 24 * 60;
export const HANDS = 0;

interface Node {
  work: number;
  task: Task | SideTask;
}

/**
 * A meal as a network that runs backwards from its last table: what is early there is late on the clock, so that generating it from its beginning
 * puts everything as late as it can be. Marinades that may give are gaps between what is before and after them.
 */
export interface MealNetwork {
  network: Network;
  nodes: readonly Node[];
  /** For each work the nodes of its chain, in working order, -1 for the marinade that gives. */
  chains: readonly (readonly number[])[];
  tableMs: number;
}

/** @param marinadeMin of each work, the least its marinade takes */
export function mealNetwork(
  works: readonly Work[],
  marinadeMin: readonly number[],
  { cooks = 1, heats = {} }: Shared,
): MealNetwork {
  const tableMs = Math.max(...works.map((work) => work.tableAtMs));
  const names = ['hands', ...new Set(works.map(({ heat }) => heat))];
  const nodes: Node[] = [];
  const chains: number[][] = [];
  const arcs: Arc[] = [];
  const backArcs: Arc[] = [];
  const before: number[][] = [];
  const add = (node: Node) => {
    before.push([]);
    return nodes.push(node) - 1;
  };
  /** The later one, as the clock runs, comes first here. */
  const follow = (later: number, sooner: number, { least, most }: { least: number; most: number }) => {
    const lasts = nodes[later]!.task.minutes;
    before[sooner]!.push(later);
    arcs.push({ from: later, to: sooner, min: lasts + least });
    backArcs.push({ from: sooner, to: later, min: -(lasts + most) });
  };
  for (const [work, { chain, side, tableAtMs }] of works.entries()) {
    const known = new Map<Task['key'], number>();
    const ids = chain.map((task) => ('flex' in task ? -1 : add({ work, task })));
    chains.push(ids);
    for (const [at, id] of ids.entries()) if (id >= 0) known.set(chain[at]!.key, id);
    for (let at = 0; at + 1 < ids.length; at++) {
      const [sooner, later] = [ids[at]!, ids[at + 1]!];
      const task = chain[at + 1]!;
      if (sooner < 0) continue;
      if (later >= 0) follow(later, sooner, { least: 0, most: waitsAfter(chain[at]!) });
      else if ('flex' in task)
        follow(ids[at + 2]!, sooner, {
          least: marinadeMin[work]!,
          most: Math.max(marinadeMin[work]!, task.flex.toMin),
        });
    }
    for (const task of side) {
      const anchor = known.get(task.before);
      if (anchor === undefined) continue;
      const id = add({ work, task });
      known.set(task.key, id);
      follow(anchor, id, {
        least: 0,
        most: task.atMs === undefined ? (task.readyMin ?? SIDE_READY_MIN) : AT_ITS_HOUR_MIN,
      });
    }
    arcs.push({ from: -1, to: ids.at(-1)!, min: (tableMs - tableAtMs) / MIN_MS });
    backArcs.push({ from: ids.at(-1)!, to: -1, min: -((tableMs - tableAtMs) / MIN_MS + KEPT_HOT_MAX_MIN) });
  }
  for (const [id, { task }] of nodes.entries()) {
    if (task.atMs === undefined) continue;
    const fixed = (tableMs - task.atMs) / MIN_MS - task.minutes;
    arcs.push({ from: -1, to: id, min: fixed });
    backArcs.push({ from: id, to: -1, min: -fixed });
  }
  const n = nodes.length;
  const fromBeginning = (arc: Arc): Arc => ({ ...arc, from: arc.from < 0 ? n : arc.from, to: arc.to < 0 ? n : arc.to });
  const network: Network = {
    n,
    lasts: Float64Array.from(nodes, ({ task }) => task.minutes),
    takes: nodes.map(({ task, work }) =>
      task.minutes > 0
        ? [...(task.hands ? [HANDS] : []), ...(task.key === 'cook' ? [names.indexOf(works[work]!.heat, 1)] : [])]
        : [],
    ),
    capacity: names.map((name, at) => (at === HANDS ? cooks : (heats[name] ?? 1))),
    names,
    before,
    arcs: [...nodes.map((_, to) => ({ from: n, to, min: 0 })), ...arcs.map(fromBeginning)],
    backArcs: backArcs.map(fromBeginning),
  };
  return { network, nodes, chains, tableMs };
}

/** Jobs of every work by the clock, from begins counted backwards from the table. */
export function jobsOf(
  { nodes, chains, tableMs, network }: MealNetwork,
  works: readonly Work[],
  start: Float64Array,
): Job[][] {
  const jobs: Job[][] = works.map(() => []);
  const jobOf = new Map<number, Job>();
  for (const [id, { work, task }] of nodes.entries()) {
    const endMs = tableMs - Math.round(start[id]! * MIN_MS);
    const { key, stage, minutes, hands, place, atMs } = task;
    const job: Job = {
      key,
      stage,
      minutes,
      hands,
      place,
      ...(atMs === undefined ? {} : { atMs }),
      startMs: endMs - Math.round(network.lasts[id]! * MIN_MS),
      endMs,
    };
    jobOf.set(id, job);
    jobs[work]!.push(job);
  }
  for (const [work, ids] of chains.entries()) {
    for (const [at, id] of ids.entries()) {
      const before = jobOf.get(ids[at - 1]!);
      const after = jobOf.get(ids[at + 1]!);
      if (id < 0) {
        const { key, stage, hands, place } = works[work]!.chain[at]!;
        const startMs = before ? before.endMs : after!.startMs;
        const minutes = (after!.startMs - startMs) / MIN_MS;
        jobs[work]!.push({ key, stage, hands, place, minutes, startMs, endMs: after!.startMs });
      } else if (after) {
        const gap = (after.startMs - jobOf.get(id)!.endMs) / MIN_MS;
        if (gap > 0) jobOf.get(id)!.thenColdMin = gap;
      }
    }
    const last = jobOf.get(ids.at(-1)!)!;
    const hot = (works[work]!.tableAtMs - last.endMs) / MIN_MS;
    if (hot > 0) last.thenHotMin = hot;
    jobs[work]!.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  }
  return jobs;
}
