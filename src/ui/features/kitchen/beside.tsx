'use client';

import clsx from 'clsx';
import type { PlannedBatch } from '@/contract/views';
import { JobProgress, warmForecast, type WarmForecast } from '@/core/progress';
import { useKitchen } from './useKitchen';
import { OutboxState } from '../../shell/outbox';
import { useCurrentJob } from './useCurrentJob';
import { Key } from './key';
import { takenBackWords } from '@/core/words';
import { usePreferences } from '../../shell/preferences';

interface BesideProps {
  batch: PlannedBatch | undefined;
  current: ReturnType<typeof useCurrentJob>;
  kitchen: ReturnType<typeof useKitchen>;
  now: number;
  reading: boolean;
  onRead: () => void;
}

/** Minutes out of the fridge, clean hands, reading aloud, undo, and what is still unsent. */
export function Beside({ batch, current, kitchen, now, reading, onRead }: BesideProps) {
  const { job } = current;
  const { style } = usePreferences();
  return (
    <aside className="space-y-3 wide:col-start-2" aria-label="Out of the fridge, and hands">
      {batch && job && batch.warmLimitMin > 0 && (
        <OutOfFridge
          warm={warmForecast(kitchen.eventsOf(batch.id), {
            jobs: batch.jobs,
            progress: kitchen.progressOf(batch.id),
            lots: batch.lots,
            limitMin: batch.warmLimitMin,
            nowMs: now,
          })}
          busy={kitchen.jobs.some((one) => one.batchId === batch.id && one.hands && isUnderWay(kitchen.progress(one)))}
          onPutIn={() => current.record([{ job, kind: 'meat-in-fridge', payload: { place: 'none' } }])}
        />
      )}
      <div className="space-y-1 rounded border border-[#2b5a50] px-4 py-3 text-[16px]">
        <p>Wash your hands before you touch the screen. Or use an elbow, or the keys.</p>
        <p className="flex flex-wrap gap-x-4">
          <button
            type="button"
            aria-pressed={reading}
            className="min-h-10 underline underline-offset-4"
            onClick={onRead}
          >
            {reading ? 'Stop reading aloud' : 'Read aloud'} <Key name="R" />
          </button>
          {current.canTakeBack && (
            <button type="button" className="min-h-10 underline underline-offset-4" onClick={current.takeBack}>
              Undo <Key name="U" />
            </button>
          )}
        </p>
        <p role="status">{current.takenBack.length > 0 && takenBackWords(current.takenBack, style)}</p>
        <Unsent outbox={kitchen.outbox} onSettle={kitchen.settle} />
      </div>
    </aside>
  );
}

const isUnderWay = ({ startedAtMs, doneAtMs }: JobProgress) => startedAtMs !== undefined && doneAtMs === undefined;

interface UnsentProps {
  outbox: OutboxState;
  onSettle: (what: 'again' | 'let-go') => void;
}

/** What waits for the network, and what was not taken. */
function Unsent({ outbox, onSettle }: UnsentProps) {
  return (
    <>
      {outbox.waiting > 0 && (
        <p className="text-[#f2d9a0]">
          {outbox.waiting} {outbox.waiting === 1 ? 'entry waits' : 'entries wait'} for the network; kept on this device.
        </p>
      )}
      {outbox.refused.length > 0 && (
        <div role="alert" className="text-[#f2d9a0]">
          <p>
            {outbox.refused.length} {outbox.refused.length === 1 ? 'entry was' : 'entries were'} not taken:{' '}
            {outbox.refused[0]!.refused} Kept on this device.
          </p>
          <p className="flex gap-x-4">
            <button type="button" className="min-h-10 underline underline-offset-4" onClick={() => onSettle('again')}>
              Send again
            </button>
            <button type="button" className="min-h-10 underline underline-offset-4" onClick={() => onSettle('let-go')}>
              Let it go
            </button>
          </p>
        </div>
      )}
    </>
  );
}

interface OutOfFridgeProps {
  warm: WarmForecast;
  /** Hands are at it just now. */
  busy: boolean;
  onPutIn: () => void;
}

/** Minutes out so far, and with what is still planned; said before the limit. */
function OutOfFridge({ warm, busy, onPutIn }: OutOfFridgeProps) {
  const said = {
    fine: `out of the fridge so far; ${Math.ceil(warm.forecastMin)} with what is planned`,
    close: `out of the fridge; ${Math.ceil(warm.forecastMin)} with what is planned: put it in between jobs, or work in more lots`,
    over: 'out of the fridge: over the limit. Usual guidance is to throw it away.',
  };
  return (
    <div
      data-warm={warm.verdict}
      className={clsx(
        'rounded border px-4 py-3',
        warm.verdict === 'over'
          ? 'border-ox-bright bg-ox'
          : warm.verdict === 'close'
            ? 'border-[#e0c383]'
            : 'border-[#2b5a50]',
      )}
    >
      <span className="figure block text-[30px]">
        {Math.floor(warm.minutes)}
        <span className="text-[0.6em]"> of {warm.limitMin} min</span>
      </span>
      <span className="text-[16px]">{said[warm.verdict]}</span>
      {warm.outNow && !busy && (
        <button
          type="button"
          className="mt-2 block min-h-16 w-full rounded bg-kitchen-panel px-4 text-[20px] font-semibold"
          onClick={onPutIn}
        >
          It waits: put it in the fridge
        </button>
      )}
    </div>
  );
}
