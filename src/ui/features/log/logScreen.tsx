'use client';

import type { LogEntry } from '@/contract/views';
import { formatDate } from '@/core/times';
import { formatLength } from '@/core/units';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { Link } from '../../primitives/link';
import { Pager } from '../../primitives/pager';
import { usePreferences } from '../../shell/preferences';
import { SCALES, scoreWords, type ScoreKey } from '../batch/scales';

interface Props {
  zone: string;
  entries: readonly LogEntry[];
  total: number;
  offset: number;
  limit: number;
}

/** What was cooked, how it came out and what to change, newest first. */
export function LogScreen({ zone, entries, total, offset, limit }: Props) {
  const { style } = usePreferences();
  if (total === 0) {
    return (
      <EmptyState
        title="Nothing tasted yet"
        text="Score a batch while it is still on the plate, and write one line on what to change. It is here the next time you plan."
      >
        <Link href="/batches" className={buttonLook()}>
          Choose a batch to taste
        </Link>
      </EmptyState>
    );
  }
  return (
    <>
      <ol className="space-y-4">
        {entries.map(({ tasting, batch }) => (
          <li
            key={tasting.id}
            className="panel grid gap-x-8 gap-y-3 px-4 py-4 md:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]"
          >
            <div className="min-w-0">
              <p className="text-[13px] text-muted">{formatDate(Date.parse(tasting.tastedAt), zone, style.locale)}</p>
              <h2 className="text-[19px] wrap-anywhere">
                {batch ? (
                  batch.removed ? (
                    batch.name
                  ) : (
                    <Link href={`/batches/${batch.id}?stage=taste`} className="hover:underline">
                      {batch.name}
                    </Link>
                  )
                ) : (
                  'A batch'
                )}
              </h2>
              {batch && (
                <p className="text-[14px] text-muted">
                  {batch.cutName}, {formatLength(batch.thicknessMm, style)}, {batch.marinadeName}
                  {batch.removed && ' (put away)'}
                </p>
              )}
              {tasting.changeNext && (
                <p className="mt-3 border-l-4 border-ox pl-3 wrap-anywhere">
                  <span className="block text-[12px] font-semibold text-ox">next time</span>
                  <strong>{tasting.changeNext}</strong>
                </p>
              )}
              {tasting.note && <p className="mt-2 whitespace-pre-line wrap-anywhere">{tasting.note}</p>}
            </div>
            <dl className="grid grid-cols-2 content-start gap-x-6 gap-y-2 sm:grid-cols-3 md:grid-cols-2 lg:grid-cols-3">
              {(Object.keys(SCALES) as ScoreKey[]).map((score) => (
                <Score key={score} score={score} value={tasting[score]} />
              ))}
            </dl>
          </li>
        ))}
      </ol>
      <Pager total={total} offset={offset} limit={limit} href="/log" words={{ before: 'Newer', after: 'Older' }} />
    </>
  );
}

/** A score as a row of cuts: as many filled as it has, with its word. */
function Score({ score, value }: { score: ScoreKey; value: number }) {
  const { name, steps } = SCALES[score];
  const fault = steps[0] === 0;
  const filled = (step: number) =>
    steps[0]! < 0
      ? value < 0
        ? step >= value && step < 0
        : value > 0
          ? step <= value && step > 0
          : step === 0
      : fault
        ? step > 0 && step <= value
        : step <= value;
  return (
    <div>
      <dt className="text-[12px] text-muted">{name}</dt>
      <dd>
        <svg viewBox={`0 0 ${steps.length * 14} 14`} className="h-3.5" aria-hidden="true">
          {steps
            .filter((step) => !(fault && step === 0))
            .map((step, index) => (
              <path
                key={step}
                d={`M${index * 14 + 4} 1h7l-3 12h-7z`}
                fill={
                  filled(step) ? (fault || (Math.abs(value) === 2 && steps[0]! < 0) ? '#8a1f2d' : '#17564b') : '#d3ddda'
                }
              />
            ))}
        </svg>
        <span className="text-[14px] font-semibold">{scoreWords(score, value)}</span>
      </dd>
    </div>
  );
}
