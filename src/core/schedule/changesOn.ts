import { toDay, type DayNumber } from '../calendar/civilDate.ts';
import { OUTLOOK_DAYS } from '../climate/simulatedStation.ts';
import { WEATHER_TRIGGERS, type Weather } from '../climate/weather.ts';
import { MOST_PULLED } from './replay/pull.ts';
import type { DutyReplay } from './replay/dutyReplay.ts';
import { countingRules, type Rule } from '../practice/rule.ts';

/** Duties that share their dates, with all that can make their answer change by itself. */
export interface ChangingUnit {
  readonly members: readonly DutyReplay[];
  readonly companions: readonly number[];
  /** When the trip it is handy to share carries it along. */
  readonly handyChange: DayNumber | null;
}

/**
 * For each unit the first later day on which its answer changes by itself, or infinity: when the window of a next date opens, its own,
 * a companion's or that of a duty that draws on the same supply; when an overdue companion carries it along; or when the
 * weather is told anew, or the frost that once opened a window is no longer told of. An almanac speaks anew each day, so what hangs on
 * it stands for one day.
 */
export function changeDays(units: readonly ChangingUnit[], weather: Weather, today: DayNumber): DayNumber[] {
  const own = units.map(({ members }) =>
    least([
      ...members.flatMap((member) => [member.changesOn(), weatherChange(member, weather, today)]),
      ...frostForgotten(members, weather, today),
    ]),
  );
  const withTrip = units.map(({ companions, handyChange }, index) =>
    least([own[index] ?? null, handyChange, ...companions.map((place) => own[place] ?? null)]),
  );
  const bySupply = new Map<string, DayNumber>();
  units.forEach((unit, index) => {
    for (const supply of suppliesOf(unit))
      bySupply.set(supply, least([bySupply.get(supply) ?? null, withTrip[index] ?? null]));
  });
  return units.map((unit, index) =>
    Math.max(
      today + 1,
      least([withTrip[index] ?? null, ...suppliesOf(unit).map((supply) => bySupply.get(supply) ?? null)]),
    ),
  );
}

const least = (days: readonly (DayNumber | null)[]): DayNumber =>
  days.reduce<DayNumber>((first, day) => Math.min(first, day ?? Infinity), Infinity);

const suppliesOf = ({ members }: ChangingUnit): string[] =>
  members.flatMap(({ history }) => (history.timing.needs ?? []).map(({ supply }) => supply));

/** A duty that waits for weather, or that a forecast within reach of its date may move, stands for the day. */
function weatherChange(
  { history, placed }: DutyReplay,
  weather: Weather,
  today: DayNumber,
): DayNumber | null {
  if (weather.outlook.length === 0 && weather.passed.length === 0) return null;
  if (history.segments.some(({ terms }) => waitsForWeather(terms.rule))) return today + 1;
  return history.timing.freezeGuard && placed ? placed.due - MOST_PULLED - OUTLOOK_DAYS : null;
}

/**
 * Work done early because frost stood in the outlook of its day is judged by the days passed, as far back as they are told. On what
 * days to come that outlook is forgotten, one day of it after the other.
 */
function frostForgotten(
  members: readonly DutyReplay[],
  { passed }: Weather,
  today: DayNumber,
): readonly DayNumber[] {
  const [first] = passed;
  if (!first || !members.some(({ history }) => history.timing.freezeGuard)) return [];
  const toldFor = today - toDay(first.date);
  return members.flatMap(({ history }) =>
    history.events.flatMap(({ event: { day } }) => {
      const begins = day + toldFor + 1;
      if (begins > today) return day <= today ? [begins] : [];
      return today < begins + OUTLOOK_DAYS ? [today + 1] : [];
    }),
  );
}

const waitsForWeather = (rule: Rule): boolean =>
  countingRules(rule).some(
    (part) =>
      part.kind === 'event' &&
      part.triggers.some((trigger) => (WEATHER_TRIGGERS as readonly string[]).includes(trigger)),
  );
