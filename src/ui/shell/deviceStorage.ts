/**
 * What is kept in the browser, for this tab or for this device. Where the browser refuses (full, private, switched off) it is kept in memory for as
 * long as the page lives: nothing throws, and what was to be sent is still sent.
 */
export type KeptOn = 'tab' | 'device';

const memory = new Map<string, string | null>();
const storeOf = (on: KeptOn) => (on === 'tab' ? sessionStorage : localStorage);

export function readKept(key: string, on: KeptOn = 'device'): string | null {
  const held = memory.get(`${on}/${key}`);
  if (held !== undefined) return held;
  try {
    return storeOf(on).getItem(key);
  } catch {
    return null;
  }
}

/** Names of what is kept that begin so. */
export function keysKept(prefix: string, on: KeptOn = 'device'): string[] {
  const held = [...memory].flatMap(([key, value]) =>
    value !== null && key.startsWith(`${on}/`) ? [key.slice(on.length + 1)] : [],
  );
  let stored: string[] = [];
  try {
    const store = storeOf(on);
    stored = Array.from({ length: store.length }, (_, index) => store.key(index) ?? '');
  } catch {
    // what is in memory is all there is
  }
  return [...new Set([...held, ...stored])]
    .filter((key) => key.startsWith(prefix) && readKept(key, on) !== null)
    .sort();
}

/** @returns whether it is in the browser's own store, and will be there after a reload */
export function writeKept(key: string, value: string | null, on: KeptOn = 'device'): boolean {
  try {
    if (value === null) storeOf(on).removeItem(key);
    else storeOf(on).setItem(key, value);
    memory.delete(`${on}/${key}`);
    return true;
  } catch {
    memory.set(`${on}/${key}`, value);
    return false;
  }
}
