export const COOLING_PLACES = ['bench', 'ice-bath'] as const;
export type CoolingPlace = (typeof COOLING_PLACES)[number];

/** Off the stove, and what it has to come down to before it meets raw meat. */
export const OFF_THE_STOVE_C = 90;
export const COOL_ENOUGH_C = 25;

/** Surroundings and heat that leaves a bowl through its wet surface and its wall, W/m2K: own estimates, evaporation included on the bench. */
const PLACES: Record<CoolingPlace, { aroundC: number; coefficient: number }> = {
  bench: { aroundC: 20, coefficient: 22 },
  'ice-bath': { aroundC: 1, coefficient: 120 },
};
const HEAT_CAPACITY_J_KG_K = 3700;
/** A liquid as deep as a third of its width: its surface grows with the mass to the power two thirds. */
const AREA_M2_AT_KG = 0.06;
const SPREAD = 1.5;

/**
 * Minutes until a hot mix is cool enough, as a range: Newton's law of cooling for a stirred bowl (m c dT/dt = -h A (T - Ta)), surface by its mass.
 * An estimate; touch decides.
 * @throws RangeError for a mass that is not positive, or a temperature that the place cannot reach
 */
export function coolingMinutes({
  massG,
  fromC = OFF_THE_STOVE_C,
  toC = COOL_ENOUGH_C,
  place,
}: {
  massG: number;
  fromC?: number;
  toC?: number;
  place: CoolingPlace;
}): { from: number; to: number } {
  const { aroundC, coefficient } = PLACES[place];
  if (!(massG > 0)) throw new RangeError('massG must be positive');
  if (!(toC > aroundC)) throw new RangeError(`it cannot cool to ${toC} °C there`);
  const kg = massG / 1000;
  const secondsPerFold = (kg * HEAT_CAPACITY_J_KG_K) / (coefficient * AREA_M2_AT_KG * kg ** (2 / 3));
  const minutes = (Math.max(0, Math.log((fromC - aroundC) / (toC - aroundC))) * secondsPerFold) / 60;
  return { from: Math.round(minutes / SPREAD), to: Math.round(minutes * SPREAD) };
}
