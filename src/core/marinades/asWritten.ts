import { sayCount, ML_PER_CUP, ML_PER_FL_OZ, ML_PER_TBSP, ML_PER_TSP } from '../units';
import type { Ingredient } from './ingredient';
import { readAmount, weighAmount, type Unit } from './readAmount';

/** A measure as cooks say it: how finely it is filled, and the most of it anybody counts before taking a larger one (common practice). */
interface Said {
  one: string;
  many: string;
  /** Parts of one that are said, the whole among them. */
  parts: readonly number[];
  most: number;
}

const HALVES = [0.5, 1];
const QUARTERS = [0.25, 0.5, 0.75, 1];
const CUP_PARTS = [1 / 8, 0.25, 1 / 3, 0.5, 2 / 3, 0.75, 1];
const same = (word: string, parts: readonly number[], most: number): Said => ({ one: word, many: word, parts, most });
const VOLUMES: readonly (readonly [ml: number, spelled: RegExp, said: Said])[] = [
  [ML_PER_CUP, /cup/i, { one: 'cup', many: 'cups', parts: CUP_PARTS, most: 12 }],
  [ML_PER_TBSP, /t/i, same('tbsp', HALVES, 12)],
  [ML_PER_TSP, /t/i, same('tsp', [1 / 8, ...QUARTERS], 6)],
  [ML_PER_FL_OZ, /oz|ounce/i, same('fl oz', HALVES, 32)],
  [15, /el|essl/i, same('EL', HALVES, 12)],
  [5, /tl|teel/i, same('TL', QUARTERS, 6)],
];
const PIECES_MOST = 40;
const LENGTHS: Readonly<Record<number, Said>> = { 10: same('cm', HALVES, 30), 25.4: same('in', QUARTERS, 12) };
/** As far as a spoken measure may miss before another is taken, percent. */
const FITS_PERCENT = 5;

function saidOf(unit: Unit, text: string): Said | undefined {
  switch (unit.is) {
    case 'mass':
      return undefined;
    case 'volume':
      return VOLUMES.find(([ml, spelled]) => Math.abs(ml - unit.ml) < 0.01 && spelled.test(text))?.[2];
    case 'length':
      return LENGTHS[unit.mm];
    case 'piece':
      return unit.name ? { one: unit.name, many: plural(unit.name), parts: HALVES, most: PIECES_MOST } : undefined;
  }
}

/**
 * The measure a cook wrote, said again for another weight: "½ cup" is ½ cup, twice of it 1 cup. Undefined where it was a weight, where no part of it comes
 * within 5 %, or where a larger measure would be taken.
 *
 * @param text the amount as it was written
 * @example asWritten('1/2 cup', soySauce, 272) // { spoken: '1 cup', errorPercent: 0.. }
 */
export function asWritten(
  text: string,
  ingredient: Ingredient,
  massG: number,
): { spoken: string; errorPercent: number } | undefined {
  const written = readAmount(text);
  if (!written || written.more.length > 0 || written.rest !== '') return undefined;
  const said = saidOf(written.unit, text);
  const oneG = weighAmount({ ...written, count: 1 }, ingredient).massG;
  if (!said || !oneG) return undefined;
  const wanted = massG / oneG;
  const whole = Math.floor(wanted + 1e-9);
  const count = [whole, ...said.parts.map((part) => whole + part)].reduce((best, one) =>
    Math.abs(one - wanted) < Math.abs(best - wanted) ? one : best,
  );
  const errorPercent = (100 * (count - wanted)) / wanted;
  if (count === 0 || count > said.most || Math.abs(errorPercent) > FITS_PERCENT) return undefined;
  return { spoken: `${sayCount(count)} ${count > 1 ? said.many : said.one}`, errorPercent };
}

/** @example plural('bunch') // 'bunches' */
export const plural = (name: string): string =>
  name === 'leaf' ? 'leaves' : /(s|x|ch)$/.test(name) ? `${name}es` : `${name}s`;
