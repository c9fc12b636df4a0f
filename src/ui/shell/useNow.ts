'use client';

import { useEffect, useState } from 'react';

/** The time, renewed every `everyMs`. Starts with the server's, so that both render the same first. */
export function useNow(initialMs: number, everyMs = 1000): number {
  const [now, setNow] = useState(initialMs);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}
