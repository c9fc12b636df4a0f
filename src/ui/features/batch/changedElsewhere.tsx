'use client';

import { Dialog } from 'radix-ui';
import type { Batch } from '@/contract/resources';
import type { Pins } from '@/core/batches';
import { CUTS, findCut } from '@/core/pieces';
import type { JobKey } from '@/core/scheduling';
import { formatDayClock } from '@/core/times';
import { formatLength, formatMass } from '@/core/units';
import { jobShort, WAY_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { fieldsOf, type BatchFields } from './batchFields';
import { nameOfField, PIN_NAMES } from './fieldNames';

interface Props {
  mine: BatchFields;
  theirs: Batch;
  /** Fields and pins that both sides changed. */
  clashes: readonly string[];
  onSettle: (keep: 'mine' | 'theirs') => void;
}

/** Both sides of a batch that was changed in two places; it stays until the cook has decided. */
export default function ChangedElsewhere({ mine, theirs, clashes, onSettle }: Props) {
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(14_59_52/0.55)]" />
        <Dialog.Content
          onEscapeKeyDown={(event) => event.preventDefault()}
          onInteractOutside={(event) => event.preventDefault()}
          className="fixed inset-x-4 top-[12vh] z-50 mx-auto max-h-[80vh] max-w-xl overflow-y-auto rounded bg-panel p-6"
        >
          <Dialog.Title className="text-[22px] font-bold">This batch was changed elsewhere</Dialog.Title>
          <Dialog.Description className="mt-2">
            Another tab or device saved it after you opened it, and both of you changed what stands below. All else is
            joined; nothing was overwritten. Which one stands?
          </Dialog.Description>
          <Differences mine={mine} theirs={fieldsOf(theirs)} clashes={clashes} />
          <div className="mt-5 flex flex-wrap gap-3">
            <Button onClick={() => onSettle('mine')}>Keep mine</Button>
            <Button look="plain" onClick={() => onSettle('theirs')}>
              Take theirs
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

type DifferencesProps = Pick<Props, 'mine' | 'clashes'> & { theirs: BatchFields };

function Differences({ mine, theirs, clashes }: DifferencesProps) {
  const { cuts, marinades, zone } = useBatchWork();
  const { style } = usePreferences();
  const say: Partial<Record<keyof BatchFields, (fields: BatchFields) => string>> = {
    way: ({ way }) => WAY_NAMES[way],
    cutId: ({ cutId }) => findCut(cutId, [...cuts, ...CUTS])?.name ?? 'another',
    massG: ({ massG }) => formatMass(massG, style),
    heightMm: ({ heightMm }) => formatLength(heightMm, style),
    thicknessMm: ({ thicknessMm }) => formatLength(thicknessMm, style),
    marinadeId: ({ marinadeId }) => marinades.find(({ id }) => id === marinadeId)?.name ?? 'another',
    tableAt: ({ tableAt }) => formatDayClock(Date.parse(tableAt), zone, style.locale),
  };
  const pinned = (value: Pins[keyof Pins]): string => {
    if (value === undefined) return 'not pinned';
    if (typeof value !== 'object') return String(value);
    const hours = Object.entries(value) as [JobKey, number][];
    return hours.map(([key, atMs]) => `${jobShort(key)} ${formatDayClock(atMs, zone, style.locale)}`).join(', ');
  };
  const rows = clashes.map((key) => [
    nameOfField(key),
    ...[mine, theirs].map((fields) =>
      key in PIN_NAMES
        ? pinned(fields.pins[key as keyof Pins])
        : (say[key as keyof BatchFields]?.(fields) ?? String(fields[key as keyof BatchFields])),
    ),
  ]);
  return (
    <table className="mt-4 w-full text-left">
      <thead>
        <tr className="text-[13px] text-muted">
          <th className="py-1 pr-3 font-medium">What</th>
          <th className="py-1 pr-3 font-medium">Mine</th>
          <th className="py-1 font-medium">Theirs</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([what, one, other]) => (
          <tr key={what} className="border-t border-grout align-top">
            <td className="py-1.5 pr-3">{what}</td>
            <td className="py-1.5 pr-3 font-semibold wrap-anywhere">{one}</td>
            <td className="py-1.5 wrap-anywhere">{other}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
