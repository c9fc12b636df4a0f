import type { Cut } from '../pieces';
import { countBack, warmMinutes, type FlexibleTask, type Schedule, type SideTask, type Task } from '../scheduling';
import { quietIntervals, type Interval } from '../times';
import type { BatchInputs } from './inputs';
import { comesSliced } from './planFirm';
import type { CookPlan, FirmPlan, MarinatePlan, PiecePlan, SlicePlan, TenderizePlan } from './plan';

/** Handwork: a start and so much per kilogram, min. Own estimates, to be learned from use (docs/sources.md, "Handwork"). */
const WORK = {
  trim: { start: 4, perKg: 6 },
  slice: { start: 6, perKg: 20 },
  'rinse-bones': { start: 5, perKg: 4 },
  pound: { start: 5, perKg: 12 },
  carve: { start: 2, perKg: 6 },
  soda: { start: 3, perKg: 2 },
  rinse: { start: 5, perKg: 3 },
  coat: { start: 4, perKg: 4 },
  thread: { start: 4, perKg: 18 },
  dry: { start: 3, perKg: 2 },
} as const;

const MIX_MIN = 8;
const TURN_MIN = 2;
const TURN_FROM_MIN = 120;
export const SOAK_MIN = 30;
/** Room left under the warm limit when the plan chooses the lots itself. */
const SPARE_WARM_MIN = 10;
const LONGEST_PLAN_MS = 6 * 86_400_000;

export interface Stages {
  inputs: BatchInputs;
  zone: string;
  limitMin: number;
  cut: Cut;
  piece: PiecePlan;
  firm: FirmPlan;
  slice: SlicePlan;
  tenderize: TenderizePlan;
  marinate: MarinatePlan;
  cook: CookPlan;
}

/** The chain of jobs of a batch, in lots small enough for the warm limit, counted back from the table. */
export function scheduleBatch(stages: Stages): { schedule: Schedule; lots: number; marinadeMin: number } {
  const { inputs, marinate, limitMin, zone } = stages;
  const chain = chainOf(stages);
  const lots = inputs.pins.lots ?? fewestLots(chain, limitMin);
  const quiet = quietNear(inputs.tableAtMs, zone);
  const schedule = countBack({ tableAtMs: inputs.tableAtMs, notBeforeMs: inputs.notBeforeMs, chain, side: sideOf(stages, chain), quiet, warmLimitMin: limitMin, lots });
  if (!schedule.ok) return { schedule, lots, marinadeMin: marinate.minutes };
  const soaking = schedule.jobs.find((job) => job.key === 'marinate')!;
  const turn = turnAt(soaking, quiet);
  const jobs = turn === undefined ? schedule.jobs : [...schedule.jobs, { key: 'turn' as const, stage: 'marinate' as const, minutes: TURN_MIN, hands: true, place: 'fridge' as const, startMs: turn, endMs: turn + TURN_MIN * 60_000 }].sort((a, b) => a.startMs - b.startMs);
  return { schedule: { ...schedule, jobs }, lots, marinadeMin: soaking.minutes };
}

function chainOf({ inputs, cut, piece, firm, slice, tenderize, marinate, cook }: Stages): (Task | FlexibleTask)[] {
  const kg = piece.trimmedG / 1000;
  const work = (key: keyof typeof WORK) => Math.ceil(WORK[key].start + WORK[key].perKg * kg);
  const { minutes, window, place } = marinate;
  const counter = { hands: true, place: 'counter' } as const;
  const marinating = { key: 'marinate', stage: 'marinate', minutes, hands: false, place } as const;
  const rinsed = tenderize.schools['rinse-off'];
  const trim: Task = cut.form === 'cross-cut-ribs' ? { key: 'rinse-bones', stage: 'piece', minutes: work('rinse-bones'), ...counter } : { key: 'trim', stage: 'piece', minutes: work('trim'), ...counter };
  const freezer: Task[] =
    firm.state.is === 'frozen'
      ? [{ key: 'temper', stage: 'firm', minutes: firm.minutes, hands: false, place: firm.state.input.place === 'fridge' ? 'fridge' : 'counter' }, trim]
      : [trim, ...(firm.needed ? [{ key: 'firm', stage: 'firm', minutes: firm.minutes, hands: false, place: 'freezer' } as const] : [])];
  const knife: Task[] = comesSliced(cut) || slice.shape === 'sliced-after' ? [] : [{ key: slice.shape === 'pounded' ? 'pound' : 'slice', stage: 'slice', minutes: work(slice.shape === 'pounded' ? 'pound' : 'slice'), ...counter }];
  return [
    ...freezer,
    ...knife,
    ...(tenderize.choice === 'rinse-off'
      ? ([
          { key: 'soda', stage: 'tenderize', minutes: work('soda'), ...counter },
          { key: 'soda-wait', stage: 'tenderize', minutes: rinsed.soakMin, hands: false, place: 'fridge' },
          { key: 'rinse', stage: 'tenderize', minutes: work('rinse'), ...counter },
          { key: 'drain', stage: 'tenderize', minutes: rinsed.drainMin, hands: false, place: 'fridge' },
        ] as const)
      : []),
    { key: 'coat', stage: 'marinate', minutes: work('coat'), ...counter },
    inputs.pins.marinadeMin === undefined ? { ...marinating, flex: { fromMin: window.from, toMin: window.to } } : marinating,
    cook.sticks > 0 ? { key: 'thread', stage: 'cook', minutes: work('thread'), ...counter } : { key: 'dry', stage: 'cook', minutes: work('dry'), ...counter },
    { key: 'cook', stage: 'cook', minutes: cook.totalMin + cook.temperature.restMin, hands: true, place: 'heat' },
    ...(slice.shape === 'sliced-after' ? [{ key: 'carve', stage: 'cook', minutes: work('carve'), hands: true, place: 'heat' } as const] : []),
  ];
}

function sideOf({ inputs }: Stages, chain: readonly Task[]): SideTask[] {
  const wait = !chain.some(({ key }) => key === 'drain') && chain.some(({ key }) => key === 'slice') ? 'slice' : 'coat';
  const mix: SideTask = { key: 'mix', stage: 'marinate', minutes: MIX_MIN, hands: true, place: 'none', before: wait };
  const soak: SideTask = { key: 'soak', stage: 'cook', minutes: inputs.pins.soakMin ?? SOAK_MIN, hands: false, place: 'none', before: 'thread' };
  return [mix, soak];
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

/** Half-way through a long marinade; in the night, when the night is over. Undefined for a short one. */
function turnAt({ startMs, endMs, minutes }: { startMs: number; endMs: number; minutes: number }, quiet: readonly Interval[]): number | undefined {
  if (minutes < TURN_FROM_MIN) return undefined;
  const halfWay = Math.round((startMs + endMs) / 2 / 60_000) * 60_000;
  const night = quiet.find(({ fromMs, toMs }) => halfWay >= fromMs && halfWay < toMs);
  const turn = night ? night.toMs : halfWay;
  return turn + TURN_MIN * 60_000 <= endMs ? turn : undefined;
}
