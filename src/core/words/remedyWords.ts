import type { LeftOut, Remedy } from '../batches';
import { jobShort } from './jobNames';
import { formatClock, formatDayClock, QUIET_HOURS } from '../times';
import { formatDuration, formatNumber, type FormatStyle } from '../units';

/** What a button says that mends a plan. */
export function remedyWords(remedy: Remedy, { zone, style }: { zone: string; style: FormatStyle }): string {
  const sooner = (minutes: number) => (minutes > 0 ? `: ${formatDuration(minutes)} sooner` : '');
  const percent = (value: number) => `${formatNumber(value, style.locale, 1)} %`;
  switch (remedy.code) {
    case 'serve-at':
      return `Serve at ${formatClock(remedy.tableAtMs, zone, style.locale)}`;
    case 'skip-soda':
      return `Skip the soda${sooner(remedy.soonerMin)}`;
    case 'no-freezer':
      return `Slice it fridge-cold${sooner(remedy.soonerMin)}`;
    case 'marinade-to':
      return `Marinate ${formatDuration(remedy.minutes)}${sooner(remedy.soonerMin)}`;
    case 'marinade-for-nights':
      return `Marinate ${formatDuration(remedy.minutes)}: begin ${formatDayClock(remedy.startMs, zone, style.locale)}`;
    case 'let-hour-follow':
      return `Let the hour of “${jobShort(remedy.key)}” follow`;
    case 'fridge':
      return 'Marinate in the fridge';
    case 'temper-in-fridge':
      return `Temper it in the fridge: out ${formatDayClock(remedy.startMs, zone, style.locale)}`;
    case 'lots':
      return `Work in ${remedy.lots} lots`;
    case 'rinse-soda':
      return 'Rinse the soda off';
    case 'usual-soda':
      return 'Take the usual dose';
    case 'steaks':
      return 'Cut it into steaks first';
    case 'butterfly':
      return 'Open it like a book';
    case 'land-salt':
      return `Land at ${percent(remedy.percent)} salt`;
    case 'halve-sugar':
      return 'Halve the sugar';
  }
}

const LEFT_OUT: Record<LeftOut, string> = {
  soak: 'the soda soak',
  freezer: 'the freezer: slice it fridge-cold, a little thicker',
  marinade: 'most of the marinating: massage the mix in until no liquid is left',
};

/** What a hurried plan does without; empty where nothing was left out. */
export const leftOutWords = (leftOut: readonly LeftOut[]): string =>
  leftOut.length ? `Left out to save time: ${leftOut.map((one) => LEFT_OUT[one]).join('; ')}.` : '';

/** That hands are wanted at night, with the hours of night on this cook's clock. */
export function nightWords({ locale }: FormatStyle): string {
  const clock = ({ hour, minute }: { hour: number; minute: number }) =>
    formatClock(Date.UTC(2000, 0, 1, hour, minute), 'UTC', locale);
  return `Some handwork falls between ${clock(QUIET_HOURS.from)} and ${clock(QUIET_HOURS.to)}.`;
}

/** That hands are wanted when nobody is in the kitchen. */
export const AWAY_WORDS = 'Some handwork falls into hours when nobody is in the kitchen.';
