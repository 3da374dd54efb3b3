import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { ledgerPageSchema } from '../../src/contract/schemas.ts';
import { terms } from '../support/oneDuty.ts';
import { entryOf, newDuty, newHome, someone, startApi, TODAY, type Agent, type Api } from '../support/api.ts';

let api: Api;
let agent: Agent;
let homeId: string;
let duty: string;
let asset: string;
beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  homeId = await newHome(agent);
  ({ duty, asset } = await newDuty(agent, homeId));
});
afterAll(() => api.close());

const lines = async () =>
  ledgerPageSchema.parse((await agent.get(`/api/homes/${homeId}/entries`).expect(200)).body).lines;
const kept = (on: string, task: string, entry: string) => ({
  practice: { from: 'home', title: 'Twice', lifeSafety: false },
  terms: terms({ kind: 'clockChange', on: 'both' }),
  units: [{ asset: on, duty: task, entry }],
});
const add = (addition: object) => agent.post(`/api/homes/${homeId}/additions`).send(addition);

describe('sent several times at once', () => {
  test('a round finished on six devices is written once; the others are told that it is over', async () => {
    const run = uuid();
    const none = { items: [], states: {}, gathered: [], at: null, stop: null };
    const state = { version: 1, round: null, title: 'Spring', begun: true, ...none };
    await agent.put(`/api/homes/${homeId}/runs/${run}`).send({ saw: 0, state }).expect(200);
    const finish = () =>
      agent
        .post(`/api/homes/${homeId}/finished-runs`)
        .send({ run, entries: [entryOf(TODAY, { kind: 'done', duty })] });
    const answers = await Promise.all(Array.from({ length: 6 }, finish));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    expect((await lines()).filter(({ body }) => body.kind === 'done')).toHaveLength(1);
  });

  test('an entry, an addition and a home are each made once', async () => {
    const entry = entryOf(TODAY, { kind: 'note', text: 'Once' });
    const [home, thing, task] = [uuid(), uuid(), uuid()];
    const addition = {
      batch: uuid(),
      on: TODAY,
      assets: [{ id: thing, kind: 'other', name: 'Once' }],
      duties: [kept(thing, task, uuid())],
    };
    const place = { zone: 'America/Chicago', hemisphere: 'north', units: 'us' };
    const answers = await Promise.all(
      Array.from({ length: 5 }, () => [
        agent.post(`/api/homes/${homeId}/entries`).send({ entries: [entry] }),
        add(addition),
        agent
          .post('/api/homes')
          .send({ id: home, name: 'Once', vocabulary: 'en-US', currency: 'USD', ...place }),
      ]).flat(),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    const written = await lines();
    expect(written.filter((line) => line.entry.id === entry.id)).toHaveLength(1);
    expect(written.filter(({ body }) => body.kind === 'adopted' && body.duty === task)).toHaveLength(1);
    const homes = (await agent.get('/api/homes').expect(200)).body as { id: string }[];
    expect(homes.filter(({ id }) => id === home)).toHaveLength(1);
  });
});

describe('given twice in one addition', () => {
  const ids = () => ({ thing: uuid(), task: uuid(), entry: uuid(), room: uuid() });
  const addition = ({ thing, task, entry }: ReturnType<typeof ids>, more: object) => ({
    batch: uuid(),
    on: TODAY,
    assets: [{ id: thing, kind: 'other', name: 'Twice' }],
    duties: [kept(thing, task, entry)],
    ...more,
  });

  test.each<[string, (one: ReturnType<typeof ids>) => object, string]>([
    [
      'a room',
      ({ room }) => ({
        spaces: [
          { id: room, name: 'A' },
          { id: room, name: 'B' },
        ],
      }),
      'spaces[1].id',
    ],
    [
      'a task',
      ({ thing, task, entry }) => ({ duties: [kept(thing, task, entry), kept(thing, task, uuid())] }),
      'duties[1].units[0].duty',
    ],
    [
      'an entry',
      ({ thing, task, entry }) => ({ duties: [kept(thing, task, entry), kept(thing, uuid(), entry)] }),
      'duties[1].units[0].entry',
    ],
    [
      'what a thing serves',
      ({ thing }) => ({ assets: [{ id: thing, kind: 'other', name: 'Twice', serves: [asset, asset] }] }),
      'assets[0].serves[1]',
    ],
  ])('%s is named', async (_what, more, field) => {
    const one = ids();
    const answer = await add(addition(one, more(one)));
    expect([answer.status, answer.body.code, answer.body.field]).toEqual([409, 'id-taken', field]);
    await add(addition(one, {})).expect(200);
  });

  test('an entry that was written before, by something else, is named too', async () => {
    const note = entryOf(TODAY, { kind: 'note', text: 'Before' });
    await agent
      .post(`/api/homes/${homeId}/entries`)
      .send({ entries: [note] })
      .expect(200);
    const answer = await add(addition({ ...ids(), entry: note.id }, {}));
    expect([answer.status, answer.body.field]).toEqual([409, 'duties[0].units[0].entry']);
  });
});
