'use client';

import { LIMITS } from '@/core/batches';
import { USES } from '@/core/ways';
import { HOLD_BACK_PURPOSES } from '@/core/marinades';
import { USE_NAMES } from '@/core/words';
import { MassField, MinutesField } from '../../primitives/quantities';
import { TextField, SelectField, Tick, LABEL_LOOK } from '../../primitives/plainFields';
import { MarinadeFields } from './marinadeFields';

const SHARES = [0, 0.1, 0.15, 0.2, 0.25, 0.33, 0.5];
const HELD_FOR = [{ value: '', name: '–' } as const, ...HOLD_BACK_PURPOSES.map((value) => ({ value, name: value }))];

interface Props {
  form: MarinadeFields;
  change: (part: Partial<MarinadeFields>) => void;
}

/** Name, weight, hours, what is held back, what it is for. */
export function MarinadeFactsFields({ form, change }: Props) {
  return (
    <>
      <TextField label="Name" value={form.name} maxLength={120} onChange={(name) => change({ name })} />
      <TextField
        label="What it is like"
        className="w-full"
        value={form.note}
        maxLength={2000}
        onChange={(note) => change({ note })}
      />
      <div className="grid gap-4 sm:grid-cols-3">
        <MassField
          label="Written for this much meat"
          value={form.forMassG}
          {...LIMITS.massG}
          onChange={(forMassG) => change({ forMassG })}
        />
        <MinutesField
          label="In the fridge, at least"
          value={form.minutes.from}
          min={0}
          max={4320}
          onChange={(least) => change({ minutes: { from: least, to: Math.max(least, form.minutes.to) } })}
        />
        <MinutesField
          label="At most"
          value={form.minutes.to}
          min={0}
          max={4320}
          onChange={(most) => change({ minutes: { to: most, from: Math.min(most, form.minutes.from) } })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <SelectField
          label="Hold back before mixing"
          value={String(form.holdBackShare)}
          options={[...new Set([...SHARES, form.holdBackShare])]
            .sort((a, b) => a - b)
            .map((share) => ({ value: String(share), name: share === 0 ? 'nothing' : `${Math.round(share * 100)} %` }))}
          onChange={(share) => change({ holdBackShare: Number(share) })}
        />
        <SelectField
          label="for"
          value={form.holdBackFor}
          options={HELD_FOR}
          onChange={(holdBackFor) => change({ holdBackFor })}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Tick checked={form.heated ?? false} onChange={(heated) => change({ heated })}>
          Simmered first, then cooled
        </Tick>
        <Tick checked={form.oilFirst ?? false} onChange={(oilFirst) => change({ oilFirst })}>
          Oil from the start, not last
        </Tick>
      </div>
      <fieldset>
        <legend className={LABEL_LOOK}>It is for</legend>
        <div className="flex flex-wrap gap-2">
          {USES.map((way) => (
            <Tick
              key={way}
              checked={form.ways.includes(way)}
              onChange={(is) => change({ ways: USES.filter((one) => (one === way ? is : form.ways.includes(one))) })}
            >
              {USE_NAMES[way]}
            </Tick>
          ))}
        </div>
      </fieldset>
    </>
  );
}
