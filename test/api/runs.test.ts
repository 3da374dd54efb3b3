import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { RunBody } from '../../src/contract/runs.ts';
import { ledgerPageSchema } from '../../src/contract/schemas.ts';
import type { RunState } from '../../src/core/runs/runState.ts';
import {
  append,
  entryOf,
  newDuty,
  newHome,
  rowOf,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';

let api: Api;
let agent: Agent;
let stranger: Agent;
let homeId: string;
let duty: string;
let runId: string;

const state = (more: Partial<RunState> = {}): RunState => ({
  version: 1,
  round: null,
  title: 'Work',
  items: [],
  states: {},
  gathered: [],
  begun: false,
  at: null,
  stop: null,
  ...more,
});

beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  ({ agent: stranger } = await someone(api, 'Stranger'));
});
beforeEach(async () => {
  homeId = await newHome(agent);
  ({ duty } = await newDuty(agent, homeId));
  runId = uuid();
});
afterAll(() => api.close());

const path = (): string => `/api/homes/${homeId}/runs/${runId}`;
const save = (saw: number, more: Partial<RunState> = {}) =>
  agent.put(path()).send({ saw, state: state(more) });
const finish = (...entries: ReturnType<typeof entryOf>[]) =>
  agent.post(`/api/homes/${homeId}/finished-runs`).send({ run: runId, entries });

describe('a run', () => {
  test('is begun, gone on with from another device, and listed until it is finished', async () => {
    await save(0).expect(200);
    const { body } = await save(1, { begun: true, gathered: ['tool gloves'] }).expect(200);
    expect(body).toMatchObject({ revision: 2, finished: false });
    const read = (await agent.get(path()).expect(200)).body as RunBody;
    expect(read.state).toMatchObject({ begun: true, gathered: ['tool gloves'] });
    const list = (await agent.get(`/api/homes/${homeId}/runs`).expect(200)).body as RunBody[];
    expect(list.map(({ id }) => id)).toEqual([runId]);
  });

  test('saved twice is saved once; a device left behind is told so', async () => {
    await save(0).expect(200);
    await save(0).expect(200);
    await save(1, { begun: true }).expect(200);
    const { body } = await save(1, { gathered: ['helper'] }).expect(409);
    expect(body).toMatchObject({ code: 'seen-changed' });
  });

  test('finished, all of it is in the ledger and its dates have moved; sent twice it is written once', async () => {
    await save(0).expect(200);
    const entries = [
      entryOf(TODAY, { kind: 'done', duty }),
      entryOf('2026-11-20', { kind: 'note', text: 'Gutters are full' }),
    ];
    const before = (await rowOf(agent, homeId, duty)).occurrence?.window.due;
    await finish(...entries).expect(200);
    await finish(...entries).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence?.window.due).not.toBe(before);
    const { body } = await agent.get(`/api/homes/${homeId}/entries`).expect(200);
    const texts = ledgerPageSchema.parse(body).lines.map((line) => line.body.kind);
    expect(texts.filter((kind) => kind === 'done')).toHaveLength(1);
    expect((await agent.get(path()).expect(200)).body).toMatchObject({ finished: true });
    await save(1).expect(409);
  });

  test('is written whole or not at all, and not a second time by another device', async () => {
    await save(0).expect(200);
    await finish(
      entryOf(TODAY, { kind: 'done', duty }),
      entryOf('2026-12-24', { kind: 'done', duty }),
    ).expect(422);
    expect((await agent.get(path()).expect(200)).body).toMatchObject({ finished: false });
    await finish(entryOf(TODAY, { kind: 'done', duty })).expect(200);
    const again = await finish(entryOf(TODAY, { kind: 'done', duty })).expect(409);
    expect(again.body).toMatchObject({ code: 'run-over' });
  });

  test('not finished, it can be discarded; finished, it is history', async () => {
    await save(0).expect(200);
    await agent.delete(path()).expect(200);
    await agent.get(path()).expect(404);
    await save(0).expect(200);
    await finish(entryOf(TODAY, { kind: 'done', duty })).expect(200);
    await agent.delete(path()).expect(404);
  });

  test('is nobody else’s', async () => {
    await save(0).expect(200);
    await stranger.get(path()).expect(404);
    await stranger.put(path()).send({ saw: 1, state: state() }).expect(404);
    await append(stranger, homeId, entryOf(TODAY, { kind: 'done', duty })).expect(404);
  });
});
