import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, test } from 'vitest';
import type { DueItem } from '../../src/core/formats/dueReport.ts';
import { command } from '../support/command.ts';

const folder = mkdtempSync(join(tmpdir(), 'salt-cli-'));
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});

const due = (...args: string[]) => command('due', ...args);

function broken(name: string, change: (text: string) => string): string {
  const file = join(folder, name);
  writeFileSync(file, change(readFileSync('examples/two-alarms.json', 'utf8')));
  return file;
}

describe('npm run due', () => {
  test('as JSON: an array with an object for every duty', async () => {
    const { code, out } = await due('examples/two-alarms.json', '--on', '2027-02-10', '--format', 'json');
    expect(code).toBe(0);
    const items = JSON.parse(out) as DueItem[];
    expect(
      items.map(({ duty, earliest, due: day, latest, standing }) => [duty, earliest, day, latest, standing]),
    ).toEqual([
      ['test-hall', '2027-02-23', '2027-02-28', '2027-03-05', 'ahead'],
      ['test-landing', '2027-02-23', '2027-02-28', '2027-03-05', 'ahead'],
      ['cell-hall', '2027-02-21', '2027-03-14', '2027-03-21', 'ahead'],
    ]);
    expect(items[2]).toMatchObject({
      extras: [{ entryId: 'early-cell', on: '2027-02-01' }],
      missed: [],
      baseline: false,
    });
    expect(items[0]?.reasons.map(({ kind }) => kind)).toEqual(['lastDone', 'interval', 'window']);
  });

  test('as text, with the reasons in words and what was missed', async () => {
    const { code, out } = await due('examples/southern-home.json', '--on', '2027-03-25');
    expect(code).toBe(0);
    expect(out).toContain('21 Ropewalk Quay, Thursday, 25 March 2027');
    expect(out).toContain('Clocks change in Australia/Hobart on Sun 4 Apr, the autumn change.');
    expect(out).toContain('missed: 2026-10-15, closed 2027-03-25');
  });

  test('corrections, new terms and a putting off all count', async () => {
    const { out } = await due('examples/filter-and-dryer.json', '--on', '2026-10-05', '--format', 'json');
    const [filter, vent] = JSON.parse(out) as DueItem[];
    expect(filter).toMatchObject({ due: '2026-10-20', earliest: '2026-09-28', standing: 'open' });
    expect(filter?.reasons.map(({ kind }) => kind)).toEqual([
      'lastDone',
      'interval',
      'factors',
      'window',
      'putOff',
    ]);
    expect(vent).toMatchObject({ baseline: true, asset: 'dryer', due: '2026-01-10' });
  });

  test('every rule and every step that moves a date', async () => {
    const { code, out } = await due('examples/every-rule.json', '--on', '2026-10-12', '--format', 'json');
    expect(code).toBe(0);
    const items = JSON.parse(out) as DueItem[];
    expect(
      items.map(({ duty, due: day, reasons, sleep }) => [
        duty,
        day,
        sleep?.kind ?? reasons.map(({ kind }) => kind).join(' '),
      ]),
    ).toEqual([
      ['filter', '2026-10-15', 'called lesser window'],
      ['tune-up', '2027-08-26', 'season window'],
      ['burner', '2026-09-25', 'usage window gate'],
      ['tap-shut', '2026-10-13', 'season stateSince window pull'],
      ['tap-open', null, 'state'],
      ['gutters', '2026-10-15', 'listed window handy'],
      ['look-roof', '2026-10-15', 'trigger window'],
      ['alarms', '2026-11-05', 'clockChange window bound'],
      ['alarm-test', '2026-11-05', 'lastDone interval window'],
      ['alarm-age', '2027-03-01', 'age window'],
      ['sill', '2028-05-20', 'listed window'],
      ['guest-room', '2026-02-20', 'lastDone interval factors floor window'],
      ['pond', null, 'paused'],
    ]);
    const byDuty = new Map(items.map((item) => [item.duty, item]));
    expect(byDuty.get('tune-up')?.bookBy).toBe('2027-08-12');
    expect(byDuty.get('gutters')?.orderBy).toBe('2026-10-03');
  });

  test('the almanac that lies in the file is what decides, else the home’s own station', async () => {
    const file = join(folder, 'no-almanac.json');
    const { weather: _weather, ...rest } = JSON.parse(
      readFileSync('examples/every-rule.json', 'utf8'),
    ) as Record<string, unknown>;
    writeFileSync(file, JSON.stringify(rest));
    const [{ out: with_ }, { out: without }] = await Promise.all([
      due('examples/every-rule.json', '--on', '2026-10-12'),
      due(file, '--on', '2026-10-12'),
    ]);
    expect(with_).toContain('A windstorm, seen by the weather station Sat, Oct 10: within 5 days');
    expect(without).not.toContain('A windstorm, seen by the weather station Sat, Oct 10');
    expect(without).toContain('First freeze at 50 % risk here is');
  });

  test('entries after the day are left out, and that is said beside the answer', async () => {
    const { out, err } = await due('examples/two-alarms.json', '--on', '2027-01-01', '--format', 'json');
    expect((JSON.parse(out) as DueItem[])[0]).toMatchObject({
      baseline: true,
      due: '2026-11-20',
      standing: 'lapsed',
    });
    expect(err).toContain('3 entries after 2027-01-01');
  });

  test.each<[string, string[], string]>([
    ['no day', ['examples/two-alarms.json'], '--on: must be a real day written YYYY-MM-DD'],
    ['a day that is none', ['examples/two-alarms.json', '--on', '2027-02-29'], 'not “2027-02-29”'],
    [
      'a format that is none',
      ['examples/two-alarms.json', '--on', '2027-03-01', '--format', 'xml'],
      '--format: must be text or json',
    ],
    ['an option it has not', ['examples/two-alarms.json', '--when', '2027-03-01'], "Unknown option '--when'"],
    ['no file', ['--on', '2027-03-01'], 'usage: npm run due -- house.json'],
    ['a file that is not there', ['nowhere.json', '--on', '2027-03-01'], 'nowhere.json: cannot be read'],
    ['a file that is not JSON', ['README.md', '--on', '2027-03-01'], 'README.md: is not JSON'],
  ])('with %s: exit code 2 and what would be right', async (_what, args, words) => {
    const { code, out, err } = await due(...args);
    expect([code, out]).toEqual([2, '']);
    expect(err).toContain(words);
  });

  test.each<[string, (text: string) => string, string]>([
    [
      'a word that is no kind',
      (text) => text.replace('"kind": "done"', '"kind": "doen"'),
      'entries[3].body.kind: must be one of: adopted,',
    ],
    [
      'a day that is none',
      (text) => text.replace('2027-01-31', '2027-01-32'),
      'entries[3].date: must be a real day',
    ],
    ['a missing field', (text) => text.replace('"zone": "America/Chicago",', ''), 'home.zone: Enter a value'],
    [
      'a number out of range',
      (text) => text.replace('"count": 1', '"count": 0'),
      'rule.every.count: must be at least 1',
    ],
    [
      'a zone nobody knows',
      (text) => text.replace('America/Chicago', 'America/Springfield'),
      'home.zone: must be',
    ],
    [
      'a station nobody knows',
      (text) => text.replace('"zone":', '"climate": { "station": "moon" }, "zone":'),
      'home.climate.station: must be the code of one of the stations',
    ],
    [
      'an impossible date of manufacture',
      (text) => text.replace('"kind": "smoke-alarm",', '"kind": "smoke-alarm", "facts": { "made": "soon" },'),
      'assets[0].facts.made: must be a year, month or day',
    ],
    [
      'an asset that is not there',
      (text) => text.replace('"asset": "alarm-hall"', '"asset": "cellar"'),
      'duties[0].asset: must be the id of something in the file',
    ],
  ])(
    'a file with %s: exit code 2, its path in the file and what would be right',
    async (what, change, words) => {
      const file = broken(`${what.replaceAll(' ', '-')}.json`, change);
      const { code, out, err } = await due(file, '--on', '2027-03-01');
      expect([code, out]).toEqual([2, '']);
      expect(err).toContain(words);
    },
  );
});
