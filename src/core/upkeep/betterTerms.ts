import { leavesToOthers } from '../house/doerFor.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import { rootsOf, type Asset, type House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import type { StandingEntry } from '../ledger/corrections.ts';
import { knownHouse } from '../ledger/knownHouse.ts';
import type { Entry } from '../ledger/entry.ts';
import type { Rule } from '../practice/rule.ts';
import type { DutyPracticeRecord } from '../practice/practice.ts';
import type { Terms } from '../practice/terms.ts';
import { termsOfSchool } from './schoolTerms.ts';

/** Terms a duty could have: what its school says now. */
export interface BetterTerms {
  readonly dutyId: string;
  readonly terms: Terms;
}

/**
 * The duties of a house whose terms name a school of the catalogue and are that school's rule, but for what the school has learnt to say
 * since: until when its work makes sense, and what it allows for; and those that ask for work the household has said it leaves to others. Their
 * terms stand until the new ones are taken.
 */
export function betterTerms(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  find: FindPractice,
): BetterTerms[] {
  const inForce = termsInForce(house, standingAsOf(entries, on));
  const { assets, traits } = knownHouse(house, entries, on);
  const roots = rootsOf(house.assets);
  const thingOf = (id: string): Asset | undefined =>
    assets.findLast((one) => (roots.get(one.id) ?? one.id) === (roots.get(id) ?? id));
  return house.duties.flatMap(({ id, asset, practice }): BetterTerms[] => {
    const present = inForce.get(id);
    const known = practice.from === 'catalogue' ? find(practice.code) : undefined;
    const thing = thingOf(asset);
    if (!present || !thing || known?.kind !== 'duty') return [];
    const isLeft = present.doer !== 'trade' && leavesToOthers(known, thing, traits);
    const terms = { ...asTheSchoolSays(known, present), ...(isLeft && { doer: 'trade' as const }) };
    return written(terms) === written(present) ? [] : [{ dutyId: id, terms }];
  });
}

/** The terms with what their school says now; as they are where they are no longer that school's. */
function asTheSchoolSays({ schools }: DutyPracticeRecord, present: Terms): Terms {
  const school = schools.find(({ code }) => code === present.school);
  return school && saysTheSame(school.rule, present.rule) ? termsOfSchool(school, present) : present;
}

/** The terms each duty is kept by; a duty given up, or of a thing taken out of the house, has none. */
function termsInForce(
  { assets, duties }: House,
  standing: readonly StandingEntry[],
): ReadonlyMap<string, Terms> {
  const roots = rootsOf(assets);
  const rootOf = (asset: string): string => roots.get(asset) ?? asset;
  const terms = new Map<string, Terms>();
  const over = new Set<string>();
  for (const { body } of standing) {
    if (body.kind === 'adopted' && !terms.has(body.duty)) terms.set(body.duty, body.terms);
    if (body.kind === 'terms') terms.set(body.duty, body.terms);
    if (body.kind === 'retired') over.add(body.duty);
    if (body.kind === 'removed')
      for (const { id, asset } of duties) if (rootOf(asset) === rootOf(body.asset)) over.add(id);
  }
  for (const duty of over) terms.delete(duty);
  return terms;
}

const saysTheSame = (a: Rule, b: Rule): boolean => written(withoutWorth(a)) === written(withoutWorth(b));

function withoutWorth(rule: Rule): Rule {
  switch (rule.kind) {
    case 'dates':
    case 'clockChange':
    case 'season': {
      const { worthUntil: _, ...rest } = rule;
      return rest;
    }
    case 'condition':
      return { ...rule, look: withoutWorth(rule.look) };
    case 'first':
      return { ...rule, of: rule.of.map(withoutWorth) };
    default:
      return rule;
  }
}

/** A value written out with its fields in order: what has been stored may have them in another. */
const written = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) =>
    part !== null && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
