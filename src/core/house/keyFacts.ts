import type { FactValue } from '../basics/factValue.ts';

/** The facts that people ask of a thing most, in that order: its size, what goes into it, how old it may become, where it is shut. */
const ASKED = [
  'size',
  'filter',
  'thickness',
  'grade',
  'ends',
  'cell',
  'cells',
  'made',
  'power',
  'litres',
  'tons',
  'fuel',
  'line-ends',
  'shutoff-place',
  'model',
  'last-serviced',
  'last-pumped',
] as const;
const MOST = 4;

/** The codes of the facts shown first of a thing: those known of the ones asked most, four at most. */
export const keyFacts = (facts: Readonly<Record<string, FactValue>>): string[] =>
  ASKED.filter((code) => facts[code] !== undefined && facts[code] !== null).slice(0, MOST);
