import { describe, expect, it } from 'vitest';
import { airDensity } from './air.ts';
import { faceVelocity } from './faceVelocity.ts';
import { filterGrade } from './filterGrade.ts';
import { flameToBlower } from './flameToBlower.ts';
import { furnaceStart } from './furnaceStart.ts';
import { gasFlame } from './gasFlame.ts';
import { oilSoot, sootPenalty } from './oilSoot.ts';
import { figureOf, said, verdictOf } from '../../../test/support/judging.ts';
import { runHoursOf } from './runHours.ts';
import { sensibleCapacityOf } from './sensibleCapacity.ts';
import { summerIndoor } from './summerIndoor.ts';
import { splitOf, temperatureSplit } from './temperatureSplit.ts';
import { ventilatedHumidity } from './ventilatedHumidity.ts';
import { ventilatorFilter } from './ventilatorFilter.ts';
import { ventilatorSetting } from './ventilatorSetting.ts';
import { highestHumidity, targetHumidity, winterHumidity } from './winterHumidity.ts';

const F = (value: number) => ({ value, unit: 'F' });
const C = (value: number) => ({ value, unit: 'C' });
const pc = (value: number) => ({ value, unit: '%' });
const min = (value: number) => ({ value, unit: 'min' });

/** A split measured as it should be: only what is named differs. */
const measured = (split: number, more: object = {}) => ({
  return: F(75),
  supply: F(75 - split),
  running: min(20),
  outdoors: F(85),
  placed: true,
  ...more,
});

describe('temperature split', () => {
  it.each([
    [10, 'act', 2],
    [10.5, 'act', 7],
    [15.9, 'act', 7],
    [16, 'watch', null],
    [18, 'sound', null],
    [22, 'sound', null],
    [22.1, 'watch', null],
    [24, 'watch', null],
    [24.1, 'act', 3],
  ] as const)('%s °F by the fixed band: %s', (split, verdict, days) => {
    expect(verdictOf(temperatureSplit, measured(split))).toEqual([verdict, days]);
  });

  it.each([
    [44.9, 20.8, 'sound'],
    [44.9, 23.6, 'sound'],
    [44.9, 18.7, 'act'],
    [45, 18.9, 'sound'],
    [55, 22.2, 'sound'],
    [55.1, 16.7, 'sound'],
    [65, 20, 'sound'],
    [65.1, 14.4, 'sound'],
    [65.1, 18.3, 'sound'],
    [65.1, 20.3, 'watch'],
    [65.1, 20.4, 'act'],
  ] as const)('at %s %% indoors %s °F is %s', (humidity, split, verdict) => {
    expect(verdictOf(temperatureSplit, measured(split, { humidity: pc(humidity) }))[0]).toBe(verdict);
  });

  it('the physics behind the second school gives its edges, and the thin air of 5 000 ft widens them', () => {
    expect(splitOf(0.65)).toBeCloseTo(18.06, 2);
    expect(splitOf(0.8)).toBeCloseTo(22.22, 2);
    expect(airDensity(5000)).toBeCloseTo(0.832, 3);
    const high = { humidity: pc(50), altitude: { value: 5000, unit: 'ft' } };
    expect(verdictOf(temperatureSplit, measured(18.9, high))[0]).toBe('act');
    expect(verdictOf(temperatureSplit, measured(24, high))[0]).toBe('sound');
  });

  it.each([
    [{ running: min(14.9) }, 'cooling-15-minutes'],
    [{ filter: 'grey' }, 'filter-clean'],
    [{ placed: false }, 'probes-placed'],
    [{ outdoors: F(69) }, 'outdoors-70'],
  ])('without its preconditions it says which is missing: %o', (more, missing) => {
    expect(said(temperatureSplit, measured(20, more))).toMatchObject({ kind: 'unmet', missing: [missing] });
  });

  it('ice is a stop, whatever else is missing: the cooling goes off', () => {
    const icy = said(temperatureSplit, measured(20, { ice: true, running: min(2) }));
    expect(icy).toMatchObject({ kind: 'judged', verdict: 'stop' });
    expect(icy).toMatchObject({
      follows: [
        { what: 'cooling-off' },
        { practice: 'airflow-restriction-signs' },
        { trade: 'cooling' },
        { round: 'overflow' },
      ],
    });
  });

  it('half the work at 10 °F, and what leaving it costs of either bill', () => {
    const bill = { bill: 100, months: 3 };
    expect(figureOf(temperatureSplit, measured(10, bill), 'performance')).toBe(50);
    expect(figureOf(temperatureSplit, measured(10, bill), 'cost-of-leaving')).toBe(150);
    expect(
      figureOf(temperatureSplit, measured(10, { ...bill, 'bill-from': 'before' }), 'cost-of-leaving'),
    ).toBe(300);
    expect(figureOf(temperatureSplit, measured(21, bill), 'performance')).toBe(100);
  });

  it('in kelvin it is the same split, and a new house goes back to its builder', () => {
    const given = { ...measured(0), return: C(24), supply: C(14), 'new-house': true };
    expect(verdictOf(temperatureSplit, given)[0]).toBe('sound');
    const weak = said(temperatureSplit, { ...given, supply: C(19) });
    expect(weak).toMatchObject({ verdict: 'act', days: 2, follows: [{ trade: 'builder' }, {}] });
  });

  it('a school, or edges of one’s own, stand for the usual', () => {
    const given = measured(19, { humidity: pc(40) });
    expect(verdictOf(temperatureSplit, given)[0]).toBe('watch');
    expect(verdictOf(temperatureSplit, given, { school: 'fixed' })[0]).toBe('sound');
    const edges = { fixed: [10, 14, 15, 17, 18] };
    expect(verdictOf(temperatureSplit, given, { school: 'fixed', edges })[0]).toBe('act');
    expect(verdictOf(temperatureSplit, given, { school: 'fixed', edges: { fixed: [3, 2, 1] } })[0]).toBe(
      'sound',
    );
  });
});

describe('filters', () => {
  it('the tolerant school waits for grey, the strict one does not', () => {
    const grades = ['new', 'light', 'grey'].map((grade) => ({ grade }));
    expect(grades.map((one) => verdictOf(filterGrade, one)[0])).toEqual(['sound', 'watch', 'act']);
    const strict = grades.map((one) => verdictOf(filterGrade, one, { school: 'strict' })[0]);
    expect(strict).toEqual(['sound', 'act', 'act']);
  });

  it.each([
    [17.9, false, 'sound'],
    [18, false, 'watch'],
    [24, false, 'act'],
    [2, true, 'act'],
  ] as const)('a ventilator’s filter of %s months, torn %s: %s', (months, torn, verdict) => {
    const given = { 'since-renewal': { value: months, unit: 'months' }, torn };
    expect(verdictOf(ventilatorFilter, given)[0]).toBe(verdict);
  });

  it('1 200 cfm through 20×25 in are 346 ft/min: much for a fine pleat, little for a plain panel', () => {
    const given = {
      airflow: { value: 1200, unit: 'cfm' },
      width: { value: 20, unit: 'in' },
      height: { value: 25, unit: 'in' },
    };
    expect(Math.round(figureOf(faceVelocity, given, 'face-velocity'))).toBe(346);
    expect(verdictOf(faceVelocity, given)[0]).toBe('watch');
    expect(verdictOf(faceVelocity, { ...given, 'filter-kind': 'plain-panel' })[0]).toBe('sound');
  });
});

describe('furnace and flame', () => {
  it.each([
    [14.9, 'watch', null],
    [15, 'sound', null],
    [60, 'sound', null],
    [60.1, 'watch', null],
    [90, 'watch', null],
    [90.1, 'act', 1],
  ] as const)('%s s from flame to blower: %s', (seconds, verdict, days) => {
    expect(verdictOf(flameToBlower, { delay: { value: seconds, unit: 's' } })).toEqual([verdict, days]);
  });

  it('a flame that leaves its place is a stop', () => {
    const given = { delay: { value: 30, unit: 's' }, flame: 'rolling-out' };
    expect(said(flameToBlower, given)).toMatchObject({ verdict: 'stop', parts: [{}, { verdict: 'sound' }] });
  });

  it('blue is sound and proves no exchanger; any other gas flame is a stop; logs and oil get no verdict', () => {
    expect(said(gasFlame, { flame: 'steady-blue' })).toMatchObject({
      verdict: 'sound',
      parts: [{ because: { code: 'blue-proves-no-exchanger' } }],
    });
    for (const flame of ['orange', 'yellow', 'flicker', 'outside-tubes', 'cracked-tubes'])
      expect(verdictOf(gasFlame, { flame, burner: 'water-heater' })[0]).toBe('stop');
    expect(said(gasFlame, { flame: 'yellow', burner: 'decorative-logs' }).kind).toBe('unmet');
  });

  it('a stage that does not come names its suspects, and a second reset is a stop', () => {
    expect(said(furnaceStart, { 'last-seen': 'igniter-glow' })).toMatchObject({
      verdict: 'act',
      parts: [{ because: { code: 'no-gas-valve' } }],
    });
    expect(verdictOf(furnaceStart, { 'last-seen': 'steady' })[0]).toBe('sound');
    expect(verdictOf(furnaceStart, { 'last-seen': 'flame', resets: 2 })[0]).toBe('stop');
  });

  it('soot: 1/16 in costs about a tenth more fuel, not carried beyond 1/8', () => {
    expect([1 / 16, 1 / 8, 1 / 4].map(sootPenalty)).toEqual([10, 20, 20]);
    const sooted = { soot: { value: 1 / 16, unit: 'in' } };
    expect(verdictOf(oilSoot, sooted)).toEqual(['act', 30]);
    expect(verdictOf(oilSoot, { soot: { value: 0, unit: 'mm' } })[0]).toBe('sound');
    expect(verdictOf(oilSoot, { ...sooted, 'flue-blocked': true })[0]).toBe('stop');
  });
});

describe('humidity and air', () => {
  it.each([
    [-10, 'double', 48.5],
    [-23, 'double', 35.1],
    [-29, 'double', 30.1],
    [-35, 'double', 25.8],
    [-10, 'single', 20.2],
  ] as const)('at 21 °C indoors and %s °C ahead a %s pane bears %s %%', (outdoors, glass, highest) => {
    expect(highestHumidity(21, outdoors, glass)).toBeCloseTo(highest, 1);
  });

  it('the target is the lower of 40 and H − 3; below 15 the humidifier is off', () => {
    expect([60, 41, 18, 17.9].map(targetHumidity)).toEqual([40, 38, 15, null]);
  });

  const cold = { hours: { value: 24, unit: 'h' }, 'lowest-ahead': C(-23) };
  const humidity = (mean: number, more: object = {}) => ({
    high: pc(mean + 2),
    low: pc(mean - 2),
    ...cold,
    ...more,
  });

  it.each([
    [36, {}, 'act', 1],
    [33, {}, 'watch', null],
    [30, {}, 'sound', null],
    [26, {}, 'watch', null],
    [26, { 'days-low': 7 }, 'act', 7],
    [20, { 'days-low': 9, 'lowest-ahead': C(-30) }, 'watch', null],
    [30, { condensation: true }, 'act', 1],
  ] as const)('a mean of %s %% with −23 °C ahead, %o: %s', (mean, more, verdict, days) => {
    expect(verdictOf(winterHumidity, humidity(mean, more))).toEqual([verdict, days]);
  });

  it.each([
    [{ hours: { value: 12, unit: 'h' } }, 'hours-24-to-36'],
    [{ 'fell-by': { value: 16, unit: 'K' }, 'days-since-fall': 2 }, 'three-days-after-fall'],
  ])('waits for what it needs: %o', (more, missing) => {
    expect(said(winterHumidity, humidity(30, more))).toMatchObject({ kind: 'unmet', missing: [missing] });
  });

  it.each([
    [39.9, {}, 'watch'],
    [40, {}, 'sound'],
    [60, {}, 'sound'],
    [79.9, {}, 'watch'],
    [80, {}, 'act'],
    [71, { 'days-over-70': 7 }, 'act'],
    [50, { mould: true }, 'act'],
  ] as const)('a ventilated house at %s %%, %o: %s', (value, more, verdict) => {
    expect(verdictOf(ventilatedHumidity, { humidity: pc(value), ...more })[0]).toBe(verdict);
  });

  it.each([
    [77, 'sound'],
    [84.9, 'watch'],
    [85, 'act'],
  ] as const)('%s °F indoors in a humid summer: %s', (value, verdict) => {
    expect(verdictOf(summerIndoor, { indoors: F(value) })[0]).toBe(verdict);
  });

  it('a ventilator in the middle of its range is sound; off in a tight house is not', () => {
    const set = (value: number, more: object = {}) =>
      verdictOf(ventilatorSetting, { setting: pc(value), ...more });
    expect([39, 40, 60, 61].map((value) => set(value)[0])).toEqual(['watch', 'sound', 'sound', 'watch']);
    expect(set(50, { off: true, tight: true })).toEqual(['act', 1]);
    expect(set(50, { off: true })[0]).toBe('watch');
  });

  it('capacity and run hours', () => {
    expect(sensibleCapacityOf(1200, 20, 0)).toBeCloseTo(25_920, 6);
    expect(runHoursOf('heating', -2, { at: -22, hours: 24 })).toBe(12);
    expect(runHoursOf('heating', -40, { at: -22, hours: 24 })).toBe(24);
    expect(runHoursOf('cooling', 26, { at: 34, hours: 24 })).toBe(12);
    expect(runHoursOf('cooling', 26, { at: 10, hours: 24 })).toBeNull();
  });
});
