/** npm test: types, format, lint, layers, units, database, browser. --only checks,units,browser picks some; --shots renews docs/screenshots. */
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { installPostgres, migrate, startCluster, stopCluster } from './db.mjs';
import { loadDemo } from './lib/demo.mjs';
import { aptInstall, build, checkNode, installPackages } from './lib/packages.mjs';
import { ROOT, run } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';
import { explain, secondsSoFar, step } from './lib/say.mjs';

const shots = process.argv.includes('--shots');
const only = process.argv[process.argv.indexOf('--only') + 1]?.split(',');
const wants = (part) => (shots ? part === 'browser' : !process.argv.includes('--only') || only.includes(part));

const totals = { passed: 0, failed: 0 };
const failures = [];
const results = path.join(ROOT, 'test-results');
let cluster;
let app;

/** One check: it passes or it fails, and its words are shown at the end. */
async function check(title, work) {
  try {
    await step(title, async () => {
      await work();
    });
    totals.passed++;
  } catch (error) {
    totals.failed++;
    failures.push(`${title}\n${explain(error)}`);
  }
}

/** A test runner that writes its counts as JSON. */
async function suite(title, file, work, read) {
  const report = path.join(results, file);
  let failed;
  try {
    await step(title, async () => {
      await work(report);
      const { passed, failed: bad } = read(JSON.parse(readFileSync(report, 'utf8')));
      totals.passed += passed;
      return `${passed} passed, ${bad} failed`;
    });
  } catch (error) {
    failed = error;
  }
  if (!failed) return;
  const counted = existsSync(report) ? read(JSON.parse(readFileSync(report, 'utf8'))) : { passed: 0, failed: 0 };
  totals.passed += counted.passed;
  totals.failed += Math.max(1, counted.failed);
  failures.push(`${title}\n${failed.output ?? explain(failed)}`);
}

const jestCounts = ({ numPassedTests, numFailedTests, numFailedTestSuites }) => ({
  passed: numPassedTests,
  failed: numFailedTests + (numFailedTests ? 0 : numFailedTestSuites),
});
const browserCounts = ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected });

async function end() {
  app?.child.kill('SIGTERM');
  if (cluster) await stopCluster('test');
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => end().then(() => process.exit(1)));

try {
  checkNode();
  mkdirSync(results, { recursive: true });
  await step('Packages', installPackages);
  await step('PostgreSQL', installPostgres);
  if (wants('browser')) await step('Chromium', () => aptInstall('chromium', () => existsSync('/usr/bin/chromium')));

  if (wants('checks')) {
    await check('Route types', () => run('npx', ['next', 'typegen']));
    await check('Types', () => run('npx', ['tsc', '--noEmit']));
    await check('Types of the core', () => run('npx', ['tsc', '-p', 'tsconfig.core.json', '--noEmit']));
    await check('Format', () => run('npx', ['prettier', '--check', '.']));
    await check('Lint', () => run('npx', ['eslint', '.', '--max-warnings', '0']));
    await check('Layers', () => run('npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']));
    await check('Lock file names no host', () => {
      if (/"resolved": "https?:/.test(readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8')))
        throw new Error('package-lock.json has resolved fields with a host');
    });
  }
  if (wants('units'))
    await suite(
      'Units',
      'units.json',
      (report) => run('npx', ['jest', '--selectProjects', 'units', '--json', `--outputFile=${report}`]),
      jestCounts,
    );

  if (wants('db') || wants('browser')) {
    await step('Test database', async () => {
      cluster = await startCluster('test');
      await migrate(cluster.url, { reset: true });
    });
  }
  if (wants('db'))
    await suite(
      'Database',
      'database.json',
      (report) =>
        run('npx', ['jest', '--selectProjects', 'database', '--runInBand', '--json', `--outputFile=${report}`], {
          env: { DATABASE_URL: cluster.url, MINCE_ZONE: 'Europe/London' },
        }),
      jestCounts,
    );

  if (wants('browser')) {
    await step('Build', build);
    await step('Server with demo data', async () => {
      await migrate(cluster.url, { reset: true });
      app = await serve({ databaseUrl: cluster.url, wishedPort: 3900 });
      await loadDemo(app.url);
    });
    const project = shots ? 'shots' : 'stories';
    await suite(
      'Browser',
      'browser.json',
      (report) =>
        run(
          'npx',
          ['playwright', 'test', '--project', project, ...process.argv.filter((arg) => arg.startsWith('--grep'))],
          { env: { BASE_URL: app.url, DATABASE_URL: cluster.url, PLAYWRIGHT_JSON_OUTPUT_NAME: report } },
        ),
      browserCounts,
    );
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
