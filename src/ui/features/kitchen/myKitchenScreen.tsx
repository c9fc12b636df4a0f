'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Household } from '@/contract/resources';
import { fitDial, type DialStack } from '@/core/slicing';
import { dialProblemWords } from '@/core/words';
import { formatClock } from '@/core/times';
import { FormatStyle, USUAL_MEASURES } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { useNow } from '../../shell/useNow';
import { FreezerFields } from './freezerFields';
import { SlicerFields } from './slicerFields';
import { TextField, Problem, SelectField, LABEL_LOOK, Tick } from '../../primitives/plainFields';

const formOf = ({ name, zone, measures, currency, freezer }: Household) => ({
  name,
  zone,
  measures,
  currency,
  freezer,
});

/** @returns in words what has to be mended first */
function problemOf(
  form: ReturnType<typeof formOf>,
  stacks: DialStack[] | undefined,
  style: FormatStyle,
): string | undefined {
  if (!form.name.trim()) return 'Give the kitchen a name.';
  if (form.measures.length === 0) return 'Tick at least one spoon or cup, so that amounts can be said in it.';
  if (!/^[A-Z]{3}$/.test(form.currency)) return 'Give the currency in three letters, such as EUR, GBP or USD.';
  const dial = stacks && stacks.length > 1 ? fitDial(stacks) : undefined;
  if (dial && !dial.ok) return `${dialProblemWords(dial.problem, style)} Nothing was kept; the last good dial stands.`;
  return stacks ? undefined : 'One of the stacks is not complete. Fill it in or take it out.';
}

/** Name, clock, drawer, freezer and slicing machine of the kitchen. */
export function MyKitchenScreen({ household, zones }: { household: Household; zones: readonly string[] }) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const [form, setForm] = useState(() => formOf(household));
  /** Undefined while a stack is not complete. */
  const [stacks, setStacks] = useState<DialStack[] | undefined>(household.slicerStacks);
  const [problem, setProblem] = useState<string>();
  const [shownVersion, setShownVersion] = useState(household.version);

  // What another screen taught the freezer shows here too, without losing what is being typed.
  if (household.version !== shownVersion) {
    setShownVersion(household.version);
    setForm((before) => ({ ...before, freezer: { ...before.freezer, known: household.freezer.known } }));
  }

  const keep = async () => {
    const wrong = problemOf(form, stacks, style);
    if (wrong) return setProblem(wrong);
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

  return (
    <form
      className="panel space-y-6 px-5 py-5"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Alive className="space-y-6">
        <TextField
          label="Name"
          value={form.name}
          maxLength={120}
          onChange={(name) => setForm((before) => ({ ...before, name }))}
        />
        <ClockField zone={form.zone} zones={zones} onChange={(zone) => setForm((before) => ({ ...before, zone }))} />
        <Drawer owned={form.measures} onChange={(measures) => setForm((before) => ({ ...before, measures }))} />
        <TextField
          label="Currency"
          className="w-24 uppercase"
          value={form.currency}
          maxLength={3}
          onChange={(currency) => setForm((before) => ({ ...before, currency: currency.toUpperCase() }))}
        />
        <FreezerFields freezer={form.freezer} onChange={(freezer) => setForm((before) => ({ ...before, freezer }))} />
        <SlicerFields stacks={household.slicerStacks} onChange={setStacks} />
        <Problem text={problem} />
        <Button type="submit">Keep</Button>
      </Alive>
    </form>
  );
}

interface ClockFieldProps {
  zone: string;
  zones: readonly string[];
  onChange: (zone: string) => void;
}

/** The zone of the kitchen, with what its clock says now. */
function ClockField({ zone, zones, onChange }: ClockFieldProps) {
  const { style } = usePreferences();
  const now = useNow(0, 10_000);
  const known = zones.includes(zone) ? zones : [zone, ...zones];
  return (
    <div>
      <SelectField
        label="Kitchen clock"
        className="w-full max-w-sm"
        value={zone}
        options={known.map((value) => ({ value, name: value }))}
        onChange={onChange}
      />
      {now > 0 && (
        <span className="mt-1 block text-[13px] text-muted">
          It is {formatClock(now, zone, style.locale)} there now. All times are shown on this clock.
        </span>
      )}
    </div>
  );
}

/** Spoons and cups; amounts are said in them. */
function Drawer({ owned, onChange }: { owned: readonly string[]; onChange: (owned: string[]) => void }) {
  const toggle = (id: string, has: boolean) =>
    onChange(USUAL_MEASURES.map((one) => one.id).filter((one) => (one === id ? has : owned.includes(one))));
  return (
    <fieldset>
      <legend className={LABEL_LOOK}>Spoons and cups in the drawer</legend>
      <p className="text-[14px]">Amounts are said in these, and in halves of them.</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {USUAL_MEASURES.map(({ id, label }) => (
          <Tick key={id} checked={owned.includes(id)} onChange={(has) => toggle(id, has)}>
            {/^[¼½⅓]/.test(label) ? label : `1 ${label}`}
          </Tick>
        ))}
      </div>
    </fieldset>
  );
}
