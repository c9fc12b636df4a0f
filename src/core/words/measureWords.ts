import type { BatchEvent, Measure } from '../progress';
import { formatDuration, formatLength, formatMass, formatTemperature, type FormatStyle } from '../units';
import { jobShort } from './jobNames';

/** What a job asks back. */
export const MEASURE_QUESTIONS: Record<Measure, string> = {
  trimmedG: 'Weigh what is left',
  boneG: 'Weigh the bones',
  thicknessMm: 'How thick are the slices?',
  centreC: 'How hot is the middle?',
};

/** What the answer is good for. */
export const MEASURE_USES: Record<Measure, string> = {
  trimmedG: 'Every dose follows from it.',
  boneG: 'Without them the doses are those of the meat.',
  thicknessMm: 'A stack of ten, pressed lightly, divided by ten. Soda, marinade and heat follow from it.',
  centreC: 'In the thickest part, not at a bone.',
};

export const sayMeasure = (measure: Measure, value: number, style: FormatStyle): string =>
  measure === 'centreC'
    ? formatTemperature(value, style)
    : measure === 'thicknessMm'
      ? formatLength(value, style)
      : formatMass(value, style);

/** What was measured, in a line of the record. */
export function measuredWords(measure: Measure, value: number, style: FormatStyle): string {
  const said = sayMeasure(measure, value, style);
  return {
    trimmedG: `Weighed: ${said} after trimming`,
    boneG: `Weighed: ${said} of bones`,
    thicknessMm: `Measured: slices of ${said}`,
    centreC: `Measured: ${said} in the middle`,
  }[measure];
}

/** What a press that was taken back had done. */
export function takenBackWords(
  events: readonly Pick<BatchEvent, 'kind' | 'jobKey' | 'payload'>[],
  style: FormatStyle,
): string {
  const done = events.flatMap(({ kind, jobKey, payload }) => {
    const name = jobKey ? `“${jobShort(jobKey)}”` : '';
    switch (kind) {
      case 'job-started':
        return [`${name} begun`];
      case 'job-done':
        return [`${name} done`];
      case 'timer-extended':
        return [`${formatDuration(Number(payload.minutes ?? 0))} more for ${name}`];
      case 'measured':
        return [measuredWords(payload.measure as Measure, Number(payload.value), style)];
      case 'firmness-reported':
        return ['how it cut'];
      case 'meat-in-fridge':
        return ['put in the fridge'];
      default:
        return [];
    }
  });
  return done.length ? `Taken back: ${done.join(', ')}.` : '';
}
