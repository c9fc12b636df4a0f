import { database } from '@/data/connection';
import { batchBody, call, marinadeId } from './api-client';

afterAll(() => database().destroy());

describe('marinades worked out over the API', () => {
  test('lands at the salt asked for, in grams and measures, and says what can be reached', async () => {
    const id = await marinadeId('Fennel and soy');
    const { body } = await call('POST', '/calc/marinade', {
      body: { marinadeId: id, meatG: 1370, saltPercent: 1.2, people: 6, areaM2: 0.6 },
    });
    expect(body).toMatchObject({
      equilibriumSaltPercent: expect.closeTo(1.2, 4),
      allergens: ['gluten', 'sesame', 'soy', 'sulphites'],
      alcohol: true,
      perPerson: { sugarG: expect.closeTo((body.sugarG as number) / 6, 9) },
    });
    expect(body.sugarG).toBeGreaterThan(0);
    const mixMl = (body.lines as { volumeMl: number }[]).reduce((sum, { volumeMl }) => sum + volumeMl, 0);
    const { filmMm, enough } = body.coat as { filmMm: number; enough: string };
    // What is held back wets nothing: the film is at most the mix spread over the area.
    expect(filmMm).toBeLessThanOrEqual(mixMl / 0.6 / 1000 + 1e-9);
    expect(filmMm).toBeGreaterThan((0.5 * mixMl) / 0.6 / 1000);
    expect(enough).toBe('enough');
    expect(
      await call('POST', '/calc/marinade', { body: { marinadeId: id, meatG: 1000, saltPercent: 0.11 } }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/saltPercent' }] } });
  });
  test('lines by any name, scaled from the weight they were written for', async () => {
    const { body } = await call('POST', '/calc/marinade', {
      body: {
        lines: [
          { ingredient: 'light soy', massG: 60 },
          { ingredient: 'bicarb', massG: 4 },
        ],
        forMassG: 1000,
        meatG: 500,
      },
    });
    expect(
      (body.lines as { ingredient: string; massG: number }[]).map(({ ingredient, massG }) => [ingredient, massG]),
    ).toEqual([
      ['soy-sauce', 30],
      ['soda', 2],
    ]);
    expect(
      await call('POST', '/calc/marinade', { body: { lines: [{ ingredient: 'moon dust', massG: 60 }], meatG: 500 } }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/lines/0/ingredient' }] } });
    expect((await call('POST', '/calc/marinade', { body: { meatG: 500 } })).status).toBe(400);
    const spoken = await call('POST', '/calc/marinade', {
      body: { lines: ['60 ml light soy', { ingredient: 'soda', massG: 4 }], forMassG: 1000, meatG: 500 },
    });
    expect(
      (spoken.body.lines as { ingredient: string; massG: number }[]).map(({ ingredient, massG }) => [
        ingredient,
        Math.round(massG * 10) / 10,
      ]),
    ).toEqual([
      ['soy-sauce', 34.5],
      ['soda', 2],
    ]);
    for (const odd of ['1 tbsp moon dust', 'salt, to taste'])
      expect(
        await call('POST', '/calc/marinade', { body: { lines: ['60 ml light soy', odd], meatG: 500 } }),
      ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/lines/1' }] } });
  });
  test('without soy, wheat and alcohol it says what changed and holds none of them', async () => {
    const { body } = await call('POST', '/calc/marinade', {
      body: {
        marinadeId: await marinadeId('Fennel and soy'),
        meatG: 1000,
        without: ['soy', 'gluten'],
        noAlcohol: true,
      },
    });
    expect(body).toMatchObject({ alcohol: false, left: [] });
    expect(body.allergens).not.toContain('soy');
    expect((body.changes as unknown[]).length).toBe(2);
  });
});

describe('how much to make', () => {
  test('by people or to the bag instead of by weight, and one of them only', async () => {
    const id = await marinadeId('Fennel and soy');
    const ask = (body: Record<string, unknown>) =>
      call('POST', '/calc/marinade', { body: { marinadeId: id, ...body } });
    const byPeople = (await ask({ people: 6, eachG: 150 })).body;
    expect(byPeople).toMatchObject({ meatG: 900, lines: (await ask({ meatG: 900 })).body.lines });
    expect(byPeople).toMatchObject({ perPerson: { sugarG: expect.closeTo((byPeople.sugarG as number) / 6, 9) } });
    const { body } = await ask({ bagMl: 2000, areaM2: 0.5 });
    expect(body).toMatchObject({ coat: { bagMl: 2000 } });
    expect(body.meatG as number).toBeGreaterThan(800);
    for (const bad of [{}, { meatG: 500, bagMl: 1000 }, { eachG: 150 }]) expect((await ask(bad)).status).toBe(400);
  });
  test('what is not in the house gives place', async () => {
    const { body } = await call('POST', '/calc/marinade', {
      body: { marinadeId: await marinadeId('Pear and dark soy'), meatG: 1000, lacking: ['pear', 'brown-sugar'] },
    });
    expect((body.changes as { from: string }[]).map(({ from }) => from)).toEqual(
      expect.arrayContaining(['Asian pear, puréed', 'Sugar, brown']),
    );
  });
});

describe('ingredients of the cook’s own', () => {
  const house = {
    name: 'House soy, dark jar',
    otherNames: ['galley soy'],
    kind: 'liquid',
    densityGPerMl: 1.18,
    waterFraction: 0.6,
    saltFraction: 0.15,
    sugarFraction: 0.08,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  };
  test('made, found by any name, read from a pasted list, and their allergens are in the mix', async () => {
    const made = await call('POST', '/ingredients', { body: house });
    expect(made).toMatchObject({ status: 201, body: { own: true, version: 1, piece: null, alcohol: false } });
    expect((await call('GET', '/ingredients?q=galley')).body.items).toEqual([
      expect.objectContaining({ id: made.body.id }),
    ]);
    const { body: read } = await call('POST', '/marinades/parse', { body: { text: '2 tbsp galley soy' } });
    expect(read.lines).toEqual([
      expect.objectContaining({ ingredient: made.body.id, massG: expect.closeTo(2 * 14.787 * 1.18, 1) }),
    ]);
    const { body: mix } = await call('POST', '/calc/marinade', {
      body: { lines: [{ ingredient: 'galley soy', massG: 60 }], meatG: 1000 },
    });
    expect(mix).toMatchObject({ allergens: ['gluten', 'soy'], saltG: expect.closeTo(9, 9) });
  });
  test('changed with its version, and a marinade made with it follows', async () => {
    const { body: made } = await call('POST', '/ingredients', {
      body: { ...house, name: 'House soy, light jar', otherNames: [] },
    });
    const { body: marinade } = await call('POST', '/marinades', {
      body: {
        name: 'House try-out',
        forMassG: 1000,
        minutes: { from: 30, to: 60 },
        lines: [{ ingredientId: made.id, massG: 100 }],
      },
    });
    expect(
      (await call('PATCH', `/ingredients/${made.id}`, { body: { saltFraction: 0.1 }, ifMatch: '"9"' })).status,
    ).toBe(412);
    expect(
      await call('PATCH', `/ingredients/${made.id}`, { body: { saltFraction: 0.1 }, ifMatch: '"1"' }),
    ).toMatchObject({
      status: 200,
      body: { version: 2, saltFraction: 0.1, otherNames: [], allergens: ['soy', 'gluten'] },
    });
    expect(
      (await call('POST', '/calc/marinade', { body: { marinadeId: marinade.id, meatG: 1000 } })).body.saltG,
    ).toBeCloseTo(10, 9);
    // Put away, it is offered no more, and the marinade keeps it.
    expect((await call('DELETE', `/ingredients/${made.id}`)).status).toBe(204);
    expect((await call('GET', `/ingredients/${made.id}`)).status).toBe(404);
    expect(
      (await call('POST', '/marinades/parse', { body: { text: '10 g House soy, light jar' } })).body.lines,
    ).not.toEqual([expect.objectContaining({ ingredient: made.id })]);
    expect(
      (await call('POST', '/calc/marinade', { body: { marinadeId: marinade.id, meatG: 1000 } })).body,
    ).toMatchObject({ allergens: ['gluten', 'soy'] });
    expect(await call('POST', `/ingredients/${made.id}/restore`)).toMatchObject({ status: 200, body: { id: made.id } });
  });
  test('a name twice, more than the whole, and what comes with Mince are refused', async () => {
    expect(await call('POST', '/ingredients', { body: { ...house, name: 'soy sauce' } })).toMatchObject({
      status: 422,
      body: { errors: [{ pointer: '/name' }] },
    });
    expect(
      await call('POST', '/ingredients', { body: { ...house, name: 'Too full', waterFraction: 0.9 } }),
    ).toMatchObject({ status: 422, body: { errors: [{ pointer: '/waterFraction' }] } });
    expect(
      (await call('PUT', '/ingredients/soy-sauce', { body: { ...house, name: 'Mine now' }, ifMatch: '*' })).status,
    ).toBe(422);
    expect((await call('DELETE', '/ingredients/soy-sauce')).status).toBe(422);
    expect((await call('GET', '/ingredients/soy-sauce')).body).toMatchObject({
      own: false,
      version: 0,
      allergens: ['soy', 'gluten'],
    });
    expect((await call('GET', '/ingredients?limit=5')).body).toMatchObject({
      limit: 5,
      next: expect.stringContaining('offset=5'),
    });
  });
});

test('a marinade keeps that it is simmered and takes its oil first, out and in again', async () => {
  const { body: made } = await call('POST', '/marinades', {
    body: {
      name: 'Simmered try-out',
      forMassG: 1000,
      minutes: { from: 30, to: 60 },
      heated: true,
      oilFirst: true,
      holdBackShare: 0.2,
      holdBackFor: 'dip',
      ways: ['jerky'],
      lines: [
        { ingredientId: 'salt-fine', massG: 10 },
        { ingredientId: 'olive-oil', massG: 30 },
      ],
    },
  });
  expect(made).toMatchObject({ heated: true, oilFirst: true, holdBackFor: 'dip', ways: ['jerky'] });
  const { body: recipe } = await call('GET', `/marinades/${made.id}/recipe`);
  expect((await call('POST', '/marinades/parse', { body: { text: JSON.stringify(recipe) } })).body).toMatchObject({
    heated: true,
    oilFirst: true,
    ways: ['jerky'],
  });
});

test('a batch keeps force, fruit, coat and where its mix cools, and its jobs follow', async () => {
  const made = await call('POST', '/batches', {
    body: await batchBody({
      way: 'flat-skewers',
      cutId: 'beef-flank',
      marinadeId: await marinadeId('Cider and star anise, simmered'),
      pins: {
        force: 'needle',
        fruitId: 'pear',
        fruitPercent: 8,
        starchPercent: 1,
        oilPercent: 2,
        oilFirst: true,
        coolIn: 'ice-bath',
        marinadeMin: 1500,
      },
    }),
  });
  expect(made.status).toBe(201);
  const { body } = await call('GET', `/batches/${made.body.id}`);
  expect(body.pins).toMatchObject({ force: 'needle', fruitId: 'pear', coolIn: 'ice-bath' });
  const keys = (body.schedule as { jobs: { key: string }[] }).jobs.map(({ key }) => key);
  expect(keys).toEqual(expect.arrayContaining(['pierce', 'cool', 'glaze', 'turn', 'turn-2']));
  for (const pins of [{ force: 'hammer' }, { fruitId: 'moon' }, { starchPercent: 90 }, { beatToMm: 0 }])
    expect((await call('POST', '/batches', { body: await batchBody({ pins }) })).status).toBe(400);
});

describe('pasted text', () => {
  test('gives a line for every line that is not empty, null where nothing is known', async () => {
    const { body } = await call('POST', '/marinades/parse', {
      body: { text: '2 tbsp soy sauce\n\n  1 tbsp moon dust\r\nSalt, to taste\n' },
    });
    expect(body.lines).toEqual([
      expect.objectContaining({
        text: '2 tbsp soy sauce',
        ingredient: 'soy-sauce',
        massG: expect.closeTo(34.01, 1),
        flags: [],
      }),
      expect.objectContaining({
        text: '1 tbsp moon dust',
        ingredient: null,
        massG: null,
        volumeMl: expect.closeTo(14.79, 1),
        flags: ['unknown-ingredient'],
      }),
      expect.objectContaining({ text: 'Salt, to taste', ingredient: 'salt-any', massG: null, flags: ['to-taste'] }),
    ]);
    for (const text of ['', 7, null, 'x'.repeat(70_000)])
      expect((await call('POST', '/marinades/parse', { body: { text } })).status).toBe(400);
    expect((await call('POST', '/marinades/parse', { body: { text: 'salt\n'.repeat(300) } })).status).toBe(422);
  });
  test('a marinade goes out as JSON-LD and comes in the same', async () => {
    const id = await marinadeId('Pear and dark soy');
    const { body: recipe, type } = await call('GET', `/marinades/${id}/recipe`);
    expect(type).toBe('application/ld+json');
    const { body: read } = await call('POST', '/marinades/parse', { body: { text: JSON.stringify(recipe) } });
    const { body: known } = await call('GET', `/marinades/${id}`);
    expect(read).toMatchObject({
      name: known.name,
      note: known.note,
      forMassG: known.forMassG,
      minutes: known.minutes,
      holdBackShare: known.holdBackShare,
    });
    expect(
      (read.lines as { ingredient: string; massG: number; note: string }[]).map(({ ingredient, massG, note }) => ({
        ingredientId: ingredient,
        massG,
        note,
      })),
    ).toEqual((known.lines as object[]).map((line) => ({ ...line, said: undefined })));
  });
  test('a kitchen furnished before an ingredient came can use it all the same', async () => {
    await database()('ingredient').where({ id: 'tamarind' }).delete();
    const made = await call('POST', '/marinades', {
      body: {
        name: 'Sour try-out',
        forMassG: 1000,
        minutes: { from: 30, to: 60 },
        lines: [
          { ingredientId: 'tamarind', massG: 40 },
          { ingredientId: 'salt-fine', massG: 10 },
        ],
      },
    });
    expect(made.status).toBe(201);
  });
});

describe('the measure a cook wrote', () => {
  test('is kept with its line, said first, scaled while it fits, and goes out in the text of the marinade', async () => {
    const { body: read } = await call('POST', '/marinades/parse', { body: { text: '1/2 cup soy sauce\n60 g sugar' } });
    const lines = (read.lines as { ingredient: string; massG: number; said: string }[]).map(
      ({ ingredient, massG, said }) => ({ ingredientId: ingredient, massG, said }),
    );
    const { body: made } = await call('POST', '/marinades', {
      body: {
        name: 'Half a cup for the eight',
        ways: ['stir-fry'],
        forMassG: 1000,
        minutes: { from: 60, to: 240 },
        lines,
      },
    });
    const { body: kept } = await call('GET', `/marinades/${made.id}`);
    expect(kept.lines).toMatchObject([{ said: '1/2 cup' }, { said: '60 g' }]);
    const spoken = async (meatG: number) => {
      const { body } = await call('POST', '/calc/marinade', { body: { marinadeId: made.id, meatG } });
      return (body.lines as { ingredient: string; spoken: string }[])[0]!.spoken;
    };
    expect(await spoken(1000)).toBe('½ cup');
    expect(await spoken(2000)).toBe('1 cup');
    // A tenth of it is no part of a cup: the drawer speaks.
    expect(await spoken(100)).toMatch(/tsp/);
    await call('DELETE', `/marinades/${made.id}`);
  });
});

describe('a book of more than two hundred', () => {
  const NAME = 'Boathouse trial';
  test('is paged, and found by name, note and any name of what is in it; signs of the search are no wildcards', async () => {
    const made: string[] = [];
    for (let number = 1; number <= 205; number++) {
      const { body } = await call('POST', '/marinades', {
        body: {
          name: `${NAME} ${String(number).padStart(3, '0')}`,
          note: number === 205 ? 'for the 100 % rye evening' : '',
          ways: ['stir-fry'],
          forMassG: 1000,
          minutes: { from: 60, to: 240 },
          lines: [{ ingredientId: number === 204 ? 'tamarind' : 'soy-sauce', massG: 50 }],
        },
      });
      made.push(body.id as string);
    }
    const found = async (query: string) => (await call('GET', `/marinades?${query}`)).body;
    expect(await found(`q=${NAME}&limit=200`)).toMatchObject({ total: 205, items: expect.any(Array) });
    expect((await found(`q=${NAME}&limit=200&offset=200`)).items).toMatchObject(
      ['201', '202', '203', '204', '205'].map((number) => ({ name: `${NAME} ${number}` })),
    );
    expect((await found(`q=${encodeURIComponent('100 %')}`)).items).toMatchObject([{ name: `${NAME} 205` }]);
    expect((await found(`q=${encodeURIComponent('1%5')}`)).total).toBe(0);
    const withTamarind = (await found('q=tamarind&limit=200')).items!.map(({ name }) => name);
    expect(withTamarind).toContain(`${NAME} 204`);
    expect(withTamarind).not.toContain(`${NAME} 203`);
    // Every one of them can be chosen for a batch, the last too.
    const batch = await call('POST', '/batches', { body: await batchBody({ marinadeId: made[204] }) });
    expect(batch.status).toBe(201);

    await database()('batch').where({ id: batch.body.id }).delete();
    await database()('marinade').whereIn('id', made).update({ deleted_at: new Date() });
    const away = (await call('GET', `/put-away?q=${NAME}%20marinade&limit=5`)).body;
    expect(away.total).toBe(0);
    const page = (await call('GET', `/put-away?q=${NAME}&limit=5&offset=200`)).body;
    expect(page).toMatchObject({ total: 205 });
    expect(page.items).toHaveLength(5);
    await database()('marinade').whereIn('id', made).delete();
  });
});
