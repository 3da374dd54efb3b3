import type { StopHelp } from '../core/runs/stopHelp.ts';
import { TRADE_NAMES } from './readings/outcomes.ts';
import { becauseText, followText, type ReadingSpeech } from './readings/readingText.ts';
import { capital, words } from './speech.ts';

/** A stop in words: why it is one, what to do now, and whom to call. */
export interface StopInWords {
  readonly why: readonly string[];
  readonly now: readonly string[];
  readonly call: readonly string[];
}

/** The words of a stop. Without anything better known it is switched off, and nobody uses it. */
export function stopInWords(speech: ReadingSpeech, help: StopHelp): StopInWords {
  const isCall = (follow: StopHelp['follows'][number]): boolean =>
    follow.kind === 'trade' || follow.kind === 'emergency';
  const steps = (help.response?.steps ?? [])
    .filter(({ at }) => at === 'first' || at === 'work')
    .slice(0, 3)
    .map(({ says }) => words(speech, says));
  const now = [
    ...help.follows.filter((follow) => !isCall(follow)).map((follow) => followText(speech, follow)),
    ...(help.says === null ? [] : [capital(words(speech, help.says))]),
    ...steps,
  ];
  return {
    why: help.why.map((because) => becauseText(speech, because)),
    now: now.length > 0 ? now : [speech.t('stop.leaveOff')],
    call: [
      ...help.follows.filter(isCall).map((follow) => followText(speech, follow)),
      ...(help.trade === null
        ? []
        : [speech.t('stop.call', { trade: TRADE_NAMES[help.trade] ?? help.trade })]),
    ],
  };
}
