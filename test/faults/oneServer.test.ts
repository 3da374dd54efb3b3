import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, inject, test } from 'vitest';
import { makeBackup, openBackup, restoreBackup } from '../../src/cluster/backup.ts';
import { installationWith, MIGRATIONS } from '../../src/cluster/installation.ts';
import { rolesNamedFor } from '../../src/server/db/roles.ts';
import { setUpDatabase, urlsOf, type DatabaseUrls } from '../../src/server/db/setup.ts';
import { query } from '../support/database.ts';
import { PASSWORDS } from '../support/fixed.ts';

const OTHERS = { owner: 'owner-of-another', app: 'app-of-another' };
const NAMES = ['first', 'second'].map((name) => `salt_${name}_${process.pid}`);

function adminUrl(database: string): string {
  const url = new URL(inject('adminUrl'));
  url.pathname = `/${database}`;
  return url.href;
}

const [first = '', second = ''] = NAMES;
let own: DatabaseUrls;
let other: DatabaseUrls;
beforeAll(async () => {
  own = await setUpDatabase(adminUrl(first), PASSWORDS, MIGRATIONS);
  other = await setUpDatabase(adminUrl(second), OTHERS, MIGRATIONS);
});
afterAll(async () => {
  for (const name of [...NAMES, 'salt_old']) {
    const client = new Client({ connectionString: adminUrl('postgres') });
    await client.connect();
    await client.query(`DROP DATABASE IF EXISTS "${name}" WITH (FORCE)`);
    await client.end();
  }
});

const with_ = (url: string, change: (url: URL) => void): string => {
  const changed = new URL(url);
  change(changed);
  return changed.href;
};

describe('two installations on one server', () => {
  test('have roles of their own, named by their database, and both work with their own passwords', async () => {
    expect(new URL(own.app).username).toBe(`${first}_app`);
    expect(new URL(other.app).username).toBe(`${second}_app`);
    for (const { app } of [own, other])
      expect(await query(app, 'SELECT count(*)::int AS n FROM home')).toEqual([{ n: 0 }]);
  });

  test('neither role of one comes into the database of the other', async () => {
    for (const url of [other.app, other.owner])
      await expect(
        query(
          with_(url, (one) => (one.pathname = `/${first}`)),
          'SELECT 1',
        ),
      ).rejects.toThrow(/permission denied for database/);
  });

  test('setting one up again leaves the other as it is', async () => {
    const before = await query(
      adminUrl('postgres'),
      `SELECT rolname, rolpassword FROM pg_authid WHERE rolname LIKE '${second}%' ORDER BY 1`,
    );
    await setUpDatabase(adminUrl(first), PASSWORDS, MIGRATIONS);
    expect(
      await query(
        adminUrl('postgres'),
        `SELECT rolname, rolpassword FROM pg_authid WHERE rolname LIKE '${second}%' ORDER BY 1`,
      ),
    ).toEqual(before);
    await query(other.app, 'SELECT 1');
  });

  test('with the secrets of another the set-up is refused, and no password that works is changed', async () => {
    await expect(setUpDatabase(adminUrl(first), OTHERS, MIGRATIONS)).rejects.toThrow(
      new RegExp(
        `has a role ${first}_owner already, .*name another database than "${first}" in DATABASE_URL`,
      ),
    );
    await query(own.app, 'SELECT 1');
    await query(own.owner, 'SELECT 1');
  });

  test('one is backed up and restored into a cluster of its own, with the roles it had', async () => {
    const folder = mkdtempSync('/tmp/salt-one-');
    chmodSync(folder, 0o755);
    try {
      const secrets = { superuser: 'of-the-new-one', ...PASSWORDS, session: 's'.repeat(40), demo: 'demo' };
      const checked: string[] = [];
      const check = async ({ app }: DatabaseUrls): Promise<void> => {
        await query(app, 'SELECT count(*) FROM home');
        checked.push(new URL(app).username);
      };
      const installation = installationWith(folder, secrets);
      const made = await makeBackup(installation, adminUrl(first), join(folder, 'b'), Date.now(), check);
      await restoreBackup(await openBackup(made.folder), join(folder, 'new'), check);
      expect(checked).toEqual([`${first}_app`, `${first}_app`]);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  test('a long name of a database has roles that differ from those of another long one', () => {
    const [a, b] = ['a', 'b'].map((end) => rolesNamedFor(`${'x'.repeat(62)}${end}`));
    expect(a?.owner).not.toBe(b?.owner);
    for (const name of [a?.owner, a?.app, b?.app]) expect(name?.length).toBeLessThan(64);
  });
});

describe('a database', () => {
  test('of a newer version is refused by name, and nothing is changed', async () => {
    const url = adminUrl(second);
    const { owner } = other;
    const year2099 = Date.UTC(2099, 0, 1);
    await query(
      owner,
      `INSERT INTO drizzle.__drizzle_migrations (hash, created_at) VALUES ('later', ${year2099})`,
    );
    await expect(setUpDatabase(url, OTHERS, MIGRATIONS)).rejects.toThrow(
      new RegExp(
        `The database "${second}" was made by a newer version of Salt Ledger \\(its tables are of 2099-01-01`,
      ),
    );
    await query(owner, "DELETE FROM drizzle.__drizzle_migrations WHERE hash = 'later'");
    await setUpDatabase(url, OTHERS, MIGRATIONS);
  });

  test('from before each had roles of its own keeps those it has', async () => {
    const admin = adminUrl('postgres');
    const client = new Client({ connectionString: admin });
    await client.connect();
    await client.query("CREATE ROLE salt_owner LOGIN PASSWORD 'owner-of-tests'");
    await client.query("CREATE ROLE salt_app LOGIN PASSWORD 'app-of-tests'");
    await client.query('CREATE DATABASE salt_old');
    await client.end();
    const old = new Client({ connectionString: adminUrl('salt_old') });
    await old.connect();
    await old.query('GRANT CREATE, USAGE ON SCHEMA public TO salt_owner');
    await old.query('SET ROLE salt_owner; CREATE TABLE membership (x int)');
    await old.end();
    const { app } = await urlsOf(adminUrl('salt_old'), PASSWORDS);
    expect(new URL(app).username).toBe('salt_app');
    const last = new Client({ connectionString: adminUrl('salt_old') });
    await last.connect();
    await last.query('DROP TABLE membership; DROP OWNED BY salt_owner');
    await last.end();
  });
});
