import { measureIngredient, NEUTRAL_OIL, type ScaledMarinade } from '../marinades';
import {
  ADDED,
  applyForce,
  biteOfPlan,
  conflictsOf,
  judgeTenderizing,
  meansOf,
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
import { shapeRow, wayRecipe } from '../ways';
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
  meatG: number;
  scaled: ScaledMarinade;
  slice: SlicePlan;
  /** How far fruit goes in the time that is planned for it. */
  fruitExposure: number;
  /** No time is left to soak, rinse and drain. */
  hurried: boolean;
}

/** What is done by hand, chosen or proposed; what the mix adds to it is told by {@link withMix}, once its hours are known. */
export function planTenderize(
  { pins, way }: BatchInputs,
  { cut, sodaIngredient, measures }: Surroundings,
  { meatG, scaled, slice, fruitExposure, hurried }: Given,
): Omit<TenderizePlan, WithMix> {
  const { shape } = slice;
  const mix = mixCharacter(scaled, { meatG, fruitExposure, saltPercent: 0 });
  const judgement = judgeTenderizing({
    cut,
    way,
    shape,
    thicknessMm: slice.thicknessMm,
    smallerMm: slice.soakThicknessMm,
    fibreLengthMm: slice.fibreLengthMm,
    mix,
    hurried,
  });
  // Soda in the mix is soda: nothing is added to it, and it cannot be skipped here.
  const choice = mix.sodaPercent > 0 ? 'leave-in' : shapeRow(shape).whole ? 'skip' : (pins.soda ?? judgement.soda);
  const chosenForce: ForceChoice = pins.force ?? judgement.force;
  const when = pins.forceWhen ?? (pins.force === undefined ? judgement.when : shape === 'cubes' ? 'before' : 'after');
  const force =
    chosenForce === 'none'
      ? undefined
      : applyForce({ force: chosenForce, when, pieceMm: slice.pieceMm, massG: meatG, toMm: pins.beatToMm });
  const beatenMm = force?.pieceMm ?? slice.pieceMm;
  const thicknessMm = Math.min(beatenMm.thicknessMm, beatenMm.widthMm);
  const school = (name: SodaSchool) => {
    const own =
      name === 'leave-in' && mix.sodaPercent > 0
        ? { percent: mix.sodaPercent }
        : choice === name
          ? {
              percent: pins.sodaPercent,
              minutes: name === 'rinse-off' ? pins.sodaMin : undefined,
              rinses: name === 'rinse-off' ? pins.sodaRinses : undefined,
            }
          : {};
    const advice = soda({ massG: meatG, thicknessMm, school: name, ...own });
    return {
      ...advice,
      spoken: measureIngredient(sodaIngredient, advice.sodaG, measures),
      ...(advice.spreadingOilG > 0 ? { oilSpoken: roughSpoons(advice.spreadingOilG / NEUTRAL_OIL.densityGPerMl) } : {}),
    };
  };
  return {
    judgement,
    choice,
    inMixPercent: mix.sodaPercent,
    schools: Object.fromEntries(SODA_SCHOOLS.map((name) => [name, school(name)])) as TenderizePlan['schools'],
    ...(force ? { force } : {}),
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

/** Soda that stays in works as long as the marinade takes; it is judged by that. */
export function stayingIn(
  plan: Omit<TenderizePlan, WithMix>,
  { meatG, thicknessMm, minutes }: { meatG: number; thicknessMm: number; minutes: number },
): Omit<TenderizePlan, WithMix> {
  const known = plan.schools['leave-in'];
  const advice = soda({ massG: meatG, thicknessMm, school: 'leave-in', percent: known.percent, minutes });
  return { ...plan, schools: { ...plan.schools, 'leave-in': { ...advice, spoken: known.spoken } } };
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
  const pierced = Boolean(pins.pierced || plan.force?.pierces || slice.scored);
  const work = { shape: slice.shape, scored: slice.scored };
  const eaten = { cut, fibreLengthMm: slice.fibreLengthMm, mix, work, pink: pins.doneness === 'pink' };
  return {
    ...plan,
    means: meansOf(choice, mix, work),
    bite: biteOfPlan(eaten, choice),
    additions: worthAdding({
      ...eaten,
      choice,
      pierced,
      shape: slice.shape,
      inPan: wayRecipe(way).heat.back,
      thicknessMm: slice.soakThicknessMm,
      tempC: enzymeC(marinate.tempC),
      marinadeMin: marinate.minutes,
      longestMin: marinate.window.to,
    }).filter(
      ({ means }) => pins[ADDITION_PINS[means]] === undefined && (plan.judgement.answer !== 'no' || means !== 'fruit'),
    ),
    conflicts: conflictsOf({
      soda: plan.choice,
      pierced,
      acid: mix.acid,
      sour: marinate.sour,
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
  { acid, onMeat, sodaOnMeatG }: ScaledMarinade,
  { meatG, ...known }: Pick<MixCharacter, 'fruitExposure' | 'saltPercent'> & { meatG: number },
): MixCharacter {
  return {
    acid,
    starchPercent: (100 * onMeat.starchG) / meatG,
    sodaPercent: (100 * sodaOnMeatG) / meatG,
    ...known,
  };
}
