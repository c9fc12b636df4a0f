import {
  firmingIn,
  strengthened,
  SURFACE_COEFFICIENTS,
  thawingTimes,
  UNKNOWN_FREEZER,
  type FirmingInput,
  type FreezerKnowledge,
  type ThawInput,
} from '../firming';
import type { Cut } from '../pieces';
import { remembering } from '../remember';
import { shapeRow, type Shape } from '../ways';
import type { Pins, Wrap } from './inputs';
import type { FirmPlan, Freezer, PiecePlan } from './plan';
import { comesSliced } from './planSlice';

export const USUAL_FREEZER: Freezer = { tempC: -18, lies: 'fan', known: UNKNOWN_FREEZER };
export const FRIDGE_COLD_C = 4;
/** Air between wrapping and meat: own estimates of cling film and of a slack bag. */
export const WRAP_GAP_MM: Record<Wrap, number> = { none: 0, tight: 0.3, loose: 1 };
/** Slices of this and more are cut by hand from a fridge-cold piece no taller than that (common practice): no freezer is planned. */
const BY_HAND = { fromMm: 6, tallestMm: 25 } as const;
/** Planned where no time can be worked out. */
const FALLBACK_MIN = 120;
const FALLBACK_THAW_MIN = 12 * 60;
/** Well inside the time it slices, not at its very beginning. */
const PAST_THE_EDGE = 1.05;

interface Given {
  piece: Pick<PiecePlan, 'lengthMm' | 'widthMm' | 'heightMm'>;
  cut: Cut;
  pins: Pins;
  shape: Shape;
  thicknessMm: number;
  freezer?: Freezer;
  /** No time is left for it. */
  leftOut?: boolean;
}

/** The freezer's part of the plan. Asked again with the same figures, the answer is remembered: it takes milliseconds, and a slider asks on every move. */
export function planFirm({ piece, cut, pins, shape, thicknessMm, freezer = USUAL_FREEZER, leftOut }: Given): FirmPlan {
  const size = {
    lengthMm: piece.lengthMm,
    widthMm: piece.widthMm,
    heightMm: piece.heightMm,
    shape: pins.solid ?? (cut.form === 'round' ? ('round' as const) : ('block' as const)),
  };
  const meat = { ...cut.composition, freezingPointC: cut.freezingPointC };
  const sliced = comesSliced(cut, pins);
  const byHand = thicknessMm >= BY_HAND.fromMm && piece.heightMm <= BY_HAND.tallestMm;
  const usual = shapeRow(shape).cutFirm && !byHand && !leftOut;
  // Nothing of it is left at 0 min: no job, no timer, no caution.
  const needed = !sliced && (pins.firmMin === undefined ? usual : pins.firmMin > 0);
  if (pins.frozen) {
    const input: ThawInput = {
      ...size,
      meat,
      startC: pins.freezerC ?? freezer.tempC,
      place: pins.thawPlace ?? 'fridge',
    };
    const times = thawed(input);
    const from = times.idealFromMin ?? times.sliceFromMin ?? times.softFromMin;
    const minutes = pins.firmMin ?? fives(from === null ? FALLBACK_THAW_MIN : from * PAST_THE_EDGE);
    return {
      needed: !sliced,
      minutes,
      from: times.sliceFromMin ?? minutes,
      to: times.softFromMin ?? minutes,
      checkFromMin: times.sliceFromMin ?? minutes,
      never: from === null,
      state: { is: 'frozen', times, input },
    };
  }
  const input: FirmingInput = {
    ...size,
    meat,
    startC: pins.startC ?? FRIDGE_COLD_C,
    freezerC: pins.freezerC ?? freezer.tempC,
    surface: SURFACE_COEFFICIENTS[pins.lies ?? freezer.lies],
    wrapGapMm: WRAP_GAP_MM[pins.wrap ?? 'none'],
  };
  const { checkFromMin, ...times } = firmed({ known: freezer.known, input });
  const first = times.idealFromMin ?? times.firmFromMin;
  const minutes = pins.firmMin ?? fives(first ?? FALLBACK_MIN);
  const from = times.firmFromMin ?? minutes;
  return {
    needed,
    minutes,
    from,
    to: Math.max(from, times.idealToMin ?? minutes),
    checkFromMin: Math.min(from, checkFromMin ?? from),
    never: first === null,
    state: { is: 'fresh', times, input: { ...input, surface: strengthened(input.surface, freezer.known) } },
  };
}

const fives = (minutes: number) => Math.max(5, Math.ceil(minutes / 5) * 5);

const thawed = remembering(thawingTimes);
const firmed = remembering(({ known, input }: { known: FreezerKnowledge; input: FirmingInput }) =>
  firmingIn(known, input),
);
