import { HAZARDS } from '../core/catalogue/data/hazards.ts';
import type { Hazard } from '../core/practice/lists.ts';
import type { Step } from '../core/practice/practice.ts';
import { words, type Speech } from './speech.ts';

/** A step as it is read: where it belongs, what it says, and the cautions that stand before it. */
export interface StepInWords {
  readonly stage: string;
  readonly says: string;
  readonly cautions: readonly string[];
}

/** A caution with when to stop and call. */
export function cautionText(speech: Speech, hazard: Hazard): string {
  const { caution, stop } = HAZARDS[hazard];
  const said = words(speech, caution);
  return stop === null ? said : `${said} ${speech.t('practices.stop', { when: words(speech, stop) })}`;
}

export const stepInWords = (speech: Speech, { at, says, cautions }: Step): StepInWords => ({
  stage: at === 'work' ? '' : speech.t(`practices.stage.${at}`),
  says: words(speech, says),
  cautions: cautions.map((hazard) => cautionText(speech, hazard)),
});

export const stepsInWords = (speech: Speech, steps: readonly Step[]): StepInWords[] =>
  steps.map((step) => stepInWords(speech, step));
