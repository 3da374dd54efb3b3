import { civilFromDays, daysFromCivil, type DayNumber } from '../calendar/civilDate.ts';
import type { Hemisphere } from '../calendar/clockChange.ts';
import { FREEZE_RISKS, type FreezeRisk } from './anchor.ts';
import { monthDayAt } from './yearCurve.ts';

/** A night at or below this freezes, °C. */
export const FREEZING = 0;
/** A winter counts when at least this share of its days has a low. */
const LEAST_COVERAGE = 0.8;

export type RiskDates = Record<FreezeRisk, string | null>;

export interface FreezeDates {
  readonly winters: number;
  readonly first: RiskDates;
  readonly last: RiskDates;
}

/** The day winters are split at: 1 August north of the equator, 1 February south of it. */
export function winterStart(day: DayNumber, hemisphere: Hemisphere): DayNumber {
  const month = hemisphere === 'north' ? 8 : 2;
  const { year } = civilFromDays(day);
  const thisYear = daysFromCivil(year, month, 1);
  return day >= thisYear ? thisYear : daysFromCivil(year - 1, month, 1);
}

/**
 * Freeze dates at 10, 50 and 90 % risk from daily lows (°C). For each winter the first and last freezing day are
 * taken; the first freeze at 10 % is the day by which it has come in one winter of ten, the last freeze at 10 % the
 * day after which it still came in one of ten (nearest rank). A winter without frost counts as one whose first freeze
 * never comes. Winters with too few days are left out.
 */
export function freezeDates(lows: ReadonlyMap<DayNumber, number>, hemisphere: Hemisphere): FreezeDates {
  const winters = new Map<DayNumber, { days: number; first: number | null; last: number | null }>();
  for (const [day, low] of [...lows].sort(([a], [b]) => a - b)) {
    const start = winterStart(day, hemisphere);
    const winter = winters.get(start) ?? { days: 0, first: null, last: null };
    winter.days += 1;
    if (low <= FREEZING) {
      winter.first ??= day - start;
      winter.last = day - start;
    }
    winters.set(start, winter);
  }
  const full = [...winters.values()].filter(({ days }) => days >= 365 * LEAST_COVERAGE);
  const origin = hemisphere === 'north' ? AUGUST_FIRST : FEBRUARY_FIRST;
  const firsts = full.map(({ first }) => first ?? Infinity).sort((a, b) => a - b);
  const lasts = full.map(({ last }) => last ?? -Infinity).sort((a, b) => b - a);
  return { winters: full.length, first: atRisks(firsts, origin), last: atRisks(lasts, origin) };
}

const AUGUST_FIRST = 212;
const FEBRUARY_FIRST = 31;

function atRisks(ranked: readonly number[], origin: number): RiskDates {
  const at = (risk: FreezeRisk): string | null => {
    const rank = Math.max(1, Math.ceil((risk / 100) * ranked.length));
    const offset = ranked[rank - 1];
    return offset === undefined || !Number.isFinite(offset) ? null : monthDayAt(origin + offset);
  };
  const [ten, fifty, ninety] = FREEZE_RISKS.map(at);
  return { 10: ten ?? null, 50: fifty ?? null, 90: ninety ?? null };
}
