import type { Way } from './way';

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

export type Heat = 'pan' | 'grill' | 'oven' | 'table';

export interface CookRounds {
  heat: Heat;
  rounds: number;
  /** Sticks in all; 0 where there are none. */
  sticks: number;
  /** A side in the heat, min (common practice); in the oven half of the whole, turned and brushed in between. */
  minutesPerSide: { from: number; to: number };
  /** A round with loading and clearing, min. */
  minutesPerRound: number;
  totalMin: number;
}

const PAN = { minutesPerSide: { from: 1, to: 1.5 }, minutesPerRound: 4, finishMin: 5 };
const GRILL = {
  minutesPerSide: { from: 1, to: 1.5 },
  thickerMinutesPerSide: { from: 1.5, to: 3 },
  minutesPerRound: 6,
  thickerMinutesPerRound: 9,
};
/** 25 to 30 min at 180 °C, brushed at half time. */
const OVEN = { minutesPerSide: { from: 12.5, to: 15 }, minutesPerRound: 35, cubeStickG: 100, traySticks: 16 };
const TABLE = { minutesPerSide: { from: 2, to: 3 }, minutesPerRound: 7 };
const STEAK = { minutesPerSide: { from: 1, to: 2 }, minutesPerRound: 6 };

/**
 * Rounds through a pan, over a grill or into an oven: doubling the meat doubles the rounds, the minutes of a round stay.
 * Times are the ranges cooks use, not a model; the end point is the centre temperature.
 */
export function cookRounds(way: Way, massG: number, thicknessMm: number, room: Room = USUAL_ROOM): CookRounds {
  if (!(massG > 0)) throw new RangeError('massG must be positive');
  const fill = (amount: number, space: number) => Math.ceil(amount / space - 1e-9);
  const inRounds = (
    heat: Heat,
    rounds: number,
    {
      minutesPerSide,
      minutesPerRound,
      finishMin = 0,
    }: { minutesPerSide: CookRounds['minutesPerSide']; minutesPerRound: number; finishMin?: number },
    sticks = 0,
  ): CookRounds => ({
    heat,
    rounds,
    sticks,
    minutesPerSide,
    minutesPerRound,
    totalMin: rounds * minutesPerRound + finishMin,
  });
  switch (way) {
    case 'stir-fry':
      return inRounds('pan', fill(massG, room.panG), PAN);
    case 'thin-steak':
      return inRounds('pan', fill(massG, room.panG), STEAK);
    case 'table-grill':
      return inRounds('table', fill(massG, room.panG), TABLE);
    case 'cube-skewers': {
      const sticks = fill(massG, OVEN.cubeStickG);
      return inRounds('oven', fill(sticks, OVEN.traySticks), OVEN, sticks);
    }
    case 'flat-skewers': {
      const sticks = fill(massG, room.stickG);
      const practice =
        thicknessMm <= 4
          ? GRILL
          : { minutesPerSide: GRILL.thickerMinutesPerSide, minutesPerRound: GRILL.thickerMinutesPerRound };
      return inRounds('grill', fill(sticks, room.grillSticks), practice, sticks);
    }
  }
}
