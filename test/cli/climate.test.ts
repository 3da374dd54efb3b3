import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, test } from 'vitest';
import type { DueItem } from '../../src/core/formats/dueReport.ts';
import type { StationClimate } from '../../src/core/climate/stationClimate.ts';
import { command } from '../support/command.ts';
import { seriesText } from '../support/series.ts';

const folder = mkdtempSync(join(tmpdir(), 'salt-climate-'));
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});
const file = (name: string, text: string): string => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};

describe('npm run climate', () => {
  test('works out a climate that a house file takes, and dates hang on it', async () => {
    const { code, out } = await command('climate', file('plains.csv', seriesText('cold-plains')));
    expect(code).toBe(0);
    const imported = JSON.parse(out) as StationClimate;
    expect(imported.rests).toMatchObject({ winters: 12 });
    const house = JSON.parse(readFileSync('examples/every-rule.json', 'utf8')) as { home: object };
    const its = { ...house, home: { ...house.home, climate: { imported } } };
    const path = file('house.json', JSON.stringify(its));
    const due = await command('due', path, '--on', '2026-03-01', '--format', 'json');
    const tap = (JSON.parse(due.out) as DueItem[]).find(({ duty }) => duty === 'tap-open');
    expect(tap?.reasons[0]).toMatchObject({ kind: 'season', anchor: 'lastFreeze', basis: 'imported' });
  });

  test.each<[string, string[], string]>([
    ['no file', [], 'usage: npm run climate'],
    ['a file that is not there', ['nowhere.csv'], 'nowhere.csv'],
    ['a hemisphere that is none', ['x.csv', '--hemisphere', 'east'], 'usage: npm run climate'],
    ['an option it has not', ['x.csv', '--year', '2001'], "Unknown option '--year'"],
    ['a file without the columns', [file('columns.csv', 'A,B\n1,2')], 'columns.csv: '],
    [
      'a row that is wrong',
      [
        file(
          'row.csv',
          seriesText('marine', (lines) => {
            lines[3] = 'X1,2000-08-32,THE HEAD,180,90,0';
          }),
        ),
      ],
      '2000-08-32',
    ],
    [
      'too few winters',
      [
        file(
          'short.csv',
          seriesText('marine', (lines) => {
            lines.splice(700);
          }),
        ),
      ],
      'short.csv: ',
    ],
  ])('with %s: exit code 2, nothing printed, and what would be right', async (_what, args, words) => {
    const { code, out, err } = await command('climate', ...args);
    expect([code, out]).toEqual([2, '']);
    expect(err).toContain(words);
  });
});
