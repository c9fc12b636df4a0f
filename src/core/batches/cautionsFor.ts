import type { Shape } from '../cooking';
import { COOL_ENOUGH_C, notEatenRaw } from '../marinades';
import { isGame } from '../pieces';
import { COUNTER_MARINADE_MAX_MIN, FRIDGE_MAX_C, WARM_LIMIT_MIN, warmLimitMin, type Caution } from '../safety';
import type { BatchInputs } from './inputs';
import type { BatchPlan, Surroundings } from './plan';

const SUGARY_SHARE_OF_MEAT = 0.03;
/** Fibres in a bite are twice the slice from here down. */
const SLANTED_DEG = 30;
/** Through the grate or off the stick (common practice). */
const FALLS_APART_MM = 2;
/** Cut level with the board: scoring and pounding shorten their fibres. */
const SHEETS: readonly Shape[] = ['unrolled', 'butterflied', 'pounded', 'cubes'];

/** What the cook has to mind in this plan, each at the step it belongs to. */
export function cautionsFor(
  plan: Omit<BatchPlan, 'cautions'>,
  { pins }: BatchInputs,
  { cut, slicer }: Surroundings,
): Caution[] {
  const cautions: Caution[] = [];
  const { firm, slice, tenderize, marinate, cook, schedule, piece } = plan;

  if (cut.form === 'cross-cut-ribs') cautions.push({ stage: 'piece', guards: 'illness', code: 'rinse-bones' });
  if (firm.state.is === 'frozen') cautions.push({ stage: 'firm', guards: 'injury', code: 'temper-not-chop' });
  if (firm.needed && firm.never) cautions.push({ stage: 'firm', guards: 'result', code: 'freezer-weak' });
  if (firm.needed) cautions.push({ stage: 'slice', guards: 'injury', code: 'half-frozen-slips' });
  if (firm.needed && slicer) cautions.push({ stage: 'slice', guards: 'injury', code: 'slicer' });
  if (!SHEETS.includes(slice.shape) && slice.knifeToGrainDeg < SLANTED_DEG)
    cautions.push({ stage: 'slice', guards: 'result', code: 'with-the-grain', fibreLengthMm: slice.fibreLengthMm });
  if (slice.thicknessMm < FALLS_APART_MM)
    cautions.push({ stage: 'slice', guards: 'result', code: 'falls-apart', thicknessMm: slice.thicknessMm });
  if (schedule.ok)
    cautions.push({
      stage: 'slice',
      guards: 'illness',
      code: 'warm-minutes',
      warmMin: schedule.warmMin,
      limitMin: schedule.warmLimitMin,
      lots: plan.lots,
    });
  if (pins.roomTempC !== undefined && pins.roomTempC > WARM_LIMIT_MIN.hotRoomAboveC) {
    cautions.push({
      stage: 'slice',
      guards: 'illness',
      code: 'hot-room',
      roomTempC: pins.roomTempC,
      limitMin: warmLimitMin(pins.roomTempC),
    });
  }

  if (tenderize.choice !== 'skip') {
    const advice = tenderize.schools[tenderize.choice];
    if (advice.rinses > 0) cautions.push({ stage: 'tenderize', guards: 'illness', code: 'rinse-in-bowl' });
    if (!advice.verdict.endsWith('clean'))
      cautions.push({
        stage: 'tenderize',
        guards: 'result',
        code: 'soapy',
        percent: advice.percent,
        sodiumMg: advice.sodiumMg,
      });
    if (advice.verdict.startsWith('weak'))
      cautions.push({ stage: 'tenderize', guards: 'result', code: 'weak-soda', percent: advice.percent });
  }
  for (const conflict of tenderize.conflicts)
    cautions.push({ stage: 'tenderize', guards: 'result', code: 'means-conflict', conflict });

  if (plan.sides.cooling)
    cautions.push({ stage: 'marinate', guards: 'illness', code: 'cool-first', coolEnoughC: COOL_ENOUGH_C });

  if (marinate.heldBack === 'clean')
    cautions.push({
      stage: 'marinate',
      guards: 'illness',
      code: 'hold-back-first',
      massG: marinate.heldBackG,
      cookFirst: notEatenRaw(marinate.lines),
    });
  if (marinate.heldBack === 'raw') cautions.push({ stage: 'marinate', guards: 'illness', code: 'held-back-raw' });
  cautions.push({ stage: 'marinate', guards: 'illness', code: 'used-marinade' });
  cautions.push(
    marinate.place === 'counter'
      ? { stage: 'marinate', guards: 'illness', code: 'counter-marinade', maxMin: COUNTER_MARINADE_MAX_MIN }
      : { stage: 'marinate', guards: 'illness', code: 'fridge', maxC: FRIDGE_MAX_C },
  );
  if (marinate.fruit?.verdict === 'stop' || marinate.fruit?.verdict === 'mush') {
    cautions.push({
      stage: 'marinate',
      guards: 'result',
      code: 'strong-fruit',
      maxMin: marinate.fruit.stopAfterHours.from * 60,
      minutes: marinate.minutes,
    });
  }
  const { allergens, alcohol, glutamate } = marinate.whole;
  if (allergens.length || alcohol || glutamate)
    cautions.push({ stage: 'marinate', guards: 'illness', code: 'allergens', allergens, alcohol, glutamate });

  const { tempC, restMin, pink, stricter } = cook.temperature;
  cautions.push({ stage: 'cook', guards: 'illness', code: 'centre-temperature', animal: cut.animal, tempC, restMin });
  if (isGame(cut.animal) && tempC > 63)
    cautions.push({ stage: 'cook', guards: 'illness', code: 'game-through', animal: cut.animal, tempC });
  if (stricter)
    cautions.push({ stage: 'cook', guards: 'illness', code: 'pierced', tempC, otherTempC: 63, otherRestMin: 3 });
  if (pink === 'offered') cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-offered', tempC, restMin });
  if (pink === 'refused')
    cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-refused', animal: cut.animal, tempC, restMin });
  if (cook.heat === 'grill' || cook.heat === 'table')
    cautions.push({ stage: 'cook', guards: 'injury', code: 'fire-and-sticks' });
  if (marinate.onMeat.sugarG / piece.trimmedG > SUGARY_SHARE_OF_MEAT)
    cautions.push({ stage: 'cook', guards: 'result', code: 'sugar-burns' });
  cautions.push({ stage: 'cook', guards: 'result', code: 'surface-dry' });
  return cautions;
}
