import { allergensOnTable, heldBackState, minimumTemperature, SODIUM_IN_SALT, sodiumPerPortion, warmLimitMin } from '.';

test.each([
  [21, 120],
  [32, 120],
  [32.1, 60],
  [33, 60],
])('a room at %f °C allows %d min out of the fridge (USDA FSIS, from memory)', (roomTempC, limit) =>
  expect(warmLimitMin(roomTempC)).toBe(limit),
);

test.each([
  ['beef', 'whole', 'guidance', { tempC: 63, restMin: 3, pink: 'not-asked', stricter: false }],
  ['lamb', 'whole', 'pink', { tempC: 63, restMin: 3, pink: 'offered', stricter: false }],
  ['pork', 'whole', 'pink', { tempC: 63, restMin: 3, pink: 'refused', stricter: false }],
  ['beef', 'pierced', 'guidance', { tempC: 71, restMin: 0, pink: 'not-asked', stricter: true }],
  ['beef', 'minced', 'guidance', { tempC: 71, restMin: 0, pink: 'not-asked', stricter: false }],
  ['chicken', 'whole', 'pink', { tempC: 74, restMin: 0, pink: 'refused', stricter: false }],
  ['venison', 'whole', 'pink', { tempC: 63, restMin: 3, pink: 'offered', stricter: false }],
  ['boar', 'whole', 'pink', { tempC: 71, restMin: 0, pink: 'refused', stricter: false }],
  ['bear', 'whole', 'guidance', { tempC: 71, restMin: 0, pink: 'not-asked', stricter: false }],
  ['goose', 'whole', 'guidance', { tempC: 74, restMin: 0, pink: 'not-asked', stricter: false }],
  ['turkey', 'pierced', 'guidance', { tempC: 74, restMin: 0, pink: 'not-asked', stricter: false }],
] as const)('%s, %s, %s (USDA FSIS, from memory)', (animal, treatment, doneness, wanted) =>
  expect(minimumTemperature(animal, { treatment, doneness, backInThePan: true })).toEqual(wanted),
);

test('what does not go back in the pan is not offered pink', () => {
  for (const animal of ['beef', 'lamb'] as const)
    expect(minimumTemperature(animal, { treatment: 'whole', doneness: 'pink', backInThePan: false }).pink).toBe(
      'refused',
    );
});

test('sodium of salt from the atomic weights of NaCl (IUPAC)', () =>
  expect(SODIUM_IN_SALT).toBeCloseTo(22.99 / (22.99 + 35.45), 4));
test('a portion carries salt and soda', () =>
  expect(sodiumPerPortion({ saltG: { from: 10, to: 12 }, sodaSodiumMg: { from: 500, to: 1000 }, people: 4 })).toEqual({
    from: expect.closeTo((3933.7 + 500) / 4, 0),
    to: expect.closeTo((4720.5 + 1000) / 4, 0),
  }));
test('what is held back after mixing is raw, however little', () =>
  expect([
    heldBackState({ massG: 0, splitAfterMixing: true }),
    heldBackState({ massG: 60, splitAfterMixing: false }),
    heldBackState({ massG: 0, splitAfterMixing: false }),
  ]).toEqual(['raw', 'clean', 'none']));
test('an allergen in one marinade is on the meal', () =>
  expect(allergensOnTable([{ allergens: ['soy'] }, { allergens: [] }, { allergens: ['sesame', 'soy'] }])).toEqual([
    'sesame',
    'soy',
  ]));
