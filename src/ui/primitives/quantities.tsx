'use client';

import {
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  formatTemperature,
  parseDuration,
  parseLength,
  parseMass,
  parsePlain,
  parseSides,
  parseTemperature,
  readKindly,
  type Sides,
} from '@/core/units';
import { usePreferences } from '../shell/preferences';
import { QuantityField, type QuantityFieldProps } from './quantityField';

type Given = Omit<QuantityFieldProps, 'parse' | 'format' | 'step' | 'what' | 'examples' | 'show'> & {
  min: number;
  max: number;
};

export function MassField({ min, max, ...rest }: Given) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const show = (massG: number) => formatMass(massG, style);
  return (
    <QuantityField
      {...rest}
      what="a weight"
      examples={us ? '1 1/2 lb or 700 g' : '700 g or 1 1/2 lb'}
      show={show}
      format={show}
      step={us ? 453.59237 / 8 : 50}
      parse={(text) =>
        readKindly(
          text,
          (one, bareUnit) => parseMass(one, { bareUnit, min, max, decimalComma }),
          us ? ['lb', 'g'] : ['g', 'kg', 'lb'],
        )
      }
    />
  );
}

export function LengthField({ min, max, step, ...rest }: Given & { step?: number }) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const show = (mm: number) => formatLength(mm, style);
  return (
    <QuantityField
      {...rest}
      what="a length"
      examples={us ? '1/4 in or 6mm' : '6mm or 1/4 in'}
      show={show}
      format={show}
      step={us ? 25.4 / 16 : (step ?? 1)}
      parse={(text) =>
        readKindly(
          text,
          (one, bareUnit) => parseLength(one, { bareUnit, min, max, decimalComma }),
          us ? ['in', 'mm'] : ['mm', 'in'],
        )
      }
    />
  );
}

type SidesGiven = Omit<Given, 'value' | 'onChange'> & {
  value: Sides;
  side: { min: number; max: number };
  onChange: (sides: Sides) => void;
};

/** Height alone, or length × width × height when the cook has measured all three. */
export function SidesField({ min, max, side, value: { lengthMm, widthMm, heightMm }, onChange, ...rest }: SidesGiven) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const show = (mm: number) => formatLength(mm, style);
  /** One size in either system; three sides as they are. */
  const read = (text: string) => {
    const own = parseSides(text, { bareUnit: us ? 'in' : 'mm', min, max, side, decimalComma });
    if (own.ok) return own;
    const one = readKindly(
      text,
      (single, bareUnit) => parseLength(single, { bareUnit, min, max, decimalComma }),
      us ? ['in', 'mm'] : ['mm', 'in'],
    );
    return one.ok ? { ...one, value: { heightMm: one.value } } : own;
  };
  return (
    <QuantityField
      {...rest}
      wide
      value={heightMm}
      what="a height, or length × width × height"
      examples={us ? '1 3/4 in or 8 x 5 x 1 3/4 in' : '45 mm or 200 x 120 x 45 mm'}
      show={show}
      step={us ? 25.4 / 16 : 1}
      format={(mm) =>
        [lengthMm, widthMm, mm]
          .filter((one) => one !== undefined)
          .map(show)
          .join(' × ')
      }
      parse={(text) => {
        const sides = read(text);
        return sides.ok ? { ...sides, value: sides.value.heightMm } : sides;
      }}
      onChange={(_, text) => {
        const sides = read(text);
        if (sides.ok) onChange(sides.value);
      }}
    />
  );
}

export function MinutesField({ min, max, ...rest }: Given) {
  const { decimalComma } = usePreferences();
  return (
    <QuantityField
      {...rest}
      what="a time"
      examples="45 min or 2 h 10"
      show={formatDuration}
      format={formatDuration}
      step={5}
      parse={(text) =>
        readKindly(text, (one, bareUnit) => parseDuration(one, { bareUnit, min, max, decimalComma }), ['min'])
      }
    />
  );
}

export function TemperatureField({ min, max, ...rest }: Given) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const show = (tempC: number) => formatTemperature(tempC, style);
  return (
    <QuantityField
      {...rest}
      what="a temperature"
      examples={us ? '70 °F or 21 °C' : '21 °C or 70 °F'}
      show={show}
      format={show}
      step={us ? 1 / 1.8 : 1}
      parse={(text) => parseTemperature(text, { bareUnit: us ? 'f' : 'c', min, max, decimalComma })}
    />
  );
}

/** A price as on the label, in the kitchen's currency, for a kilogram or a pound as the cook weighs; empty when it is not of interest. */
export function PriceField({
  label,
  currency,
  valuePerKg,
  onChange,
}: {
  label: string;
  currency: string;
  valuePerKg?: number;
  onChange: (pricePerKg: number | undefined) => void;
}) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const perKg = us ? 1 / 0.45359237 : 1;
  const show = (price: number) => formatNumber(price / perKg, style.locale, 2);
  return (
    <QuantityField
      label={label}
      what="a price"
      examples="12.50"
      value={valuePerKg ?? NaN}
      step={0.5 * perKg}
      show={show}
      format={(price) => (Number.isNaN(price) ? '' : show(price))}
      hint={`${currency} ${us ? 'a pound' : 'a kilogram'}${valuePerKg === undefined ? ', if you like' : ''}`}
      parse={(text) => {
        if (text.trim() === '') return { ok: true, value: NaN };
        const read = parsePlain(text.replace(/^[\p{Sc}\s]+/u, ''), {
          bareUnit: '',
          min: 0,
          max: 100_000,
          decimalComma,
        });
        return read.ok ? { ok: true, value: read.value * perKg } : read;
      }}
      onChange={(price) => onChange(Number.isNaN(price) ? undefined : price)}
    />
  );
}

export function CountField({ min, max, unit, ...rest }: Given & { unit: string }) {
  const { style, decimalComma } = usePreferences();
  const show = (count: number) => formatNumber(count, style.locale);
  const whole = (text: string) => {
    const read = parsePlain(text, { bareUnit: '', min, max, decimalComma });
    return read.ok && !Number.isInteger(read.value)
      ? ({ ok: false, problem: { code: 'not-a-number' } } as const)
      : read;
  };
  return (
    <QuantityField
      {...rest}
      what={`a whole number of ${unit}`}
      examples="6"
      show={show}
      format={show}
      step={1}
      parse={whole}
    />
  );
}
