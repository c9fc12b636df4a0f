/** A stack sliced at one setting of the dial. */
export interface DialStack {
  dial: number;
  slices: number;
  stackMm: number;
}

export interface DialFit {
  mmPerMark: number;
  /** One standard error. */
  mmPerMarkError: number;
  /** Thickness at dial zero. */
  zeroMm: number;
  /** Thickness and its standard error are known at each setting through these. */
  covariance: { slope: number; zero: number; both: number };
}

export type DialProblem =
  | { code: 'one-setting' }
  | { code: 'not-rising'; dial: number }
  | { code: 'off-the-line'; dial: number; measuredMm: number; expectedMm: number };
export type DialResult = { ok: true; fit: DialFit } | { ok: false; problem: DialProblem };

/** A stack is read to half a millimetre: own estimate of a ruler held beside soft meat. */
const READING_MM = 0.5;
/** Farther from the line than so many readings, a stack contradicts the others. */
const FAR_READINGS = 4;
const SLACK_MM = 0.25;

/**
 * Millimetres per mark of a slicing machine: a straight line through the stacks, weighted by how well each is known (weighted least squares;
 * the error is widened when the stacks scatter more than their readings, never narrowed).
 *
 * @throws RangeError for stacks that are not positive
 */
export function fitDial(stacks: readonly DialStack[]): DialResult {
  if (stacks.some(({ dial, slices, stackMm }) => !Number.isFinite(dial) || !(slices >= 1) || !(stackMm > 0)))
    throw new RangeError('stacks must be positive');
  const points = stacks.map(({ dial, slices, stackMm }) => ({
    dial,
    mm: stackMm / slices,
    error: READING_MM / slices,
  }));
  const settings = new Set(points.map(({ dial }) => dial));
  if (settings.size < 2) return { ok: false, problem: { code: 'one-setting' } };

  const weigh = (value: (point: (typeof points)[number]) => number) =>
    points.reduce((sum, point) => sum + value(point) / point.error ** 2, 0);
  const [one, x, y, xx, xy] = [
    weigh(() => 1),
    weigh(({ dial }) => dial),
    weigh(({ mm }) => mm),
    weigh(({ dial }) => dial ** 2),
    weigh(({ dial, mm }) => dial * mm),
  ];
  const determinant = one * xx - x * x;
  const mmPerMark = (one * xy - x * y) / determinant;
  const zeroMm = (xx * y - x * xy) / determinant;
  if (!(mmPerMark > 0)) return { ok: false, problem: { code: 'not-rising', dial: Math.max(...settings) } };

  const off = points
    .map((point) => ({ ...point, expectedMm: zeroMm + mmPerMark * point.dial }))
    .map((point) => ({
      ...point,
      far: Math.abs(point.mm - point.expectedMm) / (point.error + SLACK_MM / FAR_READINGS),
    }));
  const worst = off.reduce((a, b) => (b.far > a.far ? b : a));
  if (points.length > 2 && worst.far > FAR_READINGS)
    return {
      ok: false,
      problem: { code: 'off-the-line', dial: worst.dial, measuredMm: worst.mm, expectedMm: worst.expectedMm },
    };

  const scatter =
    points.length > 2
      ? Math.max(
          1,
          off.reduce((sum, { mm, expectedMm, error }) => sum + ((mm - expectedMm) / error) ** 2, 0) /
            (points.length - 2),
        )
      : 1;
  const covariance = {
    slope: (scatter * one) / determinant,
    zero: (scatter * xx) / determinant,
    both: (-scatter * x) / determinant,
  };
  return { ok: true, fit: { mmPerMark, mmPerMarkError: Math.sqrt(covariance.slope), zeroMm, covariance } };
}

/** Where to set the dial for a thickness, and how far off that may be (one standard error, in marks). Undefined below what the dial gives. */
export function dialFor(
  { mmPerMark, zeroMm, covariance }: DialFit,
  thicknessMm: number,
): { dial: number; error: number } | undefined {
  const dial = (thicknessMm - zeroMm) / mmPerMark;
  if (!(dial >= 0)) return undefined;
  const errorMm = Math.sqrt(Math.max(0, covariance.zero + 2 * dial * covariance.both + dial ** 2 * covariance.slope));
  return { dial, error: errorMm / mmPerMark };
}
