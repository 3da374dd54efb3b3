import { civilFromDays, daysFromCivil, toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { Answers } from './question.ts';

/** Quarters of a year, by the month (1 to 12) in the middle of each in the north. */
const MIDDLES = { winter: 1, spring: 4, summer: 7, autumn: 10 } as const;
export type Quarter = keyof typeof MIDDLES;
export const QUARTERS = Object.keys(MIDDLES) as readonly Quarter[];

/** Quarters offered back from today: three years, then years alone. */
const QUARTERS_BACK = 12;
const YEARS_BACK = 8;

/** When something was last done, as it is remembered: a quarter (`2025-autumn`), a year (`2021`), or `never`. */
const REMEMBERED = /^(\d{4})(?:-(winter|spring|summer|autumn))?$/;

type Hemisphere = 'north' | 'south';

/** The middle of what is remembered, never after today; null for never, and for what is no such answer. */
export function lastDoneDay(answer: string, hemisphere: Hemisphere, today: CivilDate): CivilDate | null {
  const match = REMEMBERED.exec(answer);
  if (!match) return null;
  const year = Number(match[1]);
  const quarter = match[2] as Quarter | undefined;
  const day = quarter === undefined ? daysFromCivil(year, 7, 1) : middleOf(year, quarter, hemisphere);
  return toCivilDate(Math.min(day, toDay(today)));
}

/** Whether an answer is one of those. */
export const isRemembered = (answer: string): boolean => answer === 'never' || REMEMBERED.test(answer);

/** The answers to choose from, the latest first: quarters of the last three years, then years. */
export function rememberedOptions(hemisphere: Hemisphere, today: CivilDate): string[] {
  const now = toDay(today);
  const { year } = civilFromDays(now);
  const quarters = Array.from({ length: 5 }, (_, back) => year + 1 - back)
    .flatMap((each) =>
      QUARTERS.map((quarter) => ({ each, quarter, day: middleOf(each, quarter, hemisphere) })),
    )
    .filter(({ day }) => day - HALF_A_QUARTER <= now)
    .sort((a, b) => b.day - a.day)
    .slice(0, QUARTERS_BACK);
  const oldest = Math.min(...quarters.map(({ each }) => each));
  return [
    ...quarters.map(({ each, quarter }) => `${each}-${quarter}`),
    ...Array.from({ length: YEARS_BACK }, (_, back) => String(oldest - 1 - back)),
  ];
}

const HALF_A_QUARTER = 45;

/** The 15th of the middle month; in the south the quarters are half a year apart from the north's. */
function middleOf(year: number, quarter: Quarter, hemisphere: Hemisphere): number {
  const month = MIDDLES[quarter];
  const own = hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
  return daysFromCivil(year, own, 15);
}

/** The work that each question about the last time asks of. */
const ASKED_OF: Readonly<Record<string, readonly string[]>> = {
  'last-heating': ['heating-service-visit', 'furnace-annual-tune-up', 'oil-boiler-annual-service'],
  'last-cooling': ['cooling-service-visit'],
  'last-filters': ['air-filter-panel-replace', 'air-filter-media-replace', 'air-filter-washable-clean'],
  'last-batteries': ['smoke-alarm-battery-swap'],
  'last-chimney': ['chimney-inspect-and-sweep'],
  'last-gutters': ['gutter-clean'],
  'last-flush': ['tank-heater-flush', 'tankless-heater-flush'],
  'last-dryer-vent': ['dryer-vent-clean'],
  'last-pump-out': ['aerobic-pump-out'],
};

/** When work was last done, by practice, as far as the walk was told. */
export function rememberedWork(
  answers: Answers,
  hemisphere: Hemisphere,
  today: CivilDate,
): ReadonlyMap<string, CivilDate> {
  const known = new Map<string, CivilDate>();
  for (const [code, practices] of Object.entries(ASKED_OF)) {
    const answer = answers[code];
    const day = typeof answer === 'string' ? lastDoneDay(answer, hemisphere, today) : null;
    if (day !== null) for (const practice of practices) known.set(practice, day);
  }
  return known;
}
