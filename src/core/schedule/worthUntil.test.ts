import { describe, expect, test } from 'vitest';
import type { Rule } from '../practice/rule.ts';
import { recompute } from './recompute.ts';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import {
  done,
  due,
  homeDuty,
  on,
  oneDuty,
  outstanding,
  windowOf,
  withDuties,
  write,
  type OneDuty,
} from '../../../test/support/oneDuty.ts';

/** Frost from 9 October to 24 April, heating from 15 October to 20 April. */
const CLIMATE = {
  set: { firstFreeze: '10-09', lastFreeze: '04-24', heatingStart: '10-15', heatingEnd: '04-20' },
} as const;
const NO_FROST = { set: { firstFreeze: 'none', lastFreeze: 'none' } } as const;
const october = (worthUntil: object): Rule => ({ kind: 'dates', monthDays: ['10-01'], worthUntil }) as Rule;
const SHUT: Rule = {
  kind: 'season',
  anchor: 'firstFreeze',
  offsetDays: -14,
  worthUntil: { season: 'lastFreeze', days: 0 },
};
const closes = { pair: { state: 'tap', half: 'closes' as const } };
const shutting = (adopted: string, timing = {}) =>
  oneDuty(SHUT, { adopted, climate: CLIMATE, timing: { ...closes, ...timing } });
const byHand = (duty: OneDuty, day: string, kind: 'shut' | 'opened') =>
  write(duty, day, { kind, asset: 'a', state: 'tap' });
const putOff = (duty: OneDuty, day: string, occurrence: string, to: string) =>
  write(duty, day, { kind: 'putOff', duty: 'd', occurrence, to: civil(to), why: 'rain' });
const missedOf = (duty: OneDuty, day: string) => on(duty, day).missed.map(({ key }) => key);

describe('until when a listed date makes sense', () => {
  test.each([
    [{ season: 'lastFreeze', days: 5 }, '2027-04-29'],
    [{ monthDay: '12-24' }, '2026-12-24'],
    [{ monthDay: '10-01' }, '2026-10-01'],
    [{ afterDays: 40 }, '2026-11-10'],
  ])('%o is the first such day on or after it: still there on %s, missed the day after', (worth, last) => {
    const duty = oneDuty(october(worth), { adopted: '2026-06-01', climate: CLIMATE });
    const stale = toCivilDate(toDay(civil(last)) + 1);
    expect(missedOf(duty, last)).toEqual([]);
    expect(on(duty, stale).missed).toMatchObject([{ key: 'd:2026-10-01', closedOn: stale }]);
  });

  test('its window does not reach past it, and the reasons say so and give it again', () => {
    const duty = oneDuty(october({ afterDays: 9 }), { adopted: '2026-06-01' });
    const { window, reasons } = outstanding(duty, '2026-10-01');
    expect(window.latest).toBe('2026-10-10');
    expect(reasons.at(-1)).toMatchObject({ kind: 'worthUntil', on: '2026-10-10' });
    expect(recompute(reasons)).toEqual(window);
  });

  test('where the season never comes it is as if nothing were said', () => {
    const never = oneDuty(october({ season: 'lastFreeze', days: 0 }), {
      adopted: '2026-11-01',
      climate: NO_FROST,
    });
    expect(due(never, '2026-11-01')).toBe('2027-10-01');
    expect(missedOf(never, '2028-06-01')).toEqual([]);
  });

  test('a day chosen past it stands, as due and latest, until that day; then it is missed', () => {
    const duty = oneDuty(october({ afterDays: 9 }), { adopted: '2026-06-01' });
    putOff(duty, '2026-10-05', 'd:2026-10-01', '2026-11-02');
    expect(windowOf(duty, '2026-11-02')).toEqual({
      earliest: '2026-09-10',
      due: '2026-11-02',
      latest: '2026-11-02',
    });
    expect(missedOf(duty, '2026-11-02')).toEqual([]);
    expect(missedOf(duty, '2026-11-03')).toEqual(['d:2026-10-01']);
  });

  test('a season gate that moves it past is no miss: it is passed over', () => {
    const gates = [{ kind: 'season' as const, season: 'heating' as const }];
    const duty = oneDuty(october({ afterDays: 9 }), {
      adopted: '2026-06-01',
      climate: CLIMATE,
      timing: { gates },
    });
    expect(on(duty, '2027-03-01')).toMatchObject({
      occurrence: null,
      sleep: { kind: 'tooLate' },
      missed: [],
    });
  });

  test('outstanding once and then gated off by a state, it is missed; never outstanding, passed over', () => {
    const gates = [{ kind: 'state' as const, state: 'pool', standing: 'open' as const }];
    const pool = (closed: string) => {
      const duty = oneDuty(october({ afterDays: 9 }), { adopted: '2026-06-01', timing: { gates } });
      write(duty, closed, { kind: 'shut', asset: 'a', state: 'pool' });
      write(duty, '2026-11-20', { kind: 'opened', asset: 'a', state: 'pool' });
      return duty;
    };
    expect(missedOf(pool('2026-09-20'), '2026-12-01')).toEqual(['d:2026-10-01']);
    expect(missedOf(pool('2026-08-20'), '2026-12-01')).toEqual([]);
  });

  test('passed while paused, the date is dropped and not missed', () => {
    const duty = oneDuty(october({ afterDays: 30 }), { adopted: '2026-06-01' });
    write(duty, '2026-10-10', { kind: 'paused', duty: 'd' });
    write(duty, '2026-11-20', { kind: 'resumed', duty: 'd' });
    expect(on(duty, '2026-11-20')).toMatchObject({
      occurrence: { window: { due: '2027-10-01' } },
      missed: [],
    });
  });

  test('it is missed by the terms of its day, whatever terms came after', () => {
    const duty = oneDuty(october({ afterDays: 30 }), { adopted: '2026-06-01' });
    const terms = { school: null, rule: october({ afterDays: 200 }), factors: [], doer: 'self' as const };
    write(duty, '2026-10-20', { kind: 'terms', duty: 'd', terms });
    expect(missedOf(duty, '2026-10-31')).toEqual([]);
    expect(on(duty, '2026-11-01')).toMatchObject({
      occurrence: { window: { due: '2027-10-01' } },
      missed: [{ key: 'd:2026-10-01', closedOn: '2026-11-01' }],
    });
  });

  test('each part of a “first” has its own: past it, the part waits for its next date', () => {
    const rule: Rule = {
      kind: 'first',
      of: [october({ afterDays: 9 }), { kind: 'dates', monthDays: ['12-20'] }],
    };
    const duty = oneDuty(rule, { adopted: '2026-06-01' });
    expect(due(duty, '2026-10-10')).toBe('2026-10-01');
    expect(due(duty, '2026-10-11')).toBe('2026-12-20');
    expect(missedOf(duty, '2026-10-11')).toEqual(['d:2026-10-01']);
  });
});

describe('catch-up', () => {
  const adoptedIn = (adopted: string, rule = october({ afterDays: 90 })) => oneDuty(rule, { adopted });

  test('owes the last listed date while it makes sense, due the day adopted, in the baseline', () => {
    const { key, window, baseline } = outstanding(adoptedIn('2026-12-30'), '2026-12-30');
    expect([key, baseline]).toEqual(['d:2026-10-01', true]);
    expect(window).toEqual({ earliest: '2026-12-30', due: '2026-12-30', latest: '2026-12-30' });
    expect(due(adoptedIn('2026-12-31'), '2026-12-31')).toBe('2027-10-01');
  });

  test('done in its window before the adoption rules it out, and is no extra; done before the window is one', () => {
    const inTime = adoptedIn('2026-11-20');
    done(inTime, '2026-09-10');
    expect(on(inTime, '2026-11-20')).toMatchObject({
      occurrence: { window: { due: '2027-10-01' } },
      extras: [],
    });
    const tooEarly = adoptedIn('2026-11-20');
    done(tooEarly, '2026-09-09');
    expect(outstanding(tooEarly, '2026-11-20').key).toBe('d:2026-10-01');
  });

  test('done on the day adopted answers it', () => {
    const duty = adoptedIn('2026-11-20');
    done(duty, '2026-11-20');
    expect(on(duty, '2026-11-20')).toMatchObject({
      satisfied: [{ key: 'd:2026-10-01' }],
      occurrence: { window: { due: '2027-10-01' } },
    });
  });

  test('where the next window is open that day, nothing is caught up', () => {
    const twice: Rule = {
      kind: 'dates',
      monthDays: ['04-15', '10-15'],
      worthUntil: { afterDays: 175 },
    };
    expect(outstanding(adoptedIn('2027-03-24', twice), '2027-03-24').key).toBe('d:2026-10-15');
    expect(outstanding(adoptedIn('2027-03-25', twice), '2027-03-25').key).toBe('d:2027-04-15');
  });

  test('not done, it is missed like any other', () => {
    expect(missedOf(adoptedIn('2026-11-20'), '2026-12-31')).toEqual(['d:2026-10-01']);
  });

  test('a closing that counts from the freeze is caught up at the latest the day before one still ahead', () => {
    expect(windowOf(shutting('2026-09-30'), '2026-09-30').latest).toBe('2026-10-08');
    expect(windowOf(shutting('2026-10-09'), '2026-10-09').latest).toBe('2026-10-30');
  });

  test('what gates hang on counts as it was known on the day adopted', () => {
    const gates = [{ kind: 'trait' as const, trait: 'occupied' }];
    const twice: Rule = { kind: 'dates', monthDays: ['04-15', '10-15'], worthUntil: { afterDays: 175 } };
    const duty = oneDuty(twice, { adopted: '2027-03-25', timing: { gates } });
    write(duty, '2027-03-20', { kind: 'trait', trait: 'occupied', value: true });
    expect(outstanding(duty, '2027-03-25').key).toBe('d:2027-04-15');
  });

  test('one in the hands of a gate waits for it', () => {
    const gates = [{ kind: 'season' as const, season: 'heating' as const }];
    const duty = oneDuty(october({ afterDays: 90 }), {
      adopted: '2026-10-05',
      climate: CLIMATE,
      timing: { gates },
    });
    expect(outstanding(duty, '2026-10-05')).toMatchObject({
      key: 'd:2026-10-01',
      window: { earliest: '2026-10-15', due: '2026-10-15' },
    });
  });
});

describe('a closing opened again in its season', () => {
  test.each([
    ['a stated grace', { graceDays: 40 }, '2027-02-19'],
    ['life safety', { lifeSafety: true }, '2027-01-17'],
    ['a shorter stated grace and life safety', { lifeSafety: true, graceDays: 3 }, '2027-01-13'],
  ])('is owed that day with %s', (_what, timing, latest) => {
    const duty = shutting('2026-07-01', timing);
    done(duty, '2026-09-20');
    byHand(duty, '2027-01-10', 'opened');
    expect(windowOf(duty, '2027-01-10')).toMatchObject({ due: '2027-01-10', latest });
  });

  test('before the freeze, at the latest the day before it; past its worth-until day, not at all', () => {
    const duty = shutting('2026-07-01');
    done(duty, '2026-09-10');
    byHand(duty, '2026-10-01', 'opened');
    expect(windowOf(duty, '2026-10-01').latest).toBe('2026-10-08');
    const late = shutting('2026-07-01');
    done(late, '2026-09-20');
    byHand(late, '2027-04-25', 'opened');
    expect(due(late, '2027-04-25')).toBe('2027-09-25');
  });

  test('done early and opened before its listed date, it is owed on that; on the listed date counts as before it', () => {
    for (const opened of ['2026-09-15', '2026-09-25']) {
      const duty = shutting('2026-07-01');
      done(duty, '2026-09-10');
      byHand(duty, opened, 'opened');
      expect(outstanding(duty, opened)).toMatchObject({
        key: 'd:2026-09-25',
        window: { due: '2026-09-25', latest: '2026-10-08' },
      });
    }
  });

  test('earlier puttings off are gone, later ones count', () => {
    const duty = shutting('2026-07-01');
    putOff(duty, '2026-09-20', 'd:2026-09-25', '2026-12-01');
    done(duty, '2026-11-20');
    byHand(duty, '2027-01-10', 'opened');
    expect(due(duty, '2027-01-10')).toBe('2027-01-10');
    putOff(duty, '2027-01-11', 'd:2026-09-25', '2027-01-20');
    expect(due(duty, '2027-01-11')).toBe('2027-01-20');
  });

  test('“opened” counts only where it stood closed; what is outstanding stays as it was', () => {
    const duty = shutting('2026-07-01');
    byHand(duty, '2026-11-10', 'opened');
    expect(windowOf(duty, '2026-11-10')).toMatchObject({ due: '2026-09-25', latest: '2026-10-08' });
  });

  test('opened before the adoption it is due the day adopted; while the next window is open, nothing again', () => {
    const before = shutting('2026-12-01');
    done(before, '2026-09-20');
    byHand(before, '2026-11-10', 'opened');
    expect(outstanding(before, '2026-12-01')).toMatchObject({
      key: 'd:2026-09-25',
      window: { due: '2026-12-01' },
    });
    const open = oneDuty(
      { kind: 'dates', monthDays: ['04-15', '10-15'], worthUntil: { afterDays: 175 } },
      { adopted: '2026-09-01', timing: closes },
    );
    done(open, '2026-10-15');
    byHand(open, '2027-03-28', 'opened');
    expect(due(open, '2027-03-28')).toBe('2027-04-15');
  });

  test('answered a second time it ends under the same key', () => {
    const duty = shutting('2026-07-01');
    done(duty, '2026-09-20');
    byHand(duty, '2027-01-10', 'opened');
    done(duty, '2027-01-12');
    expect(on(duty, '2027-01-12').satisfied.map(({ key }) => key)).toEqual(['d:2026-09-25', 'd:2026-09-25']);
    expect(on(duty, '2027-01-12')).toMatchObject({ occurrence: null, sleep: { kind: 'state' } });
  });

  test('an opening missed before a second close stays counted; what still stood is dropped', () => {
    const reopen: Rule = {
      kind: 'season',
      anchor: 'lastFreeze',
      offsetDays: 21,
      worthUntil: { season: 'firstFreeze', days: 0 },
    };
    const opening = homeDuty('open', { pair: { state: 'tap', half: 'opens' } });
    const both = withDuties(shutting('2026-07-01'), '2026-07-01', [opening, reopen]);
    byHand(both, '2026-09-20', 'shut');
    byHand(both, '2028-05-20', 'shut');
    const { missed, occurrence } = on(both, '2028-05-20', 'open');
    expect(missed.map(({ key }) => key)).toEqual(['open:2027-05-15']);
    expect(occurrence?.window.due).toBe('2029-05-15');
  });
});
