import { answers, around } from '../../../tests/fixtures/batch';
import { pacesOf, planBatch, type Paces } from '.';
import type { BatchEvent } from '../progress';

const MIN = 60_000;
let made = 0;
/** One finished job of slicing that the rule gives so many minutes, by press. */
const sliced = (minutes: number, { rule = 20, press = String(++made), handwork = 'slice' } = {}): BatchEvent[] => [
  { id: `${press} a`, kind: 'job-started', jobKey: 'slice', atMs: 0, payload: { press: `${press} a` } },
  {
    id: `${press} b`,
    kind: 'job-done',
    jobKey: 'slice',
    atMs: minutes * MIN,
    payload: { press, handwork, ruleMin: rule },
  },
];
const ratio = (paces: Paces) => Math.exp(paces.slice!.ln);

test('nothing done, nothing learned', () => expect(pacesOf([])).toEqual({}));

test('one slow time moves it part of the way, many nearly all of it', () => {
  const one = pacesOf([sliced(30)]);
  expect(one.slice!.times).toBe(1);
  expect(ratio(one)).toBeGreaterThan(1.15);
  expect(ratio(one)).toBeLessThan(1.35);
  const many = pacesOf(Array.from({ length: 15 }, () => sliced(30)));
  expect(ratio(many)).toBeGreaterThan(1.45);
  expect(ratio(many)).toBeLessThan(1.5);
  expect(many.slice!.lnError).toBeLessThan(one.slice!.lnError);
});

test('as long as the rule, it stays the rule', () =>
  expect(ratio(pacesOf([sliced(20), sliced(20)]))).toBeCloseTo(1, 9));

test('as a normal mean with a normal prior: 0.35 before, 0.3 each time', () => {
  // By hand: precision 1/0.35² + 2/0.3², mean of ln 1.5 and ln 0.8.
  const precision = 1 / 0.1225 + 2 / 0.09;
  const ln = (Math.log(1.5) + Math.log(0.8)) / 0.09 / precision;
  expect(pacesOf([sliced(30), sliced(16)]).slice).toEqual({
    ln: expect.closeTo(ln, 12),
    lnError: expect.closeTo(Math.sqrt(1 / precision + 0.09), 12),
    times: 2,
  });
});

test('under half the rule or far over it was no slicing, and teaches nothing', () => {
  expect(pacesOf([sliced(9), sliced(51), sliced(0)])).toEqual({});
  expect(pacesOf([sliced(10)]).slice!.times).toBe(1);
});

test('taken back it teaches nothing', () => {
  const events = sliced(30, { press: 'p' });
  const undo: BatchEvent = { id: 'u', kind: 'press-undone', atMs: 31 * MIN, payload: { press: 'p' } };
  expect(pacesOf([[...events, undo]])).toEqual({});
});

test('what no rule is known for, or is no handwork, is left out', () => {
  expect(pacesOf([sliced(30, { handwork: 'juggle' })])).toEqual({});
  expect(pacesOf([sliced(30, { rule: 0 })])).toEqual({});
});

test('the last twenty times count', () => {
  const paces = pacesOf([
    ...Array.from({ length: 20 }, () => sliced(20)),
    ...Array.from({ length: 50 }, () => sliced(40)),
  ]);
  expect(paces.slice!.times).toBe(20);
  expect(ratio(paces)).toBeCloseTo(1, 9);
});

test('a plan takes the minutes of these hands, and begins that much sooner', () => {
  const paces = pacesOf(Array.from({ length: 15 }, () => sliced(30)));
  const inputs = answers({ pins: { soda: 'skip', marinadeMin: 60 } });
  const usual = planBatch(inputs, around('chicken-thigh'));
  const own = planBatch(inputs, { ...around('chicken-thigh'), paces });
  const minutes = (plan: typeof usual, key: string) =>
    plan.schedule.ok ? plan.schedule.jobs.find((job) => job.key === key)!.minutes : NaN;
  expect(minutes(own, 'slice')).toBe(Math.ceil((3 + (16 * own.piece.meatG) / 1000) * ratio(paces)));
  expect(minutes(own, 'slice')).toBeGreaterThan(minutes(usual, 'slice'));
  expect(minutes(own, 'trim')).toBe(minutes(usual, 'trim'));
});
