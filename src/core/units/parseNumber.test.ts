import { parseNumber } from '.';

const read = (text: string) => {
  const parsed = parseNumber(text);
  return parsed.ok ? parsed.value.value : parsed.problem.code;
};

/** Unicode itself says what each sign is: its compatibility form is the fraction written out (Unicode Character Database). */
test.each([...'¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞'])(
  '%s is the fraction that Unicode decomposes it to, alone and behind a whole',
  (sign) => {
    const [top, bottom] = sign.normalize('NFKC').split('\u2044').map(Number);
    expect(read(sign)).toBeCloseTo(top! / bottom!, 12);
    expect(read(`2${sign}`)).toBeCloseTo(2 + top! / bottom!, 12);
    expect(read(`2 ${top}/${bottom}`)).toBeCloseTo(2 + top! / bottom!, 12);
  },
);

test.each([
  ['three quarters', 0.75],
  ['three quarter of a pound', 0.75],
  ['two thirds', 2 / 3],
  ['a third', 1 / 3],
  ['third', 1 / 3],
  ['a quarter of a pound', 0.25],
  ['one quarter', 0.25],
  ['quarter', 0.25],
  ['a half', 0.5],
  ['one half', 0.5],
  ['half', 0.5],
  ['an eighth', 0.125],
  ['eighth', 0.125],
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'].map(
    (word, index) => [word, index + 1] as const,
  ),
  ['a', 1],
  ['an', 1],
] as const)('“%s” is %d', (text, value) => expect(read(text)).toBeCloseTo(value, 12));
