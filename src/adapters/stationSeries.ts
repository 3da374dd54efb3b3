import Papa from 'papaparse';
import type { Hemisphere } from '../core/calendar/clockChange.ts';
import { climateFromDays } from '../core/climate/climateFromDays.ts';
import type { StationClimate } from '../core/climate/stationClimate.ts';
import { readGhcnDaily, type StationFileFault } from '../core/formats/ghcnDaily.ts';
import { fail, ok, type Result } from '../core/basics/result.ts';

/** The result of a station file: the climate it tells of, and how many of its values were marked as wrong and left out. */
export interface StationFile {
  readonly climate: StationClimate;
  readonly flagged: number;
}

/** Reads a daily station file and works out its climate. Nothing is kept of a file with a bad row. */
export function readStationFile(text: string, hemisphere: Hemisphere): Result<StationFile, StationFileFault> {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const unclosed = errors.flatMap(({ type, row = 0 }) => (type === 'Quotes' ? [row + 1] : []));
  const read = readGhcnDaily(data, unclosed);
  if (!read.ok) return read;
  const climate = climateFromDays(read.value.series, hemisphere);
  return climate.ok ? ok({ climate: climate.value, flagged: read.value.flagged }) : fail(climate.error);
}
