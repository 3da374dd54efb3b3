import { useI18n } from 'vue-i18n';
import { ApiError } from '../device/errors.ts';
import type { NowRoute, WaitingRoute, Write } from '../device/writeRoutes.ts';
import type { Translate } from '../../locales/speech.ts';
import { useOutbox } from '../stores/outbox.ts';
import { waitsText } from './waitsText.ts';

/** The acts of a page on a home that write no entry: each act one request, through the outbox. */
export function useActs() {
  const outbox = useOutbox();
  const { t } = useI18n({ useScope: 'global' });
  const translate: Translate = (key, named = {}, plural = 1) => t(key, named, plural);

  /**
   * Sends an act. Answers with what is to be said of it besides: nothing where the server has taken it, else that it waits on this device
   * and why. Throws ApiError where it is refused: nothing is kept of it then but what is on screen.
   */
  async function act<R extends WaitingRoute>(write: Write<R>): Promise<string> {
    const outcome = await outbox.send(write);
    if (outcome.kind === 'refused') throw new ApiError(outcome.error, REFUSED);
    return waitsText(translate, outcome);
  }

  /** Sends an act that happens now or not at all. Throws as any request does. */
  const actNow = <R extends NowRoute>(write: Write<R>) => outbox.now(write);

  return { act, actNow };
}

/** A refusal of the outbox names its reason, and no status: it is one of the request's own. */
const REFUSED = 400;
