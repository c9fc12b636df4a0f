'use client';

import { Dialog } from 'radix-ui';
import type { Batch } from '@/contract/resources';
import { Button } from '../../primitives/button';
import type { BatchFields } from './batchFields';
import type { useBatchDraft } from './useBatchDraft';

/** Whether what stands on the screen is kept, in one quiet line; loud only when someone has to decide. */
export function SaveNote({ draft }: { draft: ReturnType<typeof useBatchDraft> }) {
  const { state, settle, fields, saveNow } = draft;
  return (
    <div className="mt-4 text-[13px]" role="status" data-save={state.kind}>
      {state.kind === 'saved' && <span className="text-muted">Saved.</span>}
      {state.kind === 'saving' && <span className="text-muted">Saving.</span>}
      {state.kind === 'waiting' && <span className="font-medium text-brass">Not saved yet: {state.problem.title} It is kept on this device and sent again.</span>}
      {state.kind === 'refused' && (
        <span className="font-medium text-ox">Not saved: {state.problem.detail ?? state.problem.title} Your change is kept here. <button type="button" className="underline" onClick={saveNow}>Try again</button></span>
      )}
      <Dialog.Root open={state.kind === 'changed-elsewhere'}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(14_59_52/0.55)]" />
          <Dialog.Content onEscapeKeyDown={(event) => event.preventDefault()} onInteractOutside={(event) => event.preventDefault()} className="fixed inset-x-4 top-[12vh] z-50 mx-auto max-w-xl rounded bg-panel p-6">
            <Dialog.Title className="text-[22px] font-bold">This batch was changed elsewhere</Dialog.Title>
            <Dialog.Description className="mt-2">Another tab or device saved it after you opened it. Nothing was overwritten. Which one stands?</Dialog.Description>
            {state.kind === 'changed-elsewhere' && <Differences mine={fields} theirs={state.theirs} />}
            <div className="mt-5 flex flex-wrap gap-3">
              <Button onClick={() => settle('mine')}>Keep mine</Button>
              <Button look="plain" onClick={() => settle('theirs')}>Take theirs</Button>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </div>
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
