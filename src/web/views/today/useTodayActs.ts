import type { ComputedRef } from 'vue';
import type { NewEntry } from '../../../contract/schemas.ts';
import { toCivilDate, toDay, type CivilDate } from '../../../core/calendar/civilDate.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { dutyOf } from '../../../core/ledger/references.ts';
import { nextText } from '../../../locales/followsText.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { useSaidWrites } from '../../composables/useSaidWrites.ts';
import type { Sent, Wanted } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import type { Line, Unit } from '../../parts/task/lines.ts';
import type { useWeek } from './useWeek.ts';

const A_WEEK = 7;

/** The words for a sent act on its line: short, because nothing may move when they appear. */
function lineText(speech: Speech, { entries, outcome }: Sent): string {
  const kind = entries[0]?.body.kind;
  const first = speech.t(`today.settled.${kind === 'putOff' || kind === 'skipped' ? kind : 'done'}`);
  const next = outcome.kind === 'delivered' ? nextText(speech, outcome.response) : '';
  return `${first} ${next}`.trim();
}

const doneToday = (units: readonly Unit[], on: CivilDate): Wanted[] =>
  units.map(({ duty, occurrence }) => ({
    date: on,
    body: doneFor(duty.id, occurrence),
    saw: occurrence.key,
  }));

const postponedTo = ({ units }: Line, on: CivilDate, to: CivilDate, why: string): Wanted[] =>
  units.map(({ duty, occurrence: { key } }) => ({
    date: on,
    body: makeBody('putOff', { duty: duty.id, occurrence: key, to, why }),
    saw: key,
  }));

/** The acts of a line of Today: one request each, told in a toast and on the line, and undone from either. */
export function useTodayActs(
  speech: ComputedRef<Speech>,
  week: ReturnType<typeof useWeek>,
  noteDone: (entries: readonly NewEntry[]) => void,
) {
  const home = useHome();
  const { busy, written, undo, send } = useSaidWrites(speech, {
    taken: (sent) => {
      const duties = sent.entries.flatMap(({ body }) => (body.kind === 'terms' ? [] : (dutyOf(body) ?? [])));
      week.settle(duties, { text: lineText(speech.value, sent), entries: sent.entries });
      if (sent.outcome.kind === 'delivered') noteDone(sent.entries);
    },
    undone: (entries) => {
      week.unsettle(entries.map(({ id }) => id));
    },
    // The state may differ from the one on screen: the page chooses anew.
    refused: () => {
      week.choose();
    },
  });

  const titleOf = ({ practice }: Line): string => practiceTitle(speech.value, practice);

  /** Logs units of a line as done today. */
  async function done(line: Line, units: readonly Unit[]): Promise<void> {
    if (!home.on) return;
    const names = speech.value.formats.list(units.map(({ asset }) => asset.name));
    const text = speech.value.t('today.logged', { title: titleOf(line), units: names });
    await send(doneToday(units, home.on), text);
  }

  /** Postpones a line by a week from today, without being asked why. */
  async function postponeWeek(line: Line): Promise<void> {
    if (!home.on) return;
    const { t } = speech.value;
    const to = toCivilDate(toDay(home.on) + A_WEEK);
    const text = t('today.putOffDone', { title: titleOf(line), due: dateText(speech.value, to) });
    await send(postponedTo(line, home.on, to, t('today.notThisWeek')), text);
  }

  /** Writes that something is shut for the season, or open. */
  async function turn(asset: string, state: string, kind: 'shut' | 'opened', text: string): Promise<void> {
    if (home.on) await send([{ date: home.on, body: makeBody(kind, { asset, state }) }], text);
  }

  /** Undoes what was done about some tasks: each request of them as a whole. */
  async function undoOf(dutyIds: readonly string[]): Promise<void> {
    await undo([...new Set(dutyIds.flatMap((id) => week.settled.value.get(id)?.entries ?? []))]);
  }

  return { busy, written, done, postponeWeek, turn, undo: undoOf };
}
