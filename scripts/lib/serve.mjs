import { spawn } from 'node:child_process';
import path from 'node:path';
import { freePort } from '../db.mjs';
import { ROOT } from './run.mjs';
import { Stop } from './say.mjs';

/** Starts the built app on loopback and waits until it answers. @returns {{child, url: string, port: number}} */
export async function serve({ databaseUrl, wishedPort, env = {} }) {
  if (!(wishedPort > 0 && wishedPort < 65536))
    throw new Stop(`PORT is “${process.env.PORT}”, which is not a port. Give a number from 1 to 65535.`);
  const port = await freePort(wishedPort);
  const child = spawn(
    process.execPath,
    [path.join(ROOT, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      cwd: ROOT,
      env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', DATABASE_URL: databaseUrl, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  );
  let output = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk) => (output = (output + chunk).slice(-20_000)));
  const url = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 300; tries++) {
    if (child.exitCode !== null) throw Object.assign(new Error('The app ended while starting.'), { output });
    try {
      const answer = await fetch(`${url}/api/v1/health`);
      if (answer.ok) return { child, url, port, output: () => output };
    } catch {
      // not listening yet
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  child.kill();
  throw Object.assign(new Error('The app did not answer within 30 s.'), { output });
}
