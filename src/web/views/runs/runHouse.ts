import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import type { HouseBody, ScheduleRow } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';
import { suppliesFor, type GatherFrom } from '../../../core/runs/gather.ts';
import type { RunHouse } from '../../../core/runs/planRun.ts';
import { holds } from '../../../core/practice/condition.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import type { Speech } from '../../../locales/speech.ts';
import type { Hazard } from '../../../core/practice/lists.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { readingOf } from '../../../core/readings/all.ts';
import type { Settled } from '../../../core/readings/reading.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import { seenThatStopped } from '../../../core/runs/seen.ts';
import { stateOf, type RunItem, type RunState } from '../../../core/runs/runState.ts';
import { factsWithin } from '../../composables/useKnownForReading.ts';
import type { useHome } from '../../stores/home.ts';
import type { ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { cautionText } from '../../../locales/stepText.ts';
import { stopInWords, type StopInWords } from '../../../locales/stopText.ts';
import { foundByReading } from '../../../core/ledger/findingWhat.ts';
import { stopHelp } from '../../../core/runs/stopHelp.ts';

/** The house a run is built from. */
export const runHouseOf = (
  house: HouseBody,
  rows: readonly ScheduleRow[],
  known: KnownBody,
  find: FindPractice,
): RunHouse => ({
  house,
  gone: known.gone,
  retired: rows.filter(({ retired }) => retired).map(({ dutyId }) => dutyId),
  find,
  fits: ({ when }, asset) =>
    when === undefined ||
    holds(when, {
      facts: known.facts[asset] ?? {},
      traits: new Map(Object.entries(known.traits)),
      climate: null,
      kinds: new Set(house.assets.filter(({ id }) => !known.gone.includes(id)).map(({ kind }) => kind)),
    }) !== 'no',
});

/** Everything that decides how much a run takes, and what of it is outstanding. */
export function gatherFromOf(
  home: Pick<ReturnType<typeof useHome>, 'house' | 'rows' | 'on' | 'find'>,
  known: KnownBody | null,
): GatherFrom {
  const { lastDone = {}, stock = {}, facts = {} } = known ?? {};
  const { on } = home;
  const due = new Set(
    home.rows.flatMap(({ dutyId, occurrence }) =>
      occurrence && on !== null && occurrence.window.earliest <= on ? [dutyId] : [],
    ),
  );
  return {
    find: home.find,
    factsOf: factsWithin(home.house?.assets ?? [], facts),
    isDue: (duty) => due.has(duty),
    isFirst: (duty) => lastDone[duty] === undefined,
    stock: new Map(Object.entries(stock)),
  };
}

/** The practice an item is done by: its own, or another way chosen instead. */
export const practiceOf = (
  item: RunItem,
  instead: string | null,
  find: FindPractice,
): Practice | undefined => {
  const code = instead ?? item.practice;
  return code === null || item.books ? undefined : find(code);
};

/** The name of an item. */
export function itemTitle(item: RunItem, house: HouseBody, speech: Speech): string {
  if (item.practice !== null) {
    const title = practiceTitle(speech, { from: 'catalogue', code: item.practice });
    return item.books ? speech.t('run.book', { title }) : title;
  }
  const duty = house.duties.find(({ id }) => id === item.duties[0]);
  return duty ? practiceTitle(speech, duty.practice) : '';
}

/** The things an item is done to, by name. */
export const itemThings = (item: RunItem, house: HouseBody, speech: Speech): string =>
  speech.formats.list(
    item.assets.flatMap((id) => {
      const asset = house.assets.find((one) => one.id === id);
      return asset ? [asset.name] : [];
    }),
  );

/** How much an item takes, by supply, as far as that is known; a first dose is more than the usual one. */
export function takesOf(
  item: RunItem | null,
  practice: Practice | undefined,
  from: GatherFrom,
): { supply: string; quantity: number }[] {
  if (!item || !practice) return [];
  const sums = new Map<string, number>();
  for (const { supply, quantity } of suppliesFor(item, practice, false, from))
    if (quantity !== null) sums.set(supply, (sums.get(supply) ?? 0) + quantity);
  return [...sums].map(([supply, quantity]) => ({ supply, quantity }));
}

type Traits = Readonly<Record<string, FactValue>>;

/** A home's settings for a reading. */
export function settledOf(code: string, traits: Traits): Settled {
  const reading = readingOf(code);
  return reading ? settledBy(reading, traits) : {};
}

/**
 * The occurrence that a duty done on a day must name because frost or a companion opened its window early; none where it opened by itself, or had
 * not opened by that day.
 */
export function openedEarly(rows: readonly ScheduleRow[], duty: string, on: CivilDate): string | undefined {
  const occurrence = rows.find(({ dutyId }) => dutyId === duty)?.occurrence;
  const body = occurrence && occurrence.window.earliest <= on ? doneFor(duty, occurrence) : null;
  return body?.kind === 'done' ? body.occurrence : undefined;
}

const NOTHING: StopInWords = { why: [], now: [], call: [] };

/** A stop of a run in words: the verdict of the measurement, what was seen, or the caution and when to stop and call. */
export function stopOf(
  { stop, ...run }: RunState,
  speech: ReadingSpeech,
  traits: Traits,
  find: FindPractice,
): StopInWords {
  if (!stop) return NOTHING;
  if (stop.hazard !== null) return { ...NOTHING, now: [cautionText(speech, stop.hazard as Hazard)] };
  const settings = (code: string): Settled => settledOf(code, traits);
  const seen = seenThatStopped({ stop, ...run });
  if (seen) {
    const { what, look, repairs } = seen;
    const help = stopInWords(speech, stopHelp({ what, look, given: null, repairs }, find, settings));
    return { ...help, why: [what] };
  }
  const kept = stateOf({ stop, ...run }, stop.item).readings.findLast(
    ({ reading }) => reading === stop.reading,
  );
  if (!kept) return NOTHING;
  const found = { what: foundByReading(kept.reading), look: null, given: kept.given, repairs: [] };
  return stopInWords(speech, stopHelp(found, find, settings));
}
