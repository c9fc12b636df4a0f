export interface Fruit {
  id: string;
  name: string;
  otherNames: readonly string[];
  /** Relative activity of the fresh purée: dimensionless, fitted so that the order of strength that cooks know comes out. 0: flavour and sugar only. */
  activity: number;
  strength: 'none' | 'mild' | 'strong';
  /** Its activity is a guess: it cautions, it refuses nothing. */
  guess?: boolean;
  flavour: string;
  /** Purée from one whole piece, g. */
  pureeG?: number;
}

const fruit = (
  id: string,
  name: string,
  activity: number,
  more: { names?: string; flavour: string; pureeG?: number; guess?: boolean },
): Fruit => ({
  id,
  name,
  activity,
  strength: activity === 0 ? 'none' : activity < 5 ? 'mild' : 'strong',
  otherNames: more.names ? more.names.split(', ') : [],
  flavour: more.flavour,
  ...(more.pureeG ? { pureeG: more.pureeG } : {}),
  ...(more.guess ? { guess: true } : {}),
});

/** Fruits and roots that tenderize, weakest first (the order is common practice, the numbers are fits and for onion, apple, ginger, fig and papaya guesses), then those that only flavour. */
export const FRUITS: readonly Fruit[] = [
  fruit('apple', 'Apple', 0.3, { names: 'cooking apple, grated apple', flavour: 'fresh and sweet', pureeG: 120 }),
  fruit('pear', 'Asian pear', 1, {
    names: 'nashi, nashi pear, apple pear, Korean pear',
    flavour: 'sweet, hardly any taste of its own',
    pureeG: 200,
  }),
  fruit('onion', 'Onion, in quantity', 2, {
    names: 'onion juice, grated onion, onion',
    flavour: 'sharp and sweet',
    guess: true,
    pureeG: 130,
  }),
  fruit('ginger', 'Ginger', 10, {
    names: 'root ginger, fresh ginger, ginger root',
    flavour: 'hot and lemony',
    pureeG: 18,
  }),
  fruit('kiwi', 'Kiwi, green', 12, { names: 'kiwifruit, kiwi fruit, kiwi', flavour: 'sour and fruity', pureeG: 65 }),
  fruit('fig', 'Fig, fresh', 20, { names: 'fresh fig, figs', flavour: 'sweet and green', pureeG: 45 }),
  fruit('papaya', 'Papaya', 36, {
    names: 'pawpaw, green papaya, paw-paw',
    flavour: 'mild and sweet, bitter when green',
    pureeG: 350,
  }),
  fruit('pineapple', 'Pineapple, fresh', 48, {
    names: 'fresh pineapple, pineapple juice (fresh), ananas',
    flavour: 'sour and sweet',
    pureeG: 700,
  }),
  fruit('western-pear', 'Western pear', 0, {
    names: 'pear (European), conference pear, dessert pear',
    flavour: 'sweet; no tenderizing',
    pureeG: 150,
  }),
  fruit('pineapple-canned', 'Pineapple, canned', 0, {
    names: 'canned pineapple, tinned pineapple, pineapple juice from a carton',
    flavour: 'sweet; heated, so no tenderizing',
  }),
  fruit('canned-fruit', 'Canned fruit', 0, {
    names: 'tinned fruit, fruit in syrup',
    flavour: 'sweet; heated, so no tenderizing',
  }),
  fruit('cooked-fruit', 'Cooked fruit', 0, {
    names: 'boiled fruit, jam, fruit butter, cooked apple',
    flavour: 'sweet; heated, so no tenderizing',
  }),
];

/** How strong a cook's own fresh ingredient is said to be; where nothing was said, the strongest is reckoned with, never the weakest. */
export const ENZYME_CLASSES = ['mild', 'strong', 'strongest'] as const;
export type EnzymeClass = (typeof ENZYME_CLASSES)[number];
/** As strong as Asian pear, kiwi, pineapple. */
export const CLASS_ACTIVITY: Record<EnzymeClass, number> = { mild: 1, strong: 12, strongest: 48 };

/** Ingredients of other ids that work as this fruit does. */
const SAME_AS: Record<string, string> = { 'pineapple-juice-fresh': 'pineapple' };

const plain = (text: string) => text.trim().toLowerCase();

/** A fruit by id or any of its names, letter case aside; undefined when none matches. */
export function findFruit(name: string): Fruit | undefined {
  const wanted = SAME_AS[name] ?? plain(name);
  return (
    FRUITS.find(({ id }) => id === wanted) ??
    FRUITS.find((one) =>
      [one.name, ...one.otherNames].some((other) => plain(other) === wanted || plain(other).split(',')[0] === wanted),
    )
  );
}
