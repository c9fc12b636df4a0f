'use client';

import { useState } from 'react';
import { LIMITS } from '@/core/batches';
import type { Measure, Measured } from '@/core/progress';
import { formatClock } from '@/core/times';
import { MEASURE_QUESTIONS, MEASURE_USES, sayMeasure } from '@/core/words';
import { LengthField, MassField, TemperatureField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';

/** How each is typed, within what, and how far one press of an elbow goes. */
const FIELDS = {
  trimmedG: { Field: MassField, ...LIMITS.massG, step: { metric: 10, us: 453.59237 / 16 } },
  boneG: { Field: MassField, ...LIMITS.boneG, step: { metric: 10, us: 453.59237 / 16 } },
  thicknessMm: { Field: LengthField, ...LIMITS.thicknessMm, step: { metric: 0.5, us: 25.4 / 32 } },
  centreC: { Field: TemperatureField, ...LIMITS.centreC, step: { metric: 1, us: 5 / 9 } },
} as const satisfies Record<Measure, unknown>;

interface Props {
  measure: Measure;
  /** As it was answered. */
  known: Measured | undefined;
  expected: number | undefined;
  zone: string;
  onAnswer: (value: number) => void;
}

/** Asked where the scale stands, answered with an elbow or by typing; what follows from it is said again at once. */
export function Ask({ measure, known, expected, zone, onAnswer }: Props) {
  const { style } = usePreferences();
  const { Field, min, max, step } = FIELDS[measure];
  const [draft, setDraft] = useState<number | undefined>();
  const [open, setOpen] = useState(false);
  const value = draft ?? known?.value ?? expected ?? min;
  const by = step[style.system === 'us' ? 'us' : 'metric'];
  const nudge = (steps: number) => setDraft(Math.min(max, Math.max(min, value + steps * by)));
  if (known && !open)
    return (
      <p className="mt-5 flex max-w-[38ch] flex-wrap items-baseline gap-x-4 text-[22px]">
        {MEASURE_QUESTIONS[measure]}: <strong className="figure">{sayMeasure(measure, known.value, style)}</strong>
        <span className="text-[17px] text-kitchen-muted">{formatClock(known.atMs, zone, style.locale)}</span>
        <button
          type="button"
          className="min-h-10 text-[17px] underline underline-offset-4"
          onClick={() => setOpen(true)}
        >
          Change
        </button>
      </p>
    );
  return (
    <form
      aria-label={MEASURE_QUESTIONS[measure]}
      className="mt-5 max-w-[560px] rounded bg-panel px-4 py-3 text-ink"
      onSubmit={(event) => {
        event.preventDefault();
        onAnswer(value);
        setDraft(undefined);
        setOpen(false);
      }}
    >
      <p className="text-[20px] font-semibold">{MEASURE_QUESTIONS[measure]}</p>
      <p className="text-[15px] text-muted">{MEASURE_USES[measure]}</p>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Step name="less" onPress={() => nudge(-1)} sign="−" />
        <Field label={MEASURE_QUESTIONS[measure]} hideLabel value={value} min={min} max={max} onChange={setDraft} />
        <Step name="more" onPress={() => nudge(1)} sign="+" />
        <button type="submit" className="min-h-16 grow rounded bg-enamel px-5 text-[20px] font-semibold text-white">
          It is {sayMeasure(measure, value, style)}
        </button>
      </div>
    </form>
  );
}

function Step({ name, sign, onPress }: { name: string; sign: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={name}
      className="h-16 w-16 rounded border border-grout bg-tile text-[28px] font-semibold"
      onClick={onPress}
    >
      {sign}
    </button>
  );
}
