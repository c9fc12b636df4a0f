import type { EventWrite } from '@/contract/resources';
import { callApi } from './api';
import { readKept, writeKept } from './deviceStorage';

/** Events that were made on this device and are not known to have arrived. Sending one twice writes it once: its id is ours. */
export interface OutgoingEvent {
  batchId: string;
  event: EventWrite;
  /** Why the server will not take it; it is kept until the cook has seen it. */
  refused?: string;
}

export interface OutboxState {
  waiting: number;
  refused: OutgoingEvent[];
}

const KEY = 'mince.outbox';
let flushing = false;

export function readOutbox(): OutgoingEvent[] {
  try {
    const known: unknown = JSON.parse(readKept(KEY) ?? '[]');
    return Array.isArray(known) ? (known as OutgoingEvent[]).filter((one) => typeof one?.event?.id === 'string') : [];
  } catch {
    return [];
  }
}

const write = (events: OutgoingEvent[]) => writeKept(KEY, JSON.stringify(events));

export function post(outgoing: OutgoingEvent): void {
  write([...readOutbox(), outgoing]);
}

const stateOf = (): OutboxState => {
  const all = readOutbox();
  return { waiting: all.filter(({ refused }) => !refused).length, refused: all.filter(({ refused }) => refused) };
};

/** Sends what waits, in order; stops at the first that has to be tried again, and sets aside, with its reason, what will never be taken. */
export async function flush(): Promise<OutboxState> {
  if (flushing) return stateOf();
  flushing = true;
  try {
    for (let next = nextToSend(); next; next = nextToSend()) {
      const { batchId, event } = next;
      const result = await callApi('POST', `/batches/${batchId}/events`, { body: event });
      if (!result.ok && result.retry) break;
      write(
        readOutbox().flatMap((one) =>
          one.event.id !== event.id
            ? [one]
            : result.ok
              ? []
              : [{ ...one, refused: result.problem.detail ?? result.problem.title }],
        ),
      );
    }
    return stateOf();
  } finally {
    flushing = false;
  }
}

const nextToSend = () => readOutbox().find(({ refused }) => !refused);

/** The cook has seen what was refused: sent again, or let go. */
export function settleRefused(what: 'again' | 'let-go'): void {
  write(readOutbox().flatMap(({ refused, ...one }) => (!refused ? [one] : what === 'again' ? [one] : [])));
}
