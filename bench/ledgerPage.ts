import { v7 as uuid } from 'uuid';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { ms, times, type Ratio } from './ratio.ts';
import { compared, newHome, startServer, type Server } from './servers.ts';

const ENTRIES = 50_000;
const AT_A_TIME = 10_000;
const PAGE = 50;

/** A home with fifty thousand entries, taken in as tables are; answers with the session and the address to ask. */
async function prepare({ address }: Server): Promise<{ cookie: string; path: string }> {
  const { post, cookie, homeId } = await newHome(address);
  for (let written = 0; written < ENTRIES; written += AT_A_TIME) {
    const entries = Array.from({ length: AT_A_TIME }, (_, place) => ({
      id: uuid(),
      date: `20${String(10 + ((written + place) % 16))}-0${1 + (place % 9)}-1${place % 10}`,
      body: { kind: 'note', text: `Entry ${written + place} of a long record` },
    }));
    await post(`/api/homes/${homeId}/imported-entries`, { entries });
  }
  return { cookie: cookie(), path: `/api/homes/${homeId}/entries?limit=${PAGE}` };
}

/** Processor time of a page of a ledger of fifty thousand entries against bare Express doing the same reading. */
export async function benchLedgerPage(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench');
  const servers: Server[] = [];
  try {
    const { app } = await setUpDatabase(cluster.adminUrl('salt_bench'), { owner: 'o', app: 'a' }, MIGRATIONS);
    const writer = await startServer('ours', app);
    servers.push(writer);
    const { cookie, path } = await prepare(writer);
    // Both are asked as they are after a start: taking in fifty thousand entries leaves a heap of its own behind.
    const [ours, bare] = [await startServer('ours', app), await startServer('bare', app)];
    servers.push(ours, bare);
    const check = (body: unknown): void => {
      const { lines } = body as { lines: unknown[] };
      if (lines.length !== PAGE) throw new Error(`expected ${PAGE} lines, got ${lines.length}`);
    };
    const { own, peer, ratio } = await compared(ours, bare, { path, cookie, check });
    return [
      {
        what: `a page of a ledger of ${ENTRIES} entries, server CPU per request, against bare Express`,
        ours: ms(own),
        peer: ms(peer),
        ratio: times(ratio),
        aim: '≤ 1.4×',
      },
    ];
  } finally {
    for (const { process: child } of servers) child.disconnect();
    await cluster.end();
  }
}
