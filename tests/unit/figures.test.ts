import { readFileSync } from 'node:fs';
import * as batches from '@/core/batches';
import * as safety from '@/core/safety';

/** Every figure that can hurt, by its name, its value and the words of docs/sources.md that say where it is from. */
const FIGURES: Readonly<Record<string, readonly [value: number, source: RegExp]>> = {
  COUNTER_MARINADE_MAX_MIN: [60, /Counter marinade at most 1 h/],
  FRIDGE_MAX_C: [4, /Fridge at 4 °C or less/],
  FRIDGE_REFUSED_OVER_C: [5, /fridge over 5 °C is refused/],
  KEPT_HOT_MAX_MIN: [240, /Kept hot at 60 °C or more for 4 h at most: own limit/],
  KEPT_HOT_C: [60, /kept at 60 °C or more/],
  MEAT_COLD_MAX_C: [7, /meat over 7 °C going to the freezer/],
  PART_COOKED_WAIT_MAX_MIN: [15, /15 min at most between sear and going back/],
  POULTRY_MARINADE_MAX_MIN: [2880, /Raw poultry in a marinade two days at most/],
  SODIUM_IN_SALT: [22.98977 / (22.98977 + 35.453), /Sodium in salt 39.3 %: molar masses/],
  SODIUM_REFERENCE_MG_PER_DAY: [2000, /2 g sodium a day: WHO/],
  UNRINSED_SODA_MAX_PERCENT: [1, /refused over 1 % of the meat/],
  TOO_SALTY_PERCENT: [1.6, /Saltier than 1.6 % at take-out/],
  TOO_SWEET_G: [25, /more than 25 g of sugar a portion/],
};
const sources = readFileSync('docs/sources.md', 'utf8');
const exported = Object.entries({ ...safety, ...batches }).filter(([, value]) => typeof value === 'number');

test('no figure of safety is a stranger to this list', () =>
  expect(exported.map(([name]) => name).sort()).toEqual(Object.keys(FIGURES).sort()));

test.each(exported)('%s is %d, and docs/sources.md says where it is from', (name, value) => {
  const [wanted, source] = FIGURES[name]!;
  expect(value).toBeCloseTo(wanted, 4);
  expect(sources).toMatch(source);
});
