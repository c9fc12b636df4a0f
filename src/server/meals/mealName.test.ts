import { mealName } from './mealName';

test.each([
  ['2026-06-06T07:00Z', 'Europe/London', 'Saturday breakfast'],
  ['2026-06-06T12:00Z', 'Europe/London', 'Saturday lunch'],
  ['2026-06-06T18:00Z', 'Europe/London', 'Saturday dinner'],
  ['2026-06-06T23:30Z', 'Europe/London', 'Sunday night'],
  ['2026-06-06T23:30Z', 'America/New_York', 'Saturday dinner'],
])('%s in %s is %s', (instant, zone, name) => expect(mealName(Date.parse(instant), zone)).toBe(name));
