import { planBatch, remediesFor, type BatchInputs, type Pins, type Surroundings } from '@/core/batches';
import { findIngredient, measureLine } from '@/core/marinades';
import { findCut } from '@/core/pieces';
import { compareMeans } from '@/core/tenderizing';
import { formatClock, formatDay } from '@/core/times';
import type { FormatStyle } from '@/core/units';
import * as words from '@/core/words';
import {
  cautionWords,
  cutStepWords,
  heatWords,
  jobWords,
  judgementWords,
  leftOutWords,
  remedyWords,
  scheduleWords,
} from '@/core/words';
import { stageLines } from '@/ui/features/batch/stageLines';
import { BOOK } from '../fixtures/anyInputs';

/**
 * What the app says of plans as unlike as can be, word for word and figure for figure. Nothing here is right because it is recorded: the other tests say
 * what is right. It shows every change of a figure or a word for what it is, and is renewed with `npx jest --selectProjects=units -u` after reading it.
 */
const ZONE = 'Europe/London';
const METRIC: FormatStyle = { system: 'metric', locale: 'en-GB' };
const US: FormatStyle = { system: 'us', locale: 'en-US' };
const TABLE_MS = Date.UTC(2026, 5, 6, 18);
const HOUR_MS = 3_600_000;

interface Recorded extends Partial<Omit<BatchInputs, 'pins'>> {
  cut: string;
  marinade?: string;
  pins?: Pins;
  style?: FormatStyle;
}

const CASES: Readonly<Record<string, Recorded>> = {
  'rolled before slicing, in US measures': {
    cut: 'beef-top-round',
    heightMm: 40,
    style: US,
    pins: { force: 'rolling-pin', forceWhen: 'before', pricePerKg: 18 },
  },
  'rolled after slicing': {
    cut: 'pork-loin',
    way: 'flat-skewers',
    pins: { force: 'rolling-pin', forceWhen: 'after', beatToMm: 2.5 },
  },
  'scored steaks': {
    cut: 'beef-flank',
    way: 'thin-steak',
    heightMm: 18,
    pins: { shape: 'sliced-after', force: 'score' },
  },
  'shaved for the table, oil first, in dishes': {
    cut: 'pork-neck',
    way: 'table-grill',
    marinade: 'Coconut and lemongrass',
    thicknessMm: 3,
    heightMm: 60,
    pins: { oilFirst: true, starchPercent: 1.5, oilPercent: 2 },
  },
  'four kilograms in dishes of their own': { cut: 'beef-sirloin', massG: 4000, people: 16, pins: { finish: 'dishes' } },
  'fruit left out, soda skipped, with the grain': {
    cut: 'beef-flank',
    marinade: 'Kiwi and ginger, quick',
    pins: { fruitId: 'none', soda: 'skip', yawDeg: 90 },
  },
  'ribbons to a width, in US measures': {
    cut: 'lamb-leg',
    way: 'flat-skewers',
    marinade: 'Smoky rub, dry',
    heightMm: 40,
    style: US,
    pins: { stripWidthMm: 30, stripLengthMm: 150, wrap: 'loose', lies: 'metal', startC: 8 },
  },

  'stir-fry, as it comes': { cut: 'chicken-thigh' },
  'the same in US measures': { cut: 'chicken-thigh', style: US },
  'tough flank with quick kiwi': { cut: 'beef-flank', marinade: 'Kiwi and ginger, quick', massG: 700, heightMm: 22 },
  'tenderloin in 45 minutes': {
    cut: 'pork-tenderloin',
    massG: 600,
    heightMm: 50,
    notBeforeMs: TABLE_MS - 45 * 60_000,
  },
  'lamb on sticks, overnight': {
    cut: 'lamb-leg',
    way: 'flat-skewers',
    marinade: 'Cumin and orange',
    massG: 1250,
    heightMm: 40,
    pins: { marinadeMin: 960 },
  },
  'cubes in the oven': {
    cut: 'chicken-breast',
    way: 'cube-skewers',
    marinade: 'Lemon, yogurt and paprika',
    thicknessMm: 25,
    heightMm: 35,
  },
  'short rib, unrolled, weighed and priced': {
    cut: 'beef-short-rib',
    way: 'table-grill',
    marinade: 'Pear and dark soy',
    massG: 1800,
    heightMm: 45,
    thicknessMm: 6,
    pins: { boneG: 500, pricePerKg: 24 },
  },
  'turkey breast as thin steaks': {
    cut: 'turkey-breast',
    way: 'thin-steak',
    marinade: 'Onion and lime',
    massG: 1500,
    heightMm: 50,
    thicknessMm: 15,
  },
  'the whole breast, refused': {
    cut: 'turkey-breast',
    way: 'thin-steak',
    massG: 1500,
    heightMm: 50,
    pins: { shape: 'sliced-after' },
  },
  'pounded, no freezer': {
    cut: 'chicken-breast',
    way: 'thin-steak',
    marinade: 'Salt, pepper and rosemary',
    pins: { shape: 'pounded', firmMin: 0 },
  },
  'butterflied, piece ready to cut': {
    cut: 'pork-loin',
    way: 'thin-steak',
    marinade: 'Coffee and dark sugar',
    heightMm: 40,
    thicknessMm: 10,
    pins: { shape: 'butterflied', readyToCut: true },
  },
  'frozen, tempered in the fridge': { cut: 'beef-top-round', massG: 1000, heightMm: 45, pins: { frozen: true } },
  'frozen, tempered on the board': {
    cut: 'beef-top-round',
    massG: 1000,
    heightMm: 45,
    pins: { frozen: true, thawPlace: 'bench' },
  },
  'comes sliced': { cut: 'beef-ribeye', way: 'table-grill', thicknessMm: 3, pins: { comesSliced: true } },
  'soda stays in': { cut: 'beef-flank', pins: { soda: 'leave-in', sodaPercent: 0.4 } },
  'soda rinsed off': { cut: 'beef-flank', pins: { soda: 'rinse-off', sodaMin: 40, sodaRinses: 2 } },
  'beaten after slicing': { cut: 'beef-top-round', thicknessMm: 6, pins: { force: 'mallet', beatToMm: 3 } },
  'needled, asked for pink': {
    cut: 'beef-sirloin',
    way: 'thin-steak',
    heightMm: 20,
    pins: { shape: 'sliced-after', force: 'needle', forceWhen: 'before', doneness: 'pink' },
  },
  'forty minutes on the counter': { cut: 'lamb-leg', pins: { marinadePlace: 'counter', marinadeMin: 40, lots: 2 } },
  'too long on the counter': { cut: 'lamb-leg', pins: { marinadePlace: 'counter', marinadeMin: 100 } },
  'ten kilograms of chicken': { cut: 'chicken-thigh', massG: 10_000, people: 30, pins: { lots: 3 } },
  'game on sticks': { cut: 'venison-leg', way: 'flat-skewers', marinade: 'Juniper and cider', heightMm: 45 },
  'salt and sugar asked for': { cut: 'pork-shoulder', pins: { saltPercent: 1.2, sugarPercent: 1 } },
  'pineapple added': { cut: 'beef-flank', pins: { fruitId: 'pineapple', fruitPercent: 8, marinadeMin: 30 } },
  'simmered and cooled': {
    cut: 'pork-shoulder',
    marinade: 'Cider and star anise, simmered',
    pins: { coolIn: 'ice-bath', holdBackShare: 0.3 },
  },
  'held back too late': {
    cut: 'lamb-leg',
    way: 'flat-skewers',
    marinade: 'Cumin and orange',
    heightMm: 40,
    pins: { splitAfterMixing: true },
  },
  'three days for poultry': { cut: 'chicken-thigh', pins: { marinadeMin: 4320 } },
  'a warm fridge': { cut: 'chicken-thigh', pins: { fridgeTempC: 9 } },
  'a warm room and too little time': {
    cut: 'pork-shoulder',
    way: 'flat-skewers',
    massG: 3000,
    heightMm: 60,
    notBeforeMs: TABLE_MS - 2 * HOUR_MS,
    pins: { roomTempC: 34, lots: 2 },
  },
};

/** To four significant figures: a platform's last digit is no change. */
const brief = (value: unknown): unknown =>
  typeof value === 'number'
    ? Number(value.toPrecision(4))
    : Array.isArray(value)
      ? value.map(brief)
      : value && typeof value === 'object'
        ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, brief(one)]))
        : value;

function record({ cut: cutId, marinade: name = 'Fennel and soy', style = METRIC, ...change }: Recorded): string {
  const marinade = BOOK.find((one) => one.name === name)!;
  const around: Surroundings = { cut: findCut(cutId)!, marinade, zone: ZONE, sodaIngredient: findIngredient('soda')! };
  const inputs: BatchInputs = {
    way: 'stir-fry',
    cutId,
    massG: 900,
    heightMm: 20,
    thicknessMm: 4,
    marinadeId: marinade.id,
    people: 5,
    tableAtMs: TABLE_MS,
    notBeforeMs: TABLE_MS - 60 * HOUR_MS,
    pins: {},
    ...change,
  };
  const plan = planBatch(inputs, around);
  const { piece, firm, slice, tenderize, marinate, cook, sides, schedule } = plan;
  const at = (ms: number) => `${formatDay(ms, ZONE, style.locale)} ${formatClock(ms, ZONE, style.locale)}`;
  const {
    film: _film,
    course: _course,
    ...times
  } = 'times' in firm.state ? ({ ...firm.state.times } as Record<string, unknown>) : {};
  const figures = {
    piece,
    firm: { minutes: firm.minutes, from: firm.from, to: firm.to, checkFromMin: firm.checkFromMin, times },
    slice: { ...slice, steps: undefined, carving: undefined },
    schools: tenderize.schools,
    bite: tenderize.bite,
    uptake: marinate.uptake,
    window: marinate.window,
    custom: marinate.custom,
    whole: marinate.whole,
    onMeat: marinate.onMeat,
    coat: marinate.coat,
    fruit: marinate.fruit && { ...marinate.fruit, fruits: marinate.fruit.fruits.map(({ dosePercent }) => dosePercent) },
    sodiumMgPerPortion: marinate.sodiumMgPerPortion,
    cook,
    sides,
  };
  const means = compareMeans({
    cut: around.cut,
    shape: slice.shape,
    fibreLengthMm: slice.fibreLengthMm,
    thicknessMm: slice.soakThicknessMm,
    massG: piece.meatG,
    fruitExposure: marinate.fruit?.exposure ?? 0,
    pink: inputs.pins.doneness === 'pink',
  });
  const judgement = judgementWords(tenderize.judgement, style);
  const says = [
    ...Object.entries(stageLines(plan, style)).map(([stage, line]) => `${stage}: ${line}`),
    `${judgement.answer}. ${judgement.reason} ${judgement.changes.join('; ')}`,
    ...[...slice.steps, ...slice.carving].map((step) => `- ${cutStepWords(step, style)}`),
    ...marinate.lines.map((line) => `${line.ingredient.name} ${line.massG.toFixed(1)} g, ${measureLine(line).spoken}`),
    ...Object.values(heatWords(plan, style)),
    ...(schedule.ok
      ? [
          `late ${Math.round(schedule.lateByMin)} min, out ${schedule.warmMin} of ${schedule.warmLimitMin} min`,
          ...schedule.jobs.map((job) => {
            const { title, text } = jobWords(job, { plan, inputs, around }, style);
            return `${at(job.startMs)}, ${Math.round(job.minutes)} min, ${job.place}${job.hands ? ', hands' : ''}: ${title}. ${text}`;
          }),
        ]
      : [`refused: ${scheduleWords(schedule.problem, style)}`]),
    ...plan.leftOut.map((one) => leftOutWords([one])),
    ...remediesFor(plan, inputs, around).map((remedy) => `> ${remedyWords(remedy, { zone: ZONE, style })}`),
    ...plan.cautions.map((caution) => {
      const { title, text } = cautionWords(caution, style);
      return `! ${title}. ${text}`;
    }),
  ];
  const lines = Object.entries(figures).map(([name, value]) => `${name} ${JSON.stringify(brief(value))}`);
  return [...says, ...lines, ...means.map((row) => JSON.stringify(brief(row)))].join('\n');
}

test.each(Object.entries(CASES))('%s', (_name, recorded) => expect(record(recorded)).toMatchSnapshot());

/** Every table of words, as it is: a word that changes is read before it is renewed. */
test.each(Object.entries(words).filter(([, table]) => typeof table === 'object'))('the words of %s', (_name, table) =>
  expect(table).toMatchSnapshot(),
);
