import type { Composition } from '../pieces';

/**
 * Thermal properties of meat between -40 and 40 °C from its composition: component polynomials of Choi and Okos 1986 as reprinted in the
 * ASHRAE Handbook, ice after Tchigeov, enthalpy by integration (all recalled from memory; docs/sources.md, "Firming").
 */

type Polynomial = readonly [number, number, number];
const at = ([a, b, c]: Polynomial, tempC: number) => a + b * tempC + c * tempC * tempC;

interface Component {
  conductivity: Polynomial;
  density: Polynomial;
  heat: Polynomial;
}

const WATER: Component = {
  conductivity: [0.57109, 1.7625e-3, -6.7036e-6],
  density: [997.18, 3.1439e-3, -3.7574e-3],
  heat: [4176.2, -0.090864, 5.4731e-3],
};
/** Water that is liquid below 0 °C. */
const COLD_WATER_HEAT: Polynomial = [4081.7, -5.3062, 0.99516];
const ICE: Component = {
  conductivity: [2.2196, -6.2489e-3, 1.0154e-4],
  density: [916.89, -0.13071, 0],
  heat: [2062.3, 6.0769, 0],
};
const PROTEIN: Component = {
  conductivity: [0.17881, 1.1958e-3, -2.7178e-6],
  density: [1329.9, -0.5184, 0],
  heat: [2008.2, 1.2089, -1.3129e-3],
};
const FAT: Component = {
  conductivity: [0.18071, -2.7604e-4, -1.7749e-7],
  density: [925.59, -0.41757, 0],
  heat: [1984.2, 1.4733, -4.8008e-3],
};
const ASH: Component = {
  conductivity: [0.32962, 1.4011e-3, -2.9069e-6],
  density: [2423.8, -0.28063, 0],
  heat: [1092.6, 1.8896, -3.6817e-3],
};

/** Latent heat of water at 0 °C, J/kg. */
const LATENT_J_KG = 333_600;
/** Water bound to protein that does not freeze, per protein. */
const BOUND_PER_PROTEIN = 0.4;
export const COLDEST_C = -40;

export interface Meat extends Composition {
  freezingPointC: number;
}

/** Mass of ice per mass of meat. */
export function iceFraction({ water, protein, freezingPointC }: Meat, tempC: number): number {
  if (tempC >= freezingPointC) return 0;
  return Math.max(0, water - BOUND_PER_PROTEIN * protein) * (1 - freezingPointC / tempC);
}

/** Heat content of a kilogram above -40 °C, J/kg: the sensible part summed up in short steps, the latent part exact. */
export function enthalpy(meat: Meat, tempC: number): number {
  const steps = Math.max(1, Math.ceil(Math.abs(tempC - COLDEST_C) / 0.05));
  const width = (tempC - COLDEST_C) / steps;
  let heat = 0;
  for (let step = 0; step < steps; step++)
    heat += heatBetween(meat, COLDEST_C + step * width, COLDEST_C + (step + 1) * width);
  return heat;
}

/** Heat from one temperature to another nearby, J/kg. */
export function heatBetween(meat: Meat, fromC: number, toC: number): number {
  return (
    sensibleHeat(meat, (fromC + toC) / 2) * (toC - fromC) +
    LATENT_J_KG * (iceFraction(meat, fromC) - iceFraction(meat, toC))
  );
}

function sensibleHeat(meat: Meat, tempC: number): number {
  const ice = iceFraction(meat, tempC);
  const liquid = at(tempC < 0 ? COLD_WATER_HEAT : WATER.heat, tempC);
  return (
    (meat.water - ice) * liquid +
    ice * at(ICE.heat, tempC) +
    meat.protein * at(PROTEIN.heat, tempC) +
    meat.fat * at(FAT.heat, tempC) +
    meat.ash * at(ASH.heat, tempC)
  );
}

interface Part {
  component: Component;
  mass: number;
}

function partsOf(meat: Meat, tempC: number): Record<'water' | 'ice' | 'protein' | 'fat' | 'ash', Part> {
  const ice = iceFraction(meat, tempC);
  return {
    water: { component: WATER, mass: meat.water - ice },
    ice: { component: ICE, mass: ice },
    protein: { component: PROTEIN, mass: meat.protein },
    fat: { component: FAT, mass: meat.fat },
    ash: { component: ASH, mass: meat.ash },
  };
}

const volumeOf = ({ component, mass }: Part, tempC: number) => mass / at(component.density, tempC);

/** Density, kg/m3. */
export function density(meat: Meat, tempC: number): number {
  const parts = Object.values(partsOf(meat, tempC));
  return parts.reduce((sum, { mass }) => sum + mass, 0) / parts.reduce((sum, part) => sum + volumeOf(part, tempC), 0);
}

/** Conductivity of a dispersion after Levy: `share` by volume of `inner` in `outer`, W/mK. */
function levy(outer: number, inner: number, share: number): number {
  if (share <= 0) return outer;
  const ratio = inner / outer;
  const sigma = (ratio - 1) ** 2 / ((ratio + 1) ** 2 + ratio / 2);
  const term = 2 / sigma - 1 + 2 * share;
  const f = 0.5 * (term - Math.sqrt(term * term - (8 * share) / sigma));
  return (outer * (2 + ratio + 2 * (ratio - 1) * f)) / (2 + ratio - (ratio - 1) * f);
}

/** Conductivity of a dispersion after Maxwell and Eucken. */
function maxwell(outer: number, inner: number, share: number): number {
  return (outer * (2 * outer + inner - 2 * share * (outer - inner))) / (2 * outer + inner + share * (outer - inner));
}

/** Conductivity of the layers side by side (`parallel`) and one behind the other, W/mK: bounds for any arrangement. */
export function conductivityBounds(meat: Meat, tempC: number): { parallel: number; perpendicular: number } {
  const parts = Object.values(partsOf(meat, tempC)).map((part) => ({
    volume: volumeOf(part, tempC),
    k: at(part.component.conductivity, tempC),
  }));
  const total = parts.reduce((sum, { volume }) => sum + volume, 0);
  return {
    parallel: parts.reduce((sum, { volume, k }) => sum + (volume / total) * k, 0),
    perpendicular: 1 / parts.reduce((sum, { volume, k }) => sum + volume / total / k, 0),
  };
}

/** Conductivity, W/mK: protein and ash in water after Levy, fat in that after Maxwell and Eucken, ice in all after Levy. */
export function conductivity(meat: Meat, tempC: number): number {
  const { water, ice, protein, fat, ash } = partsOf(meat, tempC);
  const [waterV, iceV, fatV] = [volumeOf(water, tempC), volumeOf(ice, tempC), volumeOf(fat, tempC)];
  const [proteinV, ashV] = [volumeOf(protein, tempC), volumeOf(ash, tempC)];
  const solids = proteinV + ashV;
  const solidK = (proteinV * at(PROTEIN.conductivity, tempC) + ashV * at(ASH.conductivity, tempC)) / solids;
  const brine = levy(at(WATER.conductivity, tempC), solidK, solids / (solids + waterV));
  const fatty = maxwell(brine, at(FAT.conductivity, tempC), fatV / (fatV + solids + waterV));
  return levy(fatty, at(ICE.conductivity, tempC), iceV / (fatV + iceV + solids + waterV));
}
