'use client';

import { useState } from 'react';
import { LIMITS } from '@/core/batches';
import { BAG_SIZES_ML, meatForBag } from '@/core/marinades';
import { formatMass, formatNumber } from '@/core/units';
import { Choice } from '../../primitives/choice';
import { CountField, MassField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';

/** Trimmed, raw, for one at a main meal: an own estimate, to be changed beside it. */
const USUAL_EACH_G = 150;
const EACH = { min: 20, max: 1000 };

interface Props {
  meatG: number;
  writtenForG: number;
  /** Of the mix as it is now. */
  mixMlPerMeatG: number;
  onChange: (meatG: number) => void;
}

const held = (massG: number) => Math.min(LIMITS.massG.max, Math.max(LIMITS.massG.min, massG));

/** How much to make: by the weight of the meat, by the people at the table, or by what a bag takes. */
export function ScaleField({ meatG, writtenForG, mixMlPerMeatG, onChange }: Props) {
  const { style } = usePreferences();
  const [by, setBy] = useState<'weight' | 'people' | 'bag'>('weight');
  const [people, setPeople] = useState(6);
  const [eachG, setEachG] = useState(USUAL_EACH_G);
  const [bagMl, setBagMl] = useState(2000);
  const [ratio] = useState(mixMlPerMeatG);
  const forPeople = (count: number, each: number) => onChange(held(count * each));
  const forBag = (ml: number) => onChange(held(meatForBag(ml, ratio)));
  const choose = (next: typeof by) => {
    setBy(next);
    if (next === 'people') forPeople(people, eachG);
    if (next === 'bag') forBag(bagMl);
  };
  return (
    <div className="space-y-3">
      <Choice
        label="Make it by"
        value={by}
        options={[
          { value: 'weight', name: 'By weight' },
          { value: 'people', name: 'For people' },
          { value: 'bag', name: 'To fill a bag' },
        ]}
        onChange={choose}
      />
      {by === 'weight' && (
        <MassField
          label="For this much trimmed meat"
          value={meatG}
          {...LIMITS.massG}
          onChange={onChange}
          hint={meatG === writtenForG ? 'as it is written' : `written for ${formatMass(writtenForG, style)}`}
        />
      )}
      {by === 'people' && (
        <div className="flex flex-wrap gap-x-8 gap-y-3">
          <CountField
            label="People"
            unit="people"
            value={people}
            {...LIMITS.people}
            onChange={(count) => {
              setPeople(count);
              forPeople(count, eachG);
            }}
          />
          <MassField
            label="Trimmed meat for each"
            value={eachG}
            {...EACH}
            onChange={(each) => {
              setEachG(each);
              forPeople(people, each);
            }}
            hint={`${formatMass(meatG, style)} in all`}
          />
        </div>
      )}
      {by === 'bag' && (
        <Bag
          meatG={meatG}
          bagMl={bagMl}
          onChange={(ml) => {
            setBagMl(ml);
            forBag(ml);
          }}
        />
      )}
    </div>
  );
}

interface BagProps {
  meatG: number;
  bagMl: number;
  onChange: (bagMl: number) => void;
}

function Bag({ meatG, bagMl, onChange }: BagProps) {
  const { style } = usePreferences();
  return (
    <label className="flex flex-wrap items-center gap-3">
      Bag of
      <select
        className="h-11 rounded border border-grout bg-panel px-3 font-semibold"
        value={bagMl}
        onChange={(event) => onChange(Number(event.target.value))}
      >
        {BAG_SIZES_ML.map((ml) => (
          <option key={ml} value={ml}>
            {formatNumber(ml / 1000, style.locale, 1)} l
          </option>
        ))}
      </select>
      <span>
        takes <strong>{formatMass(meatG, style)}</strong> of meat with its mix; the rest is room to turn it.
      </span>
    </label>
  );
}
