import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import net from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** The start command as it is used, with kitchens in a folder of the test's own. The app must have been built. */
const base = mkdtempSync(path.join(tmpdir(), 'mince-starts-'));
chmodSync(base, 0o755);
const PORT = '4460';
const started: ChildProcess[] = [];

interface Start {
  child: ChildProcess;
  said: () => string;
  /** Its exit code. */
  ended: Promise<number | null>;
  url: Promise<string>;
}

function start(...flags: string[]): Start {
  const child = spawn(process.execPath, ['scripts/start.mjs', ...flags], {
    env: { ...process.env, MINCE_DATA: base, PORT, DATABASE_URL: '', DATABASE_OWNER_URL: '' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  started.push(child);
  let text = '';
  const ended = new Promise<number | null>((resolve) => child.once('close', resolve));
  const url = new Promise<string>((resolve, reject) => {
    const look = (chunk: Buffer) => {
      text += chunk;
      const ready = /Ready after .*?(http:\S+)/.exec(text);
      if (ready) resolve(ready[1]!);
    };
    child.stdout!.on('data', look);
    child.stderr!.on('data', look);
    void ended.then((code) => reject(new Error(`ended with ${code}: ${text}`)));
  });
  url.catch(() => undefined);
  return { child, said: () => text, ended, url };
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

async function until<T>(what: string, look: () => Promise<T | undefined> | T | undefined, forMs = 40_000): Promise<T> {
  for (const end = Date.now() + forMs; Date.now() < end; await pause(150)) {
    const found = await look();
    if (found !== undefined && found !== false) return found;
  }
  throw new Error(`${what} did not happen`);
}

const api = (url: string, route: string, init?: RequestInit) =>
  fetch(`${url}/api/v1${route}`, { signal: AbortSignal.timeout(4000), ...init }).catch(() => undefined);
const isUp = async (url: string) => ((await api(url, '/health'))?.ok ? true : undefined);

/** Processes that serve or store what is in that folder. */
function processesOf(folder: string): number[] {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && name !== String(process.pid))
    .map(Number)
    .filter((pid) => {
      try {
        const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
        const settings = /server\.mjs/.test(line) ? readFileSync(`/proc/${pid}/environ`, 'utf8') : '';
        return line.includes(folder) || settings.includes(`MINCE_DATA=${folder}`);
      } catch {
        return false;
      }
    });
}
const serverOf = () =>
  processesOf(base).find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server.mjs'));
const postmasterOf = (kind: string) => {
  const folder = readdirSync(base).find((name) => name.endsWith(`-${kind}`))!;
  return Number(readFileSync(path.join(base, folder, 'pgdata', 'postmaster.pid'), 'utf8').split('\n')[0]);
};
const nobodyLeft = () =>
  until('an end of all processes', () => (processesOf(base).length === 0 ? true : undefined), 15_000);

afterAll(async () => {
  for (const child of started) if (child.exitCode === null) child.kill('SIGTERM');
  await nobodyLeft();
  rmSync(base, { recursive: true, force: true });
});

let demo: Start;
let url: string;
beforeAll(async () => {
  demo = start('--demo');
  url = await demo.url;
});

test('a second start finds the one that runs, says its address and leaves it alone', async () => {
  const second = start('--demo');
  expect(await second.ended).toBe(0);
  expect(second.said()).toContain(`running already:  ${url}`);
  expect(await isUp(url)).toBe(true);
});

test('the demo and the kitchen at once: two addresses, two kitchens, and each page says which', async () => {
  const kitchen = start();
  const other = await kitchen.url;
  expect(other).not.toBe(url);
  const names = await Promise.all([url, other].map(async (one) => (await (await api(one, '/meals'))!.json()).total));
  expect(names).toEqual([expect.any(Number), 0]);
  expect(names[0]).toBeGreaterThan(0);
  const pages = await Promise.all([url, other].map(async (one) => (await fetch(one)).text()));
  expect(pages.map((text) => text.includes('demo kitchen'))).toEqual([true, false]);
  kitchen.child.kill('SIGHUP');
  expect(await kitchen.ended).toBe(0);
  expect(await isUp(url)).toBe(true);
});

test('two starts of two kitchens at the same moment never share an address', async () => {
  const fresh = start('--new-kitchen');
  const [one, other] = await Promise.all([fresh.url, start().url.catch(() => undefined)]);
  expect(other).not.toBe(one);
  for (const child of started.slice(1)) if (child.exitCode === null) child.kill('SIGINT');
  await until('the end of both', async () => ((await isUp(one)) ? undefined : true));
});

test('--reset is for the demo alone, asks first, and never takes what is in use', async () => {
  for (const [flags, reason] of [
    [['--reset'], /begins the demo anew and nothing else/],
    [['--demo', '--reset'], /Say --yes with it/],
    [['--demo', '--reset', '--yes'], /is running with these records.*Stop it first/],
  ] as const) {
    const refused = start(...flags);
    expect(await refused.ended).toBe(1);
    expect(refused.said()).toMatch(reason);
  }
  expect((await (await api(url, '/meals'))!.json()).total).toBeGreaterThan(0);
});

test('a server that is killed and a database that is killed come back at the same address, with everything in them', async () => {
  const write = { name: 'Before the kill', tableAt: new Date().toISOString(), people: 4 };
  const answer = await api(url, '/meals', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(write),
  });
  const { id } = (await answer!.json()) as { id: string };
  const told = (story: RegExp) => until(`the story ${story}`, () => (story.test(demo.said()) ? true : undefined));
  process.kill(serverOf()!, 'SIGKILL');
  await told(/The app has ended; starting it again[^]*The app is back/);
  expect(await isUp(url)).toBe(true);
  process.kill(postmasterOf('demo'), 'SIGKILL');
  await until('an answer while it is away', async () => ((await api(url, '/health'))?.status ? true : undefined));
  await told(/The app is back[^]*The database has ended[^]*The database is back/);
  await until('a database', () => isUp(url));
  expect(await (await api(url, `/meals/${id}`))!.json()).toMatchObject({ name: write.name });
});

test('a database whose port was taken while it was down comes back at another, and the app follows it', async () => {
  const folder = path.join(
    base,
    readdirSync(base).find((name) => name.endsWith('-demo'))!,
  );
  const port = Number(readFileSync(path.join(folder, 'port'), 'utf8'));
  const foreign = net.createServer((socket) => socket.end());
  process.kill(postmasterOf('demo'), 'SIGKILL');
  await until(
    'the port to be free',
    () =>
      new Promise<true | undefined>((resolve) =>
        foreign.once('error', () => resolve(undefined)).listen(port, '127.0.0.1', () => resolve(true)),
      ),
  );
  try {
    await until('an answer from its new place', () => isUp(url));
    const story = /The database is back\.\nThe app has ended; starting it again\.\nThe app is back\.\n$/;
    await until('the app to have followed', () => (story.test(demo.said()) ? true : undefined));
    expect(readFileSync(path.join(folder, 'port'), 'utf8')).not.toBe(String(port));
  } finally {
    foreign.close();
  }
});

test('a server that hangs is noticed and started again', async () => {
  process.kill(serverOf()!, 'SIGSTOP');
  await until('an answer', () => isUp(url), 50_000);
  expect(demo.said()).toMatch(/The app did not answer; starting it again/);
});

test.each(['SIGKILL', 'SIGTERM', 'SIGHUP', 'SIGINT'] as const)(
  '%s leaves no process behind, and the next start has it all',
  async (signal) => {
    demo.child.kill(signal);
    expect(await demo.ended).toBe(signal === 'SIGKILL' ? null : 0);
    await nobodyLeft();
    demo = start('--demo');
    expect(await demo.url).toBe(url);
    expect((await (await api(url, '/meals'))!.json()).items.map(({ name }: { name: string }) => name)).toContain(
      'Before the kill',
    );
  },
);

test('a reset begins the demo anew, and what was there is in a copy', async () => {
  demo.child.kill('SIGTERM');
  await demo.ended;
  demo = start('--demo', '--reset', '--yes');
  url = await demo.url;
  const { items } = await (await api(url, '/meals'))!.json();
  expect(items.map(({ name }: { name: string }) => name)).not.toContain('Before the kill');
  const folder = readdirSync(base).find((name) => name.endsWith('-demo'))!;
  const copies = readdirSync(path.join(base, folder, 'copies'));
  const copy = copies.find((name) => name.endsWith('-reset.jsonl'))!;
  expect(readFileSync(path.join(base, folder, 'copies', copy), 'utf8')).toContain('Before the kill');
  expect(copies.some((name) => name.endsWith('-daily.jsonl'))).toBe(true);
});
