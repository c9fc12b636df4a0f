import type { Batch } from '@/contract/resources';
import type { PlannedBatch } from '@/contract/views';
import { cautionsAt, planBatch, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import type { FormatStyle } from '@/core/units';
import { jobWords, scheduleWords } from '@/core/words';
import { API_STYLE } from '../api/style';

/** A stored batch as far as its plan needs it. */
export interface PlanQuestion {
  id: string;
  name: string;
  inputs: BatchInputs;
  around: Surroundings;
}

const NOT_PLANNED = 'This batch cannot be planned as it was stored. Open it and change or unpin what stands out.';

/** The plan of a stored batch; undefined where none can be made, so that one batch never takes the others down. */
function planOf({ id, inputs, around }: PlanQuestion): BatchPlan | undefined {
  try {
    return planBatch(inputs, around);
  } catch (error) {
    console.error(`batch ${id} cannot be planned:`, error);
    return undefined;
  }
}

export function scheduleOf({ schedule, lots }: BatchPlan): Batch['schedule'] {
  if (!schedule.ok) return { ok: false, reason: scheduleWords(schedule.problem, API_STYLE) };
  const { startMs, warmMin, warmLimitMin, lateByMin, jobs } = schedule;
  const iso = (ms: number) => new Date(ms).toISOString();
  return {
    ok: true,
    startAt: iso(startMs),
    warmMin,
    warmLimitMin,
    lateByMin,
    lots,
    jobs: jobs.map(({ startMs: from, endMs: to, ...job }) => ({ ...job, startAt: iso(from), endAt: iso(to) })),
  };
}

export function schedules(questions: readonly PlanQuestion[]): Batch['schedule'][] {
  return questions.map((question) => {
    const plan = planOf(question);
    return plan ? scheduleOf(plan) : { ok: false, reason: NOT_PLANNED };
  });
}

export const plannedBatches = (questions: readonly PlanQuestion[], style: FormatStyle): PlannedBatch[] =>
  questions.map((question) => plannedBatch(question, style));

const headOf = ({ id, name, inputs: { massG, people, tableAtMs }, around }: PlanQuestion) => ({
  id,
  name,
  cutName: around.cut.name,
  massG,
  people,
  tableAtMs,
});

function plannedBatch(question: PlanQuestion, style: FormatStyle): PlannedBatch {
  const { id, inputs, around } = question;
  const plan = planOf(question);
  if (!plan) return unplanned(question);
  const { schedule } = plan;
  const jobs = schedule.ok ? schedule.jobs : [];
  return {
    ...headOf(question),
    lots: plan.lots,
    warmMin: schedule.ok ? schedule.warmMin : 0,
    warmLimitMin: schedule.ok ? schedule.warmLimitMin : 0,
    lateByMin: schedule.ok ? schedule.lateByMin : 0,
    startMs: schedule.ok ? schedule.startMs : inputs.tableAtMs,
    rounds: plan.cook.rounds,
    sticks: plan.cook.sticks,
    cautions: plan.cautions,
    ...(plan.firm.needed && plan.firm.checkFromMin < plan.firm.minutes ? { checkFirmMin: plan.firm.checkFromMin } : {}),
    ...(schedule.ok ? {} : { refusal: scheduleWords(schedule.problem, style) }),
    jobs: jobs.map((job) => ({
      ...job,
      batchId: id,
      ...jobWords(job, { plan, inputs, around }, style),
      cautions: cautionsAt(job.key, plan.cautions),
    })),
  };
}

/** A batch that cannot be planned, shown as such beside the others. */
function unplanned(question: PlanQuestion): PlannedBatch {
  return {
    ...headOf(question),
    startMs: question.inputs.tableAtMs,
    jobs: [],
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
