'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CutResource, CutWrite } from '@/contract/resources';
import { USES, type Use } from '@/core/ways';
import { ANIMALS, FATS, FORMS, SUITS, usualFreezingPointC, WORKS, type Cut, type SuitsBecause } from '@/core/pieces';
import { parsePlain } from '@/core/units';
import { ANIMAL_NAMES, FAT_NAMES, FORM_NAMES, SUITS_WORDS, USE_NAMES, WORK_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { CheckedForm } from '../../primitives/checkedForm';
import { Choice } from '../../primitives/choice';
import { CutPicker } from '../../primitives/cutPicker';
import { LengthField, MassField } from '../../primitives/quantities';
import { QuantityField } from '../../primitives/quantityField';
import { FormEnd, LABEL_LOOK, SelectField, TextField } from '../../primitives/plainFields';
import { useKept } from '../../primitives/useKept';
import { usePreferences } from '../../shell/preferences';
import { useSend } from '../../shell/useSend';

const KEY = 'mince.cut';

export const writeOf = ({ id: _id, own: _own, ...cut }: Cut | CutResource): CutWrite => {
  const { version: _version, ...write } = { version: 0, ...cut };
  return { ...write, otherNames: [...write.otherNames] };
};

const namesIn = (text: string) =>
  text
    .split(',')
    .map((name) => name.trim().slice(0, 120))
    .filter(Boolean)
    .slice(0, 20);

/** The other names as they are typed, commas and spaces included. */
type Form = CutWrite & { typedNames: string };
const beginWith = (cut: CutWrite): Form => ({ ...cut, typedNames: cut.otherNames.join(', ') });

interface Props {
  cuts: readonly Cut[];
  from: Cut;
  /** The own cut that is changed, with its version; left out: a new one is made. */
  edit?: CutResource;
}

/** A cut of the cook's own, begun from one that is like it: name it, change what differs. */
export function CutForm({ cuts, from, edit }: Props) {
  const router = useRouter();
  const [like, setLike] = useState(from);
  const key = edit ? `${KEY}.change.${edit.id}` : `${KEY}.new.${from.id}`;
  const {
    value: form,
    change,
    drop,
  } = useKept(key, () => beginWith(edit ? writeOf(edit) : { ...writeOf(from), name: '', otherNames: [] }), {
    take: (kept) => (kept.composition ? { ...beginWith(kept), ...kept } : undefined),
  });
  const { problem, setProblem, busy, keep } = useSend();
  const begin = (cut: Cut) => {
    setLike(cut);
    change({ ...writeOf(cut), name: form.name });
  };

  const keepIt = async () => {
    if (!form.name.trim()) return setProblem('Give it a name.');
    if (form.composition.water < 0.3)
      return setProblem('Protein and fat leave too little water: meat is at least 30 % water.');
    const { typedNames, ...cut } = form;
    const body: CutWrite = { ...cut, name: form.name.trim(), otherNames: namesIn(typedNames) };
    const kept = await keep<CutResource>('/cuts', body, edit);
    if (!kept) return;
    drop();
    router.push(`/cuts/${kept.id}`);
    router.refresh();
  };

  return (
    <CheckedForm
      className="mx-auto max-w-3xl px-4 py-6"
      problem={problem}
      onProblem={setProblem}
      onKeep={() => void keepIt()}
    >
      <h1>{edit ? `Change ${edit.name}` : 'A cut of your own'}</h1>
      <Alive className="panel mt-4 space-y-5 px-5 py-5">
        {!edit && (
          <div>
            <span className={LABEL_LOOK}>Most like</span>
            <CutPicker label="Most like" cuts={cuts} value={like} onChange={begin} />
            <span className="mt-1 block text-[13px] text-muted">its figures are the start; change what differs</span>
          </div>
        )}
        <WhatItIs form={form} change={change} />
        <ItsFigures form={form} change={change} />
        <TextField
          label="What comes off"
          className="w-full"
          value={form.trim}
          maxLength={300}
          onChange={(trim) => change({ trim })}
        />
        <WhatItSuits form={form} change={change} />
        <FormEnd problem={problem} busy={busy} keep="Keep this cut" onLeave={() => router.back()} />
      </Alive>
    </CheckedForm>
  );
}

interface PartProps {
  form: Form;
  change: (part: Partial<Form>) => void;
}

/** Names, animal, muscle and fat. */
function WhatItIs({ form, change }: PartProps) {
  return (
    <>
      <TextField label="Name" value={form.name} maxLength={120} onChange={(name) => change({ name })} />
      <TextField
        label="Other names, with commas between"
        value={form.typedNames}
        maxLength={500}
        onChange={(typedNames) => change({ typedNames })}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField
          label="Animal"
          className="w-full max-w-sm"
          value={form.animal}
          options={ANIMALS.map((value) => ({ value, name: ANIMAL_NAMES[value] }))}
          onChange={(animal) => change({ animal, freezingPointC: usualFreezingPointC(animal) })}
        />
        <SelectField
          label="As it is sold"
          className="w-full max-w-sm"
          value={form.form}
          options={FORMS.map((value) => ({ value, name: FORM_NAMES[value] }))}
          onChange={(sold) => change({ form: sold })}
        />
      </div>
      <div>
        <span className={LABEL_LOOK}>The muscle</span>
        <Choice
          label="The muscle"
          value={form.work}
          options={WORKS.map((value) => ({ value, name: WORK_NAMES[value] }))}
          onChange={(work) => change({ work })}
        />
      </div>
      <div>
        <span className={LABEL_LOOK}>Fat in it</span>
        <Choice
          label="Fat in it"
          value={form.fat}
          options={FATS.map((value) => ({ value, name: FAT_NAMES[value] }))}
          onChange={(fat) => change({ fat })}
        />
      </div>
    </>
  );
}

/** What a label and a scale say of it. */
function ItsFigures({ form, change }: PartProps) {
  const { composition, trimLoss } = form;
  /** Protein and fat as a label has them; what is left of the whole is water. */
  const compose = (part: Partial<CutWrite['composition']>) => {
    const { protein, fat, ash } = { ...composition, ...part };
    change({ composition: { protein, fat, ash, water: Math.max(0, 1 - protein - fat - ash) } });
  };
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <ShareField
        label="Protein, from a label"
        share={composition.protein}
        maxPercent={40}
        onChange={(protein) => compose({ protein })}
      />
      <ShareField label="Fat, from a label" share={composition.fat} onChange={(fat) => compose({ fat })} />
      <MassField
        label="One piece weighs"
        value={form.usualMassG}
        min={5}
        max={30_000}
        onChange={(usualMassG) => change({ usualMassG })}
      />
      <LengthField
        label="Usually tall"
        value={form.usualHeightMm}
        min={1}
        max={200}
        onChange={(usualHeightMm) => change({ usualHeightMm })}
      />
      <ShareField
        label="Trimmed off, at least"
        share={trimLoss.from}
        onChange={(loss) => change({ trimLoss: { from: loss, to: Math.max(loss, trimLoss.to) } })}
      />
      <ShareField
        label="Trimmed off, at most"
        share={trimLoss.to}
        onChange={(loss) => change({ trimLoss: { to: loss, from: Math.min(loss, trimLoss.from) } })}
      />
    </div>
  );
}

interface ShareFieldProps {
  label: string;
  share: number;
  maxPercent?: number;
  onChange: (share: number) => void;
}

/** A share of the whole, typed and shown in per cent. */
function ShareField({ label, share, maxPercent = 60, onChange }: ShareFieldProps) {
  const { style, decimalComma } = usePreferences();
  return (
    <QuantityField
      label={label}
      what="a share in per cent"
      examples="21"
      value={share}
      step={0.005}
      show={(value) => `${Math.round(value * 1000) / 10} %`}
      format={(value) => `${(Math.round(value * 1000) / 10).toLocaleString(style.locale)} %`}
      parse={(text) => {
        const read = parsePlain(text, { bareUnit: '%', min: 0, max: maxPercent, decimalComma });
        if (read.ok) return { ok: true, value: read.value / 100 };
        const { problem } = read;
        if (problem.code !== 'too-small' && problem.code !== 'too-large') return read;
        const limit = 'max' in problem ? { max: problem.max / 100 } : { min: problem.min / 100 };
        return { ok: false, problem: { ...problem, ...limit } };
      }}
      onChange={onChange}
    />
  );
}

/** What it is good for, and why. */
function WhatItSuits({ form, change }: PartProps) {
  const suit = (way: Use, because: SuitsBecause | undefined) =>
    change({
      suits: Object.fromEntries(Object.entries({ ...form.suits, [way]: because }).filter(([, why]) => why)),
    });
  return (
    <fieldset>
      <legend className={LABEL_LOOK}>It suits</legend>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-2 sm:grid-cols-[repeat(2,minmax(0,1fr))]">
        {USES.map((way) => (
          <label key={way} className="flex items-center gap-2 text-[14px]">
            <span className="w-28 shrink-0">{USE_NAMES[way]}</span>
            <select
              className="h-10 min-w-0 grow rounded border border-grout bg-panel px-2"
              value={form.suits[way] ?? ''}
              onChange={(event) => suit(way, (event.target.value || undefined) as SuitsBecause | undefined)}
            >
              <option value="">–</option>
              {SUITS.map((because) => (
                <option key={because} value={because}>
                  {SUITS_WORDS[because]}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
