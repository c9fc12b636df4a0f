import type { Metadata } from 'next';
import { loadMarinadesPage } from '@/server/pages/otherPages';
import { MarinadeList } from '@/ui/features/marinades/marinadeList';
import { page } from '../page-tools';

export const metadata: Metadata = { title: 'Marinades' };

export default async function Page() {
  return page(loadMarinadesPage, (marinades) => (
    <div className="mx-auto max-w-5xl px-4 py-6">
      <h1>Marinades</h1>
      <p className="mt-1 text-muted">Each is written for a weight of trimmed meat. Open one to scale it to yours.</p>
      <MarinadeList marinades={marinades} />
    </div>
  ));
}
