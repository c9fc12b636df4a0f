import { execFile, spawn } from 'node:child_process';
import {
  chmodSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import net from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';

/** Clusters as the scripts make them, in a data folder of the test's own. */
const base = mkdtempSync(path.join(tmpdir(), 'mince-data-'));
chmodSync(base, 0o755);
const env = { ...process.env, MINCE_DATA: base };
const node = (args: string[], cwd = '.') => promisify(execFile)(process.execPath, args, { env, cwd });
const db = (verb: string, name = 'trial', cwd = '.') => node(['scripts/db.mjs', verb, '--name', name], cwd);
const folder = () =>
  path.join(
    base,
    readdirSync(base).find((name) => name.endsWith('-trial'))!,
  );
const inData = (...names: string[]) => path.join(folder(), 'pgdata', ...names);
const ask = async (url: string, text: string) =>
  (
    await node([
      '--input-type=module',
      '-e',
      `import { ask } from './scripts/lib/cluster.mjs'; console.log(JSON.stringify(await ask(${JSON.stringify(url)}, ${JSON.stringify(text)})))`,
    ])
  ).stdout.trim();

afterAll(async () => {
  await db('stop').catch(() => undefined);
  rmSync(base, { recursive: true, force: true });
});

describe('the cluster', () => {
  test('first starts that were killed leave nothing in the way of the next', async () => {
    for (const afterMs of [150, 400, 700]) {
      const killed = spawn(process.execPath, ['scripts/db.mjs', 'start', '--name', 'trial'], {
        env,
        detached: true,
        stdio: 'ignore',
      });
      await new Promise((resolve) => setTimeout(resolve, afterMs));
      if (killed.exitCode === null) process.kill(-killed.pid!, 'SIGKILL');
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    expect((await db('start')).stdout).toMatch(/^postgres:\/\/app:/);
    expect(readdirSync(base)).toHaveLength(1);
  });

  test('checks what it reads from the disk', async () => {
    const on = async () => ask((await db('url')).stdout.trim(), 'show data_checksums');
    expect(await on()).toBe('[{"data_checksums":"on"}]');
    // A cluster of before they were usual gets them at its next start.
    await db('stop');
    await promisify(execFile)(process.execPath, [
      '--input-type=module',
      '-e',
      `import { runServerProgram } from './scripts/lib/postgres.mjs';
       const data = ${JSON.stringify(inData())}; await runServerProgram('pg_checksums', ['--disable', '-D', data], { data })`,
    ]);
    expect(await on()).toBe('[{"data_checksums":"on"}]');
  });

  test('what looks damaged is left as it is, with a sentence; put right, it starts with what was in it', async () => {
    const url = (await db('url')).stdout.trim();
    await ask(url, 'create table kept as select 42 as answer');
    await db('stop');
    const aside = path.join(base, 'PG_VERSION');
    renameSync(inData('PG_VERSION'), aside);
    const before = readdirSync(inData()).sort();
    await expect(db('start')).rejects.toMatchObject({
      stderr: expect.stringMatching(/PG_VERSION is missing\. Nothing was deleted.*\n.*\n+ +npm run restore/),
    });
    expect(readdirSync(inData()).sort()).toEqual(before);
    expect(existsSync(path.join(folder(), 'password'))).toBe(true);
    renameSync(aside, inData('PG_VERSION'));
    const again = (await db('start')).stdout.trim();
    expect(await ask(again, 'select answer from kept')).toBe('[{"answer":42}]');
  });

  test('a power cut, a number that another process has by now, and a port that was taken are all got over', async () => {
    const [, ...rest] = readFileSync(inData('postmaster.pid'), 'utf8').split('\n');
    await db('kill');
    writeFileSync(inData('postmaster.pid'), [process.pid, ...rest].join('\n'));
    const port = Number(readFileSync(path.join(folder(), 'port'), 'utf8'));
    const foreign = net.createServer((socket) => socket.end());
    await new Promise<void>((resolve) => foreign.listen(port, '127.0.0.1', resolve));
    try {
      const url = (await db('start')).stdout.trim();
      expect(new URL(url).port).not.toBe(String(port));
      expect(await ask(url, 'select answer from kept')).toBe('[{"answer":42}]');
    } finally {
      foreign.close();
      await db('stop');
    }
  });
});

describe('a project folder and its kitchen', () => {
  const project = (name: string) => {
    const root = path.join(base, 'projects', name);
    mkdirSync(root, { recursive: true });
    cpSync('scripts', path.join(root, 'scripts'), { recursive: true });
    cpSync('src/data', path.join(root, 'src', 'data'), { recursive: true });
    cpSync('package.json', path.join(root, 'package.json'));
    symlinkSync(path.resolve('node_modules'), path.join(root, 'node_modules'));
    return root;
  };
  const where = async (root: string) => (await db('where', 'main', root)).stdout.trim();
  const choose = async (root: string, how: object) => {
    const code = `import { chooseKitchen, claimFor, KITCHEN } from './scripts/lib/kitchens.mjs';
      const { folder } = await chooseKitchen(${JSON.stringify(how)}); claimFor(folder, KITCHEN); console.log(folder)`;
    return (await node(['--input-type=module', '-e', code], root)).stdout.trim();
  };

  test('a kitchen is found again where its project folder went; beside a full one none is made in silence', async () => {
    const first = project('first');
    const kitchen = await where(first);
    await db('start', 'main', first);
    await db('stop', 'main', first);
    expect(readFileSync(path.join(kitchen, 'kitchen.json'), 'utf8')).toContain(first);

    const second = project('second');
    await expect(where(second)).rejects.toMatchObject({
      stderr: expect.stringMatching(/There is a kitchen on this machine already[^]*Nothing was changed/),
    });
    const moved = path.join(base, 'projects', 'moved');
    renameSync(first, moved);
    expect(await where(moved)).toBe(kitchen);

    // The second one takes it by its number; then it is no more the first one's.
    expect(await choose(second, { wanted: '1' })).toBe(kitchen);
    await expect(where(moved)).rejects.toMatchObject({ stderr: expect.stringContaining(kitchen) });
    const fresh = await choose(moved, { fresh: true }).catch((error: { stderr: string }) => error.stderr);
    expect(fresh).not.toBe(kitchen);
    expect(await where(second)).toBe(kitchen);
  });
});
