import { HEATING_UP_MIN, STAYS_ON_MIN } from '../cooking';
import { isPoultry, type Cut } from '../pieces';
import {
  countBack,
  mayHaveHour,
  nthKey,
  warmMinutes,
  type FlexibleTask,
  type Job,
  type JobKind,
  type Schedule,
  type SideTask,
  type Task,
  type Work,
} from '../scheduling';
import { dailyInstants, quietIntervals, type Interval } from '../times';
import type { Force } from '../tenderizing';
import { shapeRow, wayRecipe, type WorkPart } from '../ways';
import { handsMin, type Handwork, type Paces } from './handwork';
import type { BatchInputs } from './inputs';
import type { CookPlan, FirmPlan, MarinatePlan, PiecePlan, SidesPlan, SlicePlan, TenderizePlan } from './plan';

const MIX_MIN = 5;
/** In a hurry the marinade may be as short as this: it is massaged in until none is left that could drip, and waits only for the slurry. */
const HURRIED_MARINADE_MIN = 2;
const SIMMER_MIN = 10;
const DIP_MIN = 5;
const SLURRY_MIN = 2;
const BOIL_MIN = 5;
const TURN_MIN = 2;
const TURN_FROM_MIN = 120;
/** Of the longest marinade, four days. */
const MOST_TURNS = 8;
/** From here on a marinade is turned morning and evening, not once half-way; no nearer to its ends than this. */
const TURN_TWICE_A_DAY_MIN = 720;
const TURN_CLEAR_MS = 3_600_000;
const TURN_HOURS = [
  { hour: 8, minute: 0 },
  { hour: 20, minute: 0 },
] as const;
const FORCE_JOBS: Record<Force, JobKind> = { mallet: 'beat', 'rolling-pin': 'beat', needle: 'pierce', score: 'score' };
export const SOAK_MIN = 30;
/** Room left under the warm limit when the plan chooses the lots itself. */
const SPARE_WARM_MIN = 10;
const LONGEST_PLAN_MS = 8 * 86_400_000;

export interface Stages {
  inputs: BatchInputs;
  zone: string;
  limitMin: number;
  away?: readonly Interval[];
  /** How quick these hands are. */
  paces?: Paces;
  cut: Cut;
  piece: PiecePlan;
  firm: FirmPlan;
  slice: SlicePlan;
  tenderize: Pick<TenderizePlan, 'choice' | 'schools' | 'force'>;
  marinate: MarinatePlan;
  sides: SidesPlan;
  cook: CookPlan;
  hurriedMarinade: boolean;
}

/** What the batch wants done, in lots small enough for the warm limit. */
export function workOf(stages: Stages): Work {
  const { inputs, limitMin, zone, cook, cut, away } = stages;
  const atItsHour = <T extends Task>(task: T): T => {
    const atMs = mayHaveHour(task) ? inputs.pins.jobAtMs?.[task.key] : undefined;
    return atMs === undefined ? task : { ...task, atMs };
  };
  const chain = chainOf(stages).map(atItsHour);
  const nightsNear = quietNear(inputs.tableAtMs, zone);
  return {
    tableAtMs: inputs.tableAtMs,
    ...(inputs.notBeforeMs === undefined ? {} : { notBeforeMs: inputs.notBeforeMs }),
    chain,
    side: sideOf(stages, chain).map(atItsHour),
    quiet: away?.length ? [...nightsNear, ...away] : nightsNear,
    ...(away?.length ? { away } : {}),
    warmLimitMin: limitMin,
    lots: inputs.pins.lots ?? fewestLots(chain, limitMin),
    heat: cook.method,
    staysHotMin: wayRecipe(inputs.way).staysHotMin,
    poultry: isPoultry(cut.animal),
  };
}

/** What the other batches of a meal leave to this one: its own clock times, and when hands are busy elsewhere. */
export interface Place {
  schedule: Extract<Schedule, { ok: true }>;
  others: readonly Job[];
  /** The turns of its bag are among its jobs. */
  turned?: true;
}

/** The clock times of a batch: counted back from its table, or as its meal has placed it; and when its bag is turned. */
export function scheduleBatch(
  work: Work,
  { zone, minutes, place }: { zone: string; minutes: number; place?: Place },
): { schedule: Schedule; marinadeMin: number } {
  const schedule = place?.schedule ?? countBack(work);
  if (!schedule.ok) return { schedule, marinadeMin: minutes };
  const soaking = schedule.jobs.find((job) => job.key === 'marinate');
  if (!soaking) return { schedule, marinadeMin: 0 };
  if (place?.turned) return { schedule, marinadeMin: Math.round((soaking.endMs - soaking.startMs) / 60_000) };
  const hands = [...schedule.jobs, ...(place?.others ?? [])].filter((job) => job.hands);
  const free = turnsOf(soaking, { quiet: work.quiet, zone }).flatMap((wishedMs) =>
    handsFree(wishedMs, hands, soaking.startMs),
  );
  const turns = [...new Set(free)].map((startMs, index): Job => ({
    key: nthKey('turn', index + 1),
    stage: 'marinate',
    minutes: TURN_MIN,
    hands: true,
    place: 'fridge',
    startMs,
    endMs: startMs + TURN_MIN * 60_000,
  }));
  const jobs = [...schedule.jobs, ...turns].sort((a, b) => a.startMs - b.startMs);
  return { schedule: { ...schedule, jobs }, marinadeMin: soaking.minutes };
}

/** The bag waits for hands that are busy: it is turned before what they do then; not at all where that would be before it is in. */
function handsFree(wishedMs: number, busy: readonly Job[], inMs: number): number[] {
  const lastsMs = TURN_MIN * 60_000;
  const startMs = [...busy]
    .sort((a, b) => b.startMs - a.startMs)
    .reduce((at, job) => (job.startMs < at + lastsMs && job.endMs > at ? job.startMs - lastsMs : at), wishedMs);
  return startMs >= inMs ? [startMs] : [];
}

/** The chain in its order; where nothing is waited for before the coat, these hands also mix, and do it first. */
function chainOf(stages: Stages): (Task | FlexibleTask)[] {
  const chain = chainOfMeat(stages);
  const coat = chain.findIndex(({ key }) => key === 'coat');
  const waits = chain.slice(0, coat).some(({ hands, minutes }) => !hands && minutes >= MIX_MIN);
  return waits || stages.sides.cooling ? chain : [mixTask(stages.sides), ...chain];
}

const mixTask = ({ cooling }: SidesPlan): Task => ({
  key: 'mix',
  stage: 'marinate',
  minutes: MIX_MIN + (cooling ? SIMMER_MIN : 0),
  hands: true,
  place: 'none',
});

const COUNTER = { hands: true, place: 'counter' } as const;
const workMin = (key: Handwork, { piece, paces }: Stages) => handsMin(key, piece.meatG, paces);

/** The parts of the work; a way says which it has and in what order, the batch what of each is wanted. */
const PARTS: Record<WorkPart, (stages: Stages) => (Task | FlexibleTask)[]> = {
  freezer: (stages) => freezerTasks(stages, forced(stages, 'before')),
  knife: knifeTasks,
  beating: (stages) => forced(stages, 'after'),
  soda: sodaTasks,
  coat: (stages) => [{ key: 'coat', stage: 'marinate', minutes: workMin('coat', stages), ...COUNTER }],
  marinate: marinateTasks,
  ready: beforeHeat,
  heat: ({ cook }) => [
    { key: 'cook', stage: 'cook', minutes: cook.totalMin + cook.temperature.restMin, hands: true, place: 'heat' },
  ],
  carve: (stages) =>
    shapeRow(stages.slice.shape).carved
      ? [{ key: 'carve', stage: 'cook', minutes: workMin('carve', stages), hands: true, place: 'heat' }]
      : [],
};

const chainOfMeat = (stages: Stages) => wayRecipe(stages.inputs.way).work.flatMap((part) => PARTS[part](stages));

const forced = ({ tenderize: { force } }: Stages, when: 'before' | 'after'): Task[] =>
  force?.when === when
    ? [{ key: FORCE_JOBS[force.force], stage: 'tenderize', minutes: force.handsMin, ...COUNTER }]
    : [];

/** On the sticks, or dry enough for the heat; what was massaged in has nothing left to drip. */
function beforeHeat(stages: Stages): Task[] {
  const { cook, hurriedMarinade } = stages;
  if (cook.sticks > 0) return [{ key: 'thread', stage: 'cook', minutes: workMin('thread', stages), ...COUNTER }];
  return hurriedMarinade && cook.surface === 'drip'
    ? []
    : [{ key: 'dry', stage: 'cook', minutes: workMin(cook.surface, stages), ...COUNTER }];
}

/** Tempered and trimmed, or trimmed and firmed; half-frozen meat cannot be beaten, so that is done before the freezer. */
function freezerTasks(stages: Stages, beaten: readonly Task[]): Task[] {
  const { firm } = stages;
  const trim = trimTasks(stages);
  if (firm.state.is === 'frozen') {
    const place = firm.state.input.place === 'fridge' ? 'fridge' : 'counter';
    return [
      ...(firm.minutes > 0
        ? [{ key: 'temper', stage: 'firm', minutes: firm.minutes, hands: false, place } as const]
        : []),
      ...trim,
      ...beaten,
    ];
  }
  return [
    ...trim,
    ...beaten,
    ...(firm.needed
      ? [{ key: 'firm', stage: 'firm', minutes: firm.minutes, hands: false, place: 'freezer' } as const]
      : []),
  ];
}

function trimTasks(stages: Stages): Task[] {
  const { cut, inputs } = stages;
  if (cut.form === 'cross-cut-ribs')
    return [{ key: 'rinse-bones', stage: 'piece', minutes: workMin('rinse-bones', stages), ...COUNTER }];
  return inputs.pins.readyToCut ? [] : [{ key: 'trim', stage: 'piece', minutes: workMin('trim', stages), ...COUNTER }];
}

function knifeTasks(stages: Stages): Task[] {
  const { shape, comesSliced } = stages.slice;
  if (comesSliced || shape === 'sliced-after') return [];
  const key = shape === 'pounded' ? 'pound' : 'slice';
  return [{ key, stage: 'slice', minutes: workMin(key, stages), ...COUNTER }];
}

function sodaTasks(stages: Stages): Task[] {
  const { choice, schools } = stages.tenderize;
  if (choice !== 'rinse-off') return [];
  const { soakMin, drainMin } = schools['rinse-off'];
  const waits = { stage: 'tenderize', hands: false, place: 'fridge' } as const;
  return [
    { key: 'soda', stage: 'tenderize', minutes: workMin('soda', stages), ...COUNTER },
    { key: 'soda-wait', minutes: soakMin, ...waits },
    { key: 'rinse', stage: 'tenderize', minutes: workMin('rinse', stages), ...COUNTER },
    { key: 'drain', minutes: drainMin, ...waits },
  ];
}

/** None where the cook wants none: coated, it goes straight to the heat. */
function marinateTasks({ inputs, marinate, hurriedMarinade }: Stages): (Task | FlexibleTask)[] {
  const { minutes, window, place } = marinate;
  const marinating = { key: 'marinate', stage: 'marinate', minutes, hands: false, place } as const;
  if (inputs.pins.marinadeMin !== undefined) return minutes > 0 ? [marinating] : [];
  const fromMin = hurriedMarinade ? Math.min(window.from, HURRIED_MARINADE_MIN) : window.from;
  return [{ ...marinating, flex: { fromMin, toMin: window.to } }];
}

function sideOf({ inputs, sides, cook }: Stages, chain: readonly Task[]): SideTask[] {
  const wait = !chain.some(({ key }) => key === 'drain') && chain.some(({ key }) => key === 'slice') ? 'slice' : 'coat';
  const aside = { place: 'none', stage: 'marinate' } as const;
  const { cooling, glaze, dip, slurry, boil } = sides;
  const cool: SideTask[] = cooling
    ? [{ key: 'cool', ...aside, minutes: cooling.minutes.to, hands: false, before: wait, serves: 'coat' }]
    : [];
  const mix: SideTask[] = chain.some(({ key }) => key === 'mix')
    ? []
    : [{ ...mixTask(sides), before: cooling ? 'cool' : wait, serves: 'coat' }];
  const last = {
    hands: true,
    place: 'none',
    stage: 'cook',
    before: chain.find(({ key }) => key === 'thread' || key === 'dry' || key === 'cook')!.key,
    serves: 'cook',
  } as const;
  const finish: SideTask[] = [
    ...(glaze ? [{ key: 'glaze', minutes: glaze.minutes.to, ...last } as const] : []),
    ...(dip ? [{ key: 'dip', minutes: DIP_MIN, ...last } as const] : []),
    ...(slurry ? [{ key: 'slurry', minutes: SLURRY_MIN, ...last } as const] : []),
    ...(boil ? [{ key: 'boil', minutes: BOIL_MIN, ...last } as const] : []),
  ];
  const soak: SideTask = {
    key: 'soak',
    stage: 'cook',
    minutes: inputs.pins.soakMin ?? SOAK_MIN,
    hands: false,
    place: 'none',
    before: 'thread',
  };
  const heating = HEATING_UP_MIN[cook.method];
  const heatUp: SideTask[] = heating
    ? [
        {
          key: 'heat-up',
          stage: 'cook',
          minutes: heating.usual,
          hands: false,
          place: 'none',
          before: 'cook',
          serves: 'cook',
          readyMin: STAYS_ON_MIN,
        },
      ]
    : [];
  return [...cool, ...mix, ...finish, ...heatUp, soak];
}

function fewestLots(chain: readonly Task[], limitMin: number): number {
  let lots = 1;
  while (lots < 40 && warmMinutes(chain, lots) > limitMin - SPARE_WARM_MIN) lots++;
  return lots;
}

const nights = new Map<string, Interval[]>();

/** Nights before this table; remembered, since a slider asks again on every move. */
function quietNear(tableAtMs: number, zone: string): Interval[] {
  const key = `${zone}/${tableAtMs}`;
  let known = nights.get(key);
  if (!known) {
    if (nights.size > 50) nights.clear();
    nights.set(key, (known = quietIntervals(tableAtMs - LONGEST_PLAN_MS, tableAtMs, zone)));
  }
  return known;
}

/** When the bag is turned: morning and evening in a long marinade; once, half-way, in a shorter one; not at all in a short one. */
function turnsOf(
  { startMs, endMs, minutes }: Job,
  { quiet, zone }: { quiet: readonly Interval[]; zone: string },
): number[] {
  if (minutes < TURN_FROM_MIN) return [];
  const twiceADay =
    minutes < TURN_TWICE_A_DAY_MIN
      ? []
      : TURN_HOURS.flatMap((at) => dailyInstants(startMs + TURN_CLEAR_MS, endMs - TURN_CLEAR_MS, zone, at)).sort(
          (a, b) => a - b,
        );
  if (twiceADay.length > 0) return twiceADay.slice(0, MOST_TURNS);
  const halfWay = Math.round((startMs + endMs) / 2 / 60_000) * 60_000;
  const night = quiet.find(({ fromMs, toMs }) => halfWay >= fromMs && halfWay < toMs);
  const turn = night ? night.toMs : halfWay;
  return turn + TURN_MIN * 60_000 <= endMs ? [turn] : [];
}
