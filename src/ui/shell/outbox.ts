import type { EventWrite } from '@/contract/resources';
import { callApi } from './api';

/** Events that were made on this device and are not known to have arrived. Sending one twice writes it once: its id is ours. */
export interface OutgoingEvent {
  batchId: string;
  event: EventWrite;
}

const KEY = 'mince.outbox';
let flushing = false;

export function readOutbox(): OutgoingEvent[] {
  try {
    const known: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(known) ? (known as OutgoingEvent[]).filter((one) => typeof one?.event?.id === 'string') : [];
  } catch {
    return [];
  }
}

const write = (events: OutgoingEvent[]) => localStorage.setItem(KEY, JSON.stringify(events));

export function post(outgoing: OutgoingEvent): void {
  write([...readOutbox(), outgoing]);
}

/** Sends what waits, in order; stops at the first that has to be tried again. @returns how many still wait */
export async function flush(): Promise<number> {
  if (flushing) return readOutbox().length;
  flushing = true;
  try {
    for (let waiting = readOutbox(); waiting.length > 0; waiting = readOutbox()) {
      const { batchId, event } = waiting[0]!;
      const result = await callApi('POST', `/batches/${batchId}/events`, { body: event });
      if (!result.ok && result.retry) break;
      write(readOutbox().filter((one) => one.event.id !== event.id));
    }
    return readOutbox().length;
  } finally {
    flushing = false;
  }
}
