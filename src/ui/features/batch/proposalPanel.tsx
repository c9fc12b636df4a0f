'use client';

import { useMemo } from 'react';
import { additionsInTime } from '@/core/batches';
import type { Bite } from '@/core/tenderizing';
import { formatNumber } from '@/core/units';
import { additionWords, conflictWords, judgementWords, meansWords, whyWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { BiteBar } from './biteBar';
import { usePinAddition, usePinTenderizing } from './usePinTenderizing';

/** The plan in one line, why it is proposed, what fights in it, and what is left to bite. */
export function ProposalPanel() {
  const { plan, inputs, around } = useBatchWork();
  const { style } = usePreferences();
  const choose = usePinTenderizing();
  const add = usePinAddition();
  const { tenderize } = plan;
  const { means, bite, conflicts, choice, judgement, force, inMixPercent } = tenderize;
  const { soda: advised, force: advisedForce } = judgement;
  const additions = useMemo(() => additionsInTime(plan, inputs, around), [plan, inputs, around]);
  const overruled = choice !== advised || (force?.force ?? 'none') !== advisedForce;
  const nothing = judgement.answer === 'no' && choice === 'skip' && !force;
  const span = ({ from, to }: Bite) => `${formatNumber(from, style.locale)} to ${formatNumber(to, style.locale)}`;
  return (
    <section className="panel border-l-4 border-l-enamel px-4 py-3.5" aria-label="The plan for tenderness">
      <p className="text-[13px] font-medium text-muted">
        {overruled ? 'As you chose' : nothing || inMixPercent > 0 ? 'As it is' : 'Proposed'}
      </p>
      <p className="text-[21px] font-semibold leading-tight">
        {nothing && !overruled ? judgementWords(judgement, style).answer : meansWords(means)}
      </p>
      {nothing && !overruled && means[0] !== 'nothing' && (
        <p className="text-[14px] text-muted">The mix by itself brings: {meansWords(means).toLowerCase()}.</p>
      )}
      <p className="mt-1.5 max-w-prose">
        {overruled && <strong className="font-semibold">The proposal was another. </strong>}
        {whyWords(judgement, style)}
      </p>
      <div className="mt-2.5 flex flex-wrap items-center gap-x-5 gap-y-2 text-[14px]">
        <span className="flex items-center gap-2">
          To bite through: <BiteBar bite={bite} words={`${span(bite)} of 10`} />
        </span>
        <span className="text-muted">0 melts, 10 is leather; a rule of thumb</span>
        {overruled && (
          <Button look="plain" onClick={() => choose({ soda: advised, force: advisedForce })}>
            Back to the proposal
          </Button>
        )}
      </div>
      {additions.length > 0 && (
        <ul className="mt-3 space-y-2 border-t border-grout pt-2.5" aria-label="What the mix lacks">
          {additions.map((advice) => {
            const { title, text } = additionWords(advice, style);
            const then = span(advice.bite);
            const press = advice.insteadOfSoda ? 'Take it' : 'Add it';
            return (
              <li key={advice.means} className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <span className="min-w-0 flex-1 basis-72 text-[14px]">
                  <strong className="text-[15px]">
                    {advice.insteadOfSoda ? 'Or' : 'Worth adding'}: {title}.
                  </strong>{' '}
                  {text}
                  {then !== span(bite) && <span className="whitespace-nowrap text-muted"> Then {then} of 10.</span>}
                </span>
                <Button look="plain" onClick={() => add(advice.means)} aria-label={`${press}: ${title}`}>
                  {press}
                </Button>
              </li>
            );
          })}
        </ul>
      )}
      {conflicts.map((conflict) => {
        const { title, text } = conflictWords(conflict);
        return (
          <p key={conflict} role="alert" className="mt-2.5 rounded border border-brass-line bg-brass-tint px-3 py-2">
            <strong>{title}.</strong> {text}
          </p>
        );
      })}
    </section>
  );
}
