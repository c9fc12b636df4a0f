'use client';

import clsx from 'clsx';
import type { Caution } from '@/core/safety';
import { cautionWords, GUIDANCE_LINE } from '@/core/words';
import { usePreferences } from '../shell/preferences';

const MARKS: Record<Caution['guards'], { path: string; word: string; look: string }> = {
  illness: { path: 'M8 1 15 14H1z', word: 'Health', look: 'border-brass-line bg-brass-tint' },
  injury: { path: 'M3 1h10v9l-5 5-5-5z', word: 'Hands', look: 'border-brass-line bg-brass-tint' },
  result: { path: 'M8 1a7 7 0 1 1 0 14A7 7 0 0 1 8 1z', word: 'Result', look: 'border-grout bg-panel' },
};

/** A caution at the step it belongs to; what guards health or hands cannot be put away. */
export function CautionNote({ caution }: { caution: Caution }) {
  const { style } = usePreferences();
  const { title, text } = cautionWords(caution, style);
  const mark = MARKS[caution.guards];
  return (
    <li className={clsx('flex gap-2.5 rounded border px-3 py-2.5 text-[14px]', mark.look)}>
      <svg width="16" height="16" viewBox="0 0 16 16" className="mt-0.5 shrink-0" aria-hidden="true">
        <path
          d={mark.path}
          fill={caution.guards === 'result' ? 'none' : 'var(--color-brass)'}
          stroke={caution.guards === 'result' ? 'var(--color-muted)' : 'none'}
          strokeWidth="1.5"
        />
      </svg>
      <div>
        <span className="sr-only">{mark.word}: </span>
        <strong className="font-semibold">{title}.</strong> {text}
      </div>
    </li>
  );
}

export function CautionList({ cautions }: { cautions: readonly Caution[] }) {
  if (cautions.length === 0) return null;
  return (
    <div>
      <ul className="space-y-2">
        {cautions.map((caution) => (
          <CautionNote key={caution.code} caution={caution} />
        ))}
      </ul>
      {cautions.some(({ guards }) => guards === 'illness') && (
        <p className="mt-2 text-[12px] text-muted">{GUIDANCE_LINE}</p>
      )}
    </div>
  );
}
