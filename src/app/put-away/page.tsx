import type { Metadata } from 'next';
import { listPutAway } from '@/server/putAway/putAway';
import { PutAwayScreen } from '@/ui/features/putAway/putAwayScreen';
import { findOf, offsetOf, page, type Search } from '../page-tools';

export const metadata: Metadata = { title: 'Put away' };

const limit = 60;

export default async function Page({ searchParams }: Search) {
  const search = await searchParams;
  const [find, offset] = [findOf(search.find), offsetOf(search.from)];
  return page(
    () => listPutAway({ find, limit, offset }),
    (data) => <PutAwayScreen {...data} find={find} offset={offset} limit={limit} />,
  );
}
