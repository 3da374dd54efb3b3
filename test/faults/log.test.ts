import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { createLog } from '../../src/server/log.ts';
import {
  append,
  confirm,
  letIn,
  entryOf,
  newDuty,
  newHome,
  PASSWORD,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';
import { query } from '../support/database.ts';

const SECRET = 'The key lies under the third pot';
let lines: Record<string, unknown>[] = [];
const log = createLog('info', {
  write: (line: string) => void lines.push(JSON.parse(line) as Record<string, unknown>),
});

let api: Api;
let agent: Agent;
let email: string;
let personId: string;
let homeId: string;
let duty: string;
beforeAll(async () => {
  api = await startApi({}, undefined, log);
  const one = await someone(api, 'Rowan');
  ({ agent, email } = one);
  ({ personId } = one.me);
  homeId = await newHome(agent);
  ({ duty } = await newDuty(agent, homeId));
});
afterAll(() => api.close());

/** The log lines written while something was done. */
async function loggedDuring(work: () => Promise<unknown>): Promise<Record<string, unknown>[]> {
  lines = [];
  await work();
  return lines;
}
const entry = () => entryOf('2026-11-24', { kind: 'done', duty, note: SECRET });

/** Has the database refuse every new line of the ledger with a state, as it would in that trouble. */
async function withState(state: string, work: () => Promise<void>): Promise<void> {
  await query(
    api.urls.admin,
    `CREATE FUNCTION public.trouble() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
       RAISE EXCEPTION 'could not take %', NEW.body USING ERRCODE = '${state}', DETAIL = 'Failing row contains ' || NEW.body::text;
     END $$`,
  );
  await query(
    api.urls.admin,
    'CREATE TRIGGER trouble BEFORE INSERT ON entry FOR EACH ROW EXECUTE FUNCTION trouble()',
  );
  try {
    await work();
  } finally {
    await query(api.urls.admin, 'DROP FUNCTION public.trouble() CASCADE');
  }
}

describe('the log at the level it runs at', () => {
  test('tells who came in, who was let in as what, and what was taken away', async () => {
    const other = await someone(api, 'Ash');
    const doomed = await newHome(agent, { name: 'Doomed' });
    const told = await loggedDuring(async () => {
      await agent.post('/api/sign-in').send({ email, password: PASSWORD }).expect(200);
      await letIn(agent, homeId, other, 'editor');
      await agent
        .put(`/api/homes/${homeId}/members/${other.me.personId}`)
        .send({ role: 'viewer' })
        .expect(200);
      await confirm(agent);
      await agent.delete(`/api/homes/${doomed}`).send({ name: 'Doomed' }).expect(200);
      await agent.get(`/api/homes/${doomed}/today`).expect(404);
      await agent.post('/api/sign-in').send({ email, password: 'wrong' }).expect(401);
    });
    expect(told).toMatchObject([
      { act: 'signIn', person: personId },
      { act: 'invite', person: personId, home: homeId, role: 'editor' },
      { act: 'acceptInvitation', person: other.me.personId },
      { act: 'setMember', person: personId, home: homeId, role: 'viewer' },
      { act: 'confirmPassword', person: personId },
      { act: 'eraseHome', person: personId, home: doomed },
      { code: 'not-found', route: '/api/homes/:homeId/today', person: personId },
      { code: 'wrong-credentials', route: '/api/sign-in' },
    ]);
    expect(JSON.stringify(told)).not.toMatch(/@example\.org|wrong"|long enough password/);
  });

  test('an error that the database raised is told by its codes and where it happened, and by nothing that was sent', async () => {
    const told = await loggedDuring(() =>
      withState('XX000', async () => {
        const answer = await append(agent, homeId, entry());
        expect([answer.status, answer.body.code]).toEqual([500, 'internal']);
      }),
    );
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ code: 'internal', err: { cause: { code: 'XX000' } } });
    expect(JSON.stringify(told)).not.toContain(SECRET);
    expect(JSON.stringify(told)).not.toMatch(/INSERT INTO|[0-9a-f]{64}/i);
  });

  test('a full disk answers 503 with when to come again, and does not fill itself with log', async () => {
    const told = await loggedDuring(() =>
      withState('53100', async () => {
        for (let times = 0; times < 30; times += 1) {
          const answer = await append(agent, homeId, entry());
          expect([answer.status, answer.body.code]).toEqual([503, 'unavailable']);
          expect(answer.headers['retry-after']).toBe('5');
        }
      }),
    );
    expect(told).toHaveLength(1);
    await append(agent, homeId, entry()).expect(200);
  });

  test.each([
    ['55P03', 503, 'unavailable'],
    ['57014', 503, 'unavailable'],
    ['40P01', 503, 'unavailable'],
    ['22021', 400, 'invalid'],
    ['22003', 400, 'invalid'],
    ['23505', 409, 'id-taken'],
    ['23503', 422, 'reference-unknown'],
    ['42501', 403, 'not-allowed'],
  ])('the state %s, should it ever get so far, is answered with %i and %s', async (state, status, code) => {
    await withState(state, async () => {
      const answer = await append(agent, homeId, entry());
      expect([answer.status, answer.body.code]).toEqual([status, code]);
      if (status === 400 || status === 422) expect(answer.body.field).toBe('body');
    });
  });

  test('a log that cannot be written ends nothing', () => {
    const full = createLog('info', '/dev/full');
    for (let times = 0; times < 3; times += 1) full.info('a line for which there is no room');
  });
});
