import { sql } from 'drizzle-orm';
import pg from 'pg';
import { v7 as uuid } from 'uuid';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { civil } from '../src/core/calendar/civilDate.ts';
import { asPerson, openDatabase, type Database, type Tx } from '../src/server/db/database.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { importHouse } from '../src/server/services/houseFiles/importHouse.ts';
import { appendEntries } from '../src/server/services/ledger.ts';
import { loadWholeHome, projectLoaded } from '../src/server/services/loadedHome.ts';
import { lockLedger } from '../src/server/stores/entryStore.ts';
import { findHome } from '../src/server/stores/homeStore.ts';
import { longHome } from '../test/support/longHome.ts';
import { manyDuties } from './manyDuties.ts';
import { ms, times, type Ratio } from './ratio.ts';

const DUTIES = 60;
const TAPS = 30;
const UNTIL = civil('2026-10-12');
const ON = civil('2026-10-13');
const PASSWORDS = { owner: 'o', app: 'a' };

/** The cost of one tap on Done on the server. */
interface Tap {
  readonly statements: number;
  readonly lines: number;
  readonly cpu: number;
}

/** A task done at homes with 500 and 50 000 entries, against reading and projecting their whole ledgers. */
export async function benchDoneOnToday(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench-done', '-c fsync=off -c max_wal_size=4GB');
  const urls = await setUpDatabase(cluster.adminUrl('salt_bench'), PASSWORDS, MIGRATIONS);
  const admin = new pg.Client(cluster.adminUrl('salt_bench'));
  await admin.connect();
  const { db, pool } = openDatabase(urls.app, () => undefined);
  try {
    const ratios: Ratio[] = [];
    for (const entries of [50_000, 500]) {
      const personId = uuid();
      await admin.query(
        `INSERT INTO account (person_id, name, email, password_hash) VALUES ($1, 'Lin', $2, '-')`,
        [personId, `lin${entries}@example.org`],
      );
      const file = longHome(manyDuties(DUTIES), entries, UNTIL);
      const at = Date.parse(`${UNTIL}T18:00:00Z`);
      const homeId = await asPerson(db, personId, (tx) => importHouse(tx, file, { by: personId, now: at }));
      await admin.query('ANALYZE');
      const tap = await taps(db, personId, homeId);
      const whole = await wholeMs(db, personId, homeId);
      ratios.push({
        what: `a task done at a home of ${entries} entries: ${tap.statements} statements, ${tap.lines} lines of the ledger read; against its whole ledger read and projected once`,
        ours: `${ms(tap.cpu)} of processor`,
        peer: `${ms(whole)} of processor`,
        ratio: times(tap.cpu / whole),
        aim: '≤ 100 lines',
      });
    }
    return ratios;
  } finally {
    await pool.end();
    await admin.end();
    await cluster.end();
  }
}

/** Tasks done on one day: the most lines one reads, its statements, and the processor time of one on average. */
async function taps(db: Database, personId: string, homeId: string): Promise<Tap> {
  let statements = 0;
  let lines = 0;
  const counted = countStatements();
  const cpu = await cpuMs(async () => {
    for (let tap = 0; tap < TAPS; tap += 1) {
      await asPerson(db, personId, async (tx) => {
        counted.reset();
        const home = await homeOf(tx, personId, homeId);
        await lockLedger(tx, homeId);
        const duty = await someDuty(tx, homeId);
        const before = await linesRead(tx);
        const entry = { id: uuid(), date: ON, body: { kind: 'done', duty } } as const;
        await appendEntries(tx, home, [entry], { by: personId, now: Date.parse(`${ON}T18:00:00Z`) });
        // Less those of the benchmark itself.
        statements = Math.max(statements, counted.count() - 2);
        lines = Math.max(lines, (await linesRead(tx)) - before);
      });
    }
  });
  counted.stop();
  return { statements, lines, cpu: cpu / TAPS };
}

const wholeMs = async (db: Database, personId: string, homeId: string): Promise<number> =>
  cpuMs(() =>
    asPerson(db, personId, async (tx) => {
      projectLoaded(await loadWholeHome(tx, await homeOf(tx, personId, homeId), UNTIL));
    }),
  );

async function homeOf(tx: Tx, personId: string, homeId: string) {
  const home = await findHome(tx, personId, homeId);
  if (!home) throw new Error('the home is gone');
  return home;
}

async function someDuty(tx: Tx, homeId: string): Promise<string> {
  const { rows } = await tx.execute<{ id: string }>(
    sql`SELECT id FROM duty WHERE home_id = ${homeId} ORDER BY random() LIMIT 1`,
  );
  return rows[0]?.id ?? '';
}

async function linesRead(tx: Tx): Promise<number> {
  const { rows } = await tx.execute<{ read: string }>(
    sql`SELECT seq_tup_read + coalesce(idx_tup_fetch, 0) AS read FROM pg_stat_xact_user_tables WHERE relname = 'entry'`,
  );
  return Number(rows[0]?.read);
}

async function cpuMs(work: () => Promise<unknown>): Promise<number> {
  const before = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1_000;
}

/** Counts the statements that every connection of this process sends. */
function countStatements(): { reset(): void; count(): number; stop(): void } {
  const own = pg.Client.prototype.query;
  let sent = 0;
  pg.Client.prototype.query = function query(this: pg.Client, ...args: Parameters<typeof own>) {
    sent += 1;
    return own.apply(this, args);
  } as typeof own;
  return {
    reset: () => {
      sent = 0;
    },
    count: () => sent,
    stop: () => {
      pg.Client.prototype.query = own;
    },
  };
}
