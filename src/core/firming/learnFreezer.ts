import { firmingTimes, frozenAfter, type FirmingInput } from './firming';

export const FIRMNESS_REPORTS = ['too-soft', 'right', 'too-hard'] as const;
export type FirmnessReport = (typeof FIRMNESS_REPORTS)[number];

/** What is known of a freezer: it takes heat `exp(lnStrength)` times as fast as its preset says, give or take. */
export interface FreezerKnowledge {
  lnStrength: number;
  /** Standard deviation of lnStrength. */
  lnError: number;
}

/** Before anything was learned: home freezers lie within about a third of the preset, two in three. Own estimate. */
export const UNKNOWN_FREEZER: FreezerKnowledge = { lnStrength: 0, lnError: 0.3 };

/** Ice as a share of the water at which cooks turn from "too soft" to "right" and from "right" to "too hard", and how much that wavers. Own estimates. */
const SOFT_BELOW = 0.13;
const HARD_ABOVE = 0.5;
const WAVERS = 0.07;
const GRID = { reach: 3.2, points: 33, widest: 1.2 };
const SURFACE_W = { from: 4, to: 70 };

/** Surface coefficients of a freezer of this strength. */
export function strengthened(
  { top, bottom }: { top: number; bottom: number },
  { lnStrength }: Pick<FreezerKnowledge, 'lnStrength'>,
): { top: number; bottom: number } {
  const held = (w: number) => Math.min(SURFACE_W.to, Math.max(SURFACE_W.from, w * Math.exp(lnStrength)));
  return { top: held(top), bottom: held(bottom) };
}

/**
 * What one report tells of the freezer: Bayes on a grid of strengths, an ordered probit likelihood of the report given the ice that the model
 * expects after these minutes, the posterior kept as mean and deviation of ln strength (assumed density). A core that is still warm counts as soft.
 *
 * @param input how the piece lay in the freezer, with the coefficients of the preset as they are without learning
 */
export function learnFreezer(
  known: FreezerKnowledge,
  report: FirmnessReport,
  input: FirmingInput & { minutes: number },
): FreezerKnowledge {
  const reach = Math.min(GRID.widest, GRID.reach * known.lnError);
  const strengths = Array.from(
    { length: GRID.points },
    (_, index) => known.lnStrength + reach * ((2 * index) / (GRID.points - 1) - 1),
  );
  const weights = strengths.map((lnStrength) => {
    const ice = effectiveIce({ ...input, surface: strengthened(input.surface, { lnStrength }) });
    return likelihood(report, ice) * Math.exp(-0.5 * ((lnStrength - known.lnStrength) / known.lnError) ** 2);
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  // A report that no strength explains says that something else was wrong: it teaches nothing.
  if (!(total > 1e-12)) return known;
  const mean = strengths.reduce((sum, value, index) => sum + value * weights[index]!, 0) / total;
  const variance = strengths.reduce((sum, value, index) => sum + (value - mean) ** 2 * weights[index]!, 0) / total;
  return { lnStrength: mean, lnError: Math.max(0.03, Math.sqrt(variance)) };
}

/** Ice after the minutes asked for; less where the middle is still too warm for the knife, so that the report of it is understood. */
function effectiveIce(input: FirmingInput & { minutes: number }): number {
  const { iceFraction, coreC } = frozenAfter(input);
  const warmth = Math.max(0, coreC - (input.meat.freezingPointC + 0.9));
  return iceFraction - 0.05 * warmth;
}

function likelihood(report: FirmnessReport, ice: number): number {
  const soft = normal((SOFT_BELOW - ice) / WAVERS);
  const notHard = normal((HARD_ABOVE - ice) / WAVERS);
  return report === 'too-soft' ? soft : report === 'right' ? Math.max(0, notHard - soft) : 1 - notHard;
}

/** Cumulative normal distribution (Abramowitz and Stegun 26.2.17, from memory; good to 1e-7). */
export function normal(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

/** The times of a piece in a freezer that is known this well: the likely ones, and the earliest it may be firm. */
export function firmingIn(known: FreezerKnowledge, input: FirmingInput) {
  const at = (lnStrength: number) => firmingTimes({ ...input, surface: strengthened(input.surface, { lnStrength }) });
  return { ...at(known.lnStrength), checkFromMin: at(known.lnStrength + known.lnError).firmFromMin };
}
