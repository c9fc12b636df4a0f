'use client';

import clsx from 'clsx';
import { minimumTemperature } from '@/core/safety';
import { compareMeans, type MeansCompared, type TenderizingMeans } from '@/core/tenderizing';
import { formatNumber, formatTemperature } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

const NAMES: Record<TenderizingMeans, string> = { nothing: 'Nothing', 'soda-left-in': 'Soda, left in', 'soda-rinsed': 'Soda, rinsed off', pounding: 'Pounding', needling: 'Needles or blades' };
const RISKS: Record<Exclude<MeansCompared['risk'], 'pierced'>, string> = {
  none: 'stays as it is', soapy: 'soapy when overdone', uneven: 'uneven, torn', 'too-soft': 'too soft with the fruit in this mix',
};

/** What each way of tenderizing would change, side by side. */
export function MeansTable() {
  const { plan, cut, fields } = useBatchWork();
  const { style } = usePreferences();
  const { slice, tenderize, marinate, piece } = plan;
  const rows = compareMeans({ cut, shape: slice.shape, fibreLengthMm: slice.fibreLengthMm, thicknessMm: slice.pieceMm.thicknessMm, massG: piece.trimmedG, fruitExposure: marinate.fruit?.exposure ?? 0 });
  const chosen: TenderizingMeans = fields.pins.pierced ? 'needling' : tenderize.choice === 'skip' ? (slice.shape === 'pounded' ? 'pounding' : 'nothing') : tenderize.choice === 'leave-in' ? 'soda-left-in' : 'soda-rinsed';
  const { tempC: piercedC } = minimumTemperature(cut.animal, { treatment: 'pierced', backInThePan: false });
  const number = (value: number, digits = 0) => formatNumber(value, style.locale, digits);
  const span = ({ from, to }: { from: number; to: number }) => (number(from) === number(to) ? number(from) : `${number(from)}–${number(to)}`);
  const riskWords = (risk: MeansCompared['risk']) => (risk === 'pierced' ? `pierced meat: ${formatTemperature(piercedC, style)} at the centre` : RISKS[risk]);
  return (
    <section className="panel overflow-x-auto px-4 py-3" aria-label="What each would change">
      <h3>What each would change</h3>
      <table className="mt-2 w-full min-w-[620px] text-left text-[14px]">
        <thead><tr className="text-[13px] text-muted"><th className="py-1 pr-3 font-medium">means</th><th className="pr-3 font-medium">bite, 0 to 10</th><th className="pr-3 font-medium">hands, min</th><th className="pr-3 font-medium">waits, min</th><th className="pr-3 font-medium">sodium, mg a 100 g</th><th className="font-medium">what can go wrong</th></tr></thead>
        <tbody>
          {rows.map(({ means, bite, handsMin, waitMin, sodiumMgPer100G, risk, fits }) => (
            <tr key={means} className={clsx('border-t border-grout', means === chosen && 'bg-enamel-tint', !fits && 'text-muted')}>
              <th scope="row" className="py-1.5 pr-3 font-semibold">{NAMES[means]}{means === chosen && ', as planned'}</th>
              <td className="pr-3">
                <span className="flex items-center gap-2"><span aria-hidden="true" className="relative h-2 w-24 rounded bg-grout-soft"><span className="absolute inset-y-0 rounded bg-enamel/40" style={{ left: `${bite.from * 10}%`, right: `${100 - bite.to * 10}%` }} /><span className="absolute -inset-y-0.5 w-1 rounded bg-ink" style={{ left: `calc(${bite.likely * 10}% - 2px)` }} /></span><span className="whitespace-nowrap">{span(bite)}</span></span>
              </td>
              <td className="pr-3">{number(handsMin)}</td>
              <td className="pr-3">{number(waitMin)}</td>
              <td className="whitespace-nowrap pr-3">{span(sodiumMgPer100G)}</td>
              <td>{fits ? riskWords(risk) : 'not for this shape and thickness'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-[13px] text-muted">Bite is a rule of thumb for comparing plans, from the muscle, the fibres in a bite and what is done to them; our own estimate, not a measurement.</p>
    </section>
  );
}
