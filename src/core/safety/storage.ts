/** Fridge at 4 °C or less (USDA FSIS, from memory). */
export const FRIDGE_MAX_C = 4;
/** Warmer than this no raw meat is planned into it: a degree of slack for a fridge thermometer, own limit. */
export const FRIDGE_REFUSED_OVER_C = 5;
/** Raw poultry in a marinade, min: two days (USDA FSIS, from memory). */
export const POULTRY_MARINADE_MAX_MIN = 2 * 1440;
/** Meat that is warmer than this when it goes to the freezer was out for a while: own limit, a little above a fridge. */
export const MEAT_COLD_MAX_C = 7;
/** Soda that nothing rinses off, percent of the meat: above it no plan is made (soapy from about 0.5 %, and 2.7 g sodium a kilogram at 1 %). Own limit. */
export const UNRINSED_SODA_MAX_PERCENT = 1;
/** Whether this dose is refused because nothing rinses it off. */
export const tooMuchUnrinsed = ({ percent, rinses }: { percent: number; rinses: number }): boolean =>
  rinses === 0 && percent > UNRINSED_SODA_MAX_PERCENT;
/** Game that is to be dried is frozen first (extension services, from memory). */
export const GAME_JERKY_FREEZE = { days: 60, tempC: -18 } as const;
