import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { asPerson } from '../../src/server/db/database.ts';
import { verifyLedger } from '../../src/server/services/verifyLedger.ts';
import {
  append,
  entryOf,
  newDuty,
  newHome,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';
import { query } from '../support/database.ts';

let api: Api;
let agent: Agent;
let personId: string;
let homeId: string;
let duty: string;
beforeAll(async () => {
  api = await startApi();
  const one = await someone(api);
  ({ agent } = one);
  ({ personId } = one.me);
  homeId = await newHome(agent);
  ({ duty } = await newDuty(agent, homeId));
  await append(
    agent,
    homeId,
    entryOf('2026-11-20', { kind: 'done', duty }),
    entryOf('2026-11-24', { kind: 'done', duty }),
  ).expect(200);
});
afterAll(() => api.close());

const asApp = (text: string, person = personId) => query(api.urls.app, text, person);
const lastLine = `(SELECT max(seq) + 1 FROM entry), (SELECT hash FROM entry ORDER BY seq DESC LIMIT 1)`;

describe('the role of the server', () => {
  test.each([
    [
      'make a temporary table to stand in for a real one',
      'CREATE TEMPORARY TABLE membership (home_id uuid, person_id uuid, role text)',
    ],
    ['make a table', 'CREATE TABLE public.mine (x int)'],
    ['make a schema', 'CREATE SCHEMA mine'],
    ['become the owner', 'SET ROLE salt_template_owner'],
    ['read a hash of a password', 'SELECT password_hash FROM account'],
    ['change a function', 'ALTER FUNCTION me() OWNER TO salt_template_app'],
    ['turn a trigger off', 'ALTER TABLE entry DISABLE TRIGGER entry_chain'],
    ['rewrite the ledger', "UPDATE entry SET body = '{}'"],
  ])('cannot %s', async (_what, statement) => {
    await expect(asApp(statement)).rejects.toThrow(/permission denied|must be (owner|able to)|append-only/);
  });

  test('every function with the owner’s rights looks only where it must, temporary tables last', async () => {
    const functions = await query(
      api.urls.admin,
      `SELECT proname, array_to_string(proconfig, ' ') AS config FROM pg_proc WHERE pronamespace = 'public'::regnamespace`,
    );
    expect(functions.length).toBeGreaterThan(7);
    for (const { proname, config } of functions)
      expect([proname, config]).toEqual([proname, 'search_path=pg_catalog, public, pg_temp']);
  });

  test('even with a temporary table there already, the owner’s functions use the real ones', async () => {
    const stranger = uuid();
    const admin = new Client({ connectionString: api.urls.admin });
    await admin.connect();
    try {
      await admin.query('CREATE TEMPORARY TABLE membership (home_id uuid, person_id uuid, role text)');
      await admin.query("INSERT INTO pg_temp.membership VALUES ($1, $2, 'owner')", [homeId, stranger]);
      await admin.query("SELECT set_config('salt.person', $1, false)", [stranger]);
      const { rows } = await admin.query(
        "SELECT my_home_ids('read') AS homes, erase_home($1) AS erased, set_role($1, me(), 'owner', gen_random_uuid(), now()) AS made",
        [homeId],
      );
      expect(rows).toEqual([{ homes: [], erased: false, made: 'not-owner' }]);
    } finally {
      await admin.end();
    }
    await agent.get(`/api/homes/${homeId}/today`).expect(200);
  });

  test('cannot connect as anybody else: nobody but the two roles may', async () => {
    const rights = await query(
      api.urls.admin,
      `SELECT has_database_privilege('public', current_database(), 'CONNECT') AS connect,
              has_database_privilege('public', current_database(), 'TEMP') AS temp,
              has_database_privilege('salt_template_app', current_database(), 'TEMP') AS app`,
    );
    expect(rights).toEqual([{ connect: false, temp: false, app: false }]);
  });

  test.each([
    ['no hash at all', "repeat('z', 64)", "repeat('a', 64)"],
    ['a hash cut short', "repeat('a', 63)", "repeat('a', 64)"],
    ['no hash of what was sent', "repeat('a', 64)", "'none'"],
  ])('cannot write a line with %s', async (_what, hash, sentHash) => {
    const statement = `INSERT INTO entry (home_id, id, date, stamped_at, by_person, kind, body, sent_hash, hash, seq, prev_hash)
      SELECT '${homeId}', '${uuid()}', '2026-11-24', now(), '${personId}', 'note', '{"kind":"note","text":"x"}', ${sentHash}, ${hash}, ${lastLine}`;
    await expect(asApp(statement)).rejects.toThrow('no SHA-256 hash');
  });
});

describe('a ledger that somebody tampered with', () => {
  const verified = () => asPerson(api.db, personId, (tx) => verifyLedger(tx, homeId));
  const tamper = (change: string): Promise<unknown> =>
    query(
      api.urls.admin,
      `ALTER TABLE entry DISABLE TRIGGER USER; UPDATE entry SET ${change} WHERE home_id = '${homeId}' AND seq = 2; ALTER TABLE entry ENABLE TRIGGER USER`,
    );

  test('is found: its hashes are worked out anew', async () => {
    expect((await verified()).broken).toBeNull();
    await tamper(`body = jsonb_set(body, '{minutes}', '999')`);
    expect((await verified()).broken).toMatchObject({ seq: 2, what: 'hash' });
    await tamper(`body = body - 'minutes'`);
    expect((await verified()).broken).toBeNull();
  });

  test('is found also where only the columns that repeat the body were changed', async () => {
    await tamper(`kind = 'note'`);
    expect((await verified()).broken).toMatchObject({ seq: 2, what: 'columns' });
    await tamper(`kind = 'done'`);
    expect((await verified()).broken).toBeNull();
  });
});
