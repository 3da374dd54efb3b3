import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { PRACTICES } from '../catalogue/catalogue.ts';
import type { EntryBody } from './entry.ts';
import { coversEnding } from './covers.ts';
import { matches, type LedgerFilter } from './filter.ts';
import { totalsOf, type TotalsBy } from './totals.ts';

const line = (body: EntryBody, date = '2026-05-01') => ({ date: civil(date), by: 'ann', body });
const done: EntryBody = {
  kind: 'done',
  duty: 'd',
  who: 'bo',
  minutes: 20,
  cost: 4500,
  note: 'Filter was Grey',
};

describe('a filter of the ledger', () => {
  it.each<[string, LedgerFilter, EntryBody, boolean]>([
    ['words, whatever their case', { text: ' grey ' }, done, true],
    ['words that do not stand there', { text: 'black' }, done, false],
    ['words in the name of its duty', { text: 'black', named: ['d'] }, done, true],
    ['a kind', { kind: 'done' }, done, true],
    ['another kind', { kind: 'note' }, done, false],
    ['a duty', { duties: ['d'] }, done, true],
    ['a thing, of a finding', { assets: ['a'] }, { kind: 'finding', asset: 'a', what: 'x' }, true],
    ['a thing, of something else', { assets: ['a'] }, done, false],
    ['a thing or its duties', { assets: ['a'], duties: ['d'] }, done, true],
    ['no thing at all', { assets: [] }, done, false],
    ['who wrote it', { person: 'ann' }, done, true],
    ['who did it', { person: 'bo' }, done, true],
    ['somebody else', { person: 'cy' }, done, false],
    [
      'a verdict of a finding',
      { verdict: 'act' },
      { kind: 'finding', asset: 'a', what: 'x', verdict: 'act' },
      true,
    ],
    [
      'a verdict of a reading',
      { verdict: 'stop' },
      {
        kind: 'reading',
        asset: 'a',
        measure: 'm',
        value: 1,
        unit: 'in',
        judged: { reading: 'r', verdict: 'stop' },
      },
      true,
    ],
    ['a cost', { leastCost: 4500 }, done, true],
    ['a higher cost', { leastCost: 4501 }, done, false],
    ['a cost where there is none', { leastCost: 0 }, { kind: 'note', text: 'x' }, false],
    ['days', { from: civil('2026-05-01'), to: civil('2026-05-01') }, done, true],
    ['later days', { from: civil('2026-05-02') }, done, false],
  ])('by %s', (_what, filter, body, wanted) => {
    expect(matches(line(body), filter)).toBe(wanted);
  });

  it('of several all must be met', () => {
    expect(matches(line(done), { kind: 'done', person: 'bo', text: 'grey', leastCost: 1 })).toBe(true);
    expect(matches(line(done), { kind: 'done', person: 'bo', text: 'grey', verdict: 'act' })).toBe(false);
  });
});

describe('what the years came to', () => {
  const house = {
    duties: [
      {
        id: 'filter',
        asset: 'a',
        practice: { from: 'catalogue', code: 'air-filter-panel-replace' } as const,
      },
      { id: 'visit', asset: 'a', practice: { from: 'catalogue', code: 'cooling-service-visit' } as const },
    ],
  };
  const find = (code: string) => PRACTICES.find((one) => one.code === code);

  it('hours, money, trades and missed, by year and system', () => {
    const totals = totalsOf(
      [
        line({ kind: 'done', duty: 'filter', minutes: 10, cost: 1200 }),
        line({ kind: 'done', duty: 'filter', minutes: 15 }, '2025-05-01'),
        line({ kind: 'done', duty: 'visit', cost: 15_000 }),
        line({ kind: 'bought', supply: 'filter-panel', quantity: 2, cost: 3000 }),
        line({ kind: 'findingClosed', finding: 'f', minutes: 30 }),
        line({ kind: 'note', text: 'nothing' }),
      ],
      [{ dutyId: 'filter', due: civil('2026-08-01') }],
      house,
      find,
    );
    expect(totals).toEqual([
      { year: 2026, part: 'cooling', done: 1, minutes: 0, cost: 15_000, trades: 1, missed: 0 },
      { year: 2026, part: 'other', done: 1, minutes: 30, cost: 3000, trades: 0, missed: 0 },
      { year: 2026, part: 'air', done: 1, minutes: 10, cost: 1200, trades: 0, missed: 1 },
      { year: 2025, part: 'air', done: 1, minutes: 15, cost: 0, trades: 0, missed: 0 },
    ]);
  });

  it('by month, newest first, and by who did it', () => {
    const entries = [
      line({ kind: 'done', duty: 'filter', who: 'bo', minutes: 10 }, '2026-05-01'),
      line({ kind: 'done', duty: 'visit', who: 'ann', cost: 15_000 }, '2026-07-04'),
      line({ kind: 'done', duty: 'filter', minutes: 5 }, '2026-05-20'),
    ];
    const parts = (by: TotalsBy) =>
      totalsOf(entries, [], house, find, by).map(({ part, minutes, cost }) => [part, minutes, cost]);
    expect(parts('month')).toEqual([
      ['07', 0, 15_000],
      ['05', 15, 0],
    ]);
    expect(parts('person')).toEqual([
      ['ann', 0, 15_000],
      ['bo', 10, 0],
      ['other', 5, 0],
    ]);
  });

  it('nothing is lost or counted twice', () => {
    const entry = fc.record({
      duty: fc.constantFrom('filter', 'visit', 'gone'),
      minutes: fc.integer({ min: 0, max: 300 }),
      cost: fc.integer({ min: 0, max: 100_000 }),
      year: fc.integer({ min: 2020, max: 2026 }),
    });
    fc.assert(
      fc.property(fc.array(entry), (entries) => {
        const totals = totalsOf(
          entries.map(({ year, ...body }) => line({ kind: 'done', ...body }, `${year}-03-01`)),
          [],
          house,
          find,
        );
        const sum = (of: 'minutes' | 'cost' | 'done') => totals.reduce((all, total) => all + total[of], 0);
        expect(sum('done')).toBe(entries.length);
        expect(sum('minutes')).toBe(entries.reduce((all, { minutes }) => all + minutes, 0));
        expect(sum('cost')).toBe(entries.reduce((all, { cost }) => all + cost, 0));
      }),
    );
  });
});

it('a cover is told of from sixty days before its end until two weeks after', () => {
  const ends = ['2027-01-24', '2027-01-23', '2026-11-24', '2026-11-10', '2026-11-09'];
  const covers = ends.map((end) => ({ id: end, asset: 'a', title: 'Warranty', ends: end }));
  const told = coversEnding(covers, civil('2026-11-24')).map(({ id }) => id);
  expect(told).toEqual(['2026-11-10', '2026-11-24', '2027-01-23']);
});
