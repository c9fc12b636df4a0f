import { remembering } from '.';

test('asked the same again, it is not worked out again, and the answer is the same', () => {
  const asked: number[] = [];
  const half = remembering(({ n }: { n: number }) => (asked.push(n), { half: n / 2 }));
  const first = half({ n: 4 });
  expect(half({ n: 4 })).toBe(first);
  expect(half({ n: 6 })).toEqual({ half: 3 });
  expect(asked).toEqual([4, 6]);
});

test('so many are kept and no more', () => {
  let asked = 0;
  const same = remembering((n: number) => (asked++, { n }), { most: 3, key: (n) => n });
  for (const n of [1, 2, 3, 1, 2, 3]) same(n);
  expect(asked).toBe(3);
  same(4);
  same(1);
  expect(asked).toBe(5);
});

test('what throws is asked again', () => {
  let asked = 0;
  const odd = remembering((n: number) => {
    if (asked++ === 0) throw new RangeError('not yet');
    return { n };
  });
  expect(() => odd(1)).toThrow(RangeError);
  expect(odd(1)).toEqual({ n: 1 });
});
