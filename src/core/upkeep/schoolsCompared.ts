import { makeBody } from '../ledger/write/makeBody.ts';
import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { addSpan } from '../calendar/span.ts';
import type { DutyPracticeRecord } from '../practice/practice.ts';
import { relatedDuties } from '../house/companions.ts';
import type { House } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import { projectOccurrences } from '../schedule/horizon/horizon.ts';
import type { Reason } from '../schedule/reason.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import { countingRules } from '../practice/rule.ts';
import type { Terms } from '../practice/terms.ts';
import { termsOfSchool } from './schoolTerms.ts';
import { asTrial } from './trial.ts';

/** The effect of some terms for a duty of this home. */
export interface Meaning {
  /** Times a year over the years looked at, each done on its day; looks count. Events, which nobody can projectOccurrences, do not. */
  readonly timesAYear: number;
  readonly minutesAYear: number;
  readonly next: CivilDate | null;
  /** The days of the coming year on which it falls due. */
  readonly days: readonly CivilDate[];
  readonly reasons: readonly Reason[];
  /** Something that happens also calls for it. */
  readonly byEvent: boolean;
}

export interface SchoolMeaning extends Meaning {
  readonly school: string;
  readonly terms: Terms;
}

/** Years over which the times are counted. */
const YEARS = 6;

/** The effect of each school of a practice on one duty of this home, if it were kept by it from today on. `nearHouse` is house enough. */
export function schoolsCompared(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
  { dutyId, practice, present, minutes }: Compared,
): SchoolMeaning[] {
  return practice.schools.map((school) => {
    const { code } = school;
    const terms = present.school === code ? present : termsOfSchool(school, present);
    return { school: code, terms, ...meaningOf(house, entries, on, around, { dutyId, terms, minutes }) };
  });
}

interface Compared {
  readonly dutyId: string;
  readonly practice: DutyPracticeRecord;
  readonly present: Terms;
  /** Minutes one time takes here. */
  readonly minutes: number;
}

/** The house with only the duties whose dates hang on this one's: the rest would be worked out for nothing. */
export function nearHouse(house: House, around: ProjectionInputs, dutyId: string): House {
  const near = new Set(relatedDuties(house, around.find, dutyId));
  return { ...house, duties: house.duties.filter(({ id }) => near.has(id)) };
}

/** The effect of some terms, were they written today. */
export function meaningOf(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
  { dutyId, terms, minutes }: { dutyId: string; terms: Terms; minutes: number },
): Meaning {
  const until = toCivilDate(addSpan(toDay(on), { unit: 'years', count: YEARS }));
  const trial = [...entries, ...asTrial([makeBody('terms', { duty: dutyId, terms })], on)];
  const own = projectOccurrences(house, trial, on, around, until).filter((one) => one.dutyId === dutyId);
  const later = own.filter(({ occurrence }) => occurrence.window.due > on);
  const first = own[0]?.occurrence ?? null;
  const timesAYear = later.length / YEARS;
  const inAYear = toCivilDate(addSpan(toDay(on), { unit: 'years', count: 1 }));
  return {
    timesAYear,
    minutesAYear: timesAYear * minutes,
    next: first?.window.due ?? null,
    days: own.flatMap(({ occurrence: { window } }) => (window.due <= inAYear ? [window.due] : [])),
    reasons: first?.reasons ?? [],
    byEvent: countingRules(terms.rule).some(({ kind }) => kind === 'event'),
  };
}
