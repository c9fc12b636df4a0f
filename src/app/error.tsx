'use client';

import { Button } from '@/ui/primitives/button';

export default function ErrorPage({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <section className="mx-auto max-w-xl px-5 py-20" role="alert">
      <h1>That went wrong</h1>
      <p className="mt-3">Mince could not show this page. What you typed is kept on this device.</p>
      {error.digest && <p className="mt-3 text-muted">In the log of Mince this is {error.digest}.</p>}
      <Button className="mt-6" onClick={reset}>
        Try again
      </Button>
    </section>
  );
}
