import { TZDate, tzOffset } from '@date-fns/tz';

/** A time as the kitchen clock shows it. Month 1 to 12. */
export interface WallTime {
  year: number;
  month: number;
  day: number;
  hour: number;
  minute: number;
}

/**
 * The instant at which the kitchen clock shows this time, in epoch ms. An hour that a daylight-saving change skips lands after the gap;
 * one that comes twice is the first.
 */
export function instantOf({ year, month, day, hour, minute }: WallTime, zone: string): number {
  const date = new Date(0);
  date.setUTCFullYear(year, month - 1, day);
  const asUtcMs = date.setUTCHours(hour, minute);
  // Offsets of the day before and the day after: whatever the clock does in between, it goes from the one to the other.
  const [before, after] = [-1, 1].map((days) => offsetMs(asUtcMs + days * DAY_MS, zone)) as [number, number];
  const shown = [asUtcMs - before, asUtcMs - after].filter(
    (instantMs) => instantMs + offsetMs(instantMs, zone) === asUtcMs,
  );
  return shown.length > 0 ? Math.min(...shown) : asUtcMs - before;
}

const DAY_MS = 86_400_000;
const offsetMs = (instantMs: number, zone: string) => tzOffset(zone, new Date(instantMs)) * 60_000;

export function wallTimeOf(instantMs: number, zone: string): WallTime {
  const date = new TZDate(instantMs, zone);
  return {
    year: date.getFullYear(),
    month: date.getMonth() + 1,
    day: date.getDate(),
    hour: date.getHours(),
    minute: date.getMinutes(),
  };
}

/** "2026-06-06T13:00", the form a date-time field holds. */
export function toFieldValue(instantMs: number, zone: string): string {
  const { year, month, day, hour, minute } = wallTimeOf(instantMs, zone);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}`;
}

/** The instant of a date-time field's value, or undefined when it holds none. */
export function fromFieldValue(value: string, zone: string): number | undefined {
  const match = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/.exec(value);
  if (!match) return undefined;
  const [year, month, day, hour, minute] = match.slice(1).map(Number) as [number, number, number, number, number];
  const instantMs = instantOf({ year, month, day, hour, minute }, zone);
  return Number.isFinite(instantMs) ? instantMs : undefined;
}

/** Every instant of that clock time within the span, a day apart by the calendar. */
export function dailyInstants(
  fromMs: number,
  toMs: number,
  zone: string,
  at: { hour: number; minute: number },
): number[] {
  const instants: number[] = [];
  const start = wallTimeOf(fromMs, zone);
  for (let offset = -1; ; offset++) {
    const instantMs = instantOf({ ...start, day: start.day + offset, ...at }, zone);
    if (instantMs > toMs) return instants;
    if (instantMs >= fromMs) instants.push(instantMs);
  }
}

/** True for a zone name this runtime knows. */
export function isZone(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
}
