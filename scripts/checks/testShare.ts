import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';

const CODE = /\.(ts|vue|css|sh|mjs|js|html|sql)$/;
const DATA = /(^|\/)(migrations|catalogue\/data|demo\/data|locales)\//;
const TEST = /(\.test\.ts$|^test\/)/;

/** Tests are about a quarter to a third of the code, by lines that are not blank: told, not asked for. */
const LEAST = 0.25;
const MOST = 0.33;

/** Counts the lines of tests and of all code; catalogue, demo and locale data and migrations are neither. */
export function testShare(): { tests: number; all: number; share: number } {
  const files = execFileSync('git', ['ls-files', '-z', '--cached', '--others', '--exclude-standard'], {
    encoding: 'utf8',
  })
    .split('\0')
    .filter((file) => CODE.test(file) && (TEST.test(file) || !DATA.test(file)));
  const linesOf = (file: string): number =>
    readFileSync(file, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length;
  const all = files.reduce((sum, file) => sum + linesOf(file), 0);
  const tests = files.filter((file) => TEST.test(file)).reduce((sum, file) => sum + linesOf(file), 0);
  return { tests, all, share: tests / all };
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const { tests, all, share } = testShare();
  console.log(`tests are ${tests} of ${all} lines of code: ${share.toFixed(3)} (about ${LEAST} to ${MOST})`);
}
