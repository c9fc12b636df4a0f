import { readKept, writeKept, type KeptOn } from '../shell/deviceStorage';
import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';

interface Keeping<T> {
  /** What of the kept one fits now; undefined where it does not. */
  take: (kept: T, now: T) => T | undefined;
  /** While false a kept one that does not fit yet waits; then it is asked for again. What is typed meanwhile is added to it. */
  ready?: boolean;
  /** For this tab, or for this device until it is dropped. */
  on?: KeptOn;
}

interface Kept<T> {
  value: T;
  change: (part: Partial<T>) => void;
  /** Forgets what was kept and shows this; left out, what stands on the screen stays. */
  drop: (shown?: T) => void;
}

function parseKept<T extends object>(key: string, on: KeptOn): T | undefined {
  try {
    return (JSON.parse(readKept(key, on) ?? 'null') as T | null) ?? undefined;
  } catch {
    writeKept(key, null, on);
    return undefined;
  }
}

/** What stands in a form, kept in the browser with every change: a reload in the middle loses nothing. */
export function useKept<T extends object>(
  key: string,
  first: () => T,
  { take, ready = true, on = 'tab' }: Keeping<T>,
): Kept<T> {
  const [value, setValue] = useState(first);
  const waiting = useRef<T>(undefined);
  /** The key whose kept one was looked for. */
  const looked = useRef('');
  const restore = useEffectEvent(() => {
    const kept = parseKept<T>(key, on);
    looked.current = key;
    const taken = kept ? take(kept, value) : undefined;
    waiting.current = kept && !taken && !ready ? kept : undefined;
    if (taken) setValue(taken);
  });
  useEffect(() => {
    const timer = setTimeout(restore, 0);
    return () => clearTimeout(timer);
  }, [key, ready]);
  const change = useCallback(
    (part: Partial<T>) => {
      // Typed before the first look: what was kept waits for it as well, and is added to.
      if (looked.current !== key) {
        looked.current = key;
        waiting.current = parseKept<T>(key, on);
      }
      if (waiting.current) waiting.current = { ...waiting.current, ...part };
      const kept = waiting.current;
      setValue((before) => {
        const next = { ...before, ...part };
        writeKept(key, JSON.stringify(kept ?? next), on);
        return next;
      });
    },
    [key, on],
  );
  const drop = useCallback(
    (shown?: T) => {
      writeKept(key, null, on);
      looked.current = key;
      waiting.current = undefined;
      if (shown) setValue(shown);
    },
    [key, on],
  );
  return { value, change, drop };
}
