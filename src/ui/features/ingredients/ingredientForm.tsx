'use client';

import { useRouter } from 'next/navigation';
import type { IngredientResource } from '@/contract/resources';
import { ALLERGENS, INGREDIENT_KINDS } from '@/core/marinades';
import { formatNumber } from '@/core/units';
import { ALLERGEN_NAMES, KIND_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { CheckedForm } from '../../primitives/checkedForm';
import { useKept } from '../../primitives/useKept';
import { usePreferences } from '../../shell/preferences';
import { TextField, SelectField, FormEnd, LABEL_LOOK, FIELD_LOOK, Tick } from '../../primitives/plainFields';
import { useSend } from '../../shell/useSend';
import {
  beginWith,
  PER,
  toIngredient,
  ONE_WEIGHS,
  type IngredientFields,
  type FigureField,
  readFigure,
  readLabel,
  type Per,
  isServing,
  servingField,
  ON_LABEL,
  SELDOM,
  USUAL_DENSITY,
  TOO_MUCH,
} from './ingredientFields';

const KEY = 'mince.ingredient';

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
  } = useKept(`${KEY}.${edit?.id ?? `new.${name}`}`, () => beginWith(edit, name, style.locale), {
    take: (kept) => (kept.figures && kept.per in PER ? kept : undefined),
  });
  const { problem, setProblem, busy, keep } = useSend();

  const keepIt = async () => {
    const body = toIngredient(form, decimalComma);
    if (typeof body === 'string') return setProblem(body);
    if (!(await keep<IngredientResource>('/ingredients', body, edit))) return;
    drop();
    router.push(back ?? '/ingredients');
    router.refresh();
  };

  return (
    <CheckedForm
      className="mx-auto max-w-3xl px-4 py-6"
      problem={problem}
      onProblem={setProblem}
      onKeep={() => void keepIt()}
    >
      <h1>{edit ? `Change ${edit.name}` : 'An ingredient of your own'}</h1>
      <p className="mt-1 text-muted">
        Copy the figures from its label; what the label does not name is taken to be water.
      </p>
      <Alive className="mt-4 space-y-5">
        <section className="panel space-y-4 px-5 py-5">
          <TextField
            label="Name, with its maker if makers differ"
            value={form.name}
            maxLength={120}
            onChange={(to) => change({ name: to })}
          />
          <TextField
            label="Other names, with commas between; a pasted list finds it by them"
            className="w-full"
            value={form.otherNames}
            maxLength={500}
            onChange={(otherNames) => change({ otherNames })}
          />
          <SelectField
            label="It works as"
            value={form.kind}
            options={INGREDIENT_KINDS.map((value) => ({ value, name: KIND_NAMES[value] }))}
            onChange={(kind) => change({ kind })}
          />
        </section>
        <LabelSays form={form} change={change} />
        <section className="panel space-y-4 px-5 py-5">
          <WhatItContains form={form} change={change} />
          <SelectField
            label="Fresh fruit or root that tenderizes meat"
            className="w-full max-w-md"
            value={form.enzymeClass}
            options={STRENGTHS}
            onChange={(enzymeClass) => change({ enzymeClass })}
          />
          <div className="flex flex-wrap gap-4">
            <TextField
              label="Counted in (clove, cube, sachet)"
              className="w-40"
              value={form.pieceName}
              maxLength={40}
              onChange={(pieceName) => change({ pieceName })}
            />
            <LabelFigure field={ONE_WEIGHS} form={form} change={change} />
          </div>
          <FormEnd problem={problem} busy={busy} keep="Keep it" onLeave={() => router.back()} />
        </section>
      </Alive>
    </CheckedForm>
  );
}

const STRENGTHS = [
  { value: '', name: 'It does not, or it was heated' },
  { value: 'mild', name: 'As mild as Asian pear' },
  { value: 'strong', name: 'As strong as kiwi or ginger' },
  { value: 'strongest', name: 'As strong as pineapple or papaya, or not known' },
] as const;

interface PartProps {
  form: IngredientFields;
  change: (part: Partial<IngredientFields>) => void;
}

interface LabelFigureProps extends PartProps {
  field: FigureField;
  placeholder?: string;
}

/** One figure of the label, in the unit the label has it. */
function LabelFigure({ field, form, change, placeholder = '' }: LabelFigureProps) {
  const { style, decimalComma } = usePreferences();
  const { figure, label, unit, max } = field;
  const isBad = readFigure(form, field, decimalComma) === 'bad';
  return (
    <label className="block">
      <span className={LABEL_LOOK}>{label}</span>
      <span className="flex items-center gap-2">
        <input
          className={`${FIELD_LOOK} condensed w-28 text-[17px] font-semibold`}
          inputMode="decimal"
          maxLength={20}
          aria-label={`${label}, ${unit}`}
          value={form.figures[figure]}
          placeholder={placeholder}
          aria-invalid={isBad || undefined}
          onChange={(event) => change({ figures: { ...form.figures, [figure]: event.target.value } })}
        />
        <span className="text-muted">{unit}</span>
      </span>
      {isBad && (
        <span role="alert" className="text-[13px] font-medium text-ox">
          A number from 0 to {formatNumber(max, style.locale)}.
        </span>
      )}
    </label>
  );
}

/** The figures of the label, and at once what they make of it. */
function LabelSays({ form, change }: PartProps) {
  const { style, decimalComma } = usePreferences();
  const { bad, amount, fractions } = readLabel(form, decimalComma);
  return (
    <section className="panel space-y-4 px-5 py-5">
      <div className="flex flex-wrap items-center gap-4">
        <h2 className="text-[18px]">The label says</h2>
        <select
          aria-label="The label is for"
          className={FIELD_LOOK}
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
          <LabelFigure field={servingField(form.per)} form={form} change={change} />
          <p className="max-w-[44ch] pb-2 text-[13px] text-muted">
            Labels by the serving round to a gram and 10 mg: the sugar of a small one may be off by half. Figures for
            100 g are exacter.
          </p>
        </div>
      )}
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        {ON_LABEL.map((field) => (
          <LabelFigure key={field.figure} field={field} form={form} change={change} />
        ))}
      </div>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
        {SELDOM.map((field) => (
          <LabelFigure
            key={field.figure}
            field={field}
            form={form}
            change={change}
            placeholder={field.figure === 'density' ? formatNumber(USUAL_DENSITY[form.kind], style.locale, 2) : ''}
          />
        ))}
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
            {bad ? 'One of the figures is not a number in range.' : amount ? TOO_MUCH : 'Say how much a serving is.'}
          </span>
        )}
      </p>
    </section>
  );
}

/** Allergens, alcohol and glutamate. */
function WhatItContains({ form, change }: PartProps) {
  return (
    <fieldset>
      <legend className={LABEL_LOOK}>It contains</legend>
      <div className="flex flex-wrap gap-2">
        {ALLERGENS.map((one) => (
          <Tick
            key={one}
            checked={form.allergens.includes(one)}
            onChange={(has) =>
              change({
                allergens: ALLERGENS.filter((other) => (other === one ? has : form.allergens.includes(other))),
              })
            }
          >
            {ALLERGEN_NAMES[one]}
          </Tick>
        ))}
        <Tick checked={form.alcohol} onChange={(alcohol) => change({ alcohol })}>
          alcohol
        </Tick>
        <Tick checked={form.glutamate} onChange={(glutamate) => change({ glutamate })}>
          glutamate
        </Tick>
      </div>
    </fieldset>
  );
}
