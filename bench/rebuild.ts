import { runInNewContext } from 'node:vm';
import { setFlagsFromString } from 'node:v8';
import { resolve } from 'node:path';
import pg from 'pg';
import { v7 as uuid } from 'uuid';
import { eachHomeOf } from '../src/cli/homes/eachHome.ts';
import { workOn } from '../src/cli/homes/lane.ts';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { civil } from '../src/core/calendar/civilDate.ts';
import { asPerson, openDatabase } from '../src/server/db/database.ts';
import { setUpDatabase, type DatabaseUrls } from '../src/server/db/setup.ts';
import { everyHome } from '../src/server/services/everyHome.ts';
import { importHouse } from '../src/server/services/houseFiles/importHouse.ts';
import { manyDuties } from './manyDuties.ts';
import { ms, times, type Ratio } from './ratio.ts';

const HOMES = Number(process.env['BENCH_HOMES'] ?? 5_000);
/** As many tell whether memory grows. */
const HELD_HOMES = 1_000;
const DUTIES = 60;
const ON = civil('2026-10-12');
const NOW = Date.parse(`${ON}T18:00:00Z`);
const COPIES = 3;
const PASSWORDS = { owner: 'o', app: 'a' };
const TABLES = ['home', 'home_person', 'membership', 'space', 'asset', 'duty', 'entry'];

setFlagsFromString('--expose-gc');
const gc = runInNewContext('gc') as () => void;
/** Megabytes still held after everything that can be let go has been. */
function heldMb(): number {
  gc();
  return process.memoryUsage().heapUsed / 2 ** 20;
}

/** All homes projected anew from their ledgers as the command does it, against COPY of the rows that this writes. */
export async function benchRebuild(): Promise<Ratio[]> {
  const cluster = await startThrowaway('bench-rebuild', '-c fsync=off -c max_wal_size=4GB');
  const adminUrl = cluster.adminUrl('salt_bench');
  const urls = await setUpDatabase(adminUrl, PASSWORDS, MIGRATIONS);
  const admin = new pg.Client(adminUrl);
  await admin.connect();
  try {
    await plantHomes(admin, urls);
    const held = await heldByOneProcess(urls);
    await admin.query('TRUNCATE duty_window');
    const start = performance.now();
    const { failed } = await eachHomeOf(urls, 'rebuild', NOW, {
      program: resolve('.bench/laneProcess.js'),
    });
    const own = performance.now() - start;
    if (failed > 0) throw new Error(`${failed} homes could not be projected`);
    const { rows } = await admin.query<{ count: number }>('SELECT count(*)::int AS count FROM duty_window');
    if (rows[0]?.count !== HOMES * DUTIES) throw new Error(`${rows[0]?.count} rows were written`);
    const peer = await copyMs(admin);
    const [first = 0, last = 0] = [held[0], held.at(-1)];
    return [
      {
        what: `${HOMES} homes of ${DUTIES} duties projected anew from the database, against COPY of the same rows out and in`,
        ours: ms(own),
        peer: ms(peer),
        ratio: `${times(own / peer)} the time`,
        aim: '≤ 10×',
      },
      {
        what: `memory held by one process after ${Math.min(HOMES, HELD_HOMES)} homes, against after a tenth of them`,
        ours: `${last.toFixed(1)} MB`,
        peer: `${first.toFixed(1)} MB`,
        ratio: times(last / first),
        aim: 'flat: 1.1×',
      },
    ];
  } finally {
    await admin.end();
    await cluster.end();
  }
}

/** Megabytes that one process holds after each tenth of some of the homes. */
async function heldByOneProcess({ owner, app }: DatabaseUrls): Promise<number[]> {
  const homes = (await everyHome(owner)).slice(0, HELD_HOMES);
  const tenth = Math.ceil(homes.length / 10);
  const held: number[] = [];
  for (let from = 0; from < homes.length; from += tenth) {
    await workOn({ url: app, work: 'rebuild', homes: homes.slice(from, from + tenth), now: NOW });
    held.push(heldMb());
  }
  return held;
}

/**
 * One home is brought in as any is; the others are copies of its rows in which the first eight digits that all its ids
 * begin with are the copy's number, the owner's id too, so that each home belongs to someone else.
 */
export async function plantHomes(admin: pg.Client, { app }: DatabaseUrls): Promise<void> {
  const personId = uuid();
  await admin.query(
    `INSERT INTO account (person_id, name, email, password_hash) VALUES ($1, 'Lin', 'lin@example.org', '-')`,
    [personId],
  );
  const { db, pool } = openDatabase(app, () => undefined);
  await asPerson(db, personId, (tx) => importHouse(tx, manyDuties(DUTIES), { by: personId, now: NOW }));
  await pool.end();
  const prefix = personId.slice(0, 9);
  const { rows } = await admin.query<{ id: string }>('SELECT id FROM entry UNION ALL SELECT id FROM duty');
  if (rows.some(({ id }) => !id.startsWith(prefix)))
    throw new Error('the ids do not begin alike; run it again');
  // The copying is neither a person's nor a writer's of the ledger: guards are for those.
  await admin.query("SET session_replication_role = 'replica'");
  for (const table of TABLES)
    await admin.query(
      `INSERT INTO ${table} SELECT (jsonb_populate_record(NULL::${table},
         replace(to_jsonb(one)::text, '${prefix}', lpad(to_hex(copy), 8, '0') || '-')::jsonb)).*
       FROM (SELECT * FROM ${table}) one, generate_series(1, ${HOMES - 1}) copy`,
    );
  await admin.query("SET session_replication_role = 'origin'");
  await admin.query('TRUNCATE duty_window');
  await admin.query('ANALYZE');
}

/** The same rows written out and read in again by PostgreSQL itself: the fastest of a few, for it is over soon and anything disturbs it. */
async function copyMs(admin: pg.Client): Promise<number> {
  const { rows } = await admin.query<{ file: string }>(
    `SELECT current_setting('data_directory') || '/bench.copy' AS file`,
  );
  const file = rows[0]?.file ?? '';
  await admin.query('CREATE TABLE copied (LIKE duty_window INCLUDING ALL)');
  const runs: number[] = [];
  for (let run = 0; run < COPIES; run += 1) {
    await admin.query('TRUNCATE copied');
    const start = performance.now();
    await admin.query(`COPY duty_window TO '${file}'`);
    await admin.query(`COPY copied FROM '${file}'`);
    runs.push(performance.now() - start);
  }
  return Math.min(...runs);
}
