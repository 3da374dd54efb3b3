import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { Agent as TestAgent } from 'supertest';
import { errorBodySchema } from '../../src/contract/errors.ts';
import type { RouteName } from '../../src/contract/routes.ts';
import { letIn, newDuty, newHome, someone, startApi, type Api } from '../support/api.ts';
import { HOME_READS } from '../support/homeReads.ts';
import { Luck } from './fuzz/luck.ts';
import { NAMES, oneRequest } from './fuzz/requests.ts';
import { send, type Answer, type Sent } from './fuzz/wire.ts';

/** `npm run drills` says how many and from which seed; a failure names the seed and the request. */
const REQUESTS = Number(process.env['FUZZ_REQUESTS'] ?? 1_000);
const SEED = Number(process.env['FUZZ_SEED'] ?? 20_261_127);
/** How often every page of every home is read to see that all of them still can be. */
const READ_EVERY = 100;
const MOST_HOMES = 4;

let api: Api;
let owner: string;
let viewer: string;
let stranger: string;

type Ids = Map<string, string[]>;
const known: Ids = new Map();

const cookieOf = (agent: TestAgent): string => {
  const jar = agent.jar.getCookies({ domain: '127.0.0.1', path: '/', secure: false, script: false });
  return jar.map(({ name, value }) => `${name}=${value}`).join('; ');
};

beforeAll(async () => {
  api = await startApi({ webFolder: 'dist/web' });
  const [one, two, three] = [
    await someone(api, 'Owner'),
    await someone(api, 'Viewer'),
    await someone(api, 'Stranger'),
  ];
  [owner, viewer, stranger] = [one, two, three].map(({ agent }) => cookieOf(agent)) as [
    string,
    string,
    string,
  ];
  for (let left = 2; left > 0; left -= 1) {
    const homeId = await newHome(one.agent);
    await letIn(one.agent, homeId, two, 'viewer');
    const { asset, duty } = await newDuty(one.agent, homeId, undefined, '2026-01-15');
    learn({ homeId, asset, duty, who: one.me.personId, person: one.me.personId });
  }
});
afterAll(() => api.close());

/** Names under which the same id is spoken of elsewhere. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  asset: ['assetId', 'partOf', 'serves', 'succeeds', 'assets', 'successor'],
  duty: ['dutyId', 'duties'],
  id: ['target', 'finding', 'spaceId', 'space', 'photoId', 'documentId', 'runId', 'run', 'reading', 'entry'],
};

function learn(said: unknown): void {
  if (typeof said !== 'object' || said === null) return;
  for (const [key, value] of Object.entries(said)) {
    if (typeof value === 'string' && /^[0-9a-f]{8}-/i.test(value))
      for (const name of [key, ...(ALSO[key] ?? [])])
        known.set(name, [...(known.get(name) ?? []).filter((one) => one !== value).slice(-20), value]);
    else learn(value);
  }
}

/** The fault of an answer, whatever was sent; nothing where the contract knows it. */
function faultOf(answer: Answer, sent: Sent): string | null {
  const { status, headers, text } = answer;
  if (status >= 500) return `answered ${status}`;
  if (status < 400) return null;
  if (sent.method === 'HEAD') return null;
  if (!(headers['content-type'] ?? '').startsWith('application/json')) return `${status} is not JSON`;
  const body = errorBodySchema.safeParse(JSON.parse(text));
  if (!body.success) return `${status} is not an error body: ${text.slice(0, 200)}`;
  if ((status === 400 || status === 422) && !body.data.field) return `${status} names no field`;
  return null;
}

const describeSent = (at: number, { method, path, headers, body }: Sent): string =>
  `request ${at} of seed ${SEED}: ${method} ${path} ${JSON.stringify(headers)} ${String(body).slice(0, 1_500)}`;

/** Whoever sends it: mostly somebody who may. */
function senderOf(luck: Luck): string {
  if (luck.chance(0.9)) return owner;
  return luck.one([viewer, stranger, '']);
}

async function homesOfOwner(): Promise<string[]> {
  const answer = await send(api.server, {
    method: 'GET',
    path: '/api/homes',
    headers: { cookie: owner },
    body: null,
  });
  return (JSON.parse(answer.text) as { id: string }[]).map(({ id }) => id);
}

/** Every page of every home is there and is what its schema says. */
async function readAll(after: string): Promise<void> {
  for (const homeId of (await homesOfOwner()).slice(0, MOST_HOMES))
    for (const [name, { path, response }] of HOME_READS) {
      const asked = {
        method: 'GET',
        path: path.replace(':homeId', homeId),
        headers: { cookie: owner },
        body: null,
      };
      const answer = await send(api.server, asked);
      expect([answer.status, `${name} after ${after}`]).toEqual([200, `${name} after ${after}`]);
      const read = response.safeParse(JSON.parse(answer.text));
      expect([read.error?.issues.slice(0, 3) ?? [], `${name} after ${after}`]).toEqual([
        [],
        `${name} after ${after}`,
      ]);
    }
}

describe('whatever is sent', () => {
  test(`${REQUESTS} requests over every route: none is answered with 500, every refusal names itself, and every home stays readable`, async () => {
    const luck = new Luck(SEED);
    const counts = new Map<number, number>();
    const taken = new Set<RouteName>();
    let last = 'the beginning';
    for (let at = 0; at < REQUESTS; at += 1) {
      const name = luck.chance(0.25) ? luck.one(['append', 'add', 'append'] as const) : luck.one(NAMES);
      // A home that is gone is replaced by the next that is made; signing out would end the one who tries.
      if (name === 'signOut' || name === 'signIn' || name === 'signUp') if (luck.chance(0.8)) continue;
      const { value, ...sent } = oneRequest(luck, known, name);
      const cookie = name === 'signOut' ? '' : senderOf(luck);
      const request = { ...sent, headers: { cookie, ...sent.headers } };
      const answer = await send(api.server, request);
      counts.set(answer.status, (counts.get(answer.status) ?? 0) + 1);
      const fault = faultOf(answer, request);
      if (fault !== null)
        throw new Error(`${fault}: ${answer.text.slice(0, 300)}; ${describeSent(at, request)}`);
      if (answer.status === 200 && request.method !== 'GET') {
        taken.add(name);
        learn(value);
        last = describeSent(at, request);
        if (name === 'createHome' || name === 'eraseHome') known.set('homeId', await homesOfOwner());
      }
      if (at % READ_EVERY === READ_EVERY - 1) await readAll(last);
    }
    await readAll(last);
    // Else it would be all refusals, and prove little.
    expect(taken.size).toBeGreaterThan(REQUESTS >= 1_000 ? 8 : 0);
  });
});
