import type { Metadata } from 'next';
import { readHousehold } from '@/server/kitchen/kitchen';
import { KeepCopy } from '@/ui/features/kitchen/keepCopy';
import { MyKitchenScreen } from '@/ui/features/kitchen/myKitchenScreen';
import { page } from '../page-tools';
import { Link } from '@/ui/primitives/link';

export const metadata: Metadata = { title: 'My kitchen' };

export default async function Page() {
  return page(readHousehold, (household) => (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1 className="mb-4">My kitchen</h1>
      <p className="mb-4 text-[14px]">
        <Link className="underline underline-offset-4" href="/put-away">
          What was put away, to bring back
        </Link>
      </p>
      <MyKitchenScreen household={household} zones={Intl.supportedValuesOf('timeZone')} />
      <KeepCopy />
    </div>
  ));
}
