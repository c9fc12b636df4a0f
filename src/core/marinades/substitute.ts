import type { Allergen, Ingredient } from './ingredient';
import type { MarinadeLine } from './scaleMarinade';

export interface Wish {
  /** None of these allergens. */
  without?: readonly Allergen[];
  noAlcohol?: boolean;
  /** Salty sauces in their reduced-salt kind; the salt they lack is not made up. */
  lowSodium?: boolean;
  /** What is not in the house, by id. */
  lacking?: readonly string[];
}

export interface Change {
  from: string;
  to: string[];
  /** What it tastes of less or more, in a clause. */
  effect: string;
}

export interface Substituted {
  lines: MarinadeLine[];
  changes: Change[];
  /** What is in the way of the wish and has no stand-in: it was left as it is. */
  left: string[];
}

interface StandIn {
  parts: readonly (readonly [id: string, share: number])[];
  effect: string;
}

/** Common practice and own choice; each keeps the job of what it stands in for. Shares are of its weight. */
const STAND_INS: Record<string, readonly StandIn[]> = {
  'soy-sauce': [
    { parts: [['tamari', 1]], effect: 'no wheat, otherwise the same' },
    { parts: [['coconut-aminos', 1]], effect: 'sweeter, less salty, no soy' },
  ],
  'dark-soy-sauce': [
    {
      parts: [
        ['tamari', 0.85],
        ['molasses', 0.15],
      ],
      effect: 'no wheat; the molasses keep it dark',
    },
    {
      parts: [
        ['coconut-aminos', 0.85],
        ['molasses', 0.15],
      ],
      effect: 'sweeter, no soy',
    },
  ],
  'sweet-dark-soy': [
    {
      parts: [
        ['dark-soy-sauce', 0.77],
        ['molasses', 0.23],
      ],
      effect: 'the usual home mix: a spoonful of molasses to a quarter cup',
    },
    {
      parts: [
        ['tamari', 0.6],
        ['molasses', 0.4],
      ],
      effect: 'no wheat',
    },
    {
      parts: [
        ['coconut-aminos', 0.6],
        ['molasses', 0.4],
      ],
      effect: 'no soy',
    },
  ],
  tamari: [{ parts: [['coconut-aminos', 1]], effect: 'sweeter, less salty, no soy' }],
  'soy-sauce-reduced': [{ parts: [['coconut-aminos', 1]], effect: 'sweeter, no soy' }],
  'fish-sauce': [{ parts: [['fish-sauce-vegan', 1]], effect: 'milder, no fish' }],
  'oyster-sauce': [
    {
      parts: [
        ['coconut-aminos', 0.8],
        ['molasses', 0.05],
      ],
      effect: 'thinner, less savoury',
    },
  ],
  worcestershire: [
    {
      parts: [
        ['tamarind', 0.2],
        ['coconut-aminos', 0.6],
        ['water', 0.2],
      ],
      effect: 'less spice, no fish',
    },
  ],
  hoisin: [
    {
      parts: [
        ['molasses', 0.3],
        ['coconut-aminos', 0.5],
        ['garlic-powder', 0.02],
      ],
      effect: 'thinner, no bean paste',
    },
  ],
  'miso-white': [{ parts: [['water', 0.4]], effect: 'less savoury; salt makes up what it held' }],
  'miso-red': [{ parts: [['water', 0.4]], effect: 'less savoury; salt makes up what it held' }],
  'chilli-paste-fermented': [
    {
      parts: [
        ['chilli-flakes-mild', 0.2],
        ['honey', 0.25],
        ['water', 0.4],
      ],
      effect: 'not fermented: sharper, less savoury',
    },
  ],
  'bean-paste-fermented': [
    {
      parts: [
        ['chilli-flakes-mild', 0.1],
        ['water', 0.4],
      ],
      effect: 'much less savoury',
    },
  ],
  'sesame-oil': [{ parts: [['neutral-oil', 1]], effect: 'no toasted taste' }],
  'sesame-seed': [{ parts: [], effect: 'left out' }],
  tahini: [{ parts: [['neutral-oil', 0.5]], effect: 'thinner, no sesame taste' }],
  'peanut-oil': [{ parts: [['neutral-oil', 1]], effect: 'hardly any difference' }],
  'peanut-butter': [{ parts: [['coconut-milk', 0.8]], effect: 'no nut taste' }],
  yogurt: [
    {
      parts: [
        ['coconut-milk', 0.93],
        ['lemon-juice', 0.07],
      ],
      effect: 'less tang, clings as well',
    },
  ],
  buttermilk: [
    {
      parts: [
        ['coconut-milk', 0.92],
        ['lemon-juice', 0.08],
      ],
      effect: 'less tang',
    },
  ],
  kefir: [
    {
      parts: [
        ['coconut-milk', 0.92],
        ['lemon-juice', 0.08],
      ],
      effect: 'less tang',
    },
  ],
  milk: [{ parts: [['coconut-milk', 1]], effect: 'tastes of coconut' }],
  cream: [{ parts: [['coconut-milk', 1]], effect: 'tastes of coconut' }],
  butter: [{ parts: [['neutral-oil', 0.85]], effect: 'no butter taste' }],
  mayonnaise: [{ parts: [['neutral-oil', 0.75]], effect: 'does not cling as well' }],
  'mustard-prepared': [
    {
      parts: [
        ['white-vinegar', 0.5],
        ['turmeric', 0.01],
      ],
      effect: 'no bite',
    },
  ],
  'mustard-powder': [{ parts: [], effect: 'left out' }],
  'mustard-seed': [{ parts: [], effect: 'left out' }],
  'curry-powder': [
    {
      parts: [
        ['turmeric', 0.3],
        ['cumin', 0.35],
        ['coriander-seed', 0.35],
      ],
      effect: 'simpler',
    },
  ],
  flour: [{ parts: [['rice-flour', 0.9]], effect: 'crisper' }],
  'stock-powder': [{ parts: [['salt-fine', 0.5]], effect: 'less savoury' }],
  celery: [{ parts: [['fennel-bulb', 1]], effect: 'tastes of aniseed' }],
  'celery-seed': [{ parts: [], effect: 'left out' }],
  anchovy: [{ parts: [['salt-fine', 0.14]], effect: 'less savoury' }],
  'shrimp-paste': [{ parts: [['salt-fine', 0.2]], effect: 'less savoury' }],
  almonds: [{ parts: [['rice-flour', 0.5]], effect: 'no nut taste' }],
  cashews: [{ parts: [['coconut-milk', 0.8]], effect: 'no nut taste' }],
  'rice-wine': [
    {
      parts: [
        ['apple-juice', 0.3],
        ['water', 0.65],
        ['rice-vinegar', 0.05],
      ],
      effect: 'fruitier',
    },
  ],
  'dry-sherry': [
    {
      parts: [
        ['apple-juice', 0.3],
        ['water', 0.65],
        ['rice-vinegar', 0.05],
      ],
      effect: 'fruitier',
    },
  ],
  mirin: [
    {
      parts: [
        ['water', 0.55],
        ['sugar', 0.42],
        ['rice-vinegar', 0.03],
      ],
      effect: 'plainer sweetness',
    },
  ],
  'white-wine': [
    {
      parts: [
        ['apple-juice', 0.3],
        ['water', 0.62],
        ['rice-vinegar', 0.08],
      ],
      effect: 'fruitier',
    },
  ],
  'red-wine': [
    {
      parts: [
        ['apple-juice', 0.4],
        ['water', 0.52],
        ['rice-vinegar', 0.08],
      ],
      effect: 'paler and fruitier',
    },
  ],
  beer: [
    {
      parts: [
        ['apple-juice', 0.2],
        ['water', 0.8],
      ],
      effect: 'no bitterness',
    },
  ],
  cider: [
    {
      parts: [
        ['apple-juice', 0.5],
        ['water', 0.46],
        ['rice-vinegar', 0.04],
      ],
      effect: 'sweeter',
    },
  ],
  bourbon: [
    {
      parts: [
        ['apple-juice', 0.5],
        ['water', 0.5],
      ],
      effect: 'no oak',
    },
  ],
  'cider-vinegar': [{ parts: [['rice-vinegar', 1]], effect: 'milder' }],
  'wine-vinegar': [{ parts: [['rice-vinegar', 1]], effect: 'milder' }],
  balsamic: [
    {
      parts: [
        ['rice-vinegar', 0.85],
        ['sugar', 0.15],
      ],
      effect: 'paler',
    },
  ],
  'black-vinegar': [{ parts: [['rice-vinegar', 1]], effect: 'lighter' }],
  molasses: [
    {
      parts: [
        ['brown-sugar', 0.75],
        ['water', 0.25],
      ],
      effect: 'paler',
    },
  ],
  'brown-sugar': [
    { parts: [['honey', 1.15]], effect: 'browns sooner, tastes of honey' },
    { parts: [['sugar', 0.97]], effect: 'plainer' },
  ],
  honey: [
    { parts: [['maple-syrup', 1.3]], effect: 'thinner, less floral' },
    {
      parts: [
        ['brown-sugar', 0.85],
        ['water', 0.15],
      ],
      effect: 'no floral taste',
    },
  ],
  'palm-sugar': [{ parts: [['brown-sugar', 0.93]], effect: 'less caramel' }],
  'maple-syrup': [
    {
      parts: [
        ['honey', 0.75],
        ['water', 0.25],
      ],
      effect: 'tastes of honey',
    },
  ],
  tamarind: [
    { parts: [['lemon-juice', 2]], effect: 'sharper, less fruity' },
    { parts: [['lime-juice', 1.9]], effect: 'sharper, less fruity' },
  ],
  'lime-juice': [{ parts: [['lemon-juice', 1.1]], effect: 'a little milder' }],
  'lemon-juice': [{ parts: [['lime-juice', 0.92]], effect: 'a little sharper' }],
  shallot: [{ parts: [['onion', 1]], effect: 'coarser' }],
  onion: [{ parts: [['shallot', 0.8]], effect: 'finer, sweeter' }],
  'corn-starch': [{ parts: [['potato-starch', 1]], effect: 'glossier' }],
  'potato-starch': [{ parts: [['corn-starch', 1]], effect: 'a little duller' }],
  // The same exposure: activity times dose to the power 0.8.
  pear: [
    { parts: [['kiwi', 0.045]], effect: 'much less of it, it is strong; add it just before use and keep to its clock' },
    { parts: [['apple', 1]], effect: 'hardly tenderizes' },
  ],
  'rice-vinegar': [
    {
      parts: [
        ['cider-vinegar', 0.9],
        ['water', 0.1],
      ],
      effect: 'fruitier',
    },
  ],
};
/** Whether something can take its place. */
export const hasStandIn = (id: string): boolean => id in STAND_INS;

const REDUCED: Record<string, StandIn> = {
  'soy-sauce': { parts: [['soy-sauce-reduced', 1]], effect: 'two fifths less salt' },
  'dark-soy-sauce': {
    parts: [
      ['soy-sauce-reduced', 0.9],
      ['molasses', 0.1],
    ],
    effect: 'two fifths less salt',
  },
  tamari: { parts: [['coconut-aminos', 1]], effect: 'two thirds less salt, sweeter' },
};

/**
 * The same marinade without something: each line that is in the way gives place to its stand-in, and salt and sugar that the stand-in lacks are
 * made up, so that it lands where it did. A wish for less sodium makes nothing up.
 */
export function substitute(
  lines: readonly MarinadeLine[],
  wish: Wish,
  ingredients: readonly Ingredient[],
): Substituted {
  const find = (id: string) => ingredients.find((one) => one.id === id);
  const inTheWay = ({ id, allergens, alcohol }: Ingredient) =>
    Boolean(wish.lacking?.includes(id)) ||
    Boolean(wish.noAlcohol && alcohol) ||
    Boolean(wish.without?.some((one) => allergens.includes(one)));
  const changes: Change[] = [];
  const left: string[] = [];
  let missingSaltG = 0;
  let missingSugarG = 0;

  const next = lines.flatMap((line): MarinadeLine[] => {
    const { ingredient, massG } = line;
    const reduced = wish.lowSodium && !inTheWay(ingredient) ? REDUCED[ingredient.id] : undefined;
    if (!reduced && !inTheWay(ingredient)) return [line];
    const standIn =
      reduced ?? STAND_INS[ingredient.id]?.find(({ parts }) => parts.every(([id]) => find(id) && !inTheWay(find(id)!)));
    if (!standIn) {
      left.push(ingredient.name);
      return [line];
    }
    const parts = standIn.parts.map(([id, share]) => ({
      ingredient: find(id)!,
      massG: massG * share,
      ...(line.note ? { note: line.note } : {}),
    }));
    changes.push({ from: ingredient.name, to: parts.map((part) => part.ingredient.name), effect: standIn.effect });
    if (!reduced)
      missingSaltG +=
        massG * ingredient.saltFraction -
        parts.reduce((sum, part) => sum + part.massG * part.ingredient.saltFraction, 0);
    missingSugarG +=
      massG * ingredient.sugarFraction -
      parts.reduce((sum, part) => sum + part.massG * part.ingredient.sugarFraction, 0);
    return parts;
  });
  const merged = merge(next);
  return {
    lines: changes.length
      ? madeUp(
          madeUp(merged, missingSaltG, find('salt-fine')!, 'saltFraction'),
          missingSugarG,
          find('sugar')!,
          'sugarFraction',
        )
      : [...lines],
    changes,
    left,
  };
}

function merge(lines: readonly MarinadeLine[]): MarinadeLine[] {
  const byId = new Map<string, MarinadeLine>();
  for (const line of lines) {
    const known = byId.get(line.ingredient.id);
    byId.set(line.ingredient.id, known ? { ...known, massG: known.massG + line.massG } : line);
  }
  return [...byId.values()];
}

/** Adds or takes so much salt or sugar; takes only from what is plain salt or sugar already. */
function madeUp(
  lines: readonly MarinadeLine[],
  missingG: number,
  plain: Ingredient,
  fraction: 'saltFraction' | 'sugarFraction',
): MarinadeLine[] {
  const at = lines.findIndex(({ ingredient }) => ingredient.kind === plain.kind && ingredient[fraction] > 0.9);
  if (at < 0)
    return missingG > 0.05 ? [...lines, { ingredient: plain, massG: missingG / plain[fraction] }] : [...lines];
  return lines
    .map((line, index) =>
      index === at ? { ...line, massG: Math.max(0, line.massG + missingG / line.ingredient[fraction]) } : line,
    )
    .filter(({ massG }) => massG > 1e-9);
}
