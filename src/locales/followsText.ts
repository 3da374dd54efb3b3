import type { Written } from '../contract/written.ts';
import { shortReasonText } from './shortReason.ts';
import { sleepText } from './sleepText.ts';
import { capital, dateText, type Speech } from './speech.ts';

/** The next date of the tasks just logged, with its reason: the earliest of its dates; and how many others moved with it. */
export function followsText(speech: Speech, written: Written): string {
  const { t, formats, today } = speech;
  // Of terms taken for many tasks at once no single date is what follows.
  if (written.entries.length > 1 && written.entries.every(({ body }) => body.kind === 'terms')) return '';
  const { own, others } = rowsOf(written);
  const moved = others === 0 ? '' : ` ${t('today.othersMoved', { n: others }, others)}`;
  const next = nextOf(written);
  if (!next) {
    const sleep = own.map((row) => row.sleep).find((one) => one !== null);
    return `${sleep ? sleepText(speech, sleep) : t('today.nextNone')}${moved}`;
  }
  const { due } = next.window;
  const date = t('today.next', { due: dateText(speech, due), distance: formats.distance(today, due) });
  return `${date} ${capital(shortReasonText(speech, next.reasons))}.${moved}`;
}

/** The next date alone, for a line: nothing more is said where nothing is due. */
export function nextText(speech: Speech, written: Written): string {
  const next = nextOf(written);
  return next ? speech.t('today.nextShort', { due: dateText(speech, next.window.due) }) : '';
}

/** The earliest next time of the tasks written about. */
const nextOf = (written: Written) =>
  rowsOf(written)
    .own.flatMap(({ occurrence }) => (occurrence ? [occurrence] : []))
    .sort((a, b) => (a.window.due < b.window.due ? -1 : 1))[0];

/** The rows of the duties that were written about, and how many others changed with them. */
function rowsOf({ entries, rows }: Written) {
  const duties = new Set(entries.map(({ body }) => ('duty' in body ? body.duty : undefined)));
  const own = rows.filter(({ dutyId }) => duties.has(dutyId));
  return own.length === 0 ? { own: rows, others: 0 } : { own, others: rows.length - own.length };
}
