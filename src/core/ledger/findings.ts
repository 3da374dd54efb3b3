import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { applyCorrections } from './corrections.ts';
import type { Entry } from './entry.ts';

/** Something found that is not yet put right: work of its own with a due date, until an entry closes it. */
export interface OpenFinding {
  readonly entryId: string;
  readonly asset: string;
  readonly what: string;
  readonly verdict: 'watch' | 'act' | 'stop';
  readonly found: CivilDate;
  readonly due: CivilDate;
  readonly place: string | null;
  readonly photo: string | null;
  readonly note: string | null;
}

const SEVERITY = { stop: 0, act: 1, watch: 2 } as const;

/** What was found and not yet closed up to a day: stops first, then by the day it is due. A look's own finding is answered by its duty. */
export function openFindings(entries: readonly Entry[], on: CivilDate): OpenFinding[] {
  const standing = applyCorrections(entries).filter(({ voidedBy, date }) => voidedBy === null && date <= on);
  const closed = new Set(
    standing.flatMap(({ body }) => (body.kind === 'findingClosed' ? [body.finding] : [])),
  );
  return standing
    .flatMap(({ entry, date, body }): OpenFinding[] => {
      if (body.kind !== 'finding' || body.days === undefined || closed.has(entry.id)) return [];
      const { verdict } = body;
      if (verdict === undefined || verdict === 'sound') return [];
      return [
        {
          entryId: entry.id,
          asset: body.asset,
          what: body.what,
          verdict,
          found: date,
          due: toCivilDate(toDay(date) + body.days),
          place: body.place ?? null,
          photo: body.photo ?? null,
          note: body.note ?? null,
        },
      ];
    })
    .sort(
      (a, b) => SEVERITY[a.verdict] - SEVERITY[b.verdict] || (a.due < b.due ? -1 : a.due > b.due ? 1 : 0),
    );
}
