import { setTimeout as pause } from 'node:timers/promises';
import { v7 as uuid } from 'uuid';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { ms, times, type Ratio } from './ratio.ts';
import { newHome, startServer, type Server } from './servers.ts';

const ENTRIES = 20_000;
const ROUNDS = 3;
const BETWEEN_ASKING_MS = 10;

type Home = Awaited<ReturnType<typeof newHome>>;
const note = (): { id: string; date: string; body: object } => ({
  id: uuid(),
  date: '2026-11-01',
  body: { kind: 'note', text: 'Something worth keeping' },
});

/** Milliseconds that one request takes, and the longest that somebody else's small request waited meanwhile. */
async function timed(
  work: () => Promise<void>,
  ask: () => Promise<void>,
): Promise<{ took: number; waited: number }> {
  const start = performance.now();
  let took = 0;
  const done = work().then(() => (took = performance.now() - start));
  let waited = 0;
  while (took === 0) {
    const asked = performance.now();
    await ask();
    waited = Math.max(waited, performance.now() - asked);
    await pause(BETWEEN_ASKING_MS);
  }
  await done;
  return { took, waited };
}

async function round(server: Server): Promise<{ plain: number; corrections: number; waited: number }> {
  const take = (home: Home, entries: object[]): Promise<void> =>
    home.post(`/api/homes/${home.homeId}/imported-entries`, { entries });
  const other = await newHome(server.address);
  const ask = async (): Promise<void> => {
    const answer = await fetch(`${server.address}/api/homes/${other.homeId}/today`, {
      headers: { cookie: other.cookie() },
    });
    await answer.text();
  };
  const [one, two] = [await newHome(server.address), await newHome(server.address)];
  const first = Array.from({ length: ENTRIES }, note);
  await take(one, Array.from({ length: ENTRIES }, note));
  await take(two, first);
  const plain = await timed(() => take(one, Array.from({ length: ENTRIES }, note)), ask);
  const corrections = await timed(
    () =>
      take(
        two,
        first.map(({ id }) => ({
          id: uuid(),
          date: '2026-11-02',
          body: { kind: 'amends', target: id, change: { text: 'Put right' } },
        })),
      ),
    ask,
  );
  return {
    plain: plain.took,
    corrections: corrections.took,
    waited: Math.max(plain.waited, corrections.waited),
  };
}

/** Twenty thousand corrections taken in at once against as many plain entries, each into a record as long; and what others wait meanwhile. */
export async function benchCorrections(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench');
  const { app } = await setUpDatabase(cluster.adminUrl('salt_bench'), { owner: 'o', app: 'a' }, MIGRATIONS);
  const server = await startServer('ours', app);
  try {
    const rounds: Awaited<ReturnType<typeof round>>[] = [];
    for (let at = 0; at < ROUNDS; at += 1) rounds.push(await round(server));
    const best = rounds.reduce((least, one) => (one.corrections < least.corrections ? one : least));
    return [
      {
        what: `${ENTRIES} corrections taken in at once, against as many plain entries`,
        ours: ms(best.corrections),
        peer: ms(best.plain),
        ratio: times(best.corrections / best.plain),
        aim: '≤ 3×',
      },
      {
        what: 'the longest that another’s request waits meanwhile, against the whole of it',
        ours: ms(best.waited),
        peer: ms(best.corrections),
        ratio: times(best.waited / best.corrections),
        aim: '≤ 0.2×',
      },
    ];
  } finally {
    server.process.disconnect();
    await cluster.end();
  }
}
