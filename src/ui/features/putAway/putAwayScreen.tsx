'use client';

import { useRouter } from 'next/navigation';
import type { PutAway } from '@/contract/resources';
import { formatDayClock } from '@/core/times';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { EmptyState } from '../../primitives/emptyState';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { FindField } from '../../primitives/findField';
import { Pager } from '../../primitives/pager';

interface Props {
  items: PutAway[];
  total: number;
  zone: string;
  find: string;
  offset: number;
  limit: number;
}

/** Everything that was put away, to be found again and brought back. */
export function PutAwayScreen({ items, total, zone, find, offset, limit }: Props) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const bringBack = async ({ name, restore }: PutAway) => {
    const result = await callApi('POST', restore);
    toast({ text: result.ok ? `${name} is back.` : result.problem.title });
    router.refresh();
  };
  if (items.length === 0 && !find && offset === 0)
    return (
      <div className="mx-auto max-w-3xl space-y-4 px-4 py-6">
        <h1>Put away</h1>
        <EmptyState
          title="Nothing is put away"
          text="Batches, meals, marinades, cuts and ingredients that you put away are kept here."
        />
      </div>
    );
  return (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1>Put away</h1>
      <Alive className="mt-4 space-y-4">
        <div className="max-w-sm">
          <FindField label="Find" path="/put-away" find={find} />
        </div>
        <ul className="panel divide-y divide-grout">
          {items.map((one) => (
            <li key={one.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2.5">
              <span className="min-w-0 grow">
                <strong>{one.name}</strong>
                <span className="block text-[13px] text-muted">
                  {one.kind}, put away {formatDayClock(Date.parse(one.putAwayAt), zone, style.locale)}
                </span>
              </span>
              <Button look="plain" onClick={() => void bringBack(one)} aria-label={`Bring back ${one.name}`}>
                Bring back
              </Button>
            </li>
          ))}
        </ul>
        {items.length === 0 && <p className="text-muted">Nothing of that name was put away.</p>}
        <Pager
          total={total}
          offset={offset}
          limit={limit}
          href="/put-away"
          find={find}
          words={{ before: 'Later', after: 'Earlier' }}
        />
      </Alive>
    </div>
  );
}
