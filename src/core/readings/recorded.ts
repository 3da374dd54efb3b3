import type { AssetKind } from '../basics/assetKind.ts';
import { READINGS } from './all.ts';
import type { Reading, Recorded } from './reading.ts';

const leaves = ({ recorded }: Reading): number => Object.keys(recorded?.measures ?? {}).length;

/**
 * The entries that readings write, by reading; one that is not here is worked out and never recorded. Those that measure something come
 * before those that are only seen: a form begins with the first.
 */
export const RECORDED: Readonly<Record<string, Recorded>> = Object.fromEntries(
  [...READINGS]
    .sort((a, b) => Math.min(leaves(b), 1) - Math.min(leaves(a), 1))
    .flatMap(({ code, recorded }) => (recorded ? [[code, recorded]] : [])),
);

/** The readings of a kind of thing that leave something in the ledger. */
export const readingsOfKind = (kind: AssetKind): readonly string[] =>
  Object.entries(RECORDED).flatMap(([code, { of }]) => (of.includes(kind) ? [code] : []));

/** The readings that can tell a measure of a kind of thing, the fullest first. */
export const readingsOfMeasure = (measure: string, kind: AssetKind): readonly string[] =>
  readingsOfKind(kind).filter((code) => measure in (RECORDED[code]?.measures ?? {}));

/** The readings a step asks for: those that tell a measure, or else one that is named itself. */
export function readingsAsked(asked: string, kind: AssetKind): readonly string[] {
  const telling = readingsOfMeasure(asked, kind);
  if (telling.length > 0) return telling;
  return RECORDED[asked]?.of.includes(kind) ? [asked] : [];
}

/** Against which reading's band a measure is shown over time. */
export const chartReading = (measure: string): string | null =>
  Object.entries(RECORDED).find(([, { chart }]) => chart?.measure === measure)?.[0] ?? null;
