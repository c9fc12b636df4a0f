import fc from 'fast-check';
import { mergeFields, sameValue } from './mergeFields';

const base = { name: 'Galley', zone: 'UTC', measures: ['tsp', 'cup'], freezer: { tempC: -18, lies: 'fan' } };

test('what only one side changed is joined; what both changed is asked for', () => {
  const mine = { ...base, name: 'Boathouse', zone: 'Europe/London' };
  const theirs = { ...base, zone: 'Europe/Berlin', measures: ['tsp'] };
  expect(mergeFields(base, mine, theirs)).toEqual({
    merged: { ...base, name: 'Boathouse', zone: 'Europe/London', measures: ['tsp'] },
    joined: ['measures'],
    clashes: ['zone'],
  });
});
test('the same change on both sides, in another order of keys, is none', () => {
  const changed = { ...base, freezer: { tempC: -20, lies: 'fan' } };
  expect(mergeFields(base, changed, { ...base, freezer: { lies: 'fan', tempC: -20 } }).clashes).toEqual([]);
});
test('a field that one side took away goes, one that it added comes', () => {
  const pins = { soda: 'skip', lots: 2 } as Record<string, unknown>;
  expect(mergeFields(pins, { ...pins, pierced: true }, { lots: 2, pieces: 3 })).toEqual({
    merged: { lots: 2, pierced: true, pieces: 3 },
    joined: ['soda', 'pieces'],
    clashes: [],
  });
});

const record = fc.record(
  { a: fc.nat(2), b: fc.nat(2), c: fc.array(fc.nat(1), { maxLength: 2 }) },
  { requiredKeys: [] },
) as fc.Arbitrary<Record<string, unknown>>;

test('nothing is lost: every change of one side alone is in what comes out, and the sides may be named either way', () =>
  fc.assert(
    fc.property(record, record, record, (from, mine, theirs) => {
      const one = mergeFields(from, mine, theirs);
      const other = mergeFields(from, theirs, mine);
      expect([...one.clashes].sort()).toEqual([...other.clashes].sort());
      for (const key of ['a', 'b', 'c']) {
        if (one.clashes.includes(key)) continue;
        expect(sameValue(one.merged[key], other.merged[key])).toBe(true);
        const changed = [mine, theirs].find((side) => !sameValue(side[key], from[key])) ?? from;
        expect(sameValue(one.merged[key], changed[key])).toBe(true);
      }
    }),
  ));
