import type { BatchInputs, BatchPlan } from '@/core/batches';
import type { Stage } from '@/core/scheduling';
import { formatDuration, formatLength, formatMass, formatNumber, formatTemperature, type FormatStyle } from '@/core/units';

/** The one-line result of every stage, for the rail. */
export function stageLines(plan: BatchPlan, inputs: BatchInputs, style: FormatStyle): Record<Exclude<Stage, 'taste'>, string> {
  const { piece, firm, slice, tenderize, marinate, cook } = plan;
  const count = (value: number) => formatNumber(value, style.locale);
  const soda = tenderize.choice === 'skip' ? undefined : tenderize.schools[tenderize.choice];
  return {
    piece: `${formatMass(piece.trimmedG, style)} after trimming`,
    firm: inputs.pins.firmMin === undefined ? `${formatDuration(firm.from)} to ${formatDuration(firm.to)} in the freezer` : `${formatDuration(firm.minutes)} in the freezer`,
    slice: `${formatLength(slice.thicknessMm, style)}, ${slice.knifeToGrainDeg > 60 ? 'across the grain' : 'slanted to the grain'}, ${count(slice.sliceCount)} slices`,
    tenderize: soda ? `Soda ${formatMass(soda.sodaG, style)}, ${tenderize.choice === 'leave-in' ? 'stays in' : 'rinsed off'}` : 'No soda',
    marinate: `${formatMass(marinate.whole.massG, style)} mix, ${formatDuration(marinate.minutes)} ${marinate.place === 'fridge' ? 'in the fridge' : 'on the counter'}`,
    cook: `${cook.sticks ? `${count(cook.sticks)} sticks, ` : ''}${count(cook.rounds)} ${cook.rounds === 1 ? 'round' : 'rounds'}, to ${formatTemperature(cook.temperature.tempC, style)}`,
  };
}
