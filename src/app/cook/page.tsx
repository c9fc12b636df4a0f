import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadKitchen } from '@/server/pages/kitchenPage';
import { KitchenScreen } from '@/ui/features/kitchen/kitchenScreen';
import { one, page, type Search } from '../page-tools';
import { readPreferences } from '../preferences';

export const metadata: Metadata = { title: 'Cooking' };

export default async function Page({ searchParams }: Search) {
  const [{ batch, meal }, style] = await Promise.all([searchParams, readPreferences()]);
  const [batchId, mealId] = [one(batch), one(meal)];
  if (!batchId && !mealId) notFound();
  const nowMs = Date.now();
  return page(
    () => loadKitchen({ batchId, mealId }, style),
    (data) => <KitchenScreen {...data} nowMs={nowMs} />,
  );
}
