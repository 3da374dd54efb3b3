import { nearly } from '../units/units.ts';
import type { Verdict } from '../basics/verdict.ts';

/** The meaning of a stretch of a scale; `days`: within how many days to act. */
export interface Grade {
  readonly verdict: Verdict;
  readonly days?: number;
}

/** An edge between two stretches: it belongs to the `lower` or the `upper` one. */
export interface Cut {
  readonly at: number;
  readonly edge: 'lower' | 'upper';
  readonly then: Grade;
}

/** Every value from minus to plus infinity has one grade: written as edges, a scale can have no gap and no overlap. */
export interface Scale {
  readonly from: Grade;
  readonly cuts: readonly Cut[];
}

export const sound: Grade = { verdict: 'sound' };
export const watch: Grade = { verdict: 'watch' };
export const act = (days: number): Grade => ({ verdict: 'act', days });
export const stop: Grade = { verdict: 'stop' };

/** From `at` on, itself included: `[at`. */
export const from = (at: number, then: Grade): Cut => ({ at, edge: 'upper', then });
/** Above `at`, itself excluded: `(at`. */
export const above = (at: number, then: Grade): Cut => ({ at, edge: 'lower', then });

/** A scale from its lowest grade and its edges in rising order. Throws where they do not rise: that is a mistake in a reading's file. */
export function scale(lowest: Grade, ...cuts: readonly Cut[]): Scale {
  if (!rises(cuts)) throw new Error('the edges of a scale must rise');
  return { from: lowest, cuts };
}

const rises = (cuts: readonly Cut[]): boolean =>
  cuts.every(({ at }, place) => Number.isFinite(at) && (place === 0 || at > (cuts[place - 1]?.at ?? at)));

/** The grade of a value, and the edges it lies between. */
export function gradeAt({ from: lowest, cuts }: Scale, value: number): Grade & Between {
  const near = nearly(value);
  const passed = cuts.filter(({ at, edge }) => (edge === 'upper' ? near >= nearly(at) : near > nearly(at)));
  const last = passed.at(-1);
  return {
    ...(last?.then ?? lowest),
    over: last?.at ?? null,
    under: cuts[passed.length]?.at ?? null,
  };
}

interface Between {
  readonly over: number | null;
  readonly under: number | null;
}

/** Edges as a home has set them, in place of the usual ones; null where they are not as many or do not rise. */
export function withEdges(usual: Scale, edges: readonly number[]): Scale | null {
  if (edges.length !== usual.cuts.length) return null;
  const cuts = usual.cuts.map((cut, place) => ({ ...cut, at: edges[place] ?? cut.at }));
  return rises(cuts) ? { from: usual.from, cuts } : null;
}

/** The stretches of a scale, lowest first; ends are null where there is none. */
export function stretches({ from: lowest, cuts }: Scale): readonly (Grade & Between)[] {
  return [{ ...lowest }, ...cuts.map(({ then }) => then)].map((grade, place) => ({
    ...grade,
    over: cuts[place - 1]?.at ?? null,
    under: cuts[place]?.at ?? null,
  }));
}
