import { describe, expect, test } from 'vitest';
import { civil, toDay } from '../../src/core/calendar/civilDate.ts';
import { WORTH_UNTIL } from '../../src/core/catalogue/data/worthUntil.ts';
import { findPractice, PRACTICES } from '../../src/core/catalogue/catalogue.ts';
import { climateTraits, planFor } from '../../src/core/catalogue/planFor.ts';
import { figuresOf } from '../../src/core/climate/climate.ts';
import { STATIONS } from '../../src/core/climate/data/stations.ts';
import { HomeSeasons } from '../../src/core/climate/homeSeasons.ts';
import { NO_WEATHER } from '../../src/core/climate/weather.ts';
import type { Home } from '../../src/core/house/house.ts';
import { project } from '../../src/core/schedule/project.ts';
import { countingRules, type CalendarRule, type Rule } from '../../src/core/practice/rule.ts';
import { asTrial } from '../../src/core/upkeep/trial.ts';
import { adoptedHouse, adoptionOf } from '../../src/core/walkthrough/adoption.ts';
import { likelyAnswers } from '../../src/core/walkthrough/houseKinds.ts';
import { reviewPlan } from '../../src/core/walkthrough/planReview.ts';
import { walkedHouse } from '../../src/core/walkthrough/walkedHouse.ts';

const NAMING = {
  room: ({ code }: { code: string }) => code,
  thing: (kind: string, number: number | null) => (number === null ? kind : `${kind} ${number}`),
};

const homeAt = (station: string): Home => ({
  id: 'h',
  name: 'Begun',
  zone: 'America/Chicago',
  hemisphere: station.startsWith('south') ? 'south' : 'north',
  units: 'us',
  vocabulary: 'en-US',
  currency: 'USD',
  climate: { station },
});

/** The plan of a family house with an irrigation on the day it is begun, its baseline spread: practice, due day, how it came to be due. */
function begun(station: string, day: string) {
  const on = civil(day);
  const home = homeAt(station);
  const figures = figuresOf(home);
  const answers = { ...likelyAnswers('family', figures && climateTraits(figures)), irrigation: true };
  const walked = walkedHouse(answers, NAMING);
  const plan = planFor({ ...home, assets: walked.assets, traits: walked.traits }, PRACTICES);
  let last = 0;
  const adoption = adoptionOf(walked, plan, () => `i${(last += 1)}`);
  const { house, entries } = adoptedHouse(home, adoption, on);
  const around = { find: findPractice, weather: NO_WEATHER };
  const { puttingOff } = reviewPlan(home, adoption, on, around, 'spread');
  const { duties } = project(house, [...entries, ...asTrial(puttingOff, on)], on, around);
  return duties.flatMap(({ dutyId, occurrence }) => {
    const practice = house.duties.find(({ id }) => id === dutyId)?.practice;
    if (practice?.from !== 'catalogue' || !occurrence) return [];
    return [{ code: practice.code, occurrence, inDays: toDay(occurrence.window.due) - toDay(on) }];
  });
}

describe('a home begun late in a season', () => {
  test('on 27 November in a cold place it is told what still matters, safety and frost in the first week', () => {
    const told = begun('cold-plains', '2026-11-27');
    const caughtUp = told.filter(({ occurrence }) =>
      occurrence.reasons.some(({ kind }) => kind === 'caughtUp'),
    );
    const codes = new Set(caughtUp.map(({ code }) => code));
    const within = (weeks: number): string[] =>
      caughtUp.filter(({ inDays }) => inDays < weeks * 7).map(({ code }) => code);
    expect(within(1)).toEqual(
      expect.arrayContaining(['hose-disconnect', 'outdoor-tap-shut-and-drain', 'smoke-alarm-battery-swap']),
    );
    expect(within(2)).toContain('gas-vent-and-trap-check');
    // Work of a trade waits for the trade, which is called on the first day.
    expect(within(5)).toEqual(expect.arrayContaining(['irrigation-winterise', 'water-heater-flue-centre']));
    const irrigation = caughtUp.find(({ code }) => code === 'irrigation-winterise');
    expect(irrigation?.occurrence.bookBy).toBe('2026-11-27');
    expect(codes).toContain('gutter-clean');
    // Tasks are spread to days on which they can still be done.
    for (const { occurrence } of caughtUp)
      expect(occurrence.window.due <= occurrence.window.latest).toBe(true);
  });
});

describe.each(STATIONS.map(({ code }) => code))('a home begun at %s', (station) => {
  const MONTHS = Array.from({ length: 12 }, (_, month) => `2026-${String(month + 1).padStart(2, '0')}-01`);

  test('on the first of any month it is not told to open water at the onset of winter, nor to put away what is about to be used', () => {
    const seasons = new HomeSeasons(homeAt(station));
    for (const day of MONTHS) {
      const now = begun(station, day).filter(({ inDays }) => inDays < 21);
      const codes = new Set(now.map(({ code }) => code));
      for (const [off, back] of [
        ['humidifier-season-off', 'humidifier-season-on'],
        ['window-film-remove', 'window-film-fit'],
      ] as const)
        expect(codes.has(off) && codes.has(back), `${day}: ${off}`).toBe(false);
      const freeze = seasons.freezeOnOrAfter(toDay(civil(day)), 10);
      const near = freeze !== null && freeze - toDay(civil(day)) < 35;
      for (const opening of ['outdoor-tap-reopen', 'irrigation-reopen'])
        expect(near && codes.has(opening), `${day}: ${opening}`).toBe(false);
    }
  });
});

describe('the worth-until table', () => {
  test('every listed date of every school says until when it makes sense', () => {
    const silent = PRACTICES.flatMap((practice) =>
      practice.kind === 'duty'
        ? practice.schools
            .filter(({ rule }) => listedRules(rule).some(({ worthUntil }) => !worthUntil))
            .map(({ code }) => `${practice.code} ${code}`)
        : [],
    );
    expect(silent).toEqual([]);
  });

  test('what it names is a seasonal practice', () => {
    for (const code of Object.keys(WORTH_UNTIL)) {
      const practice = findPractice(code);
      const rules =
        practice?.kind === 'duty' ? practice.schools.flatMap(({ rule }) => listedRules(rule)) : [];
      expect(rules.length, code).toBeGreaterThan(0);
    }
  });
});

const listedRules = (rule: Rule): CalendarRule[] =>
  countingRules(rule).flatMap((part) =>
    part.kind === 'dates' || part.kind === 'clockChange' || part.kind === 'season' ? [part] : [],
  );
