import 'server-only';
import { firmnessPayload, type EventWrite } from '@/contract/resources';
import { planBatch, USUAL_FREEZER, type BatchInputs, type Surroundings } from '@/core/batches';
import { learnFreezer, SURFACE_COEFFICIENTS } from '@/core/firming';
import { jobProgress } from '@/core/progress';
import { eventsOf } from '@/data/batches';
import type { Db } from '@/data/connection';
import { lockHousehold, updateHousehold } from '@/data/households';
import { breaksRule } from '../api/failures';
import { toBatchEvent, toEvent } from '../batches/events';

/** Checks what a report on the freezer carries. */
export function readReport({ payload }: EventWrite) {
  const read = firmnessPayload.safeParse(payload);
  if (!read.success)
    throw breaksRule('A report says too-soft, right or too-hard, and may say after how many minutes.', '/payload');
  return read.data;
}

/**
 * One report of how the meat cut teaches the kitchen's freezer, within the transaction that records it: so a retry teaches nothing twice.
 * The minutes are those reported, else those between going in and coming out, else the planned ones. A block that came frozen teaches nothing.
 */
export async function learnFromReport(
  db: Db,
  {
    householdId,
    batchId,
    inputs,
    around,
  }: { householdId: string; batchId: string; inputs: BatchInputs; around: Surroundings },
  write: EventWrite,
): Promise<void> {
  const { report, minutes } = readReport(write);
  const { firm } = planBatch(inputs, around);
  if (firm.state.is === 'frozen' || !firm.needed) return;
  const events = (await eventsOf(db, { householdId }, [batchId])).map(toEvent).map(toBatchEvent);
  const { startedAtMs, doneAtMs } = jobProgress(events).get('firm') ?? {};
  const stayed = startedAtMs === undefined ? undefined : ((doneAtMs ?? Date.parse(write.at)) - startedAtMs) / 60_000;
  const after = minutes ?? (stayed && stayed >= 1 && stayed <= 2880 ? stayed : firm.minutes);

  const household = await lockHousehold(db, householdId);
  const freezer = household.freezer ?? USUAL_FREEZER;
  const surface = SURFACE_COEFFICIENTS[inputs.pins.lies ?? freezer.lies];
  const known = learnFreezer(freezer.known, report, { ...firm.state.input, surface, minutes: after });
  await updateHousehold(db, { id: householdId }, { freezer: { ...freezer, known } });
}
