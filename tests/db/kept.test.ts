import { readdirSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import path from 'node:path';
import knex from 'knex';
import { database } from '@/data/connection';
import { batchBody, call, marinadeId } from './api-client';

afterAll(() => database().destroy());

describe('a stored plan that no longer fits', () => {
  test('is read without the part that does not; lists, Today and the API stay up, and the rest of it is kept', async () => {
    const { body } = await call('POST', '/batches', { body: await batchBody({ pins: { soda: 'skip' } }) });
    const plan = { thicknessMm: 900, pins: { soda: 'skip', marinadeMin: -5, glitter: 'much' } };
    await database()('batch')
      .where({ id: body.id })
      .update({ plan: JSON.stringify(plan) });

    const read = await call('GET', `/batches/${body.id}`);
    expect(read).toMatchObject({ status: 200, body: { thicknessMm: 40, pins: { soda: 'skip' } } });
    expect(read.body.pins).not.toHaveProperty('marinadeMin');
    expect(read.body.pins).not.toHaveProperty('glitter');
    const list = await call('GET', '/batches?limit=200');
    expect(list.status).toBe(200);
    expect(list.body.items!.map(({ id }) => id)).toContain(body.id);
    await call('DELETE', `/batches/${body.id}`);
  });
});

describe('what was put away', () => {
  test('is found again with its name and kind, and brought back by the address it gives', async () => {
    const { body } = await call('POST', '/batches', { body: await batchBody({ name: 'Put away and found' }) });
    const listed = async () => {
      const { body: away } = await call('GET', '/put-away');
      return away.items!.find(({ id }) => id === body.id);
    };
    expect(await listed()).toBeUndefined();
    await call('DELETE', `/batches/${body.id}`);
    const found = (await listed())!;
    expect(found).toMatchObject({ kind: 'batch', name: 'Put away and found' });
    expect((await call('POST', found.restore as string)).status).toBe(200);
    expect(await listed()).toBeUndefined();
    expect((await call('GET', `/batches/${body.id}`)).body).toMatchObject({ name: 'Put away and found', massG: 900 });
  });
});

describe('the API refuses what the interface refuses', () => {
  const salt = () => marinadeId('Salt, pepper and rosemary');
  test.each([
    [
      'a marinade of 1 h 40 on the counter',
      { marinadePlace: 'counter', marinadeMin: 100 },
      /on the counter is too long: 1 h at most/,
    ],
    ['the same in forty lots', { marinadePlace: 'counter', marinadeMin: 115, lots: 40 }, /on the counter is too long/],
    ['a fridge at 9 °C', { fridgeTempC: 9 }, /is too warm for raw meat: 5/],
    ['raw poultry for 72 h', { marinadeMin: 4320 }, /Raw poultry stays .*48 h/],
    ['an unrinsed 3 % of soda', { soda: 'leave-in', sodaPercent: 3 }, /nothing rinses off.*1 % at most/],
  ])('%s', async (_what, pins, reason) => {
    const body = await batchBody({ marinadeId: await salt(), notBefore: '2026-06-01T12:00:00.000Z', pins });
    const reply = await call('POST', '/batches', { body });
    expect(reply).toMatchObject({
      status: 201,
      body: { schedule: { ok: false, reason: expect.stringMatching(reason) } },
    });
    await call('DELETE', `/batches/${reply.body.id}`);
  });
});

/** In a process of its own: migrations are modules, which the test runner cannot import. */
function migrate(connection: string, verb: 'latest' | 'down') {
  const migrations = { directory: path.resolve('src/data/migrations'), loadExtensions: ['.mjs'] };
  const script = `import knex from 'knex';
    const db = knex(${JSON.stringify({ client: 'pg', connection, migrations })});
    await db.migrate.${verb}();
    await db.destroy();`;
  execFileSync(process.execPath, ['--input-type=module', '--eval', script], { stdio: ['ignore', 'ignore', 'pipe'] });
}

describe('the sums over the API warn and refuse by the same limits', () => {
  const meat = { massG: 1000, thicknessMm: 4 };
  test('soda that stays in, and a stronger dose that nothing rinses off', async () => {
    for (const [dose, pointer] of [
      [{ school: 'leave-in', percent: 3 }, '/percent'],
      [{ school: 'rinse-off', percent: 3.5, rinses: 0 }, '/rinses'],
    ] as const)
      expect(await call('POST', '/calc/soda', { body: { ...meat, ...dose } })).toMatchObject({
        status: 422,
        body: { errors: [{ pointer }] },
      });
    expect((await call('POST', '/calc/soda', { body: { ...meat, school: 'leave-in', percent: 1 } })).status).toBe(200);
  });
  test('meat that goes in warm is said', async () => {
    const block = { lengthMm: 180, widthMm: 110, heightMm: 25, freezerC: -18, preset: 'fan', cut: 'beef-flank' };
    const cautions = async (startC: number) =>
      (await call('POST', '/calc/firming', { body: { ...block, startC } })).body.cautions;
    expect(await cautions(4)).toEqual([]);
    expect(await cautions(15)).toEqual([
      expect.objectContaining({
        title: 'Meat at 15 °C has been out',
        text: expect.stringMatching(/Above 7 °C it was not fridge-cold/),
      }),
    ]);
  });
});

describe('migrations', () => {
  test('go back with data in the tables and forward again; no batch is lost on the way', async () => {
    const url = new URL(process.env.DATABASE_OWNER_URL!);
    const owner = knex({ client: 'pg', connection: url.href });
    const name = `down_${process.pid}`;
    await owner.raw('create database ??', [name]);
    url.pathname = `/${name}`;
    const db = knex({ client: 'pg', connection: url.href });
    try {
      migrate(url.href, 'latest');
      const [household] = await db('household').insert({ name: 'Galley', zone: 'Europe/London' }).returning('id');
      const own = { household_id: household.id };
      const at = '2026-06-06T12:00:00Z';
      const [meal] = await db('meal')
        .insert({ ...own, name: 'Regatta', table_at: at, zone: 'Europe/London', people: 8 })
        .returning('id');
      const [marinade] = await db('marinade')
        .insert({
          ...own,
          name: 'Juniper salt',
          ways: ['stir-fry'],
          for_mass_g: 500,
          minutes_from: 30,
          minutes_to: 60,
          unread: JSON.stringify(['chilli paste']),
        })
        .returning('id');
      const ways = ['stir-fry', 'flat-skewers', 'cube-skewers', 'table-grill', 'thin-steak'];
      await db('batch').insert(
        ways.map((way) => ({
          ...own,
          meal_id: meal.id,
          marinade_id: marinade.id,
          name: way,
          way,
          people: 4,
          table_at: at,
          zone: 'Europe/London',
          plan_version: 1,
          plan: JSON.stringify({ thicknessMm: 4, pins: {} }),
        })),
      );
      // Back to the tables of the second one, however many there are by now.
      const all = readdirSync('src/data/migrations').filter((file) => file.endsWith('.mjs'));
      for (let step = all.length; step > 2; step--) migrate(url.href, 'down');
      const back = await db('batch').select('name', 'way');
      expect(Object.fromEntries(back.map((row) => [row.name, row.way]))).toEqual({
        'stir-fry': 'stir-fry',
        'flat-skewers': 'flat-skewers',
        'cube-skewers': 'flat-skewers',
        'table-grill': 'stir-fry',
        'thin-steak': 'stir-fry',
      });
      migrate(url.href, 'latest');
      expect(await db('batch').pluck('name')).toHaveLength(ways.length);
      const indexes = await db('pg_indexes').where({ schemaname: 'public' }).pluck('indexdef');
      for (const column of ['tasting.*\\(batch_id\\)', 'batch.*\\(marinade_id\\)'])
        expect(indexes.some((one) => new RegExp(`ON public\\.${column}`).test(one))).toBe(true);
    } finally {
      await db.destroy();
      await owner.raw('drop database ?? with (force)', [name]);
      await owner.destroy();
    }
  });
});

describe('many at once, and signs that cannot be kept', () => {
  test('forty batches at once for one hour are all made, and share one meal', async () => {
    const tableAt = '2026-08-01T17:00:00.000Z';
    const body = await batchBody({ tableAt });
    const made = await Promise.all(Array.from({ length: 40 }, () => call('POST', '/batches', { body })));
    expect(made.map(({ status }) => status)).toEqual(Array(40).fill(201));
    expect(new Set(made.map((one) => one.body.mealId)).size).toBe(1);
    await database()('batch')
      .whereIn(
        'id',
        made.map((one) => one.body.id as string),
      )
      .delete();
    await database()('meal').where({ id: made[0]!.body.mealId }).delete();
  });
  test.each([
    ['a null', String.raw`"\u0000"`],
    ['half of a character', String.raw`"\ud83c"`],
  ])('%s is a bad request, not a word of the tables', async (_what, name) => {
    const raw = JSON.stringify(await batchBody({ name: '@' })).replace('"@"', name);
    const reply = await call('POST', '/batches', { raw });
    expect(reply).toMatchObject({ status: 400, body: { title: expect.stringMatching(/cannot be kept/) } });
    expect(JSON.stringify(reply.body)).not.toMatch(/insert|select|household_id/);
    expect((await call('GET', '/marinades?q=%00')).status).toBe(400);
  });
  test('a backslash before u is text, and a whole character of two halves too', async () => {
    const name = String.raw`Skiff \u0000 ` + '\u{1F6A3}';
    const { status, body } = await call('POST', '/batches', { body: await batchBody({ name }) });
    expect([status, body.name]).toEqual([201, name]);
    await call('DELETE', `/batches/${body.id}`);
  });
});
