/** npm run backup [-- FILE] [--demo]: the records as one file of JSON lines; with --dump in PostgreSQL's own format. */
import path from 'node:path';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { writeBackup, writeDump } from './lib/copies.mjs';
import { externalAt } from './lib/external.mjs';
import { chooseKitchen, DEMO, folderOf } from './lib/kitchens.mjs';
import { explain, secondsSoFar } from './lib/say.mjs';

const flags = process.argv.slice(2).filter((arg) => arg.startsWith('--'));
const [given] = process.argv.slice(2).filter((arg) => !arg.startsWith('--'));
const demo = flags.includes('--demo');
const dump = flags.includes('--dump');

let cluster;
try {
  const external = externalAt({ demo });
  cluster = external ?? (await startCluster(demo ? folderOf(DEMO) : (await chooseKitchen()).folder, { tied: true }));
  const usual = `mince-${new Date().toISOString().slice(0, 16).replace(/\W/g, '')}.${dump ? 'dump' : 'jsonl'}`;
  const file = path.resolve(process.env.INIT_CWD ?? '.', given ?? usual);
  if (dump) await writeDump(cluster.ownerUrl, file);
  const rows = dump ? undefined : await writeBackup(cluster.ownerUrl, file, demo ? 'demo' : 'kitchen');
  const what =
    rows && `${rows.batch} batches, ${rows.marinade} marinades, ${rows.event} events, ${rows.tasting} tastings; `;
  console.log(`${file}\n${what ?? ''}written in ${secondsSoFar()} s`);
} catch (error) {
  console.error(explain(error));
  process.exitCode = 1;
} finally {
  if (cluster?.startedHere) await stopCluster(cluster.folder);
}
