import { describe, expect, test } from 'vitest';
import { civil, type CivilDate } from '../calendar/civilDate.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import type { DutyPracticeRecord } from '../practice/practice.ts';
import type { Terms } from '../practice/terms.ts';
import { NO_WEATHER } from '../climate/weather.ts';
import type { House } from '../house/house.ts';
import type { Entry, EntryBody } from '../ledger/entry.ts';
import { projectOccurrences } from '../schedule/horizon/horizon.ts';
import { project } from '../schedule/project.ts';
import { keptOn } from './keptOn.ts';
import { schoolsCompared } from './schoolsCompared.ts';
import { factorsOfTraits, proposedTerms, traitEntries } from './traitEntries.ts';
import { asTrial, tryEntries } from './trial.ts';

const ON = civil('2026-11-24');
const AROUND = { find: findPractice, weather: NO_WEATHER };
const FILTER = 'air-filter-panel-replace';

const practiceOf = (code: string): DutyPracticeRecord => {
  const practice = findPractice(code);
  if (practice?.kind !== 'duty') throw new Error(`${code} is no duty`);
  return practice;
};
const termsOf = (code: string, school: string, factors: { code: string; value: number }[] = []) => {
  const found = practiceOf(code).schools.find((one) => one.code === school);
  if (!found) throw new Error(`${code} has no school ${school}`);
  return { school, rule: found.rule, factors, doer: 'self' as const };
};

/** A home with a filter, done on a day, and a gutter. */
function home(...more: (readonly [string, EntryBody])[]): { house: House; entries: Entry[] } {
  const told: (readonly [string, EntryBody])[] = [
    ['2026-01-10', { kind: 'adopted', duty: 'filter', terms: termsOf(FILTER, 'three-months') }],
    ['2026-01-10', { kind: 'adopted', duty: 'gutter', terms: termsOf('gutter-clean', 'yearly') }],
    ['2026-10-01', { kind: 'done', duty: 'filter' }],
    ...more,
  ];
  return {
    house: {
      home: {
        id: 'h',
        name: 'Home',
        zone: 'America/Chicago',
        hemisphere: 'north',
        units: 'us',
        vocabulary: 'en-US',
        currency: 'USD',
        climate: { station: 'cold-plains' },
      },
      spaces: [],
      assets: [
        { id: 'f', kind: 'filter-position', name: 'Filter' },
        { id: 'g', kind: 'gutter-run', name: 'Gutters' },
      ],
      duties: [
        { id: 'filter', asset: 'f', practice: { from: 'catalogue', code: FILTER } },
        { id: 'gutter', asset: 'g', practice: { from: 'catalogue', code: 'gutter-clean' } },
      ],
    },
    entries: told.map(([date, body], index) => ({
      id: `e${index}`,
      date: civil(date),
      stampedAt: `${date}T12:00:00.000Z`,
      by: 'p',
      body,
    })),
  };
}
const kept = ({ house, entries }: ReturnType<typeof home>, duty: string) => {
  const found = keptOn(house, entries, ON, AROUND).find(({ dutyId }) => dutyId === duty);
  if (!found) throw new Error('not kept');
  return found;
};

describe('how a duty is kept', () => {
  test('the next three dates, each as if the one before were done on its day', () => {
    const { next, since, terms } = kept(home(), 'filter');
    expect(next.map(({ window }) => window.due)).toEqual(['2027-01-01', '2027-04-01', '2027-07-01']);
    expect(next.every(({ reasons }) => reasons.length > 0)).toBe(true);
    expect(since).toBe('2026-01-10');
    expect(terms.school).toBe('three-months');
  });

  test('are the first that would be foretold of it', () => {
    const { house, entries } = home();
    const all = projectOccurrences(house, entries, ON, AROUND, civil('2029-01-01'));
    for (const { dutyId, next } of keptOn(house, entries, ON, AROUND)) {
      const own = all.filter((one) => one.dutyId === dutyId).slice(0, 3);
      expect(next.slice(0, own.length)).toEqual(own.map(({ occurrence }) => occurrence));
      expect(own.length).toBeGreaterThan(1);
    }
  });

  test('terms written since are those in force, from their own day', () => {
    const changed = home([
      '2026-11-02',
      { kind: 'terms', duty: 'filter', terms: termsOf(FILTER, 'every-month') },
    ]);
    expect(kept(changed, 'filter')).toMatchObject({ since: '2026-11-02', terms: { school: 'every-month' } });
  });

  test('paused and given up are told, with nothing to come', () => {
    expect(kept(home(['2026-11-02', { kind: 'paused', duty: 'filter' }]), 'filter')).toMatchObject({
      pausedSince: '2026-11-02',
      next: [],
    });
    expect(kept(home(['2026-11-02', { kind: 'retired', duty: 'filter' }]), 'filter')).toMatchObject({
      retiredOn: '2026-11-02',
      next: [],
    });
  });

  test('a thing taken out takes its duties with it', () => {
    expect(kept(home(['2026-11-02', { kind: 'removed', asset: 'f' }]), 'filter').retiredOn).toBe(
      '2026-11-02',
    );
    expect(kept(home(['2026-11-02', { kind: 'removed', asset: 'f' }]), 'gutter').retiredOn).toBeNull();
  });
});

describe('what a change would move', () => {
  const movesOf = (house: House, entries: readonly Entry[], bodies: readonly EntryBody[]) =>
    tryEntries(
      house,
      { start: null, entries },
      bodies.map((body) => ({ date: ON, body })),
      ON,
      AROUND,
    ).moves;

  test('which dates and by how much, and nothing is written', () => {
    const { house, entries } = home();
    const before = structuredClone(entries);
    const body: EntryBody = {
      kind: 'terms',
      duty: 'filter',
      terms: termsOf(FILTER, 'three-months', [{ code: 'shedding-pets', value: 0.67 }]),
    };
    expect(movesOf(house, entries, [body])).toEqual([
      { dutyId: 'filter', from: '2027-01-01', to: '2026-12-01', days: -31, sleep: null },
    ]);
    expect(entries).toEqual(before);
  });

  test('is what stands once it has been written', () => {
    const { house, entries } = home();
    const bodies: EntryBody[] = [{ kind: 'terms', duty: 'filter', terms: termsOf(FILTER, 'every-month') }];
    const [move] = movesOf(house, entries, bodies);
    const after = project(house, [...entries, ...asTrial(bodies, ON)], ON, AROUND).duties;
    expect(after.find(({ dutyId }) => dutyId === 'filter')?.occurrence?.window.due).toBe(move?.to);
  });

  test('work that would satisfy nothing is told, with the window that was outstanding on its day', () => {
    const terms: Terms = {
      school: null,
      rule: { kind: 'dates', monthDays: ['11-15'] },
      factors: [],
      doer: 'self',
    };
    const { house, entries } = home(
      ['2026-02-01', { kind: 'terms', duty: 'gutter', terms }],
      ['2026-11-20', { kind: 'done', duty: 'gutter' }],
    );
    const windowOn = (date: CivilDate) =>
      project(house, entries, date, AROUND).duties.find(({ dutyId }) => dutyId === 'gutter')?.occurrence
        ?.window;
    for (const date of [ON, civil('2026-11-22')]) {
      const considered = [{ date, body: { kind: 'done', duty: 'gutter' } as const }];
      const { extras } = tryEntries(house, { start: null, entries }, considered, ON, AROUND);
      expect(extras).toEqual([{ dutyId: 'gutter', stood: windowOn(date) }]);
      expect(extras[0]?.stood?.earliest.localeCompare(date)).toBe(1);
    }
  });

  test('a pause moves to nothing, and says why', () => {
    const { house, entries } = home();
    const [move] = movesOf(house, entries, [{ kind: 'paused', duty: 'filter' }]);
    expect(move).toMatchObject({ to: null, days: null, sleep: { kind: 'paused' } });
  });
});

describe('the schools side by side', () => {
  const { house, entries } = home();
  const compared = schoolsCompared(house, entries, ON, AROUND, {
    dutyId: 'filter',
    practice: practiceOf(FILTER),
    present: termsOf(FILTER, 'three-months'),
    minutes: 10,
  });

  test('each of the practice, with times and minutes a year and the next date', () => {
    expect(compared.map(({ school }) => school)).toEqual(practiceOf(FILTER).schools.map(({ code }) => code));
    const bySchool = new Map(compared.map((one) => [one.school, one]));
    expect(bySchool.get('every-month')?.timesAYear).toBeCloseTo(12, 0);
    expect(bySchool.get('three-months')?.timesAYear).toBeCloseTo(4, 0);
    for (const { timesAYear, minutesAYear } of compared) expect(minutesAYear).toBeCloseTo(timesAYear * 10);
  });

  test('the next date of each is the one that would stand if it were chosen today', () => {
    for (const { terms, next } of compared) {
      const trial = [...entries, ...asTrial([{ kind: 'terms', duty: 'filter', terms }], ON)];
      const { duties } = project(house, trial, ON, AROUND);
      expect(next).toBe(duties.find(({ dutyId }) => dutyId === 'filter')?.occurrence?.window.due);
    }
  });
});

describe('traits told anew', () => {
  const changes = (value: boolean) => new Map([['shedding-pets', value]]);
  const entriesFor = (some: ReturnType<typeof home>, value: boolean) =>
    traitEntries(some.house, keptOn(some.house, some.entries, ON, AROUND), findPractice, changes(value));

  test('take their factor into the terms of what they wear, and of nothing else', () => {
    const written = entriesFor(home(), true);
    expect(written).toHaveLength(2);
    expect(written[0]).toEqual({ kind: 'trait', trait: 'shedding-pets', value: true });
    expect(written[1]).toMatchObject({ kind: 'terms', duty: 'filter', terms: { school: 'three-months' } });
    const factor = practiceOf(FILTER).factors.find(({ code }) => code === 'shedding-pets');
    expect(written[1]).toMatchObject({ terms: { factors: [factor] } });
  });

  test('leave it out again, and leave alone what the household set itself', () => {
    const own = { code: 'shedding-pets', value: 0.5 };
    const worn = home([
      '2026-11-01',
      { kind: 'terms', duty: 'filter', terms: termsOf(FILTER, 'three-months', [own]) },
    ]);
    expect(entriesFor(worn, true)).toHaveLength(1);
    expect(entriesFor(worn, false)[1]).toMatchObject({ terms: { factors: [] } });
  });

  test('a plan starts with the factors that hold', () => {
    const usual = practiceOf(FILTER).factors;
    expect(factorsOfTraits(usual, new Map([['smoker', true]])).map(({ code }) => code)).toEqual(['smoker']);
    expect(factorsOfTraits(usual, new Map([['smoker', false]]))).toEqual([]);
  });
});

describe('a proposal', () => {
  const grade = (date: string, value: number) =>
    [date, { kind: 'reading', asset: 'f', measure: 'filter-grade', value, unit: 'grade' }] as const;
  const worn = [grade('2026-11-05', 0.75), grade('2026-11-20', 1)] as const;
  const dusty = home(...worn);

  test('says sooner where the looks do, and taking it leaves no factor to count twice', () => {
    const { proposal, terms } = kept(dusty, 'filter');
    expect(proposal?.days).toBeLessThan(91);
    const taken = proposedTerms({ ...terms, factors: [{ code: 'smoker', value: 0.5 }] }, proposal?.days ?? 0);
    expect(taken).toMatchObject({
      school: null,
      factors: [],
      rule: { every: { unit: 'days', count: proposal?.days } },
    });
  });

  test('taken, its looks are in the interval and are not counted again; later looks are', () => {
    const { proposal, terms } = kept(dusty, 'filter');
    const taken = proposedTerms(terms, proposal?.days ?? 60);
    const after = home(...worn, ['2026-11-21', { kind: 'terms', duty: 'filter', terms: taken }]);
    expect(kept(after, 'filter').proposal).toBeNull();
    const later = home(
      ...worn,
      ['2026-11-21', { kind: 'terms', duty: 'filter', terms: taken }],
      grade('2026-11-23', 1),
    );
    expect(kept(later, 'filter').proposal?.looks).toHaveLength(1);
  });

  test('turned down, it is silent until something is looked at again', () => {
    const no = ['2026-11-21', { kind: 'dismissed', duty: 'filter', days: 60 }] as const;
    expect(kept(home(...worn, no), 'filter').proposal).toBeNull();
    expect(kept(home(...worn, no, grade('2026-11-23', 1)), 'filter').proposal?.looks).toHaveLength(3);
  });
});
