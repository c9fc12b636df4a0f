/** A private PostgreSQL cluster on a free loopback port, one to a folder of records. */
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chownSync,
  existsSync,
  mkdirSync,
  openSync,
  closeSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  realpathSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { newestCopy } from './copies.mjs';
import { isRoot } from './packages.mjs';
import { freePort, pause } from './ports.mjs';
import { asOwner, idsOfPostgres, runServerProgram, serverProgram } from './postgres.mjs';
import { Stop } from './say.mjs';

/** The role that owns the tables, and the one the app uses: it owns no database and can change no table. */
const OWNER = 'app';
export const APP_ROLE = 'cook';

const dataOf = (folder) => path.join(folder, 'pgdata');
const isEmpty = (folder) => !existsSync(folder) || readdirSync(folder).length === 0;

/** What of a cluster is missing; nothing is deleted on a doubt. */
function checkWhole(folder) {
  const missing = ['password', 'pgdata/PG_VERSION', 'pgdata/global/pg_control'].find(
    (file) => !existsSync(path.join(folder, file)),
  );
  if (!missing) return;
  const copy = newestCopy(folder);
  throw new Stop(
    `The records in ${folder} look damaged: ${missing} is missing. Nothing was deleted and nothing was changed.\n` +
      `Put that file back and start again, or begin a kitchen from ${copy ? 'the newest copy' : 'a copy of yours'}:\n\n` +
      `    npm run restore -- ${copy ?? 'FILE'} --new-kitchen\n`,
  );
}

/** initdb works in a folder beside, which gets its name when it is whole: a start that was killed leaves nothing in the way. */
async function makeCluster(folder) {
  const base = path.dirname(folder);
  mkdirSync(base, { recursive: true, mode: 0o755 });
  for (const left of readdirSync(base).filter((name) => /\.making-\d+$/.test(name)))
    if (!existsSync(`/proc/${left.split('-').at(-1)}`)) rmSync(path.join(base, left), { recursive: true, force: true });
  const side = `${folder}.making-${process.pid}`;
  const data = dataOf(side);
  mkdirSync(side, { mode: 0o755 });
  mkdirSync(data, { mode: 0o700 });
  const password = randomBytes(24).toString('hex');
  const handover = path.join(side, 'handover');
  writeFileSync(path.join(side, 'password'), password, { mode: 0o600 });
  writeFileSync(handover, password, { mode: 0o600 });
  if (isRoot()) {
    const { uid, gid } = await idsOfPostgres();
    chownSync(data, uid, gid);
    chownSync(handover, uid, gid);
  }
  try {
    const how = ['-A', 'scram-sha-256', '--pwfile', handover, '-E', 'UTF8', '--locale=C.UTF-8', '--data-checksums'];
    await runServerProgram('initdb', ['-D', data, '-U', OWNER, ...how], { data });
    rmSync(handover);
    renameSync(side, folder);
  } catch (error) {
    rmSync(side, { recursive: true, force: true });
    // Another start may have been quicker: its cluster is as good.
    if (isEmpty(folder)) throw error;
  }
}

/** The postmaster of this data folder and its port; a process that merely has its old number is none. */
function postmasterOf(data) {
  const file = path.join(data, 'postmaster.pid');
  if (!existsSync(file)) return undefined;
  const lines = readFileSync(file, 'utf8').split('\n');
  const pid = Number(lines[0]);
  try {
    if (readlinkSync(`/proc/${pid}/cwd`) === realpathSync(data))
      return { pid, port: Number(lines[3]), ready: lines[7]?.trim() === 'ready' };
  } catch {
    return undefined;
  }
  renameSync(file, `${file}.stale`);
  return undefined;
}

export function secretOf(folder, name) {
  const file = path.join(folder, name);
  if (!existsSync(file)) writeFileSync(file, randomBytes(24).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}

const urlsAt = (folder, port) => ({
  port,
  ownerUrl: `postgres://${OWNER}:${secretOf(folder, 'password')}@127.0.0.1:${port}/mince`,
  url: `postgres://${APP_ROLE}:${secretOf(folder, 'app-password')}@127.0.0.1:${port}/mince`,
});

/** Asks the database something real. A server that lets others in, or none, is not ours. @throws when it does not answer in time */
export async function ask(url, text = 'select 1', timeoutMs = 4000) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({
    connectionString: url.replace(/\/mince$/, '/postgres'),
    connectionTimeoutMillis: timeoutMs,
    query_timeout: timeoutMs,
  });
  client.on('error', () => {});
  try {
    await client.connect();
    return (await client.query(text)).rows;
  } finally {
    await Promise.race([client.end().catch(() => {}), pause(500)]);
  }
}

/** Clusters made before checksums were usual get them once, while they stand still. */
async function addChecksums(data, version) {
  const control = await runServerProgram('pg_controldata', ['-D', data], { data, version });
  if (/checksum version:\s+0/.test(control) && /cluster state:\s+shut down\s*$/m.test(control))
    await runServerProgram('pg_checksums', ['--enable', '-D', data], { data, version });
}

const SETTINGS = {
  listen_addresses: '127.0.0.1',
  unix_socket_directories: '',
  // One log file a weekday, begun anew each week.
  logging_collector: 'on',
  log_filename: 'server-%a.log',
  log_truncate_on_rotation: 'on',
  log_rotation_age: '1d',
  log_rotation_size: '0',
};

/** Runs the postmaster itself, so that it can be watched; `tied` ends it orderly when this process is no more. */
async function spawnPostmaster(folder, port, tied) {
  const data = dataOf(folder);
  const version = readFileSync(path.join(data, 'PG_VERSION'), 'utf8').trim();
  const settings = Object.entries(SETTINGS).flatMap(([key, value]) => ['-c', `${key}=${value}`]);
  const [command, args] = await asOwner(
    serverProgram('postgres', version),
    ['-D', data, '-p', String(port), ...settings],
    { data, ...(tied ? { diesWith: 'INT' } : {}) },
  );
  const words = path.join(folder, 'start.log');
  const log = openSync(words, 'w');
  const child = spawn(command, args, { cwd: '/', stdio: ['ignore', log, log], detached: true });
  closeSync(log);
  if (!tied) child.unref();
  const failed = new Promise((resolve) => child.once('error', resolve).once('exit', resolve));
  for (const until = Date.now() + 90_000; Date.now() < until;) {
    if (postmasterOf(data)?.ready) return child;
    if ((await Promise.race([failed, pause(100)])) !== undefined || child.exitCode !== null) break;
  }
  const said = readFileSync(words, 'utf8') + logTail(data);
  child.kill('SIGINT');
  throw Object.assign(new Error('PostgreSQL did not start.'), { said });
}

function logTail(data) {
  const folder = path.join(data, 'log');
  if (!existsSync(folder)) return '';
  return readdirSync(folder)
    .map((name) => readFileSync(path.join(folder, name), 'utf8').split('\n').slice(-6).join('\n'))
    .join('\n');
}

/** One that is starting or stopping is waited for. @returns its port, or undefined when there is none any more */
async function portOfRunning(folder) {
  const data = dataOf(folder);
  for (let tries = 0; tries < 150; tries++) {
    const running = postmasterOf(data);
    if (!running) return undefined;
    try {
      const [{ data_directory: served }] = await ask(urlsAt(folder, running.port).ownerUrl, 'show data_directory');
      if (realpathSync(served) === realpathSync(data)) return running.port;
    } catch {
      // starting, or going down
    }
    await pause(200);
  }
  throw new Stop(`PostgreSQL is running on ${data} but does not answer. End it and start again; nothing was changed.`);
}

/**
 * Starts the cluster in that folder, making it first when there is none.
 * @returns {Promise<{folder: string, url: string, ownerUrl: string, port: number, startedHere: boolean, child?: object}>}
 * @throws Stop when what is there is damaged; nothing of it is touched
 */
export async function startCluster(folder, { tied = false } = {}) {
  if (isEmpty(folder)) await makeCluster(folder);
  checkWhole(folder);
  const known = await portOfRunning(folder);
  if (known) return { folder, ...urlsAt(folder, known), startedHere: false };

  const data = dataOf(folder);
  await killCluster(folder);
  await addChecksums(data, readFileSync(path.join(data, 'PG_VERSION'), 'utf8').trim());
  const portFile = path.join(folder, 'port');
  let wished = existsSync(portFile) ? Number(readFileSync(portFile, 'utf8')) : 54321;
  for (let tries = 0; ; tries++) {
    const port = await freePort(wished);
    try {
      const child = await spawnPostmaster(folder, port, tied);
      writeFileSync(portFile, String(port));
      return { folder, ...urlsAt(folder, port), startedHere: true, child };
    } catch (error) {
      // Someone took the port between looking and listening.
      if (tries < 5 && /could not bind|Address already in use/i.test(error.said ?? '')) wished = port + 1;
      else throw notStarted(folder, error);
    }
  }
}

function notStarted(folder, error) {
  const said = (error.said ?? '').trim().split('\n').slice(-8).join('\n');
  if (/No space left/i.test(said))
    return new Stop('PostgreSQL could not start because the disk is full. Free some space and start again.');
  return Object.assign(
    new Stop(`PostgreSQL did not start. Nothing was deleted. Its last words, in ${dataOf(folder)}/log:\n${said}`),
    { cause: error },
  );
}

/** `mode` is fast for an orderly stop, immediate for the power cut that tests want. */
export async function stopCluster(folder, mode = 'fast') {
  const data = dataOf(folder);
  if (!postmasterOf(data)) return;
  await runServerProgram('pg_ctl', ['-D', data, '-m', mode, '-w', 'stop'], { data, allowFailure: true });
}

/** Processes that work in this data folder, whether their postmaster lives or not. */
function processesOf(data) {
  const own = realpathSync(data);
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => {
      try {
        return (
          readlinkSync(`/proc/${pid}/cwd`) === own && readFileSync(`/proc/${pid}/comm`, 'utf8').startsWith('postgres')
        );
      } catch {
        return false;
      }
    });
}

/**
 * Makes an end of a cluster that takes no orders; it recovers from its log at the next start. Helpers that hang outlive their postmaster
 * and would keep the next one from the memory they share.
 */
export async function killCluster(folder) {
  const data = dataOf(folder);
  for (let tries = 0; tries < 50; tries++) {
    const left = processesOf(data);
    if (left.length === 0) return;
    for (const pid of left)
      try {
        process.kill(pid, 'SIGKILL');
      } catch {
        // gone by itself
      }
    await pause(100);
  }
}
