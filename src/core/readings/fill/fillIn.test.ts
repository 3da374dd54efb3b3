import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FactValue } from '../../basics/factValue.ts';
import { civil } from '../../calendar/civilDate.ts';
import type { Asset } from '../../house/house.ts';
import { READINGS, readingOf } from '../all.ts';
import { judge, type Reading } from '../reading.ts';
import { readTyped, type Measures } from '../typed.ts';
import { fillIn, standingIn, thingsOf } from './fillIn.ts';
import type { KnownForReading } from './known.ts';

const TODAY = civil('2026-11-27');
const US: Measures = { units: 'us', gallon: 'us' };
const METRIC: Measures = { units: 'metric', gallon: 'uk' };
const asset = (id: string, kind: Asset['kind'], more: Partial<Asset> = {}): Asset => ({
  id,
  kind,
  name: id,
  ...more,
});

const facts: Record<string, Record<string, FactValue>> = {
  alarm: { made: '2019-11', ends: '2029-11' },
  drain: { tons: 3 },
  plant: { depthMm: 1_524, 'litres-a-day': 1_703 },
  slot: { size: '16 × 25 × 1', grade: 'fine', positions: 2 },
  furnace: { fuel: 'gas' },
  stove: { fuel: 'oil' },
};
const known: KnownForReading = {
  today: TODAY,
  assets: [
    asset('alarm', 'smoke-alarm'),
    asset('drain', 'condensate-drain'),
    asset('plant', 'treatment-plant'),
    asset('cooling', 'cooling'),
    asset('slot', 'filter-position', { partOf: 'cooling' }),
    asset('furnace', 'furnace'),
    asset('stove', 'boiler'),
    asset('humidifier', 'humidifier'),
    asset('house', 'house'),
  ],
  spaces: [
    { id: 'cellar', name: 'Cellar', storey: -1, use: 'plant' },
    { id: 'hall', name: 'Hall', storey: 0, use: 'hall' },
    { id: 'room', name: 'Room', storey: 1, use: 'bedroom' },
  ],
  factsOf: (id) => facts[id] ?? {},
  traits: { people: 4, 'tight-house': true },
  lastRead: [
    { asset: 'slot', measure: 'filter-grade', date: civil('2026-11-10'), given: { grade: 'light' } },
    { asset: 'drain', measure: 'drain-dose', date: civil('2026-10-20'), given: { 'pour-now': 'vinegar' } },
    { asset: 'humidifier', measure: 'humidifier-control', date: civil('2026-11-20'), given: { control: 4 } },
    {
      asset: 'furnace',
      measure: 'start-to-blower',
      date: TODAY,
      given: { 'at-flame': { value: 32, unit: 's' }, 'at-blower': { value: 61, unit: 's' } },
    },
  ],
  lastDone: [],
  stock: { 'filter-panel': 3 },
  lowestAhead: -12,
  work: null,
};
const valuesOf = (reading: string, thing: string, more: Partial<KnownForReading> = {}) =>
  Object.fromEntries(
    Object.entries(fillIn(reading, thing, { ...known, ...more })).map(([code, { value }]) => [code, value]),
  );

describe('a house fills in', () => {
  it('the size of a filter, and how many there are against the stock', () => {
    expect(valuesOf('face-velocity', 'slot')).toEqual({
      width: { value: 16, unit: 'in' },
      height: { value: 25, unit: 'in' },
      'filter-kind': 'fine-pleat',
    });
    expect(valuesOf('filter-order', '')).toEqual({ positions: 2, 'in-stock': 3 });
  });

  it('tank depth and design flow, as they were noted', () => {
    expect(valuesOf('tank-solids', 'plant')).toEqual({ depth: { value: 1_524, unit: 'mm' } });
    expect(valuesOf('plant-load', 'plant')).toEqual({ 'design-flow': { value: 1_703, unit: 'l' } });
  });

  it('the dates of an alarm: its age, and the life printed on it', () => {
    expect(valuesOf('smoke-alarm-age', 'alarm')).toEqual({
      age: { value: 7.1, unit: 'years' },
      'printed-life': { value: 10, unit: 'years' },
    });
  });

  it('the lowest of the forecast, and the number the control stood at', () => {
    expect(valuesOf('winter-humidity', 'humidifier')).toEqual({
      'lowest-ahead': { value: -12, unit: 'C' },
      control: 4,
    });
    expect(valuesOf('winter-humidity', 'humidifier', { lowestAhead: null })).toEqual({ control: 4 });
  });

  it('the last grade of the plant’s own filter; one changed since is new, an old one says nothing', () => {
    expect(valuesOf('temperature-split', 'cooling')['filter']).toBe('light');
    const changed = { asset: 'slot', practice: 'air-filter-panel-replace', on: civil('2026-11-20') };
    expect(valuesOf('temperature-split', 'cooling', { lastDone: [changed] })['filter']).toBe('new');
    expect(valuesOf('temperature-split', 'cooling', { today: civil('2027-03-01') })).toEqual({});
  });

  it('tons, the first dose where none is on record, and what was poured last', () => {
    expect(valuesOf('condensate-dose', 'drain')).toEqual({
      tons: 3,
      dose: 'first',
      'poured-last': 'vinegar',
    });
    const work = { practice: 'condensate-pan-tablets', minutes: 15 };
    const dosed = { asset: 'drain', practice: 'condensate-pan-tablets', on: civil('2026-06-01') };
    expect(valuesOf('condensate-dose', 'drain', { work, lastDone: [dosed] })).toMatchObject({
      dose: 'upkeep',
      'pour-now': 'tablets',
    });
  });

  it('the burner by what burns, the levels by the rooms, and the hours by the work', () => {
    expect(valuesOf('gas-flame', 'furnace')).toEqual({ burner: 'furnace' });
    expect(valuesOf('gas-flame', 'stove')).toEqual({ burner: 'oil' });
    expect(valuesOf('leak-area', 'house')).toEqual({ storeys: '2' });
    expect(valuesOf('own-work', '', { work: { practice: 'gutter-clean', minutes: 90 } })).toEqual({
      hours: { value: 1.5, unit: 'h' },
    });
  });

  it('the delay of the blower from the start that was just timed, not from one of another day', () => {
    expect(valuesOf('flame-to-blower', 'furnace')).toEqual({ delay: { value: 29, unit: 's' } });
    expect(valuesOf('flame-to-blower', 'furnace', { today: civil('2026-11-28') })).toEqual({});
  });

  it('bleach after the vinegar on record is a stop before anything is poured', () => {
    const reading = readingOf('condensate-dose') as Reading;
    const typed = standingIn(reading, fillIn(reading.code, 'drain', known), { 'pour-now': 'bleach' }, US);
    const { given } = readTyped(reading, typed, US);
    expect(judge(reading, given)).toMatchObject({ outcome: { verdict: 'stop' } });
    const flushed = readTyped(reading, { ...typed, flushed: 'yes' }, US).given;
    expect(judge(reading, flushed)).toMatchObject({ outcome: { verdict: 'sound' } });
  });

  it('from the first thing a reading may be about', () => {
    expect(thingsOf('smoke-alarm-age', known.assets).map(({ id }) => id)).toEqual(['alarm']);
    expect(thingsOf('face-velocity', known.assets).map(({ id }) => id)).toEqual(['slot']);
    expect(thingsOf('own-work', known.assets)).toEqual([]);
  });
});

describe('what is typed', () => {
  const anything = fc.record({
    reading: fc.constantFrom(...READINGS),
    thing: fc.constantFrom(...known.assets.map(({ id }) => id)),
    measures: fc.constantFrom(US, METRIC),
    texts: fc.array(fc.string({ maxLength: 6 }), { minLength: 30, maxLength: 30 }),
    kept: fc.array(fc.boolean(), { minLength: 30, maxLength: 30 }),
  });

  it('is never overwritten by what is filled in, an emptied field neither', () => {
    fc.assert(
      fc.property(anything, ({ reading, thing, measures, texts, kept }) => {
        const codes = Object.keys(reading.fields);
        const typed = Object.fromEntries(
          codes.flatMap((code, place) => (kept[place] ? [[code, texts[place] ?? '']] : [])),
        );
        expect(standingIn(reading, fillIn(reading.code, thing, known), typed, measures)).toMatchObject(typed);
      }),
    );
  });

  it('and what is filled in is read back as it was, in either system of units', () => {
    fc.assert(
      fc.property(anything, ({ reading, thing, measures }) => {
        const filled = fillIn(reading.code, thing, known);
        const { given, problems } = readTyped(reading, standingIn(reading, filled, {}, measures), measures);
        expect(problems).toEqual([]);
        const judged = judge(reading, given);
        const wrong =
          'problems' in judged ? judged.problems.filter(({ problem }) => problem !== 'missing') : [];
        expect(wrong).toEqual([]);
      }),
    );
  });
});
