'use client';

import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { LIMITS, usualShape } from '@/core/batches';
import { SHAPES, shapeRow, type Shape } from '@/core/ways';
import { flattestLeanDeg, LENGTH_MOST_MM } from '@/core/slicing';
import { formatLength, formatNumber, lengthFigure } from '@/core/units';
import { bandReason, cutStepWords, SHAPE_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { CheckField } from '../../primitives/checkField';
import { Fold } from '../../primitives/fold';
import { Link } from '../../primitives/link';
import { orAgain } from '../../primitives/orAgain';
import { PinMark } from '../../primitives/pinMark';
import { LengthField } from '../../primitives/quantities';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { PieceDrawing, type Blade } from '../drawing/pieceDrawing';
import { ResultDrawing } from '../drawing/resultDrawing';
import { useBatchWork } from './batchContext';
import { drawnPiece } from './drawnPiece';

// What is below the drawing or behind a click comes after it.
const EvennessPanel = dynamic(
  orAgain(() => import('../board/evennessPanel').then((panel) => panel.EvennessPanel)),
  { ssr: false },
);
const PoundPanel = dynamic(
  orAgain(() => import('../board/poundPanel').then((panel) => panel.PoundPanel)),
  { ssr: false },
);
const WhatIf = dynamic(
  orAgain(() => import('../board/whatIf').then((panel) => panel.WhatIf)),
  { ssr: false },
);
const SLIDER_MAX_MM = 20;

/** The knife: on the drawing itself, on sliders below it, and by numbers. */
export function StageSlice() {
  const { plan, fields, cut, change, pin } = useBatchWork();
  const { style } = usePreferences();
  const { slice, piece } = plan;
  const length = (mm: number) => formatLength(mm, style);
  const sheet = shapeRow(slice.shape).level;
  const maxMm = slice.shape === 'cubes' ? LIMITS.thicknessMm.max : SLIDER_MAX_MM;
  const maxLeanDeg = Math.min(60, Math.floor(flattestLeanDeg(piece)));
  const blade = useMemo<Blade>(
    () => ({
      maxLeanDeg,
      thickness: { min: LIMITS.thicknessMm.min, max: maxMm },
      onTurn: (yawDeg) => pin({ yawDeg }),
      onLean: (bevelDeg) => pin({ bevelDeg }),
      onThickness: (thicknessMm) => change({ thicknessMm }),
    }),
    [maxLeanDeg, maxMm, pin, change],
  );

  if (slice.comesSliced) return <ComesSliced />;
  return (
    <Alive className="space-y-5">
      <IntoWhat />
      <PieceDrawing
        {...drawnPiece(plan, cut)}
        blade={sheet ? undefined : blade}
        describe={`From above and from the side: ${slice.sliceCount} cuts ${length(slice.thicknessMm)} apart, blade ${Math.round(90 - slice.knifeToGrainDeg)} degrees off straight across the fibres, leaning ${Math.round(slice.bevelDeg)} degrees`}
      />
      <KnifeSliders maxMm={maxMm} maxLeanDeg={maxLeanDeg} />
      {slice.shape === 'unrolled' && (
        <CheckField
          checked={fields.pins.scored !== false}
          onChange={(on) => pin({ scored: on ? undefined : false })}
          label="Scored"
          note="Shallow cuts across the fibres, on both faces; left whole it is not pierced, and its fibres stay as long as the sheet is wide."
        />
      )}
      {slice.bevelDeg > maxLeanDeg && (
        <p role="alert" className="font-medium text-ox">
          A lean of {formatNumber(slice.bevelDeg, style.locale)}° is past what {length(piece.heightMm)} of height
          allows: at most {formatNumber(maxLeanDeg, style.locale)}°.
        </p>
      )}
      <div className="grid gap-4 md:grid-cols-[1fr_300px]">
        <WithTheKnife />
        <ResultDrawing slice={slice} animal={cut.animal} />
      </div>
      <Fibres />
      <WhatIf />
      <EvennessPanel />
      <PoundPanel />
      <p className="text-[14px] text-muted">
        A slicing machine? Its dial is not millimetres:{' '}
        <Link href="/kitchen#slicer" className="underline underline-offset-4">
          measure it once
        </Link>{' '}
        and the plan names the number.
      </p>
    </Alive>
  );
}

/** Meat the shop cut: nothing is left to slice. */
function ComesSliced() {
  const { plan, cut } = useBatchWork();
  const { style } = usePreferences();
  const { slice } = plan;
  return (
    <Alive className="space-y-5">
      <p className="panel px-4 py-3">
        <strong>It comes sliced.</strong> {formatNumber(slice.sliceCount, style.locale)} slices of{' '}
        {formatLength(slice.thicknessMm, style)}, as they are.{' '}
        {cut.form === 'cross-cut-ribs'
          ? 'Rinse the bone dust off in a bowl, several changes, pat dry.'
          : 'Pull them apart so that the marinade reaches every one.'}
      </p>
      <ResultDrawing slice={slice} animal={cut.animal} />
      <EvennessPanel />
      <PoundPanel />
    </Alive>
  );
}

/** The shape, those of the way first, and why it is cut that thick. */
function IntoWhat() {
  const { plan, fields, cut, pin } = useBatchWork();
  const { style } = usePreferences();
  const { slice } = plan;
  const { pins } = fields;
  const length = (mm: number) => formatLength(mm, style);
  const takeShape = (shape: Shape) => pin({ shape: shape === usualShape(fields.way, cut, fields) ? undefined : shape });
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">Cut into</span>
        <select
          className="condensed h-11 w-60 rounded border border-grout bg-panel px-3 text-[16px] font-semibold"
          value={slice.shape}
          onChange={(event) => takeShape(event.target.value as Shape)}
        >
          <optgroup label="For this way">
            {slice.shapes.map((shape) => (
              <option key={shape} value={shape}>
                {SHAPE_NAMES[shape]}
              </option>
            ))}
          </optgroup>
          <optgroup label="Others">
            {SHAPES.filter((shape) => !slice.shapes.includes(shape)).map((shape) => (
              <option key={shape} value={shape}>
                {SHAPE_NAMES[shape]}
              </option>
            ))}
          </optgroup>
        </select>
      </label>
      {pins.shape !== undefined && <PinMark what="shape" onUnpin={() => pin({ shape: undefined })} />}
      <p className="max-w-[44ch] text-[14px] text-muted">
        {length(slice.band.from)} to {length(slice.band.to)}: {bandReason(slice.shape)}.
      </p>
    </div>
  );
}

const useDegrees = () => {
  const { style } = usePreferences();
  return (value: number) => ({ value: `${formatNumber(value, style.locale)}°`, unit: '' });
};

/** What the drawing's handles do, by slider. */
function KnifeSliders({ maxMm, maxLeanDeg }: { maxMm: number; maxLeanDeg: number }) {
  const { plan, fields, change, pin } = useBatchWork();
  const { style } = usePreferences();
  const { slice } = plan;
  const { pins } = fields;
  const length = (mm: number) => formatLength(mm, style);
  const degrees = useDegrees();
  const sheet = shapeRow(slice.shape).level;
  return (
    <div className="grid gap-x-8 gap-y-4 md:grid-cols-3">
      <Slider
        label="Thickness"
        value={fields.thicknessMm}
        figure={lengthFigure(fields.thicknessMm, style)}
        min={LIMITS.thicknessMm.min}
        max={maxMm}
        step={0.5}
        onChange={(thicknessMm) => change({ thicknessMm })}
        band={{ ...slice.band, words: `${length(slice.band.from)} to ${length(slice.band.to)} is usual` }}
      />
      {!sheet && (
        <>
          <Slider
            label="Turn of the knife"
            value={slice.yawDeg}
            figure={degrees(slice.yawDeg - slice.grainDeg)}
            min={-90}
            max={90}
            step={1}
            onChange={(yawDeg) => pin({ yawDeg })}
            ends={['along', 'along']}
            band={{ from: slice.grainDeg - 15, to: slice.grainDeg + 15, words: 'across the fibres' }}
            pinned={pins.yawDeg !== undefined}
            onUnpin={() => pin({ yawDeg: undefined })}
          />
          <Slider
            label="Lean of the knife"
            value={slice.bevelDeg}
            figure={degrees(slice.bevelDeg)}
            min={0}
            max={maxLeanDeg}
            step={1}
            onChange={(bevelDeg) => pin({ bevelDeg })}
            ends={['upright', maxLeanDeg < 60 ? 'as far as the height allows' : 'flat']}
            pinned={pins.bevelDeg !== undefined}
            onUnpin={() => pin({ bevelDeg: undefined })}
          />
        </>
      )}
    </div>
  );
}

/** The strokes in their order, and the dial of a slicing machine. */
function WithTheKnife() {
  const { slice } = useBatchWork().plan;
  const { style } = usePreferences();
  return (
    <section className="panel px-4 py-3">
      <h3>
        With the knife, {formatNumber(slice.knifeCuts, style.locale)} {slice.knifeCuts === 1 ? 'stroke' : 'strokes'}
      </h3>
      <ol className="mt-1 list-decimal space-y-1 pl-5">
        {[...slice.steps, ...slice.carving].map((step, index) => (
          <li key={index}>{cutStepWords(step, style)}</li>
        ))}
      </ol>
      {slice.dial && (
        <p className="mt-2">
          <strong>Slicing machine at {formatNumber(slice.dial.dial, style.locale, 1)}</strong>, give or take{' '}
          {formatNumber(slice.dial.error, style.locale, 1)}.
        </p>
      )}
    </section>
  );
}

/** How the fibres lie, and the second cut of ribbons and strips. */
function Fibres() {
  const { plan, fields, cut, pin } = useBatchWork();
  const { slice } = plan;
  const { pins } = fields;
  const degrees = useDegrees();
  const ribbons = slice.shape === 'ribbons';
  const cutAgain = ribbons || slice.strips !== undefined;
  return (
    <Fold title={`How the fibres run${cutAgain ? `, and the ${ribbons ? 'ribbons' : 'strips'}` : ''}`}>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-3">
        <Slider
          label="Fibres, from the length"
          value={slice.grainDeg}
          figure={degrees(slice.grainDeg)}
          min={-90}
          max={90}
          step={1}
          onChange={(grainDeg) => pin({ grainDeg })}
          ends={['across', 'across']}
          pinned={pins.grainDeg !== undefined}
          onUnpin={() => pin({ grainDeg: undefined })}
        />
        <Slider
          label="Fibres, dip into the board"
          value={slice.grainPitchDeg}
          figure={degrees(slice.grainPitchDeg)}
          min={-60}
          max={60}
          step={1}
          onChange={(grainPitchDeg) => pin({ grainPitchDeg })}
          pinned={pins.grainPitchDeg !== undefined}
          onUnpin={() => pin({ grainPitchDeg: undefined })}
        />
        {cutAgain && (
          <>
            <LengthField
              label={ribbons ? 'Ribbon width' : 'Strip width'}
              value={pins.stripWidthMm ?? slice.pieceMm.widthMm}
              {...LIMITS.stripWidthMm}
              pinned={pins.stripWidthMm !== undefined}
              onUnpin={() => pin({ stripWidthMm: undefined })}
              onChange={(stripWidthMm) => pin({ stripWidthMm })}
            />
            <LengthField
              label={ribbons ? 'Ribbons no longer than' : 'Strips no longer than'}
              value={pins.stripLengthMm ?? (ribbons ? slice.pieceMm.lengthMm : LENGTH_MOST_MM)}
              {...LIMITS.stripLengthMm}
              step={5}
              pinned={pins.stripLengthMm !== undefined}
              onUnpin={() => pin({ stripLengthMm: undefined })}
              onChange={(stripLengthMm) => pin({ stripLengthMm })}
              hint="longer ones are parted"
            />
          </>
        )}
      </div>
      <p className="mt-3 text-[14px] text-muted">
        {cut.seams
          ? 'Several muscles meet in this cut and their fibres run different ways: part it along the seams first. '
          : ''}
        A piece may differ from what is usual: look for the lines and turn the drawing to match.
      </p>
    </Fold>
  );
}
