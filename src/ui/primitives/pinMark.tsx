/** Says that the cook fixed this value, and lets go of it. */
export function PinMark({ what, onUnpin }: { what: string; onUnpin: () => void }) {
  return (
    <button
      type="button"
      onClick={onUnpin}
      aria-label={`${what}: pinned, unpin`}
      title={`Let ${what} follow the plan again`}
      className="condensed inline-flex min-h-6 items-center gap-1.5 rounded-sm bg-ink px-1.5 text-[12px] font-semibold text-white hover:bg-ox"
    >
      <svg width="9" height="12" viewBox="0 0 9 12" aria-hidden="true">
        <path d="M1 0h7v2H7v3l2 2H5v5H4V7H0l2-2V2H1z" fill="currentColor" />
      </svg>
      pinned{' '}
      <span aria-hidden="true" className="text-[14px] leading-none">
        ×
      </span>
    </button>
  );
}
