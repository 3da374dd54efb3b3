import { computed } from 'vue';
import { SYSTEM_ICONS } from '../../kit/icons.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { shortReasonText } from '../../../locales/shortReason.ts';
import { capital, dateText, type Speech } from '../../../locales/speech.ts';
import type { Line } from '../../parts/task/lines.ts';
import { dueText } from './dueText.ts';

interface Shown {
  readonly line: Line;
  readonly speech: Speech;
  /** The last day a task was done; undefined where it never was, or nobody knows. */
  readonly lastDone: (dutyId: string) => CivilDate | undefined;
}

/** The words and the icon of a line of Today: its title, where, when due, how long, why now, and when it was last done. */
export function useTaskText(props: Shown) {
  const t = computed(() => props.speech.t);
  const first = computed(() => props.line.units[0]);
  const title = computed(() => practiceTitle(props.speech, props.line.practice));
  const icon = computed(() => {
    const { practice } = props.line;
    const found = practice.from === 'catalogue' ? props.speech.find(practice.code) : undefined;
    return SYSTEM_ICONS[found?.system ?? 'household'];
  });
  const where = computed(() => {
    const [only] = props.line.units;
    if (props.line.units.length > 1 || !only) return '';
    // A name that says the room needs it no second time.
    const { place } = only;
    return place === null || only.asset.name.includes(place)
      ? only.asset.name
      : `${only.asset.name}, ${place}`;
  });
  const due = computed(() => (first.value ? dueText(props.speech, first.value) : { text: '', grave: false }));

  const minutes = computed(() =>
    props.line.minutes === null ? '' : t.value('today.minutes', { n: props.line.minutes }),
  );
  const because = computed(() =>
    first.value ? shortReasonText(props.speech, first.value.occurrence.reasons) : '',
  );
  const last = computed(() => {
    const on = first.value && props.lastDone(first.value.duty.id);
    return on === undefined ? null : dateText(props.speech, on);
  });
  /** Why now, and when it was last done, where the reason does not say it already. */
  const reason = computed(() => {
    const { missed, units } = props.line;
    return [
      capital(because.value),
      last.value === null || because.value.includes(last.value)
        ? ''
        : t.value('today.lastDone', { on: last.value }),
      units.some((unit) => unit.occurrence.asks === 'look') ? t.value('today.look') : '',
      missed === 0 ? '' : t.value('today.missed', { n: missed }, missed),
    ]
      .filter(Boolean)
      .join(' · ');
  });
  /** The same for a phone, where the reason is one tap away. */
  const short = computed(() =>
    [where.value, minutes.value, last.value === null ? '' : t.value('today.lastDone', { on: last.value })]
      .filter(Boolean)
      .join(' · '),
  );

  return { title, icon, where, due, minutes, reason, short };
}
