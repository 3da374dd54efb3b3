import type { Hazard, PracticeSystem } from '../../../core/catalogue/lists.ts';
import {
  practiceSchema,
  type Practice,
  type PracticeKind,
  type Step,
} from '../../../core/catalogue/practice.ts';
import type { Season } from '../../../core/climate/anchor.ts';
import type { AssetKind } from '../../../core/house/assetKind.ts';
import type { Doer } from '../../../core/schedule/terms.ts';
import { emptyDraft, readRule, type Draft } from '../add/draft.ts';

/** A practice of one's own as typed. Steps are lines; the cautions stand at the first of them. */
export interface OwnDraft {
  title: string;
  why: string;
  kind: PracticeKind;
  system: PracticeSystem;
  appliesTo: AssetKind;
  lifeSafety: boolean;
  minutes: string;
  doer: Doer;
  first: string;
  work: string;
  closeOut: string;
  later: string;
  cautions: Hazard[];
  sound: string;
  act: string;
  stop: string;
  mistakes: string;
  season: Season | '';
  beforeFrost: boolean;
  leadDays: string;
  /** Its rule, in the fields the Add page has for one's own. */
  rule: Draft;
}

export const emptyOwn = (): OwnDraft => ({
  title: '',
  why: '',
  kind: 'duty',
  system: 'household',
  appliesTo: 'house',
  lifeSafety: false,
  minutes: '15',
  doer: 'self',
  first: '',
  work: '',
  closeOut: '',
  later: '',
  cautions: [],
  sound: '',
  act: '',
  stop: '',
  mistakes: '',
  season: '',
  beforeFrost: false,
  leadDays: '',
  rule: emptyDraft(),
});

type Read = { readonly practice: Practice } | { readonly field: string; readonly problem: string };

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

function stepsOf(draft: OwnDraft): Step[] {
  const steps = (['first', 'work', 'closeOut', 'later'] as const).flatMap((at) =>
    lines(draft[at]).map((says): Step => ({ at, says, cautions: [], reads: [] })),
  );
  return steps.map((step, index) => (index === 0 ? { ...step, cautions: [...draft.cautions] } : step));
}

const judgeOf = ({ sound, act, stop }: OwnDraft): Record<string, string> =>
  Object.fromEntries(Object.entries({ sound, act, stop }).filter(([, text]) => text.trim() !== ''));

/** A code of the title that none of the home's practices has: a second one of the same name is another. */
function codeOf(title: string, taken: ReadonlySet<string>): string {
  const words = title.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-');
  const code = `own-${words}`.slice(0, 56).replaceAll(/-+/g, '-').replace(/-$/, '');
  for (let copy = 1; ; copy += 1) {
    const free = copy === 1 ? code : `${code}-${copy}`;
    if (!taken.has(free)) return free;
  }
}

/** The practice the form stands for, or the first field that is not right and what would be. `taken`: codes the home has. */
export function readOwn(draft: OwnDraft, taken: ReadonlySet<string> = new Set()): Read {
  const title = draft.title.trim();
  if (title === '') return { field: 'title', problem: 'missing' };
  if (draft.why.trim() === '') return { field: 'why', problem: 'missing' };
  const steps = stepsOf(draft);
  if (steps.length === 0) return { field: 'work', problem: 'missing' };
  const minutes = Number(draft.minutes.trim());
  if (!Number.isInteger(minutes) || minutes < 1 || minutes > 1_000)
    return { field: 'minutes', problem: 'minutes' };
  const leadDays = Number(draft.leadDays.trim());
  if (!Number.isInteger(leadDays) || leadDays < 0 || leadDays > 365)
    return { field: 'leadDays', problem: 'whole' };
  const rule = draft.kind === 'duty' ? readRule(draft.rule, undefined) : null;
  if (rule && !rule.ok) return rule.fault;
  const school = rule && {
    schools: [
      { code: 'own', name: title, argues: draft.why.trim(), rightWhen: draft.why.trim(), rule: rule.value },
    ],
    defaultSchool: 'own',
    defaultBecause: draft.why.trim(),
    factors: [],
  };
  const parsed = practiceSchema.safeParse({
    kind: draft.kind,
    code: codeOf(title, taken),
    system: draft.system,
    title,
    why: draft.why.trim(),
    appliesTo: [draft.appliesTo],
    steps,
    judge: judgeOf(draft),
    mistakes: lines(draft.mistakes),
    notes: [],
    tools: [],
    supplies: [],
    setUps: [],
    minutes,
    doers: [draft.doer],
    lifeSafety: draft.lifeSafety,
    ...(draft.season !== '' && { gates: [{ kind: 'season', season: draft.season }] }),
    ...(draft.beforeFrost && { freezeGuard: { atOrBelow: 0 } }),
    ...(leadDays > 0 && { lead: { days: leadDays } }),
    companions: { bound: [], handy: [] },
    after: [],
    leadsTo: [],
    covers: [],
    triggers: [],
    ...school,
  });
  if (parsed.success) return { practice: parsed.data };
  const field = parsed.error.issues[0]?.path.includes('monthDays') ? 'monthDays' : 'title';
  return { field, problem: field === 'monthDays' ? 'month-day' : 'invalid' };
}
