/** Water that a small open pan loses at a brisk simmer, g a minute, and the share a glaze keeps when it coats the spoon: own estimates. */
const SIMMER_OFF_G_MIN = { from: 8, to: 16 };
const COATS_THE_SPOON = 0.5;
const WARM_UP_MIN = 3;

export interface Glaze {
  fromMl: number;
  toMl: number;
  minutes: { from: number; to: number };
}

/** A held-back part simmered until it coats the spoon, about to half. The spoon decides, not the clock. */
export function reduceGlaze(fromMl: number): Glaze {
  if (!(fromMl > 0)) throw new RangeError('fromMl must be positive');
  const toMl = fromMl * COATS_THE_SPOON;
  const minutes = (gPerMin: number) => Math.ceil(WARM_UP_MIN + (fromMl - toMl) / gPerMin);
  return { fromMl, toMl, minutes: { from: minutes(SIMMER_OFF_G_MIN.to), to: minutes(SIMMER_OFF_G_MIN.from) } };
}

/** Sauce that goes with a portion from the pan, starch that thickens it, and how far starch carried in by the meat counts: own estimates. */
const SAUCE_ML_EACH = 30;
const STARCH_G_PER_ML = 0.03;
const CARRIED_COUNTS = 0.25;
const LEAST = 0.3;
/** One part starch, two parts water, by spoons (common practice); in grams a spoon of starch is about half as heavy. */
export const SLURRY_WATER_PARTS = 2;
const STARCH_G_PER_ML_SPOON = 0.54;

export interface Slurry {
  sauceMl: number;
  /** Stock or water beside the held-back part. */
  topUpMl: number;
  starchG: number;
  waterMl: number;
}

/** Slurry for the sauce of so many: the held-back part, topped up where it is short; less starch where the meat carried some into the pan. */
export function slurryFor({
  heldBackMl,
  people,
  starchOnMeatG,
}: {
  heldBackMl: number;
  people: number;
  starchOnMeatG: number;
}): Slurry {
  if (!(heldBackMl > 0) || !(people > 0) || !(starchOnMeatG >= 0))
    throw new RangeError('heldBackMl and people must be positive');
  const sauceMl = Math.max(heldBackMl, people * SAUCE_ML_EACH);
  const full = sauceMl * STARCH_G_PER_ML;
  const starchG = Math.max(full * LEAST, full - starchOnMeatG * CARRIED_COUNTS);
  return {
    sauceMl,
    topUpMl: sauceMl - heldBackMl,
    starchG,
    waterMl: (SLURRY_WATER_PARTS * starchG) / STARCH_G_PER_ML_SPOON,
  };
}
