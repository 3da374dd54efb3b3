import type { CivilDate } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import type { Entry } from '../ledger/entry.ts';
import { PROJECTIONS } from './projections.ts';
import type { Verdict } from '../basics/verdict.ts';

/** One reading as it stands, with the verdict it got when it was read. */
export interface SeriesPoint {
  readonly entryId: string;
  readonly date: CivilDate;
  readonly value: number;
  readonly unit: string;
  readonly verdict: Verdict | null;
  readonly school: string | null;
}

/** All readings of one measure of one thing, and of what stood in its place before. */
export interface Series {
  readonly asset: string;
  readonly measure: string;
  /** The part of the thing they were read at; null: the whole of it. */
  readonly part: string | null;
  readonly points: readonly SeriesPoint[];
  /** Days on which it began anew, such as pump-outs. */
  readonly restarts: readonly CivilDate[];
}

/** Every series of a house, in the order of their dates. What was replaced keeps its readings: a restart stands between. */
export function seriesOf(house: House, entries: readonly Entry[], on: CivilDate): Series[] {
  const roots = rootsOf(house.assets);
  const rootOf = (asset: string): string => roots.get(asset) ?? asset;
  const standing = standingAsOf(entries, on);
  const series = new Map<
    string,
    { asset: string; measure: string; part: string | null; points: SeriesPoint[] }
  >();
  for (const { entry, date, body } of standing) {
    if (body.kind !== 'reading') continue;
    const asset = rootOf(body.asset);
    const part = body.part ?? null;
    const key = `${asset} ${body.measure} ${part ?? ''}`;
    const known = series.get(key) ?? { asset, measure: body.measure, part, points: [] };
    known.points.push({
      entryId: entry.id,
      date,
      value: body.value,
      unit: body.unit,
      verdict: body.judged?.verdict ?? null,
      school: body.judged?.school ?? null,
    });
    series.set(key, known);
  }
  return [...series.values()].map((one) => ({
    ...one,
    points: one.points.sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0)),
    restarts: restartsOf(one, house, standing, rootOf),
  }));
}

function restartsOf(
  { asset, measure }: { readonly asset: string; readonly measure: string },
  house: House,
  standing: ReturnType<typeof standingAsOf>,
  rootOf: (asset: string) => string,
): CivilDate[] {
  const practices = PROJECTIONS[measure]?.restarts ?? [];
  const duties = new Set(
    house.duties.flatMap(({ id, asset: of, practice }) =>
      rootOf(of) === asset && practice.from === 'catalogue' && practices.includes(practice.code) ? [id] : [],
    ),
  );
  return standing
    .flatMap(({ date, body }) => {
      if (body.kind === 'done' && duties.has(body.duty)) return [date];
      return body.kind === 'replaced' && rootOf(body.asset) === asset ? [date] : [];
    })
    .sort();
}
