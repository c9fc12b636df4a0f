import { directHeatCheck } from '../cooking';
import { COOL_ENOUGH_C, notEatenRaw } from '../marinades';
import {
  alwaysThrough,
  COUNTER_MARINADE_MAX_MIN,
  FRIDGE_MAX_C,
  MEAT_COLD_MAX_C,
  MINIMUM,
  SODIUM_REFERENCE_MG_PER_DAY,
  WARM_LIMIT_MIN,
  warmLimitMin,
  type Caution,
} from '../safety';
import { shapeRow } from '../ways';
import type { BatchInputs } from './inputs';
import type { BatchPlan, Surroundings } from './plan';
import { OWN_SALT_OF_MEAT } from './planUptake';

/** Saltier than this at take-out, and sweeter than this a portion, it is said (common practice for the first, own figure for the second). */
export const TOO_SALTY_PERCENT = 1.6;
export const TOO_SWEET_G = 25;
/** Fibres in a bite are twice the slice from here down. */
const SLANTED_DEG = 30;
/** Through the grate or off the stick (common practice). */
const FALLS_APART_MM = 2;

/** What the cook has to mind in this plan, each at the step it belongs to. */
export function cautionsFor(
  plan: Omit<BatchPlan, 'cautions'>,
  { pins, way, people }: BatchInputs,
  { cut, slicer, marinade }: Surroundings,
): Caution[] {
  const cautions: Caution[] = [];
  const { firm, slice, tenderize, marinate, cook, schedule } = plan;

  if (cut.form === 'cross-cut-ribs') cautions.push({ stage: 'piece', guards: 'illness', code: 'rinse-bones' });
  if (firm.state.is === 'frozen') cautions.push({ stage: 'firm', guards: 'injury', code: 'temper-not-chop' });
  if (firm.needed && firm.state.is === 'fresh' && (pins.startC ?? 0) > MEAT_COLD_MAX_C)
    cautions.push({ stage: 'firm', guards: 'illness', code: 'meat-warm', tempC: pins.startC!, maxC: MEAT_COLD_MAX_C });
  if (firm.needed && firm.never) cautions.push({ stage: 'firm', guards: 'result', code: 'freezer-weak' });
  if (firm.needed) cautions.push({ stage: 'slice', guards: 'injury', code: 'half-frozen-slips' });
  if (firm.needed && slicer && !shapeRow(slice.shape).level)
    cautions.push({ stage: 'slice', guards: 'injury', code: 'slicer' });
  if (!shapeRow(slice.shape).level && !slice.comesSliced && slice.knifeToGrainDeg < SLANTED_DEG)
    cautions.push({ stage: 'slice', guards: 'result', code: 'with-the-grain', fibreLengthMm: slice.fibreLengthMm });
  if (slice.thicknessMm < FALLS_APART_MM && !shapeRow(slice.shape).carved)
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
      : {
          stage: 'marinate',
          guards: 'illness',
          code: 'fridge',
          maxC: FRIDGE_MAX_C,
          ...(pins.fridgeTempC !== undefined && pins.fridgeTempC > FRIDGE_MAX_C ? { isC: pins.fridgeTempC } : {}),
        },
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
  const takenPercent = saltAtTakeOut(marinate);
  if (takenPercent > TOO_SALTY_PERCENT)
    cautions.push({ stage: 'marinate', guards: 'result', code: 'too-salty', percent: takenPercent });
  if (marinate.sodiumMgPerPortion.to > SODIUM_REFERENCE_MG_PER_DAY)
    cautions.push({ stage: 'marinate', guards: 'result', code: 'much-sodium', mg: marinate.sodiumMgPerPortion });
  if (marinate.whole.sugarG / people > TOO_SWEET_G)
    cautions.push({ stage: 'marinate', guards: 'result', code: 'too-sweet', massG: marinate.whole.sugarG / people });
  const { allergens, alcohol, glutamate } = marinate.whole;
  const unread = [...(marinade.unread ?? [])];
  if (allergens.length || alcohol || glutamate || unread.length)
    cautions.push({ stage: 'marinate', guards: 'illness', code: 'allergens', allergens, alcohol, glutamate, unread });

  const { tempC, restMin, pink, stricter } = cook.temperature;
  if (alwaysThrough(cut.animal))
    cautions.push({ stage: 'cook', guards: 'illness', code: 'game-through', animal: cut.animal, tempC });
  else
    cautions.push({ stage: 'cook', guards: 'illness', code: 'centre-temperature', animal: cut.animal, tempC, restMin });
  if (stricter)
    cautions.push({
      stage: 'cook',
      guards: 'illness',
      code: 'pierced',
      tempC,
      otherTempC: MINIMUM.whole.tempC,
      otherRestMin: MINIMUM.whole.restMin,
    });
  if (directHeatCheck(way, cook.thicknessMm) === 'thick')
    cautions.push({ stage: 'cook', guards: 'illness', code: 'thick-for-heat', thicknessMm: cook.thicknessMm });
  if (cook.finish === 'through')
    cautions.push({ stage: 'cook', guards: 'illness', code: 'rounds-through', rounds: cook.rounds, tempC });
  if (cook.partCookedWaitMin > 0)
    cautions.push({ stage: 'cook', guards: 'illness', code: 'part-cooked', waitMin: cook.partCookedWaitMin });
  if (pink === 'offered') cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-offered', tempC, restMin });
  if (pink === 'refused')
    cautions.push({ stage: 'cook', guards: 'illness', code: 'pink-refused', animal: cut.animal, tempC, restMin });
  if (cook.method === 'grill' || cook.method === 'table')
    cautions.push({ stage: 'cook', guards: 'injury', code: 'fire-and-sticks' });
  if (cook.setting === 'medium-high') cautions.push({ stage: 'cook', guards: 'result', code: 'sugar-burns' });
  if (cook.surface === 'wipe') cautions.push({ stage: 'cook', guards: 'result', code: 'surface-dry' });
  return cautions;
}

/** Salt in the meat when it comes out, percent. */
export function saltAtTakeOut({ uptake: { equilibriumSaltPercent, averageFraction } }: BatchPlan['marinate']): number {
  const own = 100 * OWN_SALT_OF_MEAT;
  return own + Math.max(0, equilibriumSaltPercent - own) * (averageFraction ?? 1);
}
