/** Usual guidance for home kitchens (USDA FSIS, from memory): at most 2 h in total out of the fridge, 1 h above a 32 °C room. */
export const WARM_LIMIT_MIN = { usual: 120, hotRoom: 60, hotRoomAboveC: 32 } as const;
/** Counter marinating: at most an hour inside the total (common practice). */
export const COUNTER_MARINADE_MAX_MIN = 60;

/** Minutes that raw meat may spend out of the fridge in total, at this room temperature in °C. */
export function warmLimitMin(roomTempC: number): number {
  return roomTempC > WARM_LIMIT_MIN.hotRoomAboveC ? WARM_LIMIT_MIN.hotRoom : WARM_LIMIT_MIN.usual;
}
