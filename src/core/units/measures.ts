import { remembering } from '../remember';
import { ML_PER_CUP, ML_PER_TBSP, ML_PER_TSP } from './exact';

/** A spoon or cup in the drawer. */
export interface OwnedMeasure {
  id: string;
  /** How it is said after a number: "tsp", "¼ cup". A measure of one unit is counted, one of a fraction is named whole. */
  label: string;
  volumeMl: number;
  kind: 'spoon' | 'cup';
}

const spoon = (id: string, label: string, volumeMl: number): OwnedMeasure => ({ id, label, volumeMl, kind: 'spoon' });
const cup = (id: string, label: string, volumeMl: number): OwnedMeasure => ({ id, label, volumeMl, kind: 'cup' });

/** The usual set: four spoons and four cups of the US customary sizes. */
export const USUAL_MEASURES: readonly OwnedMeasure[] = [
  spoon('tsp-1/4', '¼ tsp', ML_PER_TSP / 4),
  spoon('tsp-1/2', '½ tsp', ML_PER_TSP / 2),
  spoon('tsp', 'tsp', ML_PER_TSP),
  spoon('tbsp', 'tbsp', ML_PER_TBSP),
  cup('cup-1/4', '¼ cup', ML_PER_CUP / 4),
  cup('cup-1/3', '⅓ cup', ML_PER_CUP / 3),
  cup('cup-1/2', '½ cup', ML_PER_CUP / 2),
  cup('cup', 'cup', ML_PER_CUP),
];

export interface MeasurePart {
  measureId: string;
  count: number;
  /** True where the measure is filled to half. */
  half: boolean;
}

export interface MeasuredVolume {
  parts: MeasurePart[];
  spoken: string;
  volumeMl: number;
  /** Signed, relative to the wanted volume. */
  errorPercent: number;
}

/** A scoop that misses by more than this is not said at all: it is weighed. */
const SCOOP_MISSES_PERCENT = 25;
/** So often nobody fills the same spoon. */
const MOST_OF_ONE = 12;
/** Said where no handy measure comes near. */
export const WEIGH_IT = 'weigh it';
/** Beyond this the screen shows the error and asks for the scale. */
export const MEASURE_TOLERANCE_PERCENT = 5;

const WORTH_A_PART_PERCENT = 3;
/** Between two fingers: a sixteenth of a teaspoon (common practice). */
export const PINCH_ML = ML_PER_TSP / 16;
const MOST_PINCHES = 4;

/**
 * The handiest mix of owned measures for a volume: at most three kinds of measure, one of which may be filled to half,
 * traded off between error and handling. What no measure holds is said in pinches; less than one, or more than four, only in words: no error then.
 *
 * @param volumeMl wanted volume in ml, > 0
 * @throws RangeError when the volume is not a positive number or no measure is owned
 */
export function toMeasures(volumeMl: number, owned: readonly OwnedMeasure[] = USUAL_MEASURES): MeasuredVolume {
  let known = drawers.get(owned);
  if (!known)
    drawers.set(owned, (known = remembering((ml: number) => handiest(ml, owned), { most: 200, key: (ml) => ml })));
  return known(volumeMl);
}

/** Of each drawer the volumes that were asked for last. */
const drawers = new WeakMap<readonly OwnedMeasure[], (volumeMl: number) => MeasuredVolume>();

function handiest(volumeMl: number, owned: readonly OwnedMeasure[]): MeasuredVolume {
  if (!(volumeMl > 0) || !Number.isFinite(volumeMl)) throw new RangeError('volumeMl must be a positive number');
  if (owned.length === 0) throw new RangeError('at least one measure must be owned');

  // Half of a third is not something an eye can see.
  const scoops = owned.flatMap((measure) => [
    { measure, half: false, volumeMl: measure.volumeMl },
    ...(/[⅓⅔]/.test(measure.label) ? [] : [{ measure, half: true, volumeMl: measure.volumeMl / 2 }]),
  ]);
  const smallestMl = Math.min(...scoops.map((scoop) => scoop.volumeMl));
  if (volumeMl < 0.75 * smallestMl) {
    return (
      inPinches(volumeMl) ?? {
        parts: [],
        spoken: volumeMl < PINCH_ML ? 'a pinch' : WEIGH_IT,
        volumeMl,
        errorPercent: 0,
      }
    );
  }

  let best: { scoops: { scoop: (typeof scoops)[number]; count: number }[]; volumeMl: number; cost: number } | undefined;
  const offer = (list: { scoop: (typeof scoops)[number]; count: number }[]) => {
    const total = list.reduce((sum, { scoop, count }) => sum + scoop.volumeMl * count, 0);
    const error = Math.abs(percent(total, volumeMl));
    const cost = handling(list) + error / WORTH_A_PART_PERCENT + (error > MEASURE_TOLERANCE_PERCENT ? 3 : 0);
    if (!best || cost < best.cost - 1e-9) best = { scoops: list, volumeMl: total, cost };
  };

  for (const scoop of scoops) {
    const fit = volumeMl / scoop.volumeMl;
    if (fit < 0.5) continue;
    const most = scoop.half ? 1 : Math.min(Math.ceil(fit), mostOf(scoop.measure, owned));
    for (let count = Math.max(1, Math.min(Math.floor(fit), most)); count <= most; count++) {
      offer([{ scoop, count }]);
      const restMl = volumeMl - scoop.volumeMl * count;
      for (const second of scoops) {
        if (restMl <= 0 || second.volumeMl >= scoop.volumeMl) continue;
        // Of the same measure only its half goes with it: "1 and half of it".
        if (second.measure === scoop.measure && !second.half) continue;
        const wanted = Math.round(restMl / second.volumeMl);
        if (wanted > 0 && wanted <= (second.half ? 1 : mostOf(second.measure, owned)))
          offer([
            { scoop, count },
            { scoop: second, count: wanted },
          ]);
        // A third kind where two leave a rest that shows: a spoon, a smaller one and half of it.
        const below = Math.floor(restMl / second.volumeMl + 1e-9);
        const leftMl = restMl - below * second.volumeMl;
        if (below < 1 || second.half || below > mostOf(second.measure, owned) || leftMl < 0.02 * volumeMl) continue;
        for (const third of scoops)
          if (
            third.volumeMl < second.volumeMl &&
            third.measure !== second.measure &&
            Math.round(leftMl / third.volumeMl) === 1
          )
            offer([
              { scoop, count },
              { scoop: second, count: below },
              { scoop: third, count: 1 },
            ]);
      }
    }
  }

  if (!best || Math.abs(percent(best.volumeMl, volumeMl)) > SCOOP_MISSES_PERCENT)
    return inPinches(volumeMl) ?? { parts: [], spoken: WEIGH_IT, volumeMl, errorPercent: 0 };
  const parts = best.scoops.map(({ scoop, count }) => ({ measureId: scoop.measure.id, count, half: scoop.half }));
  return {
    parts,
    spoken: speak(best.scoops),
    volumeMl: best.volumeMl,
    errorPercent: percent(best.volumeMl, volumeMl),
  };
}

/** One to four pinches, where that is what it comes to. */
function inPinches(volumeMl: number): MeasuredVolume | undefined {
  const pinches = Math.round(volumeMl / PINCH_ML);
  if (pinches < 1 || pinches > MOST_PINCHES) return undefined;
  const pinchedMl = pinches * PINCH_ML;
  return {
    parts: [],
    spoken: pinches === 1 ? 'a pinch' : `${pinches} pinches`,
    volumeMl: pinchedMl,
    errorPercent: percent(pinchedMl, volumeMl),
  };
}

/** No more of one measure than the next larger one holds: three half teaspoons are one teaspoon and a half one. */
function mostOf(measure: OwnedMeasure, owned: readonly OwnedMeasure[]): number {
  const larger = owned.map(({ volumeMl }) => volumeMl / measure.volumeMl).filter((times) => times >= 1.99);
  return larger.length ? Math.max(1, Math.ceil(Math.min(...larger) - 1e-6) - 1) : MOST_OF_ONE;
}

function handling(list: { scoop: { measure: OwnedMeasure; half: boolean }; count: number }[]): number {
  return list.reduce((sum, { scoop, count }) => sum + 1 + 0.35 * (count - 1) + (scoop.half ? 1.2 : 0), 0);
}

const percent = (got: number, wanted: number) => (100 * (got - wanted)) / wanted;

/** "2 tbsp + ½ tsp", "half of your ¼ cup", "3 × ¼ cup". */
function speak(list: { scoop: { measure: OwnedMeasure; half: boolean }; count: number }[]): string {
  return list
    .map(({ scoop: { measure, half }, count }) => {
      if (half)
        return /^[¼½⅓⅛]/.test(measure.label)
          ? `half of your ${measure.label}`
          : measure.id === 'tsp'
            ? '½ tsp'
            : `½ ${measure.label}`;
      if (!/^[¼½⅓⅛]/.test(measure.label))
        return `${count} ${measure.label}${count > 1 && measure.kind === 'cup' ? 's' : ''}`;
      return count === 1 ? measure.label : `${count} × ${measure.label}`;
    })
    .join(' + ');
}

/** To halves, as a hand counts. @example sayHalves(2.5) // '2½' */
export function sayHalves(halves: number): string {
  const whole = Math.floor(halves);
  return `${whole || ''}${halves > whole ? '½' : ''}`;
}

const PARTS_SAID: readonly (readonly [part: number, said: string])[] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
];

/** To the parts that spoons and cups are marked with. @throws RangeError for any other part @example sayCount(1.75) // '1¾' */
export function sayCount(count: number): string {
  const whole = Math.floor(count + 1e-6);
  const rest = count - whole;
  if (rest < 1e-6) return String(whole);
  const part = PARTS_SAID.find(([share]) => Math.abs(share - rest) < 1e-6);
  if (!part) throw new RangeError(`${count} is not said in marked parts`);
  return `${whole || ''}${part[1]}`;
}

/** To half a spoon, for what need not be exact. @throws RangeError for a volume that is not positive */
export function roughSpoons(volumeMl: number): string {
  if (!(volumeMl > 0)) throw new RangeError('volumeMl must be positive');
  const [each, spoon] = volumeMl < 2.5 * ML_PER_TSP ? [ML_PER_TSP, 'tsp'] : [ML_PER_TBSP, 'tbsp'];
  return `${sayHalves(Math.max(0.5, Math.round((2 * volumeMl) / each) / 2))} ${spoon}`;
}
