import { isCivilDate, toDay, type DayNumber } from '../calendar/civilDate.ts';
import type { DailySeries, SeriesProblem } from '../climate/climateFromDays.ts';
import { fail, ok, type Result } from '../result.ts';

/** One thing wrong with a row of a station file; `row` counts lines from 1. */
export interface RowProblem {
  readonly code: 'columns' | 'date' | 'value' | 'station';
  readonly row: number;
  readonly column: string;
  readonly value: string;
}

/** What a file held: the series, and how many values its own quality checks had marked as wrong. */
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

/**
 * Reads the rows of a daily station file in the GHCN-Daily CSV layouts: one line a day with a header (`STATION,DATE,…,TMAX,TMAX_ATTRIBUTES,…`), or one line a
 * value without (`ID,YYYYMMDD,ELEMENT,VALUE,MFLAG,QFLAG,SFLAG,TIME`). Values are tenths of °C and mm. A value with a quality flag is left out, as are days and values
 * that are missing; a row that cannot be read refuses the file, by row and column.
 */
export function readGhcnDaily(rows: readonly (readonly string[])[]): Result<ReadSeries, SeriesFault> {
  const [first] = rows;
  if (!first) return fail({ code: 'empty' });
  const reading = new Reading();
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

  /** A line a day; the header names the columns. */
  byDay(header: readonly string[], rows: readonly (readonly string[])[]): void {
    const at = new Map(header.map((name, index) => [name.trim().toUpperCase(), index]));
    const cell = (row: readonly string[], name: string): string => row[at.get(name) ?? -1]?.trim() ?? '';
    if (!ELEMENTS.some((element) => at.has(element))) this.tell(1, 'columns', 'TMIN', header.join(','));
    rows.forEach((row, index) => {
      const line = index + 2;
      if (row.length < header.length / 2) {
        this.tell(line, 'columns', 'DATE', row.join(','));
        return;
      }
      const day = this.day(cell(row, 'DATE'), line, 'DATE');
      if (day === null || !this.sameStation(cell(row, 'STATION'), line, 'STATION')) return;
      this.name ??= cell(row, 'NAME') || null;
      this.latitude ??= numberOr(cell(row, 'LATITUDE'));
      this.elevation ??= numberOr(cell(row, 'ELEVATION'));
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
      if (row.length < 4) {
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
    const value = Number(text);
    const [least, most] = RANGES[element];
    if (!Number.isInteger(value) || value < least || value > most) {
      this.tell(row, 'value', element, text);
      return;
    }
    if (quality.trim() !== '') this.flagged += 1;
    else this.values[element].set(day, value / 10);
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

function numberOr(text: string): number | null {
  const value = Number(text);
  return text === '' || !Number.isFinite(value) ? null : value;
}
