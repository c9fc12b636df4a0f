'use client';

import { FORCES, forceFits, type ForceChoice } from '@/core/tenderizing';
import { formatLength, formatNumber, lengthFigure } from '@/core/units';
import { shapeRow } from '@/core/ways';
import { FORCE_NAMES } from '@/core/words';
import { Choice } from '../../primitives/choice';
import { PinMark } from '../../primitives/pinMark';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';
import { BatchPlan } from '@/core/batches';

/** Mallet, rolling pin, needles or scores: before or after the knife, and what the slices become. */
export function ForcePanel() {
  const { plan, fields, pin } = useBatchWork();
  const { slice, tenderize } = plan;
  const { force, judgement } = tenderize;
  const { pins } = fields;
  const chosen: ForceChoice = force?.force ?? 'none';
  const options = (['none', ...FORCES] as const).filter(
    (one) => one === 'none' || one === chosen || forceFits(one, slice.shape),
  );
  return (
    <section className="panel space-y-3 px-4 py-3" aria-label="Force">
      <div className="flex items-center gap-2">
        <h3>Force</h3>
        {pins.force !== undefined && (
          <PinMark what="force" onUnpin={() => pin({ force: undefined, forceWhen: undefined, beatToMm: undefined })} />
        )}
      </div>
      {options.length > 1 ? (
        <Choice
          label="Force"
          value={chosen}
          options={options.map((value) => ({ value, name: FORCE_NAMES[value] }))}
          onChange={(value) =>
            pin({ force: value === judgement.force ? undefined : value, forceWhen: undefined, beatToMm: undefined })
          }
        />
      ) : (
        <p className="text-muted">
          {slice.shape === 'shaved'
            ? 'Shaved slices tear under mallet and needles.'
            : 'This shape is scored and beaten as it is cut.'}
        </p>
      )}
      {force && <ChosenForce force={force} />}
    </section>
  );
}

/** When it is done, how thin, and what the slices become. */
function ChosenForce({ force }: { force: NonNullable<BatchPlan['tenderize']['force']> }) {
  const { plan, fields, pin } = useBatchWork();
  const { style } = usePreferences();
  const { slice } = plan;
  const { pins } = fields;
  const length = (mm: number) => formatLength(mm, style);
  const beaten = (force.force === 'mallet' || force.force === 'rolling-pin') && force.when === 'after';
  return (
    <>
      {!shapeRow(slice.shape).carved && (
        <Choice
          label="When"
          value={force.when}
          options={[
            { value: 'before', name: 'Before slicing' },
            { value: 'after', name: 'After slicing' },
          ]}
          onChange={(forceWhen) => pin({ force: force.force, forceWhen })}
        />
      )}
      {beaten && (
        <Slider
          label="Beat them to"
          value={force.pieceMm.thicknessMm}
          figure={lengthFigure(force.pieceMm.thicknessMm, style)}
          min={1}
          max={Math.max(4, Math.ceil(slice.shape === 'sliced-after' ? fields.heightMm : slice.thicknessMm))}
          step={0.5}
          onChange={(beatToMm) => pin({ beatToMm })}
          pinned={pins.beatToMm !== undefined}
          onUnpin={() => pin({ beatToMm: undefined })}
          ends={['thin', 'as cut']}
        />
      )}
      <p className="text-[14px]">
        {beaten ? (
          <>
            They grow to about{' '}
            <strong>
              {length(force.pieceMm.lengthMm)} × {length(force.pieceMm.widthMm)}
            </strong>
            , {formatNumber(force.areaFactor, style.locale, 1)} times the surface. Soda, salt and heat go by the new
            thickness. Push outward rather than smash.
          </>
        ) : force.pierces ? (
          'Every hole carries the surface inside: cooked to the stricter figure, to the end. Clean the tool at once.'
        ) : (
          'The whole piece, evenly on all sides, while it is not yet firm.'
        )}{' '}
        <span className="text-muted">About {formatNumber(force.handsMin, style.locale)} min of handwork.</span>
      </p>
      {force.force === 'needle' && (
        <p className="text-[13px] text-muted">Juicier or drier is argued both ways: divide the batch and compare.</p>
      )}
    </>
  );
}
