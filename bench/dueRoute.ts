import { v7 as uuid } from 'uuid';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { ms, times, type Ratio } from './ratio.ts';
import { compared, newHome, startServer, type Server } from './servers.ts';

const DUTIES = 60;

/** A home with 60 duties with a record each, made through the API; answers with the session and the address to ask. */
async function prepare({ address }: Server): Promise<{ cookie: string; path: string }> {
  const { post, cookie, homeId } = await newHome(address);
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
  return { cookie: cookie(), path: `/api/homes/${homeId}/today` };
}

/** Processor time of the due route for 60 duties against bare Express doing the same reading. */
export async function benchDueRoute(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench');
  const servers: Server[] = [];
  try {
    const { app } = await setUpDatabase(cluster.adminUrl('salt_bench'), { owner: 'o', app: 'a' }, MIGRATIONS);
    const [ours, bare] = [await startServer('ours', app), await startServer('bare', app)];
    servers.push(ours, bare);
    const { cookie, path } = await prepare(ours);
    const check = (body: unknown): void => {
      const { rows } = body as { rows: unknown[] };
      if (rows.length !== DUTIES) throw new Error(`expected ${DUTIES} rows, got ${rows.length}`);
    };
    const { own, peer, ratio } = await compared(ours, bare, { path, cookie, check });
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
