import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline/promises';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { claimFolder } from '../src/cluster/lock.ts';
import {
  eraseInstallation,
  openInstallation,
  readyDatabase,
  type Installation,
} from '../src/cluster/installation.ts';
import { postmasterPid, startCluster, stopCluster } from '../src/cluster/cluster.ts';
import { loadDemoOnce } from '../src/demo/load.ts';
import { DEMO_EMAIL } from '../src/server/demoAccount.ts';
import { buildAll } from './build.ts';

const HOST = process.env['HOST'] ?? '127.0.0.1';
const PORT = Number(process.env['PORT'] ?? 4717);

/** Says what is wrong and leaves. */
function giveUp(message: string): never {
  console.error(message);
  process.exit(1);
}

/** Fails early, before anything is started, when the port is somebody else's. */
function requireFreePort(): Promise<void> {
  if (!Number.isInteger(PORT) || PORT < 1 || PORT > 65_535)
    giveUp(`PORT must be a number from 1 to 65535, not "${process.env['PORT']}"`);
  return new Promise((done) => {
    const probe = createServer();
    probe.once('error', (error: NodeJS.ErrnoException) => {
      giveUp(
        error.code === 'EADDRINUSE'
          ? `Port ${PORT} of ${HOST} is taken by another program. Choose another: PORT=${PORT + 1} npm start`
          : `Cannot listen on ${HOST} port ${PORT}: ${error.message}`,
      );
    });
    probe.listen(PORT, HOST, () => probe.close(() => done()));
  });
}

async function startOver(installation: Installation, sure: boolean): Promise<Installation> {
  if (process.env['DATABASE_URL'])
    giveUp("--fresh erases only the project's own data folder; it does not touch DATABASE_URL");
  if (!sure) {
    if (!process.stdin.isTTY)
      giveUp('--fresh erases all homes and accounts. To go ahead without being asked, add --yes');
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(
      `Erase everything in ${installation.folder} and start over with the demo? Type yes: `,
    );
    ask.close();
    if (answer.trim().toLowerCase() !== 'yes') giveUp('Nothing was erased.');
  }
  if (postmasterPid(installation.cluster.folder) !== 0) {
    await startCluster(installation.cluster);
    await stopCluster(installation.cluster);
  }
  eraseInstallation(installation);
  return openInstallation(installation.folder);
}

/** Runs the built server until it ends or this process is told to stop; resolves with its exit code. */
function serve(databaseUrl: string, { secrets }: Installation): Promise<number> {
  const child = spawn(process.execPath, ['--enable-source-maps', 'dist/server/main.js'], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      SESSION_SECRET: secrets.session,
      DEMO_PASSWORD: secrets.demo,
      HOST,
      PORT: String(PORT),
      WEB_FOLDER: resolve('dist/web'),
      LOG_LEVEL: process.env['LOG_LEVEL'] ?? 'info',
    },
  });
  child.once('message', () => {
    const name = HOST.includes(':') ? `[${HOST}]` : HOST;
    console.log(`\nSalt Ledger is at ${process.env['PUBLIC_URL'] ?? `http://${name}:${PORT}`}`);
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

async function main(): Promise<number> {
  const { values } = parseArgs({ options: { fresh: { type: 'boolean' }, yes: { type: 'boolean' } } });
  await requireFreePort();
  let installation = openInstallation();
  let release = claimFolder(installation.folder);
  if (values.fresh) {
    installation = await startOver(installation, values.yes === true);
    release = claimFolder(installation.folder);
  }
  await buildAll();
  const { urls, release: stopDatabase } = await readyDatabase(installation);
  try {
    await loadDemoOnce(urls.app, installation.secrets.demo, Date.now());
    return await serve(urls.app, installation);
  } finally {
    await stopDatabase();
    release();
  }
}

try {
  process.exitCode = await main();
} catch (error) {
  giveUp(error instanceof Error ? error.message : String(error));
}
