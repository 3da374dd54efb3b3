import { assertNever } from '../../core/basics/result.ts';
import type { FillSource } from '../../core/readings/fill/known.ts';
import { dateText } from '../speech.ts';
import type { ReadingSpeech } from './readingText.ts';

/** Where something that stands in a field already comes from. */
export function filledText(
  speech: ReadingSpeech,
  from: FillSource,
  nameOf: (asset: string) => string,
): string {
  const { t } = speech;
  switch (from.kind) {
    case 'fact':
      return t('filled.fact', { name: nameOf(from.asset) });
    case 'home':
      return t('filled.home');
    case 'record':
      return t('filled.record', { on: dateText(speech, from.date) });
    case 'forecast':
      return t('filled.forecast');
    case 'work':
      return t('filled.work');
    default:
      return assertNever(from);
  }
}
