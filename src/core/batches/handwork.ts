import { facts, type BatchEvent } from '../progress';
import type { JobKey } from '../scheduling';
import { SODA_WORK } from '../tenderizing';

/** Handwork: a start and so much per kilogram, min. Own estimates, learned from use (docs/sources.md, "Handwork"). */
const WORK = {
  trim: { start: 2, perKg: 4 },
  slice: { start: 3, perKg: 16 },
  'rinse-bones': { start: 5, perKg: 4 },
  pound: { start: 5, perKg: 12 },
  carve: { start: 2, perKg: 6 },
  ...SODA_WORK,
  coat: { start: 2, perKg: 3 },
  thread: { start: 4, perKg: 18 },
  wipe: { start: 3, perKg: 2 },
  drip: { start: 1, perKg: 1 },
} as const;
export type Handwork = keyof typeof WORK;
export const HANDWORK = Object.keys(WORK) as readonly Handwork[];

/** How long hands take against the rule: ln of the ratio, its standard deviation, and after how many times. */
export interface Pace {
  ln: number;
  lnError: number;
  times: number;
}
export type Paces = Readonly<Partial<Record<Handwork, Pace>>>;

/** Before anything was learned: two in three cooks lie within a third of the rule; one time differs from another by as much. Own estimates. */
const UNKNOWN: Pace = { ln: 0, lnError: 0.35, times: 0 };
const ONE_TIME_ERROR = 0.3;
/** Nothing is learned from what was too quick to be true, or was forgotten and pressed later. */
const BELIEVED = { from: 0.5, to: 2.5 };
/** The last so many times. */
const MOST_TIMES = 20;

/** Minutes of the rule, for this much meat. */
export const ruleMin = (key: Handwork, meatG: number): number => WORK[key].start + (WORK[key].perKg * meatG) / 1000;

/** Whole minutes of this cook's hands, for this much meat. */
export const handsMin = (key: Handwork, meatG: number, paces: Paces = {}): number =>
  Math.ceil(ruleMin(key, meatG) * Math.exp(paces[key]?.ln ?? 0));

/** What a job's handwork is called here; undefined for what is learned by nobody. */
export const handworkOf = (key: JobKey, surface: 'wipe' | 'drip' = 'drip'): Handwork | undefined =>
  key === 'dry' ? surface : HANDWORK.find((one) => one === key);

/** Bayes with a normal prior and normal errors of the logarithm: the mean of what was seen, drawn to the rule as long as little was. */
function learned(ratios: readonly number[]): Pace {
  const weights = { prior: UNKNOWN.lnError ** -2, each: ONE_TIME_ERROR ** -2 };
  const precision = weights.prior + ratios.length * weights.each;
  const ln = (weights.each * ratios.reduce((sum, ratio) => sum + Math.log(ratio), 0)) / precision;
  return { ln, lnError: Math.sqrt(1 / precision + ONE_TIME_ERROR ** 2), times: ratios.length };
}

/**
 * The pace of this cook's hands, from what was done: of every finished job whose record says what the rule would have been (`ruleMin`, `handwork`). What was taken
 * back teaches nothing, nor does what took under half or over two and a half times the rule; the last twenty times count.
 *
 * @param batches the events of each batch, the newest batch first
 */
export function pacesOf(batches: readonly (readonly BatchEvent[])[]): Paces {
  const ratios = new Map<Handwork, number[]>();
  for (const events of batches) {
    const { jobs } = facts(events);
    for (const { kind, jobKey, payload } of events) {
      const of = HANDWORK.find((one) => one === payload.handwork);
      const { startedAtMs, doneAtMs } = (jobKey && jobs.get(jobKey)) || {};
      if (kind !== 'job-done' || !of || startedAtMs === undefined || doneAtMs === undefined) continue;
      const ratio = (doneAtMs - startedAtMs) / 60_000 / Number(payload.ruleMin);
      const known = ratios.get(of) ?? [];
      if (ratio >= BELIEVED.from && ratio <= BELIEVED.to && known.length < MOST_TIMES)
        ratios.set(of, [...known, ratio]);
    }
  }
  return Object.fromEntries([...ratios].map(([key, all]) => [key, learned(all)]));
}
