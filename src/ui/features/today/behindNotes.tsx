'use client';

import clsx from 'clsx';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Meal } from '@/contract/resources';
import type { PlannedBatch } from '@/contract/views';
import { behind } from '@/core/follow';
import type { JobProgress } from '@/core/progress';
import type { JobKey } from '@/core/scheduling';
import { formatClock } from '@/core/times';
import { behindWords, catchUpWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';

const MIN_MS = 60_000;
/** So long after its table nobody is waiting for a batch any more. */
const OVER_MS = 6 * 60 * MIN_MS;
const FIVE_MIN_MS = 5 * MIN_MS;
/** Sooner by less than this, no way out is offered. */
const WORTH_MIN = 5;

type ProgressOf = (batchId: string) => ReadonlyMap<JobKey, JobProgress>;

/** Every batch that is late by now, or in time only because its marinade gives; and what would make up for it. */
export function behindOf(batches: readonly PlannedBatch[], progressOf: ProgressOf, nowMs: number) {
  // Minute by minute: what is read does not flicker.
  const now = Math.floor(nowMs / MIN_MS) * MIN_MS;
  return batches.flatMap((batch) => {
    const { work, marinadeMin, tableAtMs, quicker } = batch;
    if (!work || now > tableAtMs + OVER_MS) return [];
    const progress = progressOf(batch.id);
    const stands = behind(work, { progress, nowMs: now, plannedMarinadeMin: marinadeMin });
    if (!stands || (stands.byMin === 0 && !stands.marinade)) return [];
    const ways = quicker.flatMap((way) => {
      if (progress.get(way.before)?.startedAtMs !== undefined) return [];
      const then = behind(way.work, { progress, nowMs: now, plannedMarinadeMin: way.marinadeMin });
      const soonerMin = stands.byMin - (then?.byMin ?? 0);
      return soonerMin >= WORTH_MIN ? [{ ...way, soonerMin }] : [];
    });
    return [{ batch, stands, ways }];
  });
}

interface Props {
  batches: readonly PlannedBatch[];
  progressOf: ProgressOf;
  meal: Meal;
  zone: string;
  now: number;
}

/** Late by now: said at once, with each way out at one press. */
export function BehindNotes({ batches, progressOf, meal, zone, now }: Props) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const [busy, setBusy] = useState(false);
  const late = behindOf(batches, progressOf, now);
  if (late.length === 0) return null;

  const press = async (sending: ReturnType<typeof callApi>) => {
    setBusy(true);
    const result = await sending;
    setBusy(false);
    if (!result.ok) toast({ text: `${result.problem.title} ${result.problem.detail ?? ''}`.trim() });
    router.refresh();
  };
  const { name, people, version, tableAt } = meal;
  // The meal as a whole: those that are in time wait hot for the rest.
  const lateMs = Math.max(...late.map(({ stands, batch }) => stands.tableMs - batch.tableAtMs));
  const movedMs = Math.ceil((Date.parse(tableAt) + lateMs) / FIVE_MIN_MS) * FIVE_MIN_MS;
  return (
    <section
      aria-label="Behind"
      role="status"
      className={clsx(
        'mt-4 space-y-2 rounded px-4 py-3 text-[15px] wrap-anywhere',
        lateMs > 0 ? 'border-2 border-ox bg-ox-tint' : 'border border-brass-line bg-brass-tint',
      )}
    >
      {late.map(({ batch, stands }) => (
        <p key={batch.id} className={clsx(stands.byMin > 0 && 'font-medium')}>
          {behindWords(stands, { name: batch.name, zone }, style)}
        </p>
      ))}
      <div className="flex flex-wrap gap-2">
        {lateMs > 0 && (
          <Button
            look="plain"
            disabled={busy}
            onClick={() =>
              void press(
                callApi('PUT', `/meals/${meal.id}`, {
                  version,
                  body: { name, people, tableAt: new Date(movedMs).toISOString() },
                }),
              )
            }
          >
            {`Move the meal to ${formatClock(movedMs, zone, style.locale)}`}
          </Button>
        )}
        {late.flatMap(({ batch, ways }) =>
          ways.map(({ code, soonerMin, pins }) => (
            <Button
              key={batch.id + code}
              look="plain"
              disabled={busy}
              onClick={() =>
                void press(callApi('PATCH', `/batches/${batch.id}`, { version: batch.version, body: { pins } }))
              }
            >
              {catchUpWords(code, { name: batch.name, soonerMin })}
            </Button>
          )),
        )}
      </div>
    </section>
  );
}
