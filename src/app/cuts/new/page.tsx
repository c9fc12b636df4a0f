import type { Metadata } from 'next';
import { loadCutForm } from '@/server/pages/cutsPage';
import { CutForm } from '@/ui/features/cuts/cutForm';
import { page, text, type Search } from '../../page-tools';

export const metadata: Metadata = { title: 'A cut of your own' };

export default async function Page({ searchParams }: Search) {
  const { from, edit } = await searchParams;
  return page(
    () => loadCutForm({ from: text(from), edit: text(edit) }),
    (data) => <CutForm key={data.edit ? `change ${data.edit.id}` : `new ${data.from.id}`} {...data} />,
  );
}
