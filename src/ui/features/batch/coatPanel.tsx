'use client';

import { COAT_PRACTICE, measureIngredient, type IngredientKind } from '@/core/marinades';
import { formatMass, formatNumber } from '@/core/units';
import { Choice } from '../../primitives/choice';
import { PinMark } from '../../primitives/pinMark';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

/** Starch and oil that go on the meat, and when the oil goes in. */
export function CoatPanel() {
  const { plan, fields, pin, marinade, around } = useBatchWork();
  const { style } = usePreferences();
  const { marinate, piece } = plan;
  const { pins } = fields;
  const shareOnMeat = marinate.whole.massG > 0 ? marinate.onMeat.massG / marinate.whole.massG : 1;
  const inMix = (kind: IngredientKind) => marinate.lines.filter(({ ingredient }) => ingredient.kind === kind);
  const onMeatG = (kind: IngredientKind) => inMix(kind).reduce((sum, { massG }) => sum + massG, 0) * shareOnMeat;
  const said = (kind: IngredientKind) =>
    inMix(kind)
      .map(
        ({ ingredient, massG }) =>
          `${formatMass(massG, style)} ${ingredient.name.toLowerCase()}, ${measureIngredient(ingredient, massG, around.measures).spoken}`,
      )
      .join('; ');
  const dose = (kind: 'starch' | 'oil', key: 'starchPercent' | 'oilPercent', label: string, max: number) => {
    const percent = (100 * onMeatG(kind)) / piece.meatG;
    const { from, to } = COAT_PRACTICE[key];
    return (
      <div>
        <Slider
          label={label}
          value={percent}
          figure={{ value: formatNumber(percent, style.locale, 1), unit: '% of the meat' }}
          min={0}
          max={max}
          step={0.1}
          onChange={(value) => pin({ [key]: Math.round(value * 10) / 10 })}
          pinned={pins[key] !== undefined}
          onUnpin={() => pin({ [key]: undefined })}
          band={{
            from,
            to,
            words: `${formatNumber(from, style.locale, 1)} to ${formatNumber(to, style.locale, 1)} is customary`,
          }}
        />
        <p className="text-[13px] text-muted">{said(kind) || 'none in the mix'}</p>
      </div>
    );
  };
  return (
    <section className="panel space-y-3 px-4 py-3" aria-label="Coat">
      <h3>Coat</h3>
      {dose('starch', 'starchPercent', 'Starch', 5)}
      {dose('oil', 'oilPercent', 'Oil', 8)}
      <div>
        <div className="mb-1.5 flex min-h-8 items-end gap-2 text-[14px] text-muted">
          Oil goes in{' '}
          {pins.oilFirst !== undefined && <PinMark what="oil goes in" onUnpin={() => pin({ oilFirst: undefined })} />}
        </div>
        <Choice
          label="Oil goes in"
          value={(pins.oilFirst ?? marinade.oilFirst ?? false) ? 'first' : 'last'}
          options={[
            { value: 'last', name: 'Last' },
            { value: 'first', name: 'From the start' },
          ]}
          onChange={(value) =>
            pin({ oilFirst: (value === 'first') === (marinade.oilFirst ?? false) ? undefined : value === 'first' })
          }
        />
        <p className="mt-1 text-[13px] text-muted">
          Two schools: last, because oil-coated meat takes up less; from the start, because it spreads soda and spices.
          Starch goes next to last, or last.
        </p>
      </div>
    </section>
  );
}
