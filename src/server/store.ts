import 'server-only';
import { asFailure, RuleBroken, StoreAway, StoreBusy, StoreFull } from '@/data/failures';
import { breaksRule, storeAway, storeBusy, storeFull } from './api/failures';

/** Runs work on the store and turns what the store says into what the API says. */
export async function onStore<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    const failure = asFailure(error);
    if (failure instanceof StoreAway) throw storeAway();
    if (failure instanceof StoreBusy) throw storeBusy();
    if (failure instanceof StoreFull) throw storeFull();
    if (failure instanceof RuleBroken) throw breaksRule(`The tables refuse it (${failure.constraint}).`);
    throw failure;
  }
}

/** The outcome of a read for a page: the data, or that the store is away. */
export async function readForPage<T>(work: () => Promise<T>): Promise<{ ok: true; data: T } | { ok: false }> {
  try {
    return { ok: true, data: await work() };
  } catch (error) {
    const failure = asFailure(error);
    if (failure instanceof StoreAway || failure instanceof StoreBusy) return { ok: false };
    throw error;
  }
}
