import type { Metadata } from 'next';
import { listBatches } from '@/server/batches/batches';
import { readHousehold } from '@/server/kitchen/kitchen';
import { BatchList } from '@/ui/features/batch/batchList';
import { buttonLook } from '@/ui/primitives/buttonLook';
import { Link } from '@/ui/primitives/link';
import { offsetOf, page, type Search } from '../page-tools';

export const metadata: Metadata = { title: 'Batches' };

const limit = 50;

export default async function Page({ searchParams }: Search) {
  const offset = offsetOf((await searchParams).from);
  return page(
    async () => ({ ...(await listBatches({ limit, offset })), ...(await readHousehold()) }),
    ({ items, total, zone }) => (
      <div className="mx-auto max-w-5xl px-4 py-6">
        <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
          <h1>Batches</h1>
          <Link href="/batches/new" className={buttonLook()}>
            New batch
          </Link>
        </div>
        <BatchList zone={zone} batches={items} total={total} offset={offset} limit={limit} />
        <p className="mt-4 text-[14px]">
          <Link className="underline underline-offset-4" href="/put-away">
            Put away
          </Link>
        </p>
      </div>
    ),
  );
}
