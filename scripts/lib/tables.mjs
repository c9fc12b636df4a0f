/** The database and its tables: made, brought up to date, handed to the app's role. Needs the packages. */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { takeCopy } from './copies.mjs';
import { pause } from './ports.mjs';
import { ROOT } from './run.mjs';
import { Stop } from './say.mjs';

const MIGRATIONS = path.join(ROOT, 'src/data/migrations');
const UPDATE_LOCK = 7_261_947;

const knexAt = async (connection, more = {}) =>
  (await import('knex')).default({ client: 'pg', connection, pool: { min: 0, max: 2 }, ...more });

export const knownMigrations = () =>
  readdirSync(MIGRATIONS)
    .filter((name) => name.endsWith('.mjs'))
    .sort();

/** Migrations by name, all or the first so many. */
const sourceOf = (names) => ({
  getMigrations: async () => names,
  getMigrationName: (name) => name,
  getMigration: (name) => import(pathToFileURL(path.join(MIGRATIONS, name)).href),
});

/** Migrates the tables of one schema as far as `names` go. @returns names of those that were new */
export async function migrateSchema(url, { schema = 'public', names = knownMigrations() } = {}) {
  const db = await knexAt(url, { searchPath: [schema], migrations: { migrationSource: sourceOf(names) } });
  try {
    return await db.transaction(async (trx) => {
      await trx.raw('select pg_advisory_xact_lock(?)', [UPDATE_LOCK]);
      // Whoever holds our lock is the only one: a lock left in the table is that of an update that was killed.
      if (await db.schema.hasTable('knex_migrations_lock')) await db.migrate.forceFreeMigrationsLock();
      const [, done] = await db.migrate.latest();
      return done;
    });
  } catch (error) {
    if (/migration directory is corrupt/.test(error.message))
      throw new Stop(
        'These records were written by a newer Mince. Nothing was changed. Start that one, or begin a kitchen from a copy.',
      );
    throw error;
  } finally {
    await db.destroy();
  }
}

async function schemaThere(db) {
  if (!(await db.schema.hasTable('knex_migrations'))) return undefined;
  return (await db('knex_migrations').select('name')).map(({ name }) => name);
}

/** Whether anyone is connected; what has just hung up gets its moment to go. */
async function isUsed(admin, name) {
  const text = `select 1 from pg_stat_activity where datname = ? and backend_type = 'client backend'`;
  for (let tries = 0; tries < 10; tries++) {
    if ((await admin.raw(text, [name])).rows.length === 0) return false;
    await pause(200);
  }
  return true;
}

async function makeDatabase(ownerUrl, reset) {
  const name = new URL(ownerUrl).pathname.slice(1);
  const admin = await knexAt(ownerUrl.replace(/\/\w+$/, '/postgres'));
  try {
    if (reset) {
      if (reset !== 'force' && (await isUsed(admin, name)))
        throw new Stop('Something is using these records. Stop it first; nothing was changed.');
      await admin.raw('drop database if exists ?? with (force)', [name]);
    }
    const { rows } = await admin.raw('select 1 from pg_database where datname = ?', [name]);
    if (rows.length === 0) await admin.raw('create database ??', [name]);
  } finally {
    await admin.destroy();
  }
}

/**
 * Lets the app's role read and write rows, and nothing else. Where one role does both there is nothing to do.
 * @param {{makes: boolean}} how whether the role is ours to make
 */
export async function admitApp({ ownerUrl, url }, { makes }) {
  const { username: owner } = new URL(ownerUrl);
  const { username, password } = new URL(url);
  if (username === owner) return;
  const name = decodeURIComponent(username);
  await onTables(ownerUrl, (db) =>
    db.transaction(async (trx) => {
      await trx.raw('select pg_advisory_xact_lock(?)', [UPDATE_LOCK]);
      if (makes) await makeRole(trx, name, password);
      await trx.raw(`grant usage on schema public to ??`, [name]);
      await trx.raw(`grant select, insert, update, delete on all tables in schema public to ??`, [name]);
      await trx.raw(`grant usage on all sequences in schema public to ??`, [name]);
      await trx.raw(`revoke insert, update, delete on knex_migrations, knex_migrations_lock from ??`, [name]);
    }),
  );
}

async function makeRole(trx, name, password) {
  const { rows } = await trx.raw('select 1 from pg_roles where rolname = ?', [name]);
  const rights = 'login nosuperuser nocreatedb nocreaterole noreplication nobypassrls';
  // A password cannot be bound in these statements; ours is hexadecimal.
  if (!/^[0-9a-f]{16,}$/.test(password)) throw new Error('the password of the app is not hexadecimal');
  await trx.raw(`${rows.length ? 'alter' : 'create'} role ?? with ${rights} password '${password}'`, [name]);
}

/**
 * Makes the database and brings it to the newest migration; a copy is taken before tables change and before a reset.
 * @param {{folder?: string, ownerUrl: string, url: string}} at a cluster of our own, or an outside database (ownerUrl = url: one role does both)
 * @param {{reset?: boolean | 'force', copies?: boolean, makes?: boolean}} how `force`: whoever uses it, for the tests; without `makes` the database and its roles are there
 * @returns {Promise<string>} what was done, in words
 */
export async function prepareDatabase(at, { reset = false, copies = true, makes = true } = {}) {
  const { ownerUrl, folder } = at;
  if (reset && copies && (await hasTables(ownerUrl))) await takeCopy({ folder, url: ownerUrl }, 'reset');
  if (makes) await makeDatabase(ownerUrl, reset);
  const there = await onTables(ownerUrl, schemaThere);
  const known = knownMigrations();
  if (there?.some((name) => !known.includes(name)))
    throw new Stop(
      'These records were written by a newer Mince. Nothing was changed. Start that one, or begin a kitchen from a copy.',
    );
  let copy;
  if (copies && there && known.some((name) => !there.includes(name)))
    copy = await takeCopy({ folder, url: ownerUrl }, 'update');
  const done = await migrateSchema(ownerUrl);
  await admitApp(at, { makes });
  if (done.length === 0) return 'nothing new';
  const before = copy && `, copy before in ${path.dirname(copy.file)}${copy.problem ? ` (${copy.problem})` : ''}`;
  return `${done.length} new${before ?? ''}`;
}

async function onTables(url, work) {
  const db = await knexAt(url);
  try {
    return await work(db);
  } finally {
    await db.destroy();
  }
}

async function hasTables(ownerUrl) {
  const name = new URL(ownerUrl).pathname.slice(1);
  const there = await onTables(ownerUrl.replace(/\/\w+$/, '/postgres'), async (db) => {
    const { rows } = await db.raw('select 1 from pg_database where datname = ?', [name]);
    return rows.length > 0;
  });
  return there && (await onTables(ownerUrl, schemaThere)) !== undefined;
}

/** The address of another database in the same cluster, for both roles. */
export const otherDatabase = (at, name) => ({
  ...at,
  ownerUrl: at.ownerUrl.replace(/\/\w+$/, `/${name}`),
  url: at.url.replace(/\/\w+$/, `/${name}`),
});
