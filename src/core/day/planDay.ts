import { planBatch, planMeal, withFacts, type BatchInputs, type BatchPlan, type Surroundings } from '../batches';
import { facts, type BatchEvent } from '../progress';
import { whatGives, type Gives } from '../scheduling';

/** A batch of a meal: what the cook answered, what was done. */
export interface DayBatch {
  id: string;
  name: string;
  version: number;
  inputs: BatchInputs;
  around: Surroundings;
  events: readonly BatchEvent[];
}

/** A batch with what was measured in the place of what was expected. */
export interface Met {
  id: string;
  inputs: BatchInputs;
  around: Surroundings;
}

export const met = ({ id, inputs, around, events }: DayBatch): Met => ({
  id,
  around,
  inputs: withFacts(inputs, facts(events).measured),
});

export interface Planned {
  /** None where a stored batch cannot be planned; one batch never takes the others down. */
  plan?: BatchPlan;
  /** What it could not have in its meal. `work` counts the batches that have a plan. */
  gives: Gives[];
}

/**
 * The plans of a meal, before anything is done.
 *
 * @param options.alone too many to be placed together: each is planned as if it were the only one
 * @param options.onProblem told of a batch that cannot be planned
 */
export function planDay(
  batches: readonly Met[],
  { alone = false, onProblem }: { alone?: boolean; onProblem?: (id: string, error: unknown) => void } = {},
): Planned[] {
  const sound = batches.filter(({ id, inputs, around }) => {
    try {
      return planBatch(inputs, around);
    } catch (error) {
      onProblem?.(id, error);
      return false;
    }
  });
  const plans = alone ? sound.map(({ inputs, around }) => planBatch(inputs, around)) : planMeal(sound).plans;
  const gives = whatGives(plans, batches[0]?.around);
  return batches.map((batch) => {
    const at = sound.indexOf(batch);
    return at < 0 ? { gives: [] } : { plan: plans[at]!, gives: givesOf(gives, at) };
  });
}

/** A clash is told of the batch that comes second. */
export const givesOf = (gives: readonly Gives[], at: number): Gives[] =>
  gives.filter((one) => (one.code === 'clash' ? one.second.work : one.work) === at);
