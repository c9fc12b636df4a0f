'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Batch } from '@/contract/resources';
import type { Pins } from '@/core/batches';
import { fieldsOf, type BatchFields } from './batchFields';
import { DraftSaver, type SaveState } from './draftSaver';

const MOST_UNDO = 100;
/** Moves of one control within this time are one step back. */
const ONE_STEP_MS = 1500;

/** The batch as it is being edited: every change counts at once, can be taken back, and saves itself. */
export function useBatchDraft(batch: Omit<Batch, 'schedule'>) {
  const [fields, setFields] = useState<BatchFields>(() => fieldsOf(batch));
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const [undoable, setUndoable] = useState(0);
  const past = useRef<BatchFields[]>([]);
  const latest = useRef(fields);
  const lastStep = useRef({ atMs: 0, key: '' });
  const saver = useRef<DraftSaver>(undefined);
  const opened = useRef({ version: batch.version, fields });
  const { id } = batch;

  const show = useCallback((next: BatchFields) => {
    latest.current = next;
    setFields(next);
  }, []);
  const put = useCallback(
    (next: BatchFields) => {
      show(next);
      saver.current?.put(next);
    },
    [show],
  );
  const remember = useCallback((before: BatchFields) => {
    past.current = [...past.current.slice(1 - MOST_UNDO), before];
    setUndoable(past.current.length);
  }, []);

  const showJoined = useCallback(
    (joined: BatchFields) => {
      remember(latest.current);
      show(joined);
    },
    [remember, show],
  );

  useEffect(() => {
    const { version, fields: begun } = opened.current;
    const mine = new DraftSaver(id, version, begun, { tell: setState, show: showJoined });
    saver.current = mine;
    const restore = setTimeout(() => {
      const draft = mine.restore();
      if (draft) put(draft);
    }, 0);
    return () => {
      clearTimeout(restore);
      mine.close();
    };
  }, [id, put, showJoined]);

  const change = useCallback(
    (part: Partial<BatchFields>) => {
      const key = Object.keys(part).join() + Object.keys(part.pins ?? {}).join();
      const now = Date.now();
      if (key !== lastStep.current.key || now - lastStep.current.atMs > ONE_STEP_MS) remember(latest.current);
      lastStep.current = { atMs: now, key };
      put({ ...latest.current, ...part });
    },
    [put, remember],
  );

  /** Pins a value, or lets it go when it is undefined. */
  const pin = useCallback(
    (pins: Pins) =>
      change({
        pins: Object.fromEntries(
          Object.entries({ ...latest.current.pins, ...pins }).filter(([, value]) => value !== undefined),
        ) as Pins,
      }),
    [change],
  );

  const undo = useCallback(() => {
    const before = past.current.pop();
    setUndoable(past.current.length);
    lastStep.current = { atMs: 0, key: '' };
    if (before) put(before);
  }, [put]);

  const theirs = state.kind === 'changed-elsewhere' ? state.theirs : undefined;
  const settle = useCallback((keep: 'mine' | 'theirs') => theirs && saver.current?.settle(keep, theirs), [theirs]);

  const saveNow = useCallback(() => void saver.current?.save(), []);
  /** The last step back; without one, what the server has. */
  const takeBack = useCallback(() => (past.current.length ? undo() : put(opened.current.fields)), [undo, put]);
  return useMemo(
    () => ({ fields, state, change, pin, undo, takeBack, canUndo: undoable > 0, settle, saveNow }),
    [fields, state, change, pin, undo, takeBack, undoable, settle, saveNow],
  );
}
