import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, daysBetween, toCivilDate, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import type { Household } from '../../house/household.ts';
import { usualHousehold } from '../../house/household.ts';
import { demoHouse } from '../../../demo/history.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { around } from '../../../../test/support/surroundings.ts';
import { someDay } from '../../../../test/support/arbitraries.ts';
import { someHome, weatherOf } from '../../../../test/support/randomHome.ts';
import { solve } from '../solve.ts';
import { arrange } from './arrange.ts';
import { carryOver, withHeld, withSeen, type Kept } from './carryOver.ts';
import { homeToPlan, planHome, type HomeOnDay } from './planHome.ts';
import { isWeekend } from './weeks.ts';

const ON = civil('2026-11-27');
const NO_EFFORT = { moves: 0, seed: 1 };

const [juniper] = DEMO_HOMES;
if (!juniper) throw new Error('there is a demo home');
const file = demoHouse(juniper, ON);

function demo(household: Household = usualHousehold(4)): HomeOnDay {
  return homeToPlan({ ...file, household }, file.entries, ON, around(file, ON));
}

const keptOf = (ready: HomeOnDay, plan: Readonly<Record<string, number>>): Kept[] =>
  ready.tasks.flatMap(({ key, duty, number }): Kept[] => {
    const week = plan[key];
    return week === undefined ? [] : [{ duty, number, day: mondayOf(ready, week) }];
  });
const mondayOf = ({ weeks }: HomeOnDay, week: number): CivilDate => toCivilDate(weeks.days(week).at(-1) ?? 0);

describe('weeks that were given before', () => {
  test('come back to the same tasks, with and without numbers, where nothing changed', () => {
    const ready = demo();
    const { plan } = solve(ready.home.problem, NO_EFFORT);
    const kept = keptOf(ready, plan);
    for (const some of [kept, kept.map((one) => ({ ...one, number: null }))]) {
      const { weeks, dropped } = carryOver(some, ready.tasks, { ...ready, problem: ready.home.problem });
      expect(dropped).toEqual([]);
      expect(Object.fromEntries([...weeks].map(([key, { week }]) => [key, week]))).toEqual(plan);
    }
  });

  test('go to the time whose weeks hold them after the task is done, else they are dropped', () => {
    const ready = demo();
    const [first] = ready.tasks;
    if (!first) throw new Error('there is a task');
    const window = ready.home.problem.tasks.find(({ id }) => id === first.key)?.weeks ?? [0, 0];
    const days = [mondayOf(ready, window[1]), civil('2029-01-01'), civil('2026-01-01')];
    const kept = days.map((day) => ({ duty: first.duty, number: null, day }));
    const { weeks, dropped } = carryOver(kept, ready.tasks, { ...ready, problem: ready.home.problem });
    expect([...weeks.values()].map(({ kept: one }) => one.day)).toEqual([days[0]]);
    // The past is forgotten without a word; what lies ahead and nothing takes is told.
    expect(dropped.map(({ day }) => day)).toEqual([days[1]]);
  });

  test('of random homes: what is held stays, breaks no rule and costs no other task its week', () => {
    fc.assert(
      fc.property(someHome, someDay, fc.array(fc.nat(), { maxLength: 6 }), (home, on, picks) => {
        const inputs = weatherOf(home, on, false);
        const {
          home: { problem },
        } = homeToPlan(home.house, home.entries, civil(on), inputs);
        const free = solve(problem, NO_EFFORT);
        const placed = new Map(
          picks.flatMap((pick): [string, number][] => {
            const task = problem.tasks[pick % Math.max(1, problem.tasks.length)];
            return task ? [[task.id, task.weeks[0] + (pick % (1 + task.weeks[1] - task.weeks[0]))]] : [];
          }),
        );
        const { problem: narrowed, held, impossible } = withHeld(problem, placed);
        const plan = solve(narrowed, NO_EFFORT);
        for (const [key, week] of held) expect(plan.plan[key]).toBe(week);
        expect([...held.keys(), ...impossible].sort()).toEqual([...placed.keys()].sort());
        expect(plan.unplaced.map(({ id }) => id)).toEqual(free.unplaced.map(({ id }) => id));
      }),
      { numRuns: 40, seed: 20_261_128 },
    );
  });

  test('are seen: a task that is held elsewhere moves, and hardly anything else', () => {
    const ready = demo();
    const { problem } = ready.home;
    const first = solve(problem, NO_EFFORT).plan;
    const task = problem.tasks.find(({ id, weeks: [from, to] }) => to - from > 3 && first[id] === from);
    if (!task) throw new Error('there is a task with room');
    const seen = withSeen(problem, new Map(Object.entries(first)));
    const { problem: held } = withHeld(seen, new Map([[task.id, task.weeks[1]]]));
    const again = solve(held, NO_EFFORT).plan;
    expect(again[task.id]).toBe(task.weeks[1]);
    const moved = Object.keys(first).filter((key) => first[key] !== again[key]);
    expect(moved.length).toBeLessThan(Object.keys(first).length / 10);
  });
});

describe('the household in a plan', () => {
  const weekdays: Household = { minutes: [0, 90, 0, 90, 0, 0, 0] };

  test('works on its days', () => {
    const plan = planHome(demo(weekdays), NO_EFFORT);
    const own = plan.tasks.filter(({ task, day }) => task.doer !== 'trade' && toDay(day) > toDay(ON) + 14);
    expect(own.length).toBeGreaterThan(40);
    for (const { day, task } of own)
      if (task.weather.length === 0 && task.after.length === 0 && daysBetween(task.earliest, day) >= 7)
        expect(isWeekend(toDay(day)), task.key).toBe(false);
  });

  test('does nothing while it is away, and what has no other week is named so', () => {
    const away = { from: civil('2026-12-07'), to: civil('2027-02-28') };
    const ready = demo({ ...usualHousehold(4), away: [away] });
    const plan = arrange(ready, solve(ready.home.problem, NO_EFFORT));
    expect(plan.tasks.filter(({ day }) => day >= away.from && day <= away.to)).toEqual([]);
    expect(plan.unplaced.some(({ why }) => why.rule === 'away')).toBe(true);
  });

  test('has what needs two people only where a helper is there, and leaves to others what it says', () => {
    const told = (household: Household): string[] =>
      planHome(demo(household), NO_EFFORT).unplaced.map(({ why }) => why.rule);
    const two = demo().tasks.filter((task) => task.two && task.doer !== 'trade');
    expect(two.length).toBeGreaterThan(0);
    expect(told({ ...usualHousehold(4), helper: [] }).filter((rule) => rule === 'helper')).toHaveLength(
      two.length,
    );
    expect(told({ ...usualHousehold(4), does: { ladders: false } })).toContain('skill');
  });
});
