/**
 * npm run demo | npm start: everything from packages to the address in the browser, and then the watch over both the app and its database.
 * --reset (demo only) begins the demo anew, asks unless --yes; --kitchen N|FOLDER chooses, --new-kitchen begins an empty one.
 */
import { createInterface } from 'node:readline/promises';
import { claim, whoRuns } from './lib/claim.mjs';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { takeDailyCopy } from './lib/copies.mjs';
import { loadDemo } from './lib/demo.mjs';
import { externalAt } from './lib/external.mjs';
import { chooseKitchen, claimFor, DEMO, folderOf, KITCHEN } from './lib/kitchens.mjs';
import { logFile } from './lib/logFile.mjs';
import { build, checkNode, installPackages } from './lib/packages.mjs';
import { pause } from './lib/ports.mjs';
import { installPostgres } from './lib/postgres.mjs';
import { serve } from './lib/serve.mjs';
import { explain, secondsSoFar, step, Stop } from './lib/say.mjs';
import { prepareDatabase } from './lib/tables.mjs';
import { endChild, keepAppUp, keepDatabaseUp } from './lib/watched.mjs';
import { checkZone } from './lib/zones.mjs';

const has = (flag) => process.argv.includes(flag);
const demo = has('--demo');
const reset = has('--reset');
const HOUR_MS = 3_600_000;

/** What this process holds, in the order it came. */
const held = { url: undefined };
let ending = false;

// A terminal that was closed takes nothing more; that is no reason to end.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {});

async function end(code) {
  if (ending) return;
  ending = true;
  await Promise.all([held.appWatch?.stop(), held.databaseWatch?.stop()]);
  await endChild((held.appWatch?.current() ?? held.app)?.child);
  const cluster = held.databaseWatch?.current() ?? held.cluster;
  if (cluster?.startedHere) await stopCluster(cluster.folder);
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0));

// npm that was killed cannot pass anything on.
if (process.env.npm_lifecycle_event) {
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && end(0), 1000).unref();
}

async function question(text) {
  const lines = createInterface({ input: process.stdin, output: process.stdout });
  try {
    return await lines.question(text);
  } finally {
    lines.close();
  }
}
const mayAsk = Boolean(process.stdin.isTTY && process.stdout.isTTY);

async function checkReset() {
  if (!reset) return;
  if (!demo)
    throw new Stop('--reset begins the demo anew and nothing else: npm run demo -- --reset. Nothing was changed.');
  if (has('--yes')) return;
  if (!mayAsk) throw new Stop('--reset takes everything out of the demo. Say --yes with it. Nothing was changed.');
  if (
    !/^y(es)?$/i.test(
      (await question('Take everything out of the demo and load it anew? A copy is kept. (y/N) ')).trim(),
    )
  )
    throw new Stop('Nothing was changed.');
}

/** @returns {Promise<string>} the folder of the records to start */
async function whichFolder() {
  if (demo) return folderOf(DEMO);
  const wanted = has('--kitchen') ? (process.argv[process.argv.indexOf('--kitchen') + 1] ?? '') : undefined;
  const { folder, note } = await chooseKitchen({
    wanted,
    fresh: has('--new-kitchen'),
    ask: mayAsk ? question : undefined,
  });
  if (note) console.log(`  Kitchen: ${folder} (${note})`);
  return folder;
}

/** Finds a start that has the records already. @returns {Promise<boolean>} true when there is one, and said so */
async function runsAlready(records) {
  const mine = await claim(records, () => ({ url: held.url }));
  if (mine.mine) return false;
  for (let tries = 0; tries < 600; tries++) {
    const other = await whoRuns(records);
    if (!other) return runsAlready(records);
    if (reset)
      throw new Stop(
        `Mince is running with these records${other.url ? `: ${other.url}` : ''}. Stop it first; nothing was changed.`,
      );
    if (other.url) {
      console.log(`\nMince is running already:  ${other.url}\nIts start is process ${other.pid}.`);
      return true;
    }
    if (tries === 0) console.log(`Another start (process ${other.pid}) is under way; waiting for it.`);
    await pause(500);
  }
  throw new Stop('Another start did not come to an end. Stop it and start again.');
}

async function prepare(folder, external) {
  if (external) {
    await step('Database', async () => `outside, ${external.shown}`);
    held.cluster = external;
  } else {
    await step('PostgreSQL', installPostgres);
    await step('Database', async () => {
      held.cluster = await startCluster(folder, { tied: true });
      claimFor(folder, demo ? DEMO : KITCHEN);
      return held.cluster.startedHere ? undefined : 'was running';
    });
  }
  await step('Tables', () => prepareDatabase(held.cluster, { reset, makes: !external }));
}

async function serveApp(folder) {
  const log = logFile(folder);
  const say = (text) => {
    log(`${new Date().toISOString()} ${text}\n`);
    if (!ending) console.log(text);
  };
  const wishedPort = Number(process.env.PORT ?? 3000);
  const options = { env: { MINCE_KIND: demo ? 'demo' : 'kitchen' }, onOutput: log };
  const cluster = () => held.databaseWatch?.current() ?? held.cluster;
  const databaseUrl = () => cluster().url;
  await step('Server', async () => {
    held.app = await serve({ ...options, databaseUrl: databaseUrl(), wishedPort });
    return held.app.port === wishedPort ? undefined : `port ${wishedPort} is taken, using ${held.app.port}`;
  });
  if (demo) await step('Demo data', () => loadDemo(held.app.url));
  held.url = held.app.url;
  if (!held.cluster.external)
    held.databaseWatch = keepDatabaseUp(held.cluster, {
      say,
      onMoved: () => held.appWatch?.current().child.kill('SIGTERM'),
    });
  held.appWatch = keepAppUp(held.app, { ...options, databaseUrl, say });
  const copy = () =>
    takeDailyCopy({ folder, url: cluster().ownerUrl }).then(
      (taken) => taken?.problem && say(`The copy of today: ${taken.problem}`),
      (error) => say(`The copy of today could not be taken: ${error.message}`),
    );
  await copy();
  setInterval(copy, HOUR_MS);
}

try {
  checkNode();
  checkZone(process.env.MINCE_ZONE);
  console.log(`Mince${demo ? ', with demo data' : ''}\n`);
  const external = externalAt({ demo });
  await checkReset();
  const folder = external ? external.folder : await whichFolder();
  // On a database outside, several may run on one machine, each at its port.
  if (await runsAlready(external ? `${folder} ${process.env.PORT ?? 3000}` : folder)) process.exit(0);
  await step('Packages', installPackages);
  await step('Build', build);
  await prepare(folder, external);
  await serveApp(folder);
  console.log(`\nReady after ${secondsSoFar()} s:  ${held.url}\nCtrl-C stops it.`);
} catch (error) {
  console.error(`\n${explain(error)}`);
  await end(1);
}
