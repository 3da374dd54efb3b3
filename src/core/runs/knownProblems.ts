import type { AssetKind } from '../basics/assetKind.ts';
import type { Practice } from '../practice/practice.ts';

/** A problem that has a name, and the work that puts it right. */
export interface KnownProblem {
  /** The event it is known by. */
  readonly trigger: string;
  readonly repairs: readonly string[];
}

/** As many repairs as a finding may name. */
const MOST_REPAIRS = 5;

/** The problems a kind of thing is known for, each with its repairs, in the order of the catalogue. */
export function knownProblems(kind: AssetKind, practices: readonly Practice[]): KnownProblem[] {
  const repairs = new Map<string, string[]>();
  for (const { code, kind: sort, appliesTo, triggers } of practices) {
    if (sort !== 'response' || !appliesTo.includes(kind)) continue;
    for (const trigger of triggers) repairs.set(trigger, [...(repairs.get(trigger) ?? []), code]);
  }
  return [...repairs].map(([trigger, codes]) => ({ trigger, repairs: codes.slice(0, MOST_REPAIRS) }));
}
