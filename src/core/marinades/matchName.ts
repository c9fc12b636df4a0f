import type { Ingredient } from './ingredient';
import { NAMES_DE } from './namesDe';

/** What the words of a line name: taken where every noun is accounted for, else asked about, else unknown. */
export type NameMatch =
  { is: 'taken'; ingredient: Ingredient } | { is: 'asked'; ingredient: Ingredient } | { is: 'unknown' };

export const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[’'`´]/g, '')
    .replace(/[^a-z0-9%]+/g, ' ')
    .trim();

const stem = (word: string) =>
  word === 'peppers' || word === 'leaves'
    ? word
    : word
        .replace(/ies$/, 'y')
        .replace(/(oes|ches|xes)$/, (ending) => ending.slice(0, -2))
        .replace(/([^su])s$/, '$1');

function words(list: string): ReadonlySet<string> {
  return new Set(
    list
      .trim()
      .split(/\s+/)
      .map((word) => stem(plain(word))),
  );
}

/** Words that say how it is prepared or chosen, never what it is. */
const DROPPED = words(`
  freshly finely coarsely roughly thinly chopped minced grated crushed cracked toasted roasted peeled seeded deseeded
  cored sliced diced mashed squeezed packed good quality organic large small medium big ripe raw extra virgin plain
  natural of the a an your favourite favorite piece pieces about optional bruised pounded beaten melted softened
  shredded halved quartered rinsed drained strained cold warm hot-pressed heaped level generous scant store-bought
  homemade best pure mild nice bit little some more lightly well very fine-grained unwaxed washed trimmed ready
  julienned torn picked stripped cooled chilled room temperature premium brand old pureed
  gehackt gehackte gehackter fein grob gerieben geriebene geriebener gepresst gepresste frisch frische frischer frisches
  gross grosse grosser klein kleine kleiner etwas gute guter bio geschnitten geschnittene gewurfelt gewurfelte von der die das
  gehackten frischen getrennt mittelgrosse mittelgrosser nach geschmack evtl ca zum mit
`);

/** State of the thing: it may stand beside a name only where the kind of ingredient is usually in that state. */
const STATES: Readonly<Record<string, readonly Ingredient['kind'][]>> = {
  puree: ['fruit', 'fresh'],
  fresh: ['fresh', 'fruit', 'acid', 'liquid'],
  ground: ['spice'],
  powdered: ['spice'],
  gemahlen: ['spice'],
  gemahlener: ['spice'],
  gemahlene: ['spice'],
  dried: ['spice'],
  getrocknet: ['spice'],
  getrockneter: ['spice'],
  whole: ['spice', 'fresh', 'fruit'],
  runny: ['sugar'],
  liquid: ['sugar'],
  clear: ['sugar', 'liquid'],
  unsweetened: ['liquid', 'acid'],
  full: ['acid', 'liquid'],
  fat: ['acid', 'liquid'],
};

/** Parts of a plant that may be named or left out, where the plant is what is meant. */
const PARTS = words('seed leaf leaves berry pod stalk sprig root bulb clove fillet thread kernel');
const PLANTS: readonly Ingredient['kind'][] = ['fresh', 'spice', 'fruit'];

/** A noun behind another changes what it is: beside one of these a part of the words is never taken for the whole. */
const CHANGERS = words(`
  salt sauce milk butter oil ale beer jam juice zest paste powder stock broth soup free vegan vegetarian dried pickled
  canned tinned smoked cream cheese water syrup flour starch vinegar wine cider seasoning rub mix bread marmalade jelly
  liqueur extract essence substitute flavoured flavored flavour flavor sausage noodle rice sprout flower candy chip
  cracker dressing pesto relish pickle chutney salsa spread drink tea yogurt bouillon curing nitrite cooked candied
  frozen sugar-free alternative style replacement pepper
`);

/** Words that could be one of several: asked about, never taken. */
const ASKED: Readonly<Record<string, string>> = {
  'corn flour': 'corn-starch',
  'kosher salt': 'salt-kosher-dense',
  lime: 'lime-juice',
  lemon: 'lemon-juice',
  orange: 'orange-juice',
  coriander: 'coriander-leaf',
  koriander: 'coriander-leaf',
  chilli: 'chilli-fresh',
  pear: 'western-pear',
  wine: 'white-wine',
  'pineapple juice': 'pineapple-juice-carton',
  'pink salt': 'salt-any',
  clove: 'garlic',
  'hot pepper': 'chilli-fresh',
  stock: 'stock-vegetable',
  broth: 'stock-vegetable',
};

const SPELLINGS: readonly [RegExp, string][] = [
  [/\bchil(?:i|e|y|lie)s?\b|\bchill(?:ies|is)\b/g, 'chilli'],
  [/\byoghurts?\b/g, 'yogurt'],
  [/\bsoya\b/g, 'soy'],
  [/\b(extra )?dry\b(?= (?:white|red|sherry|cider|wine))/g, ''],
  [/\bmilliliters?\b/g, 'ml'],
  [/\bfibre\b/g, 'fiber'],
  [/\bjuiced\b/g, 'juice'],
  [/\bzested\b/g, 'zest'],
  [/\bkochsalzarme?\b/g, 'reduced salt'],
  [/\b(?:low|lower|less|reduced) (?:sodium|salt)\b/g, 'reduced salt'],
  [/\b(?:light|dark|soft) brown (?=sugar)/g, 'brown '],
  [/\bcrushed pineapple\b/g, 'canned pineapple'],
  [/\bself[- ]?raising\b/g, 'selfraising'],
];

/** Words of a text that say what it is, in the one spelling used here. */
function nounsOf(text: string): string[] {
  const spelled = SPELLINGS.reduce((read, [spelling, one]) => read.replace(spelling, one), plain(text));
  const all = spelled.split(' ').filter(Boolean).map(stem);
  const kept = all.filter((word) => !DROPPED.has(word) && !/^\d+%?$/.test(word));
  return kept.length ? kept : all;
}

const keyOf = (nouns: readonly string[]) => [...new Set(nouns)].sort().join(' ');
const ASKED_BY_KEY = new Map(Object.entries(ASKED).map(([name, id]) => [keyOf(nounsOf(name)), id]));

interface Index {
  byKey: Map<string, Ingredient>;
  /** Nouns of every name, the most first. */
  names: { nouns: string[]; ingredient: Ingredient }[];
  byId: Map<string, Ingredient>;
}

const indexes = new WeakMap<readonly Ingredient[], Index>();

/** Every name of every ingredient; a whole name goes before the head of one, the cook's own before those of the catalogue. */
function indexOf(ingredients: readonly Ingredient[]): Index {
  const known = indexes.get(ingredients);
  if (known) return known;
  const ordered = [...ingredients].sort((a, b) => Number(Boolean(b.own)) - Number(Boolean(a.own)));
  const index: Index = { byKey: new Map(), names: [], byId: new Map(ordered.map((one) => [one.id, one])) };
  const put = (name: string, ingredient: Ingredient) => {
    const nouns = nounsOf(name);
    const key = keyOf(nouns);
    if (!key) return;
    if (!index.byKey.has(key)) index.byKey.set(key, ingredient);
    index.names.push({ nouns: [...new Set(nouns)], ingredient });
  };
  for (const ingredient of ordered)
    for (const name of [
      ingredient.name.replace(/\(.*\)/, ''),
      ...ingredient.otherNames,
      ...(NAMES_DE[ingredient.id] ?? []),
    ])
      put(name, ingredient);
  // The head of a name, "soy sauce" of "soy sauce, reduced salt", counts only where nothing is called that.
  for (const ingredient of ordered) put(ingredient.name.replace(/\(.*\)/, '').split(',')[0]!, ingredient);
  index.names.sort((a, b) => b.nouns.length - a.nouns.length);
  indexes.set(ingredients, index);
  return index;
}

/** Sodium nitrite or nitrate under any of its names: kept out of every sum. */
export const isCuringSalt = (text: string): boolean =>
  /\b(curing salt|cure (?:no|#|number)?\s?[12]\b|pink curing|prague powder|nitrite|nitrate|pokelsalz|nitritpokelsalz|saltpet(?:er|re)|tinted cure|quick cure)/.test(
    plain(text),
  );

/**
 * The ingredient that these words name. They are taken only if every noun of them is accounted for; where one is left over and it does not change what
 * the others say, the nearest is asked about; else they are unknown.
 */
export function matchName(text: string, ingredients: readonly Ingredient[]): NameMatch {
  const index = indexOf(ingredients);
  const nouns = nounsOf(text);
  if (nouns.length === 0) return { is: 'unknown' };
  const key = keyOf(nouns);
  const askedId = ASKED_BY_KEY.get(key);
  const exact = index.byKey.get(key);
  if (exact?.own) return { is: 'taken', ingredient: exact };
  if (askedId && index.byId.has(askedId)) return { is: 'asked', ingredient: index.byId.get(askedId)! };
  if (exact) return { is: 'taken', ingredient: exact };
  const stated = withoutStates(nouns, index);
  if (stated) return { is: 'taken', ingredient: stated };
  return nearest(nouns, index);
}

/** Without words for its state or its part, where that is how it usually comes. */
function withoutStates(nouns: readonly string[], { byKey }: Index): Ingredient | undefined {
  const states = nouns.filter((word) => STATES[word]);
  const bare = nouns.filter((word) => !STATES[word]);
  const fits = (ingredient: Ingredient | undefined, all: readonly string[]) =>
    ingredient && all.every((state) => STATES[state]!.includes(ingredient.kind)) ? ingredient : undefined;
  const byState = fits(byKey.get(keyOf(bare)), states);
  if (byState) return byState;
  const noPart = bare.filter((word) => !PARTS.has(word));
  const byPart = noPart.length && noPart.length < bare.length ? byKey.get(keyOf(noPart)) : undefined;
  return byPart && PLANTS.includes(byPart.kind) ? fits(byPart, states) : undefined;
}

/** With another word before it, something else. */
const NEVER_ALONE = words('water milk butter cream');

function nearest(nouns: readonly string[], { names }: Index): NameMatch {
  const has = new Set(nouns);
  const found = names.find(
    ({ nouns: of }) =>
      of.every((noun) => has.has(noun)) &&
      !(of.length === 1 && NEVER_ALONE.has(of[0]!)) &&
      !nouns.some((noun) => CHANGERS.has(noun) && !of.includes(noun)),
  );
  return found ? { is: 'asked', ingredient: found.ingredient } : { is: 'unknown' };
}
