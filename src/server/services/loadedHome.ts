import { createHash } from 'node:crypto';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { finderWith, PRACTICES } from '../../core/catalogue/catalogue.ts';
import { stationWeather } from '../../core/climate/stationWeather.ts';
import type { Home, House } from '../../core/house/house.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { Threads } from '../../core/ledger/threads.ts';
import { projectPast, type HouseProjection } from '../../core/schedule/project.ts';
import {
  pastAsOf,
  reachesBehind,
  type Checkpoint,
  type Past,
} from '../../core/schedule/replay/checkpoint.ts';
import type { ProjectionInputs } from '../../core/schedule/replay/replayHouse.ts';
import { checkpointDay, takeCheckpoint } from '../../core/schedule/replay/takeCheckpoint.ts';
import type { Tx } from '../db/database.ts';
import { dropCheckpoint, loadCheckpoint, saveCheckpoint } from '../stores/checkpointStore.ts';
import { loadLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';

/** A home as one transaction knows it, loaded once: the house, what its almanac tells today, and its past. */
export interface LoadedHome {
  readonly house: House;
  readonly today: CivilDate;
  readonly around: ProjectionInputs;
  /** The past folded up to a day, and the entries dated after it; without one, the whole ledger. In sequence. */
  readonly start: Checkpoint | null;
  readonly entries: readonly Entry[];
}

/** The catalogue with the house's own practices, and what its station tells on a day. */
export const projectionInputsOf = (house: House, on: CivilDate): ProjectionInputs => ({
  find: finderWith(house.practices ?? []),
  weather: stationWeather(house.home, on),
});

/** Loads a home with the whole of its ledger. */
export async function loadWholeHome(tx: Tx, home: Home, today: CivilDate): Promise<LoadedHome> {
  const begun = begin(await loadHouse(tx, home), today);
  return { ...begun, start: null, entries: await wholeLedger(tx, home.id) };
}

/** Loads a home with as much of its ledger as was written since its past was folded last. */
export async function loadHome(tx: Tx, home: Home, today: CivilDate): Promise<LoadedHome> {
  const begun = begin(await loadHouse(tx, home), today);
  const known = await loadCheckpoint(tx, home.id, houseHash(begun.house));
  // An earlier day knew less than what was folded: the clock was set back since.
  if (!known || known.start.madeOn > today)
    return { ...begun, start: null, entries: await wholeLedger(tx, home.id) };
  return { ...begun, start: known.start, entries: known.recent.map(withoutSeq) };
}

/** The same home; with the whole of its ledger where one of some new entries reaches back behind what is folded. */
export async function reachingBack(tx: Tx, loaded: LoadedHome, fresh: readonly Entry[]): Promise<LoadedHome> {
  const { start, house, entries } = loaded;
  if (!start) return loaded;
  const threads = new Threads(entries);
  const reaches = fresh.some((entry) => {
    threads.add(entry);
    return reachesBehind(start, threads, entry);
  });
  return reaches ? { ...loaded, start: null, entries: await wholeLedger(tx, house.home.id) } : loaded;
}

export const pastOf = ({ start, entries, today }: LoadedHome): Past => pastAsOf(start, entries, today);

export const projectLoaded = (loaded: LoadedHome): HouseProjection =>
  projectPast(loaded.house, pastOf(loaded), loaded.today, loaded.around);

/** More entries than this are folded anew, so that a tap reads no more of them however long the ledger. */
const MOST_RECENT = 64;

/**
 * Keeps what is folded in step with a ledger that was written to: moved on where much has happened since, given up where it reached
 * behind and nothing new can be folded. The ledger must be locked.
 */
export async function keepCheckpoint(tx: Tx, loaded: LoadedHome): Promise<void> {
  const { house, start, entries, today, around } = loaded;
  if (start && entries.length <= MOST_RECENT) return;
  const upTo = entries.length > MOST_RECENT ? checkpointDay(entries, today) : null;
  if (upTo !== null && (start === null || upTo > start.upTo)) {
    const checkpoint = takeCheckpoint(house, pastOf(loaded), upTo, today, around);
    await saveCheckpoint(tx, house.home.id, houseHash(house), checkpoint);
  } else if (start === null) await dropCheckpoint(tx, house.home.id);
}

const sha256 = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value), 'utf8').digest('hex');

/** Of another catalogue nothing that is folded can be used. */
const CATALOGUE = sha256(PRACTICES);

/** SHA-256, hex, of all of a house that its schedule hangs on. */
const houseHash = ({ home: { zone, hemisphere, climate }, assets, duties, practices = [] }: House): string =>
  sha256([CATALOGUE, zone, hemisphere, climate ?? null, assets, duties, practices]);

const withoutSeq = <E extends Entry & { readonly seq: number }>({ seq: _seq, ...entry }: E): Entry => entry;

/** All of a loaded home but its past. */
const begin = (house: House, today: CivilDate): Omit<LoadedHome, 'start' | 'entries'> => ({
  house,
  today,
  around: projectionInputsOf(house, today),
});

const wholeLedger = async (tx: Tx, homeId: string): Promise<Entry[]> =>
  (await loadLedger(tx, homeId)).map(withoutSeq);
