import type { Metadata } from 'next';
import { loadMarinadeForm } from '@/server/pages/otherPages';
import { MarinadeForm } from '@/ui/features/marinades/marinadeForm';
import { one, page, type Search } from '../../page-tools';

export const metadata: Metadata = { title: 'A marinade of your own' };

export default async function Page({ searchParams }: Search) {
  const { from, edit } = await searchParams;
  return page(
    () => loadMarinadeForm({ from: one(from), edit: one(edit) }),
    (data) => <MarinadeForm key={`${data.from?.id}${data.edit}`} {...data} />,
  );
}
