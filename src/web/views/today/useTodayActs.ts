import { ref, type ComputedRef } from 'vue';
import type { NewEntry } from '../../../contract/schemas.ts';
import { toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { dutyOf } from '../../../core/ledger/references.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { waitsText } from '../../composables/waitsText.ts';
import { useWriting, type Sent, type Wanted } from '../../composables/useWriting.ts';
import { useSaying } from '../../kit/saying.ts';
import { useHome } from '../../stores/home.ts';
import type { Line, Unit } from '../../parts/task/lines.ts';
import { followsText, nextText } from '../../../locales/followsText.ts';
import type { useWeek } from './useWeek.ts';

const A_WEEK = 7;

/** What can be done on a line of Today: one request each, said in a toast and on the line, and undone from either. */
export function useTodayActs(
  speech: ComputedRef<Speech>,
  week: ReturnType<typeof useWeek>,
  noteDone: (entries: readonly NewEntry[]) => void,
) {
  const home = useHome();
  const { write, takeBack } = useWriting();
  const { tell, tellBody } = useErrorText();
  const say = useSaying();
  const busy = ref(false);
  const t = (key: string, named: Record<string, unknown> = {}, plural = 1): string =>
    speech.value.t(key, named, plural);

  /** Nothing else is sent from this page until this has been; what goes wrong is said, and the page stays as it is. */
  async function once(work: () => Promise<void>): Promise<void> {
    if (busy.value) return;
    busy.value = true;
    try {
      await work();
    } catch (error) {
      say({ text: tell(error).text, wrong: true });
    } finally {
      busy.value = false;
    }
  }

  /** Says what came of a write, on its lines too. */
  function written({ entries, outcome }: Sent, text: string): void {
    if (outcome.kind === 'refused') {
      say({ text: tellBody(outcome.error).text, wrong: true });
      // What stands may be other than what was seen: the page chooses anew.
      week.choose();
      return;
    }
    const follows =
      outcome.kind === 'delivered'
        ? followsText(speech.value, outcome.response)
        : waitsText(speech.value.t, outcome).trim();
    const duties = entries.flatMap(({ body }) => (body.kind === 'terms' ? [] : (dutyOf(body) ?? [])));
    // On the line it is short: nothing may move when it is said there.
    const next = outcome.kind === 'delivered' ? nextText(speech.value, outcome.response) : '';
    week.settle(duties, { text: lineText(entries, next), entries });
    if (outcome.kind === 'delivered') noteDone(entries);
    const undo = { label: t('today.undo'), act: () => void once(() => undoEntries(entries)) };
    say({ text: `${text} ${follows}`.trim(), undo });
  }

  const lineText = (entries: readonly NewEntry[], next: string): string => {
    const kind = entries[0]?.body.kind;
    const first = t(`today.settled.${kind === 'putOff' || kind === 'skipped' ? kind : 'done'}`);
    return `${first} ${next}`.trim();
  };

  async function undoEntries(entries: readonly NewEntry[]): Promise<void> {
    const { outcome } = await takeBack(entries, t('today.undo'));
    if (outcome.kind === 'refused') {
      say({ text: tellBody(outcome.error).text, wrong: true });
      return;
    }
    week.unsettle(entries.map(({ id }) => id));
    say({ text: t('today.undone') });
  }

  /** Undoes what was done about some tasks: each request of them as a whole. */
  const undo = (dutyIds: readonly string[]) =>
    once(async () => {
      const requests = new Set(dutyIds.flatMap((id) => week.settled.value.get(id)?.entries ?? []));
      await undoEntries([...requests]);
    });

  const unitNames = (units: readonly Unit[]): string =>
    speech.value.formats.list(units.map(({ asset }) => asset.name));

  /** Logs units of a line as done today. */
  const done = (line: Line, units: readonly Unit[]) =>
    once(async () => {
      const { on } = home;
      if (!on) return;
      const wanted = units.map(({ duty, occurrence }): Wanted => ({
        date: on,
        body: doneFor(duty.id, occurrence),
        saw: occurrence.key,
      }));
      const title = practiceTitle(speech.value, line.practice);
      const text = t('today.logged', { title, units: unitNames(units) });
      written(await write(wanted, text), text);
    });

  /** Postpones a line by a week from today, without being asked why. */
  const postponeWeek = (line: Line) =>
    once(async () => {
      const { on } = home;
      if (!on) return;
      const to = toCivilDate(toDay(on) + A_WEEK);
      const why = t('today.notThisWeek');
      const wanted = line.units.map(({ duty, occurrence: { key } }): Wanted => ({
        date: on,
        body: makeBody('putOff', { duty: duty.id, occurrence: key, to, why }),
        saw: key,
      }));
      const title = practiceTitle(speech.value, line.practice);
      const text = t('today.putOffDone', { title, due: dateText(speech.value, to) });
      written(await write(wanted, text), text);
    });

  /** Writes that something is shut for the season, or open. */
  const turn = (asset: string, state: string, kind: 'shut' | 'opened', text: string) =>
    once(async () => {
      if (!home.on) return;
      written(await write([{ date: home.on, body: makeBody(kind, { asset, state }) }], text), text);
    });

  return { busy, written, done, postponeWeek, turn, undo };
}
