import type { Chains } from './chains';
import { SAME_MIN, type Network } from './project';

/** A task taken out of its chains and put back after these slots. */
export interface Move {
  task: number;
  after: number[];
  estimate: number;
}

/** Chains of one kind that are looked at for one task. */
const MOST_CHAINS = 4;

/** Takes a task out of its chains. @returns the slots that it stood after */
export function takeOut(chains: Chains, task: number): number[] {
  return chains.slotsOf[task]!.map((slot) => {
    const prev = chains.prev[slot]!;
    chains.remove(slot);
    return prev;
  });
}

export const putBack = (chains: Chains, task: number, after: readonly number[]) =>
  chains.slotsOf[task]!.forEach((slot, index) => chains.insert(slot, after[index]!));

/** The places of a task in each of its chains that make the path through it shortest, the one where it stands apart. */
export function insertions(
  chains: Chains,
  { lasts }: Network,
  { task, head, tail, random }: { task: number; head: Float64Array; tail: Float64Array; random: () => number },
): Move[] {
  const was = takeOut(chains, task);
  const moves: Move[] = [];
  if (chains.heads(head, task)) {
    chains.tails(tail, task);
    const through = (pred: number, succ: number) =>
      Math.max(head[task]!, pred >= 0 ? head[pred]! + lasts[pred]! : 0) +
      lasts[task]! +
      Math.max(tail[task]!, succ >= 0 ? lasts[succ]! + tail[succ]! : 0);
    const choices = chains.slotsOf[task]!.map((slot) =>
      someOf(chains.headsOf[chains.slotResource[slot]!]!, random)
        .flatMap((unit) => placesIn(chains, lasts, { task, unit, head, tail }))
        .map((after) => {
          const next = chains.next[after]!;
          return { after, estimate: through(chains.slotTask[after]!, next < 0 ? -1 : chains.slotTask[next]!) };
        })
        .sort((a, b) => a.estimate - b.estimate),
    );
    const same = (after: number[]) => after.every((slot, index) => slot === was[index]);
    const offer = (picked: { after: number; estimate: number }[]) => {
      const after = picked.map((one) => one.after);
      if (!same(after)) moves.push({ task, after, estimate: Math.max(...picked.map(({ estimate }) => estimate)) });
    };
    if (choices.every((one) => one.length > 0)) {
      const first = choices.map((one) => one[0]!);
      offer(first);
      choices.forEach((one, index) => {
        for (const other of one.slice(1, 3)) offer(first.map((picked, at) => (at === index ? other : picked)));
      });
    }
  }
  putBack(chains, task, was);
  return moves;
}

/** Slots of one chain after which the task runs against nothing: behind all that ends before it can begin, before all that it must precede. */
function placesIn(
  chains: Chains,
  lasts: Float64Array,
  { task, unit, head, tail }: { task: number; unit: number; head: Float64Array; tail: Float64Array },
): number[] {
  const places: number[] = [];
  let from = unit;
  for (let slot = chains.next[unit]!; slot >= 0; slot = chains.next[slot]!) {
    const other = chains.slotTask[slot]!;
    const endsAfter = head[other]! + lasts[other]! > head[task]! + SAME_MIN;
    const leadsOn = lasts[other]! + tail[other]! > tail[task]! + SAME_MIN;
    if (leadsOn && !endsAfter) from = slot;
  }
  for (let slot = from; slot >= 0; slot = chains.next[slot]!) {
    places.push(slot);
    const next = chains.next[slot]!;
    if (next < 0) break;
    const other = chains.slotTask[next]!;
    const endsAfter = head[other]! + lasts[other]! > head[task]! + SAME_MIN;
    const leadsOn = lasts[other]! + tail[other]! > tail[task]! + SAME_MIN;
    if (endsAfter && !leadsOn) break;
  }
  return places;
}

function someOf(units: readonly number[], random: () => number): readonly number[] {
  if (units.length <= MOST_CHAINS) return units;
  const from = Math.floor(random() * units.length);
  return Array.from({ length: MOST_CHAINS }, (_, at) => units[(from + at) % units.length]!);
}
