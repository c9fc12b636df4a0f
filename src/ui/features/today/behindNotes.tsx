'use client';

import clsx from 'clsx';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Meal } from '@/contract/resources';
import type { PlannedBatch } from '@/contract/views';
import { formatClock } from '@/core/times';
import { behindWords, catchUpWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';

const FIVE_MIN_MS = 300_000;

/** Late by now, or in time only because its marinade gives. */
export const isBehind = ({ standing }: PlannedBatch): boolean =>
  standing !== undefined && standing.open && (standing.byMin > 0 || standing.marinade !== undefined);

/** Minutes late by now; of what is not followed, those of its plan. */
export const lateNowMin = ({ standing, lateByMin }: PlannedBatch): number =>
  standing ? (standing.open ? standing.byMin : 0) : lateByMin;

interface Props {
  batches: readonly PlannedBatch[];
  meal: Meal;
  zone: string;
}

/** Late by now: said at once, with each way out at one press. */
export function BehindNotes({ batches, meal, zone }: Props) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const [busy, setBusy] = useState(false);
  const late = batches.filter(isBehind);
  const alarms = batches.filter(({ alarm }) => alarm);
  if (late.length + alarms.length === 0) return null;

  const press = async (sending: ReturnType<typeof callApi>) => {
    setBusy(true);
    const result = await sending;
    setBusy(false);
    if (!result.ok) toast({ text: `${result.problem.title} ${result.problem.detail ?? ''}`.trim() });
    router.refresh();
  };
  const { name, people, version, tableAt } = meal;
  // The meal as a whole: those that are in time wait hot for the rest.
  const lateMs = Math.max(0, ...late.map(({ standing, tableAtMs }) => standing!.tableMs - tableAtMs));
  const movedMs = Math.ceil((Date.parse(tableAt) + lateMs) / FIVE_MIN_MS) * FIVE_MIN_MS;
  return (
    <section
      aria-label="Behind"
      role="status"
      className={clsx(
        'mt-4 space-y-2 rounded px-4 py-3 text-[15px] wrap-anywhere',
        lateMs > 0 || alarms.length > 0 ? 'border-2 border-ox bg-ox-tint' : 'border border-brass-line bg-brass-tint',
      )}
    >
      {alarms.map(({ id, name, alarm }) => (
        <p key={id} className="font-medium">
          {name}: {alarm}
        </p>
      ))}
      {late.map(({ id, name, standing }) => (
        <p key={id} className={clsx(standing!.byMin > 0 && 'font-medium')}>
          {behindWords(standing!, { name, zone }, style)}
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
        {late.flatMap((batch) =>
          batch.ways.map(({ code, soonerMin, pins }) => (
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
