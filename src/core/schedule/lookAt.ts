import type { DayNumber } from '../calendar/civilDate.ts';
import type { HomeSeasons } from '../climate/homeSeasons.ts';
import { OUTLOOK_DAYS } from '../climate/simulatedStation.ts';
import { lowsOf } from './replay/pull.ts';
import type { Weather } from '../climate/weather.ts';
import type { DutyReplay } from './replay/dutyReplay.ts';
import { countingRules } from '../practice/rule.ts';

/**
 * The day on which a pair whose state nobody knows asks to be looked at: the next listed date of either half, not moved by weather; the
 * same day where frost is to be expected and could do harm. `halves`: those not retired. Null where neither lists a date.
 */
export function lookAt(
  halves: readonly DutyReplay[],
  seasons: HomeSeasons,
  weather: Weather,
  today: DayNumber,
): DayNumber | null {
  if (halves.some((half) => couldHarm(half) && freezesAt(half, seasons, weather, today))) return today;
  const next = halves.flatMap((half) => half.listedAround(today).next ?? half.placed?.due ?? []);
  return next.length === 0 ? null : Math.max(today, Math.min(...next));
}

/** Frost can harm what is closed because of it: a closing counted from the freeze, or with a guard against it. */
function couldHarm({ history: { timing, segments } }: DutyReplay): boolean {
  if (timing.pair?.half !== 'closes') return false;
  if (timing.freezeGuard) return true;
  const rule = segments.at(-1)?.terms.rule;
  return (
    rule !== undefined &&
    countingRules(rule).some((part) => part.kind === 'season' && part.anchor === 'firstFreeze')
  );
}

/** From a closing's listed date to the last freeze, or a low at or below its threshold (0 °C unless it says another) ahead. */
function freezesAt(half: DutyReplay, seasons: HomeSeasons, weather: Weather, today: DayNumber): boolean {
  const { last } = half.listedAround(today);
  const thaw = last === null ? null : seasons.lastFreezeOnOrAfter(last);
  if (thaw !== null && today <= thaw) return true;
  const threshold = half.history.timing.freezeGuard?.atOrBelow ?? 0;
  const { byDay } = lowsOf(weather, today);
  return Array.from({ length: OUTLOOK_DAYS + 1 }, (_, ahead) => byDay.get(today + ahead)).some(
    (low) => low !== undefined && low <= threshold,
  );
}
