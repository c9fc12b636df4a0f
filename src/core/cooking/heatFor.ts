import { DIRECT_HEAT, PART_COOKED_WAIT_MAX_MIN } from '../safety';
import { wayRecipe, type HeatMethod, type HeatRecipe, type HeatSetting, type HeatTitle, type Way } from '../ways';
import { leastMinutesTo } from './heatBound';

/** Room at the heat: it scales with neither weight nor thickness. */
export interface Room {
  /** Raw meat in one layer in the pan, g. */
  panG: number;
  /** Sticks side by side on the grill. */
  grillSticks: number;
  /** Raw meat on one stick, g. */
  stickG: number;
}

export const USUAL_ROOM: Room = { panG: 300, grillSticks: 12, stickG: 50 };
/** Cubes in the oven: heavier sticks on a tray (common practice). */
const TRAY = { stickG: 100, sticks: 16 } as const;

/** Meat goes in fridge-cold. */
const STARTS_C = 5;
/** Above the trade's thickness a side takes the lower bound times this, at least and at most: rule of thumb. */
const BOUND_TIMES = { from: 1, to: 2 } as const;

/** What becomes of the rounds: straight to the table; part-cooked and soon back together; each cooked through; finished apart. */
export const FINISHES = ['as-it-comes', 'back-soon', 'through', 'dishes'] as const;
export type Finish = (typeof FINISHES)[number];

/** The heat of a batch, described once: every screen, job, print and answer quotes it. */
export interface Heat {
  method: HeatMethod;
  /** What it is called. */
  title: HeatTitle;
  /** One heat for all of a round. */
  setting: HeatSetting;
  /** What lies on the heat, mm thick. */
  thicknessMm: number;
  /** Turned once. */
  minutesPerSide: { from: number; to: number };
  /** A round with loading and clearing, min. */
  minutesPerRound: number;
  rounds: number;
  /** Sticks in all; 0 where there are none. */
  sticks: number;
  /** Raw meat in one round, g. */
  roundG: number;
  /** Whole pieces in one round, where they are heated whole. */
  piecesPerRound?: number;
  finish: Finish;
  /** Portions finished apart; 1 where all comes together. */
  dishes: number;
  /** Of the first round until it is back at the heat, min; 0 where nothing waits half-cooked. */
  partCookedWaitMin: number;
  finishMin: number;
  totalMin: number;
}

export interface HeatInput {
  way: Way;
  massG: number;
  /** Of the thinnest way through what lies on the heat. */
  thicknessMm: number;
  /** At the middle, when it is done. */
  centreC: number;
  /** A sweet mix on it burns: medium-high, not higher. */
  sugary: boolean;
  /** Heated whole: so many pieces, none of which is parted for the pan. */
  pieces?: number;
  room?: Room;
  /** Asked for by the cook. */
  finish?: 'through' | 'dishes';
}

/**
 * Rounds at the heat and how long each takes. Doubling the meat doubles the rounds, the minutes of a round stay. The range is the trade's where
 * its thickness applies, and never below what physics allows; thicker pieces take the bound once to twice (docs/sources.md, "The heat").
 * Half-cooked meat waits {@link PART_COOKED_WAIT_MAX_MIN} at most: where the rounds take longer, each is cooked through, or the batch
 * is finished in dishes of their own.
 * @throws RangeError for a mass or thickness that is not positive
 */
export function heatFor({
  way,
  massG,
  thicknessMm,
  centreC,
  sugary,
  pieces,
  room = USUAL_ROOM,
  finish,
}: HeatInput): Heat {
  if (!(massG > 0) || !(thicknessMm > 0)) throw new RangeError('massG and thicknessMm must be positive');
  const { heat, says } = wayRecipe(way);
  const loads = loadsOf(heat.holds, { massG, pieces, room });
  const minutesPerSide = sideMinutes(heat.perSide, thicknessMm, centreC);
  const minutesPerRound = Math.ceil(2 * minutesPerSide.to + heat.handlingMin);
  const together = (loads.rounds - 1) * minutesPerRound;
  const inTime = together <= PART_COOKED_WAIT_MAX_MIN;
  const ends: Finish = !heat.back
    ? 'as-it-comes'
    : finish === 'dishes' && loads.rounds > 1
      ? 'dishes'
      : inTime && finish !== 'through'
        ? 'back-soon'
        : 'through';
  const perDish = ends === 'dishes' ? Math.floor(PART_COOKED_WAIT_MAX_MIN / minutesPerRound) + 1 : loads.rounds;
  const dishes = Math.ceil(loads.rounds / perDish);
  return {
    method: heat.method,
    title: says.heat,
    setting: sugary && heat.setting !== 'oven-180' ? 'medium-high' : heat.setting,
    thicknessMm,
    minutesPerSide,
    minutesPerRound,
    ...loads,
    roundG: massG / loads.rounds,
    finish: ends,
    dishes,
    partCookedWaitMin:
      ends === 'back-soon' ? together : ends === 'dishes' ? (Math.min(perDish, loads.rounds) - 1) * minutesPerRound : 0,
    finishMin: heat.finishMin * dishes,
    totalMin: loads.rounds * minutesPerRound + heat.finishMin * dishes,
  };
}

function loadsOf(
  holds: HeatRecipe['holds'],
  { massG, pieces, room }: { massG: number; pieces?: number; room: Room },
): Pick<Heat, 'rounds' | 'sticks' | 'piecesPerRound'> {
  const fill = (amount: number, space: number) => Math.ceil(amount / space - 1e-9);
  if (holds === 'pan' && pieces) {
    const fits = Math.max(1, Math.floor((room.panG * pieces) / massG + 1e-9));
    const rounds = fill(pieces, fits);
    return { rounds, sticks: 0, piecesPerRound: fill(pieces, rounds) };
  }
  if (holds === 'pan') return { rounds: fill(massG, room.panG), sticks: 0 };
  const tray = holds === 'tray-sticks';
  const sticks = fill(massG, tray ? TRAY.stickG : room.stickG);
  return { rounds: fill(sticks, tray ? TRAY.sticks : room.grillSticks), sticks };
}

function sideMinutes(
  trade: readonly { uptoMm: number; from: number; to: number }[],
  thicknessMm: number,
  centreC: number,
): { from: number; to: number } {
  const leastMin = leastMinutesTo({ thicknessMm, startC: STARTS_C, centreC }) / 2;
  const row = trade.find(({ uptoMm }) => thicknessMm <= uptoMm);
  const last = trade[trade.length - 1]!;
  const halves = (minutes: number) => Math.ceil(2 * minutes - 1e-9) / 2;
  if (row) {
    const from = row.from >= leastMin ? row.from : halves(leastMin);
    return { from, to: Math.max(row.to, from) };
  }
  const from = halves(Math.max(last.from, leastMin * BOUND_TIMES.from));
  return { from, to: halves(Math.max(last.to, leastMin * BOUND_TIMES.to)) };
}

/** Whether direct heat alone is the wrong way for what lies on it: too thick to be scheduled, or thick enough to be said. */
export function directHeatCheck(way: Way, thicknessMm: number): 'fits' | 'thick' | 'refused' {
  if (wayRecipe(way).heat.method === 'oven') return 'fits';
  if (thicknessMm > DIRECT_HEAT.refusedOverMm) return 'refused';
  return thicknessMm > DIRECT_HEAT.thickOverMm ? 'thick' : 'fits';
}
