import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
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

const hashOf = (files) =>
  files
    .reduce(
      (hash, file) => hash.update(file).update(readFileSync(path.join(ROOT, file))),
      createHash('sha256').update(process.version),
    )
    .digest('hex');

/** Installs the packages of the lock file unless the last install was of the same one. */
export async function installPackages() {
  const stamp = path.join(ROOT, 'node_modules', '.mince-installed');
  const wanted = hashOf(['package.json', 'package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return 'nothing changed';
  const quiet = ['--no-audit', '--no-fund', '--include=dev'];
  try {
    await run('npm', ['ci', ...quiet]);
  } catch {
    // A lock file written elsewhere can lack optional packages of another platform, which `npm ci` refuses.
    await run('npm', ['install', '--no-save', ...quiet]);
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
  await run('npx', ['next', 'build'], { env: { NEXT_TELEMETRY_DISABLED: '1' } });
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
