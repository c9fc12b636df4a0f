import { database } from '@/data/connection';
import { call, marinadeId } from './api-client';

afterAll(() => database().destroy());

describe('marinades worked out over the API', () => {
  test('lands at the salt asked for, in grams and measures, and says what can be reached', async () => {
    const id = await marinadeId('Fennel and soy');
    const { body } = await call('POST', '/calc/marinade', { body: { marinadeId: id, meatG: 1370, saltPercent: 1.2, people: 6, areaM2: 0.6 } });
    expect(body).toMatchObject({ equilibriumSaltPercent: expect.closeTo(1.2, 4), allergens: ['gluten', 'sesame', 'soy', 'sulphites'], alcohol: true, coat: { enough: expect.any(String) }, perPerson: { sugarG: expect.any(Number) } });
    expect(await call('POST', '/calc/marinade', { body: { marinadeId: id, meatG: 1000, saltPercent: 0.11 } })).toMatchObject({ status: 422, body: { errors: [{ pointer: '/saltPercent' }] } });
  });
  test('lines by any name, scaled from the weight they were written for', async () => {
    const { body } = await call('POST', '/calc/marinade', { body: { lines: [{ ingredient: 'light soy', massG: 60 }, { ingredient: 'bicarb', massG: 4 }], forMassG: 1000, meatG: 500 } });
    expect((body.lines as { ingredient: string; massG: number }[]).map(({ ingredient, massG }) => [ingredient, massG])).toEqual([['soy-sauce', 30], ['soda', 2]]);
    expect(await call('POST', '/calc/marinade', { body: { lines: [{ ingredient: 'moon dust', massG: 60 }], meatG: 500 } })).toMatchObject({ status: 422, body: { errors: [{ pointer: '/lines/0/ingredient' }] } });
    expect((await call('POST', '/calc/marinade', { body: { meatG: 500 } })).status).toBe(400);
  });
  test('without soy, wheat and alcohol it says what changed and holds none of them', async () => {
    const { body } = await call('POST', '/calc/marinade', { body: { marinadeId: await marinadeId('Fennel and soy'), meatG: 1000, without: ['soy', 'gluten'], noAlcohol: true } });
    expect(body).toMatchObject({ alcohol: false, left: [] });
    expect(body.allergens).not.toContain('soy');
    expect((body.changes as unknown[]).length).toBe(2);
  });
});

describe('pasted text', () => {
  test('gives a line for every line that is not empty, null where nothing is known', async () => {
    const { body } = await call('POST', '/marinades/parse', { body: { text: '2 tbsp soy sauce\n\n  1 tbsp moon dust\r\nSalt, to taste\n' } });
    expect(body.lines).toEqual([
      expect.objectContaining({ text: '2 tbsp soy sauce', ingredient: 'soy-sauce', massG: expect.closeTo(34.01, 1), flags: [] }),
      expect.objectContaining({ text: '1 tbsp moon dust', ingredient: null, massG: null, volumeMl: expect.closeTo(14.79, 1), flags: ['unknown-ingredient'] }),
      expect.objectContaining({ text: 'Salt, to taste', ingredient: 'salt-any', massG: null, flags: ['to-taste'] }),
    ]);
    for (const text of ['', 7, null, 'x'.repeat(70_000)]) expect((await call('POST', '/marinades/parse', { body: { text } })).status).toBe(400);
    expect((await call('POST', '/marinades/parse', { body: { text: 'salt\n'.repeat(300) } })).status).toBe(422);
  });
  test('a marinade goes out as JSON-LD and comes in the same', async () => {
    const id = await marinadeId('Pear and dark soy');
    const { body: recipe, type } = await call('GET', `/marinades/${id}/recipe`);
    expect(type).toBe('application/ld+json');
    const { body: read } = await call('POST', '/marinades/parse', { body: { text: JSON.stringify(recipe) } });
    const { body: known } = await call('GET', `/marinades/${id}`);
    expect(read).toMatchObject({ name: known.name, note: known.note, forMassG: known.forMassG, minutes: known.minutes, holdBackShare: known.holdBackShare });
    expect((read.lines as { ingredient: string; massG: number; note: string }[]).map(({ ingredient, massG, note }) => ({ ingredientId: ingredient, massG, note }))).toEqual(known.lines);
  });
  test('a kitchen furnished before an ingredient came can use it all the same', async () => {
    await database()('ingredient').where({ id: 'tamarind' }).delete();
    const made = await call('POST', '/marinades', { body: { name: 'Sour try-out', forMassG: 1000, minutes: { from: 30, to: 60 }, lines: [{ ingredientId: 'tamarind', massG: 40 }, { ingredientId: 'salt-fine', massG: 10 }] } });
    expect(made.status).toBe(201);
  });
});
