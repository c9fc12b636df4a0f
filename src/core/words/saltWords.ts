import { SALT_BAND_PERCENT } from '../marinades';
import { formatNumber, type FormatStyle } from '../units';

/** The band of salt that most like, as a slider shows it. */
export const saltBand = ({ locale }: FormatStyle): { from: number; to: number; words: string } => ({
  ...SALT_BAND_PERCENT,
  words: `most like ${formatNumber(SALT_BAND_PERCENT.from, locale, 1)} to ${formatNumber(SALT_BAND_PERCENT.to, locale, 1)}`,
});
