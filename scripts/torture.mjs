/**
 * npm run torture [-- --seconds 60 --seed 1 --odd 3000 --writers 6]: kills, odd requests, heavy questions and copies on a kitchen of its own,
 * on loopback, and prints what came of it. Ends with 1 when anything was lost, doubled, half-written or answered with a 500.
 */
import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { writeBackup } from './lib/copies.mjs';
import { pause } from './lib/ports.mjs';
import { restoreCopy } from './lib/restore.mjs';
import { ROOT } from './lib/run.mjs';
import { prepareDatabase } from './lib/tables.mjs';
import { blocking } from './lib/torture/blocking.mjs';
import { chanceOf } from './lib/torture/chance.mjs';
import { folderBelow, killAtRandom } from './lib/torture/kills.mjs';
import { oddRequests } from './lib/torture/odd.mjs';
import { reckon, writer } from './lib/torture/writers.mjs';
import { endChild } from './lib/watched.mjs';

const option = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`);
  return at === -1 ? usual : Number(process.argv[at + 1]);
};
const seed = option('seed', 1);
const chance = chanceOf(seed);
const base = mkdtempSync(path.join(os.tmpdir(), 'mince-torture-'));
chmodSync(base, 0o755);

const kitchen = { stopped: false, counts: { requests: 0, busy: 0, unanswered: 0, internal: [] } };

function launch() {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [path.join(ROOT, 'scripts/start.mjs'), '--demo'], {
      env: { ...process.env, MINCE_DATA: base, PORT: '4700', DATABASE_URL: '' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => {
        text += chunk;
        const url = /Ready after .*?(http:\S+)/.exec(text)?.[1];
        if (url) resolve({ child, url });
      });
    child.once('exit', () => reject(new Error(text)));
  });
}

async function begin() {
  let running = await launch();
  kitchen.url = () => running.url;
  kitchen.launcher = () => running.child;
  return {
    again: async (signal) => {
      const gone = new Promise((resolve) => running.child.once('exit', resolve));
      running.child.kill(signal);
      await gone;
      running = await launch();
    },
    end: () => endChild(running.child, 'SIGTERM', 15_000),
  };
}

const api = async (route) => (await fetch(`${kitchen.url()}/api/v1${route}`)).json();

async function killsUnderLoad(start) {
  const marinadeId = (await api('/marinades?limit=1')).items[0].id;
  const acknowledged = new Map();
  const cooks = Array.from({ length: option('writers', 6) }, (_, n) =>
    writer(kitchen, { chance: chanceOf(seed * 100 + n), name: `Cook ${n}`, marinadeId, acknowledged }),
  );
  const untilMs = Date.now() + option('seconds', 60) * 1000;
  const back = await killAtRandom(kitchen, { chance, untilMs, onLauncher: start.again });
  kitchen.stopped = true;
  await Promise.all(cooks);
  console.log('\nKills under load, seconds until everything answered again\n');
  for (const [name, seconds] of [...back].sort()) {
    const sorted = [...seconds].sort((a, b) => a - b);
    console.log(
      `  ${name.padEnd(20)} ${String(seconds.length).padStart(3)} times   median ${sorted[sorted.length >> 1].toFixed(1)}   worst ${sorted.at(-1).toFixed(1)}`,
    );
  }
  const { requests, busy, unanswered } = kitchen.counts;
  console.log(`  ${requests} requests answered, ${busy} with 503, ${unanswered} cut off and sent again`);
  return acknowledged;
}

const withClient = async (cluster, work) => {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: cluster.ownerUrl });
  await client.connect();
  try {
    return await work(async (text) => (await client.query(text)).rows);
  } finally {
    await client.end();
  }
};

async function questions() {
  const { items } = await api('/batches?limit=1');
  const { name, way, cutId, massG, heightMm, thicknessMm, marinadeId, people, tableAt, pins, id } = items[0];
  const batch = { id, name, way, cutId, massG, heightMm, thicknessMm, marinadeId, people, tableAt, pins };
  const odd = await oddRequests(kitchen, { chance, count: option('odd', 3000), batch });
  console.log(
    `\nOdd requests: ${odd.requests}, answered ${JSON.stringify(odd.byHundred)}, 500: ${odd.internal.length}`,
  );
  console.log('\nA cheap question while a heavy one is asked twice at a time, ms\n');
  for (const { name: what, statuses, medianMs, p99Ms, worstMs } of await blocking(kitchen))
    console.log(
      `  ${what.padEnd(26)} median ${medianMs.toFixed(1).padStart(6)}   99 of 100 ${p99Ms.toFixed(1).padStart(6)}   worst ${worstMs.toFixed(1).padStart(6)}   ${JSON.stringify(statuses)}`,
    );
  return odd.internal;
}

/** A copy of a thousand batches, out and in. */
async function copies(cluster) {
  await withClient(cluster, async (query) => {
    const [{ n }] = await query('select count(*)::int as n from batch');
    await query(`with more as (insert into batch (household_id, meal_id, marinade_id, name, way, people, table_at, zone, plan_version, plan)
      select household_id, meal_id, marinade_id, name || ' ' || g, way, people, table_at, zone, plan_version, plan
      from (select * from batch order by created_at limit 1) b, generate_series(1, ${Math.max(0, 1000 - n)}) g returning id, household_id)
      insert into piece (household_id, batch_id, cut_id, mass_g, height_mm) select household_id, id, 'chicken-thigh', 900, 20 from more`);
  });
  const file = path.join(base, 'copy.jsonl');
  const fromMs = performance.now();
  const rows = await writeBackup(cluster.ownerUrl, file, 'demo');
  const outMs = performance.now() - fromMs;
  const other = await startCluster(path.join(base, '0-restored'), { tied: true });
  await prepareDatabase(other, { copies: false });
  const inFromMs = performance.now();
  await restoreCopy(other, file);
  console.log(
    `\nA copy of ${rows.batch} batches, ${rows.event} events: ${(statSync(file).size / 1e6).toFixed(1)} MB, written in ${(outMs / 1000).toFixed(2)} s, restored in ${((performance.now() - inFromMs) / 1000).toFixed(2)} s`,
  );
  await stopCluster(other.folder);
}

let failed = true;
let start;
try {
  console.log(`Seed ${seed}, ${option('seconds', 60)} s of kills`);
  start = await begin();
  const acknowledged = await killsUnderLoad(start);
  const internal = [...kitchen.counts.internal, ...(await questions())];
  await start.end();
  await pause(500);
  const cluster = await startCluster(folderBelow(base, 'demo'), { tied: true });
  const { written, lost, changed, doubled, half } = await withClient(cluster, (query) => reckon(query, acknowledged));
  console.log(
    `\nAcknowledged ${written} writes: ${lost} lost, ${changed} not as acknowledged, ${doubled} doubled, ${half} half-written; ${internal.length} answers of 500`,
  );
  for (const text of internal.slice(0, 5)) console.log(`  ${text}`);
  await copies(cluster);
  await stopCluster(cluster.folder);
  failed = lost + changed + doubled + half + internal.length > 0;
} finally {
  await start?.end();
  rmSync(base, { recursive: true, force: true });
}
process.exit(failed ? 1 : 0);
