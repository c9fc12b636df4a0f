import type { BatchEvent } from './event';

/** Events of one press belong together: they are taken back together. Older records have each event for itself. */
export const pressOf = ({ id, payload }: BatchEvent): string =>
  typeof payload.press === 'string' ? payload.press : id;

/** By the clock; what one press did at once, ends before beginnings. Two devices that know the same events have them in the same order. */
export const byTheClock = <E extends BatchEvent>(events: readonly E[]): E[] =>
  [...events].sort(
    (a, b) =>
      a.atMs - b.atMs ||
      Number(a.kind === 'job-started') - Number(b.kind === 'job-started') ||
      (a.id < b.id ? -1 : a.id > b.id ? 1 : 0),
  );

/** Every event by the clock, but those of presses that were taken back, and the taking back. */
export function standing<E extends BatchEvent>(events: readonly E[]): E[] {
  const undone = new Set(events.flatMap(({ kind, payload }) => (kind === 'press-undone' ? [payload.press] : [])));
  return byTheClock(events).filter((event) => event.kind !== 'press-undone' && !undone.has(pressOf(event)));
}

/** What the last press did that still stands; empty where there is none. */
export function lastPress<E extends BatchEvent>(events: readonly E[]): E[] {
  const all = standing(events);
  const last = all.at(-1);
  return last ? all.filter((event) => pressOf(event) === pressOf(last)) : [];
}
