import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toDay, type CivilDate } from '../../src/core/calendar/civilDate.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';
import { doerFor } from '../../src/core/house/doerFor.ts';
import { figuresOf, type ClimatePlace } from '../../src/core/climate/climate.ts';
import { STATIONS } from '../../src/core/climate/data/stations.ts';
import { HomeSeasons } from '../../src/core/climate/homeSeasons.ts';
import { NO_WEATHER } from '../../src/core/climate/weather.ts';
import type { Home } from '../../src/core/house/house.ts';
import { countingRules } from '../../src/core/practice/rule.ts';
import { project } from '../../src/core/schedule/project.ts';
import { asTrial } from '../../src/core/upkeep/trial.ts';
import { adoptedHouse, type Adoption } from '../../src/core/walkthrough/adoption.ts';
import { LINES_A_WEEK } from '../../src/core/walkthrough/baseline.ts';
import { HOUSE_KINDS } from '../../src/core/walkthrough/houseKind.ts';
import { reviewPlan, type PlanReview } from '../../src/core/walkthrough/planReview.ts';
import type { WalkedHouse } from '../../src/core/walkthrough/walkedHouse.ts';
import { BEGUN } from './begun/index.ts';
import type { BegunHouse } from './begun/begunHouse.ts';
import { comesFirst, weekOfFirst } from './comesFirst.ts';
import { homeIn, walkThrough } from './walking.ts';

const AROUND = { find: findPractice, weather: NO_WEATHER };

interface Begun {
  readonly home: Home;
  readonly walked: WalkedHouse;
  readonly adoption: Adoption;
  readonly review: PlanReview;
  readonly on: CivilDate;
}

/** A house walked through, stop by stop, on the day it is begun. */
function begin({ begun, place, ...script }: Pick<BegunHouse, 'begun' | 'place' | 'kind' | 'said'>): Begun {
  const on = civil(begun);
  const { walked, adoption } = walkThrough(script, place, on);
  const home = homeIn(place);
  return { home, walked, adoption, review: reviewPlan(home, adoption, on, AROUND, 'spread'), on };
}

describe.each(Object.entries(BEGUN))('the house %s', (_name, judged) => {
  const begun = begin(judged);
  const { adoption, review } = begun;

  test('gets the tasks a practitioner would write, each by its approach and its doer', () => {
    const planned = Object.fromEntries(
      adoption.duties.map(({ planned: { practice, school }, terms }) => [
        practice.code,
        `${school.code}, ${terms.doer}`,
      ]),
    );
    expect(planned).toEqual(
      Object.fromEntries(judged.plan.map(([code, school, doer]) => [code, `${school}, ${doer}`])),
    );
  });

  test('has each first when a practitioner would have it', () => {
    const wrong = judged.plan.filter(([code, , , first]) => !comesFirst(adoption, review, code, first));
    expect(wrong.map(([code, , , first]) => [code, first, weekOfFirst(adoption, review, code)])).toEqual([]);
  });

  test('gets nothing that does not belong there', () => {
    const held = new Set(adoption.duties.map(({ planned }) => planned.practice.code));
    expect(Object.keys(judged.never).filter((code) => held.has(code))).toEqual([]);
  });

  test('begins with a week one can face, and says what each month of the year asks', () => {
    expect(review.firstWeeks[0]?.length).toBeLessThanOrEqual(LINES_A_WEEK);
    expect(review.months).toHaveLength(12);
    expect(review.months.some(({ visits }) => visits > 0)).toBe(true);
  });
});

/** Any usual house on any day of a year, walked through by people who do any of the work themselves. */
const anyBegun = fc.record({
  kind: fc.constantFrom(...HOUSE_KINDS),
  station: fc.constantFrom(...STATIONS.map(({ code }) => code)),
  begun: fc
    .integer({ min: 0, max: 364 })
    .map((day) => new Date(Date.UTC(2027, 0, 1 + day)).toISOString().slice(0, 10)),
  does: fc.subarray(['does-ladders', 'does-gas', 'does-mains', 'does-crawling', 'does-sewage']),
  household: fc.subarray(['uneasy-on-ladders', 'children', 'shedding-pets']),
  'water-parts': fc.subarray(['sump', 'pool', 'loft-tank', 'water-filter']),
  irrigation: fc.boolean(),
  sewage: fc.constantFrom('mains', 'septic', 'aerobic'),
  'last-heating': fc.constantFrom(null, 'never', '2026-autumn', '2019'),
  'last-pump-out': fc.constantFrom(null, 'never', '2024', '2015'),
});

describe('whatever house is begun on whatever day', () => {
  const check = (assert: (begun: Begun, place: ClimatePlace) => void): void => {
    fc.assert(
      fc.property(anyBegun, ({ kind, station, begun, ...said }) => {
        const hemisphere = station.startsWith('south') ? 'south' : 'north';
        const place: ClimatePlace = { hemisphere, climate: { station } };
        assert(begin({ begun, place, kind, said }), place);
      }),
      { numRuns: 60, seed: 1_511 },
    );
  };
  const firsts = ({ home, adoption, review, on }: Begun) => {
    const { house, entries } = adoptedHouse(home, adoption, on);
    const all = project(house, [...entries, ...asTrial(review.puttingOff, on)], on, AROUND).duties;
    return all.flatMap(({ dutyId, occurrence, sleep }) => {
      const own = adoption.duties.find(({ duty }) => duty.id === dutyId);
      return own
        ? [{ own, occurrence, sleep, asset: adoption.assets.find(({ id }) => id === own.duty.asset) }]
        : [];
    });
  };

  test('nothing is planned for what the house has not, nor what never comes there', () => {
    check((begun) => {
      for (const { own, asset, sleep } of firsts(begun)) {
        const { code, appliesTo } = own.planned.practice;
        expect(asset && appliesTo.includes(asset.kind), code).toBe(true);
        // Work that also answers an event comes when that happens.
        const answers = countingRules(own.terms.rule).some(({ kind }) => kind === 'event');
        expect(
          !answers && sleep?.kind === 'season' && sleep.basis === 'none',
          `${code} at ${begun.home.climate?.station ?? ''}`,
        ).toBe(false);
      }
    });
  });

  test('no first date lies before the home began or outside its season; nothing is booked or ordered before it', () => {
    check((begun, place) => {
      const seasons = new HomeSeasons(place);
      const high = figuresOf(place)?.high ?? [];
      for (const { own, occurrence } of firsts(begun)) {
        if (!occurrence) continue;
        const { practice } = own.planned;
        const { due } = occurrence.window;
        for (const gate of practice.gates ?? []) {
          if (gate.kind !== 'season' || !seasons.knows(gate.season)) continue;
          const run = seasons.runAt(gate.season, toDay(due));
          expect(run !== null && run.from <= toDay(due), `${practice.code} ${due} in ${gate.season}`).toBe(
            true,
          );
        }
        for (const by of [occurrence.bookBy, occurrence.orderBy])
          if (by !== null) expect(by >= begun.on, practice.code).toBe(true);
        if (occurrence.baseline) expect(due >= begun.on, practice.code).toBe(true);
        // Nobody of the household is sent up a ladder in a month that is too cold for it.
        const isLadder = practice.planning?.weather.includes('ladder') === true && own.terms.doer !== 'trade';
        if (isLadder && !practice.freezeGuard && due < `${Number(begun.on.slice(0, 4)) + 1}`)
          expect(high[Number(due.slice(5, 7)) - 1], `${practice.code} ${due}`).toBeGreaterThanOrEqual(5);
      }
    });
  });

  test('no replacement and no pump-out falls due without evidence', () => {
    check((begun) => {
      for (const { own, occurrence, asset } of firsts(begun)) {
        const { code } = own.planned.practice;
        if (code.endsWith('-age-replace') && !asset?.facts?.['made'])
          expect(occurrence?.asks, code).toBe('look');
        if (code === 'aerobic-pump-out') expect(asset?.facts?.['last-pumped']).not.toBeNull();
      }
    });
  });

  test('no work goes to someone who said no to it', () => {
    check(({ adoption, walked }) => {
      for (const { planned, terms } of adoption.duties) {
        expect(terms.doer, planned.practice.code).toBe(
          doerFor(planned.practice, planned.asset, walked.traits),
        );
        const skills = planned.practice.planning?.skills ?? [];
        if (
          walked.traits.get('uneasy-on-ladders') === true &&
          (skills.includes('ladders') || skills.includes('steps'))
        )
          expect(terms.doer, planned.practice.code).toBe('trade');
        if (skills.includes('sewage') && walked.traits.get('does-sewage') !== true)
          expect(terms.doer, planned.practice.code).toBe('trade');
      }
    });
  });

  test('the first week can be faced', () => {
    check(({ review }) => {
      expect(review.firstWeeks[0]?.length).toBeLessThanOrEqual(LINES_A_WEEK);
    });
  });
});
