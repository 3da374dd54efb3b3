import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { SeriesBody, StandingBody } from '../../src/contract/schemas.ts';
import type { EntryBody } from '../../src/core/ledger/entry.ts';
import { append, entryOf, newHome, someone, startApi, TODAY, type Agent, type Api } from '../support/api.ts';
import { additionOf } from '../support/walkApi.ts';

let api: Api;
let agent: Agent;
let homeId: string;
let asset: string;

beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
});
beforeEach(async () => {
  homeId = await newHome(agent);
  asset = uuid();
  const plant = additionOf({ id: asset, kind: 'treatment-plant', name: 'Plant' }, ['aerobic-pump-out']);
  await agent.post(`/api/homes/${homeId}/additions`).send(plant).expect(200);
});
afterAll(() => api.close());

const get = async <T>(rest: string): Promise<T> =>
  (await agent.get(`/api/homes/${homeId}/${rest}`).expect(200)).body as T;
const sludge = (value: number, more: object = {}): EntryBody => ({
  kind: 'reading',
  asset,
  measure: 'sludge-depth',
  value,
  unit: 'in',
  ...more,
});

describe('what was found', () => {
  const found = (more: object = {}) =>
    entryOf('2026-11-20', {
      kind: 'finding',
      asset,
      what: 'Cracked lid',
      verdict: 'act',
      days: 7,
      place: 'Second lid',
      ...more,
    });

  test('is work with its own due date until an entry closes it', async () => {
    const lid = found();
    await append(agent, homeId, lid).expect(200);
    const { findings } = await get<StandingBody>('standing');
    expect(findings).toEqual([
      expect.objectContaining({ entryId: lid.id, verdict: 'act', due: '2026-11-27', place: 'Second lid' }),
    ]);
    const closing = entryOf(TODAY, { kind: 'findingClosed', finding: lid.id, minutes: 20, cost: 4500 });
    await append(agent, homeId, closing).expect(200);
    expect((await get<StandingBody>('standing')).findings).toEqual([]);
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: closing.id })).expect(200);
    expect((await get<StandingBody>('standing')).findings).toHaveLength(1);
  });

  test('stops stand first, then by day; what is sound, struck out or a look of a duty is no work', async () => {
    const [watch, stop] = [found({ verdict: 'watch', days: 1 }), found({ verdict: 'stop', days: 0 })];
    const gone = found();
    await append(
      agent,
      homeId,
      watch,
      stop,
      gone,
      found({ verdict: 'sound' }),
      found({ days: undefined }),
    ).expect(200);
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: gone.id })).expect(200);
    const { findings } = await get<StandingBody>('standing');
    expect(findings.map(({ entryId }) => entryId)).toEqual([stop.id, watch.id]);
  });

  test('may name the reading that led to it, in the same writing, but no reading that is not there', async () => {
    const reading = entryOf(
      TODAY,
      sludge(12.5, { judged: { reading: 'sludge-depth', verdict: 'act', days: 30 } }),
    );
    await append(agent, homeId, reading, found({ reading: reading.id })).expect(200);
    const refused = await append(agent, homeId, found({ reading: uuid() })).expect(422);
    expect(refused.body).toMatchObject({ code: 'reference-unknown', field: 'entries[0].body.reading' });
  });
});

describe('readings over time', () => {
  test('stand in the order of their days, with what they were judged then, and begin anew at a pump-out', async () => {
    const [first, second] = [entryOf('2026-09-01', sludge(11)), entryOf('2026-03-01', sludge(9))];
    await append(agent, homeId, first, second).expect(200);
    const { duties } = await get<{ duties: { id: string }[] }>('');
    await append(agent, homeId, entryOf('2026-10-01', { kind: 'done', duty: duties[0]?.id ?? '' })).expect(
      200,
    );
    const { series } = await get<SeriesBody>('series');
    expect(series).toEqual([
      {
        asset,
        measure: 'sludge-depth',
        part: null,
        points: [
          { entryId: second.id, date: '2026-03-01', value: 9, unit: 'in', verdict: null, school: null },
          { entryId: first.id, date: '2026-09-01', value: 11, unit: 'in', verdict: null, school: null },
        ],
        restarts: ['2026-10-01'],
      },
    ]);
  });

  test('what the home settled is told with its days', async () => {
    const trait = 'school.tank-solids';
    await append(agent, homeId, entryOf('2026-11-01', { kind: 'trait', trait, value: 'thickness' })).expect(
      200,
    );
    expect((await get<SeriesBody>('series')).settled).toEqual([
      { date: '2026-11-01', trait, value: 'thickness' },
    ]);
  });
});

test('marks stand as last told, by season', async () => {
  const tell = (date: string, fact: string, value: string | null) =>
    append(agent, homeId, entryOf(date, { kind: 'fact', asset, fact, value })).expect(200);
  await tell('2026-10-01', 'marks-winter', 'half open');
  await tell('2026-11-01', 'marks-winter', 'a quarter open');
  await tell('2026-11-01', 'marks', 'at 5');
  await tell('2026-11-02', 'marks', null);
  expect((await get<StandingBody>('standing')).marks).toEqual([
    { asset, fact: 'marks-winter', value: 'a quarter open', since: '2026-11-01' },
  ]);
});
