'use client';

import { useState } from 'react';
import { EXPOSURE, FRUITS, RIPENESS_SPREAD, swapFruit, type EnzymeVerdict } from '@/core/tenderizing';
import { formatDuration, formatMass, formatNumber, formatRoughly } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

const SHOWN_TO = 4;
const WORDS: Record<EnzymeVerdict, string> = { little: 'hardly anything yet', slight: 'a little softer', tender: 'tender', stop: 'as far as it should go', mush: 'mush' };
const at = (exposure: number) => `${(100 * Math.min(SHOWN_TO, exposure)) / SHOWN_TO}%`;

/** Fresh fruit in the marinade: how far it goes by the time the meat comes out, and what another fruit would take. */
export function FruitPanel() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const [other, setOther] = useState('');
  const { fruit: clock, minutes } = plan.marinate;
  if (!clock) return null;
  const main = clock.fruits.reduce((a, b) => (b.fruit.activity * b.dosePercent ** 0.8 > a.fruit.activity * a.dosePercent ** 0.8 ? b : a));
  const swap = FRUITS.find(({ id }) => id === other);
  const swapped = swap && swapFruit(main.fruit, main.dosePercent, swap);
  const grams = (percent: number) => (percent / 100) * plan.piece.trimmedG;
  return (
    <section className="panel space-y-2 px-4 py-3" aria-label="Fruit in the marinade">
      <h3>Fruit in the marinade</h3>
      <p>{clock.fruits.map(({ fruit, dosePercent }) => `${fruit.name} ${formatNumber(dosePercent, style.locale, 1)} % of the meat`).join(', ')}. After {formatDuration(minutes)}: <strong>{WORDS[clock.verdict]}</strong>.</p>
      <div className="relative h-4 max-w-xl" role="img" aria-label={`Fruit after ${formatDuration(minutes)}: ${WORDS[clock.verdict]}; ripeness makes it between half and twice as much`}>
        <div className="absolute inset-y-1 w-full rounded" style={{ background: `linear-gradient(90deg, #e6ecea ${at(EXPOSURE.slight)}, #c9e2d8 ${at(EXPOSURE.slight)} ${at(EXPOSURE.tender)}, #7fbf9f ${at(EXPOSURE.tender)} ${at(EXPOSURE.stop)}, #e3cf9a ${at(EXPOSURE.stop)} ${at(EXPOSURE.mush)}, #c98a8a ${at(EXPOSURE.mush)})` }} />
        <span className="absolute inset-y-0 rounded-sm bg-ink/20" style={{ left: at(clock.exposure / RIPENESS_SPREAD), right: `calc(100% - ${at(clock.exposure * RIPENESS_SPREAD)})` }} />
        <span className="absolute inset-y-0 w-1 rounded bg-ink" style={{ left: `calc(${at(clock.exposure)} - 2px)` }} />
      </div>
      <div className="flex max-w-xl justify-between text-[12px] text-muted"><span>nothing yet</span><span>tender</span><span>mush</span></div>
      <p className="text-[14px] text-muted">Stop between {formatRoughly(clock.stopAfterHours.from * 60)} and {formatRoughly(clock.stopAfterHours.to * 60)} at this thickness. Ripeness changes it several-fold (the grey band), and it goes on working while it heats. An index set to what cooks do, no measurement.</p>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <label className="flex items-center gap-2">Instead of {formatMass(grams(main.dosePercent), style)} {main.fruit.name.toLowerCase()}:
          <select className="h-10 rounded border border-grout bg-panel px-2" value={other} onChange={(event) => setOther(event.target.value)}>
            <option value="">another fruit</option>
            {FRUITS.filter(({ id }) => id !== main.fruit.id).map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
          </select></label>
        {swap && <span role="status">{swapped === undefined ? `${swap.flavour}.` : <><strong>{formatMass(grams(swapped), style)}</strong> of purée{swap.pureeG ? `, about ${formatNumber(Math.max(0.5, Math.round((grams(swapped) / swap.pureeG) * 2) / 2), style.locale, 1)} of them` : ''}; {swap.flavour}.</>}</span>}
      </div>
    </section>
  );
}
