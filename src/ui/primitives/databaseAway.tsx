'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { Button } from './button';

const RETRY_MS = 3000;

/** Shown in place of a page whose records cannot be read; it tries again by itself. */
export function DatabaseAway() {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => router.refresh(), RETRY_MS);
    return () => clearInterval(timer);
  }, [router]);
  return (
    <section className="mx-auto max-w-xl px-5 py-20" role="alert">
      <h1>The kitchen records cannot be reached</h1>
      <p className="mt-3">
        The database is not answering. Nothing you typed is lost: it is kept on this device and sent as soon as it is
        back. This page tries again every few seconds.
      </p>
      <p className="mt-3 text-muted">If it stays so, stop Mince with Ctrl-C and start it again.</p>
      <Button className="mt-6" look="plain" onClick={() => router.refresh()}>
        Try now
      </Button>
    </section>
  );
}
