import type { BatchPlan } from '@/core/batches';
import type { Stage } from '@/core/ways';
import { FORCE_NAMES, heatWords, SHAPE_UNITS, spanWords } from '@/core/words';
import { shapeRow } from '@/core/ways';
import {
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  formatTemperature,
  type FormatStyle,
} from '@/core/units';

/** The one-line result of every stage, for the rail. */
export function stageLines(plan: BatchPlan, style: FormatStyle): Record<Exclude<Stage, 'taste'>, string> {
  const { piece, firm, slice, marinate, cook } = plan;
  return {
    piece: `${formatMass(piece.trimmedG, style)} after trimming`,
    firm: firmLine(firm),
    slice: sliceLine(slice, style),
    tenderize: tenderizeLine(plan, style),
    marinate: `${formatMass(marinate.whole.massG, style)} mix, ${marinate.minutes === 0 ? 'straight to the heat' : `${formatDuration(marinate.minutes)} ${marinate.place === 'fridge' ? 'in the fridge' : 'on the counter'}`}`,
    cook: `${heatWords(plan, style).rounds}, to ${formatTemperature(cook.temperature.tempC, style)}`,
  };
}

/** Everything that is done for tenderness: soda, force with the thickness it leaves, fruit with its share. */
function tenderizeLine({ tenderize, marinate }: BatchPlan, style: FormatStyle): string {
  const { choice, force, inMixPercent, judgement } = tenderize;
  const soda = choice === 'skip' ? undefined : tenderize.schools[choice];
  const where = inMixPercent > 0 ? 'in the mix' : choice === 'leave-in' ? 'stays in' : 'rinsed off';
  const did = [
    soda ? `Soda ${formatMass(soda.sodaG, style)}, ${where}` : '',
    force
      ? `${FORCE_NAMES[force.force]}${force.areaFactor > 1 ? ` to ${formatLength(force.pieceMm.thicknessMm, style)}` : ''}`
      : '',
    ...(marinate.fruit?.fruits ?? []).map(
      ({ fruit, dosePercent }) => `${fruit.name.split(',')[0]} ${formatNumber(dosePercent, style.locale, 1)} %`,
    ),
  ].filter(Boolean);
  return did.length ? did.join('; ') : judgement.answer === 'no' ? 'Not needed' : 'No soda';
}

function firmLine({ needed, minutes, from, to, state }: BatchPlan['firm']): string {
  if (state.is === 'frozen')
    return minutes === 0
      ? 'tempered before'
      : `tempers ${formatDuration(minutes)} ${state.input.place === 'fridge' ? 'in the fridge' : 'on the board'}`;
  if (!needed) return 'Not needed';
  return `${formatDuration(minutes)}, slices well ${from < 0.5 ? '' : 'from '}${spanWords(from, to)}`;
}

function sliceLine(slice: BatchPlan['slice'], style: FormatStyle): string {
  const counted = `${formatNumber(slice.pieceCount, style.locale)} ${SHAPE_UNITS[slice.shape][slice.pieceCount === 1 ? 0 : 1]}`;
  if (slice.comesSliced) return `Comes sliced, ${counted}`;
  const size = formatLength(slice.thicknessMm, style);
  if (shapeRow(slice.shape).level || slice.shape === 'steaks')
    return `${counted}, ${formatLength(slice.pieceMm.thicknessMm, style)}`;
  return `${size}, ${slice.knifeToGrainDeg > 60 ? 'across the grain' : slice.knifeToGrainDeg < 30 ? 'with the grain' : 'slanted to the grain'}, ${counted}`;
}
