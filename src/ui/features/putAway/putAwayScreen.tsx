'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PutAway } from '@/contract/resources';
import { formatDayClock } from '@/core/times';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { EmptyState } from '../../primitives/emptyState';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';

/** Everything that was put away, to be found again and brought back. */
export function PutAwayScreen({ items, zone }: { items: PutAway[]; zone: string }) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const [asked, setAsked] = useState('');
  const shown = items.filter(({ name, kind }) => `${name} ${kind}`.toLowerCase().includes(asked.trim().toLowerCase()));
  const bringBack = async ({ name, restore }: PutAway) => {
    const result = await callApi('POST', restore);
    toast({ text: result.ok ? `${name} is back.` : result.problem.title });
    router.refresh();
  };
  if (items.length === 0)
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
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Find</span>
          <input
            className="h-11 w-full max-w-sm rounded border border-grout bg-panel px-3"
            value={asked}
            maxLength={120}
            onChange={(event) => setAsked(event.target.value)}
          />
        </label>
        <ul className="panel divide-y divide-grout">
          {shown.map((one) => (
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
        {shown.length === 0 && <p className="text-muted">Nothing of that name was put away.</p>}
      </Alive>
    </div>
  );
}
