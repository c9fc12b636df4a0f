'use client';

import { FRUIT_INGREDIENTS } from '@/core/marinades';
import {
  EXPOSURE,
  exposureSpans,
  FRUIT_STOP_H,
  FRUITS,
  RIPENESS_SPREAD,
  swapFruit,
  type ExposureSpans,
  type Fruit,
} from '@/core/tenderizing';
import { formatDuration, formatMass, formatNumber, formatRoughly, formatTemperature } from '@/core/units';
import { ENZYME_WORDS } from '@/core/words';
import { PinMark } from '../../primitives/pinMark';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { BatchPlan } from '@/core/batches';

const SHOWN_TO = 4;
/** More purée than this is a sauce; less of it cannot be spread. */
const MOST_PERCENT = 20;
/** Share by which spoken pieces may miss what is weighed. */
const PIECES_WITHIN = 0.25;
const LEAST_PERCENT = 1;
const USUAL: Pick<Fruit, 'activity'> & { dosePercent: number } = { activity: 1, dosePercent: 10 };
const CHOICES = FRUITS.filter(({ id }) => FRUIT_INGREDIENTS.some((one) => one.id === id));
const span = ({ from, to }: { from: number; to: number }) =>
  from >= FRUIT_STOP_H ? `not in ${FRUIT_STOP_H} h` : `${formatRoughly(from * 60)} to ${formatRoughly(to * 60)}`;
/** The clock, in the colours of its bar. */
const SPANS: readonly { name: string; colour: string; words: (spans: ExposureSpans) => string }[] = [
  { name: 'gentle', colour: '#c9e2d8', words: ({ gentle }) => span(gentle) },
  { name: 'tender', colour: '#7fbf9f', words: ({ tender }) => span(tender) },
  { name: 'stop', colour: '#e3cf9a', words: ({ stop }) => span(stop) },
  {
    name: 'mush',
    colour: '#c98a8a',
    words: ({ stop }) =>
      stop.to >= FRUIT_STOP_H ? `not in ${FRUIT_STOP_H} h` : `after ${formatRoughly(stop.to * 60)}`,
  },
];
const at = (exposure: number) => `${(100 * Math.min(SHOWN_TO, exposure)) / SHOWN_TO}%`;
const dose = (percent: number) => Math.round(Math.min(MOST_PERCENT, Math.max(0.2, percent)) * 10) / 10;

/** Fresh fruit in the marinade: which, how much of it, how far it goes by the time the meat comes out, and another in its place. */
export function FruitPanel() {
  const { plan, fields, pin } = useBatchWork();
  const { style } = usePreferences();
  const { fruit: clock, minutes } = plan.marinate;
  const { fruitId, fruitPercent } = fields.pins;
  const main = clock?.fruits.reduce((a, b) =>
    b.fruit.activity * b.dosePercent ** 0.8 > a.fruit.activity * a.dosePercent ** 0.8 ? b : a,
  );
  const chosen = CHOICES.find(({ id }) => id === fruitId) ?? main?.fruit;
  const percent = fruitPercent ?? main?.dosePercent;
  /** So much of another works as hard; where it cannot, a usual dose, and the clock gives it longer. */
  const take = (id: string) => {
    const fruit = CHOICES.find((one) => one.id === id);
    if (!fruit) return pin({ fruitId: id === 'none' ? 'none' : undefined, fruitPercent: undefined });
    const from = main ?? { fruit: USUAL, dosePercent: USUAL.dosePercent };
    pin({
      fruitId: id,
      fruitPercent: dose(Math.max(LEAST_PERCENT, swapFruit(from.fruit, from.dosePercent, fruit) ?? USUAL.dosePercent)),
    });
  };
  return (
    <section className="panel space-y-2.5 px-4 py-3" aria-label="Fruit in the marinade">
      <div className="flex items-center gap-2">
        <h3>Fruit in the marinade</h3>
        {fruitId !== undefined && (
          <PinMark what="fruit" onUnpin={() => pin({ fruitId: undefined, fruitPercent: undefined })} />
        )}
      </div>
      <label className="flex flex-wrap items-center gap-2 text-[14px]">
        Fruit
        <select
          aria-label="Fruit"
          className="h-10 min-w-0 rounded border border-grout bg-panel px-2 font-semibold"
          value={fruitId ?? ''}
          onChange={(event) => take(event.target.value)}
        >
          <option value="">
            {main && fruitId === undefined ? `as in the mix: ${main.fruit.name.toLowerCase()}` : 'as in the mix'}
          </option>
          <option value="none">none</option>
          {CHOICES.map(({ id, name, strength }) => (
            <option key={id} value={id}>
              {name}
              {strength === 'none' ? ', flavour only' : strength === 'strong' ? ', strong' : ''}
            </option>
          ))}
        </select>
      </label>
      {fruitId !== undefined && fruitId !== 'none' && percent !== undefined && (
        <Slider
          label="Purée on the meat"
          value={percent}
          figure={{ value: formatNumber(percent, style.locale, 1), unit: '% of the meat' }}
          min={0.2}
          max={MOST_PERCENT}
          step={0.1}
          onChange={(value) => pin({ fruitPercent: dose(value) })}
          ends={['a trace', 'a fifth of its weight']}
        />
      )}
      {chosen && percent !== undefined && fruitId !== 'none' && (
        <Puree fruit={chosen} percent={percent} meatG={plan.piece.meatG} />
      )}
      {clock && main ? (
        <ClockOfFruit clock={clock} minutes={minutes} tempC={plan.marinate.tempC} />
      ) : (
        <p className="text-[14px] text-muted">
          {fruitId === 'none'
            ? 'Left out.'
            : chosen
              ? 'It sweetens and flavours, and does not tenderize.'
              : 'No fresh fruit in this mix. Tender cuts need none; strong fruit is for thick or very tough pieces and for a short time.'}
        </p>
      )}
    </section>
  );
}

interface PureeProps {
  fruit: Fruit;
  percent: number;
  meatG: number;
}

/** How much purée that is, in fruits only where that is near what is weighed. */
function Puree({ fruit, percent, meatG }: PureeProps) {
  const { style } = usePreferences();
  const grams = (share: number) => formatMass((share / 100) * meatG, style);
  const sugarFraction = FRUIT_INGREDIENTS.find(({ id }) => id === fruit.id)?.sugarFraction ?? 0;
  const pieces = fruit.pureeG ? ((percent / 100) * meatG) / fruit.pureeG : 0;
  const halves = Math.round(2 * pieces) / 2;
  const whole = halves > 0 && Math.abs(halves / pieces - 1) <= PIECES_WITHIN ? halves : undefined;
  return (
    <p className="text-[14px]">
      <strong>{grams(percent)}</strong> of purée on the meat
      {whole
        ? whole < 1
          ? ', about half of one'
          : `, about ${formatNumber(whole, style.locale, 1)} of them`
        : ''}: {fruit.flavour}; {grams(percent * sugarFraction)} of sugar. Purée clings better than dice.
    </p>
  );
}

interface ClockProps {
  clock: NonNullable<BatchPlan['marinate']['fruit']>;
  minutes: number;
  tempC: number;
}

/** How far the fruit goes by the time the meat comes out, and when it would be too far. */
function ClockOfFruit({ clock, minutes, tempC }: ClockProps) {
  const { style } = usePreferences();
  return (
    <>
      <p>
        {clock.fruits.map((one) => `${one.fruit.name} ${formatNumber(one.dosePercent, style.locale, 1)} %`).join(', ')}.
        After {formatDuration(minutes)}: <strong>{ENZYME_WORDS[clock.verdict]}</strong>.
      </p>
      <ClockBar clock={clock} minutes={minutes} />
      <dl aria-label="The clock of the fruit" className="grid grid-cols-2 gap-x-4 gap-y-2 text-[14px]">
        {SPANS.map(({ name, colour, words }) => (
          <div key={name} className="border-l-[5px] pl-2 leading-snug" style={{ borderColor: colour }}>
            <dt className="text-[13px] text-muted">{name}</dt>
            <dd className="font-semibold">{words(exposureSpans(clock.perHour)!)}</dd>
          </div>
        ))}
      </dl>
      <p className="text-[14px] text-muted">
        At this thickness and {formatTemperature(tempC, style)}; with fruit {FRUIT_STOP_H} h is the end. Ripeness
        changes it several-fold (the grey band), and it goes on working while it heats. An index set to what cooks do,
        no measurement.
      </p>
    </>
  );
}

const ClockBar = ({ clock, minutes }: Pick<ClockProps, 'clock' | 'minutes'>) => (
  <div
    className="relative h-4"
    role="img"
    aria-label={`Fruit after ${formatDuration(minutes)}: ${ENZYME_WORDS[clock.verdict]}; ripeness makes it between half and twice as much`}
  >
    <div
      className="absolute inset-y-1 w-full rounded"
      style={{
        background: `linear-gradient(90deg, #e6ecea ${at(EXPOSURE.slight)}, #c9e2d8 ${at(EXPOSURE.slight)} ${at(EXPOSURE.tender)}, #7fbf9f ${at(EXPOSURE.tender)} ${at(EXPOSURE.stop)}, #e3cf9a ${at(EXPOSURE.stop)} ${at(EXPOSURE.mush)}, #c98a8a ${at(EXPOSURE.mush)})`,
      }}
    />
    <span
      className="absolute inset-y-0 rounded-sm bg-ink/20"
      style={{
        left: at(clock.exposure / RIPENESS_SPREAD),
        right: `calc(100% - ${at(clock.exposure * RIPENESS_SPREAD)})`,
      }}
    />
    <span className="absolute inset-y-0 w-1 rounded bg-ink" style={{ left: `calc(${at(clock.exposure)} - 2px)` }} />
  </div>
);
