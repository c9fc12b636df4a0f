'use client';

import clsx from 'clsx';
import { useSyncExternalStore, type ReactNode } from 'react';

const never = () => () => undefined;

/** Whether the page hears the cook: false on the server and until its first effects have run. */
export const useAlive = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** Controls that take input only once the page is alive: what is typed earlier would be lost without a word. */
export function Alive({ className, children }: { className?: string; children: ReactNode }) {
  return (
    <fieldset disabled={!useAlive()} className={clsx('m-0 min-w-0 border-0 p-0', className)}>
      {children}
    </fieldset>
  );
}
