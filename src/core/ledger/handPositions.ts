import type { CivilDate } from '../calendar/civilDate.ts';
import { standingAsOf } from './asOf.ts';
import type { StandingEntry } from './corrections.ts';
import type { Entry } from './entry.ts';

/** A mark worth keeping: where a damper or a control stands, for which season, and since when. */
export interface HandPosition {
  readonly asset: string;
  readonly fact: string;
  readonly value: string;
  readonly since: CivilDate;
}

const isHandPosition = (fact: string): boolean => fact === 'marks' || fact.startsWith('marks-');

/** The marks as last told, by thing and season. */
export const handPositions = (entries: readonly Entry[], on: CivilDate): HandPosition[] =>
  handPositionsIn(standingAsOf(entries, on));

/** The same of what stands, in order. */
export function handPositionsIn(standing: readonly StandingEntry[]): HandPosition[] {
  const marks = new Map<string, HandPosition>();
  for (const { date, body } of standing) {
    if (body.kind !== 'fact' || !isHandPosition(body.fact)) continue;
    const key = `${body.asset} ${body.fact}`;
    if (typeof body.value === 'string')
      marks.set(key, { asset: body.asset, fact: body.fact, value: body.value, since: date });
    else marks.delete(key);
  }
  return [...marks.values()];
}
