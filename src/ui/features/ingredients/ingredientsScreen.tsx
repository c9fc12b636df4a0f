'use client';

import clsx from 'clsx';
import { useState } from 'react';
import type { IngredientResource } from '@/contract/resources';
import { searchIngredients } from '@/core/marinades';
import { formatMass, formatNumber } from '@/core/units';
import { ALLERGEN_NAMES, KIND_NAMES, listOf } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { Link } from '../../primitives/link';
import { usePreferences } from '../../shell/preferences';
import { SearchField } from '../../primitives/plainFields';
import { usePutAway } from '../../shell/usePutAway';

/** Columns that a phone has room for. */
const ALWAYS_SHOWN = 2;

const containsOf = ({ allergens, alcohol, glutamate, strongEnzyme }: IngredientResource) =>
  listOf([
    ...allergens.map((allergen) => ALLERGEN_NAMES[allergen]),
    ...(alcohol ? ['alcohol'] : []),
    ...(glutamate ? ['glutamate'] : []),
    ...(strongEnzyme ? ['strong enzymes'] : []),
  ]);

/** Every ingredient with what is in it: the cook's own first, then those that come with Mince. */
export function IngredientsScreen({ ingredients }: { ingredients: readonly IngredientResource[] }) {
  const [text, setText] = useState('');
  const putAway = usePutAway();
  const found = searchIngredients(text, ingredients);
  const remove = ({ id, name, version }: IngredientResource) =>
    putAway({ path: `/ingredients/${id}`, said: `${name} was put away; marinades made with it keep it.`, version });
  return (
    <div className="mx-auto max-w-5xl px-4 py-6">
      <p className="text-[14px]">
        <Link href="/marinades" className="underline underline-offset-4">
          Marinades
        </Link>
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <h1 className="grow">Ingredients</h1>
        <Link href="/ingredients/new" className={buttonLook('plain')}>
          Add one from its label
        </Link>
      </div>
      <p className="mt-1 text-muted">
        In per cent of the weight; typical figures, from memory. Makers differ: add yours from the label when it
        matters.
      </p>
      <Alive className="mt-4 max-w-md">
        <SearchField
          label="Find by any name"
          value={text}
          maxLength={120}
          placeholder="scallion, cornflour, bicarb"
          onChange={setText}
        />
      </Alive>
      {found.length === 0 ? (
        <div className="mt-5">
          <EmptyState title="No ingredient of that name" text="Add it with the figures on its label.">
            <Link href={`/ingredients/new?${new URLSearchParams({ name: text.trim() })}`} className={buttonLook()}>
              Add it
            </Link>
          </EmptyState>
        </div>
      ) : (
        <IngredientTable found={found} onRemove={(one) => void remove(one)} />
      )}
    </div>
  );
}

interface IngredientTableProps {
  found: readonly IngredientResource[];
  onRemove: (one: IngredientResource) => void;
}

function IngredientTable({ found, onRemove }: IngredientTableProps) {
  return (
    <div className="panel mt-5 overflow-x-auto px-4 py-2" tabIndex={0} role="region" aria-label="All ingredients">
      <table className="w-full text-left sm:min-w-[720px] text-[14px]">
        <thead>
          <tr className="text-[13px] text-muted">
            <th className="py-2 pr-3 font-medium">Ingredient</th>
            <th className="pr-3 text-right font-medium">salt</th>
            <th className="pr-3 text-right font-medium">sugar</th>
            <th className="hidden pr-3 text-right font-medium sm:table-cell">water</th>
            <th className="hidden pr-3 text-right font-medium sm:table-cell">acid</th>
            <th className="hidden pr-3 text-right font-medium sm:table-cell">fat</th>
            <th className="pr-3 text-right font-medium">1 tsp</th>
            <th className="hidden pl-3 font-medium sm:table-cell">contains</th>
          </tr>
        </thead>
        <tbody>
          {found.map((one) => (
            <IngredientRow key={one.id} one={one} onRemove={() => onRemove(one)} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** What it is, what is in it, what a teaspoon of it weighs. */
function IngredientRow({ one, onRemove }: { one: IngredientResource; onRemove: () => void }) {
  const { style } = usePreferences();
  const percent = (share: number) =>
    share >= 0.0005 ? formatNumber(100 * share, style.locale, share < 0.1 ? 1 : 0) : '–';
  return (
    <tr className="border-t border-grout-soft align-baseline">
      <th scope="row" className="py-2 pr-3 font-semibold">
        {one.own ? (
          <Link className="underline underline-offset-4" href={`/ingredients/${one.id}`}>
            {one.name}
          </Link>
        ) : (
          one.name
        )}
        <span className="block text-[12px] font-normal text-muted">
          {[
            KIND_NAMES[one.kind],
            one.piece && `1 ${one.piece.name} ${formatMass(one.piece.massG, style)}`,
            one.otherNames.slice(0, 3).join(', '),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
        <span className="block text-[12px] font-medium text-brass sm:hidden">{containsOf(one)}</span>
        {one.own && (
          <Button look="quiet" className="-ml-3 text-[13px]" onClick={onRemove}>
            Put it away
          </Button>
        )}
      </th>
      {[one.saltFraction, one.sugarFraction, one.waterFraction, one.acidFraction, one.fatFraction].map(
        (share, index) => (
          <td key={index} className={clsx('pr-3 text-right', index >= ALWAYS_SHOWN && 'hidden sm:table-cell')}>
            {percent(share)}
          </td>
        ),
      )}
      <td className="whitespace-nowrap pr-3 text-right">{formatMass(one.densityGPerMl * 4.92892159375, style)}</td>
      <td className="hidden pl-3 text-[13px] sm:table-cell">{containsOf(one) || '–'}</td>
    </tr>
  );
}
