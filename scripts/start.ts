import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';
import { claimFolder } from '../src/cluster/lock.ts';
import { explain } from '../src/cluster/explain.ts';
import {
  dataFolder,
  eraseInstallation,
  openInstallation,
  readyDatabase,
  type Installation,
} from '../src/cluster/installation.ts';
import { isRunning, stopCluster, versionOf } from '../src/cluster/cluster.ts';
import { newestVersion } from '../src/cluster/postgres.ts';
import { watchCluster } from '../src/cluster/watch.ts';
import { loadDemoOnce } from '../src/demo/load.ts';
import { readSettings } from '../src/server/config.ts';
import { databaseOf } from '../src/server/db/setup.ts';
import { buildAll } from './build.ts';
import { requireFreePort, serve } from './serving.ts';

async function startOver(installation: Installation, sure: boolean): Promise<Installation> {
  if (process.env['DATABASE_URL'])
    throw new Error("--fresh erases only the project's own data folder; it does not touch DATABASE_URL");
  if (!sure) {
    if (!process.stdin.isTTY)
      throw new Error('--fresh erases all homes and accounts. To go ahead without being asked, add --yes');
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(
      `Erase everything in ${installation.folder} and start over with the demo? Type yes: `,
    );
    ask.close();
    if (answer.trim().toLowerCase() !== 'yes') throw new Error('Nothing was erased.');
  }
  if (isRunning(installation.cluster)) await stopCluster(installation.cluster);
  eraseInstallation(installation);
  return openInstallation(installation.folder);
}

/** Says that the data could move to a newer PostgreSQL. They stay with the version that made them until somebody moves them. */
function tellOfNewer({ cluster }: Installation): void {
  const [own, newest] = [versionOf(cluster), newestVersion()];
  if (newest > own)
    console.log(
      `The data are of PostgreSQL ${own}; PostgreSQL ${newest} is here too: "npm run upgrade" moves them.`,
    );
}

async function run(installation: Installation): Promise<number> {
  const settings = readSettings(process.env);
  await buildAll();
  const { urls, port, release } = await readyDatabase(installation);
  const stopWatching =
    port === null
      ? () => Promise.resolve()
      : watchCluster(installation.cluster, installation.folder, port, (line) => {
          console.error(line);
        });
  try {
    if (port !== null) tellOfNewer(installation);
    await loadDemoOnce(urls.app, installation.secrets.demo, Date.now());
    return await serve(urls.app, installation, settings);
  } finally {
    await stopWatching();
    await release();
  }
}

async function main(): Promise<number> {
  const { values } = parseArgs({ options: { fresh: { type: 'boolean' }, yes: { type: 'boolean' } } });
  // Before anything is installed, built or started.
  await requireFreePort(readSettings(process.env));
  if (process.env['DATABASE_URL']) databaseOf(process.env['DATABASE_URL']);
  let installation = openInstallation();
  let release = await claimFolder(installation.folder);
  if (values.fresh) {
    installation = await startOver(installation, values.yes === true);
    release = await claimFolder(installation.folder);
  }
  try {
    return await run(installation);
  } finally {
    release();
  }
}

try {
  process.exitCode = await main();
} catch (error) {
  console.error(explain(error, dataFolder()));
  process.exit(1);
}
