/**
 * How long meat that was only part-cooked may wait until it is back at the heat, min. Guidance is to finish partly cooked meat at once
 * (USDA FSIS, from memory); the figure is this app's own limit.
 */
export const PART_COOKED_WAIT_MAX_MIN = 15;

/** Kept for the table at this or hotter, °C, out of the range in which bacteria grow (USDA FSIS, from memory). */
export const KEPT_HOT_C = 60;
/** Kept so no longer than this, min: own limit. */
export const KEPT_HOT_MAX_MIN = 240;

/** Direct heat alone: above the first no job for thin slices, above the second not scheduled at all, mm (rule of thumb with a lower bound behind it). */
export const DIRECT_HEAT = { thickOverMm: 25, refusedOverMm: 40 } as const;
