import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { buildAll } from '../scripts/build.ts';
import { times, type Ratio } from './ratio.ts';

const AIM_KB = 240;

/** The scripts a first visit must fetch before anything is shown, gzipped. */
export async function benchInitialScript(): Promise<Ratio[]> {
  await buildAll();
  const page = readFileSync('dist/web/index.html', 'utf8');
  const files = [...page.matchAll(/(?:src|modulepreload" crossorigin href)="(\/[^"]+\.js)"/g)].map(
    ([, file = '']) => file,
  );
  const bytes = files.reduce(
    (sum, file) => sum + gzipSync(readFileSync(`dist/web${file}`), { level: 9 }).length,
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
