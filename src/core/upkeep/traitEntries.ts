import { makeBody } from '../ledger/write/makeBody.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { takesFactors } from '../practice/rule.ts';
import type { Factor } from '../practice/terms.ts';
import type { Kept } from './keptOn.ts';

/**
 * The entries that changed traits write: the traits themselves, and for every duty whose practice knows one of them as a
 * factor its terms with the factor taken in or left out. A factor the household set itself, to another strength, is not touched
 * when the trait stays so.
 */
export function traitEntries(
  house: Pick<House, 'duties'>,
  kept: readonly Kept[],
  find: FindPractice,
  changes: ReadonlyMap<string, FactValue>,
): EntryBody[] {
  const told = [...changes].map(([trait, value]): EntryBody => makeBody('trait', { trait, value }));
  const terms = kept.flatMap(({ dutyId, terms: present, retiredOn }): EntryBody[] => {
    const practice = house.duties.find(({ id }) => id === dutyId)?.practice;
    const known = practice?.from === 'catalogue' ? find(practice.code) : undefined;
    if (known?.kind !== 'duty' || retiredOn !== null || !takesFactors(present.rule)) return [];
    // An interval of the household's own takes no factor unless they tick it.
    const usual =
      present.school === null
        ? known.factors.filter(({ code }) => holdsFactor(present, code))
        : known.factors;
    const factors = withTraits(present.factors, usual, changes);
    return factors === present.factors
      ? []
      : [makeBody('terms', { duty: dutyId, terms: { ...present, factors: [...factors] } })];
  });
  return [...told, ...terms];
}

const holdsFactor = ({ factors }: Kept['terms'], code: string): boolean =>
  factors.some((factor) => factor.code === code);

function withTraits(
  present: readonly Factor[],
  usual: readonly Factor[],
  changes: ReadonlyMap<string, FactValue>,
): readonly Factor[] {
  let factors = present;
  for (const factor of usual) {
    const value = changes.get(factor.code);
    if (value === undefined) continue;
    const holds = value === true;
    const has = factors.some(({ code }) => code === factor.code);
    if (holds && !has) factors = [...factors, factor];
    if (!holds && has) factors = factors.filter(({ code }) => code !== factor.code);
  }
  return factors;
}

/** The factors a duty starts with: those of its practice whose trait is told to be so. */
export const factorsOfTraits = (usual: readonly Factor[], traits: ReadonlyMap<string, FactValue>): Factor[] =>
  usual.filter(({ code }) => traits.get(code) === true);

/** Terms by what evidence proposes: an interval of the home's own, which the factors are already in. */
export function proposedTerms({ rule, doer }: Kept['terms'], days: number): Kept['terms'] {
  const floorDays = rule.kind === 'interval' ? rule.floorDays : undefined;
  return {
    doer,
    school: null,
    rule: {
      kind: 'interval',
      every: { unit: 'days', count: days },
      ...(floorDays !== undefined && { floorDays }),
    },
    factors: [],
  };
}
