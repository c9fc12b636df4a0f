import type { ParseAnswer } from '@/contract/calculations';
import {
  customaryG,
  findIngredient,
  readAmount,
  weighAmount,
  type Ingredient,
  type LineFlag,
  type MarinadeLine,
} from '@/core/marinades';
import { formatMass, parseMass, type FormatStyle } from '@/core/units';

/** One line of the form: as pasted, what it was read as, how much. */
export interface FormLine {
  key: number;
  /** As it was pasted, where it was. */
  pasted: string;
  ingredient: string;
  /** What it could be, not taken until the cook says so. */
  suggestion?: string;
  mass: string;
  /** What the text stands for while nobody has changed it: the text is rounded. */
  massG?: number;
  /** The amount as it was written, in a measure and not in grams. */
  said?: string;
  note: string;
  flags: LineFlag[];
}

/** A line of the form from a line that was read. */
export function toFormLine(
  { text: pasted, ingredient, suggestion, massG, said, note, flags }: ParseAnswer['lines'][number],
  ingredients: readonly Ingredient[],
  style: FormatStyle,
): Omit<FormLine, 'key'> {
  return {
    pasted,
    ingredient: ingredient ? findIngredient(ingredient, ingredients)!.name : '',
    ...(suggestion ? { suggestion } : {}),
    mass: massG === null ? '' : formatMass(massG, style),
    ...(massG === null ? {} : { massG }),
    said: readAmount(said)?.unit.is === 'mass' ? '' : said,
    note,
    flags,
  };
}

/** Grams from what cooks say: "12 g", "1/4 cup", "2 cloves", "a pinch". Undefined where it says nothing of the kind. */
export function gramsIn(text: string, ingredient: Ingredient | undefined, decimalComma: boolean): number | undefined {
  const plain = parseMass(text, { bareUnit: 'g', min: 0.01, max: 30_000, decimalComma });
  if (plain.ok) return plain.value;
  const written = readAmount(text, decimalComma);
  const massG = written && ingredient && written.rest === '' ? weighAmount(written, ingredient).massG : null;
  return massG && massG >= 0.01 && massG <= 30_000 ? massG : undefined;
}

export const isUnread = ({ pasted, ingredient, flags }: FormLine): boolean =>
  pasted !== '' && ingredient === '' && !flags.includes('heading');

/** Lines that are known and lack an amount, each with what is customary for the weight of meat. */
export function customaryFor(
  lines: readonly FormLine[],
  ingredients: readonly Ingredient[],
  forMassG: number,
): Map<number, number> {
  const known: MarinadeLine[] = lines.flatMap(({ ingredient, massG }) => {
    const found = findIngredient(ingredient, ingredients);
    return found && massG ? [{ ingredient: found, massG }] : [];
  });
  return new Map(
    lines.flatMap(({ key, ingredient, mass }) => {
      const found = mass === '' ? findIngredient(ingredient, ingredients) : undefined;
      return found ? [[key, customaryG(found, forMassG, known)] as const] : [];
    }),
  );
}
