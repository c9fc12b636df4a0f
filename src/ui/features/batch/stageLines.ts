import type { BatchInputs, BatchPlan } from '@/core/batches';
import type { Stage } from '@/core/scheduling';
import { SHAPE_UNITS } from '@/core/words';
import {
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  formatTemperature,
  type FormatStyle,
} from '@/core/units';

/** The one-line result of every stage, for the rail. */
export function stageLines(
  plan: BatchPlan,
  inputs: BatchInputs,
  style: FormatStyle,
): Record<Exclude<Stage, 'taste'>, string> {
  const { piece, firm, slice, tenderize, marinate, cook } = plan;
  const count = (value: number) => formatNumber(value, style.locale);
  const soda = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  return {
    piece: `${formatMass(piece.trimmedG, style)} after trimming`,
    firm: firmLine(firm, inputs),
    slice: sliceLine(slice, style),
    tenderize: soda
      ? `Soda ${formatMass(soda.sodaG, style)}, ${tenderize.choice === 'leave-in' ? 'stays in' : 'rinsed off'}`
      : 'No soda',
    marinate: `${formatMass(marinate.whole.massG, style)} mix, ${formatDuration(marinate.minutes)} ${marinate.place === 'fridge' ? 'in the fridge' : 'on the counter'}`,
    cook: `${cook.sticks ? `${count(cook.sticks)} sticks, ` : ''}${count(cook.rounds)} ${cook.rounds === 1 ? 'round' : 'rounds'}, to ${formatTemperature(cook.temperature.tempC, style)}`,
  };
}

function firmLine({ needed, minutes, from, to, state }: BatchPlan['firm'], { pins }: BatchInputs): string {
  if (state.is === 'frozen')
    return `tempers ${formatDuration(minutes)} ${state.input.place === 'fridge' ? 'in the fridge' : 'on the board'}`;
  if (!needed) return 'Not needed';
  return pins.firmMin === undefined
    ? `${formatDuration(from)} to ${formatDuration(to)} in the freezer`
    : `${formatDuration(minutes)} in the freezer`;
}

function sliceLine(slice: BatchPlan['slice'], style: FormatStyle): string {
  const counted = `${formatNumber(slice.strips ? slice.sliceCount : slice.pieceCount, style.locale)} ${slice.strips ? 'slices' : SHAPE_UNITS[slice.shape][slice.pieceCount === 1 ? 0 : 1]}`;
  if (slice.knifeCuts === 0) return `Comes sliced, ${counted}`;
  const size = formatLength(slice.thicknessMm, style);
  if (
    slice.shape === 'cubes' ||
    slice.shape === 'unrolled' ||
    slice.shape === 'butterflied' ||
    slice.shape === 'pounded'
  )
    return `${counted}, ${slice.shape === 'butterflied' ? formatLength(slice.pieceMm.thicknessMm, style) : size}`;
  return `${size}, ${slice.knifeToGrainDeg > 60 ? 'across the grain' : slice.knifeToGrainDeg < 30 ? 'with the grain' : 'slanted to the grain'}, ${counted}`;
}
