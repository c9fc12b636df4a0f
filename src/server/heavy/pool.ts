import 'server-only';
import { Worker } from 'node:worker_threads';
import { threadCount } from '@/config/environment';
import { storeBusy } from '../api/failures';
import { HEAVY, type HeavyJobs, type HeavyReply } from './jobs';

export const QUEUE_MOST = 400;
/** A sum that takes longer is stuck: its thread is ended and another takes its place. */
export const LONGEST_MS = 20_000;

interface Waiting {
  id: number;
  name: keyof HeavyJobs;
  args: unknown[];
  resolve: (value: unknown) => void;
  reject: (error: unknown) => void;
}

interface Thread {
  worker: Threadlike;
  doing?: Waiting & { stuck: ReturnType<typeof setTimeout> };
}

/** What of a worker the pool needs. */
export type Threadlike = Pick<Worker, 'on' | 'postMessage' | 'ref' | 'unref' | 'terminate'>;

export class Pool {
  private readonly threads: Thread[] = [];
  private readonly queue: Waiting[] = [];
  private nextId = 1;

  constructor(
    private readonly most: number,
    private readonly makeThread: () => Threadlike,
  ) {}

  run(name: keyof HeavyJobs, args: unknown[]): Promise<unknown> {
    if (this.queue.length >= QUEUE_MOST) return Promise.reject(storeBusy());
    return new Promise((resolve, reject) => {
      this.queue.push({ id: this.nextId++, name, args, resolve, reject });
      this.next();
    });
  }

  private next(): void {
    if (this.queue.length === 0) return;
    const free = this.threads.find(({ doing }) => !doing) ?? this.start();
    if (!free) return;
    const waiting = this.queue.shift()!;
    const stuck = setTimeout(() => this.lose(free, storeBusy()), LONGEST_MS);
    free.doing = { ...waiting, stuck };
    free.worker.ref();
    free.worker.postMessage({ id: waiting.id, name: waiting.name, args: waiting.args });
  }

  private start(): Thread | undefined {
    if (this.threads.length >= this.most) return undefined;
    const thread: Thread = { worker: this.makeThread() };
    thread.worker.on('message', (reply: HeavyReply) => this.take(thread, reply));
    thread.worker.on('error', (error) => this.lose(thread, error));
    thread.worker.on('exit', () => this.lose(thread, new Error('a thread ended')));
    this.threads.push(thread);
    return thread;
  }

  private take(thread: Thread, reply: HeavyReply): void {
    const { doing } = thread;
    if (!doing || doing.id !== reply.id) return;
    clearTimeout(doing.stuck);
    thread.doing = undefined;
    // An idle thread keeps no process alive.
    thread.worker.unref();
    if (reply.ok) doing.resolve(reply.value);
    else doing.reject(asError(reply));
    this.next();
  }

  private lose(thread: Thread, error: unknown): void {
    const at = this.threads.indexOf(thread);
    if (at === -1) return;
    this.threads.splice(at, 1);
    void thread.worker.terminate();
    if (thread.doing) {
      clearTimeout(thread.doing.stuck);
      thread.doing.reject(error);
    }
    this.next();
  }
}

function asError({ name, message, stack }: Extract<HeavyReply, { ok: false }>): Error {
  const error = name === 'RangeError' ? new RangeError(message) : new Error(message);
  return Object.assign(error, { stack });
}

const shared = globalThis as typeof globalThis & { minceThreads?: Pool };

/**
 * Does a heavy sum beside the thread that answers requests. Without threads (MINCE_THREADS=0) in the same one.
 * @throws Refusal 503 when too much waits already; whatever the sum throws
 */
export async function heavy<Name extends keyof HeavyJobs>(
  name: Name,
  ...args: Parameters<HeavyJobs[Name]>
): Promise<ReturnType<HeavyJobs[Name]>> {
  const most = threadCount();
  type Result = ReturnType<HeavyJobs[Name]>;
  if (most === 0) return (HEAVY[name] as (...given: unknown[]) => Result)(...args);
  shared.minceThreads ??= new Pool(most, () => new Worker(new URL('./heavy.worker.ts', import.meta.url)));
  return (await shared.minceThreads.run(name, args)) as Result;
}

/** The same over a long list, in portions, so that a short question comes in between. */
export async function heavyList<Item, Result>(
  items: readonly Item[],
  portion: (some: readonly Item[]) => Promise<Result[]>,
  atOnce = 10,
): Promise<Result[]> {
  const portions: Promise<Result[]>[] = [];
  for (let from = 0; from < items.length; from += atOnce) portions.push(portion(items.slice(from, from + atOnce)));
  return (await Promise.all(portions)).flat();
}
