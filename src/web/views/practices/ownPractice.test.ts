import { describe, expect, test } from 'vitest';
import { emptyOwn, readOwn, type OwnDraft } from './ownPractice.ts';

const filled = (change: Partial<OwnDraft> = {}): OwnDraft => ({
  ...emptyOwn(),
  title: 'Sweep the weir',
  why: 'Leaves dam it',
  work: 'Rake the leaves\n\n Carry them off ',
  ...change,
});
const practiceOf = (change: Partial<OwnDraft> = {}, taken: readonly string[] = []) => {
  const read = readOwn(filled(change), new Set(taken));
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
    ['an interval of nothing', { rule: { ...emptyOwn().rule, count: '0' } }, 'count'],
  ])('%s is named', (_what, change, field) => {
    expect(readOwn(filled(change))).toMatchObject({ field });
  });
});
