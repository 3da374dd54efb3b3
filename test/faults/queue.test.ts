import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import {
  append,
  confirm,
  entryOf,
  newDuty,
  newHome,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';

let api: Api;
let agent: Agent;
let homeId: string;
let otherId: string;
beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  [homeId, otherId] = [await newHome(agent), await newHome(agent)];
});
afterAll(() => api.close());

describe('a home that somebody holds', () => {
  test('keeps its own requests waiting, tells those past a hundred to come again, and holds up nobody else', async () => {
    const { duty } = await newDuty(agent, homeId);
    const holder = new Client({ connectionString: api.urls.owner });
    await holder.connect();
    await holder.query('BEGIN');
    await holder.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [homeId]);
    try {
      const writes = Array.from({ length: 130 }, () => {
        const entry = entryOf('2026-11-24', { kind: 'done', duty });
        return append(agent, homeId, entry).then(({ status, body, headers }) => ({
          status,
          code: (body as { code?: string }).code,
          retryAfter: headers['retry-after'] as string | undefined,
        }));
      });
      const refused = await Promise.all(writes.map((write) => Promise.race([write, later(writes)])));
      expect(refused.filter((one) => one?.status === 503)).toHaveLength(30);
      expect(refused.find((one) => one?.status === 503)).toEqual({
        status: 503,
        code: 'unavailable',
        retryAfter: '5',
      });
      await agent.get(`/api/homes/${otherId}/today`).expect(200);
      await holder.query('COMMIT');
      const answers = await Promise.all(writes);
      expect(answers.filter(({ status }) => status === 200)).toHaveLength(100);
    } finally {
      await holder.end();
    }
  });

  test('an erasure in the middle of other writes leaves none of them answered with a failure of the server', async () => {
    const name = `Short-lived ${uuid()}`;
    const doomed = await newHome(agent, { name });
    const { duty } = await newDuty(agent, doomed);
    await confirm(agent);
    const note = () => append(agent, doomed, entryOf('2026-11-24', { kind: 'done', duty }));
    const room = () =>
      agent.put(`/api/homes/${doomed}/spaces/${uuid()}`).send({ space: { id: uuid(), name: 'x' } });
    const answers = await Promise.all([
      ...Array.from({ length: 5 }, note),
      agent.delete(`/api/homes/${doomed}`).send({ name }),
      ...Array.from({ length: 5 }, note),
      ...Array.from({ length: 5 }, room),
    ]);
    for (const { status } of answers) expect([200, 404, 422]).toContain(status);
    await agent.get(`/api/homes/${doomed}/today`).expect(404);
  });
});

/** Comes when everything that was refused has been answered: those that wait are not there yet. */
const later = async (writes: readonly Promise<{ status: number }>[]): Promise<null> => {
  let refused = 0;
  await new Promise<void>((resolve) => {
    for (const write of writes)
      void write.then(({ status }) => {
        if (status === 503) refused += 1;
        if (refused === 30) resolve();
      });
  });
  return null;
};
