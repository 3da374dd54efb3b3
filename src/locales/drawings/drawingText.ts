import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import type { Speech } from '../speech.ts';
import { wordsOf } from '../vocabulary.ts';
import { DRAWING_TEXTS } from './all.ts';
import type { DrawingText } from './text.ts';

/** The words of a drawing in the words and units of a home. */
export function drawingText(name: DrawingName, wording: Speech['wording']): DrawingText {
  const { title, says, shows, labels } = DRAWING_TEXTS[name];
  const say = (text: string): string => wordsOf(text, wording);
  return {
    title: say(title),
    says: say(says),
    shows: say(shows),
    labels: Object.fromEntries(Object.entries(labels).map(([part, text]) => [part, say(text)])),
  };
}
