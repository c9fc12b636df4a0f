'use client';

import clsx from 'clsx';
import { useState, type ReactNode } from 'react';
import { useAlive } from './alive';

/** A part that is there when asked for; it opens once the page is alive, and what is in it is made when it is first opened. */
export function Fold({ title, children }: { title: ReactNode; children: ReactNode }) {
  const alive = useAlive();
  const [opened, setOpened] = useState(false);
  return (
    <details className="panel px-4 py-3" onToggle={(event) => event.currentTarget.open && setOpened(true)}>
      <summary className={clsx('font-semibold', !alive && 'pointer-events-none')}>{title}</summary>
      {opened && <div className="mt-3">{children}</div>}
    </details>
  );
}
