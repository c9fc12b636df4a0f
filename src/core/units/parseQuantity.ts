import { G_PER_LB, G_PER_OZ, ML_PER_CUP, ML_PER_FL_OZ, ML_PER_TBSP, ML_PER_TSP, MM_PER_IN } from './exact';
import { parseNumber } from './parseNumber';
import type { Parsed } from './problem';

export interface ParseOptions {
  /** Unit of a bare number. */
  bareUnit: string;
  /** The smallest and largest amount taken, in the unit of the result. */
  min?: number;
  max?: number;
  /** True where the cook's locale writes 1,5 for one and a half. */
  decimalComma?: boolean;
}

const MASS: Record<string, number> = {
  g: 1,
  gram: 1,
  gramme: 1,
  kg: 1000,
  kilo: 1000,
  kilogram: 1000,
  kilogramme: 1000,
  mg: 0.001,
  lb: G_PER_LB,
  pound: G_PER_LB,
  oz: G_PER_OZ,
  ounce: G_PER_OZ,
};

const LENGTH: Record<string, number> = {
  mm: 1,
  millimetre: 1,
  millimeter: 1,
  cm: 10,
  centimetre: 10,
  centimeter: 10,
  m: 1000,
  metre: 1000,
  meter: 1000,
  in: MM_PER_IN,
  inch: MM_PER_IN,
  inche: MM_PER_IN,
  '"': MM_PER_IN,
  '”': MM_PER_IN,
  '″': MM_PER_IN,
  ft: 12 * MM_PER_IN,
  foot: 12 * MM_PER_IN,
};

const VOLUME: Record<string, number> = {
  ml: 1,
  millilitre: 1,
  milliliter: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  litre: 1000,
  liter: 1000,
  tsp: ML_PER_TSP,
  teaspoon: ML_PER_TSP,
  tbsp: ML_PER_TBSP,
  tablespoon: ML_PER_TBSP,
  cup: ML_PER_CUP,
  'fl oz': ML_PER_FL_OZ,
  'fluid ounce': ML_PER_FL_OZ,
};

/**
 * Mass in grams from what a cook typed: "1 1/2 lb", "700 g", "1 lb 4 oz", "0,7 kg".
 * @example parseMass('1 1/2 lb', { bareUnit: 'g' }) // { ok: true, value: 680.388555 }
 */
export function parseMass(text: string, options: ParseOptions): Parsed<number> {
  return parseCompound(text, MASS, options);
}

/**
 * Length in millimetres: "6mm", "1/4 in", "quarter inch", "2.5 cm".
 * @example parseLength('1/4 in', { bareUnit: 'mm' }) // { ok: true, value: 6.35 }
 */
export function parseLength(text: string, options: ParseOptions): Parsed<number> {
  return parseCompound(text, LENGTH, options);
}

export interface Sides {
  lengthMm?: number;
  widthMm?: number;
  heightMm: number;
}

/**
 * A piece in millimetres by its height alone or by length x width x height: "45", "200 x 120 x 45 mm", "8 by 5 by 2 in", "20 cm x 12 cm x 45 mm".
 * A number without a unit takes the next one behind it. Height keeps to min and max of `options`, the other sides to `side`.
 */
export function parseSides(
  text: string,
  options: ParseOptions & { side: { min: number; max: number } },
): Parsed<Sides> {
  const parts = text.slice(0, 120).split(/\s*[x×*]\s*|\s+by\s+/i);
  if (parts.length === 1) {
    const height = parseLength(text, options);
    return height.ok ? { ok: true, value: { heightMm: height.value } } : height;
  }
  if (parts.length !== 3) return { ok: false, problem: { code: 'not-a-number' } };
  const sides: number[] = [];
  let unit = '';
  for (let part = 2; part >= 0; part--) {
    const written = /[a-z"”″]+\.?\s*$/i.exec(parts[part]!)?.[0];
    const side = parseLength(written || parts[part]!.trim() === '' ? parts[part]! : `${parts[part]} ${unit}`, {
      ...options,
      ...(part < 2 ? options.side : {}),
    });
    if (!side.ok) return side;
    unit = written ?? unit;
    sides[part] = side.value;
  }
  return { ok: true, value: { lengthMm: sides[0], widthMm: sides[1], heightMm: sides[2]! } };
}

/** Volume in millilitres from level measures: "1 1/2 tsp", "1/4 cup + 1 tbsp", "60 ml". */
export function parseVolume(text: string, options: ParseOptions): Parsed<number> {
  return parseCompound(text, VOLUME, options);
}

const DURATION: Record<string, number> = {
  min: 1,
  minute: 1,
  m: 1,
  h: 60,
  hr: 60,
  hour: 60,
  d: 1440,
  day: 1440,
  night: 720,
};

/** Duration in minutes: "90 min", "1 1/2 h", "2 h 10", "1:30". */
export function parseDuration(text: string, options: ParseOptions): Parsed<number> {
  const clock = /^\s*(\d{1,3}):([0-5]\d)\s*$/.exec(text);
  if (clock) return within(Number(clock[1]) * 60 + Number(clock[2]), options);
  const hours = /^\s*(\d{1,3})\s*h\s*(\d{1,2})\s*$/i.exec(text);
  if (hours) return within(Number(hours[1]) * 60 + Number(hours[2]), options);
  return parseCompound(text, DURATION, options);
}

/** Temperature in °C: "21", "70 °F", "33 C", "-18". A bare number is in `bareUnit`, c or f. */
export function parseTemperature(text: string, options: ParseOptions): Parsed<number> {
  const match = /^\s*([-−]?)\s*(.*?)\s*(?:°|deg(?:rees)?)?\s*([cf]?)\s*$/i.exec(text.slice(0, 80));
  const number = parseNumber(match?.[2] ?? '', options.decimalComma);
  if (!number.ok) return number;
  if (number.value.rest !== '')
    return { ok: false, problem: { code: 'unknown-unit', unit: number.value.rest.slice(0, 20) } };
  const degrees = (match![1] ? -1 : 1) * number.value.value;
  return within((match![3] || options.bareUnit).toLowerCase() === 'f' ? (degrees - 32) / 1.8 : degrees, options);
}

/** A plain count or percentage, with or without its sign. */
export function parsePlain(text: string, options: ParseOptions): Parsed<number> {
  return parseCompound(text, { '': 1, '%': 1, '°': 1, '°c': 1, c: 1, people: 1, person: 1, portion: 1 }, options);
}

function parseCompound(text: string, units: Record<string, number>, options: ParseOptions): Parsed<number> {
  if (text.length > 80) return { ok: false, problem: { code: 'not-a-number' } };
  let rest = text.trim();
  let total = 0;
  for (let part = 0; part === 0 || rest !== ''; part++) {
    const number = parseNumber(rest, options.decimalComma);
    if (!number.ok) return number;
    const read = readUnit(number.value.rest, units);
    const bare = read === undefined && number.value.rest === '' && part === 0;
    const factor = read?.factor ?? (bare ? units[options.bareUnit] : undefined);
    if (factor === undefined)
      return { ok: false, problem: { code: 'unknown-unit', unit: number.value.rest.slice(0, 20) } };
    total += number.value.value * factor;
    rest = (read?.rest ?? '').replace(/^\s*(\+|and|,)\s*/i, '').trim();
  }
  return within(total, options);
}

function readUnit(text: string, units: Record<string, number>): { factor: number; rest: string } | undefined {
  const word = /^(fl\.?\s*oz|fluid ounces?|°c|[a-zµ]+|["”″%°])\.?/i.exec(text);
  if (!word) return undefined;
  const name = word[1]!.toLowerCase().replace(/^fl\.?\s*oz/, 'fl oz');
  const factor = units[name] ?? units[name.replace(/e?s$/, '')] ?? units[name.replace(/s$/, '')];
  return factor === undefined ? undefined : { factor, rest: text.slice(word[0].length) };
}

function within(value: number, { min, max }: ParseOptions): Parsed<number> {
  if (!Number.isFinite(value)) return { ok: false, problem: { code: 'not-a-number' } };
  if (min !== undefined && value < min) return { ok: false, problem: { code: 'too-small', min } };
  if (max !== undefined && value > max) return { ok: false, problem: { code: 'too-large', max } };
  return { ok: true, value };
}
