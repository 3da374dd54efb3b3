import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import type { Asset } from '../house/house.ts';
import { recompute } from './recompute.ts';
import type { Rule } from '../practice/rule.ts';
import { standingOf } from '../../../test/support/seasonStates.ts';
import {
  done,
  due,
  homeDuty,
  NO_PRACTICES,
  on,
  oneDuty,
  outstanding,
  windowOf,
  withDuties,
  write,
  type OneDuty,
} from '../../../test/support/oneDuty.ts';

const CLIMATE = { set: { firstFreeze: '10-09', lastFreeze: '04-24' } } as const;
const FROM_FREEZE: Rule = { kind: 'season', anchor: 'firstFreeze', offsetDays: -14 };
const REOPEN: Rule = { kind: 'season', anchor: 'lastFreeze', offsetDays: 21 };
const everyMonths = (count: number): Rule => ({ kind: 'interval', every: { unit: 'months', count } });
const listed = (...monthDays: string[]): Rule => ({ kind: 'dates', monthDays });
const closes = { pair: { state: 'tap', half: 'closes' as const } };
const opens = { pair: { state: 'tap', half: 'opens' as const } };
const pause = (duty: OneDuty, from: string, to: string): void => {
  write(duty, from, { kind: 'paused', duty: 'd' });
  write(duty, to, { kind: 'resumed', duty: 'd' });
};
const extrasOf = (duty: OneDuty, day: string) => on(duty, day).extras.map((extra) => extra.on);

describe('grace of life safety', () => {
  const graceOf = (timing: object) =>
    windowOf(
      oneDuty(FROM_FREEZE, { adopted: '2026-07-01', climate: CLIMATE, timing: { ...closes, ...timing } }),
      '2026-09-01',
    ).latest;

  test('a closing has up to the day before the freeze; one lives depend on at most seven days', () => {
    expect(graceOf({})).toBe('2026-10-08');
    expect(graceOf({ lifeSafety: true })).toBe('2026-10-02');
    expect(graceOf({ lifeSafety: true, graceDays: 4 })).toBe('2026-09-29');
  });

  test('the freeze is that of its rule’s own risk', () => {
    const set = { ...CLIMATE.set, firstFreeze50: '10-20' };
    const rule: Rule = { ...FROM_FREEZE, risk: 50 };
    const duty = oneDuty(rule, { adopted: '2026-07-01', climate: { set }, timing: closes });
    expect(windowOf(duty, '2026-09-01')).toMatchObject({ due: '2026-10-06', latest: '2026-10-19' });
  });
});

describe('a hard freeze in the forecast', () => {
  const low = (date: string) => ({ date: civil(date), low: -5 });

  test('is due the day before it, whatever the response days, never before today', () => {
    const duty = oneDuty(
      { kind: 'event', triggers: ['hard-freeze'], respondDays: 5 },
      { adopted: '2026-11-01' },
    );
    duty.weather = { passed: [], outlook: [low('2026-12-04')] };
    const { window, reasons } = outstanding(duty, '2026-12-01');
    expect(window).toMatchObject({ earliest: '2026-12-03', due: '2026-12-03', latest: '2026-12-04' });
    expect(recompute(reasons)).toEqual(window);
    duty.weather = { passed: [], outlook: [low('2026-12-01')] };
    expect(due(duty, '2026-12-01')).toBe('2026-12-01');
  });
});

describe('a pair', () => {
  const tap = (rule: Rule = FROM_FREEZE, timing: object = {}) => {
    const shutting = oneDuty(rule, {
      adopted: '2026-01-10',
      climate: CLIMATE,
      timing: { ...closes, ...timing },
    });
    return withDuties(shutting, '2026-01-10', [homeDuty('open', opens), REOPEN]);
  };
  const lookAt = (duty: OneDuty, day: string) => {
    const around = { find: NO_PRACTICES, weather: duty.weather };
    return standingOf(duty.house, duty.entries, civil(day), around)[0]?.nextOn;
  };

  test('an opening owes dates after the last close, that day not among them', () => {
    const both = tap();
    write(both, '2026-05-15', { kind: 'shut', asset: 'a', state: 'tap' });
    expect(due(both, '2026-05-15', 'open')).toBe('2027-05-15');
  });

  test('unknown, it is looked at on the next listed date of either half, today or later, not moved', () => {
    const both = tap();
    expect(lookAt(both, '2026-05-15')).toBe('2026-05-15');
    expect(lookAt(both, '2026-05-16')).toBe('2026-09-25');
    write(both, '2026-05-16', {
      kind: 'putOff',
      duty: 'd',
      occurrence: 'd:2026-09-25',
      to: civil('2026-11-01'),
      why: 'rain',
    });
    expect(lookAt(both, '2026-05-16')).toBe('2026-09-25');
  });

  test('the same day from the closing’s listed date to the last freeze, or with such a low in the outlook', () => {
    const both = tap();
    expect(lookAt(both, '2026-09-26')).toBe('2026-09-26');
    expect(lookAt(both, '2027-04-24')).toBe('2027-04-24');
    expect(lookAt(both, '2027-04-25')).toBe('2027-05-15');
    both.weather = { passed: [], outlook: [{ date: civil('2026-06-05'), low: 0 }] };
    expect(lookAt(both, '2026-06-01')).toBe('2026-06-01');
  });

  test('where frost does no harm, not', () => {
    const both = tap(listed('10-01'));
    expect(lookAt(both, '2026-10-02')).toBe('2027-05-15');
    expect(lookAt(tap(listed('10-01'), { freezeGuard: { atOrBelow: 0 } }), '2026-10-02')).toBe('2026-10-02');
  });
});

describe('a pause', () => {
  test('drops every listed date inside it, and not the older one outstanding', () => {
    const duty = oneDuty(listed('01-15', '03-15', '05-15', '09-15'), { adopted: '2026-09-01' });
    pause(duty, '2026-12-01', '2027-06-01');
    expect(on(duty, '2027-06-01')).toMatchObject({
      occurrence: { window: { due: '2026-09-15' } },
      missed: [],
    });
    expect(on(duty, '2027-09-15').missed.map(({ key }) => key)).toEqual(['d:2026-09-15']);
  });

  test('a window that opened before it has closed the older one for good', () => {
    const duty = oneDuty(listed('04-15', '10-15'), { adopted: '2026-09-01' });
    pause(duty, '2027-03-25', '2027-04-16');
    expect(on(duty, '2027-04-16')).toMatchObject({
      occurrence: { window: { due: '2027-10-15' } },
      missed: [{ key: 'd:2026-10-15' }],
    });
  });

  test('a listed date done meanwhile is an extra; a clock that restarts restarts', () => {
    const dates = oneDuty(listed('04-15'), { adopted: '2026-09-01' });
    write(dates, '2027-04-01', { kind: 'paused', duty: 'd' });
    done(dates, '2027-04-10');
    expect(extrasOf(dates, '2027-04-10')).toEqual(['2027-04-10']);
    const months = oneDuty(everyMonths(6), { adopted: '2026-09-01' });
    pause(months, '2027-04-01', '2027-05-01');
    done(months, '2027-04-10');
    expect(on(months, '2027-05-01')).toMatchObject({
      occurrence: { window: { due: '2027-10-10' } },
      extras: [],
    });
  });
});

describe('extras', () => {
  test('a completion that restarts any part of a “first” is none, whether or not it moved the date', () => {
    const duty = oneDuty(
      { kind: 'first', of: [listed('10-15'), everyMonths(12)] },
      { adopted: '2026-11-20' },
    );
    done(duty, '2026-11-25');
    done(duty, '2027-02-01');
    expect(extrasOf(duty, '2027-02-01')).toEqual([]);
    expect(due(duty, '2027-02-01')).toBe('2027-10-15');
  });

  test('with nothing to clear an event done is one', () => {
    const duty = oneDuty({ kind: 'event', triggers: ['hail'], respondDays: 5 });
    done(duty, '2026-12-01');
    expect(extrasOf(duty, '2026-12-01')).toEqual(['2026-12-01']);
  });

  test('work over listed looks with nothing called for is one; it answers no look, and a look never is one', () => {
    const rule: Rule = {
      kind: 'condition',
      look: listed('10-15'),
      change: { finding: 'worn' },
      respondDays: 5,
    };
    const duty = oneDuty(rule, { adopted: '2026-10-01' });
    done(duty, '2026-10-10');
    expect(extrasOf(duty, '2026-10-10')).toEqual(['2026-10-10']);
    expect(outstanding(duty, '2026-10-10')).toMatchObject({ key: 'd:2026-10-15', asks: 'look' });
    write(duty, '2026-10-12', { kind: 'finding', asset: 'a', duty: 'd', what: 'look' });
    write(duty, '2026-10-13', { kind: 'finding', asset: 'a', duty: 'd', what: 'look' });
    expect(extrasOf(duty, '2026-10-13')).toEqual(['2026-10-10']);
    expect(due(duty, '2026-10-13')).toBe('2027-10-15');
  });

  test('of a “first” only what led on the last day before it was closed is missed', () => {
    const duty = oneDuty(
      { kind: 'first', of: [listed('04-15', '10-15'), listed('04-20', '10-15')] },
      { adopted: '2026-09-01' },
    );
    const { missed } = on(duty, '2027-08-01');
    expect(missed.map(({ key }) => key)).toEqual(['d:2026-10-15']);
  });
});

describe('as of a day', () => {
  test('corrections noted later change nothing of what an earlier day said', () => {
    const duty = oneDuty(everyMonths(3));
    const entry = done(duty, '2026-12-01');
    write(duty, '2026-12-20', { kind: 'amends', target: entry, change: { date: civil('2026-11-25') } });
    const slip = done(duty, '2026-12-10');
    write(duty, '2026-12-22', { kind: 'voids', target: slip });
    expect(due(duty, '2026-12-05')).toBe('2027-03-01');
    expect(due(duty, '2026-12-21')).toBe('2027-03-10');
    expect(due(duty, '2026-12-22')).toBe('2027-02-25');
  });

  test('a duty taken on later is not told of', () => {
    const duty = oneDuty(everyMonths(3), { adopted: '2026-11-20' });
    expect(() => on(duty, '2026-11-19')).toThrow('no projection');
  });
});

describe('a printed life', () => {
  const TEN: Rule = { kind: 'age', lifespan: { unit: 'years', count: 10 } };
  const alarm = (facts: Asset['facts'], kind: Asset['kind'] = 'smoke-alarm') =>
    oneDuty(TEN, { asset: { kind, facts } });
  const dueWith = (facts: Asset['facts'], kind?: Asset['kind']) => due(alarm(facts, kind), '2026-11-24');

  test('a printed end wins over a printed life, and that over the school’s', () => {
    expect(dueWith({ made: '2020-03' })).toBe('2030-03-01');
    expect(dueWith({ made: '2020-03', life: 7 })).toBe('2027-03-01');
    expect(dueWith({ made: '2020-03', life: 7, ends: '2028' })).toBe('2028-01-01');
    expect(dueWith({ ends: '2028-06-15' }, 'co-alarm')).toBe('2028-06-15');
    expect(dueWith({ ends: '2028-06' }, 'gas-detector')).toBe('2028-06-01');
  });

  test('a unit that senses two things has the earlier of the two', () => {
    expect(dueWith({ made: '2020', ends: '2032', 'senses-co': true })).toBe('2030-01-01');
    expect(dueWith({ made: '2020', ends: '2027', 'senses-co': true })).toBe('2027-01-01');
    expect(dueWith({ made: '2020', life: 5, ends: '2027', 'senses-co': true })).toBe('2025-01-01');
  });

  test('counts whenever it is told, and ends with the unit it is printed on', () => {
    const duty = alarm({ made: '2020' });
    write(duty, '2026-12-01', { kind: 'fact', asset: 'a', fact: 'life', value: 8 });
    expect(due(duty, '2026-12-01')).toBe('2028-01-01');
    const assets: Asset[] = [
      ...duty.house.assets,
      { id: 'b', kind: 'smoke-alarm', name: 'New', succeeds: 'a' },
    ];
    const replaced: OneDuty = { ...duty, house: { ...duty.house, assets } };
    write(replaced, '2027-01-05', { kind: 'replaced', asset: 'a', successor: 'b' });
    expect(due(replaced, '2027-01-05')).toBe('2037-01-05');
    write(replaced, '2027-02-05', { kind: 'fact', asset: 'b', fact: 'ends', value: '2033-05' });
    write(replaced, '2027-02-06', { kind: 'fact', asset: 'a', fact: 'ends', value: '2029' });
    expect(due(replaced, '2027-02-06')).toBe('2033-05-01');
  });

  test('says nothing on other things, nor written as no number of years', () => {
    expect(dueWith({ made: '2020', life: 7, ends: '2023' }, 'furnace')).toBe('2030-01-01');
    expect(dueWith({ made: '2020', life: 0 })).toBe('2030-01-01');
  });

  test('an unknown age asks for a look, due the day adopted, in the baseline', () => {
    expect(outstanding(alarm({}), '2026-11-24')).toMatchObject({
      asks: 'look',
      baseline: true,
      window: { due: '2026-11-20' },
    });
  });
});

describe('what a school allows for', () => {
  test('its factors do not act; the rest do', () => {
    const duty = oneDuty(everyMonths(3), { factors: [0.5, 0.67] });
    const [adopted] = duty.entries;
    if (adopted?.body.kind !== 'adopted') throw new Error('it is adopted first');
    adopted.body.terms.allowsFor = ['factor-0'];
    done(duty, '2026-09-02');
    expect(due(duty, '2026-11-24')).toBe('2026-11-02');
    adopted.body.terms.allowsFor = ['factor-0', 'factor-1'];
    expect(due(duty, '2026-11-24')).toBe('2026-12-02');
  });
});

describe('lead times', () => {
  test('nothing is to be booked or ordered before the day adopted', () => {
    const needs = [{ supply: 'cell', quantity: 1, deliveryDays: 20 }];
    const duty = oneDuty(everyMonths(3), { timing: { lead: { days: 21 }, needs } });
    done(duty, '2026-09-02');
    expect(outstanding(duty, '2026-11-24')).toMatchObject({
      window: { due: '2026-12-02' },
      bookBy: '2026-11-20',
      orderBy: '2026-11-20',
    });
  });
});
