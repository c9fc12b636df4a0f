'use client';

import { useId, type ReactNode } from 'react';

interface Props<Value extends string> {
  label: string;
  value: Value;
  options: readonly { value: Value; name: ReactNode }[];
  onChange: (value: Value) => void;
}

/** One of a few, all in sight: radio buttons in the shape of tiles. */
export function Choice<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  const name = useId();
  return (
    <div role="radiogroup" aria-label={label} className="flex flex-wrap gap-2">
      {options.map((option) => (
        <label
          key={option.value}
          className="relative flex min-h-11 cursor-pointer items-center rounded border border-grout bg-panel px-3.5 font-semibold hover:border-enamel has-checked:border-enamel has-checked:bg-enamel has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-ice"
        >
          <input
            type="radio"
            name={name}
            value={option.value}
            checked={option.value === value}
            onChange={() => onChange(option.value)}
            className="absolute inset-0 cursor-pointer opacity-0"
          />
          {option.name}
        </label>
      ))}
    </div>
  );
}
