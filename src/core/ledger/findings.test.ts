import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import type { Asset, Duty } from '../house/house.ts';
import { openFindings } from './findings.ts';
import type { Entry, EntryBody } from './entry.ts';

const assets: Asset[] = [
  { id: 'hall', kind: 'smoke-alarm', name: 'Hall' },
  { id: 'hall-new', kind: 'smoke-alarm', name: 'Hall', succeeds: 'hall' },
  { id: 'loft', kind: 'smoke-alarm', name: 'Loft' },
  { id: 'cooling', kind: 'cooling', name: 'Air conditioner' },
  { id: 'filter', kind: 'filter-position', name: 'Return filter' },
];
const duty = (id: string, asset: string, code: string): Duty => ({
  id,
  asset,
  practice: { from: 'catalogue', code },
});
const house = {
  assets,
  duties: [
    duty('hall-age', 'hall', 'smoke-alarm-age-replace'),
    duty('loft-age', 'loft', 'smoke-alarm-age-replace'),
    duty('filter-change', 'filter', 'air-filter-panel-replace'),
  ],
};

type Lines = (readonly [after: number, body: EntryBody, batch?: string])[];

/** A ledger written in this order, each entry so many days after the first of May. */
const ledger = (...lines: Lines): Entry[] =>
  lines.map(([after, body, batch], place) => ({
    id: `e${place}`,
    date: toCivilDate(toDay(civil('2026-05-01')) + after),
    stampedAt: `2026-06-01T00:00:${String(place).padStart(2, '0')}.000Z`,
    by: 'ann',
    ...(batch !== undefined && { batch }),
    body,
  }));
const stillOpen = (...lines: Lines) =>
  openFindings(ledger(...lines), civil('2026-07-01'), house).map(({ entryId }) => entryId);

const found = (change: Partial<Extract<EntryBody, { kind: 'finding' }>> = {}): EntryBody => ({
  kind: 'finding',
  asset: 'hall',
  what: 'reading.smoke-alarm-age',
  verdict: 'act',
  days: 7,
  answeredBy: ['smoke-alarm-age-replace'],
  ...change,
});
const done = (id: string): EntryBody => ({ kind: 'done', duty: id });

describe('something found', () => {
  test('stands with its day, its place and the duties that answer it', () => {
    const [one] = openFindings(ledger([3, found({ place: 'By the door' })]), civil('2026-05-04'), house);
    expect(one).toEqual({
      entryId: 'e0',
      asset: 'hall',
      what: 'reading.smoke-alarm-age',
      verdict: 'act',
      found: '2026-05-04',
      due: '2026-05-11',
      place: 'By the door',
      photo: null,
      note: null,
      look: null,
      part: null,
      given: null,
      duties: ['hall-age'],
      repairs: [],
    });
  });

  test.each<[string, Lines]>([
    ['not before it is found', [[70, found()]]],
    ['nothing sound', [[0, found({ verdict: 'sound' })]]],
    ['nothing without days: a look’s own', [[0, found({ days: undefined })]]],
    [
      'nothing put right by hand',
      [
        [0, found()],
        [2, { kind: 'findingClosed', finding: 'e0' }],
      ],
    ],
    [
      'nothing struck out',
      [
        [0, found()],
        [2, { kind: 'voids', target: 'e0' }],
      ],
    ],
    [
      'nothing whose work was done in the same run',
      [
        [0, done('hall-age'), 'run'],
        [0, found(), 'run'],
      ],
    ],
    [
      'nothing whose work was done later',
      [
        [0, found()],
        [5, done('hall-age')],
      ],
    ],
    [
      'nothing of a thing replaced',
      [
        [0, found({ answeredBy: undefined })],
        [5, { kind: 'replaced', asset: 'hall', successor: 'hall-new' }],
      ],
    ],
    [
      'nothing of a thing taken out',
      [
        [0, found()],
        [5, { kind: 'removed', asset: 'hall' }],
      ],
    ],
    [
      'nothing read again and sound',
      [
        [0, found()],
        [5, found({ verdict: 'sound', days: undefined })],
      ],
    ],
  ])('%s stands', (_, lines) => {
    expect(stillOpen(...lines)).toEqual([]);
  });

  test.each<[string, Lines, string[]]>([
    [
      'the work done before it was found',
      [
        [0, done('hall-age')],
        [1, found()],
      ],
      ['e1'],
    ],
    [
      'the work done earlier that day',
      [
        [0, done('hall-age'), 'morning'],
        [0, found(), 'evening'],
      ],
      ['e1'],
    ],
    [
      'the same work on another thing',
      [
        [0, found()],
        [1, done('loft-age')],
      ],
      ['e0'],
    ],
    [
      'another reading of the same thing',
      [
        [0, found()],
        [1, found({ what: 'reading.co-alarm-age', verdict: 'sound' })],
      ],
      ['e0'],
    ],
    [
      'the same reading of another thing',
      [
        [0, found()],
        [1, found({ asset: 'loft', verdict: 'sound' })],
      ],
      ['e0'],
    ],
    [
      'a stop, when it reads sound',
      [
        [0, found({ verdict: 'stop', days: 0 })],
        [1, found({ verdict: 'sound' })],
      ],
      ['e0'],
    ],
    [
      'a stop, when its work is done',
      [
        [0, found({ verdict: 'stop', days: 0 })],
        [1, done('hall-age')],
      ],
      ['e0'],
    ],
    [
      'what somebody wrote, whatever is read',
      [
        [0, found({ what: 'Cracked cover', answeredBy: undefined })],
        [1, found({ verdict: 'sound' })],
      ],
      ['e0'],
    ],
  ])('%s leaves it open', (_, lines, open) => {
    expect(stillOpen(...lines)).toEqual(open);
  });

  test('read again and no better, the newer one stands alone; a stop takes the place of a stop', () => {
    const stop = found({ verdict: 'stop', days: 0 });
    expect(stillOpen([0, found()], [5, found({ verdict: 'watch', days: 30 })])).toEqual(['e1']);
    expect(stillOpen([0, stop], [5, stop])).toEqual(['e1']);
    expect(stillOpen([0, stop], [5, found()])).toEqual(['e0', 'e1']);
  });

  test('a number read again closes what that reading found', () => {
    const split: EntryBody = {
      kind: 'reading',
      asset: 'cooling',
      measure: 'temperature-split',
      value: 19,
      unit: 'dF',
      judged: { reading: 'temperature-split', verdict: 'sound' },
    };
    const low = found({ asset: 'cooling', what: 'reading.temperature-split', answeredBy: undefined });
    expect(stillOpen([0, low])).toEqual(['e0']);
    expect(stillOpen([0, low], [2, split])).toEqual([]);
  });

  test('where its own thing has no such duty, that of the home answers it', () => {
    const grey = found({ asset: 'cooling', what: 'x', answeredBy: ['air-filter-panel-replace'] });
    expect(stillOpen([0, grey])).toEqual(['e0']);
    expect(stillOpen([0, grey], [1, done('filter-change')])).toEqual([]);
  });

  test('stops first, then by the day they are due', () => {
    const own = (what: string, verdict: 'watch' | 'act' | 'stop', days: number) =>
      found({ what, verdict, days, answeredBy: undefined });
    expect(
      stillOpen(
        [0, own('a', 'watch', 1)],
        [0, own('b', 'act', 9)],
        [0, own('c', 'act', 3)],
        [0, own('d', 'stop', 0)],
      ),
    ).toEqual(['e3', 'e2', 'e1', 'e0']);
  });

  test('an entry more never opens what was closed, and time alone closes nothing', () => {
    const bodies = fc.constantFrom<EntryBody>(
      found(),
      found({ asset: 'loft' }),
      found({ verdict: 'stop', days: 0 }),
      done('hall-age'),
      { kind: 'findingClosed', finding: 'e0' },
      { kind: 'note', text: 'x' },
    );
    const lines = fc.array(fc.tuple(fc.nat(20), bodies), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(lines, fc.nat(400), (some, later) => {
        const written = ledger(...some);
        const open = (entries: readonly Entry[], days: number) =>
          openFindings(entries, toCivilDate(toDay(civil('2026-06-01')) + days), house).map(
            (one) => one.entryId,
          );
        const before = open(written.slice(0, -1), 0);
        const last = written.at(-1)?.id;
        const news = open(written, 0).filter((id) => !before.includes(id));
        expect(news.every((id) => id === last)).toBe(true);
        expect(open(written, later)).toEqual(open(written, 0));
      }),
    );
  });
});
