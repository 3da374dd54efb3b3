import { spawn } from 'node:child_process';
import { resolve } from 'node:path';
import { createServer } from 'vite';
import { claimFolder } from '../src/cluster/lock.ts';
import { openInstallation, readyDatabase } from '../src/cluster/installation.ts';
import { loadDemoOnce } from '../src/demo/load.ts';

// npm run dev: the server restarts and the page reloads by themselves as files change. Data stand beside npm start's.
const PORT = process.env['PORT'] ?? '4717';
const installation = openInstallation(resolve(process.env['DATA_DIR'] ?? '.data/dev'));
const release = claimFolder(installation.folder);
const { urls, release: stopDatabase } = await readyDatabase(installation);
await loadDemoOnce(urls.app, installation.secrets.demo, Date.now());

const server = spawn(process.execPath, ['--watch', '--import', 'tsx', 'src/server/main.ts'], {
  stdio: 'inherit',
  env: {
    ...process.env,
    DATABASE_URL: urls.app,
    SESSION_SECRET: installation.secrets.session,
    DEMO_PASSWORD: installation.secrets.demo,
    PORT,
    WEB_FOLDER: resolve('dist/nowhere'),
  },
});
const page = await createServer();
await page.listen();
page.printUrls();

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  server.kill('SIGTERM');
  await page.close();
  await stopDatabase();
  release();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
