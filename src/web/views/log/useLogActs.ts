import type { ComputedRef } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { doneFor } from '../../../core/ledger/write/doneFor.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { useSaidWrites } from '../../composables/useSaidWrites.ts';
import type { LogHit } from './logHits.ts';

/** The rest of the typed sentence, beside the words that are searched for. */
export interface Said {
  readonly date: CivilDate;
  readonly cost: number | null;
}
type TaskHit = Extract<LogHit, { kind: 'task' }>;

/** Whether one tap can log a task: what must be looked at, read or explained first has a dialog. */
export function isPlain({ unit }: TaskHit, date: CivilDate): boolean {
  if (!unit) return true;
  const { occurrence } = unit;
  return occurrence.asks === 'work' && (occurrence.baseline || date >= occurrence.window.earliest);
}

/** Writes what is logged, says it in a toast, and undoes it from there. */
export function useLogActs(speech: ComputedRef<Speech>) {
  const { busy, written, send } = useSaidWrites(speech);

  /** Logs a task as done on the day and at the cost that were said; `name`: of its thing. */
  function done(hit: TaskHit, { date, cost }: Said, name: string): Promise<boolean> {
    const { unit, dutyId, title } = hit;
    const { t, today } = speech.value;
    const body = {
      ...(unit ? doneFor(dutyId, unit.occurrence) : makeBody('done', { duty: dutyId })),
      ...(cost !== null && { cost }),
    };
    const said = { title, units: name, date: dateText(speech.value, date) };
    return send(
      [{ date, body, ...(unit && { saw: unit.occurrence.key }) }],
      t('today.logged', said, date === today ? 1 : 2),
    );
  }

  return { busy, send, written, done };
}
