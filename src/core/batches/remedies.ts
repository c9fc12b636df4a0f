import { saltAtTakeOut } from './cautionsFor';
import type { JobKey } from '../scheduling';
import { withHour, type BatchInputs, type Pins } from './inputs';
import type { BatchPlan, Surroundings } from './plan';
import { planBatch } from './planMeal';

/** What would mend a plan, as one press: pins to set, or another hour on the table. */
export type Remedy = { change: { pins?: Partial<Pins>; tableAtMs?: number } } & (
  | { code: 'serve-at'; tableAtMs: number }
  | { code: 'skip-soda'; soonerMin: number }
  | { code: 'no-freezer'; soonerMin: number }
  | { code: 'marinade-to'; minutes: number; soonerMin: number }
  | { code: 'marinade-for-nights'; minutes: number; startMs: number }
  | { code: 'let-hour-follow'; key: JobKey }
  | { code: 'fridge' }
  | { code: 'temper-in-fridge'; startMs: number }
  | { code: 'lots'; lots: number }
  | { code: 'rinse-soda' }
  | { code: 'usual-soda' }
  | { code: 'steaks' }
  | { code: 'butterfly' }
  | { code: 'land-salt'; percent: number }
  | { code: 'halve-sugar'; percent: number }
);

/** Most like it about this salty (common practice: 0.9 to 1.4 %). */
const LANDS_AT_PERCENT = 1.2;
const FIVE_MIN_MS = 5 * 60_000;
const NIGHT_STEP_MIN = 30;
const MOST_MIN = 72 * 60;

/** What helps a plan that is refused, late, in the night, too salty or too sweet; each was planned and holds. The best first. */
export function remediesFor(plan: BatchPlan, inputs: BatchInputs, around: Surroundings): Remedy[] {
  const withPins = (pins: Partial<Pins>) => planBatch({ ...inputs, pins: { ...inputs.pins, ...pins } }, around);
  const { schedule } = plan;
  const found = !schedule.ok
    ? mended(plan, inputs, withPins)
    : [
        ...(schedule.lateByMin > 0 ? sooner(plan, inputs, withPins) : []),
        ...(schedule.inTheNight || schedule.whileAway ? byDay(plan, inputs, withPins) : []),
      ];
  return [...found, ...milder(plan, inputs)];
}

type WithPins = (pins: Partial<Pins>) => BatchPlan;

const holds = ({ schedule }: BatchPlan) => schedule.ok;

function mended({ schedule, marinate }: BatchPlan, { pins, tableAtMs }: BatchInputs, withPins: WithPins): Remedy[] {
  if (schedule.ok) return [];
  const { problem } = schedule;
  const offers: Remedy[] = [];
  const offer = (remedy: Remedy) => holds(withPins(remedy.change.pins ?? {})) && offers.push(remedy);
  const marinadeTo = (minutes: number): Remedy => ({
    code: 'marinade-to',
    minutes,
    soonerMin: 0,
    change: { pins: { marinadeMin: minutes } },
  });
  const toFridge: Remedy = { code: 'fridge', change: { pins: { marinadePlace: undefined } } };
  switch (problem.code) {
    case 'too-long-warm': {
      if (pins.frozen && pins.thawPlace === 'bench') {
        const change = { pins: { thawPlace: 'fridge' as const, firmMin: undefined } };
        const cold = withPins(change.pins).schedule;
        offer({ code: 'temper-in-fridge', startMs: cold.ok ? cold.startMs : tableAtMs, change });
      }
      if (marinate.place === 'counter') offer(toFridge);
      if (pins.lots !== undefined)
        offer({ code: 'lots', lots: withPins({ lots: undefined }).lots, change: { pins: { lots: undefined } } });
      break;
    }
    case 'counter-too-long':
      offer(marinadeTo(problem.maxMin));
      offer(toFridge);
      break;
    case 'poultry-too-long':
      offer(marinadeTo(problem.maxMin));
      break;
    case 'fruit-too-long':
      offer(marinadeTo(Math.max(5, Math.floor(problem.stopAfterMin.from / 5) * 5)));
      break;
    case 'soda-unrinsed':
      offer({ code: 'rinse-soda', change: { pins: { soda: 'rinse-off', sodaRinses: undefined } } });
      offer({ code: 'usual-soda', change: { pins: { sodaPercent: undefined } } });
      break;
    case 'too-thick-for-heat':
      offer({ code: 'steaks', change: { pins: { shape: 'steaks' } } });
      offer({ code: 'butterfly', change: { pins: { shape: 'butterflied' } } });
      break;
    case 'pinned-hour':
      offer({
        code: 'let-hour-follow',
        key: problem.key,
        change: { pins: { jobAtMs: withHour(pins.jobAtMs, problem.key, undefined) } },
      });
      break;
    case 'fridge-too-warm':
    case 'task-length':
      break;
  }
  return offers;
}

function sooner(
  { schedule, tenderize, firm }: BatchPlan,
  { tableAtMs, pins }: BatchInputs,
  withPins: WithPins,
): Remedy[] {
  if (!schedule.ok) return [];
  const gain = (change: Partial<Pins>) => {
    const { schedule: other } = withPins(change);
    return other.ok ? schedule.lateByMin - other.lateByMin : 0;
  };
  const at = Math.ceil((tableAtMs + schedule.lateByMin * 60_000) / FIVE_MIN_MS) * FIVE_MIN_MS;
  const offers: Remedy[] = [{ code: 'serve-at', tableAtMs: at, change: { tableAtMs: at } }];
  const offer = (remedy: Remedy & { soonerMin: number }) => remedy.soonerMin >= 5 && offers.push(remedy);
  if (tenderize.choice === 'rinse-off')
    offer({ code: 'skip-soda', soonerMin: gain({ soda: 'skip' }), change: { pins: { soda: 'skip' } } });
  if (firm.needed && firm.state.is === 'fresh')
    offer({ code: 'no-freezer', soonerMin: gain({ firmMin: 0 }), change: { pins: { firmMin: 0 } } });
  if (pins.marinadeMin !== undefined) {
    const minutes = Math.max(5, Math.floor((pins.marinadeMin - schedule.lateByMin) / 5) * 5);
    if (minutes < pins.marinadeMin)
      offer({
        code: 'marinade-to',
        minutes,
        soonerMin: gain({ marinadeMin: minutes }),
        change: { pins: { marinadeMin: minutes } },
      });
  }
  return offers;
}

/** The nearest shorter and longer marinade that leaves the night alone, and the hours when nobody is in the kitchen. */
function byDay(plan: BatchPlan, { pins }: BatchInputs, withPins: WithPins): Remedy[] {
  const { minutes, window } = plan.marinate;
  const [least, most] =
    pins.marinadeMin === undefined
      ? [window.from, window.to]
      : [30, Math.max(window.to, Math.min(MOST_MIN, 2 * minutes))];
  const nearest = (stepMin: number): Remedy[] => {
    for (let wished = minutes + stepMin; wished >= least && wished <= most; wished += stepMin) {
      const { schedule } = withPins({ marinadeMin: wished });
      if (schedule.ok && !schedule.inTheNight && !schedule.whileAway && schedule.lateByMin === 0)
        return [
          {
            code: 'marinade-for-nights',
            minutes: wished,
            startMs: schedule.startMs,
            change: { pins: { marinadeMin: wished } },
          },
        ];
    }
    return [];
  };
  return [...nearest(-NIGHT_STEP_MIN), ...nearest(NIGHT_STEP_MIN)];
}

function milder({ marinate, cautions, piece }: BatchPlan, { pins }: BatchInputs): Remedy[] {
  const has = (code: string) => cautions.some((caution) => caution.code === code);
  const sugarPercent = Math.round((1000 * marinate.onMeat.sugarG) / piece.meatG / 2) / 10;
  return [
    ...((has('too-salty') || has('much-sodium')) &&
    saltAtTakeOut(marinate) > LANDS_AT_PERCENT &&
    pins.saltPercent !== LANDS_AT_PERCENT
      ? [{ code: 'land-salt' as const, percent: LANDS_AT_PERCENT, change: { pins: { saltPercent: LANDS_AT_PERCENT } } }]
      : []),
    ...(has('too-sweet')
      ? [{ code: 'halve-sugar' as const, percent: sugarPercent, change: { pins: { sugarPercent } } }]
      : []),
  ];
}
