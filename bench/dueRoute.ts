import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { v7 as uuid } from 'uuid';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { ms, times, type Ratio } from './ratio.ts';

const DUTIES = 60;
const ROUNDS = 7;
const REQUESTS_A_ROUND = 400;
const AT_ONCE = 4;
const NOW = Date.parse('2026-11-24T18:00:00Z');

interface Server {
  readonly process: ChildProcess;
  readonly address: string;
}

async function startServer(kind: 'ours' | 'bare', databaseUrl: string): Promise<Server> {
  const child = fork('bench/dueRouteServer.ts', [kind, databaseUrl, String(NOW)], {
    execArgv: ['--import', 'tsx'],
  });
  const [{ port }] = (await once(child, 'message')) as [{ port: number }];
  return { process: child, address: `http://127.0.0.1:${port}` };
}

async function cpuMs({ process: child }: Server): Promise<number> {
  child.send('cpu');
  const [{ cpu }] = (await once(child, 'message')) as [{ cpu: NodeJS.CpuUsage }];
  return (cpu.user + cpu.system) / 1000;
}

/** Processor time of the server for one request, over a round of them. */
async function cpuOfOne(server: Server, path: string, cookie: string): Promise<number> {
  const before = await cpuMs(server);
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let index = 0; index < REQUESTS_A_ROUND / AT_ONCE; index += 1) {
        const answer = await fetch(`${server.address}${path}`, { headers: { cookie } });
        const { rows } = (await answer.json()) as { rows: unknown[] };
        if (rows.length !== DUTIES) throw new Error(`expected ${DUTIES} rows, got ${rows.length}`);
      }
    }),
  );
  return ((await cpuMs(server)) - before) / REQUESTS_A_ROUND;
}

/** A home with 60 duties with a record each, made through the API; answers with the session and the address to ask. */
async function prepare({ address }: Server): Promise<{ cookie: string; path: string }> {
  let cookie = '';
  const post = async (path: string, body: object): Promise<void> => {
    const answer = await fetch(`${address}${path}`, {
      method: 'POST',
      body: JSON.stringify(body),
      headers: { 'content-type': 'application/json', cookie },
    });
    if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
    cookie ||= (answer.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
  };
  await post('/api/sign-up', {
    name: 'Bench',
    email: 'bench@example.org',
    password: 'a long enough password',
  });
  const homeId = uuid();
  await post('/api/homes', {
    id: homeId,
    name: 'Mill',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
  });
  const asset = uuid();
  const duties = Array.from({ length: DUTIES }, (_, index) => ({
    practice: { from: 'home', title: `Work ${index}`, lifeSafety: false },
    terms: {
      school: null,
      rule: { kind: 'interval', every: { unit: 'months', count: 3 } },
      factors: [{ code: 'dust', value: 0.67 }],
      doer: 'self',
    },
    units: [{ asset, duty: uuid(), entry: uuid() }],
  }));
  for (let from = 0; from < DUTIES; from += 20) {
    const assets = from === 0 ? [{ id: asset, kind: 'other', name: 'Thing' }] : [];
    await post(`/api/homes/${homeId}/additions`, {
      batch: uuid(),
      on: '2026-08-01',
      assets,
      duties: duties.slice(from, from + 20),
    });
  }
  const entries = duties.map(({ units }) => ({
    id: uuid(),
    date: '2026-10-01',
    body: { kind: 'done', duty: units[0]?.duty },
  }));
  await post(`/api/homes/${homeId}/entries`, { entries });
  return { cookie, path: `/api/homes/${homeId}/today` };
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Processor time of the due route for 60 duties against bare Express doing the same reading. */
export async function benchDueRoute(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench');
  const servers: Server[] = [];
  try {
    const { app } = await setUpDatabase(cluster.adminUrl('salt_bench'), { owner: 'o', app: 'a' }, MIGRATIONS);
    const [ours, bare] = [await startServer('ours', app), await startServer('bare', app)];
    servers.push(ours, bare);
    const { cookie, path } = await prepare(ours);
    const measured: { own: number; peer: number }[] = [];
    // Turn by turn, so that whatever else the machine does falls on both; the first round only warms up.
    for (let round = 0; round <= ROUNDS; round += 1) {
      const pair = { own: await cpuOfOne(ours, path, cookie), peer: await cpuOfOne(bare, path, cookie) };
      if (round > 0) measured.push(pair);
    }
    const [own, peer] = [median(measured.map((one) => one.own)), median(measured.map((one) => one.peer))];
    const ratio = median(measured.map((one) => one.own / one.peer));
    return [
      {
        what: `due route, ${DUTIES} duties, server CPU per request, against bare Express`,
        ours: ms(own),
        peer: ms(peer),
        ratio: times(ratio),
        aim: '≤ 1.5×',
      },
    ];
  } finally {
    for (const { process: child } of servers) child.disconnect();
    await cluster.end();
  }
}
