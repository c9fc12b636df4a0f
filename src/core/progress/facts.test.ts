import fc from 'fast-check';
import { facts, lastPress, minutesOut, type BatchEvent } from '.';

const MIN = 60_000;
const event = (
  kind: BatchEvent['kind'],
  atMin: number,
  { press, jobKey, ...payload }: { press: string; jobKey?: BatchEvent['jobKey']; [name: string]: unknown },
): BatchEvent => ({
  id: `${kind} ${jobKey} ${press}`,
  kind,
  jobKey,
  atMs: atMin * MIN,
  payload: { ...(payload as BatchEvent['payload']), press },
});
const undo = (atMin: number, press: string): BatchEvent => ({
  id: `undo ${press}`,
  kind: 'press-undone',
  atMs: atMin * MIN,
  payload: { press },
});
const weighed = (value: number, atMin: number, press: string) =>
  event('measured', atMin, { press, measure: 'trimmedG', value });

/** One press that ends the freezer and begins slicing, as the kitchen records it. */
const PRESS = [
  event('job-done', 50, { press: 'b', jobKey: 'firm', place: 'freezer' }),
  event('job-started', 50, { press: 'b', jobKey: 'slice', place: 'counter' }),
];
const BEFORE = [
  event('job-started', 0, { press: '1', jobKey: 'trim', place: 'counter' }),
  event('job-done', 10, { press: '2', jobKey: 'trim', place: 'counter' }),
  event('job-started', 10, { press: 'a', jobKey: 'firm', place: 'freezer' }),
];

test('what was measured last counts; taken back, what was measured before', () => {
  const events = [weighed(980, 10, 'x'), weighed(940, 12, 'y')];
  expect(facts(events).measured).toEqual({ trimmedG: { value: 940, atMs: 12 * MIN, press: 'y' } });
  expect(facts([...events, undo(13, 'y')]).measured.trimmedG).toMatchObject({ value: 980 });
  expect(facts([...events, undo(13, 'y'), undo(14, 'x')]).measured).toEqual({});
});

test('what is not a measure or not a number measures nothing', () =>
  expect(
    facts([
      event('measured', 1, { press: 'x', measure: 'colour', value: 3 }),
      event('measured', 1, { press: 'y', measure: 'boneG', value: '30' }),
    ]).measured,
  ).toEqual({}));

test('a press taken back takes back all it did: the wait it ended runs on as it was', () => {
  const events = [...BEFORE, ...PRESS];
  expect(facts(events).jobs.get('slice')).toEqual({ startedAtMs: 50 * MIN, extraMin: 0 });
  expect(lastPress(events)).toEqual(PRESS);
  const taken = [...events, undo(51, 'b')];
  expect(facts(taken)).toEqual(facts(BEFORE));
  expect(facts(taken).jobs.get('firm')).toEqual({ startedAtMs: 10 * MIN, extraMin: 0 });
  expect(lastPress(taken)).toEqual([BEFORE[2]]);
});

test('taken back, the meat is in the freezer again; the minute it was out stays', () => {
  const taken = [...BEFORE, ...PRESS, undo(51, 'b')];
  expect(minutesOut(taken, 80 * MIN)).toEqual({ minutes: 11, outNow: false });
  // Pressed again, it is out from then.
  const again = [
    ...taken,
    ...PRESS.map((one) => ({ ...one, id: `${one.id} again`, atMs: 85 * MIN, payload: { ...one.payload, press: 'c' } })),
  ];
  expect(minutesOut(again, 90 * MIN)).toEqual({ minutes: 16, outNow: true });
  // And once more taken back, after what came first.
  expect(minutesOut([...again, undo(91, 'c'), undo(92, 'a')], 95 * MIN)).toEqual({ minutes: 11 + 6 + 3, outNow: true });
});

test('what another press has moved since stays where that brought it', () => {
  const fridge = event('meat-in-fridge', 55, { press: 'f', place: 'none' });
  expect(minutesOut([...BEFORE, ...PRESS, fridge, undo(56, 'b')], 80 * MIN)).toEqual({ minutes: 15, outNow: false });
});

const some = fc.array(
  fc.record({
    kind: fc.constantFrom('job-started', 'job-done', 'timer-extended', 'measured', 'meat-in-fridge', 'press-undone'),
    jobKey: fc.constantFrom('trim', 'firm', 'slice', 'marinate'),
    atMin: fc.integer({ min: 0, max: 30 }),
    press: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
  }),
  { maxLength: 14 },
);
const made = (list: { kind: string; jobKey: string; atMin: number; press: string }[]) =>
  list.map(({ kind, jobKey, atMin, press }, at): BatchEvent => ({
    ...event(kind as BatchEvent['kind'], atMin, {
      press,
      jobKey: kind === 'press-undone' ? undefined : (jobKey as BatchEvent['jobKey']),
      ...(kind === 'measured' ? { measure: 'thicknessMm', value: at } : {}),
    }),
    id: String(at),
  }));

test('two devices that know the same events know the same facts, in whatever order they came in', () =>
  fc.assert(
    fc.property(some, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (list, keys) => {
      const events = made(list);
      const mixed = events
        .map((one) => ({ one, key: keys.next().value as number }))
        .sort((a, b) => a.key - b.key)
        .map(({ one }) => one);
      expect(facts(mixed)).toEqual(facts(events));
      expect(minutesOut(mixed, 40 * MIN)).toEqual(minutesOut(events, 40 * MIN));
    }),
  ));

test('a press taken back at once leaves the facts as they were', () =>
  fc.assert(
    fc.property(some, (list) => {
      const events = made(list);
      const press = PRESS.map((one) => ({ ...one, atMs: 31 * MIN, payload: { ...one.payload, press: 'z' } }));
      const taken = [...events, ...press, undo(31, 'z')];
      expect(facts(taken)).toEqual(facts(events));
    }),
  ));
