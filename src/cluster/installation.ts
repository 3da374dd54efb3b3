import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { resolve, join } from 'node:path';
import { z } from 'zod';
import { setUpDatabase, urlsOf, type DatabaseUrls } from '../server/db/setup.ts';
import {
  initCluster,
  postmasterPid,
  serverUserReaches,
  startCluster,
  stopCluster,
  type Cluster,
} from './cluster.ts';

const DATABASE = 'salt_ledger';
export const MIGRATIONS = resolve('src/server/db/migrations');

const secretsSchema = z.strictObject({
  superuser: z.string(),
  owner: z.string(),
  app: z.string(),
  session: z.string(),
  demo: z.string(),
});
export type Secrets = z.infer<typeof secretsSchema>;

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
  const file = join(folder, 'secrets.json');
  if (!existsSync(file)) writeFileSync(file, JSON.stringify(newSecrets()), { mode: 0o600 });
  const secrets = secretsSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  return {
    folder,
    secrets,
    cluster: { folder: join(folder, 'cluster'), superuserPassword: secrets.superuser },
  };
}

function newSecrets(): Secrets {
  const secret = (): string => randomBytes(24).toString('base64url');
  return {
    superuser: secret(),
    owner: secret(),
    app: secret(),
    session: secret() + secret(),
    demo: 'salt-and-water',
  };
}

/** Forgets everything the installation holds. The cluster must not be running. */
export function eraseInstallation({ folder }: Installation): void {
  rmSync(folder, { recursive: true, force: true });
}

/** A database ready to work with, and how to let it go again. */
export interface ReadyDatabase {
  readonly urls: DatabaseUrls;
  release(): Promise<void>;
}

/** Brings up the database of an installation: the server DATABASE_URL names, or the installation's own cluster. */
export async function readyDatabase(
  { secrets, cluster }: Installation,
  migrations = MIGRATIONS,
): Promise<ReadyDatabase> {
  const external = process.env['DATABASE_URL'];
  if (external) {
    return { urls: await setUpDatabase(external, secrets, migrations), release: () => Promise.resolve() };
  }
  const wasRunning = postmasterPid(cluster.folder) !== 0;
  await initCluster(cluster);
  const running = await startCluster(cluster);
  const release = () => stopCluster(cluster);
  try {
    const urls = await setUpDatabase(running.adminUrl(DATABASE), secrets, migrations);
    return { urls, release };
  } catch (error) {
    if (!wasRunning) await release();
    throw error;
  }
}

/** The database of an installation for one command: whatever was running before stays running after. */
export async function withDatabase<T>(
  installation: Installation,
  work: (urls: DatabaseUrls) => Promise<T>,
): Promise<T> {
  const { cluster, secrets } = installation;
  if (!process.env['DATABASE_URL'] && postmasterPid(cluster.folder) !== 0) {
    const running = await startCluster(cluster);
    return work(urlsOf(running.adminUrl(DATABASE), secrets));
  }
  const { urls, release } = await readyDatabase(installation);
  try {
    return await work(urls);
  } finally {
    await release();
  }
}
