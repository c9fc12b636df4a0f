'use client';

import clsx from 'clsx';
import { minimumTemperature } from '@/core/safety';
import { ADDITIONS, compareMeans, type MeansCompared } from '@/core/tenderizing';
import { formatNumber } from '@/core/units';
import { FLAVOUR_WORDS, MEANS_NAMES, riskWords } from '@/core/words';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { BiteBar } from './biteBar';
import { usePinAddition, usePinTenderizing } from './usePinTenderizing';

/** What each means of tenderizing would change, side by side; one press plans it. */
export function MeansTable() {
  const { plan, cut, fields } = useBatchWork();
  const choose = usePinTenderizing();
  const add = usePinAddition();
  const { slice, tenderize, marinate, piece } = plan;
  const rows = compareMeans({
    cut,
    shape: slice.shape,
    fibreLengthMm: slice.fibreLengthMm,
    thicknessMm: slice.soakThicknessMm,
    massG: piece.meatG,
    fruitExposure: marinate.fruit?.exposure ?? 0,
    pink: fields.pins.doneness === 'pink',
  });
  const planOf = ({ means, fits, choice }: MeansCompared) => {
    if (!fits || tenderize.means.includes(means)) return undefined;
    const addition = ADDITIONS.find((one) => one === means);
    return choice ? () => choose(choice) : addition && (() => add(addition));
  };
  return (
    <section className="panel px-4 py-3" aria-label="What each would change">
      <h3>What each would change</h3>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Means side by side">
        <table className="mt-2 w-full min-w-[640px] text-left text-[14px]">
          <thead>
            <tr className="text-[13px] text-muted">
              <th className="py-1 pr-3 font-medium">means</th>
              <th className="pr-3 font-medium">bite, 0 to 10</th>
              <th className="pr-3 font-medium">min, by hand + waiting</th>
              <th className="pr-3 font-medium">sodium, g each</th>
              <th className="pr-3 font-medium">taste</th>
              <th className="font-medium">what can go wrong</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <MeansRow key={row.means} row={row} planned={tenderize.means.includes(row.means)} onPlan={planOf(row)} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-[13px] text-muted">
        Each by itself, on the mix there is. Bite is a rule of thumb for comparing plans, from the muscle, the fibres in
        a bite and what is done to them; our own estimate, not a measurement.
      </p>
    </section>
  );
}

interface MeansRowProps {
  row: MeansCompared;
  planned: boolean;
  /** Left out where it is planned already or does not fit. */
  onPlan: (() => void) | undefined;
}

function MeansRow({ row, planned, onPlan }: MeansRowProps) {
  const { plan, cut, fields } = useBatchWork();
  const { style } = usePreferences();
  const { means, bite, biteWithoutFruit, handsMin, waitMin, sodiumMgPer100G, risk, flavour, fits } = row;
  const { tempC: piercedC } = minimumTemperature(cut.animal, { treatment: 'pierced', backInThePan: false });
  const number = (value: number, digits = 0) => formatNumber(value, style.locale, digits);
  const span = ({ from, to }: { from: number; to: number }, digits = 0) =>
    number(from, digits) === number(to, digits)
      ? number(from, digits)
      : `${number(from, digits)}–${number(to, digits)}`;
  /** In the unit of every other screen: g in a portion. */
  const gEach = (mgPer100G: number) => (mgPer100G * plan.piece.meatG) / 100 / fields.people / 1000;
  return (
    <tr className={clsx('border-t border-grout', planned && 'bg-enamel-tint', !fits && !planned && 'text-muted')}>
      <th scope="row" className="py-1.5 pr-3 font-semibold">
        {MEANS_NAMES[means]}
        {planned && <span className="block text-[12px] font-medium text-enamel-soft">in this plan</span>}
        {onPlan && (
          <button
            type="button"
            className="block py-1 text-[13px] font-medium underline underline-offset-4"
            onClick={onPlan}
            aria-label={`Plan it: ${MEANS_NAMES[means]}`}
          >
            plan it
          </button>
        )}
      </th>
      <td className="pr-3">
        <BiteBar bite={bite} words={span(bite)} />
        {biteWithoutFruit && span(biteWithoutFruit) !== span(bite) && (
          <span className="block text-[12px] text-muted">without the fruit {span(biteWithoutFruit)}</span>
        )}
      </td>
      <td className="whitespace-nowrap pr-3">
        {handsMin + waitMin === 0 ? '0' : `${number(handsMin)} + ${number(waitMin)}`}
      </td>
      <td className="whitespace-nowrap pr-3">
        {span({ from: gEach(sodiumMgPer100G.from), to: gEach(sodiumMgPer100G.to) }, 2)}
      </td>
      <td className="pr-3">{FLAVOUR_WORDS[flavour]}</td>
      <td>{fits || planned ? riskWords(risk, piercedC, style) : 'not for this shape and thickness'}</td>
    </tr>
  );
}
