/** Sodium in table salt by mass: 22.99 / 58.44, from molar masses. */
export const SODIUM_IN_SALT = 22.98977 / 58.44277;
/** Reference for an adult's day (WHO, from memory). */
export const SODIUM_REFERENCE_MG_PER_DAY = 2000;

export interface SodiumSources {
  /** Salt that is in the meat for certain, and all there is in mix and held-back part, g. */
  saltG: { from: number; to: number };
  /** Sodium of the soda still on the meat, mg. */
  sodaSodiumMg: { from: number; to: number };
  people: number;
}

/** Sodium per portion, mg, as a range: how much of the mix is eaten with the meat is not known. */
export function sodiumPerPortion({ saltG, sodaSodiumMg, people }: SodiumSources): { from: number; to: number } {
  if (!(people > 0)) throw new RangeError('people must be positive');
  return {
    from: (saltG.from * SODIUM_IN_SALT * 1000 + sodaSodiumMg.from) / people,
    to: (saltG.to * SODIUM_IN_SALT * 1000 + sodaSodiumMg.to) / people,
  };
}
