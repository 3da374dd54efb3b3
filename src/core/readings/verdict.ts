import type { Scale } from './scale.ts';
import { worst, type Verdict } from '../basics/verdict.ts';
import type { RoundCode } from '../basics/roundCode.ts';

/** Who may be called. */
export const TRADES = [
  'cooling',
  'heating',
  'plumbing',
  'electrical',
  'sewage',
  'structure',
  'chimney',
  'builder',
  'doctor',
] as const;
export type Trade = (typeof TRADES)[number];

/**
 * A consequence of a verdict. `do`: a thing to do now, by its code in the locales; `duty`: work made due, by its practice, which answers what was
 * found or only eases it.
 */
export type Follow =
  | { readonly kind: 'do'; readonly what: string }
  | { readonly kind: 'duty'; readonly practice: string; readonly days: number; readonly answers: boolean }
  | { readonly kind: 'retest'; readonly days: number }
  | { readonly kind: 'trade'; readonly trade: Trade }
  | { readonly kind: 'run'; readonly round: RoundCode }
  | { readonly kind: 'emergency' };

/** A number a verdict was reached from, or a sum comes to. `unit`: of units.ts, `money`, or empty. */
export interface Figure {
  readonly code: string;
  readonly value: number;
  readonly unit: string;
}

/** Why: a code of the locales with the numbers its sentence names. */
export interface Because {
  readonly code: string;
  readonly figure?: Figure;
  /** The stretch of the scale it lies in. */
  readonly over?: number | null;
  readonly under?: number | null;
}

/** One thing judged; some readings judge several at once. `days`: within which to act. */
export interface Part {
  readonly verdict: Verdict;
  readonly days?: number;
  readonly because: Because;
  /** The scale that its figure was judged by, where it was. */
  readonly scale?: Scale;
}

/** The judgement of a reading. Without its preconditions it gives no verdict and says which is missing. */
export type Outcome =
  | {
      readonly kind: 'judged';
      readonly verdict: Verdict;
      /** Within how many days to act: the soonest of the parts as bad as the whole. */
      readonly days: number | null;
      readonly school: string | null;
      readonly parts: readonly Part[];
      readonly figures: readonly Figure[];
      readonly follows: readonly Follow[];
    }
  | { readonly kind: 'unmet'; readonly missing: readonly string[]; readonly figures: readonly Figure[] }
  | { readonly kind: 'worked'; readonly figures: readonly Figure[]; readonly follows: readonly Follow[] };

/** Additions to the parts of a judgement. */
export interface Beside {
  readonly school?: string;
  readonly figures?: readonly Figure[];
  readonly follows?: readonly Follow[];
}

/** The judgement of some parts together: the worst verdict, the soonest of its days. */
export function judged(parts: readonly Part[], beside: Beside = {}): Outcome {
  const verdict = worst(parts.map((part) => part.verdict));
  const days = parts.flatMap((part) =>
    part.verdict === verdict && part.days !== undefined ? [part.days] : [],
  );
  return {
    kind: 'judged',
    verdict,
    days: days.length > 0 ? Math.min(...days) : null,
    school: beside.school ?? null,
    parts,
    figures: beside.figures ?? [],
    follows: beside.follows ?? [],
  };
}

export const unmet = (missing: readonly string[], figures: readonly Figure[] = []): Outcome => ({
  kind: 'unmet',
  missing,
  figures,
});

export const worked = (figures: readonly Figure[], follows: readonly Follow[] = []): Outcome => ({
  kind: 'worked',
  figures,
  follows,
});

export const figure = (code: string, value: number, unit = ''): Figure => ({ code, value, unit });
/** Work that puts right what was found. */
export const duty = (practice: string, days: number): Follow => ({
  kind: 'duty',
  practice,
  days,
  answers: true,
});
/** Work that helps, or finds out more, and leaves what was found to be put right. */
export const eases = (practice: string, days: number): Follow => ({
  kind: 'duty',
  practice,
  days,
  answers: false,
});
export const round = (code: RoundCode): Follow => ({ kind: 'run', round: code });
export const trade = (who: Trade): Follow => ({ kind: 'trade', trade: who });
export const doNow = (what: string): Follow => ({ kind: 'do', what });
export const retest = (days: number): Follow => ({ kind: 'retest', days });
export const emergency: Follow = { kind: 'emergency' };
