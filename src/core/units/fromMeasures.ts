import { PINCH_ML } from './measures';
import { parseNumber } from './parseNumber';
import { parseVolume } from './parseQuantity';
import type { Parsed } from './problem';

/** A heaped spoon holds 1.5 to 2 level ones (common practice); the middle is taken. */
export const HEAPED = { from: 1.5, to: 2, middle: 1.75 } as const;

export interface ReadVolume {
  volumeMl: number;
  /** Half-width of what the words leave open, in percent: heaped spoons are not exact. */
  errorPercent: number;
}

/** Volume from kitchen words: "1 1/2 tsp", "2 heaped tsp", "half of a 1/4 cup", "¼ cup + 1 tbsp", "2 pinches". */
export function fromMeasures(text: string, decimalComma = false): Parsed<ReadVolume> {
  const pinches = /^\s*(?:(a|\d)\s+)?pinch(?:es)?\s*$/i.exec(text);
  if (pinches) return { ok: true, value: { volumeMl: (Number(pinches[1]) || 1) * PINCH_ML, errorPercent: 50 } };
  if (text.length > 80) return { ok: false, problem: { code: 'not-a-number' } };
  const parts = text.split(/\s*\+\s*|\s+and\s+(?=[\d½¼⅓a])/i);
  if (parts.length > 1) {
    let volumeMl = 0;
    let spread = 0;
    for (const part of parts) {
      const read = fromMeasures(part, decimalComma);
      if (!read.ok) return read;
      volumeMl += read.value.volumeMl;
      spread += (read.value.volumeMl * read.value.errorPercent) / 100;
    }
    return { ok: true, value: { volumeMl, errorPercent: (100 * spread) / volumeMl } };
  }
  const halved = /^\s*half\s+of\s+(?:your|my|the|a|an)\s+(.*\d.*|[^\d]*[¼½⅓].*)$/i.exec(text);
  if (halved) {
    const whole = fromMeasures(halved[1]!, decimalComma);
    return whole.ok ? { ok: true, value: { ...whole.value, volumeMl: whole.value.volumeMl / 2 } } : whole;
  }
  const plain = text.replace(/(\d)\s*[×x]\s*(?=[¼½⅓]|\d\/)/g, '$1*').split('*');
  if (plain.length === 2) {
    const count = parseNumber(plain[0]!, decimalComma);
    const each = fromMeasures(plain[1]!, decimalComma);
    return count.ok && each.ok
      ? { ok: true, value: { ...each.value, volumeMl: each.value.volumeMl * count.value.value } }
      : each;
  }
  const heaped = /\b(heaped|heaping|rounded)\b/i.test(text);
  const read = parseVolume(text.replace(/\b(heaped|heaping|rounded|level)\b/gi, '').replace(/\s+/g, ' '), {
    bareUnit: '',
    min: 1e-3,
    max: 100_000,
    decimalComma,
  });
  if (!read.ok) return read;
  const spreadPercent = (100 * (HEAPED.to - HEAPED.from)) / 2 / HEAPED.middle;
  return {
    ok: true,
    value: heaped
      ? { volumeMl: read.value * HEAPED.middle, errorPercent: spreadPercent }
      : { volumeMl: read.value, errorPercent: 0 },
  };
}
