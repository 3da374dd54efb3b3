import { civilFromDays, type DayNumber } from '../calendar/civilDate.ts';
import { anchorSchema, monthDayIn, type Anchor } from '../climate/anchor.ts';
import type { HomeSeasons } from '../climate/homeSeasons.ts';
import type { Lead, Need } from '../practice/timing.ts';
import type { Stock } from '../ledger/stock.ts';

/** Days an order is placed before it must come, beyond its delivery. */
const ORDER_MARGIN = 2;

/** The lead of a trade where its practice says none. */
export const USUAL_LEAD: Lead = { days: 14 };

/** The day a trade must be booked by: the due day less its lead, the busy one where the due day lies in its busy season. */
export function bookBy(due: DayNumber, lead: Lead, seasons: HomeSeasons): DayNumber {
  const { busy } = lead;
  return due - (busy && inSeason(due, busy.from, busy.to, seasons) ? busy.days : lead.days);
}

function inSeason(day: DayNumber, from: string, to: string, seasons: HomeSeasons): boolean {
  const { year } = civilFromDays(day);
  return [year - 1, year].some((startYear) => {
    const start = turnIn(from, startYear, seasons);
    let end = turnIn(to, startYear, seasons);
    if (start === null || end === null) return false;
    if (end < start) end = turnIn(to, startYear + 1, seasons) ?? end;
    return day >= start && day <= end;
  });
}

const isAnchor = (turn: string): turn is Anchor => anchorSchema.safeParse(turn).success;

const turnIn = (turn: string, year: number, seasons: HomeSeasons): DayNumber | null =>
  isAnchor(turn) ? seasons.dayIn(turn, 10, year) : monthDayIn(year, turn);

/** A duty that is due and what it will use. */
export interface Demand {
  readonly due: DayNumber;
  readonly needs: readonly Need[];
}

/** Of each demand the needs that the stock will not cover after everything due before. */
export function notCovered(demands: readonly Demand[], stock: Stock): Need[][] {
  const left = new Map(stock);
  const missing = demands.map((): Need[] => []);
  const inOrder = demands
    .map((demand, index) => ({ demand, index }))
    .sort((a, b) => a.demand.due - b.demand.due);
  for (const { demand, index } of inOrder)
    for (const need of demand.needs) {
      const rest = (left.get(need.supply) ?? 0) - need.quantity;
      left.set(need.supply, rest);
      if (rest < 0) missing[index]?.push(need);
    }
  return missing;
}

/**
 * The day by which what a duty needs must be ordered, for each duty: its due day less delivery and two days, where the stock
 * will not cover it after everything due before. Null where it will. Of several supplies the earliest day counts.
 */
export const orderDays = (demands: readonly Demand[], stock: Stock): (DayNumber | null)[] =>
  notCovered(demands, stock).map((missing, index) => {
    const due = demands[index]?.due ?? 0;
    const delivery = Math.max(...missing.map(({ deliveryDays }) => deliveryDays));
    return missing.length === 0 ? null : due - delivery - ORDER_MARGIN;
  });
