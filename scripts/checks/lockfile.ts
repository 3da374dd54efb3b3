import { readFileSync } from 'node:fs';

// The lockfile names no host, every version is exact, and every licence is an open one.
const OPEN =
  /^\(?(MIT|MIT-0|ISC|0BSD|BSD|BSD-2-Clause|BSD-3-Clause|Apache-2\.0|MPL-2\.0|CC0-1\.0|CC-BY-4\.0|Python-2\.0|OFL-1\.1|BlueOak-1\.0\.0|Unlicense|WTFPL|Apache 2\.0|LGPL-3\.0-or-later)( (AND|OR) .+)?\)?$/;

/** Packages whose manifest names no licence where it is looked for, and the one in the file beside it. */
const READ_IN_FILE: Readonly<Record<string, string>> = {
  'node_modules/busboy': 'MIT',
  'node_modules/parse-cache-control': 'BSD-3-Clause',
  'node_modules/streamsearch': 'MIT',
};

interface LockedPackage {
  readonly version?: string;
  readonly license?: string;
  readonly resolved?: string;
}

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
  packages: Record<string, LockedPackage>;
};
const manifest = JSON.parse(readFileSync('package.json', 'utf8')) as Record<
  'dependencies' | 'devDependencies',
  Record<string, string>
>;
const faults: string[] = [];

for (const [path, { license: stated, resolved }] of Object.entries(lock.packages)) {
  const license = stated ?? READ_IN_FILE[path];
  if (path === '') continue;
  if (resolved !== undefined) faults.push(`${path}: the lockfile names a host`);
  if (license === undefined || !OPEN.test(license))
    faults.push(`${path}: licence ${license ?? 'unknown'} is not on the list of open ones`);
}
for (const [name, version] of Object.entries({ ...manifest.dependencies, ...manifest.devDependencies })) {
  if (!/^\d+\.\d+\.\d+$/.test(version)) faults.push(`${name}: ${version} is not an exact version`);
}
for (const fault of faults) console.error(fault);
if (faults.length > 0) process.exitCode = 1;
