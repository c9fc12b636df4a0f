import { COUNTER_MARINADE_MAX_MIN, FRIDGE_MAX_C, WARM_LIMIT_MIN, warmLimitMin, type Caution } from '../safety';
import type { BatchInputs } from './inputs';
import type { BatchPlan, Surroundings } from './plan';

/** Mild fruit stops at two days, strong fruit at an hour on slices (common practice). */
const STRONG_FRUIT_MAX_MIN = 60;
const SUGARY_SHARE_OF_MEAT = 0.03;

/** What the cook has to mind in this plan, each at the step it belongs to. */
export function cautionsFor(plan: Omit<BatchPlan, 'cautions'>, { way, pins }: BatchInputs, { cut }: Surroundings): Caution[] {
  const cautions: Caution[] = [];
  const { tenderize, marinate, cook, schedule, piece } = plan;

  cautions.push({ stage: 'slice', guards: 'injury', code: 'half-frozen-slips' });
  if (schedule.ok) cautions.push({ stage: 'slice', guards: 'illness', code: 'warm-minutes', warmMin: schedule.warmMin, limitMin: schedule.warmLimitMin, lots: plan.lots });
  if (pins.roomTempC !== undefined && pins.roomTempC > WARM_LIMIT_MIN.hotRoomAboveC) {
    cautions.push({ stage: 'slice', guards: 'illness', code: 'hot-room', roomTempC: pins.roomTempC, limitMin: warmLimitMin(pins.roomTempC) });
  }

  if (tenderize.choice !== 'skip') {
    const advice = tenderize.schools[tenderize.choice];
    if (advice.rinses > 0) cautions.push({ stage: 'tenderize', guards: 'illness', code: 'rinse-in-bowl' });
    if (!advice.verdict.endsWith('clean')) cautions.push({ stage: 'tenderize', guards: 'result', code: 'soapy', percent: advice.percent, sodiumMg: advice.sodiumMg });
    if (advice.verdict.startsWith('weak')) cautions.push({ stage: 'tenderize', guards: 'result', code: 'weak-soda', percent: advice.percent });
    if (marinate.strongFruit) cautions.push({ stage: 'tenderize', guards: 'result', code: 'soda-after-fruit' });
  }

  if (marinate.heldBack === 'clean') cautions.push({ stage: 'marinate', guards: 'illness', code: 'hold-back-first', massG: marinate.heldBackG });
  if (marinate.heldBack === 'raw') cautions.push({ stage: 'marinate', guards: 'illness', code: 'held-back-raw' });
  cautions.push({ stage: 'marinate', guards: 'illness', code: 'used-marinade' });
  cautions.push(
    marinate.place === 'counter'
      ? { stage: 'marinate', guards: 'illness', code: 'counter-marinade', maxMin: COUNTER_MARINADE_MAX_MIN }
      : { stage: 'marinate', guards: 'illness', code: 'fridge', maxC: FRIDGE_MAX_C },
  );
  if (marinate.strongFruit && marinate.minutes > STRONG_FRUIT_MAX_MIN) {
    cautions.push({ stage: 'marinate', guards: 'result', code: 'strong-fruit', maxMin: STRONG_FRUIT_MAX_MIN, minutes: marinate.minutes });
  }
  const { allergens, alcohol, glutamate } = marinate.whole;
  if (allergens.length || alcohol || glutamate) cautions.push({ stage: 'marinate', guards: 'illness', code: 'allergens', allergens, alcohol, glutamate });

  const { tempC, restMin, pink, stricter } = cook.temperature;
  cautions.push({ stage: 'cook', guards: 'illness', code: 'centre-temperature', animal: cut.animal, tempC, restMin });
  if (stricter) cautions.push({ stage: 'cook', guards: 'illness', code: 'pierced', tempC, otherTempC: 63, otherRestMin: 3 });
  if (pink === 'offered') cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-offered', tempC, restMin });
  if (pink === 'refused') cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-refused', animal: cut.animal, tempC, restMin });
  if (way === 'flat-skewers') cautions.push({ stage: 'cook', guards: 'injury', code: 'fire-and-sticks' });
  if (marinate.onMeat.sugarG / piece.trimmedG > SUGARY_SHARE_OF_MEAT) cautions.push({ stage: 'cook', guards: 'result', code: 'sugar-burns' });
  cautions.push({ stage: 'cook', guards: 'result', code: 'surface-dry' });
  return cautions;
}
