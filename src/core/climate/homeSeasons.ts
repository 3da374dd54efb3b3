import { civilFromDays, type DayNumber } from '../calendar/civilDate.ts';
import type { Hemisphere } from '../calendar/clockChange.ts';
import {
  anchorKey,
  ANCHOR_KEYS,
  monthDayIn,
  type Anchor,
  type AnchorKey,
  type FreezeRisk,
  type Season,
} from './anchor.ts';
import { figuresOf, type ClimatePlace } from './climate.ts';
import type { SpanOfYear, StationClimate } from './stationClimate.ts';

/** The source of a season date. `none`: the season never comes here; `unknown`: no climate is set for the home. */
export type SeasonBasis = 'set' | 'station' | 'imported' | 'convention' | 'none' | 'unknown';

/** A season date of a home: a day of the year, or null with the reason in `basis`. */
export interface SeasonDate {
  readonly on: string | null;
  readonly basis: SeasonBasis;
}

/** Dates that are the same everywhere in a hemisphere: a convention, adjustable like the others. */
const CONVENTIONS: Record<Hemisphere, Partial<Record<AnchorKey, string>>> = {
  north: { lateWinter: '02-15', midwinter: '01-15', lateSummer: '08-25' },
  south: { lateWinter: '08-15', midwinter: '07-15', lateSummer: '02-25' },
};

/** A run of days, both ends included. */
export interface Run {
  readonly from: DayNumber;
  readonly to: DayNumber;
}

/** Every season date of a home, and the runs of days its seasons make. Built once for a projection. */
export class HomeSeasons {
  private readonly dates: ReadonlyMap<AnchorKey, SeasonDate>;
  private readonly figures: StationClimate | null;
  private readonly runs = new Map<Season, Map<number, Run>>();

  constructor(private readonly place: ClimatePlace) {
    this.figures = figuresOf(place);
    this.dates = new Map(ANCHOR_KEYS.map((key) => [key, this.work(key)]));
  }

  /** The date of an anchor at a risk (which only freezes have). */
  date(anchor: Anchor, risk: FreezeRisk): SeasonDate {
    return this.dates.get(anchorKey(anchor, risk)) ?? { on: null, basis: 'unknown' };
  }

  byKey(key: AnchorKey): SeasonDate {
    return this.dates.get(key) ?? { on: null, basis: 'unknown' };
  }

  /** The day of an anchor in a calendar year; null where it has none. */
  dayIn(anchor: Anchor, risk: FreezeRisk, year: number): DayNumber | null {
    const { on } = this.date(anchor, risk);
    return on === null ? null : monthDayIn(year, on);
  }

  /** The first day on or after `day` on which a first freeze is to be expected; null where it never freezes. */
  freezeOnOrAfter(day: DayNumber, risk: FreezeRisk): DayNumber | null {
    const { year } = civilFromDays(day);
    const [here, next] = [this.dayIn('firstFreeze', risk, year), this.dayIn('firstFreeze', risk, year + 1)];
    return here !== null && here >= day ? here : next;
  }

  /** The first day on or after `day` on which a last freeze is to be expected (10 % risk); null where it never freezes. */
  lastFreezeOnOrAfter(day: DayNumber): DayNumber | null {
    const { year } = civilFromDays(day);
    const [here, next] = [this.dayIn('lastFreeze', 10, year), this.dayIn('lastFreeze', 10, year + 1)];
    return here !== null && here >= day ? here : next;
  }

  /**
   * The run of a season that holds a day, or the next one to begin after it; end days count, and frost-free is strictly between last and
   * first freeze. Null: never. A season that never ends runs from and to infinity.
   */
  runAt(season: Season, day: DayNumber): Run | null {
    const always = { from: -Infinity, to: Infinity };
    const [start, end] = this.ends(season);
    if (start.on === null || end.on === null) return this.endless(season, start, end) ? always : null;
    const { year } = civilFromDays(day);
    for (let startYear = year - 1; startYear <= year + 1; startYear += 1) {
      const run = this.runBegunIn(season, startYear, start.on, end.on);
      if (run.from <= run.to && run.to >= day) return run;
    }
    return null;
  }

  /** The run of a season that begins in a year, between two days of the year; its end lies before its beginning where there is none. */
  private runBegunIn(season: Season, year: number, start: string, end: string): Run {
    const runs = this.runs.get(season) ?? new Map<number, Run>();
    this.runs.set(season, runs);
    const known = runs.get(year);
    if (known) return known;
    const from = monthDayIn(year, start);
    const same = monthDayIn(year, end);
    const to = same < from ? monthDayIn(year + 1, end) : same;
    const run = season === 'frostFree' ? { from: from + 1, to: to - 1 } : { from, to };
    runs.set(year, run);
    return run;
  }

  /** Whether anything is known of a season here: its dates, or that it never comes. */
  knows(season: Season): boolean {
    return this.ends(season).every(({ basis }) => basis !== 'unknown');
  }

  /** Where a season lacks an end: frost-free always where it never freezes; heating and cooling where they never stop. */
  private endless(season: Season, start: SeasonDate, end: SeasonDate): boolean {
    switch (season) {
      case 'frostFree':
        return start.basis === 'none' || end.basis === 'none' || start.basis === 'set' || end.basis === 'set';
      case 'freezing':
        return false;
      case 'heating':
      case 'cooling':
        return start.basis !== 'set' && end.basis !== 'set' && this.figures?.[season] === 'always';
    }
  }

  private ends(season: Season): [SeasonDate, SeasonDate] {
    switch (season) {
      case 'heating':
        return [this.byKey('heatingStart'), this.byKey('heatingEnd')];
      case 'cooling':
        return [this.byKey('coolingStart'), this.byKey('coolingEnd')];
      case 'freezing':
        return [this.byKey('firstFreeze'), this.byKey('lastFreeze')];
      case 'frostFree':
        return [this.byKey('lastFreeze'), this.byKey('firstFreeze')];
    }
  }

  private work(key: AnchorKey): SeasonDate {
    const set = this.place.climate?.set?.[key];
    if (set !== undefined) return { on: set === 'none' ? null : set, basis: 'set' };
    const convention = CONVENTIONS[this.place.hemisphere][key];
    if (convention !== undefined) return { on: convention, basis: 'convention' };
    if (!this.figures) return { on: null, basis: 'unknown' };
    const on = measured(this.figures, key);
    const basis = this.place.climate?.imported ? 'imported' : 'station';
    return { on, basis: on === null ? 'none' : basis };
  }
}

function measured(figures: StationClimate, key: AnchorKey): string | null {
  switch (key) {
    case 'firstFreeze':
      return figures.firstFreeze[10];
    case 'firstFreeze50':
      return figures.firstFreeze[50];
    case 'firstFreeze90':
      return figures.firstFreeze[90];
    case 'lastFreeze':
      return figures.lastFreeze[10];
    case 'lastFreeze50':
      return figures.lastFreeze[50];
    case 'lastFreeze90':
      return figures.lastFreeze[90];
    case 'heatingStart':
      return edge(figures.heating, 'start');
    case 'heatingEnd':
      return edge(figures.heating, 'end');
    case 'coolingStart':
      return edge(figures.cooling, 'start');
    case 'coolingEnd':
      return edge(figures.cooling, 'end');
    case 'leafFall':
      return figures.leafFall;
    case 'lateWinter':
    case 'midwinter':
    case 'lateSummer':
      return null;
  }
}

const edge = (span: SpanOfYear, which: 'start' | 'end'): string | null =>
  typeof span === 'string' ? null : span[which];
