import { createServer } from 'node:http';
import { clockFrom } from './clock.ts';
import { readConfig } from './config.ts';
import { openDatabase } from './db/database.ts';
import { createApp } from './http/app.ts';
import { answerEverything } from './http/unreadable.ts';
import { createLog } from './log.ts';

const CLOSING_MS = 5_000;

const config = readConfig(process.env);
const log = createLog(config.logLevel);
const { db, pool } = openDatabase(config.databaseUrl, (error) => {
  log.warn({ err: error }, 'a database connection was lost');
});
const services = { db, clock: clockFrom(config.clockAt), config, log };
const server = createServer(createApp(services, pool));

let closing = false;

/** Lets what is being answered finish, then leaves. Ctrl-C may tell it twice: from the terminal and from its parent. */
function close(): void {
  if (closing) return;
  closing = true;
  server.close(() => {
    void pool.end().then(() => process.exit(0));
  });
  server.closeIdleConnections();
  setTimeout(() => {
    server.closeAllConnections();
  }, CLOSING_MS).unref();
}

answerEverything(server);
server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  log.fatal(
    taken ? `port ${config.port} of ${config.host} is taken; choose another with PORT` : { err: error },
  );
  process.exit(1);
});
server.listen(config.port, config.host, () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : config.port;
  log.info({ port }, 'listening');
  process.send?.({ listening: port });
});
process.once('SIGTERM', close);
process.once('SIGINT', close);
// The program that started it is gone, killed perhaps: a server nobody minds would only hold the port.
process.once('disconnect', close);
