import { describe, expect, test } from 'vitest';
import { additionSchema } from '../../../contract/schemas.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import { findPractice } from '../../../core/catalogue/catalogue.ts';
import { emptyDraft, OWN, readAddition, type Draft, type Read } from './draft.ts';

const ON = civil('2026-11-24');
const read = (change: Partial<Draft>, unit: 'mm' | 'in' = 'in') => {
  const draft: Draft = { ...emptyDraft(), name: 'Thing', ...change };
  return readAddition(draft, ON, unit, findPractice(draft.practice));
};
const fieldOf = (result: Read<unknown>): string => (result.ok ? '' : result.fault.field);
function valueOf<T>(result: Read<T>): T {
  if (!result.ok) throw new Error(`refused at ${result.fault.field}`);
  return result.value;
}

describe('what is typed to add something', () => {
  test('becomes a request the server takes', () => {
    const request = valueOf(
      read({
        kind: 'smoke-alarm',
        units: 'Hall\n\n  Landing ',
        space: OWN,
        spaceName: 'Upstairs',
        practice: 'smoke-alarm-test',
        school: 'every-month',
      }),
    );
    expect(additionSchema.safeParse(request).success).toBe(true);
    expect(request.assets.map(({ name, partOf }) => [name, partOf === undefined])).toEqual([
      ['Thing', true],
      ['Hall', false],
      ['Landing', false],
    ]);
    expect(request.duties[0]?.units.map(({ asset }) => asset)).toEqual(
      request.assets.slice(1).map(({ id }) => id),
    );
    expect(request.duties[0]?.terms).toMatchObject({
      school: 'every-month',
      rule: { kind: 'interval', every: { unit: 'months', count: 1 } },
    });
    expect(request.space?.name).toBe('Upstairs');
  });

  test('sent again, has the same ids, so that it is added once', () => {
    const draft: Draft = { ...emptyDraft(), name: 'Thing', units: 'a\nb', practice: OWN, title: 'Work' };
    expect(readAddition(draft, ON, 'in', undefined)).toEqual(readAddition(draft, ON, 'in', undefined));
  });

  test('a thickness is kept in millimetres, whatever it was typed in; none is not known yet', () => {
    const thickness = (text: string, unit: 'mm' | 'in') =>
      valueOf(read({ kind: 'filter-position', thickness: text }, unit)).assets[0]?.facts?.['thicknessMm'];
    expect(thickness('1', 'in')).toBe(25.4);
    expect(thickness('25,4', 'mm')).toBe(25.4);
    expect(thickness('', 'in')).toBeNull();
  });

  test('factors go with what counts time, and with nothing else', () => {
    const factors = (change: Partial<Draft>) =>
      valueOf(read({ practice: OWN, title: 'Work', factors: [{ code: 'dust', value: '0.5' }], ...change }))
        .duties[0]?.terms.factors;
    expect(factors({})).toEqual([{ code: 'dust', value: 0.5 }]);
    expect(factors({ ruleKind: 'dates', monthDays: '04-15' })).toEqual([]);
    expect(factors({ practice: 'air-filter-panel-replace', school: 'by-condition' })).toHaveLength(1);
    expect(factors({ practice: 'outdoor-tap-shut-and-drain', school: 'start-of-cold' })).toEqual([]);
  });

  test('a rule of one’s own, in each of its kinds', () => {
    const rule = (change: Partial<Draft>) =>
      valueOf(read({ practice: OWN, title: 'Work', ...change })).duties[0]?.terms.rule;
    expect(rule({ count: '6', unit: 'weeks', floor: '10' })).toEqual({
      kind: 'interval',
      every: { unit: 'weeks', count: 6 },
      floorDays: 10,
    });
    expect(rule({ ruleKind: 'dates', monthDays: '04-15, 10-15' })).toEqual({
      kind: 'dates',
      monthDays: ['04-15', '10-15'],
    });
    expect(rule({ ruleKind: 'clockChange', clock: 'autumn' })).toEqual({ kind: 'clockChange', on: 'autumn' });
  });

  test.each<[string, Partial<Draft>]>([
    ['name', { name: ' ' }],
    ['spaceName', { space: OWN }],
    ['existing', { source: 'existing' }],
    ['thickness', { kind: 'filter-position', thickness: 'thick' }],
    ['title', { practice: OWN }],
    ['count', { practice: OWN, title: 'Work', count: '0' }],
    ['floor', { practice: OWN, title: 'Work', floor: 'low' }],
    ['monthDays', { practice: OWN, title: 'Work', ruleKind: 'dates' }],
    ['factors', { practice: OWN, title: 'Work', factors: [{ code: 'dust', value: '0' }] }],
    ['factors', { practice: OWN, title: 'Work', factors: [{ code: '', value: '1' }] }],
  ])('is refused at %s when that is not right', (field, change) => {
    expect(fieldOf(read(change))).toBe(field);
  });

  test('a task on something already there adds nothing new besides', () => {
    const request = valueOf(
      read({
        source: 'existing',
        existing: '0199a5a0-0000-7000-8000-000000000000',
        practice: OWN,
        title: 'Work',
      }),
    );
    expect([request.assets, request.duties[0]?.units.length]).toEqual([[], 1]);
  });
});
