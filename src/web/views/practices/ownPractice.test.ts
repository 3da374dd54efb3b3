import { describe, expect, test } from 'vitest';
import { emptyDraft } from '../../parts/task/draft.ts';
import { ownDraftOf } from './ownDraft.ts';
import { emptyOwn, readOwn, type OwnDraft } from './ownPractice.ts';

const filled = (change: Partial<OwnDraft> = {}): OwnDraft => ({
  ...emptyOwn(),
  title: 'Sweep the weir',
  why: 'Leaves dam it',
  work: 'Rake the leaves\n\n Carry them off ',
  ...change,
});
const practiceOf = (change: Partial<OwnDraft> = {}, taken: readonly string[] = []) => {
  const read = readOwn(filled(change), new Set(taken), null);
  if (!('practice' in read)) throw new Error(`refused at ${read.field}: ${read.problem}`);
  return read.practice;
};

describe('a practice of one’s own as typed', () => {
  test('is a practice like those of the catalogue, with its rule as its one school', () => {
    const practice = practiceOf({ lifeSafety: true, leadDays: '14', season: 'cooling', beforeFrost: true });
    expect(practice).toMatchObject({
      kind: 'duty',
      code: 'own-sweep-the-weir',
      lifeSafety: true,
      defaultSchool: 'own',
      lead: { days: 14 },
      gates: [{ kind: 'season', season: 'cooling' }],
      freezeGuard: { atOrBelow: 0 },
    });
    expect(practice.steps.map(({ at, says }) => [at, says])).toEqual([
      ['work', 'Rake the leaves'],
      ['work', 'Carry them off'],
    ]);
  });

  test('cautions stand at its first step', () => {
    const practice = practiceOf({ first: 'Rope on', cautions: ['falls'] });
    expect(practice.steps.map(({ cautions }) => cautions)).toEqual([['falls'], [], []]);
  });

  test('may have every part those of the catalogue have', () => {
    const practice = practiceOf({
      otherName: 'By the meter',
      otherRightWhen: 'Where the mill runs all day',
      otherRule: { ...emptyOwn().otherRule, count: '2' },
      factor: 'trees-overhead',
      factorValue: '0,5',
      trait: 'trees',
      setUps: ['water-off'],
      tools: ['broom', 'gloves'],
      reads: ['run-hours'],
      supply: 'sand',
      quantity: '2,5',
      state: 'irrigation',
      half: 'opens',
      bound: 'gutter-clean',
      handy: 'roof-storm-look',
      covers: 'gutter-clean',
      sound: 'Water runs over it',
      first: 'Shut the sluice',
    });
    expect(practice).toMatchObject({
      schools: [{ code: 'own' }, { code: 'other', name: 'By the meter' }],
      factors: [{ code: 'trees-overhead', value: 0.5 }],
      when: { trait: 'trees' },
      setUps: ['water-off'],
      tools: ['broom', 'gloves'],
      supplies: [{ supply: 'sand', quantity: 2.5 }],
      pair: { state: 'irrigation', half: 'opens' },
      companions: { bound: ['gutter-clean'], handy: ['roof-storm-look'] },
      covers: ['gutter-clean'],
    });
    expect(practice.steps.map(({ at, reads }) => [at, reads])).toEqual([
      ['first', []],
      ['work', ['run-hours']],
      ['work', []],
    ]);
  });

  test('a second one of the same name is another, and one in another script has a code too', () => {
    const first = practiceOf().code;
    expect(practiceOf({}, [first]).code).toBe('own-sweep-the-weir-2');
    expect(practiceOf({}, [first, 'own-sweep-the-weir-2']).code).toBe('own-sweep-the-weir-3');
    expect(practiceOf({ title: '堰を掃く' }).code).toBe('own');
    expect(practiceOf({ title: 'x'.repeat(120) }, []).code.length).toBeLessThanOrEqual(60);
  });

  test.each<[string, Partial<OwnDraft>, string]>([
    ['no title', { title: '  ' }, 'title'],
    ['no reason', { why: '' }, 'why'],
    ['no step', { work: '' }, 'work'],
    ['minutes that are none', { minutes: 'ten' }, 'minutes'],
    ['a lead of more than a year', { leadDays: '400' }, 'leadDays'],
    ['another way without its case', { otherName: 'Other' }, 'otherRightWhen'],
    ['a supply of nothing', { supply: 'sand', quantity: '' }, 'quantity'],
    ['a factor that is none', { factor: 'pollen', factorValue: '-1' }, 'factorValue'],
    ['an interval of nothing', { rule: { ...emptyOwn().rule, count: '0' } }, 'count'],
  ])('%s is named', (_what, change, field) => {
    expect(readOwn(filled(change), new Set(), null)).toMatchObject({ field });
  });
});

describe('a practice of one’s own taken up again to be changed', () => {
  const rule = (change: Partial<OwnDraft['rule']>) => ({ rule: { ...emptyDraft(), ...change } });
  test.each<[string, Partial<OwnDraft>]>([
    ['a plain one', {}],
    ['an interval with a floor', rule({ count: '6', unit: 'weeks', floor: '10' })],
    ['days of the year', rule({ ruleKind: 'dates', monthDays: '04-15, 10-15' })],
    ['the clocks', rule({ ruleKind: 'clockChange', clock: 'autumn' })],
    ['a season', rule({ ruleKind: 'season', anchor: 'leafFall', offset: '-7' })],
    ['a meter', rule({ ruleKind: 'usage', meter: 'loads', limit: '250', perDay: '1.5' })],
    ['an age', rule({ ruleKind: 'age', count: '10', unit: 'years' })],
    ['something that happens', rule({ ruleKind: 'event', trigger: 'heavy-rain', respond: '2' })],
    [
      'one with every part',
      {
        lifeSafety: true,
        leadDays: '14',
        season: 'cooling',
        beforeFrost: true,
        first: 'Rope on',
        closeOut: 'Rope off',
        later: 'Look again',
        cautions: ['falls'],
        sound: 'Dry',
        stop: 'Ice',
        mistakes: 'Haste\nWet shoes',
        otherName: 'By the clock',
        otherRightWhen: 'Where clocks change',
        otherRule: { ...emptyDraft(), ruleKind: 'clockChange' },
        factor: 'trees-overhead',
        factorValue: '0.5',
        trait: 'trees',
        setUps: ['water-off'],
        tools: ['broom'],
        reads: ['run-hours'],
        supply: 'sand',
        quantity: '2.5',
        state: 'irrigation',
        half: 'opens',
        bound: 'gutter-clean',
        handy: 'roof-storm-look',
        covers: 'gutter-clean',
      },
    ],
    ['what is no duty', { kind: 'fact' }],
  ])('%s fills the form it came from', (_what, change) => {
    const practice = practiceOf(change);
    const again = ownDraftOf(practice);
    if (!again) throw new Error('the form cannot hold it');
    expect(readOwn({ ...again, title: 'Another name' }, new Set(), practice.code)).toEqual({
      practice: {
        ...practice,
        title: 'Another name',
        ...('schools' in practice && {
          schools: practice.schools.map((one) =>
            one.code === 'own' ? { ...one, name: 'Another name' } : one,
          ),
        }),
      },
    });
  });

  test('one with more than the form holds is left alone', () => {
    const practice = practiceOf();
    expect(ownDraftOf({ ...practice, notes: ['Known to my neighbour'] })).toBeNull();
    expect(ownDraftOf({ ...practice, appliesTo: ['house', 'roof'] })).toBeNull();
  });
});
