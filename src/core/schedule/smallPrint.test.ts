import { describe, expect, test } from 'vitest';
import type { Rule } from '../practice/rule.ts';
import { standingOn } from './window.ts';
import { civil } from '../calendar/civilDate.ts';
import { done, due, on, oneDuty, outstanding, terms, write } from '../../../test/support/oneDuty.ts';

const every = (
  count: number,
  unit: 'days' | 'weeks' | 'months' | 'years' = 'months',
  floorDays?: number,
): Rule => ({
  kind: 'interval',
  every: { unit, count },
  ...(floorDays !== undefined && { floorDays }),
});
const dates = (...monthDays: string[]): Rule => ({ kind: 'dates', monthDays });
const windowOf = (...args: Parameters<typeof outstanding>) => outstanding(...args).window;

describe('windows', () => {
  test('early and grace are 15 % of the interval, halves up', () => {
    const duty = oneDuty(every(30, 'days'));
    done(duty, '2026-12-01');
    // 4.5 days become 5.
    expect(windowOf(duty, '2026-12-02')).toEqual({
      earliest: '2026-12-26',
      due: '2026-12-31',
      latest: '2027-01-05',
    });
  });

  test('and at most 30 days', () => {
    const duty = oneDuty(every(2, 'years'));
    done(duty, '2026-11-20');
    expect(windowOf(duty, '2026-12-01')).toEqual({
      earliest: '2028-10-21',
      due: '2028-11-20',
      latest: '2028-12-20',
    });
  });

  test('they follow the interval after factors and floor', () => {
    const duty = oneDuty(every(3, 'months', 40), { factors: [0.25] });
    done(duty, '2026-12-01');
    expect(windowOf(duty, '2026-12-02')).toEqual({
      earliest: '2027-01-04',
      due: '2027-01-10',
      latest: '2027-01-16',
    });
  });

  test('life safety has at most 7 days of grace, stated or not', () => {
    const usual = oneDuty(every(6), { timing: { lifeSafety: true } });
    done(usual, '2026-12-01');
    expect(windowOf(usual, '2026-12-02')).toMatchObject({ earliest: '2027-05-05', latest: '2027-06-08' });
    const stated = oneDuty(every(6), { timing: { lifeSafety: true, graceDays: 20 } });
    done(stated, '2026-12-01');
    expect(windowOf(stated, '2026-12-02').latest).toBe('2027-06-08');
  });

  test('a fixed date has 21 days each way, but never past half the gap to its neighbour, less a day', () => {
    const wide = oneDuty(dates('04-15', '10-15'), { adopted: '2027-01-01' });
    expect(windowOf(wide, '2027-01-02')).toEqual({
      earliest: '2027-03-25',
      due: '2027-04-15',
      latest: '2027-05-06',
    });
    // 30 days apart: half is 15, less a day 14.
    const tight = oneDuty(dates('04-01', '05-01'), { adopted: '2027-04-20' });
    expect(windowOf(tight, '2027-04-21')).toEqual({
      earliest: '2027-04-17',
      due: '2027-05-01',
      latest: '2027-05-22',
    });
  });

  test('standing: ahead, open to the due day, late to the latest, lapsed after', () => {
    const duty = oneDuty(every(30, 'days'));
    done(duty, '2026-12-01');
    const window = windowOf(duty, '2026-12-02');
    const at = (day: string) => standingOn(window, civil(day));
    expect(
      ['2026-12-25', '2026-12-26', '2026-12-31', '2027-01-01', '2027-01-05', '2027-01-06'].map(at),
    ).toEqual(['ahead', 'open', 'open', 'late', 'late', 'lapsed']);
  });
});

describe('fixed dates', () => {
  test('every second year from a base year, none before it', () => {
    const rule: Rule = { kind: 'dates', monthDays: ['05-01'], cycle: { years: 2, baseYear: 2028 } };
    const duty = oneDuty(rule);
    expect(due(duty, '2026-12-01')).toBe('2028-05-01');
    done(duty, '2028-05-02');
    expect(due(duty, '2028-05-03')).toBe('2030-05-01');
  });

  test('29 February becomes the 28th in common years', () => {
    const duty = oneDuty(dates('02-29'));
    expect(due(duty, '2026-12-01')).toBe('2027-02-28');
    done(duty, '2027-02-27');
    expect(due(duty, '2027-03-01')).toBe('2028-02-29');
  });

  test('dates before the adoption are neither outstanding nor missed; the adoption day itself is owed', () => {
    const duty = oneDuty(dates('04-15', '10-15'), { adopted: '2026-10-15' });
    expect(due(duty, '2026-10-15')).toBe('2026-10-15');
    expect(on(oneDuty(dates('04-15', '10-15'), { adopted: '2026-10-16' }), '2026-12-01')).toMatchObject({
      missed: [],
      occurrence: { window: { due: '2027-04-15' } },
    });
  });

  test('done late, the next is still the next listed date', () => {
    const duty = oneDuty(dates('04-15', '10-15'), { adopted: '2026-09-01' });
    done(duty, '2027-03-01');
    expect(on(duty, '2027-03-02')).toMatchObject({
      satisfied: [{ due: '2026-10-15', daysLate: 137 }],
      occurrence: { window: { due: '2027-04-15' } },
    });
  });

  test('years without a look count each listed date once as missed', () => {
    const duty = oneDuty(dates('06-01'), { adopted: '2026-05-01' });
    expect(on(duty, '2029-07-01').missed.map((one) => one.due)).toEqual([
      '2026-06-01',
      '2027-06-01',
      '2028-06-01',
    ]);
    expect(due(duty, '2029-07-01')).toBe('2029-06-01');
  });
});

describe('completions', () => {
  test('a clock that restarts does so on the day it was really done, early or late', () => {
    const duty = oneDuty(every(3));
    done(duty, '2026-12-01');
    done(duty, '2026-12-20');
    expect(on(duty, '2027-01-01')).toMatchObject({
      extras: [],
      occurrence: { window: { due: '2027-03-20' } },
    });
  });

  test('skipped acts as done that day, and says so', () => {
    const duty = oneDuty(every(3));
    write(duty, '2026-12-01', { kind: 'skipped', duty: 'd', why: 'nobody lived here' });
    expect(outstanding(duty, '2026-12-02')).toMatchObject({
      window: { due: '2027-03-01' },
      reasons: [{ kind: 'lastDone', how: 'skipped' }, {}, {}],
    });
  });

  test('one known from before the adoption counts, and ends the baseline', () => {
    const duty = oneDuty(every(3));
    done(duty, '2026-10-05');
    expect(outstanding(duty, '2026-11-24')).toMatchObject({ baseline: false, window: { due: '2027-01-05' } });
  });

  test('entries dated after the day asked about are left out', () => {
    const duty = oneDuty(every(1));
    done(duty, '2026-12-01');
    done(duty, '2027-01-05');
    expect(due(duty, '2026-12-31')).toBe('2027-01-01');
  });
});

describe('putting off', () => {
  test('an earlier day brings the earliest with it; the last one counts; past the latest day the latest moves', () => {
    const duty = oneDuty(every(3));
    done(duty, '2026-12-01');
    const { key, window } = outstanding(duty, '2026-12-02');
    const putOff = (to: string) =>
      write(duty, '2026-12-02', { kind: 'putOff', duty: 'd', occurrence: key, to: civil(to), why: 'away' });
    putOff('2027-06-01');
    expect(windowOf(duty, '2026-12-03')).toEqual({ ...window, due: '2027-06-01', latest: '2027-06-01' });
    putOff('2027-01-10');
    expect(windowOf(duty, '2026-12-03')).toEqual({
      earliest: '2027-01-10',
      due: '2027-01-10',
      latest: window.latest,
    });
  });

  test('it hangs on its occurrence: once that is done the next is not put off', () => {
    const duty = oneDuty(every(1));
    done(duty, '2026-12-01');
    write(duty, '2026-12-02', {
      kind: 'putOff',
      duty: 'd',
      occurrence: outstanding(duty, '2026-12-02').key,
      to: civil('2027-01-20'),
      why: 'away',
    });
    done(duty, '2027-01-20');
    expect(due(duty, '2027-01-21')).toBe('2027-02-20');
  });
});

describe('dated terms', () => {
  const change = (duty: ReturnType<typeof oneDuty>, date: string, rule: Rule, factors: number[] = []) =>
    write(duty, date, { kind: 'terms', duty: 'd', terms: terms(rule, factors) });

  test('a change today moves what falls due under it, never to before it began', () => {
    const duty = oneDuty(every(3));
    done(duty, '2026-12-01');
    change(duty, '2027-01-15', every(1));
    expect(outstanding(duty, '2027-01-15')).toMatchObject({
      window: { due: '2027-01-15' },
      reasons: [{}, {}, { kind: 'termsBegan' }, {}],
    });
  });

  test('an occurrence is judged by the terms in force on its due date: the past is not rewritten', () => {
    const duty = oneDuty(dates('06-01'), { adopted: '2026-01-01' });
    const before = on(duty, '2028-01-01');
    change(duty, '2028-01-01', dates('09-01'));
    expect(on(duty, '2028-01-01').missed).toEqual(before.missed);
    expect(due(duty, '2028-08-20')).toBe('2028-09-01');
  });

  test('from a length of time to fixed dates', () => {
    const duty = oneDuty(every(6));
    done(duty, '2026-12-01');
    change(duty, '2027-01-01', dates('10-15'));
    expect(due(duty, '2027-01-02')).toBe('2027-10-15');
  });

  test('to fixed dates and back again, the same clock makes another occurrence', () => {
    const duty = oneDuty(every(1), { adopted: '2026-01-15' });
    change(duty, '2026-01-16', dates('11-02'));
    change(duty, '2026-11-03', every(1));
    const { missed, occurrence } = on(duty, '2026-12-01');
    expect(missed.map(({ key }) => key)).toEqual(['d:adoption', 'd:2026-11-02']);
    expect(occurrence?.key).toBe('d:adoption:2026-11-03');
  });

  test('given up, nothing is due and nothing changes', () => {
    const duty = oneDuty(every(1));
    write(duty, '2026-12-05', { kind: 'retired', duty: 'd' });
    expect(on(duty, '2026-12-04').retired).toBe(false);
    expect(on(duty, '2026-12-05')).toMatchObject({ retired: true, occurrence: null, changesOn: null });
  });
});

describe('factors', () => {
  test('halves of a day round up, decimals notwithstanding', () => {
    const duty = oneDuty(every(30, 'days'), { factors: [0.35] });
    done(duty, '2026-12-01');
    // 10.5 days.
    expect(due(duty, '2026-12-02')).toBe('2026-12-12');
  });

  test('a floor does not act without factors', () => {
    const duty = oneDuty(every(1, 'months', 60));
    done(duty, '2026-12-01');
    expect(due(duty, '2026-12-02')).toBe('2027-01-01');
  });

  test('factors that cancel out leave the calendar arithmetic', () => {
    const duty = oneDuty(every(1), { factors: [0.5, 2] });
    done(duty, '2027-01-31');
    expect(due(duty, '2027-02-01')).toBe('2027-02-28');
  });

  test('lengthening is held at one and a half times', () => {
    const duty = oneDuty(every(1, 'years'), { factors: [4] });
    done(duty, '2026-12-01');
    // 547.875 days.
    expect(due(duty, '2026-12-02')).toBe('2028-06-01');
  });

  test('they do not act on fixed dates', () => {
    const duty = oneDuty(dates('06-01'), { factors: [0.25] });
    expect(due(duty, '2026-12-01')).toBe('2027-06-01');
  });
});

describe('keys', () => {
  test('a storm on the very day a date was listed for is another occurrence than the date', () => {
    const duty = oneDuty({
      kind: 'first',
      of: [
        { kind: 'dates', monthDays: ['04-15'] },
        { kind: 'event', triggers: ['windstorm'], respondDays: 5 },
      ],
    });
    const date = outstanding(duty, '2027-04-10').key;
    done(duty, '2027-04-10');
    duty.weather = { passed: [{ date: civil('2027-04-15'), gust: 25 }], outlook: [] };
    expect(outstanding(duty, '2027-04-16').key).not.toBe(date);
    expect(due(duty, '2027-04-16')).toBe('2027-04-20');
  });

  test('looks that began by one entry and are answered apart are two occurrences', () => {
    const look = (
      months: number,
      change: { finding: string } | { measure: string; atLeast: number },
    ): Rule => ({
      kind: 'condition',
      look: { kind: 'interval', every: { unit: 'months', count: months } },
      change,
      respondDays: 7,
    });
    const duty = oneDuty({
      kind: 'first',
      of: [look(1, { measure: 'grade', atLeast: 3 }), look(3, { finding: 'worn' })],
    });
    done(duty, '2026-12-01');
    for (const day of ['2027-01-01', '2027-02-01', '2027-03-01'])
      write(duty, day, { kind: 'reading', asset: 'a', measure: 'grade', value: 0, unit: '' });
    write(duty, '2027-03-02', { kind: 'finding', asset: 'a', duty: 'd', what: 'look', verdict: 'sound' });
    const { satisfied } = on(duty, '2027-03-03');
    const keys = satisfied.map(({ key }) => key);
    expect(keys).toHaveLength(new Set(keys).size);
    expect(due(duty, '2027-03-03')).toBe('2027-04-02');
  });
});
