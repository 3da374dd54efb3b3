import { describe, expect, test } from 'vitest';
import { entryBodySchema } from '../../../core/ledger/entry.ts';
import { measureUnits, OWN_TRIGGER, readNote, type NoteDraft } from './draft.ts';

const draft = (change: Partial<NoteDraft>): NoteDraft => ({
  kind: 'text',
  date: '2026-11-24',
  trigger: 'windstorm',
  ownTrigger: '',
  asset: 'a',
  measure: 'run-hours',
  value: '',
  grade: '0',
  what: '',
  place: '',
  days: '',
  photo: null,
  repairs: [],
  verdict: 'sound',
  made: '',
  supply: 'filter-panel',
  change: '',
  note: '',
  ...change,
});
const read = (change: Partial<NoteDraft>) => readNote(draft(change), { 'run-hours': 'h' });

describe('a note as typed', () => {
  test.each<[string, Partial<NoteDraft>, object]>([
    ['something that happened', { kind: 'event' }, { kind: 'event', trigger: 'windstorm' }],
    [
      'something the list has not',
      { kind: 'event', trigger: OWN_TRIGGER, ownTrigger: ' Guests for a week! ' },
      { kind: 'event', trigger: 'guests-for-a-week' },
    ],
    [
      'how a filter looks',
      { kind: 'grade', grade: '0.5' },
      { kind: 'reading', measure: 'filter-grade', value: 0.5 },
    ],
    [
      'a reading with a comma',
      { kind: 'reading', value: '12,5' },
      { kind: 'reading', value: 12.5, unit: 'h' },
    ],
    [
      'a finding',
      { kind: 'finding', what: ' rust ', verdict: 'watch' },
      { kind: 'finding', what: 'rust', verdict: 'watch', days: 30 },
    ],
    [
      'a finding with its place and days',
      { kind: 'finding', what: 'cracked lid', verdict: 'act', place: ' north end ', days: '3' },
      { kind: 'finding', what: 'cracked lid', verdict: 'act', place: 'north end', days: 3 },
    ],
    [
      'a finding that is sound and needs nothing',
      { kind: 'finding', what: 'lid', verdict: 'sound' },
      { kind: 'finding', what: 'lid', verdict: 'sound' },
    ],
    [
      'a date of manufacture',
      { kind: 'made', made: ' 2019-05 ' },
      { kind: 'fact', fact: 'made', value: '2019-05' },
    ],
    ['stock taken away', { kind: 'stock', change: '-3' }, { kind: 'stockMoved', change: -3 }],
    [
      'just a note',
      { note: ' The key hangs behind the door ' },
      { kind: 'note', text: 'The key hangs behind the door' },
    ],
  ])('%s becomes an entry', (_what, change, body) => {
    const found = read(change);
    if (!('body' in found)) throw new Error(`refused at ${found.field}`);
    expect(entryBodySchema.parse(found.body)).toMatchObject(body);
  });

  test.each<[string, Partial<NoteDraft>, string]>([
    ['a reading of nothing', { kind: 'reading', value: '' }, 'value'],
    ['a reading that could be two numbers', { kind: 'reading', value: '1,200' }, 'value'],
    ['a reading with an exponent', { kind: 'reading', value: '1e3' }, 'value'],
    ['a reading of no thing', { kind: 'reading', asset: '', value: '1' }, 'asset'],
    ['a filter not graded', { kind: 'grade', grade: '' }, 'grade'],
    ['a finding of nothing', { kind: 'finding', what: ' ' }, 'what'],
    ['a finding of half a day', { kind: 'finding', what: 'rust', verdict: 'act', days: '0.5' }, 'days'],
    ['half a filter', { kind: 'stock', change: '0.5' }, 'change'],
    ['a happening without a name', { kind: 'event', trigger: OWN_TRIGGER, ownTrigger: '!' }, 'ownTrigger'],
    ['an empty note', { note: ' ' }, 'note'],
  ])('%s is named', (_what, change, field) => {
    expect(read(change)).toMatchObject({ field });
  });
});

test('a measurement is typed in the units of the home', () => {
  expect(measureUnits('us')).toMatchObject({
    'tap-temperature': 'F',
    'run-hours': 'h',
    'sludge-depth': 'in',
  });
  expect(measureUnits('metric')).toMatchObject({
    'tap-temperature': 'C',
    'run-hours': 'h',
    'sludge-depth': 'mm',
  });
});
