import 'server-only';
import { database } from '@/data/connection';
import type { CutResource } from '@/contract/resources';
import { CUTS, findCut, type Cut } from '@/core/pieces';
import { cutsOf, readCut } from '../cuts/cuts';
import { currentHousehold } from '../kitchen/kitchen';

export async function loadCuts(): Promise<Cut[]> {
  return cutsOf(database(), (await currentHousehold()).id);
}

/** What a form for an own cut begins with: the one to change, or one to start from. */
export async function loadCutForm({
  from,
  edit,
}: {
  from?: string;
  edit?: string;
}): Promise<{ cuts: Cut[]; from: Cut; edit?: CutResource }> {
  const cuts = await loadCuts();
  const known = edit ? await readCut(edit) : undefined;
  return { cuts, from: findCut(from ?? '', cuts) ?? CUTS[0]!, ...(known?.own ? { edit: known } : {}) };
}
