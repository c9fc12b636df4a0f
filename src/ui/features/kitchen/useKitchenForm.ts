'use client';

import { useState } from 'react';
import type { Household } from '@/contract/resources';
import { UNKNOWN_FREEZER } from '@/core/firming';
import { callApi } from '../../shell/api';
import { mergeFields } from '../../shell/mergeFields';
import { kitchenFieldsOf, toWrite, type KitchenFields } from './kitchenFields';

/** What both this screen and someone elsewhere have changed, with what stands there. */
export interface KitchenClash {
  keys: (keyof KitchenFields)[];
  theirs: Household;
}

type Kept = { ok: true; household: Household; forgot: boolean } | { ok: false; problem?: string };

interface Seen {
  version: number;
  fields: KitchenFields;
}
const seenOf = (household: Household): Seen => ({ version: household.version, fields: kitchenFieldsOf(household) });

/** The settings as they are typed, over what the server had when they were read; what is changed elsewhere meanwhile is joined. */
export function useKitchenForm(household: Household) {
  const [seen, setSeen] = useState(() => seenOf(household));
  const [form, setForm] = useState(seen.fields);
  const [forget, setForget] = useState(false);
  const [clash, setClash] = useState<KitchenClash>();
  const [shownVersion, setShownVersion] = useState(household.version);

  const change = (part: Partial<KitchenFields>) => setForm((before) => ({ ...before, ...part }));
  const takeOver = (fields: KitchenFields, theirs: Household) => {
    setForm(fields);
    setSeen(seenOf(theirs));
    setClash(undefined);
  };

  // What another screen changed, or taught the freezer, comes in here without losing what is being typed.
  if (household.version !== shownVersion) {
    setShownVersion(household.version);
    const { merged, clashes } = mergeFields(seen.fields, form, kitchenFieldsOf(household));
    if (household.version > seen.version && clashes.length === 0) takeOver(merged, household);
  }

  const send = async (fields: KitchenFields, from: Seen): Promise<Kept> => {
    const body = toWrite({ ...fields, name: fields.name.trim() }, forget ? UNKNOWN_FREEZER : undefined);
    const result = await callApi<Household>('PUT', '/household', { body, version: from.version });
    if (result.ok) {
      const kept = kitchenFieldsOf(result.data);
      setForget(false);
      setSeen(seenOf(result.data));
      setClash(undefined);
      // What was typed while it was on its way stands.
      setForm((now) => mergeFields(fields, now, kept).merged);
      return { ok: true, household: result.data, forgot: forget };
    }
    const theirs = result.problem.status === 412 ? (result.problem.current as Household) : undefined;
    if (!theirs) return { ok: false, problem: `${result.problem.title} ${result.problem.detail ?? ''}`.trim() };
    const { merged, clashes } = mergeFields(from.fields, fields, kitchenFieldsOf(theirs));
    if (clashes.length === 0) return send(merged, seenOf(theirs));
    setForm(merged);
    setClash({ keys: clashes, theirs });
    return { ok: false };
  };

  return {
    form,
    change,
    clash,
    /** Shows the freezer as if nothing had been learned; it counts with the next Keep. */
    forget: () => setForget(true),
    known: forget ? UNKNOWN_FREEZER : household.freezer.known,
    keep: () => send(form, seen),
    /** Of what both changed mine is sent, or theirs stands; then the rest is kept. */
    settle: (side: 'mine' | 'theirs') => {
      if (!clash) return Promise.resolve<Kept>({ ok: false });
      const theirs = kitchenFieldsOf(clash.theirs);
      const chosen = side === 'mine' ? [] : clash.keys.map((key) => [key, theirs[key]] as const);
      return send({ ...form, ...Object.fromEntries(chosen) }, seenOf(clash.theirs));
    },
    /** Puts back what was there before, over whatever stands now. */
    putBack: async (before: Household, { household: { version }, forgot }: Extract<Kept, { ok: true }>) => {
      // What the freezer has learned comes back only if it was forgotten with that change.
      const body = toWrite(kitchenFieldsOf(before), forgot ? before.freezer.known : undefined);
      const result = await callApi<Household>('PUT', '/household', { body, version });
      if (result.ok) takeOver(kitchenFieldsOf(result.data), result.data);
      return result.ok;
    },
  };
}
