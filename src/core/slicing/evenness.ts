import { RAW_MEAT_G_PER_MM3 } from './sliceGeometry';

export interface Lot {
  count: number;
  meanMm: number;
  fromMm: number;
  toMm: number;
}

export interface Evenness {
  meanMm: number;
  /** Standard deviation between slices. Null where one measurement cannot tell. */
  spreadMm: number | null;
  thinnestMm: number;
  thickestMm: number;
  /** How many times as long the thickest takes as the thinnest: in the heat as a range, and to dry. Estimates. */
  timesLonger: { cook: { from: number; to: number }; dry: number };
  /** Thin and thick apart, when together they would come out too differently. */
  lots?: [thin: Lot, thick: Lot];
}

/** Minutes grow with thickness to this power: in the heat between once and twice (conduction), drying as the drying model has it (a fit). */
const HEAT_POWER = { from: 1, to: 2 };
const DRY_POWER = 1.3 / 0.95;
/** Sorting pays when the thickest dries this many times as long as the thinnest: own estimate. */
const SORT_FROM_TIMES = 1.5;
const SORT_FROM_SLICES = 6;

/** Thickness of a slice from its weight and the area of its face. */
export const thicknessByWeightMm = (massG: number, faceMm2: number): number => massG / RAW_MEAT_G_PER_MM3 / faceMm2;

/**
 * How even slices are, from thicknesses measured one by one.
 * @throws RangeError for no thickness or one that is not positive
 */
export function evennessOf(thicknessesMm: readonly number[]): Evenness {
  if (thicknessesMm.length === 0 || thicknessesMm.some((one) => !(one > 0) || !Number.isFinite(one)))
    throw new RangeError('thicknesses must be positive');
  const sorted = [...thicknessesMm].sort((a, b) => a - b);
  const [thinnestMm, thickestMm] = [sorted[0]!, sorted[sorted.length - 1]!];
  const ratio = thickestMm / thinnestMm;
  const dry = ratio ** DRY_POWER;
  return {
    meanMm: mean(sorted),
    spreadMm: sorted.length > 1 ? deviation(sorted) : null,
    thinnestMm,
    thickestMm,
    timesLonger: { cook: { from: ratio ** HEAT_POWER.from, to: ratio ** HEAT_POWER.to }, dry },
    ...(dry >= SORT_FROM_TIMES && sorted.length >= SORT_FROM_SLICES ? { lots: twoLots(sorted) } : {}),
  };
}

/**
 * The same from stacks of slices and their heights. A stack averages its slices, so the spread is the one between stacks: single slices differ
 * more, and how much more a stack does not tell.
 */
export function evennessOfStacks(stacks: readonly { slices: number; heightMm: number }[]): Evenness {
  const between = evennessOf(stacks.map(({ slices, heightMm }) => heightMm / slices));
  const slices = stacks.reduce((sum, stack) => sum + stack.slices, 0);
  return { ...between, meanMm: stacks.reduce((sum, { heightMm }) => sum + heightMm, 0) / slices, lots: undefined };
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

function deviation(values: readonly number[]): number {
  const middle = mean(values);
  return Math.sqrt(values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (values.length - 1));
}

/** The cut through the sorted row that leaves the least spread within the two lots. */
function twoLots(sorted: readonly number[]): [Lot, Lot] {
  const middle = mean(sorted);
  const all = sorted.reduce((sum, value) => sum + (value - middle), 0);
  let best = 1;
  let most = -Infinity;
  let below = 0;
  // The spread within is least where that between the lots is most; about the mean of all, so that nothing cancels.
  for (let count = 1; count < sorted.length; count++) {
    below += sorted[count - 1]! - middle;
    const between = below ** 2 / count + (all - below) ** 2 / (sorted.length - count);
    if (between > most + 1e-12) [most, best] = [between, count];
  }
  const lot = (part: readonly number[]): Lot => ({
    count: part.length,
    meanMm: mean(part),
    fromMm: part[0]!,
    toMm: part[part.length - 1]!,
  });
  return [lot(sorted.slice(0, best)), lot(sorted.slice(best))];
}
