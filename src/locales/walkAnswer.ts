import { assertNever } from '../core/basics/result.ts';
import type { Given } from '../core/walkthrough/given.ts';
import type { Answer, Question } from '../core/walkthrough/question.ts';
import type { Speech } from './speech.ts';
import { optionName, rememberedText } from './walkNames.ts';

/** The answer to a question of the walk, in a few words. */
export function walkAnswerText(speech: Speech, question: Question, answer: Answer, given: Given): string {
  const { t, formats } = speech;
  const unknown = t('walk.unknown');
  if (answer === null || answer === '') return unknown;
  switch (question.kind) {
    case 'yesNo':
      return t(answer === true ? 'factYes' : 'factNo');
    case 'choice':
      return optionName(speech, question, String(answer), given);
    case 'several': {
      const some = Array.isArray(answer) ? (answer as readonly string[]) : [];
      return some.length === 0
        ? t('walk.noneOfThem')
        : formats.list(some.map((option) => optionName(speech, question, option, given)));
    }
    case 'count':
      return formats.number(Number(answer));
    case 'lastDone':
      return answer === 'never' ? t('walk.when.never') : rememberedText(speech, String(answer));
    case 'country':
      return new Intl.DisplayNames([speech.wording.vocabulary], { type: 'region' }).of(String(answer)) ?? '';
    case 'made':
    case 'text':
      return String(answer);
  }
  return assertNever(question);
}
