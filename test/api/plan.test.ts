import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { AcceptedPlan, PlanBody } from '../../src/contract/plan.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { solve } from '../../src/core/planning/solve.ts';
import {
  append,
  entryOf,
  newDuty,
  newHome,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';

let api: Api;
let agent: Agent;

beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
});
afterAll(() => api.close());

/** A home with one task, due every three months since it was adopted. */
async function plannedHome(): Promise<{ homeId: string; duty: string }> {
  const homeId = await newHome(agent, { name: 'Planned' });
  const { duty } = await newDuty(agent, homeId);
  return { homeId, duty };
}

const planOf = async (homeId: string): Promise<PlanBody> =>
  (await agent.get(`/api/homes/${homeId}/plan`).expect(200)).body as PlanBody;

const save = (homeId: string, body: object) =>
  agent.put(`/api/homes/${homeId}/plan`).send({ saw: 0, seed: 1, moves: 0, seq: 0, weeks: {}, ...body });

const HOUSEHOLD = {
  minutes: [0, 0, 30, 0, 0, 120, 0],
  away: [{ from: civil('2026-12-21'), to: civil('2027-01-03') }],
};

describe('the plan of a home', () => {
  test('holds the year as a problem that can be solved, and no plan before one is accepted', async () => {
    const { homeId, duty } = await plannedHome();
    const plan = await planOf(homeId);
    expect(plan.accepted).toBeNull();
    const none = await agent.get(`/api/homes/${homeId}/accepted-plan`).expect(200);
    expect(none.body).toEqual({ plan: null });
    expect(plan.tasks[0]).toMatchObject({ key: `${duty} 1`, duty, number: 1 });
    const { plan: weeks, unplaced } = solve(plan.problem, { moves: 0, seed: 1 });
    expect(unplaced).toEqual([]);
    expect(Object.keys(weeks).sort()).toEqual(plan.problem.tasks.map(({ id }) => id).sort());
    expect(plan.household.minutes).toEqual([0, 0, 0, 0, 0, 90, 90]);
  });

  test('of two that accept a plan the later wins, and is told of the earlier; the same on every device', async () => {
    const { homeId, duty } = await plannedHome();
    const first = await save(homeId, { weeks: { [`${duty} 1`]: '2026-12-07' } }).expect(200);
    expect(first.body).toEqual({ revision: 1, replaced: null });
    const second = await save(homeId, { seed: 7, weeks: { [`${duty} 1`]: '2026-12-14' } }).expect(200);
    expect(second.body).toMatchObject({ revision: 2, replaced: { revision: 1, seed: 1 } });
    const third = await save(homeId, { saw: 2, seed: 8 }).expect(200);
    expect(third.body).toEqual({ revision: 3, replaced: null });
    const { accepted } = await planOf(homeId);
    expect(accepted).toMatchObject({ revision: 3, seed: 8, weeks: [] });
    const light = await agent.get(`/api/homes/${homeId}/accepted-plan`).expect(200);
    expect(light.body).toMatchObject({ plan: { revision: 3, seed: 8 } });
  });

  test('names the field of what is wrong with a plan', async () => {
    const { homeId } = await plannedHome();
    const wrong = await save(homeId, { seed: -1 }).expect(400);
    expect(JSON.stringify(wrong.body)).toContain('seed');
    const key = await save(homeId, { weeks: { 'no number': '2026-12-07' } }).expect(400);
    expect(JSON.stringify(key.body)).toContain('no number');
  });

  test('weeks are by number until the task is done; then they are counted anew', async () => {
    const { homeId, duty } = await plannedHome();
    const { seq } = await planOf(homeId);
    await save(homeId, { seq, weeks: { [`${duty} 1`]: '2026-12-07', [`${duty} 2`]: '2027-03-01' } }).expect(
      200,
    );
    await append(
      agent,
      homeId,
      entryOf(TODAY, { kind: 'placed', duty, number: 1, day: civil('2026-12-14') }),
    ).expect(200);
    const before = await planOf(homeId);
    expect(before.accepted?.weeks.map(({ number }) => number)).toEqual([1, 2]);
    expect(before.placings).toMatchObject([{ duty, number: 1, day: '2026-12-14' }]);
    await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty })).expect(200);
    const after = await planOf(homeId);
    expect(after.accepted?.weeks.map(({ number }: AcceptedPlan['weeks'][number]) => number)).toEqual([
      null,
      null,
    ]);
    expect(after.placings).toMatchObject([{ duty, number: null, day: '2026-12-14' }]);
    await append(agent, homeId, entryOf(TODAY, { kind: 'unplaced', duty, day: civil('2026-12-16') })).expect(
      200,
    );
    expect((await planOf(homeId)).placings).toEqual([]);
  });

  test('a placing that is deleted no longer counts', async () => {
    const { homeId, duty } = await plannedHome();
    const placed = entryOf(TODAY, { kind: 'placed', duty, number: 1, day: civil('2026-12-14') });
    await append(agent, homeId, placed).expect(200);
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: placed.id, why: 'undone' })).expect(
      200,
    );
    expect((await planOf(homeId)).placings).toEqual([]);
  });

  test('goes by the household as it was told last; nobody is there in weeks away', async () => {
    const { homeId } = await plannedHome();
    await append(agent, homeId, entryOf(TODAY, { kind: 'household', household: HOUSEHOLD })).expect(200);
    const { household, problem } = await planOf(homeId);
    expect(household).toEqual(HOUSEHOLD);
    expect(problem.budget.slice(0, 7)).toEqual([150, 150, 150, 150, 0, 0, 150]);
    const file = (await agent.get(`/api/homes/${homeId}/house-file`).expect(200)).body as {
      household: object;
    };
    expect(file.household).toEqual(HOUSEHOLD);
  });

  test('a household that cannot be is refused by its field', async () => {
    const { homeId } = await plannedHome();
    const wrong = { ...HOUSEHOLD, away: [{ from: civil('2026-12-21'), to: civil('2026-12-01') }] };
    const answer = await append(
      agent,
      homeId,
      entryOf(TODAY, { kind: 'household', household: wrong }),
    ).expect(400);
    expect(JSON.stringify(answer.body)).toContain('household.away[0].to');
  });
});
