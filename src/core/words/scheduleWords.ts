import type { ScheduleProblem } from '../scheduling';
import { formatDuration, formatRoughly } from '../units';

/** Why a plan was refused and what helps. */
export function scheduleWords(problem: ScheduleProblem): string {
  switch (problem.code) {
    case 'too-long-warm':
      return `This plan leaves raw meat out of the fridge for ${formatDuration(problem.warmMin)}; the limit is ${formatDuration(problem.limitMin)}, because bacteria grow fast between fridge and stove. Work in smaller lots, or marinate in the fridge.`;
    case 'fruit-too-long':
      return `The fruit in this marinade turns the meat to mush in ${formatDuration(problem.minutes)}. Take it out between ${formatRoughly(problem.stopAfterMin.from)} and ${formatRoughly(problem.stopAfterMin.to)}, or use less fruit, or a milder one.`;
    case 'task-length':
      return 'One of the times is not a length of time. Change it or unpin it.';
  }
}
