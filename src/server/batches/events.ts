import { eventPayloads, type EventResource, type EventWrite } from '@/contract/resources';
import type { EventRow } from '@/data/tables';
import { breaksRule } from '../api/failures';

export const toEvent = (row: EventRow): EventResource => ({
  id: row.id,
  batchId: row.batch_id,
  kind: row.kind as EventResource['kind'],
  ...(row.job_key ? { jobKey: row.job_key as EventResource['jobKey'] } : {}),
  at: row.at.toISOString(),
  zone: row.zone,
  payload: row.payload as EventResource['payload'],
  recordedAt: row.recorded_at.toISOString(),
});

/** What an event of its kind has to carry. */
export function checkPayload({ kind, payload }: EventWrite): void {
  const rule = eventPayloads[kind];
  if (!rule || rule.shape.safeParse(payload).success) return;
  throw breaksRule(rule.says, '/payload');
}
