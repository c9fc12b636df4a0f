import { findIngredient } from '../marinades';
import type { Caution } from '../safety';
import {
  cautionWords,
  gameWords,
  GUIDANCE_LINE,
  listOf,
  nightWords,
  orderWords,
  quantityWords,
  scheduleWords,
} from '.';

const metric = { system: 'metric', locale: 'en-GB' } as const;
const us = { system: 'us', locale: 'en-US' } as const;

const said = (caution: object, style: typeof metric | typeof us = metric) => {
  const { title, text } = cautionWords({ stage: 'cook', guards: 'illness', ...caution } as Caution, style);
  return `${title}. ${text}`;
};

describe('cautions say what to do and why', () => {
  test.each<[object, RegExp]>([
    [{ code: 'warm-minutes', warmMin: 75, limitMin: 120, lots: 1 }, /1 h 15 of 2 h.*back in the fridge/],
    [{ code: 'warm-minutes', warmMin: 75, limitMin: 120, lots: 3 }, /Work in 3 lots/],
    [{ code: 'hot-room', roomTempC: 33, limitMin: 60 }, /33 °C halves the time.*32 °C.*1 h in all/],
    [{ code: 'rinse-in-bowl' }, /in a bowl, not under the tap.*Splashes/],
    [{ code: 'soapy', percent: 1, sodiumMg: 2737 }, /1 % soda may taste soapy.*2\.7 g of sodium.*estimate/],
    [
      { code: 'hold-back-first', massG: 90, cookFirst: false },
      /Hold back 90 g before mixing.*can be brushed on late or served/,
    ],
    [{ code: 'hold-back-first', massG: 90, cookFirst: true }, /raw egg or flour.*cook it through before it is served/],
    [{ code: 'held-back-raw' }, /raw.*rolling boil.*throw it away/],
    [{ code: 'used-marinade' }, /rolling boil/],
    [{ code: 'fridge', maxC: 4 }, /4 °C or colder/],
    [{ code: 'centre-temperature', animal: 'beef', tempC: 63, restMin: 3 }, /63 °C at the centre and 3 min rest/],
    [{ code: 'centre-temperature', animal: 'turkey', tempC: 74, restMin: 0 }, /74 °C at the centre\./],
    [
      { code: 'pierced', tempC: 71, otherTempC: 63, otherRestMin: 3 },
      /71 °C.*63 °C at the centre and 3 min rest with a thermometer/,
    ],
    [{ code: 'pink-refused', animal: 'pork', tempC: 63, restMin: 3 }, /No pink pork.*63 °C/],
    [{ code: 'pink-offered', tempC: 63, restMin: 3 }, /The guidance stays 63 °C/],
    [{ code: 'half-frozen-slips' }, /damp cloth/],
    [{ code: 'fire-and-sticks' }, /outdoors.*carbon monoxide/],
    [{ code: 'sugar-burns' }, /Water into a hot sugared pan spits/],
    [{ code: 'strong-fruit', maxMin: 60, minutes: 600 }, /10 h.*about 1 h.*mush/],
  ])('%j', (caution, wanted) => expect(said(caution)).toMatch(wanted));

  test('in the units the cook chose', () => {
    expect(said({ code: 'centre-temperature', animal: 'beef', tempC: 63, restMin: 3 }, us)).toMatch(/145 °F/);
    expect(said({ code: 'centre-temperature', animal: 'chicken', tempC: 74, restMin: 0 }, us)).toMatch(/165 °F/);
    expect(said({ code: 'fridge', maxC: 4 }, us)).toMatch(/39 °F/);
    expect(said({ code: 'hold-back-first', massG: 90, cookFirst: false }, us)).toMatch(/3\.17 oz/);
  });

  test('allergens are all named, alcohol and glutamate beside them', () => {
    const all = said({
      code: 'allergens',
      allergens: ['gluten', 'sesame', 'soy'],
      alcohol: true,
      glutamate: true,
      unread: [],
    });
    expect(all).toMatch(/Contains wheat \(gluten\), sesame and soy.*Also alcohol and glutamate/);
    expect(said({ code: 'allergens', allergens: [], alcohol: true, glutamate: false, unread: [] })).toMatch(
      /No listed allergen/,
    );
  });
  test('unread lines open the statement: never "no listed allergen", never closed', () => {
    const open = { code: 'allergens', alcohol: false, glutamate: false, unread: ['chilli paste'] } as const;
    expect(said({ ...open, allergens: [] })).toMatch(/^Not known for: chilli paste/);
    expect(said({ ...open, allergens: ['soy'] })).toMatch(/^Contains soy; not known for: chilli paste/);
  });
});

test('the guidance line sends people to their local rules', () =>
  expect(GUIDANCE_LINE).toMatch(/Local food-safety rules come first/));

test.each([
  [[], ''],
  [['soy'], 'soy'],
  [['soy', 'wheat'], 'soy and wheat'],
  [['soy', 'wheat', 'egg'], 'soy, wheat and egg'],
])('%j is said %j', (words, wanted) => expect(listOf(words)).toBe(wanted));

describe('a text that was not taken', () => {
  const weight = { what: 'a weight', examples: '700 g or 1 1/2 lb', show: (limit: number) => `${limit} g` };
  test.each([
    [{ code: 'empty' }, 'Give a weight, for example 700 g or 1 1/2 lb.'],
    [{ code: 'not-a-number' }, 'That is not a weight. Try 700 g or 1 1/2 lb.'],
    [{ code: 'unknown-unit', unit: 'miles' }, 'Mince does not know “miles” as a unit here. Try 700 g or 1 1/2 lb.'],
    [{ code: 'unknown-unit', unit: '' }, 'Add a unit, for example 700 g or 1 1/2 lb.'],
    [{ code: 'too-small', min: 50 }, 'Too little: 50 g or more.'],
    [{ code: 'too-large', max: 30_000 }, 'Too much: 30000 g at most.'],
  ] as const)('%j', (problem, wanted) => expect(quantityWords(problem, weight)).toBe(wanted));
});

test('a refused schedule gives both figures and a way out', () => {
  const words = scheduleWords(
    { code: 'too-long-warm', warmMin: 130, limitMin: 120 },
    { system: 'metric', locale: 'en' },
  );
  expect(words).toMatch(/2 h 10/);
  expect(words).toMatch(/limit is 2 h/);
  expect(words).toMatch(/Less of it at a time/);
});

test.each([
  [['soy-sauce', 'corn-starch', 'olive-oil'], 'Starch next to last, oil last.'],
  [['soy-sauce', 'olive-oil'], 'Oil last.'],
  [['soy-sauce', 'corn-starch'], 'Starch last.'],
  [['olive-oil', 'cumin', 'corn-starch'], 'Oil first, starch last.'],
  [['soy-sauce', 'ginger'], ''],
])('%j are added: %s (common practice)', (ids, wanted) =>
  expect(orderWords(ids.map((id) => ({ ingredient: findIngredient(id)!, massG: 10 })))).toBe(wanted),
);

test('night and game are said on this cook’s clock and scale', () => {
  expect(nightWords(metric)).toMatch(/22:30 and 0?7:00/);
  expect(nightWords(us)).toMatch(/10:30 PM and 7:00 AM/);
  expect(gameWords('boar', us)).toMatch(/Never below 160 °F.*60 days at 0 °F/);
  expect(gameWords('venison', metric)).toMatch(/^For jerky.*60 days at -18 °C/);
  expect(gameWords('beef', metric)).toBeUndefined();
});
