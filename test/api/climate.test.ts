import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { ClimateView, StandingBody } from '../../src/contract/schemas.ts';
import type { Practice } from '../../src/core/practice/practice.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';
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

let api: Api;
let agent: Agent;
let homeId: string;
beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
});
afterAll(() => api.close());

const FREEZE: Rule = { kind: 'season', anchor: 'lastFreeze', offsetDays: 0, risk: 10 };
const setClimate = (climate: unknown) => agent.put(`/api/homes/${homeId}/climate`).send({ climate });
const climate = async (): Promise<ClimateView> =>
  (await agent.get(`/api/homes/${homeId}/climate`).expect(200)).body as ClimateView;

describe('the climate of a home', () => {
  beforeAll(async () => {
    homeId = await newHome(agent);
  });

  test('without a station nothing is known, a season’s date is not made up, and the line says what is missing', async () => {
    const { duty } = await newDuty(agent, homeId, FREEZE);
    const row = await rowOf(agent, homeId, duty);
    expect(row.occurrence).toBeNull();
    expect(row.sleep).toMatchObject({ kind: 'season' });
    expect((await climate()).figures).toBeNull();
  });

  test('set, every date that hangs on it is worked out; a date set by hand comes before it; taken back, it is gone', async () => {
    const { duty } = await newDuty(agent, homeId, FREEZE);
    await setClimate({ station: 'cold-plains' }).expect(200);
    const byStation = (await rowOf(agent, homeId, duty)).occurrence?.window.due ?? '';
    expect(byStation).toMatch(/^2027-0[45]-/);
    expect((await climate()).outlook).toHaveLength(10);
    await setClimate({ station: 'cold-plains', set: { lastFreeze: '06-01' } }).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence?.window.due).toBe('2027-06-01');
    await setClimate(null).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence).toBeNull();
  });

  test.each<[string, unknown, string]>([
    ['a station nobody knows', { station: 'moon' }, 'climate.station'],
    ['a day that is none', { set: { firstFreeze: '13-01' } }, 'climate.set.firstFreeze'],
  ])('%s is refused by name, and nothing is changed', async (_what, wrong, field) => {
    await setClimate({ station: 'marine' }).expect(200);
    const before = await climate();
    const answer = await setClimate(wrong);
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ field });
    expect(await climate()).toEqual(before);
  });
});

describe('what stands shut or open', () => {
  test('is told for each pair, and turns with what is noted', async () => {
    homeId = await newHome(agent, { climate: { station: 'cold-plains' } });
    const [asset, duty] = [uuid(), uuid()];
    const terms = { school: null, rule: FREEZE, factors: [], doer: 'self' };
    const practice = {
      from: 'home',
      title: 'Open',
      lifeSafety: false,
      pair: { state: 'outdoor-water', half: 'opens' },
    };
    await agent
      .post(`/api/homes/${homeId}/additions`)
      .send({
        batch: uuid(),
        on: '2026-11-24',
        assets: [{ id: asset, kind: 'outside-tap', name: 'Tap' }],
        duties: [{ practice, terms, units: [{ asset, duty, entry: uuid() }] }],
      })
      .expect(200);
    const standing = async () =>
      ((await agent.get(`/api/homes/${homeId}/standing`).expect(200)).body as StandingBody).lines[0];
    expect(await standing()).toMatchObject({
      asset,
      state: 'outdoor-water',
      standing: 'unknown',
      since: null,
    });
    const shut = entryOf('2026-11-20', { kind: 'shut', asset, state: 'outdoor-water' });
    await append(agent, homeId, shut).expect(200);
    expect(await standing()).toMatchObject({ standing: 'closed', since: '2026-11-20', entryId: shut.id });
    expect((await rowOf(agent, homeId, duty)).occurrence).not.toBeNull();
    await append(agent, homeId, entryOf('2026-11-24', { kind: 'done', duty })).expect(200);
    expect(await standing()).toMatchObject({ standing: 'open', since: '2026-11-24' });
    expect((await rowOf(agent, homeId, duty)).sleep).toMatchObject({ kind: 'state', standing: 'open' });
  });
});

describe('practices of one’s own', () => {
  const own = (change: { code?: string; title?: string } = {}): Practice => {
    const like = findPractice('air-filter-panel-replace');
    if (!like) throw new Error('the catalogue is empty');
    return { ...like, code: 'sweep-the-weir', ...change };
  };
  const save = (code: string, practice: unknown) =>
    agent.put(`/api/homes/${homeId}/practices/${code}`).send({ practice });
  const house = async () =>
    (await agent.get(`/api/homes/${homeId}`).expect(200)).body as {
      practices?: Practice[];
      hidden?: string[];
    };

  beforeAll(async () => {
    homeId = await newHome(agent);
  });

  test('one is kept and changed under its own code', async () => {
    await save('sweep-the-weir', own({ title: 'Sweep the weir' })).expect(200);
    await save('sweep-the-weir', own({ title: 'Sweep the little weir' })).expect(200);
    expect((await house()).practices?.map(({ title }) => title)).toEqual(['Sweep the little weir']);
  });

  test.each<[string, () => [string, unknown], number, object]>([
    ['a code that differs', () => ['other-code', own()], 422, { field: 'practice.code' }],
    [
      'a code of the catalogue',
      () => ['air-filter-panel-replace', own({ code: 'air-filter-panel-replace' })],
      409,
      { field: 'practice.code' },
    ],
    ['no title', () => ['sweep-the-weir', { ...own(), title: '' }], 400, { field: 'practice.title' }],
  ])('%s is refused by name, and what stood stands', async (_what, make, status, body) => {
    const [code, practice] = make();
    const answer = await save(code, practice);
    expect(answer.status).toBe(status);
    expect(answer.body).toMatchObject(body);
    expect((await house()).practices).toHaveLength(1);
  });

  test('any is hidden and shown again; one that is none is not found', async () => {
    const hide = (code: string, hidden: boolean) =>
      agent.put(`/api/homes/${homeId}/practices/${code}/hidden`).send({ hidden });
    await hide('air-filter-panel-replace', true).expect(200);
    await hide('sweep-the-weir', true).expect(200);
    expect((await house()).hidden?.toSorted()).toEqual(['air-filter-panel-replace', 'sweep-the-weir']);
    await hide('sweep-the-weir', false).expect(200);
    expect((await house()).hidden).toEqual(['air-filter-panel-replace']);
    await hide('no-such-thing', true).expect(404);
  });

  test('a duty of a practice nobody knows is refused by name', async () => {
    const [asset, duty] = [uuid(), uuid()];
    const answer = await agent.post(`/api/homes/${homeId}/additions`).send({
      batch: uuid(),
      on: '2026-11-24',
      assets: [{ id: asset, kind: 'other', name: 'Weir' }],
      duties: [
        {
          practice: { from: 'catalogue', code: 'no-such-thing' },
          terms: { school: null, rule: FREEZE, factors: [], doer: 'self' },
          units: [{ asset, duty, entry: uuid() }],
        },
      ],
    });
    expect(answer.status).toBe(422);
    expect((answer.body as { field: string }).field).toContain('practice.code');
  });
});
