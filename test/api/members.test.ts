import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import type { Invitation, Member, ActLine } from '../../src/contract/members.ts';
import {
  append,
  confirm,
  entryOf,
  invite,
  letIn,
  newDuty,
  newHome,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';
import { query } from '../support/database.ts';

type Someone = Awaited<ReturnType<typeof someone>>;

let api: Api;
let owner: Someone;
let homeId: string;
beforeAll(async () => {
  api = await startApi();
  owner = await someone(api, 'Owner');
  homeId = await newHome(owner.agent);
});
afterAll(() => api.close());

const accept = (agent: Agent, token: string) => agent.post('/api/invitations/accept').send({ token });
const look = (agent: Agent, token: string) => agent.post('/api/invitations/read').send({ token });
const membersOf = async (agent: Agent): Promise<Member[]> =>
  (await agent.get(`/api/homes/${homeId}/members`).expect(200)).body as Member[];
const memberPath = ({ me }: Someone, home = homeId): string => `/api/homes/${home}/members/${me.personId}`;
const actsOf = async (): Promise<ActLine[]> =>
  (await owner.agent.get(`/api/homes/${homeId}/acts`).expect(200)).body as ActLine[];

describe('invitations', () => {
  test('the answer is the same whether the address has an account or not, and nobody is in before they accept', async () => {
    const known = await someone(api, 'Known');
    const answers = await Promise.all(
      [known.email, 'nobody-yet@example.org'].map((email) =>
        owner.agent.post(`/api/homes/${homeId}/invitations`).send({ id: uuid(), email, role: 'editor' }),
      ),
    );
    const told = answers.map(({ status, body }) => [status, Object.keys(body as object)]);
    expect(told[0]).toEqual(told[1]);
    await known.agent.get(`/api/homes/${homeId}`).expect(404);
    expect(await membersOf(owner.agent)).toHaveLength(1);
  });

  test('the link is good once, for seven days, for its own address, and leads in with the role it names', async () => {
    const guest = await someone(api, 'Guest');
    const other = await someone(api, 'Passer');
    const token = await invite(owner.agent, homeId, guest.email, 'viewer');
    expect((await look(guest.agent, token).expect(200)).body).toMatchObject({
      homeName: 'Mill Road',
      role: 'viewer',
      byName: 'Owner',
      mine: true,
    });
    expect((await look(other.agent, token).expect(200)).body).toMatchObject({ mine: false });
    const refused = await accept(other.agent, token);
    expect([refused.status, refused.body.code]).toEqual([403, 'other-address']);
    expect((await accept(guest.agent, token).expect(200)).body).toEqual({ homeId });
    expect((await membersOf(guest.agent)).find(({ name }) => name === 'Guest')?.role).toBe('viewer');
    const again = await accept(guest.agent, token);
    expect([again.status, again.body.code]).toEqual([404, 'invitation-over']);
  });

  test('after seven days, or taken back, or made anew, a link is worth nothing', async () => {
    const guest = await someone(api, 'Late');
    const [first, second] = [
      await invite(owner.agent, homeId, guest.email, 'editor'),
      await invite(owner.agent, homeId, guest.email, 'viewer'),
    ];
    await look(guest.agent, first).expect(404);
    api.setToday('2026-12-02');
    await look(guest.agent, second).expect(404);
    await accept(guest.agent, second).expect(404);
    const third = await invite(owner.agent, homeId, guest.email, 'viewer');
    const open = (await owner.agent.get(`/api/homes/${homeId}/invitations`).expect(200)).body as Invitation[];
    expect(open.map(({ email }) => email)).toEqual([guest.email]);
    await owner.agent.delete(`/api/homes/${homeId}/invitations/${open[0]?.id}`).expect(200);
    await accept(guest.agent, third).expect(404);
    api.setToday(TODAY);
  });

  test('two that take one link at once: one of them does', async () => {
    const guest = await someone(api, 'Twice');
    const token = await invite(owner.agent, homeId, guest.email, 'editor');
    const answers = await Promise.all([accept(guest.agent, token), accept(guest.agent, token)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 404]);
  });

  test('the secret is kept by its hash alone', async () => {
    const token = await invite(owner.agent, homeId, 'hash@example.org', 'viewer');
    const rows = await query(api.urls.admin, 'SELECT * FROM invitation');
    expect(rows.length).toBeGreaterThan(0);
    expect(JSON.stringify(rows)).not.toContain(token);
  });

  test('an invitation of an owner who is one no longer leads nowhere', async () => {
    const second = await someone(api, 'Second');
    const guest = await someone(api, 'Hanging');
    await letIn(owner.agent, homeId, second, 'owner');
    const token = await invite(second.agent, homeId, guest.email, 'owner');
    await confirm(owner.agent);
    await owner.agent.put(memberPath(second)).send({ role: 'viewer' }).expect(200);
    await accept(guest.agent, token).expect(404);
  });

  test('making an owner asks for the password', async () => {
    const home = await newHome(owner.agent, { name: 'Asked' });
    const fresh = await someone(api, 'Fresh');
    await letIn(owner.agent, home, fresh, 'owner');
    const sent = { id: uuid(), email: 'third@example.org', role: 'owner' };
    const refused = await fresh.agent.post(`/api/homes/${home}/invitations`).send(sent);
    expect([refused.status, refused.body.code]).toEqual([403, 'password-needed']);
    await fresh.agent.delete(memberPath(owner, home)).expect(403);
    await fresh.agent.post('/api/me/confirmation').send({ password: 'not it' }).expect(401);
    await fresh.agent.post(`/api/homes/${home}/invitations`).send(sent).expect(403);
  });
});

describe('leaving', () => {
  test('somebody removed sees nothing from then on; what they wrote stays under their name', async () => {
    const helper = await someone(api, 'Helper');
    await letIn(owner.agent, homeId, helper, 'editor');
    const { duty } = await newDuty(owner.agent, homeId);
    await append(helper.agent, homeId, entryOf(TODAY, { kind: 'done', duty })).expect(200);
    await owner.agent.delete(memberPath(helper)).expect(200);
    for (const path of ['', '/today', '/entries', '/photos', '/members'])
      await helper.agent.get(`/api/homes/${homeId}${path}`).expect(404);
    await append(helper.agent, homeId, entryOf(TODAY, { kind: 'done', duty })).expect(404);
    expect((await helper.agent.get('/api/homes').expect(200)).body).toEqual([]);
    const house = await owner.agent.get(`/api/homes/${homeId}`).expect(200);
    expect((house.body as { people: { name: string }[] }).people.map(({ name }) => name)).toContain('Helper');
  });

  test('somebody leaves by themselves; the only owner cannot, nor be removed or made less', async () => {
    const viewer = await someone(api, 'Viewer');
    const lone = await newHome(owner.agent, { name: 'Lone' });
    await letIn(owner.agent, lone, viewer, 'viewer');
    await viewer.agent.post(`/api/homes/${lone}/leaving`).send({}).expect(200);
    await viewer.agent.get(`/api/homes/${lone}`).expect(404);
    await confirm(owner.agent);
    const refused = [
      await owner.agent.post(`/api/homes/${lone}/leaving`).send({}),
      await owner.agent.delete(memberPath(owner, lone)),
      await owner.agent.put(memberPath(owner, lone)).send({ role: 'viewer' }),
    ];
    expect(refused.map(({ status, body }) => [status, (body as { code: string }).code])).toEqual(
      Array(3).fill([409, 'last-owner']),
    );
  });

  test('a viewer or editor removes nobody', async () => {
    const editor = await someone(api, 'Editor');
    await letIn(owner.agent, homeId, editor, 'editor');
    await editor.agent.delete(memberPath(owner)).expect(403);
    await editor.agent.put(memberPath(owner)).send({ role: 'viewer' }).expect(403);
  });

  test('two owners that step down at once leave one', async () => {
    const second = await someone(api, 'Other');
    const home = await newHome(owner.agent, { name: 'Two' });
    await letIn(owner.agent, home, second, 'owner');
    await Promise.all([confirm(owner.agent), confirm(second.agent)]);
    const answers = await Promise.all(
      [owner, second].map(({ agent }) => agent.post(`/api/homes/${home}/leaving`).send({})),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
  });

  test('nobody is added to a home under the id of another’s account', async () => {
    const victim = await someone(api, 'Victim');
    const person = { id: victim.me.personId, name: 'Not them' };
    const refused = await owner.agent.post(`/api/homes/${homeId}/people`).send(person);
    expect([refused.status, refused.body.code, refused.body.field]).toEqual([409, 'id-taken', 'id']);
    const { duty } = await newDuty(owner.agent, homeId);
    const entry = entryOf(TODAY, { kind: 'done', duty, who: victim.me.personId });
    const sent = await owner.agent
      .post(`/api/homes/${homeId}/entries`)
      .send({ entries: [entry], people: [person] });
    expect(sent.status).toBe(409);
    // Nor past the program's own check.
    await expect(
      query(
        api.urls.app,
        `INSERT INTO home_person (home_id, person_id, name) VALUES ('${homeId}', '${victim.me.personId}', 'x')`,
        owner.me.personId,
      ),
    ).rejects.toThrow(/another account/);
  });
});

describe('what was done with a home', () => {
  test('its owner reads who came in, signed in, left, and what was taken away and carried out; nobody else does', async () => {
    const guest = await someone(api, 'Told');
    await letIn(owner.agent, homeId, guest, 'editor');
    await guest.agent
      .post('/api/sign-in')
      .send({ email: guest.email, password: 'a long enough password' })
      .expect(200);
    await owner.agent.get(`/api/homes/${homeId}/house-file`).expect(200);
    await owner.agent.delete(memberPath(guest)).expect(200);
    const acts = await actsOf();
    expect(acts.map(({ what }) => what.act)).toEqual(
      expect.arrayContaining(['invited', 'joined', 'exported', 'removed']),
    );
    expect(acts[0]).toMatchObject({
      by: owner.me.personId,
      what: { act: 'removed', person: guest.me.personId },
    });
    // A sign-in is told while they are in; before they came it was nobody's here.
    const stays = await someone(api, 'Stays');
    await letIn(owner.agent, homeId, stays, 'viewer');
    const signInsOf = async () =>
      (await actsOf()).filter(({ by, what }) => by === stays.me.personId && what.act === 'signedIn').length;
    const before = await signInsOf();
    await stays.agent
      .post('/api/sign-in')
      .send({ email: stays.email, password: 'a long enough password' })
      .expect(200);
    expect(await signInsOf()).toBe(before + 1);
    await stays.agent.get(`/api/homes/${homeId}/acts`).expect(403);
    expect(await query(api.urls.app, 'SELECT * FROM home_act', stays.me.personId)).toEqual([]);
    expect(
      await query(
        api.urls.app,
        `SELECT * FROM acts_of('${homeId}', now() + interval '9 years', 50)`,
        stays.me.personId,
      ),
    ).toEqual([]);
  });

  test('nobody writes such a line in another’s name, or changes one', async () => {
    const line = `INSERT INTO home_act (home_id, id, at, by_person, act, about) VALUES ('${homeId}', '${uuid()}', now(), '${uuid()}', 'exported', '{}')`;
    await expect(query(api.urls.app, line, owner.me.personId)).rejects.toThrow(/row-level security/);
    await expect(query(api.urls.app, "UPDATE home_act SET act = 'left'", owner.me.personId)).rejects.toThrow(
      /permission denied/,
    );
  });
});
