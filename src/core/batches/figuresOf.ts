import type { Facts } from '../progress';
import { UNKNOWN_FREEZER } from '../firming';
import type { BatchInputs, Pins } from './inputs';
import type { BatchPlan, Surroundings } from './plan';

/** Where a figure comes from: measured at the board, pinned or answered by the cook, learned from what was done, or a rule of the trade. */
export const SOURCES = ['measured', 'pinned', 'answered', 'learned', 'rule'] as const;
export type Source = (typeof SOURCES)[number];

export interface Known {
  value: number;
  from: Source;
}

export const FIGURES = [
  'massG',
  'trimmedG',
  'boneG',
  'heightMm',
  'lengthMm',
  'widthMm',
  'thicknessMm',
  'firmMin',
  'sodaPercent',
  'sodaMin',
  'marinadeMin',
  'lots',
] as const;
export type Figure = (typeof FIGURES)[number];

/**
 * The figures that a plan rests on, each with where it comes from. What the batch does without is absent.
 *
 * @param inputs as the cook gave them, before what was measured took their place
 */
export function figuresOf(
  { piece, slice, firm, tenderize, marinate, lots }: BatchPlan,
  { inputs, around, measured }: { inputs: BatchInputs; around: Surroundings; measured: Facts['measured'] },
): Partial<Record<Figure, Known>> {
  const { pins } = inputs;
  const ofPin = (value: number, pin: keyof Pins, otherwise: Source = 'rule'): Known => ({
    value,
    from: pins[pin] === undefined ? otherwise : 'pinned',
  });
  const ofFact = (known: Known, measure: keyof Facts['measured']): Known =>
    measured[measure] ? { ...known, from: 'measured' } : known;
  const soda = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  return {
    massG: { value: piece.massG, from: 'answered' },
    trimmedG: ofFact(ofPin(piece.trimmedG, 'trimmedG', pins.readyToCut ? 'answered' : 'rule'), 'trimmedG'),
    ...(piece.boneG && { boneG: ofFact(ofPin((piece.boneG.from + piece.boneG.to) / 2, 'boneG'), 'boneG') }),
    heightMm: { value: piece.heightMm, from: 'answered' },
    lengthMm: ofPin(piece.lengthMm, 'lengthMm'),
    widthMm: ofPin(piece.widthMm, 'widthMm'),
    thicknessMm: ofFact({ value: slice.thicknessMm, from: 'answered' }, 'thicknessMm'),
    ...(firm.needed && {
      firmMin: ofPin(firm.minutes, 'firmMin', knowsFreezer(around) ? 'learned' : 'rule'),
    }),
    ...(soda && {
      sodaPercent: ofPin(soda.percent, 'sodaPercent'),
      ...(tenderize.choice === 'rinse-off' && { sodaMin: ofPin(soda.soakMin, 'sodaMin') }),
    }),
    marinadeMin: ofPin(marinate.minutes, 'marinadeMin'),
    lots: ofPin(lots, 'lots'),
  };
}

const knowsFreezer = ({ freezer }: Surroundings) =>
  freezer !== undefined && freezer.known.lnError !== UNKNOWN_FREEZER.lnError;
