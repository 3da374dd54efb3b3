import { z } from 'zod';

/** How a reading is judged. Where several apply, the worst stands. */
export const VERDICTS = ['sound', 'watch', 'act', 'stop'] as const;
export type Verdict = (typeof VERDICTS)[number];

export const severity = (verdict: Verdict): number => VERDICTS.indexOf(verdict);

/** The worst of some verdicts; sound where there is none. */
export const worst = (verdicts: readonly Verdict[]): Verdict =>
  VERDICTS[Math.max(0, ...verdicts.map(severity))] ?? 'sound';

/** How a finding or a reading was judged. */
export const verdictSchema = z.enum(VERDICTS);
