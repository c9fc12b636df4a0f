import { jobProgress, ringsAtMs, warmSoFarMin, type BatchEvent } from '.';

const MIN = 60_000;
const event = (
  kind: BatchEvent['kind'],
  jobKey: BatchEvent['jobKey'],
  atMin: number,
  payload: BatchEvent['payload'] = {},
): BatchEvent => ({ id: `${kind}${atMin}`, kind, jobKey, atMs: atMin * MIN, payload });

describe('where a job stands', () => {
  test('started, extended, done', () => {
    const progress = jobProgress([
      event('job-started', 'firm', 0),
      event('timer-extended', 'firm', 20, { minutes: 5 }),
    ]);
    expect(ringsAtMs(progress.get('firm')!, 30)).toBe(35 * MIN);
    expect(
      ringsAtMs(jobProgress([event('job-started', 'firm', 0), event('job-done', 'firm', 31)]).get('firm')!, 30),
    ).toBeUndefined();
  });
  test('the first start counts, however often it is sent', () =>
    expect(
      jobProgress([event('job-started', 'firm', 2), event('job-started', 'firm', 9)]).get('firm')!.startedAtMs,
    ).toBe(2 * MIN));
  test('an undo takes back the end first, then the start', () => {
    const events = [event('job-started', 'trim', 0), event('job-done', 'trim', 10), event('job-undone', 'trim', 11)];
    expect(jobProgress(events).get('trim')).toEqual({ startedAtMs: 0, doneAtMs: undefined, extraMin: 0 });
    expect(jobProgress([...events, event('job-undone', 'trim', 12)]).get('trim')).toEqual({ extraMin: 0 });
  });
});

describe('minutes out of the fridge', () => {
  const tasks = [
    { key: 'trim', place: 'counter', hands: true },
    { key: 'firm', place: 'freezer', hands: false },
    { key: 'slice', place: 'counter', hands: true },
  ] as const;
  const progress = jobProgress([
    event('job-started', 'trim', 0),
    event('job-done', 'trim', 10),
    event('job-started', 'firm', 10),
    event('job-done', 'firm', 50),
    event('job-started', 'slice', 50),
  ]);
  test('add up over the counter jobs, the running one until now, and not in the freezer', () =>
    expect(warmSoFarMin(tasks, progress, 82 * MIN)).toBe(42));
  test('count for each lot its share', () => expect(warmSoFarMin(tasks, progress, 82 * MIN, 2)).toBe(21));
});
