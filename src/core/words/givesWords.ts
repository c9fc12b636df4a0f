import { KEPT_HOT_C } from '../safety';
import type { Gives } from '../scheduling';
import { formatDayClock } from '../times';
import { formatDuration, formatTemperature, type FormatStyle } from '../units';
import { jobShort } from './jobNames';

/** What gives in the schedule of a meal. */
export function givesWords(
  gives: Gives,
  { names, zone }: { names: readonly string[]; zone: string },
  style: FormatStyle,
): string {
  switch (gives.code) {
    case 'kept-hot':
      return `${names[gives.work]}: off the heat ${formatDuration(gives.minutes)} before the table, because hands or heat are wanted for the others. Keep it hot, covered, at ${formatTemperature(KEPT_HOT_C, style)} or more.`;
    case 'crowded':
      return `${gives.batches} batches are more than can be placed together: each is planned as if it were the only one. Divide them into meals of their own, and wash board, knife and hands after raw poultry.`;
    case 'clash': {
      const { first, second } = gives;
      const what = (side: typeof first) => `“${jobShort(side.job.key)}” of ${names[side.work]}`;
      return `${what(first)} and ${what(second)} want the same hands or heat, ${formatDayClock(gives.fromMs, zone, style.locale)}, for ${formatDuration(gives.minutes)}.`;
    }
  }
}

/** What helps whatever gives. */
export const GIVES_HELP = 'One cook more, or an hour of its own at the table for one of them, would help.';
