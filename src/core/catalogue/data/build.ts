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
import { VERDICTS } from '../../basics/verdict.ts';
import { WHOLE_LOOK, type Look, type LookChoice } from '../../practice/look.ts';
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
  | {
      says: string;
      cautions?: Hazard[];
      reads?: string[];
      looks?: Look[];
      facts?: string[];
      sums?: string[];
      waits?: number;
    };

interface StepTexts {
  readonly first?: readonly StepText[];
  readonly work: readonly StepText[];
  readonly closeOut?: readonly StepText[];
  readonly later?: readonly StepText[];
}

function stepOf(at: Step['at'], text: StepText): Step {
  if (typeof text === 'string') return { at, says: text, cautions: [], reads: [] };
  if ('says' in text) {
    const { says, cautions = [], reads = [], looks, facts, sums, waits } = text;
    return {
      at,
      says,
      cautions: [...cautions],
      reads: [...reads],
      ...(looks && { looks: [...looks] }),
      ...(facts && { facts: [...facts] }),
      ...(sums && { sums: [...sums] }),
      ...(waits !== undefined && { waits }),
    };
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

/** A look at one thing: what is asked, and what may be seen, by its code. */
export const look = (code: string, asks: string, ...choices: LookChoice[]): Look => ({ code, asks, choices });
export const sound = (code: string, says: string): LookChoice => ({ code, says, verdict: 'sound' });
export const watch = (code: string, says: string, ...repairs: string[]): LookChoice =>
  seen(code, says, 'watch', undefined, repairs);
/** To be put right within some days. */
export const act = (code: string, days: number, says: string, ...repairs: string[]): LookChoice =>
  seen(code, says, 'act', days, repairs);
export const stop = (code: string, says: string, ...repairs: string[]): LookChoice =>
  seen(code, says, 'stop', undefined, repairs);

const seen = (
  code: string,
  says: string,
  verdict: LookChoice['verdict'],
  days: number | undefined,
  repairs: readonly string[],
): LookChoice => ({
  code,
  says,
  verdict,
  ...(days !== undefined && { days }),
  ...(repairs.length > 0 && { repairs: [...repairs] }),
});

/**
 * Signs judged by eye are asked for at the last step of the work, as one choice. Where its steps ask for each
 * thing by itself, or measure, they say it better.
 */
function withLooks(steps: Step[], judge: Practice['judge'], repairs: readonly string[]): Step[] {
  if (steps.some(({ looks, reads }) => looks !== undefined || reads.length > 0)) return steps;
  const signs = VERDICTS.flatMap((verdict): LookChoice[] => {
    const says = judge[verdict];
    if (says === undefined) return [];
    return [
      verdict === 'sound'
        ? sound(verdict, says)
        : seen(verdict, says, verdict, undefined, repairs.slice(0, 5)),
    ];
  });
  if (signs.every(({ verdict }) => verdict === 'sound')) return steps;
  const choices = judge.sound === undefined ? [sound('sound', 'Nothing of the kind.'), ...signs] : signs;
  const last = Math.max(...steps.map(({ at }, place) => (at === 'work' ? place : -1)));
  const asked = look(WHOLE_LOOK, 'What do you see?', ...choices);
  return steps.map((step, place) => (place === last ? { ...step, looks: [asked] } : step));
}

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
  steps: withLooks(stepsOf(steps), draft.judge ?? {}, draft.leadsTo ?? []),
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
