import type { Metadata } from 'next';
import { readCut } from '@/server/cuts/cuts';
import { CutScreen } from '@/ui/features/cuts/cutScreen';
import { page } from '../../page-tools';

export const metadata: Metadata = { title: 'Cut' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  return page(
    () => readCut(id),
    (cut) => <CutScreen cut={cut} />,
  );
}
