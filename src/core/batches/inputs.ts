import type { Shape, Way } from '../ways';
import type { FreezerPreset, SolvedShape, ThawPlace } from '../firming';
import type { Doneness } from '../safety';
import type { CoolingPlace } from '../marinades';
import type { JobKey } from '../scheduling';
import type { ForceChoice, ForceTime, SodaChoice } from '../tenderizing';

/** What the cook has fixed by hand. A value that is present is pinned; everything else follows from the answers. */
export interface Pins {
  /** After trimming, the bone that stays on included. */
  trimmedG?: number;
  /** Trimmed already: nothing comes off any more. */
  readyToCut?: boolean;
  /** Bones weighed afterwards, of all pieces. */
  boneG?: number;
  /** Pieces that lie side by side and are cut alike. */
  pieces?: number;
  /** As bought, in the kitchen's currency. */
  pricePerKg?: number;
  lengthMm?: number;
  widthMm?: number;
  grainDeg?: number;
  grainPitchDeg?: number;
  yawDeg?: number;
  bevelDeg?: number;
  stripWidthMm?: number;
  shape?: Shape;
  /** Cut by the shop or the butcher, as thick as `thicknessMm`. */
  comesSliced?: boolean;
  /** A sheet off a rib: scored or left whole. */
  scored?: boolean;
  /** Strips and ribbons no longer than this. */
  stripLengthMm?: number;
  firmMin?: number;
  /** Frozen solid when the work begins: it is tempered, not firmed. */
  frozen?: boolean;
  thawPlace?: ThawPlace;
  startC?: number;
  freezerC?: number;
  lies?: FreezerPreset;
  wrap?: Wrap;
  solid?: SolvedShape;
  soda?: SodaChoice;
  sodaPercent?: number;
  sodaMin?: number;
  sodaRinses?: number;
  /** Mallet, rolling pin, needles or scores, beside or instead of soda. */
  force?: ForceChoice;
  forceWhen?: ForceTime;
  beatToMm?: number;
  /** This fruit in place of the mix's own, or 'none'. */
  fruitId?: string;
  /** Purée that goes on the meat, percent of its weight. */
  fruitPercent?: number;
  /** Starch and oil that go on the meat, percent of its weight. */
  starchPercent?: number;
  oilPercent?: number;
  oilFirst?: boolean;
  coolIn?: CoolingPlace;
  marinadeMin?: number;
  marinadePlace?: 'fridge' | 'counter';
  holdBackShare?: number;
  /** Where the meat should land, salt and salty sauces moved for it. */
  saltPercent?: number;
  /** Sugar on the meat, percent of its weight. */
  sugarPercent?: number;
  /** The part for brushing or sauce was taken after the mix met the meat. */
  splitAfterMixing?: boolean;
  pierced?: boolean;
  doneness?: Doneness;
  soakMin?: number;
  lots?: number;
  /** Rounds cooked through one by one, or finished in dishes of their own. */
  finish?: 'through' | 'dishes';
  roomTempC?: number;
  fridgeTempC?: number;
  /** Jobs that begin at an hour of their own. */
  jobAtMs?: Readonly<Partial<Record<JobKey, number>>>;
}

/** Hours of jobs with that of one job set, or let go; undefined where none is left. */
export function withHour(hours: Pins['jobAtMs'], key: JobKey, atMs: number | undefined): Pins['jobAtMs'] {
  const { [key]: _before, ...others } = hours ?? {};
  const next = atMs === undefined ? others : { ...others, [key]: atMs };
  return Object.keys(next).length ? next : undefined;
}

export const WRAPS = ['none', 'tight', 'loose'] as const;
/** How a piece is wrapped in the freezer. */
export type Wrap = (typeof WRAPS)[number];

/** The eight answers and the pins: everything a plan is made from, apart from cut, marinade and kitchen. */
export interface BatchInputs {
  way: Way;
  cutId: string;
  massG: number;
  heightMm: number;
  thicknessMm: number;
  marinadeId: string;
  people: number;
  tableAtMs: number;
  /** When the plan was made: nothing is planned before it. */
  notBeforeMs?: number;
  pins: Pins;
}

/** Limits of what is taken, shared by the forms and the server. */
export const LIMITS = {
  massG: { min: 50, max: 30_000 },
  heightMm: { min: 1, max: 200 },
  sideMm: { min: 10, max: 1000 },
  thicknessMm: { min: 1, max: 40 },
  people: { min: 1, max: 200 },
  percent: { min: 0.05, max: 5 },
  fruitPercent: { min: 0.1, max: 60 },
  starchPercent: { min: 0, max: 10 },
  oilPercent: { min: 0, max: 20 },
  beatToMm: { min: 1, max: 60 },
  minutes: { min: 0, max: 4320 },
  boneG: { min: 0, max: 20_000 },
  stripWidthMm: { min: 2, max: 150 },
  stripLengthMm: { min: 20, max: 300 },
  lots: { min: 1, max: 40 },
  saltPercent: { min: 0.2, max: 3 },
  sugarPercent: { min: 0, max: 20 },
  pieces: { min: 1, max: 200 },
  pricePerKg: { min: 0, max: 100_000 },
  freezerC: { min: -40, max: -8 },
  startC: { min: 0, max: 15 },
  centreC: { min: -30, max: 120 },
  /** Until the end of 2199. */
  instantMs: { max: 7_258_118_399_999 },
} as const;
