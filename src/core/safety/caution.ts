import type { Allergen } from '../marinades';
import type { Animal } from '../pieces';
import type { Conflict } from '../tenderizing';

/** Where in the work a caution belongs. */
export type CautionStage = 'piece' | 'firm' | 'slice' | 'tenderize' | 'marinate' | 'cook';

/** What can go wrong at a step, as data; the words are in the words domain. `guards` says whether it can hurt someone. */
export type Caution = { stage: CautionStage; guards: 'illness' | 'injury' | 'result' } & (
  | { code: 'half-frozen-slips' }
  | { code: 'slicer' }
  | { code: 'temper-not-chop' }
  | { code: 'freezer-weak' }
  | { code: 'with-the-grain'; fibreLengthMm: number }
  | { code: 'falls-apart'; thicknessMm: number }
  | { code: 'rinse-bones' }
  | { code: 'game-through'; animal: Animal; tempC: number }
  | { code: 'warm-minutes'; warmMin: number; limitMin: number; lots: number }
  | { code: 'hot-room'; roomTempC: number; limitMin: number }
  | { code: 'rinse-in-bowl' }
  | { code: 'soapy'; percent: number; sodiumMg: number }
  | { code: 'weak-soda'; percent: number }
  | { code: 'means-conflict'; conflict: Conflict }
  | { code: 'cool-first'; coolEnoughC: number }
  | { code: 'strong-fruit'; maxMin: number; minutes: number }
  | { code: 'hold-back-first'; massG: number; cookFirst: boolean }
  | { code: 'held-back-raw' }
  | { code: 'used-marinade' }
  | { code: 'counter-marinade'; maxMin: number }
  | { code: 'fridge'; maxC: number; isC?: number }
  | { code: 'meat-warm'; tempC: number; maxC: number }
  | { code: 'too-salty'; percent: number }
  | { code: 'much-sodium'; mg: { from: number; to: number } }
  | { code: 'too-sweet'; massG: number }
  | { code: 'thick-for-heat'; thicknessMm: number }
  | { code: 'rounds-through'; rounds: number; tempC: number }
  | { code: 'part-cooked'; waitMin: number }
  | { code: 'allergens'; allergens: Allergen[]; alcohol: boolean; glutamate: boolean; unread: string[] }
  | { code: 'centre-temperature'; animal: Animal; tempC: number; restMin: number }
  | { code: 'pierced'; tempC: number; otherTempC: number; otherRestMin: number }
  | { code: 'pink-offered'; tempC: number; restMin: number }
  | { code: 'pink-refused'; animal: Animal; tempC: number; restMin: number }
  | { code: 'sugar-burns' }
  | { code: 'surface-dry' }
  | { code: 'fire-and-sticks' }
);

export type CautionCode = Caution['code'];
