import { assertNever } from '../core/basics/result.ts';
import type { Sleep } from '../core/schedule/reason.ts';
import { gateName } from './gateText.ts';
import { dateText, nameIn, type Speech } from './speech.ts';

/** Why nothing of a duty is due, as a sentence. */
export function sleepText(speech: Speech, sleep: Sleep): string {
  const { t, formats } = speech;
  switch (sleep.kind) {
    case 'season':
      return t(`sleep.season.${sleep.basis}`, { anchor: t(`anchor.${sleep.anchor}`) });
    case 'gate':
      return t(sleep.gate.kind === 'season' ? 'sleep.gate' : 'sleep.gateHeld', {
        gate: gateName(speech, sleep.gate),
      });
    case 'state':
      return t(`sleep.state.${sleep.standing}`, {
        state: nameIn(speech, 'state', sleep.state),
        since: dateText(speech, sleep.since),
      });
    case 'trigger': {
      const names = sleep.triggers.map((code) => nameIn(speech, 'trigger', code));
      return t('sleep.trigger', { triggers: formats.list(names) });
    }
    case 'meter':
      return t('sleep.meter', { meter: nameIn(speech, 'measure', sleep.meter), limit: sleep.limit });
    case 'paused':
      return t('sleep.paused', { since: dateText(speech, sleep.since) });
    case 'tooLate':
      return t('sleep.tooLate');
    case 'beyond':
      return t('sleep.beyond');
    case 'ended':
      return t('sleep.ended');
  }
  return assertNever(sleep);
}
