import { describe, expect, test } from 'vitest';
import { civil, toDay } from '../../src/core/calendar/civilDate.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';
import { NO_WEATHER } from '../../src/core/climate/weather.ts';
import { adoptedHouse } from '../../src/core/walkthrough/adoption.ts';
import { BASELINE_WEEKS, LINES_A_WEEK } from '../../src/core/walkthrough/baseline.ts';
import { reviewPlan } from '../../src/core/walkthrough/planReview.ts';
import { STOPS } from '../../src/core/walkthrough/stops.ts';
import { project } from '../../src/core/schedule/project.ts';
import { asTrial } from '../../src/core/upkeep/trial.ts';
import { JUDGED, type JudgedHouse } from './houses.ts';
import { BEGINNINGS, type Beginning } from './beginnings.ts';
import type { First } from './begun/begunHouse.ts';
import { comesFirst } from './comesFirst.ts';
import { homeIn, walkThrough } from './walking.ts';
import { WALKS } from './walks.ts';

const ON = civil('2026-11-24');

function walk(name: string, { place }: JudgedHouse) {
  const script = WALKS[name];
  if (!script) throw new Error(`nobody walks through ${name}`);
  return walkThrough(script, place, ON);
}

const AROUND = { find: findPractice, weather: NO_WEATHER };
const beginningOf = (name: string): Beginning => {
  const beginning = BEGINNINGS[name];
  if (!beginning) throw new Error(`nobody wrote how ${name} begins`);
  return beginning;
};

describe.each(Object.entries(JUDGED))('walking through %s', (name, judged) => {
  const { state, walked, plan, adoption } = walk(name, judged);

  test('gives, for what the house was told to have, the plan a practitioner would write', () => {
    const told = new Set(judged.things.map(([kind]) => kind));
    const own = plan.duties.filter(({ asset }) => told.has(asset.kind));
    const schools = Object.fromEntries(own.map(({ practice, school }) => [practice.code, school.code]));
    expect(schools).toEqual(Object.fromEntries(judged.plan.map(([practice, school]) => [practice, school])));
  });

  test('finds everything the house was told to have, and gives nothing that does not belong there', () => {
    const found = new Set(walked.assets.map(({ kind }) => kind));
    expect(judged.things.map(([kind]) => kind).filter((kind) => !found.has(kind))).toEqual([]);
    const held = new Set(plan.duties.map(({ practice }) => practice.code));
    expect(Object.keys(judged.never).filter((code) => held.has(code))).toEqual([]);
  });

  test('has each task first when, and by whom, a practitioner would', () => {
    const { begun, hired, helper, first } = beginningOf(name);
    const doers = (doer: string): string[] =>
      [
        ...new Set(
          adoption.duties
            .filter(({ terms }) => terms.doer === doer)
            .map(({ planned }) => planned.practice.code),
        ),
      ].filter((code) => judged.plan.some(([written]) => written === code));
    expect(doers('trade').sort()).toEqual([...hired].sort());
    expect(doers('helper').sort()).toEqual([...helper].sort());
    const review = reviewPlan(homeIn(judged.place), adoption, civil(begun), AROUND, 'spread');
    const wrong = Object.entries(first).flatMap(([when, codes]) =>
      (codes ?? [])
        .filter((code) => !comesFirst(adoption, review, code, when as First))
        .map((code) => [code, when]),
    );
    expect(wrong).toEqual([]);
  });

  test('every stop is one tap, and all of them are gone through', () => {
    expect(state.confirmed).toEqual(STOPS.map(({ code }) => code));
  });

  test('spreads what was never done over six weeks, lives and frost first, no week above what one can face', () => {
    const around = { find: findPractice, weather: NO_WEATHER };
    const review = reviewPlan(homeIn(judged.place), adoption, ON, around, 'spread');
    const safety = adoption.duties.filter(({ planned }) => planned.practice.lifeSafety);
    for (const { duty } of safety) {
      const week = review.weeks.get(duty.id) ?? 1;
      // A thing with a later date of its own, such as an alarm made last year, keeps it.
      if (week <= BASELINE_WEEKS) expect(week).toBeLessThanOrEqual(4);
    }
    const lines = [1, 2, 3, 4, 5, 6].map(
      (week) =>
        new Set(
          adoption.duties
            .filter(({ duty }) => review.weeks.get(duty.id) === week)
            .map(({ planned }) => planned.practice.code),
        ).size,
    );
    // The first week is one that can be faced; where all six are full the later ones share the rest.
    const even = Math.ceil(lines.reduce((sum, one) => sum + one, 0) / BASELINE_WEEKS);
    expect(lines[0]).toBeLessThanOrEqual(LINES_A_WEEK);
    expect(Math.max(...lines)).toBeLessThanOrEqual(Math.max(LINES_A_WEEK, even + 2));
    const total = review.weekMinutes.reduce((sum, minutes) => sum + minutes, 0);
    expect(review.weekMinutes.filter((minutes) => minutes > 0).length).toBeGreaterThan(3);
    expect(Math.max(...review.weekMinutes)).toBeLessThan(total / 2);
    const { house, entries } = adoptedHouse(homeIn(judged.place), adoption, ON);
    const spread = project(house, [...entries, ...asTrial(review.puttingOff, ON)], ON, around).duties;
    for (const { dutyId, occurrence } of spread) {
      const week = review.weeks.get(dutyId);
      if (week === undefined || week > BASELINE_WEEKS) continue;
      const days = toDay(occurrence?.window.due ?? ON) - toDay(ON);
      expect(days).toBeGreaterThanOrEqual((week - 1) * 7);
      expect(days).toBeLessThan(Math.min(week * 7, 42));
    }
  });

  test('tells what it asks of a year', () => {
    const review = reviewPlan(
      homeIn(judged.place),
      adoption,
      ON,
      { find: findPractice, weather: NO_WEATHER },
      '',
    );
    expect(review.minutesAYear).toBeGreaterThan(300);
    expect(review.systems.reduce((sum, { minutesAYear }) => sum + minutesAYear, 0)).toBeCloseTo(
      review.minutesAYear,
    );
    const trades = adoption.duties.filter(({ terms }) => terms.doer === 'trade').length;
    expect(review.visitsAYear > 0).toBe(trades > 0);
  });
});
