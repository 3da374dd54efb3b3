import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const sourcesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourcesIn(path);
    return /\.(ts|vue)$/.test(entry.name) && !entry.name.endsWith('.test.ts')
      ? [readFileSync(path, 'utf8')]
      : [];
  });

test('every name in the glossary is a name in the code', () => {
  const rows = readFileSync('docs/glossary.md', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('| '));
  const names = rows.flatMap((row) =>
    [...(row.split('|')[2] ?? '').matchAll(/`(\w+)`/g)].map(([, name = '']) => name),
  );
  expect(names.length).toBeGreaterThan(40);
  const code = sourcesIn('src').join('\n');
  expect(names.filter((name) => !new RegExp(`\\b${name}\\b`).test(code))).toEqual([]);
});
