import { remembering } from '../remember';

/**
 * Salt diffusing into a slab that is wet on both faces (Crank, The Mathematics of Diffusion, 1975, chapter 4).
 * Fo = D t / l^2 with l half the thickness; alpha = water in the bath / water in the meat, Infinity for a large bath.
 */

const TERMS = 60;
const TERMS_SMALL_BATH = 120;

/** Positive roots of tan q = -alpha q, one in each ((n - 1/2) pi, n pi): Newton kept inside the shrinking bracket. */
export function bathRoots(alpha: number, count = alpha < 0.2 ? TERMS_SMALL_BATH : TERMS): number[] {
  if (!(alpha > 0) || !Number.isFinite(alpha)) throw new RangeError('alpha must be positive and finite');
  return Array.from({ length: count }, (_, index) => {
    let low = (index + 0.5) * Math.PI;
    let high = (index + 1) * Math.PI;
    const signAtLow = index % 2 === 0 ? 1 : -1;
    let q = (low + high) / 2;
    for (let step = 0; step < 60 && high - low > 1e-13 * high; step++) {
      // sin q + alpha q cos q changes sign once in the bracket and has no pole, unlike tan q.
      const [sine, cosine] = [Math.sin(q), Math.cos(q)];
      const value = sine + alpha * q * cosine;
      if (value * signAtLow > 0) low = q;
      else high = q;
      const newton = q - value / (cosine * (1 + alpha) - alpha * q * sine);
      const next = newton > low && newton < high ? newton : (low + high) / 2;
      if (Math.abs(next - q) < 1e-14 * q) break;
      q = next;
    }
    return q;
  });
}

export interface Slab {
  /** Share of the final uptake that has arrived, 0 to 1. */
  average(fourier: number): number;
  /** Concentration in the middle as a share of the final one, 0 to 1. */
  centre(fourier: number): number;
}

/** Uptake of a slab from a bath of this ratio; the roots are found once. */
export const slabInBath = remembering(
  (alpha: number): Slab => (Number.isFinite(alpha) ? finiteBath(alpha) : infiniteBath()),
  { key: (alpha) => alpha },
);

function infiniteBath(): Slab {
  const term = (index: number) => (index + 0.5) * Math.PI;
  return {
    average(fourier) {
      if (fourier <= 0) return 0;
      if (fourier < 0.05) return 2 * Math.sqrt(fourier / Math.PI);
      return 1 - sum(TERMS, (n) => (2 / term(n) ** 2) * Math.exp(-(term(n) ** 2) * fourier));
    },
    centre(fourier) {
      if (fourier < 1e-3) return 0;
      return clamp(1 - sum(TERMS, (n) => ((2 * (-1) ** n) / term(n)) * Math.exp(-(term(n) ** 2) * fourier)));
    },
  };
}

function finiteBath(alpha: number): Slab {
  const roots = bathRoots(alpha).map((q) => ({
    q,
    squared: q * q,
    weight: (2 * (1 + alpha)) / (1 + alpha + (alpha * q) ** 2),
    cosine: Math.cos(q),
  }));
  return {
    average(fourier) {
      if (fourier <= 0) return 0;
      return clamp(1 - sum(roots.length, (n) => alpha * roots[n]!.weight * Math.exp(-roots[n]!.squared * fourier)));
    },
    centre(fourier) {
      if (fourier < 1e-3) return 0;
      return clamp(
        1 + sum(roots.length, (n) => (roots[n]!.weight / roots[n]!.cosine) * Math.exp(-roots[n]!.squared * fourier)),
      );
    },
  };
}

/** The exponentials fall fast; what is below rounding is not summed. */
function sum(count: number, term: (index: number) => number): number {
  let total = 0;
  for (let index = 0; index < count; index++) {
    const value = term(index);
    total += value;
    if (Math.abs(value) < 1e-12) break;
  }
  return total;
}

const clamp = (share: number) => Math.min(1, Math.max(0, share));

/** The Fourier number at which a rising share is reached, by bisection to seven digits. */
export function fourierAt(share: (fourier: number) => number, target: number): number {
  let low = 0;
  let high = 0.25;
  while (share(high) < target && high < 64) [low, high] = [high, high * 2];
  while (high - low > 1e-7 * high) {
    const middle = (low + high) / 2;
    if (share(middle) < target) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
