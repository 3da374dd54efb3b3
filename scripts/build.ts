import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const STAMP = 'dist/.built-from';
const SOURCES = ['src', 'scripts/build.ts', 'vite.config.ts', 'package-lock.json', 'tsconfig.base.json'];

/** Builds the server and the browser's part into `dist/`, unless nothing changed since they were last built. */
export async function buildAll(): Promise<void> {
  const wanted = fingerprint();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  console.error('Building');
  rmSync('dist', { recursive: true, force: true });
  await Promise.all([buildServer(), buildWeb()]);
  writeFileSync(STAMP, wanted);
}

async function buildServer(): Promise<void> {
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['src/server/main.ts'],
    outdir: 'dist/server',
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
  });
  mkdirSync('dist/migrations', { recursive: true });
  cpSync('src/server/db/migrations', 'dist/migrations', { recursive: true });
}

async function buildWeb(): Promise<void> {
  // Whatever the shell says: a page built for development keeps nothing on the device.
  process.env['NODE_ENV'] = 'production';
  const { build } = await import('vite');
  await build({ logLevel: 'warn' });
}

/** A hash over everything the build reads. */
function fingerprint(): string {
  const hash = createHash('sha256');
  const read = (path: string): void => {
    const children = readChildren(path);
    if (children === null) hash.update(path).update(readFileSync(path));
    else children.sort().forEach((child) => read(join(path, child)));
  };
  SOURCES.filter((path) => existsSync(path)).forEach(read);
  return hash.digest('hex');
}

function readChildren(path: string): string[] | null {
  try {
    return readdirSync(path);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOTDIR') return null;
    throw error;
  }
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await buildAll();
