import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { problemOf } from '../../contract/errors.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import { currentUnit, rootsOf } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import { houseFileSchema } from './houseFile.ts';
import { practiceFaults } from './houseFaults.ts';
import { type HouseFile } from './houseFileShape.ts';
import { houseFileJsonSchema } from './jsonSchema.ts';

const read = (): HouseFile =>
  houseFileSchema.parse(JSON.parse(readFileSync('examples/filter-and-dryer.json', 'utf8')));

/** The faults of the example after one change to it, as path and problem. */
function faultsAfter(change: (file: HouseFile) => void): string[] {
  const file = read();
  change(file);
  const parsed = houseFileSchema.safeParse(file);
  return parsed.success
    ? []
    : parsed.error.issues.map((issue) => `${problemOf(issue).field}: ${problemOf(issue).problem.kind}`);
}
/** A state that a check must find is reached by breaking types on purpose. */
const loosely = (value: unknown): Record<string, unknown> => value as Record<string, unknown>;
const nth = <T>(list: readonly T[], index: number): T => {
  const item = list[index];
  if (item === undefined) throw new Error(`nothing at ${index}`);
  return item;
};

const line = (id: string, body: Entry['body']): Entry => ({ ...nth(read().entries, 0), id, body });
const struckOut = (target: string, id = 'v'): Entry => line(id, { kind: 'voids', target });
const amended = (target: string, change: object): Entry => line('v', { kind: 'amends', target, change });

describe('a house file', () => {
  test('as written is sound', () => {
    expect(faultsAfter(() => undefined)).toEqual([]);
  });

  test.each<[string, (file: HouseFile) => void, string]>([
    ['a later format', (file) => (loosely(file)['version'] = 2), 'version: option'],
    ['a zone that is none', (file) => (file.home.zone = 'Mars/Olympus'), 'home.zone: zone'],
    [
      'a day that is none',
      (file) => (loosely(nth(file.entries, 0))['date'] = '2026-02-30'),
      'entries[0].date: civil-date',
    ],
    [
      'a date of manufacture that is none',
      (file) => (nth(file.assets, 0).facts = { made: 'last summer' }),
      'assets[0].facts.made: partial-date',
    ],
    [
      'a station nobody knows',
      (file) => (file.home.climate = { station: 'atlantis' }),
      'home.climate.station: station-unknown',
    ],
    [
      'a companion that is not there',
      (file) => (nth(file.duties, 0).companions = { bound: ['nobody'] }),
      'duties[0].companions.bound: reference-unknown',
    ],
    [
      'a field that does not belong',
      (file) => (loosely(nth(file.assets, 0))['colour'] = 'red'),
      'assets[0].colour: unknown-field',
    ],
    ['two things of one id', (file) => (nth(file.assets, 1).id = 'furnace'), 'assets[1].id: duplicate-id'],
    [
      'a place that is not there',
      (file) => (nth(file.assets, 0).space = 'attic'),
      'assets[0].space: reference-unknown',
    ],
    ['a part of itself', (file) => (nth(file.assets, 0).partOf = 'filter'), 'assets[0].partOf: cycle'],
    [
      'two successors',
      (file) => (nth(file.assets, 0).succeeds = 'old-dryer'),
      'assets[3].succeeds: two-successors',
    ],
    [
      'a duty on nothing',
      (file) => (nth(file.duties, 0).asset = 'gone'),
      'duties[0].asset: reference-unknown',
    ],
    ['a duty nobody adopted', (file) => void file.entries.splice(1, 1), 'duties[1].id: not-adopted'],
    [
      'a correction before what it corrects',
      (file) => file.entries.unshift(...file.entries.splice(4, 1)),
      'entries[0].body.target: reference-later',
    ],
    [
      'an author nobody knows',
      (file) => (nth(file.entries, 0).by = 'ghost'),
      'entries[0].by: reference-unknown',
    ],
    [
      'a correction of an adoption',
      (file) => void file.entries.push(struckOut(nth(file.entries, 0).id)),
      'entries[11].body.target: target-not-correctable',
    ],
    [
      'an entry struck out twice',
      (file) => void file.entries.push(struckOut('d3', 'v1'), struckOut('d3', 'v2')),
      'entries[12].body.target: target-voided',
    ],
    [
      'a correction of a part its kind has not',
      (file) => void file.entries.push(amended('d3', { text: 'x' })),
      'entries[11].body.change.text: field-not-in-kind',
    ],
    [
      'a correction to a day later than its own',
      (file) => void file.entries.push(amended('d3', { date: '2999-01-01' })),
      'entries[11].body.change.date: date-after-correction',
    ],
    [
      'a correction of itself',
      (file) => void file.entries.push(struckOut('v', 'v')),
      'entries[11].body.target: reference-later',
    ],
    [
      'a thing that serves itself',
      (file) => (nth(file.assets, 0).serves = [nth(file.assets, 0).id]),
      'assets[0].serves[0]: cycle',
    ],
    [
      'a thing served twice',
      (file) => (nth(file.assets, 0).serves = ['filter', 'filter']),
      'assets[0].serves[1]: used-twice',
    ],
    [
      'a stamp of another age',
      (file) => (nth(file.entries, 0).stampedAt = '0001-01-01T00:00:00.000Z'),
      'entries[0].stampedAt: years',
    ],
    [
      'a fact that such a thing cannot have',
      (file) =>
        void file.entries.push(line('f', { kind: 'fact', asset: 'furnace', fact: 'made', value: 'old' })),
      'entries[11].body.value: partial-date',
    ],
    [
      'a trait that cannot be so',
      (file) => void file.entries.push(line('t', { kind: 'trait', trait: 'people', value: 'many' })),
      'entries[11].body.value: trait-value',
    ],
    ['half a character', (file) => (file.home.name = 'Mill \ud800'), 'home.name: plain-text'],
  ])('with %s is refused by path', (_what, change, fault) => {
    expect(faultsAfter(change)).toContain(fault);
  });

  test('with a row of twelve thousand things, each part of the one before and its successor, is read', () => {
    const file = read();
    const [first] = file.assets;
    const row = Array.from({ length: 12_000 }, (_, index) => ({
      id: `r${index}`,
      kind: 'other' as const,
      name: `Thing ${index}`,
      ...(index > 0 && { partOf: `r${index - 1}`, succeeds: `r${index - 1}` }),
    }));
    const parsed = houseFileSchema.safeParse({ ...file, assets: [...file.assets, ...row] });
    expect(parsed.error?.issues ?? []).toEqual([]);
    expect(rootsOf(row).get('r11999')).toBe('r0');
    expect(currentUnit(row, 'r0')?.id).toBe('r11999');
    const closed = row.map((one) => (one.id === 'r0' ? { ...one, partOf: 'r11999' } : one));
    const refused = houseFileSchema.safeParse({ ...file, assets: [...file.assets, ...closed] });
    expect(refused.error?.issues).toHaveLength(12_000);
    expect(first && refused.error?.issues[0]?.path).toEqual(['assets', file.assets.length, 'partOf']);
  });

  test('a practice in the place of one of the catalogue is named', () => {
    const practices = [findPractice('gutter-clean')].flatMap((one) => (one ? [one] : []));
    expect(practiceFaults({ duties: [], practices }, findPractice)).toEqual([
      { path: ['practices', 0, 'code'], problem: 'practice-taken' },
    ]);
  });

  test('a duty of a practice that neither the catalogue nor the file has is named', () => {
    const duties = [
      { id: 'd', asset: 'a', practice: { from: 'catalogue' as const, code: 'polish-the-moon' } },
    ];
    expect(practiceFaults({ duties }, findPractice)).toEqual([
      { path: ['duties', 0, 'practice', 'code'], problem: 'practice-unknown' },
    ]);
    expect(practiceFaults({ duties }, () => findPractice('gutter-clean'))).toEqual([]);
  });

  test('its JSON Schema in the docs is the one its own schema makes', () => {
    const written = JSON.parse(readFileSync('docs/house-file.schema.json', 'utf8')) as unknown;
    expect(written).toEqual(JSON.parse(JSON.stringify(houseFileJsonSchema())));
  });
});
