/** Shared by server and browser. */
export const UNITS_COOKIE = 'mince-units';
