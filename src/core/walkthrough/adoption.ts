import { makeBody } from '../ledger/write/makeBody.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import { doerFor } from '../house/doerFor.ts';
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
  /** Work done before the home began, as far as anyone remembers. */
  readonly done: readonly DoneBefore[];
}

export interface DoneBefore {
  readonly date: CivilDate;
  readonly body: Extract<EntryBody, { kind: 'done' }>;
}

export interface AdoptedDuty {
  readonly duty: Duty;
  readonly terms: Terms;
  /** The id of the entry that adopts it. */
  readonly entry: string;
  readonly planned: PlannedDuty;
}

/** The terms a planned duty starts on: its school, the traits that wear it, and whoever does such work in this household. */
export function termsOfPlan({ practice, asset, school }: PlannedDuty, traits: WalkedHouse['traits']): Terms {
  const factors = factorsOfTraits(practice.factors, traits);
  return termsOfSchool(school, { factors, doer: doerFor(practice, asset, traits) });
}

/**
 * The walked house and its plan under new ids; what the walk did not find out (null facts) stays to be established. `remembered`: the
 * day each practice was last done, as far as that is known.
 */
export function adoptionOf(
  walked: WalkedHouse,
  plan: Pick<Plan, 'duties'>,
  newId: () => string,
  remembered: ReadonlyMap<string, CivilDate> = new Map(),
): Adoption {
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
  const done = duties.flatMap(({ duty, planned }): DoneBefore[] => {
    const date = remembered.get(planned.practice.code);
    return date === undefined ? [] : [{ date, body: makeBody('done', { duty: duty.id }) }];
  });
  return { spaces, assets, duties, traits, done };
}

/** The home as it would stand on the day its adoption is written: what its dates will be can be worked out before. */
export function adoptedHouse(
  home: Home,
  { spaces, assets, duties, traits, done }: Adoption,
  on: CivilDate,
): { house: House; entries: Entry[] } {
  const entry = (id: string, body: EntryBody, date = on): Entry => ({
    id,
    date,
    stampedAt: `${on}T12:00:00.000Z`,
    by: 'walk',
    body,
  });
  return {
    house: { home, spaces, assets, duties: duties.map(({ duty }) => duty) },
    entries: [
      ...duties.map(({ duty, terms, entry: id }) => entry(id, makeBody('adopted', { duty: duty.id, terms }))),
      ...traits.map((body, index) => entry(`trait-${index}`, body)),
      ...done.map(({ date, body }, index) => entry(`done-${index}`, body, date)),
    ],
  };
}
