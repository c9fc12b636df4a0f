import { shapeRow, type Shape } from '../ways';
import type { Cut } from '../pieces';
import { pound } from '../slicing';

export const FORCES = ['rolling-pin', 'mallet', 'needle', 'score'] as const;
export type Force = (typeof FORCES)[number];
export type ForceChoice = Force | 'none';
export const FORCE_TIMES = ['before', 'after'] as const;
/** Before slicing, on the piece; or after it, on what the knife made. */
export type ForceTime = (typeof FORCE_TIMES)[number];

/** Handwork of each: a start and so much per kilogram, min. Own estimates. */
export const FORCE_WORK: Record<Force, { start: number; perKg: number }> = {
  'rolling-pin': { start: 5, perKg: 12 },
  mallet: { start: 5, perKg: 12 },
  needle: { start: 4, perKg: 6 },
  score: { start: 4, perKg: 8 },
};

/** Beaten lightly a slice keeps this share of its thickness: an own estimate; the cook sets another. */
const LIGHTLY = 0.75;
/** Beaten thinner than this it tears (common practice: below 2 mm slices fall apart). */
export const BEATEN_LEAST_MM = 2;

/** Needles, blades and scores carry the surface inside; beating flat does not. */
export const pierces = (force: ForceChoice): boolean => force === 'needle' || force === 'score';
export const beats = (force: ForceChoice): boolean => force === 'mallet' || force === 'rolling-pin';

export interface ForceInput {
  force: Force;
  when: ForceTime;
  /** Of one slice, strip or steak as cut. */
  pieceMm: { lengthMm: number; widthMm: number; thicknessMm: number };
  massG: number;
  /** Beaten to this; left out: lightly. */
  toMm?: number;
}

export interface ForceAdvice {
  force: Force;
  when: ForceTime;
  pieceMm: ForceInput['pieceMm'];
  areaFactor: number;
  handsMin: number;
  pierces: boolean;
}

/**
 * What force does to the slices: beaten after slicing they grow as they thin, their volume stays; on the piece before slicing, by needles or by
 * scores their size stays.
 * @throws RangeError for sizes or a weight that is not positive
 * @example applyForce({ force: 'mallet', when: 'after', pieceMm: { lengthMm: 120, widthMm: 80, thicknessMm: 12 }, massG: 500, toMm: 4 }).areaFactor // 3
 */
export function applyForce({ force, when, pieceMm, massG, toMm }: ForceInput): ForceAdvice {
  const { lengthMm, widthMm, thicknessMm } = pieceMm;
  if (!(massG > 0) || !(thicknessMm > 0)) throw new RangeError('massG and thicknessMm must be positive');
  const { start, perKg } = FORCE_WORK[force];
  const done = { force, when, handsMin: Math.ceil(start + (perKg * massG) / 1000), pierces: pierces(force) };
  if (!beats(force) || when === 'before') return { ...done, pieceMm, areaFactor: 1 };
  const to = Math.min(thicknessMm, toMm ?? Math.max(BEATEN_LEAST_MM, LIGHTLY * thicknessMm));
  const beaten = pound({ lengthMm, widthMm, fromMm: thicknessMm, toMm: to });
  return {
    ...done,
    areaFactor: beaten.areaFactor,
    pieceMm: { lengthMm: beaten.lengthMm, widthMm: beaten.widthMm, thicknessMm: to },
  };
}

export type ForceReason = 'cubes' | 'whole-steak' | 'in-a-hurry' | 'not-needed';

/**
 * Whether force is proposed (common practice): hard-working muscle in cubes is pounded before it is cut, a whole steak of it is beaten when its
 * marinade is not sour; slices only when there is no time left for soda. Everywhere else it is the cook's choice.
 */
export function chooseForce(
  { work }: Pick<Cut, 'work'>,
  { shape, acid, hurried }: { shape: Shape; acid: boolean; hurried: boolean },
): { force: ForceChoice; when: ForceTime; reason: ForceReason } {
  const none = { force: 'none', when: 'after', reason: 'not-needed' } as const;
  if (work !== 'hard' || shapeRow(shape).forced) return none;
  if (shape === 'cubes') return { force: 'mallet', when: 'before', reason: 'cubes' };
  if (shapeRow(shape).carved) return acid ? none : { force: 'rolling-pin', when: 'after', reason: 'whole-steak' };
  if (hurried && shape === 'ribbons') return { force: 'rolling-pin', when: 'after', reason: 'in-a-hurry' };
  return none;
}

/** Whether a shape can take this: shaved slices and strips tear under a mallet or needles. */
export const forceFits = (force: Force, shape: Shape): boolean =>
  beats(force) ? shapeRow(shape).takes.beating : shapeRow(shape).takes.piercing;
