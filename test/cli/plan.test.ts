import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, test } from 'vitest';
import { problemSchema } from '../../src/core/planning/problem.ts';
import { command } from '../support/command.ts';

const folder = mkdtempSync(join(tmpdir(), 'salt-plan-'));
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});

const plan = (...args: string[]) => command('plan', ...args);
const HOUSE = ['examples/southern-home.json', '--on', '2027-03-25'];
const EXAMPLE = 'examples/problems/gutters.json';

function problemFile(change: (problem: Record<string, unknown>) => Record<string, unknown>): string {
  const file = join(folder, `${String(Math.random()).slice(2)}.json`);
  const problem = JSON.parse(readFileSync(EXAMPLE, 'utf8')) as Record<string, unknown>;
  writeFileSync(file, JSON.stringify(change(problem)));
  return file;
}

describe('npm run plan', () => {
  test('of a house, to read: week by week with days, costs by parts, and the effort', async () => {
    const { code, out } = await plan(...HOUSE, '--weeks', '12', '--moves', '2000');
    expect(code).toBe(0);
    expect(out).toContain('21 Ropewalk Quay, Thursday, 25 March 2027');
    expect(out).toMatch(
      /Week from Monday, 3 May 2027: 1 h 20 min of 3 h\n {2}2027-05-08 {2}Clean the gutters/,
    );
    expect(out).toMatch(
      /Cost in minutes: \d+ \(late 0, due 0, load 0, set-ups 80, visits 0, supplies 0, moved 0\)/,
    );
    expect(out).toContain('2000 changes were tried, seed 1.');
  });

  test('as JSON: each task with its key, week and day; the same moves and seed give the same', async () => {
    const effort = ['--weeks', '12', '--moves', '2000', '--seed', '7', '--format', 'json'];
    const [first, second] = await Promise.all([plan(...HOUSE, ...effort), plan(...HOUSE, ...effort)]);
    expect(second.out).toBe(first.out);
    const { tasks, weeks, cost, unplaced } = JSON.parse(first.out) as {
      tasks: { key: string; week: number; day: string; practice: string; earliest: string }[];
      weeks: unknown[];
      cost: Record<string, number>;
      unplaced: unknown[];
    };
    expect(weeks).toHaveLength(12);
    expect(unplaced).toEqual([]);
    expect(Object.keys(cost)).toEqual(['late', 'due', 'load', 'setups', 'visits', 'supplies', 'moved']);
    const gutters = tasks.find(({ practice }) => practice === 'gutter-clean');
    expect(gutters).toMatchObject({ week: 6, day: '2027-05-08' });
  });

  test('of a problem by itself; what a home’s own writes is one', async () => {
    const { out } = await plan('--problem', EXAMPLE, '--moves', '0', '--format', 'json');
    expect(JSON.parse(out)).toMatchObject({
      plan: { gutters: 1, downspouts: 0, filter: 0, caulk: 2 },
      cost: { late: 0, due: 0.5, load: 68, setups: 80, visits: 0, moved: 0 },
      unplaced: [],
    });
    const file = join(folder, 'written.json');
    const { code } = await plan(...HOUSE, '--write-problem', file);
    expect(code).toBe(0);
    const written = problemSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
    expect(written.weeks).toBe(53);
    const again = await plan('--problem', file, '--moves', '0');
    expect(again.code).toBe(0);
    expect(again.out).toContain('Cost in minutes');
  });

  test('the clock may end it early, and that is told', async () => {
    const { code, err } = await plan('--problem', EXAMPLE, '--moves', '1000000000', '--seconds', '1');
    expect(code).toBe(0);
    expect(err).toMatch(/Stopped after 1 s: \d+ of 1000000000 changes were tried/);
  });

  test.each([
    [{ budget: [60] }, 'budget: must have one number for each week'],
    [{ before: [['downspouts', 'roof']] }, 'before[0][1]: must name one that the file has'],
    [{ weeks: 80 }, 'weeks: must be at most 53'],
    [{ years: 2 }, 'years: is not a field that belongs here'],
  ])('%o is told by its path', async (change, told) => {
    const { code, err, out } = await plan(
      '--problem',
      problemFile((problem) => ({ ...problem, ...change })),
    );
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toContain(told);
  });

  test.each([
    [[...HOUSE, '--moves', 'many'], '--moves: must be a whole number from 0 to 1000000000, not “many”'],
    [['examples/southern-home.json', '--on', '2027-02-30'], '--on: must be a real day'],
    [['--problem', EXAMPLE, '--weeks', '3'], '--weeks: belongs to a house, not to --problem'],
    [[], 'usage: npm run plan'],
  ])('wrong words are told: %j', async (args, told) => {
    const { code, err } = await plan(...args);
    expect(code).toBe(2);
    expect(err).toContain(told);
  });
});
