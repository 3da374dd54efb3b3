import { dateText, type Speech } from '../../../locales/speech.ts';
import type { Unit } from '../../parts/task/lines.ts';

/** When a task is due, in the few words beside its window; grave when its day has passed. */
export function dueText(speech: Speech, { occurrence, standing }: Unit): { text: string; grave: boolean } {
  const { t, formats, today } = speech;
  const { due, latest } = occurrence.window;
  if (occurrence.baseline) return { text: t('today.firstTime'), grave: false };
  switch (standing) {
    case 'lapsed':
      return { text: t('today.overdue', { for: formats.span(latest, today) }), grave: true };
    case 'late':
      return { text: t('today.wasDue', { due: dateText(speech, due) }), grave: true };
    case 'open':
    case 'ahead':
      return { text: t('today.due', { due: dateText(speech, due) }), grave: false };
  }
}
