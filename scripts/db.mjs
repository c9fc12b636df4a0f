/** The cluster by hand: node scripts/db.mjs start|stop|kill|url|where [--name test] */
import { startCluster, stopCluster } from './lib/cluster.mjs';
import { chooseKitchen, claimFor, folderOf, KITCHEN } from './lib/kitchens.mjs';
import { explain, Stop } from './lib/say.mjs';

const [, , verb, , name = KITCHEN] = process.argv;

try {
  const folder = name === KITCHEN ? (await chooseKitchen()).folder : folderOf(name);
  if (verb === 'start' || verb === 'url') {
    const { ownerUrl } = await startCluster(folder);
    claimFor(folder, name);
    console.log(ownerUrl);
  } else if (verb === 'where') console.log(folder);
  else if (verb === 'stop') await stopCluster(folder);
  else if (verb === 'kill') await stopCluster(folder, 'immediate');
  else throw new Stop('node scripts/db.mjs start|stop|kill|url|where [--name test]');
} catch (error) {
  console.error(explain(error));
  process.exit(1);
}
