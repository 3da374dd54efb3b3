import { setTimeout as pause } from 'node:timers/promises';
import { isRunning, startCluster, type Cluster } from './cluster.ts';
import { alone } from './lock.ts';

const LOOK_MS = 1_000;
/** After a start that failed. */
const AGAIN_MS = 5_000;

/**
 * Starts a cluster anew whenever its postmaster is gone, at the same port, where its servers look for it. `tell` hears what happened.
 * Answers with how to stop watching.
 */
export function watchCluster(
  cluster: Cluster,
  dataFolder: string,
  port: number,
  tell: (line: string) => void,
): () => Promise<void> {
  const stopped = new AbortController();
  const { signal } = stopped;
  const rest = (milliseconds: number): Promise<void> =>
    pause(milliseconds, undefined, { signal }).catch(() => undefined);
  const watching = (async () => {
    while (!signal.aborted) {
      await rest(LOOK_MS);
      if (signal.aborted || isRunning(cluster)) continue;
      tell('PostgreSQL ended by itself; it is started anew');
      try {
        await alone(dataFolder, () => startCluster(cluster, { port }));
        tell('PostgreSQL runs again');
      } catch (error) {
        tell(`PostgreSQL could not be started: ${error instanceof Error ? error.message : String(error)}`);
        await rest(AGAIN_MS);
      }
    }
  })();
  return () => {
    stopped.abort();
    return watching;
  };
}
