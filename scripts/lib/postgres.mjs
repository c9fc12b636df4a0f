import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { aptInstall, isRoot } from './packages.mjs';
import { run } from './run.mjs';
import { Stop } from './say.mjs';

const VERSIONS = '/usr/lib/postgresql';

/** The programs of this major version, else of the newest there is. */
function binFolder(version) {
  if (!existsSync(VERSIONS)) return undefined;
  const found = readdirSync(VERSIONS)
    .filter((name) => existsSync(path.join(VERSIONS, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a));
  const chosen = version === undefined ? found[0] : found.find((name) => name === version);
  return chosen && path.join(VERSIONS, chosen, 'bin');
}

export const installPostgres = () => aptInstall('postgresql', () => Boolean(binFolder()));

/** @throws Stop when that version is not installed */
export function serverProgram(name, version) {
  const folder = binFolder(version);
  if (!folder && version === undefined)
    throw new Stop(`${name} is not installed here. Install it and try again:\n\n    apt-get install -y postgresql\n`);
  if (!folder)
    throw new Stop(
      `These records were made with PostgreSQL ${version}, which is not installed here. Nothing was changed. Install it and start again:\n\n    apt-get install -y postgresql-${version}\n`,
    );
  return path.join(folder, name);
}

let postgresIds;
export async function idsOfPostgres() {
  postgresIds ??= {
    uid: Number(await run('id', ['-u', 'postgres'])),
    gid: Number(await run('id', ['-g', 'postgres'])),
  };
  return postgresIds;
}

/**
 * A server program as the one who owns the data: PostgreSQL refuses to run as root.
 * `diesWith`: the signal it gets when this process ends, however it ends.
 * @returns {Promise<[string, string[]]>} command and arguments
 */
export async function asOwner(file, args, { data, diesWith } = {}) {
  const owner = data && existsSync(data) ? statSync(data) : await ownerOfNew();
  const become =
    isRoot() && owner.uid !== 0 ? ['--reuid', String(owner.uid), '--regid', String(owner.gid), '--clear-groups'] : [];
  const tied = diesWith ? ['--pdeathsig', diesWith] : [];
  if (become.length + tied.length === 0) return [file, args];
  return ['setpriv', [...become, ...tied, '--', file, ...args]];
}

const ownerOfNew = async () => (isRoot() ? idsOfPostgres() : { uid: process.getuid(), gid: process.getgid() });

/** Runs one of PostgreSQL's own programs to its end. */
export async function runServerProgram(name, args, { data, version, ...options } = {}) {
  const [command, given] = await asOwner(serverProgram(name, version), args, { data });
  return run(command, given, { cwd: '/', ...options });
}
