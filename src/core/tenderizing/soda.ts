export const SODA_SCHOOLS = ['leave-in', 'rinse-off'] as const;
export type SodaSchool = (typeof SODA_SCHOOLS)[number];

/** Sodium in sodium bicarbonate by mass: 22.99 / 84.01, from molar masses. */
export const SODIUM_IN_SODA = 22.98977 / 84.00661;
/** A level US teaspoon of baking soda (common kitchen figure, from memory). */
export const SODA_G_PER_TSP = 4.6;

/** Doses of the two schools in percent of the trimmed meat, and their times at 5 mm (common practice). */
export const SODA_PRACTICE = {
  'leave-in': { percent: { from: 0.3, usual: 0.4, to: 0.5 }, minutes: { from: 10, to: 30 }, rinses: 0, drainMin: 0 },
  'rinse-off': { percent: { from: 1.5, usual: 1.5, to: 2.8 }, minutes: { from: 20, to: 30 }, rinses: 3, drainMin: 20 },
} as const;

/** Soda stays in what is this thin by custom, and up to the edge of it, mm of the smaller side. */
export const LEAVE_IN_USUAL_MM = 5;
export const LEAVE_IN_EDGE_MM = 7;
/** Handwork: a start and so much per kilogram, min. Own estimates. */
export const SODA_WORK = { soda: { start: 3, perKg: 2 }, rinse: { start: 5, perKg: 3 } } as const;
/** Oil to spread a rinsed dose evenly: a teaspoon per 500 g, share of the meat. "A little" is common practice, the figure an own estimate. */
const SPREADING_OIL = 0.009;

export interface SodaInput {
  massG: number;
  thicknessMm: number;
  school: SodaSchool;
  minutes?: number;
  percent?: number;
  rinses?: number;
}

export type SodaStrength = 'weak' | 'effective';
export type SodaTaste = 'clean' | 'borderline' | 'soapy';

export interface SodaAdvice {
  sodaG: number;
  teaspoons: number;
  percent: number;
  /** The window advised for this thickness. */
  minutes: { from: number; to: number };
  /** The time the indices are worked out for: the one given, else the middle of the window. */
  soakMin: number;
  rinses: number;
  drainMin: number;
  /** Oil to rub it in with, g; none where it goes into the marinade. */
  spreadingOilG: number;
  /** In the whole dose, before any rinsing. */
  sodiumMg: number;
  /** Relative index, no unit: below 0.4 weak. An estimate. */
  strength: number;
  /** Relative index of what is left to taste: to 1.3 clean, to 2 borderline, above soapy. An estimate. */
  taste: number;
  verdict: `${SodaStrength}, ${SodaTaste}`;
}

/** Of soda's taste, and taken to hold for its sodium, this share is left by each rinse. */
const SHARE_LEFT_PER_RINSE = 0.55;

/** Sodium that stays on the meat, mg: all of it where nothing is rinsed, else a range of one rinse better or worse. An own estimate. */
export function sodiumLeftMg({ sodiumMg, rinses }: Pick<SodaAdvice, 'sodiumMg' | 'rinses'>): {
  from: number;
  to: number;
} {
  if (rinses === 0) return { from: sodiumMg, to: sodiumMg };
  return { from: sodiumMg * SHARE_LEFT_PER_RINSE ** (rinses + 1), to: sodiumMg * SHARE_LEFT_PER_RINSE ** (rinses - 1) };
}

/**
 * Dose and time of baking soda on sliced meat. The indices are fitted to kitchen practice, not kinetics:
 * S = (percent / 0.4)(1 - exp(-t / tau)), tau = 10 min x max(1, mm / 5), taste = S x 0.55^rinses (docs/sources.md, "Soda").
 * Amounts scale with the mass, times with the thickness.
 *
 * @throws RangeError for values that are not positive
 * @example soda({ massG: 1000, thicknessMm: 4, school: 'leave-in', percent: 1 }).sodiumMg // 2737, and soapy
 */
export function soda({ massG, thicknessMm, school, minutes, percent, rinses }: SodaInput): SodaAdvice {
  if (!(massG > 0) || !(thicknessMm > 0)) throw new RangeError('massG and thicknessMm must be positive');
  const practice = SODA_PRACTICE[school];
  const slower = Math.max(1, thicknessMm / 5);
  const window = { from: toFive(practice.minutes.from * slower), to: toFive(practice.minutes.to * slower) };
  const dosePercent = percent ?? practice.percent.usual;
  const rinseCount = rinses ?? practice.rinses;
  const soakMin = minutes ?? (window.from + window.to) / 2;

  const sodaG = (massG * dosePercent) / 100;
  const strength = (dosePercent / 0.4) * (1 - Math.exp(-soakMin / (10 * slower)));
  const taste = strength * SHARE_LEFT_PER_RINSE ** rinseCount;
  return {
    sodaG,
    teaspoons: sodaG / SODA_G_PER_TSP,
    percent: dosePercent,
    minutes: window,
    soakMin,
    rinses: rinseCount,
    drainMin: rinseCount > 0 ? SODA_PRACTICE['rinse-off'].drainMin : 0,
    spreadingOilG: school === 'rinse-off' ? massG * SPREADING_OIL : 0,
    sodiumMg: sodaG * SODIUM_IN_SODA * 1000,
    strength,
    taste,
    verdict: `${strength < 0.4 ? 'weak' : 'effective'}, ${taste <= 1.3 ? 'clean' : taste <= 2 ? 'borderline' : 'soapy'}`,
  };
}

const toFive = (minutes: number) => Math.max(5, Math.round(minutes / 5) * 5);
