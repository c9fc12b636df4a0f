import { isJobKey, isTurn, JOB_KINDS, kindOf, nthKey, partOf } from '.';

test('what is done again has a number, not a name of its own', () => {
  expect([1, 2, 12].map((n) => nthKey('turn', n))).toEqual(['turn', 'turn-2', 'turn-12']);
  expect(partOf('turn-12')).toEqual({ kind: 'turn', n: 12 });
  expect(isTurn('turn-3')).toBe(true);
  expect(isTurn('trim')).toBe(false);
});

test('every kind is its first time, names with a dash too', () => {
  for (const kind of JOB_KINDS) {
    expect(partOf(kind)).toEqual({ kind, n: 1 });
    expect(kindOf(nthKey(kind, 7))).toBe(kind);
    expect(isJobKey(kind)).toBe(true);
  }
});

test.each([
  '',
  'turn-',
  'turn-0',
  'turn-1',
  'turn-02',
  'turn-100',
  'juggle',
  'juggle-2',
  'TURN',
  'turn-2 ',
  'constructor',
])('“%s” names no job', (text) => expect(isJobKey(text)).toBe(false));
