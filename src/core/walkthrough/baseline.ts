import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { Occurrence } from '../schedule/occurrence.ts';
import type { PracticeSystem } from '../practice/lists.ts';

/** Weeks that what was never done is spread over. */
export const BASELINE_WEEKS = 6;

/** One no-record duty of a newly adopted home. */
export interface BaselineItem {
  readonly dutyId: string;
  readonly practice: string;
  /** Practices that share every date with it. */
  readonly bound: readonly string[];
  readonly system: PracticeSystem;
  readonly lifeSafety: boolean;
  /** Frost harms what is left undone. */
  readonly frost: boolean;
  /** The last week (1 to 6) that begins while it can still be done; what is caught up from an earlier season has one. */
  readonly lastWeek: number;
  readonly minutes: number;
}

/** The worst to leave undone comes first, by system: what burns and what bursts before what merely looks worn. */
const FIRST: readonly PracticeSystem[] = [
  'alarms',
  'fires',
  'heating',
  'water',
  'sewage',
  'cooling',
  'appliances',
  'air',
  'humidity',
  'roof',
  'evaporative-cooler',
  'ground',
  'manufactured',
  'openings',
  'household',
  'garden',
];

/**
 * In which week (1 to 6) each no-record duty is first to be done: what lives depend on and what frost can harm in the first, the rest
 * filled up week by week to about equal minutes, what has a last week first, then the worst; like work and what shares its dates in the same.
 */
export function spreadBaseline(items: readonly BaselineItem[]): ReadonlyMap<string, number> {
  const weeks = new Map<string, number>();
  const clusters = clustersOf(items);
  const urgent = clusters.filter((cluster) => cluster.some(({ lifeSafety, frost }) => lifeSafety || frost));
  const rest = clusters
    .filter((cluster) => !urgent.includes(cluster))
    .sort((a, b) => lastOf(a) - lastOf(b) || rankOf(a) - rankOf(b));
  const put = (cluster: readonly BaselineItem[], week: number): void => {
    const last = Math.min(week, ...cluster.map(({ lastWeek }) => lastWeek));
    for (const { dutyId } of cluster) weeks.set(dutyId, last);
  };
  for (const cluster of urgent) put(cluster, 1);
  // Where these alone fill the first week, the rest shares the five after it.
  const [before, after] = [minutesOf(urgent.flat()), minutesOf(rest.flat())];
  const isFull = before >= (before + after) / BASELINE_WEEKS;
  const share = isFull ? after / (BASELINE_WEEKS - 1) : (before + after) / BASELINE_WEEKS;
  let spent = isFull ? share : before;
  for (const cluster of rest) {
    // A week is full once its share and all before it are used up; the middle of a job says which week it belongs to.
    const middle = spent + minutesOf(cluster) / 2;
    put(cluster, Math.min(BASELINE_WEEKS, Math.max(1, Math.floor(middle / share) + 1)));
    spent += minutesOf(cluster);
  }
  return weeks;
}

/** The first day of a week of the spread: the first week begins on the day of adoption. */
export const dayOfWeek = (adopted: CivilDate, week: number): CivilDate =>
  toCivilDate(toDay(adopted) + (week - 1) * 7);

/** The last week that begins while an occurrence can be done: what is caught up makes no sense later, the rest can wait. */
export function lastWeekOf({ reasons, window }: Occurrence, adopted: CivilDate): number {
  if (!reasons.some(({ kind }) => kind === 'caughtUp')) return BASELINE_WEEKS;
  return Math.min(BASELINE_WEEKS, Math.floor((toDay(window.latest) - toDay(adopted)) / 7) + 1);
}

const minutesOf = (items: readonly BaselineItem[]): number =>
  items.reduce((sum, { minutes }) => sum + minutes, 0);

const lastOf = (cluster: readonly BaselineItem[]): number =>
  Math.min(...cluster.map(({ lastWeek }) => lastWeek));

const rankOf = (cluster: readonly BaselineItem[]): number =>
  Math.min(...cluster.map(({ system }) => FIRST.indexOf(system)));

/** Like work, and work bound to it, together. */
function clustersOf(items: readonly BaselineItem[]): BaselineItem[][] {
  const clusters: BaselineItem[][] = [];
  for (const item of items) {
    const joined = clusters.filter((cluster) => cluster.some((other) => belongs(item, other)));
    const merged = [...joined.flat(), item];
    for (const cluster of joined) clusters.splice(clusters.indexOf(cluster), 1);
    clusters.push(merged);
  }
  return clusters;
}

const belongs = (a: BaselineItem, b: BaselineItem): boolean =>
  a.practice === b.practice || a.bound.includes(b.practice) || b.bound.includes(a.practice);
