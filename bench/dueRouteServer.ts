import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import connectPgSimple from 'connect-pg-simple';
import express, { type Express } from 'express';
import session from 'express-session';
import type { Pool } from 'pg';
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
      const { rows } = await client.query(
        'select * from "duty_window" where "home_id" = $1 order by "duty_id"',
        [homeId],
      );
      await client.query('commit');
      response.json({ rows });
    } finally {
      client.release();
    }
  });
  return app;
}

const config: Config = {
  databaseUrl,
  sessionSecret: SECRET,
  host: '127.0.0.1',
  port: 0,
  publicUrl: null,
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
