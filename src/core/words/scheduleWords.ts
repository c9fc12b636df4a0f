import type { ScheduleProblem } from '../scheduling';
import { FRIDGE_MAX_C } from '../safety';
import { jobShort } from './jobNames';
import {
  formatDuration,
  formatLength,
  formatNumber,
  formatRoughly,
  formatTemperature,
  type FormatStyle,
} from '../units';

/** A stored batch that no plan comes of. */
export const NOT_PLANNED =
  'This batch cannot be planned as it was stored. Open it and change or unpin what stands out.';

/** Why a plan was refused and what helps. */
export function scheduleWords(problem: ScheduleProblem, style: FormatStyle): string {
  const temp = (tempC: number) => formatTemperature(tempC, style);
  switch (problem.code) {
    case 'too-long-warm':
      return `This plan leaves raw meat out of the fridge for ${formatDuration(problem.warmMin)}; the limit is ${formatDuration(problem.limitMin)}, because bacteria grow fast between fridge and stove. Less of it at a time on the board, or longer in the fridge, would do.`;
    case 'pinned-hour':
      return problem.is === 'late'
        ? `“${jobShort(problem.key)}” is kept at an hour that is ${formatDuration(problem.minutes)} too late for what has to follow it before the table. Earlier, or let its hour follow.`
        : `“${jobShort(problem.key)}” is kept at an hour so early that the meat would wait ${formatDuration(problem.minutes)} longer than does it good. Later, or let its hour follow.`;
    case 'fruit-too-long':
      return `The fruit in this marinade turns the meat to mush in ${formatDuration(problem.minutes)}. Take it out between ${formatRoughly(problem.stopAfterMin.from)} and ${formatRoughly(problem.stopAfterMin.to)}, or use less fruit, or a milder one.`;
    case 'counter-too-long':
      return `${formatDuration(problem.minutes)} on the counter is too long: ${formatDuration(problem.maxMin)} at most, because bacteria grow fast in a warm marinade. The fridge has room for longer.`;
    case 'fridge-too-warm':
      return `A fridge at ${temp(problem.tempC)} is too warm for raw meat: ${temp(problem.maxC)} at most, better ${temp(FRIDGE_MAX_C)}. Turn it colder first.`;
    case 'poultry-too-long':
      return `Raw poultry stays in a marinade for ${formatDuration(problem.maxMin)} at most, not ${formatDuration(problem.minutes)}: usual guidance. Freeze it in its marinade if it has to wait.`;
    case 'soda-unrinsed':
      return `${formatNumber(problem.percent, style.locale, 1)} % of soda that nothing rinses off tastes of soap and adds more sodium than the salt does: ${formatNumber(problem.maxPercent, style.locale, 1)} % at most. Rinse it off, or take less.`;
    case 'too-thick-for-heat':
      return `${formatLength(problem.thicknessMm, style)} is too thick for this heat alone: over ${formatLength(problem.maxMm, style)} the outside burns before the middle is safe. Cut it into steaks, open it like a book, beat it, or roast it in an oven.`;
    case 'task-length':
      return 'One of the times is not a length of time. Change it or unpin it.';
  }
}
