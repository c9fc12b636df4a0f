'use client';

import { memo, useId } from 'react';
import type { PiecePlan, SlicePlan } from '@/core/batches';
import type { Animal } from '@/core/pieces';
import { formatLength, formatNumber, MM_PER_IN } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { FLESH } from './flesh';
import { Handle } from './handle';
import { grid, hatch, marbling, outline, spiral, tidy, type Point } from './lines';

export type DrawnPiece = { animal: Animal } & Pick<PiecePlan, 'lengthMm' | 'widthMm' | 'heightMm'> &
  Pick<SlicePlan, 'shape' | 'thicknessMm' | 'yawDeg' | 'bevelDeg' | 'grainDeg' | 'grainPitchDeg'>;

/** The drawing as the control: what dragging the blade changes. */
export interface Blade {
  maxLeanDeg: number;
  thickness: { min: number; max: number };
  onTurn: (yawDeg: number) => void;
  onLean: (bevelDeg: number) => void;
  onThickness: (thicknessMm: number) => void;
}

const METRIC_BARS_MM = [200, 100, 50, 20, 10];
const US_BARS_MM = [8, 4, 2, 1, 0.5].map((inches) => inches * MM_PER_IN);
const FIBRE_GAP_MM = 4.5;
const SCORE_MM = 6;
const MOST_IN_BRACKET = 10;
const TURNED: readonly string[] = ['strips', 'ribbons', 'shaved', 'sliced-after'];
const rad = (deg: number) => (deg * Math.PI) / 180;
const degOf = (radians: number) => (radians * 180) / Math.PI;
const held = (value: number, min: number, max: number) => Math.min(max, Math.max(min, value));

interface Drawing {
  piece: DrawnPiece;
  cuts: boolean;
  blade?: Blade;
  /** Room around the piece, mm. */
  margin: number;
  /** A hundredth of the picture's width, mm: what lines are measured in. */
  unit: number;
  totalWidth: number;
  centre: Point;
  reach: number;
  /** The blade can be turned and leaned for this shape. */
  turned: boolean;
  lines: { above: string; side: string };
}

function drawingOf(piece: DrawnPiece, cuts: boolean, blade?: Blade): Drawing {
  const { lengthMm: length, widthMm: width } = piece;
  const margin = Math.max(length, width) * 0.06 + 6;
  const totalWidth = length + 2 * margin;
  const centre = { x: length / 2, y: width / 2 };
  const reach = Math.hypot(length, width) / 2 + 2;
  return {
    piece,
    cuts,
    blade,
    margin,
    unit: totalWidth / 100,
    totalWidth,
    centre,
    reach,
    turned: cuts && TURNED.includes(piece.shape),
    lines: linesOf(piece, centre, reach),
  };
}

/** The piece from above and from the side, to one scale, with its fibres, the cuts and the blade. Redrawn from the numbers; with `blade` it is worked on. */
export const PieceDrawing = memo(function PieceDrawing({
  describe,
  cuts = true,
  blade,
  ...piece
}: DrawnPiece & { describe: string; cuts?: boolean; blade?: Blade }) {
  const { style } = usePreferences();
  const drawing = drawingOf(piece, cuts, blade);
  const { margin, totalWidth } = drawing;
  const totalHeight = piece.widthMm + piece.heightMm + 2.6 * margin;
  const bar = (style.system === 'us' ? US_BARS_MM : METRIC_BARS_MM).find((mm) => mm <= piece.lengthMm * 0.4) ?? 5;
  const tallest = cuts ? 46 : 30;
  return (
    <div
      className="mx-auto w-full text-[12px] text-muted"
      style={{ maxWidth: `calc(${tallest}vh * ${tidy(totalWidth / totalHeight)})`, minWidth: 'min(100%, 260px)' }}
    >
      <div className="flex justify-between gap-3 px-[5%]">
        <span>from above</span>
        {cuts && <span>dashed: the fibres</span>}
      </div>
      <FromAbove drawing={drawing} describe={describe} />
      <FromSide drawing={drawing} />
      <div className="flex items-center justify-end gap-2 px-[5%] pt-2">
        {formatLength(bar, style)}{' '}
        <span
          aria-hidden="true"
          className="h-2 border-x border-b border-muted"
          style={{ width: `${(100 * bar) / totalWidth / 0.9}%` }}
        />
      </div>
    </div>
  );
});

function FromAbove({ drawing, describe }: { drawing: Drawing; describe: string }) {
  const { piece, cuts, blade, margin, unit, totalWidth, centre, reach, turned, lines } = drawing;
  const { lengthMm: length, widthMm: width } = piece;
  const id = useId();
  const colours = FLESH[piece.animal];
  return (
    <svg
      viewBox={`0 0 ${tidy(totalWidth)} ${tidy(width + 1.5 * margin)}`}
      role={blade ? 'group' : 'img'}
      aria-label={describe}
      className="block w-full overflow-visible"
    >
      <defs>
        <clipPath id={`${id}`}>
          <path d={outline(length, width)} />
        </clipPath>
      </defs>
      <g transform={`translate(${tidy(margin)} ${tidy(0.6 * margin)})`}>
        <path d={outline(length, width)} fill={colours.fill} />
        <g clipPath={`url(#${id})`}>
          <path
            d={hatch(piece.grainDeg + 90, FIBRE_GAP_MM, reach, centre)}
            stroke={colours.line}
            strokeWidth={0.9}
            opacity={0.5}
            fill="none"
          />
          {cuts && <path d={lines.above} stroke="#12211d" strokeWidth={0.28 * unit} opacity={0.55} fill="none" />}
          <path
            d={marbling(length, width, piece.grainDeg)}
            stroke="#f9ece2"
            strokeWidth={0.55 * unit}
            strokeLinecap="round"
            fill="none"
            opacity={0.85}
          />
        </g>
        <path d={outline(length, width)} fill="none" stroke={colours.line} strokeWidth={0.35 * unit} />
        {cuts && (
          <path
            d={fibreLine(piece, centre, length * 0.24)}
            stroke="#12211d"
            strokeWidth={0.45 * unit}
            strokeDasharray={`${unit} ${unit}`}
          />
        )}
        {turned && (
          <TurnedBlade piece={piece} blade={blade} centre={centre} reach={reach} margin={margin} unit={unit} />
        )}
        {turned && blade && <Bracket piece={piece} blade={blade} unit={unit} margin={margin} name="above" />}
      </g>
    </svg>
  );
}

/** An unrolled piece is seen from its end, where the sheet winds. */
function FromSide({ drawing }: { drawing: Drawing }) {
  const { piece, cuts, blade, margin, unit, totalWidth, turned, lines } = drawing;
  const { heightMm: height } = piece;
  const id = useId();
  const colours = FLESH[piece.animal];
  const fromEnd = piece.shape === 'unrolled' && cuts;
  const across = fromEnd ? piece.widthMm : piece.lengthMm;
  return (
    <>
      <div className="px-[5%] pt-1">{fromEnd ? 'from the end' : 'from the side'}</div>
      <svg
        viewBox={`0 0 ${tidy(totalWidth)} ${tidy(height + 1.2 * unit + 0.7 * margin)}`}
        role={blade && turned ? 'group' : undefined}
        aria-label={blade && turned ? 'From the side' : undefined}
        aria-hidden={blade && turned ? undefined : true}
        className="block w-full overflow-visible"
      >
        <defs>
          <clipPath id={`${id}`}>
            <path d={outline(across, height)} />
          </clipPath>
        </defs>
        <g transform={`translate(${tidy((totalWidth - across) / 2)} ${tidy(0.7 * margin)})`}>
          <path d={outline(across, height)} fill={colours.fill} />
          <g clipPath={`url(#${id})`}>
            {!fromEnd && (
              <path
                d={hatch(90 - piece.grainPitchDeg, FIBRE_GAP_MM, across, { x: across / 2, y: height / 2 })}
                stroke={colours.line}
                strokeWidth={0.9}
                opacity={0.4}
                fill="none"
              />
            )}
            {cuts && <path d={lines.side} stroke="#12211d" strokeWidth={0.3 * unit} opacity={0.65} fill="none" />}
          </g>
          <path d={outline(across, height)} fill="none" stroke={colours.line} strokeWidth={0.35 * unit} />
          {turned && blade && <LeaningBlade piece={piece} blade={blade} unit={unit} margin={margin} />}
        </g>
        <rect x={0} y={height + 0.7 * margin} width={totalWidth} height={0.9 * unit} fill="#d3ddda" />
      </svg>
    </>
  );
}

function linesOf(piece: DrawnPiece, centre: Point, reach: number): { above: string; side: string } {
  const { shape, lengthMm: length, widthMm: width, heightMm: height, thicknessMm } = piece;
  switch (shape) {
    case 'cubes':
      return { above: grid(length, width, thicknessMm), side: grid(length, height, thicknessMm) };
    case 'unrolled':
      return { above: '', side: spiral(width, height, thicknessMm) };
    case 'butterflied':
      return {
        above: `M${tidy(length - SCORE_MM)} 0V${tidy(width)}`,
        side: `M0 ${tidy(height / 2)}H${tidy(length - SCORE_MM)}`,
      };
    case 'pounded':
      return { above: grid(length, width, SCORE_MM), side: '' };
    default:
      return {
        above: hatch(piece.yawDeg, Math.max(thicknessMm / Math.cos(rad(piece.bevelDeg)), 0.8), reach, centre),
        side: hatch(-piece.bevelDeg, Math.max(thicknessMm, 0.5), length, { x: length / 2, y: height / 2 }),
      };
  }
}

function fibreLine({ grainDeg }: DrawnPiece, { x, y }: Point, run: number): string {
  const [dx, dy] = [Math.cos(rad(grainDeg)) * run, Math.sin(rad(grainDeg)) * run];
  return `M${tidy(x)} ${tidy(y)}l${tidy(dx)} ${tidy(dy)}`;
}

/** The blade from above, from its point to its handle; by the handle it is turned. */
function TurnedBlade({
  piece,
  blade,
  centre,
  reach,
  margin,
  unit,
}: {
  piece: DrawnPiece;
  blade?: Blade;
  centre: Point;
  reach: number;
  margin: number;
  unit: number;
}) {
  const { style } = usePreferences();
  const { yawDeg, lengthMm, widthMm } = piece;
  const along = { x: -Math.sin(rad(yawDeg)), y: Math.cos(rad(yawDeg)) };
  const run =
    Math.min(
      reach,
      Math.min(widthMm / 2 / Math.max(Math.abs(along.y), 1e-6), lengthMm / 2 / Math.max(Math.abs(along.x), 1e-6)),
    ) +
    margin * 0.35;
  const end = { x: centre.x + along.x * run, y: centre.y + along.y * run };
  return (
    <>
      <line
        x1={tidy(centre.x - along.x * run)}
        y1={tidy(centre.y - along.y * run)}
        x2={tidy(end.x)}
        y2={tidy(end.y)}
        stroke="#0e3b34"
        strokeWidth={0.8 * unit}
      />
      <circle cx={tidy(centre.x)} cy={tidy(centre.y)} r={0.9 * unit} fill="#0e3b34" />
      {!blade && (
        <g transform={`translate(${tidy(end.x)} ${tidy(end.y)}) rotate(${yawDeg})`}>
          <path d={`M${-1.1 * unit} 0h${2.2 * unit}l${0.4 * unit} ${0.5 * margin}h${-3 * unit}z`} fill="#0e3b34" />
        </g>
      )}
      {blade && (
        <Handle
          label="Blade, turn"
          value={yawDeg}
          min={-90}
          max={90}
          step={1}
          text={`${formatNumber(yawDeg - piece.grainDeg, style.locale)}° from straight across the fibres`}
          at={end}
          radius={1.5 * unit}
          reach={5 * unit}
          onStep={blade.onTurn}
          onDrag={({ x, y }) => {
            const turn = degOf(Math.atan2(-(x - centre.x), y - centre.y));
            blade.onTurn(Math.round(turn > 90 ? turn - 180 : turn < -90 ? turn + 180 : turn));
          }}
        />
      )}
    </>
  );
}

/** Ten slices between two marks; the second is dragged, so that a tenth of a millimetre can be set by hand. */
function Bracket({
  piece,
  blade,
  unit,
  margin,
  name,
}: {
  piece: DrawnPiece;
  blade: Blade;
  unit: number;
  margin: number;
  name: 'above' | 'side';
}) {
  const { style } = usePreferences();
  const { thicknessMm, yawDeg, bevelDeg, lengthMm, widthMm } = piece;
  const turn = rad(Math.abs(yawDeg));
  const downTheSide = name === 'above' && Math.tan(turn) > lengthMm / widthMm;
  const cosine = Math.cos(rad(bevelDeg)) * (downTheSide ? Math.sin(turn) : Math.max(Math.cos(turn), 0.05));
  const room = downTheSide ? widthMm : lengthMm;
  const count = Math.max(
    1,
    Math.min(
      MOST_IN_BRACKET,
      Math.floor((0.8 * room * cosine) / blade.thickness.max) || 1,
      Math.floor((room * cosine) / thicknessMm),
    ),
  );
  const span = Math.min(room * 1.05, (count * thicknessMm) / cosine);
  const off = -0.32 * margin;
  const at = downTheSide ? { x: off, y: span } : { x: span, y: off };
  const say = `${count} ${count === 1 ? 'slice' : 'slices'}, ${formatLength(count * thicknessMm, style)}`;
  return (
    <>
      <path
        d={downTheSide ? `M${off + unit} 0H${off}V${tidy(span)}` : `M0 ${off + unit}V${off}H${tidy(span)}`}
        stroke="#0e3b34"
        strokeWidth={0.35 * unit}
        fill="none"
      />
      {!downTheSide && name === 'above' && (
        <text
          paintOrder="stroke"
          stroke="#f3f6f5"
          strokeWidth={1.6 * unit}
          x={tidy(span + 2.6 * unit)}
          y={off + 1.2 * unit}
          fontSize={3.5 * unit}
          fill="#12211d"
          fontWeight={600}
        >
          {say}
        </text>
      )}
      <Handle
        label={name === 'above' ? 'Ten slices, from above' : 'Ten slices, from the side'}
        value={thicknessMm}
        min={blade.thickness.min}
        max={blade.thickness.max}
        step={0.5}
        text={`slices of ${formatLength(thicknessMm, style)}`}
        at={at}
        radius={1.2 * unit}
        reach={4.5 * unit}
        onStep={blade.onThickness}
        onDrag={({ x, y }) =>
          blade.onThickness(
            held(
              Math.round((((downTheSide ? y : x) * cosine) / count) * 10) / 10,
              blade.thickness.min,
              blade.thickness.max,
            ),
          )
        }
      />
    </>
  );
}

/** The blade from the side, held by its back. */
function LeaningBlade({
  piece,
  blade,
  unit,
  margin,
}: {
  piece: DrawnPiece;
  blade: Blade;
  unit: number;
  margin: number;
}) {
  const { style } = usePreferences();
  const { bevelDeg, lengthMm, heightMm } = piece;
  const foot = { x: lengthMm * 0.62, y: heightMm };
  const run = heightMm / Math.cos(rad(Math.min(70, bevelDeg))) + 0.3 * margin;
  const back = { x: foot.x - Math.sin(rad(bevelDeg)) * run, y: foot.y - Math.cos(rad(bevelDeg)) * run };
  return (
    <>
      <line
        x1={tidy(foot.x)}
        y1={tidy(foot.y)}
        x2={tidy(back.x)}
        y2={tidy(back.y)}
        stroke="#0e3b34"
        strokeWidth={0.8 * unit}
      />
      <Handle
        label="Blade, lean"
        value={bevelDeg}
        min={0}
        max={Math.floor(blade.maxLeanDeg)}
        step={1}
        text={`leaning ${formatNumber(bevelDeg, style.locale)}° from upright`}
        at={back}
        radius={1.5 * unit}
        reach={5 * unit}
        onStep={blade.onLean}
        onDrag={({ x, y }) =>
          blade.onLean(
            held(Math.round(degOf(Math.atan2(foot.x - x, Math.max(1, foot.y - y)))), 0, Math.floor(blade.maxLeanDeg)),
          )
        }
      />
      <Bracket piece={{ ...piece, yawDeg: 0 }} blade={blade} unit={unit} margin={margin} name="side" />
    </>
  );
}
