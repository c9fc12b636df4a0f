import { memo } from 'react';
import type { PiecePlan, SlicePlan } from '@/core/batches';
import type { Animal } from '@/core/pieces';
import { formatLength, MM_PER_IN } from '@/core/units';
import { usePreferences } from '../../shell/preferences';

export type DrawnPiece = { animal: Animal } & Pick<PiecePlan, 'lengthMm' | 'widthMm' | 'heightMm'> & Pick<SlicePlan, 'thicknessMm' | 'yawDeg' | 'bevelDeg' | 'grainDeg' | 'grainPitchDeg'>;

const FLESH: Record<Animal, { fill: string; line: string }> = {
  beef: { fill: '#c9716d', line: '#9d4646' },
  lamb: { fill: '#d58c88', line: '#b05c5c' },
  pork: { fill: '#e6aaa0', line: '#bf7469' },
  chicken: { fill: '#efccb8', line: '#c39379' },
  turkey: { fill: '#ecc4b4', line: '#bd8872' },
};

const METRIC_BARS_MM = [200, 100, 50, 20, 10];
const US_BARS_MM = [8, 4, 2, 1, 0.5].map((inches) => inches * MM_PER_IN);
const MOST_LINES = 220;
const FIBRE_GAP_MM = 4.5;
const rad = (deg: number) => (deg * Math.PI) / 180;
const round = (value: number) => Math.round(value * 100) / 100;

/** Parallel lines across a box, as one path: through points every `gap` along the normal. */
function hatch(normalDeg: number, gapMm: number, reachMm: number, centre: { x: number; y: number }): string {
  const count = Math.min(MOST_LINES, Math.ceil((2 * reachMm) / gapMm));
  const [nx, ny] = [Math.cos(rad(normalDeg)), Math.sin(rad(normalDeg))];
  let path = '';
  for (let index = 0; index <= count; index++) {
    const along = (index - count / 2) * gapMm;
    const [x, y] = [centre.x + nx * along, centre.y + ny * along];
    path += `M${round(x - ny * reachMm)} ${round(y + nx * reachMm)}L${round(x + ny * reachMm)} ${round(y - nx * reachMm)}`;
  }
  return path;
}

/** Short streaks of fat along the fibres, at fixed places. */
const STREAKS = [[0.08, 0.42, 0.9], [0.19, 0.18, 1.2], [0.27, 0.71, 0.8], [0.36, 0.35, 1.1], [0.44, 0.86, 0.7], [0.53, 0.14, 1], [0.6, 0.6, 1.3], [0.71, 0.33, 0.8], [0.78, 0.8, 1.1], [0.87, 0.52, 0.9]] as const;

function marbling(width: number, height: number, grainDeg: number): string {
  const [dx, dy] = [Math.cos(rad(grainDeg)), Math.sin(rad(grainDeg))];
  const run = Math.min(width, height) * 0.07;
  return STREAKS.map(([x, y, long]) => `M${round(width * x)} ${round(height * y)}q${round(run * long * dx - run * 0.06 * dy)} ${round(run * long * dy + run * 0.06 * dx)} ${round(2 * run * long * dx)} ${round(2 * run * long * dy)}`).join('');
}

/** A piece has rounded ends; the calculation takes the block around it. */
function outline(width: number, height: number): string {
  const [rx, ry] = [width * 0.16, height * 0.34];
  return `M${rx} 0H${width - rx * 0.7}Q${width} 0 ${width} ${ry}V${height - ry * 0.7}Q${width} ${height} ${width - rx} ${height}H${rx * 0.6}Q0 ${height} 0 ${height - ry}V${ry * 0.8}Q0 0 ${rx} 0Z`;
}

/** The piece from above and from the side, to one scale, with its fibres, the cuts and the blade. Redrawn from the numbers. */
export const PieceDrawing = memo(function PieceDrawing(piece: DrawnPiece & { describe: string; cuts?: boolean }) {
  const { lengthMm: length, widthMm: width, heightMm: height, cuts = true } = piece;
  const colours = FLESH[piece.animal];
  const margin = Math.max(length, width) * 0.06 + 6;
  const total = { width: length + 2 * margin, height: width + height + 2.6 * margin };
  const unit = total.width / 100;
  const centre = { x: length / 2, y: width / 2 };
  const reach = Math.hypot(length, width) / 2 + 2;
  const boardStep = piece.thicknessMm / Math.cos(rad(piece.bevelDeg));
  const knife = { x: -Math.sin(rad(piece.yawDeg)), y: Math.cos(rad(piece.yawDeg)) };
  const bladeReach = Math.min(reach, Math.min(width / 2 / Math.max(Math.abs(knife.y), 1e-6), length / 2 / Math.max(Math.abs(knife.x), 1e-6))) + margin * 0.4;
  const sideCut = hatch(-piece.bevelDeg, Math.max(piece.thicknessMm, 0.5), length, { x: length / 2, y: height / 2 });
  const { style } = usePreferences();
  const bar = (style.system === 'us' ? US_BARS_MM : METRIC_BARS_MM).find((mm) => mm <= length * 0.4) ?? 5;
  const tallest = cuts ? 46 : 30;

  return (
    <div className="mx-auto w-full text-[12px] text-muted" style={{ maxWidth: `calc(${tallest}vh * ${round(total.width / total.height)})`, minWidth: 'min(100%, 240px)' }}>
      <div className="flex justify-between gap-3 px-[5%]"><span>from above</span>{cuts && <span>dashed: the fibres</span>}</div>
      <svg viewBox={`0 0 ${round(total.width)} ${round(width + 1.4 * margin)}`} role="img" aria-label={piece.describe} className="block w-full">
        <defs><clipPath id="above"><path d={outline(length, width)} /></clipPath></defs>
        <g transform={`translate(${round(margin)} ${round(0.4 * margin)})`}>
          <path d={outline(length, width)} fill={colours.fill} />
          <g clipPath="url(#above)">
            <path d={hatch(piece.grainDeg + 90, FIBRE_GAP_MM, reach, centre)} stroke={colours.line} strokeWidth={0.9} opacity={0.5} fill="none" />
            {cuts && <path d={hatch(piece.yawDeg, Math.max(boardStep, 0.8), reach, centre)} stroke="#12211d" strokeWidth={0.28 * unit} opacity={0.55} fill="none" />}
            <path d={marbling(length, width, piece.grainDeg)} stroke="#f9ece2" strokeWidth={0.55 * unit} strokeLinecap="round" fill="none" opacity={0.85} />
          </g>
          <path d={outline(length, width)} fill="none" stroke={colours.line} strokeWidth={0.35 * unit} />
          {cuts && (
            <g transform={`translate(${round(centre.x)} ${round(centre.y)})`}>
              <line x1={round(-knife.x * bladeReach)} y1={round(-knife.y * bladeReach)} x2={round(knife.x * bladeReach)} y2={round(knife.y * bladeReach)} stroke="#0e3b34" strokeWidth={0.8 * unit} />
              <g transform={`translate(${round(knife.x * bladeReach)} ${round(knife.y * bladeReach)}) rotate(${piece.yawDeg})`}><path d={`M${-1.1 * unit} 0h${2.2 * unit}l${0.4 * unit} ${0.6 * margin}h${-3 * unit}z`} fill="#0e3b34" /></g>
              <line x1={0} y1={0} x2={round(Math.cos(rad(piece.grainDeg)) * length * 0.24)} y2={round(Math.sin(rad(piece.grainDeg)) * length * 0.24)} stroke="#12211d" strokeWidth={0.4 * unit} strokeDasharray={`${unit} ${unit}`} />
              <circle r={1.1 * unit} fill="#fff" stroke="#0e3b34" strokeWidth={0.5 * unit} />
            </g>
          )}
        </g>
      </svg>
      <div className="px-[5%] pt-1">from the side</div>
      <svg viewBox={`0 0 ${round(total.width)} ${round(height + 1.2 * unit)}`} aria-hidden="true" className="block w-full">
        <defs><clipPath id="side"><path d={outline(length, height)} /></clipPath></defs>
        <g transform={`translate(${round(margin)} 0)`}>
          <path d={outline(length, height)} fill={colours.fill} />
          <g clipPath="url(#side)">
            <path d={hatch(90 - piece.grainPitchDeg, FIBRE_GAP_MM, length, { x: length / 2, y: height / 2 })} stroke={colours.line} strokeWidth={0.9} opacity={0.4} fill="none" />
            {cuts && <path d={sideCut} stroke="#12211d" strokeWidth={0.3 * unit} opacity={0.65} fill="none" />}
          </g>
          <path d={outline(length, height)} fill="none" stroke={colours.line} strokeWidth={0.35 * unit} />
        </g>
        <rect x={0} y={height} width={total.width} height={0.9 * unit} fill="#d3ddda" />
      </svg>
      <div className="flex items-center justify-end gap-2 px-[5%] pt-2">
        {formatLength(bar, style)} <span aria-hidden="true" className="h-2 border-x border-b border-muted" style={{ width: `${(100 * bar) / total.width / 0.9}%` }} />
      </div>
    </div>
  );
});
