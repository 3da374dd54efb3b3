import { mkdtempSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { rolesOf, type RoleNames } from '../server/db/roles.ts';
import { setUpDatabase, urlsOf, withClient } from '../server/db/setup.ts';
import { initCluster, startCluster, stopCluster, versionOf, type Cluster } from './cluster.ts';
import { dumpDatabase, fillDatabase } from './dump.ts';
import { makeEmptyDatabase } from './emptyDatabase.ts';
import { DATABASE, keptName, MIGRATIONS, type Installation } from './installation.ts';
import type { Check } from './backup.ts';

/** How the folder of a dump on its way begins. */
const WORK = 'moving-';

/**
 * Moves an installation's data into a cluster of another PostgreSQL version: filled beside the old one, checked, and only then put in its
 * place. The old cluster stays beside it; answers with where. Nobody else may use the installation meanwhile.
 */
export async function moveCluster<T>(
  { folder, cluster, secrets }: Installation,
  version: number,
  check: Check<T>,
): Promise<{ readonly kept: string; readonly checked: T }> {
  const from = versionOf(cluster);
  const aside: Cluster = { ...cluster, folder: join(folder, `cluster.moving-${version}`) };
  // One that was killed may have left its dump.
  for (const left of readdirSync(folder).filter((name) => name.startsWith(WORK)))
    rmSync(join(folder, left), { recursive: true, force: true });
  const work = mkdtempSync(join(folder, WORK));
  const dump = join(work, 'database.dump');
  rmSync(aside.folder, { recursive: true, force: true });
  try {
    const old = await startCluster(cluster);
    const roles = await dumpFrom(old.adminUrl(DATABASE), secrets, dump, version).finally(() =>
      stopCluster(cluster),
    );
    const checked = await fillAside(aside, version, dump, { roles, secrets, check });
    const kept = join(folder, keptName(from));
    rmSync(kept, { recursive: true, force: true });
    renameSync(cluster.folder, kept);
    renameSync(aside.folder, cluster.folder);
    return { kept, checked };
  } finally {
    rmSync(work, { recursive: true, force: true });
    rmSync(aside.folder, { recursive: true, force: true });
  }
}

interface Filling<T> {
  readonly roles: RoleNames;
  readonly secrets: Installation['secrets'];
  readonly check: Check<T>;
}

/** Makes the new cluster, fills it from the dump and checks it; returns what the check returns. */
async function fillAside<T>(
  aside: Cluster,
  version: number,
  dump: string,
  { roles, secrets, check }: Filling<T>,
): Promise<T> {
  await initCluster(aside, version);
  const running = await startCluster(aside);
  try {
    const adminUrl = running.adminUrl(DATABASE);
    await makeEmptyDatabase(adminUrl, roles, secrets);
    await fillDatabase(adminUrl, dump, version);
    return await check(await setUpDatabase(adminUrl, secrets, MIGRATIONS));
  } finally {
    await stopCluster(aside);
  }
}

/** Dumps the database with the programs of the version it moves to, which read what the older server writes; answers with its roles. */
async function dumpFrom(adminUrl: string, secrets: Installation['secrets'], dump: string, version: number) {
  const { owner } = await urlsOf(adminUrl, secrets);
  await dumpDatabase(owner, dump, version);
  return withClient(adminUrl, (client) => rolesOf(client, DATABASE));
}
