/** npm test: types, format, lint, layers, units, database, browser. --only checks,units,browser picks some; --shots renews docs/screenshots. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { chromiumPath, installChromium } from './lib/chromium.mjs';
import { claim } from './lib/claim.mjs';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { loadDemo } from './lib/demo.mjs';
import { build, checkNode, installPackages } from './lib/packages.mjs';
import { installPostgres } from './lib/postgres.mjs';
import { claimFor, folderOf } from './lib/kitchens.mjs';
import { ROOT, run } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';
import { explain, secondsSoFar, step, Stop } from './lib/say.mjs';
import { prepareDatabase } from './lib/tables.mjs';
import { endChild } from './lib/watched.mjs';

const shots = process.argv.includes('--shots');
const only = process.argv[process.argv.indexOf('--only') + 1]?.split(',');
const wants = (part) => (shots ? part === 'browser' : !process.argv.includes('--only') || only.includes(part));

const totals = { passed: 0, failed: 0 };
const failures = [];
const results = path.join(ROOT, 'test-results');
/** Clusters and servers that were started, in their order. */
const clusters = [];
const apps = [];

const emptied = (cluster) => prepareDatabase(cluster, { reset: 'force', copies: false });
const urlsOf = (cluster) => ({ DATABASE_URL: cluster.url, DATABASE_OWNER_URL: cluster.ownerUrl });

async function makeCluster(name) {
  const folder = folderOf(name);
  if (!(await claim(folder)).mine) throw new Stop('The tests of this folder are running already.');
  const cluster = await startCluster(folder, { tied: true });
  clusters.push(cluster);
  claimFor(cluster.folder, name);
  await emptied(cluster);
  return cluster;
}

/** One check: it passes or it fails, and its words are shown at the end. Several run side by side, so its line is said when it is over. */
async function check(title, work) {
  const from = performance.now();
  const failure = await work().then(
    () => undefined,
    (error) => error ?? new Error('failed'),
  );
  console.log(`  ${title} ... ${failure ? 'failed' : `${((performance.now() - from) / 1000).toFixed(1)} s`}`);
  if (!failure) return void totals.passed++;
  totals.failed++;
  failures.push(`${title}\n${explain(failure)}`);
}

/** Test runners that write their counts as JSON, side by side. @param {{name: string, work: (report: string) => Promise<unknown>, read: (report: object) => {passed: number, failed: number}}[]} suites */
const suites = (title, ...all) =>
  step(title, async () => (await Promise.all(all.map(runSuite))).join('; ')).catch((error) => {
    totals.failed++;
    failures.push(`${title}\n${explain(error)}`);
  });

async function runSuite({ name, work, read }) {
  const report = path.join(results, `${name}.json`);
  rmSync(report, { force: true });
  const counted = () =>
    existsSync(report) ? read(JSON.parse(readFileSync(report, 'utf8'))) : { passed: 0, failed: 1 };
  let broken;
  await work(report).catch((error) => (broken = error));
  const { passed, failed } = counted();
  totals.passed += passed;
  totals.failed += broken ? Math.max(1, failed) : failed;
  if (broken) failures.push(`${name}\n${broken.output ?? explain(broken)}`);
  return `${name}: ${passed} passed, ${broken ? Math.max(1, failed) : failed} failed`;
}

const jest = (project, env = {}, ...flags) => ({
  name: project,
  work: (report) =>
    run('npx', ['jest', '--selectProjects', project, '--json', `--outputFile=${report}`, ...flags], { env }),
  read: jestCounts,
});

const jestCounts = ({ numPassedTests, numFailedTests, numFailedTestSuites }) => ({
  passed: numPassedTests,
  failed: numFailedTests + (numFailedTests ? 0 : numFailedTestSuites),
});
const browserCounts = ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected });

async function typesThenLayers() {
  await check('Types', () => run('npx', ['tsc', '--noEmit']));
  await check('Types of the core', () => run('npx', ['tsc', '-p', 'tsconfig.core.json', '--noEmit']));
  await check('Layers', () => run('npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']));
}
async function lintThenFormat() {
  await check('Lint', () => run('npx', ['eslint', '.', '--max-warnings', '0']));
  await check('Format', () => run('npx', ['prettier', '--check', '.']));
}

async function end() {
  await Promise.all(apps.map(({ child }) => endChild(child)));
  await Promise.all(clusters.map(({ folder }) => stopCluster(folder)));
}

/** Stories share nothing but the machine: two go on at once, each in a kitchen of its own. */
const KITCHENS = ['test', 'test-2'];

async function makeKitchen(name, at) {
  const cluster = clusters[at] ?? (await makeCluster(name));
  await emptied(cluster);
  const app = await serve({ databaseUrl: cluster.url, wishedPort: 3900 + 20 * at, env: { MINCE_KIND: 'demo' } });
  apps.push(app);
  await loadDemo(app.url);
  return { name, url: app.url, database: { url: cluster.url, ownerUrl: cluster.ownerUrl } };
}

const stories = (project, kitchens, picked) => ({
  name: 'browser',
  work: (report) =>
    run('npx', ['playwright', 'test', '--project', project, ...picked], {
      env: {
        CHROMIUM: chromiumPath(),
        KITCHENS: JSON.stringify(kitchens),
        WORKERS: kitchens.length,
        PLAYWRIGHT_JSON_OUTPUT_NAME: report,
      },
    }),
  read: browserCounts,
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end().then(() => process.exit(1)));

try {
  checkNode();
  mkdirSync(results, { recursive: true });
  await step('Packages', installPackages);
  await step('PostgreSQL', installPostgres);
  if (wants('browser')) await step('Chromium', installChromium);

  if (wants('checks')) {
    await check('Route types', () => run('npx', ['next', 'typegen']));
    await Promise.all([typesThenLayers(), lintThenFormat()]);
    await check('Lock file names no host', async () => {
      if (/"resolved": "https?:/.test(readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8')))
        throw new Error('package-lock.json has resolved fields with a host');
    });
  }
  if (wants('units')) await suites('Units', jest('units', {}, '--maxWorkers=2'));

  if (wants('db') || wants('browser')) {
    await step('Build', build);
    await step('Test database', async () => void (await makeCluster(KITCHENS[0])));
  }
  if (wants('db'))
    await suites(
      'Database and scripts',
      // Threads need the built app; here the same sums run in one.
      jest('database', { ...urlsOf(clusters[0]), MINCE_ZONE: 'Europe/London', MINCE_THREADS: '0' }, '--runInBand'),
      jest('scripts', urlsOf(clusters[0]), '--runInBand'),
    );

  if (wants('browser')) {
    const picked = process.argv.filter((arg) => arg.startsWith('--grep'));
    const project = shots ? 'shots' : 'stories';
    const kitchens = [];
    await step('Servers with demo data', async () => {
      for (const [at, name] of (shots || picked.length > 0 ? KITCHENS.slice(0, 1) : KITCHENS).entries())
        kitchens.push(await makeKitchen(name, at));
    });
    await suites('Browser', stories(project, kitchens, picked));
  }
} catch (error) {
  totals.failed++;
  failures.push(explain(error));
} finally {
  await end();
}

for (const failure of failures) console.error(`\n--- ${failure}`);
console.log(`\nAfter ${secondsSoFar()} s`);
console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed ? 1 : 0);
