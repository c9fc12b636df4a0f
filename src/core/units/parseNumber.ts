import type { Parsed } from './problem';

const VULGAR: Record<string, number> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

const WORDS: Record<string, number> = {
  'three quarters': 3 / 4,
  'three quarter': 3 / 4,
  'two thirds': 2 / 3,
  'a quarter': 1 / 4,
  'one quarter': 1 / 4,
  quarter: 1 / 4,
  'a half': 1 / 2,
  'one half': 1 / 2,
  half: 1 / 2,
  'a third': 1 / 3,
  third: 1 / 3,
  'an eighth': 1 / 8,
  eighth: 1 / 8,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  a: 1,
  an: 1,
};

const WORD_PATTERN = new RegExp(
  `^(?:${Object.keys(WORDS)
    .sort((a, b) => b.length - a.length)
    .join('|')})(?=\\s|$)(?:\\s+(?:of\\s+)?(?:a|an)(?=\\s))?`,
  'i',
);

/**
 * The number a cook typed at the head of a text: "1 1/2", "1½", "0.5", "0,5", "1,250", "quarter", "three quarters".
 * A comma followed by exactly three digits groups thousands unless `decimalComma` is set; otherwise it is a decimal mark.
 *
 * @returns the value and the rest of the text, or a problem: `empty` or `not-a-number`.
 */
export function parseNumber(text: string, decimalComma = false): Parsed<{ value: number; rest: string }> {
  const trimmed = text.trim().replace(/⁄/g, '/');
  if (trimmed === '') return { ok: false, problem: { code: 'empty' } };

  const digits = readDigits(trimmed, decimalComma);
  if (digits) return { ok: true, value: digits };

  const vulgar = VULGAR[trimmed[0]!];
  if (vulgar !== undefined) return { ok: true, value: { value: vulgar, rest: trimmed.slice(1).trim() } };

  const word = WORD_PATTERN.exec(trimmed);
  const amount =
    word &&
    WORDS[
      word[0]
        .toLowerCase()
        .replace(/\s+(?:of\s+)?(?:a|an)$/, '')
        .trim()
    ];
  if (word && amount !== undefined && amount !== null)
    return { ok: true, value: { value: amount, rest: trimmed.slice(word[0].length).trim() } };

  return { ok: false, problem: { code: 'not-a-number' } };
}

function readDigits(text: string, decimalComma: boolean): { value: number; rest: string } | undefined {
  const head = /^(\d[\d.,]*|[.,]\d+)/.exec(text);
  if (!head) return undefined;
  let whole = decimal(head[0].replace(/[.,]$/, ''), decimalComma);
  let rest = text.slice(head[0].replace(/[.,]$/, '').length);
  if (whole === undefined) return undefined;

  const mixed = /^[\s-]+(\d{1,3})\s*\/\s*(\d{1,3})/.exec(rest);
  const plain = /^\s*\/\s*(\d{1,3})/.exec(rest);
  const glyph = VULGAR[rest.trim()[0] ?? ''];
  if (mixed && Number(mixed[2]) > 0) {
    whole += Number(mixed[1]) / Number(mixed[2]);
    rest = rest.slice(mixed[0].length);
  } else if (plain && Number(plain[1]) > 0) {
    whole /= Number(plain[1]);
    rest = rest.slice(plain[0].length);
  } else if (glyph !== undefined) {
    whole += glyph;
    rest = rest.trim().slice(1);
  }
  return { value: whole, rest: rest.trim() };
}

function decimal(text: string, decimalComma: boolean): number | undefined {
  const grouping = decimalComma ? /^\d{1,3}(\.\d{3})+(,\d+)?$/ : /^\d{1,3}(,\d{3})+(\.\d+)?$/;
  const plain = grouping.test(text)
    ? text.replace(decimalComma ? /\./g : /,/g, '').replace(',', '.')
    : text.replace(',', '.');
  return /^(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : undefined;
}
