import type { Metadata } from 'next';
import { loadToday } from '@/server/pages/todayPage';
import { TodayScreen } from '@/ui/features/today/todayScreen';
import { one, page, type Search } from './page-tools';
import { readPreferences } from './preferences';

export const metadata: Metadata = { title: 'Today · Mince' };

export default async function Page({ searchParams }: Search) {
  const [{ meal }, style] = await Promise.all([searchParams, readPreferences()]);
  const nowMs = Date.now();
  return page(
    () => loadToday(nowMs, style, one(meal)),
    (data) => <TodayScreen {...data} nowMs={nowMs} />,
  );
}
