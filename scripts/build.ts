import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { LEFT_OUT, VUE_FLAGS } from '../vite.config.ts';

const STAMP = 'dist/.built-from';
const SOURCES = ['src', 'scripts/build.ts', 'vite.config.ts', 'package-lock.json', 'tsconfig.base.json'];

/** Builds the server and the browser's part into `dist/`, unless nothing changed since they were last built. */
export async function buildAll(): Promise<void> {
  const wanted = fingerprint();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  console.error('Building');
  rmSync('dist', { recursive: true, force: true });
  await Promise.all([buildServer(), buildWeb()]);
  await buildFirstPage();
  writeFirstTemplate();
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

/** Builds the drawing of Today on the server, from the browser's own pages, as one file that needs nothing else. */
async function buildFirstPage(): Promise<void> {
  const { build } = await import('vite');
  const { default: vue } = await import('@vitejs/plugin-vue');
  await build({
    configFile: false,
    logLevel: 'warn',
    root: 'src/web',
    publicDir: false,
    plugins: [vue()],
    resolve: { alias: LEFT_OUT },
    define: VUE_FLAGS,
    ssr: { noExternal: true },
    build: {
      ssr: resolve('src/web/firstPage/drawFirst.ts'),
      outDir: resolve('dist/first'),
      emptyOutDir: true,
      target: 'node20',
      rolldownOptions: { output: { codeSplitting: false } },
    },
  });
}

/** A chunk of the browser's build, as its manifest tells of it. */
interface Chunk {
  readonly css?: readonly string[];
  readonly imports?: readonly string[];
}

/**
 * The page that the drawn Today is put into. Its scripts wait until it has been painted, and the styles of what may stand in it come with it:
 * the notice of a danger is fetched by its own in the browser.
 */
function writeFirstTemplate(): void {
  const page = readFileSync('dist/web/index.html', 'utf8');
  const chunks = JSON.parse(readFileSync('dist/web/.vite/manifest.json', 'utf8')) as Record<string, Chunk>;
  const scripts = [...page.matchAll(/<script type="module"[^>]* src="([^"]+)"/g)].map(([, src = '']) => src);
  const notice = chunks['views/today/StopNotice.vue'];
  if (scripts.length === 0 || notice === undefined)
    throw new Error('the first page has no script or no notice');
  const parts = [notice, ...(notice.imports ?? []).flatMap((name) => chunks[name] ?? [])];
  const styles = [...new Set(parts.flatMap(({ css = [] }) => css))].filter((style) => !page.includes(style));
  const template = page
    .replaceAll(/\s*<script type="module".*<\/script>/g, '')
    .replace('src="/before.js"', `src="/before.js" data-scripts="${scripts.join(' ')}"`)
    .replace(
      '</head>',
      `${styles.map((style) => `<link rel="stylesheet" href="/${style}">`).join('')}</head>`,
    )
    .replace('<div id="app"></div>', '<div id="first">{first}</div><div id="app" class="covered"></div>');
  writeFileSync('dist/first/page.html', template);
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
