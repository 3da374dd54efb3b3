import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import type { Installation } from '../src/cluster/installation.ts';
import type { Settings } from '../src/server/config.ts';
import { DEMO_EMAIL } from '../src/server/demoAccount.ts';

/** Fails early, before anything is started, when the port is somebody else's. */
export function requireFreePort({ host, port }: Settings): Promise<void> {
  return new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', (error: NodeJS.ErrnoException) => {
      fail(new Error(whyNot(error, host, port)));
    });
    probe.listen(port, host, () => probe.close(() => done()));
  });
}

function whyNot({ code, message }: NodeJS.ErrnoException, host: string, port: number): string {
  switch (code) {
    case 'EADDRINUSE':
      return `Port ${port} of ${host} is taken by another program. Choose another: PORT=${port + 1} npm start`;
    case 'EACCES':
      return `Port ${port} is only for the administrator. Choose one from 1024 up: PORT=4717 npm start`;
    case 'EADDRNOTAVAIL':
    case 'ENOTFOUND':
      return `HOST=${host} is no address of this machine. Use 127.0.0.1, or 0.0.0.0 for every address it has.`;
    default:
      return `Cannot listen on ${host} port ${port}: ${message}`;
  }
}

/** Runs the built server until it ends or this process is told to stop; resolves with its exit code. */
export function serve(databaseUrl: string, { secrets }: Installation, settings: Settings): Promise<number> {
  const { host, port, publicUrl, logLevel } = settings;
  const child = spawn(process.execPath, ['--enable-source-maps', 'dist/server/main.js'], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      SESSION_SECRET: secrets.session,
      DEMO_PASSWORD: secrets.demo,
      HOST: host,
      PORT: String(port),
      WEB_FOLDER: resolve('dist/web'),
      LOG_LEVEL: logLevel,
    },
  });
  child.once('message', () => {
    const name = host.includes(':') ? `[${host}]` : host;
    console.log(`\nSalt Ledger is at ${publicUrl?.origin ?? `http://${name}:${port}`}`);
    if (publicUrl === null)
      console.log(`Demo sign-in (on this machine only): ${DEMO_EMAIL}, password ${secrets.demo}`);
    console.log('Ctrl-C stops it; the data stay.\n');
  });
  // Ctrl-C reaches the child by itself; a SIGTERM does not. The server takes either once and then closes.
  process.on('SIGINT', () => child.kill('SIGTERM'));
  process.on('SIGTERM', () => child.kill('SIGTERM'));
  return new Promise((ended) =>
    child.once('exit', (code, signal) => ended(code ?? (signal === 'SIGTERM' ? 0 : 1))),
  );
}
