import { execFileSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { initCluster, startCluster, stopCluster, type RunningCluster } from './cluster.ts';

/** A cluster for one run of tests, a benchmark or pictures; `end` stops it and forgets it. */
export interface Throwaway extends RunningCluster {
  end(): Promise<void>;
  /** Stops it and keeps its files under a path that is not there yet, whole or not at all. */
  keepAs(folder: string): Promise<void>;
}

/**
 * Makes and starts a cluster that nothing outlives. `options`: more for PostgreSQL's command line; `from`: the folder of a stopped cluster
 * to begin with a copy of.
 */
export async function startThrowaway(name: string, options = '', from?: string): Promise<Throwaway> {
  const parent = mkdtempSync(`/tmp/salt-${name}-`);
  // As root the cluster belongs to another user, who must be able to come to it.
  chmodSync(parent, 0o755);
  const cluster = { folder: join(parent, 'cluster'), superuserPassword: 'throwaway' };
  if (from !== undefined) execFileSync('cp', ['-a', from, cluster.folder]);
  await initCluster(cluster);
  const running = await startCluster(cluster, { options });
  const end = async (): Promise<void> => {
    await stopCluster(cluster);
    rmSync(parent, { recursive: true, force: true });
  };
  const keepAs = async (folder: string): Promise<void> => {
    await stopCluster(cluster);
    const copy = `${folder}.${process.pid}`;
    execFileSync('cp', ['-a', cluster.folder, copy]);
    // Of two runs that prepare the same at once, one is enough.
    if (existsSync(folder)) rmSync(copy, { recursive: true });
    else renameSync(copy, folder);
    rmSync(parent, { recursive: true, force: true });
  };
  return { ...running, end, keepAs };
}
