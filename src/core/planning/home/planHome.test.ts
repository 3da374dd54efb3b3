import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, daysBetween, toCivilDate, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import type { House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import type { ProjectionInputs } from '../../schedule/replay/replayHouse.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import { someDay } from '../../../../test/support/arbitraries.ts';
import { someHome, weatherOf } from '../../../../test/support/randomHome.ts';
import { around } from '../../../../test/support/surroundings.ts';
import { wholeCost } from '../costs.ts';
import type { HomePlan } from './arrange.ts';
import { withSeen } from './carryOver.ts';
import { homeToPlan, planHome } from './planHome.ts';
import { isWeekend, Weeks } from './weeks.ts';

const ON = civil('2026-11-27');
const EFFORT = { moves: 2_000, seed: 1 };

const planOf = (
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  inputs: ProjectionInputs,
  count = 53,
): HomePlan => planHome(homeToPlan(house, entries, on, inputs, count), EFFORT);

function demoPlan(name: string, on = ON): HomePlan {
  const demo = DEMO_HOMES.find((one) => one.home.name === name);
  if (!demo) throw new Error(`no demo home is called ${name}`);
  const file = demoHouse(demo, on);
  return planOf(file, file.entries, on, around(file, on));
}

/** Rules that no plan may break, told where one is. */
function broken(plan: HomePlan): string[] {
  const weeks = new Weeks(toDay(plan.on), plan.weeks.length);
  return plan.tasks.flatMap(({ task, week, day }, place): string[] => {
    const { key, earliest, worthUntil } = task;
    const next = plan.tasks[place + 1];
    const wrong = [
      next !== undefined && next.day < day && `${key} is told before an earlier day`,
      toDay(day) < toDay(earliest) && `${key} is before its earliest day`,
      toDay(day) < toDay(plan.on) && `${key} is in the past`,
      weeks.of(toDay(day)) !== week && `${key} has a day of another week`,
      worthUntil !== null &&
        week > Math.max(weeks.of(toDay(worthUntil)), weeks.of(toDay(earliest)), 0) &&
        `${key} is past the day it is worth doing`,
    ];
    return wrong.filter((one) => one !== false);
  });
}

describe('a home’s year', () => {
  test('of random homes: no rule is broken, everything has a week or a named rule, the parts sum up', () => {
    fc.assert(
      fc.property(
        someHome,
        someDay,
        fc.boolean(),
        fc.integer({ min: 1, max: 53 }),
        (home, on, station, count) => {
          const inputs = weatherOf(home, on, station);
          const ready = homeToPlan(home.house, home.entries, civil(on), inputs, count);
          const plan = planHome(ready, EFFORT);
          expect(broken(plan)).toEqual([]);
          const told = [...plan.tasks, ...plan.unplaced].map(({ task }) => task.key);
          expect([...told].sort()).toEqual(ready.home.problem.tasks.map(({ id }) => id).sort());
          const { late, due, supplies, moved } = plan.cost;
          const own = plan.tasks.reduce(
            (sum, { cost }) => sum + cost.late + cost.due + cost.supplies + cost.moved,
            0,
          );
          expect(own).toBeCloseTo(late + due + supplies + moved, 6);
          expect(wholeCost(plan.cost)).toBeGreaterThanOrEqual(own - 1e-6);
          expect(planHome(ready, EFFORT)).toEqual(plan);
        },
      ),
      { numRuns: 60, seed: 20_261_124 },
    );
  });

  test.each(DEMO_HOMES.map(({ home }) => home.name))(
    '%s: no rule is broken, and overdue work has a day',
    (name) => {
      const plan = demoPlan(name);
      expect(broken(plan)).toEqual([]);
      const overdue = plan.tasks.filter(({ task }) => task.latest < ON);
      const safety = overdue.filter(({ task }) => task.consequence === 'life-safety');
      for (const { week } of safety) expect(week).toBe(0);
    },
  );

  test('work on a ladder is planned for warm weeks, and what winter leaves no week is named with the weather', () => {
    const plan = demoPlan('14 Juniper Bend');
    const gutters = plan.tasks.filter(({ task }) => task.weather.includes('ladder') && task.doer !== 'trade');
    expect(gutters.length).toBeGreaterThan(0);
    for (const { day } of gutters) expect(day > '2027-03-25' || day < '2026-12-07').toBe(true);
    for (const { why } of plan.unplaced) expect(['weather', 'order', 'closed', 'skill']).toContain(why.rule);
  });

  test('set-ups are shared: the ladder for the alarms of one week comes out once', () => {
    const plan = demoPlan('14 Juniper Bend');
    const tests = plan.tasks.filter(({ task }) => task.setUps.includes('ladder'));
    const weeks = new Set(tests.map(({ week }) => week));
    expect(weeks.size).toBeLessThan(tests.length / 3);
    for (const week of weeks) {
      const days = new Set(
        tests.filter((one) => one.week === week && one.task.weather.length === 0).map(({ day }) => day),
      );
      expect(days.size).toBeLessThanOrEqual(2);
    }
  });

  test('the household works at weekends, a trade on the other days', () => {
    const { tasks } = demoPlan('14 Juniper Bend');
    for (const { task, day } of tasks) {
      const isLate = daysBetween(task.earliest, day) < 7;
      const weekend = isWeekend(toDay(day));
      if (!isLate && task.weather.length === 0)
        expect(weekend, `${task.key} on ${day}`).toBe(task.doer !== 'trade');
    }
  });

  test('what is not in the house is not planned before it can be there, unless that would be late', () => {
    const demo = DEMO_HOMES[0];
    if (!demo) throw new Error('there is a demo home');
    const file = demoHouse(demo, ON);
    const ready = homeToPlan(file, file.entries, ON, around(file, ON));
    const plan = planHome(ready, EFFORT);
    const waiting = ready.tasks.filter(({ suppliesFrom }) => suppliesFrom !== null);
    expect(waiting.length).toBeGreaterThan(5);
    for (const { task, cost, day } of plan.tasks) {
      const { suppliesFrom } = task;
      if (task.doer === 'trade') expect(task.waitsFor).toEqual([]);
      if (cost.supplies === 0) continue;
      expect(suppliesFrom !== null && day < suppliesFrom, `${task.key} on ${day}`).toBe(true);
      expect(suppliesFrom !== null && task.latest < suppliesFrom, task.key).toBe(true);
    }
  });

  test('a plan already seen is kept where nothing speaks against it', () => {
    const demo = DEMO_HOMES[0];
    if (!demo) throw new Error('there is a demo home');
    const file = demoHouse(demo, ON);
    const first = planOf(file, file.entries, ON, around(file, ON), 26);
    const seen = new Map(first.tasks.map(({ task, week }) => [task.key, week]));
    const ready = homeToPlan(file, file.entries, ON, around(file, ON), 26);
    const home = { ...ready.home, problem: withSeen(ready.home.problem, seen) };
    const again = planHome({ ...ready, home }, { moves: 2_000, seed: 99 });
    const moved = again.tasks.filter(({ task, week }) => seen.get(task.key) !== week);
    expect(moved.length).toBeLessThan(first.tasks.length / 20);
  });
});

describe('weeks', () => {
  test('run from Monday to Sunday, and today’s has the days that are left', () => {
    const weeks = new Weeks(toDay(civil('2026-11-27')), 3);
    expect(weeks.days(0).map(toCivilDate)).toEqual(['2026-11-27', '2026-11-28', '2026-11-29']);
    expect(weeks.days(1).map(toCivilDate).at(0)).toBe('2026-11-30');
    expect(weeks.of(toDay(civil('2026-11-23')))).toBe(0);
    expect(weeks.of(toDay(civil('2026-11-22')))).toBe(-1);
  });
});
