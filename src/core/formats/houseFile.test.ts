import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { problemOf } from '../../contract/errors.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import { houseFileSchema, unknownPractices, type HouseFile } from './houseFile.ts';
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
/** What a check must find is reached by breaking types on purpose. */
const loosely = (value: unknown): Record<string, unknown> => value as Record<string, unknown>;
const nth = <T>(list: readonly T[], index: number): T => {
  const item = list[index];
  if (item === undefined) throw new Error(`nothing at ${index}`);
  return item;
};

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
  ])('with %s is refused by path', (_what, change, fault) => {
    expect(faultsAfter(change)).toContain(fault);
  });

  test('a duty of a practice that neither the catalogue nor the file has is named', () => {
    const duties = [
      { id: 'd', asset: 'a', practice: { from: 'catalogue' as const, code: 'polish-the-moon' } },
    ];
    expect(unknownPractices({ duties }, findPractice)).toEqual([
      { path: ['duties', 0, 'practice', 'code'], problem: 'practice-unknown' },
    ]);
    expect(unknownPractices({ duties }, () => findPractice('gutter-clean'))).toEqual([]);
  });

  test('its JSON Schema in the docs is the one its own schema makes', () => {
    const written = JSON.parse(readFileSync('docs/house-file.schema.json', 'utf8')) as unknown;
    expect(written).toEqual(JSON.parse(JSON.stringify(houseFileJsonSchema())));
  });
});
