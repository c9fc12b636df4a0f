/** The database and the app, each kept up. */
import { ask, killCluster, startCluster } from './cluster.mjs';
import { instanceAt, serve } from './serve.mjs';
import { keepUp } from './supervise.mjs';

const gone = (child) => child.exitCode !== null || child.signalCode !== null;

/** @param {() => void} onMoved the database came back at another port, since something else had taken its own */
export const keepDatabaseUp = (cluster, { say, onMoved }) => {
  let { port } = cluster;
  return keepUp({
    name: 'The database',
    running: cluster,
    ended: ({ child }) => Boolean(child) && gone(child),
    probe: ({ ownerUrl }) => ask(ownerUrl),
    end: ({ folder }) => killCluster(folder),
    start: async () => {
      const again = await startCluster(cluster.folder, { tied: true });
      // The app is told its database when it starts.
      if (again.port !== port) setImmediate(onMoved);
      port = again.port;
      return again;
    },
    say,
  });
};

async function probeApp({ url, instance }, pages) {
  if ((await instanceAt(url)) !== instance) throw new Error('no answer');
  if (pages.lookedAt + 20_000 > Date.now()) return;
  pages.lookedAt = Date.now();
  const page = await fetch(`${url}/cuts`, { signal: AbortSignal.timeout(10_000) });
  await page.arrayBuffer();
}

export function keepAppUp(app, { databaseUrl, say, ...options }) {
  const pages = { lookedAt: Date.now() };
  return keepUp({
    name: 'The app',
    running: app,
    ended: ({ child }) => gone(child),
    probe: (running) => probeApp(running, pages),
    end: async ({ child }) => child.kill('SIGKILL'),
    start: () => serve({ ...options, databaseUrl: databaseUrl(), wishedPort: app.port, fixed: true }),
    say,
  });
}

/** Ends a process in an orderly way, and after a while in any way. */
export function endChild(child, signal = 'SIGTERM', patienceMs = 8000) {
  if (!child || gone(child)) return Promise.resolve();
  return new Promise((resolve) => {
    const hurry = setTimeout(() => child.kill('SIGKILL'), patienceMs);
    child.once('exit', () => {
      clearTimeout(hurry);
      resolve();
    });
    child.kill(signal);
  });
}
