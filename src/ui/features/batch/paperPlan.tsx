'use client';

import { formatClock, formatDay } from '@/core/times';
import { cautionWords, GUIDANCE_LINE } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import { LineTable } from '../marinades/lineTable';
import { JobList, type JobListProps } from './jobList';

type Props = JobListProps & { name: string };

/** The plan as a sheet for the kitchen wall: only on paper. */
export function PaperPlan({ name, ...planned }: Props) {
  const { style } = usePreferences();
  const { plan, inputs, zone, marinade } = planned;
  return (
    <div>
      <h1>{name}</h1>
      <p>
        On the table {formatDay(inputs.tableAtMs, zone, style.locale)},{' '}
        {formatClock(inputs.tableAtMs, zone, style.locale)}
      </p>
      <JobList {...planned} />
      <h2 className="mt-4">{marinade.name}</h2>
      <LineTable lines={plan.marinate.lines} measured={plan.marinate.measured} unread={marinade.unread} />
      <h2 className="mt-4">Mind these</h2>
      <ul>
        {plan.cautions
          .filter(({ guards }) => guards !== 'result')
          .map((caution) => (
            <li key={caution.code}>
              <strong>{cautionWords(caution, style).title}.</strong> {cautionWords(caution, style).text}
            </li>
          ))}
      </ul>
      <p className="mt-2">{GUIDANCE_LINE}</p>
    </div>
  );
}
