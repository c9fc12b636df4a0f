import type { EventResource } from '@/contract/resources';
import type { BatchEvent } from '@/core/progress';

/** An event as the core takes it. */
export const toBatchEvent = ({ id, kind, jobKey, at, payload }: EventResource): BatchEvent => ({
  id,
  kind,
  jobKey,
  atMs: Date.parse(at),
  payload,
});
