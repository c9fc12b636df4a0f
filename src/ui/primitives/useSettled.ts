'use client';

import { useEffect, useState } from 'react';

/** A value once it has stood still for a moment: for what is too much work to do on every move of a slider. */
export function useSettled<T>(value: T, afterMs = 180): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), afterMs);
    return () => clearTimeout(timer);
  }, [value, afterMs]);
  return settled;
}
