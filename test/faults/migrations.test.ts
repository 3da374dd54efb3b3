import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import supertest from 'supertest';
import { describe, expect, inject, test } from 'vitest';
import { MIGRATIONS } from '../../src/cluster/installation.ts';
import { ledgerPageSchema, type HomeSummary } from '../../src/contract/schemas.ts';
import { asPerson } from '../../src/server/db/database.ts';
import { setUpDatabase, withClient } from '../../src/server/db/setup.ts';
import { verifyLedger } from '../../src/server/services/verifyLedger.ts';
import { append, entryOf, PASSWORD, startApi } from '../support/api.ts';
import { HOME_READS } from '../support/homeReads.ts';
import { PASSWORDS } from '../support/fixed.ts';

interface Journal {
  readonly entries: readonly { readonly idx: number; readonly tag: string }[];
}
const JOURNAL = 'meta/_journal.json';
const journal = JSON.parse(readFileSync(join(MIGRATIONS, JOURNAL), 'utf8')) as Journal;
const SEED = 'test/faults/seed';
const EMAIL = 'seed1@example.org';
const OWNER = '01a21d80-8d2e-729a-aca7-567662ae2443';
const NUMBERS = journal.entries.map(({ idx, tag }) => [idx, tag] as const);

/** The migrations up to a number, as a version of that time had them. */
function migrationsUpTo(last: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'salt-migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const entries = journal.entries.filter(({ idx }) => idx <= last);
  writeFileSync(join(folder, JOURNAL), JSON.stringify({ ...journal, entries }));
  return folder;
}

/** A database as a version left it, which every version before it worked with: each put its own rows in. Answers with how many entries. */
async function grow(adminUrl: string, last: number): Promise<number> {
  let rows: { n: string }[] = [];
  for (let number = 0; number <= last; number += 1) {
    const file = join(SEED, `${String(number).padStart(4, '0')}.sql`);
    if (!existsSync(file) && number < last) continue;
    const folder = migrationsUpTo(number);
    await setUpDatabase(adminUrl, PASSWORDS, folder);
    rmSync(folder, { recursive: true });
    rows = await withClient(adminUrl, async (client) => {
      // The rows are put in as by the person they are of.
      await client.query(`SELECT set_config('salt.person', '${OWNER}', false)`);
      if (existsSync(file)) await client.query(readFileSync(file, 'utf8'));
      return (await client.query<{ n: string }>('SELECT count(*) AS n FROM entry')).rows;
    });
  }
  return Number(rows[0]?.n);
}

describe('a database of an earlier version', () => {
  test.each(NUMBERS)(
    'as migration %i (%s) left it opens: every row carried over, every page readable, its chain whole, and it takes more',
    async (number) => {
      const name = `salt_version_${number}_${process.pid}`;
      const admin = new URL(inject('adminUrl'));
      admin.pathname = `/${name}`;
      const entries = await grow(admin.href, number);
      expect(entries).toBeGreaterThan(12);
      await setUpDatabase(admin.href, PASSWORDS, MIGRATIONS);

      const api = await startApi({}, name);
      try {
        const agent = supertest.agent(api.server);
        const me = await agent.post('/api/sign-in').send({ email: EMAIL, password: PASSWORD }).expect(200);
        const [home] = (await agent.get('/api/homes').expect(200)).body as HomeSummary[];
        const homeId = home?.id ?? '';
        for (const [, { path, response }] of HOME_READS) {
          const answer = await agent.get(path.replace(':homeId', homeId));
          expect([answer.status, path]).toEqual([200, path]);
          expect([response.safeParse(answer.body).error?.issues ?? [], path]).toEqual([[], path]);
        }
        const { personId } = me.body as { personId: string };
        const verified = () => asPerson(api.db, personId, (tx) => verifyLedger(tx, homeId));
        expect(await verified()).toEqual({ entries, broken: null });
        const house = (await agent.get(`/api/homes/${homeId}`).expect(200)).body as {
          duties: { id: string }[];
        };
        expect(house.duties).toHaveLength(3);
        const [duty] = house.duties;
        await append(agent, homeId, entryOf('2026-11-24', { kind: 'done', duty: duty?.id ?? '' })).expect(
          200,
        );
        expect(await verified()).toEqual({ entries: entries + 1, broken: null });
        const page = await agent.get(`/api/homes/${homeId}/entries?limit=1000`).expect(200);
        expect(ledgerPageSchema.parse(page.body).lines.some(({ body }) => body.kind === 'adopted')).toBe(
          true,
        );
      } finally {
        await api.close();
      }
    },
  );

  test('every version that keeps something new has rows of it in the seed', () => {
    const adds = journal.entries.filter(({ tag }) =>
      /CREATE TABLE/.test(readFileSync(join(MIGRATIONS, `${tag}.sql`), 'utf8')),
    );
    for (const { idx } of adds)
      expect([idx, existsSync(join(SEED, `${String(idx).padStart(4, '0')}.sql`))]).toEqual([idx, true]);
  });
});
