'use client';

import { useState } from 'react';
import { dialFor, fitDial, type DialStack } from '@/core/slicing';
import { formatLength, formatNumber, parseLength, parsePlain } from '@/core/units';
import { dialProblemWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';

interface Row {
  dial: string;
  slices: string;
  stack: string;
}

const EMPTY: Row = { dial: '', slices: '10', stack: '' };
const SHOWN_MM = [2, 3, 4, 6];

interface Props {
  stacks: readonly DialStack[];
  /** The stacks, or undefined while a row is not complete. */
  onChange: (stacks: DialStack[] | undefined) => void;
}

/** A slicing machine's dial in millimetres: stacks cut at known numbers, a line through them. */
export function SlicerFields({ stacks, onChange }: Props) {
  const { style, decimalComma } = usePreferences();
  const us = style.system === 'us';
  const [rows, setRows] = useState<Row[]>(() =>
    stacks.map(({ dial, slices, stackMm }) => ({
      dial: formatNumber(dial, style.locale, 2),
      slices: String(slices),
      stack: formatLength(stackMm, style),
    })),
  );

  const readRow = ({ dial, slices, stack }: Row): DialStack | undefined => {
    const [mark, count, height] = [
      parsePlain(dial, { bareUnit: '', min: 0, max: 1000, decimalComma }),
      parsePlain(slices, { bareUnit: '', min: 1, max: 200, decimalComma }),
      parseLength(stack, { bareUnit: us ? 'in' : 'mm', min: 0.5, max: 1000, decimalComma }),
    ];
    return mark.ok && count.ok && Number.isInteger(count.value) && height.ok
      ? { dial: mark.value, slices: count.value, stackMm: height.value }
      : undefined;
  };
  const take = (next: Row[]) => {
    setRows(next);
    const read = next.map(readRow);
    onChange(read.every((one) => one !== undefined) ? (read as DialStack[]) : undefined);
  };
  const edit = (at: number, part: Partial<Row>) =>
    take(rows.map((row, index) => (index === at ? { ...row, ...part } : row)));
  const read = rows.map(readRow);
  const good = read.filter((one) => one !== undefined);
  const result = good.length >= 2 ? fitDial(good) : undefined;

  return (
    <fieldset id="slicer" className="space-y-3">
      <legend className="text-[17px] font-bold">Slicing machine</legend>
      <p className="text-[14px]">
        Its dial is not millimetres. Slice ten at one number, measure the stack; do it again at another number. From
        then on plans name the number to set.
      </p>
      {rows.map((row, index) => (
        <StackRow
          key={index}
          number={index + 1}
          row={row}
          isBad={read[index] === undefined && row.dial !== '' && row.stack !== ''}
          onEdit={(part) => edit(index, part)}
          onTakeOut={() => take(rows.filter((_, at) => at !== index))}
        />
      ))}
      <Button look="plain" onClick={() => take([...rows, EMPTY])}>
        Add a stack
      </Button>
      {result && !result.ok && (
        <p role="alert" className="font-medium text-ox">
          {dialProblemWords(result.problem, style)} The last good dial stands until then.
        </p>
      )}
      {result?.ok && (
        <p role="status">
          One mark is <strong>{formatNumber(result.fit.mmPerMark, style.locale, 2)} mm</strong>, give or take{' '}
          {formatNumber(result.fit.mmPerMarkError, style.locale, 2)}.{' '}
          {SHOWN_MM.map((mm) => ({ mm, set: dialFor(result.fit, mm) }))
            .filter(({ set }) => set)
            .map(({ mm, set }) => `${formatLength(mm, style)} at ${formatNumber(set!.dial, style.locale, 1)}`)
            .join(', ')}
          .
        </p>
      )}
    </fieldset>
  );
}

interface StackRowProps {
  number: number;
  row: Row;
  isBad: boolean;
  onEdit: (part: Partial<Row>) => void;
  onTakeOut: () => void;
}

/** One stack: the number on the dial, how many slices, how tall they lie. */
function StackRow({ number, row, isBad, onEdit, onTakeOut }: StackRowProps) {
  const us = usePreferences().style.system === 'us';
  const field =
    'h-11 w-24 rounded border border-grout bg-panel px-3 text-[15px] text-ink aria-invalid:border-2 aria-invalid:border-ox';
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label className="text-[13px] text-muted">
        Dial
        <br />
        <input
          className={field}
          aria-label={`Dial, stack ${number}`}
          inputMode="decimal"
          maxLength={20}
          value={row.dial}
          aria-invalid={isBad || undefined}
          onChange={(event) => onEdit({ dial: event.target.value })}
        />
      </label>
      <label className="text-[13px] text-muted">
        Slices
        <br />
        <input
          className={field}
          aria-label={`Slices, stack ${number}`}
          inputMode="numeric"
          maxLength={20}
          value={row.slices}

          onChange={(event) => onEdit({ slices: event.target.value })}
        />
      </label>
      <label className="text-[13px] text-muted">
        Stack, {us ? 'in' : 'mm'}
        <br />
        <input
          className={field}
          aria-label={`Height, stack ${number}`}
          maxLength={20}
          value={row.stack}

          onChange={(event) => onEdit({ stack: event.target.value })}
        />
      </label>
      <Button look="quiet" onClick={onTakeOut}>
        Take out
      </Button>
      {isBad && (
        <span role="alert" className="pb-3 text-[13px] font-medium text-ox">
          A number on the dial, whole slices, a height such as 42 mm.
        </span>
      )}
    </div>
  );
}
