import { householdSchema, type Household } from '../../../core/house/household.ts';
import { skillSchema, type Skill } from '../../../core/practice/planning.ts';
import { currencyDigits } from '../../../locales/format.ts';
import type { UnitSystem } from '../../../core/basics/unitSystem.ts';

/** The form of a household as it stands while somebody fills it in. */
export interface HoursDraft {
  minutes: (number | null)[];
  /** Parts of the year: days as `YYYY-MM-DD`, of which month and day count. */
  weeks: { from: string; to: string; minutes: number | null }[];
  away: { from: string; to: string }[];
  anyDay: boolean;
  helper: number[];
  does: Record<Skill, '' | 'yes' | 'no'>;
  /** In the home's own degrees. */
  heat: number | null;
  quietFrom: string;
  quietTo: string;
  /** In whole units of the currency. */
  hourWorth: number | null;
}

interface HomeUnits {
  readonly units: UnitSystem;
  readonly currency: string;
}

const toHome = (celsius: number, { units }: HomeUnits): number =>
  units === 'us' ? Math.round((celsius * 9) / 5 + 32) : celsius;
const toCelsius = (degrees: number, { units }: HomeUnits): number =>
  units === 'us' ? Math.round((((degrees - 32) * 5) / 9) * 10) / 10 : degrees;

/** The form filled with how a household works. `year`: which a day of the year is shown in. */
export function draftOf(household: Household, home: HomeUnits, year: string): HoursDraft {
  const { does = {}, quiet, heat, hourWorth, helper } = household;
  return {
    minutes: [...household.minutes],
    weeks: (household.weeks ?? []).map(({ from, to, minutes }) => ({
      from: `${year}-${from}`,
      to: `${year}-${to}`,
      minutes,
    })),
    away: (household.away ?? []).map(({ from, to }) => ({ from, to })),
    anyDay: helper === undefined,
    helper: [...(helper ?? [])],
    does: Object.fromEntries(
      skillSchema.options.map((skill) => [
        skill,
        does[skill] === undefined ? '' : does[skill] ? 'yes' : 'no',
      ]),
    ) as HoursDraft['does'],
    heat: heat === undefined ? null : toHome(heat, home),
    quietFrom: quiet?.from ?? '',
    quietTo: quiet?.to ?? '',
    hourWorth: hourWorth === undefined ? null : hourWorth / 10 ** currencyDigits(home.currency),
  };
}

/** The household the form tells, or the field that is wrong. A line that was added and left empty says nothing. */
export function householdOf(
  draft: HoursDraft,
  home: HomeUnits,
): { readonly household: Household } | { readonly field: string } {
  const { weeks, away, anyDay, helper, quietFrom, quietTo, heat, hourWorth } = draft;
  const does = Object.entries(draft.does).flatMap(([skill, said]) =>
    said === '' ? [] : [[skill, said === 'yes']],
  );
  const parts = weeks.filter(({ from, to }) => from !== '' || to !== '');
  const days = away.filter(({ from, to }) => from !== '' || to !== '');
  const parsed = householdSchema.safeParse({
    minutes: draft.minutes.map((minutes) => minutes ?? 0),
    ...(parts.length > 0 && {
      weeks: parts.map(({ from, to, minutes }) => ({
        from: from.slice(5),
        to: to.slice(5),
        minutes: minutes ?? 0,
      })),
    }),
    ...(days.length > 0 && { away: days }),
    ...(!anyDay && { helper: [...helper].sort((a, b) => a - b) }),
    ...(does.length > 0 && { does: Object.fromEntries(does) as object }),
    ...(heat !== null && { heat: toCelsius(heat, home) }),
    ...((quietFrom !== '' || quietTo !== '') && { quiet: { from: quietFrom, to: quietTo } }),
    ...(hourWorth !== null && { hourWorth: Math.round(hourWorth * 10 ** currencyDigits(home.currency)) }),
  });
  if (parsed.success) return { household: parsed.data };
  const [first = ''] = parsed.error.issues[0]?.path ?? [];
  return { field: String(first) };
}
