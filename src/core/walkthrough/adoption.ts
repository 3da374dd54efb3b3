import { makeBody } from '../ledger/write/makeBody.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import type { Plan, PlannedDuty } from '../catalogue/planFor.ts';
import type { Asset, Duty, Home, House, Space } from '../house/house.ts';
import type { Entry, EntryBody } from '../ledger/entry.ts';
import type { Terms } from '../practice/terms.ts';
import { termsOfSchool } from '../upkeep/schoolTerms.ts';
import { factorsOfTraits } from '../upkeep/traitEntries.ts';
import type { WalkedHouse } from './walkedHouse.ts';

/** A house about to be taken on: everything under ids for good, and the entries that adopt its duties and tell its traits. */
export interface Adoption {
  readonly spaces: readonly Space[];
  readonly assets: readonly Asset[];
  readonly duties: readonly AdoptedDuty[];
  readonly traits: readonly Extract<EntryBody, { kind: 'trait' }>[];
}

export interface AdoptedDuty {
  readonly duty: Duty;
  readonly terms: Terms;
  /** The id of the entry that adopts it. */
  readonly entry: string;
  readonly planned: PlannedDuty;
}

/** The terms a planned duty starts on: its school, the traits that wear it, whoever the practice names first. */
export function termsOfPlan({ practice, school }: PlannedDuty, traits: WalkedHouse['traits']): Terms {
  const factors = factorsOfTraits(practice.factors, traits);
  return termsOfSchool(school, { factors, doer: practice.doers[0] ?? 'self' });
}

/** The walked house and its plan under new ids; what the walk did not find out (null facts) stays to be established. */
export function adoptionOf(walked: WalkedHouse, plan: Plan, newId: () => string): Adoption {
  const ids = new Map<string, string>();
  const rename = (id: string): string => {
    const known = ids.get(id) ?? newId();
    ids.set(id, known);
    return known;
  };
  const spaces = walked.spaces.map((space) => ({ ...space, id: rename(`space ${space.id}`) }));
  const assets = walked.assets.map((asset): Asset => ({
    ...asset,
    id: rename(asset.id),
    ...(asset.space !== undefined && { space: rename(`space ${asset.space}`) }),
    ...(asset.partOf !== undefined && { partOf: rename(asset.partOf) }),
  }));
  const duties = plan.duties.map((planned): AdoptedDuty => ({
    duty: {
      id: newId(),
      asset: rename(planned.asset.id),
      practice: { from: 'catalogue', code: planned.practice.code },
    },
    terms: termsOfPlan(planned, walked.traits),
    entry: newId(),
    planned,
  }));
  const traits = [...walked.traits].flatMap(([trait, value]) =>
    value === null ? [] : [makeBody('trait', { trait, value })],
  );
  return { spaces, assets, duties, traits };
}

/** The home as it would stand on the day its adoption is written: what its dates will be can be worked out before. */
export function adoptedHouse(
  home: Home,
  { spaces, assets, duties, traits }: Adoption,
  on: CivilDate,
): { house: House; entries: Entry[] } {
  const entry = (id: string, body: EntryBody): Entry => ({
    id,
    date: on,
    stampedAt: `${on}T12:00:00.000Z`,
    by: 'walk',
    body,
  });
  return {
    house: { home, spaces, assets, duties: duties.map(({ duty }) => duty) },
    entries: [
      ...duties.map(({ duty, terms, entry: id }) => entry(id, makeBody('adopted', { duty: duty.id, terms }))),
      ...traits.map((body, index) => entry(`trait-${index}`, body)),
    ],
  };
}
