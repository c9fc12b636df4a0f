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

export interface CookRounds {
  rounds: number;
  /** Sticks in all; 0 for the pan. */
  sticks: number;
  /** A side in the heat, min (common practice). */
  minutesPerSide: { from: number; to: number };
  /** A round with loading and clearing, min. */
  minutesPerRound: number;
  totalMin: number;
}

const PAN = { minutesPerSide: { from: 1, to: 1.5 }, minutesPerRound: 4, finishMin: 5 };
const GRILL = { minutesPerSide: { from: 1, to: 1.5 }, thickerMinutesPerSide: { from: 1.5, to: 3 }, minutesPerRound: 6, thickerMinutesPerRound: 9 };

/**
 * Rounds through a pan or over a grill: doubling the meat doubles the rounds, the minutes of a round stay.
 * Times are the ranges cooks use, not a model; the end point is the centre temperature.
 */
export function cookRounds(way: Way, massG: number, thicknessMm: number, room: Room = USUAL_ROOM): CookRounds {
  if (!(massG > 0)) throw new RangeError('massG must be positive');
  if (way === 'stir-fry') {
    const rounds = Math.ceil(massG / room.panG - 1e-9);
    return { rounds, sticks: 0, minutesPerSide: PAN.minutesPerSide, minutesPerRound: PAN.minutesPerRound, totalMin: rounds * PAN.minutesPerRound + PAN.finishMin };
  }
  const sticks = Math.ceil(massG / room.stickG - 1e-9);
  const rounds = Math.ceil(sticks / room.grillSticks);
  const thin = thicknessMm <= 4;
  const minutesPerRound = thin ? GRILL.minutesPerRound : GRILL.thickerMinutesPerRound;
  return { rounds, sticks, minutesPerSide: thin ? GRILL.minutesPerSide : GRILL.thickerMinutesPerSide, minutesPerRound, totalMin: rounds * minutesPerRound };
}
