import {
  asksOf,
  cautionsAt,
  endOf,
  lastsOf,
  linesOf,
  teachesOf,
  type Handwork,
  type JobEnd,
  type JobLine,
  type Lasts,
} from '../batches';
import type { Standing } from '../follow';
import type { Measure } from '../progress';
import type { Caution } from '../safety';
import type { Job } from '../scheduling';
import type { FormatStyle } from '../units';
import { givesWords, jobWords, NOT_PLANNED, scheduleWords } from '../words';
import type { CatchUp, DayPlan } from './asItStands';
import { met, type DayBatch } from './planDay';

/** A job of one batch with its words, ready for a screen. */
export interface PlannedJob extends Job {
  batchId: string;
  title: string;
  short: string;
  text: string;
  cautions: Caution[];
  /** What goes into what it makes. */
  lines: JobLine[];
  asks: Measure[];
  ends: JobEnd;
  lasts: Lasts;
  /** Never begun, and made needless by what came after it. */
  passed?: true;
  /** What it teaches of these hands when it is done. */
  teaches?: { handwork: Handwork; ruleMin: number };
}

/** A batch as timeline and kitchen show it. */
export interface PlannedBatch {
  id: string;
  name: string;
  version: number;
  cutName: string;
  massG: number;
  people: number;
  tableAtMs: number;
  jobs: PlannedJob[];
  /** Minutes in the freezer from which it wants to be pressed. */
  checkFirmMin?: number;
  /** Why there is no schedule. */
  refusal?: string;
  /** What would be refused as a plan, and is under way. */
  alarm?: string;
  /** What it could not have in this meal, and what would help. */
  gives: string[];
  /** How it stands by what was done. */
  standing?: Pick<Standing, 'open' | 'byMin' | 'tableMs' | 'marinade'>;
  /** What would make up for it. */
  ways: CatchUp[];
  /** What answers to what a job asks are expected to be. */
  expected: Partial<Record<Measure, number>>;
  lots: number;
  warmMin: number;
  warmLimitMin: number;
  lateByMin: number;
  startMs: number;
  rounds: number;
  sticks: number;
  cautions: Caution[];
}

/** A meal as it stands, in words. */
export function showDay(days: readonly DayPlan[], style: FormatStyle): PlannedBatch[] {
  const names = days.flatMap(({ plan, batch }) => (plan ? [batch.name] : []));
  return days.map((day) => {
    const { zone } = day.batch.around;
    const gives = day.gives.map((one) => givesWords(one, { names, zone }, style));
    return { ...(day.plan ? plannedBatch(day, style) : unplanned(day.batch)), gives };
  });
}

const headOf = ({ id, name, version, inputs: { massG, people, tableAtMs }, around }: DayBatch) => ({
  id,
  name,
  version,
  cutName: around.cut.name,
  massG,
  people,
  tableAtMs,
});

function plannedBatch(
  { batch, plan: maybe, standing, ways, problem }: DayPlan,
  style: FormatStyle,
): Omit<PlannedBatch, 'gives'> {
  const plan = maybe!;
  const { inputs, around } = met(batch);
  const { schedule } = plan;
  const jobs = schedule.ok ? schedule.jobs : [];
  return {
    ...headOf(batch),
    lots: plan.lots,
    warmMin: schedule.ok ? schedule.warmMin : 0,
    warmLimitMin: schedule.ok ? schedule.warmLimitMin : 0,
    lateByMin: schedule.ok ? schedule.lateByMin : 0,
    startMs: schedule.ok ? Math.min(schedule.startMs, ...jobs.map(({ startMs }) => startMs)) : inputs.tableAtMs,
    rounds: plan.cook.rounds,
    sticks: plan.cook.sticks,
    cautions: plan.cautions,
    ...(plan.firm.needed && plan.firm.checkFromMin < plan.firm.minutes ? { checkFirmMin: plan.firm.checkFromMin } : {}),
    ...(schedule.ok ? {} : { refusal: scheduleWords(schedule.problem, style) }),
    ...(problem ? { alarm: scheduleWords(problem, style) } : {}),
    ...(standing ? { standing: shownOf(standing) } : {}),
    ways,
    expected: {
      trimmedG: plan.piece.trimmedG,
      ...(plan.piece.boneG ? { boneG: (plan.piece.boneG.from + plan.piece.boneG.to) / 2 } : {}),
      thicknessMm: plan.slice.thicknessMm,
      centreC: plan.cook.temperature.tempC,
    },
    jobs: jobs.map((job) => ({
      ...job,
      batchId: batch.id,
      ...(standing?.passed.includes(job.key) ? { passed: true as const } : {}),
      ...jobWords(job, { plan, inputs, around }, style),
      cautions: cautionsAt(job.key, plan.cautions),
      lines: linesOf(job.key, plan),
      asks: asksOf(job.key, plan),
      ends: endOf(job),
      lasts: lastsOf(job, plan, { pins: inputs.pins, paces: around.paces }),
      teaches: teachesOf(job, plan),
    })),
  };
}

const shownOf = ({ open, byMin, tableMs, marinade }: Standing) => ({
  open,
  byMin,
  tableMs,
  ...(marinade ? { marinade } : {}),
});

/** A batch that cannot be planned, shown as such beside the others. */
function unplanned(batch: DayBatch): Omit<PlannedBatch, 'gives'> {
  return {
    ...headOf(batch),
    startMs: batch.inputs.tableAtMs,
    jobs: [],
    ways: [],
    expected: {},
    refusal: NOT_PLANNED,
    lots: 1,
    warmMin: 0,
    warmLimitMin: 0,
    lateByMin: 0,
    rounds: 0,
    sticks: 0,
    cautions: [],
  };
}
