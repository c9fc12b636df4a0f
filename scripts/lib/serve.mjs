import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { freePort, pause } from './ports.mjs';
import { ROOT } from './run.mjs';
import { Stop } from './say.mjs';

/** The server says with this code that its port was taken meanwhile. */
export const PORT_TAKEN = 98;

/**
 * Starts the built app and waits until it answers as this very process; it dies with the one that started it.
 * @returns {Promise<{child: object, url: string, port: number, output: () => string}>}
 */
export async function serve({ databaseUrl, wishedPort, fixed = false, env = {}, onOutput }) {
  if (!(wishedPort > 0 && wishedPort < 65536))
    throw new Stop(`PORT is “${process.env.PORT}”, which is not a port. Give a number from 1 to 65535.`);
  for (let from = wishedPort; ;) {
    const port = fixed ? from : await freePort(from);
    const app = await serveAt({ databaseUrl, port, env, onOutput });
    if (app) return app;
    if (fixed) throw new Error(`Port ${port} is taken by something else.`);
    from = port + 1;
  }
}

async function serveAt({ databaseUrl, port, env, onOutput }) {
  const instance = randomUUID();
  const url = `http://127.0.0.1:${port}`;
  const child = spawn(
    'setpriv',
    ['--pdeathsig', 'KILL', '--', process.execPath, path.join(ROOT, 'scripts', 'server.mjs')],
    {
      cwd: ROOT,
      detached: true,
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        MINCE_INSTANCE: instance,
        ...env,
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  );
  let output = '';
  const keep = (chunk) => {
    output = (output + chunk).slice(-20_000);
    onOutput?.(chunk);
  };
  for (const stream of [child.stdout, child.stderr]) stream.on('data', keep);
  for (const until = Date.now() + 60_000; Date.now() < until; await pause(100)) {
    if (child.exitCode === PORT_TAKEN) return undefined;
    if (child.exitCode !== null || child.signalCode !== null)
      throw Object.assign(new Error('The app ended while starting.'), { output });
    if ((await instanceAt(url)) === instance) return { child, url, port, instance, output: () => output };
  }
  child.kill('SIGKILL');
  throw Object.assign(new Error('The app did not answer within 60 s.'), { output });
}

/** Which run of the app answers there; undefined when none does. One whose database is away answers too. */
export async function instanceAt(url, timeoutMs = 5000) {
  try {
    const answer = await fetch(`${url}/api/v1/health`, { signal: AbortSignal.timeout(timeoutMs) });
    await answer.arrayBuffer();
    return answer.headers.get('x-mince-instance') ?? undefined;
  } catch {
    return undefined;
  }
}
