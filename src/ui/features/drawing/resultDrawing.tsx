import type { SlicePlan } from '@/core/batches';
import type { Animal } from '@/core/pieces';
import { SCORE_MM, SCORE_SHEET_MM } from '@/core/slicing';
import { formatLength } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { FLESH } from './flesh';
import { grid, tidy } from './lines';

const BOX = { width: 300, height: 96 };
const SAY: Record<SlicePlan['shape'], string> = {
  strips: 'one strip',
  ribbons: 'one slice',
  shaved: 'one slice',
  cubes: 'one cube',
  unrolled: 'the sheet',
  butterflied: 'opened',
  pounded: 'beaten, with its grid',
  steaks: 'one steak',
  'sliced-after': 'one slice of it, cooked',
};

/** One of what the knife makes, flat on the board and from its edge, to a scale of its own. */
export function ResultDrawing({ slice, animal }: { slice: SlicePlan; animal: Animal }) {
  const { style } = usePreferences();
  const colours = FLESH[animal];
  const slab =
    slice.shape === 'sliced-after' || (slice.strips && slice.strips.perSlab > 1)
      ? { lengthMm: slice.sliceLengthMm, widthMm: slice.sliceWidthMm, thicknessMm: slice.thicknessMm }
      : slice.pieceMm;
  const [long, short] = slab.lengthMm >= slab.widthMm ? [slab.lengthMm, slab.widthMm] : [slab.widthMm, slab.lengthMm];
  const scale = Math.min(BOX.width / long, (BOX.height - 24) / (short + slab.thicknessMm + 6), 4);
  const [w, h, t] = [long * scale, short * scale, Math.max(1.5, slab.thicknessMm * scale)].map(tidy) as [
    number,
    number,
    number,
  ];
  const cutAgain = slice.strips && slice.strips.perSlab > 1 ? slice.strips.stripWidthMm : undefined;
  const gap = (cutAgain ?? (slice.shape === 'unrolled' ? SCORE_SHEET_MM : SCORE_MM)) * scale;
  const said = cutAgain
    ? 'one slab, cut into strips'
    : `${SAY[slice.shape]}${slice.shape === 'unrolled' && slice.scored ? ', scored' : ''}`;
  const marks = cutAgain
    ? Array.from(
        { length: Math.min(120, Math.floor(w / gap)) },
        (_, index) => `M${tidy((index + 1) * gap)} 0V${h}`,
      ).join('')
    : slice.shape === 'pounded'
      ? grid(w, h, gap)
      : slice.shape === 'unrolled' && slice.scored
        ? grid(w, 1, gap).replaceAll('V1', `V${h}`)
        : '';
  const measures = `${formatLength(long, style)} × ${formatLength(short, style)} × ${formatLength(slab.thicknessMm, style)}`;
  return (
    <figure className="text-[12px] text-muted">
      <figcaption>
        {said}, {measures}
      </figcaption>
      <svg
        viewBox={`-2 -2 ${BOX.width + 4} ${BOX.height}`}
        role="img"
        aria-label={`${said}, ${measures}`}
        className="mt-1 block w-full max-w-[420px]"
      >
        <rect width={w} height={h} rx={Math.min(5, h / 4)} fill={colours.fill} stroke={colours.line} />
        {marks && <path d={marks} stroke="#12211d" strokeWidth={0.7} opacity={0.6} fill="none" />}
        <rect y={h + 6} width={w} height={t} rx={Math.min(2, t / 2)} fill={colours.line} />
      </svg>
    </figure>
  );
}
