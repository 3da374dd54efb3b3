import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { v7 as uuid } from 'uuid';
import { median } from './ratio.ts';

const REQUESTS_A_ROUND = 400;
const AT_ONCE = 4;
const ROUNDS = 7;
/** The time as the servers see it. */
export const NOW = Date.parse('2026-11-24T18:00:00Z');

/** A server in a process of its own, so that its processor time is its own. */
export interface Server {
  readonly process: ChildProcess;
  readonly address: string;
}

export async function startServer(kind: 'ours' | 'bare', databaseUrl: string): Promise<Server> {
  const child = fork(new URL('./dueRouteServer.js', import.meta.url), [kind, databaseUrl, String(NOW)]);
  const [{ port }] = (await once(child, 'message')) as [{ port: number }];
  return { process: child, address: `http://127.0.0.1:${port}` };
}

async function cpuMs({ process: child }: Server): Promise<number> {
  child.send('cpu');
  const [{ cpu }] = (await once(child, 'message')) as [{ cpu: NodeJS.CpuUsage }];
  return (cpu.user + cpu.system) / 1000;
}

/** The requests to both servers; `check` throws on an answer that is not the one wanted. */
export interface Asked {
  readonly path: string;
  readonly cookie: string;
  readonly check: (body: unknown) => void;
}

/** Processor time of the server for one request, over a round of them. */
async function cpuOfOne(server: Server, { path, cookie, check }: Asked): Promise<number> {
  const before = await cpuMs(server);
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let index = 0; index < REQUESTS_A_ROUND / AT_ONCE; index += 1) {
        const answer = await fetch(`${server.address}${path}`, { headers: { cookie } });
        check(await answer.json());
      }
    }),
  );
  return ((await cpuMs(server)) - before) / REQUESTS_A_ROUND;
}

/** Processor time of a request at both servers. Turn by turn, so that whatever else the machine does falls on both; the first round only warms up. */
export async function compared(
  ours: Server,
  bare: Server,
  asked: Asked,
): Promise<{ own: number; peer: number; ratio: number }> {
  const measured: { own: number; peer: number }[] = [];
  for (let round = 0; round <= ROUNDS; round += 1) {
    const pair = { own: await cpuOfOne(ours, asked), peer: await cpuOfOne(bare, asked) };
    if (round > 0) measured.push(pair);
  }
  return {
    own: median(measured.map((one) => one.own)),
    peer: median(measured.map((one) => one.peer)),
    ratio: median(measured.map((one) => one.own / one.peer)),
  };
}

/** Sends JSON as someone signed in; the session of the first answer that gives one is kept. */
function poster(address: string): {
  post: (path: string, body: object) => Promise<void>;
  cookie: () => string;
} {
  let cookie = '';
  return {
    cookie: () => cookie,
    post: async (path, body) => {
      const answer = await fetch(`${address}${path}`, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json', cookie },
      });
      if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
      cookie ||= (answer.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
    },
  };
}

/** Someone new with an empty home, made through the API. */
export async function newHome(
  address: string,
): Promise<ReturnType<typeof poster> & { readonly homeId: string }> {
  const { post, cookie } = poster(address);
  await post('/api/sign-up', {
    name: 'Bench',
    email: `${uuid()}@example.org`,
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
  return { post, cookie, homeId };
}
