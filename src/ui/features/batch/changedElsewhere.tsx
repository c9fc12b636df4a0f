'use client';

import { Dialog } from 'radix-ui';
import type { Batch } from '@/contract/resources';
import { Button } from '../../primitives/button';
import type { BatchFields } from './batchFields';

interface Props {
  mine: BatchFields;
  theirs: Batch;
  onSettle: (keep: 'mine' | 'theirs') => void;
}

/** Both sides of a batch that was changed in two places; it stays until the cook has decided. */
export default function ChangedElsewhere({ mine, theirs, onSettle }: Props) {
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(14_59_52/0.55)]" />
        <Dialog.Content onEscapeKeyDown={(event) => event.preventDefault()} onInteractOutside={(event) => event.preventDefault()} className="fixed inset-x-4 top-[12vh] z-50 mx-auto max-h-[80vh] max-w-xl overflow-y-auto rounded bg-panel p-6">
          <Dialog.Title className="text-[22px] font-bold">This batch was changed elsewhere</Dialog.Title>
          <Dialog.Description className="mt-2">Another tab or device saved it after you opened it. Nothing was overwritten. Which one stands?</Dialog.Description>
          <Differences mine={mine} theirs={theirs} />
          <div className="mt-5 flex flex-wrap gap-3">
            <Button onClick={() => onSettle('mine')}>Keep mine</Button>
            <Button look="plain" onClick={() => onSettle('theirs')}>Take theirs</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const NAMES: Partial<Record<keyof BatchFields, string>> = {
  name: 'Name', way: 'It becomes', cutId: 'Cut', massG: 'Weight, g', heightMm: 'How tall, mm', thicknessMm: 'Slices, mm', marinadeId: 'Marinade', people: 'People', tableAt: 'On the table', pins: 'Pinned',
};

function Differences({ mine, theirs }: { mine: BatchFields; theirs: Batch }) {
  const say = (value: unknown) => (value && typeof value === 'object' ? Object.entries(value).map(([key, one]) => `${key} ${String(one)}`).join(', ') || 'nothing' : String(value));
  const rows = (Object.keys(NAMES) as (keyof BatchFields)[]).filter((key) => say(mine[key]) !== say(theirs[key as keyof Batch]));
  return (
    <table className="mt-4 w-full text-left">
      <thead><tr className="text-[13px] text-muted"><th className="py-1 pr-3 font-medium">What</th><th className="py-1 pr-3 font-medium">Mine</th><th className="py-1 font-medium">Theirs</th></tr></thead>
      <tbody>{rows.map((key) => <tr key={key} className="border-t border-grout align-top"><td className="py-1.5 pr-3">{NAMES[key]}</td><td className="py-1.5 pr-3 font-semibold break-words">{say(mine[key])}</td><td className="py-1.5 break-words">{say(theirs[key as keyof Batch])}</td></tr>)}</tbody>
    </table>
  );
}
