import type { EventResource } from '@/contract/resources';
import type { BatchEvent } from '@/core/progress';
import type { EventRow } from '@/data/tables';

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

export const toBatchEvent = ({ id, kind, jobKey, at, payload }: EventResource): BatchEvent => ({
  id,
  kind,
  jobKey,
  atMs: Date.parse(at),
  payload,
});
