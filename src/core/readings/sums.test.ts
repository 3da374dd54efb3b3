import { describe, expect, it } from 'vitest';
import { figureOf, said, verdictOf } from '../../../test/support/judging.ts';
import { alarmDistance } from './alarmDistance.ts';
import { caulk } from './caulk.ts';
import { emergencyStock } from './emergencyStock.ts';
import { fillSoil } from './fillSoil.ts';
import { filterOrder } from './filterOrder.ts';
import { areaSoFar } from './gaps.ts';
import { leakArea } from './leakArea.ts';
import { roofCoating } from './roofCoating.ts';
import { weatherstrip } from './weatherstrip.ts';
import { windowFilm } from './windowFilm.ts';

const inches = (value: number) => ({ value, unit: 'in' });
const feet = (value: number) => ({ value, unit: 'ft' });
const metres = (value: number) => ({ value, unit: 'm' });

describe('how much to buy', () => {
  it('film: a sheet larger than the window all round, in whole kits', () => {
    const five = { windows: 5, width: inches(30), height: inches(46), 'windows-a-kit': 2 };
    expect(figureOf(windowFilm, five, 'sheet-width')).toBe(32);
    expect(figureOf(windowFilm, five, 'sheet-height')).toBe(48);
    expect(figureOf(windowFilm, five, 'film-area')).toBeCloseTo(53.333);
    expect(figureOf(windowFilm, five, 'kits')).toBe(3);
  });

  it('caulk: about 22 ft of a quarter-inch joint from one cartridge', () => {
    expect(figureOf(caulk, { 'joint-length': feet(60) }, 'length-a-tube')).toBeCloseTo(22.19, 1);
    expect(figureOf(caulk, { 'joint-length': feet(60) }, 'tubes')).toBe(3);
  });

  it('strip: twice the height and once the width of each door', () => {
    const two = { doors: 2, width: inches(36), height: inches(80), 'pack-length': feet(17) };
    expect(figureOf(weatherstrip, two, 'strip-a-door')).toBeCloseTo(16.333);
    expect(figureOf(weatherstrip, two, 'packs')).toBe(2);
    expect(figureOf(weatherstrip, two, 'most-time')).toBe(40);
  });

  it('soil: length × width × depth in bags, in either system', () => {
    const strip = { 'strip-length': feet(10), 'strip-width': feet(2), 'soil-depth': inches(3) };
    expect(figureOf(fillSoil, strip, 'bags')).toBe(5);
    const bags = { ...strip, bag: { value: 40, unit: 'l' } };
    expect(figureOf(fillSoil, bags, 'bags')).toBe(4);
  });

  it('coating: area × coats ÷ what a pail covers', () => {
    const roof = { area: { value: 1_200, unit: 'ft2' }, 'pail-covers': { value: 500, unit: 'ft2' } };
    expect(figureOf(roofCoating, roof, 'pails')).toBe(5);
    expect(figureOf(roofCoating, roof, 'coating')).toBe(25);
  });

  it('stock for an emergency: people × days', () => {
    expect(figureOf(emergencyStock, { people: 4 }, 'water-to-keep')).toBe(12);
    expect(figureOf(emergencyStock, { people: 4, days: 14 }, 'meals-to-keep')).toBe(168);
  });

  it('filters: changes until the next order × positions − stock, never less than none', () => {
    const two = { positions: 2, 'changed-every': { value: 3, unit: 'months' } };
    expect(figureOf(filterOrder, { ...two, 'in-stock': 3 }, 'filters-to-order')).toBe(5);
    expect(figureOf(filterOrder, { ...two, 'in-stock': 30 }, 'filters-to-order')).toBe(0);
  });
});

describe('gaps', () => {
  it('are added up one after the other to one hole', () => {
    const first = { length: feet(12), gap: inches(1 / 16) };
    expect(areaSoFar(leakArea, first)).toBe(9);
    const both = { length: feet(3), gap: inches(1 / 4), 'more-area': { value: 9, unit: 'in2' } };
    expect(areaSoFar(leakArea, both)).toBe(18);
    expect(areaSoFar(leakArea, {})).toBeNull();
    expect(said(leakArea, {})).toMatchObject({ kind: 'unmet', missing: ['a-gap'] });
  });

  it('gathered, they need no further gap', () => {
    expect(figureOf(leakArea, { 'more-area': { value: 36, unit: 'in2' } }, 'pane-share')).toBe(25);
  });
});

describe('an alarm and the bedrooms', () => {
  it.each([
    [feet(15), 'sound', null],
    [feet(15.5), 'act', 30],
    [metres(4.6), 'sound', null],
    [metres(4.7), 'act', 30],
  ] as const)('%o: %s', (distance, verdict, days) => {
    expect(verdictOf(alarmDistance, { 'to-bed': distance })).toEqual([verdict, days]);
  });

  it('too near what burns is watched, however near the bed is', () => {
    expect(verdictOf(alarmDistance, { 'to-bed': feet(10), 'to-burner': feet(8) })[0]).toBe('watch');
    expect(verdictOf(alarmDistance, { 'to-bed': feet(10), 'to-burner': metres(4.6) })[0]).toBe('sound');
  });
});
