'use client';

import dynamic from 'next/dynamic';
import { useDeferredValue, useMemo } from 'react';
import { LIMITS, type MarinatePlan } from '@/core/batches';
import { uptakeCurve } from '@/core/marinades';
import { SODIUM_REFERENCE_MG_PER_DAY } from '@/core/safety';
import {
  areaFigure,
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  joinFigure,
  massFigure,
} from '@/core/units';
import { saltBand } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Choice } from '../../primitives/choice';
import { FigureBox } from '../../primitives/figureBox';
import { Link } from '../../primitives/link';
import { orAgain } from '../../primitives/orAgain';
import { PinMark } from '../../primitives/pinMark';
import { MinutesField } from '../../primitives/quantities';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { LineTable } from '../marinades/lineTable';
import { useBatchWork } from './batchContext';
import { WhatGetsIn } from './whatGetsIn';

/** Sugar on the meat, share of its weight, from which its curve is drawn. */
const WORTH_A_CURVE = 0.005;
/** Less water in it than this share, and it does not flow. */
const DRY = 0.2;
const STEP_MIN = 5;
/** Where the chart may end, min: so that it stands still while the time is moved. */
const CHART_ENDS_MIN = [60, 90, 120, 180, 240, 360, 480, 720, 1080, 1440, 2160, 2880, 4320, 5760, 7200];
const ENOUGH_WORDS = {
  short: 'hardly enough to coat it: add liquid, or rub it in',
  enough: 'enough to coat it',
  plenty: 'more than it takes: the rest stays in the bag',
} as const;

const UptakeChart = dynamic(
  orAgain(() => import('./uptakeChart').then((part) => part.default)),
  { ssr: false, loading: () => <div className="h-[280px]" aria-hidden="true" /> },
);

export function StageMarinate() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { marinate, piece } = plan;
  return (
    <Alive className="space-y-5">
      <p className="max-w-prose text-muted">
        Amounts follow the {formatMass(piece.meatG, style)}. Hours follow the thickness,{' '}
        {formatLength(marinate.diffusion.thicknessMm, style)}.
      </p>
      <TheMix />
      <SaltOverTime />
      <TimeAndPlace />
      <WhatGetsIn />
    </Alive>
  );
}

/** The list for this weight, what it does on the slices, and how it cools where it is simmered. */
function TheMix() {
  const { plan, marinade, pin } = useBatchWork();
  const { style } = usePreferences();
  const { marinate, piece, slice } = plan;
  const dry = marinate.onMeat.waterG < DRY * marinate.onMeat.massG;
  return (
    <section>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h3>
          {marinade.name}, for {formatMass(piece.meatG, style)}
        </h3>
        <Link href={`/marinades/${marinade.id}`} className="text-[14px] underline underline-offset-4">
          the marinade in the book
        </Link>
      </div>
      <LineTable lines={marinate.lines} measured={marinate.measured} unread={marinade.unread} />
      <p className="mt-3 text-[14px]">
        {dry ? (
          'A dry rub: rub it into every face, the salt draws its own brine.'
        ) : (
          <>
            A film of <strong>{formatLength(marinate.coat.filmMm, style)}</strong> over{' '}
            {joinFigure(areaFigure(slice.coatAreaM2, style))} of slices: {ENOUGH_WORDS[marinate.coat.enough]}.
          </>
        )}{' '}
        It fits a bag of {formatNumber(marinate.coat.bagMl / 1000, style.locale, 1)} l, the air squeezed out.
      </p>
      {plan.sides.cooling && (
        <div className="mt-3 rounded border border-brass-line bg-brass-tint px-3 py-2.5">
          <p>
            <strong>Cool it first:</strong> {formatDuration(plan.sides.cooling.minutes.from)} to{' '}
            {formatDuration(plan.sides.cooling.minutes.to)}{' '}
            {plan.sides.cooling.place === 'bench' ? 'on the counter' : 'in iced water'}, an estimate. Warm it would
            start to cook the surface.
          </p>
          <div className="mt-2">
            <Choice
              label="Where it cools"
              value={plan.sides.cooling.place}
              options={[
                { value: 'bench', name: 'On the counter' },
                { value: 'ice-bath', name: 'In iced water' },
              ]}
              onChange={(coolIn) => pin({ coolIn: coolIn === 'bench' ? undefined : coolIn })}
            />
          </div>
        </div>
      )}
    </section>
  );
}

/** How much of the salt has arrived, when, and where. */
function SaltOverTime() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { marinate, piece } = plan;
  const wantedMin =
    1.12 * Math.max(marinate.minutes, Math.min(marinate.window.to, marinate.uptake.minutesTo.centre.p90 * 1.6));
  const untilMin = CHART_ENDS_MIN.find((end) => end >= wantedMin) ?? wantedMin;
  // Looked at again only when what is asked has changed.
  const asked = useDeferredValue(JSON.stringify([marinate.diffusion, untilMin]));
  const { curve, endMin } = useMemo(() => {
    const [diffusion, end] = JSON.parse(asked) as [MarinatePlan['diffusion'], number];
    return { curve: uptakeCurve(diffusion, end), endMin: end };
  }, [asked]);
  const sweet = marinate.onMeat.sugarG / piece.meatG > WORTH_A_CURVE;
  const stopMin = marinate.fruit && marinate.fruit.stopAfterHours.from * 60;
  const sour = marinate.acid || marinate.sour;
  const share = (fraction: number | null) => formatNumber(100 * (fraction ?? 0), style.locale);
  return (
    <figure className="panel overflow-hidden px-3 pb-2 pt-3">
      <figcaption className="px-2 text-[14px]">
        Salt that has arrived, share of the final{' '}
        {formatNumber(marinate.uptake.equilibriumSaltPercent, style.locale, 1)} %.{' '}
        {marinate.minutes > 0 && (
          <>
            By {formatDuration(marinate.minutes)}:{' '}
            <strong>
              {share(marinate.uptake.averageFraction)} % in the whole slice, {share(marinate.uptake.centreFraction)} %
              in its middle
            </strong>
            .
          </>
        )}
      </figcaption>
      <UptakeChart
        curve={curve}
        untilMin={endMin}
        minutes={marinate.minutes}
        fromMin={marinate.window.from}
        toMin={marinate.window.to}
        stopMin={stopMin}
        sugar={sweet}
        acid={Boolean(sour)}
      />
      <Key sweet={sweet} sour={sour} fruit={stopMin !== undefined && stopMin < endMin} />
    </figure>
  );
}

/** What the lines and areas of the chart are. */
const Key = ({ sweet, sour, fruit }: { sweet: boolean; sour: boolean; fruit: boolean }) => (
  <div className="flex flex-wrap gap-x-5 gap-y-1 px-2 pb-1 text-[13px] text-muted">
    <span>
      <span className="mr-1.5 inline-block h-[3px] w-6 bg-enamel align-middle" />
      salt, whole slice, bag turned
    </span>
    <span>
      <span className="mr-1.5 inline-block h-px w-6 bg-enamel align-middle" />
      stacked
    </span>
    <span>
      <span className="mr-1.5 inline-block w-6 border-t-2 border-dashed border-enamel align-middle" />
      its middle; band: stacked to stirred, and what is not known
    </span>
    {sweet && (
      <span>
        <span className="mr-1.5 inline-block size-3 bg-[#a0703a]/50 align-middle" />
        sugar
      </span>
    )}
    {sour && (
      <span>
        <span className="mr-1.5 inline-block size-3 bg-[#9a8a1e]/50 align-middle" />
        acid
      </span>
    )}
    <span>
      <span className="mr-1.5 inline-block size-3 bg-enamel-tint align-middle" />
      customary time
    </span>
    {fruit && (
      <span>
        <span className="mr-1.5 inline-block size-3 bg-[#c98a8a]/40 align-middle" />
        too long for the fruit
      </span>
    )}
  </div>
);

/** How long, where, what is held back, and what it lands at. */
function TimeAndPlace() {
  const { plan, fields, marinade, pin } = useBatchWork();
  const { style } = usePreferences();
  const { marinate } = plan;
  const { pins } = fields;
  return (
    <div className="grid items-start gap-x-8 gap-y-4 md:grid-cols-2">
      <MarinadeSlider />
      <MinutesField
        label="Time in the marinade, typed"
        value={marinate.minutes}
        {...LIMITS.minutes}
        onChange={(marinadeMin) => pin({ marinadeMin })}
        hint="to 72 h"
      />
      <div>
        <div className="mb-1.5 flex min-h-8 items-end gap-2 text-[14px] text-muted">
          Where {pins.marinadePlace && <PinMark what="where" onUnpin={() => pin({ marinadePlace: undefined })} />}
        </div>
        <Choice
          label="Where it marinates"
          value={marinate.place}
          options={[
            { value: 'fridge', name: 'Fridge' },
            { value: 'counter', name: 'Counter, 1 h at most' },
          ]}
          onChange={(place) => pin({ marinadePlace: place === 'fridge' ? undefined : place })}
        />
      </div>
      <Slider
        label="Hold back before mixing"
        value={Math.round(100 * (pins.holdBackShare ?? marinade.holdBackShare))}
        figure={massFigure(marinate.heldBackG, style)}
        min={0}
        max={50}
        step={1}
        onChange={(value) => pin({ holdBackShare: value / 100 })}
        pinned={pins.holdBackShare !== undefined}
        onUnpin={() => pin({ holdBackShare: undefined })}
        ends={['nothing', 'half of the mix']}
      />
      <LandAt />
      <label className="flex items-start gap-2.5 pt-2 text-[14px]">
        <input
          type="checkbox"
          className="mt-0.5 size-5 accent-[#0e3b34]"
          checked={Boolean(pins.splitAfterMixing)}
          onChange={(event) => pin({ splitAfterMixing: event.target.checked || undefined })}
        />
        <span>I forgot: the part for {marinade.holdBackFor ?? 'later'} comes out of the mix that touched the meat</span>
      </label>
    </div>
  );
}

/** The salt the meat is to end at: the mix is worked out again for it. */
function LandAt() {
  const { plan, fields, pin } = useBatchWork();
  const { style } = usePreferences();
  const { marinate } = plan;
  const { pins } = fields;
  return (
    <div>
      <Slider
        label="Make it land at"
        value={pins.saltPercent ?? marinate.uptake.equilibriumSaltPercent}
        figure={{
          value: formatNumber(pins.saltPercent ?? marinate.uptake.equilibriumSaltPercent, style.locale, 2),
          unit: '% salt',
        }}
        min={0.3}
        max={2.2}
        step={0.05}
        onChange={(value) => pin({ saltPercent: Math.round(value * 100) / 100 })}
        pinned={pins.saltPercent !== undefined}
        onUnpin={() => pin({ saltPercent: undefined })}
        band={saltBand(style)}
      />
      <p className="text-[13px] text-muted">Salt and salty sauces are worked out again, the rest stays.</p>
      {marinate.saltReach && (
        <p role="alert" className="font-medium text-ox">
          This mix can land between {formatNumber(marinate.saltReach.from, style.locale, 2)} and{' '}
          {formatNumber(marinate.saltReach.to, style.locale, 2)} %; it is shown as it is written.
        </p>
      )}
    </div>
  );
}

/** To 72 h on one track: minutes have as much room on it as days. */
function MarinadeSlider() {
  const { plan, fields, pin } = useBatchWork();
  const { minutes, window, custom } = plan.marinate;
  const place = (min: number) => 1000 * Math.sqrt(min / LIMITS.minutes.max);
  const take = (at: number) => {
    const wished = Math.round((LIMITS.minutes.max * (at / 1000) ** 2) / STEP_MIN) * STEP_MIN;
    // A press of an arrow key moves it by five minutes at least.
    const moved = at > place(minutes) ? Math.max(wished, minutes + STEP_MIN) : Math.min(wished, minutes - STEP_MIN);
    pin({ marinadeMin: Math.min(LIMITS.minutes.max, Math.max(0, moved)) });
  };
  return (
    <Slider
      label="Time in the marinade"
      value={place(minutes)}
      figure={{ value: formatDuration(minutes), unit: '' }}
      min={0}
      max={1000}
      step={1}
      onChange={take}
      pinned={fields.pins.marinadeMin !== undefined}
      onUnpin={() => pin({ marinadeMin: undefined })}
      band={{
        from: place(window.from),
        to: place(window.to),
        words: `${formatDuration(window.from)} to ${formatDuration(window.to)} for this mix; the way’s custom is ${formatDuration(custom.from)} to ${formatDuration(custom.to)}`,
      }}
      ends={['none', '72 h']}
    />
  );
}

export function MarinateFigures() {
  const { plan, fields } = useBatchWork();
  const { style } = usePreferences();
  const { marinate } = plan;
  const { from, to } = marinate.sodiumMgPerPortion;
  const grams = (mg: number) => formatNumber(mg / 1000, style.locale, 1);
  const sugar = [marinate.onMeat.sugarG, marinate.whole.sugarG];
  return (
    <>
      <FigureBox
        label="Salt in the meat, in the end"
        size="huge"
        figure={{ value: formatNumber(marinate.uptake.equilibriumSaltPercent, style.locale, 2), unit: '%' }}
        note="once meat and liquid hold the same brine"
      />
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox label="Mixture" figure={massFigure(marinate.whole.massG, style)} />
        <FigureBox label="Held back" figure={massFigure(marinate.heldBackG, style)} />
      </div>
      <FigureBox
        label="Sodium, each"
        figure={{ value: grams(from) === grams(to) ? grams(from) : `${grams(from)}–${grams(to)}`, unit: 'g' }}
        note={`of about ${SODIUM_REFERENCE_MG_PER_DAY / 1000} g a day (WHO, from memory); how much mix is eaten is not known`}
      />
      <FigureBox
        label="Sugar, each"
        figure={{
          value: sugar
            .map((massG) => formatNumber(massG / fields.people, style.locale, 1))
            .filter((one, index, all) => all.indexOf(one) === index)
            .join('–'),
          unit: 'g',
        }}
        note="in the part on the meat, and in the whole mix"
      />
    </>
  );
}
