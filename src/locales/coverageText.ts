import type { CoveredPlace } from '../core/house/alarmCoverage.ts';
import type { Space } from '../core/house/house.ts';
import type { Speech } from './speech.ts';

/** The name of a level of the house. */
export function storeyText({ t }: Pick<Speech, 't'>, storey: number): string {
  if (storey < 0) return t('storey.below');
  return storey === 0 ? t('storey.ground') : t('storey.up', { n: storey + 1 });
}

/** The place that should have an alarm, in words. */
export function coveragePlace(
  speech: Pick<Speech, 't'>,
  { space, storey, alarm }: CoveredPlace,
  spaces: readonly Space[],
): string {
  if (space !== null) return spaces.find(({ id }) => id === space)?.name ?? space;
  if (storey === null) return speech.t('coverage.anywhere');
  const level = storeyText(speech, storey);
  return alarm === 'smoke' ? speech.t('coverage.storeyPlace', { storey: level }) : level;
}
