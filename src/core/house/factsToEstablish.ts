import type { Condition } from '../practice/condition.ts';
import type { Practice } from '../practice/practice.ts';
import { countingRules } from '../practice/rule.ts';
import { factsOfKind } from './factsOfKind.ts';
import type { FactSpec } from './factSpec.ts';
import type { Asset } from './house.ts';

/** Something nobody has said yet of a thing that a practice turns on. */
export interface OpenFact {
  readonly asset: Asset;
  readonly spec: FactSpec;
  /** The practices that would be decided, or dated, by it. */
  readonly practices: readonly string[];
}

/** The facts that would decide something and are not known: what to find out, thing by thing. */
export function factsToEstablish(assets: readonly Asset[], practices: readonly Practice[]): OpenFact[] {
  return assets.flatMap((asset) =>
    factsOfKind(asset.kind).flatMap((spec): OpenFact[] => {
      const value = asset.facts?.[spec.code];
      if (value !== undefined && value !== null) return [];
      const turning = practices
        .filter((practice) => practice.appliesTo.includes(asset.kind) && turnsOn(practice, spec.code))
        .map(({ code }) => code);
      // Put off with "don't know yet" it is wanted even where nothing hangs on it.
      return turning.length > 0 || value === null ? [{ asset, spec, practices: turning }] : [];
    }),
  );
}

function turnsOn(practice: Practice, fact: string): boolean {
  if (practice.when && names(practice.when, fact)) return true;
  if (practice.supplies.some(({ quantity }) => typeof quantity === 'object' && quantity.fact === fact))
    return true;
  if (practice.kind !== 'duty') return false;
  return practice.schools.some(
    ({ fits, rule }) =>
      (fits !== undefined && names(fits, fact)) ||
      (fact === 'made' && countingRules(rule).some(({ kind }) => kind === 'age')),
  );
}

function names(condition: Condition, fact: string): boolean {
  if ('fact' in condition) return condition.fact === fact;
  if ('known' in condition) return condition.known === fact;
  if ('all' in condition) return condition.all.some((part) => names(part, fact));
  if ('any' in condition) return condition.any.some((part) => names(part, fact));
  return 'not' in condition && names(condition.not, fact);
}
