import { kindOf, type JobKey, type JobKind, type Place } from '../scheduling';
import type { BatchEvent } from './event';
import { byTheClock, pressOf } from './standing';

/** Where the meat is during a job whose event does not say: older records. */
const USUAL_PLACE: Partial<Record<JobKind, Place>> = {
  temper: 'fridge',
  'rinse-bones': 'counter',
  trim: 'counter',
  firm: 'freezer',
  slice: 'counter',
  pound: 'counter',
  beat: 'counter',
  pierce: 'counter',
  score: 'counter',
  soda: 'counter',
  'soda-wait': 'fridge',
  rinse: 'counter',
  drain: 'fridge',
  coat: 'counter',
  marinate: 'fridge',
  thread: 'counter',
  dry: 'counter',
  cook: 'heat',
  carve: 'heat',
};

/** Where the meat is: `share` of every minute counts while it is out, in lots the share of one. */
interface Where {
  out: boolean;
  share: number;
}
const IN: Where = { out: false, share: 0 };
const OUT: Where = { out: true, share: 1 };

/** Where it was before a job began and before it was done. */
interface Before {
  start?: Where;
  done?: Where;
}

/** How things were before a press. */
interface Pressed {
  where: Where;
  by: JobKey | undefined;
  mover: string | undefined;
  jobs: Map<JobKey, Before>;
}

export interface MinutesOut {
  minutes: number;
  /** It is out now, worked on or waiting on the board. */
  outNow: boolean;
}

/**
 * Minutes that a batch has been out of the fridge: a fact of its events alone, from the first moment out until it goes in again, whatever the plan
 * says later. What is taken out of fridge or freezer counts from then; what waits on the board between two jobs counts in full; handwork in
 * lots counts for one lot, and the lots that are done are back in the fridge. Taking an entry back does not put meat back into the
 * fridge: the minutes until then stay. Each event's payload says the place and the lots of its time.
 */
export function minutesOut(events: readonly BatchEvent[], nowMs: number): MinutesOut {
  let where = IN;
  /** The job that brought the meat where it is. */
  let by: JobKey | undefined;
  let sinceMs = 0;
  let minutes = 0;
  const before = new Map<JobKey, Before>();
  const presses = new Map<string, Pressed>();
  const undone = new Set<string>();
  /** The press that brought it where it is. */
  let mover: string | undefined;
  const be = (next: Where, atMs: number, press?: string) => {
    minutes += where.out ? (Math.max(0, atMs - sinceMs) / 60_000) * where.share : 0;
    [where, sinceMs, mover] = [next, Math.max(atMs, sinceMs), press];
  };
  const takeBack = (press: string, atMs: number) => {
    const taken = presses.get(press);
    undone.add(press);
    // What another press has moved since stays where that brought it.
    if (taken && mover === press) {
      be(taken.where, atMs, taken.mover);
      by = taken.by;
    }
    for (const [key, known] of taken?.jobs ?? []) before.set(key, known);
  };
  for (const event of byTheClock(events)) {
    const { kind, jobKey, atMs } = event;
    const press = pressOf(event);
    if (kind === 'press-undone') {
      takeBack(press, atMs);
      continue;
    }
    if (undone.has(press)) continue;
    const pressed = presses.get(press) ?? { where, by, mover, jobs: new Map<JobKey, Before>() };
    presses.set(press, pressed);
    if (kind === 'meat-in-fridge') be(IN, atMs, press);
    const place = placeOf(event);
    if (!jobKey || place === undefined || place === 'none') continue;
    const known = before.get(jobKey) ?? {};
    if (!pressed.jobs.has(jobKey)) pressed.jobs.set(jobKey, known);
    const lots = lotsOf(event);
    if (kind === 'job-started' && !known.start) {
      before.set(jobKey, { start: where });
      be(place === 'counter' ? { out: true, share: 1 / lots } : IN, atMs, press);
      by = jobKey;
    }
    if (kind === 'job-done' && !known.done) {
      before.set(jobKey, { ...known, done: where });
      // Ended after another job has begun, it moves nothing any more.
      if (by === jobKey) be(afterJob(place, lots, where), atMs, press);
    }
    if (kind === 'job-undone') {
      be(known.done ?? known.start ?? where, atMs, press);
      before.set(jobKey, known.done ? { start: known.start } : {});
    }
  }
  be(where, nowMs);
  return { minutes, outNow: where.out };
}

/** On the board meat stays on the board, unless lots went back one by one; taken out of fridge or freezer it is out; from the heat it is cooked. */
function afterJob(place: Place, lots: number, where: Where): Where {
  if (place === 'heat') return IN;
  return place === 'counter' ? (lots > 1 ? IN : { ...OUT }) : where.out ? where : OUT;
}

const PLACES: readonly Place[] = ['counter', 'fridge', 'freezer', 'heat', 'none'];
const placeOf = ({ jobKey, payload }: BatchEvent): Place | undefined =>
  PLACES.find((place) => place === payload.place) ?? (jobKey && USUAL_PLACE[kindOf(jobKey)]);
const lotsOf = ({ payload: { lots } }: BatchEvent): number => (typeof lots === 'number' && lots >= 1 ? lots : 1);

export interface WarmForecast extends MinutesOut {
  /** With what is still planned. */
  forecastMin: number;
  limitMin: number;
  /** Fine; close to the limit or planned past it; past it already. */
  verdict: 'fine' | 'close' | 'over';
}

/** Said this long before the limit. */
const CLOSE_MIN = 15;

/** Minutes out so far and with what is still planned, so that it is said before the limit and not after. */
export function warmForecast(
  events: readonly BatchEvent[],
  {
    jobs,
    progress,
    lots,
    limitMin,
    nowMs,
  }: {
    jobs: readonly { key: JobKey; place: Place; hands: boolean; minutes: number }[];
    progress: ReadonlyMap<JobKey, { startedAtMs?: number; doneAtMs?: number }>;
    lots: number;
    limitMin: number;
    nowMs: number;
  },
): WarmForecast {
  const soFar = minutesOut(events, nowMs);
  const planned = jobs.reduce((sum, { key, place, hands, minutes }) => {
    const { startedAtMs, doneAtMs } = progress.get(key) ?? {};
    if (place !== 'counter' || doneAtMs !== undefined) return sum;
    const left = startedAtMs === undefined ? minutes : Math.max(0, minutes - (nowMs - startedAtMs) / 60_000);
    return sum + (hands ? left / lots : left);
  }, 0);
  const forecastMin = soFar.minutes + planned;
  const verdict = soFar.minutes > limitMin ? 'over' : forecastMin > limitMin - CLOSE_MIN ? 'close' : 'fine';
  return { ...soFar, forecastMin, limitMin, verdict };
}
