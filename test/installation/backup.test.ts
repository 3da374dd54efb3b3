import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { freePort, startCluster, stopCluster, versionOf } from '../../src/cluster/cluster.ts';
import { DATABASE, openInstallation } from '../../src/cluster/installation.ts';
import { moveCluster } from '../../src/cluster/upgrade.ts';
import { checkHomes } from '../../src/cli/checkHomes.ts';
import { query } from '../support/database.ts';
import {
  end,
  newInstalled,
  untilSaid,
  type Installed,
  type Ran,
  type Started,
} from '../support/installed.ts';

let home: Installed;
let started: Started;
beforeAll(async () => {
  home = await newInstalled('backup');
  started = await home.start();
});
afterAll(() => {
  home.forget();
});

const backups = (): string => join(home.folder, 'backups');
const backUp = (...more: string[]): Promise<Ran> => home.npm('backup', '--to', backups(), ...more);
const names = (): string[] => readdirSync(backups()).sort();
const newest = (): string => join(backups(), names().at(-1) ?? '');

const TABLES = [
  'entry',
  'photo',
  'document',
  'asset',
  'duty',
  'account',
  'membership',
  'walk',
  'run',
  'session',
  'home_act',
];

/** The hash of every row of every table, read as the superuser. */
async function contentOf(folder: string): Promise<unknown> {
  const { cluster } = openInstallation(folder);
  const { adminUrl } = await startCluster(cluster);
  const content: Record<string, unknown> = {};
  for (const table of TABLES)
    content[table] = await query(
      adminUrl(DATABASE),
      `SELECT count(*)::int AS n, md5(string_agg(md5(t::text), '' ORDER BY md5(t::text))) AS hash FROM ${table} t`,
    );
  return content;
}

describe('a backup', () => {
  test('is made while the server runs, checked, and holds the database and its secrets, for its owner alone', async () => {
    const { code, out } = await backUp();
    expect([code, out]).toEqual([
      0,
      expect.stringMatching(/salt-ledger-[\dT-]+Z: 6 homes, \d+ entries, every hash right\n$/),
    ]);
    expect(readdirSync(newest()).sort()).toEqual(['backup.json', 'database.dump', 'secrets.json']);
    expect(statSync(newest()).mode & 0o077).toBe(0);
    for (const file of readdirSync(newest())) expect(statSync(join(newest(), file)).mode & 0o077).toBe(0);
    expect(readFileSync(join(newest(), 'secrets.json'), 'utf8')).toBe(
      readFileSync(join(home.folder, 'secrets.json'), 'utf8'),
    );
    expect((await fetch(`${home.address}/api/ready`)).status).toBe(200);
  });

  test('restored into a new folder is the installation, row by row, and it starts there', async () => {
    const into = join(home.folder, 'restored');
    const { code, out } = await home.npm('restore', newest(), '--into', into);
    expect([code, out]).toEqual([0, expect.stringContaining(`DATA_DIR=${into} npm start`)]);
    expect(await contentOf(into)).toEqual(await contentOf(home.folder));
    await stopCluster(openInstallation(into).cluster);
    const verified = await home.run(['npm', 'run', '--silent', 'verify'], { DATA_DIR: into });
    expect(verified.out).toMatch(/^6 homes, \d+ entries read, 0 homes not/);
    const port = String(await freePort());
    const second = home.begin(['bash', 'scripts/start.sh'], { DATA_DIR: into, PORT: port });
    await untilSaid(second, 'Ctrl-C stops it');
    const signedIn = await fetch(`http://127.0.0.1:${port}/api/sign-in`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ email: 'demo@salt-ledger.example', password: 'salt-and-water' }),
    });
    expect(signedIn.status).toBe(200);
    expect(await end(second, 'SIGTERM')).toBe(0);
  });

  test('overwrites nothing, and is refused where it is damaged or none', async () => {
    const full = await home.npm('restore', newest(), '--into', home.folder);
    expect([full.code, full.err]).toEqual([1, expect.stringContaining('is not empty')]);
    const none = await home.npm('restore', home.folder, '--into', join(home.folder, 'fresh'));
    expect([none.code, none.err]).toEqual([
      1,
      expect.stringContaining('is no backup: it has no backup.json'),
    ]);
    const damaged = join(home.folder, 'damaged');
    execFileSync('cp', ['-a', newest(), damaged]);
    const dump = join(damaged, 'database.dump');
    const bytes = readFileSync(dump);
    const middle = Math.floor(bytes.length / 2);
    bytes.writeUInt8(bytes.readUInt8(middle) ^ 0xff, middle);
    writeFileSync(dump, bytes);
    const refused = await home.npm('restore', damaged, '--into', join(home.folder, 'fresh'));
    expect([refused.code, refused.err]).toEqual([1, expect.stringContaining('not as it was written')]);
    expect(existsSync(join(home.folder, 'fresh'))).toBe(false);
    expect((await home.npm('verify', '--backup', newest())).out).toMatch(
      /^6 homes, \d+ entries, every hash right/,
    );
  });

  test('of a home that somebody tampered with is not made', async () => {
    const { cluster } = openInstallation(home.folder);
    const { adminUrl } = await startCluster(cluster);
    const before = names();
    const change = (to: string) => query(adminUrl(DATABASE), `UPDATE document SET file = ${to}`);
    await change("file || '\\x00'");
    const { code, err } = await backUp();
    expect([code, err]).toEqual([1, expect.stringMatching(/paper [-0-9a-f]{36} is not as it was written/)]);
    expect(names()).toEqual(before);
    await change('substring(file FROM 1 FOR length(file) - 1)');
  });

  test('keeps as many as it is told to, and says which went', async () => {
    mkdirSync(join(backups(), 'my-own-folder'));
    await backUp();
    const { out } = await backUp('--keep', '1');
    expect(out.match(/deleted the old backup/g)).toHaveLength(2);
    expect(names()).toEqual(['my-own-folder', expect.stringMatching(/^salt-ledger-/)]);
    expect((await backUp('--keep', 'all')).err).toContain('--keep must be a number');
    expect((await home.npm('backup')).err).toContain('usage: npm run backup');
  });
});

describe('another PostgreSQL', () => {
  test('with none newer there is nothing to do', async () => {
    await end(started, 'SIGTERM');
    const { code, out } = await home.npm('upgrade');
    expect([code, out]).toEqual([0, expect.stringContaining('there is nothing to do')]);
  });

  test('takes the data over whole, checked, and the old cluster stays beside it', async () => {
    const installation = openInstallation(home.folder);
    const before = await contentOf(home.folder);
    await stopCluster(installation.cluster);
    const version = versionOf(installation.cluster);
    const { kept, checked } = await moveCluster(installation, version, checkHomes);
    expect(checked.homes).toBe(6);
    expect(versionOf({ ...installation.cluster, folder: kept })).toBe(version);
    expect(await contentOf(home.folder)).toEqual(before);
    await stopCluster(installation.cluster);
  });

  test('that fails the check is not put in the place of the old one', async () => {
    const installation = openInstallation(home.folder);
    const inode = statSync(home.cluster).ino;
    await expect(
      moveCluster(installation, versionOf(installation.cluster), () => Promise.reject(new Error('not so'))),
    ).rejects.toThrow('not so');
    expect(statSync(home.cluster).ino).toBe(inode);
    expect(readdirSync(home.folder).filter((name) => name.includes('moving'))).toEqual([]);
  });

  test('killed between the two steps, the old cluster goes back', async () => {
    const before = await contentOf(home.folder);
    await stopCluster(openInstallation(home.folder).cluster);
    execFileSync('rm', ['-rf', join(home.folder, 'cluster.of-15')]);
    execFileSync('mv', [home.cluster, join(home.folder, 'cluster.of-15')]);
    expect((await home.npm('verify')).out).toContain('6 homes');
    expect(await contentOf(home.folder)).toEqual(before);
    await stopCluster(openInstallation(home.folder).cluster);
  });
});

/** Whether this user may put a small disk somewhere; where not, the words that are said of a full one are still tested by themselves. */
function mayMount(): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=1m', 'tmpfs', '/mnt'], { stdio: 'ignore' });
    execFileSync('umount', ['/mnt'], { stdio: 'ignore' });
    return true;
  } catch {
    // The answer is no.
    return false;
  }
}

describe('a full disk', () => {
  test.skipIf(!mayMount())('is said by the first start, and leaves nothing half made', async () => {
    const disk = join(home.folder, 'small-disk');
    mkdirSync(disk);
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=20m,mode=755', 'tmpfs', disk]);
    try {
      const { code, err } = await home.run(['bash', 'scripts/start.sh'], { DATA_DIR: join(disk, 'data') });
      expect([code, err]).toEqual([
        1,
        expect.stringContaining(`The disk that holds ${disk}/data is full. Free some space`),
      ]);
      expect(readdirSync(join(disk, 'data')).filter((name) => name.startsWith('cluster'))).toEqual([]);
    } finally {
      execFileSync('umount', [disk]);
    }
  });
});
