import { describe, expect, test } from 'vitest';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset } from '../house/house.ts';
import { findPractice, PRACTICES } from './catalogue.ts';
import { doerFor, leavesToOthers, SKILL_TRAITS } from '../house/doerFor.ts';

const thing = (kind: Asset['kind'], facts: Asset['facts'] = {}): Asset => ({
  id: 'a',
  kind,
  name: kind,
  facts,
});
const who = (code: string, asset: Asset, traits: Record<string, FactValue> = {}) => {
  const practice = findPractice(code);
  if (!practice) throw new Error(code);
  return doerFor(practice, asset, new Map(Object.entries(traits)));
};
const DOES_ALL = Object.fromEntries(Object.values(SKILL_TRAITS).map((trait) => [trait, true]));

describe('who does it', () => {
  test('nobody is handed a gas furnace, a roof or a septic tank unasked', () => {
    expect(who('furnace-annual-tune-up', thing('furnace', { fuel: 'gas' }))).toBe('trade');
    expect(who('gutter-clean', thing('gutter-run'))).toBe('trade');
    expect(who('metal-roof-coat', thing('roof'))).toBe('trade');
    expect(who('aerobic-layer-measure', thing('treatment-plant'))).toBe('trade');
    expect(who('septic-tank-inspect', thing('septic-tank'))).toBe('trade');
    expect(who('underbelly-seal', thing('underbelly'))).toBe('trade');
  });

  test('whoever does such work does it', () => {
    expect(who('furnace-annual-tune-up', thing('furnace', { fuel: 'gas' }), { 'does-gas': true })).toBe(
      'self',
    );
    expect(who('gutter-clean', thing('gutter-run'), { 'does-ladders': true })).toBe('helper');
    expect(who('aerobic-layer-measure', thing('treatment-plant'), { 'does-sewage': true })).toBe('self');
  });

  test('gas is asked of what burns it, mains of what runs on them', () => {
    const flush = (fuel: string, traits = {}) =>
      who('tank-heater-flush', thing('water-heater', { fuel }), traits);
    expect(flush('gas', { 'does-mains': true })).toBe('trade');
    expect(flush('gas', { 'does-gas': true })).toBe('self');
    expect(flush('electric', { 'does-gas': true })).toBe('trade');
    expect(flush('electric', { 'does-mains': true })).toBe('self');
    const alarm = (power: string) => who('smoke-alarm-age-replace', thing('smoke-alarm', { power }));
    expect(alarm('battery')).toBe('self');
    expect(alarm('wired')).toBe('trade');
  });

  test('where no one is comfortable on ladders every ladder task is a trade’s, whatever else was said', () => {
    const traits = { ...DOES_ALL, 'uneasy-on-ladders': true };
    const ladders = PRACTICES.filter(({ planning }) =>
      planning?.skills.some((skill) => skill === 'ladders' || skill === 'steps'),
    );
    expect(ladders.length).toBeGreaterThan(8);
    for (const practice of ladders)
      expect(
        doerFor(practice, thing(practice.appliesTo[0] ?? 'other'), new Map(Object.entries(traits))),
        practice.code,
      ).toBe('trade');
  });

  test('a test button is pressed from the floor', () => {
    expect(who('smoke-alarm-test', thing('smoke-alarm'), { 'uneasy-on-ladders': true, people: 1 })).toBe(
      'self',
    );
  });

  test('what a household has not spoken of, it has not left to others', () => {
    const gutters = findPractice('gutter-clean');
    if (!gutters) throw new Error('gutters');
    expect(leavesToOthers(gutters, thing('gutter-run'), new Map())).toBe(false);
    expect(leavesToOthers(gutters, thing('gutter-run'), new Map([['does-ladders', false]]))).toBe(true);
    expect(leavesToOthers(gutters, thing('gutter-run'), new Map([['uneasy-on-ladders', true]]))).toBe(true);
  });
});
