import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import connectPgSimple from 'connect-pg-simple';
import express, { type Express, type Request } from 'express';
import session from 'express-session';
import type { Pool, PoolClient } from 'pg';
import { pino } from 'pino';
import { openDatabase } from '../src/server/db/database.ts';
import { createApp } from '../src/server/http/app.ts';
import type { Config } from '../src/server/config.ts';

// One of the two servers of the due-route benchmark, in a process of its own so that its processor time is its own.
// Told over IPC to report how much it has used; `ours` is the product, `bare` does the same reading and no more.
const [kind = 'ours', databaseUrl = '', clockAt = '0'] = process.argv.slice(2);
const SECRET = 'a secret for the benchmark, long enough';

const { db, pool } = openDatabase(databaseUrl, () => undefined);

/** Express, the same session, the same transaction and the same statements, and what comes back as JSON. */
function bareApp(connections: Pool): Express {
  const app = express();
  const Store = connectPgSimple(session);
  app.use(
    session({
      name: 'salt-ledger',
      secret: SECRET,
      resave: false,
      saveUninitialized: false,
      store: new Store({ pool: connections, tableName: 'session', disableTouch: true }),
    }),
  );
  app.get('/api/homes/:homeId/today', async (request, response) => {
    response.json(await inHome(connections, request, async (client, homeId) => readWindows(client, homeId)));
  });
  app.get('/api/homes/:homeId/entries', async (request, response) => {
    response.json(await inHome(connections, request, async (client, homeId) => readPage(client, homeId)));
  });
  return app;
}

/** The transaction that sets the person and reads the home, as every route of a home has it. */
async function inHome<T>(
  connections: Pool,
  request: Request<{ homeId: string }>,
  read: (client: PoolClient, homeId: string) => Promise<T>,
): Promise<T> {
  const client = await connections.connect();
  try {
    const person = request.session.personId ?? '';
    const { homeId } = request.params;
    await client.query('begin');
    await client.query("SELECT set_config('salt.person', $1, true)", [person]);
    await client.query(
      `select "home"."home_id", "home"."name", "zone", "hemisphere", "units", "vocabulary", "currency", "membership"."role"
       from "home" inner join "membership" on ("membership"."home_id" = "home"."home_id" and "membership"."person_id" = $1)
       where "home"."home_id" = $2`,
      [person, homeId],
    );
    const answer = await read(client, homeId);
    await client.query('commit');
    return answer;
  } finally {
    client.release();
  }
}

async function readWindows(client: PoolClient, homeId: string): Promise<object> {
  const sql = 'select * from "duty_window" where "home_id" = $1 order by "duty_id"';
  return { rows: (await client.query(sql, [homeId])).rows };
}

/** A page of the ledger, by the statement the product sends; none of its lines was corrected. */
async function readPage(client: PoolClient, homeId: string): Promise<object> {
  const { rows } = await client.query(
    `SELECT id, seq, date::text AS date, to_char(stamped_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "stampedAt",
       by_person AS by, batch, body,
       EXISTS (SELECT 1 FROM entry c WHERE c.home_id = entry.home_id AND c.target_id = entry.id) AS corrected
     FROM entry WHERE home_id = $1 AND target_id IS NULL ORDER BY seq DESC LIMIT 50`,
    [homeId],
  );
  return { lines: rows };
}

const config: Config = {
  databaseUrl,
  sessionSecret: SECRET,
  host: '127.0.0.1',
  port: 0,
  publicUrl: null,
  trustedProxies: [],
  webFolder: '/nowhere',
  clockAt: null,
  demoPassword: null,
  logLevel: 'silent',
};
const log = pino({ level: 'silent' });
const app =
  kind === 'ours' ? createApp({ db, clock: () => Number(clockAt), config, log }, pool) : bareApp(pool);
const server = createServer(app);
server.listen(0, '127.0.0.1', () => process.send?.({ port: (server.address() as AddressInfo).port }));
process.on('message', () => process.send?.({ cpu: process.cpuUsage() }));
process.on('disconnect', () => process.exit(0));
