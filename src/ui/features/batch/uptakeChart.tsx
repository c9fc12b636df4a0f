'use client';

import clsx from 'clsx';
import { memo } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { UptakePoint } from '@/core/marinades';
import { formatDuration } from '@/core/units';

interface Props {
  curve: UptakePoint[];
  untilMin: number;
  minutes: number;
  /** The marinade's window. */
  fromMin: number;
  toMin: number;
  /** Fruit has to be out by then. */
  stopMin?: number;
  sugar: boolean;
  acid: boolean;
}

const percent = (share: number) => `${Math.round(100 * share)} %`;
const shareWords = (value: unknown) =>
  Array.isArray(value) ? `${percent(Number(value[0]))} to ${percent(Number(value[1]))}` : percent(Number(value));
const SOLUTE_COLOURS = { sugar: '#a0703a', acid: '#9a8a1e' } as const;
const AXIS = { stroke: '#566761', fontSize: 13, tickLine: false } as const;
const SALT_LINES = [
  { dataKey: 'averageStacked', name: 'whole slice, stacked', strokeWidth: 1.5 },
  { dataKey: 'average', name: 'whole slice, stirred', strokeWidth: 3 },
  { dataKey: 'centre', name: 'middle, stirred', strokeWidth: 2, strokeDasharray: '7 5' },
] as const;

const HEIGHT_PX = 280;
const MARGIN = { top: 26, right: 18, bottom: 4, left: -6 } as const;
const SCALE_PX = 60;
const HOURS_PX = 30;
/** Where the curves are, within the picture. */
const PLOT = { left: MARGIN.left + SCALE_PX, right: MARGIN.right, bottom: MARGIN.bottom + HOURS_PX } as const;

/** Share of the final salt against time, well stirred and stacked in a bag: the whole slice, and its middle with all that is not known; sugar and acid beside it. */
export default function UptakeChart({ minutes, ...curves }: Props) {
  const share = Math.min(1, minutes / curves.untilMin);
  return (
    <div className="relative">
      <Curves {...curves} />
      <div
        className="pointer-events-none absolute border-l-[2.5px] border-ox"
        style={{
          top: MARGIN.top,
          height: HEIGHT_PX - MARGIN.top - PLOT.bottom,
          left: `calc(${PLOT.left}px + (100% - ${PLOT.left + PLOT.right}px) * ${share})`,
        }}
        data-marks="minutes"
      >
        <span
          className={clsx(
            'figure absolute bottom-full whitespace-nowrap text-[15px] text-ox',
            share > 0.85 ? 'right-0' : '-translate-x-1/2',
          )}
        >
          {formatDuration(minutes)}
        </span>
      </div>
    </div>
  );
}

/** What does not move with the minutes is not drawn again with them. */
const Curves = memo(function Curves({ curve, untilMin, fromMin, toMin, stopMin, sugar, acid }: Omit<Props, 'minutes'>) {
  const step = [15, 30, 60, 120, 240, 480, 720, 1440].find((one) => untilMin / one <= 7) ?? 1440;
  const ticks = Array.from({ length: Math.floor(untilMin / step) + 1 }, (_, index) => index * step);
  const points = curve.map((point) => ({ ...point, spread: [point.centreSlow, point.centreFast] }));
  const solutes = [...(sugar ? (['sugar'] as const) : []), ...(acid ? (['acid'] as const) : [])];
  return (
    <ResponsiveContainer width="100%" height={HEIGHT_PX}>
      <ComposedChart data={points} margin={MARGIN}>
        <ReferenceArea x1={fromMin} x2={Math.min(toMin, untilMin)} fill="#ddebe6" fillOpacity={0.9} />
        {stopMin !== undefined && stopMin < untilMin && (
          <ReferenceArea x1={stopMin} x2={untilMin} fill="#c98a8a" fillOpacity={0.28} />
        )}
        <CartesianGrid stroke="#e6ecea" vertical={false} />
        <XAxis
          {...AXIS}
          dataKey="minutes"
          type="number"
          height={HOURS_PX}
          domain={[0, untilMin]}
          ticks={ticks}
          tickFormatter={(value: number) => (value ? formatDuration(value) : '0')}
        />
        <YAxis
          {...AXIS}
          width={SCALE_PX}
          domain={[0, 1]}
          ticks={[0, 0.5, 0.9]}
          tickFormatter={percent}
          axisLine={false}
        />
        <Tooltip
          isAnimationActive={false}
          labelFormatter={(value) => formatDuration(Number(value))}
          formatter={(value, name) => [shareWords(value), name]}
          contentStyle={{ borderRadius: 5, border: '1px solid #d3ddda', fontSize: 13 }}
        />
        <Area
          dataKey="spread"
          name="middle, slowest to fastest"
          stroke="none"
          fill="#17564b"
          fillOpacity={0.12}
          isAnimationActive={false}
        />
        {solutes.map((solute) => (
          <Area
            key={solute}
            dataKey={solute}
            name={`${solute}, whole slice`}
            stroke={SOLUTE_COLOURS[solute]}
            strokeWidth={1}
            fill={SOLUTE_COLOURS[solute]}
            fillOpacity={0.3}
            isAnimationActive={false}
          />
        ))}
        {SALT_LINES.map((line) => (
          <Line key={line.dataKey} {...line} stroke="#0e3b34" dot={false} isAnimationActive={false} />
        ))}
      </ComposedChart>
    </ResponsiveContainer>
  );
});
