import type {
  AgeRule,
  ConditionRule,
  EventRule,
  IntervalRule,
  Rule,
  SeasonRule,
  UsageRule,
} from '../../practice/rule.ts';
import type { Anchor, FreezeRisk } from '../../climate/anchor.ts';
import type { Condition } from '../../practice/condition.ts';
import type { Hazard, PracticeSystem } from '../../practice/lists.ts';
import type { DutyPracticeRecord, Practice, PracticeKind, School, Step } from '../../practice/practice.ts';

type Unit = IntervalRule['every']['unit'];

export const every = (count: number, unit: Unit, floorDays?: number): IntervalRule => ({
  kind: 'interval',
  every: { unit, count },
  ...(floorDays !== undefined && { floorDays }),
});
export const clocks = (on: 'spring' | 'autumn' | 'both'): Rule => ({ kind: 'clockChange', on });
export const season = (anchor: Anchor, offsetDays = 0, risk?: FreezeRisk): SeasonRule => ({
  kind: 'season',
  anchor,
  offsetDays,
  ...(risk !== undefined && { risk }),
});
export const first = (...of: Rule[]): Rule => ({ kind: 'first', of });
export const after = (respondDays: number, ...triggers: string[]): EventRule => ({
  kind: 'event',
  triggers,
  respondDays,
});
export const age = (years: number): AgeRule => ({ kind: 'age', lifespan: { unit: 'years', count: years } });
export const lookThen = (
  look: Rule,
  change: ConditionRule['change'],
  respondDays: number,
): ConditionRule => ({
  kind: 'condition',
  look,
  change,
  respondDays,
});
export const usage = (
  meter: string,
  limit: number,
  expectedPerDay?: UsageRule['expectedPerDay'],
): UsageRule => ({
  kind: 'usage',
  meter,
  limit,
  ...(expectedPerDay !== undefined && { expectedPerDay }),
});

/**
 * A school: its name, who argues for it and why, when it is right, its rule, where a house can be seen to be such a case, and the
 * circumstances it already allows for.
 */
export const school = (
  code: string,
  name: string,
  argues: string,
  rightWhen: string,
  rule: Rule,
  fits?: Condition,
  allowsFor?: string[],
): School => ({
  code,
  name,
  argues,
  rightWhen,
  rule,
  ...(fits !== undefined && { fits }),
  ...(allowsFor !== undefined && { allowsFor }),
});

/** A step in words; with the hazards whose cautions stand at it, and what is read. */
type StepText =
  | string
  | readonly [says: string, ...hazards: Hazard[]]
  | { says: string; cautions?: Hazard[]; reads?: string[]; waits?: number };

interface StepTexts {
  readonly first?: readonly StepText[];
  readonly work: readonly StepText[];
  readonly closeOut?: readonly StepText[];
  readonly later?: readonly StepText[];
}

function stepOf(at: Step['at'], text: StepText): Step {
  if (typeof text === 'string') return { at, says: text, cautions: [], reads: [] };
  if ('says' in text) {
    const { says, cautions = [], reads = [], waits } = text;
    return { at, says, cautions: [...cautions], reads: [...reads], ...(waits !== undefined && { waits }) };
  }
  const [says, ...cautions] = text;
  return { at, says, cautions, reads: [] };
}

const stepsOf = ({ first: before = [], work, closeOut = [], later = [] }: StepTexts): Step[] => [
  ...before.map((text) => stepOf('first', text)),
  ...work.map((text) => stepOf('work', text)),
  ...closeOut.map((text) => stepOf('closeOut', text)),
  ...later.map((text) => stepOf('later', text)),
];

type Optional =
  | 'judge'
  | 'mistakes'
  | 'notes'
  | 'tools'
  | 'supplies'
  | 'setUps'
  | 'lifeSafety'
  | 'after'
  | 'leadsTo'
  | 'covers'
  | 'triggers'
  | 'doers';
type Draft<P extends Practice> = Omit<P, Optional | 'kind' | 'system' | 'steps' | 'companions' | 'factors'> &
  Partial<Pick<P, Optional>> & {
    readonly steps: StepTexts;
    readonly bound?: string[];
    readonly handy?: string[];
  };

const filled = (system: PracticeSystem, { steps, bound = [], handy = [], ...draft }: Draft<Practice>) => ({
  judge: {},
  mistakes: [],
  notes: [],
  tools: [],
  supplies: [],
  setUps: [],
  lifeSafety: false,
  after: [],
  leadsTo: [],
  covers: [],
  triggers: [],
  doers: ['self' as const],
  ...draft,
  system,
  steps: stepsOf(steps),
  companions: { bound, handy },
});

/** Makers of the practices of one system; what is left out is empty. */
export function practicesOf(system: PracticeSystem) {
  const other =
    <K extends Exclude<PracticeKind, 'duty'>>(kind: K) =>
    (draft: Draft<Extract<Practice, { kind: K }>>): Practice =>
      ({ ...filled(system, draft as Draft<Practice>), kind }) as unknown as Practice;
  return {
    duty: (draft: Draft<DutyPracticeRecord> & { factors?: DutyPracticeRecord['factors'] }): Practice =>
      ({ factors: [], ...filled(system, draft as Draft<Practice>), kind: 'duty' }) as unknown as Practice,
    improvement: other('improvement'),
    fact: other('fact'),
    response: other('response'),
    habit: other('habit'),
  };
}
