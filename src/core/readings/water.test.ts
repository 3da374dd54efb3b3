import { describe, expect, it } from 'vitest';
import { figureOf, said, verdictOf } from '../../../test/support/judging.ts';
import { aerobicBlower } from './aerobicBlower.ts';
import { condensateDose, tabletsFor } from './condensateDose.ts';
import { plantLoad } from './plantLoad.ts';
import { saltAMonth, softenerSalt } from './softenerSalt.ts';
import { scum } from './scum.ts';
import { secondChamber } from './secondChamber.ts';
import { flowSaving, showerFlow } from './showerFlow.ts';
import { sludge } from './sludge.ts';
import { storedTemperature } from './storedTemperature.ts';
import { tankSolids } from './tankSolids.ts';
import { scaldSeconds, tapTemperature } from './tapTemperature.ts';

const F = (value: number) => ({ value, unit: 'F' });
const inches = (value: number) => ({ value, unit: 'in' });
const gal = (value: number) => ({ value, unit: 'gal' });

describe('hot water', () => {
  it.each([
    [109.9, 'act', 7],
    [110, 'watch', null],
    [115, 'sound', null],
    [121.9, 'sound', null],
    [122, 'watch', null],
    [125, 'act', 1],
    [139.9, 'act', 1],
    [140, 'stop', null],
  ] as const)('%s °F at the tap: %s', (tap, verdict, days) => {
    expect(verdictOf(tapTemperature, { tap: F(tap), 'ran-a-minute': true })).toEqual([verdict, days]);
  });

  it('needs a minute’s run, and tells how fast it burns', () => {
    expect(said(tapTemperature, { tap: F(120), 'ran-a-minute': false }).kind).toBe('unmet');
    expect([119, 120, 130, 141, 150, 160].map(scaldSeconds)).toEqual([null, 300, 30, 6, 2, 2]);
    expect(
      figureOf(tapTemperature, { tap: { value: 60, unit: 'C' }, 'ran-a-minute': true }, 'scald-seconds'),
    ).toBe(6);
  });

  it.each([
    [129.9, 'act', 3],
    [130, 'watch', null],
    [138, 'sound', null],
    [145, 'sound', null],
    [145.1, 'watch', null],
    [150.1, 'act', 1],
  ] as const)('%s °F stored: %s', (stored, verdict, days) => {
    expect(verdictOf(storedTemperature, { stored: F(stored) })).toEqual([verdict, days]);
  });

  it('a discharging relief valve is a stop; a weak-immune household asks its doctor', () => {
    expect(verdictOf(storedTemperature, { stored: F(140), 'relief-discharging': true })[0]).toBe('stop');
    const cool = said(storedTemperature, { stored: F(125), 'weak-immune': true });
    expect(cool).toMatchObject({ follows: [{ kind: 'duty' }, { trade: 'doctor' }] });
  });

  it('flow is volume over time, judged by either target', () => {
    const flow = (gallons: number) => ({ volume: gal(gallons), time: { value: 60, unit: 's' } });
    expect([2, 2.1, 2.5, 2.6].map((one) => verdictOf(showerFlow, flow(one))[0])).toEqual([
      'sound',
      'watch',
      'watch',
      'act',
    ]);
    expect(verdictOf(showerFlow, flow(2), { school: 'target-1-5' })[0]).toBe('watch');
    expect(flowSaving({ old: 2.5, next: 1.5 }, 20, 50)).toEqual({ gallons: 7300, btu: 7300 * 8.33 * 50 });
    expect(figureOf(showerFlow, { ...flow(2.5), 'minutes-a-day': 20 }, 'water-saved-a-year')).toBe(3650);
  });
});

describe('softener and condensate', () => {
  it('salt a month by what the softener makes of a pound', () => {
    expect(saltAMonth(10, 250)).toBe(30);
    expect(saltAMonth(10, 250, 'timer')).toBe(37.5);
    expect(saltAMonth(10, 335, 'efficient')).toBe(30);
    const left = (lb: number) => ({
      hardness: { value: 10, unit: 'gr/gal' },
      'water-a-day': gal(250),
      'salt-left': { value: lb, unit: 'lb' },
    });
    expect([31, 30, 7, 6.9].map((lb) => verdictOf(softenerSalt, left(lb))[0])).toEqual([
      'sound',
      'watch',
      'watch',
      'act',
    ]);
  });

  it('two tablets a ton at first, one after', () => {
    expect([tabletsFor(3, 'first'), tabletsFor(3, 'upkeep'), tabletsFor(2.5, 'upkeep')]).toEqual([6, 3, 3]);
  });

  it.each([
    ['bleach', 'vinegar', {}, 'stop'],
    ['vinegar', 'bleach', {}, 'stop'],
    ['bleach', 'descaler', {}, 'stop'],
    ['bleach', 'vinegar', { flushed: true }, 'sound'],
    ['bleach', 'nothing', { 'feeds-plant-or-metal': true }, 'act'],
    ['vinegar', 'nothing', { 'feeds-plant-or-metal': true }, 'sound'],
    ['vinegar', 'vinegar', {}, 'sound'],
  ] as const)('%s after %s, %o: %s', (now, last, more, verdict) => {
    const given = { tons: 3, 'pour-now': now, 'poured-last': last, ...more };
    expect(verdictOf(condensateDose, given)[0]).toBe(verdict);
  });
});

describe('treatment plant', () => {
  it.each([
    [9.9, 'in', 'sound'],
    [10, 'in', 'watch'],
    [12, 'in', 'act'],
    [1, 'ft', 'act'],
    [249, 'mm', 'sound'],
    [250, 'mm', 'watch'],
    [300, 'mm', 'act'],
    [30, 'cm', 'act'],
  ] as const)('%s %s of sludge: %s', (value, unit, verdict) => {
    expect(verdictOf(sludge, { sludge: { value, unit } })[0]).toBe(verdict);
  });

  it.each([
    [4.9, 'in', 'sound'],
    [5, 'in', 'watch'],
    [6, 'in', 'act'],
    [125, 'mm', 'watch'],
    [150, 'mm', 'act'],
  ] as const)('%s %s of scum: %s', (value, unit, verdict) => {
    expect(verdictOf(scum, { scum: { value, unit } })[0]).toBe(verdict);
  });

  const layers = (scum: number, sludge: number, depth = 48, more: object = {}) => ({
    depth: inches(depth),
    scum: inches(scum),
    sludge: inches(sludge),
    ...more,
  });

  it.each([
    ['thickness', layers(4, 9), 'sound'],
    ['thickness', layers(6, 9), 'act'],
    ['against-clear', layers(10, 14), 'act'],
    ['against-clear', layers(8, 13.4), 'watch'],
    ['against-clear', layers(8, 13), 'sound'],
    ['third-of-depth', layers(4, 12), 'act'],
    ['third-of-depth', layers(3, 10), 'watch'],
    ['third-of-depth', layers(3, 9.9), 'sound'],
    ['quarter-of-depth', layers(4, 8), 'act'],
    ['quarter-of-depth', layers(2, 7.6), 'watch'],
    ['outlet-distance', layers(2, 5, 48, { 'scum-to-outlet': inches(6) }), 'act'],
    ['outlet-distance', layers(2, 5, 48, { 'sludge-to-outlet': inches(12.1) }), 'sound'],
    ['whichever-first', layers(2, 9, 48), 'watch'],
    ['whichever-first', layers(2, 10, 48), 'act'],
  ] as const)('by %s, %o: %s', (school, given, verdict) => {
    expect(verdictOf(tankSolids, given, { school })[0]).toBe(verdict);
  });

  it('clear is what is left; layers that do not fit the depth give no verdict; sewage backing up is a stop', () => {
    expect(figureOf(tankSolids, layers(5, 10), 'clear')).toBe(33);
    expect(said(tankSolids, layers(30, 30))).toMatchObject({
      kind: 'unmet',
      missing: ['layers-within-depth'],
    });
    expect(said(tankSolids, layers(1, 1), { school: 'outlet-distance' })).toMatchObject({
      missing: ['outlet-distances'],
    });
    expect(said(tankSolids, layers(1, 1, 48, { 'backing-up': true }))).toMatchObject({ verdict: 'stop' });
  });

  it('the second chamber by its look, the blower by its minutes', () => {
    const looks = ['chocolate-brown', 'grey', 'strong-odour', 'black-outfall', 'solids-outfall'];
    expect(looks.map((water) => verdictOf(secondChamber, { water })[0])).toEqual([
      'sound',
      'act',
      'act',
      'stop',
      'stop',
    ]);
    const blower = (value: number, more = {}) => ({ 'blower-minutes': { value, unit: 'min' }, ...more });
    expect([7.9, 8, 10, 10.1, 0].map((one) => verdictOf(aerobicBlower, blower(one))[0])).toEqual([
      'watch',
      'sound',
      'sound',
      'watch',
      'act',
    ]);
    expect(figureOf(aerobicBlower, blower(10), 'blower-hours-a-day')).toBe(8);
  });

  it('four and five loads on 450 gal a day are 36 and 44 %; half is too much, and all water is judged apart', () => {
    const day = (loads: number, more: object = {}) => ({ 'design-flow': gal(450), loads, ...more });
    const percent = (loads: number) => Math.round(figureOf(plantLoad, day(loads), 'laundry-percent'));
    expect([percent(4), percent(5)]).toEqual([36, 44]);
    expect([2, 3, 5, 6].map((loads) => verdictOf(plantLoad, day(loads))[0])).toEqual([
      'sound',
      'watch',
      'watch',
      'act',
    ]);
    const full = said(plantLoad, day(1, { 'other-water': gal(410) }));
    expect(full).toMatchObject({ verdict: 'act', parts: [{ verdict: 'sound' }, { verdict: 'act' }] });
    expect(figureOf(plantLoad, day(6), 'loads-a-day')).toBe(2);
  });
});
