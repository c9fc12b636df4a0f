'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CutResource, CutWrite } from '@/contract/resources';
import { USES } from '@/core/ways';
import {
  ANIMALS,
  FATS,
  FORMS,
  SUITS,
  usualFreezingPointC,
  WORKS,
  type Animal,
  type Cut,
  type SuitsBecause,
} from '@/core/pieces';
import { parsePlain } from '@/core/units';
import { ANIMAL_NAMES, FAT_NAMES, FORM_NAMES, SUITS_WORDS, USE_NAMES, WORK_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { focusFirstInvalid, NOT_READ } from '../../primitives/firstInvalid';
import { Button } from '../../primitives/button';
import { Choice } from '../../primitives/choice';
import { CutPicker } from '../../primitives/cutPicker';
import { LengthField, MassField } from '../../primitives/quantities';
import { QuantityField } from '../../primitives/quantityField';
import { useKept } from '../../primitives/useKept';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';

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
  const { style, decimalComma } = usePreferences();
  const [like, setLike] = useState(from);
  const key = edit ? `${KEY}.change.${edit.id}` : `${KEY}.new.${from.id}`;
  const {
    value: form,
    change,
    drop,
  } = useKept(key, () => beginWith(edit ? writeOf(edit) : { ...writeOf(from), name: '', otherNames: [] }), {
    take: (kept) => (kept.composition ? { ...beginWith(kept), ...kept } : undefined),
  });
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const begin = (cut: Cut) => {
    setLike(cut);
    change({ ...writeOf(cut), name: form.name });
  };
  /** Protein and fat as a label has them; what is left of the whole is water. */
  const compose = (part: Partial<CutWrite['composition']>) => {
    const { protein, fat, ash } = { ...form.composition, ...part };
    change({ composition: { protein, fat, ash, water: Math.max(0, 1 - protein - fat - ash) } });
  };
  const percentField = (label: string, value: number, onChange: (share: number) => void, max = 60) => (
    <QuantityField
      label={label}
      what="a share in per cent"
      examples="21"
      value={value}
      step={0.005}
      show={(share) => `${Math.round(share * 1000) / 10} %`}
      format={(share) => `${(Math.round(share * 1000) / 10).toLocaleString(style.locale)} %`}
      parse={(text) => {
        const read = parsePlain(text, { bareUnit: '%', min: 0, max, decimalComma });
        return read.ok
          ? { ok: true, value: read.value / 100 }
          : read.problem.code === 'too-small' || read.problem.code === 'too-large'
            ? {
                ok: false,
                problem: {
                  ...read.problem,
                  ...('max' in read.problem ? { max: read.problem.max / 100 } : { min: read.problem.min / 100 }),
                },
              }
            : read;
      }}
      onChange={onChange}
    />
  );

  const keep = async () => {
    if (!form.name.trim()) return setProblem('Give it a name.');
    if (form.composition.water < 0.3)
      return setProblem('Protein and fat leave too little water: meat is at least 30 % water.');
    setBusy(true);
    const { typedNames, ...cut } = form;
    const body: CutWrite = { ...cut, name: form.name.trim(), otherNames: namesIn(typedNames) };
    const result = edit
      ? await callApi<CutResource>('PUT', `/cuts/${edit.id}`, { body, version: edit.version })
      : await callApi<CutResource>('POST', '/cuts', { body });
    setBusy(false);
    if (!result.ok)
      return setProblem(
        result.problem.status === 412
          ? 'It was changed elsewhere. Reload to see it; what you typed is still here.'
          : `${result.problem.title} ${result.problem.detail ?? ''}`,
      );
    drop();
    router.push(`/cuts/${result.data.id}`);
    router.refresh();
  };

  const look = 'h-11 w-full max-w-sm rounded border border-grout bg-panel px-3';
  const label = 'mb-1 block text-[13px] font-medium text-muted';
  return (
    <form
      className="mx-auto max-w-3xl px-4 py-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (focusFirstInvalid(event.currentTarget)) return setProblem(NOT_READ);
        void keep();
      }}
    >
      <h1>{edit ? `Change ${edit.name}` : 'A cut of your own'}</h1>
      <Alive className="panel mt-4 space-y-5 px-5 py-5">
        {!edit && (
          <div>
            <span className={label}>Most like</span>
            <CutPicker label="Most like" cuts={cuts} value={like} onChange={begin} />
            <span className="mt-1 block text-[13px] text-muted">its figures are the start; change what differs</span>
          </div>
        )}
        <label className="block">
          <span className={label}>Name</span>
          <input
            className={look}
            value={form.name}
            maxLength={120}
            onChange={(event) => change({ name: event.target.value })}
          />
        </label>
        <label className="block">
          <span className={label}>Other names, with commas between</span>
          <input
            className={look}
            value={form.typedNames}
            maxLength={500}
            onChange={(event) => change({ typedNames: event.target.value })}
          />
        </label>
        <div className="grid gap-4 sm:grid-cols-2">
          <label>
            <span className={label}>Animal</span>
            <select
              className={look}
              value={form.animal}
              onChange={(event) =>
                change({
                  animal: event.target.value as Animal,
                  freezingPointC: usualFreezingPointC(event.target.value as Animal),
                })
              }
            >
              {ANIMALS.map((animal) => (
                <option key={animal} value={animal}>
                  {ANIMAL_NAMES[animal]}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className={label}>As it is sold</span>
            <select
              className={look}
              value={form.form}
              onChange={(event) => change({ form: event.target.value as CutWrite['form'] })}
            >
              {FORMS.map((one) => (
                <option key={one} value={one}>
                  {FORM_NAMES[one]}
                </option>
              ))}
            </select>
          </label>
        </div>
        <div>
          <span className={label}>The muscle</span>
          <Choice
            label="The muscle"
            value={form.work}
            options={WORKS.map((value) => ({ value, name: WORK_NAMES[value] }))}
            onChange={(work) => change({ work })}
          />
        </div>
        <div>
          <span className={label}>Fat in it</span>
          <Choice
            label="Fat in it"
            value={form.fat}
            options={FATS.map((value) => ({ value, name: FAT_NAMES[value] }))}
            onChange={(fat) => change({ fat })}
          />
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          {percentField('Protein, from a label', form.composition.protein, (protein) => compose({ protein }), 40)}
          {percentField('Fat, from a label', form.composition.fat, (fat) => compose({ fat }))}
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
          {percentField('Trimmed off, at least', form.trimLoss.from, (loss) =>
            change({ trimLoss: { from: loss, to: Math.max(loss, form.trimLoss.to) } }),
          )}
          {percentField('Trimmed off, at most', form.trimLoss.to, (loss) =>
            change({ trimLoss: { to: loss, from: Math.min(loss, form.trimLoss.from) } }),
          )}
        </div>
        <label className="block">
          <span className={label}>What comes off</span>
          <input
            className="h-11 w-full rounded border border-grout bg-panel px-3"
            value={form.trim}
            maxLength={300}
            onChange={(event) => change({ trim: event.target.value })}
          />
        </label>
        <fieldset>
          <legend className={label}>It suits</legend>
          <div className="grid grid-cols-[minmax(0,1fr)] gap-2 sm:grid-cols-[repeat(2,minmax(0,1fr))]">
            {USES.map((way) => (
              <label key={way} className="flex items-center gap-2 text-[14px]">
                <span className="w-28 shrink-0">{USE_NAMES[way]}</span>
                <select
                  className="h-10 min-w-0 grow rounded border border-grout bg-panel px-2"
                  value={form.suits[way] ?? ''}
                  onChange={(event) =>
                    change({
                      suits: Object.fromEntries(
                        Object.entries({
                          ...form.suits,
                          [way]: (event.target.value || undefined) as SuitsBecause | undefined,
                        }).filter(([, because]) => because),
                      ),
                    })
                  }
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
        {problem && (
          <p role="alert" className="font-medium text-ox">
            {problem}
          </p>
        )}
        <div className="flex gap-3">
          <Button type="submit" disabled={busy}>
            Keep this cut
          </Button>
          <Button look="quiet" onClick={() => router.back()}>
            Leave it
          </Button>
        </div>
      </Alive>
    </form>
  );
}
