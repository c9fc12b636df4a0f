import { cookRounds, WAY_PRACTICE, type Shape } from '../cooking';
import { FINE_SALT, measureIngredient, scaleMarinade, solveSalt, uptakeAt, uptakeModel, type ScaledMarinade, type UptakeModel } from '../marinades';
import { pricePerTrimmedKg, sizePiece, usualCount, type Cut } from '../pieces';
import { COUNTER_MARINADE_MAX_MIN, heldBackState, minimumTemperature, sodiumPerPortion, warmLimitMin } from '../safety';
import type { Schedule } from '../scheduling';
import { chooseSoda, soda, SODA_SCHOOLS, sodiumLeftMg, type SodaSchool } from '../tenderizing';
import { cautionsFor } from './cautionsFor';
import type { BatchInputs } from './inputs';
import type { BatchPlan, CookPlan, MarinatePlan, PiecePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
import { planFirm } from './planFirm';
import { fruitAfter, fruitClock } from './planFruit';
import { planSlice } from './planSlice';
import { scheduleBatch } from './scheduleBatch';

const OWN_SALT_OF_MEAT = 0.001;
const FRIDGE_C = 4;
const ROOM_C = 21;
/** Scoring carries the surface inside, as needles do. */
const SCORED: readonly Shape[] = ['pounded', 'unrolled'];

/**
 * The whole plan of one batch from its answers, pure and total for inputs within LIMITS. Amounts scale with the weight, times with the
 * thickness, rounds with neither. A pinned value is taken as it is; its neighbours follow.
 *
 * @throws RangeError for inputs outside LIMITS
 */
export function planBatch(inputs: BatchInputs, around: Surroundings): BatchPlan {
  const { pins } = inputs;
  const piece = planPiece(inputs, around.cut);
  const slice = planSlice(inputs, { piece, cut: around.cut, slicer: around.slicer });
  const firm = planFirm({ piece, cut: around.cut, pins, shape: slice.shape, freezer: around.freezer });
  const { scaled, saltReach } = planMix(inputs, around, piece.trimmedG);
  const tenderize = planSoda(inputs, around, { trimmedG: piece.trimmedG, scaled, slice });
  const diffusion = uptakeInput(inputs, around.cut, { piece, slice, scaled });
  const salt = uptakeModel(diffusion);
  const marinate = planMarinade(inputs, around, { piece, tenderize, scaled, salt, diffusion });
  const cook: CookPlan = {
    ...cookRounds(inputs.way, piece.trimmedG, slice.pieceMm.thicknessMm, around.room),
    temperature: minimumTemperature(around.cut.animal, { treatment: pins.pierced || SCORED.includes(slice.shape) ? 'pierced' : 'whole', doneness: pins.doneness, backInThePan: inputs.way === 'stir-fry' }),
  };
  const limitMin = warmLimitMin(pins.roomTempC ?? ROOM_C);
  const { schedule, lots, marinadeMin } = scheduleBatch({ inputs, cut: around.cut, zone: around.zone, limitMin, piece, firm, slice, tenderize, marinate, cook });
  const timed: MarinatePlan = { ...marinate, ...(saltReach ? { saltReach } : {}), minutes: marinadeMin, uptake: uptakeAt(salt, marinadeMin), ...(marinate.fruit ? { fruit: fruitAfter(marinate.fruit, marinadeMin) } : {}) };
  const plan = { piece, firm, slice, tenderize, marinate: timed, cook, schedule: withoutMush(schedule, timed), lots };
  return { ...plan, cautions: cautionsFor(plan, inputs, around) };
}

/** The marinade for this weight, its salt moved where the cook wants it to land. */
function planMix({ pins }: BatchInputs, { marinade, cut }: Surroundings, meatG: number): { scaled: ScaledMarinade; saltReach?: { from: number; to: number } } {
  const written = scaleMarinade(marinade, meatG, pins.holdBackShare);
  if (pins.saltPercent === undefined) return { scaled: written };
  const meat = { meatG, meatWaterFraction: cut.composition.water, ownSaltFraction: OWN_SALT_OF_MEAT, holdBackShare: pins.holdBackShare ?? marinade.holdBackShare };
  const solved = solveSalt(written.lines, meat, { targetPercent: pins.saltPercent, salt: FINE_SALT });
  return solved.ok ? { scaled: scaleMarinade({ ...marinade, forMassG: meatG, lines: solved.lines }, meatG, pins.holdBackShare) } : { scaled: written, saltReach: { from: solved.from, to: solved.to } };
}

/** Fruit that would turn the meat to mush is not scheduled. */
function withoutMush(schedule: Schedule, { fruit, minutes }: MarinatePlan): Schedule {
  if (!schedule.ok || fruit?.verdict !== 'mush') return schedule;
  return { ok: false, problem: { code: 'fruit-too-long', minutes, stopAfterMin: { from: fruit.stopAfterHours.from * 60, to: fruit.stopAfterHours.to * 60 } } };
}

function planPiece({ massG, heightMm, people, pins }: BatchInputs, cut: Cut): PiecePlan {
  const loss = (cut.trimLoss.from + cut.trimLoss.to) / 2;
  const trimmedG = pins.trimmedG ?? massG * (1 - loss);
  const pieces = pins.pieces ?? usualCount(cut, trimmedG);
  // Weighed after trimming, it can be no more than it was before; a slip of the scale is not passed on into the price.
  const price = pins.pricePerKg === undefined ? undefined : pricePerTrimmedKg(pins.pricePerKg, Math.max(massG, trimmedG), trimmedG);
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

function planSoda({ pins }: BatchInputs, { cut, sodaIngredient, measures }: Surroundings, { trimmedG, scaled, slice }: { trimmedG: number; scaled: ScaledMarinade; slice: SlicePlan }): TenderizePlan {
  const thicknessMm = slice.pieceMm.thicknessMm;
  const { choice: advised, reason } = chooseSoda(cut, { thicknessMm, shape: slice.shape }, scaled);
  const choice = pins.soda ?? advised;
  const school = (name: SodaSchool) => {
    const own = choice === name ? { percent: pins.sodaPercent, minutes: pins.sodaMin, rinses: name === 'rinse-off' ? pins.sodaRinses : undefined } : {};
    const advice = soda({ massG: trimmedG, thicknessMm, school: name, ...own });
    return { ...advice, spoken: measureIngredient(sodaIngredient, advice.sodaG, measures) };
  };
  return { choice, advised, reason, schools: Object.fromEntries(SODA_SCHOOLS.map((name) => [name, school(name)])) as TenderizePlan['schools'] };
}

interface Before {
  piece: PiecePlan;
  tenderize: TenderizePlan;
  scaled: ScaledMarinade;
  salt: UptakeModel;
  diffusion: MarinatePlan['diffusion'];
}

function planMarinade(inputs: BatchInputs, around: Surroundings, { piece, tenderize, scaled, salt, diffusion }: Before): MarinatePlan {
  const { way, people, pins } = inputs;
  const place = pins.marinadePlace ?? 'fridge';
  const custom = WAY_PRACTICE[way].marinadeMin;
  const own = around.marinade.minutes;
  const clock = fruitClock({ scaled, meatG: piece.trimmedG, thicknessMm: diffusion.thicknessMm, tempC: diffusion.tempC });
  const ripe = clock ? Math.max(5, Math.floor((clock.stopAfterHours.from * 60) / 5) * 5) : Infinity;
  const to = Math.min(ripe, place === 'counter' ? COUNTER_MARINADE_MAX_MIN : Math.max(own.from, Math.min(own.to, custom.to)));
  const window = { from: Math.min(Math.max(own.from, custom.from), to), to };
  const wished = Math.ceil(salt.minutesTo.centre.p90 / 15) * 15;
  const heldBack = heldBackState({ massG: scaled.heldBackG, splitAfterMixing: Boolean(pins.splitAfterMixing) });
  return {
    ...scaled,
    minutes: pins.marinadeMin ?? Math.min(window.to, Math.max(window.from, wished)),
    place,
    tempC: diffusion.tempC,
    window,
    measured: scaled.lines.map((line) => measureIngredient(line.ingredient, line.massG, around.measures)),
    uptake: uptakeAt(salt),
    diffusion,
    ...(clock ? { fruit: fruitAfter(clock, 0) } : {}),
    heldBack,
    sodiumMgPerPortion: sodiumPerPortion({
      people,
      saltG: { from: (salt.equilibriumSaltPercent / 100) * piece.trimmedG, to: scaled.whole.saltG + piece.trimmedG * OWN_SALT_OF_MEAT },
      sodaSodiumMg: sodaSodium(tenderize),
    }),
  };
}

function sodaSodium({ choice, schools }: TenderizePlan): { from: number; to: number } {
  return choice === 'skip' ? { from: 0, to: 0 } : sodiumLeftMg(schools[choice]);
}

function uptakeInput({ pins }: BatchInputs, cut: Cut, { piece, slice, scaled }: { piece: PiecePlan; slice: SlicePlan; scaled: ScaledMarinade }): MarinatePlan['diffusion'] {
  return {
    thicknessMm: slice.soakThicknessMm,
    tempC: pins.marinadePlace === 'counter' ? (pins.roomTempC ?? ROOM_C) : (pins.fridgeTempC ?? FRIDGE_C),
    meatG: piece.trimmedG,
    meatWaterFraction: cut.composition.water,
    bathWaterG: scaled.onMeat.waterG,
    saltG: scaled.onMeat.saltG,
    ownSaltFraction: OWN_SALT_OF_MEAT,
  };
}
