import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { Occurrence } from '../schedule/occurrence.ts';
import type { Consequence } from '../practice/planning.ts';
import type { PracticeSystem } from '../practice/lists.ts';

/** Weeks that what was never done is spread over. */
export const BASELINE_WEEKS = 6;

/** Tasks a week, as lines: more is no week one can face. */
export const LINES_A_WEEK = 7;

/** One no-record duty of a newly adopted home. */
export interface BaselineItem {
  readonly dutyId: string;
  readonly practice: string;
  /** Practices that share every date with it. */
  readonly bound: readonly string[];
  readonly system: PracticeSystem;
  readonly consequence: Consequence;
  readonly lifeSafety: boolean;
  /** Frost harms what is left undone. */
  readonly frost: boolean;
  /** The first week (1 to 6) it can be done in: a trade must be booked. */
  readonly firstWeek: number;
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
 * In which week (1 to 6) each no-record duty is first to be done, at most so many lines a week: what frost can harm and what lives depend on as
 * early as there is room, the rest filled up week by week to about equal minutes, what has a last week first, then the worst; like work and
 * what shares its dates in the same. `budget`: the minutes a household gives to a week, kept where another week has room.
 */
export function spreadBaseline(
  items: readonly BaselineItem[],
  budget = Infinity,
): ReadonlyMap<string, number> {
  const clusters = clustersOf(items);
  const isUrgent = (cluster: Cluster): boolean => cluster.some(urgent);
  const first = clusters
    .filter(isUrgent)
    .sort((a, b) => urgencyOf(a) - urgencyOf(b) || rankOf(a) - rankOf(b));
  const rest = clusters
    .filter((cluster) => !isUrgent(cluster))
    .sort((a, b) => lastOf(a) - lastOf(b) || rankOf(a) - rankOf(b));
  const weeks = new Weeks(budget);
  for (const cluster of first) weeks.put(cluster, 1);
  // A week is full once its share and all before it are used up; the middle of a job says which week it belongs to.
  const share = Math.max(1, minutesOf(items) / BASELINE_WEEKS);
  let spent = minutesOf(first.flat());
  for (const cluster of rest) {
    const middle = spent + minutesOf(cluster) / 2;
    weeks.put(cluster, Math.min(BASELINE_WEEKS, Math.max(1, Math.floor(middle / share) + 1)));
    spent += minutesOf(cluster);
  }
  return weeks.of;
}

type Cluster = readonly BaselineItem[];

/** The six weeks with their lines. */
class Weeks {
  readonly of = new Map<string, number>();
  private readonly lines: number[] = Array.from({ length: BASELINE_WEEKS }, () => 0);
  private readonly minutes: number[] = Array.from({ length: BASELINE_WEEKS }, () => 0);

  constructor(private readonly budget: number) {}

  /** Into a week, or the next that has room and that it can be done in; never after its last; the emptiest where all are full. */
  put(cluster: Cluster, wished: number): void {
    const from = Math.max(wished, ...cluster.map(({ firstWeek }) => firstWeek));
    const last = Math.max(1, lastOf(cluster));
    const lines = new Set(cluster.map(({ practice }) => practice)).size;
    const minutes = minutesOf(cluster);
    const hasRoom = (week: number): boolean => this.linesOf(week) + lines <= LINES_A_WEEK;
    const fits = (week: number): boolean =>
      hasRoom(week) && (this.minutesIn(week) === 0 || this.minutesIn(week) + minutes <= this.budget);
    const open = Array.from({ length: last }, (_, index) => index + 1);
    const later = open.filter((week) => week >= from);
    const week = later.find(fits) ?? later.find(hasRoom) ?? open.findLast(hasRoom) ?? this.emptiest(open);
    this.lines[week - 1] = this.linesOf(week) + lines;
    this.minutes[week - 1] = this.minutesIn(week) + minutes;
    for (const { dutyId } of cluster) this.of.set(dutyId, week);
  }

  /** Of weeks that are all full the first is spared, where another is to be had. */
  private emptiest(open: readonly number[]): number {
    const spared = open.length > 1 ? open.slice(1) : open;
    return spared.reduce(
      (best, week) => (this.linesOf(week) < this.linesOf(best) ? week : best),
      spared[0] ?? 1,
    );
  }

  private minutesIn(week: number): number {
    return this.minutes[week - 1] ?? 0;
  }

  private linesOf(week: number): number {
    return this.lines[week - 1] ?? 0;
  }
}

/** Frost does not wait, and lives hang on some. */
const urgent = ({ frost, consequence }: BaselineItem): boolean => frost || consequence === 'life-safety';

/** Frost comes first, then what has but this week left, then what lives hang on by itself. */
function urgencyOf(cluster: Cluster): number {
  if (cluster.some(({ frost }) => frost)) return 0;
  if (lastOf(cluster) === 1) return 1;
  return cluster.some(({ lifeSafety }) => lifeSafety) ? 2 : 3;
}

/** The first day of a week of the spread: the first week begins on the day of adoption. */
export const dayOfWeek = (adopted: CivilDate, week: number): CivilDate =>
  toCivilDate(toDay(adopted) + (week - 1) * 7);

/** The last week that begins while an occurrence can be done: what is caught up, or has a date of its own, makes no sense later; the rest can wait. */
export function lastWeekOf({ baseline, reasons, window }: Occurrence, adopted: CivilDate): number {
  if (baseline && !reasons.some(({ kind }) => kind === 'caughtUp')) return BASELINE_WEEKS;
  // Work past its last day already is late whenever it is done.
  if (window.latest < adopted) return BASELINE_WEEKS;
  const week = Math.floor((toDay(window.latest) - toDay(adopted)) / 7) + 1;
  return Math.min(BASELINE_WEEKS, Math.max(1, week));
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
