import type { BatchPlan } from '../batches';
import { KEPT_HOT_C } from '../safety';
import { formatDuration, formatMass, formatNumber, formatTemperature, type FormatStyle } from '../units';
import type { HeatSetting, HeatTitle } from '../ways';
import { SHAPE_UNITS } from './names';
import { scheduleWords } from './scheduleWords';

/** The heat of a plan in words: Cook, the job, New batch, kitchen and print all quote these. */
export interface HeatWords {
  title: string;
  /** "4 rounds", "16 sticks in 2 rounds". */
  rounds: string;
  /** "1 to 1.5 min a side", or the whole time in the oven. */
  minutes: string;
  setting: string;
  /** "63 °C at the centre and 3 min rest". */
  centre: string;
  /** All of it, in a few sentences. */
  text: string;
}

const TITLES: Record<HeatTitle, string> = {
  'stir-fry': 'Stir-fry in rounds',
  sear: 'Sear the steaks',
  'grill-sticks': 'Grill the skewers',
  'roast-sticks': 'Roast the skewers',
  'at-table': 'Grill at the table',
};
const SETTINGS: Record<HeatSetting, string> = {
  'very-hot': 'very hot',
  hot: 'hot, direct heat',
  'medium-high': 'medium-high, because a sweet mix burns',
  'oven-180': '',
};
const OVEN_C = 180;
/** Ovens marked in Fahrenheit are set in steps of 25. */
const OVEN_STEP_F = 25;
const ovenWords = (style: FormatStyle) =>
  style.system === 'us'
    ? `at ${formatNumber(OVEN_STEP_F * Math.round((OVEN_C * 1.8 + 32) / OVEN_STEP_F), style.locale)} °F`
    : `at ${formatTemperature(OVEN_C, style)}`;

/** "63 °C at the centre and 3 min rest". */
export const centreWords = ({ tempC, restMin }: { tempC: number; restMin: number }, style: FormatStyle): string =>
  `${formatTemperature(tempC, style)} at the centre${restMin ? ` and ${restMin} min rest` : ''}`;

/** The heat from the one description of it in the plan. */
export function heatWords(
  { cook, sides, slice, schedule }: Pick<BatchPlan, 'cook' | 'sides' | 'slice' | 'schedule'>,
  style: FormatStyle,
): HeatWords {
  const number = (value: number, digits = 0) => formatNumber(value, style.locale, digits);
  const counted = (count: number, one: string, many: string) => `${number(count)} ${count === 1 ? one : many}`;
  const inRounds = counted(cook.rounds, 'round', 'rounds');
  const { from, to } = cook.minutesPerSide;
  const span = (low: number, high: number) =>
    low === high ? number(high, 1) : `${number(low, 1)} to ${number(high, 1)}`;
  const oven = cook.method === 'oven';
  const minutes = oven ? `${span(2 * from, 2 * to)} min` : `${span(from, to)} min a side`;
  const setting = oven ? ovenWords(style) : SETTINGS[cook.setting];
  const rounds = cook.sticks ? `${counted(cook.sticks, 'stick', 'sticks')} in ${inRounds}` : inRounds;
  const centre = centreWords(cook.temperature, style);
  const units = SHAPE_UNITS[slice.shape];
  const load = cook.piecesPerRound
    ? `, ${counted(cook.piecesPerRound, units[0], units[1])} at a time`
    : cook.method === 'pan'
      ? `, one layer of about ${formatMass(cook.roundG, style)} each`
      : '';
  const brush = sides.brush
    ? ` Brush with the held-back ${formatMass(sides.brush.massG, style)} ${oven ? 'at half time' : 'in the last minutes'}.`
    : sides.glaze
      ? ' Brush the glaze on in the last minutes.'
      : '';
  const grate = cook.method === 'grill' || cook.method === 'table' ? ' Oil the grate.' : '';
  const small = cook.method === 'table' ? ' A plate or basket for small slices.' : '';
  const turned = oven ? ', turned at half time' : '';
  // Nobody is told how long to sear what this heat cannot cook.
  const tooThick = !schedule.ok && schedule.problem.code === 'too-thick-for-heat' ? schedule.problem : undefined;
  return {
    title: TITLES[cook.title],
    rounds,
    minutes: tooThick ? 'too thick for it' : minutes,
    setting,
    centre,
    text: tooThick
      ? scheduleWords(tooThick, style)
      : `${capital(rounds)}${load}, ${setting}: ${minutes}${turned}, ${ending(cook, centre, style)}.${grate}${small}${brush}${cook.rounds > 1 ? ' What waits raw stays in the fridge.' : ''}`,
  };
}

/** What becomes of each round. */
function ending(cook: BatchPlan['cook'], centre: string, style: FormatStyle): string {
  switch (cook.finish) {
    case 'as-it-comes':
      return `to ${centre}`;
    case 'back-soon':
      return cook.rounds === 1
        ? `a few strokes, to ${centre}`
        : `out before it is through. Everything goes back in at the end, within ${formatDuration(cook.partCookedWaitMin)}, to ${centre}`;
    case 'through':
      return `each round through, to ${centre}, then kept at ${formatTemperature(KEPT_HOT_C, style)} or hotter. Everything goes back in at the end only to meet the sauce`;
    case 'dishes':
      if (cook.partCookedWaitMin === 0) return `every round finished at once in a dish of its own, to ${centre}`;
      return `finished in ${cook.dishes} dishes, each with its own sauce within ${formatDuration(cook.partCookedWaitMin)} of its first round, to ${centre}`;
  }
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
