import type { Caution, CautionCode } from '../safety';
import type { JobKey } from '../scheduling';

/** Which cautions are said at which job: at the moment they matter, not before. */
const AT: Partial<Record<JobKey, readonly CautionCode[]>> = {
  temper: ['temper-not-chop'],
  'rinse-bones': ['rinse-bones'],
  firm: ['freezer-weak'],
  slice: ['half-frozen-slips', 'slicer', 'with-the-grain', 'falls-apart', 'hot-room', 'warm-minutes'],
  pound: ['hot-room', 'warm-minutes'],
  soda: ['soapy', 'weak-soda', 'soda-after-fruit'],
  rinse: ['rinse-in-bowl'],
  mix: ['hold-back-first', 'held-back-raw', 'allergens'],
  coat: ['held-back-raw', 'used-marinade', 'soapy'],
  marinate: ['fridge', 'counter-marinade', 'strong-fruit'],
  thread: ['fire-and-sticks', 'used-marinade'],
  dry: ['surface-dry', 'used-marinade'],
  cook: ['centre-temperature', 'game-through', 'pierced', 'pink-offered', 'pink-refused', 'fire-and-sticks', 'sugar-burns'],
};

export function cautionsAt(job: JobKey, cautions: readonly Caution[]): Caution[] {
  return (AT[job] ?? []).flatMap((code) => cautions.filter((caution) => caution.code === code));
}
