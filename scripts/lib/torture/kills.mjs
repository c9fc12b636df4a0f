import { readFileSync } from 'node:fs';
import path from 'node:path';
import { readdirSync } from 'node:fs';
import { pause } from '../ports.mjs';
import { instanceAt } from '../serve.mjs';

const lineOf = (pid) => {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
  } catch {
    return '';
  }
};
const parentOf = (pid) => {
  try {
    return Number(/^PPid:\s+(\d+)$/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]);
  } catch {
    return undefined;
  }
};
const processes = () =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number);

/** Processes of the start that is running, by what they are. */
export function parts(launcher) {
  const children = processes().filter((pid) => parentOf(pid) === launcher.pid);
  const server = children.find((pid) => lineOf(pid).includes('server.mjs'));
  const postmaster = children.find((pid) => lineOf(pid).includes('postgres'));
  const backends = processes().filter((pid) => parentOf(pid) === postmaster && lineOf(pid).includes('cook'));
  return { server, postmaster, backends };
}

async function isWhole(url) {
  if (!(await instanceAt(url, 2000))) return false;
  const answer = await fetch(`${url}/api/v1/meals?limit=1`, { signal: AbortSignal.timeout(3000) }).catch(
    () => undefined,
  );
  return answer?.ok ?? false;
}

/** What can be done to a kitchen, each by its name. */
const KINDS = {
  server: ({ server }) => process.kill(server, 'SIGKILL'),
  database: ({ postmaster }) => process.kill(postmaster, 'SIGKILL'),
  'a connection': ({ backends }, chance) => backends.length && process.kill(chance.one(backends), 'SIGKILL'),
  both: ({ server, postmaster }) => [server, postmaster].forEach((pid) => process.kill(pid, 'SIGKILL')),
};

/** Kills something at random until the time is over; says how long each took to come back. */
export async function killAtRandom(kitchen, { chance, untilMs, onLauncher }) {
  const back = new Map();
  const names = [...Object.keys(KINDS), 'launcher', 'launcher, orderly'];
  while (Date.now() < untilMs) {
    await pause(chance.whole(300, 2500));
    const name = chance.one(names);
    const fromMs = performance.now();
    try {
      if (name.startsWith('launcher')) await onLauncher(name === 'launcher' ? 'SIGKILL' : 'SIGTERM');
      else KINDS[name](parts(kitchen.launcher()), chance);
    } catch {
      continue;
    }
    await pause(100);
    while (!(await isWhole(kitchen.url()))) await pause(100);
    const seconds = (performance.now() - fromMs) / 1000;
    back.set(name, [...(back.get(name) ?? []), seconds]);
  }
  return back;
}

export const folderBelow = (base, name) =>
  path.join(
    base,
    readdirSync(base).find((entry) => entry.endsWith(`-${name}`)),
  );
