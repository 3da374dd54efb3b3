import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { resolve } from 'node:path';
import { claimFolder } from '../src/cluster/lock.ts';
import { dataFolder, openInstallation, readyDatabase } from '../src/cluster/installation.ts';
import { loadDemoOnce } from '../src/demo/load.ts';

// npm run dev: the server restarts and the page reloads by themselves as files change. Data stand apart from npm start's.
const PORT = process.env['PORT'] ?? '4717';
const installation = openInstallation(`${dataFolder()}-dev`);
const release = await claimFolder(installation.folder);
const { urls, release: stopDatabase } = await readyDatabase(installation);
await loadDemoOnce(urls.app, installation.secrets.demo, Date.now());

const environment = {
  ...process.env,
  DATABASE_URL: urls.app,
  SESSION_SECRET: installation.secrets.session,
  DEMO_PASSWORD: installation.secrets.demo,
  PORT,
  WEB_FOLDER: resolve('dist/nowhere'),
};
const run = (...args: string[]): ChildProcess =>
  spawn(process.execPath, args, { stdio: ['ignore', 'inherit', 'inherit'], env: environment });
const children = [
  run('--watch', '--import', 'tsx', 'src/server/main.ts'),
  run('node_modules/vite/bin/vite.js'),
];

const ended = Promise.all(children.map((child) => once(child, 'exit')));
const stop = (): void => {
  children.forEach((child) => child.kill('SIGTERM'));
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
children.forEach((child) => child.once('exit', stop));
await ended;
await stopDatabase();
release();
