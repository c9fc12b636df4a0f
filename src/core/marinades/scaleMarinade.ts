import type { Use } from '../ways';
import type { Allergen, Ingredient } from './ingredient';

export const HOLD_BACK_PURPOSES = ['brushing', 'glaze', 'sauce', 'dip'] as const;
export type HoldBackPurpose = (typeof HOLD_BACK_PURPOSES)[number];

export interface MarinadeLine {
  ingredient: Ingredient;
  massG: number;
  note?: string;
  /** The amount as the cook wrote it, "½ cup", whatever weight it stands for now. */
  said?: string;
}

export interface Marinade {
  id: string;
  name: string;
  /** The weight of meat the lines are written for. */
  forMassG: number;
  /** Customary time in the fridge. */
  minutes: { from: number; to: number };
  /** Share of the mix split off before it touches raw meat; 0 when none. */
  holdBackShare: number;
  holdBackFor?: HoldBackPurpose;
  /** Warmed on the stove: it has to cool before it meets raw meat. */
  heated?: boolean;
  /** Oil from the start, to spread soda and spices; else last, because oil-coated meat takes up less. Two schools. */
  oilFirst?: boolean;
  /** Lines of it that were never read: nothing is known of what is in them. */
  unread?: readonly string[];
  /** Ways it was made for; left out: any. */
  uses?: readonly Use[];
  lines: readonly MarinadeLine[];
}

export interface Mixture {
  massG: number;
  waterG: number;
  saltG: number;
  sugarG: number;
  /** Starches and flours as weighed. */
  starchG: number;
  allergens: Allergen[];
  alcohol: boolean;
  glutamate: boolean;
}

export interface ScaledMarinade {
  /** In the order of adding: starch next to last and oil last, or oil first and starch last. */
  lines: MarinadeLine[];
  whole: Mixture;
  /** What goes on the meat. */
  onMeat: Mixture;
  heldBackG: number;
  acid: boolean;
  /** Citrus or vinegar enough to turn thin meat chalky when it stays long. */
  sour: boolean;
  /** Baking soda on the meat, g. */
  sodaOnMeatG: number;
}

/** Egg and flour in the mix: not tasted or served before it was cooked, though no meat touched it (docs/sources.md, "Safety"). */
export const notEatenRaw = (lines: readonly MarinadeLine[]): boolean =>
  lines.some(
    ({ ingredient: { id, kind, allergens } }) =>
      allergens.includes('egg') || id === 'rice-flour' || (kind === 'starch' && allergens.includes('gluten')),
  );

const ORDER: readonly Ingredient['kind'][] = [
  'liquid',
  'salt',
  'sugar',
  'acid',
  'spice',
  'fresh',
  'fruit',
  'starch',
  'oil',
];
const ACID_ENOUGH = 0.03;
/** Acid of lines that are sour in themselves, share of the meat: an own estimate between yogurt and lime marinades. */
const SOUR_ENOUGH = 0.0015;
const SOUR_LINE = 0.03;
/** Any line of it is soda that stays in. */
export const SODA_ID = 'soda';
/** Less than this is not there, g. */
const NOTHING_G = 1e-6;

/**
 * The marinade for this weight of trimmed meat: every line in proportion, the held-back part split off the whole mix.
 * @param meatG trimmed meat, > 0
 */
export function scaleMarinade(
  marinade: Marinade,
  meatG: number,
  holdBackShare = marinade.holdBackShare,
): ScaledMarinade {
  if (!(meatG > 0)) throw new RangeError('meatG must be positive');
  if (!(holdBackShare >= 0 && holdBackShare < 1)) throw new RangeError('holdBackShare must be from 0 to below 1');
  const factor = meatG / marinade.forMassG;
  const lines = marinade.lines
    .map((line) => ({ ...line, massG: line.massG * factor }))
    .filter(({ massG }) => massG > NOTHING_G)
    .sort((a, b) => turnOf(a, marinade) - turnOf(b, marinade));
  const whole = mixture(lines, 1);
  const shareOfMeat = (wanted: (ingredient: Ingredient) => boolean) =>
    lines.reduce((sum, { ingredient, massG }) => sum + (wanted(ingredient) ? massG : 0), 0) / meatG;
  return {
    lines,
    whole,
    onMeat: mixture(lines, 1 - holdBackShare),
    heldBackG: whole.massG * holdBackShare,
    acid: shareOfMeat((ingredient) => ingredient.kind === 'acid') >= ACID_ENOUGH,
    sour:
      lines.reduce(
        (sum, { ingredient: { acidFraction = 0 }, massG }) =>
          sum + (acidFraction >= SOUR_LINE ? acidFraction * massG : 0),
        0,
      ) /
        meatG >=
      SOUR_ENOUGH,
    sodaOnMeatG: shareOfMeat(({ id }) => id === SODA_ID) * meatG * (1 - holdBackShare),
  };
}

const turnOf = ({ ingredient: { kind } }: MarinadeLine, { oilFirst }: Pick<Marinade, 'oilFirst'>) =>
  oilFirst && kind === 'oil' ? -1 : ORDER.indexOf(kind);

function mixture(lines: readonly MarinadeLine[], share: number): Mixture {
  const total = (fraction: (ingredient: Ingredient) => number) =>
    lines.reduce((sum, { ingredient, massG }) => sum + massG * share * fraction(ingredient), 0);
  return {
    massG: total(() => 1),
    waterG: total((ingredient) => ingredient.waterFraction),
    saltG: total((ingredient) => ingredient.saltFraction),
    sugarG: total((ingredient) => ingredient.sugarFraction),
    starchG: total((ingredient) => (ingredient.kind === 'starch' ? 1 : 0)),
    allergens: [...new Set(lines.flatMap(({ ingredient }) => ingredient.allergens))].sort(),
    alcohol: lines.some(({ ingredient }) => ingredient.alcohol),
    glutamate: lines.some(({ ingredient }) => ingredient.glutamate),
  };
}
