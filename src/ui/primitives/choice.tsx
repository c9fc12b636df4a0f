'use client';

import clsx from 'clsx';
import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props<Value extends string> {
  label: string;
  value: Value;
  options: readonly { value: Value; name: ReactNode }[];
  onChange: (value: Value) => void;
}

/** One of a few, all in sight. */
export function Choice<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  return (
    <ToggleGroup.Root type="single" aria-label={label} value={value} onValueChange={(next) => next && onChange(next as Value)} className="flex flex-wrap gap-2">
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className={clsx('min-h-11 rounded border px-3.5 font-semibold', option.value === value ? 'border-enamel bg-enamel text-white' : 'border-grout bg-panel hover:border-enamel')}
        >
          {option.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
