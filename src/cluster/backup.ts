import { createHash } from 'node:crypto';
import {
  chmodSync,
  createReadStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { z } from 'zod';
import { rolesOf } from '../server/db/roles.ts';
import {
  databaseOf,
  lastMigration,
  setUpDatabase,
  urlsOf,
  withClient,
  type DatabaseUrls,
} from '../server/db/setup.ts';
import { initCluster, startCluster, stopCluster, type Cluster } from './cluster.ts';
import { dumpDatabase, fillDatabase, serverVersion } from './dump.ts';
import { DATABASE, installationWith, MIGRATIONS, type Installation } from './installation.ts';
import { makeEmptyDatabase } from './emptyDatabase.ts';
import { versionsHere } from './postgres.ts';
import { readSecrets, secretsFile, writeWhole, type Secrets } from './secrets.ts';

const DUMP = 'database.dump';
const ABOUT = 'backup.json';
const SECRETS = 'secrets.json';
const NAME = /^salt-ledger-\d{4}-\d\d-\d\dT\d\d-\d\d-\d\dZ$/;

const aboutSchema = z.object({
  format: z.literal('salt-ledger-backup'),
  version: z.literal(1),
  at: z.iso.datetime(),
  database: z.string(),
  roles: z.object({ owner: z.string(), app: z.string() }),
  postgresql: z.int(),
  lastMigration: z.number(),
  sha256: z.string(),
});
type About = z.infer<typeof aboutSchema>;

/** A complete backup on disk: every file is there, and the dump has the hash it was written with. */
export interface Backup {
  readonly folder: string;
  readonly about: About;
  readonly secrets: Secrets;
}

/** Checks the restored copy of a backup; returns its counts. Throws when something in it is wrong. */
export type Check<T> = (urls: DatabaseUrls) => Promise<T>;

/**
 * Backs an installation up into a folder of its own below another: the database as it stood at one moment, and the secrets. It is made
 * aside, restored into a throwaway cluster and checked there, and only then gets its name. `now`: epoch milliseconds.
 */
export async function makeBackup<T>(
  installation: Installation,
  adminUrl: string,
  below: string,
  now: number,
  check: Check<T>,
): Promise<{ readonly folder: string; readonly checked: T }> {
  const at = new Date(now).toISOString();
  const folder = resolve(below, `salt-ledger-${at.slice(0, 19).replaceAll(':', '-')}Z`);
  const aside = `${folder}.part`;
  rmSync(aside, { recursive: true, force: true });
  mkdirSync(aside, { recursive: true, mode: 0o700 });
  try {
    const { owner } = await urlsOf(adminUrl, installation.secrets);
    const postgresql = await serverVersion(adminUrl);
    const dump = join(aside, DUMP);
    const about = await withClient(adminUrl, async (client) => ({
      roles: await rolesOf(client, databaseOf(adminUrl)),
      lastMigration: await lastMigration(client),
    }));
    await dumpDatabase(owner, dump, programsFor(postgresql));
    chmodSync(dump, 0o600);
    writeWhole(join(aside, SECRETS), JSON.stringify(installation.secrets));
    const whole: About = {
      format: 'salt-ledger-backup',
      version: 1,
      at,
      database: databaseOf(adminUrl),
      postgresql,
      ...about,
      sha256: await sha256Of(dump),
    };
    writeWhole(join(aside, ABOUT), JSON.stringify(whole, null, 2));
    const checked = await checkBackup(await openBackup(aside), check);
    renameSync(aside, folder);
    return { folder, checked };
  } catch (error) {
    rmSync(aside, { recursive: true, force: true });
    throw error;
  }
}

/** The programs of the server's version, or newer ones: they read what an older server writes. */
function programsFor(version: number): number {
  const fitting = versionsHere()
    .filter((one) => one >= version)
    .at(-1);
  if (fitting === undefined)
    throw new Error(
      `The server is PostgreSQL ${version}, and no programs of that version or newer are here. Install them: apt-get install postgresql-client-${version} postgresql-${version}`,
    );
  return fitting;
}

/** Reads a backup. Throws where a file is missing or the dump is not as it was written. */
export async function openBackup(folder: string): Promise<Backup> {
  for (const name of [ABOUT, DUMP, SECRETS])
    if (!existsSync(join(folder, name)))
      throw new Error(
        `${folder} is no backup: it has no ${name}. Name a folder such as salt-ledger-2026-11-27T03-15-00Z`,
      );
  const read = aboutSchema.safeParse(jsonIn(join(folder, ABOUT)));
  if (!read.success)
    throw new Error(`${join(folder, ABOUT)} cannot be read: the backup is damaged, take another`);
  const { data: about } = read;
  if ((await sha256Of(join(folder, DUMP))) !== about.sha256)
    throw new Error(`${join(folder, DUMP)} is not as it was written: the backup is damaged, take another`);
  return { folder, about, secrets: readSecrets(join(folder, SECRETS)) };
}

function jsonIn(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as unknown;
  } catch {
    // The schema says that it is not what it should be.
    return null;
  }
}

async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file), hash);
  return hash.digest('hex');
}

/** Restores a backup into a cluster that nothing outlives, and has it checked there. */
export async function checkBackup<T>(backup: Backup, check: Check<T>): Promise<T> {
  const parent = mkdtempSync(join(tmpdir(), 'salt-check-'));
  // As root the cluster belongs to another user, who must be able to open the folder.
  chmodSync(parent, 0o755);
  const cluster: Cluster = { folder: join(parent, 'cluster'), superuserPassword: backup.secrets.superuser };
  try {
    return await fillNewCluster(backup, cluster, check, '-c fsync=off');
  } finally {
    rmSync(parent, { recursive: true, force: true });
  }
}

/**
 * Restores a backup into a data folder that is not there yet, or empty: a cluster of its own with the database, checked, and the secrets.
 * Throws where there is something, and leaves nothing behind where it fails.
 */
export async function restoreBackup<T>(
  backup: Backup,
  folder: string,
  check: Check<T>,
): Promise<{ readonly installation: Installation; readonly checked: T }> {
  if (existsSync(folder) && readdirSync(folder).length > 0)
    throw new Error(
      `${folder} is not empty. A backup is restored into a new folder: nothing is overwritten.`,
    );
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  const installation = installationWith(resolve(folder), backup.secrets);
  try {
    const checked = await fillNewCluster(backup, installation.cluster, check);
    writeWhole(secretsFile(installation.folder), JSON.stringify(backup.secrets));
    return { installation, checked };
  } catch (error) {
    for (const name of readdirSync(folder)) rmSync(join(folder, name), { recursive: true, force: true });
    throw error;
  }
}

async function fillNewCluster<T>(
  { folder, about, secrets }: Backup,
  cluster: Cluster,
  check: Check<T>,
  options = '',
): Promise<T> {
  const version = programsFor(about.postgresql);
  await initCluster(cluster, version);
  const running = await startCluster(cluster, { options });
  try {
    const adminUrl = running.adminUrl(DATABASE);
    await makeEmptyDatabase(adminUrl, about.roles, secrets);
    await fillDatabase(adminUrl, join(folder, DUMP), version);
    return await check(await setUpDatabase(adminUrl, secrets, MIGRATIONS));
  } finally {
    await stopCluster(cluster);
  }
}

/** Deletes all but the newest complete backups in a folder; returns the names of the deleted ones. */
export function dropOldBackups(below: string, keep: number): string[] {
  const old = readdirSync(below)
    .filter((name) => NAME.test(name) && existsSync(join(below, name, ABOUT)))
    .sort()
    .reverse()
    .slice(keep);
  for (const name of old) rmSync(join(below, name), { recursive: true, force: true });
  return old;
}
