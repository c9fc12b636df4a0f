import { useCallback, useEffect, useEffectEvent, useState } from 'react';

interface Keeping<T> {
  /** What of the kept one fits now; undefined where it does not. */
  take: (kept: T, now: T) => T | undefined;
  /** When this changes the kept one is asked for again. */
  ready?: boolean;
  /** For this tab, or for this device until it is dropped. */
  on?: 'tab' | 'device';
}

interface Kept<T> {
  value: T;
  change: (part: Partial<T>) => void;
  /** Forgets what was kept and shows this; left out, what stands on the screen stays. */
  drop: (shown?: T) => void;
}

/** What stands in a form, kept in the browser with every change: a reload in the middle loses nothing. */
export function useKept<T extends object>(key: string, first: () => T, { take, ready = true, on = 'tab' }: Keeping<T>): Kept<T> {
  const [value, setValue] = useState(first);
  const restore = useEffectEvent(() => {
    const store = storeOf(on);
    try {
      const kept = JSON.parse(store.getItem(key) ?? 'null') as T | null;
      if (kept) setValue((now) => take(kept, now) ?? now);
    } catch {
      store.removeItem(key);
    }
  });
  useEffect(() => {
    const timer = setTimeout(restore, 0);
    return () => clearTimeout(timer);
  }, [key, ready]);
  const change = useCallback(
    (part: Partial<T>) =>
      setValue((before) => {
        const next = { ...before, ...part };
        storeOf(on).setItem(key, JSON.stringify(next));
        return next;
      }),
    [key, on],
  );
  const drop = useCallback(
    (shown?: T) => {
      storeOf(on).removeItem(key);
      if (shown) setValue(shown);
    },
    [key, on],
  );
  return { value, change, drop };
}

const storeOf = (on: 'tab' | 'device') => (on === 'tab' ? sessionStorage : localStorage);
