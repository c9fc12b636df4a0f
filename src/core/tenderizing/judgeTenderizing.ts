import type { Cut } from '../pieces';
import { shapeRow, wayRecipe, type Shape, type Way } from '../ways';
import { EXPOSURE } from './enzymes';
import { chooseForce, type ForceChoice, type ForceReason, type ForceTime } from './force';
import type { MixCharacter, SodaChoice } from './means';
import { LEAVE_IN_EDGE_MM, LEAVE_IN_USUAL_MM } from './soda';

export const TENDERIZING_ANSWERS = ['yes', 'optional', 'no'] as const;
export type TenderizingAnswer = (typeof TENDERIZING_ANSWERS)[number];
export type JudgementReason = 'tender' | 'hard' | 'hard-short' | 'some' | 'some-short' | 'some-soft' | 'whole';
export type SodaReason =
  | 'tender-cut'
  | 'short-fibres'
  | 'tough-or-thick'
  | 'thin-strips'
  | 'acid-marinade'
  | 'fruit-works'
  | 'in-the-mix'
  | 'thick-piece'
  | 'in-a-hurry';

/** What would change the answer. */
export type JudgementChange =
  { code: 'thinner'; belowMm: number } | { code: 'thicker'; aboveMm: number } | { code: 'across' } | { code: 'along' };

export interface TenderizingJudgement {
  answer: TenderizingAnswer;
  reason: JudgementReason;
  changes: JudgementChange[];
  /** What is proposed: never soda or force where the answer is no. */
  soda: SodaChoice;
  sodaReason: SodaReason;
  force: ForceChoice;
  when: ForceTime;
  forceReason: ForceReason;
}

/** What is judged: this cut, cut like this, in this mix. */
export interface TenderizingSituation {
  cut: Pick<Cut, 'work'>;
  way: Way;
  shape: Shape;
  /** Of what the knife makes. */
  thicknessMm: number;
  /** Smaller side of a strip, or the thickness: soda works in from there. */
  smallerMm: number;
  fibreLengthMm: number;
  mix: MixCharacter;
  /** There is no time left to soak, rinse and drain. */
  hurried: boolean;
}

/** Fibres up to which a cut eats tender without help, mm: own estimates around the customary 3 to 6 mm slices. */
const SHORT_FIBRES_MM = { some: 5, hard: 2.5 };
/** Fibres this much longer than the slice is thick were not cut straight across. */
const SLANTED = 1.3;

export const FIBRE_CLASSES = ['short', 'middling', 'long'] as const;
export type FibreClass = (typeof FIBRE_CLASSES)[number];
/** Fibres in a bite on one scale for every screen, mm: own estimates around the customary 3 to 6 mm slices. */
export const fibreClass = (fibreLengthMm: number): FibreClass =>
  fibreLengthMm <= 6 ? 'short' : fibreLengthMm <= 12 ? 'middling' : 'long';

/**
 * Whether this wants tenderizing, why, what would change that and what is proposed: one judgement that every screen and answer quotes. Tender cuts
 * do not; working muscles do, unless their slices are thin enough; pieces that are heated whole are beaten, since soda and fruit only reach their
 * surface. Soda that stays in is for thin slices in a mix that is not sour, soda that is rinsed for hard-working or thicker ones; neither
 * where fresh fruit gets them tender within the plan, and none beside soda that the mix holds already (common practice; docs/sources.md, "Tenderizing").
 */
export function judgeTenderizing(situation: TenderizingSituation): TenderizingJudgement {
  const judged = answerOf(situation);
  const { cut, shape, mix, hurried } = situation;
  const soda = sodaOf(situation, judged.answer);
  const quick = hurried && soda.choice === 'rinse-off';
  const staysIn = situation.smallerMm <= LEAVE_IN_USUAL_MM && !mix.acid;
  const chosen: { choice: SodaChoice; reason: SodaReason } = quick
    ? { choice: staysIn ? 'leave-in' : 'skip', reason: 'in-a-hurry' }
    : soda;
  const force =
    judged.answer === 'no'
      ? ({ force: 'none', when: 'after', reason: 'not-needed' } as const)
      : chooseForce(cut, { shape, acid: mix.acid, hurried: quick && !staysIn });
  return {
    ...judged,
    soda: chosen.choice,
    sodaReason: chosen.reason,
    force: force.force,
    when: force.when,
    forceReason: force.reason,
  };
}

/** Thinner than this nobody cuts, mm: it is no advice. */
const THINNEST_CUT_MM = 1;

type Answered = Pick<TenderizingJudgement, 'answer' | 'reason' | 'changes'>;

function answerOf({ cut: { work }, way, shape, thicknessMm, fibreLengthMm }: TenderizingSituation): Answered {
  const slanted = fibreLengthMm > thicknessMm * SLANTED;
  if (work === 'tender') return { answer: 'no', reason: 'tender', changes: [{ code: slanted ? 'across' : 'along' }] };
  if (shapeRow(shape).whole) return { answer: work === 'hard' ? 'yes' : 'optional', reason: 'whole', changes: [] };
  const shortMm = SHORT_FIBRES_MM[work];
  const across: JudgementChange[] = slanted ? [{ code: 'across' }] : [];
  const edgeMm = (shortMm * thicknessMm) / fibreLengthMm;
  if (fibreLengthMm > shortMm)
    return {
      answer: work === 'hard' ? 'yes' : 'optional',
      reason: work,
      changes: [...across, ...(edgeMm >= THINNEST_CUT_MM ? [{ code: 'thinner', belowMm: edgeMm } as const] : [])],
    };
  const changes: JudgementChange[] = [
    { code: 'thicker', aboveMm: edgeMm },
    ...(slanted ? [] : [{ code: 'along' } as const]),
  ];
  if (work === 'hard') return { answer: 'optional', reason: 'hard-short', changes };
  return wayRecipe(way).softened
    ? { answer: 'optional', reason: 'some-soft', changes }
    : { answer: 'no', reason: 'some-short', changes };
}

function sodaOf(
  { cut: { work }, shape, smallerMm, mix }: TenderizingSituation,
  answer: TenderizingAnswer,
): { choice: SodaChoice; reason: SodaReason } {
  if (mix.sodaPercent > 0) return { choice: 'leave-in', reason: 'in-the-mix' };
  if (work === 'tender') return { choice: 'skip', reason: 'tender-cut' };
  if (shapeRow(shape).whole) return { choice: 'skip', reason: 'thick-piece' };
  if (answer === 'no') return { choice: 'skip', reason: 'short-fibres' };
  if (mix.fruitExposure >= EXPOSURE.tender) return { choice: 'skip', reason: 'fruit-works' };
  if (work === 'hard' || smallerMm > LEAVE_IN_EDGE_MM) return { choice: 'rinse-off', reason: 'tough-or-thick' };
  if (mix.acid) return { choice: 'skip', reason: 'acid-marinade' };
  return { choice: 'leave-in', reason: 'thin-strips' };
}
