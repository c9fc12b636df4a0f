import type { Way } from '../cooking';
import type { Cut } from '../pieces';

export type TenderizingAnswer = 'yes' | 'optional' | 'no';
export type JudgementReason = 'tender' | 'hard-long' | 'hard-short' | 'some-long' | 'some-short' | 'cubes-by-force';
/** What would change the answer. */
export type JudgementChange =
  { code: 'thinner'; belowMm: number } | { code: 'thicker'; aboveMm: number } | { code: 'across' } | { code: 'along' };

export interface TenderizingJudgement {
  answer: TenderizingAnswer;
  reason: JudgementReason;
  changes: JudgementChange[];
}

/** Fibres up to which a cut eats tender without help, mm: own estimates around the customary 3 to 6 mm slices. */
const SHORT_FIBRES_MM = { some: 5, hard: 2.5 };

/**
 * Whether this cut wants tenderizing for this way when its bites hold fibres of this length: tender cuts do not; working muscles do, unless
 * the slices are so thin that the fibres are short anyway (common practice; the lengths are own estimates).
 */
export function judgeTenderizing(
  { work }: Pick<Cut, 'work'>,
  { way, fibreLengthMm, thicknessMm }: { way: Way; fibreLengthMm: number; thicknessMm: number },
): TenderizingJudgement {
  const slanted = fibreLengthMm > thicknessMm * 1.3;
  if (work === 'tender')
    return { answer: 'no', reason: 'tender', changes: slanted ? [{ code: 'across' }] : [{ code: 'along' }] };
  const short = SHORT_FIBRES_MM[work];
  if (way === 'cube-skewers')
    return {
      answer: work === 'hard' ? 'yes' : 'optional',
      reason: 'cubes-by-force',
      changes: [{ code: 'thinner', belowMm: short }],
    };
  const across: JudgementChange[] = slanted ? [{ code: 'across' }] : [];
  if (fibreLengthMm > short)
    return {
      answer: work === 'hard' ? 'yes' : 'optional',
      reason: work === 'hard' ? 'hard-long' : 'some-long',
      changes: [...across, { code: 'thinner', belowMm: (short * thicknessMm) / fibreLengthMm }],
    };
  return {
    answer: work === 'hard' ? 'optional' : 'no',
    reason: work === 'hard' ? 'hard-short' : 'some-short',
    changes: [
      { code: 'thicker', aboveMm: (short * thicknessMm) / fibreLengthMm },
      ...(slanted ? [] : [{ code: 'along' } as const]),
    ],
  };
}
