import { ROUND_FILLS, type SliceGeometry } from './sliceGeometry';

export interface Strips {
  stripWidthMm: number;
  /** Of a round piece on average: the outer ones are shorter. */
  stripLengthMm: number;
  stripCount: number;
  /** All four long faces; the two ends are left out. */
  coatAreaM2: number;
  /** From each slab or length of it; 1 where the slice is the strip already. */
  perSlab: number;
  /** Lengths that the piece, or a tall slab of it, is parted into with the grain; 1: none. */
  lengths: number;
  /** A strip lies along the length of its slice, not along its width. */
  along: boolean;
  /** The piece itself is parted, before it is sliced. */
  partedFirst: boolean;
}

/** A slab no taller than this is a strip as it falls from the knife (common practice). */
export const SLAB_IS_STRIP_MM = 30;
/** First parted with the grain into lengths of 60 to 80 mm (common practice). */
export const LENGTH_MOST_MM = 80;
/** Shorter than this it is no strip any more: an own estimate. */
export const STRIP_LEAST_MM = 35;
/** Slabs lie on each other while they are cut again (common practice: a few at a time). */
export const STACKED_SLABS = 4;

/** So many lengths, each no longer than customary. @example lengthsOf(200) // 3, of 67 mm */
export const lengthsOf = (longMm: number, mostMm: number = LENGTH_MOST_MM): number =>
  Math.max(1, Math.ceil(longMm / mostMm - 1e-9));

export interface StripInput {
  thicknessMm: number;
  /** Of strips from a tall slab. */
  usualWidthMm: number;
  /** Set by the cook: flat slabs are cut again too. */
  widthMm?: number;
  mostLengthMm?: number;
  round?: boolean;
}

/**
 * Strips as cooks cut them: where the slab is no taller than about 30 mm the slice is the strip; a taller one is cut again, stacked a few at a time,
 * along its longer side. What would come out longer than 80 mm is parted with the grain.
 */
export function cutStrips(
  slabs: SliceGeometry,
  { thicknessMm, usualWidthMm, widthMm, mostLengthMm, round = false }: StripInput,
): Strips {
  if (!(usualWidthMm > 0) || (widthMm !== undefined && !(widthMm > 0)))
    throw new RangeError('the width of a strip must be positive');
  const tall = slabs.sliceWidthMm > SLAB_IS_STRIP_MM;
  const along = !tall || slabs.sliceLengthMm >= slabs.sliceWidthMm;
  const [longMm, shortMm] = along
    ? [slabs.sliceLengthMm, slabs.sliceWidthMm]
    : [slabs.sliceWidthMm, slabs.sliceLengthMm];
  const perSlab = tall || widthMm ? Math.max(1, Math.round(shortMm / (widthMm ?? usualWidthMm))) : 1;
  const lengths = lengthsOf(longMm, mostLengthMm);
  const stripWidthMm = shortMm / perSlab;
  return {
    stripWidthMm,
    stripLengthMm: (longMm / lengths) * (round ? ROUND_FILLS : 1),
    stripCount: slabs.sliceCount * lengths * perSlab,
    coatAreaM2: slabs.coatAreaM2 * (1 + thicknessMm / stripWidthMm),
    perSlab,
    lengths,
    along,
    partedFirst: along && lengths > 1,
  };
}
