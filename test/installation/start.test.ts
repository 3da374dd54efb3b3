import { once } from 'node:events';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { freePort, postmasterPid, startCluster } from '../../src/cluster/cluster.ts';
import { openInstallation } from '../../src/cluster/installation.ts';
import { query } from '../support/database.ts';
import { end, newInstalled, type Installed, type Ran, type Started } from '../support/installed.ts';
import { houseFileSchema } from '../../src/core/formats/houseFile.ts';

let home: Installed;
beforeAll(async () => {
  home = await newInstalled('start');
});
afterAll(() => {
  home.forget();
});

const start = (...args: string[]): Promise<Started> => home.start(...args);
const run = (...words: string[]): Promise<Ran> => home.run(words);
const cluster = (): string => home.cluster;

describe('npm start', () => {
  let started: Started;

  test('makes its own cluster, loads the demo and prints where it is and how to sign in', async () => {
    started = await start();
    expect(started.said()).toContain(`http://127.0.0.1:${home.port}`);
    expect(started.said()).toContain('demo@salt-ledger.example');
    expect(postmasterPid(cluster())).toBeGreaterThan(0);
    const page = await fetch(`http://127.0.0.1:${home.port}/`);
    expect(await page.text()).toContain('<div id="app">');
  });

  test('on a taken port says so, and which to choose instead', async () => {
    const { code, err } = await run('bash', 'scripts/start.sh');
    expect(code).toBe(1);
    expect(err).toContain(`Port ${home.port} of 127.0.0.1 is taken`);
    expect(err).toContain(`PORT=${home.port + 1} npm start`);
  });

  test('on a data folder that is in use says by whom', async () => {
    const free = String(await freePort());
    const { code, err } = await run('env', `PORT=${free}`, 'bash', 'scripts/start.sh');
    expect(code).toBe(1);
    expect(err).toContain('another start (process');
  });

  test('beside it, a home goes out to a file and comes in from one', async () => {
    const file = join(home.folder, 'house.json');
    expect((await run('npm', 'run', '--silent', 'export', '--', '14 juniper bend', '--to', file)).code).toBe(
      0,
    );
    expect(houseFileSchema.parse(JSON.parse(readFileSync(file, 'utf8'))).entries.length).toBeGreaterThan(100);
    const brought = await run('npm', 'run', '--silent', 'import', '--', file);
    expect(brought.out).toMatch(/^14 Juniper Bend is now home [0-9a-f-]{36}/);
    const again = await run('npm', 'run', '--silent', 'export', '--', '14 Juniper Bend');
    expect([again.code, again.err]).toEqual([
      2,
      expect.stringContaining('more than one home is called 14 Juniper Bend'),
    ]);
    expect(
      (await run('npm', 'run', '--silent', 'import', '--', file, '--as', 'nobody@example.org')).err,
    ).toContain('no account has the address');
    expect((await run('npm', 'run', '--silent', 'rebuild')).out).toContain('7 homes, ');
    const verified = await run('npm', 'run', '--silent', 'verify');
    expect([verified.code, verified.out]).toEqual([
      0,
      expect.stringMatching(/^7 homes, \d+ entries read, 0 homes not as they were written/),
    ]);
  });

  test('a home that somebody tampered with is named by verify and by rebuild, which goes on with the others', async () => {
    const { superuserPassword, folder: data } = openInstallation(home.folder).cluster;
    const { adminUrl } = await startCluster({ superuserPassword, folder: data });
    const tamper = (body: string): Promise<unknown> =>
      query(
        adminUrl('salt_ledger'),
        `ALTER TABLE entry DISABLE TRIGGER USER;
         UPDATE entry SET body = ${body} WHERE seq = 3 AND home_id = (SELECT home_id FROM home WHERE name = '3 Weir Lane');
         ALTER TABLE entry ENABLE TRIGGER USER`,
      );
    await tamper(`jsonb_set(body, '{kind}', to_jsonb('un' || (body ->> 'kind')))`);
    const verified = await run('npm', 'run', '--silent', 'verify');
    expect([verified.code, verified.err]).toEqual([
      1,
      expect.stringMatching(
        /^home [-0-9a-f]{36} \(3 Weir Lane\): entry 3 \([-0-9a-f]{36}\) is not as it was written/,
      ),
    ]);
    const rebuilt = await run('npm', 'run', '--silent', 'rebuild');
    expect([rebuilt.code, rebuilt.out, rebuilt.err]).toEqual([
      1,
      expect.stringContaining('6 homes, '),
      expect.stringContaining('(3 Weir Lane): '),
    ]);
    await tamper(`jsonb_set(body, '{kind}', to_jsonb(substr(body ->> 'kind', 3)))`);
    expect((await run('npm', 'run', '--silent', 'verify')).code).toBe(0);
  });

  test('on SIGTERM stops the server and the cluster cleanly', async () => {
    expect(await end(started, 'SIGTERM')).toBe(0);
    expect(existsSync(join(cluster(), 'postmaster.pid'))).toBe(false);
  });

  test('on Ctrl-C, which reaches every process of the terminal at once, it does so too', async () => {
    const inTerminal = await start();
    const gone = once(inTerminal.process, 'exit');
    process.kill(-(inTerminal.process.pid ?? 0), 'SIGINT');
    await gone;
    expect(inTerminal.process.exitCode).toBe(0);
    expect(inTerminal.said()).not.toMatch(/error/i);
    expect(existsSync(join(cluster(), 'postmaster.pid'))).toBe(false);
  });

  test('commands bring the cluster up for themselves and leave it down', async () => {
    const { code, err } = await run('npm', 'run', '--silent', 'export', '--', 'no such home');
    expect([code, err]).toEqual([2, expect.stringContaining('3 Weir Lane')]);
    expect(existsSync(join(cluster(), 'postmaster.pid'))).toBe(false);
  });

  test('after kill -9 of everything, the next start heals what was left and the data are there', async () => {
    const first = await start();
    expect(first.said()).not.toContain('Building');
    process.kill(postmasterPid(cluster()), 'SIGKILL');
    await end(first, 'SIGKILL');
    // Its server notices that nobody minds it any more, and lets go of the port.
    await expect
      .poll(
        () =>
          fetch(`http://127.0.0.1:${home.port}/`).then(
            () => 'answers',
            () => 'gone',
          ),
        { timeout: 20_000 },
      )
      .toBe('gone');
    const second = await start();
    const { err } = await run('npm', 'run', '--silent', 'export', '--', 'no such home');
    expect(err.match(/14 Juniper Bend/g)).toHaveLength(2);
    expect(await end(second, 'SIGTERM')).toBe(0);
  });

  test('--fresh erases only when it is told to, and then starts over with the demo', async () => {
    const refused = await run('bash', 'scripts/start.sh', '--fresh');
    expect([refused.code, refused.err]).toEqual([1, expect.stringContaining('add --yes')]);
    const fresh = await start('--fresh', '--yes');
    const { err } = await run('npm', 'run', '--silent', 'export', '--', 'no such home');
    expect(err.match(/14 Juniper Bend/g)).toHaveLength(1);
    expect(await end(fresh, 'SIGTERM')).toBe(0);
  });
});
