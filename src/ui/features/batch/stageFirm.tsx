'use client';

import { useDeferredValue, useState } from 'react';
import { BatchPlan, LIMITS, USUAL_FREEZER, WRAPS, type Wrap } from '@/core/batches';
import {
  firmnessOf,
  FREEZER_PRESETS,
  Moment,
  SOLVED_SHAPES,
  type FreezerPreset,
  type SolvedShape,
  type ThawPlace,
} from '@/core/firming';
import { formatDuration, formatNumber, formatTemperature } from '@/core/units';
import { FIRMNESS_NAMES, FREEZER_NAMES, SOLID_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { CheckField } from '../../primitives/checkField';
import { Choice } from '../../primitives/choice';
import { PinMark } from '../../primitives/pinMark';
import { MinutesField, TemperatureField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { FirmingChart } from '../board/firmingChart';
import { FirmnessQuestion } from '../board/firmnessReport';
import { FrozenShell, ShellKey } from '../board/frozenShell';
import { useFirming } from '../board/useFirming';
import { useBatchWork } from './batchContext';

const WRAP_NAMES: Record<Wrap, string> = { none: 'Bare', tight: 'Film, tight', loose: 'Slack bag' };
const PLACE_NAMES: Record<ThawPlace, string> = { fridge: 'In the fridge', bench: 'On the board' };
const selectLook = 'condensed h-11 w-full max-w-72 rounded border border-grout bg-panel px-3 text-[16px] font-semibold';

/** Firming a fresh piece, or tempering a frozen one: what the freezing model says of it, over time and through the piece. */
export function StageFirm() {
  const { plan, fields, pin } = useBatchWork();
  const { firm } = plan;
  const frozen = firm.state.is === 'frozen';
  const [looked, setLooked] = useState<number>();
  return (
    <Alive className="space-y-5">
      <HowItComes onFrozen={() => setLooked(undefined)} />
      {!frozen && (
        <CheckField
          checked={fields.pins.firmMin === 0}
          onChange={(on) => pin({ firmMin: on ? 0 : undefined })}
          label="No freezer"
          note="Cut fridge-cold: thicker slices, a sharper knife, and the piece goes back into the fridge when it softens."
        />
      )}
      {!firm.needed && (
        <p className="panel px-4 py-3">
          Nothing here has to be firm:{' '}
          {plan.slice.comesSliced
            ? 'it comes sliced'
            : firm.minutes === 0
              ? 'you cut it without a freezer'
              : plan.leftOut.includes('freezer')
                ? 'there is no time left for the freezer'
                : 'this is cut from fridge-cold meat'}
          . The model below shows what the freezer would do; give minutes to plan them all the same.
        </p>
      )}
      <OverTime looked={looked} onLook={setLooked} />
      <FreezerAndPiece />
      {!frozen && firm.needed && <FirmnessQuestion />}
      <p className="max-w-prose text-[14px] text-muted">
        Half-frozen meat cuts thin; warm meat squashes. An estimate from a model of heat and ice, set so that cooks’
        customary times come out; real meat may start 5 to 15 min later. Not for bony, crooked or stacked pieces, and no
        statement about safety: press it and see.
      </p>
    </Alive>
  );
}

/** Fresh or frozen, and where a frozen one tempers. */
function HowItComes({ onFrozen }: { onFrozen: () => void }) {
  const { plan, pin } = useBatchWork();
  const { firm } = plan;
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-3">
      <Choice
        label="It comes"
        value={firm.state.is === 'frozen' ? 'frozen' : 'fresh'}
        options={[
          { value: 'fresh', name: 'Fridge-cold' },
          { value: 'frozen', name: 'Frozen solid' },
        ]}
        onChange={(state) => {
          onFrozen();
          pin({ frozen: state === 'frozen' ? true : undefined, firmMin: undefined });
        }}
      />
      {firm.state.is === 'frozen' && (
        <Choice
          label="Where it tempers"
          value={firm.state.input.place}
          options={(Object.keys(PLACE_NAMES) as ThawPlace[]).map((value) => ({ value, name: PLACE_NAMES[value] }))}
          onChange={(thawPlace) => pin({ thawPlace, firmMin: undefined })}
        />
      )}
    </div>
  );
}

/** The course the plan needs to show: past its own minutes, and past where it gets too hard. */
function shownUntilMin(firm: BatchPlan['firm'], endMin: number): number {
  const tooHardMin = firm.state.is === 'fresh' ? (firm.state.times.tooHardFromMin ?? 0) : 0;
  return Math.max(30, Math.min(endMin, Math.max(firm.minutes * 1.25, firm.to * 1.3, tooHardMin * 1.08)));
}

interface OverTimeProps {
  /** The minute that is looked at, where another than the planned one. */
  looked: number | undefined;
  onLook: (minutes: number | undefined) => void;
}

/** The piece cut through at one minute, and its whole course below. */
function OverTime({ looked, onLook }: OverTimeProps) {
  const { plan, cut, pin } = useBatchWork();
  const { style } = usePreferences();
  const { firm } = plan;
  const { freezingPointC } = cut;
  const question = useDeferredValue(firm.state);
  const { solved, slow, failed, cancel, again } = useFirming(question);
  const course = solved?.result.course ?? [];
  const untilMin = shownUntilMin(firm, course[course.length - 1]?.minutes ?? 0);
  const atMin = Math.round(Math.min(looked ?? firm.minutes, untilMin));
  const moment = course.find(({ minutes }) => minutes >= atMin) ?? course[course.length - 1];
  const film = solved?.result.film;

  return (
    <section className="panel px-4 py-4" aria-busy={slow}>
      {film && moment && (
        <FrozenShell
          film={film}
          minutes={atMin}
          animal={cut.animal}
          describe={`Cut through the piece after ${formatDuration(atMin)}: ${formatNumber(moment.iceFraction * 100, style.locale)} % of its water is ice, the middle is at ${formatTemperature(moment.coreC, style)}`}
        />
      )}
      {film && <ShellKey />}
      <p className="mt-3 text-center text-[16px]">
        {moment ? (
          <AfterWords moment={moment} atMin={atMin} freezingPointC={freezingPointC} />
        ) : failed ? (
          'The model did not run.'
        ) : (
          'Working it out…'
        )}
      </p>
      {course.length > 0 && (
        <FirmingChart
          course={course}
          startC={firm.state.input.startC}
          freezingPointC={freezingPointC}
          untilMin={untilMin}
          atMin={atMin}
          onDrag={onLook}
          style={style}
        />
      )}
      <p className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1 text-[13px] text-muted">
        <CurveKey />
        <span className="grow">drag the time</span>
        {looked !== undefined && looked !== firm.minutes && (
          <Button
            look="plain"
            onClick={() => {
              pin({ firmMin: Math.max(1, atMin) });
              onLook(undefined);
            }}
          >
            Plan {formatDuration(atMin)}
          </Button>
        )}
        {slow && (
          <span role="status">
            Solving…{' '}
            <button type="button" className="underline" onClick={cancel}>
              Stop
            </button>
          </span>
        )}
        {failed && (
          <button type="button" className="underline" onClick={again}>
            Try again
          </button>
        )}
      </p>
    </section>
  );
}

interface AfterWordsProps {
  moment: Moment;
  atMin: number;
  freezingPointC: number;
}

function AfterWords({ moment, atMin, freezingPointC }: AfterWordsProps) {
  const { style } = usePreferences();
  const us = style.system === 'us';
  const degrees = (tempC: number) =>
    `${formatNumber(us ? tempC * 1.8 + 32 : tempC, style.locale, 1)} ${us ? '°F' : '°C'}`;
  return (
    <>
      After <strong className="figure text-[22px]">{formatDuration(atMin)}</strong>:{' '}
      <strong>{FIRMNESS_NAMES[firmnessOf(moment, freezingPointC)]}</strong>,{' '}
      {formatNumber(moment.iceFraction * 100, style.locale)} % of the water is ice; middle {degrees(moment.coreC)}, face{' '}
      {degrees(moment.surfaceC)}
    </>
  );
}

const CurveKey = () => (
  <>
    <span>
      <span className="mr-1.5 inline-block h-0.5 w-6 bg-enamel align-middle" />
      ice
    </span>
    <span>
      <span className="mr-1.5 inline-block h-0.5 w-6 bg-ox align-middle" />
      middle
    </span>
    <span>
      <span className="mr-1.5 inline-block w-6 border-t-2 border-dashed border-ice align-middle" />
      face
    </span>
  </>
);

/** What the model is asked: minutes, freezer, wrap, form. */
function FreezerAndPiece() {
  const { plan, fields, pin, around } = useBatchWork();
  const { pins } = fields;
  const { firm } = plan;
  const frozen = firm.state.is === 'frozen';
  const freezer = around.freezer ?? USUAL_FREEZER;
  return (
    <div className="grid gap-x-6 gap-y-4 sm:grid-cols-2">
      <MinutesField
        label={frozen ? 'Minutes to temper' : 'Minutes in the freezer'}
        value={firm.minutes}
        min={0}
        max={2880}
        pinned={pins.firmMin !== undefined}
        onUnpin={() => pin({ firmMin: undefined })}
        onChange={(firmMin) => pin({ firmMin })}
        hint={frozen ? 'until the blade goes in by itself' : 'flat and plump: a bent piece freezes bent'}
      />
      <TemperatureField
        label="The freezer"
        value={pins.freezerC ?? freezer.tempC}
        {...LIMITS.freezerC}
        pinned={pins.freezerC !== undefined}
        onUnpin={() => pin({ freezerC: undefined })}
        onChange={(freezerC) => pin({ freezerC })}
        hint={pins.freezerC === undefined ? 'as under My kitchen' : undefined}
      />
      {!frozen && (
        <>
          <Select
            label="How it lies"
            value={pins.lies ?? freezer.lies}
            options={FREEZER_PRESETS.map((value) => [value, FREEZER_NAMES[value]])}
            pinned={pins.lies !== undefined}
            onUnpin={() => pin({ lies: undefined })}
            onChange={(lies) => pin({ lies: lies as FreezerPreset })}
          />
          <Select
            label="Wrapped"
            value={pins.wrap ?? 'none'}
            options={WRAPS.map((value) => [value, WRAP_NAMES[value]])}
            pinned={pins.wrap !== undefined}
            onUnpin={() => pin({ wrap: undefined })}
            onChange={(wrap) => pin({ wrap: wrap as Wrap })}
          />
          <TemperatureField
            label="The meat, going in"
            value={pins.startC ?? 4}
            {...LIMITS.startC}
            pinned={pins.startC !== undefined}
            onUnpin={() => pin({ startC: undefined })}
            onChange={(startC) => pin({ startC })}
          />
        </>
      )}
      <Select
        label="Form"
        value={firm.state.input.shape ?? 'block'}
        options={SOLVED_SHAPES.map((value) => [value, SOLID_NAMES[value]])}
        pinned={pins.solid !== undefined}
        onUnpin={() => pin({ solid: undefined })}
        onChange={(solid) => pin({ solid: solid as SolvedShape })}
      />
    </div>
  );
}

interface SelectProps {
  label: string;
  value: string;
  options: readonly (readonly [value: string, name: string])[];
  pinned: boolean;
  onUnpin: () => void;
  onChange: (value: string) => void;
}

function Select({ label, value, options, pinned, onUnpin, onChange }: SelectProps) {
  return (
    <div>
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">{label}</span>
        <select className={selectLook} value={value} onChange={(event) => onChange(event.target.value)}>
          {options.map(([one, name]) => (
            <option key={one} value={one}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {pinned && (
        <span className="mt-1 inline-block">
          <PinMark what={label.toLowerCase()} onUnpin={onUnpin} />
        </span>
      )}
    </div>
  );
}
