/** Exact definitions of the customary units (NIST Handbook 44, appendix C). */
export const G_PER_LB = 453.59237;
export const G_PER_OZ = G_PER_LB / 16;
export const MM_PER_IN = 25.4;
export const ML_PER_CUP = 236.5882365;
export const ML_PER_FL_OZ = ML_PER_CUP / 8;
export const ML_PER_TBSP = ML_PER_CUP / 16;
export const ML_PER_TSP = ML_PER_CUP / 48;

export type UnitSystem = 'metric' | 'us';
