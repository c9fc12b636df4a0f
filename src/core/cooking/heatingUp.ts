import type { HeatMethod } from '../ways';

/** From cold until it is as hot as the meat wants it, min: common practice, coals the longest and gas the shortest on a grill. A pan is hot while the meat is dried. */
export const HEATING_UP_MIN: Readonly<Partial<Record<HeatMethod, { from: number; usual: number; to: number }>>> = {
  grill: { from: 15, usual: 30, to: 40 },
  oven: { from: 10, usual: 15, to: 20 },
  table: { from: 5, usual: 10, to: 15 },
};

/** What is hot stays on for what comes so soon after it, min: own choice; coals last about as long. */
export const STAYS_ON_MIN = 30;
