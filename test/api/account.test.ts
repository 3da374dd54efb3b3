import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import supertest from 'supertest';
import type { SignedInBrowser } from '../../src/contract/accounts.ts';
import { DEMO_EMAIL } from '../../src/server/demoAccount.ts';
import { signUp } from '../../src/server/services/accounts.ts';
import {
  confirm,
  letIn,
  newHome,
  PASSWORD,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';
import { query } from '../support/database.ts';

let api: Api;
beforeAll(async () => {
  api = await startApi();
});
afterAll(() => api.close());

const OTHER = 'an entirely other word';
const change = (agent: Agent, password: string, newPassword: string) =>
  agent.post('/api/me/password').send({ password, newPassword });
const browsersOf = async (agent: Agent): Promise<SignedInBrowser[]> =>
  (await agent.get('/api/me/browsers').expect(200)).body as SignedInBrowser[];

/** The same account in one more browser. */
async function elsewhere(email: string, password = PASSWORD, agentName = 'Other/1.0'): Promise<Agent> {
  const agent = supertest.agent(api.server);
  await agent.post('/api/sign-in').set('user-agent', agentName).send({ email, password }).expect(200);
  return agent;
}

describe('passwords', () => {
  test.each([
    ['1234567890', 'topHundred'],
    ['qwertyuiop', 'topHundred'],
    ['password12', 'common'],
    ['aaaaaaaaaaaa', 'simpleRepeat'],
    ['abcdefghijkl', 'sequences'],
    ['hazel@example.org', 'userInputs'],
    ['Hazel20012001', 'extendedRepeat'],
  ])('%s is refused, and why', async (password, expected) => {
    const answer = await supertest(api.server)
      .post('/api/sign-up')
      .send({ name: 'Hazel', email: 'hazel@example.org', password });
    expect([answer.status, answer.body.code, answer.body.field]).toEqual([422, 'password-weak', 'password']);
    expect(answer.body.problem).toEqual({ kind: 'password-weak', expected });
  });

  test('changed with the old one; every other browser is signed out, this one is not', async () => {
    const { agent, email } = await someone(api, 'Changer');
    const other = await elsewhere(email);
    expect((await change(agent, 'not the password', OTHER)).body.code).toBe('wrong-credentials');
    expect((await change(agent, PASSWORD, 'password12')).body).toMatchObject({
      code: 'password-weak',
      field: 'newPassword',
    });
    await change(agent, PASSWORD, OTHER).expect(200);
    await agent.get('/api/me').expect(200);
    await other.get('/api/me').expect(401);
    await elsewhere(email, OTHER);
    await supertest(api.server).post('/api/sign-in').send({ email, password: PASSWORD }).expect(401);
  });

  test('wrong ones of somebody signed in are counted too', async () => {
    const { agent } = await someone(api, 'Guesser');
    const codes: number[] = [];
    for (let i = 0; i < 31; i += 1)
      codes.push((await agent.post('/api/me/confirmation').send({ password: 'wrong' })).status);
    expect(codes.slice(0, 30)).toEqual(Array(30).fill(401));
    expect(codes[30]).toBe(429);
  });
});

describe('signed-in browsers', () => {
  test('are listed with what they call themselves, and each can be ended', async () => {
    const { agent, email } = await someone(api, 'Lister');
    const other = await elsewhere(email, PASSWORD, 'Kitchen tablet');
    const stranger = await someone(api, 'Stranger');
    const listed = await browsersOf(agent);
    expect(listed).toHaveLength(2);
    expect(listed.filter(({ here }) => here)).toHaveLength(1);
    const tablet = listed.find(({ agent: name }) => name === 'Kitchen tablet');
    await stranger.agent.delete(`/api/me/browsers/${tablet?.id}`).expect(404);
    await agent.delete(`/api/me/browsers/${tablet?.id}`).expect(200);
    await other.get('/api/me').expect(401);
    expect(await browsersOf(agent)).toHaveLength(1);
  });

  test('all others are ended at once', async () => {
    const { agent, email } = await someone(api, 'Ender');
    const others = [await elsewhere(email), await elsewhere(email)];
    await agent.delete('/api/me/browsers').expect(200);
    for (const other of others) await other.get('/api/me').expect(401);
    await agent.get('/api/me').expect(200);
  });

  test('one that was not seen for fourteen days is signed out, one that was yesterday is not', async () => {
    const { agent, me } = await someone(api, 'Idle');
    const seen = (days: number): Promise<unknown> =>
      query(
        api.urls.admin,
        `UPDATE session SET sess = jsonb_set(sess::jsonb, '{seenAt}', to_jsonb(${Date.now() - days * 86_400_000}))::json
         WHERE sess ->> 'personId' = '${me.personId}'`,
      );
    await seen(13);
    await agent.get('/api/me').expect(200);
    const [row] = await browsersOf(agent);
    expect(Date.now() - Date.parse(row?.seenAt ?? '')).toBeLessThan(60_000);
    await seen(15);
    await agent.get('/api/me').expect(401);
  });

  test('one from before this was noted counts from now on', async () => {
    const { agent, me } = await someone(api, 'Old');
    await query(
      api.urls.admin,
      `UPDATE session SET sess = (sess::jsonb - 'seenAt' - 'handle' - 'since' - 'agent')::json WHERE sess ->> 'personId' = '${me.personId}'`,
    );
    await agent.get('/api/me').expect(200);
    expect(await browsersOf(agent)).toHaveLength(1);
  });
});

describe('an account', () => {
  test('is exported whole, but for the hash of its password', async () => {
    const { agent, email, me } = await someone(api, 'Carrier');
    const homeId = await newHome(agent, { name: 'Carried' });
    const { body } = await agent.get('/api/me/export').expect(200);
    expect(body).toMatchObject({
      format: 'salt-ledger-account',
      account: { personId: me.personId, email },
      homes: [{ id: homeId, name: 'Carried', role: 'owner' }],
    });
    expect((body as { signIns: unknown[] }).signIns).toHaveLength(1);
    expect(JSON.stringify(body)).not.toContain('argon2');
  });

  test('is deleted only once no home would be left without an owner, and after the password', async () => {
    const { agent, email, me } = await someone(api, 'Goer');
    const heir = await someone(api, 'Heir');
    const homeId = await newHome(agent, { name: 'Handed on' });
    expect((await agent.delete('/api/me')).body.code).toBe('password-needed');
    await confirm(agent);
    const refused = await agent.delete('/api/me');
    expect([refused.status, refused.body.code, refused.body.problem.names]).toEqual([
      409,
      'only-owner',
      ['Handed on'],
    ]);
    await agent.get('/api/me').expect(200);
    await letIn(agent, homeId, heir, 'owner');
    const other = await elsewhere(email);
    await confirm(agent);
    await agent.delete('/api/me').expect(200);
    await agent.get('/api/me').expect(401);
    await other.get('/api/me').expect(401);
    await supertest(api.server).post('/api/sign-in').send({ email, password: PASSWORD }).expect(401);
    for (const table of ['account', 'membership', 'sign_in'])
      expect(
        await query(api.urls.admin, `SELECT 1 FROM ${table} WHERE person_id = '${me.personId}'`),
      ).toEqual([]);
    // The record keeps whom it speaks of.
    const house = await heir.agent.get(`/api/homes/${homeId}`).expect(200);
    expect((house.body as { people: { id: string }[] }).people.map(({ id }) => id)).toContain(me.personId);
  });

  test('of the demo stays as it is', async () => {
    const demo = await startApi({ demoPassword: PASSWORD });
    await signUp(demo.db, { name: 'Demo', email: DEMO_EMAIL, password: PASSWORD }, { demo: true });
    const agent = supertest.agent(demo.server);
    await agent.post('/api/sign-in').send({ email: DEMO_EMAIL, password: PASSWORD }).expect(200);
    expect((await change(agent, PASSWORD, OTHER)).body.code).toBe('demo-account');
    await confirm(agent);
    expect((await agent.delete('/api/me')).body.code).toBe('demo-account');
    await demo.close();
  });
});

describe('an installation', () => {
  test('says that it runs, and whether it can work', async () => {
    const own = await startApi();
    await supertest(own.server).get('/api/health').expect(200, { ok: true });
    await supertest(own.server).get('/api/ready').expect(200, { ok: true });
    await query(own.urls.admin, 'ALTER TABLE home RENAME TO elsewhere');
    await supertest(own.server).get('/api/health').expect(200);
    expect((await supertest(own.server).get('/api/ready')).status).toBeGreaterThanOrEqual(500);
    await own.close();
  });

  test('asks a browser for nothing and lets it keep nothing of a home', async () => {
    const { agent } = await someone(api, 'Headers');
    const { headers } = await agent.get('/api/me');
    expect(headers['permissions-policy']).toContain('camera=()');
    expect(headers['cache-control']).toBe('no-store');
  });
});
