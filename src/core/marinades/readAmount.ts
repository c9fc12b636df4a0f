import {
  G_PER_LB,
  G_PER_OZ,
  ML_PER_CUP,
  ML_PER_FL_OZ,
  ML_PER_TBSP,
  ML_PER_TSP,
  MM_PER_IN,
  HEAPED,
  parseNumber,
  PINCH_ML,
} from '../units';
import type { Ingredient } from './ingredient';

/** How much of it a line says, before it is known of what. */
export interface WrittenAmount {
  /** As it was written, "1/2 cup". */
  said: string;
  /** The line without its amount. */
  rest: string;
  count: number;
  unit: Unit;
  /** The words leave a range, a heap or a usual piece open. */
  range: boolean;
  /** Added to it: "1 lb 4 oz", "50 g + 1 tbsp". */
  more: { count: number; unit: Unit }[];
  /** The size word of a piece. */
  size?: Size;
  /** It comes in a can. */
  canned?: boolean;
}

export type Size = 'small' | 'medium' | 'large';
export type Unit =
  | { is: 'mass'; g: number }
  | { is: 'volume'; ml: number }
  | { is: 'length'; mm: number }
  | { is: 'piece'; name: string };

/** Common kitchen sizes; German spoons are metric. A cup, a glass, a packet differ, and are marked. */
const DESSERTSPOON_ML = 10;
const GERMAN = { spoon: 15, small: 5, cup: 150, glass: 200, knifeTip: 0.5 } as const;
const DASH_ML = 0.62;
const SPLASH_ML = 5;
const HANDFUL_G = 20;
const G_PER_MM_OF_ROOT = 0.7;
/** Two amounts of a line are the same up to this share: rounded cups and spoons. */
const SAME_WITHIN = 0.1;

const mass = (g: number): Unit => ({ is: 'mass', g });
const volume = (ml: number): Unit => ({ is: 'volume', ml });
const piece = (name: string): Unit => ({ is: 'piece', name });

/** Spellings of units, longest first within a row; case does not matter but for T and t, which are read before. */
const UNITS: readonly [spellings: string, unit: Unit, vague?: true][] = [
  ['kilogrammes?|kilograms?|kilos?|kg', mass(1000)],
  ['milligrams?|mg', mass(0.001)],
  ['grammes?|gramm|grams?|gr|g', mass(1)],
  ['pounds?|lbs?', mass(G_PER_LB)],
  ['fluid[ -]?ounces?|fluid[ -]?oz|fl\\.?[ -]?oz|fl\\.?[ -]?ounces?', volume(ML_PER_FL_OZ)],
  ['ounces?|ozs?', mass(G_PER_OZ)],
  ['millilit(?:er|re)s?|mls?|cc', volume(1)],
  ['centilit(?:er|re)s?|cl', volume(10)],
  ['decilit(?:er|re)s?|dl', volume(100)],
  ['lit(?:er|re)s?|l', volume(1000)],
  ['dessertspoons?(?:fuls?)?|dsp', volume(DESSERTSPOON_ML)],
  ['teaspoons?(?:fuls?)?|tsps?|tsp', volume(ML_PER_TSP)],
  ['tablespoons?(?:fuls?)?|tbsps?|tbls?|tbs|tblsp', volume(ML_PER_TBSP)],
  ['cups?(?:fuls?)?', volume(ML_PER_CUP)],
  ['quarts?|qts?', volume(4 * ML_PER_CUP)],
  ['pints?|pts?', volume(2 * ML_PER_CUP)],
  ['gallons?|gal', volume(16 * ML_PER_CUP)],
  ['esslöffel|essloeffel|el', volume(GERMAN.spoon)],
  ['teelöffel|teeloeffel|tl', volume(GERMAN.small)],
  ['tassen?', volume(GERMAN.cup), true],
  ['gläser|glas|glasses|glass', volume(GERMAN.glass), true],
  ['messerspitzen?|msp', volume(GERMAN.knifeTip), true],
  ['pinch(?:es)?|prisen?', volume(PINCH_ML)],
  ['dash(?:es)?|spritzer', volume(DASH_ML)],
  ['splash(?:es)?|glugs?|schuss', volume(SPLASH_ML)],
  ['handfuls?|handvoll', mass(HANDFUL_G)],
  ['centimet(?:er|re)s?|cm', { is: 'length', mm: 10 }],
  ['millimet(?:er|re)s?|mm', { is: 'length', mm: 1 }],
  ['inch(?:es)?|in|["”″]', { is: 'length', mm: MM_PER_IN }],
  ['cloves?|zehen?', piece('clove')],
  ['heads?|knollen?', piece('head')],
  ['bulbs?', piece('bulb')],
  ['bunch(?:es)?|bund', piece('bunch')],
  ['sticks?', piece('stick')],
  ['stalks?|stems?|ribs?|stangen?', piece('stalk')],
  ['sprigs?|zweige?', piece('sprig')],
  ['leaf|leaves|blatt|blätter', piece('leaf')],
  ['pods?', piece('pod')],
  ['thumb-sized pieces?|thumbs?', piece('thumb')],
  ['knobs?|nuggets?', piece('knob')],
  ['slices?|scheiben?', piece('slice')],
  ['fillets?', piece('fillet')],
  ['cubes?|würfel', piece('cube')],
  ['cans?|tins?|dosen?', piece('can')],
  ['pieces?|stücke?|chunks?', piece('piece')],
  ['jars?|bottles?|packets?|packs?|packages?|sachets?|pck|päckchen|pkg', piece('packet')],
];
const UNIT = UNITS.map(([spellings]) => spellings).join('|');
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:[\s-]+\d+\s*[/⁄]\s*\d+|\s*[/⁄]\s*\d+|\s*[½⅓⅔¼¾⅛⅜⅝⅞])?|[½⅓⅔¼¾⅛⅜⅝⅞])`;
const ABOUT = String.raw`(?:about|around|roughly|approx(?:imately)?\.?|circa|ca\.?|etwa|ungefähr|~)`;
const HEAP = String.raw`(?:heaped|heaping|rounded|level|scant|generous|packed|gehäufter?|gestrichener?)`;
const SIZE = String.raw`(?:small|medium(?:-sized)?|large|big|kleine[rs]?|mittelgroße[rs]?|große[rs]?)`;
const END = String.raw`(?![a-zäöüß])\.?`;

/** Number words at the head of an amount, and what cooks say for halves. */
const NUMBER_WORDS: readonly [RegExp, string][] = [
  [/^(?:a |an |one )?half (?:of )?(?:a |an |your |my )?(?!and\b)/i, '1/2 '],
  [/^(?:eine? )?halbe[rns]? /i, '1/2 '],
  [/^anderthalb /i, '1 1/2 '],
  [/^(?:a |one )?quarter (?:of )?(?:a |an )?/i, '1/4 '],
  [/^three[- ]quarters? (?:of )?(?:a |an )?/i, '3/4 '],
  [/^(?:a |one )?third (?:of )?(?:a |an )?/i, '1/3 '],
  [/^two[- ]thirds? (?:of )?(?:a |an )?/i, '2/3 '],
  [/^(?:an |one)?[- ]?eighth (?:of )?(?:a |an )?/i, '1/8 '],
  [/^(?:a )?couple (?:of )?/i, '~2 '],
  [/^(?:a )?few /i, '~3 '],
  [/^several /i, '~4 '],
  [/^(?:a |one )?dozen /i, '12 '],
  [/^(?:one|eine?[nrs]?) (?=\S)/i, '1 '],
  [/^(?:two|zwei) (?=\S)/i, '2 '],
  [/^(?:three|drei) (?=\S)/i, '3 '],
  [/^(?:four|vier) (?=\S)/i, '4 '],
  [/^(?:five|fünf) (?!spice)(?=\S)/i, '5 '],
  [/^(?:six|sechs) (?=\S)/i, '6 '],
  [/^(?:seven|sieben) (?!spice)(?=\S)/i, '7 '],
  [/^(?:eight|acht) (?=\S)/i, '8 '],
  [/^(?:ten|zehn) (?=\S)/i, '10 '],
  [/^(?:twelve|zwölf) (?=\S)/i, '12 '],
];
/** "A pinch of", "a splash": one of what has no number. */
const ONE_OF = new RegExp(
  `^(?:an?|eine?[nrs]?) (?:(?:good|large|small|big|generous|little|nice|kleine[nrs]?|große[nrs]?) )?(?=(?:(?:${HEAP})\\s+)?(?:${UNIT})${END})`,
  'i',
);
const BARE_UNIT =
  /^(?=(?:pinch|dash|splash|handful|knob|thumb|prise|handvoll|schuss|bund|tablespoons?|teaspoons?|tbsp|tsp|cup)\b)/i;

/** The line with its leading number in figures. */
function inFigures(line: string): string {
  let text = line
    .replace(new RegExp(`^${ABOUT}\\s*`, 'i'), '')
    .replace(/^an? (?:packed|level|scant|generous) (?=half|quarter|third|three|two)/i, '')
    .replace(/ or so\b/i, '');
  text = text.replace(ONE_OF, '1 ').replace(BARE_UNIT, '1 ');
  for (const [written, figure] of NUMBER_WORDS)
    if (written.test(text)) {
      text = text.replace(written, figure);
      break;
    }
  return text
    .replace(new RegExp(`^(~?)(\\d+) and (?:a |1 )?half\\b`, 'i'), '$1$2 1/2')
    .replace(new RegExp(`^(~?)(\\d+) ((?:${UNIT})) and (?:a |1 )?half\\b`, 'i'), '$1$2 1/2 $3')
    .replace(/^(~?\d+)-(\d+\s*\/\s*\d+)/, '$1 $2')
    .replace(/^an? (?=[a-z])/i, '1 ');
}

const LEADING = new RegExp(
  `^(~?)(${NUMBER})(?:\\s*(?:-|–|to|bis|or|oder)\\s*(${NUMBER}))?[\\s-]*(?:x|×)?\\s*(${HEAP})?\\s*(?:(${SIZE})\\s+)?(?:(${HEAP})\\s+)?(?:(${UNIT})${END})?`,
  'i',
);
const EACH = new RegExp(`^(~?)(${NUMBER})\\s*(?:x|×)\\s*(${NUMBER})\\s*-?\\s*(${UNIT})${END}`, 'i');
const EACH_IN_BRACKETS = new RegExp(
  `^(~?)(${NUMBER})\\s*\\(\\s*(?:${ABOUT}\\s*)?(${NUMBER})\\s*-?\\s*(${UNIT})${END}[^)]*\\)`,
  'i',
);
const TOTAL_IN_BRACKETS = new RegExp(`\\(\\s*(?:${ABOUT}\\s*)?(${NUMBER})\\s*(${UNIT})${END}[^)]*\\)`, 'i');
const PLUS = new RegExp(`^\\s*(?:\\+|plus|and|und|&)\\s*(${NUMBER})\\s*(${UNIT})${END}`, 'i');
const THEN = new RegExp(`^\\s*(${NUMBER})\\s*(oz|ounces?|g|grams?)${END}`, 'i');
const OR_THE_SAME = new RegExp(`^\\s*(?:/|\\|)\\s*(?:${NUMBER})\\s*-?\\s*(?:${UNIT})${END}`, 'i');
const TRAILING = new RegExp(
  `^(.*?)[,:;–-]*\\s+((?:${ABOUT}\\s*)?~?${NUMBER}\\s*(?:(?:-|–|to)\\s*${NUMBER}\\s*)?(?:${HEAP}\\s*)?(?:${UNIT})${END})\\s*$`,
  'i',
);
const CONTAINER =
  /^\s*-?\s*(?:cans?|tins?|jars?|bottles?|packets?|packs?|packages?|sachets?|dosen?|pck\.?|each)(?![a-z])\.?/i;

const unitOf = (written: string): { unit: Unit; vague: boolean } => {
  const row = UNITS.find(([spellings]) => new RegExp(`^(?:${spellings})$`, 'i').test(written.replace(/\.$/, '')))!;
  return { unit: row[1], vague: Boolean(row[2]) };
};
const numberOf = (text: string, decimalComma: boolean): number | undefined => {
  const read = parseNumber(text, decimalComma || /^\d+,\d{1,2}$/.test(text));
  return read.ok ? read.value.value : undefined;
};
const sizeOf = (written: string | undefined): Size | undefined =>
  !written
    ? undefined
    : /^(small|klein)/i.test(written)
      ? 'small'
      : /^(medium|mittel)/i.test(written)
        ? 'medium'
        : 'large';
const restOf = (text: string) =>
  text
    .replace(/^\s*(?:of|von)\s+/i, '')
    .replace(/^[\s.,:-]+/, '')
    .trim();

/** The amount at the head or the tail of a line; undefined where there is none. */
export function readAmount(line: string, decimalComma = false): WrittenAmount | undefined {
  const text = inFigures(line);
  return atHead(text, line, decimalComma) ?? atTail(line, decimalComma);
}

function atHead(text: string, line: string, decimalComma: boolean): WrittenAmount | undefined {
  const each = EACH.exec(text) ?? EACH_IN_BRACKETS.exec(text);
  if (each) {
    const [whole, about, many, one, unit] = each;
    const count = numberOf(many!, decimalComma)! * numberOf(one!, decimalComma)!;
    const behind = text.slice(whole!.length);
    return {
      said: whole!.trim(),
      canned: /^\s*-?\s*(?:cans?|tins?|dosen?)\b/i.test(behind),
      rest: restOf(behind.replace(CONTAINER, '')),
      count,
      unit: unitOf(unit!).unit,
      range: about === '~',
      more: [],
    };
  }
  const match = LEADING.exec(text);
  if (!match) return undefined;
  const low = numberOf(match[2]!, decimalComma);
  if (low === undefined) return undefined;
  const [whole, about, , second, heapA, size, heapB, written] = match;
  const high = second ? numberOf(second, decimalComma) : undefined;
  const heap = heapA ?? heapB;
  const { unit, vague } = written ? unitOf(written) : { unit: piece(''), vague: false };
  let rest = text.slice(whole.length);
  const count =
    (high === undefined ? low : (low + high) / 2) * (heap && /^(heap|round|gehäuf)/i.test(heap) ? HEAPED.middle : 1);
  const more: WrittenAmount['more'] = [];
  rest = rest.replace(OR_THE_SAME, '');
  if (unit.is === 'mass' && unit.g === G_PER_LB) rest = take(THEN, rest, more, decimalComma);
  if (unit.is === 'mass' || unit.is === 'volume') rest = take(PLUS, rest, more, decimalComma);
  const said = line.slice(0, Math.max(0, line.length - rest.length)).trim() || whole.trim();
  const amount: WrittenAmount = {
    said,
    rest: restOf(rest),
    count,
    unit,
    range: high !== undefined || about === '~' || vague,
    more,
    ...(sizeOf(size) ? { size: sizeOf(size) } : {}),
  };
  return withTotal(amount, decimalComma);
}

function take(pattern: RegExp, text: string, more: WrittenAmount['more'], decimalComma: boolean): string {
  let rest = text;
  for (let found = pattern.exec(rest); found; found = pattern.exec(rest)) {
    more.push({ count: numberOf(found[1]!, decimalComma) ?? 0, unit: unitOf(found[2]!).unit });
    rest = rest.slice(found[0].length);
  }
  return rest;
}

/** A metric weight or volume in brackets behind the noun is the whole of it, and exacter than pieces, spoons or cups before it. */
function withTotal(amount: WrittenAmount, decimalComma: boolean): WrittenAmount {
  const found = TOTAL_IN_BRACKETS.exec(amount.rest);
  if (!found || amount.unit.is === 'mass') return amount;
  const { unit } = unitOf(found[2]!);
  if (unit.is !== 'mass' && unit.is !== 'volume') return amount;
  const count = numberOf(found[1]!, decimalComma);
  // The same again in another unit is no other amount.
  const again =
    count !== undefined &&
    amount.unit.is === 'volume' &&
    unit.is === 'volume' &&
    Math.abs((count * unit.ml) / (amount.count * amount.unit.ml) - 1) < SAME_WITHIN;
  if (again) return { ...amount, rest: restOf(amount.rest.replace(found[0], ' ').replace(/\s+/g, ' ')) };
  return count === undefined
    ? amount
    : {
        ...amount,
        count,
        unit,
        more: [],
        rest: restOf(amount.rest.replace(found[0], ' ').replace(/\s+/g, ' ')),
        range: false,
      };
}

function atTail(line: string, decimalComma: boolean): WrittenAmount | undefined {
  const found = TRAILING.exec(line);
  if (!found || !/[a-zäöüß]/i.test(found[1]!)) return undefined;
  const amount = atHead(inFigures(found[2]!), found[2]!, decimalComma);
  return amount && { ...amount, said: found[2]!.trim(), rest: found[1]!.replace(/[,:;–-]\s*$/, '').trim() };
}

/** What small and large are of a usual piece. */
const SIZES: Record<Size, number> = { small: 0.65, medium: 1, large: 1.4 };
/** Bunches, sprigs and leaves of herbs that do not say their own, g (common practice). */
const USUAL_PIECES_G: Readonly<Record<string, number>> = {
  bunch: 45,
  sprig: 1,
  leaf: 0.3,
  knob: 15,
  thumb: 20,
  slice: 5,
};

export interface Weighed {
  massG: number | null;
  volumeMl: number | null;
  /** From a usual piece. */
  estimated: boolean;
}

/** Grams and millilitres of an amount of an ingredient; null where its words do not say how much that is. */
export function weighAmount(
  amount: Pick<WrittenAmount, 'count' | 'unit' | 'more' | 'size'>,
  ingredient: Ingredient | undefined,
): Weighed {
  const first = weighOne(amount, ingredient);
  return amount.more.reduce<Weighed>((sum, part) => {
    const next = weighOne(part, ingredient);
    const add = (a: number | null, b: number | null) => (a === null || b === null ? null : a + b);
    return {
      massG: add(sum.massG, next.massG),
      volumeMl: add(sum.volumeMl, next.volumeMl),
      estimated: sum.estimated || next.estimated,
    };
  }, first);
}

function weighOne(
  { count, unit, size }: Pick<WrittenAmount, 'count' | 'unit' | 'size'>,
  ingredient: Ingredient | undefined,
): Weighed {
  const density = ingredient?.densityGPerMl;
  const byMass = (massG: number, estimated: boolean): Weighed => ({
    massG,
    volumeMl: density ? massG / density : null,
    estimated,
  });
  switch (unit.is) {
    case 'mass':
      return byMass(count * unit.g, false);
    case 'volume':
      return { massG: density ? count * unit.ml * density : null, volumeMl: count * unit.ml, estimated: false };
    case 'length':
      return byMass(count * unit.mm * G_PER_MM_OF_ROOT, true);
    case 'piece': {
      const eachG = pieceG(unit.name, size, ingredient);
      return eachG === undefined ? { massG: null, volumeMl: null, estimated: true } : byMass(count * eachG, true);
    }
  }
}

function pieceG(name: string, size: Size | undefined, ingredient: Ingredient | undefined): number | undefined {
  if (!ingredient) return undefined;
  const { piece: usual, pieces = {}, kind } = ingredient;
  if (name && pieces[name] !== undefined) return pieces[name];
  if (name === '' || name === 'piece' || name === usual?.name) {
    if (size && pieces[size] !== undefined) return pieces[size];
    return usual && usual.massG * (size ? SIZES[size] : 1);
  }
  return kind === 'fresh' || kind === 'fruit' ? (USUAL_PIECES_G[name] ?? undefined) : undefined;
}
