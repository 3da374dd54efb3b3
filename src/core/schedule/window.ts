import { assertNever } from '../basics/result.ts';
import type { CivilDate, DayNumber } from '../calendar/civilDate.ts';
import { roundHalfUp } from '../calendar/rounding.ts';
import type { MarginSource, Reason } from './reason.ts';
import type { Timing } from '../practice/timing.ts';

/** The span in which an occurrence may be done, all three days included. */
export interface Window {
  readonly earliest: CivilDate;
  readonly due: CivilDate;
  readonly latest: CivilDate;
}

/** A window in whole days. */
export interface Days {
  readonly earliest: DayNumber;
  readonly due: DayNumber;
  readonly latest: DayNumber;
}

/** ahead: before earliest; open: to the due day; late: to the latest day; lapsed: past it. */
export type Standing = 'ahead' | 'open' | 'late' | 'lapsed';

/** The standing of a window on a day. Civil dates of four-digit years compare as text. */
export function standingOn(window: Window, today: CivilDate): Standing {
  if (today < window.earliest) return 'ahead';
  if (today <= window.due) return 'open';
  return today <= window.latest ? 'late' : 'lapsed';
}

/** The window settings of a practice; unset parts follow the general rule. */
type WindowTerms = Pick<Timing, 'lifeSafety' | 'earlyDays' | 'graceDays'>;

/** The basis of the margins' length: the interval in days, or the gaps to the neighbouring listed dates. */
export type MarginBasis =
  | { readonly kind: 'interval'; readonly days: number }
  | { readonly kind: 'calendar'; readonly gapBefore: number | null; readonly gapAfter: number | null };

export interface Margins {
  readonly early: number;
  readonly earlyBy: MarginSource;
  readonly grace: number;
  readonly graceBy: MarginSource;
}

/** The step that gives a date its window. */
export const windowReason = (
  basisDays: number | null,
  { early, earlyBy, grace, graceBy }: Margins,
  { earliest, latest }: Pick<Window, 'earliest' | 'latest'>,
): Reason => ({ kind: 'window', basisDays, early, earlyBy, grace, graceBy, earliest, latest });

const SHARE = 0.15;
const MOST_DAYS = 30;
const CALENDAR_DAYS = 21;
export const LIFE_SAFETY_GRACE_DAYS = 7;

/**
 * Days before and after the due date. Usual: 15 % of the interval, halves up, at most 30; 21 for calendar rules, which
 * never reach past half the gap to the neighbouring date, rounded down, less a day. Life safety: at most 7 of grace.
 */
export function marginsOf(basis: MarginBasis, terms: WindowTerms): Margins {
  const [early, earlyBy] = oneMargin(basis, terms.earlyDays, 'gapBefore');
  const [grace, graceBy] = oneMargin(basis, terms.graceDays, 'gapAfter');
  return atMostLifeSafety({ early, earlyBy, grace, graceBy }, terms);
}

/** For what answers a finding or an event: from the trigger's day to 15 % of the response days past the due day. */
export function responseMargins(early: number, respondDays: number, terms: WindowTerms): Margins {
  const [grace, graceBy] = oneMargin({ kind: 'interval', days: respondDays }, terms.graceDays, 'gapAfter');
  return atMostLifeSafety({ early, earlyBy: 'trigger', grace, graceBy }, terms);
}

/**
 * For a listed date that is owed from a later day on: nothing before that day; of one caught up the grace it has anyway, of one opened
 * again what is stated, else 21 days.
 */
export function owedMargins(how: 'caughtUp' | 'openedAgain', listed: Margins, terms: WindowTerms): Margins {
  const none = { early: 0, earlyBy: 'owed' } as const;
  if (how === 'caughtUp') return { ...listed, ...none };
  const { graceDays } = terms;
  const grace = graceDays ?? CALENDAR_DAYS;
  return atMostLifeSafety(
    { ...none, grace, graceBy: graceDays === undefined ? 'calendar' : 'stated' },
    terms,
  );
}

export function atMostLifeSafety(margins: Margins, terms: Pick<WindowTerms, 'lifeSafety'>): Margins {
  if (!terms.lifeSafety || margins.grace <= LIFE_SAFETY_GRACE_DAYS) return margins;
  return { ...margins, grace: LIFE_SAFETY_GRACE_DAYS, graceBy: 'lifeSafety' };
}

function oneMargin(
  basis: MarginBasis,
  stated: number | undefined,
  gap: 'gapBefore' | 'gapAfter',
): [number, MarginSource] {
  switch (basis.kind) {
    case 'interval':
      if (stated !== undefined) return [stated, 'stated'];
      return [Math.min(MOST_DAYS, roundHalfUp(basis.days * SHARE)), 'share'];
    case 'calendar': {
      const [wanted, by]: [number, MarginSource] =
        stated === undefined ? [CALENDAR_DAYS, 'calendar'] : [stated, 'stated'];
      const room = basis[gap];
      if (room === null) return [wanted, by];
      const most = Math.max(0, Math.floor(room / 2) - 1);
      return wanted > most ? [most, 'neighbour'] : [wanted, by];
    }
  }
  return assertNever(basis);
}
