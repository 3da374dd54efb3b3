import { READINGS } from './all.ts';

/** A quantity measured or graded without a reading of its own, with the unit it is kept in (empty: a grade or a share). */
const PLAIN_MEASURES = {
  'run-hours': 'h',
  'flue-carbon-dioxide': '%',
  'salt-level': '%',
} as const;

/** A quantity measured or graded, with the unit it is kept in (empty: a grade or a share). */
export const MEASURES: Readonly<Record<string, string>> = {
  ...Object.fromEntries(
    READINGS.flatMap(({ recorded }) =>
      Object.entries(recorded?.measures ?? {}).map(([measure, { unit }]) => [measure, unit]),
    ),
  ),
  ...PLAIN_MEASURES,
};
