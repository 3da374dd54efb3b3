import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import supertest from 'supertest';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { DrawFirst, FirstAnswers } from '../../src/contract/firstPage.ts';
import type { HomeSummary } from '../../src/contract/schemas.ts';
import { DEMO_EMAIL } from '../../src/server/demoAccount.ts';
import { newDuty, newHome, someone, startApi, type Agent, type Api } from '../support/api.ts';
import { DEMO_PASSWORD, DEMO_TEMPLATE } from '../support/fixed.ts';

/** A built page as the server finds one, whose drawing this test can look into. */
const folder = mkdtempSync(join(tmpdir(), 'salt-first-'));
const PLAIN = '<html lang="en"><div id="app"></div></html>';
// By its name alone: the types of the server know nothing of the browser's pages.
const DRAW_FIRST = '../../src/web/firstPage/drawFirst.ts';
const { drawFirst } = (await import(DRAW_FIRST)) as { drawFirst: DrawFirst };
const seen: FirstAnswers[] = [];
let fault: Error | null = null;
const draw: DrawFirst = (answers) => {
  seen.push(answers);
  return fault ? Promise.reject(fault) : drawFirst(answers);
};

let api: Api;
let demo: Agent;
let homes: HomeSummary[];

beforeAll(async () => {
  for (const name of ['web', 'first']) mkdirSync(join(folder, name));
  writeFileSync(join(folder, 'web', 'index.html'), PLAIN);
  writeFileSync(join(folder, 'first', 'page.html'), '<html lang="en"><div id="first">{first}</div></html>');
  writeFileSync(join(folder, 'first', 'package.json'), '{"type":"module"}');
  writeFileSync(
    join(folder, 'first', 'drawFirst.js'),
    'export const drawFirst = globalThis.drawFirstForTest;',
  );
  Object.assign(globalThis, { drawFirstForTest: draw });
  api = await startApi({ demoPassword: DEMO_PASSWORD, webFolder: join(folder, 'web') }, DEMO_TEMPLATE);
  demo = supertest.agent(api.server);
  await demo.post('/api/sign-in').send({ email: DEMO_EMAIL, password: DEMO_PASSWORD }).expect(200);
  homes = (await demo.get('/api/homes').expect(200)).body as HomeSummary[];
});
afterAll(async () => {
  await api.close();
  rmSync(folder, { recursive: true, force: true });
});

const today = async (agent: Agent, homeId: string): Promise<{ text: string; cache: string | undefined }> => {
  const answer = await agent.get(`/homes/${homeId}/today`).expect(200);
  return { text: answer.text, cache: answer.headers['cache-control'] };
};
const lines = (page: string): string[] =>
  [...page.matchAll(/data-line="([^"]+)"/g)].map(([, key = '']) => key);
/** The text of a drawn page, without its marks. */
const words = (page: string): string =>
  page
    .replaceAll(/<!--.*?-->/g, '')
    .replaceAll(/<[^>]+>/g, ' ')
    .replaceAll(/\s+/g, ' ');

describe('Today, drawn by the server', () => {
  test('is there for whoever may see the home, in its words, and kept by nobody on the way', async () => {
    for (const { id, vocabulary } of homes) {
      const { text, cache } = await today(demo, id);
      expect(cache).toBe('no-store');
      expect(text).toContain(`<html lang="${vocabulary}">`);
      expect(lines(text).length).toBeGreaterThan(0);
    }
  });

  test('holds the answers of the home’s own routes', async () => {
    const [home] = homes;
    if (!home) throw new Error('there is no demo home');
    seen.length = 0;
    await today(demo, home.id);
    const [answers] = seen;
    for (const [name, path] of Object.entries({
      house: '',
      today: '/today',
      standing: '/standing',
      known: '/known',
      climate: '/climate',
    })) {
      const { body } = await demo.get(`/api/homes/${home.id}${path}`).expect(200);
      expect(JSON.parse(JSON.stringify(answers?.[name as keyof FirstAnswers])), name).toEqual(body);
    }
    expect(answers?.listHomes.map(({ id }) => id)).toEqual(homes.map(({ id }) => id));
  });

  test('is the plain page for a stranger, for nobody, and for a home that is none', async () => {
    const [home] = homes;
    const stranger = await someone(api, 'Stranger');
    seen.length = 0;
    for (const agent of [stranger.agent, supertest.agent(api.server)])
      expect((await today(agent, home?.id ?? '')).text).toBe(PLAIN);
    for (const id of ['0190a000-0000-7000-8000-000000000001', 'none'])
      expect((await today(demo, id)).text).toBe(PLAIN);
    expect(seen).toEqual([]);
  });

  test('shows names as they are, whatever is in them', async () => {
    const { agent } = await someone(api);
    const name = '<script>alert(1)</script> $& $1 {first}';
    const id = await newHome(agent, { name });
    await newDuty(agent, id);
    const { text } = await today(agent, id);
    expect(text).not.toContain('<script>');
    expect(text).toContain('&lt;script&gt;alert(1)&lt;/script&gt; $&amp; $1 {first}');
    expect(lines(text)).toHaveLength(1);
  });

  test('of an empty home it says so', async () => {
    const { agent } = await someone(api);
    expect((await today(agent, await newHome(agent))).text).toContain('<h1');
  });

  test('drawn for several at once, each is in its own words', async () => {
    const alone = new Map<string, string>();
    for (const { id } of homes) alone.set(id, (await today(demo, id)).text);
    const many = homes.flatMap(({ id }) => [id, id, id]);
    const drawn = await Promise.all(many.map(async (id) => [id, (await today(demo, id)).text] as const));
    for (const [id, text] of drawn) expect(words(text)).toBe(words(alone.get(id) ?? ''));
  });

  test('is the plain page while sessions cannot be read', async () => {
    const admin = new pg.Client(api.urls.admin);
    await admin.connect();
    await admin.query('ALTER TABLE session RENAME TO session_away');
    expect((await today(demo, homes[0]?.id ?? '')).text).toBe(PLAIN);
    await admin.query('ALTER TABLE session_away RENAME TO session');
    await admin.end();
    expect((await today(demo, homes[0]?.id ?? '')).text).not.toBe(PLAIN);
  });

  test('is the plain page where it cannot be drawn', async () => {
    fault = new Error('no ink');
    expect((await today(demo, homes[0]?.id ?? '')).text).toBe(PLAIN);
    fault = null;
    expect((await today(demo, homes[0]?.id ?? '')).text).not.toBe(PLAIN);
  });
});
