import { useI18n } from 'vue-i18n';
import type { ErrorBody } from '../../contract/errors.ts';
import { problemText } from '../../locales/problemText.ts';
import type { Translate } from '../../locales/speech.ts';
import { ApiError, NoConnection } from '../device/errors.ts';

/** An error as a sentence, and the field it belongs to. */
export interface Told {
  readonly text: string;
  readonly field: string;
}

/** Turns errors into what a person can do something with. */
export function useErrorText() {
  const { t } = useI18n({ useScope: 'global' });
  const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);

  function tellBody({ code, field = '', problem, logId }: ErrorBody): Told {
    if (code === 'invalid' && problem) return { text: problemText(translate, problem), field };
    const names = problem?.names?.join(', ') ?? '';
    return { text: translate(`error.${code}`, { ...problem, names, logId }), field };
  }

  function tell(error: unknown): Told {
    if (error instanceof ApiError) return tellBody(error.body);
    if (error instanceof NoConnection) return { text: translate('error.offline'), field: '' };
    // A fault of the page's own: the person is told, and whoever reads the console sees what it was.
    reportError(error);
    return { text: translate('error.unexpected'), field: '' };
  }

  return { tell, tellBody };
}
