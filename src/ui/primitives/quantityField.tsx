'use client';

import clsx from 'clsx';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { KindlyParsed } from '@/core/units';
import { quantityWords, readAsWords, type QuantityKind } from '@/core/words';
import { PinMark } from './pinMark';

export interface QuantityFieldProps extends QuantityKind {
  label: string;
  value: number;
  parse: (text: string) => KindlyParsed;
  /** How the value is written when nobody is typing. */
  format: (value: number) => string;
  /** One press of an arrow key. */
  step: number;
  /** The value, and the text that it was read from. */
  onChange: (value: number, text: string) => void;
  hint?: ReactNode;
  pinned?: boolean;
  onUnpin?: () => void;
  hideLabel?: boolean;
  className?: string;
  wide?: boolean;
}

/**
 * A quantity typed as a cook says it. Every good text counts at once; a bad one stays as typed, with the reason beside it,
 * and the last good value stands.
 */
export function QuantityField({
  label,
  value,
  parse,
  format,
  step,
  onChange,
  hint,
  pinned,
  onUnpin,
  hideLabel,
  className,
  wide,
  ...words
}: QuantityFieldProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | undefined>();
  const read = typed === undefined ? undefined : parse(typed);
  const problem = read && !read.ok ? quantityWords(read.problem, words) : undefined;
  const readAs = read?.ok && read.readAs ? readAsWords(read.readAs, read.value, format) : undefined;

  const take = (text: string) => {
    setTyped(text);
    const result = parse(text);
    if (result.ok) onChange(result.value, text);
  };
  const nudge = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? step : event.key === 'ArrowDown' ? -step : 0;
    if (!by) return;
    event.preventDefault();
    const text = format(Math.round((value + by) / step) * step);
    const next = parse(text);
    if (next.ok) {
      setTyped(undefined);
      onChange(next.value, text);
    }
  };

  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-[13px] font-medium text-muted'}>
        {label}
      </label>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <input
          id={id}
          value={typed ?? format(value)}
          onChange={(event) => take(event.target.value)}
          onBlur={() => read?.ok && !read.readAs && setTyped(undefined)}
          onFocus={(event) => event.target.select()}
          onKeyDown={nudge}
          maxLength={200}
          autoComplete="off"
          aria-invalid={problem ? true : undefined}
          aria-describedby={`${id}-note`}
          className={clsx(
            'condensed h-11 rounded border bg-panel px-3 text-[17px] font-semibold',
            wide ? 'w-64' : 'w-36',
            problem ? 'border-2 border-ox' : 'border-grout',
          )}
        />
        {pinned && onUnpin && (
          <PinMark
            what={label.toLowerCase()}
            onUnpin={() => {
              setTyped(undefined);
              onUnpin();
            }}
          />
        )}
        <span
          id={`${id}-note`}
          className={clsx('text-[13px]', problem ? 'font-medium text-ox' : 'text-muted')}
          role={problem ? 'alert' : undefined}
        >
          {problem ?? readAs ?? hint}
        </span>
      </div>
    </div>
  );
}
