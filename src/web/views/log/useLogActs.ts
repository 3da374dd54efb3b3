import { ref, type ComputedRef } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { followsText } from '../../../locales/followsText.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { waitsText } from '../../composables/waitsText.ts';
import { useWriting, type Sent, type Wanted } from '../../composables/useWriting.ts';
import { useSaying } from '../../kit/saying.ts';
import type { LogHit } from './logHits.ts';

/** What was typed beside the words that are searched for. */
export interface Said {
  readonly date: CivilDate;
  readonly cost: number | null;
}

/** Whether one tap can log a task: what must be looked at, read or explained first has a dialog. */
export function isPlain({ unit }: Extract<LogHit, { kind: 'task' }>, date: CivilDate): boolean {
  if (!unit) return true;
  const { occurrence } = unit;
  return occurrence.asks === 'work' && (occurrence.baseline || date >= occurrence.window.earliest);
}

/** Writes what is logged, says it in a toast, and takes it back from there. */
export function useLogActs(speech: ComputedRef<Speech>) {
  const { write, takeBack } = useWriting();
  const { tell, tellBody } = useErrorText();
  const say = useSaying();
  const busy = ref(false);

  /** Sends once, however often it is pressed. Answers whether it was taken: sent, or kept on the device. */
  async function send(wanted: readonly Wanted[], text: string): Promise<boolean> {
    if (busy.value) return false;
    busy.value = true;
    try {
      return written(await write(wanted, text), text);
    } catch (error) {
      say({ text: tell(error).text, wrong: true });
      return false;
    } finally {
      busy.value = false;
    }
  }

  function written({ entries, outcome }: Sent, text: string): boolean {
    if (outcome.kind === 'refused') {
      say({ text: tellBody(outcome.error).text, wrong: true });
      return false;
    }
    const follows =
      outcome.kind === 'delivered'
        ? followsText(speech.value, outcome.response)
        : waitsText(speech.value.t, outcome).trim();
    const undo = {
      label: speech.value.t('today.undo'),
      act: () => void undoAll(entries),
    };
    say({ text: `${text} ${follows}`.trim(), undo });
    return true;
  }

  async function undoAll(entries: Sent['entries']): Promise<void> {
    const { outcome } = await takeBack(entries, speech.value.t('today.undo'));
    if (outcome.kind === 'refused') say({ text: tellBody(outcome.error).text, wrong: true });
    else say({ text: speech.value.t('today.undone') });
  }

  /** Logs a task as done. */
  function done(
    { unit, dutyId, title }: Extract<LogHit, { kind: 'task' }>,
    { date, cost }: Said,
    today: CivilDate,
    name: string,
  ) {
    const body = {
      ...(unit ? doneFor(dutyId, unit.occurrence) : makeBody('done', { duty: dutyId })),
      ...(cost !== null && { cost }),
    };
    const text = speech.value.t(
      'today.logged',
      { title, units: name, date: dateText(speech.value, date) },
      date === today ? 1 : 2,
    );
    return send([{ date, body, ...(unit && { saw: unit.occurrence.key }) }], text);
  }

  return { busy, send, written, done };
}
