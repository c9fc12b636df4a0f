'use client';

import { useState } from 'react';
import { pound } from '@/core/slicing';
import { formatLength, formatNumber, lengthFigure } from '@/core/units';
import { Fold } from '../../primitives/fold';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from '../batch/batchContext';
import { FLESH } from '../drawing/flesh';
import { Animal } from '@/core/pieces';

const PAN_MM = 280;
const STICK_MM = 200;

/** Slices that came out thick, beaten: how large they get and how they lie. */
export function PoundPanel() {
  const { plan, cut } = useBatchWork();
  const { style } = usePreferences();
  const { slice } = plan;
  const [fromMm, setFrom] = useState(Math.min(30, Math.round(slice.thicknessMm * 2)));
  const [toMm, setTo] = useState(slice.thicknessMm);
  const to = Math.min(toMm, fromMm);
  const [lengthMm, widthMm] = [
    Math.max(slice.sliceLengthMm, slice.sliceWidthMm),
    Math.min(slice.sliceLengthMm, slice.sliceWidthMm),
  ];
  const beaten = pound({ lengthMm, widthMm, fromMm, toMm: to });
  const inPan = Math.floor(((Math.PI / 4) * PAN_MM ** 2 * 0.7) / (beaten.lengthMm * beaten.widthMm));
  const length = (mm: number) => formatLength(mm, style);
  return (
    <Fold title="Pound the thick ones">
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[1fr_1fr_200px]">
        <Slider
          label="They are"
          value={fromMm}
          figure={lengthFigure(fromMm, style)}
          min={2}
          max={30}
          step={0.5}
          onChange={setFrom}
        />
        <Slider
          label="Beat them to"
          value={to}
          figure={lengthFigure(to, style)}
          min={1}
          max={fromMm}
          step={0.5}
          onChange={setTo}
        />
        <InThePan animal={cut.animal} before={{ lengthMm, widthMm }} after={beaten} />
        <p className="md:col-span-2">
          From {length(lengthMm)} × {length(widthMm)} it grows to{' '}
          <strong>
            {length(beaten.lengthMm)} × {length(beaten.widthMm)}
          </strong>
          , {formatNumber(beaten.areaFactor, style.locale, 1)} times the area; a mallet spreads it more across the
          fibres than along them.{' '}
          {inPan >= 1
            ? `About ${formatNumber(inPan, style.locale)} lie in a pan of ${length(PAN_MM)}.`
            : `It is larger than a pan of ${length(PAN_MM)}: halve it.`}{' '}
          Threaded zigzag, one takes about {length(Math.min(STICK_MM, beaten.lengthMm / 2))} of the stick.
        </p>
      </div>
    </Fold>
  );
}

interface Sides {
  lengthMm: number;
  widthMm: number;
}

function InThePan({ animal, before, after }: { animal: Animal; before: Sides; after: Sides }) {
  const { style } = usePreferences();
  const colours = FLESH[animal];
  return (
    <svg
      viewBox={`${-PAN_MM / 2 - 4} ${-PAN_MM / 2 - 4} ${PAN_MM + 8} ${PAN_MM + 8}`}
      role="img"
      aria-label={`In a pan of ${formatLength(PAN_MM, style)}: before and after`}
      className="w-full max-w-[200px] md:row-span-2"
    >
      <circle r={PAN_MM / 2} fill="#e6ecea" stroke="#566761" strokeWidth={3} />
      <rect
        x={-after.lengthMm / 2}
        y={-after.widthMm / 2}
        width={after.lengthMm}
        height={after.widthMm}
        rx={6}
        fill={colours.fill}
        stroke={colours.line}
        strokeWidth={2}
      />
      <rect
        x={-before.lengthMm / 2}
        y={-before.widthMm / 2}
        width={before.lengthMm}
        height={before.widthMm}
        rx={6}
        fill="none"
        stroke="#12211d"
        strokeWidth={1.6}
        strokeDasharray="6 4"
      />
    </svg>
  );
}
