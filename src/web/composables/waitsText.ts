import type { Translate } from '../../locales/speech.ts';
import type { Outcome } from '../stores/outbox.ts';
import type { WaitingRoute } from '../device/writeRoutes.ts';

/** Said after the sentence that something is saved: that it waits on this device and why; nothing where it does not. */
export const waitsText = (t: Translate, outcome: Outcome<WaitingRoute>): string =>
  outcome.kind === 'waiting' ? ` ${t(`shell.waits.${outcome.why}`)}` : '';
