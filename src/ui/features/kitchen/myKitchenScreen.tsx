'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Household } from '@/contract/resources';
import { fitDial, type DialStack } from '@/core/slicing';
import { dialProblemWords } from '@/core/words';
import { formatClock } from '@/core/times';
import { USUAL_MEASURES } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { useNow } from '../../shell/useNow';
import { FreezerFields } from './freezerFields';
import { SlicerFields } from './slicerFields';

const formOf = ({ name, zone, measures, currency, freezer }: Household) => ({
  name,
  zone,
  measures,
  currency,
  freezer,
});

/** Name, clock, drawer, freezer and slicing machine of the kitchen. */
export function MyKitchenScreen({ household, zones }: { household: Household; zones: readonly string[] }) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const now = useNow(0, 10_000);
  const [form, setForm] = useState(() => formOf(household));
  /** Undefined while a stack is not complete. */
  const [stacks, setStacks] = useState<DialStack[] | undefined>(household.slicerStacks);
  const [problem, setProblem] = useState<string>();
  const [shownVersion, setShownVersion] = useState(household.version);
  const known = zones.includes(form.zone) ? zones : [form.zone, ...zones];

  // What another screen taught the freezer shows here too, without losing what is being typed.
  if (household.version !== shownVersion) {
    setShownVersion(household.version);
    setForm((before) => ({ ...before, freezer: { ...before.freezer, known: household.freezer.known } }));
  }

  const toggle = (id: string, owned: boolean) =>
    setForm((before) => ({
      ...before,
      measures: USUAL_MEASURES.map((one) => one.id).filter((one) =>
        one === id ? owned : before.measures.includes(one),
      ),
    }));

  const keep = async () => {
    if (!form.name.trim()) return setProblem('Give the kitchen a name.');
    if (form.measures.length === 0)
      return setProblem('Tick at least one spoon or cup, so that amounts can be said in it.');
    if (!/^[A-Z]{3}$/.test(form.currency))
      return setProblem('Give the currency in three letters, such as EUR, GBP or USD.');
    const dial = stacks && stacks.length > 1 ? fitDial(stacks) : undefined;
    if (dial && !dial.ok)
      return setProblem(`${dialProblemWords(dial.problem, style)} Nothing was kept; the last good dial stands.`);
    if (!stacks) return setProblem('One of the stacks is not complete. Fill it in or take it out.');
    const result = await callApi<Household>('PUT', '/household', {
      body: { ...form, name: form.name.trim(), slicerStacks: stacks },
    });
    setProblem(result.ok ? undefined : `${result.problem.title} ${result.problem.detail ?? ''}`);
    if (!result.ok) return;
    const before = formOf(household);
    toast({
      text: 'Kept.',
      action: {
        label: 'Undo',
        run: () =>
          void callApi('PUT', '/household', { body: { ...before, slicerStacks: household.slicerStacks } }).then(() => {
            setForm(before);
            setStacks(household.slicerStacks);
            router.refresh();
          }),
      },
    });
    router.refresh();
  };

  const look = 'h-11 w-full max-w-sm rounded border border-grout bg-panel px-3';
  return (
    <form
      className="panel space-y-6 px-5 py-5"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Alive className="space-y-6">
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Name</span>
          <input
            className={look}
            value={form.name}
            maxLength={120}
            onChange={(event) => setForm({ ...form, name: event.target.value })}
          />
        </label>
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Kitchen clock</span>
          <select
            className={look}
            value={form.zone}
            onChange={(event) => setForm({ ...form, zone: event.target.value })}
          >
            {known.map((zone) => (
              <option key={zone}>{zone}</option>
            ))}
          </select>
          {now > 0 && (
            <span className="mt-1 block text-[13px] text-muted">
              It is {formatClock(now, form.zone, style.locale)} there now. All times are shown on this clock.
            </span>
          )}
        </label>
        <fieldset>
          <legend className="mb-1 text-[13px] font-medium text-muted">Spoons and cups in the drawer</legend>
          <p className="text-[14px]">Amounts are said in these, and in halves of them.</p>
          <div className="mt-2 flex flex-wrap gap-2">
            {USUAL_MEASURES.map(({ id, label }) => (
              <label
                key={id}
                className="flex min-h-11 cursor-pointer items-center gap-2 rounded border border-grout px-3 has-checked:border-enamel has-checked:bg-enamel-tint"
              >
                <input
                  type="checkbox"
                  className="size-5 accent-[#0e3b34]"
                  checked={form.measures.includes(id)}
                  onChange={(event) => toggle(id, event.target.checked)}
                />
                {/^[¼½⅓]/.test(label) ? label : `1 ${label}`}
              </label>
            ))}
          </div>
        </fieldset>
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Currency</span>
          <input
            className="h-11 w-24 rounded border border-grout bg-panel px-3 uppercase"
            value={form.currency}
            maxLength={3}
            onChange={(event) => setForm({ ...form, currency: event.target.value.toUpperCase() })}
          />
        </label>
        <FreezerFields freezer={form.freezer} onChange={(freezer) => setForm((before) => ({ ...before, freezer }))} />
        <SlicerFields stacks={household.slicerStacks} onChange={setStacks} />
        {problem && (
          <p role="alert" className="font-medium text-ox">
            {problem}
          </p>
        )}
        <Button type="submit">Keep</Button>
      </Alive>
    </form>
  );
}
