import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT, run } from './run.mjs';
import { Stop } from './say.mjs';

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 9))
    throw new Stop(
      `Mince needs Node.js 20.9 or newer; this is ${process.versions.node}. Install a newer one and start again.`,
    );
}

// A patch release of Node.js changes nothing that packages were built against.
const hashOf = (files) =>
  files
    .reduce(
      (hash, file) => hash.update(file).update(readFileSync(path.join(ROOT, file))),
      createHash('sha256').update(`${process.platform} ${process.arch} ${process.versions.modules}`),
    )
    .digest('hex');

/** Renews a folder of the project; when that fails the old one stands again. */
export async function renew(folder, work, root = ROOT) {
  const there = path.join(root, folder);
  const before = `${there}.before`;
  // One that is still aside was whole: the renewal that moved it was killed.
  if (existsSync(before)) {
    rmSync(there, { recursive: true, force: true });
    renameSync(before, there);
  }
  if (existsSync(there)) renameSync(there, before);
  try {
    await work();
  } catch (error) {
    if (existsSync(before)) {
      rmSync(there, { recursive: true, force: true });
      renameSync(before, there);
    }
    throw error;
  }
  rmSync(before, { recursive: true, force: true });
}

async function fetchPackages() {
  const quiet = ['--no-audit', '--no-fund', '--include=dev'];
  try {
    await run('npm', ['ci', ...quiet]);
  } catch {
    // A lock file written elsewhere can lack optional packages of another platform, which `npm ci` refuses.
    await run('npm', ['install', '--no-save', ...quiet]);
  }
}

/** Installs the packages of the lock file unless the last install was of the same one. */
export async function installPackages() {
  const stamp = path.join(ROOT, 'node_modules', '.mince-installed');
  const wanted = hashOf(['package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return 'nothing changed';
  const had = existsSync(stamp);
  try {
    await renew('node_modules', fetchPackages);
  } catch (error) {
    if (!had) throw error;
    return 'could not be renewed, going on with those there are; connect this machine and start again to renew them';
  }
  writeFileSync(stamp, wanted);
  return undefined;
}

function filesBelow(folder) {
  return readdirSync(path.join(ROOT, folder), { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name);
    return entry.isDirectory() ? filesBelow(file) : /\.test\.tsx?$/.test(entry.name) ? [] : [file];
  });
}

/** Builds the app unless nothing it is made of changed since the last build. */
export async function build() {
  const inputs = [
    ...filesBelow('src'),
    ...(existsSync(path.join(ROOT, 'public')) ? filesBelow('public') : []),
    'package-lock.json',
    'next.config.ts',
    'tsconfig.json',
    'postcss.config.mjs',
  ];
  const stamp = path.join(ROOT, '.next', 'mince-built');
  const wanted = hashOf(inputs.filter((file) => statSync(path.join(ROOT, file)).isFile()).sort());
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return 'nothing changed';
  await renew('.next', () => run('npx', ['next', 'build'], { env: { NEXT_TELEMETRY_DISABLED: '1' } }));
  writeFileSync(stamp, wanted);
  return undefined;
}

export const isRoot = () => process.getuid?.() === 0;

/** Installs a Debian package when it is missing and this is root; otherwise says the exact command. */
export async function aptInstall(name, isThere) {
  if (isThere()) return 'there';
  const command = `apt-get update && apt-get install -y ${name}`;
  if (!isRoot())
    throw new Stop(`${name} is missing. Run this once, then start again:\n\n    sudo sh -c '${command}'\n`);
  await run('sh', ['-c', command], { env: { DEBIAN_FRONTEND: 'noninteractive' } });
  if (!isThere()) throw new Stop(`${name} was installed but cannot be found. Check: ${command}`);
  return 'installed';
}
