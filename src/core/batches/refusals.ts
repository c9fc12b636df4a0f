import { directHeatCheck } from '../cooking';
import { isPoultry } from '../pieces';
import {
  COUNTER_MARINADE_MAX_MIN,
  DIRECT_HEAT,
  FRIDGE_REFUSED_OVER_C,
  POULTRY_MARINADE_MAX_MIN,
  tooMuchUnrinsed,
  UNRINSED_SODA_MAX_PERCENT,
} from '../safety';
import type { ScheduleProblem } from '../scheduling';
import type { BatchInputs } from './inputs';
import type { BatchPlan, Surroundings } from './plan';

/** Why a plan is not made, whatever its clock says; asked alike for pins, for answers of the API and for what was stored. */
export function refusalOf(
  { marinate, tenderize, cook, schedule }: Pick<BatchPlan, 'marinate' | 'tenderize' | 'cook' | 'schedule'>,
  { way, pins }: BatchInputs,
  { cut }: Pick<Surroundings, 'cut'>,
): ScheduleProblem | undefined {
  const { minutes, place, fruit } = marinate;
  if (directHeatCheck(way, cook.thicknessMm) === 'refused')
    return { code: 'too-thick-for-heat', thicknessMm: cook.thicknessMm, maxMm: DIRECT_HEAT.refusedOverMm };
  if (place === 'counter' && minutes > COUNTER_MARINADE_MAX_MIN)
    return { code: 'counter-too-long', minutes, maxMin: COUNTER_MARINADE_MAX_MIN };
  if (pins.fridgeTempC !== undefined && pins.fridgeTempC > FRIDGE_REFUSED_OVER_C && place === 'fridge')
    return { code: 'fridge-too-warm', tempC: pins.fridgeTempC, maxC: FRIDGE_REFUSED_OVER_C };
  if (isPoultry(cut.animal) && minutes > POULTRY_MARINADE_MAX_MIN)
    return { code: 'poultry-too-long', minutes, maxMin: POULTRY_MARINADE_MAX_MIN };
  const soda = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  if (soda && tooMuchUnrinsed(soda))
    return { code: 'soda-unrinsed', percent: soda.percent, maxPercent: UNRINSED_SODA_MAX_PERCENT };
  if (schedule.ok && fruit?.refused)
    return {
      code: 'fruit-too-long',
      minutes,
      stopAfterMin: { from: fruit.stopAfterHours.from * 60, to: fruit.stopAfterHours.to * 60 },
    };
  return schedule.ok ? undefined : schedule.problem;
}
