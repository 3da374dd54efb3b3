import type { AssetKind } from '../../basics/assetKind.ts';
import type { FactValue } from '../../basics/factValue.ts';
import { daysBetween, type CivilDate } from '../../calendar/civilDate.ts';
import { partialDay } from '../../calendar/partialDate.ts';
import { NO_FLAME } from '../../house/alarmCoverage.ts';
import type { UnitCode } from '../../units/units.ts';
import { PROJECTIONS } from '../projections.ts';
import type { Filler, FilledIn, KnownForReading, LastRead } from './known.ts';

const YEAR_DAYS = 365.25;

const kindOf = (asset: string, { assets }: KnownForReading): AssetKind | null =>
  assets.find(({ id }) => id === asset)?.kind ?? null;

const ofKind = (kind: AssetKind, { assets }: KnownForReading) => assets.filter((one) => one.kind === kind);

/** A fact of the thing, as a quantity or a plain number. */
export const fact =
  (code: string, unit?: UnitCode): Filler =>
  (asset, { factsOf }) => {
    const value = factsOf(asset)[code];
    if (typeof value !== 'number') return null;
    return { value: unit === undefined ? value : { value, unit }, from: { kind: 'fact', asset } };
  };

/** The days since a date noted of the thing, in a unit of age. */
export const sinceFact =
  (code: string, unit: 'months' | 'years'): Filler =>
  (asset, { factsOf, today }) => {
    const days = daysSince(factsOf(asset)[code], today);
    if (days === null) return null;
    return { value: aged(days, unit), from: { kind: 'fact', asset } };
  };

/** The life of an alarm: from the day it was made to its printed end, else as noted. */
export const printedLife: Filler = (asset, { factsOf }) => {
  const { made, ends, life } = factsOf(asset);
  const between = spanOf(made, ends);
  if (between !== null && between > 0)
    return { value: aged(between, 'years'), from: { kind: 'fact', asset } };
  return typeof life === 'number' && life > 0
    ? { value: { value: life, unit: 'years' }, from: { kind: 'fact', asset } }
    : null;
};

function daysSince(made: FactValue | undefined, today: CivilDate): number | null {
  const days = spanOf(made, today);
  return days !== null && days >= 0 ? days : null;
}

/** Days between two dates, one of which may be known only to the month or the year: then its earliest day counts. */
function spanOf(from: FactValue | undefined, to: FactValue | undefined): number | null {
  const [start, end] = [from, to].map((date) => (typeof date === 'string' ? partialDay(date) : null));
  return typeof start === 'number' && typeof end === 'number' ? end - start : null;
}

const aged = (days: number, unit: 'months' | 'years') => ({
  value: Math.round((days / YEAR_DAYS) * (unit === 'years' ? 1 : 12) * 10) / 10,
  unit,
});

/** Whether the home is so: only what was said is filled in. */
export const trait =
  (code: string): Filler =>
  (_, { traits }) =>
    typeof traits[code] === 'boolean' || typeof traits[code] === 'number'
      ? { value: traits[code], from: { kind: 'home' } }
      : null;

/** A number of things of a kind, or the sum of what each holds. */
export const count =
  (kind: AssetKind, each?: string): Filler =>
  (_, known) => {
    const things = ofKind(kind, known);
    const sum = things.reduce((all, { id }) => {
      const held = each === undefined ? 1 : known.factsOf(id)[each];
      return all + (typeof held === 'number' ? held : 1);
    }, 0);
    return sum === 0 ? null : { value: sum, from: { kind: 'home' } };
  };

/** Levels people live on, one to three. */
export const storeys: Filler = (_, { spaces }) => {
  const levels = new Set(
    spaces.flatMap(({ storey, use }) =>
      storey !== undefined && storey >= 0 && use !== 'attic' && use !== 'outdoors' ? [storey] : [],
    ),
  );
  return levels.size === 0 ? null : { value: String(Math.min(3, levels.size)), from: { kind: 'home' } };
};

/** One side of a size such as 16 × 25 × 1: inches, or millimetres where the figures are large. */
export const side =
  (place: 0 | 1): Filler =>
  (asset, { factsOf }) => {
    const { size } = factsOf(asset);
    const sides =
      typeof size === 'string' ? /(\d+(?:\.\d+)?)\D{0,6}?\s*[x×]\s*(\d+(?:\.\d+)?)/i.exec(size) : null;
    const value = Number(sides?.[place + 1] ?? Number.NaN);
    return Number.isFinite(value) && value > 0
      ? { value: { value, unit: value >= 100 ? 'mm' : 'in' }, from: { kind: 'fact', asset } }
      : null;
  };

/** The forecast’s lowest, °C. */
export const lowestAhead: Filler = (_, known) =>
  known.lowestAhead === null
    ? null
    : { value: { value: known.lowestAhead, unit: 'C' }, from: { kind: 'forecast' } };

/** The burner by what the thing is and what it burns. */
export const burner: Filler = (asset, known) => {
  const kind = kindOf(asset, known);
  const { fuel } = known.factsOf(asset);
  if (fuel === 'oil') return { value: 'oil', from: { kind: 'fact', asset } };
  return kind === 'furnace' || kind === 'boiler' || kind === 'water-heater'
    ? { value: kind, from: { kind: 'home' } }
    : null;
};

/** The kind of vent, as far as the fuel tells it: of gas there are two. */
export const vent: Filler = (asset, { factsOf }) => {
  const { fuel } = factsOf(asset);
  const value = fuel === 'oil' ? 'oil' : fuel === 'wood' ? 'solid-fuel' : null;
  return value === null || NO_FLAME.includes(fuel ?? null) ? null : { value, from: { kind: 'fact', asset } };
};

export const filterKind: Filler = (asset, { factsOf }) => {
  const { grade } = factsOf(asset);
  if (grade !== 'fine' && grade !== 'simple') return null;
  return { value: grade === 'fine' ? 'fine-pleat' : 'plain-panel', from: { kind: 'fact', asset } };
};

const newest = (read: readonly LastRead[]): LastRead | null =>
  read.reduce<LastRead | null>((last, one) => (last === null || one.date > last.date ? one : last), null);

/** A field as it was put in the last time the same was read. */
export const lastGiven =
  (measure: string, field: string): Filler =>
  (asset, { lastRead }) => {
    const last = newest(lastRead.filter((one) => one.asset === asset && one.measure === measure));
    const value = last?.given?.[field];
    return last === null || value === undefined ? null : { value, from: { kind: 'record', date: last.date } };
  };

/** Days after which a filter’s grade says nothing any more. */
const GRADE_HOLDS = 60;

/** The grade the filter was given last: of the plant’s own filter, else of the only one; one changed since is new. */
export const lastGrade: Filler = (asset, known) => {
  const filters = ofKind('filter-position', known);
  const own = filters.filter(({ partOf, serves }) => partOf === asset || serves?.includes(asset));
  const [filter, another] = own.length > 0 ? own : filters;
  if (!filter || (another && own.length === 0)) return null;
  const read = newest(
    known.lastRead.filter((one) => one.asset === filter.id && one.measure === 'filter-grade'),
  );
  const changed = newestDone(filter.id, PROJECTIONS['filter-grade']?.restarts ?? [], known);
  const isHeld = (date: LastRead['date']): boolean => daysBetween(date, known.today) <= GRADE_HOLDS;
  if (changed !== null && (read === null || changed >= read.date))
    return isHeld(changed) ? { value: 'new', from: { kind: 'record', date: changed } } : null;
  const grade = read?.given?.['grade'];
  return read !== null && grade !== undefined && isHeld(read.date)
    ? { value: grade, from: { kind: 'record', date: read.date } }
    : null;
};

function newestDone(asset: string, practices: readonly string[], { lastDone }: KnownForReading) {
  const days = lastDone.flatMap((one) =>
    one.asset === asset && practices.includes(one.practice) && one.on !== null ? [one.on] : [],
  );
  return days.sort().at(-1) ?? null;
}

/** Months since some work was done to the thing. */
export const monthsSince =
  (...practices: string[]): Filler =>
  (asset, known) => {
    const on = newestDone(asset, practices, known);
    return on === null
      ? null
      : { value: aged(daysBetween(on, known.today), 'months'), from: { kind: 'record', date: on } };
  };

/** The first dose is another than those after it: it is the first where the record knows of none. */
export const dose: Filler = (asset, known) => {
  const done = newestDone(asset, ['condensate-pan-tablets'], known);
  const read = newest(known.lastRead.filter((one) => one.asset === asset && one.measure === 'drain-dose'));
  const date = [done, read?.given?.['pour-now'] === 'tablets' ? read.date : null]
    .flatMap((one) => one ?? [])
    .sort()
    .at(-1);
  return date === undefined
    ? { value: 'first', from: { kind: 'home' } }
    : { value: 'upkeep', from: { kind: 'record', date } };
};

/** Tablets where the work at hand is to put tablets in. */
export const pourNow: Filler = (_, { work }) =>
  work?.practice === 'condensate-pan-tablets' ? { value: 'tablets', from: { kind: 'work' } } : null;

/** The hours the work at hand usually takes. */
export const workHours: Filler = (_, { work }) =>
  work === null
    ? null
    : { value: { value: Math.round((work.minutes / 60) * 100) / 100, unit: 'h' }, from: { kind: 'work' } };

/** Filters of any sort that are in the house. */
export const filterStock: Filler = (_, { stock }) => {
  const counted = ['filter-panel', 'filter-media'].flatMap((supply) => stock[supply] ?? []);
  return counted.length === 0
    ? null
    : { value: counted.reduce((sum, one) => sum + one, 0), from: { kind: 'home' } };
};

/** From the flame to the blower, as the furnace’s start was timed on the same day. */
export const flameToBlower: Filler = (asset, { lastRead, today }) => {
  const start = lastRead.find(
    (one) => one.asset === asset && one.measure === 'start-to-blower' && one.date === today,
  );
  const [flame, blower] = [seconds(start, 'at-flame'), seconds(start, 'at-blower')];
  if (flame === null || blower === null || blower < flame) return null;
  return { value: { value: blower - flame, unit: 's' }, from: { kind: 'record', date: today } };
};

function seconds(read: LastRead | undefined, field: string): number | null {
  const value = read?.given?.[field];
  return typeof value === 'object' && value.unit === 's' ? value.value : null;
}

/** The first of several ways that knows. */
export const firstOf =
  (...ways: Filler[]): Filler =>
  (asset, known): FilledIn | null => {
    for (const way of ways) {
      const filled = way(asset, known);
      if (filled) return filled;
    }
    return null;
  };
