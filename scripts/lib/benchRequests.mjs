import { spawn } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import path from 'node:path';
import { freePort, pause } from './ports.mjs';
import { ROOT, run } from './run.mjs';

const AT_ONCE = 8;
const LASTS_MS = 4000;
/** Inside the project, so that it finds the packages. */
const EMPTY = path.join(ROOT, 'node_modules', '.cache', 'empty-app');
const EMPTY_FILES = {
  'app/layout.js':
    "import { createElement as h } from 'react';\nexport default ({ children }) => h('html', { lang: 'en' }, h('body', null, children));\n",
  'app/page.js':
    "import { createElement as h } from 'react';\nexport const dynamic = 'force-dynamic';\nexport default () => h('p', null, 'Nothing');\n",
  'app/nothing/route.js': "export const dynamic = 'force-dynamic';\nexport const GET = () => Response.json({});\n",
  'package.json': '{ "private": true }\n',
};

/** A Next app with an empty route and an empty page: what this machine and Next can do at most. */
async function startEmpty() {
  rmSync(EMPTY, { recursive: true, force: true });
  for (const [name, text] of Object.entries(EMPTY_FILES)) {
    mkdirSync(path.dirname(path.join(EMPTY, name)), { recursive: true });
    writeFileSync(path.join(EMPTY, name), text);
  }
  const next = path.join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next');
  await run(process.execPath, [next, 'build', EMPTY], {
    env: { NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
  });
  const port = await freePort(3990);
  const child = spawn(process.execPath, [next, 'start', EMPTY, '-p', String(port), '-H', '127.0.0.1'], {
    stdio: 'ignore',
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
  });
  const url = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 300; tries++, await pause(100))
    if (
      await fetch(`${url}/nothing`).then(
        ({ ok }) => ok,
        () => false,
      )
    )
      return { url, end: () => child.kill() };
  child.kill();
  throw new Error('The empty app did not answer.');
}

/** Requests answered in a second, eight at once over kept connections. */
async function requestsPerSecond(url) {
  const agent = new http.Agent({ keepAlive: true, maxSockets: AT_ONCE });
  const get = () =>
    new Promise((resolve, reject) =>
      http
        .get(url, { agent }, (answer) => {
          if (answer.statusCode !== 200) reject(new Error(`${url}: ${answer.statusCode}`));
          answer.resume().on('end', resolve);
        })
        .on('error', reject),
    );
  for (let warm = 0; warm < 40; warm++) await get();
  const from = performance.now();
  let done = 0;
  const worker = async () => {
    while (performance.now() - from < LASTS_MS) {
      await get();
      done++;
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, worker));
  agent.destroy();
  return (1000 * done) / (performance.now() - from);
}

/** Requests a second of routes and pages, as shares of those of an empty route and an empty page. @param url of the app with demo data */
export async function benchRequests(url) {
  const { items } = await (await fetch(`${url}/api/v1/batches?limit=50`)).json();
  const batch = items.find(({ name }) => name === 'Cumin lamb skewers');
  const empty = await startEmpty();
  try {
    const [route, page] = [await requestsPerSecond(`${empty.url}/nothing`), await requestsPerSecond(`${empty.url}/`)];
    console.log('\nRequests a second, eight at once, as shares of an empty Next route or page\n');
    for (const [name, address, base] of [
      ['an empty route', undefined, route],
      ['a batch over the API', `/api/v1/batches/${batch.id}`, route],
      ['the schedule of a meal', `/api/v1/meals/${batch.mealId}/schedule`, route],
      ['an empty page', undefined, page],
      ['Today', '/', page],
      ['a batch', `/batches/${batch.id}?stage=slice`, page],
      ['the kitchen', `/cook?meal=${batch.mealId}`, page],
    ]) {
      const perS = address ? await requestsPerSecond(url + address) : base;
      console.log(
        `  ${name.padEnd(42)} ${perS.toFixed(0).padStart(10)} ${((100 * perS) / base).toFixed(0).padStart(10)} %`,
      );
    }
  } finally {
    empty.end();
  }
}
