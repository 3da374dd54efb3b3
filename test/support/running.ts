import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { resolve } from 'node:path';
import { freshDatabase } from './database.ts';
import { CLOCK_AT, DEMO_PASSWORD, DEMO_TEMPLATE } from './fixed.ts';

/** The built server in a process of its own. */
export interface RunningServer {
  readonly port: number;
  readonly address: string;
  readonly process: ChildProcess;
  /** Ends it at once, as a power cut would. */
  kill(): Promise<void>;
}

/** `more`: settings besides those every test server has. */
export async function startServer(
  databaseUrl: string,
  port = 0,
  clockAt = CLOCK_AT,
  more: Record<string, string> = {},
): Promise<RunningServer> {
  const child = spawn(process.execPath, [resolve('dist/server/main.js')], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      PATH: process.env['PATH'] ?? '',
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      SESSION_SECRET: 'a secret for tests, long enough to be taken',
      PORT: String(port),
      WEB_FOLDER: resolve('dist/web'),
      CLOCK_AT: clockAt,
      DEMO_PASSWORD,
      LOG_LEVEL: 'fatal',
      ...more,
    },
  });
  const [message] = (await once(child, 'message')) as [{ listening: number }];
  const kill = async (): Promise<void> => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    const gone = once(child, 'exit');
    child.kill('SIGKILL');
    await gone;
  };
  return { port: message.listening, address: `http://127.0.0.1:${message.listening}`, process: child, kill };
}

/** A server on a fresh database with the demo homes in it, some days after their last entry where a later clock is asked for. */
export async function startDemo(clockAt = CLOCK_AT): Promise<RunningServer & { databaseUrl: string }> {
  const { app } = await freshDatabase(DEMO_TEMPLATE);
  return { ...(await startServer(app, 0, clockAt)), databaseUrl: app };
}
