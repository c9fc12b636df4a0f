'use client';

import clsx from 'clsx';
import { useSyncExternalStore, type ReactNode } from 'react';

const never = () => () => undefined;

/** Controls that take input only once the page is alive: what is typed earlier would be lost without a word. */
export function Alive({ className, children }: { className?: string; children: ReactNode }) {
  const alive = useSyncExternalStore(never, () => true, () => false);
  return <fieldset disabled={!alive} className={clsx('m-0 min-w-0 border-0 p-0', className)}>{children}</fieldset>;
}
