import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { freePort, postmasterPid } from '../../src/cluster/cluster.ts';
import { end, newInstalled, untilSaid, type Installed, type Started } from '../support/installed.ts';

let home: Installed;
beforeAll(async () => {
  home = await newInstalled('watch');
});
afterAll(() => {
  home.forget();
});

const isReady = (): Promise<number> =>
  fetch(`${home.address}/api/ready`).then(
    ({ status }) => status,
    () => 0,
  );
const becomesReady = () => expect.poll(isReady, { timeout: 30_000, interval: 100 }).toBe(200);
const isUp = (): boolean => existsSync(join(home.cluster, 'postmaster.pid'));

describe('the first start', () => {
  test('killed while the cluster is made leaves nothing that the next one trips over', async () => {
    const killed = home.begin(['bash', 'scripts/start.sh']);
    const aside = (): boolean => readdirSync(home.folder).some((name) => name.startsWith('cluster.new-'));
    await expect.poll(aside, { timeout: 30_000, interval: 5 }).toBe(true);
    const gone = once(killed.process, 'exit');
    process.kill(-(killed.process.pid ?? 0), 'SIGKILL');
    await gone;
    expect(existsSync(join(home.cluster, 'PG_VERSION'))).toBe(false);
    const started = await home.start();
    await becomesReady();
    expect(aside()).toBe(false);
    expect(await end(started, 'SIGTERM')).toBe(0);
  });
});

describe('PostgreSQL under npm start', () => {
  let started: Started;
  beforeAll(async () => {
    started = await home.start();
  });
  afterAll(() => end(started, 'SIGTERM'));

  test('killed, is started anew at the same port, and the server goes on by itself', async () => {
    for (let times = 0; times < 2; times += 1) {
      const before = postmasterPid(home.cluster);
      process.kill(before, 'SIGKILL');
      await expect.poll(() => postmasterPid(home.cluster), { timeout: 30_000 }).not.toBe(before);
      await becomesReady();
    }
    expect(started.said()).toContain('PostgreSQL ended by itself; it is started anew');
    expect(started.said()).toContain('PostgreSQL runs again');
  });

  test('is not stopped by a command beside the server, which says it is well throughout', async () => {
    const pid = postmasterPid(home.cluster);
    const ran = Promise.all([home.npm('verify'), home.npm('export', '14 Juniper Bend')]);
    let isOver = false;
    void ran.then(() => (isOver = true));
    const seen = new Set<number>();
    while (!isOver) {
      seen.add(await isReady());
      await new Promise((next) => setTimeout(next, 50));
    }
    for (const { code } of await ran) expect(code).toBe(0);
    expect(seen).toEqual(new Set([200]));
    expect(postmasterPid(home.cluster)).toBe(pid);
  });

  test('stays for a second server process when the first one goes, and is stopped with the last', async () => {
    const port = await freePort();
    const second = home.begin(['npm', 'run', '--silent', 'serve'], { PORT: String(port) });
    await untilSaid(second, 'Ctrl-C stops it');
    expect(await end(started, 'SIGTERM')).toBe(0);
    expect(isUp()).toBe(true);
    const answer = await fetch(`http://127.0.0.1:${port}/api/ready`);
    expect(answer.status).toBe(200);
    const gone = once(second.process, 'exit');
    process.kill(-(second.process.pid ?? 0), 'SIGTERM');
    await gone;
    await expect.poll(isUp, { timeout: 20_000 }).toBe(false);
    started = await home.start();
  });
});

describe('commands without a server', () => {
  test('at once share one cluster, and the last of them stops it', async () => {
    const ran = await Promise.all([home.npm('verify'), home.npm('verify'), home.npm('rebuild')]);
    for (const { code, err } of ran) expect([code, err]).toEqual([0, '']);
    expect(isUp()).toBe(false);
    expect(readdirSync(join(home.folder, 'users'))).toEqual([]);
  });
});

describe('a start that cannot be made says what it is about and what to do', () => {
  const refused = async (more: Record<string, string> = {}): Promise<string> => {
    const { code, err } = await home.run(['bash', 'scripts/start.sh'], more);
    expect(code).toBe(1);
    expect(err).not.toMatch(/^\s+at /m);
    return err;
  };

  test.each([
    [{ PORT: 'eighty' }, 'PORT must be a number from 1 to 65535, not "eighty"'],
    [{ HOST: '203.0.113.7' }, 'HOST=203.0.113.7 is no address of this machine'],
    [{ PUBLIC_URL: 'house.example' }, 'PUBLIC_URL must be the whole address people open'],
    [{ PUBLIC_URL: 'https://house.example' }, 'name its address in TRUSTED_PROXY'],
    [{ TRUSTED_PROXY: 'my proxy' }, 'TRUSTED_PROXY must be the addresses of the proxies'],
    [{ CLOCK_AT: 'noon' }, 'CLOCK_AT must be an instant, such as'],
    [{ LOG_LEVEL: 'loud' }, 'LOG_LEVEL must be one of fatal'],
    [{ DATABASE_URL: 'mysql://x/y' }, 'DATABASE_URL must be an address that names a database'],
    [
      { DATABASE_URL: 'postgres://a:b@127.0.0.1:1/salt' },
      'No PostgreSQL answers at the address in DATABASE_URL',
    ],
    [{ DATABASE_URL: 'postgres://a:b@nowhere.invalid/salt' }, 'The host in DATABASE_URL is not known'],
  ])('with %j', async (more, said) => {
    expect(await refused(more)).toContain(said);
  });

  test('with secrets that were cut off, missing, or of something else', async () => {
    const file = join(home.folder, 'secrets.json');
    const whole = readFileSync(file, 'utf8');
    writeFileSync(file, whole.slice(0, 60));
    expect(await refused()).toContain(
      `${file} cannot be read: it was cut off, or is not JSON. Put it back from a backup`,
    );
    writeFileSync(file, '{}');
    expect(await refused()).toContain('secrets.json cannot be read (superuser');
    renameSync(file, `${file}.away`);
    expect(await refused()).toContain(`${file} is missing`);
    writeFileSync(file, whole);
    expect(isUp()).toBe(false);
  });

  test('with a cluster of a version that is not installed', async () => {
    const file = join(home.cluster, 'PG_VERSION');
    const version = readFileSync(file, 'utf8');
    writeFileSync(file, '9\n');
    const said = await refused();
    expect(said).toContain('made by PostgreSQL 9, which is not installed here');
    expect(said).toContain('npm run upgrade');
    writeFileSync(file, version);
  });

  test('with a data folder in a place that is a file', async () => {
    const file = join(home.folder, 'not-a-folder');
    mkdirSync(join(home.folder, 'x'), { recursive: true });
    writeFileSync(file, '');
    expect(await refused({ DATA_DIR: join(file, 'data') })).toContain('DATA_DIR');
  });

  test('and whole again it starts', async () => {
    const started = await home.start();
    await becomesReady();
    expect(await end(started, 'SIGTERM')).toBe(0);
  });
});
