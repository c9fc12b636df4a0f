import { filming, type Film } from './film';
import type { Meat } from './foodProperties';
import { propertyTable, type PropertyTable } from './propertyTable';
import {
  makeBlock,
  USUAL_GRID,
  type Ambient,
  type Block,
  type BlockSize,
  type BlockState,
  type Grid,
  type Moment,
} from './solveBlock';

export const FREEZER_PRESETS = ['rack', 'tray', 'fan', 'metal', 'strong-fan'] as const;
export type FreezerPreset = (typeof FREEZER_PRESETS)[number];

/** Heat transfer in a home freezer, W/m2K, top and bottom: fitted so that common firming times come out; estimates. */
export const SURFACE_COEFFICIENTS: Record<FreezerPreset, { top: number; bottom: number }> = {
  rack: { top: 9, bottom: 9 },
  tray: { top: 9, bottom: 16 },
  fan: { top: 14, bottom: 14 },
  metal: { top: 10, bottom: 45 },
  'strong-fan': { top: 25, bottom: 25 },
};

const AIR_W_MK = 0.024;
const BENCH = { airC: 21, topW: 12, bottomW: 12 };
const BENCH_FROM_ICE = 0.35;
const FACE_SOFT_C = -0.5;
const THIN_MM = 30;
const THIN_STEP_S = 30;

/** Ice as a share of the water at which meat is firm enough, ideal, hard, too hard to slice by hand; and how far the core may be from its freezing point. Fitted. */
export const FIRM = {
  from: 0.1,
  idealFrom: 0.2,
  idealTo: 0.45,
  tooHardFrom: 0.6,
  coreAbove: 0.9,
  coreBelow: 1.7,
} as const;

export type Firmness = 'soft' | 'firm' | 'ideal' | 'hard' | 'too-hard';

/** How a piece in this state takes the knife: an estimate. */
export function firmnessOf(
  { iceFraction, coreC }: Pick<Moment, 'iceFraction' | 'coreC'>,
  freezingPointC: number,
): Firmness {
  if (iceFraction > FIRM.tooHardFrom || coreC < freezingPointC - FIRM.coreBelow) return 'too-hard';
  if (iceFraction < FIRM.from || coreC > freezingPointC + FIRM.coreAbove) return 'soft';
  if (iceFraction < FIRM.idealFrom) return 'firm';
  return iceFraction <= FIRM.idealTo ? 'ideal' : 'hard';
}

export interface FirmingInput extends BlockSize {
  meat: Meat;
  startC: number;
  freezerC: number;
  surface: { top: number; bottom: number };
  /** Still air between wrapping and meat. */
  wrapGapMm?: number;
  /** Also give the state at this time. */
  minutes?: number;
  /** Also give cuts through the middle of the piece, about so many, evenly in time. */
  frames?: number;
}

export interface FirmingResult {
  /** Minutes in the freezer; null when it is not reached within the time followed. */
  firmFromMin: number | null;
  idealFromMin: number | null;
  idealToMin: number | null;
  tooHardFromMin: number | null;
  /** Out again at 21 °C from the middle of the ideal: until the face softens, and until it wants to go back. */
  bench: { sliceWithinMin: number; returnAfterMin: number } | null;
  at?: { iceFraction: number; coreC: number; surfaceC: number };
  /** The way there, a moment a step. */
  course: Moment[];
  film?: Film;
}

/** The time followed: what is not firm by then will not be tonight. */
export const LONGEST_FIRMING_MIN = 24 * 60;

/**
 * How long a block takes to firm in a freezer, and how long it then stays so on the board. An estimate: the coefficients and the
 * thresholds are fitted to common practice; supercooling may delay the start by 5 to 15 min.
 *
 * @throws RangeError when the freezer is not colder than the meat's freezing point
 */
export function firming(input: FirmingInput, grid?: Grid): FirmingResult {
  const { course, film, halfFrozen, table } = solve(input, grid);
  const asked = input.minutes === undefined ? undefined : momentAt(course, input.minutes, input.startC);
  return {
    ...crossing(course, input.startC, input.meat.freezingPointC),
    bench: halfFrozen
      ? onTheBench(blockOf(table, input, grid, halfFrozen), (halfFrozen.step * gridFor(input, grid).stepS) / 60)
      : null,
    ...(asked ? { at: { iceFraction: asked.iceFraction, coreC: asked.coreC, surfaceC: asked.surfaceC } } : {}),
    course,
    ...(film ? { film } : {}),
  };
}

/** Enough for a plan: a few milliseconds, within two per cent of the usual grid. */
const QUICK_GRID: Grid = { cells: 5, ratio: 0.65, stepS: 120 };

export type FirmingTimes = Pick<FirmingResult, 'firmFromMin' | 'idealFromMin' | 'idealToMin' | 'tooHardFromMin'>;

/** The times alone, on a coarser grid; else as `firming`. */
export function firmingTimes(input: FirmingInput): FirmingTimes {
  return crossing(solve(input, QUICK_GRID).course, input.startC, input.meat.freezingPointC);
}

/** State after so many minutes, on the coarser grid. */
export function frozenAfter(input: FirmingInput & { minutes: number }): Pick<Moment, 'iceFraction' | 'coreC'> {
  return momentAt(solve(input, QUICK_GRID, true).course, input.minutes, input.startC);
}

function solve(input: FirmingInput, grid?: Grid, noLonger = false) {
  const { meat, freezerC, startC } = input;
  if (!(freezerC < meat.freezingPointC - 1)) throw new RangeError('The freezer must be colder than the meat freezes.');
  if (!(startC > meat.freezingPointC)) throw new RangeError('The meat must not be frozen yet.');
  const table = propertyTable(meat);
  return { table, ...followFreezing(table, input, { grid, noLonger }) };
}

function ambientOf({ freezerC, surface, wrapGapMm = 0 }: FirmingInput): Ambient {
  const wrapped = (w: number) => 1 / (1 / w + wrapGapMm / 1000 / AIR_W_MK);
  return { airC: freezerC, topW: wrapped(surface.top), bottomW: wrapped(surface.bottom) };
}

const gridFor = ({ heightMm }: BlockSize, grid?: Grid): Grid =>
  grid ?? { ...USUAL_GRID, ...(heightMm < THIN_MM ? { stepS: THIN_STEP_S } : {}) };

const blockOf = (table: PropertyTable, input: FirmingInput, grid?: Grid, from?: BlockState) =>
  makeBlock(
    table,
    { ...input, symmetric: input.surface.top === input.surface.bottom || input.shape === 'round' },
    gridFor(input, grid),
    from,
  );

/** Until it is too hard and the time asked for is past, or too long; `noLonger` than the time asked for. The middle of the ideal is kept on the way. */
function followFreezing(
  table: PropertyTable,
  input: FirmingInput,
  { grid, noLonger }: { grid?: Grid; noLonger: boolean },
): { course: Moment[]; halfFrozen?: BlockState; film?: Film } {
  const block = blockOf(table, input, grid);
  const ambient = ambientOf(input);
  const course: Moment[] = [];
  const camera = input.frames
    ? filming(block, { wanted: input.frames, mirrored: ambient.topW === ambient.bottomW || input.shape === 'round' })
    : undefined;
  let halfFrozen: BlockState | undefined;
  for (;;) {
    const moment = block.advance(ambient);
    course.push(moment);
    camera?.take(course.length, moment.minutes);
    if (!halfFrozen && moment.iceFraction >= BENCH_FROM_ICE) halfFrozen = block.state();
    const asked = moment.minutes >= (input.minutes ?? 0);
    const over =
      (noLonger && asked) ||
      moment.minutes >= LONGEST_FIRMING_MIN ||
      (firmnessOf(moment, input.meat.freezingPointC) === 'too-hard' && asked);
    if (over) return { course, halfFrozen, film: camera?.film };
  }
}

function crossing(course: readonly Moment[], startC: number, freezingPointC: number): FirmingTimes {
  const start: Moment = { minutes: 0, iceFraction: 0, coreC: startC, surfaceC: startC };
  /** When a rising quantity first passes its mark, between two steps by straight line. */
  const when = (value: (moment: Moment) => number, mark: number): number | null => {
    const index = course.findIndex((moment) => value(moment) >= mark);
    if (index < 0) return null;
    const [before, after] = [course[index - 1] ?? start, course[index]!];
    const [from, to] = [value(before), value(after)];
    return to === from
      ? after.minutes
      : before.minutes + ((mark - from) / (to - from)) * (after.minutes - before.minutes);
  };
  const latest = (one: number | null, other: number | null) =>
    one === null || other === null ? null : Math.max(one, other);
  const earliest = (one: number | null, other: number | null) =>
    one === null ? other : other === null ? one : Math.min(one, other);
  const ice = (moment: Moment) => moment.iceFraction;
  const cold = (moment: Moment) => -moment.coreC;
  const coreReady = when(cold, -(freezingPointC + FIRM.coreAbove));
  const tooHardFromMin = earliest(when(ice, FIRM.tooHardFrom), when(cold, -(freezingPointC - FIRM.coreBelow)));
  return {
    firmFromMin: latest(when(ice, FIRM.from), coreReady),
    idealFromMin: latest(when(ice, FIRM.idealFrom), coreReady),
    idealToMin: earliest(when(ice, FIRM.idealTo), tooHardFromMin),
    tooHardFromMin,
  };
}

function momentAt(course: readonly Moment[], minutes: number, startC: number): Moment {
  const index = course.findIndex((moment) => moment.minutes >= minutes);
  const after = course[index < 0 ? course.length - 1 : index]!;
  const before = index > 0 ? course[index - 1]! : { minutes: 0, iceFraction: 0, coreC: startC, surfaceC: startC };
  const share = index < 0 ? 1 : (minutes - before.minutes) / (after.minutes - before.minutes);
  const between = (key: 'iceFraction' | 'coreC' | 'surfaceC') => before[key] + share * (after[key] - before[key]);
  return { minutes, iceFraction: between('iceFraction'), coreC: between('coreC'), surfaceC: between('surfaceC') };
}

function onTheBench(block: Block, outMin: number): FirmingResult['bench'] {
  let sliceWithinMin: number | undefined;
  for (;;) {
    const moment = block.advance(BENCH);
    const onBoard = moment.minutes - outMin;
    if (moment.surfaceC > FACE_SOFT_C && sliceWithinMin === undefined) sliceWithinMin = onBoard;
    if (moment.iceFraction < FIRM.from) return { sliceWithinMin: sliceWithinMin ?? onBoard, returnAfterMin: onBoard };
  }
}
