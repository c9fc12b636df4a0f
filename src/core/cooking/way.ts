export const WAYS = ['stir-fry', 'flat-skewers'] as const;
export type Way = (typeof WAYS)[number];

export interface WayPractice {
  /** Recommended thickness band, mm (common practice). */
  thicknessMm: { from: number; usual: number; to: number };
  /** Customary marinade, min (common practice). */
  marinadeMin: { from: number; to: number };
  /** Lean of the knife the plan starts with. */
  bevelDeg: number;
  /** Strips: slabs are cut again to this width. */
  stripWidthMm?: number;
}

/** "Overnight": from the evening before until the cooking at lunch. */
const OVERNIGHT_MIN = 16 * 60;

export const WAY_PRACTICE: Record<Way, WayPractice> = {
  'stir-fry': { thicknessMm: { from: 3, usual: 4, to: 6 }, marinadeMin: { from: 10, to: OVERNIGHT_MIN }, bevelDeg: 0, stripWidthMm: 6 },
  'flat-skewers': { thicknessMm: { from: 3, usual: 4, to: 5 }, marinadeMin: { from: 30, to: OVERNIGHT_MIN }, bevelDeg: 20 },
};
