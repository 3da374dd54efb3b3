import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import { climateOfStation } from '../climate/stations.ts';
import { runHoursOn } from '../climate/runHours.ts';
import type { Rule } from '../practice/rule.ts';
import {
  done,
  due,
  on,
  oneDuty,
  outstanding,
  windowOf,
  write,
  type OneDuty,
} from '../../../test/support/oneDuty.ts';

const every = (count: number): Rule => ({ kind: 'interval', every: { unit: 'months', count } });
const read = (duty: OneDuty, date: string, value: number, measure = 'run-hours') =>
  write(duty, date, { kind: 'reading', asset: 'a', measure, value, unit: 'h' });
const happened = (duty: OneDuty, date: string, trigger = 'windstorm') =>
  write(duty, date, { kind: 'event', trigger });

describe('usage', () => {
  const rule: Rule = { kind: 'usage', meter: 'run-hours', limit: 300, expectedPerDay: 9 };

  test('never reset it starts at adoption, and its window is a share of limit over rate', () => {
    const duty = oneDuty(rule);
    // 300 / 9 is 33.3 days: due on the 34th, 15 % of 33.3 is 5.
    expect(windowOf(duty, '2026-11-21')).toEqual({
      earliest: '2026-12-19',
      due: '2026-12-24',
      latest: '2026-12-29',
    });
  });

  test('the first reading at or over it decides, whatever was projected; a projected day that passed stays', () => {
    const duty = oneDuty(rule);
    expect(due(duty, '2027-02-01')).toBe('2026-12-24');
    read(duty, '2026-12-10', 300);
    read(duty, '2026-12-20', 500);
    expect(due(duty, '2027-02-01')).toBe('2026-12-10');
    done(duty, '2026-12-22');
    expect(due(duty, '2027-02-01')).toBe('2027-01-25');
  });

  test('without a rate nothing is due until it is reached', () => {
    const duty = oneDuty({ kind: 'usage', meter: 'run-hours', limit: 300 });
    expect(on(duty, '2027-02-01')).toMatchObject({ occurrence: null, sleep: { kind: 'meter', limit: 300 } });
    read(duty, '2027-02-02', 310);
    expect(due(duty, '2027-02-03')).toBe('2027-02-02');
  });

  test('a new unit’s meter begins at nought', () => {
    const duty = oneDuty({ kind: 'usage', meter: 'run-hours', limit: 300 });
    const house = {
      ...duty.house,
      assets: [...duty.house.assets, { id: 'b', kind: 'other' as const, name: 'New', succeeds: 'a' }],
    };
    const replaced: OneDuty = { ...duty, house };
    read(replaced, '2026-12-01', 200);
    write(replaced, '2026-12-05', { kind: 'replaced', asset: 'a', successor: 'b' });
    write(replaced, '2026-12-20', {
      kind: 'reading',
      asset: 'b',
      measure: 'run-hours',
      value: 250,
      unit: 'h',
    });
    expect(on(replaced, '2026-12-21').occurrence).toBeNull();
  });

  test('what a plant runs in this climate gives the days', () => {
    const duty = oneDuty(
      { kind: 'usage', meter: 'run-hours', limit: 300, expectedPerDay: 'heating' },
      { climate: { station: 'cold-plains' } },
    );
    done(duty, '2027-01-01');
    const figures = climateOfStation('cold-plains');
    let hours = 0;
    let day = toDay(civil('2027-01-01'));
    while (figures && hours < 300) hours += runHoursOn(figures, 'heating', (day += 1));
    expect(due(duty, '2027-01-02')).toBe(toCivilDate(day));
  });
});

describe('age', () => {
  const rule: Rule = { kind: 'age', lifespan: { unit: 'years', count: 10 } };
  const withSuccessor = (facts: Record<string, string>): OneDuty => {
    const duty = oneDuty(rule, { asset: { facts: { made: '2015' } } });
    const successor = { id: 'b', kind: 'other' as const, name: 'New', succeeds: 'a', facts };
    const replaced = { ...duty, house: { ...duty.house, assets: [...duty.house.assets, successor] } };
    write(replaced, '2026-12-10', { kind: 'replaced', asset: 'a', successor: 'b' });
    return replaced;
  };

  test('a year alone means 1 January; installation stands in; unknown is due when adopted, in the baseline', () => {
    expect(due(oneDuty(rule, { asset: { facts: { made: '2019' } } }), '2026-12-01')).toBe('2029-01-01');
    expect(due(oneDuty(rule, { asset: { installed: civil('2020-05-06') } }), '2026-12-01')).toBe(
      '2030-05-06',
    );
    expect(outstanding(oneDuty(rule), '2026-12-01')).toMatchObject({
      baseline: true,
      window: { due: '2026-11-20' },
    });
  });

  test('replacement restarts it from the new date of manufacture, else from the day of replacement', () => {
    expect(due(withSuccessor({ made: '2026-08' }), '2026-12-11')).toBe('2036-08-01');
    expect(due(withSuccessor({}), '2026-12-11')).toBe('2036-12-10');
  });

  test('a date learnt later counts; one of a unit long gone does not', () => {
    const duty = withSuccessor({});
    write(duty, '2026-12-20', { kind: 'fact', asset: 'b', fact: 'made', value: '2026-10-01' });
    expect(due(duty, '2026-12-21')).toBe('2036-10-01');
    write(duty, '2026-12-22', { kind: 'fact', asset: 'a', fact: 'made', value: '1999' });
    expect(due(duty, '2026-12-23')).toBe('2036-10-01');
  });

  test('leaving it out makes the old one no younger', () => {
    const duty = oneDuty(rule, { asset: { facts: { made: '2015' } } });
    const entryId = write(duty, '2026-12-01', { kind: 'skipped', duty: 'd', why: 'not now' });
    expect(on(duty, '2026-12-02')).toMatchObject({
      extras: [{ entryId }],
      occurrence: { window: { due: '2025-01-01' } },
    });
  });
});

describe('condition', () => {
  const change = { measure: 'filter-grade', atLeast: 1 };
  const rule: Rule = { kind: 'condition', look: every(1), change, respondDays: 7 };
  const grade = (duty: OneDuty, date: string, value: number) => read(duty, date, value, 'filter-grade');

  test('every look restarts the looking', () => {
    const duty = oneDuty(rule);
    expect(outstanding(duty, '2026-11-21')).toMatchObject({ asks: 'look', baseline: true });
    grade(duty, '2026-12-10', 0.5);
    expect(outstanding(duty, '2026-12-11')).toMatchObject({ asks: 'look', window: { due: '2027-01-10' } });
  });

  test('the first that calls stands, whatever later looks say, until it is done that day or later', () => {
    const duty = oneDuty(rule);
    grade(duty, '2026-12-10', 1);
    grade(duty, '2026-12-12', 0);
    expect(outstanding(duty, '2026-12-13')).toMatchObject({
      asks: 'work',
      window: { earliest: '2026-12-10', due: '2026-12-17', latest: '2026-12-18' },
    });
    done(duty, '2026-12-14');
    expect(outstanding(duty, '2026-12-15')).toMatchObject({ asks: 'look', window: { due: '2027-01-14' } });
  });

  test('a finding judged to call does so by whatever name, where it names the duty', () => {
    const duty = oneDuty(rule);
    write(duty, '2026-12-10', { kind: 'finding', asset: 'a', what: 'torn', duty: 'd', verdict: 'act' });
    expect(due(duty, '2026-12-11')).toBe('2026-12-17');
  });

  test('what is found of something else is no look of this', () => {
    const duty = oneDuty({ ...rule, change: { finding: 'grey' } });
    write(duty, '2026-12-10', { kind: 'finding', asset: 'a', what: 'dented' });
    expect(outstanding(duty, '2026-12-11').baseline).toBe(true);
  });

  test('factors act on the interval of the looks', () => {
    const duty = oneDuty(rule, { factors: [0.5] });
    grade(duty, '2026-12-01', 0);
    expect(due(duty, '2026-12-02')).toBe('2026-12-16');
  });
});

describe('events', () => {
  const rule: Rule = { kind: 'event', triggers: ['windstorm', 'hail'], respondDays: 5 };

  test('one before the adoption does not count; one on the day it was done is cleared', () => {
    const duty = oneDuty(rule);
    happened(duty, '2026-11-19');
    expect(on(duty, '2026-11-21').occurrence).toBeNull();
    happened(duty, '2026-12-01', 'hail');
    done(duty, '2026-12-01');
    expect(on(duty, '2026-12-02').occurrence).toBeNull();
    happened(duty, '2026-12-03');
    expect(due(duty, '2026-12-04')).toBe('2026-12-08');
  });

  test('a forecast storm is one on its day; storms seen stay when they have passed', () => {
    const duty = oneDuty(rule);
    duty.weather = { passed: [], outlook: [{ date: civil('2026-12-06'), gust: 24 }] };
    expect(outstanding(duty, '2026-12-04')).toMatchObject({
      key: 'd:windstorm-2026-12-06',
      window: { earliest: '2026-12-06', due: '2026-12-11' },
    });
    expect(on(duty, '2026-12-04').changesOn).toBe('2026-12-05');
    duty.weather = { passed: duty.weather.outlook, outlook: [] };
    expect(outstanding(duty, '2026-12-09').reasons[0]).toMatchObject({ source: 'observed' });
  });

  test('a hard freeze is due the day before it, never before today', () => {
    const duty = oneDuty({ kind: 'event', triggers: ['hard-freeze'], respondDays: 0 });
    duty.weather = { passed: [], outlook: [{ date: civil('2026-12-06'), low: -2 }] };
    expect(due(duty, '2026-12-03')).toBe('2026-12-05');
    expect(due(duty, '2026-12-06')).toBe('2026-12-06');
    duty.weather = { passed: [], outlook: [{ date: civil('2026-12-06'), low: -1.9 }] };
    expect(on(duty, '2026-12-03').occurrence).toBeNull();
  });
});

describe('first', () => {
  test('a completion too early for one part may answer another; an extra only where it is one for all', () => {
    const duty = oneDuty({
      kind: 'first',
      of: [
        { kind: 'dates', monthDays: ['06-01'] },
        { kind: 'dates', monthDays: ['03-01'] },
      ],
    });
    done(duty, '2027-02-20');
    expect(on(duty, '2027-02-21')).toMatchObject({
      extras: [],
      occurrence: { window: { due: '2027-06-01' } },
    });
    const entryId = done(duty, '2027-03-10');
    expect(on(duty, '2027-03-11').extras).toEqual([{ entryId, on: '2027-03-10' }]);
  });

  test('ties go to the first listed, and only what led is missed', () => {
    const duty = oneDuty({ kind: 'first', of: [every(6), { kind: 'dates', monthDays: ['02-15', '08-15'] }] });
    done(duty, '2026-11-20');
    // The six months lead from May on; the February date is answered by the next done, never missed.
    expect(on(duty, '2027-10-01')).toMatchObject({
      missed: [{ due: '2027-02-15' }],
      occurrence: { key: 'd:e1', window: { due: '2027-05-20' } },
    });
    done(duty, '2027-10-01');
    expect(on(duty, '2028-01-01').missed).toHaveLength(1);
  });
});
