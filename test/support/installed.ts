import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { freePort } from '../../src/cluster/cluster.ts';

/** `npm start` that runs: its process, and what it has said so far. */
export interface Started {
  readonly process: ChildProcess;
  readonly said: () => string;
}

export interface Ran {
  readonly code: number;
  readonly out: string;
  readonly err: string;
}

/** An installation in a data folder of its own, worked on as a person at the machine would. */
export interface Installed {
  readonly folder: string;
  readonly cluster: string;
  readonly address: string;
  readonly port: number;
  /** `npm start`, resolved once it has printed its address. */
  start(...args: string[]): Promise<Started>;
  /** Starts a program and does not wait for it. */
  begin(words: readonly string[], more?: Record<string, string>): Started;
  /** A program with the installation's settings, and `more`. */
  run(words: readonly string[], more?: Record<string, string>): Promise<Ran>;
  /** One of the npm scripts. */
  npm(name: string, ...args: string[]): Promise<Ran>;
  forget(): void;
}

const MOST_OUTPUT = 1 << 26;

export async function newInstalled(name: string): Promise<Installed> {
  const folder = mkdtempSync(`/tmp/salt-${name}-`);
  chmodSync(folder, 0o755);
  const port = await freePort();
  const environment = (more: Record<string, string> = {}) => ({
    ...process.env,
    DATA_DIR: folder,
    PORT: String(port),
    LOG_LEVEL: 'fatal',
    DATABASE_URL: '',
    CI: '',
    ...more,
  });
  const begin = ([program = '', ...args]: readonly string[], more?: Record<string, string>): Started => {
    const child = spawn(program, args, {
      env: environment(more),
      stdio: ['ignore', 'pipe', 'pipe'],
      // A process group of its own, as a terminal gives it.
      detached: true,
    });
    let said = '';
    child.stdout.on('data', (data: Buffer) => (said += data.toString()));
    child.stderr.on('data', (data: Buffer) => (said += data.toString()));
    return { process: child, said: () => said };
  };
  const run = ([program = '', ...args]: readonly string[], more?: Record<string, string>): Promise<Ran> =>
    new Promise((resolve) => {
      const options = { env: environment(more), maxBuffer: MOST_OUTPUT };
      execFile(program, args, options, (error, out, err) => {
        resolve({ code: error ? Number(error.code) : 0, out, err });
      });
    });
  return {
    folder,
    port,
    cluster: join(folder, 'cluster'),
    address: `http://127.0.0.1:${port}`,
    begin,
    run,
    start: async (...args) => {
      const started = begin(['bash', 'scripts/start.sh', ...args]);
      await untilSaid(started, 'Ctrl-C stops it');
      return started;
    },
    npm: (script, ...args) => run(['npm', 'run', '--silent', script, '--', ...args]),
    forget: () => {
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

const MOST_WAIT_MS = 300_000;
const PAUSE_MS = 100;

/** Waits until something has been said; a process that ends before, or does not say it in five minutes, is told with what it said. */
export async function untilSaid({ process: child, said }: Started, words: string): Promise<void> {
  const until = Date.now() + MOST_WAIT_MS;
  while (!said().includes(words)) {
    if (child.exitCode !== null || Date.now() > until)
      throw new Error(`"${words}" was not said, but:\n${said()}`);
    await pause(PAUSE_MS);
  }
}

/** Ends what was started and waits until it is gone; answers with its exit code. */
export async function end({ process: child }: Started, signal: NodeJS.Signals): Promise<number | null> {
  const gone = once(child, 'exit');
  child.kill(signal);
  await gone;
  return child.exitCode;
}
