import { readKept, writeKept } from './deviceStorage';

/** Running timers as this device last knew them, so that every page can show them without asking the server. */
export interface RunningTimer {
  batchId: string;
  jobKey: string;
  label: string;
  ringsAtMs: number;
  /** Before it rings: look at it from here on. */
  checkAtMs?: number;
}

const KEY = 'mince.timers';
const CHANGED = 'mince-timers-changed';

export function readTimers(): RunningTimer[] {
  try {
    const known: unknown = JSON.parse(readKept(KEY) ?? '[]');
    return Array.isArray(known)
      ? known.filter((one): one is RunningTimer => typeof one?.label === 'string' && typeof one?.ringsAtMs === 'number')
      : [];
  } catch {
    return [];
  }
}

/** Replaces the timers of these batches and leaves the others. */
export function writeTimers(batchIds: readonly string[], timers: readonly RunningTimer[]): void {
  const others = readTimers().filter(({ batchId }) => !batchIds.includes(batchId));
  writeKept(KEY, JSON.stringify([...others, ...timers]));
  window.dispatchEvent(new Event(CHANGED));
}

export function onTimersChanged(listen: () => void): () => void {
  window.addEventListener(CHANGED, listen);
  window.addEventListener('storage', listen);
  return () => {
    window.removeEventListener(CHANGED, listen);
    window.removeEventListener('storage', listen);
  };
}

/** "1:14:10", "3:42", and "0:00" once it has rung. */
export function countdown(ringsAtMs: number, nowMs: number): string {
  const seconds = Math.max(0, Math.ceil((ringsAtMs - nowMs) / 1000));
  const two = (value: number) => String(value).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  return hours
    ? `${hours}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`
    : `${Math.floor(seconds / 60)}:${two(seconds % 60)}`;
}
