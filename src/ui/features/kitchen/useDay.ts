'use client';

import { useMemo } from 'react';
import type { DayBatch, PlannedBatch } from '@/contract/views';
import { asItStands, met, planDay, showDay } from '@/core/day';
import type { BatchEvent } from '@/core/progress';
import { usePreferences } from '../../shell/preferences';

const MIN_MS = 60_000;

interface Given {
  /** As the server saw them at `nowMs`. */
  batches: PlannedBatch[];
  day: DayBatch[];
  eventsOf: (batchId: string) => readonly BatchEvent[];
  nowMs: number;
}

/**
 * The batches as they stand now, by what is known here: planned again where something was measured, with new hours at every event and every minute. Of a meal with
 * too many batches, as the server last saw it.
 */
export function useDay({ batches, day, eventsOf, nowMs }: Given, firstMs: number): PlannedBatch[] {
  const { style } = usePreferences();
  const minuteMs = Math.floor(nowMs / MIN_MS) * MIN_MS;
  const known = useMemo(() => day.map((batch) => ({ ...batch, events: eventsOf(batch.id) })), [day, eventsOf]);
  const isNews = minuteMs > firstMs || known.some(({ events }, at) => events.length !== day[at]!.events.length);
  const measured = JSON.stringify(known.map((batch) => met(batch).inputs));
  // Only what was measured changes what was planned; everything else changes hours alone.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const planned = useMemo(() => (isNews ? planDay(known.map(met)) : undefined), [measured, isNews]);
  return useMemo(() => {
    if (!planned || known.length === 0) return batches;
    const shown = showDay(asItStands(known, planned, { nowMs: minuteMs }), style);
    return batches.map((batch) => shown.find(({ id }) => id === batch.id) ?? batch);
  }, [planned, known, batches, minuteMs, style]);
}
