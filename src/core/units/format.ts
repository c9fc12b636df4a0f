import { G_PER_LB, G_PER_OZ, MM_PER_IN, type UnitSystem } from './exact';

export interface FormatStyle {
  system: UnitSystem;
  /** BCP 47 tag for the decimal mark and the grouping. */
  locale: string;
}

const formatters = new Map<string, Intl.NumberFormat>();

/** A number in the locale's manner with at most `digits` decimals. */
export function formatNumber(value: number, locale: string, digits = 0): string {
  const key = `${locale}/${digits}`;
  let format = formatters.get(key);
  if (!format)
    formatters.set(
      key,
      (format = new Intl.NumberFormat(locale, { maximumFractionDigits: digits, signDisplay: 'negative' })),
    );
  return format.format(value);
}

/** A number and its unit, apart, so that a screen can set them in two sizes. */
export interface Figure {
  value: string;
  unit: string;
}

export function massFigure(massG: number, { system, locale }: FormatStyle): Figure {
  if (system === 'us') {
    if (massG >= G_PER_LB) return { value: formatNumber(massG / G_PER_LB, locale, 2), unit: 'lb' };
    const oz = massG / G_PER_OZ;
    return oz >= 1
      ? { value: formatNumber(oz, locale, oz < 4 ? 2 : 1), unit: 'oz' }
      : { value: formatNumber(massG, locale, massG < 10 ? digitsFor(massG, 1) : 0), unit: 'g' };
  }
  if (massG >= 1000) return { value: formatNumber(massG / 1000, locale, 2), unit: 'kg' };
  return { value: formatNumber(massG, locale, massG < 20 ? digitsFor(massG, 1) : 0), unit: 'g' };
}

/** As many decimals as it takes that something is not said as nothing. */
const digitsFor = (value: number, usual: number): number =>
  value > 0 && value < 0.5 * 10 ** -usual ? Math.min(6, Math.ceil(-Math.log10(value))) : usual;

export function lengthFigure(lengthMm: number, { system, locale }: FormatStyle): Figure {
  if (system === 'us') return { value: inches(lengthMm / MM_PER_IN, locale), unit: 'in' };
  return { value: formatNumber(lengthMm, locale, lengthMm < 20 ? digitsFor(lengthMm, 1) : 0), unit: 'mm' };
}

/** Inches as the marks of a ruler: sixteenths, thirty-seconds where a sixteenth would be off by a tenth; decimals only below a thirty-second. */
function inches(value: number, locale: string): string {
  const fine = Math.abs(Math.round(value * 16) / 16 - value) > 0.1 * value ? 32 : 16;
  const marks = Math.round(value * fine);
  if (marks === 0) return formatNumber(value, locale, digitsFor(value, 2));
  const whole = Math.floor(marks / fine);
  let numerator = marks % fine;
  let denominator = fine;
  while (numerator && numerator % 2 === 0) [numerator, denominator] = [numerator / 2, denominator / 2];
  if (!numerator) return formatNumber(whole, locale);
  return `${whole ? `${formatNumber(whole, locale)} ` : ''}${numerator}/${denominator}`;
}

/** Square feet to the square metre, from the exact inch. */
const FT2_PER_M2 = 1 / (12 * MM_PER_IN * 1e-3) ** 2;

export function areaFigure(areaM2: number, { system, locale }: FormatStyle): Figure {
  return system === 'us'
    ? { value: formatNumber(areaM2 * FT2_PER_M2, locale, 1), unit: 'ft²' }
    : { value: formatNumber(areaM2, locale, 2), unit: 'm²' };
}

export function temperatureFigure(tempC: number, { system, locale }: FormatStyle): Figure {
  if (system === 'us') return { value: formatNumber(tempC * 1.8 + 32, locale), unit: '°F' };
  return { value: formatNumber(tempC, locale), unit: '°C' };
}

export function joinFigure({ value, unit }: Figure): string {
  return `${value} ${unit}`;
}

export const formatMass = (massG: number, style: FormatStyle) => joinFigure(massFigure(massG, style));
/** Two ends of a range in one unit, the larger one's. @example formatMassRange(20, 56, us) // '0.7 to 2 oz' */
export function formatMassRange(range: { from: number; to: number }, style: FormatStyle): string {
  const { unit } = massFigure(range.to, style);
  const gramsIn = { lb: G_PER_LB, oz: G_PER_OZ, kg: 1000 }[unit] ?? 1;
  const say = (massG: number) => formatNumber(massG / gramsIn, style.locale, gramsIn === 1 ? 0 : 1);
  return `${say(range.from)} to ${say(range.to)} ${unit}`;
}
export const formatLength = (lengthMm: number, style: FormatStyle) => joinFigure(lengthFigure(lengthMm, style));
export const formatTemperature = (tempC: number, style: FormatStyle) => joinFigure(temperatureFigure(tempC, style));

/** An estimate of minutes, no more exact than it is: five minutes below two hours, half an hour below twelve, then hours. @example formatRoughly(408) // '7 h' */
export function formatRoughly(minutes: number): string {
  const step = minutes < 120 ? 5 : minutes < 720 ? 30 : 60;
  return formatDuration(Math.max(step === 5 ? 5 : step, Math.round(minutes / step) * step));
}

/**
 * Minutes as a cook says them.
 * @example formatDuration(130) // '2 h 10'
 */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return rest ? `${hours} h ${String(rest).padStart(2, '0')}` : `${hours} h`;
}
