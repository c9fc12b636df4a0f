import clsx from 'clsx';
import type { ReactNode } from 'react';
import type { Figure } from '@/core/units';

/** A number to be read from a metre away, its unit small beside it and what it is above it. */
export function FigureBox({
  label,
  figure,
  note,
  size = 'large',
  plain = false,
}: {
  label: string;
  figure: Figure;
  note?: ReactNode;
  size?: 'large' | 'huge';
  plain?: boolean;
}) {
  return (
    <div className={clsx(!plain && 'rounded border border-grout bg-tile px-3.5 py-3')}>
      <div className="text-[13px] font-medium text-muted">{label}</div>
      <div className={clsx('figure mt-1', size === 'huge' ? 'text-[52px]' : 'text-[34px]')}>
        {figure.value}
        {figure.unit && <span className="ml-1 text-[0.5em] text-muted">{figure.unit}</span>}
      </div>
      {note && <div className="mt-1.5 text-[13px] text-muted">{note}</div>}
    </div>
  );
}
