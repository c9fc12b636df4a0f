'use client';

import {
  findIngredient,
  measureIngredient,
  readAmount,
  SODA_ID,
  weighAmount,
  type Ingredient,
  type LineFlag,
} from '@/core/marinades';
import { UNRINSED_SODA_MAX_PERCENT } from '@/core/safety';
import { formatMass, formatNumber } from '@/core/units';
import { Button } from '../../primitives/button';
import { Link } from '../../primitives/link';
import { usePreferences } from '../../shell/preferences';
import { FormLine, gramsIn } from './formLine';
import { FIELD_LOOK } from '../../primitives/plainFields';
import { CURING_SALT_WORDS } from '@/core/words';

const FLAG_WORDS: Record<LineFlag, string> = {
  'unknown-ingredient': 'not known here: choose one, or leave it as it is written',
  'read-as': 'not sure what it is',
  'curing-salt': CURING_SALT_WORDS,
  'no-amount': 'how much?',
  'to-taste': 'to taste: how much for this weight?',
  range: 'the middle of the range',
  pieces: 'from a usual piece: weigh yours if it matters',
  heading: 'a heading: left out',
  optional: 'optional',
  'more-than-one': 'the first of several: add the others',
};
/** What is only said, beside what wants an answer. */
const SAID_ONLY: readonly LineFlag[] = ['pieces', 'range', 'heading', 'optional'];

interface Props {
  line: FormLine;
  ingredients: readonly Ingredient[];
  /** Grams that are customary for it, where it lacks an amount. */
  customary?: number;
  forMassG: number;
  backHere: string;
  onChange: (part: Partial<FormLine>) => void;
  onTakeOut: () => void;
}

/** What is left of a pasted line without its amount. */
const nameIn = (pasted: string) => (readAmount(pasted)?.rest || pasted).split(',')[0]!.slice(0, 120);

export function LineEditor({ line, ingredients, customary, forMassG, backHere, onChange, onTakeOut }: Props) {
  const { decimalComma } = usePreferences();
  const found = findIngredient(line.ingredient, ingredients);
  const unknown = line.ingredient !== '' && !found;
  const amountOf = (mass: string) => ({ mass, massG: gramsIn(mass, found, decimalComma), said: mass });
  const bad = line.mass !== '' && gramsIn(line.mass, found, decimalComma) === undefined;
  const open = line.flags.filter((flag) =>
    flag === 'unknown-ingredient' || flag === 'read-as' || flag === 'curing-salt'
      ? !line.ingredient
      : flag === 'no-amount' || flag === 'to-taste'
        ? !line.mass
        : true,
  );
  const wants = unknown || open.some((flag) => !SAID_ONLY.includes(flag));
  return (
    <li
      aria-label={line.pasted || line.ingredient || 'New line'}
      className={wants ? 'rounded border border-brass-line bg-brass-tint px-3 py-2' : 'px-3'}
    >
      {line.pasted && <p className="text-[13px] text-muted">“{line.pasted}”</p>}
      <Suggestion line={line} ingredients={ingredients} onChange={onChange} />
      <div className="flex flex-wrap items-center gap-2">
        <input
          className={`${FIELD_LOOK} w-64`}
          aria-label="Ingredient"
          list="ingredients"
          value={line.ingredient}
          maxLength={120}
          placeholder="ingredient"
          onChange={(event) => onChange({ ingredient: event.target.value })}
        />
        <input
          className={`${FIELD_LOOK} w-28`}
          aria-label="How much"
          value={line.mass}
          maxLength={40}
          placeholder="12 g, 1/4 cup"
          aria-invalid={bad ? true : undefined}
          onChange={(event) => onChange(amountOf(event.target.value))}
        />
        <input
          className={`${FIELD_LOOK} w-44`}
          aria-label="Note"
          value={line.note}
          maxLength={200}
          placeholder="note"
          onChange={(event) => onChange({ note: event.target.value })}
        />
        <Button look="quiet" onClick={onTakeOut}>
          Take out
        </Button>
      </div>
      {open.length > 0 && (
        <p className="text-[13px] font-medium text-brass">{open.map((flag) => FLAG_WORDS[flag]).join('; ')}</p>
      )}
      {found?.id === SODA_ID && <SodaNote massG={line.massG} forMassG={forMassG} />}
      {found && customary !== undefined && (
        <Customary ingredient={found} massG={customary} forMassG={forMassG} onTake={onChange} />
      )}
      {(unknown || (line.pasted && !line.ingredient && line.flags.includes('unknown-ingredient'))) && (
        <p className="text-[13px] font-medium text-ox">
          {unknown && 'No ingredient of that name here. '}
          <Link
            className="underline underline-offset-4"
            href={`/ingredients/new?${new URLSearchParams({ name: line.ingredient || nameIn(line.pasted), back: backHere })}`}
          >
            Add it from its label
          </Link>
          ; what stands here is kept.
        </p>
      )}
      {bad && (
        <p role="alert" className="text-[13px] font-medium text-ox">
          That is not an amount. Try 12 g, 1 oz, 1/4 cup{found?.piece ? ` or 2 ${found.piece.name}s` : ''}.
        </p>
      )}
    </li>
  );
}

/** "Read as lime juice?", answered at one press; unread until then. */
function Suggestion({ line, ingredients, onChange }: Pick<Props, 'line' | 'ingredients' | 'onChange'>) {
  const { style, decimalComma } = usePreferences();
  const suggested = line.suggestion && !line.ingredient ? findIngredient(line.suggestion, ingredients) : undefined;
  if (!suggested) return null;
  const take = () => {
    const written = readAmount(line.pasted, decimalComma);
    const massG = line.massG ?? (written ? weighAmount(written, suggested).massG : null);
    onChange({
      ingredient: suggested.name,
      suggestion: undefined,
      ...(massG ? { mass: formatMass(massG, style), massG } : {}),
    });
  };
  return (
    <p className="flex flex-wrap items-center gap-x-3 font-medium">
      Read as {suggested.name.toLowerCase()}?
      <button type="button" className="min-h-10 font-semibold underline underline-offset-4" onClick={take}>
        Yes
      </button>
      <button
        type="button"
        className="min-h-10 font-semibold underline underline-offset-4"
        onClick={() =>
          onChange({
            suggestion: undefined,
            flags: [...line.flags.filter((one) => one !== 'read-as'), 'unknown-ingredient'],
          })
        }
      >
        No
      </button>
    </p>
  );
}

/** Soda in a mix is the dose that stays in: what that means, beside the line. */
function SodaNote({ massG, forMassG }: { massG?: number; forMassG: number }) {
  const { style } = usePreferences();
  return (
    <p className="text-[13px] text-muted">
      This is the soda that stays in:{' '}
      {massG ? `${formatNumber((100 * massG) / forMassG, style.locale, 1)} % of the meat, ` : ''}
      nothing is added to it under Tenderize, and over {UNRINSED_SODA_MAX_PERCENT} % no plan is made with it.
    </p>
  );
}

interface CustomaryProps {
  ingredient: Ingredient;
  massG: number;
  forMassG: number;
  onTake: (part: Pick<FormLine, 'mass' | 'massG'>) => void;
}

/** A line without an amount is no dead end. */
function Customary({ ingredient, massG, forMassG, onTake }: CustomaryProps) {
  const { style } = usePreferences();
  return (
    <p className="text-[14px]">
      Customary: about {formatMass(massG, style)}, {measureIngredient(ingredient, massG).spoken},{' '}
      {formatNumber((100 * massG) / forMassG, style.locale, 1)} % of the meat.{' '}
      <button
        type="button"
        className="min-h-9 font-semibold underline underline-offset-4"
        onClick={() => onTake({ mass: formatMass(massG, style), massG })}
      >
        Take it
      </button>
    </p>
  );
}
