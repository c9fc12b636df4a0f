'use client';

import { useState } from 'react';
import { LIMITS } from '@/core/batches';
import { areaFigure, formatDuration, formatLength, formatNumber, lengthFigure, massFigure } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { FigureBox } from '../../primitives/figureBox';
import { LengthField } from '../../primitives/quantities';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { PieceDrawing } from '../drawing/pieceDrawing';
import { useBatchWork } from './batchContext';
import { drawnPiece } from './drawnPiece';

const SLIDER_MAX_MM = 15;

export function StageSlice() {
  const { plan, fields, cut, change, pin } = useBatchWork();
  const { style } = usePreferences();
  const [fibres, setFibres] = useState(false);
  const { slice } = plan;
  const { pins } = fields;
  const length = (mm: number) => formatLength(mm, style);
  const degrees = (value: number) => ({ value: `${formatNumber(value, style.locale)}°`, unit: '' });
  return (
    <Alive className="space-y-5">
      <PieceDrawing
        {...drawnPiece(plan, cut)}
        describe={`From above and from the side: ${slice.sliceCount} cuts ${length(slice.thicknessMm)} apart, blade at ${Math.round(slice.knifeToGrainDeg)} degrees to the fibres, leaning ${Math.round(slice.bevelDeg)} degrees`}
      />
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-3">
        <Slider
          label="Thickness" value={fields.thicknessMm} figure={lengthFigure(fields.thicknessMm, style)} min={LIMITS.thicknessMm.min} max={SLIDER_MAX_MM} step={0.5} onChange={(thicknessMm) => change({ thicknessMm })}
          band={{ ...slice.band, words: `${length(slice.band.from)} to ${length(slice.band.to)} is usual` }}
        />
        <Slider
          label="Turn of the knife" value={slice.yawDeg} figure={degrees(slice.yawDeg)} min={0} max={90} step={1} onChange={(yawDeg) => pin({ yawDeg })} ends={['across', 'along']}
          pinned={pins.yawDeg !== undefined} onUnpin={() => pin({ yawDeg: undefined })}
        />
        <Slider
          label="Lean of the knife" value={slice.bevelDeg} figure={degrees(slice.bevelDeg)} min={0} max={60} step={1} onChange={(bevelDeg) => pin({ bevelDeg })} ends={['upright', 'flat']}
          pinned={pins.bevelDeg !== undefined} onUnpin={() => pin({ bevelDeg: undefined })}
        />
      </div>
      <details className="panel px-4 py-3" onToggle={(event) => setFibres(event.currentTarget.open)}>
        <summary className="font-semibold">How the fibres run{slice.strips ? ', and the strips' : ''}</summary>
        {fibres && <div className="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-3">
          <Slider label="Fibres, from the length" value={slice.grainDeg} figure={degrees(slice.grainDeg)} min={0} max={90} step={1} onChange={(grainDeg) => pin({ grainDeg })} ends={['along', 'across']} pinned={pins.grainDeg !== undefined} onUnpin={() => pin({ grainDeg: undefined })} />
          <Slider label="Fibres, dip into the board" value={slice.grainPitchDeg} figure={degrees(slice.grainPitchDeg)} min={-60} max={60} step={1} onChange={(grainPitchDeg) => pin({ grainPitchDeg })} pinned={pins.grainPitchDeg !== undefined} onUnpin={() => pin({ grainPitchDeg: undefined })} />
          {slice.strips && <LengthField label="Strip width" value={slice.strips.stripWidthMm} min={2} max={50} pinned={pins.stripWidthMm !== undefined} onUnpin={() => pin({ stripWidthMm: undefined })} onChange={(stripWidthMm) => pin({ stripWidthMm })} />}
        </div>}
        <p className="mt-3 text-[14px] text-muted">A piece may differ from what is usual: look for the lines and turn the drawing to match.</p>
      </details>
    </Alive>
  );
}

export function SliceFigures() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { slice, marinate } = plan;
  const length = (mm: number) => formatLength(mm, style);
  const longest = Math.max(slice.thicknessMm * 4, 20);
  const share = Math.min(1, Math.log(slice.fibreLengthMm / slice.thicknessMm) / Math.log(longest / slice.thicknessMm));
  return (
    <>
      <div className="rounded border border-grout bg-tile px-3.5 py-3">
        <FigureBox plain label="Fibres in each bite" size="huge" figure={lengthFigure(slice.fibreLengthMm, style)} />
        <div className="relative mt-3 h-2.5 rounded bg-[linear-gradient(90deg,#2f8069,#9cc4a5_40%,#e3cf9a_65%,#b5394a)]" aria-hidden="true">
          <span className="absolute -top-1 h-4.5 w-1 rounded bg-ink" style={{ left: `calc(${share * 100}% - 2px)` }} />
        </div>
        <div className="mt-1 flex justify-between text-[12px] text-muted"><span>short, tender</span><span>long, chewy</span></div>
        <p className="mt-2 text-[13px] text-muted">Blade {formatNumber(slice.knifeToGrainDeg, style.locale)}° to the fibres; 90° is straight across.</p>
      </div>
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox label="Slices" figure={{ value: formatNumber(slice.sliceCount, style.locale), unit: '' }} note={slice.strips ? `${formatNumber(slice.strips.stripCount, style.locale)} strips` : undefined} />
        <FigureBox label="Each about" figure={massFigure(slice.sliceMassG, style)} />
        <FigureBox label="Slice, wide" figure={lengthFigure(slice.sliceWidthMm, style)} note={`and ${length(slice.sliceLengthMm)} long`} />
        <FigureBox label="Surface to coat" figure={areaFigure(slice.surfaceM2, style)} />
      </div>
      <FigureBox label="Salt to the middle" figure={{ value: formatDuration(Math.round(marinate.uptake.minutesTo.centre.p90)), unit: '' }} note={`nine tenths, in the fridge; ${formatDuration(marinate.uptake.minutesTo.centre.p90 / 1.5)} to ${formatDuration(marinate.uptake.minutesTo.centre.p90 * 1.5)}. An estimate.`} />
    </>
  );
}
