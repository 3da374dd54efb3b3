import type { CivilDate } from '../calendar/civilDate.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import type { Entry } from '../ledger/entry.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Reading, Settled } from './reading.ts';
import { withEdges } from './scale.ts';

/** A home's settings for a reading are stored as traits, so that the record knows which school applied when. */
export const schoolTrait = (reading: string): string => `school.${reading}`;
export const edgesTrait = (reading: string, band: string): string => `edges.${reading}.${band}`;

/** Edges as a trait holds them: numbers in the band's unit, a space between. */
export const edgesText = (edges: readonly number[]): string => edges.join(' ');

/** A home's settings for a reading; anything that no longer fits is left as it usually is. */
export function settledBy(reading: Reading, traits: Readonly<Record<string, FactValue>>): Settled {
  const school = traits[schoolTrait(reading.code)];
  const edges = Object.entries(reading.bands).flatMap(([band, usual]) => {
    const text = traits[edgesTrait(reading.code, band)];
    const own = typeof text === 'string' ? text.split(' ').map(Number) : [];
    return own.length > 0 && withEdges(usual, own) ? [[band, own] as const] : [];
  });
  return {
    ...(typeof school === 'string' && reading.schools.includes(school) && { school }),
    ...(edges.length > 0 && { edges: Object.fromEntries(edges) }),
  };
}

/** Every time a home settled something about its readings, in the order of the days. */
export function settledHistory(
  entries: readonly Entry[],
  on: CivilDate,
): { date: CivilDate; trait: string; value: FactValue }[] {
  return standingAsOf(entries, on).flatMap(({ date, body }) =>
    body.kind === 'trait' && /^(school|edges)\./.test(body.trait)
      ? [{ date, trait: body.trait, value: body.value }]
      : [],
  );
}

/** A home's settings for a reading on a day, from that history. */
export const settledThen = (
  reading: Reading,
  history: readonly { readonly date: CivilDate; readonly trait: string; readonly value: FactValue }[],
  on: CivilDate,
): Settled =>
  settledBy(
    reading,
    Object.fromEntries(history.filter(({ date }) => date <= on).map(({ trait, value }) => [trait, value])),
  );
