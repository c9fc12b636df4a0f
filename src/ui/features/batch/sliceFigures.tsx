'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { shapeRow } from '@/core/ways';
import { areaFigure, formatDuration, formatLength, formatNumber, lengthFigure, massFigure } from '@/core/units';
import { fibreWords, SHAPE_UNITS, sliceCountWords } from '@/core/words';
import { Button } from '../../primitives/button';
import { FigureBox } from '../../primitives/figureBox';
import { orAgain } from '../../primitives/orAgain';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

const LifeSize = dynamic(
  orAgain(() => import('../board/lifeSize').then((part) => part.default)),
  { ssr: false },
);

const LONGEST_SHOWN_MM = 30;

/** What the knife gives: fibres in a bite, how many, how large, how long salt takes. */
export function SliceFigures() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const [lifeSize, setLifeSize] = useState(false);
  const { slice, marinate, piece } = plan;
  const length = (mm: number) => formatLength(mm, style);
  // One scale in millimetres for every plan, 1 to 30.
  const share = Math.min(1, Math.max(0, Math.log(slice.fibreLengthMm) / Math.log(LONGEST_SHOWN_MM)));
  const [one, many] = SHAPE_UNITS[slice.shape];
  const strips = slice.strips && slice.strips.perSlab > 1 ? slice.strips : undefined;
  return (
    <>
      <div className="rounded border border-grout bg-tile px-3.5 py-3">
        <FigureBox plain label="Fibres in each bite" size="huge" figure={lengthFigure(slice.fibreLengthMm, style)} />
        <div
          className="relative mt-3 h-2.5 rounded bg-[linear-gradient(90deg,#2f8069,#9cc4a5_40%,#e3cf9a_65%,#b5394a)]"
          aria-hidden="true"
        >
          <span className="absolute -top-1 h-4.5 w-1 rounded bg-ink" style={{ left: `calc(${share * 100}% - 2px)` }} />
        </div>
        <div className="mt-1 flex justify-between text-[12px] text-muted">
          <span>{length(1)}</span>
          <span>{fibreWords(slice.fibreLengthMm, style)}</span>
          <span>{length(LONGEST_SHOWN_MM)}</span>
        </div>
        {!shapeRow(slice.shape).level && (
          <p className="mt-2 text-[13px] text-muted">
            {slice.knifeToGrainDeg > 89.5
              ? 'Blade straight across the fibres.'
              : `Blade ${formatNumber(90 - slice.knifeToGrainDeg, style.locale)}° off straight across the fibres, turn and lean together.`}
          </p>
        )}
      </div>
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox
          label={strips ? 'Slabs' : many[0]!.toUpperCase() + many.slice(1)}
          figure={{ value: formatNumber(strips ? slice.sliceCount : slice.pieceCount, style.locale), unit: '' }}
          note={
            strips
              ? `${formatNumber(slice.pieceCount, style.locale)} strips`
              : piece.pieces > 1
                ? `from ${formatNumber(piece.pieces, style.locale)} pieces`
                : undefined
          }
        />
        <FigureBox
          label="Each about"
          figure={massFigure(piece.meatG / Math.max(1, strips ? slice.sliceCount : slice.pieceCount), style)}
        />
        <FigureBox
          label={`${strips ? 'Slab' : one[0]!.toUpperCase() + one.slice(1)}, wide`}
          figure={lengthFigure(strips ? slice.sliceWidthMm : slice.pieceMm.widthMm, style)}
          note={`and ${length(strips ? slice.sliceLengthMm : slice.pieceMm.lengthMm)} long`}
        />
        <FigureBox label="Surface to coat" figure={areaFigure(slice.coatAreaM2, style)} />
      </div>
      {slice.wholeSliceCount < slice.sliceCount && (
        <p className="text-[13px] text-muted">
          In all {sliceCountWords(slice.sliceCount, slice.wholeSliceCount, style)}: the ends are slanted over{' '}
          {length(slice.wedgeMm)} of each piece. With what sticks to the knife, count on 5 to 10 in a hundred fewer.
        </p>
      )}
      <FigureBox
        label="Salt to the middle"
        figure={{ value: formatDuration(Math.round(marinate.uptake.minutesTo.centre.p90)), unit: '' }}
        note={`nine tenths, in the fridge; ${formatDuration(marinate.uptake.minutesTo.centre.p90 / 1.5)} to ${formatDuration(marinate.uptake.minutesTo.centre.p90 * 1.5)}. An estimate.`}
      />
      <Button look="plain" className="w-full" onClick={() => setLifeSize(true)}>
        Hold a slice to the screen
      </Button>
      {lifeSize && (
        <LifeSize
          thicknessMm={slice.pieceMm.thicknessMm}
          lengthMm={slice.sliceLengthMm}
          onClose={() => setLifeSize(false)}
        />
      )}
    </>
  );
}
