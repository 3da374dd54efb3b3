import { describe, expect, test } from 'vitest';
import type { Rule } from '../practice/rule.ts';
import { standingOn } from './window.ts';
import { civil } from '../calendar/civilDate.ts';
import {
  done,
  due,
  homeDuty,
  on,
  oneDuty,
  outstanding,
  steps,
  windowOf,
  withDuties,
  write,
  type OneDuty,
} from '../../../test/support/oneDuty.ts';

const everyMonths = (count: number, floorDays?: number): Rule => ({
  kind: 'interval',
  every: { unit: 'months', count },
  ...(floorDays !== undefined && { floorDays }),
});
const bothClocks: Rule = { kind: 'clockChange', on: 'both' };
const aprilAndOctober: Rule = { kind: 'dates', monthDays: ['04-15', '10-15'] };

describe('the worked examples of due dates', () => {
  test('1: every 3 months, done 31 August, is due 30 November', () => {
    const duty = oneDuty(everyMonths(3));
    done(duty, '2026-08-31');
    expect(due(duty, '2026-11-24')).toBe('2026-11-30');
  });

  test.each([
    ['2027-01-31', '2027-02-28'],
    ['2028-01-31', '2028-02-29'],
  ])('2: every month, done %s, is due %s', (last, expected) => {
    const duty = oneDuty(everyMonths(1));
    done(duty, last);
    expect(due(duty, last)).toBe(expected);
  });

  test('3: two shedding dogs at 0.67 make three months 61 days', () => {
    const duty = oneDuty(everyMonths(3), { factors: [0.67] });
    done(duty, '2026-09-02');
    expect(due(duty, '2026-11-24')).toBe('2026-11-02');
  });

  test('4: a smoker at 0.5 as well makes it 31 days', () => {
    const duty = oneDuty(everyMonths(3), { factors: [0.67, 0.5] });
    done(duty, '2026-09-02');
    expect(due(duty, '2026-11-24')).toBe('2026-10-03');
  });

  test('5: building dust as well is held at 0.25 and floored at 30 days', () => {
    const duty = oneDuty(everyMonths(3, 30), { factors: [0.67, 0.5, 0.33] });
    done(duty, '2026-09-02');
    const { window, reasons } = outstanding(duty, '2026-11-24');
    expect(window.due).toBe('2026-10-02');
    expect(reasons).toContainEqual(expect.objectContaining({ kind: 'factors', held: 0.25, days: 23 }));
    expect(reasons).toContainEqual({ kind: 'floor', floorDays: 30, due: '2026-10-02' });
  });

  test('5a: a product below 1 is never later than the plain date', () => {
    const duty = oneDuty(everyMonths(1), { factors: [0.95] });
    done(duty, '2027-01-31');
    expect(due(duty, '2027-02-01')).toBe('2027-02-28');
  });

  test('6: both clock changes in Chicago, spring done, is due at the autumn change', () => {
    const duty = oneDuty(bothClocks);
    done(duty, '2027-03-10');
    expect(due(duty, '2027-03-20')).toBe('2027-11-07');
  });

  test('7: done before the window opens is an extra and the spring change stays outstanding', () => {
    const duty = oneDuty(bothClocks);
    const entryId = done(duty, '2027-02-01');
    expect(due(duty, '2027-02-02')).toBe('2027-03-14');
    expect(on(duty, '2027-02-02').extras).toEqual([{ entryId, on: '2027-02-01' }]);
  });

  test('8: in Tokyo, where clocks never change, the first Sunday of April stands in', () => {
    const duty = oneDuty(bothClocks, { zone: 'Asia/Tokyo' });
    expect(due(duty, '2027-01-15')).toBe('2027-04-04');
  });

  test('9: in Hobart the autumn change is in April, and spring follows in October', () => {
    const duty = oneDuty(bothClocks, { zone: 'Australia/Hobart', hemisphere: 'south' });
    done(duty, '2027-04-05');
    const occurrence = outstanding(duty, '2027-04-06');
    expect(occurrence.window.due).toBe('2027-10-03');
    expect(occurrence.reasons[0]).toMatchObject({
      kind: 'clockChange',
      season: 'spring',
      conventional: false,
    });
  });

  test('10: a listed date never done stays outstanding and lapses', () => {
    const duty = oneDuty(aprilAndOctober, { adopted: '2026-09-01' });
    const { window } = outstanding(duty, '2027-03-20');
    expect(window.due).toBe('2026-10-15');
    expect(standingOn(window, civil('2027-03-20'))).toBe('lapsed');
    expect(on(duty, '2027-03-20').changesOn).toBe('2027-03-25');
  });

  test('11: it is missed on the day the next window opens', () => {
    const duty = oneDuty(aprilAndOctober, { adopted: '2026-09-01' });
    const projection = on(duty, '2027-03-25');
    expect(projection.occurrence?.window.due).toBe('2027-04-15');
    expect(projection.missed).toEqual([{ key: 'd:2026-10-15', due: '2026-10-15', closedOn: '2027-03-25' }]);
  });

  const frostOn = (monthDay: string) => ({ set: { firstFreeze: monthDay } });
  const fortnightBeforeFrost: Rule = { kind: 'season', anchor: 'firstFreeze', offsetDays: -14 };
  const guarded = { freezeGuard: { atOrBelow: 0 }, pair: { state: 'outdoor-tap', half: 'closes' } } as const;

  test('12: a fortnight before the first freeze of 9 October is 25 September', () => {
    const duty = oneDuty(fortnightBeforeFrost, { adopted: '2026-09-01', climate: frostOn('10-09') });
    expect(due(duty, '2026-09-02')).toBe('2026-09-25');
    expect(outstanding(duty, '2026-09-02').reasons[0]).toMatchObject({
      risk: 10,
      basis: 'set',
      on: '2026-10-09',
    });
  });

  test('13: frost forecast for the 23rd moves it to the 22nd', () => {
    const duty = oneDuty(fortnightBeforeFrost, {
      adopted: '2026-09-01',
      climate: frostOn('10-09'),
      timing: guarded,
    });
    duty.weather = { passed: [], outlook: [{ date: civil('2026-09-23'), low: -1 }] };
    expect(outstanding(duty, '2026-09-20')).toMatchObject({
      window: { earliest: '2026-09-04', due: '2026-09-22', latest: '2026-10-08' },
    });
    expect(steps(duty, '2026-09-20').at(-1)).toBe('pull');
  });

  test('14: a monthly filter and a quarterly flush, bound, share the filter’s date', () => {
    const one = oneDuty(everyMonths(1));
    const both = withDuties(one, '2026-11-20', [homeDuty('flush', {}, { bound: ['d'] }), everyMonths(3)]);
    done(both, '2027-05-04');
    done(both, '2027-05-04', 'flush');
    expect(due(both, '2027-05-05')).toBe('2027-06-04');
    expect(due(both, '2027-05-05', 'flush')).toBe('2027-06-04');
    expect(steps(both, '2027-05-05', 'flush')).toContain('bound');
  });

  test('15: an alarm made in June 2017 with a life of ten years is due on 1 June 2027', () => {
    const tenYears: Rule = { kind: 'age', lifespan: { unit: 'years', count: 10 } };
    const duty = oneDuty(tenYears, { asset: { facts: { made: '2017-06' } }, timing: { lifeSafety: true } });
    expect(windowOf(duty, '2026-12-01')).toEqual({
      earliest: '2027-05-02',
      due: '2027-06-01',
      latest: '2027-06-08',
    });
  });

  test('16: a two-monthly look that falls outside the heating season waits for it', () => {
    const duty = oneDuty(everyMonths(2), {
      climate: { set: { heatingStart: '10-15', heatingEnd: '04-20' } },
      timing: { gates: [{ kind: 'season', season: 'heating' }] },
    });
    done(duty, '2027-03-01');
    expect(due(duty, '2027-03-02')).toBe('2027-10-15');
  });

  const monthlyLook: Rule = {
    kind: 'condition',
    look: everyMonths(1),
    change: { finding: 'grey' },
    respondDays: 3,
  };
  test('17: found grey at a monthly look, the change is due within three days', () => {
    const duty = oneDuty(monthlyLook);
    write(duty, '2027-02-03', { kind: 'finding', asset: 'a', what: 'grey' });
    expect(outstanding(duty, '2027-02-04')).toMatchObject({ asks: 'work', window: { due: '2027-02-06' } });
  });

  const hours = (limit: number, expectedPerDay?: number): Rule => ({
    kind: 'usage',
    meter: 'run-hours',
    limit,
    ...(expectedPerDay !== undefined && { expectedPerDay }),
  });
  const read = (duty: OneDuty, date: string, value: number) =>
    write(duty, date, { kind: 'reading', asset: 'a', measure: 'run-hours', value, unit: 'h' });
  test('18: ninety hours to go at nine a day are ten days', () => {
    const duty = oneDuty(hours(300, 9));
    read(duty, '2027-01-01', 0);
    done(duty, '2027-01-01');
    read(duty, '2027-01-22', 210);
    expect(due(duty, '2027-01-23')).toBe('2027-02-01');
  });

  const afterStorm: Rule = { kind: 'event', triggers: ['windstorm'], respondDays: 5 };
  test('19: two storms with nothing done between are one occurrence', () => {
    const duty = oneDuty(afterStorm);
    write(duty, '2027-03-03', { kind: 'event', trigger: 'windstorm' });
    write(duty, '2027-03-06', { kind: 'event', trigger: 'windstorm' });
    expect(windowOf(duty, '2027-03-07')).toEqual({
      earliest: '2027-03-03',
      due: '2027-03-08',
      latest: '2027-03-09',
    });
    done(duty, '2027-03-07');
    expect(on(duty, '2027-03-08')).toMatchObject({
      occurrence: null,
      sleep: { kind: 'trigger' },
      missed: [],
    });
  });

  test('20: of six months and 400 hours the hours come first, the months stay a lesser reason', () => {
    const duty = oneDuty({ kind: 'first', of: [everyMonths(6), hours(400)] });
    done(duty, '2027-01-01');
    expect(due(duty, '2027-01-02')).toBe('2027-07-01');
    read(duty, '2027-03-15', 410);
    expect(due(duty, '2027-03-16')).toBe('2027-03-15');
    expect(outstanding(duty, '2027-03-16').reasons).toContainEqual({
      kind: 'lesser',
      rule: 'interval',
      due: '2027-07-01',
    });
  });
});

/** Frost as in the examples: first freeze on 9 October, last on 24 April. */
const FROST = { set: { firstFreeze: '10-09', lastFreeze: '04-24' } };
const SHUT: Rule = {
  kind: 'season',
  anchor: 'firstFreeze',
  offsetDays: -14,
  worthUntil: { season: 'lastFreeze', days: 0 },
};
const REOPEN: Rule = {
  kind: 'season',
  anchor: 'lastFreeze',
  offsetDays: 21,
  worthUntil: { season: 'firstFreeze', days: 0 },
};
const closes = { pair: { state: 'tap', half: 'closes' as const } };
const opens = { pair: { state: 'tap', half: 'opens' as const } };
const shutting = (adopted: string) => oneDuty(SHUT, { adopted, climate: FROST, timing: closes });
const tap = (adopted: string) => withDuties(shutting(adopted), adopted, [homeDuty('open', opens), REOPEN]);
const shut = (duty: OneDuty, day: string) => write(duty, day, { kind: 'shut', asset: 'a', state: 'tap' });

describe('the worked examples of worth until, pauses and printed lives', () => {
  test('21: a closing taken on in November is caught up, for three weeks', () => {
    const { window, baseline, reasons } = outstanding(shutting('2026-11-27'), '2026-11-27');
    expect(window).toEqual({ earliest: '2026-11-27', due: '2026-11-27', latest: '2026-12-18' });
    expect(baseline).toBe(true);
    expect(reasons).toContainEqual({
      kind: 'caughtUp',
      listed: '2026-09-25',
      worthUntil: '2027-04-24',
      due: '2026-11-27',
    });
  });

  test('22: taken on past its worth-until day, it waits for its next listed one', () => {
    expect(due(shutting('2027-05-10'), '2027-05-10')).toBe('2027-09-25');
  });

  test('23: an opening never done is missed the day after it stops making sense', () => {
    const both = tap('2026-07-01');
    shut(both, '2026-09-18');
    expect(due(both, '2027-10-09', 'open')).toBe('2027-05-15');
    const { occurrence, missed } = on(both, '2027-11-01', 'open');
    expect(missed).toEqual([{ key: 'open:2027-05-15', due: '2027-05-15', closedOn: '2027-10-10' }]);
    expect(occurrence?.window.due).toBe('2028-05-15');
  });

  test('24: opened in January, what was shut in time is owed again that day', () => {
    const duty = shutting('2026-07-01');
    shut(duty, '2026-09-20');
    write(duty, '2027-01-10', { kind: 'opened', asset: 'a', state: 'tap' });
    const { key, window, reasons } = outstanding(duty, '2027-01-10');
    expect(window).toEqual({ earliest: '2027-01-10', due: '2027-01-10', latest: '2027-01-31' });
    expect(key).toBe('d:2026-09-25');
    expect(reasons.map(({ kind }) => kind)).toContain('openedAgain');
  });

  test('25: a pause drops the listed date inside it; the older one stays until a later window opens', () => {
    const duty = oneDuty(aprilAndOctober, { adopted: '2026-09-01' });
    write(duty, '2027-03-05', { kind: 'paused', duty: 'd' });
    write(duty, '2027-06-21', { kind: 'resumed', duty: 'd' });
    expect(outstanding(duty, '2027-06-21').window.due).toBe('2026-10-15');
    expect(on(duty, '2027-09-23').missed).toEqual([]);
    expect(on(duty, '2027-09-24')).toMatchObject({
      occurrence: { window: { due: '2027-10-15' } },
      missed: [{ key: 'd:2026-10-15', closedOn: '2027-09-24' }],
    });
  });

  test('26: shut again, the tap is to be reopened after the last shutting', () => {
    const both = tap('2026-07-01');
    shut(both, '2026-09-20');
    shut(both, '2027-10-02');
    expect(due(both, '2027-10-02', 'open')).toBe('2028-05-15');
  });

  test('27: a life printed on the alarm wins over the school’s', () => {
    const life: Rule = { kind: 'age', lifespan: { unit: 'years', count: 10 } };
    const asset = { kind: 'smoke-alarm' as const, facts: { made: '2018-05', life: 7 } };
    expect(due(oneDuty(life, { asset }), '2026-11-24')).toBe('2025-05-01');
  });
});
