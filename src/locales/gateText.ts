import type { Gate } from '../core/practice/timing.ts';
import { assertNever } from '../core/basics/result.ts';
import { nameIn, type Speech } from './speech.ts';

/** When a gate is open, in a few words. */
export function gateName(speech: Speech, gate: Gate): string {
  const { t } = speech;
  switch (gate.kind) {
    case 'season':
      return t(`season.${gate.season}`);
    case 'trait':
      return t('gateText.trait', { trait: nameIn(speech, 'trait', gate.trait) });
    case 'state':
      return t(`gateText.state.${gate.standing}`, { state: nameIn(speech, 'state', gate.state) });
  }
  return assertNever(gate);
}
