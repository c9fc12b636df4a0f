/** Copies of the records beside the data: daily, and before anything that changes or replaces them. */
import { createWriteStream, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { backupLines } from '../../src/data/backupLines.mjs';
import { serverProgram } from './postgres.mjs';
import { ROOT, run } from './run.mjs';

/** How many of each are kept. */
const KEPT = { daily: 7, update: 5, reset: 3, restore: 5 };

export const copiesOf = (folder) => path.join(folder, 'copies');
const appVersion = () => JSON.parse(readFileSync(path.join(ROOT, 'package.json'), 'utf8')).version;

const listed = (folder) =>
  existsSync(copiesOf(folder))
    ? readdirSync(copiesOf(folder))
        .filter((name) => name.endsWith('.jsonl'))
        .sort()
    : [];

export function newestCopy(folder) {
  const name = listed(folder).at(-1);
  return name && path.join(copiesOf(folder), name);
}

/** One client in one transaction that sees the records as they are at this moment. */
async function reading(url, work) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => {});
  await client.connect();
  try {
    await client.query('begin isolation level repeatable read read only');
    return await work(async (text) => (await client.query(text)).rows);
  } finally {
    await client.end();
  }
}

/** Writes the records to a file, under another name until it is whole. @returns rows of each table */
export async function writeBackup(url, file, kind) {
  let end;
  async function* lines(query) {
    for await (const line of backupLines(query, { app: appVersion(), kind, madeAt: new Date().toISOString() })) {
      end = line;
      yield line;
    }
  }
  const half = `${file}.part`;
  try {
    await reading(url, (query) => pipeline(Readable.from(lines(query)), createWriteStream(half, { mode: 0o600 })));
    renameSync(half, file);
  } finally {
    rmSync(half, { force: true });
  }
  return JSON.parse(end).rows;
}

/** PostgreSQL's own format, as a second kind. */
export async function writeDump(url, file) {
  const { password, ...where } = partsOf(url);
  const half = `${file}.part`;
  try {
    await run(serverProgram('pg_dump'), ['-Fc', '-n', 'public', '-f', half, ...connectionArgs(where)], {
      env: { PGPASSWORD: password },
    });
    renameSync(half, file);
  } finally {
    rmSync(half, { force: true });
  }
}

export function partsOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    host: hostname,
    port: port || '5432',
    user: decodeURIComponent(username),
    password: decodeURIComponent(password),
    database: pathname.slice(1),
  };
}

export const connectionArgs = ({ host, port, user, database }) => ['-h', host, '-p', port, '-U', user, '-d', database];

const stamp = () => new Date().toISOString().replaceAll(':', '-').replace(/\.\d+/, '');

/**
 * Takes a copy of both kinds for that reason and lets the oldest ones of it go. The second kind needs PostgreSQL's own programs, as new as
 * the server, which a database elsewhere may not find here: the first one stands without it.
 * @returns {Promise<{file: string, problem?: string}>}
 */
export async function takeCopy({ folder, url }, reason) {
  mkdirSync(copiesOf(folder), { recursive: true, mode: 0o700 });
  const file = path.join(copiesOf(folder), `${stamp()}-${reason}.jsonl`);
  await writeBackup(url, file, reason);
  const problem = await writeDump(url, file.replace(/jsonl$/, 'dump')).then(
    () => undefined,
    (error) => `no copy in the format of pg_dump: ${(error.output ?? error.message).trim().split('\n')[0]}`,
  );
  const old = listed(folder)
    .filter((name) => name.endsWith(`-${reason}.jsonl`))
    .slice(0, -KEPT[reason]);
  for (const name of old)
    for (const kind of ['jsonl', 'dump'])
      rmSync(path.join(copiesOf(folder), name.replace(/jsonl$/, kind)), { force: true });
  return { file, ...(problem ? { problem } : {}) };
}

/** Takes today's copy unless there is one. */
export async function takeDailyCopy(at) {
  const today = stamp().slice(0, 10);
  if (listed(at.folder).some((name) => name.startsWith(today) && name.endsWith('-daily.jsonl'))) return undefined;
  return takeCopy(at, 'daily');
}
