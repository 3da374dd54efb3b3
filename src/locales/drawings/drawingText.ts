import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import type { Speech } from '../speech.ts';
import { wordsOf } from '../vocabulary.ts';
import { DRAWING_TEXTS } from './all.ts';

/**
 * The words of a drawing. `says`: one thing that matters. `shows`: the same as the picture, for whoever cannot see it. `labels`: by part,
 * a line break where a line ends. As in the catalogue, {outlet} is the thing by its name in the home, {1 in|25 mm} the figure in its units.
 */
export interface DrawingText {
  readonly title: string;
  readonly says: string;
  readonly shows: string;
  readonly labels: Readonly<Record<string, string>>;
}

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
