import type { ParseAnswer } from '@/contract/calculations';
import type { MarinadeWrite } from '@/contract/resources';
import type { MarinadeFormPage } from '@/contract/views';
import { WAYS } from '@/core/ways';
import {
  findIngredient,
  parseLines,
  type HoldBackPurpose,
  type Ingredient,
  type MarinadeFacts,
} from '@/core/marinades';
import { formatMass, type FormatStyle } from '@/core/units';
import { gramsIn, isUnread, toFormLine, type FormLine } from './formLine';

/** A marinade as it stands in the form. */
export interface MarinadeFields extends Omit<MarinadeFacts, 'holdBackFor'> {
  holdBackFor: HoldBackPurpose | '';
  /** Kept unread when it was saved before. */
  unread: string[];
  lines: FormLine[];
  /** Pasted and not yet read. */
  text: string;
}

let nextKey = 1;

export const emptyLine = (): FormLine => ({
  key: nextKey++,
  pasted: '',
  ingredient: '',
  mass: '',
  note: '',
  flags: [],
});

/** The fields of a copy, of one that is changed, or of a new one. */
export function beginWith({ ingredients, from, edit }: MarinadeFormPage, style: FormatStyle): MarinadeFields {
  return {
    text: '',
    name: from ? (edit ? from.name : `${from.name}, copy`.slice(0, 120)) : '',
    note: from?.note ?? '',
    ways: from?.ways ?? [...WAYS],
    forMassG: from?.forMassG ?? 1000,
    minutes: from?.minutes ?? { from: 60, to: 480 },
    holdBackShare: from?.holdBackShare ?? 0,
    holdBackFor: from?.holdBackFor ?? '',
    heated: from?.heated ?? false,
    oilFirst: from?.oilFirst ?? false,
    unread: from?.unread ?? [],
    lines: (from?.lines ?? []).map(({ ingredientId, massG, note, said }) => ({
      ...emptyLine(),
      ingredient: findIngredient(ingredientId, ingredients)?.name ?? ingredientId,
      mass: formatMass(massG, style),
      massG,
      note,
      said,
    })),
  };
}

interface Reading {
  ingredients: readonly (Ingredient & { removed?: boolean })[];
  style: FormatStyle;
  decimalComma: boolean;
}

/** What was unknown when it was pasted may have been added since. */
function readAgain(line: FormLine, { ingredients, style, decimalComma }: Reading): FormLine {
  if (!line.pasted || line.ingredient || line.mass) return line;
  const [parsed] = parseLines(
    line.pasted,
    ingredients.filter(({ removed }) => !removed),
    decimalComma,
  );
  return parsed?.ingredientId
    ? {
        key: line.key,
        ...toFormLine({ ...parsed, ingredient: parsed.ingredientId, suggestion: null }, ingredients, style),
      }
    : line;
}

/** What was kept in the browser, read with the ingredients there are now. */
export function takeKept(kept: MarinadeFields, reading: Reading): MarinadeFields | undefined {
  if (!kept.lines) return undefined;
  nextKey = Math.max(nextKey, ...kept.lines.map((line) => line.key + 1));
  return { ...kept, unread: kept.unread ?? [], lines: kept.lines.map((line) => readAgain(line, reading)) };
}

/** The fields with what was read from a pasted text added; a name or note of the cook's own stays. */
export function withRead(
  fields: MarinadeFields,
  { lines, name, note, forMassG, minutes, ways, holdBackShare, heated, oilFirst }: ParseAnswer,
  { ingredients, style }: Pick<Reading, 'ingredients' | 'style'>,
): Partial<MarinadeFields> {
  return {
    ...(name && !fields.name ? { name } : {}),
    ...(note && !fields.note ? { note } : {}),
    ...(forMassG ? { forMassG } : {}),
    ...(minutes ? { minutes } : {}),
    ...(ways ? { ways } : {}),
    ...(holdBackShare ? { holdBackShare } : {}),
    ...(heated ? { heated } : {}),
    ...(oilFirst ? { oilFirst } : {}),
    lines: [...fields.lines, ...lines.map((line) => ({ key: nextKey++, ...toFormLine(line, ingredients, style) }))],
    text: '',
  };
}

/** @returns what is sent, or in words what is missing */
export function toMarinade(
  fields: MarinadeFields,
  { ingredients, decimalComma }: Pick<Reading, 'ingredients' | 'decimalComma'>,
): MarinadeWrite | string {
  const gramsOf = ({ ingredient, mass, massG }: FormLine) =>
    massG ?? gramsIn(mass, findIngredient(ingredient, ingredients), decimalComma);
  const lines = fields.lines.flatMap((line) => {
    const found = findIngredient(line.ingredient, ingredients);
    const massG = gramsOf(line);
    return found && massG
      ? [{ ingredientId: found.id, massG, note: line.note, said: line.said?.trim().slice(0, 60) ?? '' }]
      : [];
  });
  const halfDone = fields.lines.find((line) => {
    const found = findIngredient(line.ingredient, ingredients);
    return found ? !gramsOf(line) : line.ingredient !== '' || (line.mass !== '' && !isUnread(line));
  });
  if (!fields.name.trim()) return 'Give it a name.';
  if (halfDone)
    return `“${halfDone.pasted || halfDone.ingredient || halfDone.mass}” is not complete: choose the ingredient and say how much, or take it out.`;
  if (lines.length === 0) return 'A marinade has at least one line.';
  if (fields.ways.length === 0) return 'Tick at least one way it is for.';
  return {
    name: fields.name.trim(),
    note: fields.note.trim(),
    // Lines that stayed unread are kept as such: nothing is known of what is in them.
    unread: [...fields.unread, ...fields.lines.filter(isUnread).map(({ pasted }) => pasted)],
    ways: fields.ways,
    forMassG: fields.forMassG,
    minutes: fields.minutes,
    holdBackShare: fields.holdBackShare,
    ...(fields.holdBackFor ? { holdBackFor: fields.holdBackFor } : {}),
    heated: fields.heated ?? false,
    oilFirst: fields.oilFirst ?? false,
    lines,
  };
}
