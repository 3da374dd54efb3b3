import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { alone, claimFolder, joinUsers } from './lock.ts';
import { identityOf } from './processes.ts';

/** A process number that no process has. */
const NOBODY = '4194303 1';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'salt-lock-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true });
});

/** Another process that does nothing, for as long as the work takes. */
async function withOther(work: (identity: string, pid: number) => Promise<void>): Promise<void> {
  const other = spawn('sleep', ['60']);
  await once(other, 'spawn');
  try {
    await work(identityOf(other.pid ?? 0), other.pid ?? 0);
  } finally {
    other.kill();
  }
}

describe('what one process alone may do with a data folder', () => {
  test('is done by one after another, and leaves nothing behind', async () => {
    let inside = 0;
    let most = 0;
    const one = () =>
      alone(folder, async () => {
        inside += 1;
        most = Math.max(most, inside);
        await pause(10);
        inside -= 1;
      });
    await Promise.all(Array.from({ length: 8 }, one));
    expect([most, inside]).toEqual([1, 0]);
    expect(readdirSync(folder)).toEqual([]);
  });

  test('does not wait for a process that was killed', async () => {
    writeFileSync(join(folder, 'lock'), NOBODY);
    const both = await Promise.all([alone(folder, () => 'one'), alone(folder, () => 'two')]);
    expect(both).toEqual(['one', 'two']);
    expect(readdirSync(folder)).toEqual([]);
  });

  test('waits for one that lives', async () => {
    await withOther(async (identity) => {
      writeFileSync(join(folder, 'lock'), identity);
      let isDone = false;
      const waiting = alone(folder, () => (isDone = true));
      await pause(300);
      expect(isDone).toBe(false);
      rmSync(join(folder, 'lock'));
      await waiting;
      expect(isDone).toBe(true);
    });
  });

  test('that fails lets go too', async () => {
    await expect(alone(folder, () => Promise.reject(new Error('no')))).rejects.toThrow('no');
    expect(await alone(folder, () => 'again')).toBe('again');
  });
});

describe('a claim on a data folder', () => {
  test('of a killed process is worth nothing, of a living one it is', async () => {
    writeFileSync(join(folder, 'running'), NOBODY);
    (await claimFolder(folder))();
    expect(existsSync(join(folder, 'running'))).toBe(false);
    await withOther(async (identity, pid) => {
      writeFileSync(join(folder, 'running'), identity);
      await expect(claimFolder(folder)).rejects.toThrow(`another start (process ${pid}) is using ${folder}`);
    });
  });
});

describe('the users of a cluster', () => {
  test('one alone is the last; killed ones do not count, living ones do', async () => {
    const first = joinUsers(folder);
    expect(first.others).toBe(false);
    writeFileSync(join(folder, 'users', '4194303'), NOBODY);
    expect(first.leave()).toBe(true);
    expect(readdirSync(join(folder, 'users'))).toEqual([]);
    await withOther((identity, pid) => {
      writeFileSync(join(folder, 'users', String(pid)), identity);
      const second = joinUsers(folder);
      expect([second.others, second.leave()]).toEqual([true, false]);
      return Promise.resolve();
    });
  });

  test('a start that has claimed the folder is one of them, whatever its version', async () => {
    await withOther((identity) => {
      writeFileSync(join(folder, 'running'), identity);
      const own = joinUsers(folder);
      expect([own.others, own.leave()]).toEqual([true, false]);
      return Promise.resolve();
    });
  });
});
