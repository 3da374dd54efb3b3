import canonicalize from 'canonicalize';
import type { Practice } from '../../../core/practice/practice.ts';
import type { Rule } from '../../../core/practice/rule.ts';
import { emptyDraft, type Draft } from '../../parts/task/draft.ts';
import { ruleFields } from '../../parts/task/ruleFields.ts';
import { emptyOwn, readOwn, type OwnDraft } from './ownPractice.ts';

/** The form filled with a practice; null where it could not hold all of it, for then something would be lost by saving it. */
export function ownDraftOf(practice: Practice): OwnDraft | null {
  const draft = fill(practice);
  const read = readOwn(draft, new Set(), practice.code);
  return 'practice' in read && canonicalize(read.practice) === canonicalize(practice) ? draft : null;
}

function fill(practice: Practice): OwnDraft {
  const { judge, supplies, companions, pair, steps, gates } = practice;
  const [supply] = supplies;
  const [gate] = gates ?? [];
  const stage = (wanted: (typeof steps)[number]['at']): string =>
    steps
      .filter(({ at }) => at === wanted)
      .map(({ says }) => says)
      .join('\n');
  return {
    ...emptyOwn(),
    title: practice.title,
    why: practice.why,
    kind: practice.kind,
    system: practice.system,
    appliesTo: practice.appliesTo[0] ?? 'house',
    lifeSafety: practice.lifeSafety,
    minutes: String(practice.minutes),
    doer: practice.doers[0] ?? 'self',
    first: stage('first'),
    work: stage('work'),
    closeOut: stage('closeOut'),
    later: stage('later'),
    cautions: steps.flatMap(({ cautions }) => cautions),
    reads: steps.flatMap(({ reads }) => reads),
    sound: judge.sound ?? '',
    act: judge.act ?? '',
    stop: judge.stop ?? '',
    mistakes: practice.mistakes.join('\n'),
    season: gate?.kind === 'season' ? gate.season : '',
    beforeFrost: practice.freezeGuard !== undefined,
    leadDays: practice.lead === undefined ? '' : String(practice.lead.days),
    trait: practice.when && 'trait' in practice.when ? practice.when.trait : '',
    setUps: [...practice.setUps],
    tools: [...practice.tools],
    supply: supply?.supply ?? '',
    quantity: supply === undefined ? '1' : String(supply.quantity),
    state: pair?.state ?? '',
    half: pair?.half ?? 'closes',
    bound: companions.bound[0] ?? '',
    handy: companions.handy[0] ?? '',
    covers: practice.covers[0] ?? '',
    ...schoolFields(practice),
  };
}

function schoolFields(practice: Practice): Partial<OwnDraft> {
  if (practice.kind !== 'duty') return {};
  const [own, other] = practice.schools;
  const [factor] = practice.factors;
  return {
    rule: ruleDraft(own?.rule),
    otherName: other?.name ?? '',
    otherRightWhen: other?.rightWhen ?? '',
    otherRule: ruleDraft(other?.rule),
    factor: factor?.code ?? '',
    factorValue: factor === undefined ? '0.75' : String(factor.value),
  };
}

const ruleDraft = (rule: Rule | undefined): Draft => ({ ...emptyDraft(), ...(rule && ruleFields(rule)) });
