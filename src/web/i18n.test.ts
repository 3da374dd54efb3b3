import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { expect, test } from 'vitest';
import { enUS } from '../locales/en-US.ts';
import { first } from '../locales/en-US/first.ts';

/** Every module fetched before the first page shows: what the entry imports, and what that imports; not what is fetched on demand. */
function fetchedAtOnce(entry: string, seen = new Set<string>()): Set<string> {
  if (seen.has(entry) || !existsSync(entry)) return seen;
  seen.add(entry);
  const code = readFileSync(entry, 'utf8');
  for (const [, path = ''] of code.matchAll(/^(?:import|export)[^;]*?'(\.[^']+\.(?:ts|vue))'/gm))
    fetchedAtOnce(resolve(dirname(entry), path), seen);
  return seen;
}

const says = (key: string, texts: object = first): boolean => {
  const found = key
    .split('.')
    .reduce<unknown>(
      (at, step) => (typeof at === 'object' && at !== null ? Reflect.get(at, step) : undefined),
      texts,
    );
  return typeof found === 'string';
};

test('every sentence of the pages that are there at once comes with them', () => {
  const files = [...fetchedAtOnce(resolve('src/web/main.ts'))];
  const asked = files.flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/\bt(?:\.value)?\(\s*'([\w-]+(?:\.[\w-]+)+)'/g)].map(
      ([, key = '']) => `${file.slice(file.indexOf('src/'))} ${key}`,
    ),
  );
  expect(asked.length).toBeGreaterThan(100);
  expect(asked.filter((one) => !says(one.split(' ')[1] ?? ''))).toEqual([]);
});

/** Every file of the interface and of its sentences. */
const sources = ['src/web', 'src/locales'].flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(ts|vue)$/.test(name) && !name.includes('.test.'))
    .map((name) => resolve(folder, name)),
);

test('every sentence that is asked for by its name is there', () => {
  const asked = sources.flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/\bt(?:\.value)?\(\s*'([\w-]+(?:\.[\w-]+)+)'/g)].map(
      ([, key = '']) => `${file.slice(file.indexOf('src/'))} ${key}`,
    ),
  );
  expect(asked.length).toBeGreaterThan(500);
  expect(asked.filter((one) => !says(one.split(' ')[1] ?? '', enUS))).toEqual([]);
});
