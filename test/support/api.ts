import { createServer, type Server } from 'node:http';
import type { Logger } from 'pino';
import supertest from 'supertest';
import { v7 as uuid } from 'uuid';
import { openDatabase, type Database } from '../../src/server/db/database.ts';
import { createApp } from '../../src/server/http/app.ts';
import { answerEverything } from '../../src/server/http/unreadable.ts';
import { createLog } from '../../src/server/log.ts';
import type { Config } from '../../src/server/config.ts';
import type { DatabaseUrls } from '../../src/server/db/setup.ts';
import type { Addition, HomeSummary, NewEntry, ScheduleRow } from '../../src/contract/schemas.ts';
import type { Me } from '../../src/contract/accounts.ts';
import type { Role } from '../../src/contract/access.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import type { EntryBody } from '../../src/core/ledger/entry.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import { freshDatabase } from './database.ts';
import { terms } from './oneDuty.ts';

export const PASSWORD = 'a long enough password';
export const TODAY = '2026-11-24';

/** A running server on a fresh database, with a clock that stands where a test puts it. */
export interface Api {
  readonly server: Server;
  readonly urls: DatabaseUrls & { admin: string };
  readonly db: Database;
  setToday(date: string): void;
  close(): Promise<void>;
}

/** `template`: the database to copy; a migrated, empty one unless said. */
export async function startApi(
  overrides: Partial<Config> = {},
  template?: string,
  log: Logger = createLog('silent'),
): Promise<Api> {
  const urls = await freshDatabase(template);
  const { db, pool } = openDatabase(urls.app, () => undefined);
  let now = Date.parse(`${TODAY}T18:00:00Z`);
  const config: Config = {
    databaseUrl: urls.app,
    sessionSecret: 'a secret for tests, long enough to be taken',
    host: '127.0.0.1',
    port: 0,
    publicUrl: null,
    trustedProxies: [],
    webFolder: '/nowhere',
    clockAt: null,
    demoPassword: null,
    logLevel: 'silent',
    ...overrides,
  };
  const app = createApp({ db, clock: () => now, config, log }, pool);
  const server = createServer(app);
  answerEverything(server);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return {
    server,
    urls,
    db,
    setToday: (date) => {
      now = Date.parse(`${date}T18:00:00Z`);
    },
    close: async () => {
      await new Promise((done) => server.close(done));
      await pool.end();
    },
  };
}

export type Agent = ReturnType<typeof supertest.agent>;

let people = 0;

/** A browser signed in as somebody new. */
export async function someone(api: Api, name = 'Rowan'): Promise<{ agent: Agent; me: Me; email: string }> {
  people += 1;
  const email = `${name.toLowerCase()}${people}@example.org`;
  const agent = supertest.agent(api.server);
  const answer = await agent.post('/api/sign-up').send({ name, email, password: PASSWORD }).expect(200);
  return { agent, me: answer.body as Me, email };
}

/** Tells the password once more, as is asked before what cannot be taken back. */
export const confirm = (agent: Agent) =>
  agent.post('/api/me/confirmation').send({ password: PASSWORD }).expect(200);

/** Makes an invitation into a home; answers with the secret of its link. */
export async function invite(owner: Agent, homeId: string, email: string, role: Role): Promise<string> {
  if (role === 'owner') await confirm(owner);
  const answer = await owner
    .post(`/api/homes/${homeId}/invitations`)
    .send({ id: uuid(), email, role })
    .expect(200);
  return (answer.body as { token: string }).token;
}

/** Lets somebody with an account into a home: invited, and taken. */
export async function letIn(
  owner: Agent,
  homeId: string,
  { agent, email }: { readonly agent: Agent; readonly email: string },
  role: Role,
): Promise<void> {
  const token = await invite(owner, homeId, email, role);
  await agent.post('/api/invitations/accept').send({ token }).expect(200);
}

export async function newHome(agent: Agent, fields: Partial<HomeSummary> = {}): Promise<string> {
  const id = uuid();
  const home = {
    id,
    name: 'Mill Road',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    ...fields,
  };
  await agent.post('/api/homes').send(home).expect(200);
  return id;
}

export const every = (count: number): Rule => ({ kind: 'interval', every: { unit: 'months', count } });

/** Adds one smoke alarm with a duty on it; answers with their ids. */
export async function newDuty(
  agent: Agent,
  homeId: string,
  rule: Rule = every(1),
  on = TODAY,
  factors: readonly number[] = [],
): Promise<{ asset: string; duty: string; addition: Addition }> {
  const [asset, duty] = [uuid(), uuid()];
  const addition: Addition = {
    batch: uuid(),
    on: civil(on),
    assets: [{ id: asset, kind: 'smoke-alarm', name: 'Hall' }],
    duties: [
      {
        practice: { from: 'home', title: 'Work', lifeSafety: false },
        terms: terms(rule, factors),
        units: [{ asset, duty, entry: uuid() }],
      },
    ],
  };
  await agent.post(`/api/homes/${homeId}/additions`).send(addition).expect(200);
  return { asset, duty, addition };
}

export const entryOf = (date: string, body: EntryBody, more: Partial<NewEntry> = {}): NewEntry => ({
  id: uuid(),
  date: civil(date),
  body,
  ...more,
});

export const append = (agent: Agent, homeId: string, ...entries: NewEntry[]) =>
  agent.post(`/api/homes/${homeId}/entries`).send({ entries });

/** The row of one duty on the home's today. */
export async function rowOf(agent: Agent, homeId: string, duty: string): Promise<ScheduleRow> {
  const answer = await agent.get(`/api/homes/${homeId}/today`).expect(200);
  const row = (answer.body as { rows: ScheduleRow[] }).rows.find(({ dutyId }) => dutyId === duty);
  if (!row) throw new Error('the duty has no row');
  return row;
}
