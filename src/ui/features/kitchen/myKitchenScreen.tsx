'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Household } from '@/contract/resources';
import { COOKS, HEATS } from '@/core/scheduling';
import { fitDial } from '@/core/slicing';
import { HEAT_METHODS } from '@/core/ways';
import { dialProblemWords, HEAT_PLACE_NAMES } from '@/core/words';
import { formatClock } from '@/core/times';
import { FormatStyle, USUAL_MEASURES } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { sameValue } from '../../shell/mergeFields';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { useNow } from '../../shell/useNow';
import { FreezerFields } from './freezerFields';
import { KitchenClashNote } from './kitchenClashNote';
import type { KitchenFields } from './kitchenFields';
import { PacesNote } from './pacesNote';
import { SlicerFields } from './slicerFields';
import { useKitchenForm } from './useKitchenForm';
import { TextField, Problem, SelectField, LABEL_LOOK, Tick } from '../../primitives/plainFields';

const HEAT_COUNTS = Array.from({ length: HEATS.max }, (_, at) => String(at + HEATS.min));
const COOK_COUNTS = Array.from({ length: COOKS.max }, (_, at) => String(at + COOKS.min));

/** @returns in words what has to be mended first */
function problemOf(form: KitchenFields, isComplete: boolean, style: FormatStyle): string | undefined {
  if (!form.name.trim()) return 'Give the kitchen a name.';
  if (form.measures.length === 0) return 'Tick at least one spoon or cup, so that amounts can be said in it.';
  if (!/^[A-Z]{3}$/.test(form.currency)) return 'Give the currency in three letters, such as EUR, GBP or USD.';
  if (!isComplete) return 'One of the stacks is not complete. Fill it in or take it out.';
  const dial = form.slicerStacks.length > 1 ? fitDial(form.slicerStacks) : undefined;
  if (dial && !dial.ok) return `${dialProblemWords(dial.problem, style)} Nothing was kept; the last good dial stands.`;
  return undefined;
}

/** Name, clock, drawer, freezer and slicing machine of the kitchen. */
export function MyKitchenScreen({ household, zones }: { household: Household; zones: readonly string[] }) {
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const { form, change, clash, forget, known, keep, settle, putBack } = useKitchenForm(household);
  const [isComplete, setIsComplete] = useState(true);
  const [problem, setProblem] = useState<string>();

  const kept = async (sending: ReturnType<typeof keep>) => {
    const result = await sending;
    setProblem(result.ok ? undefined : result.problem);
    if (!result.ok) return;
    const undo = async () => {
      if (await putBack(household, result)) router.refresh();
      else toast({ text: 'It was changed again meanwhile, and stands as it is.' });
    };
    toast({ text: 'Kept.', action: { label: 'Undo', run: () => void undo() } });
    router.refresh();
  };
  const submit = () => {
    const wrong = problemOf(form, isComplete, style);
    if (wrong) setProblem(wrong);
    else void kept(keep());
  };

  return (
    <form
      className="panel space-y-6 px-5 py-5"
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <Alive className="space-y-6">
        <TextField label="Name" value={form.name} maxLength={120} onChange={(name) => change({ name })} />
        <ClockField zone={form.zone} zones={zones} onChange={(zone) => change({ zone })} />
        <SelectField
          label="Cooks at work"
          className="w-24"
          value={String(form.cooks)}
          options={COOK_COUNTS.map((count) => ({ value: count, name: count }))}
          help="The batches of a meal share their hands; one alone does one thing at a time."
          onChange={(cooks) => change({ cooks: Number(cooks) })}
        />
        <Heats heats={form.heats} onChange={(heats) => change({ heats })} />
        <Drawer owned={form.measures} onChange={(measures) => change({ measures })} />
        <TextField
          label="Currency"
          className="w-24 uppercase"
          value={form.currency}
          maxLength={3}
          onChange={(currency) => change({ currency: currency.toUpperCase() })}
        />
        <FreezerFields
          freezer={{ tempC: form.tempC, lies: form.lies, known }}
          onChange={({ tempC, lies }) => change({ tempC, lies })}
          onForget={forget}
        />
        <PacesNote household={household} />
        <SlicerFields
          // Stacks that came in from elsewhere are shown; those that were typed here stand as they are typed.
          key={sameValue(form.slicerStacks, household.slicerStacks) ? household.version : 'typed'}
          stacks={form.slicerStacks}
          onChange={(slicerStacks) => {
            setIsComplete(slicerStacks !== undefined);
            if (slicerStacks) change({ slicerStacks });
          }}
        />
        <Problem text={problem} />
        {clash ? (
          <KitchenClashNote clash={clash} mine={form} onSettle={(side) => void kept(settle(side))} />
        ) : (
          <Button type="submit">Keep</Button>
        )}
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
    <SelectField
      label="Kitchen clock"
      className="w-full max-w-sm"
      value={zone}
      options={known.map((value) => ({ value, name: value }))}
      onChange={onChange}
      help={now > 0 && `It is ${formatClock(now, zone, style.locale)} there now. All times are shown on this clock.`}
    />
  );
}

/** How many batches go on each heat at once. */
function Heats({
  heats,
  onChange,
}: {
  heats: KitchenFields['heats'];
  onChange: (heats: KitchenFields['heats']) => void;
}) {
  return (
    <fieldset>
      <legend className={LABEL_LOOK}>At once on the heat</legend>
      <div className="flex flex-wrap gap-3">
        {HEAT_METHODS.map((heat) => (
          <SelectField
            key={heat}
            label={HEAT_PLACE_NAMES[heat].replace(/^./, (first) => first.toUpperCase())}
            className="w-24"
            value={String(heats[heat] ?? 1)}
            options={HEAT_COUNTS.map((count) => ({ value: count, name: count }))}
            onChange={(count) => onChange({ ...heats, [heat]: Number(count) })}
          />
        ))}
      </div>
      <p className="mt-1 text-[13px] text-muted">Someone stands at each: two pans want two cooks.</p>
    </fieldset>
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
