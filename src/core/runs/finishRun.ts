import { makeBody } from '../ledger/write/makeBody.ts';
import type { CivilDate } from '../calendar/civilDate.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { readingEntries } from '../readings/entriesOf.ts';
import type { Settled } from '../readings/reading.ts';
import { judgedRead, readBefore } from './readInRun.ts';
import { roundOf } from './rounds.ts';
import type { Seen } from './seen.ts';
import { stateOf, type ItemState, type RunItem, type RunState } from './runState.ts';

/** An entry a run leaves, on its own real day. */
export interface RunEntry {
  readonly id: string;
  readonly date: CivilDate;
  readonly body: EntryBody;
}

/** Inputs of finishing, the run apart. */
export interface Finishing {
  readonly today: CivilDate;
  readonly makeId: () => string;
  /** The occurrence that a duty done early on a day must be named for, or none. */
  readonly occurrenceOf: (duty: string, on: CivilDate) => string | undefined;
  readonly settledOf: (reading: string) => Settled;
  /** The name of a piece of work, and why a hazard stops it: words for notes. */
  readonly titleOf: (item: RunItem) => string;
}

/** Everything a run writes, at once: work done, readings with their verdicts, findings, what was skipped and why. */
export function finishRun(run: RunState, at: Finishing): RunEntry[] {
  const written = run.items.flatMap((item) => itemEntries(item, stateOf(run, item.key), at));
  written.push(...closing(run, at));
  const event = run.round === null ? null : (roundOf(run.round)?.event ?? null);
  if (event === null || written.length === 0) return written;
  const first = written.reduce((earliest, { date }) => (date < earliest ? date : earliest), at.today);
  return [{ id: at.makeId(), date: first, body: makeBody('event', { trigger: event }) }, ...written];
}

/** The problem a run was begun for is closed once its work is done, and bears its minutes where no task does. */
function closing({ finding, items, states }: RunState, at: Finishing): RunEntry[] {
  const [item] = items;
  const state = item && states[item.key];
  if (finding === undefined || !item || state?.status !== 'done') return [];
  const date = state.date ?? at.today;
  const body = makeBody('findingClosed', {
    finding,
    what: at.titleOf(item).slice(0, 200),
    ...(state.who !== null && { who: state.who }),
    ...(item.duties.length === 0 && state.minutes !== null && { minutes: state.minutes }),
  });
  return [{ id: at.makeId(), date, body }];
}

function itemEntries(item: RunItem, state: ItemState, at: Finishing): RunEntry[] {
  const date = state.date ?? at.today;
  const entry = (body: EntryBody, on: CivilDate = date): RunEntry => ({ id: at.makeId(), date: on, body });
  const read = state.readings.flatMap((_, place) => readEntries(place, state, at));
  const note = state.status === 'stopped' ? state.why.trim() : '';
  const seen = state.seen.map((one) => entry(seenBody(one, note), one.date));
  // A stop that was read or seen is its own finding; the work need not be found stopped as well.
  const isOwnFinding = [...read, ...seen].some(
    ({ body }) => body.kind === 'finding' && body.verdict === 'stop',
  );
  return [
    ...(state.status === 'stopped' && isOwnFinding ? [] : statusEntries(item, state, at, entry)),
    ...read,
    ...seen,
    ...state.findings.map(({ date: on, ...finding }) => entry(makeBody('finding', { ...finding }), on)),
  ];
}

function statusEntries(
  item: RunItem,
  state: ItemState,
  at: Finishing,
  entry: (body: EntryBody) => RunEntry,
): RunEntry[] {
  const title = at.titleOf(item);
  const asset = item.assets[0];
  const about = asset === undefined ? {} : { asset };
  switch (state.status) {
    case 'open':
      return [];
    case 'done':
      if (item.duties.length === 0)
        return [entry(makeBody('note', { text: noted(title, state.note), ...about }))];
      return item.duties.map((duty, place) => entry(doneBody(item, state, duty, place, at)));
    case 'skipped':
      if (item.duties.length === 0) return [];
      return item.duties.map((duty) => entry(makeBody('skipped', { duty, why: state.why.trim() || title })));
    case 'impossible':
      return [entry(makeBody('note', { text: noted(title, state.why), ...about }))];
    case 'stopped':
      return asset === undefined
        ? []
        : [
            entry(
              makeBody('finding', {
                asset,
                what: title.slice(0, 200),
                verdict: 'stop',
                days: 0,
                ...(state.why.trim() !== '' && { note: state.why.trim() }),
              }),
            ),
          ];
  }
}

/** The entry of what was seen, sound or not; a problem is work until it is put right. */
const seenBody = ({ asset, what, verdict, days, repairs, look }: Seen, note: string): EntryBody =>
  makeBody('finding', {
    asset,
    what,
    verdict,
    look,
    ...(days !== null && { days }),
    ...(repairs.length > 0 && { answeredBy: [...repairs] }),
    ...(verdict === 'stop' && note !== '' && { note }),
  });

const noted = (title: string, more: string): string =>
  more.trim() === '' ? title : `${title}: ${more.trim()}`;

/** Minutes and supplies of several like things are shared out: the first bears what does not divide. */
function doneBody(item: RunItem, state: ItemState, duty: string, place: number, at: Finishing): EntryBody {
  const occurrence = at.occurrenceOf(duty, state.date ?? at.today);
  const used = Object.entries(state.used);
  return makeBody('done', {
    duty,
    ...(state.who !== null && { who: state.who }),
    ...(state.minutes !== null && { minutes: shareOf(state.minutes, item.duties.length, place) }),
    ...(state.note.trim() !== '' && { note: state.note.trim() }),
    ...(occurrence !== undefined && { occurrence }),
    ...(used.length > 0 && { used: used.map(([supply, n]) => ({ supply, quantity: place === 0 ? n : 0 })) }),
  });
}

const shareOf = (whole: number, parts: number, place: number): number =>
  Math.floor(whole / parts) + (place < whole % parts ? 1 : 0);

/** The entries that a measurement of an item writes; one taken of the same before is written beside it. */
function readEntries(place: number, { readings, status, why }: ItemState, at: Finishing): RunEntry[] {
  const read = readings[place];
  const judged = read && judgedRead(read, at.settledOf);
  if (!judged) return [];
  const last = readBefore(readings, place);
  return readingEntries(judged.reading, read.asset, judged.answer, {
    date: read.date,
    makeId: at.makeId,
    note: status === 'stopped' && why.trim() !== '' ? why.trim() : undefined,
    before: (last && judgedRead(last, at.settledOf)?.answer) ?? undefined,
  });
}
