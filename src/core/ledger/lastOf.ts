import type { CivilDate } from '../calendar/civilDate.ts';
import type { StandingEntry } from './corrections.ts';
import type { EntryBody } from './entry.ts';

type ReadingBody = Extract<EntryBody, { kind: 'reading' }>;

/** The last time a measure of a thing was read, with what was put in. */
export interface LastReading extends Pick<ReadingBody, 'asset' | 'measure' | 'given'> {
  readonly date: CivilDate;
}

/** By thing and measure, the last reading of what stands; of one day the later written. */
export function lastReadingsIn(told: readonly StandingEntry[]): LastReading[] {
  const last = new Map<string, LastReading>();
  for (const { body, date } of told) {
    if (body.kind !== 'reading') continue;
    const { asset, measure, given } = body;
    const key = `${asset} ${measure}`;
    const known = last.get(key);
    if (known && known.date > date) continue;
    last.set(key, { asset, measure, date, ...(given && { given }) });
  }
  return [...last.values()];
}

/** By task, the last day it was done. */
export function lastDoneIn(told: readonly StandingEntry[]): ReadonlyMap<string, CivilDate> {
  const last = new Map<string, CivilDate>();
  for (const { body, date } of told)
    if (body.kind === 'done' && (last.get(body.duty) ?? '') < date) last.set(body.duty, date);
  return last;
}
