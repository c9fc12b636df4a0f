'use client';

import { useState } from 'react';
import { evennessOf, evennessOfStacks, thicknessByWeightMm, type Evenness } from '@/core/slicing';
import { formatLength, formatNumber, parsePlain } from '@/core/units';
import { Button } from '../../primitives/button';
import { Choice } from '../../primitives/choice';
import { Fold } from '../../primitives/fold';
import { usePreferences } from '../../shell/preferences';

type Method = 'stack' | 'weight' | 'one-by-one';
const KEY = 'mince.evenness';
const FIRST: Record<Method, string> = { stack: '', weight: '', 'one-by-one': '' };
const HELP: Record<Method, string> = {
  stack: 'A line for each stack: how many slices, how tall in mm. For example 10 x 42.',
  weight: 'The face of a slice traced on paper, in cm², then the weight of each slice in g.',
  'one-by-one': 'The thickness of each slice in mm, by caliper or ruler.',
};

type Read = { ok: true; evenness: Evenness } | { ok: false; problem?: string };

function read(method: Method, text: string, faceCm2: string, decimalComma: boolean): Read {
  const rows = text
    .split(/\n|;/)
    .map((row) => row.trim())
    .filter(Boolean);
  if (rows.length === 0) return { ok: false };
  const number = (part: string) => {
    const parsed = parsePlain(part, { bareUnit: '', min: 0.05, max: 10_000, decimalComma });
    return parsed.ok ? parsed.value : undefined;
  };
  if (method === 'stack') {
    const stacks = rows.map((row) =>
      row
        .replace(/mm$/i, '')
        .split(/\s*[x×]\s*|\s+/)
        .map(number),
    );
    const odd = stacks.findIndex(
      (pair) =>
        pair.length !== 2 ||
        pair.some((one) => one === undefined) ||
        !Number.isInteger(pair[0]) ||
        pair[0]! > 200 ||
        pair[1]! / pair[0]! > 100,
    );
    return odd >= 0
      ? { ok: false, problem: `“${rows[odd]!.slice(0, 40)}” is not slices x height. Try 10 x 42.` }
      : {
          ok: true,
          evenness: evennessOfStacks(stacks.map(([slices, heightMm]) => ({ slices: slices!, heightMm: heightMm! }))),
        };
  }
  const values = rows.flatMap((row) => row.split(/\s+|,\s+/)).filter(Boolean);
  const numbers = values.map(number);
  const odd = numbers.findIndex((one) => one === undefined);
  if (odd >= 0) return { ok: false, problem: `“${values[odd]!.slice(0, 40)}” is not a number.` };
  if (method === 'one-by-one') return { ok: true, evenness: evennessOf(numbers as number[]) };
  const face = number(faceCm2);
  return face === undefined
    ? { ok: false, problem: 'Give the size of the face in cm², for example 60.' }
    : { ok: true, evenness: evennessOf((numbers as number[]).map((massG) => thicknessByWeightMm(massG, face * 100))) };
}

/** Mean and spread of real slices, and what the spread does. */
export function EvennessPanel() {
  return (
    <Fold title="How even am I?">
      <Measured />
    </Fold>
  );
}

function keptTexts(): Record<Method, string> {
  try {
    return { ...FIRST, ...(JSON.parse(sessionStorage.getItem(KEY) ?? '{}') as Partial<typeof FIRST>) };
  } catch {
    return FIRST;
  }
}

function Measured() {
  const { decimalComma } = usePreferences();
  const [method, setMethod] = useState<Method>('stack');
  // Made when the fold is opened, so in the browser.
  const [texts, setTexts] = useState(keptTexts);
  const [faceCm2, setFace] = useState('');
  const result = read(method, texts[method], faceCm2, decimalComma);

  return (
    <div className="space-y-3">
      <Choice
        label="Measured by"
        value={method}
        options={[
          { value: 'stack', name: 'Stacks' },
          { value: 'weight', name: 'Weight' },
          { value: 'one-by-one', name: 'One by one' },
        ]}
        onChange={setMethod}
      />
      {method === 'weight' && (
        <label className="block text-[13px] text-muted">
          Face of a slice, cm²
          <br />
          <input
            className="h-11 w-32 rounded border border-grout bg-panel px-3"
            inputMode="decimal"
            value={faceCm2}
            onChange={(event) => setFace(event.target.value)}
          />
        </label>
      )}
      <label className="block">
        <span className="block text-[13px] text-muted">{HELP[method]}</span>
        <textarea
          aria-label="Measured slices"
          rows={3}
          maxLength={4000}
          className="mt-1 w-full max-w-md rounded border border-grout bg-panel px-3 py-2"
          value={texts[method]}
          onChange={(event) => {
            const next = { ...texts, [method]: event.target.value };
            setTexts(next);
            sessionStorage.setItem(KEY, JSON.stringify(next));
          }}
        />
      </label>
      {!result.ok && result.problem && (
        <p role="alert" className="font-medium text-ox">
          {result.problem}
        </p>
      )}
      {result.ok && (
        <Verdict
          evenness={result.evenness}
          ofStacks={method === 'stack'}
          onClear={() => {
            setTexts(FIRST);
            sessionStorage.removeItem(KEY);
          }}
        />
      )}
    </div>
  );
}

interface VerdictProps {
  evenness: Evenness;
  /** Stacks were measured, not slices. */
  ofStacks: boolean;
  onClear: () => void;
}

/** Mean and spread, what the spread does in heat and air, and whether to sort. */
function Verdict({ evenness, ofStacks, onClear }: VerdictProps) {
  const { style } = usePreferences();
  const { meanMm, spreadMm, thinnestMm, thickestMm, timesLonger, lots } = evenness;
  const length = (mm: number) => formatLength(Math.round(mm * 10) / 10, style);
  const times = (value: number) => formatNumber(value, style.locale, 1);

  return (
    <div role="status" className="space-y-1">
      <p>
        <strong className="figure text-[26px]">{length(meanMm)}</strong> on average
        {spreadMm !== null && (
          <>
            , give or take <strong>{length(spreadMm)}</strong>
          </>
        )}
        ;{' '}
        {spreadMm === null
          ? 'one measurement says nothing of the spread'
          : `${length(thinnestMm)} to ${length(thickestMm)}`}
        .{ofStacks && spreadMm !== null && ' Between stacks, that is: single slices differ more.'}
      </p>
      {spreadMm !== null && (
        <p className="text-muted">
          The thickest wants {times(timesLonger.cook.from)} to {times(timesLonger.cook.to)} times as long in the heat as
          the thinnest, and about {times(timesLonger.dry)} times as long to dry. Estimates.
        </p>
      )}
      {lots ? (
        <p className="rounded border border-brass-line bg-brass-tint px-3 py-2">
          <strong>Sort them.</strong> {lots[0].count} thin ones to {length(lots[0].toMm)} first out, {lots[1].count}{' '}
          thick ones from {length(lots[1].fromMm)} in a round of their own, or beat those flat.
        </p>
      ) : (
        spreadMm !== null && timesLonger.dry < 1.5 && <p>Even enough to go in together.</p>
      )}
      <Button look="quiet" onClick={onClear}>
        Clear
      </Button>
    </div>
  );
}
