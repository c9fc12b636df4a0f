import { execFile } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';
import knex, { type Knex } from 'knex';
import { tablesInOrder } from '@/data/backupLines.mjs';
import { takeCopy, writeBackup, writeDump } from '../../scripts/lib/copies.mjs';
import { checkBackup } from '../../scripts/lib/readBackup.mjs';
import { restoreCopy, restoreDump } from '../../scripts/lib/restore.mjs';
import { knownMigrations, migrateSchema, otherDatabase, prepareDatabase } from '../../scripts/lib/tables.mjs';

/** Copies of the records, to and fro between databases of the test cluster. */
const folder = mkdtempSync(path.join(tmpdir(), 'mince-copies-'));
const file = (name: string) => path.join(folder, name);
const here = { folder, ownerUrl: process.env.DATABASE_OWNER_URL!, url: process.env.DATABASE_URL! };
const opened: Knex[] = [];

async function kitchen(name: string, { tables = true } = {}) {
  const at = otherDatabase(here, `${name}_${process.pid}`);
  if (tables) await prepareDatabase(at, { reset: 'force', copies: false });
  else {
    const admin = knex({ client: 'pg', connection: here.ownerUrl });
    await admin.raw('create database ??', [`${name}_${process.pid}`]);
    await admin.destroy();
  }
  const db = knex({ client: 'pg', connection: at.ownerUrl, pool: { min: 0, max: 3 } });
  opened.push(db);
  return { ...at, db };
}

/** Every row of every table, as the database says it. */
async function everyRow(db: Knex, tables?: string[]): Promise<Record<string, string[]>> {
  const rows = async (text: string) => (await db.raw(text)).rows as Record<string, unknown>[];
  const names = tables ?? (await tablesInOrder(rows)).map(({ name }) => name);
  const all: Record<string, string[]> = {};
  for (const name of names)
    all[name] = (await rows(`select row_to_json(t)::text as row from "${name}" t order by 1`)).map(({ row }) =>
      String(row),
    );
  return all;
}

const HOSTILE = [
  `'; drop table batch; --`,
  '"quoted" \\ back \\n slash, {"json": [1]}',
  'Zeile\nund\r\nTab\t',
  'line\u2028separator\u2029 and \u0085 and \ufeff mark',
  '<script>alert(1)</script> & \u202e right to left',
  'e\u0301 beside \u00e9, \u{1F6A3} and \u{10FFFF}',
  '$1 %s {{x}} ${y} `z`',
];

async function fill(db: Knex) {
  const [household] = await db('household')
    .insert({
      name: HOSTILE[0],
      zone: 'Europe/London',
      freezer: JSON.stringify({ tempC: -18.123456789012345, lies: 'fan', known: { lnStrength: 1e-300, lnError: 0.1 } }),
      slicer_stacks: JSON.stringify([]),
      measures: ['tsp', HOSTILE[1]],
    })
    .returning('*');
  const own = { household_id: household.id };
  await db('ingredient').insert({
    ...own,
    id: 'salt-fine',
    name: HOSTILE[2],
    other_names: HOSTILE,
    kind: 'salt',
    density_g_per_ml: 0.1 + 0.2,
    water_fraction: 0,
    salt_fraction: 1,
    sugar_fraction: 0,
    allergens: [],
  });
  const at = '2026-06-06T12:00:00.123456Z';
  const [meal] = await db('meal')
    .insert({ ...own, name: HOSTILE[3], table_at: at, zone: 'UTC', people: 3 })
    .returning('*');
  const marinades = await db('marinade')
    .insert(
      HOSTILE.map((text) => ({
        ...own,
        name: text,
        note: text,
        ways: ['stir-fry'],
        for_mass_g: 1 / 3,
        minutes_from: 1,
        minutes_to: 2,
        unread: JSON.stringify([text]),
      })),
    )
    .returning('*');
  await db('marinade_line').insert(
    marinades.map(({ id }, position) => ({
      ...own,
      marinade_id: id,
      position,
      ingredient_id: 'salt-fine',
      mass_g: 5e-324,
      note: HOSTILE[position],
      said: '½ cup',
    })),
  );
  const batches = await db('batch')
    .insert(
      Array.from({ length: 600 }, (_, n) => ({
        ...own,
        meal_id: meal.id,
        marinade_id: marinades[n % marinades.length].id,
        name: `${n} ${HOSTILE[n % HOSTILE.length]}`,
        way: 'stir-fry',
        people: 4,
        table_at: at,
        zone: 'Europe/London',
        plan_version: 1,
        plan: JSON.stringify({ thicknessMm: 4 + n / 7, pins: { soda: 'skip', note: HOSTILE[n % HOSTILE.length] } }),
        ...(n % 5 === 0 ? { deleted_at: at } : {}),
      })),
    )
    .returning('id');
  await db('piece').insert(
    batches.map(({ id }) => ({ ...own, batch_id: id, cut_id: 'x', mass_g: 700.5, height_mm: 20 })),
  );
  await db('event').insert(
    batches.map(({ id }) => ({
      ...own,
      id: randomUUID(),
      batch_id: id,
      kind: 'job-done',
      job_key: 'trim',
      at,
      zone: 'UTC',
      payload: JSON.stringify({ text: HOSTILE[1], n: 12345678901234567890n.toString() }),
    })),
  );
}

let full: Awaited<ReturnType<typeof kitchen>>;

beforeAll(async () => {
  full = await kitchen('full');
  await fill(full.db);
  await writeBackup(full.ownerUrl, file('full.jsonl'), 'kitchen');
});

afterAll(async () => {
  await Promise.all(opened.map((db) => db.destroy()));
  const admin = knex({ client: 'pg', connection: here.ownerUrl });
  const { rows } = await admin.raw(`select datname from pg_database where datname like ?`, [`%\\_${process.pid}`]);
  for (const { datname } of rows) await admin.raw('drop database ?? with (force)', [datname]);
  await admin.destroy();
  rmSync(folder, { recursive: true, force: true });
});

test('a round trip is the identity, row by row, and the copy of the copy is the same', async () => {
  const empty = await kitchen('empty');
  await restoreCopy(empty, file('full.jsonl'));
  expect(await everyRow(empty.db)).toEqual(await everyRow(full.db));
  await writeBackup(empty.ownerUrl, file('again.jsonl'), 'kitchen');
  const rowsOf = (name: string) => readFileSync(file(name), 'utf8').split('\n').slice(1, -2);
  expect(rowsOf('again.jsonl')).toEqual(rowsOf('full.jsonl'));
  // The app's role reads and writes there, and counters go on after what is there.
  const app = knex({ client: 'pg', connection: empty.url });
  opened.push(app);
  const { id, household_id } = await app('batch').first();
  const last = Number((await app('event').max('sequence').first())!.max);
  const [event] = await app('event')
    .insert({ household_id, id: randomUUID(), batch_id: id, kind: 'job-done', at: new Date(), zone: 'UTC' })
    .returning('sequence');
  expect(Number(event.sequence)).toBeGreaterThan(last);
  await expect(app('event').update({ kind: 'x' })).rejects.toThrow('only ever added');
});

test('the copy is read without Mince: one JSON object a line, a header that says what it is, an end with counts', () => {
  const lines = readFileSync(file('full.jsonl'), 'utf8')
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line));
  expect(lines[0]).toMatchObject({ mince: 'backup', format: 1, schema: knownMigrations() });
  expect(lines.at(-1)).toMatchObject({ end: true, rows: { batch: 600, event: 600, marinade: HOSTILE.length } });
  expect(lines.filter(({ table }) => table === 'batch')).toHaveLength(600);
});

test('the second kind, of pg_dump, comes back the same too', async () => {
  const empty = await kitchen('dumped');
  await writeDump(full.ownerUrl, file('full.dump'));
  await restoreDump(empty, file('full.dump'));
  expect(await everyRow(empty.db)).toEqual(await everyRow(full.db));
  const { rows } = await empty.db.raw(`select 1 from pg_roles where rolname like 'scratch%'`);
  expect(rows).toEqual([]);
  writeFileSync(file('bad.dump'), readFileSync(file('full.dump')).subarray(0, 3000));
  const other = await kitchen('undumped');
  await expect(restoreDump(other, file('bad.dump'))).rejects.toThrow(/cannot be read[^]*Nothing was changed/);
});

/** The end line made anew, as someone would who knows how. */
function resealed(lines: string[]): string {
  const body = lines.slice(0, -1);
  const sums: Record<string, ReturnType<typeof createHash>> = {};
  const rows: Record<string, number> = {};
  for (const table of (JSON.parse(body[0]!) as { tables: string[] }).tables) {
    sums[table] = createHash('sha256');
    rows[table] = 0;
  }
  for (const line of body.slice(1)) {
    const { table } = JSON.parse(line) as { table: string };
    sums[table]?.update(`${line}\n`);
    rows[table] = (rows[table] ?? 0) + 1;
  }
  const all = createHash('sha256')
    .update(body.map((line) => `${line}\n`).join(''))
    .digest('hex');
  const sha256 = Object.fromEntries(Object.entries(sums).map(([table, sum]) => [table, sum.digest('hex')]));
  return [...body, JSON.stringify({ end: true, rows, sha256, all })].join('\n') + '\n';
}

describe('a copy that is not as it was written', () => {
  const linesOf = () => readFileSync(file('full.jsonl'), 'utf8').trimEnd().split('\n');
  const header = (change: object) => JSON.stringify({ ...JSON.parse(linesOf()[0]!), ...change });
  const firstBatch = (lines: string[]) => lines.findIndex((line) => line.startsWith('{"table":"batch"'));

  test.each<[string, (lines: string[]) => string, RegExp]>([
    ['one figure changed', (lines) => lines.join('\n').replace('"people":4', '"people":5') + '\n', /checksums/],
    ['cut off', (lines) => lines.slice(0, 400).join('\n'), /cut off/],
    ['cut off within a line', (lines) => lines.join('\n').slice(0, -300), /cut off|cannot be read/],
    ['a row taken out', (lines) => lines.filter((_, n) => n !== 300).join('\n') + '\n', /checksums/],
    ['something after the end', (lines) => [...lines, '{"table":"batch","row":{}}'].join('\n'), /follows the end/],
    ['nothing', () => '', /empty/],
    ['a picture', () => '\u0089PNG\n\n\u0000\u0001', /cannot be read/],
    ['another JSON', () => '{"hello":"galley"}\n', /no copy/],
    [
      'of a newer Mince',
      (lines) => resealed([header({ schema: [...knownMigrations(), '099_later.mjs'] }), ...lines.slice(1)]),
      /newer/,
    ],
    ['of a newer format', (lines) => resealed([header({ format: 2 }), ...lines.slice(1)]), /newer/],
    [
      'of tables that never were',
      (lines) => resealed([header({ tables: ['pg_shadow'] }), ...lines.slice(1)]),
      /Nothing was changed/,
    ],
    [
      'resealed, with a row against the rules of the tables',
      (lines) =>
        resealed(lines.map((line, n) => (n === firstBatch(lines) ? line.replace('"people":4', '"people":-4') : line))),
      /refuse/,
    ],
    [
      'resealed, with a row that points at nothing',
      (lines) => resealed(lines.filter((line) => !line.startsWith('{"table":"meal"'))),
      /refuse/,
    ],
    [
      'resealed, with a field that no table has',
      (lines) =>
        resealed(lines.map((line, n) => (n === firstBatch(lines) ? line.replace('{"id"', '{"gold":1,"id"') : line))),
      /differs/,
    ],
  ])('%s: refused with a reason, and nothing is changed', async (_, damage, reason) => {
    const empty = await kitchen('refused');
    const before = await everyRow(empty.db);
    writeFileSync(file('damaged.jsonl'), damage(linesOf()));
    await expect(restoreCopy(empty, file('damaged.jsonl'))).rejects.toThrow(reason);
    expect(await everyRow(empty.db)).toEqual(before);
    const { rows } = await empty.db.raw(
      `select nspname from pg_namespace where nspname in ('restoring') or nspname like 'before%'`,
    );
    expect(rows).toEqual([]);
    await empty.db.destroy();
  });

  test('a kitchen in use takes none', async () => {
    const before = await everyRow(full.db);
    await expect(restoreCopy(full, file('full.jsonl'))).rejects.toThrow(/in use[^]*Nothing was changed/);
    expect(await everyRow(full.db)).toEqual(before);
  });
});

test('a copy of older tables is brought up to date on its way in', async () => {
  const old = await kitchen('old', { tables: false });
  await migrateSchema(old.ownerUrl, { names: knownMigrations().slice(0, 3) });
  const [household] = await old.db('household').insert({ name: 'Of old', zone: 'UTC' }).returning('id');
  const own = { household_id: household.id };
  await old
    .db('marinade')
    .insert({ ...own, name: 'Juniper', ways: ['stir-fry'], for_mass_g: 500, minutes_from: 1, minutes_to: 2 });
  await writeBackup(old.ownerUrl, file('old.jsonl'), 'kitchen');
  expect((await checkBackup(file('old.jsonl'), knownMigrations())).schema).toHaveLength(3);
  const empty = await kitchen('renewed');
  await restoreCopy(empty, file('old.jsonl'));
  expect(await empty.db('marinade').select('name', 'heated', 'unread')).toEqual([
    { name: 'Juniper', heated: false, unread: [] },
  ]);
});

test('a copy is taken before tables change and before a reset, and the update of a newer kitchen is refused', async () => {
  const old = await kitchen('updated', { tables: false });
  await migrateSchema(old.ownerUrl, { names: knownMigrations().slice(0, 4) });
  await old.db('household').insert({ name: 'Before', zone: 'UTC' });
  expect(await prepareDatabase(old)).toContain(`${knownMigrations().length - 4} new, copy before in`);
  await old.db.destroy();
  await prepareDatabase(old, { reset: true });
  const { stdout } = await promisify(execFile)('ls', [path.join(folder, 'copies')]);
  const names = stdout.trim().split('\n');
  for (const reason of ['update', 'reset'])
    for (const kind of ['jsonl', 'dump'])
      expect(names.filter((name) => name.endsWith(`-${reason}.${kind}`))).toHaveLength(1);
  const copy = names.find((name) => name.endsWith('-update.jsonl'))!;
  expect((await checkBackup(path.join(folder, 'copies', copy), knownMigrations())).rows.household).toBe(1);

  const db = knex({ client: 'pg', connection: old.ownerUrl });
  opened.push(db);
  await db('knex_migrations').insert({ name: '099_later.mjs', batch: 9 });
  await expect(prepareDatabase(old)).rejects.toThrow(/newer Mince/);
});

test('a database elsewhere, owned by a role without powers, is made, copied and restored into', async () => {
  const name = `club_${process.pid}`;
  const admin = knex({ client: 'pg', connection: here.ownerUrl });
  await admin.raw(`create role ${name} login nosuperuser nocreatedb nocreaterole password 'club'`);
  await admin.raw(`create database ${name} owner ${name}`);
  const url = here.ownerUrl.replace(/\/\/[^@]+@/, `//${name}:club@`).replace(/\/\w+$/, `/${name}`);
  const outside = { external: true, url, ownerUrl: url, folder };
  const db = knex({ client: 'pg', connection: url, pool: { min: 0, max: 2 } });
  try {
    await Promise.all([1, 2, 3].map(() => prepareDatabase(outside, { makes: false })));
    await restoreCopy(outside, file('full.jsonl'));
    expect(await everyRow(db)).toEqual(await everyRow(full.db));
    await writeBackup(url, file('outside.jsonl'), 'kitchen');
    expect((await checkBackup(file('outside.jsonl'), knownMigrations())).rows.batch).toBe(600);
    // Where pg_dump cannot work there, the copy in lines stands alone, and says so.
    process.env.PGSERVICE = 'one that pg_dump cannot find';
    const taken = await takeCopy({ folder: path.join(folder, 'deaf'), url }, 'daily');
    delete process.env.PGSERVICE;
    expect(taken.problem).toMatch(/^no copy in the format of pg_dump: .*service/);
    expect((await checkBackup(taken.file, knownMigrations())).rows.batch).toBe(600);
    // Two roles: the one that owns makes, the one of the app reads and writes.
    await admin.raw(`create role ${name}_app login password 'app'`);
    const two = { ...outside, url: url.replace(`${name}:club`, `${name}_app:app`) };
    await prepareDatabase(two, { makes: false });
    const app = knex({ client: 'pg', connection: two.url });
    expect(await app('batch').count({ n: '*' })).toEqual([{ n: '600' }]);
    await expect(app.raw('drop table tasting')).rejects.toThrow(/must be owner/);
    await app.destroy();
    await expect(restoreDump(outside, file('full.dump'))).rejects.toThrow(/pg_restore/);
  } finally {
    await db.destroy();
    await admin.raw('drop database ?? with (force)', [name]);
    for (const role of [`${name}_app`, name]) await admin.raw('drop role if exists ??', [role]);
    await admin.destroy();
  }
});

test('an update that was killed leaves no lock in the way', async () => {
  const at = await kitchen('locked', { tables: false });
  await migrateSchema(at.ownerUrl, { names: knownMigrations().slice(0, 4) });
  await at.db('knex_migrations_lock').update({ is_locked: 1 });
  expect(await prepareDatabase(at, { copies: false })).toBe(`${knownMigrations().length - 4} new`);
});
