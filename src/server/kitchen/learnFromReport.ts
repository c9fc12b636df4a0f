import 'server-only';
import { firmnessPayload, type EventWrite } from '@/contract/resources';
import { planBatch, USUAL_FREEZER } from '@/core/batches';
import { learnFreezer, SURFACE_COEFFICIENTS } from '@/core/firming';
import { jobProgress } from '@/core/progress';
import type { Db } from '@/data/connection';
import { lockHousehold, updateHousehold } from '@/data/households';
import type { LoadedBatch } from '../batches/loadBatches';

/**
 * One report of how the meat cut teaches the kitchen's freezer, within the transaction that records it: so a retry teaches nothing twice.
 * The minutes are those reported, else those between going in and coming out, else the planned ones. A block that came frozen teaches nothing.
 */
export async function learnFromReport(
  db: Db,
  { householdId, inputs, around, events }: { householdId: string } & Pick<LoadedBatch, 'inputs' | 'around' | 'events'>,
  { at, payload }: Pick<EventWrite, 'at' | 'payload'>,
): Promise<void> {
  const { report, minutes } = firmnessPayload.parse(payload);
  const { firm } = planBatch(inputs, around);
  if (firm.state.is === 'frozen' || !firm.needed) return;
  const { startedAtMs, doneAtMs } = jobProgress(events).get('firm') ?? {};
  const stayed = startedAtMs === undefined ? undefined : ((doneAtMs ?? Date.parse(at)) - startedAtMs) / 60_000;
  const after = minutes ?? (stayed && stayed >= 1 && stayed <= 2880 ? stayed : firm.minutes);

  const household = await lockHousehold(db, householdId);
  const freezer = household.freezer ?? USUAL_FREEZER;
  const surface = SURFACE_COEFFICIENTS[inputs.pins.lies ?? freezer.lies];
  const known = learnFreezer(freezer.known, report, { ...firm.state.input, surface, minutes: after });
  await updateHousehold(db, { id: householdId }, { freezer: { ...freezer, known } });
}
