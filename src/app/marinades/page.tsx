import type { Metadata } from 'next';
import { loadMarinadesPage } from '@/server/pages/otherPages';
import { buttonLook } from '@/ui/primitives/buttonLook';
import { Link } from '@/ui/primitives/link';
import { MarinadeList } from '@/ui/features/marinades/marinadeList';
import { MissingStarters } from '@/ui/features/marinades/missingStarters';
import { findOf, offsetOf, page, type Search } from '../page-tools';

export const metadata: Metadata = { title: 'Marinades' };

const limit = 60;

export default async function Page({ searchParams }: Search) {
  const search = await searchParams;
  const [find, offset] = [findOf(search.find), offsetOf(search.from)];
  return page(
    () => loadMarinadesPage(find, { limit, offset }),
    ({ marinades, total, missing }) => (
      <div className="mx-auto max-w-5xl px-4 py-6">
        <div className="flex flex-wrap items-end gap-4">
          <h1 className="grow">Marinades</h1>
          <Link href="/ingredients" className={buttonLook('quiet')}>
            Ingredients
          </Link>
          <Link href="/marinades/new" className={buttonLook('plain')}>
            Add a marinade
          </Link>
        </div>
        <p className="mt-1 text-muted">Each is written for a weight of trimmed meat. Open one to scale it to yours.</p>
        <MarinadeList marinades={marinades} total={total} find={find} offset={offset} limit={limit} />
        {!find && <MissingStarters missing={missing} />}
      </div>
    ),
  );
}
