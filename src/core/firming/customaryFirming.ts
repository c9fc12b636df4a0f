/** Minutes in a home freezer near -18 °C from fridge-cold, by how tall the piece lies (common practice). */
const PRACTICE: readonly { heightMm: number; from: number; to: number }[] = [
  { heightMm: 10, from: 15, to: 20 },
  { heightMm: 20, from: 25, to: 35 },
  { heightMm: 25, from: 30, to: 45 },
  { heightMm: 50, from: 60, to: 120 },
  { heightMm: 70, from: 80, to: 150 },
  { heightMm: 100, from: 130, to: 240 },
];

/**
 * How long a piece usually takes to firm enough to slice: an estimate read between the figures cooks use, with its range.
 * @throws RangeError for a height that is not positive
 */
export function customaryFirming(heightMm: number): { from: number; to: number } {
  if (!(heightMm > 0)) throw new RangeError('heightMm must be positive');
  const first = PRACTICE[0]!;
  const last = PRACTICE[PRACTICE.length - 1]!;
  if (heightMm <= first.heightMm) return { from: first.from, to: first.to };
  if (heightMm >= last.heightMm) return { from: last.from, to: last.to };
  const upper = PRACTICE.findIndex((row) => row.heightMm >= heightMm);
  const [a, b] = [PRACTICE[upper - 1]!, PRACTICE[upper]!];
  const share = (heightMm - a.heightMm) / (b.heightMm - a.heightMm);
  const between = (low: number, high: number) => Math.round((low + share * (high - low)) / 5) * 5;
  return { from: between(a.from, b.from), to: between(a.to, b.to) };
}
