import { coatCheck, measureLine, uptakeAt, type ScaledMarinade, type Uptake, type UptakeModel } from '../marinades';
import { isPoultry } from '../pieces';
import { COUNTER_MARINADE_MAX_MIN, heldBackState, POULTRY_MARINADE_MAX_MIN, sodiumPerPortion } from '../safety';
import { sodiumLeftMg } from '../tenderizing';
import { wayRecipe } from '../ways';
import type { BatchInputs } from './inputs';
import type { FruitClock, MarinatePlan, PiecePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
import { fruitAfter, fruitClock } from './planFruit';
import { OWN_SALT_OF_MEAT } from './planUptake';

/** A fruit that the cook chose is given the time to make it tender. */
const EXPOSURE_WISHED = 1;
const STEP_MIN = 5;

interface Met {
  piece: PiecePlan;
  slice: SlicePlan;
  scaled: ScaledMarinade;
  salt: UptakeModel;
  diffusion: MarinatePlan['diffusion'];
}

/** The marinade on this meat: how long, where, what gets in. Sodium is told once it is known how long it stays. */
export function planMarinade(
  inputs: BatchInputs,
  around: Surroundings,
  { piece, slice, scaled, salt, diffusion }: Met,
): MarinatePlan {
  const { pins } = inputs;
  const place = pins.marinadePlace ?? 'fridge';
  const clock = fruitClock({
    scaled,
    meatG: piece.meatG,
    thicknessMm: diffusion.thicknessMm,
    tempC: diffusion.tempC,
  });
  const window = windowOf(inputs, around, clock);
  const tenderMin = clock && pins.fruitId !== undefined ? (60 * EXPOSURE_WISHED) / clock.perHour : 0;
  const wished = Math.ceil(Math.max(salt.minutesTo.centre.p90, tenderMin) / 15) * 15;
  const minutes = pins.marinadeMin ?? Math.min(window.to, Math.max(window.from, wished));
  const measured = scaled.lines.map((line) => measureLine(line, around.measures));
  const mixMl = measured.reduce((sum, { volumeMl }) => sum + volumeMl, 0);
  const onMeatMl = scaled.whole.massG > 0 ? (mixMl * scaled.onMeat.massG) / scaled.whole.massG : 0;
  return {
    ...scaled,
    minutes,
    place,
    tempC: diffusion.tempC,
    window,
    custom: wayRecipe(inputs.way).marinadeMin,
    measured,
    mixMl,
    coat: coatCheck({
      mixMl: onMeatMl,
      areaM2: slice.coatAreaM2,
      meatG: piece.meatG,
      clinging: scaled.lines.some(({ ingredient }) => ingredient.kind === 'fruit' || ingredient.kind === 'starch'),
    }),
    uptake: uptakeAt(salt),
    diffusion,
    ...(clock ? { fruit: fruitAfter(clock, minutes) } : {}),
    heldBack: heldBackState({ massG: scaled.heldBackG, splitAfterMixing: Boolean(pins.splitAfterMixing) }),
    sodiumMgPerPortion: { from: 0, to: 0 },
  };
}

/** The marinade's own window, bounded by what its fruit, the counter and raw poultry allow. */
function windowOf(
  { way, pins }: BatchInputs,
  { marinade, cut }: Surroundings,
  clock: FruitClock | undefined,
): { from: number; to: number } {
  // Another fruit than the one it was written for: its own hours say nothing of it.
  const own = pins.fruitId === undefined ? marinade.minutes : wayRecipe(way).marinadeMin;
  const to = Math.min(
    own.to,
    clock ? Math.max(STEP_MIN, Math.floor((clock.stopAfterHours.from * 60) / STEP_MIN) * STEP_MIN) : Infinity,
    pins.marinadePlace === 'counter' ? COUNTER_MARINADE_MAX_MIN : Infinity,
    isPoultry(cut.animal) ? POULTRY_MARINADE_MAX_MIN : Infinity,
  );
  // Bounded below its own beginning, there is still something to choose from.
  return { from: own.from < to ? own.from : Math.floor(to / 2), to };
}

/**
 * Sodium a portion, mg: what has got in by the time the meat comes out, to everything that is on the meat or served with it; and the soda.
 */
export function sodiumOf(
  { people }: Pick<BatchInputs, 'people'>,
  {
    piece,
    scaled,
    uptake,
    tenderize: { choice, schools },
  }: { piece: PiecePlan; scaled: ScaledMarinade; uptake: Uptake; tenderize: Pick<TenderizePlan, 'choice' | 'schools'> },
): { from: number; to: number } {
  const ownG = piece.meatG * OWN_SALT_OF_MEAT;
  const finalG = (uptake.equilibriumSaltPercent / 100) * piece.meatG;
  return sodiumPerPortion({
    people,
    saltG: {
      from: Math.min(ownG, finalG) + Math.max(0, finalG - ownG) * (uptake.averageFraction ?? 1),
      to: scaled.whole.saltG + ownG,
    },
    sodaSodiumMg: choice === 'skip' ? { from: 0, to: 0 } : sodiumLeftMg(schools[choice]),
  });
}
