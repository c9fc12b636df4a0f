'use client';

import type { MarinadePage } from '@/contract/views';
import { INGREDIENT_KINDS, scaleMarinade, type IngredientKind } from '@/core/marinades';
import { formatDuration, formatNumber } from '@/core/units';
import { allergenWords, KIND_NAMES, listOf, USE_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { usePreferences } from '../../shell/preferences';
import { FindField } from '../../primitives/findField';
import { Link } from '../../primitives/link';
import { Pager } from '../../primitives/pager';

const KIND_COLOURS: Record<IngredientKind, string> = {
  liquid: '#7a4a3a',
  acid: '#c7b23c',
  salt: '#b9c4c1',
  sugar: '#a0703a',
  spice: '#8a5d10',
  fresh: '#5c8a4a',
  fruit: '#86a83e',
  starch: '#e8dcc4',
  oil: '#d9b24c',
};

interface Props {
  marinades: readonly MarinadePage[];
  total: number;
  find: string;
  offset: number;
  limit: number;
}

/** The book: each marinade with what it is made of at a glance. */
export function MarinadeList({ marinades, total, find, offset, limit }: Props) {
  return (
    <>
      <Alive className="mt-4 max-w-md">
        <FindField label="Find by name or ingredient" path="/marinades" find={find} />
      </Alive>
      {marinades.length === 0 && (
        <p className="mt-6 text-muted">{find ? `Nothing with “${find}”.` : 'The book is empty.'}</p>
      )}
      <ul className="mt-5 grid gap-4 md:grid-cols-2">
        {marinades.map((page) => (
          <MarinadeCard key={page.resource.id} {...page} />
        ))}
      </ul>
      <Pager
        total={total}
        offset={offset}
        limit={limit}
        href="/marinades"
        find={find}
        words={{ before: 'Back', after: 'More' }}
      />
    </>
  );
}

/** One of the book: its parts by weight as a bar, its hours, its salt, its allergens. */
function MarinadeCard({ resource, marinade }: MarinadePage) {
  const { style } = usePreferences();
  const { whole } = scaleMarinade(marinade, resource.forMassG);
  const parts = INGREDIENT_KINDS.map((kind) => ({
    kind,
    massG: marinade.lines
      .filter(({ ingredient }) => ingredient.kind === kind)
      .reduce((sum, { massG }) => sum + massG, 0),
  })).filter(({ massG }) => massG > 0);
  return (
    <li className="panel px-4 py-3.5">
      <h2 className="text-[19px]">
        <Link href={`/marinades/${resource.id}`} className="wrap-anywhere hover:underline">
          {resource.name}
        </Link>
      </h2>
      {resource.note && <p className="mt-0.5 text-[14px] text-muted wrap-anywhere">{resource.note}</p>}
      <svg
        viewBox="0 0 100 5"
        preserveAspectRatio="none"
        role="img"
        aria-label={`By weight: ${listOf(parts.map(({ kind, massG }) => `${KIND_NAMES[kind]} ${Math.round((100 * massG) / whole.massG)} %`))}`}
        className="mt-3 h-3 w-full rounded-sm"
      >
        {parts.map(({ kind, massG }, index) => {
          const before = parts.slice(0, index).reduce((sum, part) => sum + part.massG, 0);
          return (
            <rect
              key={kind}
              x={(100 * before) / whole.massG}
              width={(100 * massG) / whole.massG - 0.3}
              height="5"
              fill={KIND_COLOURS[kind]}
            />
          );
        })}
      </svg>
      <p className="mt-1 text-[12px] text-muted">
        {parts
          .map(({ kind, massG }) => `${KIND_NAMES[kind]} ${formatNumber((100 * massG) / whole.massG, style.locale)} %`)
          .join(' · ')}
      </p>
      <p className="mt-2 text-[14px]">
        {formatDuration(resource.minutes.from)} to {formatDuration(resource.minutes.to)}; salt{' '}
        {formatNumber((100 * whole.saltG) / resource.forMassG, style.locale, 1)} % of the meat;{' '}
        {resource.ways.map((way) => USE_NAMES[way].toLowerCase()).join(' · ')}
        <br />
        <strong className="font-semibold">
          {allergenWords({ allergens: whole.allergens, unread: resource.unread })}
        </strong>
        {whole.alcohol && ', alcohol'}
      </p>
    </li>
  );
}
