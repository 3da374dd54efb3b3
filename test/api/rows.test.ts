import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { append, entryOf, newDuty, newHome, someone, startApi, type Api } from '../support/api.ts';
import { query } from '../support/database.ts';

let api: Api;
let mine: { homeId: string; personId: string };

beforeAll(async () => {
  api = await startApi();
  const homes = await Promise.all(
    ['First', 'Second'].map(async (name) => {
      const { agent, me } = await someone(api, name);
      const homeId = await newHome(agent, { name });
      const { duty } = await newDuty(agent, homeId);
      await append(agent, homeId, entryOf('2026-11-24', { kind: 'done', duty })).expect(200);
      return { homeId, personId: me.personId };
    }),
  );
  const [first] = homes;
  if (!first) throw new Error('no home was made');
  mine = first;
});
afterAll(() => api.close());

const HOME_TABLES = [
  'home',
  'home_person',
  'home_practice',
  'membership',
  'space',
  'asset',
  'asset_serves',
  'duty',
  'entry',
  'duty_window',
  'home_checkpoint',
  'accepted_plan',
  'photo',
  'walk',
  'run',
  'document',
  'invitation',
  'home_act',
];

describe('rows of a home', () => {
  test('every table with a home is on the list below', async () => {
    const rows = await query(
      api.urls.admin,
      `SELECT c.relname AS name, c.relrowsecurity AND c.relforcerowsecurity AS forced FROM pg_class c
        JOIN pg_attribute a ON a.attrelid = c.oid AND a.attname = 'home_id' WHERE c.relkind = 'r'`,
    );
    expect(rows.map(({ name }) => name).sort()).toEqual([...HOME_TABLES, 'erasure'].sort());
    expect(rows.every(({ forced }) => forced)).toBe(true);
  });

  test.each(HOME_TABLES)('%s shows only one’s own, though nothing is said about which', async (table) => {
    const rows = await query(api.urls.app, `SELECT home_id FROM ${table}`, mine.personId);
    expect(new Set(rows.map((row) => row['home_id']))).toEqual(new Set(rows.length > 0 ? [mine.homeId] : []));
    const all = await query(api.urls.admin, `SELECT count(*)::int AS n FROM ${table}`);
    expect(Number(all[0]?.['n'])).toBe(rows.length * 2);
    expect(await query(api.urls.app, `SELECT home_id FROM ${table}`)).toEqual([]);
  });

  test('nobody writes into another’s home, whatever the program asks for', async () => {
    const [other] = await query(api.urls.admin, `SELECT home_id FROM home WHERE home_id <> '${mine.homeId}'`);
    const insert = `INSERT INTO space (home_id, id, name) VALUES ('${String(other?.['home_id'])}', gen_random_uuid(), 'Mine now')`;
    await expect(query(api.urls.app, insert, mine.personId)).rejects.toThrow(/row-level security/);
  });

  test('the app role is no superuser, bypasses nothing and owns nothing', async () => {
    const [role] = await query(
      api.urls.admin,
      "SELECT rolsuper, rolbypassrls FROM pg_roles WHERE rolname = 'salt_template_app'",
    );
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false });
    const owned = await query(
      api.urls.admin,
      "SELECT relname FROM pg_class WHERE pg_get_userbyid(relowner) = 'salt_template_app'",
    );
    expect(owned).toEqual([]);
  });
});

describe('the ledger is append-only', () => {
  const attempts = ["UPDATE entry SET body = '{}'", 'DELETE FROM entry', 'TRUNCATE entry CASCADE'];

  test.each(attempts)('the app role may not: %s', async (statement) => {
    await expect(query(api.urls.app, statement, mine.personId)).rejects.toThrow(/permission denied/);
  });

  test.each(attempts)('the trigger refuses whoever may: %s', async (statement) => {
    await expect(query(api.urls.owner, statement)).rejects.toThrow(/append-only/);
    await expect(query(api.urls.admin, statement)).rejects.toThrow(/append-only/);
  });

  test('an entry that does not continue the chain is refused', async () => {
    const statement = `INSERT INTO entry SELECT home_id, gen_random_uuid(), seq + 5, date, stamped_at, by_person, batch, kind, body_version, body,
      duty_id, target_id, sent_hash, prev_hash, hash FROM entry LIMIT 1`;
    await expect(query(api.urls.app, statement, mine.personId)).rejects.toThrow(/continue the chain/);
  });
});
