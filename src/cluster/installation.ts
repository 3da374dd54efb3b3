import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { resolve, join } from 'node:path';
import { setUpDatabase, urlsOf, type DatabaseUrls } from '../server/db/setup.ts';
import { initCluster, isMade, isRunning, startCluster, stopCluster, type Cluster } from './cluster.ts';
import { alone, joinUsers } from './lock.ts';
import { serverUserReaches } from './postgres.ts';
import { openSecrets, type Secrets } from './secrets.ts';

export const DATABASE = 'salt_ledger';
export const MIGRATIONS = resolve('src/server/db/migrations');

/** The files of an installation: its secrets and, unless DATABASE_URL names a server, its own cluster. */
export interface Installation {
  readonly folder: string;
  readonly secrets: Secrets;
  readonly cluster: Cluster;
}

/**
 * The data folder: DATA_DIR, or `.data` in the project. As root PostgreSQL runs as another user, who must be able to
 * reach the folder; where that user cannot, the data stand below /var/lib.
 */
export function dataFolder(): string {
  const own = process.env['DATA_DIR'];
  if (own) return resolve(own);
  const here = resolve('.');
  if (serverUserReaches(here)) return join(here, '.data');
  return join('/var/lib', `salt-ledger-${createHash('sha256').update(here).digest('hex').slice(0, 8)}`);
}

/** Opens the installation in a folder, making its secrets the first time. */
export function openInstallation(folder = dataFolder()): Installation {
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  return installationWith(folder, openSecrets(folder));
}

/** The installation of a folder with secrets that are known. */
export const installationWith = (folder: string, secrets: Secrets): Installation => ({
  folder,
  secrets,
  cluster: { folder: join(folder, 'cluster'), superuserPassword: secrets.superuser },
});

/** Forgets everything the installation holds. The cluster must not be running. */
export function eraseInstallation({ folder }: Installation): void {
  rmSync(folder, { recursive: true, force: true });
}

/** The database server of an installation, and how to let it go again. */
export interface ReadyServer {
  /** The superuser's address of the installation's database. */
  readonly adminUrl: string;
  /** The port of its own cluster; null where DATABASE_URL names another server. */
  readonly port: number | null;
  /** Whether somebody else works with the installation's cluster. */
  readonly isUsed: boolean;
  release(): Promise<void>;
}

/**
 * Brings up the database server of an installation: the one DATABASE_URL names, or its own cluster. Whoever lets go of the cluster last
 * stops it: a command never stops one that a server uses, nor a server one that a command works on.
 */
export async function readyServer({ folder, cluster }: Installation): Promise<ReadyServer> {
  const external = process.env['DATABASE_URL'];
  if (external) return { adminUrl: external, port: null, isUsed: false, release: () => Promise.resolve() };
  return alone(folder, async () => {
    const { others, leave } = joinUsers(folder);
    const stopIfLast = async (): Promise<void> => {
      if (leave() && isRunning(cluster)) await stopCluster(cluster);
    };
    try {
      undoHalfMove(folder, cluster);
      await initCluster(cluster);
      const { adminUrl, port } = await startCluster(cluster);
      return {
        adminUrl: adminUrl(DATABASE),
        port,
        isUsed: others,
        release: () => alone(folder, stopIfLast),
      };
    } catch (error) {
      await stopIfLast();
      throw error;
    }
  });
}

/** Moving to another version puts the old cluster aside and the new one in its place; killed in between, the old one goes back. */
function undoHalfMove(folder: string, cluster: Cluster): void {
  if (isMade(cluster)) return;
  const kept = readdirSync(folder).filter((name) => KEPT.test(name));
  if (kept.length > 1)
    throw new Error(
      `${folder} has no cluster but ${kept.join(', ')}: rename the one you want to ${cluster.folder}`,
    );
  if (kept[0] !== undefined) renameSync(join(folder, kept[0]), cluster.folder);
}

/** The name of a cluster that was put aside, by the version it is of. */
export const keptName = (version: number): string => `cluster.of-${version}`;
const KEPT = /^cluster\.of-\d+$/;

/** A database ready to work with, and how to let it go again. */
export interface ReadyDatabase extends ReadyServer {
  readonly urls: DatabaseUrls;
}

/** Brings up the database of an installation, with the tables of this version. */
export async function readyDatabase(
  installation: Installation,
  migrations = MIGRATIONS,
): Promise<ReadyDatabase> {
  const server = await readyServer(installation);
  try {
    return { ...server, urls: await setUpDatabase(server.adminUrl, installation.secrets, migrations) };
  } catch (error) {
    await server.release();
    throw error;
  }
}

/** The database of an installation for one command: one that runs for somebody else is used as it is. */
export async function withDatabase<T>(
  installation: Installation,
  work: (urls: DatabaseUrls) => Promise<T>,
): Promise<T> {
  const { secrets } = installation;
  const { adminUrl, isUsed, release } = await readyServer(installation);
  try {
    return await work(
      isUsed ? await urlsOf(adminUrl, secrets) : await setUpDatabase(adminUrl, secrets, MIGRATIONS),
    );
  } finally {
    await release();
  }
}
