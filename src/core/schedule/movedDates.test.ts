import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import type { Climate } from '../climate/climateSchema.ts';
import { NO_WEATHER, type WeatherDay } from '../climate/weather.ts';
import { projectOccurrences } from './horizon/horizon.ts';
import { recompute } from './recompute.ts';
import type { Rule } from '../practice/rule.ts';
import { standingOf } from '../../../test/support/seasonStates.ts';
import {
  done,
  due,
  homeDuty,
  on,
  oneDuty,
  outstanding,
  projected,
  steps,
  terms,
  windowOf,
  withDuties,
  write,
  type OneDuty,
} from '../../../test/support/oneDuty.ts';

const every = (count: number, unit: 'days' | 'months' = 'months'): Rule => ({
  kind: 'interval',
  every: { unit, count },
});
const dates = (...monthDays: string[]): Rule => ({ kind: 'dates', monthDays });
const beforeFrost: Rule = { kind: 'season', anchor: 'firstFreeze', offsetDays: -14 };
const afterFrost: Rule = { kind: 'season', anchor: 'lastFreeze', offsetDays: 0 };
const frosts: Climate = { set: { firstFreeze: '10-09', lastFreeze: '04-20' } };
const putOff = (duty: OneDuty, date: string, to: string, id = 'd') =>
  write(duty, date, {
    kind: 'putOff',
    duty: id,
    occurrence: outstanding(duty, date, id).key,
    to: civil(to),
    why: 'rain',
  });
const outlook = (...days: WeatherDay[]) => ({ passed: [], outlook: days });

describe('seasons', () => {
  test('a season that never comes lets the duty sleep and says why', () => {
    const duty = oneDuty(beforeFrost, { climate: { set: { firstFreeze: 'none' } } });
    expect(on(duty, '2026-12-01')).toMatchObject({
      occurrence: null,
      sleep: { kind: 'season', anchor: 'firstFreeze', basis: 'set' },
      changesOn: null,
    });
    expect(on(oneDuty(beforeFrost), '2026-12-01').sleep).toMatchObject({ basis: 'unknown' });
    expect(on(oneDuty(beforeFrost, { climate: { station: 'tropical' } }), '2026-12-01').sleep).toMatchObject({
      basis: 'none',
    });
  });

  test('risk chooses among freeze dates; without one it is 10 %', () => {
    const climate = { set: { firstFreeze: '10-09', firstFreeze50: '10-25' } };
    const at50 = oneDuty({ kind: 'season', anchor: 'firstFreeze', offsetDays: -5, risk: 50 }, { climate });
    expect(due(at50, '2026-12-01')).toBe('2027-10-20');
  });

  test('days before an anchor may fall in the year before it', () => {
    const duty = oneDuty({ kind: 'season', anchor: 'midwinter', offsetDays: -30 });
    expect(due(duty, '2026-12-01')).toBe('2026-12-16');
    done(duty, '2026-12-16');
    expect(due(duty, '2026-12-17')).toBe('2027-12-16');
  });

  test('in the south, midwinter is in July', () => {
    const duty = oneDuty(
      { kind: 'season', anchor: 'midwinter', offsetDays: 0 },
      { zone: 'Australia/Hobart', hemisphere: 'south' },
    );
    expect(due(duty, '2026-12-01')).toBe('2027-07-15');
  });
});

describe('gates', () => {
  const heating = { gates: [{ kind: 'season', season: 'heating' }] } as const;
  const climate: Climate = { set: { heatingStart: '10-15', heatingEnd: '04-20' } };

  test('end days count, and a date inside stays when the season ends', () => {
    const duty = oneDuty(every(2), { climate, timing: { gates: [...heating.gates] } });
    done(duty, '2027-02-20');
    expect(due(duty, '2027-02-21')).toBe('2027-04-20');
    expect(due(duty, '2027-06-01')).toBe('2027-04-20');
  });

  test('it moves window and all; earliest is never before the active run', () => {
    const duty = oneDuty(every(2), { climate, timing: { gates: [...heating.gates] } });
    done(duty, '2027-03-01');
    expect(windowOf(duty, '2027-03-02')).toEqual({
      earliest: '2027-10-15',
      due: '2027-10-15',
      latest: '2027-10-24',
    });
    const early = oneDuty(dates('10-20'), { climate, timing: { gates: [...heating.gates] } });
    expect(windowOf(early, '2027-01-01').earliest).toBe('2027-10-15');
    expect(steps(early, '2027-01-01').at(-1)).toBe('runBegins');
  });

  test('two listed dates moved onto one day: the older is missed when it comes', () => {
    const duty = oneDuty(dates('05-01', '08-01'), { climate, timing: { gates: [...heating.gates] } });
    expect(on(duty, '2027-10-14').missed).toEqual([]);
    expect(on(duty, '2027-10-15')).toMatchObject({
      missed: [{ key: 'd:2027-05-01', due: '2027-10-15', closedOn: '2027-10-15' }],
      occurrence: { key: 'd:2027-08-01', window: { due: '2027-10-15' } },
    });
  });

  test('frost-free lies strictly between last and first freeze', () => {
    const gates = [{ kind: 'season', season: 'frostFree' }] as const;
    const duty = oneDuty(dates('04-20'), { climate: frosts, timing: { gates: [...gates] } });
    expect(due(duty, '2027-01-01')).toBe('2027-04-21');
  });

  test('never active, nothing is due', () => {
    const gates = [{ kind: 'season', season: 'cooling' }] as const;
    const duty = oneDuty(every(1), { climate: { station: 'marine' }, timing: { gates: [...gates] } });
    expect(on(duty, '2027-01-01')).toMatchObject({ occurrence: null, sleep: { kind: 'gate' } });
  });

  test('a climate nobody has told of closes no gate', () => {
    expect(due(oneDuty(every(1), { timing: { gates: [...heating.gates] } }), '2026-12-01')).toBe(
      '2026-11-20',
    );
  });

  test('a trait opens it from the day it is told, and shuts it from the day it ends', () => {
    const timing = { gates: [{ kind: 'trait' as const, trait: 'smoker' }] };
    const duty = oneDuty(every(1), { timing });
    expect(on(duty, '2026-12-01').sleep).toMatchObject({ kind: 'gate' });
    write(duty, '2026-12-10', { kind: 'trait', trait: 'smoker', value: true });
    expect(due(duty, '2026-12-11')).toBe('2026-12-10');
    done(duty, '2026-12-12');
    write(duty, '2027-01-05', { kind: 'trait', trait: 'smoker', value: false });
    expect(on(duty, '2027-01-06').sleep).toMatchObject({ kind: 'gate' });
  });

  test('a closing is never moved later by one', () => {
    const timing = {
      ...heating,
      gates: [...heating.gates],
      pair: { state: 'humidifier', half: 'closes' as const },
    };
    expect(due(oneDuty(dates('09-01'), { climate, timing }), '2027-01-01')).toBe('2027-09-01');
  });
});

describe('pauses', () => {
  test('nothing while paused; a date inside moves, window and all, to the day of resuming', () => {
    const duty = oneDuty(every(3));
    done(duty, '2026-12-01');
    write(duty, '2027-02-01', { kind: 'paused', duty: 'd', why: 'away' });
    expect(on(duty, '2027-02-10')).toMatchObject({
      occurrence: null,
      sleep: { kind: 'paused', since: '2027-02-01' },
    });
    write(duty, '2027-04-10', { kind: 'resumed', duty: 'd' });
    expect(windowOf(duty, '2027-04-11')).toEqual({
      earliest: '2027-04-10',
      due: '2027-04-10',
      latest: '2027-04-24',
    });
  });

  test('calendar dates inside are dropped, not missed', () => {
    const duty = oneDuty(dates('02-15', '06-01'));
    write(duty, '2027-01-10', { kind: 'paused', duty: 'd' });
    write(duty, '2027-04-01', { kind: 'resumed', duty: 'd' });
    expect(on(duty, '2027-04-02')).toMatchObject({
      missed: [],
      occurrence: { window: { due: '2027-06-01' } },
    });
  });

  test('a calendar date from before it is still owed after it', () => {
    const duty = oneDuty(dates('01-05', '06-01'));
    write(duty, '2027-01-10', { kind: 'paused', duty: 'd' });
    write(duty, '2027-03-01', { kind: 'resumed', duty: 'd' });
    expect(due(duty, '2027-03-02')).toBe('2027-01-05');
  });
});

describe('weather pulls', () => {
  const timing = { freezeGuard: { atOrBelow: 0 } };
  const guarded = (): OneDuty => oneDuty(beforeFrost, { adopted: '2026-08-01', climate: frosts, timing });

  test('a low above the threshold moves nothing; the day after tomorrow’s frost makes it tomorrow', () => {
    const duty = guarded();
    duty.weather = outlook({ date: civil('2026-09-10'), low: 0.5 }, { date: civil('2026-09-12'), low: 0 });
    expect(due(duty, '2026-09-10')).toBe('2026-09-11');
  });

  test('frost tonight makes it today, never before; put off or not', () => {
    const duty = guarded();
    putOff(duty, '2026-09-05', '2026-09-30');
    duty.weather = outlook({ date: civil('2026-09-12'), low: -3 });
    expect(windowOf(duty, '2026-09-12')).toMatchObject({ due: '2026-09-12', latest: '2026-10-16' });
    duty.weather = outlook({ date: civil('2026-09-12'), low: 4 });
    expect(due(duty, '2026-09-12')).toBe('2026-09-30');
  });

  test('never by more than sixty days', () => {
    const duty = guarded();
    duty.weather = outlook({ date: civil('2026-07-20'), low: -1 });
    expect(due({ ...duty, entries: duty.entries }, '2026-08-01')).toBe('2026-09-25');
    duty.weather = outlook({ date: civil('2026-08-03'), low: -1 });
    expect(due(duty, '2026-08-02')).toBe('2026-08-02');
    duty.weather = outlook({ date: civil('2026-08-08'), low: -1 });
    const late = oneDuty(
      { ...beforeFrost, offsetDays: 0 },
      { adopted: '2026-08-01', climate: frosts, timing },
    );
    late.weather = duty.weather;
    expect(due(late, '2026-08-02')).toBe('2026-10-09');
  });

  test('done while pulled it is satisfied, though before the window it would have', () => {
    const duty = guarded();
    duty.weather = outlook({ date: civil('2026-08-25'), low: -1 });
    expect(due(duty, '2026-08-20')).toBe('2026-08-24');
    const { key } = outstanding(duty, '2026-08-20');
    write(duty, '2026-08-20', { kind: 'done', duty: 'd', occurrence: key });
    duty.weather = outlook();
    expect(on(duty, '2026-08-21')).toMatchObject({
      extras: [],
      occurrence: { window: { due: '2027-09-25' } },
    });
  });

  test('done unnamed it is satisfied as long as the frost is told of, and says until when', () => {
    const duty = guarded();
    write(duty, '2026-08-24', { kind: 'done', duty: 'd' });
    const frost = { date: civil('2026-08-25'), low: -1 };
    duty.weather = { passed: [{ date: civil('2026-08-11'), low: 9 }, frost], outlook: [] };
    expect(on(duty, '2026-09-01')).toMatchObject({ extras: [], changesOn: '2026-09-15' });
    duty.weather = { passed: [frost], outlook: [] };
    expect(on(duty, '2026-09-15')).toMatchObject({ extras: [], changesOn: '2026-09-16' });
    duty.weather = { passed: [{ date: civil('2026-08-26'), low: 9 }], outlook: [] };
    expect(on(duty, '2026-09-16').extras).toHaveLength(1);
  });
});

describe('bound companions', () => {
  const pair = () =>
    withDuties(oneDuty(every(1)), '2026-11-20', [
      homeDuty('flush', { lifeSafety: true }, { bound: ['d'] }),
      every(3),
    ]);

  test('life safety keeps its seven days of grace', () => {
    const both = withDuties(oneDuty(every(12)), '2026-11-20', [
      homeDuty('alarm', { lifeSafety: true }, { bound: ['d'] }),
      every(24),
    ]);
    done(both, '2026-11-20');
    done(both, '2026-11-20', 'alarm');
    expect(windowOf(both, '2026-12-01').latest).toBe('2027-12-20');
    expect(windowOf(both, '2026-12-01', 'alarm').latest).toBe('2027-11-27');
  });

  test('putting off one puts off all', () => {
    const both = pair();
    done(both, '2027-05-04');
    done(both, '2027-05-04', 'flush');
    putOff(both, '2027-05-10', '2027-06-20', 'flush');
    expect([due(both, '2027-05-11'), due(both, '2027-05-11', 'flush')]).toEqual(['2027-06-20', '2027-06-20']);
    done(both, '2027-06-20');
    done(both, '2027-06-20', 'flush');
    expect(due(both, '2027-06-21')).toBe('2027-07-20');
  });

  test('done with its companion a listed date is satisfied, though before its own window', () => {
    const both = withDuties(oneDuty(every(1)), '2026-11-20', [
      homeDuty('walk', {}, { bound: ['d'] }),
      dates('03-01'),
    ]);
    done(both, '2026-11-20');
    done(both, '2026-12-20');
    done(both, '2026-12-20', 'walk');
    expect(on(both, '2026-12-21', 'walk').extras).toEqual([]);
  });
});

describe('handy companions', () => {
  const trip = () =>
    withDuties(oneDuty(dates('05-01')), '2026-11-20', [
      homeDuty('other', {}, { handy: ['d'] }),
      dates('05-10'),
    ]);

  test('one whose window overlaps comes along on the earlier one’s day; only the due day moves', () => {
    const both = trip();
    expect(windowOf(both, '2027-04-01', 'other')).toEqual({
      earliest: '2027-04-19',
      due: '2027-05-01',
      latest: '2027-05-31',
    });
    expect(due(both, '2027-04-01')).toBe('2027-05-01');
  });

  test('a day that somebody chose stays where it was put', () => {
    const both = trip();
    const occurrence = outstanding(both, '2027-04-01', 'other').key;
    write(both, '2027-04-01', {
      kind: 'putOff',
      duty: 'other',
      occurrence,
      to: civil('2027-05-20'),
      why: 'away',
    });
    expect(due(both, '2027-04-02', 'other')).toBe('2027-05-20');
  });

  test('never before its own earliest, and with today when the first is overdue', () => {
    const both = trip();
    expect(due(both, '2027-05-05', 'other')).toBe('2027-05-05');
    expect(on(both, '2027-05-05', 'other').changesOn).toBe('2027-05-06');
    expect(due(both, '2027-05-12', 'other')).toBe('2027-05-10');
    const apart = withDuties(oneDuty(dates('05-01')), '2026-11-20', [
      homeDuty('other', {}, { handy: ['d'] }),
      dates('08-01'),
    ]);
    expect(due(apart, '2027-04-01', 'other')).toBe('2027-08-01');
  });
});

describe('pairs', () => {
  const state = 'outdoor-tap';
  const around = { find: () => undefined, weather: NO_WEATHER };
  const tap = ({ adopted = '2026-08-01', opening = afterFrost as Rule, guarded = false } = {}) =>
    withDuties(
      oneDuty(beforeFrost, {
        adopted,
        climate: frosts,
        timing: { pair: { state, half: 'closes' }, ...(guarded && { freezeGuard: { atOrBelow: 0 } }) },
      }),
      adopted,
      [homeDuty('open', { pair: { state, half: 'opens' } }), opening],
    );

  test('while nobody knows how it stands both halves exist', () => {
    const both = tap();
    expect(due(both, '2026-08-02')).toBe('2026-09-25');
    expect(due(both, '2026-08-02', 'open')).toBe('2027-04-20');
    expect(outstanding(both, '2026-08-02').reasons).toContainEqual({
      kind: 'stateSince',
      state,
      standing: 'unknown',
      since: null,
    });
  });

  test('projected, it is closed and opened in turn; what is only looked at stays as it stands', () => {
    const projected = ({ house, entries }: OneDuty) =>
      projectOccurrences(house, entries, civil('2026-08-02'), around, civil('2028-05-01')).map(
        ({ dutyId, occurrence }) => `${dutyId} ${occurrence.window.due}`,
      );
    expect(projected(tap())).toEqual(['d 2026-09-25', 'open 2027-04-20', 'd 2027-09-25', 'open 2028-04-20']);
    const looked: Rule = { kind: 'condition', look: afterFrost, change: { finding: 'dry' }, respondDays: 3 };
    expect(projected(tap({ opening: looked }))).toEqual([
      'd 2026-09-25',
      'open 2027-04-20',
      'open 2028-04-20',
    ]);
  });

  test('what nobody knows is looked at on the pair’s next date; where frost could burst it, the same day', () => {
    const lookBy = (adopted: string, guarded: boolean) => {
      const { house, entries } = tap({ adopted, guarded });
      return standingOf(house, entries, civil(adopted), around).map(({ nextOn }) => nextOn);
    };
    expect(lookBy('2026-11-25', true)).toEqual(['2026-11-25']);
    // It counts from the freeze, so frost can burst it without a guard too.
    expect(lookBy('2026-11-25', false)).toEqual(['2026-11-25']);
    expect(lookBy('2027-06-01', true)).toEqual(['2027-09-25']);
  });

  test('closed, only the opening exists, owing dates on or after the close; opened, only the closing', () => {
    const both = tap();
    done(both, '2026-10-20');
    expect(on(both, '2026-10-21').sleep).toEqual({
      kind: 'state',
      state,
      standing: 'closed',
      since: '2026-10-20',
    });
    expect(due(both, '2026-10-21', 'open')).toBe('2027-04-20');
    done(both, '2027-04-25', 'open');
    expect(due(both, '2027-04-26')).toBe('2027-09-25');
    expect(on(both, '2027-04-26', 'open')).toMatchObject({ occurrence: null, sleep: { standing: 'open' } });
    expect(
      projected(both, '2027-04-26')
        .states.get('a outdoor-tap')
        ?.map(({ standing }) => standing),
    ).toEqual(['closed', 'open']);
  });

  test('a closing date that fell while it stood closed is not owed', () => {
    const both = tap();
    write(both, '2026-09-01', { kind: 'shut', asset: 'a' });
    write(both, '2026-11-01', { kind: 'opened', asset: 'a' });
    expect(on(both, '2026-11-02')).toMatchObject({
      missed: [],
      occurrence: { window: { due: '2027-09-25' } },
    });
  });

  test('its latest is the day before the freeze', () => {
    expect(windowOf(tap(), '2026-08-02').latest).toBe('2026-10-08');
  });
});

describe('lead times and stock', () => {
  test('a trade is booked its lead before, the longer one in its busy season', () => {
    const lead = { days: 10, busy: { days: 30, from: '09-01', to: '12-01' } };
    const duty = oneDuty(dates('06-15', '10-15'), { timing: { lead } });
    expect(outstanding(duty, '2027-01-01').bookBy).toBe('2027-06-05');
    done(duty, '2027-06-10');
    expect(outstanding(duty, '2027-06-11').bookBy).toBe('2027-09-15');
  });

  test('what a household does itself is not booked; hired without a lead of its own it is booked two weeks before', () => {
    const own = oneDuty(dates('06-15'), { timing: { lead: { days: 10 } } });
    write(own, '2027-01-01', { kind: 'terms', duty: 'd', terms: terms(dates('06-15')) });
    expect(outstanding(own, '2027-01-02').bookBy).toBeNull();
    const hired = oneDuty(dates('06-15'));
    write(hired, '2027-01-01', {
      kind: 'terms',
      duty: 'd',
      terms: { ...terms(dates('06-15')), doer: 'trade' },
    });
    expect(outstanding(hired, '2027-01-02').bookBy).toBe('2027-06-01');
  });

  test('supplies are ordered delivery and two days before, when the stock will not cover all that comes first', () => {
    const needs = [{ supply: 'filter-panel', quantity: 2, deliveryDays: 5 }];
    const both = withDuties(oneDuty(dates('06-01'), { timing: { needs } }), '2026-11-20', [
      homeDuty('second', { needs }),
      dates('07-01'),
    ]);
    write(both, '2027-01-01', { kind: 'bought', supply: 'filter-panel', quantity: 3 });
    expect(outstanding(both, '2027-01-02').orderBy).toBeNull();
    expect(outstanding(both, '2027-01-02', 'second').orderBy).toBe('2027-06-24');
    done(both, '2027-06-01');
    expect(projected(both, '2027-06-02').stock.get('filter-panel')).toBe(1);
    write(both, '2027-06-02', { kind: 'stockMoved', supply: 'filter-panel', change: 1 });
    expect(outstanding(both, '2027-06-03', 'second').orderBy).toBeNull();
  });
});

describe('what every step leaves', () => {
  test('recomputing from the reasons gives the window, whatever moved it', () => {
    const timing = { freezeGuard: { atOrBelow: 0 }, pair: { state: 'tap', half: 'closes' as const } };
    const all = withDuties(
      oneDuty(beforeFrost, { adopted: '2026-08-01', climate: frosts, timing }),
      '2026-08-01',
      [homeDuty('bound', { lifeSafety: true }, { bound: ['d'] }), every(14, 'days')],
      [homeDuty('handy', {}, { handy: ['bound'] }), dates('09-30')],
    );
    done(all, '2026-08-20', 'bound');
    all.weather = outlook({ date: civil('2026-09-20'), low: -4 });
    for (const day of ['2026-08-21', '2026-09-12', '2026-09-19', '2026-10-30'])
      for (const { occurrence } of projected(all, day).duties)
        if (occurrence) expect(recompute(occurrence.reasons), day).toEqual(occurrence.window);
  });
});
