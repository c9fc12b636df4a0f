'use client';

import { useState } from 'react';
import type { EventResource } from '@/contract/resources';
import { FIRMNESS_REPORTS, type FirmnessReport } from '@/core/firming';
import { REPORT_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { postOnce } from '../../shell/tryOnce';
import { useBatchWork } from '../batch/batchContext';

/** How the meat cut: what the freezer is learned from. */
export function FirmnessQuestion() {
  const { batchId, events, record } = useBatchWork();
  const [problem, setProblem] = useState<string>();
  const last = events.filter(({ kind }) => kind === 'firmness-reported').at(-1);

  const tell = async (report: FirmnessReport) => {
    // Learned once, however often it is pressed before it has arrived.
    const result = await postOnce<EventResource>(
      `/batches/${batchId}/events`,
      { kind: 'firmness-reported', at: new Date().toISOString(), payload: { report } },
      report,
    );
    setProblem(result.ok ? undefined : `${result.problem.title} ${result.problem.detail ?? ''}`);
    if (result.ok) record(result.data);
  };

  return (
    <section className="panel px-4 py-3">
      <h3>How did it cut?</h3>
      <p className="mt-1 text-[14px] text-muted">
        Say it after slicing: from this Mince learns how strong your freezer is, and the next batch is planned with it.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {FIRMNESS_REPORTS.map((report) => (
          <Button key={report} look="plain" onClick={() => void tell(report)}>
            {REPORT_NAMES[report]}
          </Button>
        ))}
      </div>
      <p role="status" className="mt-2 text-[14px]">
        {last && (
          <>
            Learned from “{REPORT_NAMES[last.payload.report as FirmnessReport]?.toLowerCase()}”. It is kept under My
            kitchen.
          </>
        )}
      </p>
      {problem && (
        <p role="alert" className="font-medium text-ox">
          {problem}
        </p>
      )}
    </section>
  );
}
