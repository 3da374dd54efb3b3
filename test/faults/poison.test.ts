import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { Rule } from '../../src/core/practice/rule.ts';
import {
  append,
  entryOf,
  newDuty,
  newHome,
  rowOf,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';
import { HOME_READS } from '../support/homeReads.ts';
import { query } from '../support/database.ts';
import { terms } from '../support/oneDuty.ts';

let api: Api;
let agent: Agent;
let homeId: string;
beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  homeId = await newHome(agent);
});
afterAll(() => api.close());

/** Every page of the home is there, and a write is still taken. */
async function isWell(duty: string): Promise<void> {
  for (const [, { path, response }] of HOME_READS) {
    const answer = await agent.get(path.replace(':homeId', homeId));
    expect([answer.status, path]).toEqual([200, path]);
    expect([response.safeParse(answer.body).error?.issues ?? [], path]).toEqual([[], path]);
  }
  await append(agent, homeId, entryOf('2026-11-24', { kind: 'done', duty })).expect(200);
}

describe('dates at the ends of what can be written', () => {
  test.each<[string, Rule, string]>([
    [
      'a meter that runs its limit in a thousand years',
      { kind: 'usage', meter: 'h', limit: 400_000, expectedPerDay: 1 },
      '2026-11-24',
    ],
    [
      'a meter that hardly runs',
      { kind: 'usage', meter: 'h', limit: 1e9, expectedPerDay: 1e-300 },
      '2026-11-24',
    ],
    [
      'an adoption on the first day there is',
      { kind: 'interval', every: { unit: 'years', count: 100 } },
      '1900-01-01',
    ],
    [
      'fixed days since the first day there is',
      { kind: 'dates', monthDays: ['01-01', '12-31'] },
      '1900-01-01',
    ],
    [
      'a cycle that begins in the last year there is',
      { kind: 'dates', monthDays: ['12-31'], cycle: { years: 100, baseYear: 2999 } },
      '2026-11-24',
    ],
  ])('%s: the home stays readable, and takes more', async (_what, rule, on) => {
    const { duty } = await newDuty(agent, homeId, rule, on);
    await isWell(duty);
  });

  test('made in the last year there is, and told so: the duty is never due, and says why', async () => {
    const { asset, duty } = await newDuty(agent, homeId, {
      kind: 'age',
      lifespan: { unit: 'years', count: 10 },
    });
    await append(
      agent,
      homeId,
      entryOf('2026-11-24', { kind: 'fact', asset, fact: 'made', value: '2999' }),
    ).expect(200);
    expect(await rowOf(agent, homeId, duty)).toMatchObject({ occurrence: null, sleep: { kind: 'beyond' } });
    await isWell(duty);
  });

  test('a lead time that reaches back before the first day there is', async () => {
    const [asset, duty] = [uuid(), uuid()];
    const kept = {
      practice: { from: 'home', title: 'Far', lifeSafety: false, lead: { days: 365 }, earlyDays: 365 },
      terms: { ...terms({ kind: 'interval', every: { unit: 'days', count: 1 } }), doer: 'trade' },
      units: [{ asset, duty, entry: uuid() }],
    };
    const addition = {
      batch: uuid(),
      on: '1900-01-01',
      assets: [{ id: asset, kind: 'other', name: 'X' }],
      duties: [kept],
    };
    await agent.post(`/api/homes/${homeId}/additions`).send(addition).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence).toMatchObject({
      bookBy: '1900-01-01',
      window: { earliest: '1900-01-01' },
    });
    await isWell(duty);
  });
});

describe('a row of the schedule that cannot be used', () => {
  test.each([
    ['is of an older version', 'UPDATE duty_window SET version = 1'],
    ['holds what nobody can read', `UPDATE duty_window SET reasons = '[{"kind":"nonsense"}]', sleep = '7'`],
    ['is missing', 'DELETE FROM duty_window'],
  ])('%s: it is projected anew from the ledger', async (_what, statement) => {
    const before = (await agent.get(`/api/homes/${homeId}/today`).expect(200)).body as unknown;
    await query(api.urls.admin, `${statement} WHERE home_id = '${homeId}'`);
    expect((await agent.get(`/api/homes/${homeId}/today`).expect(200)).body).toEqual(before);
    const { duty } = await newDuty(agent, homeId);
    await isWell(duty);
  });
});
