import type { Metadata } from 'next';
import { loadNewBatchPage } from '@/server/pages/otherPages';
import { NewBatchScreen } from '@/ui/features/new/newBatchScreen';
import { one, page, text, type Search } from '../../page-tools';

export const metadata: Metadata = { title: 'New batch' };

export default async function Page({ searchParams }: Search) {
  const { meal, cut } = await searchParams;
  const nowMs = Date.now();
  return page(
    () => loadNewBatchPage({ cutId: text(cut), mealId: one(meal) }, nowMs),
    (data) => <NewBatchScreen {...data} mealId={one(meal)} nowMs={nowMs} />,
  );
}
