import { HEATING_UP_MIN } from '../cooking';
import type { Measure } from '../progress';
import { isTurn, kindOf, type Job, type JobKey } from '../scheduling';
import type { Source } from './figuresOf';
import { handworkOf, ruleMin, type Handwork, type Paces } from './handwork';
import type { Pins } from './inputs';
import type { BatchPlan } from './plan';

/** What goes into what a job makes: grams, and the measure that this kitchen owns. */
export interface JobLine {
  name: string;
  massG: number;
  spoken?: string;
  /** Split off before the rest meets raw meat. */
  heldBack?: true;
}

/** What a job needs, in the order of adding. */
export function linesOf(key: JobKey, { marinate, tenderize, sides }: BatchPlan): JobLine[] {
  const soda = (school: 'leave-in' | 'rinse-off'): JobLine => {
    const { sodaG, spoken } = tenderize.schools[school];
    return { name: 'Baking soda', massG: sodaG, spoken: spoken.spoken };
  };
  switch (kindOf(key)) {
    case 'mix':
      return [
        ...marinate.lines.map(({ ingredient }, at): JobLine => {
          const { massG, spoken } = marinate.measured[at]!;
          return { name: ingredient.name, massG, spoken };
        }),
        ...(marinate.heldBack === 'clean' && marinate.heldBackG > 0
          ? [{ name: 'Held back from it', massG: marinate.heldBackG, heldBack: true } as const]
          : []),
      ];
    case 'soda':
      return [
        soda('rinse-off'),
        ...(tenderize.schools['rinse-off'].spreadingOilG > 0
          ? [
              {
                name: 'Oil to spread it',
                massG: tenderize.schools['rinse-off'].spreadingOilG,
                spoken: tenderize.schools['rinse-off'].oilSpoken,
              },
            ]
          : []),
      ];
    case 'coat':
      return [
        ...(tenderize.choice === 'leave-in' && tenderize.inMixPercent === 0 ? [soda('leave-in')] : []),
        { name: 'Marinade', massG: marinate.onMeat.massG },
      ];
    case 'glaze':
      return [{ name: 'Held-back marinade', massG: marinate.heldBackG }];
    case 'dip':
      return sides.dip ? [{ name: 'Held-back marinade', massG: sides.dip.massG }] : [];
    case 'boil':
      return sides.boil ? [{ name: 'Held-back marinade', massG: sides.boil.massG }] : [];
    case 'slurry':
      return sides.slurry
        ? [
            { name: 'Starch', massG: sides.slurry.starchG },
            { name: 'Water', massG: sides.slurry.waterMl },
          ]
        : [];
    default:
      return [];
  }
}

/** What a job asks back: answered with the scale or the calliper at hand, everything that follows is said again. */
export function asksOf(key: JobKey, { piece, slice }: BatchPlan): Measure[] {
  switch (kindOf(key)) {
    case 'trim':
    case 'rinse-bones':
      return piece.boneG ? ['trimmedG', 'boneG'] : ['trimmedG'];
    case 'slice':
      return slice.shape === 'sliced-after' ? [] : ['thicknessMm'];
    case 'cook':
      return ['centreC'];
    default:
      return [];
  }
}

export const JOB_ENDS = ['press', 'clock', 'firmness', 'temperature'] as const;
export type JobEnd = (typeof JOB_ENDS)[number];

/** What ends a job: the cook's press, the clock, or what the meat says, whatever the clock does. */
export const endOf = ({ key, hands }: Pick<Job, 'key' | 'hands'>): JobEnd =>
  key === 'firm' || key === 'temper'
    ? 'firmness'
    : key === 'cook' || key === 'cool'
      ? 'temperature'
      : hands
        ? 'press'
        : 'clock';

/** How long a job may take. */
export interface Lasts {
  fromMin: number;
  toMin: number;
  from: Source;
}

/** Handwork is an own estimate: one cook takes two thirds of it, another half as much again. */
const HANDS_SPREAD = { from: 2 / 3, to: 1.5 };

/** How long a job may take, shortest and longest: windows of what waits, the spread of what hands do, and what was pinned. */
export function lastsOf(
  { key, minutes, hands }: Pick<Job, 'key' | 'minutes' | 'hands'>,
  { firm, marinate, tenderize, sides, cook }: BatchPlan,
  { pins, paces = {} }: { pins: Pins; paces?: Paces },
): Lasts {
  const within = (fromMin: number, toMin: number, pinned?: number): Lasts =>
    pinned === undefined
      ? { fromMin: Math.min(fromMin, minutes), toMin: Math.max(toMin, minutes), from: 'rule' }
      : { fromMin: minutes, toMin: minutes, from: 'pinned' };
  const handwork = hands ? handworkOf(key, cook.surface) : undefined;
  const pace = handwork && paces[handwork];
  if (isTurn(key)) return within(minutes, minutes);
  switch (kindOf(key)) {
    case 'firm':
    case 'temper':
      return within(firm.from, firm.to, pins.firmMin);
    case 'marinate':
      return within(marinate.window.from, marinate.window.to, pins.marinadeMin);
    case 'soda-wait': {
      const { from, to } = tenderize.schools['rinse-off'].minutes;
      return within(from, to, pins.sodaMin);
    }
    case 'cool':
      return within(sides.cooling?.minutes.from ?? minutes, sides.cooling?.minutes.to ?? minutes);
    case 'heat-up': {
      const heating = HEATING_UP_MIN[cook.method];
      return within(heating?.from ?? minutes, heating?.to ?? minutes);
    }
    case 'glaze':
      return within(sides.glaze?.minutes.from ?? minutes, sides.glaze?.minutes.to ?? minutes);
    default:
      if (pace)
        return {
          fromMin: Math.min(minutes, Math.round(minutes * Math.exp(-pace.lnError))),
          toMin: Math.max(minutes, Math.round(minutes * Math.exp(pace.lnError))),
          from: 'learned',
        };
      return hands
        ? within(Math.round(minutes * HANDS_SPREAD.from), Math.round(minutes * HANDS_SPREAD.to))
        : within(minutes, minutes);
  }
}

/** What a finished job teaches of these hands: its kind of handwork, and the minutes of the rule; undefined where nothing is learned. */
export function teachesOf(
  { key, hands }: Pick<Job, 'key' | 'hands'>,
  { piece, cook }: BatchPlan,
): { handwork: Handwork; ruleMin: number } | undefined {
  const handwork = hands ? handworkOf(key, cook.surface) : undefined;
  return handwork && { handwork, ruleMin: ruleMin(handwork, piece.meatG) };
}
