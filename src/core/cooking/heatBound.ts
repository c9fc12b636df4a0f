/** Both faces held at boiling, the least any heat can need; thermal diffusivity of raw meat (1.2 to 1.4e-7, from memory). */
const FACES_C = 100;
const DIFFUSIVITY_M2_S = 1.3e-7;
/** First term of the series for a slab, and its first root squared. */
const FIRST_TERM = 1.273;
const ROOT_SQUARED = 2.467;

/**
 * The least time any heat needs to bring the middle of a slab to a temperature, min: both faces at 100 °C, first term of the series
 * (Carslaw and Jaeger's slab; good from Fo 0.2 on, low below it). A lower bound, not a cooking time.
 * @throws RangeError unless 0 < thicknessMm and startC < centreC < 100
 * @example leastMinutesTo({ thicknessMm: 25, startC: 5, centreC: 63 }) // 9.6
 */
export function leastMinutesTo({
  thicknessMm,
  startC,
  centreC,
}: {
  thicknessMm: number;
  startC: number;
  centreC: number;
}): number {
  if (!(thicknessMm > 0) || !(startC < centreC && centreC < FACES_C))
    throw new RangeError('thicknessMm must be positive and centreC between startC and 100');
  const theta = (FACES_C - centreC) / (FACES_C - startC);
  const fourier = Math.log(FIRST_TERM / theta) / ROOT_SQUARED;
  return (fourier * (thicknessMm / 2000) ** 2) / DIFFUSIVITY_M2_S / 60;
}
