import type { BatchPlan } from '@/core/batches';
import type { Stage } from '@/core/scheduling';
import { FORCE_NAMES, heatWords, SHAPE_UNITS } from '@/core/words';
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
  const { piece, firm, slice, tenderize, marinate, cook } = plan;
  const soda = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  return {
    piece: `${formatMass(piece.trimmedG, style)} after trimming`,
    firm: firmLine(firm),
    slice: sliceLine(slice, style),
    tenderize: soda
      ? `Soda ${formatMass(soda.sodaG, style)}, ${tenderize.inMixPercent > 0 ? 'in the mix' : tenderize.choice === 'leave-in' ? 'stays in' : 'rinsed off'}`
      : tenderize.force
        ? FORCE_NAMES[tenderize.force.force]
        : tenderize.judgement.answer === 'no'
          ? 'Not needed'
          : 'No soda',
    marinate: `${formatMass(marinate.whole.massG, style)} mix, ${formatDuration(marinate.minutes)} ${marinate.place === 'fridge' ? 'in the fridge' : 'on the counter'}`,
    cook: `${heatWords(plan, style).rounds}, to ${formatTemperature(cook.temperature.tempC, style)}`,
  };
}

function firmLine({ needed, minutes, from, to, state }: BatchPlan['firm']): string {
  if (state.is === 'frozen')
    return `tempers ${formatDuration(minutes)} ${state.input.place === 'fridge' ? 'in the fridge' : 'on the board'}`;
  if (!needed) return 'Not needed';
  return `${formatDuration(minutes)}, slices well from ${formatDuration(from)} to ${formatDuration(to)}`;
}

function sliceLine(slice: BatchPlan['slice'], style: FormatStyle): string {
  const counted = `${formatNumber(slice.pieceCount, style.locale)} ${SHAPE_UNITS[slice.shape][slice.pieceCount === 1 ? 0 : 1]}`;
  if (slice.comesSliced) return `Comes sliced, ${counted}`;
  const size = formatLength(slice.thicknessMm, style);
  if (shapeRow(slice.shape).level || slice.shape === 'steaks')
    return `${counted}, ${formatLength(slice.pieceMm.thicknessMm, style)}`;
  return `${size}, ${slice.knifeToGrainDeg > 60 ? 'across the grain' : slice.knifeToGrainDeg < 30 ? 'with the grain' : 'slanted to the grain'}, ${counted}`;
}
