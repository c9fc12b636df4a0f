'use client';

import type { Batch } from '@/contract/resources';
import { formatDayClock, formatDate } from '@/core/times';
import { formatLength, formatMass } from '@/core/units';
import { WAY_NAMES } from '@/core/words';
import { buttonLook } from '../../primitives/buttonLook';
import { EmptyState } from '../../primitives/emptyState';
import { Link } from '../../primitives/link';
import { Pager } from '../../primitives/pager';
import { usePreferences } from '../../shell/preferences';

interface Props {
  zone: string;
  batches: readonly Batch[];
  total: number;
  offset: number;
  limit: number;
}

export function BatchList({ zone, batches, total, offset, limit }: Props) {
  const { style } = usePreferences();
  if (total === 0) {
    return (
      <EmptyState title="No batch yet" text="Eight answers make a full plan: slices, soda, marinade and the clock.">
        <Link href="/batches/new" className={buttonLook()}>
          Plan the first batch
        </Link>
      </EmptyState>
    );
  }
  return (
    <>
      <ul className="panel divide-y divide-grout-soft">
        {batches.map((batch) => {
          const at = Date.parse(batch.tableAt);
          return (
            <li key={batch.id}>
              <Link
                href={`/batches/${batch.id}`}
                className="grid gap-x-6 gap-y-0.5 px-4 py-3 hover:bg-enamel-tint sm:grid-cols-[minmax(0,1.4fr)_minmax(0,1.6fr)_auto]"
              >
                <span className="font-semibold wrap-anywhere">{batch.name}</span>
                <span className="text-[14px] text-muted">
                  {batch.cutName}, {formatMass(batch.massG, style)}, {formatLength(batch.thicknessMm, style)},{' '}
                  {WAY_NAMES[batch.way].toLowerCase()}
                  {!batch.schedule.ok && <strong className="text-ox"> · not safe as planned</strong>}
                </span>
                <span className="condensed text-[15px] sm:text-right">
                  <strong>{formatDayClock(at, zone, style.locale)}</strong>{' '}
                  <span className="text-muted">{formatDate(at, zone, style.locale)}</span>
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
      <Pager
        total={total}
        offset={offset}
        limit={limit}
        href="/batches"
        words={{ before: 'Later', after: 'Earlier' }}
      />
    </>
  );
}
