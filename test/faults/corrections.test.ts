import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { NewEntry } from '../../src/contract/schemas.ts';
import { append, entryOf, newHome, someone, startApi, type Agent, type Api } from '../support/api.ts';

const DAY = '2026-11-20';
let api: Api;
let agent: Agent;
let homeId: string;
beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  homeId = await newHome(agent);
});
afterAll(() => api.close());

const note = (): NewEntry => entryOf(DAY, { kind: 'note', text: 'Something' });
const amend = (target: string): NewEntry =>
  entryOf(DAY, { kind: 'amends', target, change: { text: uuid() } });
const take = (entries: readonly NewEntry[]) =>
  agent.post(`/api/homes/${homeId}/imported-entries`).send({ entries });

describe('corrections in great number', () => {
  test('one entry is corrected twenty times and no more; the next is refused by name', async () => {
    const first = note();
    await append(agent, homeId, first, ...Array.from({ length: 20 }, () => amend(first.id))).expect(200);
    const answer = await append(agent, homeId, amend(first.id));
    expect([answer.status, answer.body]).toMatchObject([
      422,
      { code: 'too-many-corrections', field: 'entries[0].body.target', problem: { maximum: 20 } },
    ]);
  });

  test('a chain of voids of one another ends at twenty too', async () => {
    const chain = [note()];
    for (let link = 0; link < 21; link += 1)
      chain.push(entryOf(DAY, { kind: 'voids', target: chain.at(-1)?.id ?? '' }));
    const answer = await append(agent, homeId, ...chain);
    expect([answer.status, answer.body.field]).toEqual([422, 'entries[21].body.target']);
  });

  test('thousands are taken in at once while somebody else is answered', async () => {
    const notes = Array.from({ length: 4_000 }, note);
    await take(notes).expect(200);
    const other = await someone(api, 'Other');
    const theirs = await newHome(other.agent);
    let taken = false;
    const importing = take(notes.map(({ id }) => amend(id))).expect(200);
    const done = importing.then(() => (taken = true));
    let answered = 0;
    while (!taken) {
      await other.agent.get(`/api/homes/${theirs}/today`).expect(200);
      if (!taken) answered += 1;
    }
    await done;
    expect(answered).toBeGreaterThan(3);
    const page = (await agent.get(`/api/homes/${homeId}/entries?limit=1`).expect(200)).body as {
      lines: { corrected?: { corrections: unknown[] } }[];
    };
    expect(page.lines[0]?.corrected?.corrections).toHaveLength(1);
  });
});
