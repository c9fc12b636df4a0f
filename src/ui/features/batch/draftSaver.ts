import type { Batch } from '@/contract/resources';
import type { Problem } from '@/contract/shared';
import { callApi } from '../../shell/api';
import { readKept, writeKept } from '../../shell/deviceStorage';
import { fieldsOf, sameFields, type BatchFields } from './batchFields';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'waiting'; problem: Problem }
  | { kind: 'refused'; problem: Problem }
  | { kind: 'changed-elsewhere'; theirs: Batch };

const AFTER_TYPING_MS = 500;
const RETRY_MS = 2000;
const keyOf = (id: string) => `mince.draft.${id}`;

interface Draft {
  version: number;
  fields: BatchFields;
}

/**
 * Saves one batch behind the cook's back. What has not arrived is kept on this device, with the version it was made on; while the server
 * is away it tries again; when someone else changed the batch it stops and shows both sides. Nothing is overwritten unseen.
 */
export class DraftSaver {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private stopped = false;
  private latest: BatchFields;

  constructor(
    private readonly id: string,
    private version: number,
    fields: BatchFields,
    private readonly tell: (state: SaveState) => void,
  ) {
    this.latest = fields;
  }

  /** The unsaved draft of an earlier visit; its save goes out with the version it was made on, so that the server can object. */
  restore(): BatchFields | undefined {
    try {
      const draft = JSON.parse(readKept(keyOf(this.id)) ?? 'null') as Draft | null;
      if (!draft || typeof draft.version !== 'number' || !draft.fields?.pins) return undefined;
      this.version = draft.version;
      return fieldsOf(draft.fields);
    } catch {
      writeKept(keyOf(this.id), null);
      return undefined;
    }
  }

  put(fields: BatchFields, delayMs = AFTER_TYPING_MS): void {
    this.latest = fields;
    this.keep();
    if (!this.stopped) this.tell({ kind: 'saving' });
    this.saveIn(delayMs);
  }

  async save(): Promise<void> {
    if (this.sending || this.stopped) return;
    this.sending = true;
    const sent = this.latest;
    this.tell({ kind: 'saving' });
    const result = await callApi<Batch>('PUT', `/batches/${this.id}`, { body: sent, version: this.version });
    this.sending = false;
    const theirs = !result.ok && result.problem.status === 412 ? (result.problem.current as Batch) : undefined;

    // A 412 that shows our own change: it had arrived, and only its answer was lost.
    if (result.ok || (theirs && sameFields(sent, theirs))) return this.arrived(result.ok ? result.data : theirs!, sent);
    if (theirs) {
      this.stopped = true;
      return this.tell({ kind: 'changed-elsewhere', theirs });
    }
    if (!result.retry) {
      this.tell({ kind: 'refused', problem: result.problem });
      // A correction that was typed meanwhile is not part of what was refused.
      if (this.latest !== sent) this.saveIn(AFTER_TYPING_MS);
      return;
    }
    this.tell({ kind: 'waiting', problem: result.problem });
    this.saveIn(RETRY_MS);
  }

  /** After both sides were shown: mine goes out on top of theirs, or theirs stands. */
  settle(keep: 'mine' | 'theirs', theirs: Batch): void {
    this.stopped = false;
    this.version = theirs.version;
    if (keep === 'mine') return this.put(this.latest, 0);
    this.latest = fieldsOf(theirs);
    writeKept(keyOf(this.id), null);
    this.tell({ kind: 'saved' });
  }

  close(): void {
    clearTimeout(this.timer);
  }

  private arrived({ version }: Batch, sent: BatchFields): void {
    this.version = version;
    if (this.latest === sent) {
      writeKept(keyOf(this.id), null);
      return this.tell({ kind: 'saved' });
    }
    this.keep();
    this.saveIn(0);
  }

  private keep(): void {
    writeKept(keyOf(this.id), JSON.stringify({ version: this.version, fields: this.latest } satisfies Draft));
  }

  private saveIn(delayMs: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), delayMs);
  }
}
