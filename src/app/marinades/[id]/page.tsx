import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadMarinadePage } from '@/server/pages/otherPages';
import { MarinadeScreen } from '@/ui/features/marinades/marinadeScreen';
import { one, page } from '../../page-tools';

export const metadata: Metadata = { title: 'Marinade' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const id = one((await params).id);
  if (!id) notFound();
  return page(
    () => loadMarinadePage(id),
    (data) => <MarinadeScreen {...data} />,
  );
}
