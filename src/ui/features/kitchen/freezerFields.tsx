'use client';

import { LIMITS, type Freezer } from '@/core/batches';
import { FREEZER_PRESETS, UNKNOWN_FREEZER, type FreezerPreset } from '@/core/firming';
import { formatNumber } from '@/core/units';
import { FREEZER_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { TemperatureField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';

const look = 'h-11 w-full max-w-sm rounded border border-grout bg-panel px-3';

interface Props {
  freezer: Freezer;
  onChange: (freezer: Freezer) => void;
  onForget: () => void;
}

/** How cold the freezer is, how things lie in it, and what slicing has taught of its strength. */
export function FreezerFields({ freezer, onChange, onForget }: Props) {
  const { style } = usePreferences();
  const { lnStrength, lnError } = freezer.known;
  const learned = lnStrength !== UNKNOWN_FREEZER.lnStrength || lnError !== UNKNOWN_FREEZER.lnError;
  const percent = (ln: number) => `${formatNumber(Math.exp(ln) * 100, style.locale)} %`;
  return (
    <fieldset id="freezer" className="space-y-3">
      <legend className="text-[17px] font-bold">Freezer</legend>
      <TemperatureField
        label="How cold it is"
        value={freezer.tempC}
        {...LIMITS.freezerC}
        onChange={(tempC) => onChange({ ...freezer, tempC })}
      />
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">A piece usually lies</span>
        <select
          className={look}
          value={freezer.lies}
          onChange={(event) => onChange({ ...freezer, lies: event.target.value as FreezerPreset })}
        >
          {FREEZER_PRESETS.map((one) => (
            <option key={one} value={one}>
              {FREEZER_NAMES[one]}
            </option>
          ))}
        </select>
      </label>
      <p role="status">
        {learned ? (
          <>
            From how your meat cut: it takes the heat at <strong>{percent(lnStrength)}</strong> of what is usual for
            that, likely between {percent(lnStrength - lnError)} and {percent(lnStrength + lnError)}.{' '}
            <Button look="quiet" onClick={onForget}>
              Forget that
            </Button>
          </>
        ) : (
          <span className="text-muted">
            Nothing learned yet. After slicing, say whether it was too soft, about right or too hard, and Mince learns
            how strong it is.
          </span>
        )}
      </p>
    </fieldset>
  );
}
