import {
  existsSync,
  linkSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { identityOf, isAlive } from './processes.ts';

let asked = 0;

const PAUSE_MS = 100;
/** Starting a cluster after a crash may take a minute. */
const MOST_WAIT_MS = 120_000;

/**
 * Does something that only one process may do at a time with a data folder: starting and stopping its cluster, claiming it. A lock left by
 * a killed process is worth nothing.
 */
export async function alone<T>(folder: string, work: () => T | Promise<T>): Promise<T> {
  const lock = join(folder, 'lock');
  // Two things this process does at once wait for each other too.
  asked += 1;
  const own = join(folder, `lock.${process.pid}.${asked}`);
  writeFileSync(own, identityOf(process.pid));
  try {
    await take(own, lock, folder);
    try {
      return await work();
    } finally {
      rmSync(lock, { force: true });
    }
  } finally {
    rmSync(own, { force: true });
  }
}

/** Creating a link is atomic, and fails when the name exists. */
async function take(own: string, lock: string, folder: string): Promise<void> {
  const until = Date.now() + MOST_WAIT_MS;
  for (;;) {
    try {
      linkSync(own, lock);
      return;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    }
    const holder = readIfThere(lock);
    if (holder !== '' && !isAlive(holder)) removeStale(lock, own, holder);
    else if (Date.now() > until)
      throw new Error(
        `process ${holder.split(' ')[0]} has been starting or stopping in ${folder} for two minutes; end it, then try again`,
      );
    else await pause(PAUSE_MS);
  }
}

/** Removes the lock of a killed process. Another process may have done so and taken it meanwhile: then it gets its lock back. */
function removeStale(lock: string, own: string, holder: string): void {
  const moved = `${own}.stale`;
  try {
    renameSync(lock, moved);
    if (readIfThere(moved) !== holder) linkSync(moved, lock);
  } catch (error) {
    // It is gone already, or taken again.
    if (!['ENOENT', 'EEXIST'].includes((error as NodeJS.ErrnoException).code ?? '')) throw error;
  } finally {
    rmSync(moved, { force: true });
  }
}

const readIfThere = (file: string): string => {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    // It was let go just now.
    return '';
  }
};

/**
 * Claims a data folder for this process; answers with how to let it go. Throws when another living start holds it. A claim
 * left by a killed process is worth nothing: its number is gone, or belongs to another program by now.
 */
export function claimFolder(folder: string): Promise<() => void> {
  return alone(folder, () => {
    const file = join(folder, 'running');
    const holder = existsSync(file) ? readFileSync(file, 'utf8') : '';
    if (isAlive(holder))
      throw new Error(
        `another start (process ${holder.split(' ')[0]}) is using ${folder}; stop it first, or set DATA_DIR to another folder`,
      );
    const own = identityOf(process.pid);
    writeFileSync(file, own);
    return () => {
      if (existsSync(file) && readFileSync(file, 'utf8') === own) rmSync(file);
    };
  });
}

/** A process's use of a cluster. */
export interface Use {
  /** Whether others used it when this process came. */
  readonly others: boolean;
  /** Ends the use; returns whether nobody else uses the cluster. Call it inside `alone`. */
  leave(): boolean;
}

/** Registers this process as a user of the cluster. Call it inside `alone`. */
export function joinUsers(folder: string): Use {
  const users = join(folder, 'users');
  mkdirSync(users, { recursive: true });
  const others = othersUse(folder, users);
  const own = join(users, String(process.pid));
  writeFileSync(own, identityOf(process.pid));
  return {
    others,
    leave: () => {
      rmSync(own, { force: true });
      return !othersUse(folder, users);
    },
  };
}

/** Whether another running process uses a cluster, or has claimed its folder. Entries of killed processes are removed. */
function othersUse(folder: string, users: string): boolean {
  const alive = readdirSync(users).filter((name) => {
    const file = join(users, name);
    const lives = isAlive(readIfThere(file));
    if (!lives) rmSync(file, { force: true });
    return lives && name !== String(process.pid);
  });
  const claim = readIfThere(join(folder, 'running'));
  return alive.length > 0 || (isAlive(claim) && claim !== identityOf(process.pid));
}
