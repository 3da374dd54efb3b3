import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import supertest from 'supertest';
import type { HomeSummary, TodayBody } from '../../src/contract/schemas.ts';
import { civil, toCivilDate, toDay } from '../../src/core/calendar/civilDate.ts';
import type { DueItem } from '../../src/core/formats/dueReport.ts';
import { DEMO_HOMES } from '../../src/demo/data/homes.ts';
import { DEMO_EMAIL } from '../../src/server/demoAccount.ts';
import { startApi, TODAY, type Agent, type Api } from '../support/api.ts';
import { command } from '../support/command.ts';
import { DEMO_PASSWORD, DEMO_TEMPLATE } from '../support/fixed.ts';

/** Fifty days: ten before the day of loading, forty over the two years after it, at odd distances so that every season is met. */
const DAYS = [
  ...Array.from({ length: 10 }, (_, index) => (index - 10) * 31),
  ...Array.from({ length: 40 }, (_, index) => index * 19),
].map((days) => toCivilDate(toDay(civil(TODAY)) + days));

let api: Api;
let agent: Agent;
let homes: HomeSummary[];
const folder = mkdtempSync(join(tmpdir(), 'salt-every-'));

beforeAll(async () => {
  api = await startApi({ demoPassword: DEMO_PASSWORD }, DEMO_TEMPLATE);
  agent = supertest.agent(api.server);
  await agent.post('/api/sign-in').send({ email: DEMO_EMAIL, password: DEMO_PASSWORD }).expect(200);
  homes = (await agent.get('/api/homes').expect(200)).body as HomeSummary[];
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await api.close();
});

const homeNamed = (name: string): HomeSummary => {
  const home = homes.find((one) => one.name === name);
  if (!home) throw new Error(`no demo home is called ${name}`);
  return home;
};

describe('npm run due says what the server says', () => {
  test.each(DEMO_HOMES.map(({ home }) => home.name))('of %s, of every duty on fifty days', async (name) => {
    const { id } = homeNamed(name);
    api.setToday(TODAY);
    const file = join(folder, `${id}.json`);
    const house = (await agent.get(`/api/homes/${id}/house-file`).expect(200)).body as object;
    writeFileSync(file, JSON.stringify(house));
    const answers: TodayBody[] = [];
    for (const day of DAYS) {
      api.setToday(day);
      answers.push((await agent.get(`/api/homes/${id}/today`).expect(200)).body as TodayBody);
    }
    const days = answers.flatMap(({ on }) => ['--on', on]);
    const { out } = await command('due', file, ...days, '--format', 'json');
    const lists = JSON.parse(out) as { on: string; items: DueItem[] }[];
    expect(lists.map(({ on }) => on)).toEqual(answers.map(({ on }) => on));
    expect(new Set(lists.map(({ on }) => on)).size).toBe(50);
    lists.forEach(({ items }, index) => {
      const rows = answers[index]?.rows ?? [];
      expect(rows.length).toBeGreaterThan(20);
      const said = new Map(items.map((item) => [item.duty, item]));
      for (const { dutyId, occurrence, sleep, missed, retired } of rows)
        expect(said.get(dutyId)).toMatchObject({
          occurrence: occurrence?.key ?? null,
          due: occurrence?.window.due ?? null,
          latest: occurrence?.window.latest ?? null,
          reasons: occurrence?.reasons ?? [],
          sleep,
          missed,
          retired,
        });
    });
  });
});
