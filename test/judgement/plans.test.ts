import { describe, expect, test } from 'vitest';
import { civil, toDay } from '../../src/core/calendar/civilDate.ts';
import { findPractice, PRACTICES } from '../../src/core/catalogue/catalogue.ts';
import { planFor, type Plan } from '../../src/core/catalogue/planFor.ts';
import { HomeSeasons } from '../../src/core/climate/homeSeasons.ts';
import { NO_WEATHER } from '../../src/core/climate/weather.ts';
import type { Asset, House } from '../../src/core/house/house.ts';
import type { Entry } from '../../src/core/ledger/entry.ts';
import { projectOccurrences } from '../../src/core/schedule/horizon/horizon.ts';
import { JUDGED, type JudgedHouse } from './houses.ts';

const assetsOf = ({ things }: JudgedHouse): Asset[] =>
  things.map(([kind, facts], index) => ({ id: `${kind}-${index}`, kind, name: kind, facts: { ...facts } }));
const planOf = (judged: JudgedHouse): Plan =>
  planFor(
    { ...judged.place, assets: assetsOf(judged), traits: new Map(Object.entries(judged.traits)) },
    PRACTICES,
  );
const schoolsOf = ({ duties }: Plan): Record<string, string> =>
  Object.fromEntries(duties.map(({ practice, school }) => [practice.code, school.code]));

/** The house with its plan adopted on a day, to see where its dates fall. */
function adopted(judged: JudgedHouse, plan: Plan): { house: House; entries: Entry[] } {
  const ids = plan.duties.map(({ practice, asset }) => `${practice.code}-${asset.id}`);
  const fields = { units: 'us', vocabulary: 'en-US', currency: 'USD' } as const;
  const zone = judged.place.hemisphere === 'south' ? 'Pacific/Auckland' : 'America/Chicago';
  const { hemisphere, climate } = judged.place;
  return {
    house: {
      home: { id: 'h', name: 'Judged', zone, hemisphere, climate, ...fields },
      spaces: [],
      assets: assetsOf(judged),
      duties: plan.duties.map(({ practice, asset }, index) => ({
        id: ids[index] ?? '',
        asset: asset.id,
        practice: { from: 'catalogue', code: practice.code },
      })),
    },
    entries: plan.duties.map(({ school, practice }, index): Entry => ({
      id: `a${index}`,
      date: civil('2026-01-01'),
      stampedAt: '2026-01-01T12:00:00.000Z',
      by: 'p',
      body: {
        kind: 'adopted',
        duty: ids[index] ?? '',
        terms: { school: school.code, rule: school.rule, factors: [], doer: practice.doers[0] ?? 'self' },
      },
    })),
  };
}

describe.each(Object.entries(JUDGED))('the house %s', (_name, judged) => {
  const plan = planOf(judged);

  test('gets the plan a practitioner would write, by the schools they would choose', () => {
    const written = Object.fromEntries(judged.plan.map(([practice, school]) => [practice, school]));
    expect(schoolsOf(plan)).toEqual(written);
  });

  test('gets nothing that does not belong there', () => {
    const held = schoolsOf(plan);
    for (const [code, why] of Object.entries(judged.never)) {
      expect(findPractice(code), code).toBeDefined();
      expect(held, `${code}: ${why}`).not.toHaveProperty(code);
    }
  });

  test('holds no two alternatives, and no look beside the change that covers it', () => {
    for (const { practice, asset } of plan.duties) {
      const beside = plan.duties.filter(
        (other) => other.asset.id === asset.id && other.practice !== practice,
      );
      expect(beside.filter((other) => practice.covers.includes(other.practice.code))).toEqual([]);
      if (practice.alternatives === undefined) continue;
      expect(beside.filter((other) => other.practice.alternatives === practice.alternatives)).toEqual([]);
    }
  });

  test('says of everything left out why, and by what', () => {
    for (const { because, by } of plan.leftOut)
      expect(by !== null).toBe(['alternative', 'next', 'covered'].includes(because));
  });

  test('dates what closes before its frost and what opens after it, in its own half of the world', () => {
    const { house, entries } = adopted(judged, plan);
    const around = { find: findPractice, weather: NO_WEATHER };
    const coming = projectOccurrences(house, entries, civil('2026-01-02'), around, civil('2027-12-31'));
    const seasons = new HomeSeasons(judged.place);
    const closing = coming.filter(
      ({ dutyId, occurrence }) =>
        !occurrence.baseline && (dutyId.startsWith('outdoor-tap-shut') || dutyId.startsWith('hose-')),
    );
    if (seasons.date('firstFreeze', 10).on !== null && schoolsOf(plan)['hose-disconnect']) {
      expect(closing.length).toBeGreaterThan(0);
      const winter = judged.place.hemisphere === 'south' ? [2, 3, 4, 5, 6] : [8, 9, 10, 11, 12];
      for (const { occurrence } of closing)
        expect(winter).toContain(Number(occurrence.window.due.slice(5, 7)));
    }
    for (const { occurrence } of coming)
      expect(toDay(occurrence.window.earliest)).toBeLessThanOrEqual(toDay(occurrence.window.due));
  });
});
