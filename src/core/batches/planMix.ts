import type { Cut } from '../pieces';
import {
  CORN_STARCH,
  FINE_SALT,
  FRUIT_INGREDIENTS,
  NEUTRAL_OIL,
  scaleMarinade,
  solveSalt,
  solveSugar,
  WHITE_SUGAR,
  type Ingredient,
  type Marinade,
  type MarinadeLine,
  type ScaledMarinade,
} from '../marinades';
import type { BatchInputs, Pins } from './inputs';
import { OWN_SALT_OF_MEAT } from './planUptake';

export interface PlannedMix {
  scaled: ScaledMarinade;
  saltReach?: { from: number; to: number };
}

/** The marinade for this weight with what the cook changed: another fruit, starch and oil, and its salt moved to where the meat should land. */
export function planMix(
  { pins }: BatchInputs,
  { marinade, cut }: { marinade: Marinade; cut: Cut },
  meatG: number,
): PlannedMix {
  // In whole per cent: less than that is nothing to hold back.
  const holdBackShare = Math.round(100 * (pins.holdBackShare ?? marinade.holdBackShare)) / 100;
  /** Grams in the whole mix so that this share of the meat's weight goes on the meat. */
  const inMix = (percent: number) => ((percent / 100) * meatG) / (1 - holdBackShare);
  const written = scaleMarinade(marinade, meatG, holdBackShare).lines;
  const coated = sweetened(
    withKind(
      withKind(withFruit(written, pins, inMix), CORN_STARCH, pins.starchPercent, inMix),
      NEUTRAL_OIL,
      pins.oilPercent,
      inMix,
    ),
    pins,
    inMix(100),
  );
  const scale = (lines: readonly MarinadeLine[]) =>
    scaleMarinade(
      { ...marinade, oilFirst: pins.oilFirst ?? marinade.oilFirst, forMassG: meatG, lines },
      meatG,
      holdBackShare,
    );
  if (pins.saltPercent === undefined) return { scaled: scale(coated) };
  const solved = solveSalt(
    coated,
    { meatG, meatWaterFraction: cut.composition.water, ownSaltFraction: OWN_SALT_OF_MEAT, holdBackShare },
    { targetPercent: pins.saltPercent, salt: FINE_SALT },
  );
  return solved.ok
    ? { scaled: scale(solved.lines) }
    : { scaled: scale(coated), saltReach: { from: solved.from, to: solved.to } };
}

/** Its sugar moved to this share of the meat; where fruit and sauces bring more already, all the sugar is left out. */
function sweetened(lines: readonly MarinadeLine[], { sugarPercent }: Pins, meatG: number): MarinadeLine[] {
  if (sugarPercent === undefined) return [...lines];
  const solved = solveSugar(lines, { meatG }, { targetPercent: sugarPercent, sugar: WHITE_SUGAR });
  return solved.ok ? solved.lines : lines.filter(({ ingredient }) => ingredient.kind !== 'sugar');
}

const USUAL_FRUIT_PERCENT = 10;

function withFruit(
  lines: readonly MarinadeLine[],
  { fruitId, fruitPercent = USUAL_FRUIT_PERCENT }: Pins,
  inMix: (percent: number) => number,
): MarinadeLine[] {
  if (fruitId === undefined) return [...lines];
  const fruit = FRUIT_INGREDIENTS.find(({ id }) => id === fruitId);
  const others = lines.filter(({ ingredient }) => ingredient.kind !== 'fruit' && ingredient.id !== fruitId);
  return fruit ? [...others, { ingredient: fruit, massG: inMix(fruitPercent), note: 'just before use' }] : others;
}

/** All of this kind brought to this share of the meat; the plain one is added where the mix has none. */
function withKind(
  lines: readonly MarinadeLine[],
  plain: Ingredient,
  percent: number | undefined,
  inMix: (percent: number) => number,
): MarinadeLine[] {
  if (percent === undefined) return [...lines];
  const present = lines
    .filter(({ ingredient }) => ingredient.kind === plain.kind)
    .reduce((sum, { massG }) => sum + massG, 0);
  if (present > 0)
    return lines
      .map((line) =>
        line.ingredient.kind === plain.kind ? { ...line, massG: (line.massG * inMix(percent)) / present } : line,
      )
      .filter(({ massG }) => massG > 0);
  return percent > 0 ? [...lines, { ingredient: plain, massG: inMix(percent) }] : [...lines];
}
