'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { IngredientResource, IngredientWrite } from '@/contract/resources';
import { ALLERGENS, fractionsOf, INGREDIENT_KINDS, type IngredientKind, type Label } from '@/core/marinades';
import { formatNumber, parseNumber } from '@/core/units';
import { ALLERGEN_NAMES, KIND_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { focusFirstInvalid, NOT_READ } from '../../primitives/firstInvalid';
import { Button } from '../../primitives/button';
import { useKept } from '../../primitives/useKept';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';

const KEY = 'mince.ingredient';

/** Figures as they are typed. */
interface Form extends Omit<
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
type Figure = (typeof FIGURES)[number];
/** What a label speaks of: the EU of 100 g or ml, the US of a serving. */
const PER = {
  '100-g': { words: 'in 100 g', unit: 'g' },
  '100-ml': { words: 'in 100 ml', unit: 'ml' },
  'serving-g': { words: 'in a serving, by weight', unit: 'g' },
  'serving-ml': { words: 'in a serving, by volume', unit: 'ml' },
} as const satisfies Record<string, { words: string; unit: Label['unit'] }>;
type Per = keyof typeof PER;
const isServing = (per: Per) => per.startsWith('serving');
/** What a label shows, in its order and its unit; the last ones are seldom on it. */
const FIELDS: { figure: Figure; label: string; unit: string; max: number }[] = [
  { figure: 'fat', label: 'Fat', unit: 'g', max: 150 },
  { figure: 'carbohydrate', label: 'Carbohydrate', unit: 'g', max: 150 },
  { figure: 'sugar', label: 'of which sugars', unit: 'g', max: 150 },
  { figure: 'protein', label: 'Protein', unit: 'g', max: 150 },
  { figure: 'salt', label: 'Salt', unit: 'g', max: 150 },
  { figure: 'sodium', label: 'or sodium', unit: 'mg', max: 60_000 },
];
const MORE: { figure: Figure; label: string; unit: string; max: number }[] = [
  { figure: 'density', label: 'A millilitre weighs', unit: 'g', max: 3 },
  { figure: 'acid', label: 'Acid', unit: '%', max: 100 },
  { figure: 'starch', label: 'Starch', unit: '%', max: 100 },
  { figure: 'alcohol', label: 'Alcohol, by volume', unit: '%', max: 100 },
];
/** Typical, from memory: what a spoon of it weighs, until somebody weighs one. */
const USUAL_DENSITY: Record<IngredientKind, number> = {
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

function begin(edit: IngredientResource | undefined, name: string, locale: string): Form {
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
      figures: Object.fromEntries(FIGURES.map((one) => [one, ''])) as Form['figures'],
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

const TOO_MUCH = 'The parts add up to more than the whole.';

interface Props {
  edit?: IngredientResource;
  name: string;
  /** Where to go when it is kept. */
  back?: string;
}

/** An ingredient of the cook's own, from the figures on its label. */
export function IngredientForm({ edit, name, back }: Props) {
  const router = useRouter();
  const { style, decimalComma } = usePreferences();
  const {
    value: form,
    change,
    drop,
  } = useKept(`${KEY}.${edit?.id ?? `new.${name}`}`, () => begin(edit, name, style.locale), {
    take: (kept) => (kept.figures && kept.per in PER ? kept : undefined),
  });
  const [problem, setProblem] = useState<{ text: string; figure?: Figure }>();
  const [busy, setBusy] = useState(false);
  const read = (figure: Figure, max: number): number | undefined | 'bad' => {
    const text = form.figures[figure].trim();
    if (!text) return undefined;
    const parsed = parseNumber(text, decimalComma);
    return parsed.ok && parsed.value.rest === '' && parsed.value.value >= 0 && parsed.value.value <= max
      ? parsed.value.value
      : 'bad';
  };
  const serving = { figure: 'serving' as const, label: 'A serving is', unit: PER[form.per].unit, max: 1000 };
  const all = [...FIELDS, ...MORE, serving, { figure: 'piece' as const, label: 'One weighs', unit: 'g', max: 5000 }];
  const bad = all.find(
    ({ figure, max }) => read(figure, max) === 'bad' || (figure === 'density' && read(figure, max) === 0),
  );
  const value = (figure: Figure) => {
    const got = read(figure, all.find((one) => one.figure === figure)!.max);
    return typeof got === 'number' ? got : undefined;
  };
  const densityGPerMl = value('density') || USUAL_DENSITY[form.kind];
  const amount = isServing(form.per) ? value('serving') : 100;
  const fractions =
    bad || !amount
      ? undefined
      : fractionsOf({
          amount,
          unit: PER[form.per].unit,
          saltG: value('salt'),
          sodiumMg: value('sodium'),
          sugarG: value('sugar'),
          carbohydrateG: value('carbohydrate'),
          fatG: value('fat'),
          proteinG: value('protein'),
          alcoholPercent: value('alcohol'),
          densityGPerMl,
        });

  const keep = async () => {
    if (!form.name.trim()) return setProblem({ text: 'Give it a name.' });
    if (bad)
      return setProblem({ text: `${bad.label}: a number from 0 to ${bad.max} ${bad.unit}.`, figure: bad.figure });
    if (!amount)
      return setProblem({ text: 'Say how much a serving is: it stands above the figures.', figure: 'serving' });
    if (!fractions) return setProblem({ text: TOO_MUCH });
    const acidFraction = (value('acid') ?? 0) / 100;
    const starchFraction = (value('starch') ?? 0) / 100;
    const massG = value('piece');
    if (Boolean(form.pieceName.trim()) !== Boolean(massG))
      return setProblem({ text: 'For counting it, say both what one is called and what it weighs.' });
    const body: IngredientWrite = {
      name: form.name.trim(),
      otherNames: form.otherNames
        .split(',')
        .map((one) => one.trim().slice(0, 120))
        .filter(Boolean)
        .slice(0, 20),
      kind: form.kind,
      densityGPerMl,
      ...fractions,
      // Acid and starch are of what the label leaves as water.
      waterFraction: Math.max(0, fractions.waterFraction - acidFraction - starchFraction),
      acidFraction,
      starchFraction,
      allergens: form.allergens,
      strongEnzyme: form.enzymeClass === 'strong' || form.enzymeClass === 'strongest',
      ...(form.enzymeClass ? { enzymeClass: form.enzymeClass } : {}),
      alcohol: form.alcohol || (value('alcohol') ?? 0) > 0,
      glutamate: form.glutamate,
      piece: massG ? { name: form.pieceName.trim(), massG } : null,
    };
    setBusy(true);
    const result = edit
      ? await callApi<IngredientResource>('PUT', `/ingredients/${edit.id}`, { body, version: edit.version })
      : await callApi<IngredientResource>('POST', '/ingredients', { body });
    setBusy(false);
    if (!result.ok)
      return setProblem({
        text:
          result.problem.status === 412
            ? 'It was changed elsewhere. Reload to see it; what you typed is still here.'
            : `${result.problem.title} ${result.problem.detail ?? ''}`,
      });
    drop();
    router.push(back ?? '/ingredients');
    router.refresh();
  };

  const label = 'mb-1 block text-[13px] font-medium text-muted';
  const look = 'h-11 rounded border border-grout bg-panel px-3';
  const check =
    'flex min-h-10 cursor-pointer items-center gap-2 rounded border border-grout bg-panel px-3 text-[14px] has-checked:border-enamel has-checked:bg-enamel-tint';
  const field = (
    { figure, label: words, unit, max }: { figure: Figure; label: string; unit: string; max: number },
    placeholder = '',
  ) => (
    <label key={figure} className="block">
      <span className={label}>{words}</span>
      <span className="flex items-center gap-2">
        <input
          className={`${look} condensed w-28 text-[17px] font-semibold`}
          inputMode="decimal"
          maxLength={20}
          aria-label={`${words}, ${unit}`}
          value={form.figures[figure]}
          placeholder={placeholder}
          aria-invalid={read(figure, max) === 'bad' || undefined}
          onChange={(event) => change({ figures: { ...form.figures, [figure]: event.target.value } })}
        />
        <span className="text-muted">{unit}</span>
      </span>
      {read(figure, max) === 'bad' && (
        <span role="alert" className="text-[13px] font-medium text-ox">
          A number from 0 to {formatNumber(max, style.locale)}.
        </span>
      )}
    </label>
  );
  return (
    <form
      className="mx-auto max-w-3xl px-4 py-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (focusFirstInvalid(event.currentTarget)) return setProblem({ text: NOT_READ });
        void keep();
      }}
    >
      <h1>{edit ? `Change ${edit.name}` : 'An ingredient of your own'}</h1>
      <p className="mt-1 text-muted">
        Copy the figures from its label; what the label does not name is taken to be water.
      </p>
      <Alive className="mt-4 space-y-5">
        <section className="panel space-y-4 px-5 py-5">
          <label className="block">
            <span className={label}>Name, with its maker if makers differ</span>
            <input
              className={`${look} w-full max-w-sm`}
              value={form.name}
              maxLength={120}
              onChange={(event) => change({ name: event.target.value })}
            />
          </label>
          <label className="block">
            <span className={label}>Other names, with commas between; a pasted list finds it by them</span>
            <input
              className={`${look} w-full`}
              value={form.otherNames}
              maxLength={500}
              onChange={(event) => change({ otherNames: event.target.value })}
            />
          </label>
          <label className="block">
            <span className={label}>It works as</span>
            <select
              className={look}
              value={form.kind}
              onChange={(event) => change({ kind: event.target.value as IngredientKind })}
            >
              {INGREDIENT_KINDS.map((kind) => (
                <option key={kind} value={kind}>
                  {KIND_NAMES[kind]}
                </option>
              ))}
            </select>
          </label>
        </section>
        <section className="panel space-y-4 px-5 py-5">
          <div className="flex flex-wrap items-center gap-4">
            <h2 className="text-[18px]">The label says</h2>
            <select
              aria-label="The label is for"
              className={look}
              value={form.per}
              onChange={(event) => change({ per: event.target.value as Per })}
            >
              {(Object.keys(PER) as Per[]).map((per) => (
                <option key={per} value={per}>
                  {PER[per].words}
                </option>
              ))}
            </select>
          </div>
          {isServing(form.per) && (
            <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
              {field(serving)}
              <p className="max-w-[44ch] pb-2 text-[13px] text-muted">
                Labels by the serving round to a gram and 10 mg: the sugar of a small one may be off by half. Figures
                for 100 g are exacter.
              </p>
            </div>
          )}
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">{FIELDS.map((one) => field(one))}</div>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
            {MORE.map((one) =>
              field(one, one.figure === 'density' ? formatNumber(USUAL_DENSITY[form.kind], style.locale, 2) : ''),
            )}
          </div>
          <p role="status" className="text-[14px]">
            {fractions ? (
              <>
                That makes <strong>{formatNumber(100 * fractions.saltFraction, style.locale, 1)} % salt</strong>,{' '}
                {formatNumber(100 * fractions.sugarFraction, style.locale, 1)} % sugar and{' '}
                {formatNumber(100 * fractions.waterFraction, style.locale, 1)} % water by weight.
              </>
            ) : (
              <span className="text-ox">
                {bad
                  ? 'One of the figures is not a number in range.'
                  : amount
                    ? TOO_MUCH
                    : 'Say how much a serving is.'}
              </span>
            )}
          </p>
        </section>
        <section className="panel space-y-4 px-5 py-5">
          <fieldset>
            <legend className={label}>It contains</legend>
            <div className="flex flex-wrap gap-2">
              {ALLERGENS.map((one) => (
                <label key={one} className={check}>
                  <input
                    type="checkbox"
                    className="size-4 accent-[#0e3b34]"
                    checked={form.allergens.includes(one)}
                    onChange={(event) =>
                      change({
                        allergens: ALLERGENS.filter((other) =>
                          other === one ? event.target.checked : form.allergens.includes(other),
                        ),
                      })
                    }
                  />
                  {ALLERGEN_NAMES[one]}
                </label>
              ))}
              <label className={check}>
                <input
                  type="checkbox"
                  className="size-4 accent-[#0e3b34]"
                  checked={form.alcohol}
                  onChange={(event) => change({ alcohol: event.target.checked })}
                />
                alcohol
              </label>
              <label className={check}>
                <input
                  type="checkbox"
                  className="size-4 accent-[#0e3b34]"
                  checked={form.glutamate}
                  onChange={(event) => change({ glutamate: event.target.checked })}
                />
                glutamate
              </label>
            </div>
          </fieldset>
          <label className="block">
            <span className={label}>Fresh fruit or root that tenderizes meat</span>
            <select
              className={`${look} w-full max-w-md`}
              value={form.enzymeClass}
              onChange={(event) => change({ enzymeClass: event.target.value as Form['enzymeClass'] })}
            >
              <option value="">It does not, or it was heated</option>
              <option value="mild">As mild as Asian pear</option>
              <option value="strong">As strong as kiwi or ginger</option>
              <option value="strongest">As strong as pineapple or papaya, or not known</option>
            </select>
          </label>
          <div className="flex flex-wrap gap-4">
            <label className="block">
              <span className={label}>Counted in (clove, cube, sachet)</span>
              <input
                className={`${look} w-40`}
                value={form.pieceName}
                maxLength={40}
                onChange={(event) => change({ pieceName: event.target.value })}
              />
            </label>
            {field({ figure: 'piece', label: 'One weighs', unit: 'g', max: 5000 })}
          </div>
          {problem && (
            <p role="alert" className="font-medium text-ox">
              {problem.text}
            </p>
          )}
          <div className="flex gap-3">
            <Button type="submit" disabled={busy}>
              Keep it
            </Button>
            <Button look="quiet" onClick={() => router.back()}>
              Leave it
            </Button>
          </div>
        </section>
      </Alive>
    </form>
  );
}
