import { describe, expect, it } from 'vitest';
import { figureOf, said, verdictOf } from '../../../test/support/judging.ts';
import { coAlarm } from './coAlarm.ts';
import { concreteAge } from './concreteAge.ts';
import { doorPaper } from './doorPaper.ts';
import { filterCost, filtersAYear } from './filterCost.ts';
import { foundationCrack } from './foundationCrack.ts';
import { lampSaving, lampSavingAYear } from './lampSaving.ts';
import { infiltration, leakArea, seasonsHeat } from './leakArea.ts';
import { neglectCost } from './neglectCost.ts';
import { ownWork, ownWorkSaves } from './ownWork.ts';
import { smokeAlarm } from './smokeAlarm.ts';
import { ventClearance } from './ventClearance.ts';

const mm = (value: number) => ({ value, unit: 'mm' });
const inches = (value: number) => ({ value, unit: 'in' });
const years = (value: number) => ({ value, unit: 'years' });
const h = (value: number) => ({ value, unit: 'h' });

describe('leaks', () => {
  const gaps = { length: { value: 12, unit: 'ft' }, gap: inches(1 / 16) };

  it('12 ft of 1/16 in are 9 in², one hole of 3 in', () => {
    expect(figureOf(leakArea, gaps, 'leak-area')).toBe(9);
    expect(figureOf(leakArea, gaps, 'one-hole')).toBe(3);
    expect(figureOf(leakArea, gaps, 'pane-share')).toBe(6.25);
  });

  it('10 in² in two storeys at 40 °F and 10 mph let through 14.3 cfm', () => {
    expect(infiltration(10, 2, 40, 10)).toBeCloseTo(14.3, 1);
    const given = {
      length: { value: 0, unit: 'ft' },
      gap: inches(0),
      'more-area': { value: 10 / 0.6, unit: 'in2' },
    };
    const windy = { ...given, difference: { value: 40, unit: 'F' }, wind: { value: 10, unit: 'mph' } };
    expect(figureOf(leakArea, windy, 'infiltration')).toBeCloseTo(14.3, 1);
  });

  it('a season’s heat and what it costs', () => {
    expect(seasonsHeat(10, 5000)).toBeCloseTo(1.08 * 10 * 24 * 5000, 6);
    const given = {
      ...gaps,
      difference: { value: 30, unit: 'dF' },
      'degree-days': 5000,
      'price-a-unit': 2,
      'btu-a-unit': 100_000,
      efficiency: { value: 80, unit: '%' },
    };
    const heat = figureOf(leakArea, given, 'season-heat');
    expect(figureOf(leakArea, given, 'season-cost')).toBeCloseTo((heat / 100_000 / 0.8) * 2, 6);
  });
});

describe('shell', () => {
  it.each([
    [{ width: mm(0.39) }, 'sound', null],
    [{ width: mm(0.4) }, 'watch', null],
    [{ width: inches(1 / 8) }, 'act', 30],
    [{ width: mm(3) }, 'act', 30],
    [{ width: mm(0.2), damp: true }, 'act', 7],
    [{ width: mm(1), 'growth-a-year': mm(1.6) }, 'watch', null],
    [{ width: mm(1), 'growth-a-year': mm(1.7) }, 'act', 14],
    [{ width: mm(0.1), runs: 'stepped' }, 'act', 7],
    [{ width: mm(0.1), runs: 'bowing', 'doors-jam': true }, 'stop', null],
  ] as const)('a crack %o: %s', (given, verdict, days) => {
    expect(verdictOf(foundationCrack, given)).toEqual([verdict, days]);
  });

  it('no salt on concrete under two years; salted, it is rinsed today', () => {
    const age = (value: number, salted = false) =>
      verdictOf(concreteAge, { age: { value, unit: 'months' }, salted });
    expect([age(23), age(24), age(23, true), age(30, true)]).toEqual([
      ['watch', null],
      ['sound', null],
      ['act', 0],
      ['sound', null],
    ]);
  });

  it('paper that slides at the foot of a door with screws: a quarter turn, then the paper again', () => {
    expect(verdictOf(doorPaper, { paper: 'drags-all-round' })[0]).toBe('sound');
    const slides = said(doorPaper, { paper: 'slides-at-foot', threshold: 'screws' });
    expect(slides).toMatchObject({ verdict: 'act', days: 30, follows: [{ what: 'quarter-turn' }, {}] });
  });

  it.each([
    [{ gap: inches(1), vent: 'double-wall' }, 'sound'],
    [{ gap: inches(0.9), vent: 'double-wall' }, 'act'],
    [{ gap: inches(6), vent: 'single-wall' }, 'sound'],
    [{ gap: inches(17), vent: 'solid-fuel' }, 'act'],
    [{ gap: inches(2), vent: 'solid-fuel', label: inches(2) }, 'sound'],
    [{ gap: inches(2), vent: 'oil' }, 'unmet'],
    [{ gap: inches(0.9), vent: 'oil' }, 'act'],
    [{ gap: inches(0.9) }, 'act'],
    [{ gap: inches(0.9), vent: 'double-wall', label: inches(0.5) }, 'act'],
    [{ gap: inches(2) }, 'unmet'],
    [{ gap: inches(0), looks: 'touching-timber' }, 'stop'],
    [{ gap: inches(9), vent: 'single-wall', looks: 'open-joint' }, 'stop'],
  ] as const)('a vent %o: %s', (given, verdict) => {
    expect(verdictOf(ventClearance, given)[0]).toBe(verdict);
  });
});

describe('alarms', () => {
  it.each([
    [smokeAlarm, { age: years(8.9) }, {}, 'sound', null],
    [smokeAlarm, { age: years(9) }, {}, 'watch', null],
    [smokeAlarm, { age: years(10) }, {}, 'act', 7],
    [smokeAlarm, {}, {}, 'act', 7],
    [smokeAlarm, { age: years(7) }, { school: 'seven-years' }, 'act', 7],
    [smokeAlarm, { age: years(7) }, { school: 'eight-years' }, 'watch', null],
    [smokeAlarm, { age: years(7), 'printed-life': years(6) }, { school: 'ten-years' }, 'act', 7],
    [smokeAlarm, { age: years(1), test: 'silent' }, {}, 'act', 1],
    [smokeAlarm, { age: years(1), chirp: 'chirps' }, {}, 'act', 1],
    [smokeAlarm, { age: years(1), sounding: true }, {}, 'stop', null],
    [coAlarm, { age: years(3.9) }, {}, 'sound', null],
    [coAlarm, { age: years(4) }, {}, 'watch', null],
    [coAlarm, { age: years(5) }, {}, 'act', 7],
    [coAlarm, { age: years(5) }, { school: 'seven-years' }, 'sound', null],
    [coAlarm, { age: years(6), 'printed-life': years(10) }, {}, 'sound', null],
    [coAlarm, { age: years(1), sounding: true }, {}, 'stop', null],
    [coAlarm, { age: years(1), unwell: true }, {}, 'stop', null],
  ] as const)('%#: %o gives %o', (reading, given, settled, verdict, days) => {
    expect(verdictOf(reading, given, settled)).toEqual([verdict, days]);
  });

  it('a chirp asks for the battery first, and for the alarm only when it still chirps', () => {
    const first = said(smokeAlarm, { age: years(2), chirp: 'chirps' });
    expect(first).toMatchObject({
      follows: [{ what: 'battery-first' }, { practice: 'smoke-alarm-chirp-triage' }],
    });
    const still = said(smokeAlarm, { age: years(2), chirp: 'chirps-with-new-battery' });
    expect(still).toMatchObject({ follows: [{ practice: 'smoke-alarm-age-replace' }] });
  });

  it('a carbon monoxide alarm that sounds sends everyone out', () => {
    expect(said(coAlarm, { sounding: true })).toMatchObject({
      follows: [{ what: 'everyone-out' }, { kind: 'emergency' }],
    });
  });
});

describe('money', () => {
  it('own work, filters and lamps', () => {
    expect(ownWorkSaves(200, 30, 2, 25)).toBe(120);
    expect(
      figureOf(ownWork, { quote: 200, materials: 30, hours: h(2), 'hour-worth': 25 }, 'own-work-saves'),
    ).toBe(120);
    expect(filtersAYear(2, 1)).toBe(24);
    const two = {
      positions: 2,
      'every-one': { value: 1, unit: 'months' },
      'price-one': 500,
      'every-two': { value: 6, unit: 'months' },
      'price-two': 2500,
    };
    expect([figureOf(filterCost, two, 'cost-one'), figureOf(filterCost, two, 'cost-two')]).toEqual([
      12_000, 10_000,
    ]);
    expect(lampSavingAYear(60, 10, 4, 0.2)).toBeCloseTo(14.6, 9);
    const lamp = {
      'old-watts': { value: 60, unit: 'W' },
      'new-watts': { value: 10, unit: 'W' },
      'hours-a-day': h(4),
      'price-kwh': 0.2,
      'price-gap': 7.3,
    };
    expect(figureOf(lampSaving, lamp, 'paid-back')).toBeCloseTo(6, 6);
  });

  it('neglect is told as a range, the worse guess never under the better', () => {
    const given = {
      bill: 100,
      months: 12,
      'at-best': { value: 80, unit: '%' },
      'at-worst': { value: 50, unit: '%' },
    };
    expect(Math.round(figureOf(neglectCost, given, 'cost-at-least'))).toBe(240);
    expect(Math.round(figureOf(neglectCost, given, 'cost-at-most'))).toBe(600);
    expect(said(neglectCost, { ...given, 'at-best': { value: 40, unit: '%' } }).kind).toBe('unmet');
  });
});
