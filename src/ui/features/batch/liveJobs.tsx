'use client';

import { useCallback, useMemo, useState } from 'react';
import type { DayBatch } from '@/contract/views';
import { withHour, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import { asItStands, met, planDay } from '@/core/day';
import type { BatchEvent, Facts } from '@/core/progress';
import type { JobKey } from '@/core/scheduling';
import { behindWords } from '@/core/words';
import { toBatchEvent } from '../../shell/batchEvents';
import { usePreferences } from '../../shell/preferences';
import { useNow } from '../../shell/useNow';
import { useBatchWork } from './batchContext';
import { JobList } from './jobList';

const MIN_MS = 60_000;

interface Props {
  listed: { plan: BatchPlan; inputs: BatchInputs; around: Surroundings };
  /** The other batches of its meal, and what was done for them. */
  neighbours: readonly DayBatch[];
  truth: Facts;
}

/** The jobs of a batch: counted back from the table, and once one of them was begun at the hours that they really have. */
export function LiveJobs({ listed, neighbours, truth: { jobs: progress } }: Props) {
  const { batchId, fields, events, zone, pin } = useBatchWork();
  const { style } = usePreferences();
  const known = useMemo(() => events.map(toBatchEvent), [events]);
  const { name } = fields;
  const begun = progress.size > 0 || neighbours.some((one) => one.events.length > 0);
  const live = useLive({ id: batchId, name, neighbours, events: known }, listed, begun);
  const { jobAtMs } = fields.pins;
  const giveHour = useCallback(
    (key: JobKey, atMs: number | undefined) => pin({ jobAtMs: withHour(jobAtMs, key, atMs) }),
    [pin, jobAtMs],
  );
  const { inputs, around } = listed;
  const behind = live?.standing?.open ? behindWords(live.standing, { name, zone }, style) : '';
  return (
    <section aria-label="Jobs" className="below-the-fold min-w-0 px-4 pb-8 pt-3 wide:px-6">
      <h2 className="mb-2">{live ? 'The jobs, as they stand' : 'The jobs, counted back from the table'}</h2>
      {behind && <p className="mb-2 wrap-anywhere text-ox">{behind}</p>}
      <JobList
        plan={live?.plan ?? listed.plan}
        inputs={inputs}
        cut={around.cut}
        marinade={around.marinade}
        zone={zone}
        progress={progress}
        passed={live?.standing?.passed}
        tableMs={live?.standing?.tableMs}
        onHour={giveHour}
      />
    </section>
  );
}

function useLive(
  {
    id,
    name,
    neighbours,
    events,
  }: Pick<DayBatch, 'id' | 'name'> & { neighbours: readonly DayBatch[]; events: readonly BatchEvent[] },
  { inputs, around }: Props['listed'],
  begun: boolean,
) {
  const [firstMs] = useState(() => Date.now());
  const minuteMs = Math.floor(useNow(firstMs, MIN_MS / 2) / MIN_MS) * MIN_MS;
  const day = useMemo(
    () => (begun ? [{ id, name, version: 0, inputs, around, events }, ...neighbours] : []),
    [begun, id, name, inputs, around, events, neighbours],
  );
  const planned = useMemo(() => planDay(day.map(met)), [day]);
  return useMemo(() => asItStands(day, planned, { nowMs: minuteMs })[0], [day, planned, minuteMs]);
}
