/** A copy becomes the records: whole or not at all, beside what is there until it is complete. */
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { backupLines } from '../../src/data/backupLines.mjs';
import { connectionArgs, partsOf, writeBackup } from './copies.mjs';
import { serverProgram } from './postgres.mjs';
import { checkBackup, rowsOf } from './readBackup.mjs';
import { run } from './run.mjs';
import { Stop } from './say.mjs';
import { admitApp, knownMigrations, migrateSchema } from './tables.mjs';

const SIDE = 'restoring';
/** What a cook has entered; a kitchen without any of it is as good as new. */
const ENTERED = ['meal', 'batch', 'tasting', 'cut', 'event'];

async function connect(url, schema = 'public') {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => {});
  await client.connect();
  await client.query(`set search_path to ${schema}`);
  return client;
}

/** @throws Stop when the kitchen holds something of a cook's */
async function checkEmpty(client) {
  for (const table of ENTERED) {
    const { rows } = await client.query('select to_regclass($1) is not null as there', [`public.${table}`]);
    if (!rows[0].there) continue;
    const { rows: counted } = await client.query(`select count(*)::int as n from public."${table}"`);
    if (counted[0].n > 0)
      throw new Stop(
        'This kitchen is in use: a copy goes into an empty one only. Nothing was changed. Begin one beside it:\n\n    npm run restore -- FILE --new-kitchen\n',
      );
  }
  const { rows } = await client.query(`select to_regclass('public.marinade') is not null as there`);
  if (!rows[0].there) return;
  const { rows: changed } = await client.query(
    `select (select count(*) from public.marinade where version > 1)::int + (select count(*) from public.household where version > 1)::int as n`,
  );
  if (changed[0].n > 0)
    throw new Stop(
      'This kitchen has marinades or settings of its own. Nothing was changed. Restore with --new-kitchen.',
    );
}

async function fill(client, file, about) {
  await client.query('begin');
  try {
    for (const table of about.tables)
      for await (const rows of rowsOf(file, table))
        await client.query(
          `insert into "${SIDE}"."${table}" select * from json_populate_recordset(null::"${SIDE}"."${table}", $1::json)`,
          [rows],
        );
    const { rows: counters } = await client.query(
      `select table_name, column_name, pg_get_serial_sequence(format('%I.%I', table_schema, table_name), column_name) as counter
       from information_schema.columns where table_schema = $1 and column_default like 'nextval(%'`,
      [SIDE],
    );
    for (const { table_name, column_name, counter } of counters)
      if (about.tables.includes(table_name))
        await client.query(
          `select setval($1, coalesce((select max("${column_name}") from "${SIDE}"."${table_name}"), 1), exists (select from "${SIDE}"."${table_name}"))`,
          [counter],
        );
    await checkSame(client, about);
    await client.query('commit');
  } catch (error) {
    await client.query('rollback').catch(() => {});
    if (error instanceof Stop) throw error;
    throw new Stop(`The tables refuse the copy (${error.message}). Nothing was changed.`);
  }
}

/** What is in the tables now, written as a copy again, must be what the file holds. */
async function checkSame(client, about) {
  let end;
  for await (const line of backupLines(async (text) => (await client.query(text)).rows, {
    app: '',
    kind: '',
    madeAt: '',
  }))
    end = line;
  const { sha256 } = JSON.parse(end);
  const differs = Object.keys(sha256).find((table) => sha256[table] !== about.sha256[table]);
  if (differs) throw new Stop(`What was read back differs from the copy (${differs}). Nothing was changed.`);
}

async function swap(client) {
  await client.query('begin');
  await checkEmpty(client);
  const stamp = new Date().toISOString().replace(/\W/g, '').slice(0, 15).toLowerCase();
  // Nothing is deleted: what was there, empty as it was, stays beside under another name.
  await client.query(`alter schema public rename to before_${stamp}`);
  await client.query(`alter schema "${SIDE}" rename to public`);
  await client.query('commit');
}

/**
 * Puts the copy into an empty kitchen, brought up to this version of the tables.
 * @param {{ownerUrl: string, url: string, external?: boolean}} at
 * @returns {Promise<{rows: Record<string, number>, madeAt: string}>}
 * @throws Stop with the reason; then nothing was changed
 */
export async function restoreCopy(at, file) {
  const about = await checkBackup(file, knownMigrations());
  const client = await connect(at.ownerUrl, SIDE);
  try {
    await checkEmpty(client);
    await client.query(`drop schema if exists "${SIDE}" cascade`);
    await client.query(`create schema "${SIDE}"`);
    try {
      await migrateSchema(at.ownerUrl, { schema: SIDE, names: about.schema });
      await fill(client, file, about);
      await migrateSchema(at.ownerUrl, { schema: SIDE });
      await swap(client);
    } catch (error) {
      await client.query('rollback').catch(() => {});
      await client.query(`drop schema if exists "${SIDE}" cascade`);
      throw error;
    }
  } finally {
    await client.end();
  }
  await admitApp(at, { makes: !at.external });
  return { rows: about.rows, madeAt: about.madeAt };
}

/** A file of pg_dump -Fc is read into a database of its own by a role that may do nothing else, and restored from there as any copy is. */
export async function restoreDump(at, file) {
  if (at.external) throw new Stop('Into a database outside, restore such a file with pg_restore. Nothing was changed.');
  const name = `scratch_${randomBytes(6).toString('hex')}`;
  const password = randomBytes(18).toString('hex');
  const admin = await connect(at.ownerUrl);
  const scratchUrl = at.ownerUrl.replace(/\/\/[^@]+@/, `//${name}:${password}@`).replace(/\/\w+$/, `/${name}`);
  const folder = mkdtempSync(path.join(os.tmpdir(), 'mince-restore-'));
  try {
    await admin.query(`create role ${name} login nosuperuser nocreatedb nocreaterole password '${password}'`);
    await admin.query(`create database ${name} owner ${name} template template0`);
    const { password: secret, ...where } = partsOf(scratchUrl);
    const how = ['--no-owner', '--no-privileges', '--single-transaction', '--exit-on-error', '--clean', '--if-exists'];
    try {
      await run(serverProgram('pg_restore'), [...how, ...connectionArgs(where), file], { env: { PGPASSWORD: secret } });
    } catch (error) {
      throw new Stop(
        `The file cannot be read as one of pg_dump: ${(error.output ?? '').trim().split('\n')[0]}. Nothing was changed.`,
      );
    }
    const copy = path.join(folder, 'copy.jsonl');
    await writeBackup(scratchUrl, copy, 'dump');
    return await restoreCopy(at, copy);
  } finally {
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.query(`drop role if exists ${name}`);
    await admin.end();
    rmSync(folder, { recursive: true, force: true });
  }
}
