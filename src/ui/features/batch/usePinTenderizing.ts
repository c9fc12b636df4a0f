import { pinsOfAddition } from '@/core/batches';
import type { Addition, TenderizingChoice } from '@/core/tenderizing';
import { useBatchWork } from './batchContext';

/** Takes soda and force as chosen, what is as proposed unpinned, and drops the doses that were set for something else. */
export function usePinTenderizing(): (choice: TenderizingChoice) => void {
  const { plan, pin } = useBatchWork();
  const { soda: advised, force: advisedForce } = plan.tenderize.judgement;
  return ({ soda, force }) =>
    pin({
      soda: soda === advised ? undefined : soda,
      sodaPercent: undefined,
      sodaMin: undefined,
      sodaRinses: undefined,
      force: force === advisedForce ? undefined : force,
      forceWhen: undefined,
      beatToMm: undefined,
    });
}

/** Gives the mix what it lacks. */
export function usePinAddition(): (means: Addition) => void {
  const { plan, pin } = useBatchWork();
  return (means) => pin(pinsOfAddition(means, plan.tenderize.judgement.soda));
}
