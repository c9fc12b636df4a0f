import type { Ingredient } from './ingredient';
import type { MarinadeLine } from './scaleMarinade';
import { equilibriumSalt } from './uptake';

/** The meat that a mix is worked out for, and what of the mix does not reach it. */
export interface Meat {
  meatG: number;
  meatWaterFraction: number;
  ownSaltFraction?: number;
  holdBackShare?: number;
}

/** Water in lean meat in general; a batch reckons with its own cut. */
export const USUAL_WATER_FRACTION = 0.72;

export type Solved = { ok: true; lines: MarinadeLine[] } | { ok: false; from: number; to: number };

/** Sauces are moved this far before salt itself makes up the rest; they carry the flavour. Own choice. */
const SAUCE_BOUNDS = { from: 0.5, to: 1.6 };
/** In need they go down to this share. */
const LEAST_SAUCE = 0.1;
/** Plain salt at most, of the meat: above that nobody would eat it. */
const MOST_SALT = 0.04;
const SALTY_FROM = 0.03;
/** A line of less than this leaves the mix, g. */
const NOTHING_G = 1e-6;
const SUGAR_BOUNDS = { from: 0, to: 0.2 };

const isSalt = ({ ingredient }: MarinadeLine) => ingredient.kind === 'salt' && ingredient.saltFraction > 0.5;
const isSauce = (line: MarinadeLine) => !isSalt(line) && line.ingredient.saltFraction >= SALTY_FROM;
const total = (lines: readonly MarinadeLine[], fraction: (ingredient: Ingredient) => number) =>
  lines.reduce((sum, { ingredient, massG }) => sum + massG * fraction(ingredient), 0);
const scaled = (lines: readonly MarinadeLine[], which: (line: MarinadeLine) => boolean, factor: number) =>
  lines.map((line) => (which(line) ? { ...line, massG: line.massG * factor } : line));

/** Salt in the meat that most like, percent (common practice). */
export const SALT_BAND_PERCENT = { from: 0.9, to: 1.4 } as const;

/** Salt in the meat at equilibrium, per cent of its weight, for this mix. */
export function saltLanding(
  lines: readonly MarinadeLine[],
  { meatG, meatWaterFraction, ownSaltFraction = 0.001, holdBackShare = 0 }: Meat,
): number {
  const share = 1 - holdBackShare;
  return equilibriumSalt({
    meatG,
    meatWaterFraction,
    ownSaltFraction,
    bathWaterG: total(lines, ({ waterFraction }) => waterFraction) * share,
    saltG: total(lines, ({ saltFraction }) => saltFraction) * share,
  }).saltPercent;
}

/**
 * The mix with its salt and salty sauces moved so that the meat lands at this much salt; everything else stays. Salt and sauces move together
 * within bounds; beyond those plain salt makes up the rest, and where there is none it is added.
 *
 * @returns the lines, or the range that can be reached
 */
export function solveSalt(
  lines: readonly MarinadeLine[],
  meat: Meat,
  { targetPercent, salt }: { targetPercent: number; salt: Ingredient },
): Solved {
  const withSalt = lines.some(isSalt) ? [...lines] : [...lines, { ingredient: salt, massG: 0 }];
  const plainG = total(withSalt.filter(isSalt), () => 1);
  const moved = (sauces: number, saltG: number) =>
    scaled(withSalt, isSauce, sauces).map((line) =>
      isSalt(line) ? { ...line, massG: plainG > 0 ? (line.massG * saltG) / plainG : saltG } : line,
    );
  const landing = (sauces: number, saltG: number) => saltLanding(moved(sauces, saltG), meat);
  const done = (sauces: number, saltG: number): Solved => ({
    ok: true,
    lines: moved(sauces, saltG).filter(({ massG }) => massG > NOTHING_G),
  });
  const mostSaltG = MOST_SALT * meat.meatG;

  const both = bisect((factor) => landing(factor, plainG * factor), targetPercent, SAUCE_BOUNDS);
  if (both !== undefined && plainG * both <= mostSaltG) return done(both, plainG * both);
  const high = targetPercent > landing(1, plainG);
  const sauces = lines.some(isSauce) ? (high ? SAUCE_BOUNDS.to : SAUCE_BOUNDS.from) : 1;
  const saltG = bisect((massG) => landing(sauces, massG), targetPercent, { from: 0, to: mostSaltG });
  if (saltG !== undefined) return done(sauces, saltG);
  const least = high
    ? undefined
    : bisect((factor) => landing(factor, 0), targetPercent, { from: LEAST_SAUCE, to: sauces });
  if (least !== undefined) return done(least, 0);
  return { ok: false, from: landing(LEAST_SAUCE, 0), to: landing(SAUCE_BOUNDS.to, mostSaltG) };
}

/** The mix with its sugar moved to this share of the meat's weight; sugar inside sauces and fruit stays, and sets the least there can be. */
export function solveSugar(
  lines: readonly MarinadeLine[],
  { meatG }: Pick<Meat, 'meatG'>,
  { targetPercent, sugar }: { targetPercent: number; sugar: Ingredient },
): Solved {
  const isSugar = ({ ingredient }: MarinadeLine) => ingredient.kind === 'sugar';
  const fixedG = total(
    lines.filter((line) => !isSugar(line)),
    ({ sugarFraction }) => sugarFraction,
  );
  const sweetG = total(lines.filter(isSugar), ({ sugarFraction }) => sugarFraction);
  const wantedG = (targetPercent / 100) * meatG - fixedG;
  if (wantedG < -1e-9 || targetPercent > 100 * SUGAR_BOUNDS.to)
    return { ok: false, from: (100 * fixedG) / meatG, to: 100 * SUGAR_BOUNDS.to };
  if (sweetG > 0)
    return {
      ok: true,
      lines: scaled(lines, isSugar, Math.max(0, wantedG) / sweetG).filter(({ massG }) => massG > NOTHING_G),
    };
  return {
    ok: true,
    lines: wantedG > 1e-9 ? [...lines, { ingredient: sugar, massG: wantedG / sugar.sugarFraction }] : [...lines],
  };
}

/** Where a rising function meets a value between two bounds; undefined when it does not. */
function bisect(
  value: (at: number) => number,
  wanted: number,
  { from, to }: { from: number; to: number },
): number | undefined {
  let [low, high] = [from, to];
  if (!(value(low) <= wanted + 1e-9 && value(high) >= wanted - 1e-9)) return undefined;
  for (let halving = 0; halving < 60; halving++) {
    const middle = (low + high) / 2;
    if (value(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
