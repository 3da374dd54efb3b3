import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { z } from 'zod';
import { buildAll } from '../scripts/build.ts';
import { times, type Ratio } from './ratio.ts';

const AIM_KB = 240;

const manifestSchema = z.record(
  z.string(),
  z.object({ file: z.string(), isEntry: z.boolean().optional(), imports: z.array(z.string()).optional() }),
);

/** The scripts a first visit must fetch before anything is shown, gzipped. */
export async function benchInitialScript(): Promise<Ratio[]> {
  await buildAll();
  const manifest = manifestSchema.parse(JSON.parse(readFileSync('dist/web/.vite/manifest.json', 'utf8')));
  const files = new Set<string>(['before.js']);
  const follow = (key: string): void => {
    const chunk = manifest[key];
    if (!chunk || files.has(chunk.file)) return;
    files.add(chunk.file);
    chunk.imports?.forEach(follow);
  };
  Object.keys(manifest)
    .filter((key) => manifest[key]?.isEntry)
    .forEach(follow);
  const bytes = [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(`dist/web/${file}`), { level: 9 }).length,
    0,
  );
  const kilobytes = bytes / 1000;
  return [
    {
      what: 'initial JavaScript, gzipped, against the aim',
      ours: `${kilobytes.toFixed(1)} kB`,
      peer: `${AIM_KB} kB`,
      ratio: times(kilobytes / AIM_KB),
      aim: '≤ 1×',
    },
  ];
}
