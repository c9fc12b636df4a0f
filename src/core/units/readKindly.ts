import type { Parsed } from './problem';

/** How a text was read where it left something open. */
export type ReadAs = { as: 'middle'; from: number; to: number } | { as: 'unit'; unit: string };
export type KindlyParsed = { ok: true; value: number; readAs?: ReadAs } | Extract<Parsed<number>, { ok: false }>;

const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:\s+\d+\/\d+|\/\d+|\s*[½⅓⅔¼¾⅛⅜⅝⅞])?|[½⅓⅔¼¾⅛⅜⅝⅞])`;
const RANGE = new RegExp(
  `^\\s*(${NUMBER})\\s*([a-z"”″°%]*)\\s*(?:-|–|to|bis)\\s*(${NUMBER})\\s*([a-z"”″°%]*)\\.?\\s*$`,
  'i',
);
const BARE = new RegExp(`^\\s*${NUMBER}\\s*$`);

/**
 * A quantity as a cook says it, where its words leave something open: "2-3" and "3-4 mm" are the middle; a bare number that makes sense only in
 * another unit is read in that one. What was decided is told, so that it can be said beside the field.
 * @param parse reads a text, a bare number in the unit given
 * @param units of a bare number: the kitchen's own first, then what else it could be
 * @example readKindly('700', parseMassIn, ['lb', 'g']) // 700 g: nobody weighs in 700 lb
 */
export function readKindly(
  text: string,
  parse: (text: string, bareUnit: string) => Parsed<number>,
  units: readonly [string, ...string[]],
): KindlyParsed {
  const range = RANGE.exec(text);
  if (range && !/^\s*\d+-\d+\/\d+/.test(text)) {
    const unit = range[4] || range[2] || '';
    const [low, high] = [`${range[1]} ${unit}`, `${range[3]} ${unit}`].map((one) => readBare(one, parse, units));
    if (!low!.ok) return low!;
    if (!high!.ok) return high!;
    return {
      ok: true,
      value: (low!.value + high!.value) / 2,
      readAs: { as: 'middle', from: low!.value, to: high!.value },
    };
  }
  return readBare(text, parse, units);
}

function readBare(
  text: string,
  parse: (text: string, bareUnit: string) => Parsed<number>,
  [own, ...others]: readonly [string, ...string[]],
): KindlyParsed {
  const first = parse(text, own);
  if (first.ok || !BARE.test(text)) return first;
  if (first.problem.code !== 'too-small' && first.problem.code !== 'too-large') return first;
  for (const unit of others) {
    const other = parse(text, unit);
    if (other.ok) return { ...other, readAs: { as: 'unit', unit } };
  }
  return first;
}
