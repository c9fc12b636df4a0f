/** npm run demo | npm start: everything from packages to the address in the browser. */
import { answers, installPostgres, migrate, startCluster, stopCluster } from './db.mjs';
import { loadDemo } from './lib/demo.mjs';
import { build, checkNode, installPackages } from './lib/packages.mjs';
import { serve } from './lib/serve.mjs';
import { explain, secondsSoFar, step } from './lib/say.mjs';

const demo = process.argv.includes('--demo');
const reset = process.argv.includes('--reset');
let cluster;
let app;
let ending = false;

async function end(code) {
  if (ending) return;
  ending = true;
  const gone =
    app && app.child.exitCode === null ? new Promise((resolve) => app.child.once('exit', resolve)) : undefined;
  app?.child.kill('SIGTERM');
  await gone;
  if (cluster?.startedHere) await stopCluster();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0));

/** A database that dies is started again; the app answers 503 meanwhile and finds it by itself. */
function keepDatabaseUp() {
  setInterval(async () => {
    if (ending || (await answers(cluster.url))) return;
    try {
      const again = await startCluster();
      if (again.startedHere) console.log('The database was gone and has been started again.');
    } catch (error) {
      console.error(explain(error));
    }
  }, 5000).unref();
}

try {
  checkNode();
  console.log(`Mince${demo ? ', with demo data' : ''}\n`);
  await step('Packages', installPackages);
  await step('PostgreSQL', installPostgres);
  await step('Database', async () => {
    cluster = await startCluster();
    return cluster.startedHere ? undefined : 'was running';
  });
  await step('Tables', () => migrate(cluster.url, { reset }));
  await step('Build', build);
  await step('Server', async () => {
    const wishedPort = Number(process.env.PORT ?? 3000);
    app = await serve({ databaseUrl: cluster.url, wishedPort });
    return app.port === wishedPort ? undefined : `port ${wishedPort} is taken, using ${app.port}`;
  });
  if (demo) await step('Demo data', () => loadDemo(app.url));
  console.log(`\nReady after ${secondsSoFar()} s:  ${app.url}\nCtrl-C stops it.`);
  keepDatabaseUp();
  app.child.on('exit', (code) => {
    if (!ending)
      console.error(`\nThe app ended by itself (${code}). Start again; everything saved is kept.\n${app.output()}`);
    end(1);
  });
} catch (error) {
  console.error(`\n${explain(error)}`);
  await end(1);
}
