'use client';

import Link from 'next/link';
import type { ParseAnswer } from '@/contract/calculations';
import {
  customaryG,
  findIngredient,
  readAmount,
  SODA_ID,
  weighAmount,
  type Ingredient,
  type LineFlag,
  type MarinadeLine,
} from '@/core/marinades';
import { UNRINSED_SODA_MAX_PERCENT } from '@/core/safety';
import { formatMass, formatNumber, parseMass, roughSpoons, type FormatStyle } from '@/core/units';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';

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
  note: string;
  flags: LineFlag[];
}

const FLAG_WORDS: Record<LineFlag, string> = {
  'unknown-ingredient': 'not known here: choose one, or leave it as it is written',
  'read-as': 'not sure what it is',
  'curing-salt':
    'curing salt (nitrite) is kept out: Mince does not compute its doses, because a little too much of it is poisonous',
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

/** A line of the form from a line that was read. */
export function toFormLine(
  { text: pasted, ingredient, suggestion, massG, note, flags }: ParseAnswer['lines'][number],
  ingredients: readonly Ingredient[],
  style: FormatStyle,
): Omit<FormLine, 'key'> {
  return {
    pasted,
    ingredient: ingredient ? findIngredient(ingredient, ingredients)!.name : '',
    ...(suggestion ? { suggestion } : {}),
    mass: massG === null ? '' : formatMass(massG, style),
    ...(massG === null ? {} : { massG }),
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
  const { style, decimalComma } = usePreferences();
  const found = findIngredient(line.ingredient, ingredients);
  const unknown = line.ingredient !== '' && !found;
  const bad = line.mass !== '' && gramsIn(line.mass, found, decimalComma) === undefined;
  const open = line.flags.filter((flag) =>
    flag === 'unknown-ingredient' || flag === 'read-as' || flag === 'curing-salt'
      ? !line.ingredient
      : flag === 'no-amount' || flag === 'to-taste'
        ? !line.mass
        : true,
  );
  const wants = unknown || open.some((flag) => !SAID_ONLY.includes(flag));
  const look = 'h-11 rounded border border-grout bg-panel px-3';
  return (
    <li
      aria-label={line.pasted || line.ingredient || 'New line'}
      className={wants ? 'rounded border border-brass-line bg-brass-tint px-3 py-2' : 'px-3'}
    >
      {line.pasted && <p className="text-[13px] text-muted">“{line.pasted}”</p>}
      <Suggestion line={line} ingredients={ingredients} onChange={onChange} />
      <div className="flex flex-wrap items-center gap-2">
        <input
          className={`${look} w-64`}
          aria-label="Ingredient"
          list="ingredients"
          value={line.ingredient}
          maxLength={120}
          placeholder="ingredient"
          onChange={(event) => onChange({ ingredient: event.target.value })}
        />
        <input
          className={`${look} w-28`}
          aria-label="How much"
          value={line.mass}
          maxLength={40}
          placeholder="12 g, 1/4 cup"
          aria-invalid={bad ? true : undefined}
          onChange={(event) =>
            onChange({ mass: event.target.value, massG: gramsIn(event.target.value, found, decimalComma) })
          }
        />
        <input
          className={`${look} w-44`}
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
      {found?.id === SODA_ID && (
        <p className="text-[13px] text-muted">
          This is the soda that stays in:{' '}
          {line.massG ? `${formatNumber((100 * line.massG) / forMassG, style.locale, 1)} % of the meat, ` : ''}
          nothing is added to it under Tenderize, and over {UNRINSED_SODA_MAX_PERCENT} % no plan is made with it.
        </p>
      )}
      {found && customary !== undefined && (
        <p className="text-[14px]">
          Customary: about {formatMass(customary, style)}, {roughSpoons(customary / found.densityGPerMl)},{' '}
          {formatNumber((100 * customary) / forMassG, style.locale, 1)} % of the meat.{' '}
          <button
            type="button"
            className="min-h-9 font-semibold underline underline-offset-4"
            onClick={() => onChange({ mass: formatMass(customary, style), massG: customary })}
          >
            Take it
          </button>
        </p>
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
