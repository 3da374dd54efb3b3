import type { HouseBody, ScheduleRow } from '../../../contract/schemas.ts';
import { toDay, type CivilDate } from '../../../core/calendar/civilDate.ts';
import { currentUnit, type Asset, type Duty } from '../../../core/house/house.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';
import { standingOn, type Standing, type Window } from '../../../core/schedule/window.ts';

export type Occurrence = NonNullable<ScheduleRow['occurrence']>;

/** One thing of a line: its own duty, its own date, its own tick. */
export interface Unit {
  readonly duty: Duty;
  readonly asset: Asset;
  readonly place: string | null;
  readonly row: ScheduleRow;
  readonly occurrence: Occurrence;
  readonly standing: Standing;
}

/** Like duties of one section that can be done on one day, shown as one line under the earliest of their dates. */
export interface Line {
  readonly key: string;
  readonly practice: Duty['practice'];
  readonly units: readonly Unit[];
  readonly due: CivilDate;
  readonly lifeSafety: boolean;
  /** Frost harms what is left undone. */
  readonly frost: boolean;
  /** No record says that it was ever done. */
  readonly firstTime: boolean;
  /** Minutes for all its things together. */
  readonly minutes: number | null;
  readonly missed: number;
}

export const SECTIONS = ['late', 'open', 'baseline', 'coming'] as const;
export type Section = (typeof SECTIONS)[number];

/** Sorts what is due into the sections of the page, what comes first on top; the baseline by life safety and frost first. */
export function sectionsOf(
  house: HouseBody,
  rows: readonly ScheduleRow[],
  on: CivilDate,
  find: FindPractice,
): Record<Section, Line[]> {
  const groups = new Map<string, Unit[]>();
  for (const row of rows) {
    const unit = unitOf(house, row, on);
    if (!unit) continue;
    const key = `${sectionOf(unit)} ${practiceKey(unit.duty.practice)}`;
    groups.set(key, [...(groups.get(key) ?? []), unit]);
  }
  const sections: Record<Section, Line[]> = { late: [], open: [], baseline: [], coming: [] };
  for (const [key, units] of groups) {
    for (const [index, some] of onOneDay([...units].sort(byDueDay)).entries()) {
      const [first] = some;
      if (!first) continue;
      const lineKey = index === 0 ? key : `${key} ${first.occurrence.window.due}`;
      sections[sectionOf(first)].push(lineOf(lineKey, some, first, find));
    }
  }
  for (const section of SECTIONS) sections[section].sort(section === 'baseline' ? byUrgency : byDue);
  return sections;
}

/** A task with its thing, place and date; null where nothing of it is due. */
export function unitOf(house: HouseBody, row: ScheduleRow, on: CivilDate): Unit | null {
  const duty = house.duties.find(({ id }) => id === row.dutyId);
  const asset = duty && currentUnit(house.assets, duty.asset);
  const { occurrence } = row;
  if (!duty || !asset || !occurrence) return null;
  const place = house.spaces.find(({ id }) => id === asset.space)?.name ?? null;
  return { duty, asset, place, row, occurrence, standing: standingOn(occurrence.window, on) };
}

function sectionOf({ occurrence, standing }: Unit): Section {
  if (occurrence.baseline) return 'baseline';
  if (standing === 'ahead') return 'coming';
  return standing === 'open' ? 'open' : 'late';
}

/** Parts like duties, earliest first, where one is only to come after the first of its line is past: years apart, they are no one job. */
function onOneDay(units: readonly Unit[]): Unit[][] {
  const parts: Unit[][] = [];
  for (const unit of units) {
    const part = parts.at(-1);
    const first = part?.[0];
    const later =
      unit.standing === 'ahead' && first && unit.occurrence.window.earliest > first.occurrence.window.latest;
    if (part && !later) part.push(unit);
    else parts.push([unit]);
  }
  return parts;
}

const byDueDay = (a: Unit, b: Unit): number => (a.occurrence.window.due < b.occurrence.window.due ? -1 : 1);

const practiceKey = (practice: Duty['practice']): string =>
  practice.from === 'catalogue' ? practice.code : `own ${practice.title}`;

function lineOf(key: string, units: readonly Unit[], first: Unit, find: FindPractice): Line {
  const { practice } = first.duty;
  const known = practice.from === 'catalogue' ? find(practice.code) : undefined;
  return {
    key,
    practice,
    units,
    due: first.occurrence.window.due,
    lifeSafety: practice.from === 'home' ? practice.lifeSafety : known?.lifeSafety === true,
    frost: (practice.from === 'home' ? practice : known)?.freezeGuard !== undefined,
    firstTime: first.occurrence.baseline,
    minutes: known?.minutes === undefined || known.minutes === null ? null : known.minutes * units.length,
    missed: units.reduce((sum, { row }) => sum + row.missed.length, 0),
  };
}

/** One thing's task as a line of its own. */
export const lineOfUnit = (unit: Unit, find: FindPractice): Line => lineOf(unit.duty.id, [unit], unit, find);

const byDue = (a: Line, b: Line): number => toDay(a.due) - toDay(b.due);
/** Tasks without a record: safety first, then those frost can harm. */
const byUrgency = (a: Line, b: Line): number => urgencyOf(a) - urgencyOf(b) || byDue(a, b);
const urgencyOf = ({ lifeSafety, frost }: Line): number => (lifeSafety ? 0 : frost ? 1 : 2);

/** Whether all units share one window, so that it need be told only once. */
export function sharedWindow(units: readonly Unit[]): Window | null {
  const [first] = units;
  if (!first) return null;
  const { earliest, due, latest } = first.occurrence.window;
  const same = units.every(
    ({ occurrence: { window } }) =>
      window.earliest === earliest && window.due === due && window.latest === latest,
  );
  return same ? first.occurrence.window : null;
}
