import { randomUUID } from 'node:crypto';
import knex from 'knex';
import { INGREDIENTS, STARTER_BOOK } from '@/core/marinades';
import { database } from '@/data/connection';
import { batchBody, call, marinadeId, TABLE_AT } from './api-client';

afterAll(() => database().destroy());

describe('a new kitchen', () => {
  test('is furnished once, however many ask at the same time', async () => {
    const owner = knex({ client: 'pg', connection: process.env.DATABASE_OWNER_URL! });
    await owner.raw('truncate household cascade');
    await owner.destroy();
    const replies = await Promise.all(Array.from({ length: 8 }, () => call('GET', '/household')));
    expect(new Set(replies.map(({ body }) => body.id)).size).toBe(1);
    const { body } = await call('GET', '/marinades');
    expect(body.total).toBe(STARTER_BOOK.length);
    expect((await call('GET', '/ingredients')).body.total).toBe(INGREDIENTS.length);
  });
});

describe('batches', () => {
  test('are created with a meal at their hour, read with their schedule, listed, changed, put away and taken back', async () => {
    const made = await call('POST', '/batches', { body: await batchBody() });
    expect(made).toMatchObject({ status: 201, etag: '"1"', location: `/api/v1/batches/${made.body.id}` });
    const schedule = made.body.schedule as { ok: true; jobs: { endAt: string }[] };
    expect(schedule.ok).toBe(true);
    expect(schedule.jobs.at(-1)!.endAt).toBe(TABLE_AT);

    const meal = await call('GET', `/meals/${made.body.mealId}`);
    expect(meal.body).toMatchObject({ name: 'Saturday lunch', tableAt: TABLE_AT });
    const second = await call('POST', '/batches', { body: await batchBody({ name: undefined }) });
    expect(second.body).toMatchObject({ mealId: made.body.mealId, name: 'Chicken thigh, boned, stir-fry' });

    const changed = await call('PUT', `/batches/${made.body.id}`, {
      ifMatch: '"1"',
      body: await batchBody({ massG: 1000, pins: { marinadeMin: 45 } }),
    });
    expect(changed).toMatchObject({ status: 200, etag: '"2"', body: { massG: 1000, pins: { marinadeMin: 45 } } });
    expect((changed.body.schedule as { jobs: object[] }).jobs).toContainEqual(
      expect.objectContaining({ key: 'marinate', stage: 'marinate', hands: false, minutes: 45 }),
    );

    expect((await call('DELETE', `/batches/${made.body.id}`)).status).toBe(204);
    expect((await call('GET', `/batches/${made.body.id}`)).status).toBe(404);
    expect((await call('POST', `/batches/${made.body.id}/restore`)).body).toMatchObject({ massG: 1000 });
  });

  test('PATCH changes what it names and nothing else', async () => {
    const made = await call('POST', '/batches', { body: await batchBody({ pins: { soda: 'skip' } }) });
    const patched = await call('PATCH', `/batches/${made.body.id}`, { ifMatch: made.etag!, body: { people: 7 } });
    expect(patched.body).toMatchObject({ people: 7, massG: 900, pins: { soda: 'skip' }, name: 'Fennel chicken' });
  });

  test('an old version is refused with 412 and shows the other side; nothing is overwritten', async () => {
    const made = await call('POST', '/batches', { body: await batchBody() });
    await call('PUT', `/batches/${made.body.id}`, { ifMatch: '"1"', body: await batchBody({ people: 9 }) });
    const late = await call('PUT', `/batches/${made.body.id}`, {
      ifMatch: '"1"',
      body: await batchBody({ people: 2 }),
    });
    expect(late).toMatchObject({
      status: 412,
      type: 'application/problem+json',
      etag: '"2"',
      body: { current: { people: 9, version: 2 } },
    });
    expect((await call('GET', `/batches/${made.body.id}`)).body.people).toBe(9);
    expect((await call('PUT', `/batches/${made.body.id}`, { body: await batchBody() })).status).toBe(428);
    expect((await call('DELETE', `/batches/${made.body.id}`, { ifMatch: '"1"' })).status).toBe(412);
    expect((await call('PUT', `/batches/${made.body.id}`, { ifMatch: 'one', body: await batchBody() })).status).toBe(
      400,
    );
  });

  test('only one of two changes at the same moment wins', async () => {
    const made = await call('POST', '/batches', { body: await batchBody() });
    const bodies = await Promise.all([batchBody({ people: 3 }), batchBody({ people: 4 })]);
    const replies = await Promise.all(
      bodies.map((body) => call('PUT', `/batches/${made.body.id}`, { ifMatch: '"1"', body })),
    );
    expect(replies.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  test('a change that fails half-way leaves nothing half-written', async () => {
    const made = await call('POST', '/batches', { body: await batchBody() });
    const before = await database()('piece').where({ batch_id: made.body.id }).first();
    const refused = await call('PUT', `/batches/${made.body.id}`, {
      ifMatch: '"1"',
      body: await batchBody({ massG: 500, mealId: randomUUID() }),
    });
    expect(refused.status).toBe(422);
    expect(await database()('piece').where({ batch_id: made.body.id }).first()).toEqual(before);
    expect((await call('GET', `/batches/${made.body.id}`)).etag).toBe('"1"');
  });

  test('are listed by pages, newest table first', async () => {
    const { body: meal } = await call('POST', '/meals', {
      body: { name: 'Long table', tableAt: '2027-01-01T18:00:00Z', people: 30 },
    });
    for (let index = 0; index < 5; index++)
      await call('POST', '/batches', {
        body: await batchBody({ mealId: meal.id, tableAt: `2027-01-01T1${index}:00:00Z` }),
      });
    const first = await call('GET', `/batches?mealId=${meal.id}&limit=2`);
    expect(first.body).toMatchObject({ total: 5, limit: 2, offset: 0 });
    const seen: unknown[] = first.body.items!.map(({ tableAt }) => tableAt);
    for (let next = first.body.next as string | null; next;) {
      const page = await call('GET', next.replace('/api/v1', ''));
      seen.push(...page.body.items!.map(({ tableAt }) => tableAt));
      next = page.body.next as string | null;
    }
    expect(seen).toEqual(['14', '13', '12', '11', '10'].map((hour) => `2027-01-01T${hour}:00:00.000Z`));
  });

  test('a meal moved across the change to summer time keeps its clock, and its jobs move with it', async () => {
    await call('PUT', '/household', {
      ifMatch: '*',
      body: { name: 'Galley', zone: 'Europe/London' },
    });
    const { body: meal } = await call('POST', '/meals', {
      body: { name: 'Spring', tableAt: '2027-03-27T13:00:00Z', people: 4 },
    });
    const made = await call('POST', '/batches', {
      body: await batchBody({ mealId: meal.id, tableAt: '2027-03-27T13:00:00Z' }),
    });
    await call('PUT', `/meals/${meal.id}`, {
      ifMatch: '"1"',
      body: { name: 'Spring', tableAt: '2027-03-28T13:00:00+01:00', people: 4 },
    });
    const moved = await call('GET', `/batches/${made.body.id}`);
    expect(moved.body).toMatchObject({ tableAt: '2027-03-28T12:00:00.000Z', zone: 'Europe/London' });
    expect((moved.body.schedule as { jobs: { endAt: string }[] }).jobs.at(-1)!.endAt).toBe('2027-03-28T12:00:00.000Z');
  });
});

describe('events', () => {
  test('are written once however often they are sent, and never changed', async () => {
    const { body: batch } = await call('POST', '/batches', { body: await batchBody() });
    const event = { id: randomUUID(), kind: 'job-done', jobKey: 'trim', at: '2026-06-06T09:00:00Z' };
    const replies = await Promise.all(
      [1, 2, 3].map(() => call('POST', `/batches/${batch.id}/events`, { body: event })),
    );
    expect(replies.map(({ status }) => status).sort()).toEqual([200, 200, 201]);
    const { body } = await call('GET', `/batches/${batch.id}/events`);
    expect(body.items).toHaveLength(1);
    await expect(database()('event').where({ id: event.id }).update({ kind: 'job-undone' })).rejects.toThrow(
      'only ever added',
    );
    await expect(database()('event').where({ id: event.id }).delete()).rejects.toThrow('only ever added');
    const { body: other } = await call('POST', '/batches', { body: await batchBody() });
    expect((await call('POST', `/batches/${other.id}/events`, { body: event })).status).toBe(422);
  });
});

describe('marinades and tastings', () => {
  const marinade = {
    name: 'Plain brine',
    forMassG: 1000,
    minutes: { from: 30, to: 240 },
    lines: [
      { ingredientId: 'water', massG: 300 },
      { ingredientId: 'salt-fine', massG: 15 },
    ],
  };
  test('a marinade comes back as it went in, and one put away still serves its batches', async () => {
    const made = await call('POST', '/marinades', { body: marinade });
    expect(made.body).toMatchObject({
      ...marinade,
      holdBackShare: 0,
      lines: [
        { ingredientId: 'water', massG: 300, note: '', said: '' },
        { ingredientId: 'salt-fine', massG: 15, note: '', said: '' },
      ],
    });
    const batch = await call('POST', '/batches', { body: await batchBody({ marinadeId: made.body.id }) });
    expect((await call('DELETE', `/marinades/${made.body.id}`)).status).toBe(204);
    expect((await call('GET', `/batches/${batch.body.id}`)).status).toBe(200);
  });
  test('an ingredient that is not there is named', async () => {
    const refused = await call('POST', '/marinades', {
      body: { ...marinade, lines: [{ ingredientId: 'moon-dust', massG: 1 }] },
    });
    expect(refused).toMatchObject({ status: 422, body: { errors: [{ pointer: '/lines/0/ingredientId' }] } });
  });
  test('a tasting is kept, changed and put away', async () => {
    const { body: batch } = await call('POST', '/batches', { body: await batchBody() });
    const scores = {
      batchId: batch.id,
      tenderness: 4,
      juiciness: 3,
      salt: 1,
      sweetness: 0,
      mush: 0,
      soapiness: 1,
      changeNext: 'thinner',
      tastedAt: '2026-06-06T13:00:00Z',
    };
    const made = await call('POST', '/tastings', { body: scores });
    expect(made.body).toMatchObject({ ...scores, tastedAt: '2026-06-06T13:00:00.000Z', note: '' });
    expect(
      (await call('PATCH', `/tastings/${made.body.id}`, { ifMatch: '"1"', body: { note: 'a little dry' } })).body,
    ).toMatchObject({ note: 'a little dry', tenderness: 4 });
    expect((await call('GET', `/tastings?batchId=${batch.id}`)).body.total).toBe(1);
    expect((await call('POST', '/tastings', { body: { ...scores, tenderness: 6 } })).status).toBe(400);
    expect((await call('POST', '/tastings', { body: { ...scores, batchId: randomUUID() } })).status).toBe(422);
  });
});

describe('the tables hold their own rules, whatever the code says', () => {
  const refuses = (work: PromiseLike<unknown>) => expect(Promise.resolve(work)).rejects.toThrow();
  test('no piece without weight, no meal of another household, no score out of range, no line without its ingredient', async () => {
    const { body: batch } = await call('POST', '/batches', { body: await batchBody() });
    const { household_id } = await database()('batch').where({ id: batch.id }).first();
    const [other] = await database()('household').insert({ name: 'Other', zone: 'UTC' }).returning('*');
    await refuses(database()('piece').where({ batch_id: batch.id }).update({ mass_g: 0 }));
    await refuses(database()('batch').where({ id: batch.id }).update({ household_id: other.id }));
    await refuses(
      database()('tasting').insert({
        household_id,
        batch_id: batch.id,
        tenderness: 9,
        juiciness: 1,
        salt: 0,
        sweetness: 0,
        mush: 0,
        soapiness: 0,
        tasted_at: new Date(),
      }),
    );
    await refuses(
      database()('marinade_line').insert({
        household_id,
        marinade_id: await marinadeId('Fennel and soy'),
        position: 99,
        ingredient_id: 'nothing',
        mass_g: 1,
      }),
    );
    await refuses(database()('batch').where({ id: batch.id }).update({ way: 'boiled, then "fried"' }));
  });
});
