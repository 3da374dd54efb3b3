import type { EntryBody } from '../core/ledger/entry.ts';
import { readingOf } from '../core/readings/all.ts';
import { bandOf } from '../core/readings/reading.ts';
import { chartReading, RECORDED } from '../core/readings/recorded.ts';
import { gradeAt } from '../core/readings/scale.ts';

interface Reading {
  readonly daysBefore: number;
  readonly body: Extract<EntryBody, { kind: 'reading' }>;
}

type Reads = (asset: string, times: number, random: () => number) => Reading[];

const reading = (asset: string, measure: string, value: number, unit: string, daysBefore = 0): Reading => ({
  daysBefore,
  body: { kind: 'reading', asset, measure, value, unit, ...judgedAs(measure, value) },
});

/** The verdict such a value got, by the usual band of its measure. */
function judgedAs(measure: string, value: number): Pick<Reading['body'], 'judged'> {
  const code = chartReading(measure);
  const judge = code === null ? undefined : readingOf(code);
  if (!judge) return {};
  const school = RECORDED[judge.code]?.chart?.band ?? judge.schools[0] ?? '';
  const { verdict, days } = gradeAt(bandOf(judge, school), value);
  const own = judge.schools.includes(school) && { school };
  return { judged: { reading: judge.code, verdict, ...own, ...(days !== undefined && { days }) } };
}

const near = (middle: number, spread: number, random: () => number): number =>
  Math.round((middle + (random() - 0.5) * 2 * spread) * 10) / 10;

/** Grades a household gives a filter before it changes it: seldom as bad as it fears. */
const GRADES = [0.5, 0.75, 0.75, 1] as const;
const filterGrade: Reads = (asset, _times, random) =>
  random() < 0.6
    ? [reading(asset, 'filter-grade', GRADES[Math.floor(random() * GRADES.length)] ?? 0.75, 'grade', 2)]
    : [];

/** Readings taken when some work is done, by practice; `times`: how often it was done before. */
export const READINGS: Readonly<Record<string, Reads>> = {
  'air-filter-panel-replace': filterGrade,
  'air-filter-media-replace': filterGrade,
  'ac-temperature-split-test': (asset, times, random) => [
    reading(asset, 'temperature-split', near(19.4 - times * 1.1, 0.6, random), 'dF'),
  ],
  'humidity-read-and-adjust': (asset, _times, random) => [
    reading(asset, 'indoor-humidity', Math.round(near(34, 6, random)), '%'),
  ],
  'water-heater-temperature-set': (asset, _times, random) => [
    reading(asset, 'tap-temperature', Math.round(near(122, 4, random)), 'F'),
  ],
  'aerobic-layer-measure': (asset, times, random) => [
    reading(asset, 'sludge-depth', near(5 + times * 2.5, 0.4, random), 'in'),
    reading(asset, 'scum-depth', near(2 + times * 0.8, 0.3, random), 'in'),
  ],
  'aerobic-timer-check': (asset, _times, random) => [
    reading(asset, 'blower-minutes', Math.round(near(9, 1, random)), 'min'),
  ],
  'foundation-crack-watch': (asset, times, random) => [
    reading(asset, 'crack-width', Math.round(near(0.4 + times * 0.07, 0.02, random) * 100) / 100, 'mm'),
  ],
  'softener-salt-top-up': (asset, _times, random) => [
    reading(asset, 'salt-level', Math.round(near(45, 20, random)), '%'),
  ],
};
