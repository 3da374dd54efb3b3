import type { SeriesBody } from '../../../contract/schemas.ts';
import { toCivilDate, toDay, type CivilDate } from '../../../core/calendar/civilDate.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { projected, PROJECTIONS, type Projected } from '../../../core/readings/projections.ts';
import { bandOf, type Reading } from '../../../core/readings/reading.ts';
import { chartReading, RECORDED } from '../../../core/readings/recorded.ts';
import { stretches } from '../../../core/readings/scale.ts';
import { settledThen } from '../../../core/readings/settled.ts';
import type { Verdict } from '../../../core/basics/verdict.ts';
import { toDigits, convert, isUnit, unitIn, type UnitCode } from '../../../core/units/units.ts';

type Series = SeriesBody['series'][number];

/** A series with its band as it applied then, and where it goes, all in one unit. */
export interface DrawnSeries {
  readonly unit: string;
  readonly points: readonly {
    readonly date: CivilDate;
    readonly value: number;
    readonly verdict: Verdict | null;
  }[];
  readonly bands: readonly {
    readonly from: CivilDate;
    readonly to: CivilDate;
    readonly verdict: Verdict;
    readonly low: number | null;
    readonly high: number | null;
  }[];
  readonly school: string | null;
  readonly changes: number;
  readonly trend: readonly (readonly (readonly [CivilDate, number])[])[];
  readonly projected: Projected | null;
  readonly restarts: readonly CivilDate[];
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly low: number;
  readonly high: number;
}

/** Days shown past today where a line is carried forward, at most. */
const AHEAD_DAYS = 3 * 365;

/** The drawn points of a series, in the units of a home. */
export function drawSeries(
  series: Series,
  settled: SeriesBody['settled'],
  today: CivilDate,
  system: 'us' | 'metric',
): DrawnSeries {
  const code = chartReading(series.measure);
  const reading = code === null ? null : (readingOf(code) ?? null);
  const bandUnit = reading && isUnit(reading.bandUnit) ? reading.bandUnit : null;
  const unit = bandUnit === null ? (series.points[0]?.unit ?? '') : unitIn(bandUnit, system);
  const inBand = (value: number, from: string): number => valueIn(value, from, bandUnit);
  const show = (value: number): number =>
    bandUnit === null ? value : convert(value, bandUnit, unit as UnitCode);
  const raw = series.points.map((point) => ({ ...point, value: inBand(point.value, point.unit) }));
  const forward = projected(series.measure, raw, series.restarts, today);
  const from = series.points[0]?.date ?? today;
  const to = endOf(forward, today);
  const periods = reading ? periodsOf(reading, settled, from, to) : [];
  const bands = periods.flatMap(({ from: begins, to: ends, school }) =>
    reading === null
      ? []
      : stretches(bandOf(reading, school, settledThen(reading, settled, begins))).map(
          ({ verdict, over, under }) => ({
            from: begins,
            to: ends,
            verdict,
            low: over === null ? null : show(over),
            high: under === null ? null : show(under),
          }),
        ),
  );
  const points = raw.map(({ date, value, verdict }) => ({ date, value: show(value), verdict }));
  const trend = forward
    ? linesOf(forward, to).map((line) => line.map(([date, value]) => [date, show(value)] as const))
    : [];
  return {
    unit,
    points,
    bands,
    school: reading?.schools.find((one) => one === periods.at(-1)?.school) ?? null,
    changes: periods.length - 1,
    trend,
    projected: forward,
    restarts: series.restarts.filter((date) => date >= from),
    from,
    to,
    ...heightOf(points, bands, forward === null ? [] : [show(PROJECTIONS[series.measure]?.limit ?? 0)]),
  };
}

/** A value in the band's unit; a difference written as a temperature is the difference. */
function valueIn(value: number, from: string, to: UnitCode | null): number {
  if (to === null) return value;
  const named = to === 'dF' ? ({ F: 'dF', C: 'K' }[from] ?? from) : from;
  return isUnit(named) ? convert(value, named, to) : value;
}

const endOf = (forward: Projected | null, today: CivilDate): CivilDate => {
  const { expected } = forward?.reaches ?? { expected: null };
  if (expected === null) return today;
  return toCivilDate(Math.min(toDay(expected) + 30, toDay(today) + AHEAD_DAYS));
};

interface Period {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly school: string;
}

/** Which band applied when: a new period begins with each day on which the home settled something about the reading. */
function periodsOf(
  reading: Reading,
  settled: SeriesBody['settled'],
  from: CivilDate,
  to: CivilDate,
): Period[] {
  const fixed = RECORDED[reading.code]?.chart?.band ?? null;
  const own = settled.filter(({ trait }) => trait.split('.')[1] === reading.code);
  const starts = [from, ...new Set(own.map(({ date }) => date).filter((date) => date > from))];
  return starts.map((begins, place) => ({
    from: begins,
    to: starts[place + 1] ?? to,
    school: fixed ?? settledThen(reading, settled, begins).school ?? reading.schools[0] ?? '',
  }));
}

/** The line carried forward from its last reading, then its steepest and flattest. */
function linesOf({ line }: Projected, to: CivilDate): (readonly (readonly [CivilDate, number])[])[] {
  const days = toDay(to) - toDay(line.from);
  return [line.perDay, line.least, line.most].map((slope) => [
    [line.from, line.at] as const,
    [to, line.at + slope * days] as const,
  ]);
}

/** A step of 1, 2 or 5 times a power of ten, of which about five go into a span. */
function roundStep(span: number): number {
  const rough = span / 5;
  const power = 10 ** Math.floor(Math.log10(rough));
  return ([1, 2, 5].find((times) => times * power >= rough) ?? 10) * power;
}

/** The ends of the axis of values: round numbers with everything between them. */
function heightOf(
  points: DrawnSeries['points'],
  bands: DrawnSeries['bands'],
  limits: readonly number[],
): { low: number; high: number } {
  const edges = bands.flatMap(({ low, high }) => [low, high].filter((edge): edge is number => edge !== null));
  const values = [...points.map(({ value }) => value), ...edges, ...limits];
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const room = (high - low || Math.abs(high) || 1) * 0.12;
  const step = roundStep(high - low + 2 * room);
  // A measure that is never negative has no axis below nothing.
  const floor = low >= 0 ? Math.max(0, low - room) : low - room;
  return {
    low: toDigits(Math.floor(floor / step) * step, 6),
    high: toDigits(Math.ceil((high + room) / step) * step, 6),
  };
}
