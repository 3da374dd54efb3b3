import { seededRandom } from '../../src/core/basics/random.ts';
import { problemSchema, type Problem } from '../../src/core/planning/problem.ts';

const WEEKS = 53;
const SETUPS = [
  { id: 'ladder', minutes: 20 },
  { id: 'water-off', minutes: 15 },
  { id: 'power-off', minutes: 10 },
  { id: 'gas-off', minutes: 10 },
  { id: 'wet-vacuum', minutes: 15 },
  { id: 'crawl-space', minutes: 25 },
  { id: 'attic', minutes: 10 },
];
const VISITS = ['heating', 'chimney', 'septic', 'plumber'].map((id) => ({ id, cost: 120 }));
const LATE = [600, 120, 120, 60, 60, 30, 30, 10];

/** A home's year as a planning problem, drawn from a seed: windows, set-ups, visits, orders and closed weeks in the shares real homes have. */
export function randomProblem(count: number, seed: number): Problem {
  const random = seededRandom(seed);
  const upTo = (most: number): number => Math.floor(random() * (most + 1));
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const tasks = Array.from({ length: count }, (_, index) => {
    const first = upTo(WEEKS - 4);
    const span = 1 + upTo(7);
    const due = first + upTo(span - 1);
    const latest = due + upTo(span);
    const setups = random() < 0.45 ? [pick(SETUPS).id] : [];
    if (setups.length > 0 && random() < 0.15) setups.push(pick(SETUPS).id);
    const seen = random() < 0.3 ? Math.min(WEEKS - 1, first + upTo(span + 3)) : undefined;
    return {
      id: `task-${index}`,
      weeks: [first, Math.min(WEEKS - 1, latest + 4)],
      latest,
      due,
      minutes: 5 * (1 + upTo(random() < 0.2 ? 35 : 9)),
      late: pick(LATE),
      setups: [...new Set(setups)],
      ...(random() < 0.15 && { visit: pick(VISITS).id }),
      ...(seen !== undefined && { seen }),
    };
  });
  const before = Array.from({ length: Math.floor(count / 8) }, () => {
    const first = upTo(count - 2);
    return [`task-${first}`, `task-${first + 1 + upTo(count - first - 2)}`, upTo(1)];
  });
  const blocked = [
    ...Array.from({ length: 2 }, () => ({ weeks: twoWeeks(upTo(WEEKS - 3)) })),
    ...Array.from({ length: Math.floor(count / 10) }, () => ({
      weeks: twoWeeks(upTo(WEEKS - 3)),
      task: `task-${upTo(count - 1)}`,
    })),
  ];
  const hours = count * 0.5;
  const budget = Array.from({ length: WEEKS }, () => Math.round((hours * 60) / WEEKS + upTo(60)));
  return problemSchema.parse({
    weeks: WEEKS,
    budget,
    setups: SETUPS,
    visits: VISITS,
    tasks,
    before,
    blocked,
  });
}

const twoWeeks = (first: number): [number, number] => [first, first + 1];
