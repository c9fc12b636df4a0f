'use client';

import dynamic from 'next/dynamic';
import { orAgain } from '../../primitives/orAgain';
import { nameOfField } from './fieldNames';
import type { useBatchDraft } from './useBatchDraft';

const ChangedElsewhere = dynamic(
  orAgain(() => import('./changedElsewhere').then((part) => part.default)),
  { ssr: false },
);

/** Whether what stands on the screen is kept, in one quiet line; loud only when someone has to decide. */
export function SaveNote({ draft }: { draft: ReturnType<typeof useBatchDraft> }) {
  const { state, settle, fields, saveNow } = draft;
  return (
    <div className="text-[13px]" role="status" data-save={state.kind}>
      {state.kind === 'saved' && (
        <span className="text-muted">
          Saved.{' '}
          {state.joined && `Joined with what was changed elsewhere: ${state.joined.map(nameOfField).join(', ')}.`}
        </span>
      )}
      {state.kind === 'saving' && <span className="text-muted">Saving.</span>}
      {state.kind === 'waiting' && (
        <span className="font-medium text-brass">
          Not saved yet: {state.problem.title} It is kept on this device and sent again.
        </span>
      )}
      {state.kind === 'refused' && (
        <span className="font-medium text-ox">
          Not saved: {state.problem.detail ?? state.problem.title} Your change is kept here.{' '}
          <button type="button" className="underline" onClick={saveNow}>
            Try again
          </button>
        </span>
      )}
      {state.kind === 'changed-elsewhere' && (
        <ChangedElsewhere mine={fields} theirs={state.theirs} clashes={state.clash.clashes} onSettle={settle} />
      )}
    </div>
  );
}
