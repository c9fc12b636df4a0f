import 'server-only';
import type { EventEmitter } from 'node:events';

/**
 * What was read is kept until this process has written something, and never for longer than this: someone else may write too (another process, a copy that
 * is put back).
 */
const KEPT_MS = 1000;
const MOST_KEPT = 300;

interface Kept {
  change: number;
  untilMs: number;
  value: Promise<unknown>;
}

const shared = globalThis as typeof globalThis & { minceMemory?: { change: number; kept: Map<string, Kept> } };
const memory = () => (shared.minceMemory ??= { change: 0, kept: new Map() });

/** Something was written, or what was written is there for others now: nothing that was read before counts any more. */
export function forget(): void {
  const known = memory();
  known.change++;
  known.kept.clear();
}

/** Watches every statement of a pool: all but those that only read. */
export function forgetAtWrites(pool: EventEmitter): void {
  pool.on('query-response', (_answer: unknown, { sql }: { sql?: string }) => {
    if (!/^\s*(select|begin|set|savepoint|release)\b/i.test(sql ?? '')) forget();
  });
}

/** Reads once for as long as nothing is written; what fails is not kept. What it answers is shared: nobody changes it. */
export function remembered<T>(key: string, read: () => Promise<T>): Promise<T> {
  const { change, kept } = memory();
  const known = kept.get(key);
  const now = performance.now();
  if (known && known.change === change && known.untilMs > now) return known.value as Promise<T>;
  if (kept.size >= MOST_KEPT) kept.clear();
  const value = read();
  kept.set(key, { change, untilMs: now + KEPT_MS, value });
  value.catch(() => kept.get(key)?.value === value && kept.delete(key));
  return value;
}
