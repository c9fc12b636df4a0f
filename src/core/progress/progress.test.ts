import fc from 'fast-check';
import { jobProgress, minutesOut, ringsAtMs, warmForecast, type BatchEvent } from '.';

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

describe('minutes out of the fridge, by the events alone', () => {
  const place = (name: string, lots = 1) => ({ place: name, lots });
  const out = (events: BatchEvent[], atMin: number) => minutesOut(events, atMin * MIN).minutes;
  const day = [
    event('job-started', 'trim', 0, place('counter')),
    event('job-done', 'trim', 10, place('counter')),
    event('job-started', 'firm', 10, place('freezer')),
    event('job-done', 'firm', 50, place('freezer')),
    event('job-started', 'slice', 50, place('counter')),
  ];
  test('add up over the counter, the running job until now, and not in the freezer', () =>
    expect(out(day, 82)).toBe(42));
  test('waiting on the board between two jobs counts, until it is put in', () => {
    const waits = [event('job-started', 'trim', 0, place('counter')), event('job-done', 'trim', 10, place('counter'))];
    expect(minutesOut(waits, 40 * MIN)).toEqual({ minutes: 40, outNow: true });
    const putIn = [...waits, event('meat-in-fridge', 'trim', 25, place('none'))];
    expect(minutesOut(putIn, 40 * MIN)).toEqual({ minutes: 25, outNow: false });
  });
  test('taken out of the freezer it is out, whether or not the next job has begun', () =>
    expect(out(day.slice(0, 4), 65)).toBe(25));
  test('handwork in lots counts for one, and the lots are back in the fridge after it', () => {
    const lots = [
      event('job-started', 'slice', 0, place('counter', 4)),
      event('job-done', 'slice', 40, place('counter', 4)),
    ];
    expect(out(lots.slice(0, 1), 20)).toBe(5);
    expect(out(lots, 100)).toBe(10);
    // Two lots are lots: what is done goes back in while the other is cut.
    const two = [
      event('job-started', 'slice', 0, place('counter', 2)),
      event('job-done', 'slice', 40, place('counter', 2)),
    ];
    expect(minutesOut(two, 100 * MIN)).toEqual({ minutes: 20, outNow: false });
  });
  // What was out for 130 min stays 130 min: by other lots, a soda that is skipped, an undo, a plan that is refused.
  test('no later plan and no undo takes minutes back', () => {
    const events = [
      event('job-started', 'slice', 0, place('counter')),
      event('job-done', 'slice', 60, place('counter')),
      event('job-started', 'soda', 60, place('counter')),
    ];
    expect(out(events, 130)).toBe(130);
    const undone = [...events, event('job-undone', 'soda', 130, place('counter', 4))];
    expect(out(undone, 130)).toBe(130);
    expect(minutesOut(undone, 140 * MIN).outNow).toBe(true);
    const startTakenBack = [events[0]!, event('job-undone', 'slice', 30, place('counter'))];
    expect(minutesOut(startTakenBack, 200 * MIN)).toEqual({ minutes: 30, outNow: false });
  });
  test('older entries without a place go by the job, and what does not touch the meat counts nothing', () => {
    expect(out([event('job-started', 'coat', 0), event('job-started', 'marinate', 12)], 300)).toBe(12);
    expect(out([event('job-started', 'mix', 0), event('job-done', 'mix', 30)], 60)).toBe(0);
  });
  test('the order of the clock counts, not that of arrival', () =>
    expect(out([day[2]!, day[0]!, day[1]!], 200)).toBe(10));
  test('whatever the entries, time never makes fewer minutes of them', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom('job-started', 'job-done', 'job-undone', 'meat-in-fridge'),
            jobKey: fc.constantFrom('trim', 'firm', 'slice', 'soda', 'soda-wait', 'coat', 'marinate', 'cook'),
            atMin: fc.integer({ min: 0, max: 300 }),
          }),
          { maxLength: 25 },
        ),
        fc.integer({ min: 300, max: 400 }),
        (list, nowMin) => {
          const events = list.map(({ kind, jobKey, atMin }) =>
            event(kind as BatchEvent['kind'], jobKey as BatchEvent['jobKey'], atMin),
          );
          const [now, later] = [out(events, nowMin), out(events, nowMin + 10)];
          expect(later).toBeGreaterThanOrEqual(now);
          expect(now).toBeLessThanOrEqual(nowMin);
        },
      ),
    ));
  test('the forecast adds what is planned and speaks before the limit', () => {
    const jobs = [
      { key: 'slice', place: 'counter', hands: true, minutes: 40 },
      { key: 'coat', place: 'counter', hands: true, minutes: 20 },
      { key: 'marinate', place: 'fridge', hands: false, minutes: 60 },
    ] as const;
    const at = (atMin: number, events = day) =>
      warmForecast(events, { jobs, progress: jobProgress(events), lots: 1, limitMin: 120, nowMs: atMin * MIN });
    expect(at(60)).toMatchObject({ minutes: 20, forecastMin: 70, verdict: 'fine' });
    expect(at(145)).toMatchObject({ minutes: 105, forecastMin: 125, verdict: 'close' });
    expect(at(170)).toMatchObject({ minutes: 130, verdict: 'over' });
  });
});
