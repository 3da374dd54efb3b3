import { describe, expect, test } from 'vitest';
import { readFinding, type FindingDraft } from './findingDraft.ts';

const draft = (change: Partial<FindingDraft>): FindingDraft => ({
  what: 'Cracked lid',
  verdict: 'act',
  place: '',
  days: '',
  photo: null,
  repairs: [],
  ...change,
});

describe('a finding as typed', () => {
  test.each<[string, Partial<FindingDraft>, object]>([
    ['to watch, within the usual days', { verdict: 'watch' }, { days: 30 }],
    ['to put right', {}, { days: 7 }],
    ['a stop, at once', { verdict: 'stop' }, { days: 0 }],
    ['with days of one’s own', { days: ' 3 ' }, { days: 3 }],
    ['with its place and photo', { place: ' North end ', photo: 'p1' }, { place: 'North end', photo: 'p1' }],
  ])('%s', (_, change, expected) => {
    expect(readFinding(draft(change))).toMatchObject({ finding: { what: 'Cracked lid', ...expected } });
  });

  test('what is sound is followed by nothing, whatever stood in the days', () => {
    expect(readFinding(draft({ verdict: 'sound', days: 'soon' }))).toEqual({
      finding: { what: 'Cracked lid', verdict: 'sound' },
    });
  });

  test.each([
    [{ what: '  ' }, 'what', 'missing'],
    [{ days: '1.5' }, 'days', 'whole-number'],
    [{ days: '401' }, 'days', 'whole-number'],
    [{ days: '-1' }, 'days', 'whole-number'],
  ])('%o is not right at its field', (change, field, problem) => {
    expect(readFinding(draft(change))).toMatchObject({ field, problem });
  });
});
