'use client';

import clsx from 'clsx';
import { useEffect, useState } from 'react';
import { countdown, onTimersChanged, readTimers, type RunningTimer } from './runningTimers';
import { useNow } from './useNow';
import { Link } from '../primitives/link';

/** The timer that rings next, on every page. */
export function HeaderTimer() {
  const [timers, setTimers] = useState<RunningTimer[]>([]);
  const now = useNow(0);
  useEffect(() => {
    const read = () => setTimers(readTimers());
    const first = setTimeout(read, 0);
    const stop = onTimersChanged(read);
    return () => {
      clearTimeout(first);
      stop();
    };
  }, []);
  const next = [...timers].sort((a, b) => a.ringsAtMs - b.ringsAtMs)[0];
  if (!next || now === 0) return null;
  const rung = next.ringsAtMs <= now;
  const press = !rung && next.checkAtMs !== undefined && next.checkAtMs <= now;
  return (
    <Link
      href={`/cook?batch=${next.batchId}`}
      className={clsx(
        'condensed max-w-[60vw] truncate rounded px-3 py-1.5 font-semibold',
        rung ? 'bg-ox text-white' : 'bg-[#0a2c27]',
      )}
    >
      {next.label} · {rung ? 'now' : `${press ? 'press it, ' : ''}${countdown(next.ringsAtMs, now)} left`}
    </Link>
  );
}
