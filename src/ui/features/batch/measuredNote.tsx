'use client';

import { useState } from 'react';
import type { EventResource } from '@/contract/resources';
import { MEASURES, type Facts } from '@/core/progress';
import { formatDayClock } from '@/core/times';
import { measuredWords } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { callApi } from '../../shell/api';
import { newId } from '../../shell/newId';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { useBatchWork } from './batchContext';

/** What was measured at the board stands before what was pinned or expected; here it can be taken back. */
export function MeasuredNote({ measured }: { measured: Facts['measured'] }) {
  const { batchId, zone, record } = useBatchWork();
  const { style } = usePreferences();
  const toast = useToast();
  const [busy, setBusy] = useState(false);
  const alive = useAlive();
  // The heat of the middle is a fact of the day and nothing that a plan rests on.
  const known = MEASURES.flatMap((measure) => {
    const fact = measured[measure];
    return fact && measure !== 'centreC' ? [{ measure, ...fact }] : [];
  });
  if (known.length === 0) return null;
  const takeBack = async (press: string) => {
    setBusy(true);
    const result = await callApi<EventResource>('POST', `/batches/${batchId}/events`, {
      body: { id: newId(), kind: 'press-undone', at: new Date().toISOString(), payload: { press } },
    });
    setBusy(false);
    if (result.ok) record(result.data);
    else toast({ text: `${result.problem.title} ${result.problem.detail ?? ''}`.trim() });
  };
  return (
    <ul aria-label="Measured at the board" className="rounded border border-grout bg-tile px-4 py-2 text-[14px]">
      {known.map(({ measure, value, atMs, press }) => (
        <li key={measure} className="flex flex-wrap items-baseline gap-x-3">
          <strong>{measuredWords(measure, value, style)}</strong>
          <span className="text-muted">
            {formatDayClock(atMs, zone, style.locale)}; the plan goes by it, whatever was typed before.
          </span>
          <button
            type="button"
            disabled={busy || !alive}
            className="min-h-9 underline underline-offset-4"
            onClick={() => void takeBack(press)}
          >
            Take it back
          </button>
        </li>
      ))}
    </ul>
  );
}
