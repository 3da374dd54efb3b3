import type { AnchorKey } from '../core/climate/anchor.ts';
import { capital, type Speech } from './speech.ts';

/** The name of a season date; a freeze says at which risk. */
export function seasonName({ t }: Pick<Speech, 't'>, key: AnchorKey): string {
  const risk = /^(firstFreeze|lastFreeze)(50|90)?$/.exec(key);
  if (!risk) return capital(t(`anchor.${key}`));
  return capital(t('rule.season.risk', { anchor: t(`anchor.${risk[1] ?? key}`), risk: risk[2] ?? '10' }));
}
