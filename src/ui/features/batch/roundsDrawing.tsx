import type { BatchPlan } from '@/core/batches';
import type { Animal } from '@/core/pieces';
import type { Shape } from '@/core/ways';
import { FLESH } from '../drawing/flesh';

const MOST_ROUNDS = 12;
const MOST_STICKS = 14;
const MOST_PIECES = 6;
const STRIPS = Array.from({ length: 16 }, (_, index) => ({
  x: 20 + (index % 4) * 16,
  y: 24 + Math.floor(index / 4) * 15,
  dy: index % 3 ? 4 : -3,
}));

interface Props {
  cook: BatchPlan['cook'];
  shape: Shape;
  animal: Animal;
}

/** What lies in the heat, round by round: sticks on a grate or tray, strips or whole pieces in the pan. */
export function RoundsDrawing({ cook: { rounds, sticks, piecesPerRound, method }, shape, animal }: Props) {
  const shown = Math.min(rounds, MOST_ROUNDS);
  const perRound = Math.ceil(sticks / rounds);
  const flesh = FLESH[animal].line;
  const where = method === 'table' ? 'on the grate' : 'in the pan';
  return (
    <div
      role="img"
      aria-label={`${sticks ? `${sticks} sticks in ` : ''}${rounds} ${rounds === 1 ? 'round' : 'rounds'}${sticks ? '' : ` ${where}`}`}
      className="panel flex flex-wrap gap-3 p-4"
    >
      {Array.from({ length: shown }, (_, round) => (
        <svg key={round} viewBox="0 0 120 90" className="w-28" aria-hidden="true">
          {sticks ? (
            <Sticks
              count={round === rounds - 1 ? sticks - perRound * (rounds - 1) : perRound}
              perRound={perRound}
              cubes={shape === 'cubes'}
              flesh={flesh}
            />
          ) : (
            <>
              <Ground table={method === 'table'} />
              {piecesPerRound ? (
                <Pieces count={Math.min(MOST_PIECES, piecesPerRound)} flesh={flesh} />
              ) : (
                STRIPS.map(({ x, y, dy }) => (
                  <path
                    key={`${x} ${y}`}
                    d={`M${x} ${y}l10 ${dy}`}
                    stroke={flesh}
                    strokeWidth="5"
                    strokeLinecap="round"
                  />
                ))
              )}
            </>
          )}
        </svg>
      ))}
      {rounds > shown && <span className="figure self-center text-[26px] text-muted">+{rounds - shown}</span>}
    </div>
  );
}

interface SticksProps {
  count: number;
  perRound: number;
  cubes: boolean;
  flesh: string;
}

function Sticks({ count, perRound, cubes, flesh }: SticksProps) {
  const drawn = Math.min(MOST_STICKS, perRound);
  return (
    <>
      <rect x="2" y="14" width="116" height="62" rx="4" fill="none" stroke="#566761" strokeWidth="2" />
      {Array.from({ length: Math.min(count, drawn) }, (_, stick) => {
        const x = 8 + (stick * 104) / Math.max(1, drawn - 1);
        return (
          <g key={stick}>
            <path d={`M${x} 6V84`} stroke="#8a5d10" strokeWidth="1.6" />
            {cubes ? (
              [20, 31, 42, 53, 64].map((y) => (
                <rect key={y} x={x - 3.5} y={y} width="7" height="8.5" rx="1.5" fill={flesh} />
              ))
            ) : (
              <path
                d={`M${x - 3} 20q6 5 0 10q6 5 0 10q6 5 0 10q6 5 0 10`}
                stroke={flesh}
                strokeWidth="4.5"
                fill="none"
                strokeLinecap="round"
              />
            )}
          </g>
        );
      })}
    </>
  );
}

/** A pan, or the grate of a table grill. */
const Ground = ({ table }: { table: boolean }) =>
  table ? (
    <>
      <rect x="4" y="8" width="84" height="76" rx="10" fill="#e6ecea" stroke="#0e3b34" strokeWidth="3" />
      <path d="M16 10v72M28 10v72M40 10v72M52 10v72M64 10v72M76 10v72" stroke="#566761" strokeWidth="1.2" />
    </>
  ) : (
    <>
      <path d="M84 46h34" stroke="#0e3b34" strokeWidth="7" strokeLinecap="round" />
      <ellipse cx="46" cy="46" rx="42" ry="38" fill="#e6ecea" stroke="#0e3b34" strokeWidth="3" />
    </>
  );

/** Whole pieces side by side, as large as so many allow. */
function Pieces({ count, flesh }: { count: number; flesh: string }) {
  const across = Math.ceil(Math.sqrt(count));
  const down = Math.ceil(count / across);
  const [width, height] = [58 / across, 50 / down];
  return Array.from({ length: count }, (_, index) => (
    <rect
      key={index}
      x={17 + (index % across) * width + 1.5}
      y={21 + Math.floor(index / across) * height + 1.5}
      width={width - 3}
      height={height - 3}
      rx="6"
      fill={flesh}
    />
  ));
}
