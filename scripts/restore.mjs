/** npm run restore -- FILE [--new-kitchen | --kitchen N]: a copy into an empty kitchen, whole or not at all. */
import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import { claim } from './lib/claim.mjs';
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { externalAt } from './lib/external.mjs';
import { chooseKitchen, claimFor, KITCHEN } from './lib/kitchens.mjs';
import { checkNode, installPackages } from './lib/packages.mjs';
import { installPostgres } from './lib/postgres.mjs';
import { checkBackup } from './lib/readBackup.mjs';
import { restoreCopy, restoreDump } from './lib/restore.mjs';
import { explain, secondsSoFar, step, Stop } from './lib/say.mjs';
import { knownMigrations, prepareDatabase } from './lib/tables.mjs';

const args = process.argv.slice(2);
const chosen = args.indexOf('--kitchen');
const wanted = chosen === -1 ? undefined : (args[chosen + 1] ?? '');
const given = args.find((arg, index) => !arg.startsWith('--') && (chosen === -1 || index !== chosen + 1));

let cluster;
/** A folder that this run made, gone again with it when it fails. */
let made;

async function restore() {
  checkNode();
  if (!given) throw new Stop('Say which file: npm run restore -- FILE');
  const file = path.resolve(process.env.INIT_CWD ?? '.', given);
  if (!existsSync(file)) throw new Stop(`There is no file ${file}. Nothing was changed.`);
  const isDump = file.endsWith('.dump');
  if (!isDump) await step('Reading the copy', async () => void (await checkBackup(file, knownMigrations())));
  await step('Packages', installPackages);
  const external = externalAt({ demo: false });
  const { folder, note } = external ?? (await chooseKitchen({ wanted, fresh: args.includes('--new-kitchen') }));
  if (!(await claim(folder)).mine)
    throw new Stop('Mince is running with these records. Stop it first. Nothing was changed.');
  if (!existsSync(folder)) made = folder;
  await step('Database', async () => {
    if (!external) await installPostgres();
    cluster = external ?? (await startCluster(folder, { tied: true }));
    await prepareDatabase(cluster, { makes: !external });
    return note;
  });
  const { rows, madeAt } = await (isDump ? restoreDump : restoreCopy)(cluster, file);
  made = undefined;
  if (!external) claimFor(folder, KITCHEN);
  console.log(
    `\nRestored after ${secondsSoFar()} s, as of ${madeAt}: ${rows.batch} batches, ${rows.marinade} marinades, ${rows.event} events, ${rows.tasting} tastings.\nThey are in ${folder}. npm start opens them.`,
  );
}

try {
  await restore();
} catch (error) {
  console.error(`\n${explain(error)}`);
  process.exitCode = 1;
} finally {
  if (cluster?.startedHere) await stopCluster(cluster.folder);
  if (made) rmSync(made, { recursive: true, force: true });
}
