import { daysFromCivil } from '../calendar/civilDate.ts';
import type { Hemisphere } from '../calendar/clockChange.ts';
import { climateFromDays } from './climateFromDays.ts';
import { STATIONS } from './data/stations.ts';
import { SimulatedStation, type StationNormals } from './simulatedStation.ts';
import type { StationClimate } from './stationClimate.ts';

export const STATION_CODES: readonly string[] = STATIONS.map(({ code }) => code);

const byCode = new Map(STATIONS.map((station) => [station.code, station]));
const stations = new Map<string, SimulatedStation>();
const climates = new Map<string, StationClimate>();

/** The normals of a made-up station; undefined where none has the code. */
export const findStation = (code: string): StationNormals | undefined => byCode.get(code);

export const hemisphereOf = ({ latitude }: { latitude: number }): Hemisphere =>
  latitude < 0 ? 'south' : 'north';

/** The simulated station of a code; undefined where none has it. */
export function simulatedStation(code: string): SimulatedStation | undefined {
  const normals = byCode.get(code);
  if (!normals) return undefined;
  const known = stations.get(code) ?? new SimulatedStation(normals);
  stations.set(code, known);
  return known;
}

/** Thirty years of the station's own made-up days stand for its record, so that risks and weather agree. */
const RECORD = { from: daysFromCivil(1991, 1, 1), to: daysFromCivil(2020, 12, 31) };

/** The climate of a made-up station, worked out from its days as that of an imported series is; undefined for no station. */
export function climateOfStation(code: string): StationClimate | undefined {
  const known = climates.get(code);
  if (known) return known;
  const [normals, station] = [byCode.get(code), simulatedStation(code)];
  if (!normals || !station) return undefined;
  const [low, high, rain] = [new Map<number, number>(), new Map<number, number>(), new Map<number, number>()];
  station.days(RECORD.from, RECORD.to).forEach((day, index) => {
    low.set(RECORD.from + index, day.low ?? 0);
    high.set(RECORD.from + index, day.high ?? 0);
    rain.set(RECORD.from + index, day.rain ?? 0);
  });
  const { name, latitude, elevation } = normals;
  const worked = climateFromDays({ name, latitude, elevation, low, high, rain }, hemisphereOf(normals));
  if (!worked.ok) throw new Error(`station ${code}: ${worked.error.code}`);
  climates.set(code, worked.value);
  return worked.value;
}
