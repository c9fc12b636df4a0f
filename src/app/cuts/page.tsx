import type { Metadata } from 'next';
import { loadCuts } from '@/server/pages/cutsPage';
import { CutsScreen } from '@/ui/features/cuts/cutsScreen';
import { page } from '../page-tools';

export const metadata: Metadata = { title: 'Cuts' };

export default async function Page() {
  return page(loadCuts, (cuts) => <CutsScreen cuts={cuts} />);
}
