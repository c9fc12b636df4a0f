import { fromMeasures, parseMass, parseNumber, PINCH_ML } from '../units';
import type { Ingredient } from './ingredient';

export type LineFlag =
  'unknown-ingredient' | 'no-amount' | 'to-taste' | 'range' | 'pieces' | 'heading' | 'optional' | 'more-than-one';

export interface ParsedLine {
  /** As it was pasted. */
  text: string;
  ingredientId: string | null;
  massG: number | null;
  volumeMl: number | null;
  note: string;
  flags: LineFlag[];
}

const MOST_LINES = 200;
const LONGEST_LINE = 300;
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:[\s-]+\d+\s*[/⁄]\s*\d+|\s*[/⁄]\s*\d+|\s*[½⅓⅔¼¾⅛⅜⅝⅞])?|[½⅓⅔¼¾⅛⅜⅝⅞]|half an?|a quarter(?: of an?)?|an?|one|two|three|four|five|six|seven|eight|ten|twelve)`;
const MASS_UNIT = String.raw`(?:kg|kilograms?|kilos?|g|gr|grams?|grammes?|lbs?\.?|pounds?|oz\.?|ounces?)`;
const VOLUME_UNIT = String.raw`(?:ml|millilit(?:re|er)s?|cl|dl|l|lit(?:re|er)s?|tsps?\.?|teaspoons?|tbsps?\.?|tbs\.?|tablespoons?|cups?|fl\.?\s*oz\.?|fluid ounces?)`;
const PIECE_UNIT = String.raw`(?:cloves?|stalks?|sprigs?|thumbs?|knobs?|pieces?|slices?|heads?|bulbs?|sticks?|leaves|leaf|fillets?|cubes?|whole|small|medium|large)`;
const AMOUNT = new RegExp(
  `^(?:about |approx(?:imately)?\\.? |ca\\.? |~ ?)?(${NUMBER})(?:\\s*(?:-|–|to|or)\\s*(${NUMBER}))?\\s*(heaped|heaping|rounded|level|scant|generous)?\\s*(?:(${MASS_UNIT})|(${VOLUME_UNIT})|(${PIECE_UNIT}))?(?![a-z])`,
  'i',
);
const BRACKETED = new RegExp(
  `\\(\\s*(?:about |approx\\.? )?(${NUMBER})\\s*(?:(${MASS_UNIT})|(${VOLUME_UNIT}))\\b[^)]*\\)`,
  'i',
);
const PLUS = new RegExp(`^\\s*(?:\\+|plus|and)\\s*(${NUMBER})\\s*(${VOLUME_UNIT})(?![a-z])`, 'i');
/** Unit letters and rarer spellings, a capital T being the larger spoon (common in US recipes). */
const RARER: readonly [RegExp, string][] = [
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)(?:T|Tbl?)\.?(?=\s)/g, 'tbsp'],
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)t\.?(?=\s)/g, 'tsp'],
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)c\.?(?=\s)/gi, 'cup'],
  [/\b(tea|table)spoons?fuls?\b/gi, '$1spoon'],
  [/\bfl(?:uid)?[\s-]?(?:oz|ounces?)\b\.?/gi, 'fl oz'],
  [/\bdecilit(?:er|re)s?\b/gi, 'dl'],
  [/\bcentilit(?:er|re)s?\b/gi, 'cl'],
];
/** A dash, a handful, a cm of a root: common kitchen sizes. */
const DASH_ML = 0.62;
const HANDFUL_G = 20;
const G_PER_CM_OF_ROOT = 7;
/** Words that say how it is prepared, not what it is. */
const PREPARED =
  /\b(freshly|fresh|finely|coarsely|roughly|thinly|chopped|minced|grated|crushed|ground|cracked|toasted|roasted|peeled|seeded|deseeded|sliced|diced|mashed|squeezed|packed|good|quality|organic|large|small|medium|ripe|raw|extra[- ]virgin|virgin|pure|plain|natural|unsalted|dark brown|light brown|of|the|a|an|your|favou?rite|piece|pieces|whole|about)\b/g;

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9%]+/g, ' ')
    .trim();
const stem = (word: string) =>
  word
    .replace(/ies$/, 'y')
    .replace(/(oes|ches|xes)$/, (ending) => ending.slice(0, -2))
    .replace(/([^s])s$/, '$1');
const stemmed = (text: string) => plain(text).split(' ').map(stem).join(' ');

interface Named {
  ingredient: Ingredient;
  name: string;
  head: number;
}

const indexes = new WeakMap<readonly Ingredient[], Named[]>();

/** Every name of every ingredient, the longest first: "low sodium soy sauce" is found before "soy sauce". */
function indexOf(ingredients: readonly Ingredient[]): Named[] {
  let index = indexes.get(ingredients);
  if (!index) {
    index = ingredients.flatMap((ingredient) => {
      const bare = ingredient.name.replace(/\(.*\)/, '');
      return [
        ...[ingredient.name, bare, swapped(bare), ...ingredient.otherNames].map((name) => ({
          ingredient,
          name: stemmed(name),
          head: 0,
        })),
        { ingredient, name: stemmed(bare.split(',')[0]!), head: 1 },
      ];
    });
    // Of two that are as long, a whole name goes before the head of one: "salt" is salt before it is "salt, fine".
    index.sort((a, b) => b.name.length - a.name.length || a.head - b.head);
    indexes.set(ingredients, index);
  }
  return index;
}

/** "Salt, fine" is also "fine salt". */
const swapped = (name: string) =>
  name
    .split(',')
    .map((part) => part.trim())
    .reverse()
    .join(' ');

/**
 * An ingredient list in plain lines, as recipes have it: one result for every non-empty line, in its order. What is not understood is kept as text
 * and flagged; nothing is guessed without a flag.
 *
 * @throws RangeError for more than 200 lines
 * @example parseLines('2 tbsp soy sauce', INGREDIENTS)[0] // { ingredientId: 'soy-sauce', volumeMl: 29.57, massG: 34, ... }
 */
export function parseLines(text: string, ingredients: readonly Ingredient[], decimalComma = false): ParsedLine[] {
  const lines = text
    .split(/\r\n|[\n\r\u2028\u2029]/)
    .map((line) => line.trim())
    .filter(Boolean);
  if (lines.length > MOST_LINES) throw new RangeError(`at most ${MOST_LINES} lines at once`);
  return lines.map((line) => parseLine(line, ingredients, decimalComma));
}

function parseLine(text: string, ingredients: readonly Ingredient[], decimalComma: boolean): ParsedLine {
  const nothing: ParsedLine = { text, ingredientId: null, massG: null, volumeMl: null, note: '', flags: [] };
  if (text.length > LONGEST_LINE) return { ...nothing, flags: ['unknown-ingredient'] };
  const line = RARER.reduce((read, [spelling, unit]) => read.replace(spelling, unit), text)
    .replace(/^(?:[-–—*•·▢☐□]|\d{1,2}[.)](?=\s))\s*/, '')
    .replace(/\s+/g, ' ')
    .trim();
  if (/:$/.test(line) || /^(for the|to serve|marinade|sauce|ingredients|glaze)\b[^,\d]*$/i.test(line))
    return { ...nothing, flags: ['heading'] };

  const flags: LineFlag[] = [];
  if (/\boptional\b/i.test(line)) flags.push('optional');
  const amount = readAmount(line, decimalComma);
  const [named, ...asides] = amount.rest
    .replace(/\(([^)]*)\)/g, ', $1')
    .split(/,|;| - | – /)
    .map((part) => part.trim());
  const found = bestNamed(amount.rest, named ?? '', ingredients);
  const ingredient = found?.ingredient;
  if (!ingredient) flags.push('unknown-ingredient');
  if (ingredient && /\b(or|and)\b/i.test(named ?? '') && alternatives(named ?? '', ingredients).size > 1)
    flags.push('more-than-one');
  const nameTaken = found ? ` ${found.name} ` : '';
  const note = asides
    .filter((aside) => aside && !BRACKETED.test(`(${aside})`) && !nameTaken.includes(` ${stemmed(aside)} `))
    .join(', ')
    .slice(0, 200);
  if (amount.kind === 'none') {
    flags.push(/\bto taste\b|\bas needed\b/i.test(line) ? 'to-taste' : 'no-amount');
    return { ...nothing, ingredientId: ingredient?.id ?? null, note, flags };
  }
  if (amount.range) flags.push('range');
  const { massG, volumeMl, estimated } = weigh(amount, ingredient);
  if (estimated) flags.push('pieces');
  if (massG === null && volumeMl === null) flags.push('no-amount');
  return { text, ingredientId: ingredient?.id ?? null, massG, volumeMl, note, flags };
}

type Amount = { rest: string; range: boolean } & (
  | { kind: 'none' }
  | { kind: 'mass'; massG: number }
  | { kind: 'volume'; volumeMl: number }
  | { kind: 'pieces'; count: number }
  | { kind: 'root'; lengthCm: number }
);

function readAmount(line: string, decimalComma: boolean): Amount {
  const juice = new RegExp(`^(?:the )?(juice|zest) of (?:(${NUMBER}) )?(.*)$`, 'i').exec(line);
  if (juice)
    return {
      kind: 'pieces',
      count: numberOf(juice[2] ?? '1', decimalComma) ?? 1,
      rest: `${juice[1]} of ${juice[3]}`,
      range: false,
    };
  const small = /^an? (?:good |large |small |big )?(pinch|dash|splash|handful)(?: of)? (.*)$/i.exec(line);
  if (small)
    return small[1]!.toLowerCase() === 'handful'
      ? { kind: 'mass', massG: HANDFUL_G, rest: small[2]!, range: false }
      : {
          kind: 'volume',
          volumeMl: /pinch/i.test(small[1]!) ? PINCH_ML : /dash/i.test(small[1]!) ? DASH_ML : 5,
          rest: small[2]!,
          range: false,
        };
  const root = new RegExp(
    `^(${NUMBER})\\s*[- ]?(cm|mm|inch(?:es)?|in|")[- ]?(?:long )?(?:piece|knob|chunk)?(?: of)? (.*)$`,
    'i',
  ).exec(line);
  if (root) {
    const unit = root[2]!.toLowerCase();
    return {
      kind: 'root',
      lengthCm: (numberOf(root[1]!, decimalComma) ?? 1) * (unit === 'cm' ? 1 : unit === 'mm' ? 0.1 : 2.54),
      rest: root[3]!,
      range: false,
    };
  }
  const match = AMOUNT.exec(line);
  // "Salt, 12 g" and "soy sauce 2 tbsp": the amount stands behind.
  if (!match) {
    const behind = new RegExp(
      `^(.*?)[,:–-]?\\s+((?:${NUMBER})\\s*(?:heaped |level )?(?:${MASS_UNIT}|${VOLUME_UNIT}|${PIECE_UNIT}))\\s*$`,
      'i',
    ).exec(line);
    return behind
      ? { ...readAmount(`${behind[2]} ${behind[1]}`, decimalComma) }
      : { kind: 'none', rest: line, range: false };
  }
  const [whole, first, second, heap, massUnit, volumeUnit] = match;
  const low = numberOf(first!, decimalComma);
  const high = second ? numberOf(second, decimalComma) : undefined;
  if (low === undefined) return { kind: 'none', rest: line, range: false };
  const count = high === undefined ? low : (low + high) / 2;
  let rest = line
    .slice(whole.length)
    .replace(/^\s*of\s+/i, '')
    .trim();
  const range = high !== undefined;
  // A metric weight in brackets is exacter than the cups before it.
  const bracket = BRACKETED.exec(line);
  if (bracket && (bracket[2] || !volumeUnit)) {
    const exact = bracket[2]
      ? parseMass(`${bracket[1]} ${tidyUnit(bracket[2])}`, { bareUnit: 'g', decimalComma })
      : undefined;
    const perPiece = !massUnit && !volumeUnit ? count : 1;
    if (exact?.ok) return { kind: 'mass', massG: exact.value * perPiece, rest: rest.replace(BRACKETED, ''), range };
  }
  if (massUnit) {
    const read = parseMass(`${count} ${tidyUnit(massUnit)}`, { bareUnit: 'g' });
    return read.ok ? { kind: 'mass', massG: read.value, rest, range } : { kind: 'none', rest: line, range };
  }
  if (volumeUnit) {
    let volumeMl = volumeOf(count, heap, volumeUnit);
    for (let plus = PLUS.exec(rest); plus; plus = PLUS.exec(rest)) {
      volumeMl += volumeOf(numberOf(plus[1]!, decimalComma) ?? 0, undefined, plus[2]!);
      rest = rest
        .slice(plus[0].length)
        .replace(/^\s*of\s+/i, '')
        .trim();
    }
    return { kind: 'volume', volumeMl, rest, range };
  }
  return { kind: 'pieces', count, rest, range };
}

const tidyUnit = (unit: string) =>
  unit
    .replace(/\./g, '')
    .replace(/^gr$/i, 'g')
    .replace(/^lbs$/i, 'lb')
    .replace(/^tbs$/i, 'tbsp')
    .replace(/^(tsp|tbsp)s$/i, '$1');

function volumeOf(count: number, heap: string | undefined, unit: string): number {
  const read = fromMeasures(`${count} ${heap && /heap|round/i.test(heap) ? 'heaped ' : ''}${tidyUnit(unit)}`);
  return read.ok ? read.value.volumeMl : 0;
}

function numberOf(text: string, decimalComma: boolean): number | undefined {
  const dozen = /^twelve$/i.test(text) ? 12 : undefined;
  const read = parseNumber(text, decimalComma || /^\d+,\d{1,2}$/.test(text));
  return dozen ?? (read.ok ? read.value.value : undefined);
}

function weigh(
  amount: Exclude<Amount, { kind: 'none' }>,
  ingredient: Ingredient | undefined,
): { massG: number | null; volumeMl: number | null; estimated: boolean } {
  const density = ingredient?.densityGPerMl;
  const both = (massG: number, estimated: boolean) => ({
    massG,
    volumeMl: density ? massG / density : null,
    estimated,
  });
  switch (amount.kind) {
    case 'mass':
      return both(amount.massG, false);
    case 'volume':
      return { massG: density ? amount.volumeMl * density : null, volumeMl: amount.volumeMl, estimated: false };
    case 'root':
      return both(amount.lengthCm * G_PER_CM_OF_ROOT, true);
    case 'pieces':
      return ingredient?.piece
        ? both(amount.count * ingredient.piece.massG, true)
        : { massG: null, volumeMl: null, estimated: true };
  }
}

/** Before the first comma, and of alternatives the first; but a name that goes on behind the comma, such as "salt, fine", is taken whole. */
function bestNamed(rest: string, named: string, ingredients: readonly Ingredient[]): Named | undefined {
  const whole = findNamed(rest, ingredients);
  if (whole && stemmed(rest).startsWith(whole.name) && whole.name.length > stemmed(named).length) return whole;
  return findNamed(named.split(/\b(?:or|and)\b/i)[0]!, ingredients) ?? findNamed(named, ingredients) ?? whole;
}

/** The longest name of an ingredient that stands in the words; first as written, then without words of preparation. */
function findNamed(words: string, ingredients: readonly Ingredient[]): Named | undefined {
  const search = (text: string) => {
    const within = ` ${text} `;
    return indexOf(ingredients).find(({ name }) => name && within.includes(` ${name} `));
  };
  const written = stemmed(words);
  return search(written) ?? search(stemmed(plain(words).replace(PREPARED, ' ')));
}

function alternatives(words: string, ingredients: readonly Ingredient[]): Set<string> {
  return new Set(words.split(/\b(?:or|and)\b/i).flatMap((part) => findNamed(part, ingredients)?.ingredient.id ?? []));
}
