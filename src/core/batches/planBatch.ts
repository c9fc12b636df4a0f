import { cookRounds, WAY_PRACTICE, type Shape } from '../cooking';
import {
  coatCheck,
  measureIngredient,
  uptakeAt,
  uptakeModel,
  type ScaledMarinade,
  type UptakeModel,
} from '../marinades';
import { pricePerTrimmedKg, sizePiece, usualCount, type Cut } from '../pieces';
import { COUNTER_MARINADE_MAX_MIN, heldBackState, minimumTemperature, sodiumPerPortion, warmLimitMin } from '../safety';
import type { Schedule } from '../scheduling';
import { EXPOSURE, sodiumLeftMg, type Addition, type AdditionAdvice } from '../tenderizing';
import { cautionsFor } from './cautionsFor';
import type { BatchInputs } from './inputs';
import type { BatchPlan, CookPlan, MarinatePlan, PiecePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
import { planFirm } from './planFirm';
import { fruitAfter, fruitClock } from './planFruit';
import { planMix } from './planMix';
import { planSides } from './planSides';
import { planSlice } from './planSlice';
import { beaten, pinsOfAddition, planTenderize, withMix } from './planTenderize';
import { OWN_SALT_OF_MEAT, ROOM_C, uptakeInput } from './planUptake';
import { scheduleBatch } from './scheduleBatch';

/** A fruit that the cook chose is given the time to make it tender. */
const EXPOSURE_WISHED = 1;
/** Scoring carries the surface inside, as needles do. */
const SCORED: readonly Shape[] = ['pounded', 'unrolled'];

/**
 * The whole plan of one batch from its answers, pure and total for inputs within LIMITS. Amounts scale with the weight, times with the
 * thickness, rounds with neither. A pinned value is taken as it is; its neighbours follow. Where soda that is soaked and rinsed would make the
 * plan late, a quicker means is proposed, if that saves it.
 *
 * @throws RangeError for inputs outside LIMITS
 */
export function planBatch(inputs: BatchInputs, around: Surroundings): BatchPlan {
  const plan = planWith(inputs, around, false);
  const late = plan.schedule.ok && !onTime(plan);
  if (!late || inputs.pins.soda !== undefined || plan.tenderize.choice !== 'rinse-off') return plan;
  const quick = planWith(inputs, around, true);
  return onTime(quick) ? quick : plan;
}

const onTime = ({ schedule }: BatchPlan) => schedule.ok && schedule.lateByMin === 0;

/** Of what the mix lacks, that for which there is time: fruit works overnight, and the night has to be there. */
export function additionsInTime({ tenderize }: BatchPlan, inputs: BatchInputs, around: Surroundings): AdditionAdvice[] {
  const withIt = (means: Addition) =>
    planWith({ ...inputs, pins: { ...inputs.pins, ...pinsOfAddition(means, tenderize.advised) } }, around, false);
  const ripens = (plan: BatchPlan) => onTime(plan) && (plan.marinate.fruit?.exposure ?? 0) >= EXPOSURE.tender;
  return tenderize.additions.filter(({ means }) => means !== 'fruit' || ripens(withIt(means)));
}

function planWith(inputs: BatchInputs, around: Surroundings, hurried: boolean): BatchPlan {
  const { pins } = inputs;
  const piece = planPiece(inputs, around.cut);
  const cut = planSlice(inputs, { piece, cut: around.cut, slicer: around.slicer });
  const firm = planFirm({ piece, cut: around.cut, pins, shape: cut.shape, freezer: around.freezer });
  const { scaled, saltReach } = planMix(inputs, around, piece.trimmedG);
  const byHand = planTenderize(inputs, around, { trimmedG: piece.trimmedG, scaled, slice: cut, hurried });
  const slice = beaten(cut, byHand.force);
  const diffusion = uptakeInput(inputs, around.cut, { piece, slice, scaled });
  const salt = uptakeModel(diffusion);
  const marinate = planMarinade(inputs, around, { piece, slice, tenderize: byHand, scaled, salt, diffusion });
  const sides = planSides(inputs, around.marinade, marinate);
  const cook: CookPlan = {
    ...cookRounds(inputs.way, piece.trimmedG, slice.pieceMm.thicknessMm, around.room),
    temperature: minimumTemperature(around.cut.animal, {
      treatment: pins.pierced || byHand.force?.pierces || SCORED.includes(slice.shape) ? 'pierced' : 'whole',
      doneness: pins.doneness,
      backInThePan: inputs.way === 'stir-fry',
    }),
  };
  const limitMin = warmLimitMin(pins.roomTempC ?? ROOM_C);
  const { schedule, lots, marinadeMin } = scheduleBatch({
    inputs,
    cut: around.cut,
    zone: around.zone,
    limitMin,
    piece,
    firm,
    slice,
    tenderize: byHand,
    marinate,
    sides,
    cook,
  });
  const timed: MarinatePlan = {
    ...marinate,
    ...(saltReach ? { saltReach } : {}),
    minutes: marinadeMin,
    uptake: uptakeAt(salt, marinadeMin),
    ...(marinate.fruit ? { fruit: fruitAfter(marinate.fruit, marinadeMin) } : {}),
  };
  const tenderize = withMix(byHand, around, { inputs, slice, marinate: timed });
  const plan = {
    piece,
    firm,
    slice,
    tenderize,
    marinate: timed,
    sides,
    cook,
    schedule: withoutMush(schedule, timed),
    lots,
  };
  return { ...plan, cautions: cautionsFor(plan, inputs, around) };
}

/** Fruit that would turn the meat to mush is not scheduled. */
function withoutMush(schedule: Schedule, { fruit, minutes }: MarinatePlan): Schedule {
  if (!schedule.ok || fruit?.verdict !== 'mush') return schedule;
  return {
    ok: false,
    problem: {
      code: 'fruit-too-long',
      minutes,
      stopAfterMin: { from: fruit.stopAfterHours.from * 60, to: fruit.stopAfterHours.to * 60 },
    },
  };
}

function planPiece({ massG, heightMm, people, pins }: BatchInputs, cut: Cut): PiecePlan {
  const loss = (cut.trimLoss.from + cut.trimLoss.to) / 2;
  const trimmedG = pins.trimmedG ?? massG * (1 - loss);
  const pieces = pins.pieces ?? usualCount(cut, trimmedG);
  // Weighed after trimming, it can be no more than it was before; a slip of the scale is not passed on into the price.
  const price =
    pins.pricePerKg === undefined ? undefined : pricePerTrimmedKg(pins.pricePerKg, Math.max(massG, trimmedG), trimmedG);
  return {
    ...sizePiece(cut, trimmedG / pieces, heightMm, pins),
    massG,
    trimmedG,
    trimLossG: { from: massG * cut.trimLoss.from, to: massG * cut.trimLoss.to },
    perPersonG: trimmedG / people,
    pieces,
    ...(price === undefined ? {} : { pricePerTrimmedKg: price, pricePerPerson: (price * trimmedG) / 1000 / people }),
  };
}

interface Before {
  piece: PiecePlan;
  slice: SlicePlan;
  tenderize: Pick<TenderizePlan, 'choice' | 'schools'>;
  scaled: ScaledMarinade;
  salt: UptakeModel;
  diffusion: MarinatePlan['diffusion'];
}

function planMarinade(
  inputs: BatchInputs,
  around: Surroundings,
  { piece, slice, tenderize, scaled, salt, diffusion }: Before,
): MarinatePlan {
  const { way, people, pins } = inputs;
  const place = pins.marinadePlace ?? 'fridge';
  const custom = WAY_PRACTICE[way].marinadeMin;
  // Another fruit than the one it was written for: its own hours say nothing of it.
  const own = pins.fruitId === undefined ? around.marinade.minutes : custom;
  const clock = fruitClock({
    scaled,
    meatG: piece.trimmedG,
    thicknessMm: diffusion.thicknessMm,
    tempC: diffusion.tempC,
  });
  const ripe = clock ? Math.max(5, Math.floor((clock.stopAfterHours.from * 60) / 5) * 5) : Infinity;
  const to = Math.min(
    ripe,
    place === 'counter' ? COUNTER_MARINADE_MAX_MIN : Math.max(own.from, Math.min(own.to, custom.to)),
  );
  const window = { from: Math.min(Math.max(own.from, custom.from), to), to };
  const tenderMin = clock && pins.fruitId !== undefined ? (60 * EXPOSURE_WISHED) / clock.perHour : 0;
  const wished = Math.ceil(Math.max(salt.minutesTo.centre.p90, tenderMin) / 15) * 15;
  const measured = scaled.lines.map((line) => measureIngredient(line.ingredient, line.massG, around.measures));
  const mixMl = measured.reduce((sum, { volumeMl }) => sum + volumeMl, 0);
  const onMeatMl = scaled.whole.massG > 0 ? (mixMl * scaled.onMeat.massG) / scaled.whole.massG : 0;
  const heldBack = heldBackState({ massG: scaled.heldBackG, splitAfterMixing: Boolean(pins.splitAfterMixing) });
  return {
    ...scaled,
    minutes: pins.marinadeMin ?? Math.min(window.to, Math.max(window.from, wished)),
    place,
    tempC: diffusion.tempC,
    window,
    measured,
    mixMl,
    coat: coatCheck({
      mixMl: onMeatMl,
      areaM2: slice.coatAreaM2,
      meatG: piece.trimmedG,
      clinging: scaled.lines.some(({ ingredient }) => ingredient.kind === 'fruit' || ingredient.kind === 'starch'),
    }),
    uptake: uptakeAt(salt),
    diffusion,
    ...(clock ? { fruit: fruitAfter(clock, 0) } : {}),
    heldBack,
    sodiumMgPerPortion: sodiumPerPortion({
      people,
      saltG: {
        from: (salt.equilibriumSaltPercent / 100) * piece.trimmedG,
        to: scaled.whole.saltG + piece.trimmedG * OWN_SALT_OF_MEAT,
      },
      sodaSodiumMg: sodaSodium(tenderize),
    }),
  };
}

function sodaSodium({ choice, schools }: Pick<TenderizePlan, 'choice' | 'schools'>): { from: number; to: number } {
  return choice === 'skip' ? { from: 0, to: 0 } : sodiumLeftMg(schools[choice]);
}
