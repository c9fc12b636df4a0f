import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { stageNamed } from '@/core/ways';
import { loadBatchPage } from '@/server/pages/otherPages';
import { BatchScreen } from '@/ui/features/batch/batchScreen';
import { one, page, type Search } from '../../page-tools';

export const metadata: Metadata = { title: 'Batch' };

export default async function Page({ params, searchParams }: Search & { params: Promise<{ id: string }> }) {
  const [{ id }, { stage }] = await Promise.all([params, searchParams]);
  const known = one(id);
  if (!known) notFound();
  return page(
    () => loadBatchPage(known),
    (data) => <BatchScreen key={known} {...data} stage={stageNamed(stage) ?? 'slice'} />,
  );
}
