import { randomUUID } from 'node:crypto';
import knex from 'knex';
import { database } from '@/data/connection';
import { batchBody, call, TABLE_AT } from './api-client';

afterAll(() => database().destroy());

const many = <T>(count: number, one: (index: number) => Promise<T>) =>
  Promise.all(Array.from({ length: count }, (_, index) => one(index)));
const counted = (statuses: number[]) =>
  Object.fromEntries(
    [...new Set(statuses)].sort().map((one) => [one, statuses.filter((other) => other === one).length]),
  );

describe('many at one row', () => {
  test('fifty writers with one ETag: one is kept, the others are told', async () => {
    const { body: meal, etag } = await call('POST', '/meals', {
      body: { name: 'Fifty', tableAt: TABLE_AT, people: 4 },
    });
    const replies = await many(50, (index) =>
      call('PUT', `/meals/${meal.id}`, {
        ifMatch: etag!,
        body: { name: `Writer ${index}`, tableAt: TABLE_AT, people: 4 },
      }),
    );
    expect(counted(replies.map(({ status }) => status))).toEqual({ 200: 1, 412: 49 });
    const kept = replies.find(({ status }) => status === 200)!.body.name;
    expect((await call('GET', `/meals/${meal.id}`)).body).toMatchObject({ name: kept, version: 2 });
  });

  test('PATCH with * loses no field, however many change one each', async () => {
    const made = (await call('POST', '/batches', { body: await batchBody() })).body;
    const changes = [{ people: 9 }, { massG: 1500 }, { name: 'Patched' }, { heightMm: 31 }, { thicknessMm: 5 }];
    const replies = await many(changes.length, (index) =>
      call('PATCH', `/batches/${made.id}`, { ifMatch: '*', body: changes[index] }),
    );
    expect(counted(replies.map(({ status }) => status))).toEqual({ 200: changes.length });
    expect((await call('GET', `/batches/${made.id}`)).body).toMatchObject(Object.assign({}, ...changes));
    await call('DELETE', `/batches/${made.id}`);
  });

  test('twenty reports on the freezer at once are all kept and all learned', async () => {
    const body = await batchBody({ way: 'stir-fry', cutId: 'beef-flank', massG: 700, heightMm: 30 });
    const batch = (await call('POST', '/batches', { body })).body;
    const before = (await call('GET', '/household')).body;
    const replies = await many(20, () =>
      call('POST', `/batches/${batch.id}/events`, {
        body: {
          id: randomUUID(),
          kind: 'firmness-reported',
          at: '2026-06-06T09:00:00Z',
          payload: { report: 'too-soft', minutes: 60 },
        },
      }),
    );
    expect(counted(replies.map(({ status }) => status))).toEqual({ 201: 20 });
    const after = (await call('GET', '/household')).body;
    expect(after.version).toBe((before.version as number) + 20);
    await call('PUT', '/household', { ifMatch: '*', body: plain(before) });
    await call('DELETE', `/batches/${batch.id}`);
  });

  test('no batch comes into a meal that is being put away, and no meal goes with a batch in it', async () => {
    for (let round = 0; round < 5; round++) {
      const meal = (await call('POST', '/meals', { body: { name: 'Going', tableAt: TABLE_AT, people: 4 } })).body;
      const body = await batchBody({ mealId: meal.id });
      const [made, gone] = await Promise.all([call('POST', '/batches', { body }), call('DELETE', `/meals/${meal.id}`)]);
      expect([
        [201, 422],
        [422, 204],
      ]).toContainEqual([made.status, gone.status]);
      if (made.status === 201) await call('DELETE', `/batches/${made.body.id}`);
    }
  });
});

const plain = ({ name, zone, measures, freezer, slicerStacks, currency }: Record<string, unknown>) => ({
  name,
  zone,
  measures,
  freezer,
  slicerStacks,
  currency,
});

describe('the kitchen', () => {
  test('is changed by the version that was seen, and says what stands when it was another', async () => {
    const first = await call('GET', '/household');
    const body = plain(first.body);
    expect((await call('PUT', '/household', { body })).status).toBe(428);
    const one = await call('PUT', '/household', { ifMatch: first.etag!, body: { ...body, name: 'Boathouse' } });
    expect(one).toMatchObject({ status: 200, body: { name: 'Boathouse' } });
    const late = await call('PUT', '/household', { ifMatch: first.etag!, body: { ...body, currency: 'GBP' } });
    expect(late).toMatchObject({ status: 412, etag: one.etag, body: { current: { name: 'Boathouse' } } });
    await call('PUT', '/household', { ifMatch: '*', body });
  });
});

describe('an id of the client', () => {
  const tastingOf = (batchId: unknown) => ({
    batchId,
    tenderness: 4,
    juiciness: 4,
    salt: 0,
    sweetness: 0,
    mush: 0,
    soapiness: 0,
    tastedAt: TABLE_AT,
  });
  const ownCut = async () => {
    const {
      name: _name,
      id: _id,
      own: _own,
      version: _version,
      ...like
    } = (await call('GET', '/cuts/beef-flank')).body;
    return { ...like, name: 'Skirt of the house' };
  };
  const bodies: [string, (batchId: unknown) => Promise<object>][] = [
    ['meals', async () => ({ name: 'Once', tableAt: TABLE_AT, people: 3 })],
    ['batches', () => batchBody({ tableAt: '2026-07-01T12:00:00Z' })],
    ['tastings', async (batchId) => tastingOf(batchId)],
    [
      'marinades',
      async () => ({
        name: 'Once',
        forMassG: 500,
        minutes: { from: 30, to: 60 },
        lines: [{ ingredientId: 'salt-fine', massG: 6 }],
      }),
    ],
    ['cuts', ownCut],
    [
      'ingredients',
      async () => ({
        name: 'Club sauce',
        kind: 'liquid',
        densityGPerMl: 1,
        waterFraction: 0.8,
        saltFraction: 0.1,
        sugarFraction: 0,
      }),
    ],
  ];
  let batchId: unknown;
  beforeAll(async () => {
    batchId = (await call('POST', '/batches', { body: await batchBody() })).body.id;
  });

  test.each(bodies)('%s: ten tries with one id, at once and later, make one', async (plural, bodyOf) => {
    const id = randomUUID();
    const body = { ...(await bodyOf(batchId)), id };
    const replies = await many(10, () => call('POST', `/${plural}`, { body }));
    expect(replies.map((reply) => reply.body.id)).toEqual(Array(10).fill(id));
    expect(counted(replies.map(({ status }) => status))).toEqual({ 200: 9, 201: 1 });
    expect((await call('POST', `/${plural}`, { body })).status).toBe(200);
    const table = plural === 'batches' ? 'batch' : plural.slice(0, -1);
    expect(await database()(table).where({ id })).toHaveLength(1);
    await call('DELETE', `/${plural}/${id}`, { ifMatch: '*' });
    expect(await call('POST', `/${plural}`, { body })).toMatchObject({
      status: 409,
      body: { type: '/problems/id-taken' },
    });
  });
  test('six batches to one hour with six ids make one meal; no id is none of a client', async () => {
    const body = await batchBody({ tableAt: '2026-07-02T12:00:00Z' });
    const made = await many(6, () => call('POST', '/batches', { body: { ...body, id: randomUUID() } }));
    expect(new Set(made.map((reply) => reply.body.mealId)).size).toBe(1);
    expect((await call('POST', '/batches', { body: { ...body, id: 'mine' } })).status).toBe(400);
    for (const { body: one } of made) await call('DELETE', `/batches/${one.id}`);
  });
  test('a piece that is divided five times with one set of ids is divided once', async () => {
    const body = await batchBody({ cutId: 'beef-flank', massG: 1200, heightMm: 30, pins: { lengthMm: 300 } });
    const { id } = (await call('POST', '/batches', { body })).body;
    const parts = [
      { lengthMm: 160, heightMm: 35 },
      { lengthMm: 140, heightMm: 20 },
    ];
    const ids = [randomUUID()];
    const divide = () => call('POST', `/batches/${id}/divide`, { body: { parts, ids } });
    const replies = [...(await many(4, divide)), await divide()];
    expect(counted(replies.map(({ status }) => status))).toEqual({ 200: 5 });
    for (const { body: one } of replies) expect(one.items!.map((part) => part.id)).toEqual([id, ...ids]);
    const masses = replies.at(-1)!.body.items!.map(({ massG }) => massG as number);
    expect(masses[0]! + masses[1]!).toBeCloseTo(1200, 6);
    for (const one of [id, ...ids]) await call('DELETE', `/batches/${one}`);
  });
  test('a batch that comes back brings its meal back', async () => {
    const { body } = await call('POST', '/batches', { body: await batchBody({ tableAt: '2026-07-03T12:00:00Z' }) });
    await call('DELETE', `/batches/${body.id}`);
    expect((await call('DELETE', `/meals/${body.mealId}`)).status).toBe(204);
    expect((await call('POST', `/batches/${body.id}/restore`)).status).toBe(200);
    expect((await call('GET', `/meals/${body.mealId}`)).status).toBe(200);
    await call('DELETE', `/batches/${body.id}`);
  });
});

describe('when the database has too much to do', () => {
  test('a row that is held too long is a 503 that says so, not that the records are away', async () => {
    const { body: meal } = await call('POST', '/meals', { body: { name: 'Held', tableAt: TABLE_AT, people: 4 } });
    const owner = knex({ client: 'pg', connection: process.env.DATABASE_OWNER_URL! });
    const holding = await owner.transaction();
    try {
      await holding('meal').where({ id: meal.id }).forUpdate();
      const reply = await call('PUT', `/meals/${meal.id}`, {
        ifMatch: '*',
        body: { name: 'Mine', tableAt: TABLE_AT, people: 4 },
      });
      expect(reply).toMatchObject({ status: 503, body: { type: '/problems/busy' } });
    } finally {
      await holding.rollback();
      await owner.destroy();
    }
    expect((await call('GET', `/meals/${meal.id}`)).body.name).toBe('Held');
  });

  test('a hundred at once with ten connections are all answered', async () => {
    const replies = await many(100, () => call('GET', '/batches?limit=5'));
    expect(counted(replies.map(({ status }) => status))).toEqual({ 200: 100 });
  });
});

describe('a mistake of ours', () => {
  test('is a 500 with an id, and its cause is in the log under it, with no word of it in the answer', async () => {
    const owner = knex({ client: 'pg', connection: process.env.DATABASE_OWNER_URL! });
    const log = jest.spyOn(console, 'error').mockImplementation(() => {});
    try {
      await owner.raw('alter table tasting rename column note to notes');
      const reply = await call('GET', '/tastings');
      await call('POST', '/tastings', { body: {} });
      const made = await call('POST', '/batches', { body: await batchBody() });
      const tasted = await call('POST', '/tastings', {
        body: {
          batchId: made.body.id,
          tenderness: 4,
          juiciness: 4,
          salt: 0,
          sweetness: 0,
          mush: 0,
          soapiness: 0,
          tastedAt: TABLE_AT,
        },
      });
      await call('DELETE', `/batches/${made.body.id}`);
      expect(reply.status).toBe(200);
      expect(tasted).toMatchObject({ status: 500, type: 'application/problem+json' });
      const id = tasted.body.instance as string;
      expect(id).toMatch(/^[0-9a-f-]{36}$/);
      expect(JSON.stringify(tasted.body)).not.toMatch(/column|insert|note"/);
      const [line, cause] = log.mock.calls.find(([text]) => String(text).includes(id))!;
      expect(line).toMatch(/POST \/api\/v1\/tastings$/);
      expect(String(cause)).toMatch(/column "note"/);
    } finally {
      log.mockRestore();
      await owner.raw('alter table tasting rename column notes to note');
      await owner.destroy();
    }
  });
});

describe('who the app is to the database', () => {
  test('owns no database and no table, and can change neither', async () => {
    const { rows } = await database().raw(
      `select (select count(*)::int from pg_database where datdba = current_user::regrole) as databases,
              (select count(*)::int from pg_class where relowner = current_user::regrole) as tables, rolsuper, rolcreatedb, rolcreaterole
       from pg_roles where rolname = current_user`,
    );
    expect(rows).toEqual([{ databases: 0, tables: 0, rolsuper: false, rolcreatedb: false, rolcreaterole: false }]);
    for (const statement of [
      'drop table event',
      'alter table event disable trigger all',
      'truncate event cascade',
      'create table mine (a int)',
      'delete from knex_migrations',
    ])
      await expect(database().raw(statement)).rejects.toThrow(/permission denied|must be owner/);
  });
});

describe('years that were mistyped', () => {
  test.each(['0202-06-06T12:00:00Z', '1906-06-06T12:00:00Z', '9999-01-01T00:00:00Z', '2029-06-06T12:00:00Z'])(
    'a table in %s is refused beside its field, and nothing is made',
    async (tableAt) => {
      const total = async () => (await call('GET', '/batches?limit=1')).body.total;
      const before = await total();
      const reply = await call('POST', '/batches', { body: await batchBody({ tableAt }) });
      expect([400, 422]).toContain(reply.status);
      expect(reply.body.errors).toEqual([expect.objectContaining({ pointer: '/tableAt' })]);
      expect(await total()).toBe(before);
    },
  );
  test('what was planned long ago can still be changed where it stands', async () => {
    const made = (await call('POST', '/batches', { body: await batchBody() })).body;
    await database()('batch').where({ id: made.id }).update({ table_at: '2019-06-06T12:00:00Z' });
    const change = (fields: object) => call('PATCH', `/batches/${made.id}`, { ifMatch: '*', body: fields });
    expect((await change({ name: 'Of old' })).status).toBe(200);
    expect((await change({ tableAt: '2019-06-07T12:00:00Z' })).status).toBe(422);
    await call('DELETE', `/batches/${made.id}`);
  });
});
