import type { Caution, CautionCode } from '../safety';
import { kindOf, type JobKey, type JobKind } from '../scheduling';

/** Which cautions are said at which job: at the moment they matter, not before. */
const AT: Partial<Record<JobKind, readonly CautionCode[]>> = {
  temper: ['temper-not-chop'],
  'rinse-bones': ['rinse-bones'],
  firm: ['meat-warm', 'freezer-weak'],
  slice: ['half-frozen-slips', 'slicer', 'with-the-grain', 'falls-apart', 'hot-room', 'warm-minutes'],
  pound: ['hot-room', 'warm-minutes'],
  soda: ['soapy', 'weak-soda', 'means-conflict'],
  rinse: ['rinse-in-bowl'],
  beat: ['hot-room', 'warm-minutes'],
  pierce: ['means-conflict', 'warm-minutes'],
  score: ['means-conflict', 'warm-minutes'],
  cool: ['cool-first'],
  dip: ['held-back-raw', 'allergens'],
  boil: ['held-back-raw'],
  glaze: ['held-back-raw', 'sugar-burns'],
  mix: ['hold-back-first', 'held-back-raw', 'cool-first', 'allergens'],
  coat: ['cool-first', 'held-back-raw', 'used-marinade', 'soapy'],
  marinate: ['fridge', 'counter-marinade', 'strong-fruit', 'too-salty'],
  thread: ['fire-and-sticks', 'used-marinade'],
  dry: ['surface-dry', 'used-marinade'],
  cook: [
    'centre-temperature',
    'game-through',
    'rounds-through',
    'part-cooked',
    'thick-for-heat',
    'pierced',
    'pink-offered',
    'pink-refused',
    'fire-and-sticks',
    'sugar-burns',
  ],
};

export function cautionsAt(job: JobKey, cautions: readonly Caution[]): Caution[] {
  return (AT[kindOf(job)] ?? []).flatMap((code) => cautions.filter((caution) => caution.code === code));
}
