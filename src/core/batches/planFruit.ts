import type { Ingredient, ScaledMarinade } from '../marinades';
import { CLASS_ACTIVITY, enzymeVerdict, exposurePerHour, findFruit, stopAfterHours, type Fruit } from '../tenderizing';
import type { FruitClock, FruitPlan } from './plan';

interface Given {
  scaled: ScaledMarinade;
  meatG: number;
  thicknessMm: number;
  tempC: number;
}

/** The clock of fruit says nothing of hotter or frozen meat. */
export const enzymeC = (tempC: number) => Math.min(50, Math.max(-2, tempC));

/** Below this share of the meat ginger is seasoning, percent: own reading of extracts of 3 to 5 % (docs/sources.md, "Fruit"). */
const GINGER_SEASONS_BELOW_PERCENT = 5;

/**
 * The clock of all fresh fruit in the mix that goes on the meat; undefined when there is none that tenderizes. Their exposures add up. A fruit whose
 * activity is a guess counts in what is said, not in what is refused.
 */
export function fruitClock({ scaled, meatG, thicknessMm, tempC }: Given): FruitClock | undefined {
  const share = scaled.whole.massG > 0 ? scaled.onMeat.massG / scaled.whole.massG : 0;
  const fruits = scaled.lines.flatMap(({ ingredient, massG }) => {
    const fruit = fruitOf(ingredient);
    const dosePercent = (100 * massG * share) / meatG;
    const seasons = ingredient.id === 'ginger' && dosePercent < GINGER_SEASONS_BELOW_PERCENT;
    return fruit && fruit.activity > 0 && !seasons ? [{ fruit, dosePercent }] : [];
  });
  const rate = (counted: typeof fruits) =>
    counted.reduce((sum, one) => sum + exposurePerHour({ ...one, thicknessMm, tempC: enzymeC(tempC) }), 0);
  const perHour = rate(fruits);
  const stop = stopAfterHours(perHour);
  return (
    stop && {
      fruits,
      perHour,
      surePerHour: rate(fruits.filter(({ fruit }) => !fruit.guess)),
      stopAfterHours: stop,
      thicknessMm,
    }
  );
}

/** What the clock knows an ingredient by; a cook's own by the strength it was given, the strongest where none was. */
function fruitOf(ingredient: Ingredient): Fruit | undefined {
  const { id, name, kind, own, strongEnzyme, enzymeClass } = ingredient;
  if (own) {
    const of = enzymeClass ?? (strongEnzyme ? 'strongest' : undefined);
    return (
      of && {
        id,
        name,
        otherNames: [],
        activity: CLASS_ACTIVITY[of],
        strength: of === 'mild' ? 'mild' : 'strong',
        flavour: '',
      }
    );
  }
  return kind === 'fruit' || kind === 'fresh' ? findFruit(id) : undefined;
}

/** How far it has gone when the meat comes out. */
export function fruitAfter(clock: FruitClock, minutes: number): FruitPlan {
  const exposure = (clock.perHour * minutes) / 60;
  return {
    ...clock,
    exposure,
    verdict: enzymeVerdict(exposure),
    refused: enzymeVerdict((clock.surePerHour * minutes) / 60) === 'mush',
  };
}
