import { heatFor } from '../cooking';
import { uptakeAt, uptakeModel } from '../marinades';
import { COATED_PERCENT, EXPOSURE, type Addition, type AdditionAdvice } from '../tenderizing';
import { minimumTemperature, warmLimitMin } from '../safety';
import type { Job, ScheduleProblem } from '../scheduling';
import { shapeRow, wayRecipe } from '../ways';
import { cautionsFor } from './cautionsFor';
import type { BatchInputs, Pins } from './inputs';
import type { BatchPlan, CookPlan, LeftOut, MarinatePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
import { planFirm } from './planFirm';
import { fruitAfter } from './planFruit';
import { planMarinade, sodiumOf } from './planMarinade';
import { planMix } from './planMix';
import { planPiece } from './planPiece';
import { planSides } from './planSides';
import { planSlice } from './planSlice';
import { beaten, pinsOfAddition, planTenderize, stayingIn, withMix } from './planTenderize';
import { ROOM_C, uptakeInput } from './planUptake';
import { refusalOf } from './refusals';
import { scheduleBatch, workOf, type Place } from './scheduleBatch';

/** Sugar on the meat from which a mix burns over a fierce heat, share of its weight. */
export const SUGARY_SHARE_OF_MEAT = 0.03;
/** Spice, herbs, purée and starch on the meat that are meant to stay on, share of its weight: an own estimate. */
const COAT_STAYS_SHARE = 0.01;
/** Sooner by less than this, nothing is left out for it. */
const WORTH_LEAVING_OUT_MIN = 5;

/** What is tried when a plan would be late, the least loss first. */
const HURRIED: readonly (readonly LeftOut[])[] = [
  ['soak'],
  ['freezer'],
  ['soak', 'freezer'],
  ['marinade'],
  ['soak', 'freezer', 'marinade'],
];

/**
 * The whole plan of one batch as if it were the only one, from its answers, pure and total for inputs within LIMITS. Amounts scale with the weight, times with the
 * thickness, rounds with neither. A pinned value is taken as it is; its neighbours follow. Where it would be late, the less late of the plans
 * without the soak, without the freezer or without both is taken, and what was left out is told.
 *
 * @throws RangeError for inputs outside LIMITS
 */
export function planAlone(asked: BatchInputs, around: Surroundings): BatchPlan {
  const inputs = { ...asked, pins: inWholeMinutes(asked.pins) };
  const plan = planWith(inputs, around, []);
  if (lateness(plan) === 0) return plan;
  const can = {
    soak: inputs.pins.soda === undefined && plan.tenderize.choice === 'rinse-off',
    freezer: inputs.pins.firmMin === undefined && plan.firm.needed && plan.firm.state.is === 'fresh',
    marinade: inputs.pins.marinadeMin === undefined,
  };
  let best = plan;
  for (const leftOut of HURRIED) {
    const possible = leftOut.filter((one) => can[one]);
    if (possible.length === 0 || lateness(best) === 0) continue;
    const quick = planWith(inputs, around, possible);
    if (lateness(best) - lateness(quick) >= WORTH_LEAVING_OUT_MIN || (lateness(quick) === 0 && lateness(best) > 0))
      best = quick;
  }
  return best;
}

/** A kitchen counts whole minutes: less than half of one is none. */
function inWholeMinutes(pins: Pins): Pins {
  const whole = MINUTE_PINS.filter((pin) => pins[pin] !== undefined).map((pin) => [pin, Math.round(pins[pin]!)]);
  return { ...pins, ...Object.fromEntries(whole) };
}
const MINUTE_PINS = ['firmMin', 'marinadeMin', 'sodaMin', 'soakMin'] as const;

/** Minutes that it begins too late; 0 for a plan that is refused, which no hurry mends. */
const lateness = ({ schedule }: BatchPlan) => (schedule.ok ? schedule.lateByMin : 0);

/** Of what the mix lacks, that for which there is time: fruit works overnight, and the night has to be there. */
export function additionsInTime({ tenderize }: BatchPlan, inputs: BatchInputs, around: Surroundings): AdditionAdvice[] {
  const withIt = (means: Addition) =>
    planWith({ ...inputs, pins: { ...inputs.pins, ...pinsOfAddition(means, tenderize.judgement.soda) } }, around, []);
  const ripens = (plan: BatchPlan) =>
    plan.schedule.ok && lateness(plan) === 0 && (plan.marinate.fruit?.exposure ?? 0) >= EXPOSURE.tender;
  return tenderize.additions.filter(({ means }) => means !== 'fruit' || ripens(withIt(means)));
}

/** @param assumed how far fruit goes, where that is known better than from what is planned for it */
function planWith(inputs: BatchInputs, around: Surroundings, leftOut: readonly LeftOut[], assumed?: number): BatchPlan {
  const prepared = prepare(inputs, around, { leftOut, assumed });
  const plan = timed(prepared, inputs, around);
  const exposure = plan.marinate.fruit?.exposure;
  // The judgement rests on what fruit does within the plan as it came out.
  if (pastTender(exposure) !== pastTender(prepared.fruitExposure)) {
    if (assumed === undefined) return planWith(inputs, around, leftOut, exposure ?? 0);
    // With soda there is time for the fruit and without it there is none: then nothing rests on the fruit.
    if (pastTender(assumed)) return planWith(inputs, around, leftOut, 0);
  }
  return plan;
}

interface Basis {
  leftOut: readonly LeftOut[];
  assumed?: number;
}

type Prepared = ReturnType<typeof prepare>;

/** Amounts and jobs, before any clock. */
function prepare(inputs: BatchInputs, around: Surroundings, { leftOut, assumed }: Basis) {
  const { pins } = inputs;
  const piece = planPiece(inputs, around.cut);
  const cut = planSlice(inputs, { piece, cut: around.cut, slicer: around.slicer });
  const { scaled, saltReach } = planMix(inputs, around, piece.meatG);
  const firm = planFirm({
    piece,
    cut: around.cut,
    pins,
    shape: cut.shape,
    thicknessMm: cut.thicknessMm,
    freezer: around.freezer,
    leftOut: leftOut.includes('freezer'),
  });
  const given = (slice: SlicePlan) => {
    const diffusion = uptakeInput(inputs, around.cut, { piece, slice, scaled });
    return { piece, slice, scaled, salt: uptakeModel(diffusion), diffusion };
  };
  const asCut = given(cut);
  const inMarinade = planMarinade(inputs, around, asCut);
  const fruitExposure = assumed ?? inMarinade.fruit?.exposure ?? 0;
  const byHand = planTenderize(inputs, around, {
    meatG: piece.meatG,
    scaled,
    slice: cut,
    fruitExposure,
    hurried: leftOut.includes('soak'),
  });
  const slice = beaten(cut, byHand.force);
  const met = slice === cut ? asCut : given(slice);
  const marinate = slice === cut ? inMarinade : planMarinade(inputs, around, met);
  const cook = planCook(inputs, around, { piece, slice, tenderize: byHand, marinate });
  const sides = planSides(inputs, around.marinade, marinate);
  const stages = { piece, firm, slice, tenderize: byHand, marinate, sides, cook };
  const work = workOf({
    ...stages,
    inputs,
    cut: around.cut,
    zone: around.zone,
    away: around.away,
    paces: around.paces,
    limitMin: warmLimitMin(pins.roomTempC ?? ROOM_C),
    hurriedMarinade: leftOut.includes('marinade'),
  });
  return { ...stages, work, salt: met.salt, scaled, saltReach, fruitExposure, leftOut };
}

/** The plan by the clock, and what follows from it: how far salt, soda and fruit get in the time there is. */
function timed(prepared: Prepared, inputs: BatchInputs, around: Surroundings, place?: Place): BatchPlan {
  const { piece, firm, slice, marinate, sides, cook, work, salt, scaled, saltReach, fruitExposure } = prepared;
  const { schedule, marinadeMin } = scheduleBatch(work, { zone: around.zone, minutes: marinate.minutes, place });
  const fruit = marinate.fruit && fruitAfter(marinate.fruit, marinadeMin);
  const stays = stayingIn(prepared.tenderize, {
    meatG: piece.meatG,
    thicknessMm: slice.soakThicknessMm,
    minutes: Math.max(1, marinadeMin),
  });
  const uptake = uptakeAt(salt, marinadeMin);
  const soaked: MarinatePlan = {
    ...marinate,
    ...(saltReach ? { saltReach } : {}),
    minutes: marinadeMin,
    uptake,
    sodiumMgPerPortion: sodiumOf(inputs, { piece, scaled, uptake, tenderize: stays }),
    ...(fruit ? { fruit } : {}),
  };
  const tenderize = withMix(stays, around, { inputs, slice, marinate: soaked });
  const plan = {
    piece,
    firm,
    slice,
    tenderize,
    marinate: soaked,
    sides,
    cook,
    schedule,
    work,
    lots: work.lots,
    fruitAssumed: fruitExposure,
    leftOut: [...prepared.leftOut],
  };
  const problem = refusalOf(plan, inputs, around);
  const checked = problem ? { ...plan, schedule: { ok: false as const, problem } } : plan;
  const whole = { ...checked, cautions: cautionsFor(checked, inputs, around) };
  madeFrom.set(whole, prepared);
  return whole;
}

/** What a plan was made from, for as long as somebody holds it. */
const madeFrom = new WeakMap<BatchPlan, Prepared>();

/** A plan again at the clock times that its meal leaves it; what was decided for it stays decided. */
export function planPlaced(asked: BatchInputs, around: Surroundings, plan: BatchPlan, place: Place): BatchPlan {
  const inputs = { ...asked, pins: inWholeMinutes(asked.pins) };
  const basis = { leftOut: plan.leftOut, assumed: plan.fruitAssumed };
  return timed(madeFrom.get(plan) ?? prepare(inputs, around, basis), inputs, around, place);
}

/** A plan at the hours that it really has: how far salt, soda and fruit get by them. What would be refused as a plan is under way, and is told. */
export function planAsItStands(
  inputs: BatchInputs,
  around: Surroundings,
  plan: BatchPlan,
  jobs: Job[],
): { plan: BatchPlan; problem?: ScheduleProblem } {
  if (!plan.schedule.ok) return { plan };
  const schedule = { ...plan.schedule, jobs };
  const now = planPlaced(inputs, around, plan, { schedule, others: [], turned: true });
  return now.schedule.ok ? { plan: now } : { plan: { ...now, schedule }, problem: now.schedule.problem };
}

const pastTender = (exposure = 0) => exposure >= EXPOSURE.tender;

function planCook(
  inputs: BatchInputs,
  around: Surroundings,
  {
    piece,
    slice,
    tenderize,
    marinate,
  }: Pick<BatchPlan, 'piece' | 'slice' | 'marinate'> & { tenderize: Pick<TenderizePlan, 'force'> },
): CookPlan {
  const { pins, way } = inputs;
  const handling = {
    treatment: pins.pierced || tenderize.force?.pierces || slice.scored ? ('pierced' as const) : ('whole' as const),
    doneness: pins.doneness,
  };
  const { animal } = around.cut;
  const sugary = marinate.onMeat.sugarG / piece.meatG > SUGARY_SHARE_OF_MEAT;
  const heat = heatFor({
    way,
    massG: piece.meatG,
    thicknessMm: Math.min(slice.pieceMm.thicknessMm, slice.pieceMm.widthMm, slice.pieceMm.lengthMm),
    centreC: minimumTemperature(animal, { ...handling, backInThePan: false }).tempC,
    sugary,
    ...(shapeRow(slice.shape).panWhole ? { pieces: slice.pieceCount } : {}),
    room: around.room,
    finish: pins.finish,
  });
  const clinging = marinate.lines.reduce(
    (sum, { ingredient: { kind }, massG }) => sum + (['spice', 'fresh', 'fruit', 'starch'].includes(kind) ? massG : 0),
    0,
  );
  const coated = (100 * marinate.onMeat.starchG) / piece.meatG >= COATED_PERCENT;
  const stays = coated || sugary || clinging / piece.meatG > COAT_STAYS_SHARE;
  return {
    ...heat,
    temperature: minimumTemperature(animal, {
      ...handling,
      backInThePan: heat.finish === 'back-soon' || heat.finish === 'dishes',
    }),
    surface: wayRecipe(way).heat.sear && !stays ? 'wipe' : 'drip',
  };
}
