import type { Standing } from '../follow';
import { formatClock } from '../times';
import { formatDuration, type FormatStyle } from '../units';

/** How a batch stands against its table; empty where it is in time as it was planned. */
export function behindWords(
  { byMin, tableMs, marinade }: Pick<Standing, 'byMin' | 'tableMs' | 'marinade'>,
  { name, zone }: { name: string; zone: string },
  style: FormatStyle,
): string {
  const cut = marinade
    ? `${formatDuration(marinade.minutes)} in the marinade instead of ${formatDuration(marinade.insteadOfMin)}`
    : '';
  if (byMin > 0)
    return `${name}: ${formatDuration(byMin)} behind, on the table about ${formatClock(tableMs, zone, style.locale)}${cut ? `, with ${cut}` : ''}.`;
  return cut && `${name}: begun late, still in time with ${cut}.`;
}

/** What a button says that makes up for it. */
export function catchUpWords(
  code: 'skip-soda' | 'no-freezer',
  { name, soonerMin }: { name: string; soonerMin: number },
): string {
  return `${name}: ${code === 'skip-soda' ? 'skip the soda' : 'slice it fridge-cold'}, ${formatDuration(soonerMin)} sooner`;
}
