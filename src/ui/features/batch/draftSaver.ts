import type { Batch } from '@/contract/resources';
import type { Problem } from '@/contract/shared';
import { callApi } from '../../shell/api';
import { keysKept, readKept, writeKept } from '../../shell/deviceStorage';
import { tabName } from '../../shell/tab';
import { fieldsOf, joinFields, sameFields, type BatchFields, type Joined } from './batchFields';

export type SaveState =
  | { kind: 'saved'; joined?: string[] }
  | { kind: 'saving' }
  | { kind: 'waiting'; problem: Problem }
  | { kind: 'refused'; problem: Problem }
  | { kind: 'changed-elsewhere'; theirs: Batch; clash: Joined };

const AFTER_TYPING_MS = 500;
const RETRY_MS = 2000;
/** A tab with something unsaved says so this often; one that was silent for longer than it should be is gone. */
const ALIVE_EVERY_MS = 2000;
const GONE_AFTER_MS = 7000;
const keyOf = (id: string) => `mince.draft.${id}`;

interface Draft {
  version: number;
  fields: BatchFields;
  /** What stood at that version. */
  base?: BatchFields;
  aliveMs?: number;
}

interface Screen {
  tell: (state: SaveState) => void;
  /** What was changed elsewhere has come into what stands here. */
  show: (fields: BatchFields) => void;
}

/**
 * Saves one batch behind the cook's back. What has not arrived is kept on this device, for each tab its own, with the version it was made on;
 * while the server is away it tries again. What someone else changed meanwhile is joined with it; where both changed the same it stops and
 * shows both sides. Nothing is overwritten unseen.
 */
export class DraftSaver {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private alive: ReturnType<typeof setInterval> | undefined;
  private sending = false;
  private stopped = false;
  private latest: BatchFields;
  private base: BatchFields;
  private joined: string[] = [];

  constructor(
    private readonly id: string,
    private version: number,
    fields: BatchFields,
    private readonly screen: Screen,
  ) {
    this.latest = fields;
    this.base = fields;
  }

  /** The unsaved draft of an earlier visit or of a tab that is gone; its save goes out with the version it was made on, so that the server can object. */
  restore(): BatchFields | undefined {
    const own = this.key();
    const found = [own, ...keysKept(keyOf(this.id)).filter((key) => key !== own)].find((key) => this.mayTake(key));
    const draft = found === undefined ? undefined : readDraft(found);
    if (!found || !draft) return undefined;
    if (found !== own) writeKept(found, null);
    this.version = draft.version;
    this.latest = fieldsOf(draft.fields);
    // A draft of before bases were kept: what differs then counts as changed here.
    if (draft.base) this.base = fieldsOf(draft.base);
    this.keep();
    return this.latest;
  }

  put(fields: BatchFields, delayMs = AFTER_TYPING_MS): void {
    this.latest = fields;
    this.keep();
    if (!this.stopped) this.screen.tell({ kind: 'saving' });
    this.saveIn(delayMs);
  }

  async save(): Promise<void> {
    if (this.sending || this.stopped) return;
    this.sending = true;
    const sent = this.latest;
    this.screen.tell({ kind: 'saving' });
    const result = await callApi<Batch>('PUT', `/batches/${this.id}`, { body: sent, version: this.version });
    this.sending = false;
    const theirs = !result.ok && result.problem.status === 412 ? (result.problem.current as Batch) : undefined;

    // A 412 that shows our own change: it had arrived, and only its answer was lost.
    if (result.ok || (theirs && sameFields(sent, theirs))) return this.arrived(result.ok ? result.data : theirs!, sent);
    if (theirs) return this.join(theirs);
    if (!result.retry) {
      this.screen.tell({ kind: 'refused', problem: result.problem });
      // A correction that was typed meanwhile is not part of what was refused.
      if (this.latest !== sent) this.saveIn(AFTER_TYPING_MS);
      return;
    }
    this.screen.tell({ kind: 'waiting', problem: result.problem });
    this.saveIn(RETRY_MS);
  }

  /** After both sides were shown: of what both changed mine goes out, or theirs stands; all else is joined. */
  settle(keep: 'mine' | 'theirs', theirs: Batch): void {
    const joined = joinFields(this.base, this.latest, fieldsOf(theirs));
    this.stopped = false;
    this.onTop(theirs, keep === 'mine' ? joined.merged : joined.withTheirs);
  }

  close(): void {
    clearTimeout(this.timer);
    clearInterval(this.alive);
  }

  private join(theirs: Batch): void {
    const clash = joinFields(this.base, this.latest, fieldsOf(theirs));
    if (clash.clashes.length > 0) {
      this.stopped = true;
      return this.screen.tell({ kind: 'changed-elsewhere', theirs, clash });
    }
    this.joined = [...new Set([...this.joined, ...clash.joined])];
    this.onTop(theirs, clash.merged);
  }

  /** Goes on from what stands there now. */
  private onTop(theirs: Batch, fields: BatchFields): void {
    this.version = theirs.version;
    this.base = fieldsOf(theirs);
    this.screen.show(fields);
    if (!sameFields(fields, theirs)) return this.put(fields, 0);
    this.latest = fields;
    this.saved();
  }

  private arrived(batch: Batch, sent: BatchFields): void {
    this.version = batch.version;
    this.base = sent;
    if (this.latest === sent) return this.saved();
    this.keep();
    this.saveIn(0);
  }

  private saved(): void {
    clearInterval(this.alive);
    this.alive = undefined;
    writeKept(this.key(), null);
    const { joined } = this;
    this.joined = [];
    this.screen.tell({ kind: 'saved', ...(joined.length ? { joined } : {}) });
  }

  private key(): string {
    return `${keyOf(this.id)}.${tabName()}`;
  }

  private mayTake(key: string): boolean {
    const draft = readDraft(key);
    return draft !== undefined && (key === this.key() || Date.now() - (draft.aliveMs ?? 0) > GONE_AFTER_MS);
  }

  private keep(): void {
    const { version, latest: fields, base } = this;
    writeKept(this.key(), JSON.stringify({ version, fields, base, aliveMs: Date.now() } satisfies Draft));
    this.alive ??= setInterval(() => this.keep(), ALIVE_EVERY_MS);
  }

  private saveIn(delayMs: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), delayMs);
  }
}

function readDraft(key: string): Draft | undefined {
  try {
    const draft = JSON.parse(readKept(key) ?? 'null') as Draft | null;
    if (draft && typeof draft.version === 'number' && draft.fields?.pins) return draft;
  } catch {
    // dropped below
  }
  if (readKept(key) !== null) writeKept(key, null);
  return undefined;
}
