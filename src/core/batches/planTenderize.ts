import { measureIngredient, NEUTRAL_OIL, type ScaledMarinade } from '../marinades';
import {
  ADDED,
  applyForce,
  biteOfPlan,
  conflictsOf,
  meansOf,
  proposeTenderizing,
  soda,
  SODA_SCHOOLS,
  worthAdding,
  type ForceChoice,
  type MixCharacter,
  type Addition,
  type SodaChoice,
  type SodaSchool,
} from '../tenderizing';
import { roughSpoons } from '../units';
import type { BatchInputs, Pins } from './inputs';
import type { MarinatePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
import { enzymeC } from './planFruit';

/** What is told once the mix and its hours are known. */
type WithMix = 'means' | 'bite' | 'conflicts' | 'additions';

/** What the cook set is not offered again. */
const ADDITION_PINS = { coat: 'starchPercent', salt: 'saltPercent', fruit: 'fruitId' } as const satisfies Record<
  Addition,
  keyof Pins
>;

interface Given {
  trimmedG: number;
  scaled: ScaledMarinade;
  slice: SlicePlan;
  /** No time is left to soak, rinse and drain. */
  hurried: boolean;
}

/** What is done by hand, chosen or proposed; what the mix adds to it is told by {@link withMix}, once its hours are known. */
export function planTenderize(
  { pins }: BatchInputs,
  { cut, sodaIngredient, measures }: Surroundings,
  { trimmedG, scaled, slice, hurried }: Given,
): Omit<TenderizePlan, WithMix> {
  const { shape } = slice;
  const proposal = proposeTenderizing({
    cut,
    shape,
    thicknessMm: slice.pieceMm.thicknessMm,
    mix: mixCharacter(scaled, { meatG: trimmedG, fruitExposure: 0, saltPercent: 0 }),
    hurried,
  });
  const choice = pins.soda ?? proposal.soda;
  const chosenForce: ForceChoice = pins.force ?? proposal.force;
  const when = pins.forceWhen ?? (pins.force === undefined ? proposal.when : shape === 'cubes' ? 'before' : 'after');
  const force =
    chosenForce === 'none'
      ? undefined
      : applyForce({ force: chosenForce, when, pieceMm: slice.pieceMm, massG: trimmedG, toMm: pins.beatToMm });
  const thicknessMm = force?.pieceMm.thicknessMm ?? slice.pieceMm.thicknessMm;
  const school = (name: SodaSchool) => {
    const own =
      choice === name
        ? {
            percent: pins.sodaPercent,
            minutes: pins.sodaMin,
            rinses: name === 'rinse-off' ? pins.sodaRinses : undefined,
          }
        : {};
    const advice = soda({ massG: trimmedG, thicknessMm, school: name, ...own });
    return {
      ...advice,
      spoken: measureIngredient(sodaIngredient, advice.sodaG, measures),
      ...(advice.spreadingOilG > 0 ? { oilSpoken: roughSpoons(advice.spreadingOilG / NEUTRAL_OIL.densityGPerMl) } : {}),
    };
  };
  return {
    choice,
    advised: proposal.soda,
    reason: proposal.sodaReason,
    schools: Object.fromEntries(SODA_SCHOOLS.map((name) => [name, school(name)])) as TenderizePlan['schools'],
    ...(force ? { force } : {}),
    advisedForce: proposal.force,
    forceReason: proposal.forceReason,
  };
}

/** Slices after they were beaten: larger and thinner, for soda, salt, coat and heat alike. */
export function beaten(slice: SlicePlan, force: TenderizePlan['force']): SlicePlan {
  if (!force || force.areaFactor === 1) return slice;
  const { pieceMm, areaFactor } = force;
  return {
    ...slice,
    pieceMm,
    coatAreaM2: slice.coatAreaM2 * areaFactor,
    soakThicknessMm: Math.min(pieceMm.thicknessMm, pieceMm.widthMm),
  };
}

/** The plan with everything that works on the meat, what fights, and the bite that is to be expected. */
export function withMix(
  plan: Omit<TenderizePlan, WithMix>,
  { cut }: Surroundings,
  { inputs: { pins, way }, slice, marinate }: { inputs: BatchInputs; slice: SlicePlan; marinate: MarinatePlan },
): TenderizePlan {
  const choice = { soda: plan.choice, force: plan.force?.force ?? 'none' } as const;
  const mix = mixCharacter(marinate, {
    meatG: marinate.diffusion.meatG,
    fruitExposure: marinate.fruit?.exposure ?? 0,
    saltPercent: marinate.uptake.equilibriumSaltPercent,
  });
  const pierced = Boolean(pins.pierced || plan.force?.pierces);
  const eaten = { cut, fibreLengthMm: slice.fibreLengthMm, mix, pink: pins.doneness === 'pink' };
  return {
    ...plan,
    means: meansOf(choice, mix),
    bite: biteOfPlan(eaten, choice),
    additions: worthAdding({
      ...eaten,
      choice,
      pierced,
      shape: slice.shape,
      inPan: way === 'stir-fry',
      thicknessMm: slice.soakThicknessMm,
      tempC: enzymeC(marinate.tempC),
      marinadeMin: marinate.minutes,
      longestMin: marinate.window.to,
    }).filter(({ means }) => pins[ADDITION_PINS[means]] === undefined),
    conflicts: conflictsOf({
      soda: plan.choice,
      pierced,
      acid: mix.acid,
      sour: marinate.sour,
      strongFruit: mix.strongFruit,
      fruitExposure: mix.fruitExposure,
      marinadeMin: marinate.minutes,
    }),
  };
}

/** What is pinned to give the mix what it lacks; fruit takes the place of soda. */
export function pinsOfAddition(means: Addition, advised: SodaChoice): Partial<Pins> {
  const { starchPercent, saltPercent, fruitId, fruitPercent } = ADDED;
  if (means === 'coat') return { starchPercent };
  if (means === 'salt') return { saltPercent };
  return {
    fruitId,
    fruitPercent,
    ...(advised === 'skip' ? {} : { soda: 'skip', sodaPercent: undefined, sodaMin: undefined, sodaRinses: undefined }),
  };
}

/** What a mix does for tenderness by itself. */
export function mixCharacter(
  { acid, strongFruit, onMeat }: ScaledMarinade,
  { meatG, ...known }: Pick<MixCharacter, 'fruitExposure' | 'saltPercent'> & { meatG: number },
): MixCharacter {
  return { acid, strongFruit, starchPercent: (100 * onMeat.starchG) / meatG, ...known };
}
