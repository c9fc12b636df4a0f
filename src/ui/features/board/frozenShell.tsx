import { contours } from 'd3-contour';
import type { Film } from '@/core/firming';
import type { Animal } from '@/core/pieces';
import { FLESH } from '../drawing/flesh';
import { outline, tidy } from '../drawing/lines';

const LEVELS = [0.05, 0.2, 0.35, 0.5, 0.65, 0.8];
const COLOURS = ['#e3b9b4', '#d3c3cb', '#bcd0de', '#9fc7de', '#7fb6d4', '#5a9dc4'];

const FINE = { columns: 72, rows: 36 };

/** Frozen shares of one frame on an even, finer grid over the whole section, mirrored where only a part was solved. */
function fineGrid(film: Film, frame: Film['frames'][number]): number[] {
  const middles = (borders: readonly number[]) =>
    borders.slice(1).map((border, index) => (border + borders[index]!) / 2);
  const [along, up] = [middles(film.lengthMm), middles(film.heightMm)];
  const [halfLength, top] = [film.lengthMm[film.lengthMm.length - 1]!, film.heightMm[film.heightMm.length - 1]!];
  const place = (at: number, centres: readonly number[]) => {
    const above = centres.findIndex((centre) => centre >= at);
    if (above === 0) return { low: 0, share: 0 };
    if (above < 0) return { low: centres.length - 2, share: 1 };
    return { low: above - 1, share: (at - centres[above - 1]!) / (centres[above]! - centres[above - 1]!) };
  };
  const columns = Array.from({ length: FINE.columns }, (_, column) =>
    place(Math.abs(((column + 0.5) / FINE.columns) * 2 - 1) * halfLength, along),
  );
  const rows = Array.from({ length: FINE.rows }, (_, row) => {
    const fromTop = (row + 0.5) / FINE.rows;
    return place(film.mirrored ? Math.abs(1 - 2 * fromTop) * top : (1 - fromTop) * top, up);
  });
  const at = (row: number, column: number) => frame.frozen[row * along.length + column]!;
  return rows.flatMap(({ low: r, share: v }) =>
    columns.map(
      ({ low: c, share: u }) =>
        (1 - v) * ((1 - u) * at(r, c) + u * at(r, c + 1)) + v * ((1 - u) * at(r + 1, c) + u * at(r + 1, c + 1)),
    ),
  );
}

/** One path a level of ice, in the units of the fine grid. */
function pathsOf(film: Film, frame: Film['frames'][number]): string[] {
  return contours()
    .size([FINE.columns, FINE.rows])
    .thresholds(LEVELS)(fineGrid(film, frame))
    .map(({ coordinates }) =>
      coordinates
        .flat()
        .map((ring) => `M${ring.map(([x, y]) => `${tidy(x!)} ${tidy(y!)}`).join('L')}Z`)
        .join(''),
    );
}

interface Props {
  film: Film;
  minutes: number;
  animal: Animal;
  describe: string;
}

/** A cut through the middle of the piece along its length: how far the ice has come by this minute. */
export function FrozenShell({ film, minutes, animal, describe }: Props) {
  const frame = film.frames.reduce(
    (best, one) => (Math.abs(one.minutes - minutes) < Math.abs(best.minutes - minutes) ? one : best),
    film.frames[0]!,
  );
  const length = 2 * film.lengthMm[film.lengthMm.length - 1]!;
  const height = (film.mirrored ? 2 : 1) * film.heightMm[film.heightMm.length - 1]!;
  const shape = outline(length, height);
  const pad = length * 0.03;
  return (
    <svg
      viewBox={`${-pad} ${-pad} ${length + 2 * pad} ${height + 2 * pad}`}
      role="img"
      aria-label={describe}
      className="mx-auto block max-h-[26vh] w-full"
    >
      <defs>
        <clipPath id="shell">
          <path d={shape} />
        </clipPath>
      </defs>
      <path d={shape} fill={FLESH[animal].fill} />
      <g clipPath="url(#shell)">
        <g transform={`scale(${length / FINE.columns} ${height / FINE.rows})`}>
          {pathsOf(film, frame).map((path, level) => path && <path key={level} d={path} fill={COLOURS[level]} />)}
        </g>
      </g>
      <path d={shape} fill="none" stroke="#21698c" strokeWidth={length / 160} />
    </svg>
  );
}

/** The colours of the shell, said in words. */
export function ShellKey() {
  return (
    <p className="flex flex-wrap items-center justify-center gap-x-4 gap-y-1 text-[13px] text-muted">
      <span>frozen share of the water:</span>
      {LEVELS.filter((_, index) => index % 2 === 1).map((from, index) => (
        <span key={from} className="inline-flex items-center gap-1.5">
          <span className="inline-block size-3.5 rounded-sm" style={{ background: COLOURS[index * 2 + 1] }} />
          from {Math.round(from * 100)} %
        </span>
      ))}
    </p>
  );
}
