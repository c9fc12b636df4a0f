import { blockMoves, type Shift } from './blockMoves';
import { Chains } from './chains';
import { insertions, putBack, takeOut, type Move } from './insertions';
import { SAME_MIN, type Network } from './project';

/** So many moves are tried where the best runs against a gap. */
const MOST_TRIED = 6;
/** Rounds for which what was passed may not be passed back. */
const TABU = { least: 6, more: 6 } as const;
/** Rounds without a better schedule until it goes back to the best one and leaves it by another way. */
const PATIENCE = 4000;
const SHAKEN = 12;
/** Longest paths in a row on which nothing can be moved. */
const MOST_STUCK = 60;

interface Budget {
  work: number;
  bound: number;
  random: () => number;
}

/**
 * Tabu search on the chains (after Nowicki and Smutnicki): tasks of a longest path are passed behind or before others of their block; where there are
 * several of a kind, also put into the chain of another where the path through them is shortest (the insertion of Mastrolilli and Gambardella).
 * Deterministic for a given `random`.
 *
 * @param start begins that keep everything
 * @returns begins that are no later in the end
 */
export function improve(
  network: Network,
  start: Float64Array,
  budget: Budget,
): { start: Float64Array; makespan: number } {
  const search = new TabuSearch(network, start, budget);
  return search.run();
}

type Step = { kind: 'shift'; shift: Shift; estimate: number } | ({ kind: 'insertion' } & Move);

class TabuSearch {
  private readonly chains: Chains;
  private readonly head: Float64Array;
  private readonly tail: Float64Array;
  /** Round until which the first may not be put before the second; on the diagonal, may not be put elsewhere. */
  private readonly tabu: Int32Array;
  /** Takes what there are several of. */
  private readonly several: readonly boolean[];
  private round = 1;
  private best: Float64Array;
  private shortest: number;

  constructor(
    private readonly network: Network,
    start: Float64Array,
    private readonly budget: Budget,
  ) {
    const { n, takes, capacity } = network;
    this.chains = new Chains(network, start);
    this.head = new Float64Array(n);
    this.tail = new Float64Array(n);
    this.tabu = new Int32Array(n * n);
    this.several = takes.map((resources) => resources.some((resource) => capacity[resource]! > 1));
    this.best = start;
    this.shortest = makespanOf(network, start);
  }

  run() {
    const { chains, head } = this;
    if (chains.heads(head)) this.keepBest();
    let since = 0;
    for (
      let stuck = 0;
      chains.looked < this.budget.work && this.shortest > this.budget.bound + SAME_MIN && stuck < MOST_STUCK;
      this.round++
    ) {
      stuck = this.step(false) ? 0 : stuck + 1;
      since = this.keepBest() ? 0 : since + 1;
      if (since <= PATIENCE) continue;
      chains.follow(this.best);
      chains.heads(head);
      this.tabu.fill(0);
      for (let shake = 0; shake < SHAKEN; shake++) this.step(true);
      since = 0;
    }
    return { start: this.best, makespan: this.shortest };
  }

  private keepBest(): boolean {
    const now = this.chains.makespan(this.head);
    if (now >= this.shortest - SAME_MIN) return false;
    this.shortest = now;
    this.best = this.head.slice();
    return true;
  }

  /** One move: the best that is not forbidden, or any. */
  private step(atRandom: boolean): boolean {
    const steps = this.steps();
    if (!atRandom) {
      const free = steps.filter((step) => step.estimate < this.shortest - SAME_MIN || !this.forbidden(step));
      for (let tried = 0; tried < MOST_TRIED && free.length > 0; tried++) {
        let least = 0;
        for (let at = 1; at < free.length; at++) if (free[at]!.estimate < free[least]!.estimate) least = at;
        if (this.take(free[least]!)) return true;
        free.splice(least, 1);
      }
    }
    const any = steps[Math.floor(this.budget.random() * steps.length)];
    return any !== undefined && this.take(any);
  }

  /** What could be moved on the present longest path. */
  private steps(): Step[] {
    const { chains, head, tail, network, several } = this;
    const { random } = this.budget;
    const path = chains.critical(head, random).reverse();
    chains.tails(tail);
    const steps: Step[] = [];
    for (const shift of blockMoves(chains, path, { head, tail, lasts: network.lasts }))
      steps.push({ kind: 'shift', shift, estimate: shift.estimate });
    let disturbed = false;
    for (const task of path) {
      if (!several[task] || random() > 0.5) continue;
      disturbed = true;
      for (const move of insertions(chains, network, { task, head, tail, random }))
        steps.push({ kind: 'insertion', ...move });
    }
    if (disturbed) chains.heads(head);
    return steps;
  }

  /** Makes a move if it keeps everything; `head` tells the begins either way. */
  private take(step: Step): boolean {
    const { chains, head } = this;
    const move = step.kind === 'shift' ? shifted(chains, step.shift) : step;
    const was = takeOut(chains, move.task);
    putBack(chains, move.task, move.after);
    if (chains.heads(head)) {
      this.forbid(step);
      return true;
    }
    takeOut(chains, move.task);
    putBack(chains, move.task, was);
    chains.heads(head);
    return false;
  }

  private forbidden(step: Step): boolean {
    const { network, tabu, round } = this;
    if (step.kind === 'insertion') return tabu[step.task * network.n + step.task]! > round;
    return this.pairs(step.shift).some(([first, second]) => tabu[first * network.n + second]! > round);
  }

  private forbid(step: Step) {
    const until = this.round + TABU.least + Math.floor(this.budget.random() * TABU.more);
    if (step.kind === 'insertion') this.tabu[step.task * this.network.n + step.task] = until;
    else for (const [first, second] of this.pairs(step.shift)) this.tabu[second * this.network.n + first] = until;
  }

  /** Pairs that a shift puts one before the other. */
  private pairs({ block, from, to, behind }: Shift): [first: number, second: number][] {
    const { slotTask } = this.chains;
    const mover = slotTask[block[behind ? from : to]!]!;
    const passed = behind ? block.slice(from + 1, to + 1) : block.slice(from, to);
    return passed.map((slot) => (behind ? [slotTask[slot]!, mover] : [mover, slotTask[slot]!]));
  }
}

/** A shift as a move: in every chain where its task passes the anchor it stands beside it, elsewhere where it was. */
function shifted(chains: Chains, { block, from, to, behind, estimate }: Shift): Move {
  const task = chains.slotTask[block[behind ? from : to]!]!;
  const anchor = chains.slotTask[block[behind ? to : from]!]!;
  const after = chains.slotsOf[task]!.map((slot) => {
    const beside = chains.slotsOf[anchor]!.find((one) =>
      behind ? chains.comesBefore(slot, one) : chains.comesBefore(one, slot),
    );
    if (beside === undefined) return chains.prev[slot]!;
    return behind ? beside : chains.prev[beside]!;
  });
  return { task, after, estimate };
}

export function makespanOf({ n, lasts }: Pick<Network, 'n' | 'lasts'>, start: Float64Array): number {
  let most = 0;
  for (let task = 0; task < n; task++) most = Math.max(most, start[task]! + lasts[task]!);
  return most;
}
