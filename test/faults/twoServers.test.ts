import { createServer, request, type Server } from 'node:http';
import { once } from 'node:events';
import supertest from 'supertest';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { append, entryOf, newDuty, newHome, PASSWORD, TODAY, type Agent } from '../support/api.ts';
import { freshDatabase } from '../support/database.ts';
import { startServer, type RunningServer } from '../support/running.ts';

let servers: RunningServer[];
let proxy: Server;
let turns: number[] = [];

/** A proxy with HTTPS before it, as far as a server can tell: it asks the servers in turn, and the next where one is gone. */
function startProxy(): Server {
  let turn = 0;
  return createServer((asked, answer) => {
    const chunks: Buffer[] = [];
    asked.on('data', (chunk: Buffer) => chunks.push(chunk));
    asked.on('end', () => {
      const tryAt = (left: number): void => {
        const at = turn % servers.length;
        turn += 1;
        const passed = request(
          {
            port: servers[at]?.port,
            host: '127.0.0.1',
            method: asked.method,
            path: asked.url,
            headers: { ...asked.headers, 'x-forwarded-proto': 'https', 'x-forwarded-for': '198.51.100.7' },
          },
          (got) => {
            turns.push(at);
            answer.writeHead(got.statusCode ?? 502, got.headers);
            got.pipe(answer);
          },
        );
        passed.once('error', () => {
          if (left > 0) tryAt(left - 1);
          else answer.writeHead(502).end();
        });
        passed.end(Buffer.concat(chunks));
      };
      tryAt(servers.length - 1);
    });
  });
}

beforeAll(async () => {
  const { app } = await freshDatabase();
  const behind = { PUBLIC_URL: 'https://house.example', TRUSTED_PROXY: '127.0.0.1' };
  servers = await Promise.all([
    startServer(app, 0, undefined, behind),
    startServer(app, 0, undefined, behind),
  ]);
  proxy = startProxy().listen(0, '127.0.0.1');
  await once(proxy, 'listening');
});
afterAll(async () => {
  proxy.close();
  await Promise.all(servers.map((one) => one.kill()));
});

/** A browser's own cookies are kept for HTTPS alone: they are carried by hand over what only the proxy calls so. */
async function newcomer(name: string): Promise<{ agent: Agent; email: string }> {
  const email = `${name}@example.org`;
  const answer = await supertest(proxy)
    .post('/api/sign-up')
    .send({ name, email, password: PASSWORD })
    .expect(200);
  const cookies = (answer.headers['set-cookie'] as unknown as string[]).map((one) => one.split(';')[0]);
  const agent = supertest.agent(proxy).set('cookie', cookies.join('; ')) as unknown as Agent;
  return { agent, email };
}

describe('two server processes behind one proxy', () => {
  test('are one installation: a session, a home and its record are the same at both', async () => {
    const { agent } = await newcomer('rowan');
    const homeId = await newHome(agent);
    turns = [];
    const entries = Array.from({ length: 6 }, () => entryOf('2026-11-22', { kind: 'note', text: uuid() }));
    const answers = await Promise.all(entries.map((entry) => append(agent, homeId, entry)));
    expect(answers.map(({ status }) => status)).toEqual(Array(6).fill(200));
    expect(new Set(turns)).toEqual(new Set([0, 1]));
    for (const _ of servers) {
      const page = await agent.get(`/api/homes/${homeId}/entries?limit=50`).expect(200);
      const ids = (page.body as { lines: { entry: { id: string } }[] }).lines.map(({ entry }) => entry.id);
      expect(ids).toEqual(expect.arrayContaining(entries.map(({ id }) => id)));
    }
  });

  test('signed out at one is signed out at the other; wrong passwords are counted together', async () => {
    const { agent, email } = await newcomer('wren');
    await agent.post('/api/sign-out').send({}).expect(200);
    for (const _ of servers) await agent.get('/api/me').expect(401);
    turns = [];
    const codes: number[] = [];
    for (let tries = 0; tries < 31; tries += 1)
      codes.push((await supertest(proxy).post('/api/sign-in').send({ email, password: 'wrong' })).status);
    expect(codes.filter((code) => code === 401)).toHaveLength(30);
    expect(codes.at(-1)).toBe(429);
    expect(new Set(turns)).toEqual(new Set([0, 1]));
  });

  test('go on when one is gone', async () => {
    const { agent } = await newcomer('hazel');
    const homeId = await newHome(agent);
    await servers[0]?.kill();
    for (let times = 0; times < 4; times += 1) await agent.get(`/api/homes/${homeId}/today`).expect(200);
    const { duty } = await newDuty(agent, homeId, undefined, TODAY);
    await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty })).expect(200);
  });
});
