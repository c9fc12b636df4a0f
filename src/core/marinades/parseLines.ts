import type { Ingredient } from './ingredient';
import { isCuringSalt, matchName, plain, type NameMatch } from './matchName';
import { readAmount, weighAmount, type WrittenAmount } from './readAmount';

export const LINE_FLAGS = [
  'unknown-ingredient',
  'read-as',
  'curing-salt',
  'no-amount',
  'to-taste',
  'range',
  'pieces',
  'heading',
  'optional',
  'more-than-one',
] as const;
export type LineFlag = (typeof LINE_FLAGS)[number];

export interface ParsedLine {
  /** As it was pasted. */
  text: string;
  ingredientId: string | null;
  /** What it could be: not taken until the cook says so. */
  suggestionId: string | null;
  massG: number | null;
  volumeMl: number | null;
  /** The amount as it was written, "1/2 cup"; empty where there was none. */
  said: string;
  note: string;
  flags: LineFlag[];
}

const MOST_LINES = 200;
const LONGEST_LINE = 300;
const MOST_NOTE = 200;

/**
 * An ingredient list in plain lines, as recipes have it: one result for every non-empty line, in its order. A line is taken only if every noun of its
 * name is accounted for; else it is asked about or stays unread. Nothing is read as something else without a flag.
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

/** A capital T is the larger spoon, a small t the smaller, a c a cup (common in US recipes). */
const RARER: readonly [RegExp, string][] = [
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)(?:T|Tbl?)\.?(?=\s)/g, 'tbsp'],
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)t\.?(?=\s)/g, 'tsp'],
  [/(?<=[\d½⅓⅔¼¾⅛⅜⅝⅞]\s?)c\.?(?=\s)/gi, 'cup'],
  [/\b(tea|table|dessert)[ -]spoons?/gi, '$1spoon'],
];
const HEADINGS =
  /^(for the|to serve|to finish|to garnish|marinade|sauce|ingredients|glaze|dip|garnish|zutaten|für die)\b[^,\d]*$/i;
/** Words that leave the amount to the cook. */
const TO_TASTE = /\b(to taste|as needed|nach geschmack|nach belieben)\b/i;
const VAGUE =
  /^(?:some|a little|a bit of|a good amount of|a good|plenty of|a drizzle of|drizzle of|drizzle|etwas|ein wenig|ein bisschen)\s+/i;
/** What stands behind a comma or in brackets and changes what it is. */
const CHANGED_BY =
  /\b(canned|tinned|dried|pickled|powder(?:ed)?|smoked|cooked|candied|juiced?|zest(?:ed)?|frozen|getrocknet|aus der dose|fine|flaked?|ground|whole|in syrup|reduced salt|low[- ]sodium|dark|light|sweet|salted|unsalted)\b/i;
const JUICE_OF = new RegExp(
  '^(?:the )?(?:freshly squeezed |finely grated |grated )?(juice|zest|saft|schale|abrieb)(?: (?:and|und|&) (juice|zest|saft|schale))?(?: of| from| von)? (.*)$',
  'i',
);
const JUICE_NAMES: Readonly<Record<string, string>> = { saft: 'juice', schale: 'zest', abrieb: 'zest' };

function parseLine(text: string, ingredients: readonly Ingredient[], decimalComma: boolean): ParsedLine {
  const nothing: ParsedLine = {
    text,
    ingredientId: null,
    suggestionId: null,
    massG: null,
    volumeMl: null,
    said: '',
    note: '',
    flags: [],
  };
  if (text.length > LONGEST_LINE) return { ...nothing, flags: ['unknown-ingredient'] };
  const line = RARER.reduce((read, [spelling, unit]) => read.replace(spelling, unit), text)
    .replace(/^(?:[-–—*•·▢☐□]|\d{1,2}[.)](?=\s))\s*/, '')
    .replace(/\s+/g, ' ')
    .trim();
  if (/:$/.test(line) || HEADINGS.test(line)) return { ...nothing, flags: ['heading'] };
  if (isCuringSalt(line)) return { ...nothing, flags: ['curing-salt'] };

  const { amount, whole, name, note, several: split } = partsOf(line, decimalComma);
  // "Ginger and garlic paste" is one thing, "salt and pepper" are two.
  const asOne = split ? matchName(whole, ingredients) : undefined;
  const several = split && asOne?.is !== 'taken';
  const match = asOne?.is === 'taken' ? asOne : nameOf({ name, note, amount }, ingredients);
  const flags: LineFlag[] = [];
  if (/\boptional\b/i.test(line)) flags.push('optional');
  if (match.is === 'unknown') flags.push('unknown-ingredient');
  if (match.is === 'asked') flags.push('read-as');
  if (several) flags.push('more-than-one');
  const known = match.is === 'unknown' ? undefined : match.ingredient;
  const said = {
    ...nothing,
    ingredientId: match.is === 'taken' ? match.ingredient.id : null,
    suggestionId: match.is === 'asked' ? match.ingredient.id : null,
    said: amount?.said.slice(0, 60) ?? '',
    note: noteOf(note, known),
  };
  if (!amount) return { ...said, flags: [...flags, TO_TASTE.test(line) ? 'to-taste' : 'no-amount'] };
  if (amount.range) flags.push('range');
  const { massG, volumeMl, estimated } = weighAmount(amount, known);
  if (estimated) flags.push('pieces');
  if (massG === null && volumeMl === null) flags.push('no-amount');
  return { ...said, massG, volumeMl, flags };
}

interface Parts {
  amount?: WrittenAmount;
  /** Before the first comma, brackets apart. */
  whole: string;
  /** Of alternatives in it the first. */
  name: string;
  /** Everything else, a part for each comma or bracket. */
  note: string[];
  several: boolean;
}

function partsOf(line: string, decimalComma: boolean): Parts {
  const juice = JUICE_OF.exec(line);
  if (juice) {
    const kind = JUICE_NAMES[juice[1]!.toLowerCase()] ?? juice[1]!.toLowerCase();
    const amount = readAmount(/^[\d½¼a-z]/i.test(juice[3]!) ? juice[3]! : `1 ${juice[3]}`, decimalComma) ?? {
      said: '',
      rest: juice[3]!,
      count: 1,
      unit: { is: 'piece' as const, name: '' },
      range: false,
      more: [],
    };
    const [fruit, ...note] = split(amount.rest);
    return {
      amount: { ...amount, said: line.slice(0, 60) },
      whole: `${fruit} ${kind}`,
      name: `${fruit} ${kind}`,
      note,
      several: juice[2] !== undefined,
    };
  }
  const amount = readAmount(line.replace(VAGUE, ''), decimalComma);
  const [whole = '', ...note] = split(amount ? amount.rest : line.replace(VAGUE, '').replace(TO_TASTE, ''));
  const [first, ...others] = whole.split(/\s+(?:or|oder|and\/or)\s+|\s*\/\s*(?=[a-z])/i);
  const both = first!.split(/\s+(?:and|und|&|\+)\s+/i);
  return { amount, whole, name: both[0]!, note, several: others.length > 0 || both.length > 1 };
}

const split = (text: string) =>
  text
    .replace(/\(([^)]*)\)/g, ', $1,')
    .split(/,|;| - | – /)
    .map((part) => part.trim())
    .filter(Boolean);

/** The name as it stands; with what stands behind it where that says more of what it is; with the word it is counted in. */
function nameOf(
  { name, note, amount }: Pick<Parts, 'name' | 'note' | 'amount'>,
  ingredients: readonly Ingredient[],
): NameMatch {
  const unit = amount?.unit.is === 'piece' ? amount.unit.name : '';
  const canned = amount?.canned || unit === 'can' ? matchName(`canned ${name}`, ingredients) : undefined;
  if (canned?.is === 'taken') return canned;
  const counted = unit && unit !== 'piece' && name ? matchName(`${name} ${unit}`, ingredients) : undefined;
  const alone = name
    ? matchName(name, ingredients)
    : unit
      ? matchName(unit, ingredients)
      : ({ is: 'unknown' } as const);
  const whole = note[0] ? matchName(`${name} ${note[0]}`, ingredients) : undefined;
  if (whole?.is === 'taken') return whole;
  const saying = note.find((part) => CHANGED_BY.test(part));
  if (saying) {
    const together = matchName(`${name} ${saying}`, ingredients);
    if (together.is === 'taken') return together;
    // What stands behind it changes it, and nothing here is called that.
    const harmless =
      alone.is === 'taken' && matchName(`${CHANGED_BY.exec(saying)![0]} ${name}`, ingredients).is === 'taken';
    if (alone.is === 'taken' && !harmless && CHANGES_FOR_GOOD.test(saying))
      return { is: 'asked', ingredient: alone.ingredient };
  }
  return counted?.is === 'taken' && counted.ingredient.piece?.name !== unit && alone.is !== 'taken'
    ? counted
    : counted?.is === 'taken' &&
        EXACTLY_COUNTED.has(unit) &&
        counted.ingredient !== (alone.is === 'taken' ? alone.ingredient : undefined)
      ? counted
      : alone;
}

const CHANGES_FOR_GOOD =
  /\b(canned|tinned|dried|pickled|powder(?:ed)?|smoked|cooked|candied|frozen|aus der dose|in syrup)\b/i;
/** "A stick of cinnamon" is a cinnamon stick, not ground cinnamon. */
const EXACTLY_COUNTED = new Set(['stick', 'pod']);

/** What the name does not say already. */
function noteOf(parts: readonly string[], known: Ingredient | undefined): string {
  const said = known ? ` ${[known.name, ...known.otherNames].map(plain).join(' ')} ` : '';
  return parts
    .filter((part) => !said.includes(` ${plain(part)} `))
    .join(', ')
    .slice(0, MOST_NOTE);
}
