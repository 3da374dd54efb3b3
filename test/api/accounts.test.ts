import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import supertest from 'supertest';
import { v7 as uuid } from 'uuid';
import { signUp } from '../../src/server/services/accounts.ts';
import { DEMO_EMAIL } from '../../src/server/demoAccount.ts';
import { confirm, newDuty, newHome, PASSWORD, someone, startApi, type Api } from '../support/api.ts';
import { query } from '../support/database.ts';

let api: Api;
beforeAll(async () => {
  api = await startApi({ demoPassword: PASSWORD });
  await signUp(api.db, { name: 'Demo', email: DEMO_EMAIL, password: PASSWORD }, { demo: true });
});
afterAll(() => api.close());

const signIn = (email: string, password = PASSWORD, server = api.server) =>
  supertest(server).post('/api/sign-in').send({ email, password });

describe('accounts', () => {
  test('sign up, out and in again', async () => {
    const { agent, email, me } = await someone(api, 'Wren');
    expect((await agent.get('/api/me').expect(200)).body).toEqual(me);
    await agent.post('/api/sign-out').send({}).expect(200);
    await agent.get('/api/me').expect(401);
    await agent.post('/api/sign-in').send({ email: email.toUpperCase(), password: PASSWORD }).expect(200);
    await agent.get('/api/me').expect(200);
  });

  test('an address is taken once, however it is written', async () => {
    const { email } = await someone(api, 'Once');
    const answer = await supertest(api.server)
      .post('/api/sign-up')
      .send({ name: 'Two', email: ` ${email.toUpperCase()} `, password: PASSWORD });
    expect([answer.status, answer.body.code, answer.body.field]).toEqual([409, 'email-taken', 'email']);
  });

  test('a wrong password and an unknown address get the same answer', async () => {
    const { email } = await someone(api, 'Known');
    const [wrong, unknown] = [await signIn(email, 'not the password'), await signIn('nobody@example.org')];
    expect([wrong.status, wrong.body.code, wrong.body.field]).toEqual([401, 'wrong-credentials', 'password']);
    expect({ ...unknown.body, logId: '' }).toEqual({ ...wrong.body, logId: '' });
  });

  test('passwords are kept by a memory-hard function only', async () => {
    const rows = await query(api.urls.admin, 'SELECT password_hash FROM account');
    expect(rows.length).toBeGreaterThan(0);
    for (const row of rows) expect(row['password_hash']).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
  });

  test('the thirty-first wrong try in an hour for one account is told to wait, a browser that is known is not', async () => {
    const { agent, email } = await someone(api, 'Guessed');
    const codes: string[] = [];
    for (let i = 0; i < 31; i += 1) codes.push((await signIn(email, 'wrong')).body.code as string);
    expect(codes.slice(0, 30)).toEqual(Array(30).fill('wrong-credentials'));
    expect(codes[30]).toBe('too-many-attempts');
    expect((await signIn(email)).status).toBe(429);
    // Its owner, in the browser they signed in with before, comes in all the same.
    await agent.post('/api/sign-out').send({}).expect(200);
    await agent.post('/api/sign-in').send({ email, password: PASSWORD }).expect(200);
  });

  test('a known browser has tries of its own, and they end too', async () => {
    const { agent, email } = await someone(api, 'Known');
    const codes: number[] = [];
    for (let i = 0; i < 31; i += 1)
      codes.push((await agent.post('/api/sign-in').send({ email, password: 'wrong' })).status);
    expect(codes.at(-2)).toBe(401);
    expect(codes.at(-1)).toBe(429);
    await signIn(email).expect(200);
  });

  test('sign-ins that succeed are counted by address too', async () => {
    const own = await startApi();
    const { email } = await someone(own, 'Often');
    const all = (): Promise<unknown> =>
      query(own.urls.admin, "UPDATE attempt SET count = 199 WHERE key LIKE 'success:%'");
    await all();
    await signIn(email, PASSWORD, own.server).expect(200);
    const refused = await signIn(email, PASSWORD, own.server);
    expect([refused.status, refused.body.code]).toEqual([429, 'too-many-attempts']);
    await own.close();
  });

  test('the sign of a known browser is good for the address it was given for, and cannot be made up', async () => {
    const { email } = await someone(api, 'Signed');
    const other = await someone(api, 'Other');
    for (let i = 0; i < 30; i += 1) await signIn(email, 'wrong').expect(401);
    await other.agent.post('/api/sign-in').send({ email, password: PASSWORD }).expect(429);
    const made = `${Date.now()}.${'a'.repeat(22)}.${'b'.repeat(43)}`;
    await signIn(email).set('cookie', `salt-ledger-known=${made}`).expect(429);
  });

  test('the cookie is out of reach of scripts and of other sites, and changes with every sign-in', async () => {
    const { email } = await someone(api, 'Cookie');
    const cookieOf = (answer: supertest.Response) => String(answer.headers['set-cookie']);
    const [first, second] = [cookieOf(await signIn(email)), cookieOf(await signIn(email))];
    expect(first).toMatch(/HttpOnly/);
    expect(first).toMatch(/SameSite=Strict/);
    expect(first.split(';')[0]).not.toBe(second.split(';')[0]);
  });
});

describe('other sites', () => {
  test.each([
    ['sec-fetch-site', 'cross-site'],
    ['sec-fetch-site', 'same-site'],
    ['origin', 'https://elsewhere.example'],
  ])('a write with %s %s is refused', async (header, value) => {
    const { agent } = await someone(api, 'Cross');
    const answer = await agent.post('/api/homes').set(header, value).send({});
    expect([answer.status, answer.body.code]).toEqual([403, 'cross-site']);
  });

  test('answers keep the page to its own scripts and out of frames', async () => {
    const { headers } = await supertest(api.server).get('/api/installation');
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['content-security-policy']).not.toContain('unsafe');
    expect(headers).toMatchObject({ 'x-content-type-options': 'nosniff', 'cache-control': 'no-store' });
    expect(headers).not.toHaveProperty('x-powered-by');
  });
});

describe('the demo account', () => {
  test('is offered and works on the machine itself', async () => {
    expect((await supertest(api.server).get('/api/installation')).body.demo).toEqual({
      email: DEMO_EMAIL,
      password: PASSWORD,
    });
    await signIn(DEMO_EMAIL).expect(200);
  });

  test.each([
    ['x-forwarded-for', '203.0.113.5'],
    ['host', 'house.example'],
  ])('is neither offered nor let in with %s %s', async (header, value) => {
    const offered = await supertest(api.server).get('/api/installation').set(header, value);
    expect(offered.body.demo).toBeNull();
    const answer = await signIn(DEMO_EMAIL).set(header, value);
    expect([answer.status, answer.body.code]).toEqual([403, 'demo-off-loopback']);
  });

  test('a demo session carried elsewhere is nobody’s', async () => {
    const agent = supertest.agent(api.server);
    await agent.post('/api/sign-in').send({ email: DEMO_EMAIL, password: PASSWORD }).expect(200);
    expect((await agent.get('/api/homes').set('x-forwarded-for', '203.0.113.5')).body.code).toBe(
      'demo-off-loopback',
    );
  });
});

describe('behind a proxy with HTTPS', () => {
  test('the cookie is for HTTPS only, browsers are told to stay there, and the demo is not offered', async () => {
    const open = await startApi({
      publicUrl: new URL('https://house.example'),
      trustedProxies: ['loopback'],
      demoPassword: PASSWORD,
    });
    const ask = supertest(open.server)
      .post('/api/sign-up')
      .set('x-forwarded-proto', 'https')
      .set('origin', 'https://house.example');
    const answer = await ask.send({ name: 'Far', email: 'far@example.org', password: PASSWORD }).expect(200);
    const cookies = answer.headers['set-cookie'] as unknown as string[];
    expect(cookies).toHaveLength(2);
    // The beginning of the name binds a cookie to this very address: HTTPS, the whole site, no domain.
    for (const cookie of cookies) {
      expect(cookie).toMatch(/^__Host-salt-ledger/);
      expect(cookie).toMatch(/; Secure/);
      expect(cookie).toMatch(/; Path=\/(;|$)/);
      expect(cookie).not.toMatch(/domain/i);
    }
    expect(answer.headers['strict-transport-security']).toContain('max-age=');
    const offered = await supertest(open.server).get('/api/installation').set('x-forwarded-proto', 'https');
    expect(offered.body.demo).toBeNull();
    await open.close();
  });

  test('a request that did not come by HTTPS is told so, on the page as in an answer; who watches is let in', async () => {
    const open = await startApi({
      publicUrl: new URL('https://house.example'),
      trustedProxies: ['loopback'],
    });
    const asked = await supertest(open.server)
      .post('/api/sign-in')
      .send({ email: 'a@b.example', password: 'x' });
    expect([asked.status, asked.body.code, asked.body.problem.expected]).toEqual([
      403,
      'https-needed',
      'https://house.example',
    ]);
    const page = await supertest(open.server).get('/');
    expect([page.status, page.text]).toEqual([403, expect.stringContaining('https://house.example')]);
    await supertest(open.server).get('/api/health').expect(200);
    await open.close();
  });

  test('whom a request comes from is taken from a named proxy alone', async () => {
    const near = await startApi({ trustedProxies: ['203.0.113.9'] });
    const codes: number[] = [];
    // Each says it comes from somewhere else; all come from here.
    for (let i = 0; i < 401; i += 1)
      codes.push(
        (
          await supertest(near.server)
            .post('/api/sign-in')
            .set('x-forwarded-for', `198.51.100.${i % 250}`)
            .send({ email: `nobody${i}@example.org`, password: 5 })
        ).status,
      );
    expect(new Set(codes.slice(0, 400))).toEqual(new Set([400]));
    expect(codes.at(-1)).toBe(429);
    await near.close();
  });
});

describe('homes', () => {
  test('made twice is made once; another home under the same id is a conflict', async () => {
    const { agent } = await someone(api, 'Maker');
    const id = await newHome(agent);
    const home = {
      id,
      name: 'Mill Road',
      zone: 'America/Chicago',
      hemisphere: 'north',
      units: 'us',
      vocabulary: 'en-US',
      currency: 'USD',
    };
    await agent.post('/api/homes').send(home).expect(200);
    expect((await agent.get('/api/homes')).body).toHaveLength(1);
    const other = await agent.post('/api/homes').send({ ...home, name: 'Another' });
    expect([other.status, other.body.code]).toEqual([409, 'id-taken']);
    const { agent: thief } = await someone(api, 'Thief');
    expect((await thief.post('/api/homes').send(home)).status).toBe(409);
  });

  test.each([
    ['zone', 'Mars/Olympus', 'zone'],
    ['currency', 'usd', 'currency'],
    ['hemisphere', 'east', 'option'],
    ['name', '  ', 'too-short'],
  ])('a home with %s %j is refused by name', async (field, value, kind) => {
    const { agent } = await someone(api, 'Wrong');
    const home = {
      id: uuid(),
      name: 'Mill',
      zone: 'Asia/Tokyo',
      hemisphere: 'north',
      units: 'us',
      vocabulary: 'en-US',
      currency: 'USD',
    };
    const answer = await agent.post('/api/homes').send({ ...home, [field]: value });
    expect([answer.status, answer.body.field, answer.body.problem.kind]).toEqual([400, field, kind]);
  });

  test('erasing asks for the name, deletes everything and leaves a line that it was done', async () => {
    const { agent, me } = await someone(api, 'Eraser');
    const id = await newHome(agent, { name: 'To go' });
    await newDuty(agent, id);
    const early = await agent.delete(`/api/homes/${id}`).send({ name: 'To go' });
    expect([early.status, early.body.code]).toEqual([403, 'password-needed']);
    await confirm(agent);
    expect((await agent.delete(`/api/homes/${id}`).send({ name: 'to go' })).body.code).toBe('name-differs');
    await agent.delete(`/api/homes/${id}`).send({ name: 'To go' }).expect(200);
    await agent.get(`/api/homes/${id}`).expect(404);
    expect(
      await query(api.urls.admin, `SELECT count(*)::int AS n FROM entry WHERE home_id = '${id}'`),
    ).toEqual([{ n: 0 }]);
    const [line] = await query(
      api.urls.admin,
      `SELECT by_person, entries FROM erasure WHERE home_id = '${id}'`,
    );
    expect(line).toEqual({ by_person: me.personId, entries: 1 });
  });
});

describe('errors', () => {
  test('what the database says never reaches a client', async () => {
    const broken = await startApi();
    const { agent } = await someone(broken, 'Unlucky');
    await query(broken.urls.admin, 'ALTER TABLE membership RENAME TO gone');
    const answer = await agent.get('/api/homes');
    expect(answer.status).toBe(500);
    expect(Object.keys(answer.body as object).sort()).toEqual(['code', 'logId']);
    expect(JSON.stringify(answer.body)).not.toMatch(/relation|gone|SELECT/i);
    await broken.close();
  });
});
