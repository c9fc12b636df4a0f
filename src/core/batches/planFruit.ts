import type { ScaledMarinade } from '../marinades';
import { enzymeVerdict, exposurePerHour, findFruit, stopAfterHours } from '../tenderizing';
import type { FruitPlan } from './plan';

interface Given {
  scaled: ScaledMarinade;
  meatG: number;
  thicknessMm: number;
  tempC: number;
}

/** The clock of fruit says nothing of hotter or frozen meat. */
export const enzymeC = (tempC: number) => Math.min(50, Math.max(-2, tempC));

/** The clock of all fresh fruit in the mix that goes on the meat; undefined when there is none that tenderizes. Their exposures add up. */
export function fruitClock({
  scaled,
  meatG,
  thicknessMm,
  tempC,
}: Given): Omit<FruitPlan, 'exposure' | 'verdict'> | undefined {
  const share = scaled.whole.massG > 0 ? scaled.onMeat.massG / scaled.whole.massG : 0;
  const fruits = scaled.lines.flatMap(({ ingredient, massG }) => {
    const fruit = ingredient.kind === 'fruit' || ingredient.kind === 'fresh' ? findFruit(ingredient.id) : undefined;
    return fruit && fruit.activity > 0 ? [{ fruit, dosePercent: (100 * massG * share) / meatG }] : [];
  });
  const perHour = fruits.reduce((sum, one) => sum + exposurePerHour({ ...one, thicknessMm, tempC: enzymeC(tempC) }), 0);
  const stop = stopAfterHours(perHour);
  return stop && { fruits, perHour, stopAfterHours: stop };
}

/** How far it has gone when the meat comes out. */
export function fruitAfter(clock: Omit<FruitPlan, 'exposure' | 'verdict'>, minutes: number): FruitPlan {
  const exposure = (clock.perHour * minutes) / 60;
  return { ...clock, exposure, verdict: enzymeVerdict(exposure) };
}
