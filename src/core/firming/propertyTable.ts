import { COLDEST_C, conductivity, density, heatBetween, iceFraction, type Meat } from './foodProperties';

/** Properties against volumetric enthalpy on an even grid, so that a solver looks them up by index. */
export interface PropertyTable {
  /** Lowest enthalpy of the table and the step between entries, J/m3. */
  lowest: number;
  step: number;
  temperatureC: Float64Array;
  conductivity: Float64Array;
  /** Apparent heat capacity dH/dT, J/m3K. */
  capacity: Float64Array;
  /** Ice as a share of the water. */
  frozen: Float64Array;
}

const ENTRIES = 2048;
const GRID_K = 0.05;
const WARMEST_C = 45;
const UNFROZEN_C = 5;

const tables = new Map<string, PropertyTable>();
const MOST_TABLES = 24;

/** Density is held at its unfrozen value: the swelling of ice is left out, mass is kept. Made once for each meat and remembered. */
export function propertyTable(meat: Meat): PropertyTable {
  const { water, protein, fat, ash, freezingPointC } = meat;
  const key = [water, protein, fat, ash, freezingPointC].join();
  let known = tables.get(key);
  if (!known) {
    if (tables.size >= MOST_TABLES) tables.clear();
    tables.set(key, (known = makeTable(meat)));
  }
  return known;
}

function makeTable(meat: Meat): PropertyTable {
  const rho = density(meat, UNFROZEN_C);
  const points = Math.round((WARMEST_C - COLDEST_C) / GRID_K) + 1;
  const temperatures = Float64Array.from({ length: points }, (_, index) => COLDEST_C + index * GRID_K);
  const heats = enthalpiesOn(meat, temperatures).map((heat) => heat * rho);

  const lowest = heats[0]!;
  const step = (heats[points - 1]! - lowest) / (ENTRIES - 1);
  const table: PropertyTable = {
    lowest,
    step,
    temperatureC: new Float64Array(ENTRIES),
    conductivity: new Float64Array(ENTRIES),
    capacity: new Float64Array(ENTRIES),
    frozen: new Float64Array(ENTRIES),
  };
  for (let entry = 0, upper = 1; entry < ENTRIES; entry++) {
    const heat = lowest + entry * step;
    while (upper < points - 1 && heats[upper]! < heat) upper++;
    const share = (heat - heats[upper - 1]!) / (heats[upper]! - heats[upper - 1]!);
    const tempC = temperatures[upper - 1]! + share * GRID_K;
    table.temperatureC[entry] = tempC;
    table.capacity[entry] = (heats[upper]! - heats[upper - 1]!) / GRID_K;
    table.conductivity[entry] = conductivity(meat, tempC);
    table.frozen[entry] = iceFraction(meat, tempC) / meat.water;
  }
  return table;
}

/** Enthalpies along the grid, J/kg, each from the one before: rising without a flaw, which the inversion needs. */
function enthalpiesOn(meat: Meat, temperatures: Float64Array): Float64Array {
  const heats = new Float64Array(temperatures.length);
  for (let index = 1; index < heats.length; index++)
    heats[index] = heats[index - 1]! + heatBetween(meat, temperatures[index - 1]!, temperatures[index]!);
  return heats;
}

/** Enthalpy at a temperature, J/m3, by bisection in the table. */
export function heatAt(table: PropertyTable, tempC: number): number {
  let low = 0;
  let high = ENTRIES - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (table.temperatureC[middle]! <= tempC) low = middle;
    else high = middle;
  }
  const share = (tempC - table.temperatureC[low]!) / (table.temperatureC[high]! - table.temperatureC[low]!);
  return table.lowest + (low + share) * table.step;
}
