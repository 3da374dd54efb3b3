import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { initCluster, startCluster, stopCluster, type RunningCluster } from './cluster.ts';

/** A cluster for one run of tests, a benchmark or pictures; `end` stops it and forgets it. */
export interface Throwaway extends RunningCluster {
  end(): Promise<void>;
}

/** Makes and starts a cluster that nothing outlives. `options`: more for PostgreSQL's command line. */
export async function startThrowaway(name: string, options = ''): Promise<Throwaway> {
  const parent = mkdtempSync(`/tmp/salt-${name}-`);
  // As root the cluster belongs to another user, who must be able to come to it.
  chmodSync(parent, 0o755);
  const cluster = { folder: join(parent, 'cluster'), superuserPassword: 'throwaway' };
  await initCluster(cluster);
  const running = await startCluster(cluster, options);
  const end = async (): Promise<void> => {
    await stopCluster(cluster);
    rmSync(parent, { recursive: true, force: true });
  };
  return { ...running, end };
}
