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

/** Starch that thickens a sauce, share of its volume; what meat carries into the pan counts in part. Own estimates around common practice. */
const STARCH_G_PER_ML = 0.03;
const CARRIED_COUNTS = 0.25;
const LEAST = 0.3;
/** One part starch, two parts water, by spoons (common practice); in grams a spoon of starch is about half as heavy. */
export const SLURRY_WATER_PARTS = 2;
const STARCH_G_PER_ML_SPOON = 0.54;

export interface Slurry {
  starchG: number;
  starchMl: number;
  waterMl: number;
}

/** Slurry for so much sauce: less where the meat carried starch into the pan. */
export function slurryFor({ sauceMl, starchOnMeatG }: { sauceMl: number; starchOnMeatG: number }): Slurry {
  if (!(sauceMl > 0) || !(starchOnMeatG >= 0)) throw new RangeError('sauceMl must be positive');
  const full = sauceMl * STARCH_G_PER_ML;
  const starchG = Math.max(full * LEAST, full - starchOnMeatG * CARRIED_COUNTS);
  const starchMl = starchG / STARCH_G_PER_ML_SPOON;
  return { starchG, starchMl, waterMl: SLURRY_WATER_PARTS * starchMl };
}
