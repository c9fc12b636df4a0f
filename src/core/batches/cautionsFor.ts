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

interface Given extends BatchInputs, Surroundings {
  plan: Omit<BatchPlan, 'cautions'>;
}
type Cautions = (given: Given) => (Caution | false)[];

/** What the cook has to mind in this plan, each at the step it belongs to. */
export function cautionsFor(
  plan: Omit<BatchPlan, 'cautions'>,
  inputs: BatchInputs,
  surroundings: Surroundings,
): Caution[] {
  const given = { ...inputs, ...surroundings, plan };
  return [atTheFreezer, atTheBoard, outOfTheFridge, atTheSoda, atTheBowl, inTheTaste, atTheHeat]
    .flatMap((cautions) => cautions(given))
    .filter((caution) => caution !== false);
}

const atTheFreezer: Cautions = ({ plan: { firm, slice }, cut, pins, slicer }) => {
  const { needed, state } = firm;
  const startC = pins.startC ?? 0;
  return [
    cut.form === 'cross-cut-ribs' && { stage: 'piece', guards: 'illness', code: 'rinse-bones' },
    state.is === 'frozen' && { stage: 'firm', guards: 'injury', code: 'temper-not-chop' },
    needed &&
      state.is === 'fresh' &&
      startC > MEAT_COLD_MAX_C && {
        stage: 'firm',
        guards: 'illness',
        code: 'meat-warm',
        tempC: startC,
        maxC: MEAT_COLD_MAX_C,
      },
    needed && firm.never && { stage: 'firm', guards: 'result', code: 'freezer-weak' },
    needed && { stage: 'slice', guards: 'injury', code: 'half-frozen-slips' },
    needed &&
      slicer !== undefined &&
      !shapeRow(slice.shape).level && { stage: 'slice', guards: 'injury', code: 'slicer' },
  ];
};

const atTheBoard: Cautions = ({ plan: { slice } }) => {
  const { level, carved } = shapeRow(slice.shape);
  const { thicknessMm, fibreLengthMm } = slice;
  return [
    !level &&
      !slice.comesSliced &&
      slice.knifeToGrainDeg < SLANTED_DEG && {
        stage: 'slice',
        guards: 'result',
        code: 'with-the-grain',
        fibreLengthMm,
      },
    thicknessMm < FALLS_APART_MM && !carved && { stage: 'slice', guards: 'result', code: 'falls-apart', thicknessMm },
  ];
};

const outOfTheFridge: Cautions = ({ plan: { schedule, lots }, pins: { roomTempC = 0 } }) => [
  schedule.ok && {
    stage: 'slice',
    guards: 'illness',
    code: 'warm-minutes',
    warmMin: schedule.warmMin,
    limitMin: schedule.warmLimitMin,
    lots,
  },
  roomTempC > WARM_LIMIT_MIN.hotRoomAboveC && {
    stage: 'slice',
    guards: 'illness',
    code: 'hot-room',
    roomTempC,
    limitMin: warmLimitMin(roomTempC),
  },
];

const atTheSoda: Cautions = ({ plan: { tenderize } }) => {
  const { choice, schools, conflicts } = tenderize;
  const advice = choice !== 'skip' && schools[choice];
  return [
    advice && advice.rinses > 0 && { stage: 'tenderize', guards: 'illness', code: 'rinse-in-bowl' },
    advice &&
      !advice.verdict.endsWith('clean') && {
        stage: 'tenderize',
        guards: 'result',
        code: 'soapy',
        percent: advice.percent,
        sodiumMg: advice.sodiumMg,
      },
    advice &&
      advice.verdict.startsWith('weak') && {
        stage: 'tenderize',
        guards: 'result',
        code: 'weak-soda',
        percent: advice.percent,
      },
    ...conflicts.map((conflict): Caution => ({
      stage: 'tenderize',
      guards: 'result',
      code: 'means-conflict',
      conflict,
    })),
  ];
};

const atTheBowl: Cautions = ({ plan: { marinate, sides }, pins: { fridgeTempC = 0 } }) => {
  const { heldBack, heldBackG, lines, place, fruit, minutes } = marinate;
  return [
    sides.cooling !== undefined && {
      stage: 'marinate',
      guards: 'illness',
      code: 'cool-first',
      coolEnoughC: COOL_ENOUGH_C,
    },
    heldBack === 'clean' && {
      stage: 'marinate',
      guards: 'illness',
      code: 'hold-back-first',
      massG: heldBackG,
      cookFirst: notEatenRaw(lines),
    },
    heldBack === 'raw' && { stage: 'marinate', guards: 'illness', code: 'held-back-raw' },
    { stage: 'marinate', guards: 'illness', code: 'used-marinade' },
    minutes > 0 &&
      (place === 'counter'
        ? { stage: 'marinate', guards: 'illness', code: 'counter-marinade', maxMin: COUNTER_MARINADE_MAX_MIN }
        : {
            stage: 'marinate',
            guards: 'illness',
            code: 'fridge',
            maxC: FRIDGE_MAX_C,
            ...(fridgeTempC > FRIDGE_MAX_C ? { isC: fridgeTempC } : {}),
          }),
    (fruit?.verdict === 'stop' || fruit?.verdict === 'mush') && {
      stage: 'marinate',
      guards: 'result',
      code: 'strong-fruit',
      maxMin: fruit.stopAfterHours.from * 60,
      minutes,
    },
  ];
};

const inTheTaste: Cautions = ({ plan: { marinate }, marinade, people }) => {
  const { whole, sodiumMgPerPortion: mg } = marinate;
  const { allergens, alcohol, glutamate } = whole;
  const unread = [...(marinade.unread ?? [])];
  const percent = saltAtTakeOut(marinate);
  const massG = whole.sugarG / people;
  return [
    percent > TOO_SALTY_PERCENT && { stage: 'marinate', guards: 'result', code: 'too-salty', percent },
    mg.to > SODIUM_REFERENCE_MG_PER_DAY && { stage: 'marinate', guards: 'result', code: 'much-sodium', mg },
    massG > TOO_SWEET_G && { stage: 'marinate', guards: 'result', code: 'too-sweet', massG },
    (allergens.length > 0 || alcohol || glutamate || unread.length > 0) && {
      stage: 'marinate',
      guards: 'illness',
      code: 'allergens',
      allergens,
      alcohol,
      glutamate,
      unread,
    },
  ];
};

const atTheHeat: Cautions = ({ plan: { cook }, cut: { animal }, way }) => {
  const { method, thicknessMm, partCookedWaitMin } = cook;
  const { tempC, restMin, pink, stricter } = cook.temperature;
  return [
    alwaysThrough(animal)
      ? { stage: 'cook', guards: 'illness', code: 'game-through', animal, tempC }
      : { stage: 'cook', guards: 'illness', code: 'centre-temperature', animal, tempC, restMin },
    stricter && {
      stage: 'cook',
      guards: 'illness',
      code: 'pierced',
      tempC,
      otherTempC: MINIMUM.whole.tempC,
      otherRestMin: MINIMUM.whole.restMin,
    },
    directHeatCheck(way, thicknessMm) === 'thick' && {
      stage: 'cook',
      guards: 'illness',
      code: 'thick-for-heat',
      thicknessMm,
    },
    cook.finish === 'through' && {
      stage: 'cook',
      guards: 'illness',
      code: 'rounds-through',
      rounds: cook.rounds,
      tempC,
    },
    partCookedWaitMin > 0 && { stage: 'cook', guards: 'illness', code: 'part-cooked', waitMin: partCookedWaitMin },
    pink === 'offered' && { stage: 'cook', guards: 'illness', code: 'pink-offered', tempC, restMin },
    pink === 'refused' && { stage: 'cook', guards: 'illness', code: 'pink-refused', animal, tempC, restMin },
    (method === 'grill' || method === 'table') && { stage: 'cook', guards: 'injury', code: 'fire-and-sticks' },
    cook.setting === 'medium-high' && { stage: 'cook', guards: 'result', code: 'sugar-burns' },
    cook.surface === 'wipe' && { stage: 'cook', guards: 'result', code: 'surface-dry' },
  ];
};

/** Salt in the meat when it comes out, percent. */
export function saltAtTakeOut({ uptake: { equilibriumSaltPercent, averageFraction } }: BatchPlan['marinate']): number {
  const own = 100 * OWN_SALT_OF_MEAT;
  return own + Math.max(0, equilibriumSaltPercent - own) * (averageFraction ?? 1);
}
