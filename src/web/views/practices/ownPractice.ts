import type { Hazard, PracticeSystem, SetUp, Tool } from '../../../core/practice/lists.ts';
import {
  practiceSchema,
  type Practice,
  type PracticeKind,
  type School,
  type Step,
} from '../../../core/practice/practice.ts';
import type { Season } from '../../../core/climate/anchor.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import type { Doer } from '../../../core/practice/terms.ts';
import { emptyDraft, readRule, type Draft } from '../../parts/task/draft.ts';
import { readInteger, readNumber, type NumberFault, type ReadNumber } from '../../parts/typed/fields.ts';

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
  /** Another respectable way, where there is one: its name, when it is right, and its rule. */
  otherName: string;
  otherRightWhen: string;
  otherRule: Draft;
  factor: string;
  factorValue: string;
  /** Only in a house of which this is so. */
  trait: string;
  setUps: SetUp[];
  tools: Tool[];
  reads: string[];
  supply: string;
  quantity: string;
  state: string;
  half: 'closes' | 'opens';
  bound: string;
  handy: string;
  covers: string;
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
  otherName: '',
  otherRightWhen: '',
  otherRule: emptyDraft(),
  factor: '',
  factorValue: '0.75',
  trait: '',
  setUps: [],
  tools: [],
  reads: [],
  supply: '',
  quantity: '1',
  state: '',
  half: 'closes',
  bound: '',
  handy: '',
  covers: '',
});

interface Fault extends NumberFault {
  readonly field: string;
}
type Read = { readonly practice: Practice } | Fault;

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

function stepsOf(draft: OwnDraft): Step[] {
  const steps = (['first', 'work', 'closeOut', 'later'] as const).flatMap((at) =>
    lines(draft[at]).map((says): Step => ({ at, says, cautions: [], reads: [] })),
  );
  const read = Math.max(
    0,
    steps.findIndex(({ at }) => at === 'work'),
  );
  return steps.map((step, index) => ({
    ...step,
    cautions: index === 0 ? [...draft.cautions] : [],
    reads: index === read ? [...draft.reads] : [],
  }));
}

/** One code where one was chosen. */
const chosen = (code: string): string[] => (code === '' ? [] : [code]);

/** Reads a number above nought and at most some other. */
function readAmount(text: string, most: number): ReadNumber {
  const read = readNumber(text, 0, most);
  return read.ok && read.value === 0 ? { ok: false, fault: { problem: 'above-zero' } } : read;
}

/** The ways to set its interval, the usual one first, or what is wrong with one of them. */
function schoolsOf(draft: OwnDraft): { readonly schools: School[] } | Fault {
  const rule = readRule(draft.rule, undefined);
  if (!rule.ok) return rule.fault;
  const why = draft.why.trim();
  const own: School = {
    code: 'own',
    name: draft.title.trim(),
    argues: why,
    rightWhen: why,
    rule: rule.value,
  };
  const name = draft.otherName.trim();
  if (name === '') return { schools: [own] };
  const rightWhen = draft.otherRightWhen.trim();
  if (rightWhen === '') return { field: 'otherRightWhen', problem: 'missing' };
  const other = readRule(draft.otherRule, undefined);
  // Its fields stand a second time on the page, so what is wrong is said beside the name.
  if (!other.ok) return { ...other.fault, field: 'otherName' };
  return { schools: [own, { code: 'other', name, argues: rightWhen, rightWhen, rule: other.value }] };
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

/**
 * The practice the form stands for, or the first field that is not right and what would be. `taken`: codes the home has; `code`: that of
 * the practice it changes.
 */
export function readOwn(draft: OwnDraft, taken: ReadonlySet<string>, code: string | null): Read {
  const title = draft.title.trim();
  if (title === '') return { field: 'title', problem: 'missing' };
  if (draft.why.trim() === '') return { field: 'why', problem: 'missing' };
  const steps = stepsOf(draft);
  if (steps.length === 0) return { field: 'work', problem: 'missing' };
  const minutes = readInteger(draft.minutes, 1, 1_000);
  if (!minutes.ok) return { field: 'minutes', ...minutes.fault };
  const leadDays = readInteger(draft.leadDays.trim() === '' ? '0' : draft.leadDays, 0, 365);
  if (!leadDays.ok) return { field: 'leadDays', ...leadDays.fault };
  const quantity = readAmount(draft.quantity, 10_000);
  if (draft.supply !== '' && !quantity.ok) return { field: 'quantity', ...quantity.fault };
  const factor = readAmount(draft.factorValue, 10);
  if (draft.factor !== '' && !factor.ok) return { field: 'factorValue', ...factor.fault };
  const ways = draft.kind === 'duty' ? schoolsOf(draft) : null;
  if (ways && 'field' in ways) return ways;
  const school = ways && {
    ...ways,
    defaultSchool: 'own',
    defaultBecause: draft.why.trim(),
    factors: chosen(draft.factor).map((code) => ({ code, value: factor.ok ? factor.value : 1 })),
  };
  const parsed = practiceSchema.safeParse({
    kind: draft.kind,
    code: code ?? codeOf(title, taken),
    system: draft.system,
    title,
    why: draft.why.trim(),
    appliesTo: [draft.appliesTo],
    steps,
    judge: judgeOf(draft),
    mistakes: lines(draft.mistakes),
    notes: [],
    tools: draft.tools,
    supplies: chosen(draft.supply).map((supply) => ({ supply, quantity: quantity.ok ? quantity.value : 1 })),
    setUps: draft.setUps,
    ...(draft.trait !== '' && { when: { trait: draft.trait } }),
    ...(draft.state !== '' && { pair: { state: draft.state, half: draft.half } }),
    minutes: minutes.value,
    doers: [draft.doer],
    lifeSafety: draft.lifeSafety,
    ...(draft.season !== '' && { gates: [{ kind: 'season', season: draft.season }] }),
    ...(draft.beforeFrost && { freezeGuard: { atOrBelow: 0 } }),
    ...(leadDays.value > 0 && { lead: { days: leadDays.value } }),
    companions: { bound: chosen(draft.bound), handy: chosen(draft.handy) },
    after: [],
    leadsTo: [],
    covers: chosen(draft.covers),
    triggers: [],
    ...school,
  });
  if (parsed.success) return { practice: parsed.data };
  const field = parsed.error.issues[0]?.path.includes('monthDays') ? 'monthDays' : 'title';
  return { field, problem: field === 'monthDays' ? 'month-day' : 'invalid' };
}
