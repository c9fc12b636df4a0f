'use client';

import clsx from 'clsx';
import { useId, useState } from 'react';
import { fromFieldValue, isPlannable, PLAN_YEARS, toFieldValue } from '@/core/times';
import { FIELD_LOOK, LABEL_LOOK } from './plainFields';

interface Props {
  label: string;
  hideLabel?: boolean;
  instantMs: number;
  zone: string;
  onChange: (instantMs: number) => void;
  hint?: string;
  className?: string;
}

/**
 * A day and an hour on the kitchen clock. It counts whole, when the field is left or Enter is pressed: a year is typed figure by figure and
 * would pass through the year 2 on its way. What cannot be meant stays as typed with the reason beside it, and the last good one stands.
 */
export function InstantField({ label, hideLabel, instantMs, zone, onChange, hint, className }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const shown = toFieldValue(instantMs, zone);

  const clear = () => {
    setTyped(undefined);
    setProblem(undefined);
  };
  const commit = () => {
    if (typed === undefined || typed === shown) return clear();
    const next = fromFieldValue(typed, zone);
    if (next === undefined) return setProblem('Give the whole of it: day, month, year and hour.');
    if (!isPlannable(next, Date.now()))
      return setProblem(`That is more than ${PLAN_YEARS} years from now. Is the year right?`);
    clear();
    onChange(next);
  };

  return (
    <div>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : LABEL_LOOK}>
        {label}
      </label>
      <input
        id={id}
        type="datetime-local"
        className={clsx(FIELD_LOOK, 'condensed text-[17px] font-semibold', className, problem && 'border-2 !border-ox')}
        value={typed ?? shown}
        onChange={(event) => {
          setTyped(event.target.value);
          setProblem(undefined);
        }}
        onBlur={commit}
        onKeyDown={(event) => (event.key === 'Enter' ? commit() : event.key === 'Escape' ? clear() : undefined)}
        aria-invalid={problem ? true : undefined}
        aria-describedby={`${id}-note`}
      />
      <span
        id={`${id}-note`}
        role={problem ? 'alert' : undefined}
        className={clsx('mt-1 block text-[13px]', problem ? 'font-medium text-ox' : 'text-muted')}
      >
        {problem ?? hint}
      </span>
    </div>
  );
}
