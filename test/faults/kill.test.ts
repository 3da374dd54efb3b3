import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { postmasterPid, startCluster, stopCluster } from '../../src/cluster/cluster.ts';
import { MIGRATIONS } from '../../src/cluster/installation.ts';
import { startThrowaway, type Throwaway } from '../../src/cluster/throwaway.ts';
import { setUpDatabase } from '../../src/server/db/setup.ts';
import { PASSWORDS } from '../support/fixed.ts';
import { startServer, type RunningServer } from '../support/running.ts';

const PASSWORD = 'a long enough password';
/** `npm run drills` says how many. */
const KILLS = Number(process.env['KILLS'] ?? 3);
const LOGS_A_ROUND = 12;

let cluster: Throwaway;
let databaseUrl: string;
/** Two processes on one database, asked in turn. */
let servers: RunningServer[] = [];
let turn = 0;
let cookie: string;
let homeId: string;
let duty: string;

beforeAll(async () => {
  cluster = await startThrowaway('fault');
  await openDatabase();
  await startServers();
  const answer = await post('/api/sign-up', {
    name: 'Rowan',
    email: 'rowan@example.org',
    password: PASSWORD,
  });
  cookie = answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  await makeHome();
});
afterAll(async () => {
  await Promise.all(servers.map((one) => one.kill()));
  await cluster.end();
});

async function startServers(): Promise<void> {
  servers = await Promise.all([startServer(databaseUrl), startServer(databaseUrl)]);
}

/** The next of the two servers; where that one is down just now, the request is lost. */
function address(): string {
  turn += 1;
  return servers[turn % servers.length]?.address ?? '';
}

async function openDatabase(): Promise<void> {
  const running = await startCluster(cluster);
  databaseUrl = (await setUpDatabase(running.adminUrl('salt_faults'), PASSWORDS, MIGRATIONS)).app;
}

const post = (path: string, body: object): Promise<Response> =>
  fetch(`${address()}${path}`, {
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json', cookie: cookie ?? '' },
  });

async function makeHome(): Promise<void> {
  const asset = uuid();
  [homeId, duty] = [uuid(), uuid()];
  const home = {
    id: homeId,
    name: 'Mill',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
  };
  expect((await post('/api/homes', home)).status).toBe(200);
  const terms = {
    school: null,
    rule: { kind: 'interval', every: { unit: 'months', count: 1 } },
    factors: [],
    doer: 'self',
  };
  const kept = {
    practice: { from: 'home', title: 'Work', lifeSafety: false },
    terms,
    units: [{ asset, duty, entry: uuid() }],
  };
  const added = {
    batch: uuid(),
    on: '2026-11-01',
    assets: [{ id: asset, kind: 'other', name: 'Thing' }],
    duties: [kept],
  };
  expect((await post(`/api/homes/${homeId}/additions`, added)).status).toBe(200);
}

interface Log {
  readonly id: string;
  readonly body: object;
}
const newLog = (): Log => {
  const id = uuid();
  return { id, body: { entries: [{ id, date: '2026-11-20', body: { kind: 'done', duty, note: id } }] } };
};

/** Whether a log was acknowledged. A connection cut off half-way is neither yes nor no; the sender asks again. */
async function acknowledged({ body }: Log): Promise<boolean> {
  try {
    return (await post(`/api/homes/${homeId}/entries`, body)).status === 200;
  } catch {
    return false;
  }
}

async function ledgerIds(): Promise<string[]> {
  const ids: string[] = [];
  for (let before: string | null | undefined; before !== null;) {
    const query: string = before === undefined ? '?limit=200' : `?limit=200&before=${before}`;
    const answer = await fetch(`${address()}/api/homes/${homeId}/entries${query}`, {
      headers: { cookie },
    });
    const page = (await answer.json()) as {
      lines: { entry: { id: string; body: { kind: string } } }[];
      next: string | null;
    };
    ids.push(...page.lines.filter(({ entry }) => entry.body.kind === 'done').map(({ entry }) => entry.id));
    before = page.next;
  }
  return ids;
}

/** Sends logs, several at a time, and cuts the power while some are still on their way. */
async function logAndCut(cut: () => Promise<void>): Promise<{ sent: Log[]; acknowledged: string[] }> {
  const sent = Array.from({ length: LOGS_A_ROUND }, newLog);
  const heard: string[] = [];
  const first = sent.slice(0, LOGS_A_ROUND / 2);
  for (const log of first) if (await acknowledged(log)) heard.push(log.id);
  const onTheirWay = sent.slice(LOGS_A_ROUND / 2).map(async (log) => {
    if (await acknowledged(log)) heard.push(log.id);
  });
  await Promise.race(onTheirWay);
  await cut();
  await Promise.all(onTheirWay);
  return { sent, acknowledged: heard };
}

const CUTS: readonly (readonly [what: string, cut: () => Promise<void>])[] = [
  [
    'one of two servers',
    async () => {
      const at = turn % servers.length;
      await servers[at]?.kill();
      servers[at] = await startServer(databaseUrl);
    },
  ],
  [
    'PostgreSQL',
    async () => {
      const pid = postmasterPid(cluster.folder);
      expect(pid).toBeGreaterThan(0);
      process.kill(pid, 'SIGKILL');
      await openDatabase();
      await Promise.all(servers.map((one) => one.kill()));
      await startServers();
    },
  ],
];

describe('kill -9 between logs to two servers on one database', () => {
  test(`${KILLS} times: nothing that was acknowledged is lost, and sending again doubles nothing`, async () => {
    let acknowledgedInAll = 0;
    for (let round = 0; round < KILLS; round += 1) {
      const [what, cut] = CUTS[round % CUTS.length] ?? ['nothing', () => Promise.resolve()];
      const { sent, acknowledged: heard } = await logAndCut(cut);
      expect([what, heard.length >= LOGS_A_ROUND / 2]).toEqual([what, true]);
      acknowledgedInAll += heard.length;
      const kept = new Set(await ledgerIds());
      expect(heard.filter((id) => !kept.has(id))).toEqual([]);
      for (const log of sent) expect(await acknowledged(log)).toBe(true);
      const after = await ledgerIds();
      for (const { id } of sent) expect(after.filter((one) => one === id)).toHaveLength(1);
    }
    const all = await ledgerIds();
    expect(new Set(all).size).toBe(all.length);
    expect(all).toHaveLength(KILLS * LOGS_A_ROUND);
    expect(acknowledgedInAll).toBeGreaterThan(0);
  });
});

describe('while PostgreSQL is away', () => {
  test('the answer is that the ledger cannot be reached, and it recovers by itself when it is back', async () => {
    await stopCluster(cluster);
    const log = newLog();
    const answer = await post(`/api/homes/${homeId}/entries`, log.body);
    expect(answer.status).toBe(503);
    expect(await answer.json()).toMatchObject({ code: 'unavailable' });
    // Back on the port it had, as a restart of the same server would be.
    const { port } = new URL(databaseUrl);
    await startCluster(cluster, { port: Number(port) });
    await expect.poll(() => acknowledged(log), { timeout: 15_000 }).toBe(true);
  });
});
