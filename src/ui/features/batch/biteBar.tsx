import type { Bite } from '@/core/tenderizing';

/** How much there is to bite through, 0 melting to 10 leather, with its range. */
export function BiteBar({ bite, words }: { bite: Bite; words: string }) {
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden="true" className="relative h-2 w-24 rounded bg-grout-soft">
        <span
          className="absolute inset-y-0 rounded bg-enamel/40"
          style={{ left: `${bite.from * 10}%`, right: `${100 - bite.to * 10}%` }}
        />
        <span
          className="absolute -inset-y-0.5 w-1 rounded bg-ink"
          style={{ left: `calc(${bite.likely * 10}% - 2px)` }}
        />
      </span>
      <span className="whitespace-nowrap">{words}</span>
    </span>
  );
}
