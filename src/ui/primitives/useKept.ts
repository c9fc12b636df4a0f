import { useCallback, useEffect, useEffectEvent, useState } from 'react';

interface Kept<T> {
  value: T;
  change: (part: Partial<T>) => void;
  /** Forgets what was kept; what stands on the screen stays. */
  drop: () => void;
}

/**
 * What stands in a form, kept for this tab: a reload in the middle loses nothing.
 * @param take what of the kept one fits now; undefined where it does not. Asked again when `ready` changes.
 */
export function useKept<T extends object>(key: string, first: () => T, take: (kept: T, now: T) => T | undefined, ready = true): Kept<T> {
  const [value, setValue] = useState(first);
  const restore = useEffectEvent(() => {
    try {
      const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') as T | null;
      if (kept) setValue((now) => take(kept, now) ?? now);
    } catch {
      sessionStorage.removeItem(key);
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
        sessionStorage.setItem(key, JSON.stringify(next));
        return next;
      }),
    [key],
  );
  const drop = useCallback(() => sessionStorage.removeItem(key), [key]);
  return { value, change, drop };
}
