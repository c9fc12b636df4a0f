import { dailyInstants } from './wallClock';

export interface Interval {
  fromMs: number;
  toMs: number;
}

/** Stretches of time that are written as instants. */
export const intervalsOf = (written: readonly { from: string; to: string }[]): Interval[] =>
  written.map(({ from, to }) => ({ fromMs: Date.parse(from), toMs: Date.parse(to) }));

/** Hours in which nobody should have to stand at the board. */
export const QUIET_HOURS = { from: { hour: 22, minute: 30 }, to: { hour: 7, minute: 0 } } as const;

/** The nights between two instants on the kitchen clock; right through a daylight-saving change. */
export function quietIntervals(fromMs: number, toMs: number, zone: string): Interval[] {
  const dayMs = 86_400_000;
  const ends = dailyInstants(fromMs - dayMs, toMs + dayMs, zone, QUIET_HOURS.to);
  return dailyInstants(fromMs - 2 * dayMs, toMs, zone, QUIET_HOURS.from).flatMap((start) => {
    const end = ends.find((instant) => instant > start);
    return end !== undefined && end > fromMs ? [{ fromMs: start, toMs: end }] : [];
  });
}
