import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import supertest from 'supertest';
import { v7 as uuid } from 'uuid';
import { roleSchema, type Permission, type Role } from '../../src/contract/access.ts';
import { ROUTES, type RouteSpec } from '../../src/contract/routes.ts';
import {
  append,
  confirm,
  entryOf,
  letIn,
  newDuty,
  newHome,
  someone,
  startApi,
  type Agent,
  type Api,
} from '../support/api.ts';

const routes = Object.entries(ROUTES) as [string, RouteSpec][];
const ofHomes = routes.filter(([, { path }]) => path.includes(':homeId'));
const NOTHING_TO_SEND = [
  'signOut',
  'dropPhoto',
  'dropRun',
  'dropDocument',
  'endBrowser',
  'endOtherBrowsers',
  'deleteAccount',
  'removeMember',
  'leaveHome',
  'withdrawInvitation',
  // Sent as a form.
  'sendHouseFile',
];
const withBody = routes.filter(([name, { method }]) => method !== 'GET' && !NOTHING_TO_SEND.includes(name));

let api: Api;
let owner: Awaited<ReturnType<typeof someone>>;
let stranger: Awaited<ReturnType<typeof someone>>;
let homeId: string;
let duty: string;

beforeAll(async () => {
  api = await startApi();
  owner = await someone(api, 'Owner');
  stranger = await someone(api, 'Stranger');
  homeId = await newHome(owner.agent);
  ({ duty } = await newDuty(owner.agent, homeId));
});
afterAll(() => api.close());

const fill = (path: string, home = homeId): string =>
  path
    .replace(':homeId', home)
    .replace(/:\w+Id/g, duty)
    .replace(':code', 'gutter-clean');

function ask(
  agent: Agent | ReturnType<typeof supertest>,
  { method }: RouteSpec,
  path: string,
  body: object = {},
) {
  const verb = method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  return verb === 'get' ? agent.get(path) : agent[verb](path).send(body);
}

describe('who may call what', () => {
  test('the table of routes is not empty', () => {
    expect(ofHomes.length).toBeGreaterThan(8);
    expect(withBody.length).toBeGreaterThan(6);
  });

  test.each(routes.filter(([, { access }]) => access !== 'public'))(
    '%s asks to be signed in',
    async (_name, spec) => {
      const answer = await ask(supertest(api.server), spec, fill(spec.path));
      expect(answer.status).toBe(401);
      expect(answer.body).toMatchObject({ code: 'not-signed-in', logId: expect.any(String) as string });
    },
  );

  test.each(ofHomes)("%s does not find another's home, whatever is sent", async (_name, spec) => {
    const theirs = await ask(stranger.agent, spec, fill(spec.path), { nonsense: true });
    const nobodys = await ask(stranger.agent, spec, fill(spec.path, uuid()), { nonsense: true });
    expect([theirs.status, theirs.body]).toEqual([
      404,
      { ...nobodys.body, logId: theirs.body.logId as string },
    ]);
  });

  test.each(ofHomes)('%s names a home id that is none', async (_name, spec) => {
    const answer = await ask(owner.agent, spec, fill(spec.path, 'not-an-id'));
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ code: 'invalid', field: 'homeId' });
  });

  test.each(withBody)('%s refuses a field it does not know, by name', async (_name, spec) => {
    const sample = {
      surprise: 1,
      name: 5,
      email: 5,
      entries: 5,
      id: 5,
      password: 5,
      role: 5,
      on: 5,
      batch: 5,
    };
    const empty = await ask(owner.agent, spec, fill(spec.path), {});
    const strange = await ask(owner.agent, spec, fill(spec.path), sample);
    for (const answer of [empty, strange]) {
      expect(answer.status).toBe(400);
      expect(answer.body).toMatchObject({ code: 'invalid', field: expect.stringMatching(/\w/) as string });
      expect(answer.body).toHaveProperty('problem.kind');
    }
  });

  test.each(withBody)('%s says so when what was sent is not JSON', async (_name, spec) => {
    const verb = spec.method.toLowerCase() as 'post' | 'put' | 'delete';
    const answer = await owner.agent[verb](fill(spec.path))
      .set('content-type', 'application/json')
      .send('{"a":');
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ code: 'invalid', field: 'body' });
  });

  test('a query that is not right is named too', async () => {
    const answer = await owner.agent.get(`/api/homes/${homeId}/entries?limit=many`);
    expect(answer.body).toMatchObject({ code: 'invalid', field: 'query.limit' });
  });

  test('an address that is no route is not found, as data', async () => {
    const answer = await owner.agent.get('/api/nothing/here');
    expect([answer.status, answer.body.code]).toEqual([404, 'not-found']);
  });

  test('more than can be taken is said to be too large', async () => {
    const answer = await owner.agent.post('/api/homes').send({ name: 'x'.repeat(1_100_000) });
    expect([answer.status, answer.body.code]).toEqual([413, 'too-large']);
  });
});

describe('roles', () => {
  const MAY: Record<Permission, readonly Role[]> = {
    read: ['owner', 'editor', 'viewer'],
    write: ['owner', 'editor'],
    own: ['owner'],
  };
  const members = new Map<Role, Agent>();
  beforeAll(async () => {
    for (const role of roleSchema.options) {
      const one = await someone(api, role);
      await letIn(owner.agent, homeId, one, role);
      members.set(role, one.agent);
    }
  });

  // The body is nonsense and the ids lead nowhere: who may call gets that error, everybody else is refused first.
  test.each(ofHomes.flatMap(([name, spec]) => roleSchema.options.map((role) => [name, role, spec] as const)))(
    '%s as %s: let in or not, as the table of rights says',
    async (name, role, spec) => {
      if (name === 'leaveHome') return;
      const agent = members.get(role);
      if (!agent) throw new Error(`nobody is ${role}`);
      const { status, body } = await ask(agent, spec, fill(spec.path), { nonsense: true });
      const refused = status === 403 && (body as { code: string }).code === 'not-allowed';
      const { access } = spec;
      if (access === 'public' || access === 'session') throw new Error(`${name} is of no home`);
      expect(refused).toBe(!MAY[access].includes(role));
    },
  );

  test('a viewer reads but does not write; an editor writes but lets nobody in; an owner does', async () => {
    const viewer = await someone(api, 'Viewer');
    const editor = await someone(api, 'Editor');
    await letIn(owner.agent, homeId, viewer, 'viewer');
    await letIn(owner.agent, homeId, editor, 'editor');

    await viewer.agent.get(`/api/homes/${homeId}/today`).expect(200);
    const refused = await append(viewer.agent, homeId, entryOf('2026-11-24', { kind: 'done', duty }));
    expect([refused.status, refused.body.code]).toEqual([403, 'not-allowed']);
    await append(editor.agent, homeId, entryOf('2026-11-24', { kind: 'done', duty })).expect(200);
    const path = `/api/homes/${homeId}/members/${viewer.me.personId}`;
    await editor.agent.put(path).send({ role: 'owner' }).expect(403);
    await confirm(owner.agent);
    await owner.agent.put(path).send({ role: 'owner' }).expect(200);
  });

  test('each sees their own homes only, with their role', async () => {
    const answer = await stranger.agent.get('/api/homes').expect(200);
    expect(answer.body).toEqual([]);
  });
});
