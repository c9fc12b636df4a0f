'use client';

import type { PointerEvent } from 'react';
import { firmnessOf, type Firmness, type Moment } from '@/core/firming';
import { formatDuration, formatTemperature, type FormatStyle } from '@/core/units';
import { FIRMNESS_NAMES } from '@/core/words';
import { useAlive } from '../../primitives/alive';
import { useWidth } from '../../primitives/useWidth';

interface Props {
  course: readonly Moment[];
  startC: number;
  freezingPointC: number;
  untilMin: number;
  atMin: number;
  onDrag: (minutes: number) => void;
  style: FormatStyle;
}

const BOX = { height: 250, left: 46, right: 12, top: 30, ice: 104, gap: 22, temp: 66 };
const FIRST_WIDTH = 640;
const FILLS: Record<Firmness, string> = {
  soft: '#f4e6d8',
  firm: '#ddebe6',
  ideal: '#a9d6c5',
  hard: '#dcedf5',
  'too-hard': '#b5d6e6',
};

/** Firmness over time with its bands, and the temperatures of middle and face below; the time line is dragged or stepped by keys. */
export function FirmingChart({ course, startC, freezingPointC, untilMin, atMin, onDrag, style }: Props) {
  const [frame, width] = useWidth<HTMLDivElement>(FIRST_WIDTH);
  const plot = width - BOX.left - BOX.right;
  const points = pointsOf(course, { startC, untilMin });
  const scale = scaleOf(points, { startC, freezingPointC, untilMin, plot });

  const drag = (event: PointerEvent<SVGSVGElement>) => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const { left, width: onScreen } = event.currentTarget.getBoundingClientRect();
    const minutes = ((((event.clientX - left) / onScreen) * width - BOX.left) / plot) * untilMin;
    onDrag(Math.round(Math.min(untilMin, Math.max(0, minutes))));
  };

  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${BOX.height}`}
        className="block w-full touch-none cursor-ew-resize select-none"
        onPointerDown={drag}
        onPointerMove={drag}
        role="group"
        aria-label="Firmness and temperature over time"
      >
        <Bands bands={bandsOf(points, freezingPointC, untilMin)} scale={scale} />
        <Curves points={points} freezingPointC={freezingPointC} scale={scale} />
        <Ticks untilMin={untilMin} scale={scale} style={style} />
        <Cursor untilMin={untilMin} atMin={atMin} onDrag={onDrag} scale={scale} />
      </svg>
    </div>
  );
}

/** Not more points than the eye sees, beginning with the meat as it goes in. */
function pointsOf(course: readonly Moment[], { startC, untilMin }: { startC: number; untilMin: number }): Moment[] {
  const shown = course.filter(({ minutes }) => minutes <= untilMin);
  const every = Math.max(1, Math.floor(shown.length / 160));
  return [
    {
      minutes: 0,
      iceFraction: shown[0] && shown[0].iceFraction > 0.5 ? shown[0].iceFraction : 0,
      coreC: startC,
      surfaceC: startC,
    },
    ...shown.filter((_, index) => index % every === 0),
  ];
}

interface Range {
  startC: number;
  freezingPointC: number;
  untilMin: number;
  plot: number;
}

/** Where minutes, ice and temperatures lie in the picture. */
function scaleOf(points: readonly Moment[], { startC, freezingPointC, untilMin, plot }: Range) {
  const coldestC = Math.min(...points.map(({ surfaceC }) => surfaceC), freezingPointC - 2);
  const warmestC = Math.max(startC, ...points.map(({ coreC }) => coreC), 1);
  const tempTop = BOX.top + BOX.ice + BOX.gap;
  return {
    x: (minutes: number) => BOX.left + (Math.min(minutes, untilMin) / untilMin) * plot,
    iceY: (share: number) => BOX.top + BOX.ice * (1 - Math.min(1, share / 0.8)),
    tempY: (tempC: number) => tempTop + BOX.temp * ((warmestC - tempC) / (warmestC - coldestC)),
    foot: tempTop + BOX.temp,
    plot,
    coldestC,
    warmestC,
  };
}
type Scale = ReturnType<typeof scaleOf>;

interface Band {
  firmness: Firmness;
  fromMin: number;
  toMin: number;
}

const Bands = ({ bands, scale: { x, foot } }: { bands: readonly Band[]; scale: Scale }) => (
  <>
    {bands.map(({ firmness, fromMin, toMin }) => (
      <g key={`${firmness}${fromMin}`}>
        <rect
          x={x(fromMin)}
          y={BOX.top}
          width={Math.max(0, x(toMin) - x(fromMin))}
          height={foot - BOX.top}
          fill={FILLS[firmness]}
        />
        {x(toMin) - x(fromMin) > 44 && (
          <text
            x={(x(fromMin) + x(toMin)) / 2}
            y={BOX.top - 8}
            textAnchor="middle"
            fontSize={13}
            fontWeight={firmness === 'ideal' ? 700 : 500}
            fill={firmness === 'ideal' ? '#0e3b34' : '#566761'}
          >
            {x(toMin) - x(fromMin) > 96 ? FIRMNESS_NAMES[firmness] : FIRMNESS_NAMES[firmness].split(/[ ,]/)[0]}
          </text>
        )}
      </g>
    ))}
  </>
);

interface CurvesProps {
  points: readonly Moment[];
  freezingPointC: number;
  scale: Scale;
}

function Curves({ points, freezingPointC, scale: { x, iceY, tempY, plot } }: CurvesProps) {
  const line = (value: (moment: Moment) => number) =>
    points
      .map((moment, index) => `${index ? 'L' : 'M'}${x(moment.minutes).toFixed(1)} ${value(moment).toFixed(1)}`)
      .join('');
  return (
    <>
      {[0.2, 0.45, 0.6].map((share) => (
        <path
          key={share}
          d={`M${BOX.left} ${iceY(share)}h${plot}`}
          stroke="#12211d"
          strokeWidth={0.5}
          strokeDasharray="2 4"
          opacity={0.5}
        />
      ))}
      {[0, 0.2, 0.4, 0.6, 0.8].map((share) => (
        <text key={share} x={BOX.left - 6} y={iceY(share) + 4} textAnchor="end" fontSize={12} fill="#566761">
          {Math.round(share * 100)} %
        </text>
      ))}
      <path d={line(({ iceFraction }) => iceY(iceFraction))} fill="none" stroke="#0e3b34" strokeWidth={3} />
      <path
        d={`M${BOX.left} ${tempY(freezingPointC)}h${plot}`}
        stroke="#21698c"
        strokeWidth={0.8}
        strokeDasharray="3 3"
      />
      <path d={line(({ coreC }) => tempY(coreC))} fill="none" stroke="#8a1f2d" strokeWidth={2.2} />
      <path
        d={line(({ surfaceC }) => tempY(surfaceC))}
        fill="none"
        stroke="#21698c"
        strokeWidth={2.2}
        strokeDasharray="7 4"
      />
    </>
  );
}

function Ticks({ untilMin, scale, style }: { untilMin: number; scale: Scale; style: FormatStyle }) {
  const { x, tempY, foot, plot, coldestC, warmestC } = scale;
  const step = [5, 10, 15, 30, 60, 120, 240, 480].find((minutes) => untilMin / minutes <= plot / 80) ?? 720;
  return (
    <>
      {[warmestC, coldestC].map((tempC, index) => (
        <text
          key={index}
          x={BOX.left - 6}
          y={tempY(tempC) + (index ? 0 : 10)}
          textAnchor="end"
          fontSize={12}
          fill="#566761"
        >
          {formatTemperature(tempC, style)}
        </text>
      ))}
      {Array.from({ length: Math.floor(untilMin / step) + 1 }, (_, index) => index * step).map((minutes) => (
        <text
          key={minutes}
          x={x(minutes)}
          y={foot + 18}
          textAnchor={minutes === 0 ? 'start' : 'middle'}
          fontSize={13}
          fill="#566761"
        >
          {minutes === 0 ? 'in' : formatDuration(minutes)}
        </text>
      ))}
    </>
  );
}

interface CursorProps extends Pick<Props, 'untilMin' | 'atMin' | 'onDrag'> {
  scale: Scale;
}

/** The minute that is looked at, dragged or stepped by keys. */
function Cursor({ untilMin, atMin, onDrag, scale: { x, foot } }: CursorProps) {
  const alive = useAlive();
  return (
    <g
      role="slider"
      tabIndex={alive ? 0 : -1}
      aria-disabled={!alive}
      aria-label="Minutes looked at"
      aria-valuemin={0}
      aria-valuemax={Math.round(untilMin)}
      aria-valuenow={atMin}
      aria-valuetext={formatDuration(atMin)}
      onKeyDown={(event) => {
        const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 15, PageDown: -15 }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        onDrag(Math.min(Math.round(untilMin), Math.max(0, atMin + by)));
      }}
    >
      <path d={`M${x(atMin)} ${BOX.top - 2}V${foot + 2}`} stroke="#12211d" strokeWidth={2.5} />
      <circle cx={x(atMin)} cy={foot} r={8} fill="#fff" stroke="#12211d" strokeWidth={4} />
    </g>
  );
}

function bandsOf(points: readonly Moment[], freezingPointC: number, untilMin: number): Band[] {
  const bands: Band[] = [];
  for (const moment of points) {
    const firmness = firmnessOf(moment, freezingPointC);
    const last = bands[bands.length - 1];
    if (last?.firmness === firmness) last.toMin = moment.minutes;
    else {
      if (last) last.toMin = moment.minutes;
      bands.push({ firmness, fromMin: moment.minutes, toMin: moment.minutes });
    }
  }
  const last = bands[bands.length - 1];
  if (last) last.toMin = untilMin;
  return bands;
}
