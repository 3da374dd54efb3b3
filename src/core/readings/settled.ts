import type { FactValue } from '../house/factValue.ts';
import type { Reading, Settled } from './reading.ts';
import { withEdges } from './scale.ts';

/** What a home settles about a reading is told as traits, so that the record knows which school applied when. */
export const schoolTrait = (reading: string): string => `school.${reading}`;
export const edgesTrait = (reading: string, band: string): string => `edges.${reading}.${band}`;

/** Edges as a trait holds them: numbers in the band's unit, a space between. */
export const edgesText = (edges: readonly number[]): string => edges.join(' ');

/** What a home has settled of a reading; anything that no longer fits is left as it usually is. */
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
