import type { Fruit } from './fruits';

export const ENZYME_VERDICTS = ['little', 'slight', 'tender', 'stop', 'mush'] as const;
export type EnzymeVerdict = (typeof ENZYME_VERDICTS)[number];

/** Where one verdict ends and the next begins, in exposure: fitted to common practice, dimensionless. */
export const EXPOSURE = { slight: 0.15, tender: 0.5, stop: 2, mush: 3 } as const;
/** With fruit in it meat comes out of the marinade by then, however mild (common practice). */
export const FRUIT_STOP_H = 48;
/** Above this the enzymes give out, °C; the clock says nothing of hotter meat. */
const HOTTEST_C = 50;
const FRIDGE_C = 4;
/** Ripeness changes a fruit's activity several-fold; half to twice is shown. Own estimate. */
export const RIPENESS_SPREAD = 2;

export interface EnzymeInput {
  fruit: Pick<Fruit, 'activity'>;
  /** Purée in percent of the meat. */
  dosePercent: number;
  thicknessMm: number;
  tempC: number;
  /** Of the marinade; left out: not sour. */
  ph?: number;
}

/**
 * How fast exposure grows, per hour: A (dose/10)^0.8 Q P th / 24 with Q = 2.2^((T-4)/10), P for sour mixes and th = 5/mm within 0.5 and 2. An index
 * fitted to what cooks do, no kinetics: ripeness alone changes it several-fold.
 *
 * @throws RangeError for a dose below nothing, a thickness that is not positive or a temperature outside -2..50 °C
 * @example exposurePerHour({ fruit: { activity: 1 }, dosePercent: 10, thicknessMm: 5, tempC: 4 }) * 24 // 1
 */
export function exposurePerHour({ fruit, dosePercent, thicknessMm, tempC, ph = 5 }: EnzymeInput): number {
  if (!(dosePercent >= 0) || !(thicknessMm > 0))
    throw new RangeError('dosePercent must not be negative and thicknessMm must be positive');
  if (!(tempC >= -2 && tempC <= HOTTEST_C)) throw new RangeError(`tempC must be between -2 and ${HOTTEST_C}`);
  const warmth = 2.2 ** ((tempC - FRIDGE_C) / 10);
  const sourness = ph >= 4.5 ? 1 : ph >= 3.5 ? 0.7 : 0.4;
  const thinness = Math.min(2, Math.max(0.5, 5 / thicknessMm));
  return (fruit.activity * (dosePercent / 10) ** 0.8 * warmth * sourness * thinness) / 24;
}

export function enzymeVerdict(exposure: number): EnzymeVerdict {
  if (exposure > EXPOSURE.mush) return 'mush';
  if (exposure >= EXPOSURE.stop) return 'stop';
  if (exposure >= EXPOSURE.tender) return 'tender';
  return exposure >= EXPOSURE.slight ? 'slight' : 'little';
}

/** Hours at which to stop: from where it is tender enough to where it turns to mush, two days at most. Undefined where nothing works. */
export const stopAfterHours = (perHour: number): { from: number; to: number } | undefined =>
  exposureSpans(perHour)?.stop;

export interface ExposureSpans {
  gentle: { from: number; to: number };
  tender: { from: number; to: number };
  stop: { from: number; to: number };
}

/** The clock in hours: softer, tender, time to stop; after the last it is mush. Nothing goes past two days, when fruit has to be out. Undefined where nothing works. */
export function exposureSpans(perHour: number): ExposureSpans | undefined {
  if (!(perHour > 0)) return undefined;
  const [slight, tender, stop, mush] = [EXPOSURE.slight, EXPOSURE.tender, EXPOSURE.stop, EXPOSURE.mush].map(
    (exposure) => twoDigits(Math.min(FRUIT_STOP_H, exposure / perHour)),
  ) as [number, number, number, number];
  return { gentle: { from: slight, to: tender }, tender: { from: tender, to: stop }, stop: { from: stop, to: mush } };
}

/** No more exact than it is. */
const twoDigits = (value: number) => Number(value.toPrecision(2));

export interface EnzymeAdvice {
  exposure: number;
  verdict: EnzymeVerdict;
  stopAfterHours: { from: number; to: number } | null;
}

/** The clock of one fruit: how far it goes in these hours, and when to stop it. */
export function enzyme({ hours, ...input }: EnzymeInput & { hours: number }): EnzymeAdvice {
  if (!(hours >= 0)) throw new RangeError('hours must not be negative');
  const perHour = exposurePerHour(input);
  return {
    exposure: perHour * hours,
    verdict: enzymeVerdict(perHour * hours),
    stopAfterHours: stopAfterHours(perHour) ?? null,
  };
}

/**
 * So much of another fruit works as hard: activity times dose to the power 0.8 stays. Undefined when the other does not tenderize.
 * @example swapFruit({ activity: 12 }, 3, { activity: 1 }) // about 67 % of pear for 3 % of kiwi
 */
export function swapFruit(
  from: Pick<Fruit, 'activity'>,
  dosePercent: number,
  to: Pick<Fruit, 'activity'>,
): number | undefined {
  return to.activity > 0 ? dosePercent * (from.activity / to.activity) ** (1 / 0.8) : undefined;
}
