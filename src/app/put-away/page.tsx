import type { Metadata } from 'next';
import { listPutAway } from '@/server/putAway/putAway';
import { PutAwayScreen } from '@/ui/features/putAway/putAwayScreen';
import { page } from '../page-tools';

export const metadata: Metadata = { title: 'Put away' };

export default async function Page() {
  return page(listPutAway, (data) => <PutAwayScreen {...data} />);
}
