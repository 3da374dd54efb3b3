import { describe, expect, test } from 'vitest';
import type { HouseBody } from '../../../contract/schemas.ts';
import { ENTRY_KINDS, entryBodySchema, type EntryBody, type EntryKind } from '../../../core/ledger/entry.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { describeBody } from './describe.ts';

const speech = speechIn('en-US');
const house: HouseBody = {
  home: {
    id: 'h',
    name: 'Mill',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
  },
  role: 'owner',
  spaces: [],
  assets: [
    { id: 'filter', kind: 'filter-position', name: 'Return filter' },
    { id: 'new', kind: 'filter-position', name: 'New filter' },
  ],
  duties: [{ id: 'd', asset: 'filter', practice: { from: 'catalogue', code: 'air-filter-panel-replace' } }],
  people: [{ id: 'p', name: 'Rowan' }],
};
const terms = {
  school: null,
  rule: { kind: 'interval', every: { unit: 'months', count: 3 } },
  factors: [{ code: 'smoker', value: 0.5 }],
  doer: 'self',
};

/** One of every kind, as it may stand in a ledger. */
const SAMPLES: Record<EntryKind, object> = {
  adopted: { duty: 'd', terms },
  retired: { duty: 'd', why: 'sold' },
  terms: { duty: 'd', terms, why: 'a lodger' },
  fact: { asset: 'filter', fact: 'thicknessMm', value: null },
  trait: { trait: 'pets', value: 2 },
  done: { duty: 'd', who: 'p', minutes: 1, cost: 1299, note: 'grey' },
  skipped: { duty: 'd', why: 'away' },
  putOff: { duty: 'd', occurrence: 'd:x', to: '2026-12-01', why: 'rain' },
  reading: { asset: 'filter', measure: 'Return air', value: 20.5, unit: 'C', note: 'at noon' },
  finding: { asset: 'filter', what: 'a torn frame' },
  findingClosed: { finding: 'f' },
  opened: { asset: 'filter' },
  shut: { asset: 'filter', note: 'for the winter' },
  event: { trigger: 'storm' },
  replaced: { asset: 'filter', successor: 'new' },
  stockMoved: { supply: 'filters', change: -1 },
  bought: { supply: 'filters', quantity: 6 },
  note: { text: 'The key hangs behind the door.' },
  household: { household: { minutes: [0, 0, 0, 0, 0, 90, 90] } },
  placed: { duty: 'd', number: 1, day: '2026-12-07' },
  unplaced: { duty: 'd', day: '2026-12-07' },
  amends: { target: 'e', change: { minutes: 2 }, why: 'typo' },
  paused: { duty: 'd', why: 'away' },
  resumed: { duty: 'd' },
  dismissed: { duty: 'd', days: 60, why: 'the dusty weeks are over' },
  removed: { asset: 'filter', why: 'sold' },
  voids: { target: 'e', why: 'typo' },
};
const bodyOf = (kind: EntryKind): EntryBody => entryBodySchema.parse({ kind, ...SAMPLES[kind] });
const textOf = (body: EntryBody): string => {
  const { about, says } = describeBody(body, house, speech);
  return [about, ...says.map(({ text }) => text)].join('; ');
};

describe('entries in words', () => {
  test.each(ENTRY_KINDS)('%s says what it holds, with the names the home knows', (kind) => {
    const text = textOf(bodyOf(kind));
    expect(text).not.toMatch(/[{}]|undefined|\[object/);
    if (kind === 'replaced') expect(text).toBe('Return filter; New filter');
  });

  test('work is told with who, how long, what it cost and the note', () => {
    expect(textOf(bodyOf('done'))).toBe(
      'Change the air filter, Return filter; Rowan; 1 minute; $12.99; grey',
    );
  });

  test('a fact that is not known yet says so', () => {
    expect(textOf(bodyOf('fact'))).toBe('Return filter; Thickness, measured: not known yet');
  });

  test.each([
    ['thicknessMm', 25.4, 'Return filter; Thickness, measured: 1 in'],
    ['filter', 'media', 'Return filter; Kind of filter: media cabinet'],
    ['our-word', 'blue', 'Return filter; our-word: blue'],
  ])('the fact %s is told in the home’s words and units', (fact, value, text) => {
    expect(textOf(entryBodySchema.parse({ kind: 'fact', asset: 'filter', fact, value }))).toBe(text);
  });

  test.each([
    ['smoker', false, 'a smoker indoors; no'],
    ['building', 'terraced', 'kind of building; a row house'],
    ['built', 1974, 'year built; 1974'],
  ])('the trait %s is told in words', (trait, value, text) => {
    expect(textOf(entryBodySchema.parse({ kind: 'trait', trait, value }))).toBe(text);
  });

  test('terms are told with their rule and what wears the thing', () => {
    expect(textOf(bodyOf('adopted'))).toBe(
      'Change the air filter, Return filter; every 3 months; a smoker indoors ×0.5',
    );
  });

  test('a reading keeps the unit it was entered in, and has the home’s own beside it where that differs', () => {
    expect(textOf(bodyOf('reading'))).toBe('Return filter; Return air: 20.5 °C (68.9 °F); at noon');
    const inOwn = entryBodySchema.parse({
      kind: 'reading',
      asset: 'filter',
      measure: 'Gap',
      value: 0.5,
      unit: 'in',
    });
    expect(textOf(inOwn)).toBe('Return filter; Gap: 0.5 in');
    const other = entryBodySchema.parse({
      kind: 'reading',
      asset: 'filter',
      measure: 'Pressure',
      value: 55,
      unit: 'psi',
    });
    expect(textOf(other)).toBe('Return filter; Pressure: 55 psi');
  });

  test('someone erased is spoken of by the id', () => {
    expect(textOf(entryBodySchema.parse({ kind: 'done', duty: 'd', who: 'gone' }))).toContain('gone');
  });

  test('what was taken is told; what took none is not', () => {
    const used = [
      { supply: 'filter-panel', quantity: 2 },
      { supply: 'vinegar', quantity: 0 },
    ];
    const text = textOf(entryBodySchema.parse({ kind: 'done', duty: 'd', used }));
    expect(text).toContain(`used 2 × ${speech.t('supply.filter-panel')}`);
    expect(text).not.toContain('0 ×');
  });
});
