'use client';

import clsx from 'clsx';
import { SODA_PRACTICE, SODA_SCHOOLS, sodiumLeftMg, type SodaChoice, type SodaSchool } from '@/core/tenderizing';
import { formatDuration, formatLength, formatMass, formatNumber, massFigure } from '@/core/units';
import { shapeRow } from '@/core/ways';
import { UNRINSED_SODA_MAX_PERCENT } from '@/core/safety';
import { FORCE_NAMES, SHAPE_UNITS, SODA_NAMES, SODA_REASONS } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { FigureBox } from '../../primitives/figureBox';
import { MinutesField } from '../../primitives/quantities';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { CoatPanel } from './coatPanel';
import { ForcePanel } from './forcePanel';
import { FruitPanel } from './fruitPanel';
import { MeansTable } from './meansTable';
import { ProposalPanel } from './proposalPanel';

const TASTE_WORDS = {
  clean: 'tastes clean',
  borderline: 'may taste a little soapy',
  soapy: 'will taste soapy',
} as const;
const TASTE_SHOWN_TO = 3;

export function StageTenderize() {
  const { plan, fields, pin } = useBatchWork();
  const { style } = usePreferences();
  const { tenderize } = plan;
  const chosen = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  const choose = (choice: SodaChoice) =>
    pin({
      soda: choice === tenderize.judgement.soda ? undefined : choice,
      sodaPercent: undefined,
      sodaMin: undefined,
      sodaRinses: undefined,
    });
  const { pins } = fields;
  return (
    <Alive className="space-y-5">
      <ProposalPanel />
      <SodaCards onChoose={choose} />
      {chosen && tenderize.inMixPercent === 0 && (
        <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
          <Slider
            label="Soda, share of the meat"
            value={chosen.percent}
            figure={{ value: formatNumber(chosen.percent, style.locale, 2), unit: '%' }}
            min={0.1}
            max={tenderize.choice === 'leave-in' ? UNRINSED_SODA_MAX_PERCENT : 3.5}
            step={0.1}
            onChange={(sodaPercent) => pin({ sodaPercent: Math.round(sodaPercent * 100) / 100 })}
            pinned={pins.sodaPercent !== undefined}
            onUnpin={() => pin({ sodaPercent: undefined })}
            band={{ ...SODA_PRACTICE[tenderize.choice as SodaSchool].percent, words: 'common practice' }}
          />
          {tenderize.choice === 'rinse-off' && (
            <MinutesField
              label="It works for"
              value={chosen.soakMin}
              min={1}
              max={240}
              pinned={pins.sodaMin !== undefined}
              onUnpin={() => pin({ sodaMin: undefined })}
              onChange={(sodaMin) => pin({ sodaMin })}
              hint={`${formatDuration(chosen.minutes.from)} to ${formatDuration(chosen.minutes.to)} at ${formatLength(plan.slice.soakThicknessMm, style)}`}
            />
          )}
          {tenderize.choice === 'rinse-off' && (
            <Slider
              label="Rinses"
              value={chosen.rinses}
              figure={{ value: String(chosen.rinses), unit: 'changes of water' }}
              min={0}
              max={6}
              step={1}
              onChange={(sodaRinses) => pin({ sodaRinses })}
              pinned={pins.sodaRinses !== undefined}
              onUnpin={() => pin({ sodaRinses: undefined })}
              band={{ from: 2, to: 3, words: 'until the water is clear' }}
            />
          )}
        </div>
      )}
      <div className="grid items-start gap-4 md:grid-cols-2">
        <div className="space-y-4">
          <ForcePanel />
          <FruitPanel />
        </div>
        <CoatPanel />
      </div>
      <MeansTable />
      <p className="max-w-prose text-[14px] text-muted">
        Amounts follow the {formatMass(plan.piece.meatG, style)}, minutes follow the thickness. Soda works from the
        surface, so it is for slices, never for cubes.
      </p>
    </Alive>
  );
}

/** The two schools and none; no card to press where soda has no place, or is in the mix already. */
function SodaCards({ onChoose }: { onChoose: (choice: SodaChoice) => void }) {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { tenderize, slice } = plan;
  if (tenderize.inMixPercent > 0)
    return (
      <p className="panel px-4 py-3">
        <strong>The mix holds {formatNumber(tenderize.inMixPercent, style.locale, 2)} % of soda.</strong> It stays in
        and is counted in taste, sodium and bite; nothing is added to it. To change it, change the marinade.
      </p>
    );
  if (shapeRow(slice.shape).whole)
    return (
      <p className="panel px-4 py-3">
        <strong>No soda for {SHAPE_UNITS[slice.shape][1]}.</strong> {SODA_REASONS['thick-piece']}
      </p>
    );
  return (
    <div role="radiogroup" aria-label="Baking soda (bicarbonate)" className="grid gap-3 md:grid-cols-3">
      {SODA_SCHOOLS.map((school) => (
        <SchoolCard
          key={school}
          school={school}
          checked={tenderize.choice === school}
          advised={tenderize.judgement.soda === school}
          onChoose={() => onChoose(school)}
        />
      ))}
      <Card
        checked={tenderize.choice === 'skip'}
        advised={tenderize.judgement.soda === 'skip'}
        onChoose={() => onChoose('skip')}
        name={SODA_NAMES.skip}
      >
        <p className="mt-2 text-[14px] text-muted">
          Nothing to weigh, nothing to rinse. Right for tender cuts; slice thin and across the grain.
        </p>
      </Card>
    </div>
  );
}

interface CardProps {
  name: string;
  checked: boolean;
  advised: boolean;
  onChoose: () => void;
  children: React.ReactNode;
}

function Card({ name, checked, advised, onChoose, children }: CardProps) {
  return (
    <button
      type="button"
      role="radio"
      aria-checked={checked}
      onClick={onChoose}
      className={clsx(
        'flex flex-col items-stretch rounded border-2 bg-panel px-4 py-3 text-left',
        checked ? 'border-enamel' : 'border-grout hover:border-enamel-soft',
      )}
    >
      <span className="flex items-center justify-between gap-2">
        <span className="text-[17px] font-semibold">{name}</span>
        <span
          aria-hidden="true"
          className={clsx('size-4 rounded-full border-2', checked ? 'border-[5px] border-enamel' : 'border-muted')}
        />
      </span>
      {advised && <span className="text-[12px] font-semibold text-enamel-soft">proposed here</span>}
      {children}
    </button>
  );
}

function SchoolCard({ school, ...card }: Omit<CardProps, 'name' | 'children'> & { school: SodaSchool }) {
  const { plan, fields } = useBatchWork();
  const { style } = usePreferences();
  const advice = plan.tenderize.schools[school];
  const dose = massFigure(advice.sodaG, style);
  const left = sodiumLeftMg(advice);
  const each = (mg: number) => formatNumber(mg / 1000 / fields.people, style.locale, 2);
  const taste = advice.verdict.split(', ')[1] as keyof typeof TASTE_WORDS;
  return (
    <Card {...card} name={SODA_NAMES[school]}>
      <span className="figure mt-2 text-[38px]">
        {dose.value}
        <span className="ml-1 text-[0.5em] text-muted">{dose.unit}</span>
      </span>
      <span className="mt-1 font-semibold">
        {advice.spoken.spoken}
        {Math.abs(advice.spoken.errorPercent) > 5 && (
          <span className="font-normal text-muted">
            {' '}
            ({advice.spoken.errorPercent > 0 ? '+' : '−'}
            {formatNumber(Math.abs(advice.spoken.errorPercent), style.locale)} %, weigh it)
          </span>
        )}
      </span>
      <span className="mt-2 text-[14px]">
        {school === 'leave-in'
          ? `Mixed into the marinade and there for all of its ${formatDuration(plan.marinate.minutes)}, nothing after`
          : `${formatDuration(advice.minutes.from)} to ${formatDuration(advice.minutes.to)} at ${formatLength(plan.slice.soakThicknessMm, style)}, rubbed in with about ${advice.oilSpoken} of oil; then ${advice.rinses} changes of water and ${formatDuration(advice.drainMin)} draining`}
      </span>
      <span
        className="relative mt-3 h-2 rounded bg-[linear-gradient(90deg,#9cc4a5_43%,#e3cf9a_43%_66%,#c98a8a_66%)]"
        aria-hidden="true"
      >
        <span
          className="absolute -top-1 h-4 w-1 rounded bg-ink"
          style={{ left: `${Math.min(98, (100 * advice.taste) / TASTE_SHOWN_TO)}%` }}
        />
      </span>
      <span className="mt-1 text-[13px] text-muted">
        {TASTE_WORDS[taste]}; sodium{' '}
        {each(left.from) === each(left.to) ? each(left.to) : `${each(left.from)} to ${each(left.to)}`} g each
        {school === 'rinse-off' && ', rinsed'}. An estimate.
      </span>
    </Card>
  );
}

export function TenderizeFigures() {
  const { plan, cut } = useBatchWork();
  const { style } = usePreferences();
  const { tenderize } = plan;
  const { force } = tenderize;
  const forced = force && (
    <FigureBox
      label={FORCE_NAMES[force.force]}
      figure={{ value: formatNumber(force.handsMin, style.locale), unit: 'min' }}
      note={`${force.when} slicing${force.areaFactor > 1 ? `, to ${formatLength(force.pieceMm.thicknessMm, style)}` : ''}`}
    />
  );
  if (tenderize.choice === 'skip') {
    return (
      <>
        <FigureBox
          label="Soda"
          size="huge"
          figure={{ value: 'none', unit: '' }}
          note={tenderize.judgement.soda === 'skip' ? SODA_REASONS[tenderize.judgement.sodaReason] : 'As you chose.'}
        />
        {forced}
      </>
    );
  }
  const advice = tenderize.schools[tenderize.choice];
  return (
    <>
      <FigureBox
        label="Soda for this batch"
        size="huge"
        figure={massFigure(advice.sodaG, style)}
        note={advice.spoken.spoken}
      />
      <FigureBox
        label="It works for"
        figure={{ value: formatDuration(advice.soakMin), unit: '' }}
        note={`${cut.name}, reckoned at ${formatLength(plan.slice.soakThicknessMm, style)}`}
      />
      {forced}
    </>
  );
}
