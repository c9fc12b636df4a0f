import {
  dailyInstants,
  formatClock,
  formatDayClock,
  fromFieldValue,
  instantOf,
  isZone,
  quietIntervals,
  toFieldValue,
  wallTimeOf,
} from '.';

const LONDON = 'Europe/London';
const utc = (text: string) => Date.parse(`${text}Z`);

describe('the kitchen clock', () => {
  test.each([
    ['2026-06-06T13:00', '2026-06-06T12:00', LONDON],
    ['2026-01-10T13:00', '2026-01-10T13:00', LONDON],
    ['2026-06-06T13:00', '2026-06-06T17:00', 'America/New_York'],
    ['2026-06-06T13:00', '2026-06-06T01:00', 'Pacific/Auckland'],
    ['2026-03-29T12:00', '2026-03-29T11:00', LONDON],
    ['2026-10-25T12:00', '2026-10-25T12:00', LONDON],
    ['2026-06-06T13:15', '2026-06-06T07:30', 'Asia/Kathmandu'],
  ])('%s is %s UTC in %s', (shown, instant, zone) => {
    expect(fromFieldValue(shown, zone)).toBe(utc(instant));
    expect(toFieldValue(utc(instant), zone)).toBe(shown);
  });
  test('an hour that the change to summer time skips lands after the gap', () =>
    expect(fromFieldValue('2026-03-29T01:30', LONDON)).toBe(utc('2026-03-29T01:30')));
  test('nonsense is no instant', () =>
    expect(['', 'Saturday', '2026-13-45', '<script>'].map((text) => fromFieldValue(text, LONDON))).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]));
  test('the day after the last of a month is the first of the next', () =>
    expect(wallTimeOf(instantOf({ year: 2026, month: 1, day: 32, hour: 9, minute: 0 }, LONDON), LONDON)).toMatchObject({
      month: 2,
      day: 1,
    }));
  test('nights are an hour shorter when clocks go forward', () => {
    const nights = quietIntervals(utc('2026-03-27T12:00'), utc('2026-03-30T12:00'), LONDON).map(
      ({ fromMs, toMs }) => (toMs - fromMs) / 3_600_000,
    );
    expect(nights).toEqual([8.5, 7.5, 8.5]);
  });
  test('six o’clock comes once a day', () =>
    expect(
      dailyInstants(utc('2026-03-28T00:00'), utc('2026-03-31T00:00'), LONDON, { hour: 6, minute: 0 }).map((ms) =>
        new Date(ms).toISOString().slice(5, 13),
      ),
    ).toEqual(['03-28T06', '03-29T05', '03-30T05']));
  test('is written as the place writes it', () => {
    expect(formatClock(utc('2026-06-06T08:05'), LONDON, 'en-GB')).toBe('09:05');
    expect(formatClock(utc('2026-06-06T17:05'), 'America/New_York', 'en-US')).toMatch(/^1:05\sPM$/);
    expect(formatDayClock(utc('2026-06-06T08:05'), LONDON, 'en-GB')).toBe('Sat 09:05');
  });
  test('knows a zone from a word', () =>
    expect([isZone('Europe/Berlin'), isZone('Galley/Boathouse')]).toEqual([true, false]));
});
