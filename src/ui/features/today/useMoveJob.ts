'use client';

import { useRouter } from 'next/navigation';
import type { Batch } from '@/contract/resources';
import type { DayBatch, PlannedJob } from '@/contract/views';
import { withHour, type Pins } from '@/core/batches';
import { met, planDay } from '@/core/day';
import type { BatchEvent } from '@/core/progress';
import { formatDayClock } from '@/core/times';
import { scheduleWords } from '@/core/words';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { problemWords } from '../../shell/useSend';

/** Keeps a job at the hour it was dragged to, and the rest follows; or says why it cannot, and nothing is changed. */
export function useMoveJob(
  day: readonly DayBatch[],
  eventsOf: (batchId: string) => readonly BatchEvent[],
  zone: string,
): (job: PlannedJob, startMs: number) => void {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();

  const write = async (batchId: string, version: number, pins: Pins) => {
    const result = await callApi<Batch>('PATCH', `/batches/${batchId}`, { version, body: { pins } });
    if (!result.ok) toast({ text: problemWords(result.problem) });
    router.refresh();
    return result.ok ? result.data : undefined;
  };

  return (job, startMs) => {
    const batch = day.find(({ id }) => id === job.batchId);
    if (!batch) return toast({ text: 'There are too many batches in this meal: give the job its hour on the batch.' });
    const { pins } = batch.inputs;
    const moved: Pins = { ...pins, jobAtMs: withHour(pins.jobAtMs, job.key, startMs) };
    const asked = day.map((one) => ({
      ...one,
      events: eventsOf(one.id),
      inputs: one === batch ? { ...one.inputs, pins: moved } : one.inputs,
    }));
    const planned = planDay(asked.map(met))[day.indexOf(batch)]!;
    const schedule = planned.plan?.schedule;
    if (schedule && !schedule.ok) return toast({ text: scheduleWords(schedule.problem, style) });
    void write(batch.id, batch.version, moved).then((written) => {
      if (!written) return;
      const hour = formatDayClock(startMs, zone, style.locale);
      const clash = planned.gives.some(({ code }) => code === 'clash');
      toast({
        text: `“${job.title}” stays at ${hour}.${clash ? ' Hands or heat are wanted twice now: see below.' : ''}`,
        action: { label: 'Undo', run: () => void write(batch.id, written.version, pins) },
      });
    });
  };
}
