import { isCivilDate, toDay, type DayNumber } from '../calendar/civilDate.ts';
import type { DailySeries, SeriesProblem } from '../climate/climateFromDays.ts';
import { fail, ok, type Result } from '../basics/result.ts';
import { readPlainNumber } from '../units/plainNumber.ts';

/** One thing wrong with a row of a station file; `row` counts lines from 1. */
export interface RowProblem {
  readonly code: 'columns' | 'date' | 'value' | 'station' | 'place' | 'quotes';
  readonly row: number;
  readonly column: string;
  readonly value: string;
}

/** The content of a file: the series, and how many values its own quality checks had marked as wrong. */
export interface ReadSeries {
  readonly series: DailySeries;
  readonly flagged: number;
}

type SeriesFault =
  | { readonly code: 'empty' }
  | { readonly code: 'rows'; readonly problems: RowProblem[]; readonly total: number };

/** All that can be wrong with a station file: its rows, or too little in it to speak of risks. */
export type StationFileFault = SeriesFault | SeriesProblem;

/** Enough to mend a file by; the rest is counted. */
const MOST_TOLD = 20;
const ELEMENTS = ['TMIN', 'TMAX', 'PRCP'] as const;
type Element = (typeof ELEMENTS)[number];

/** Values are whole tenths of °C and of mm; outside these they are no weather. */
const RANGES: Readonly<Record<Element, readonly [number, number]>> = {
  TMIN: [-900, 600],
  TMAX: [-900, 700],
  PRCP: [0, 20_000],
};
const MISSING = new Set(['', '9999', '-9999']);
/** Nothing but digits: no other base, exponent or grouping. */
const WHOLE = /^-?\d+$/;
const DECIMAL = /^-?\d+(\.\d+)?$/;

/** Where on Earth a station can stand: degrees, and metres. */
const PLACES = { LATITUDE: [-90, 90], LONGITUDE: [-180, 180], ELEVATION: [-500, 9_000] } as const;
/** How the format writes an elevation or a position nobody knows. */
const UNKNOWN_PLACE = /^-99+(\.9*)?$/;

/**
 * Reads the rows of a daily station file in the GHCN-Daily CSV layouts: one line a day with a header (`STATION,DATE,…,TMAX,TMAX_ATTRIBUTES,…`), or one line a
 * value without (`ID,YYYYMMDD,ELEMENT,VALUE,MFLAG,QFLAG,SFLAG,TIME`). Values are tenths of °C and mm. A value with a quality flag is left out, as are days and values
 * that are missing; a row that cannot be read refuses the file, by row and column. `unclosed`: lines with a quotation mark that is never closed.
 */
export function readGhcnDaily(
  rows: readonly (readonly string[])[],
  unclosed: readonly number[] = [],
): Result<ReadSeries, SeriesFault> {
  const [first] = rows;
  if (!first) return fail({ code: 'empty' });
  const reading = new Reading();
  for (const row of unclosed) reading.unclosed(row);
  if (first.some((cell) => cell.trim().toUpperCase() === 'DATE')) reading.byDay(first, rows.slice(1));
  else reading.byValue(rows);
  return reading.finish();
}

class Reading {
  private readonly values: Record<Element, Map<DayNumber, number>> = {
    TMIN: new Map(),
    TMAX: new Map(),
    PRCP: new Map(),
  };
  private readonly problems: RowProblem[] = [];
  private total = 0;
  private flagged = 0;
  private station: string | null = null;
  private name: string | null = null;
  private latitude: number | null = null;
  private elevation: number | null = null;

  /** A quotation mark that is never closed: the line it stands in, from 1. */
  unclosed(row: number): void {
    this.tell(row, 'quotes', '', '');
  }

  /** A line a day; the header names the columns. */
  byDay(header: readonly string[], rows: readonly (readonly string[])[]): void {
    const at = new Map(header.map((name, index) => [name.trim().toUpperCase(), index]));
    const cell = (row: readonly string[], name: string): string => row[at.get(name) ?? -1]?.trim() ?? '';
    if (!ELEMENTS.some((element) => at.has(element))) this.tell(1, 'columns', 'TMIN', header.join(','));
    rows.forEach((row, index) => {
      const line = index + 2;
      if (row.length < header.length / 2 || row.length > header.length) {
        this.tell(line, 'columns', 'DATE', row.join(','));
        return;
      }
      const day = this.day(cell(row, 'DATE'), line, 'DATE');
      if (day === null || !this.sameStation(cell(row, 'STATION'), line, 'STATION')) return;
      this.name ??= cell(row, 'NAME') || null;
      this.latitude ??= this.place(cell(row, 'LATITUDE'), line, 'LATITUDE');
      this.place(cell(row, 'LONGITUDE'), line, 'LONGITUDE');
      this.elevation ??= this.place(cell(row, 'ELEVATION'), line, 'ELEVATION');
      for (const element of ELEMENTS) {
        const flags = cell(row, `${element}_ATTRIBUTES`).split(',');
        this.take(element, day, cell(row, element), flags[1] ?? '', line);
      }
    });
  }

  /** A line a value, eight columns, no header. */
  byValue(rows: readonly (readonly string[])[]): void {
    rows.forEach((row, index) => {
      const line = index + 1;
      const [station = '', date = '', element = '', value = '', , quality = ''] = row.map((part) =>
        part.trim(),
      );
      if (row.length < 4 || row.length > 8) {
        this.tell(line, 'columns', 'ID', row.join(','));
        return;
      }
      const day = this.day(withDashes(date), line, 'DATE');
      if (day === null || !this.sameStation(station, line, 'ID')) return;
      const known = ELEMENTS.find((one) => one === element.toUpperCase());
      // Other elements, such as sunshine, are not asked for.
      if (known) this.take(known, day, value, quality, line);
    });
  }

  finish(): Result<ReadSeries, SeriesFault> {
    if (this.total > 0) return fail({ code: 'rows', problems: this.problems, total: this.total });
    const { TMIN: low, TMAX: high, PRCP: rain } = this.values;
    if (low.size === 0 && high.size === 0) return fail({ code: 'empty' });
    for (const [day, value] of low) {
      // A night warmer than its day is a slip no flag caught: neither can be believed.
      if (value > (high.get(day) ?? Infinity)) [low, high].forEach((map) => map.delete(day));
    }
    const name = (this.name ?? this.station ?? '').slice(0, 120) || 'Station';
    const { latitude, elevation } = this;
    return ok({ series: { name, latitude, elevation, low, high, rain }, flagged: this.flagged });
  }

  private take(element: Element, day: DayNumber, text: string, quality: string, row: number): void {
    if (MISSING.has(text)) return;
    const value = WHOLE.test(text) ? (readPlainNumber(text) ?? NaN) : NaN;
    const [least, most] = RANGES[element];
    if (!(value >= least && value <= most)) {
      this.tell(row, 'value', element, text);
      return;
    }
    if (quality.trim() !== '') this.flagged += 1;
    else this.values[element].set(day, value / 10);
  }

  /** A part of where the station stands; null where it is not said. */
  private place(text: string, row: number, column: keyof typeof PLACES): number | null {
    if (text === '' || UNKNOWN_PLACE.test(text)) return null;
    const value = DECIMAL.test(text) ? (readPlainNumber(text) ?? NaN) : NaN;
    const [least, most] = PLACES[column];
    if (value >= least && value <= most) return value;
    this.tell(row, 'place', column, text);
    return null;
  }

  private day(text: string, row: number, column: string): DayNumber | null {
    // Records older than the calendar here are left out, not refused.
    if (/^1[678]\d\d-\d\d-\d\d$/.test(text)) return null;
    if (isCivilDate(text)) return toDay(text);
    this.tell(row, 'date', column, text);
    return null;
  }

  private sameStation(station: string, row: number, column: string): boolean {
    this.station ??= station;
    if (station === this.station) return true;
    this.tell(row, 'station', column, station);
    return false;
  }

  private tell(row: number, code: RowProblem['code'], column: string, value: string): void {
    this.total += 1;
    if (this.problems.length < MOST_TOLD)
      this.problems.push({ code, row, column, value: value.slice(0, 60) });
  }
}

const withDashes = (date: string): string =>
  /^\d{8}$/.test(date) ? `${date.slice(0, 4)}-${date.slice(4, 6)}-${date.slice(6)}` : date;
