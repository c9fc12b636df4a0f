import { remembering } from '../remember';
import { fourierAt, slabInBath } from './diffusion';

const GAS_J_MOL_K = 8.314;
const ACTIVATION_J_MOL = 20_000;

/** What moves into meat, and how fast at 4 °C, m2/s: salt from the literature (2 to 4.5e-10), the others scaled from free water; from memory all. */
export const SOLUTE_D_4C_M2_S = {
  salt: { from: 2.6e-10, to: 2.6e-10 },
  /** Sucrose to glucose. */
  sugar: { from: 0.9e-10, to: 1.1e-10 },
  /** Citric to acetic and lactic; the meat holds acid up on its way, so it is slower still. */
  acid: { from: 1.1e-10, to: 2e-10 },
} as const;
export type Solute = keyof typeof SOLUTE_D_4C_M2_S;

/** The literature for salt in meat scatters about this factor either way; times are shown with it. */
export const DIFFUSIVITY_SPREAD = 1.5;

/** Arrhenius with 20 kJ/mol (from memory, for salt; taken to hold for the others). */
const warmth = (tempC: number) => Math.exp((-ACTIVATION_J_MOL / GAS_J_MOL_K) * (1 / (tempC + 273.15) - 1 / 277.15));

/** Diffusivity of salt in lean meat, m2/s: 2.6e-10 at 4 °C. */
export const saltDiffusivity = (tempC: number): number => SOLUTE_D_4C_M2_S.salt.from * warmth(tempC);

export interface EquilibriumInput {
  meatG: number;
  meatWaterFraction: number;
  bathWaterG: number;
  saltG: number;
  /** Salt already in the meat, as a share of its weight. */
  ownSaltFraction?: number;
}

export interface Equilibrium {
  /** Bath water per meat water. */
  alpha: number;
  saltInMeatG: number;
  saltPercent: number;
}

/**
 * Salt in the meat once the water in and around it holds the same brine (partition 1).
 * @example equilibriumSalt({ meatG: 500, meatWaterFraction: 0.72, bathWaterG: 43.8, saltG: 9.6, ownSaltFraction: 0.001 }).saltPercent // 1.80
 */
export function equilibriumSalt({
  meatG,
  meatWaterFraction,
  bathWaterG,
  saltG,
  ownSaltFraction = 0,
}: EquilibriumInput): Equilibrium {
  if (!(meatG > 0) || !(meatWaterFraction > 0 && meatWaterFraction <= 1) || !(bathWaterG >= 0) || !(saltG >= 0))
    throw new RangeError('masses must not be negative');
  const meatWaterG = meatG * meatWaterFraction;
  const saltInMeatG = ((saltG + meatG * ownSaltFraction) * meatWaterG) / (meatWaterG + bathWaterG);
  return { alpha: bathWaterG / meatWaterG, saltInMeatG, saltPercent: (100 * saltInMeatG) / meatG };
}

export interface UptakeInput extends EquilibriumInput {
  thicknessMm: number;
  tempC: number;
  minutes?: number;
}

export interface Uptake {
  alpha: number;
  equilibriumSaltPercent: number;
  /** Share of the final uptake after `minutes`; null when no time was given. */
  averageFraction: number | null;
  centreFraction: number | null;
  /** Minutes until half and nine tenths of the final value, every face wet and the liquid stirred. */
  minutesTo: { average: { p50: number; p90: number }; centre: { p50: number; p90: number } };
}

/** A bath thinner than this share of the meat's water is treated as this: a film, not a bath. */
export const THINNEST_BATH = 0.01;

/** The part of an uptake that does not depend on the time, and the shares at any time. */
export interface UptakeModel extends Pick<Uptake, 'alpha' | 'equilibriumSaltPercent' | 'minutesTo'> {
  average(minutes: number): number;
  centre(minutes: number): number;
}

/**
 * How much salt the slices end up with and how far it gets by when: slab of `thicknessMm`, both faces in a bath of finite size.
 * Times grow with the square of the thickness and do not depend on the weight of the batch.
 *
 * @throws RangeError for a thickness that is not positive or a temperature outside -2..60 °C
 */
export const uptakeModel = remembering((input: Omit<UptakeInput, 'minutes'>): UptakeModel => {
  const { thicknessMm, tempC } = input;
  if (!(thicknessMm > 0)) throw new RangeError('thicknessMm must be positive');
  if (!(tempC >= -2 && tempC <= 60)) throw new RangeError('tempC must be between -2 and 60');
  const { alpha, saltPercent } = equilibriumSalt(input);
  const slab = slabInBath(Math.max(alpha, THINNEST_BATH));
  const minutesPerFourier = (thicknessMm / 2000) ** 2 / saltDiffusivity(tempC) / 60;
  const minutesTo = (share: (fourier: number) => number, target: number) =>
    fourierAt(share, target) * minutesPerFourier;
  return {
    alpha,
    equilibriumSaltPercent: saltPercent,
    minutesTo: {
      average: { p50: minutesTo(slab.average, 0.5), p90: minutesTo(slab.average, 0.9) },
      centre: { p50: minutesTo(slab.centre, 0.5), p90: minutesTo(slab.centre, 0.9) },
    },
    average: (minutes) => slab.average(minutes / minutesPerFourier),
    centre: (minutes) => slab.centre(minutes / minutesPerFourier),
  };
});

/** The model of {@link uptakeModel} read at one time. */
export function uptake({ minutes, ...input }: UptakeInput): Uptake {
  const model = uptakeModel(input);
  return uptakeAt(model, minutes);
}

export function uptakeAt({ average, centre, ...fixed }: UptakeModel, minutes?: number): Uptake {
  return {
    ...fixed,
    averageFraction: minutes === undefined ? null : average(minutes),
    centreFraction: minutes === undefined ? null : centre(minutes),
  };
}

/**
 * Slices that lie on each other in a bag take up from their outer faces only: two stuck together are a slab of twice the thickness, four times as
 * slow. An own estimate of the lower bound; worse is possible.
 */
export const STACKED_SLOWER = 4;

export interface UptakePoint {
  minutes: number;
  /** Whole slice and its middle, well stirred, every face wet. */
  average: number;
  centre: number;
  /** Stacked in a bag. */
  averageStacked: number;
  centreStacked: number;
  /** Middle of the slice if salt moves faster, stirred, and slower, stacked, by the spread of the literature. */
  centreSlow: number;
  centreFast: number;
  /** Whole slice, well stirred, slowest to fastest of their kind. */
  sugar: [number, number];
  acid: [number, number];
}

/** The curve for a chart from 0 to `untilMin`, its points denser at the start, where it is steep. */
export function uptakeCurve(input: Omit<UptakeInput, 'minutes'>, untilMin: number, points = 48): UptakePoint[] {
  const model = uptakeModel(input);
  const slower = (solute: Solute, which: 'from' | 'to') => SOLUTE_D_4C_M2_S[solute][which] / SOLUTE_D_4C_M2_S.salt.from;
  return Array.from({ length: points + 1 }, (_, index) => {
    const minutes = untilMin * (index / points) ** 2;
    return {
      minutes,
      average: model.average(minutes),
      centre: model.centre(minutes),
      averageStacked: model.average(minutes / STACKED_SLOWER),
      centreStacked: model.centre(minutes / STACKED_SLOWER),
      sugar: [model.average(minutes * slower('sugar', 'from')), model.average(minutes * slower('sugar', 'to'))],
      acid: [model.average(minutes * slower('acid', 'from')), model.average(minutes * slower('acid', 'to'))],
      centreSlow: model.centre(minutes / DIFFUSIVITY_SPREAD / STACKED_SLOWER),
      centreFast: model.centre(minutes * DIFFUSIVITY_SPREAD),
    };
  });
}
