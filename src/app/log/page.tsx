import type { Metadata } from 'next';
import { loadLogPage } from '@/server/pages/otherPages';
import { LogScreen } from '@/ui/features/log/logScreen';
import { offsetOf, page, type Search } from '../page-tools';

export const metadata: Metadata = { title: 'Log' };

const limit = 50;

export default async function Page({ searchParams }: Search) {
  const offset = offsetOf((await searchParams).from);
  return page(
    () => loadLogPage(offset, limit),
    (data) => (
      <div className="mx-auto max-w-5xl px-4 py-6">
        <h1 className="mb-4">Log</h1>
        <LogScreen {...data} offset={offset} limit={limit} />
      </div>
    ),
  );
}
