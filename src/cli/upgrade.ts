import { isMade, versionOf } from '../cluster/cluster.ts';
import { dataFolder, openInstallation } from '../cluster/installation.ts';
import { claimFolder } from '../cluster/lock.ts';
import { newestVersion } from '../cluster/postgres.ts';
import { moveCluster } from '../cluster/upgrade.ts';
import { checkedText, checkHomes } from './checkHomes.ts';
import { BadInput, runCommand } from './complain.ts';

// Moves the installation's own cluster to the newest PostgreSQL on this machine. The old cluster stays beside it.
await runCommand(async () => {
  if (process.env['DATABASE_URL'])
    throw new BadInput([
      'DATABASE_URL names a server that is not this installation’s: upgrade it by its own means',
    ]);
  const installation = openInstallation(dataFolder());
  const { cluster, folder } = installation;
  if (!isMade(cluster)) throw new BadInput([`${folder} has no database yet: npm start makes one`]);
  const [from, to] = [versionOf(cluster), newestVersion()];
  if (to <= from) {
    console.log(`The data are of PostgreSQL ${from}, and no newer one is installed: there is nothing to do`);
    return;
  }
  const release = await claimFolder(folder);
  try {
    const { kept, checked } = await moveCluster(installation, to, checkHomes);
    console.log(`From PostgreSQL ${from} to ${to}: ${checkedText(checked)}`);
    console.log(`The old cluster is in ${kept}. Delete it once you have made a backup of the new one.`);
  } finally {
    release();
  }
});
