import { toCivilDate, toDay, type DayNumber } from '../../calendar/civilDate.ts';
import { figuresOf, type ClimatePlace } from '../../climate/climate.ts';
import type { Weather, WeatherDay } from '../../climate/weather.ts';
import { dailyFromMonthly, indexOf } from '../../climate/yearCurve.ts';
import type { WeatherLimit } from '../../practice/planning.ts';

/** High a ladder needs on its day, and as the mean of a week further off, °C. */
const LADDER_HIGH = 3;
const LADDER_USUAL_HIGH = 5;
/** Gust a ladder bears, m/s. */
const LADDER_GUST = 12;
/** Low that sealant, mortar and paint need to cure above, °C. */
const SEALANT_LOW = 5;
/** Low above which the ground is open, °C. */
const GROUND_LOW = 0;
/** Rain of a day that counts as dry, mm. */
const DRY = 0.5;

/** The weather that decides whether work may be done: the outlook day by day, and beyond it what is usual for the time of year. */
export class WeekWeather {
  private readonly outlook: ReadonlyMap<DayNumber, WeatherDay>;
  private readonly highs: readonly number[] | null;
  private readonly lows: readonly number[] | null;

  constructor(place: ClimatePlace, weather: Weather) {
    this.outlook = new Map(weather.outlook.map((day) => [toDay(day.date), day]));
    const figures = figuresOf(place);
    this.highs = figures && dailyFromMonthly(figures.high);
    this.lows = figures && dailyFromMonthly(figures.low);
  }

  /** Whether a day allows the work, as far as is known: by the outlook, else by what is usual then. */
  allows(day: DayNumber, limits: readonly WeatherLimit[]): boolean {
    const seen = this.outlook.get(day);
    return limits.every((limit) => (seen ? seenAllows(seen, limit) : this.usualAllows([day], limit)));
  }

  /** Whether some days of one week have one for the work: one of the outlook, or the others by their mean. */
  daysAllow(days: readonly DayNumber[], limits: readonly WeatherLimit[]): boolean {
    if (limits.length === 0) return true;
    const beyond = days.filter((day) => !this.outlook.has(day));
    return (
      days.some((day) => this.outlook.has(day) && this.allows(day, limits)) ||
      (beyond.length > 0 && limits.every((limit) => this.usualAllows(beyond, limit)))
    );
  }

  /** The usual high of some days, °C; below all heat where no climate is known. */
  usualHigh(days: readonly DayNumber[]): number {
    return mean(days, this.highs) ?? -Infinity;
  }

  private usualAllows(days: readonly DayNumber[], limit: WeatherLimit): boolean {
    switch (limit) {
      case 'ladder':
        return (mean(days, this.highs) ?? Infinity) >= LADDER_USUAL_HIGH;
      case 'sealant':
        return (mean(days, this.lows) ?? Infinity) > SEALANT_LOW;
      case 'ground':
        return (mean(days, this.lows) ?? Infinity) > GROUND_LOW;
      case 'dry':
        return true;
    }
  }
}

function seenAllows({ high, low, gust, rain }: WeatherDay, limit: WeatherLimit): boolean {
  const dry = (rain ?? 0) < DRY;
  switch (limit) {
    case 'ladder':
      return dry && (high ?? Infinity) >= LADDER_HIGH && (gust ?? 0) < LADDER_GUST;
    case 'sealant':
      return dry && (low ?? Infinity) > SEALANT_LOW;
    case 'ground':
      return (low ?? Infinity) > GROUND_LOW;
    case 'dry':
      return dry;
  }
}

/** The mean of some days by the curve of the year, °C; null where no climate is known. */
function mean(days: readonly DayNumber[], curve: readonly number[] | null): number | null {
  if (curve === null || days.length === 0) return null;
  const sum = days.reduce((all, day) => {
    const date = toCivilDate(day);
    return all + (curve[indexOf(Number(date.slice(5, 7)), Number(date.slice(8)))] ?? 0);
  }, 0);
  return sum / days.length;
}
