import { filming, type Film } from './film';
import { FIRM, firmnessOf } from './firming';
import type { Meat } from './foodProperties';
import { propertyTable } from './propertyTable';
import { makeBlock, USUAL_GRID, type Ambient, type BlockSize, type Grid, type Moment } from './solveBlock';

export const THAW_PLACES = ['fridge', 'bench'] as const;
export type ThawPlace = (typeof THAW_PLACES)[number];

/** Still air of a fridge, and a room with condensation on cold meat: W/m2K, estimates. */
export const THAW_AMBIENT: Record<ThawPlace, Ambient> = {
  fridge: { airC: 4, topW: 9, bottomW: 9 },
  bench: { airC: 21, topW: 12, bottomW: 12 },
};

export interface ThawInput extends BlockSize {
  meat: Meat;
  /** Frozen through at this temperature. */
  startC: number;
  place: ThawPlace;
  airC?: number;
  /** Also give cuts through the middle of the piece, about so many, evenly in time. */
  frames?: number;
}

export interface ThawResult {
  /** Minutes until a knife goes in, until it slices well, until it is past that, until it is soft. Null when that never comes: in a warm room the outside is soft before the middle lets the knife in. */
  sliceFromMin: number | null;
  idealFromMin: number | null;
  idealToMin: number | null;
  softFromMin: number | null;
  course: Moment[];
  film?: Film;
}

export const LONGEST_THAW_MIN = 48 * 60;

/** Enough for a plan. */
const QUICK_THAW_GRID: Grid = { cells: 5, ratio: 0.65, stepS: 300 };

/** The times alone, on a coarser grid; else as `thawing`. */
export function thawingTimes(input: ThawInput): Omit<ThawResult, 'course' | 'film'> {
  const { course: _course, film: _film, ...times } = thawing(input, QUICK_THAW_GRID);
  return times;
}

/**
 * The other direction: a block frozen through, tempering in the fridge or on the board until it slices. An estimate, like firming.
 * @throws RangeError when the meat is not frozen or the place is not warmer than its freezing point
 */
export function thawing(
  { meat, startC, place, airC = THAW_AMBIENT[place].airC, frames, ...size }: ThawInput,
  grid: Grid = { ...USUAL_GRID, stepS: 120 },
): ThawResult {
  if (!(startC < meat.freezingPointC)) throw new RangeError('The meat must be frozen.');
  if (!(airC > meat.freezingPointC)) throw new RangeError('The place must be warmer than the meat freezes.');
  const block = makeBlock(propertyTable(meat), { ...size, startC, symmetric: true }, grid);
  const ambient = { ...THAW_AMBIENT[place], airC };
  const course: Moment[] = [];
  const camera = frames ? filming(block, { wanted: frames, mirrored: true }) : undefined;
  do {
    const moment = block.advance(ambient);
    course.push(moment);
    camera?.take(course.length, moment.minutes);
  } while (
    course[course.length - 1]!.iceFraction >= FIRM.from &&
    course[course.length - 1]!.minutes < LONGEST_THAW_MIN
  );
  const first = (holds: (moment: Moment) => boolean) => course.find(holds)?.minutes ?? null;
  const idealFromMin = first((moment) => firmnessOf(moment, meat.freezingPointC) === 'ideal');
  return {
    sliceFromMin: first((moment) => firmnessOf(moment, meat.freezingPointC) !== 'too-hard'),
    idealFromMin,
    idealToMin: idealFromMin === null ? null : first(({ iceFraction }) => iceFraction < FIRM.idealFrom),
    softFromMin: first(({ iceFraction }) => iceFraction < FIRM.from),
    course,
    ...(camera ? { film: camera.film } : {}),
  };
}
