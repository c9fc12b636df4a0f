import type { SliceGeometry } from './sliceGeometry';

export interface Strips {
  stripWidthMm: number;
  stripLengthMm: number;
  stripCount: number;
  /** All four long faces; the two ends are left out. */
  coatAreaM2: number;
}

/** Stir-fry strips: every slab cut again into strips of this width, with the same number of cuts in each slab. */
export function cutStrips(slabs: SliceGeometry, thicknessMm: number, stripWidthMm: number): Strips {
  if (!(stripWidthMm > 0)) throw new RangeError('stripWidthMm must be positive');
  const stripLengthMm = Math.min(slabs.sliceLengthMm, slabs.sliceWidthMm);
  const perSlab = Math.max(1, Math.floor(Math.max(slabs.sliceLengthMm, slabs.sliceWidthMm) / stripWidthMm + 1e-9));
  return {
    stripWidthMm,
    stripLengthMm,
    stripCount: slabs.sliceCount * perSlab,
    coatAreaM2: slabs.coatAreaM2 * (1 + thicknessMm / stripWidthMm),
  };
}
