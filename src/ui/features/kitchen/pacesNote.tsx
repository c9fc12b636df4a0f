'use client';

import { useRouter } from 'next/navigation';
import type { Household } from '@/contract/resources';
import { HANDWORK } from '@/core/batches';
import { formatNumber } from '@/core/units';
import { HANDWORK_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { Problem } from '../../primitives/plainFields';
import { usePreferences } from '../../shell/preferences';
import { useSend } from '../../shell/useSend';
import { kitchenFieldsOf, toWrite } from './kitchenFields';

/** How quick these hands are, as the kitchen has seen it; plans take these minutes. */
export function PacesNote({ household }: { household: Household }) {
  const { style } = usePreferences();
  const router = useRouter();
  const { problem, busy, send } = useSend();
  const learned = HANDWORK.flatMap((key) => {
    const pace = household.paces[key];
    return pace ? [{ key, ...pace }] : [];
  });
  const percent = (ln: number) => `${formatNumber(Math.exp(ln) * 100, style.locale)} %`;
  const forget = async () => {
    const body = { ...toWrite(kitchenFieldsOf(household)), forgetPaces: true };
    if (await send<Household>('PUT', '/household', { body, version: household.version })) router.refresh();
  };
  return (
    <fieldset id="hands" className="space-y-2">
      <legend className="text-[17px] font-bold">Your hands</legend>
      {learned.length === 0 ? (
        <p className="text-muted">
          Nothing learned yet. Press when a job begins and when it is done, and Mince plans with the minutes that you
          take.
        </p>
      ) : (
        <>
          <p>Of the usual minutes for that weight you take:</p>
          <ul aria-label="Learned of your hands">
            {learned.map(({ key, ln, lnError, times }) => (
              <li key={key}>
                {HANDWORK_NAMES[key]}: <strong>{percent(ln)}</strong>, likely {percent(ln - lnError)} to{' '}
                {percent(ln + lnError)}, from {times} {times === 1 ? 'time' : 'times'}
              </li>
            ))}
          </ul>
          <Button look="quiet" disabled={busy} onClick={() => void forget()}>
            Forget these
          </Button>
        </>
      )}
      <Problem text={problem} />
    </fieldset>
  );
}
