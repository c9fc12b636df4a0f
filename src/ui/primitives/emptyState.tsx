import type { ReactNode } from 'react';

/** An empty screen invites the first step. */
export function EmptyState({ title, text, children }: { title: string; text: string; children?: ReactNode }) {
  return (
    <section className="panel flex flex-col items-start gap-3 px-6 py-10 sm:flex-row sm:items-center sm:gap-8">
      <svg width="150" height="90" viewBox="0 0 150 90" aria-hidden="true" className="shrink-0">
        <rect x="4" y="62" width="142" height="12" rx="3" fill="var(--color-grout)" />
        <path d="M28 62c-8-20 6-34 34-36s58 4 60 20c1 8-4 14-10 16z" fill="var(--color-flesh)" />
        <path
          d="M46 36c-6 8-8 16-6 26M62 31c-6 10-8 20-6 31M78 29c-6 10-8 22-6 33"
          stroke="var(--color-flesh-deep)"
          strokeWidth="2"
          fill="none"
        />
        <path d="M96 4 88 62" stroke="var(--color-enamel)" strokeWidth="5" />
      </svg>
      <div>
        <h2>{title}</h2>
        <p className="mt-1 max-w-prose text-muted">{text}</p>
        {children && <div className="mt-4 flex flex-wrap gap-3">{children}</div>}
      </div>
    </section>
  );
}
