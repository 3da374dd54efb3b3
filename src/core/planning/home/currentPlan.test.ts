import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, type CivilDate } from '../../calendar/civilDate.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import { around } from '../../../../test/support/surroundings.ts';
import { readyProblem } from '../ready.ts';
import { solve } from '../solve.ts';
import type { Kept } from './carryOver.ts';
import { currentPlan } from './currentPlan.ts';
import { homeToPlan } from './planHome.ts';
import { movedTasks } from './whyMoved.ts';

const ON = civil('2026-11-27');
const [juniper] = DEMO_HOMES;
if (!juniper) throw new Error('there is a demo home');
const file = demoHouse(juniper, ON);
const ready = homeToPlan(file, file.entries, ON, around(file, ON));
const first = solve(ready.home.problem, { moves: 0, seed: 1 });

const dayOf = (week: number): CivilDate => toCivilDate(ready.weeks.first(week));
const kept = (plan: Readonly<Record<string, number>>): Kept[] =>
  ready.tasks.flatMap(({ key, duty, number }) => {
    const week = plan[key];
    return week === undefined ? [] : [{ duty, number, day: dayOf(week) }];
  });
/** A task with room after the week it is planned in, and no order with others but its own next time. */
const roomy = ready.home.problem.tasks.find(
  ({ id, weeks: [, last] }) => last - (first.plan[id] ?? last) > 2 && id.endsWith(' 1'),
);
if (!roomy) throw new Error('there is a task with room');
const [duty = ''] = roomy.id.split(' ');

describe('the plan a home goes by', () => {
  test('is the planner’s first one where none was accepted, else the accepted one, week by week', () => {
    expect(currentPlan(ready, null, []).plan.plan).toEqual(first.plan);
    const odd = { ...first.plan, [roomy.id]: roomy.weeks[1] };
    const now = currentPlan(ready, kept(odd), []);
    expect(now.plan.plan).toEqual(odd);
    expect(now.plan.cost.moved).toBe(0);
  });

  test('has what is placed by hand in its week, and names what cannot stay', () => {
    const placing = { duty, number: 1, day: dayOf(roomy.weeks[1]) };
    const now = currentPlan(ready, kept(first.plan), [placing]);
    expect(now.plan.plan[roomy.id]).toBe(roomy.weeks[1]);
    expect([...now.held]).toEqual([[roomy.id, placing]]);
    const gone = { duty, number: null, day: civil('2030-01-01') };
    expect(currentPlan(ready, null, [gone]).lost).toEqual([{ kept: gone, key: null }]);
  });

  test('gives a week to what has come since, and moves nothing for it', () => {
    const without = kept(first.plan).filter((one) => one.duty !== duty);
    const { plan } = currentPlan(ready, without, []).plan;
    expect(plan[roomy.id]).toBeDefined();
    for (const [key, week] of Object.entries(first.plan))
      if (!key.startsWith(`${duty} `)) expect(plan[key], key).toBe(week);
  });

  test('tells what a replan moved, from where to where, and why', () => {
    const odd = { ...first.plan, [roomy.id]: roomy.weeks[1] };
    const now = currentPlan(ready, kept(odd), []);
    const told = movedTasks(readyProblem(now.problem), now.seen, first.plan, new Set());
    expect(told).toMatchObject([{ key: roomy.id, from: roomy.weeks[1], to: first.plan[roomy.id] }]);
    expect(movedTasks(readyProblem(now.problem), now.seen, odd, new Set())).toEqual([]);
    const [byHand] = movedTasks(readyProblem(now.problem), now.seen, first.plan, new Set([roomy.id]));
    expect(byHand?.why).toBe('held');
  });
});
