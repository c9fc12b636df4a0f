import type { IngredientResource, IngredientWrite } from '@/contract/resources';
import { fractionsOf, type IngredientKind, type Label } from '@/core/marinades';
import { formatNumber, parseNumber } from '@/core/units';

/** Figures as they are typed. */
export interface IngredientFields extends Omit<
  IngredientWrite,
  | 'densityGPerMl'
  | 'piece'
  | 'waterFraction'
  | 'saltFraction'
  | 'sugarFraction'
  | 'acidFraction'
  | 'fatFraction'
  | 'starchFraction'
  | 'otherNames'
  | 'enzymeClass'
> {
  /** How strong it is on meat; empty where it does nothing. */
  enzymeClass: NonNullable<IngredientWrite['enzymeClass']> | '';
  otherNames: string;
  per: Per;
  figures: Record<Figure, string>;
  pieceName: string;
}

const FIGURES = [
  'serving',
  'density',
  'salt',
  'sodium',
  'carbohydrate',
  'sugar',
  'fat',
  'protein',
  'acid',
  'starch',
  'alcohol',
  'piece',
] as const;
export type Figure = (typeof FIGURES)[number];
/** What a label speaks of: the EU of 100 g or ml, the US of a serving. */
export const PER = {
  '100-g': { words: 'in 100 g', unit: 'g' },
  '100-ml': { words: 'in 100 ml', unit: 'ml' },
  'serving-g': { words: 'in a serving, by weight', unit: 'g' },
  'serving-ml': { words: 'in a serving, by volume', unit: 'ml' },
} as const satisfies Record<string, { words: string; unit: Label['unit'] }>;
export type Per = keyof typeof PER;
export const isServing = (per: Per) => per.startsWith('serving');
export interface FigureField {
  figure: Figure;
  label: string;
  unit: string;
  max: number;
}

/** What a label shows, in its order and its unit; the last ones are seldom on it. */
export const ON_LABEL: FigureField[] = [
  { figure: 'fat', label: 'Fat', unit: 'g', max: 150 },
  { figure: 'carbohydrate', label: 'Carbohydrate', unit: 'g', max: 150 },
  { figure: 'sugar', label: 'of which sugars', unit: 'g', max: 150 },
  { figure: 'protein', label: 'Protein', unit: 'g', max: 150 },
  { figure: 'salt', label: 'Salt', unit: 'g', max: 150 },
  { figure: 'sodium', label: 'or sodium', unit: 'mg', max: 60_000 },
];
export const SELDOM: FigureField[] = [
  { figure: 'density', label: 'A millilitre weighs', unit: 'g', max: 3 },
  { figure: 'acid', label: 'Acid', unit: '%', max: 100 },
  { figure: 'starch', label: 'Starch', unit: '%', max: 100 },
  { figure: 'alcohol', label: 'Alcohol, by volume', unit: '%', max: 100 },
];
/** Typical, from memory: what a spoon of it weighs, until somebody weighs one. */
export const USUAL_DENSITY: Record<IngredientKind, number> = {
  liquid: 1.1,
  salt: 1.1,
  spice: 0.45,
  sugar: 1,
  fresh: 0.7,
  fruit: 1,
  acid: 1.02,
  starch: 0.6,
  oil: 0.92,
};

/** The fields of one that is changed, or of a new one of that name. */
export function beginWith(edit: IngredientResource | undefined, name: string, locale: string): IngredientFields {
  const say = (value: number | undefined, digits = 2) => (value ? formatNumber(value, locale, digits) : '');
  const base = { per: '100-g' as const, pieceName: edit?.piece?.name ?? '' };
  if (!edit)
    return {
      ...base,
      name,
      otherNames: '',
      kind: 'liquid',
      allergens: [],
      strongEnzyme: false,
      enzymeClass: '',
      alcohol: false,
      glutamate: false,
      figures: Object.fromEntries(FIGURES.map((one) => [one, ''])) as IngredientFields['figures'],
    };
  const { kind, allergens, strongEnzyme, enzymeClass = '', alcohol, glutamate } = edit;
  const protein =
    100 *
    Math.max(
      0,
      1 -
        edit.waterFraction -
        edit.saltFraction -
        edit.sugarFraction -
        edit.fatFraction -
        edit.acidFraction -
        edit.starchFraction,
    );
  return {
    ...base,
    name: edit.name,
    otherNames: edit.otherNames.join(', '),
    kind,
    allergens,
    strongEnzyme,
    enzymeClass: enzymeClass || (strongEnzyme ? 'strongest' : ''),
    alcohol,
    glutamate,
    figures: {
      serving: '',
      density: say(edit.densityGPerMl, 3),
      salt: say(100 * edit.saltFraction, 3),
      sodium: '',
      carbohydrate: say(100 * edit.sugarFraction, 3),
      sugar: say(100 * edit.sugarFraction, 3),
      fat: say(100 * edit.fatFraction, 3),
      protein: say(protein, 3),
      acid: say(100 * edit.acidFraction, 3),
      starch: say(100 * edit.starchFraction, 3),
      alcohol: '',
      piece: say(edit.piece?.massG),
    },
  };
}

export const TOO_MUCH = 'The parts add up to more than the whole.';

export const ONE_WEIGHS: FigureField = { figure: 'piece', label: 'One weighs', unit: 'g', max: 5000 };
export const servingField = (per: Per): FigureField => ({
  figure: 'serving',
  label: 'A serving is',
  unit: PER[per].unit,
  max: 1000,
});

/** @returns the number of a figure, undefined while it is empty, 'bad' where it is none in range */
export function readFigure(
  { figures }: IngredientFields,
  { figure, max }: FigureField,
  decimalComma: boolean,
): number | undefined | 'bad' {
  const text = figures[figure].trim();
  if (!text) return undefined;
  const parsed = parseNumber(text, decimalComma);
  return parsed.ok && parsed.value.rest === '' && parsed.value.value >= 0 && parsed.value.value <= max
    ? parsed.value.value
    : 'bad';
}

/** All figures read: which is bad, what the label comes to in fractions of the whole. */
export function readLabel(fields: IngredientFields, decimalComma: boolean) {
  const all = [...ON_LABEL, ...SELDOM, servingField(fields.per), ONE_WEIGHS];
  const bad = all.find((one) => {
    const got = readFigure(fields, one, decimalComma);
    return got === 'bad' || (one.figure === 'density' && got === 0);
  });
  const value = (figure: Figure) => {
    const got = readFigure(
      fields,
      all.find((one) => one.figure === figure)!,
      decimalComma,
    );
    return typeof got === 'number' ? got : undefined;
  };
  const densityGPerMl = value('density') || USUAL_DENSITY[fields.kind];
  const amount = isServing(fields.per) ? value('serving') : 100;
  const fractions =
    bad || !amount
      ? undefined
      : fractionsOf({
          amount,
          unit: PER[fields.per].unit,
          saltG: value('salt'),
          sodiumMg: value('sodium'),
          sugarG: value('sugar'),
          carbohydrateG: value('carbohydrate'),
          fatG: value('fat'),
          proteinG: value('protein'),
          alcoholPercent: value('alcohol'),
          densityGPerMl,
        });
  return { bad, value, densityGPerMl, amount, fractions };
}

/** @returns what is sent, or in words what is missing */
export function toIngredient(fields: IngredientFields, decimalComma: boolean): IngredientWrite | string {
  const { bad, value, densityGPerMl, amount, fractions } = readLabel(fields, decimalComma);
  if (!fields.name.trim()) return 'Give it a name.';
  if (bad) return `${bad.label}: a number from 0 to ${bad.max} ${bad.unit}.`;
  if (!amount) return 'Say how much a serving is: it stands above the figures.';
  if (!fractions) return TOO_MUCH;
  const acidFraction = (value('acid') ?? 0) / 100;
  const starchFraction = (value('starch') ?? 0) / 100;
  const massG = value('piece');
  if (Boolean(fields.pieceName.trim()) !== Boolean(massG))
    return 'For counting it, say both what one is called and what it weighs.';
  return {
    name: fields.name.trim(),
    otherNames: fields.otherNames
      .split(',')
      .map((one) => one.trim().slice(0, 120))
      .filter(Boolean)
      .slice(0, 20),
    kind: fields.kind,
    densityGPerMl,
    ...fractions,
    // Acid and starch are of what the label leaves as water.
    waterFraction: Math.max(0, fractions.waterFraction - acidFraction - starchFraction),
    acidFraction,
    starchFraction,
    allergens: fields.allergens,
    strongEnzyme: fields.enzymeClass === 'strong' || fields.enzymeClass === 'strongest',
    ...(fields.enzymeClass ? { enzymeClass: fields.enzymeClass } : {}),
    alcohol: fields.alcohol || (value('alcohol') ?? 0) > 0,
    glutamate: fields.glutamate,
    piece: massG ? { name: fields.pieceName.trim(), massG } : null,
  };
}
