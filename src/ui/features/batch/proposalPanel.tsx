'use client';

import { formatNumber } from '@/core/units';
import { conflictWords, meansWords, whyWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { BiteBar } from './biteBar';
import { usePinTenderizing } from './usePinTenderizing';

/** The plan in one line, why it is proposed, what fights in it, and what is left to bite. */
export function ProposalPanel() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const choose = usePinTenderizing();
  const { tenderize, slice } = plan;
  const { means, bite, conflicts, choice, advised, advisedForce, force } = tenderize;
  const overruled = choice !== advised || (force?.force ?? 'none') !== advisedForce;
  const number = (value: number) => formatNumber(value, style.locale);
  return (
    <section className="panel border-l-4 border-l-enamel px-4 py-3.5" aria-label="The plan for tenderness">
      <p className="text-[13px] font-medium text-muted">{overruled ? 'As you chose' : 'Proposed'}</p>
      <p className="text-[21px] font-semibold leading-tight">{meansWords(means)}</p>
      <p className="mt-1.5 max-w-prose">{overruled && <strong className="font-semibold">The proposal was another. </strong>}{whyWords(tenderize, slice.judgement, style)}</p>
      <div className="mt-2.5 flex flex-wrap items-center gap-x-5 gap-y-2 text-[14px]">
        <span className="flex items-center gap-2">To bite through: <BiteBar bite={bite} words={`${number(bite.from)} to ${number(bite.to)} of 10`} /></span>
        <span className="text-muted">0 melts, 10 is leather; a rule of thumb</span>
        {overruled && <Button look="plain" onClick={() => choose({ soda: advised, force: advisedForce })}>Back to the proposal</Button>}
      </div>
      {conflicts.map((conflict) => {
        const { title, text } = conflictWords(conflict);
        return <p key={conflict} role="alert" className="mt-2.5 rounded border border-brass-line bg-brass-tint px-3 py-2"><strong>{title}.</strong> {text}</p>;
      })}
    </section>
  );
}
